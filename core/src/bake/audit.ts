import type { PartBulk } from '../bulk/index.ts';
import { CORES, type StuffId, stuffRow } from '../handbook/index.ts';
import type { Fit, Part, Piece } from '../piece/index.ts';
import { type Level, type Reckoning, reckoning, sourced, termFrom, type WayOut } from '../reckoning/index.ts';
import type { PartContext } from '../whole/context.ts';

/** One thing that goes into the oven with a part, and how it bears that. */
export interface AuditItem {
  readonly level: Level;
  readonly what: string;
  readonly says: string;
  readonly waysOut: readonly WayOut[];
}

/** Fits that put one thing on another for good, so that both go into the oven. */
const JOINED: readonly Fit['kind'][] = ['pegged-into', 'goes-into', 'covers', 'held-by', 'rides'];

/** Parts not of clay that hang on a part or are joined to it. */
function attached(part: Part, piece: Piece): Part[] {
  const joined = piece.fits
    .filter(({ kind }) => JOINED.includes(kind))
    // What goes into, onto or under a part is joined to it; what a part itself is only put into is not.
    .flatMap(({ kind, part: a, on: b }) =>
      b === part.id ? [a] : a === part.id && kind === 'pegged-into' ? [b] : [],
    );
  return piece.parts.filter(
    (one) => one.mix.length === 0 && (one.parent === part.id || joined.includes(one.id)),
  );
}

/** How a stuff bears a heat. */
function judgeStuff(what: string, id: StuffId, peakC: number, waysOut: readonly WayOut[]): AuditItem {
  const { title, bears, fromC, says } = stuffRow(id);
  const from = fromC === null ? '' : ` from about ${fromC} °C`;
  if (bears === 'yes' || (fromC !== null && fromC > peakC))
    return { level: 'good', what, says: `${title}: ${says}`, waysOut: [] };
  return { level: bears === 'no' ? 'stop' : 'doubtful', what, says: `${title}: ${says}${from}`, waysOut };
}

function auditAttached(part: Part, peakC: number): AuditItem {
  const after: WayOut = {
    says: `put ${part.name} on after the bake`,
    change: { path: ['parts', part.id, 'afterBake'], value: true },
  };
  if (part.afterBake) return { level: 'good', what: part.name, says: 'goes on after the bake', waysOut: [] };
  if (part.stuff === null)
    return {
      level: 'doubtful',
      what: part.name,
      says: 'what it is made of is not said',
      waysOut: [{ says: 'choose it at Bake' }, after],
    };
  return judgeStuff(part.name, part.stuff, peakC, [after]);
}

function auditInserts(part: Part, peakC: number): AuditItem[] {
  return part.inserts.map((insert): AuditItem => {
    const { name, stuff, afterBake, removable } = insert;
    const change = {
      path: ['parts', part.id, 'inserts'],
      value: part.inserts.map((one) => (one.id === insert.id ? { ...one, afterBake: true } : one)),
    };
    const after: WayOut = { says: `let ${name} in after the bake, round a dummy of card till then`, change };
    if (afterBake) return { level: 'good', what: name, says: 'is let in after the bake', waysOut: [] };
    if (stuff === null)
      return {
        level: 'doubtful',
        what: name,
        says: 'what it is made of is not said',
        waysOut: [{ says: 'choose it at Bulk, under what is let in' }, after],
      };
    const judged = judgeStuff(name, stuff, peakC, [after]);
    return judged.level !== 'good' && removable
      ? { ...judged, waysOut: [{ says: `take ${name} out before the bake`, change }] }
      : judged;
  });
}

/** Cores that may hold water, and clay thin enough to brown early. */
function auditClay(context: PartContext, bulk: PartBulk): AuditItem[] {
  const { part, own } = context;
  const core = CORES.find(({ id }) => id === bulk.kind);
  const wet: AuditItem[] =
    core && ['wood', 'card', 'fibre', 'air-dry'].includes(core.id)
      ? [
          {
            level: 'doubtful',
            what: `${core.title} core`,
            says: core.heed,
            waysOut: [
              { says: 'weigh it, warm it, weigh it again: it is dry when it loses nothing more' },
              { says: 'or take foil', change: { path: ['parts', part.id, 'core', 'kind'], value: 'foil' } },
            ],
          },
        ]
      : [];
  const thin = sourced('bake.thin', own).value;
  const thickest = bulk.thickest.quantity.value;
  const browns: AuditItem[] =
    thickest < thin
      ? [
          {
            level: 'doubtful',
            what: part.name,
            says: `thin all over (${thickest.toFixed(1)} mm): it browns early`,
            waysOut: [{ says: 'tent it with foil, in the middle of the oven' }],
          },
        ]
      : [];
  return [...wet, ...browns];
}

/** Everything that would go into the oven with a part as it stands, the worst first. */
export function auditPart(context: PartContext, bulk: PartBulk, peakC: number): AuditItem[] {
  const { part, piece } = context;
  const rank: Readonly<Record<Level, number>> = { stop: 0, doubtful: 1, good: 2 };
  return [
    ...attached(part, piece).map((one) => auditAttached(one, peakC)),
    ...auditInserts(part, peakC),
    ...auditClay(context, bulk),
  ].sort((a, b) => rank[a.level] - rank[b.level]);
}

/** The audit of a part as a figure: how many things must not go in as it stands; none where nothing is to be said. */
export function reckonAudit(context: PartContext, bulk: PartBulk, temperature: Reckoning): Reckoning[] {
  const swing = sourced('oven.swing', context.own);
  const peak = (temperature.quantity.high ?? temperature.quantity.value) + swing.value;
  const items = auditPart(context, bulk, peak);
  const [worst] = items;
  if (!worst) return [];
  const of = (level: Level) => items.filter((item) => item.level === level);
  const others = of(worst.level).length - 1;
  return [
    reckoning({
      key: 'bake.audit',
      part: context.part.id,
      lens: 'bake',
      title: 'Must not go into the oven with it',
      quantity: { value: of('stop').length, unit: 'count' },
      formula: 'a = things that do not bear T + w',
      terms: [termFrom('T', temperature), swing.term('w')],
      verdict: {
        level: worst.level,
        wording: 'state',
        says:
          worst.level === 'good'
            ? 'all that goes in bears it'
            : `${worst.what}: ${worst.says}${others > 0 ? `, and ${others} more` : ''}`,
        waysOut: worst.waysOut,
      },
    }),
  ];
}
