import { type FlatPiece, nestOnSheets } from '../../bulk/index.ts';

/** A thing to be baked: its footprint as it is put down, and what its clays want. */
export interface LoadItem {
  readonly id: string;
  readonly name: string;
  readonly widthMm: number;
  readonly depthMm: number;
  readonly lowC: number;
  readonly highC: number;
  /** Wanted from door shut to door open, min. */
  readonly minutes: number;
  /** The window of minutes that does it good; absent where there is none, and then it goes with anything. */
  readonly window?: { readonly fromMin: number; readonly toMin: number };
}

/** The floor of an oven that can be used. */
export interface OvenFloor {
  readonly widthMm: number;
  readonly depthMm: number;
  /** Kept free between things, for the air. */
  readonly gapMm: number;
}

/** A thing in its place: its lower left corner on the floor, and its sides as it stands. */
export interface PlacedItem {
  readonly item: LoadItem;
  readonly at: readonly [number, number];
  readonly widthMm: number;
  readonly depthMm: number;
}

/** One filling of the oven. */
export interface OvenLoad {
  readonly placed: readonly PlacedItem[];
  /** The window that everything in it shares. */
  readonly lowC: number;
  readonly highC: number;
  /** The longest that anything in it wants. */
  readonly minutes: number;
}

/** How things go into the oven, in as few fillings as are found. */
export interface LoadPlan {
  readonly loads: readonly OvenLoad[];
  /** Too large for the floor by themselves. */
  readonly left: readonly LoadItem[];
  /** Fewer than this there cannot be. */
  readonly atLeast: number;
}

/** So many things are looked through whole. */
const EXACT = 8;

const flat = ({ id, widthMm: w, depthMm: d }: LoadItem): FlatPiece => ({
  name: id,
  edges: '',
  outline: [
    [
      [
        [0, 0],
        [w, 0],
        [w, d],
        [0, d],
      ],
    ],
  ],
});

/** Whether there is a minute that does all of them good; what has no such minute by itself is no hindrance. */
function doWindowsMeet(items: readonly LoadItem[]): boolean {
  const windows = items.flatMap(({ window }) => window ?? []);
  return (
    Math.max(0, ...windows.map(({ fromMin }) => fromMin)) <=
    Math.min(Number.MAX_VALUE, ...windows.map(({ toMin }) => toMin))
  );
}

/** Things together on one floor, if their windows meet and there is room. */
function loadOf(items: readonly LoadItem[], floor: OvenFloor): OvenLoad | null {
  const lowC = Math.max(...items.map((item) => item.lowC));
  const highC = Math.min(...items.map((item) => item.highC));
  if (lowC > highC || !doWindowsMeet(items)) return null;
  const area = items.reduce((sum, item) => sum + item.widthMm * item.depthMm, 0);
  if (area > floor.widthMm * floor.depthMm) return null;
  const { sheets, tooLarge } = nestOnSheets(items.map(flat), floor.widthMm, floor.depthMm, floor.gapMm);
  const [sheet, ...more] = sheets;
  if (!sheet || more.length > 0 || tooLarge.length > 0) return null;
  const byId = new Map(items.map((item) => [item.id, item]));
  return {
    placed: sheet.placed.flatMap(({ piece, at, widthMm, heightMm }): PlacedItem[] => {
      const item = byId.get(piece.name);
      return item ? [{ item, at, widthMm, depthMm: heightMm }] : [];
    }),
    lowC,
    highC,
    minutes: Math.max(...items.map(({ minutes }) => minutes)),
  };
}

/** Oven minutes of loads together. */
const minutesOf = (loads: readonly OvenLoad[]) => loads.reduce((sum, { minutes }) => sum + minutes, 0);

function isBetter(a: readonly OvenLoad[], b: readonly OvenLoad[] | null): boolean {
  return b === null || a.length < b.length || (a.length === b.length && minutesOf(a) < minutesOf(b) - 1e-9);
}

/** Every way of sharing things out, those that cannot get better left off. */
function exactLoads(items: readonly LoadItem[], floor: OvenFloor): OvenLoad[] {
  let best: OvenLoad[] | null = null;
  const put = (k: number, open: readonly OvenLoad[]): void => {
    if (best && open.length > best.length) return;
    const item = items[k];
    if (!item) {
      if (isBetter(open, best)) best = [...open];
      return;
    }
    open.forEach((load, i) => {
      const with_ = loadOf([...load.placed.map((one) => one.item), item], floor);
      if (with_)
        put(
          k + 1,
          open.map((one, j) => (j === i ? with_ : one)),
        );
    });
    const alone = loadOf([item], floor);
    if (alone) put(k + 1, [...open, alone]);
  };
  put(0, []);
  return best ?? [];
}

/** The largest first, each into the first load that takes it; the longest bakes are brought together. */
function quickLoads(items: readonly LoadItem[], floor: OvenFloor): OvenLoad[] {
  const orders = [
    (a: LoadItem, b: LoadItem) => b.widthMm * b.depthMm - a.widthMm * a.depthMm,
    (a: LoadItem, b: LoadItem) => b.minutes - a.minutes || b.widthMm * b.depthMm - a.widthMm * a.depthMm,
    (a: LoadItem, b: LoadItem) => a.lowC - b.lowC || b.widthMm * b.depthMm - a.widthMm * a.depthMm,
  ];
  let best: OvenLoad[] | null = null;
  for (const order of orders) {
    const loads: OvenLoad[] = [];
    for (const item of [...items].sort(order)) {
      const found = loads.findIndex((load, i) => {
        const with_ = loadOf([...load.placed.map((one) => one.item), item], floor);
        if (with_) loads[i] = with_;
        return with_ !== null;
      });
      const alone = found < 0 ? loadOf([item], floor) : null;
      if (alone) loads.push(alone);
    }
    if (isBetter(loads, best)) best = loads;
  }
  return best ?? [];
}

/** Temperatures that every window holds one of, the fewest (each by the lowest top that is left). */
function fewestHeats(items: readonly LoadItem[]): number {
  let [heats, at] = [0, Number.NEGATIVE_INFINITY];
  for (const { lowC, highC } of [...items].sort((a, b) => a.highC - b.highC))
    if (lowC > at) {
      heats += 1;
      at = highC;
    }
  return heats;
}

/**
 * Shares things out over as few fillings of the oven as are found, then as few minutes: windows must meet, footprints must
 * lie clear of one another. Up to eight things every way is looked at; beyond that the best of three orders, with a bound.
 *
 * @throws {RangeError} for a floor of no size
 */
export function planLoads(items: readonly LoadItem[], floor: OvenFloor): LoadPlan {
  const fits = items.filter((item) => loadOf([item], floor) !== null);
  const left = items.filter((item) => !fits.includes(item));
  const area = fits.reduce((sum, item) => sum + item.widthMm * item.depthMm, 0);
  const atLeast = Math.max(
    fewestHeats(fits),
    Math.ceil(area / (floor.widthMm * floor.depthMm) - 1e-9),
    fits.length > 0 ? 1 : 0,
  );
  const quick = quickLoads(fits, floor);
  const loads =
    fits.length <= EXACT && (quick.length > atLeast || fits.length <= 6) ? exactLoads(fits, floor) : quick;
  return { loads: isBetter(loads, quick) ? loads : quick, left, atLeast };
}
