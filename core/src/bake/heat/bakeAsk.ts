import { type BulkFacts, coreAskOf, coreDensity, coreKindOf } from '../../bulk/index.ts';
import type { PartFacts } from '../../context/index.ts';
import { type CoreAsk, coreField, deepGrid, type Shape, scaledAsk } from '../../form/index.ts';
import type { CoreKind } from '../../handbook/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { cellInBox, distancesInside, type Grid } from '../../solid/index.ts';
import { mixWindow } from '../time/index.ts';
import { type HeatBody, heatBody, type Stuff } from './body.ts';
import { type MouldRound, mouldDistances, mouldRoundOf, withRoom } from './inMould.ts';
import { type OvenRun, ovenRates } from './oven.ts';
import type { CureRules } from './simulate.ts';

/** How the maker bakes: what the air does, what is under it. */
export interface BakeWay {
  readonly air: 'still' | 'fan' | 'tent';
  readonly under: 'rack' | 'tile' | 'pad';
  readonly preheated: boolean;
  readonly cooling: OvenRun['cooling'];
  /** What the dial is set to, °C. */
  readonly dialC: number;
  /** Null holds it until it is cured. */
  readonly holdMin: number | null;
}

/** A part to be baked; plain data, fit to be sent to a worker. */
export interface BakeAsk {
  /** Part’s frame ÷ miniature. */
  readonly shrink: number;
  /** Edge of a cell, miniature mm. */
  readonly cellMm: number;
  /** Miniature mm; null without a core. */
  readonly core: CoreAsk | null;
  readonly clay: Stuff;
  readonly coreStuff: Stuff | null;
  /** The mould it is baked in; null for one that is baked bare. */
  readonly mould: MouldRound | null;
  readonly film: number;
  readonly under: number | null;
  readonly oven: OvenRun;
  readonly rules: CureRules;
  readonly marginShare: number;
  /** Regions that have their clay by then; null for all. */
  readonly regions: readonly string[] | null;
  /** Clay of the surface by region that goes on after this bake, miniature mm. */
  readonly later: CoreAsk['later'];
}

/** How finely a solid is looked at. */
export interface Fineness {
  /** Cells across the clay over a core, and across the thickest of a solid form. */
  readonly skin: number;
  readonly solid: number;
  /** Most cells of clay that are followed. */
  readonly most: number;
}

const CLOSE: Fineness = { skin: 4, solid: 12, most: 150_000 };
/** Finer than this nothing is looked at, mm, but what is itself no thicker than a few of them. */
const LEAST_CELL = 0.15;
const FEWEST_ACROSS = 3;
/** Most cells of the box round a part. */
const MOST_IN_BOX = 3_000_000;

/** A number of nature that may be small but never nothing: with none of it no heat would move at all. */
const some = (value: number, least: number) => Math.max(least, value);
const [LEAST_K, LEAST_C, LEAST_RHO, LEAST_FILM] = [1e-4, 1, 1, 0.01];

/** How a kind of core takes and leads heat. */
function coreStuffOf(context: PartFacts, kind: CoreKind): Stuff {
  const own = (row: string) => sourced(row, context.own).value;
  const of = (row: string) => some(own(row), row.endsWith('-k') ? LEAST_K : LEAST_C);
  const rho = some(coreDensity(context, kind) * 1000, LEAST_RHO);
  switch (kind) {
    case 'foil':
    case 'coil':
      return { k: of('heat.foil-k'), rho, c: of('heat.foil-c') };
    case 'wood':
    case 'card':
      return { k: of('heat.wood-k'), rho, c: of('heat.wood-c') };
    case 'fibre':
      return { k: of('heat.fibre-k'), rho, c: of('heat.wood-c') };
    case 'air-dry':
      return { k: of('heat.dry-clay-k'), rho, c: of('heat.dry-clay-c') };
  }
}

/** Edge of a cell: so many across the thinnest clay that matters, as far as there may be so many cells. */
function cellFor(
  { shape, shrink }: PartFacts,
  core: CoreAsk | null,
  mould: MouldRound | null,
  clayMm3: number,
  { skin, solid, most }: Fineness,
): number {
  const through = shape.thickest.diameterMm / shrink / solid;
  const wanted = core ? Math.min(through, core.skinMm / skin) : through;
  const least = Math.min(LEAST_CELL, shape.thickest.diameterMm / shrink / FEWEST_ACROSS);
  // However thin its clay, what is wide has a grid of its whole box, its mould counted in.
  const wall = mould?.wallMm ?? 0;
  const [low, high] = [shape.box.min, shape.box.max].map((corner, side) =>
    [0, 1, 2].map((k) => (corner[k] ?? 0) / shrink + (side === 0 ? -wall : wall)),
  );
  const [a = 0, b = 0, c = 0] = [0, 1, 2].map((k) => (high?.[k] ?? 0) - (low?.[k] ?? 0));
  const held = cellInBox([0, 0, 0], [a, b, c], MOST_IN_BOX);
  return Math.max(least, wanted, Math.cbrt((mould ? a * b * c : clayMm3) / most), held);
}

/**
 * What is asked of the bake of a part; null when nothing in it is baked.
 *
 * @param way how the maker bakes
 * @param coarser cells so many times as large, for a look while something is changed
 */
export function bakeAsk(
  context: PartFacts,
  bulk: BulkFacts,
  way: BakeWay,
  coarser = 1,
  fineness = CLOSE,
): BakeAsk | null {
  const { piece, own, shrink } = context;
  const ids = new Set(bulk.uses.map(({ clay }) => clay.id));
  const window = mixWindow(piece.clays.filter(({ id }) => ids.has(id)));
  if (!window) return null;
  const of = (row: string) => sourced(row, own).value;
  const grams = bulk.uses.reduce((sum, use) => sum + use.volumeMm3 * use.densityGCm3, 0);
  const mm3 = bulk.uses.reduce((sum, use) => sum + use.volumeMm3, 0);
  const core = bulk.kind ? coreAskOf(context) : null;
  const kind = coreKindOf(context);
  const clay: Stuff = {
    k: some(of('heat.clay-k'), LEAST_K),
    rho: some((1000 * grams) / Math.max(1e-9, mm3), LEAST_RHO),
    c: some(of('heat.clay-c'), LEAST_C),
  };
  const mould = mouldRoundOf(context, clay);
  return {
    shrink,
    cellMm: coarser * cellFor(context, core, mould, mm3, fineness),
    core,
    clay,
    mould,
    coreStuff: bulk.kind && kind ? coreStuffOf(context, kind) : null,
    film: some(of(`heat.film-${way.air}`), LEAST_FILM),
    under: way.under === 'rack' ? null : some(of(`heat.under-${way.under}`), LEAST_FILM),
    oven: {
      dialC: way.dialC,
      errorC: of('oven.dial-error'),
      swingC: of('oven.swing'),
      roomC: of('heat.room'),
      rates: ovenRates(own),
      preheated: way.preheated,
      holdMin: way.holdMin,
      cooling: way.cooling,
    },
    rules: {
      setC: window.lowC,
      topC: window.highC,
      withinC: of('heat.cure-within'),
      minutes: of('heat.cure-minutes'),
      scorchC: of('bake.scorch'),
      handleC: of('heat.handle'),
    },
    marginShare: of('heat.margin') / 100,
    regions: null,
    later: {},
  };
}

/** Where the cells of a body lie, for drawing them. */
export interface BodyFrame {
  readonly size: readonly [number, number, number];
  /** Corner of the first cell and its edge, miniature mm. */
  readonly min: readonly [number, number, number];
  readonly cell: number;
}

/** The grid of a part and its core in it, for all bodies that stand on them. */
export interface BakeGrid {
  /** Lengths miniature, mm. */
  readonly grid: Pick<Grid, 'size' | 'cell' | 'distance' | 'owner'>;
  readonly core: Float32Array | null;
  readonly frame: BodyFrame;
}

/**
 * The grid of a part at the fineness that is asked.
 *
 * @throws {GridError} for more cells than a grid may have
 */
export function bakeGrid(shape: Shape, ask: BakeAsk): BakeGrid {
  const { shrink } = ask;
  const grid = shape.sample(ask.cellMm * shrink);
  const core = ask.core ? coreField(deepGrid(grid), shape.regions, scaledAsk(ask.core, shrink)) : null;
  const cell = grid.cell / shrink;
  const [x, y, z] = grid.min;
  const bare = {
    grid: {
      size: grid.size,
      cell,
      distance: grid.distance.map((value) => value / shrink),
      owner: grid.owner,
    },
    core,
    min: [x / shrink, y / shrink, z / shrink] as const,
  };
  const held = ask.mould ? withRoom(bare, ask.mould) : bare;
  return { grid: held.grid, core: held.core, frame: { size: held.grid.size, min: held.min, cell } };
}

/**
 * The grid with some regions left away: their cells are air, and what they covered is a surface.
 *
 * @param there whether a region, counted from 1 as the owners are, has its clay
 */
export function onlyRegions({ grid, core, frame }: BakeGrid, there: (owner: number) => boolean): BakeGrid {
  const { owner, size, cell } = grid;
  if (!owner) return { grid, core, frame };
  const [nx, ny] = size;
  const distance = Float32Array.from(grid.distance);
  const isGone = (c: number) => (grid.distance[c] ?? 1) < 0 && !there(owner[c] ?? 0);
  const steps = [1, -1, nx, -nx, nx * ny, -nx * ny];
  for (let c = 0; c < distance.length; c += 1) {
    if (isGone(c)) distance[c] = Number.POSITIVE_INFINITY;
    // What lay under the other region lies half a cell under the air now.
    else if ((distance[c] ?? 1) < 0 && steps.some((step) => isGone(c + step)))
      distance[c] = Math.max(distance[c] ?? 0, -cell / 2);
  }
  return { grid: { ...grid, distance }, core, frame };
}

/**
 * The body that stands on a grid.
 *
 * @throws {RangeError} when nothing is inside
 */
export function bodyOn({ grid, core }: BakeGrid, ask: BakeAsk): HeatBody {
  const { mould } = ask;
  return heatBody({
    grid: mould ? { ...grid, distance: mouldDistances(grid, mould) } : grid,
    mould: mould && { stuff: mould.stuff, cast: grid.distance },
    core,
    clay: ask.clay,
    coreStuff: ask.coreStuff,
    film: ask.film,
    under: ask.under,
  });
}

/**
 * The body of a part on its grid, of the regions that are there.
 *
 * @throws {GridError} for more cells than a grid may have
 * @throws {RangeError} when nothing is inside
 */
export function bodyOf(shape: Shape, ask: BakeAsk): { readonly body: HeatBody; readonly frame: BodyFrame } {
  const whole = bakeGrid(shape, ask);
  return { body: bodyOn(regionsOf(whole, shape, ask), ask), frame: whole.frame };
}

/** The grid without the clay that goes on later: its surface lies that much further in. */
function withoutLater(whole: BakeGrid, { regions }: Shape, later: BakeAsk['later']): BakeGrid {
  const { grid } = whole;
  const off = regions.map((name) => later[name] ?? 0);
  if (off.every((mm) => mm === 0)) return whole;
  const signed = grid.distance.map((mm) => (Number.isFinite(mm) ? mm / grid.cell : 1));
  const { distance: depth } = distancesInside(grid.size, signed);
  const distance = grid.distance.map((mm, c) => {
    if (mm >= 0) return mm;
    const here = off[grid.owner ? (grid.owner[c] ?? 1) - 1 : 0] ?? 0;
    return here === 0 ? mm : here - (depth[c] ?? 0) * grid.cell;
  });
  return { ...whole, grid: { ...grid, distance } };
}

/** The grid with only the regions that are asked for, and of them only what is there by then. */
export function regionsOf(full: BakeGrid, shape: Shape, { regions, later }: BakeAsk): BakeGrid {
  const whole = withoutLater(full, shape, later);
  if (regions === null) return whole;
  const wanted = new Set(regions);
  return onlyRegions(whole, (owner) => wanted.has(shape.regions[owner - 1] ?? ''));
}
