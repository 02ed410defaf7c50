import type { Figures, PieceContext } from '../../context/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom, type Verdict } from '../../reckoning/index.ts';
import { BAKE } from '../figures.ts';
import { isOpen, type LoadWindow, type PartWindow } from '../window/index.ts';
import { placeOf, wholeMinutes } from './judgeLoad.ts';
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

/** The ends of a window as those of a figure; none where it is not open. */
function rangeOf(window: Pick<PartWindow, 'fromMin' | 'toMin'>): {
  readonly low?: number;
  readonly high?: number;
} {
  const [low, high] = wholeMinutes(window);
  return low !== null && isOpen(window) ? { low, high } : {};
}

/** Where a dial or minutes were typed: at the bake, or for all bakes. */
function entryOf(step: string, typed: 'here' | 'all' | null, field: 'dialC' | 'holdMin'): string[] {
  return typed === 'here' ? ['route', 'steps', step, field] : ['oven', field];
}

/** The dial of one load; that it was never measured is said once, at the first. */
function reckonDial(
  { own }: PieceContext,
  { id, dialC, dialBy, oven, typed }: PlannedLoad,
  step: string,
  title: string,
  isFirst: boolean,
  find: Figures['find'],
): Reckoning[] {
  const wanted = find(dialBy, 'bake.temperature');
  if (!wanted) return [];
  const error = sourced('oven.dial-error', own);
  return [
    figure(BAKE.dial, {
      at: id,
      part: null,
      title: `Dial, ${title}`,
      value: dialC,
      ...(typed.dial !== null
        ? {
            formula: 'D = e, beside T and o',
            terms: [
              {
                symbol: 'e',
                name: 'Dial',
                quantity: { value: dialC, unit: '°C' },
                origin: { kind: 'entry', path: entryOf(step, typed.dial, 'dialC') },
              } satisfies Term,
              termFrom('T', wanted),
              error.term('o'),
            ],
          }
        : { formula: 'D = T − o', terms: [termFrom('T', wanted), error.term('o')] }),
      ...(isFirst && !oven.isMeasured && { verdict: UNMEASURED }),
    }),
  ];
}

const UNMEASURED: Verdict = {
  level: 'doubtful',
  wording: 'state',
  says: 'this oven’s dial has not been measured; dials are often 15 °C off',
  waysOut: [{ says: 'hang a thermometer in it and enter how much hotter it is than the dial' }],
};

function titleOf({ number, title, loads }: PlannedBake, load: PlannedLoad): string {
  return loads.length === 1 ? `${number}. ${title}` : `${number}. ${title}, load ${load.number}`;
}

/** The minutes of one load, with the window they lie in. */
function reckonLoad({ own }: PieceContext, bake: PlannedBake, load: PlannedLoad, nameOf: NameOf): Reckoning {
  const { way } = bake;
  const { id, window, minutes, isEntered, verdict } = load;
  const { fromMin, toMin, slowest, quickest } = window;
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
            origin: { kind: 'entry', path: entryOf(bake.step, load.typed.minutes, 'holdMin') },
          } satisfies Term,
          ...ends,
        ],
      }
    : window.isOpen
      ? worked(window, way === 'set' ? null : margin, ends)
      : { formula: 'h = where the harm is least: f against l', terms: ends };
  return figure(BAKE.load, {
    at: id,
    part: null,
    title: titleOf(bake, load),
    value: minutes,
    ...rangeOf(window),
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

/** Dial and minutes of every load of every bake. */
export function reckonPlan(
  context: PieceContext,
  bakes: readonly PlannedBake[],
  nameOf: NameOf,
  find: Figures['find'],
): Reckoning[] {
  const first = bakes.find(({ loads }) => loads.length > 0)?.loads[0];
  return bakes.flatMap((bake) => [
    ...bake.loads.flatMap((load) => [
      ...reckonDial(context, load, bake.step, titleOf(bake, load), load === first, find),
      reckonLoad(context, bake, load, nameOf),
    ]),
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
  return figure(BAKE.minutes, {
    part,
    value: load.minutes,
    ...(own && rangeOf(own)),
    formula: 'h = L',
    terms: [termFrom('L', figureOfLoad)],
    note: 'From door shut to door open, in the load that cures it; its own window beside it.',
    ...(figureOfLoad.verdict && { verdict: figureOfLoad.verdict }),
  });
}
