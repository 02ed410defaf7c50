import type { BulkFacts } from '../../bulk/index.ts';
import type { PartFacts } from '../../context/index.ts';
import { CORES, type StuffId } from '../../handbook/index.ts';
import type { RouteStep } from '../../piece/index.ts';
import {
  figure,
  type Level,
  type OfferedChange,
  type Reckoning,
  sourced,
  type Term,
  termFrom,
  type WayOut,
} from '../../reckoning/index.ts';
import {
  aidSpan,
  aidStuff,
  type BakeState,
  moveStep,
  type PartInOven,
  type RouteReckoned,
} from '../../route/index.ts';
import { BAKE } from '../figures.ts';
import type { BakeOfPart } from '../plan/index.ts';
import { bearsOven } from '../stuffInOven.ts';
import { curedInMould } from '../time/index.ts';

/** One thing that goes into the oven with a part, and how it bears that. */
export interface AuditItem {
  readonly level: Level;
  readonly what: string;
  readonly says: string;
  readonly waysOut: readonly WayOut[];
}

/** What is looked at before one bake of a part. */
export interface AuditAsk {
  readonly context: PartFacts;
  readonly bulk: BulkFacts;
  readonly bake: BakeState;
  readonly inOven: PartInOven;
  readonly route: RouteReckoned;
  /** Hottest the oven gets, its swing counted in, °C. */
  readonly peakC: number;
  /** Whether it stands by itself; null where that is not known. */
  readonly stands: boolean | null;
}

/** How a stuff bears a heat. */
function judgeStuff(what: string, id: StuffId, ask: AuditAsk, waysOut: readonly WayOut[]): AuditItem {
  const isKnown = ask.context.piece.brief.schools.superglue === 'knowingly';
  const { level, says } = bearsOven(id, ask.peakC, isKnown);
  return { level, what, says, waysOut: level === 'good' ? [] : waysOut };
}

/** The route with a step put behind the last bake of the part and what cools it. */
function behindLastBake({ route, context }: AuditAsk, step: RouteStep): OfferedChange {
  const { steps } = route.route;
  const isOfIt = ({ kind, parts, way }: RouteStep) =>
    (kind === 'cool' || (kind === 'bake' && way !== 'ahead')) &&
    (parts.length === 0 || parts.includes(context.part.id));
  const last = steps.findLastIndex(isOfIt);
  const coats = steps.findLastIndex(
    ({ kind, parts }) => (kind === 'seal' || kind === 'coat') && parts.includes(context.part.id),
  );
  return { path: ['route'], value: moveStep(route.route, step.id, Math.max(last, coats)) };
}

/** Ways to have a thing put on after the bakes: in the maker’s route by moving its step, else by what the route follows from. */
function laterWays(ask: AuditAsk, step: RouteStep, name: string): WayOut[] {
  const { context, route } = ask;
  const says =
    step.thing === '' ? `move “${step.title}” behind the last bake` : `put ${name} on after the bake`;
  if (route.isOwn || step.thing === '') return [{ says, change: behindLastBake(ask, step) }];
  const insert = context.part.inserts.find(({ id }) => id === step.thing);
  if (insert) {
    const value = context.part.inserts.map((one) => (one === insert ? { ...one, afterBake: true } : one));
    return [
      {
        says: insert.removable
          ? `take ${name} out before the bake`
          : `let ${name} in after the bake, round a dummy of card till then`,
        change: { path: ['parts', context.part.id, 'inserts'], value },
      },
    ];
  }
  return [{ says, change: { path: ['parts', step.thing, 'afterBake'], value: true } }];
}

/** Something a step has put on or in by then. */
function auditOn(step: RouteStep, ask: AuditAsk): AuditItem {
  const { piece, part } = ask.context;
  const insert = part.inserts.find(({ id }) => id === step.thing);
  const thing = piece.parts.find(({ id }) => id === step.thing);
  const name = insert?.name ?? thing?.name ?? step.title;
  const stuff = step.leaves ?? insert?.stuff ?? thing?.stuff ?? null;
  const ways = laterWays(ask, step, name);
  if (stuff !== null) return judgeStuff(name, stuff, ask, ways);
  if (thing && thing.mix.length > 0)
    return { level: 'good', what: name, says: 'clay, baked with it', waysOut: [] };
  return {
    level: 'doubtful',
    what: name,
    says: 'what it is made of is not said',
    waysOut: [{ says: insert ? 'choose it at Bulk, under what is let in' : 'choose it at Bake' }, ...ways],
  };
}

/** What helps for a while and is still on in this bake. */
function auditAids(ask: AuditAsk): AuditItem[] {
  const { bake, context, route } = ask;
  const { steps } = route.route;
  return context.piece.aids
    .filter(({ parts }) => parts.length === 0 || parts.includes(context.part.id))
    .filter((aid) => {
      const [from, to] = aidSpan(aid, steps);
      return bake.at >= from && bake.at < to;
    })
    .map((aid) =>
      judgeStuff(aid.name, aidStuff(aid), ask, [
        {
          says: `take ${aid.name} off before this bake`,
          change: { path: ['aids', aid.id, 'off'], value: bake.step.id },
        },
      ]),
    );
}

/** What comes on only after this bake; a pin that ought to have been in before it. */
function auditLater({ context, bake, route }: AuditAsk): AuditItem[] {
  const { part, piece } = context;
  return (route.puts.get(part.id) ?? []).flatMap(({ step, at }): AuditItem[] => {
    if (at <= bake.at) return [];
    const insert = part.inserts.find(({ id }) => id === step.thing);
    const name = insert?.name ?? piece.parts.find(({ id }) => id === step.thing)?.name ?? step.title;
    if (insert?.stuff === 'wire')
      return [
        {
          level: 'doubtful',
          what: name,
          says: 'a pin or peg cannot be pushed into baked clay',
          waysOut: [
            {
              says: `let ${name} in before the bake`,
              change: route.isOwn
                ? { path: ['route'], value: moveStep(route.route, step.id, bake.at) }
                : {
                    path: ['parts', part.id, 'inserts'],
                    value: part.inserts.map((one) => (one === insert ? { ...one, afterBake: false } : one)),
                  },
            },
            { says: 'drill for it when it is cold' },
          ],
        },
      ];
    const open = insert ? '; its hole must stay open, round a dummy of card' : '';
    return [{ level: 'good', what: name, says: `goes on after the bake${open}`, waysOut: [] }];
  });
}

/** Cores that may hold water, clay thin enough to brown early, clay that is not there yet, a thing with nothing to rest on. */
function auditClay({ context, bulk, inOven, bake, route, stands }: AuditAsk): AuditItem[] {
  const { part, own, piece } = context;
  const items: AuditItem[] = [];
  const core = CORES.find(({ id }) => id === bulk.kind);
  if (inOven.regions?.length === 0)
    items.push({
      level: 'stop',
      what: part.name,
      says: `no clay is on it yet at ${bake.step.title}`,
      waysOut: [
        {
          says: 'leave it out of this bake',
          change: {
            path: ['route'],
            value: {
              ...route.route,
              steps: route.route.steps.flatMap((step) => {
                if (step.id !== bake.step.id) return [step];
                const parts = step.parts.filter((id) => id !== part.id);
                return parts.length === 0 ? [] : [{ ...step, parts, own: true }];
              }),
            },
          },
        },
      ],
    });
  if (core && ['wood', 'card', 'fibre', 'air-dry'].includes(core.id))
    items.push({
      level: 'doubtful',
      what: `${core.title} core`,
      says: core.heed,
      waysOut: [
        { says: 'weigh it, warm it, weigh it again: it is dry when it loses nothing more' },
        { says: 'take foil', change: { path: ['parts', part.id, 'core', 'kind'], value: 'foil' } },
      ],
    });
  const thickest = bulk.thickest.quantity.value;
  if (thickest < sourced('bake.thin', own).value && piece.oven.air !== 'tent')
    items.push({
      level: 'doubtful',
      what: part.name,
      says: `thin all over (${thickest.toFixed(1)} mm): it browns early`,
      waysOut: [
        { says: 'tent it with foil', change: { path: ['oven', 'air'], value: 'tent' } },
        { says: 'stand it in the middle of the oven, and look at it early' },
      ],
    });
  if (stands === false && !inOven.isPegged)
    items.push({
      level: 'doubtful',
      what: part.name,
      says: 'does not stand by itself, and no peg holds it',
      waysOut: [{ says: 'lay it on a pad of fibre, or stand its wire in a block that bears the heat' }],
    });
  return items;
}

/** A mould that goes in with its cast: the heat it is used at, against that of the load. */
function auditMould({ context, peakC }: AuditAsk): AuditItem[] {
  const { part, piece, own } = context;
  if (!part.mould?.bakedIn || part.mould.casts !== 'clay' || part.mould.of === 'foil') return [];
  const { mouldC, mouldHighC, isEnough, says } = curedInMould(part, piece, own);
  const what = `mould of ${part.name}`;
  if (peakC <= mouldHighC && isEnough) return [{ level: 'good', what, says, waysOut: [] }];
  return [
    {
      level: 'doubtful',
      what,
      says: peakC > mouldHighC ? `this oven comes to ${peakC.toFixed(0)} °C; ${says}` : says,
      waysOut: [
        {
          says: 'take the cast out raw, and bake it bare',
          change: { path: ['parts', part.id, 'mould', 'bakedIn'], value: false },
        },
        { says: `firm it in the mould at ${mouldC} °C, in a load of its own, and bake it bare after that` },
      ],
    },
  ];
}

const RANK: Readonly<Record<Level, number>> = { stop: 0, doubtful: 1, good: 2 };

/** Everything that would go into the oven with a part at one bake, the worst first. */
export function auditPart(ask: AuditAsk): AuditItem[] {
  return [
    ...ask.inOven.on.map((step) => auditOn(step, ask)),
    ...auditAids(ask),
    ...auditLater(ask),
    ...auditClay(ask),
    ...auditMould(ask),
  ].sort((a, b) => RANK[a.level] - RANK[b.level]);
}

/** One bake of a part with what was found before it. */
export interface BakeAudit {
  readonly bake: BakeState;
  readonly items: readonly AuditItem[];
}

/** Every bake a part goes through, each with its audit. */
export function auditsOf(ask: Omit<AuditAsk, 'bake' | 'inOven'>, bakes: readonly BakeOfPart[]): BakeAudit[] {
  return bakes.map(({ bake, inOven }) => ({ bake, items: auditPart({ ...ask, bake, inOven }) }));
}

/** The audit of a part as a figure: how many things must not go in as it stands, or are to be looked at; none where nothing is to be said. */
export function reckonAudit(
  { part, own }: PartFacts,
  temperature: Reckoning,
  audits: readonly BakeAudit[],
): Reckoning[] {
  const swing: Term = sourced('oven.swing', own).term('w');
  const seen = new Set<string>();
  // The same thing is said once, though it goes through several bakes.
  const items = audits
    .flatMap(({ items: found }) => found)
    .filter(({ what, says }) => !seen.has(`${what} ${says}`) && seen.add(`${what} ${says}`))
    .sort((a, b) => RANK[a.level] - RANK[b.level]);
  const [worst] = items;
  if (!worst) return [];
  const of = (level: Level) => items.filter((item) => item.level === level);
  const others = of(worst.level).length - 1;
  return [
    figure(BAKE.audit, {
      part: part.id,
      value: of('stop').length + of('doubtful').length,
      terms: [termFrom('T', temperature), swing],
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
