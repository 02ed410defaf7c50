import type { BulkFacts } from '../../bulk/index.ts';
import type { PartFacts } from '../../context/index.ts';
import {
  figure,
  type Reckoning,
  type ShownFigure,
  sourced,
  type Term,
  termFrom,
  type Verdict,
  type WayOut,
} from '../../reckoning/index.ts';
import type { Overhang } from '../../solid/index.ts';
import { DOCTOR } from '../figures.ts';

/** What is known of a part besides its clay. */
export interface DeformAsk {
  readonly context: PartFacts;
  readonly bulk: BulkFacts;
  /** Miniature mm, as it stands. */
  readonly overhang: Overhang;
  /** Whether a wire runs in it, and whether it stands by itself. */
  readonly hasWire: boolean;
  readonly stands: boolean | null;
  /** A figure of the part. */
  readonly find: (key: string) => ShownFigure | undefined;
}

const good = (says: string): Verdict => ({ level: 'good', wording: 'state', says, waysOut: [] });
const doubtful = (says: string, waysOut: readonly WayOut[]): Verdict => ({
  level: 'doubtful',
  wording: 'state',
  says,
  waysOut,
});

function shapeTerm(symbol: string, name: string, value: number, says: string): Term {
  return { symbol, name, quantity: { value, unit: 'mm' }, origin: { kind: 'shape', says } };
}

/** How far it reaches out over nothing, against what raw clay bears. */
function reckonOverhang({ context, bulk, overhang, hasWire, stands, find }: DeformAsk): Reckoning {
  const { own, part } = context;
  const isHeld = hasWire || bulk.kind !== null;
  const bears = sourced(isHeld ? 'deform.bears' : 'deform.bare', own);
  const limit = bears.value * bulk.thickest.quantity.value;
  const ways: WayOut[] = [
    { says: 'put a form under it: about 8 layers of foil, taken out when it is baked' },
    { says: 'bake it lying on a pad', change: { path: ['oven', 'under'], value: 'pad' } },
    ...(isHeld ? [] : [{ says: 'run a wire through it at Bones' }]),
  ];
  const over = overhang.reach - limit;
  const sag = hasWire ? find('bones.sag') : undefined;
  const verdict: Verdict = heldByWire(sag, ways) ?? liesOnPad(context, stands) ?? ownStrength();
  function ownStrength(): Verdict {
    return over > limit
      ? {
          level: 'stop',
          wording: 'state',
          says: 'an arch or an arm that long sinks in the heat with nothing under it',
          margin: { value: -over, unit: 'mm' },
          waysOut: ways,
        }
      : over > 0
        ? { ...doubtful('it may sink in the heat', ways), margin: { value: -over, unit: 'mm' } }
        : overhang.hangs && !isHeld
          ? doubtful('some of it hangs in the air, with no wire in it', ways)
          : good('it bears itself');
  }
  return figure(DOCTOR.overhang, {
    part: part.id,
    value: overhang.reach,
    terms: [
      shapeTerm('o', 'Longest overhang as it stands', overhang.reach, 'taken off the solid, layer by layer'),
      bears.term('n'),
      termFrom('t', bulk.thickest),
    ],
    ...(sag && {
      note: `Its wire gives ${sag.quantity.value.toFixed(1)} mm at the worst tip, raw and in the oven.`,
    }),
    verdict,
  });
}

/** Hot clay bears nothing: a limb with a wire in it sinks as far as it sags raw; null where no wire runs out into one. */
function heldByWire(sag: ShownFigure | undefined, ways: readonly WayOut[]): Verdict | null {
  if (!sag?.verdict) return null;
  const mm = `${sag.quantity.value.toFixed(1)} mm`;
  if (sag.verdict.level === 'good') return good(`its wire holds it: it sinks ${mm} at the most`);
  return {
    level: sag.verdict.level,
    wording: 'state',
    says: `hot clay bears nothing, and its wire gives ${mm}`,
    waysOut: [{ says: 'take a stouter wire at Bones' }, ...ways],
  };
}

/** What lies on a pad reaches out over nothing. */
function liesOnPad({ piece }: PartFacts, stands: boolean | null): Verdict | null {
  return piece.oven.under === 'pad' && stands === false ? good('it lies on its pad') : null;
}

/** How much solid clay bulges, to be allowed for. */
function reckonBulge({ context, bulk }: DeformAsk): Reckoning {
  const { own, part } = context;
  const [share, limit, least] = [
    sourced('deform.bulge', own),
    sourced('bulk.limit', own),
    sourced('size.tolerance-least', own),
  ];
  const value = (share.value / 100) * bulk.thickest.quantity.value;
  return figure(DOCTOR.bulge, {
    part: part.id,
    value,
    terms: [share.term('p'), termFrom('t', bulk.thickest), least.term('v')],
    verdict:
      value <= least.value
        ? good('not to be seen')
        : doubtful(
            bulk.thickest.quantity.value > limit.value
              ? 'thick solid clay swells and settles'
              : 'to be seen: leave it that much under size',
            [{ says: 'give it a core at Bulk' }, { says: 'leave the thick place under size' }],
          ),
  });
}

/** The gap between parts that are baked apart. */
function reckonSeam({ context, bulk, find }: DeformAsk): Reckoning[] {
  const { own, part, piece } = context;
  const longest = ['size.height', 'size.width', 'size.depth']
    .flatMap((key) => find(key) ?? [])
    .reduce<ShownFigure | null>((a, b) => (a && a.quantity.value >= b.quantity.value ? a : b), null);
  const joins = piece.fits.some(
    ({ part: a, on: b, kind }) => (a === part.id || b === part.id) && kind !== 'beside',
  );
  if (!longest || !joins) return [];
  const isDry = piece.clays.some(
    ({ id, family }) => family === 'air-dry' && bulk.uses.some(({ clay }) => clay.id === id),
  );
  const shrink = sourced(isDry ? 'deform.shrink-dry' : 'deform.shrink', own);
  const { low = shrink.value, high = shrink.value } = shrink.term('s').quantity;
  const at = (share: number) => (share / 100) * longest.quantity.value;
  const tight = sourced('fit.tight', own);
  return [
    figure(DOCTOR.seam, {
      part: part.id,
      value: at(shrink.value),
      low: at(low),
      high: at(high),
      terms: [shrink.term('s'), termFrom('L', longest), tight.term('c')],
      verdict:
        at(high) <= tight.value
          ? good('closed by glue')
          : doubtful('to be seen where parts meet', [
              { says: 'bake what meets together' },
              { says: 'fill the seam with liquid clay, or epoxy putty when it is cold' },
            ]),
    }),
  ];
}

/** What it weighs where it lies. */
function reckonDent({ context, bulk, stands }: DeformAsk): Reckoning[] {
  const { own, part, piece } = context;
  if (stands !== false) return [];
  const most = sourced('deform.pad', own);
  const grams =
    bulk.uses.reduce((sum, { volumeMm3, densityGCm3 }) => sum + (volumeMm3 * densityGCm3) / 1000, 0) +
    bulk.coreG;
  const term: Term = {
    symbol: 'm',
    name: 'Clay and core of one',
    quantity: { value: grams, unit: 'g' },
    origin: { kind: 'shape', says: 'clay of its regions and its core' },
  };
  return [
    figure(DOCTOR.dent, {
      part: part.id,
      value: grams,
      terms: [term, most.term('q')],
      verdict:
        grams <= most.value || piece.oven.under === 'pad'
          ? good(piece.oven.under === 'pad' ? 'on a pad' : 'too light to dent itself')
          : doubtful('heavy enough to dent where it lies, on a wire or a rack most of all', [
              { says: 'lay it on a pad of fibre', change: { path: ['oven', 'under'], value: 'pad' } },
              { says: 'hang it by its wire in a jig' },
            ]),
    }),
  ];
}

/** How a part moves in the heat: overhangs, bulges, gaps and dents, each with what helps. */
export function reckonDeform(ask: DeformAsk): Reckoning[] {
  return [reckonOverhang(ask), reckonBulge(ask), ...reckonSeam(ask), ...reckonDent(ask)];
}
