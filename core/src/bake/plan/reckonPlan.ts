import type { PieceContext } from '../../context/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom } from '../../reckoning/index.ts';
import { BAKE } from '../figures.ts';
import type { LoadWindow } from '../window/index.ts';
import { placeOf } from './judgeLoad.ts';
import type { PlannedBake, PlannedLoad } from './planBakes.ts';

const seen = (symbol: string, name: string, value: number): Term => ({
  symbol,
  name,
  quantity: { value, unit: 'min' },
  origin: {
    kind: 'shape',
    says: 'worked through on the true solids, at the ends of what is known of the oven',
  },
});

/** How the minutes follow from the window: a margin into it, or its end where whole minutes leave no more. */
function worked(
  { fromMin, toMin, adviseMin }: LoadWindow,
  margin: ReturnType<typeof sourced> | null,
  ends: readonly Term[],
): Pick<Reckoning, 'formula' | 'terms'> {
  const from = fromMin ?? 0;
  const wanted = margin ? Math.min(from * (1 + margin.value / 100), (from + toMin) / 2) : from;
  if (margin && Math.round(wanted) === adviseMin)
    return {
      formula: 'h = round(min(f × (1 + m ÷ 100), (f + l) ÷ 2))',
      terms: [...ends, margin.term('m')],
    };
  return { formula: adviseMin >= wanted ? 'h = ⌈f⌉, beside l' : 'h = ⌊l⌋, beside f', terms: ends };
}

type NameOf = (part: string) => string;

/** The minutes of one load, with the window they lie in. */
function reckonLoad(
  { own }: PieceContext,
  { title, number, way }: PlannedBake,
  { id, number: load, window, minutes, isEntered, verdict }: PlannedLoad,
  isOne: boolean,
  nameOf: NameOf,
): Reckoning {
  const { fromMin, toMin, isOpen, slowest, quickest } = window;
  const margin = sourced('heat.margin', own);
  const ends = [
    ...(fromMin === null
      ? []
      : [
          seen(
            'f',
            `${way === 'set' ? 'Firm enough last' : 'Cured last'}: ${placeOf(nameOf, slowest, slowest.slowest)}`,
            fromMin,
          ),
        ]),
    seen('l', `Browns first: ${placeOf(nameOf, quickest, quickest.quickest)}`, toMin),
  ];
  const formulas = isEntered
    ? {
        formula: 'h = e, beside f and l',
        terms: [
          {
            symbol: 'e',
            name: 'Minutes in it',
            quantity: { value: minutes, unit: 'min' },
            origin: { kind: 'entry', path: ['oven', 'holdMin'] },
          } satisfies Term,
          ...ends,
        ],
      }
    : isOpen
      ? worked(window, way === 'set' ? null : margin, ends)
      : { formula: 'h = where the harm is least: f against l', terms: ends };
  return figure(BAKE.load, {
    at: id,
    part: null,
    title: isOne ? `${number}. ${title}` : `${number}. ${title}, load ${load}`,
    value: minutes,
    ...(isOpen && fromMin !== null && { low: Math.ceil(fromMin), high: Math.floor(toMin) }),
    ...formulas,
    note: 'From door shut to door open.',
    verdict,
  });
}

function reckonAhead({ own }: PieceContext, { step, number, title, aheadMin }: PlannedBake): Reckoning[] {
  if (aheadMin === null) return [];
  return [
    figure(BAKE.load, {
      at: `${step}.1`,
      part: null,
      title: `${number}. ${title}`,
      value: aheadMin,
      formula: 'h = b',
      terms: [sourced('bake.least', own).term('b')],
      note: 'Small parts by themselves: look early, they are done first.',
    }),
  ];
}

/** The minutes of every load of every bake. */
export function reckonPlan(
  context: PieceContext,
  bakes: readonly PlannedBake[],
  nameOf: NameOf,
): Reckoning[] {
  return bakes.flatMap((bake) => [
    ...bake.loads.map((load) => reckonLoad(context, bake, load, bake.loads.length === 1, nameOf)),
    ...reckonAhead(context, bake),
  ]);
}

/** The last load that a part is in: the one that cures it. */
export function lastLoadOf(bakes: readonly PlannedBake[], part: string): PlannedLoad | null {
  return (
    bakes.flatMap(({ loads }) => loads).findLast(({ parts }) => parts.some((one) => one.part === part)) ??
    null
  );
}

/** The minutes of a part: those of the load that cures it, which it shares. */
export function reckonPartMinutes(part: string, load: PlannedLoad, figureOfLoad: Reckoning): Reckoning {
  const own = load.parts.find((one) => one.part === part);
  const from = own?.fromMin ?? null;
  return figure(BAKE.minutes, {
    part,
    value: load.minutes,
    ...(own && from !== null && from <= own.toMin && { low: Math.ceil(from), high: Math.floor(own.toMin) }),
    formula: 'h = L',
    terms: [termFrom('L', figureOfLoad)],
    note: 'From door shut to door open, in the load that cures it; its own window beside it.',
    ...(figureOfLoad.verdict && { verdict: figureOfLoad.verdict }),
  });
}
