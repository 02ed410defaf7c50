import { cellInBox, type Grid, gridField } from '../solid/index.ts';
import { ballShape } from './ball.ts';
import { blockShape } from './block.ts';
import { builtShape } from './builtUp.ts';
import type { CoreAsk } from './coreField.ts';
import { beastShape, birdShape, crawlerShape, roundCreatureShape, treeShape } from './creatures/index.ts';
import { cylinderShape } from './cylinder.ts';
import { drawnShape } from './drawn.ts';
import { extrudedShape, wedgeShape } from './extruded.ts';
import { cutLevel } from './levels.ts';
import { meshShape } from './mesh.ts';
import { panelsShape } from './panels.ts';
import { type Heroic, PLAIN, personShape } from './person/index.ts';
import { ringShape } from './ring.ts';
import { rodShape } from './rod.ts';
import { scaledShape } from './scaled.ts';
import { seenHull } from './side.ts';
import { cutSlabs } from './slabHulls.ts';
import { tubeShape } from './tube.ts';
import { turnedShape } from './turned.ts';
import type { Core, Form, Outline, Ring, Shape, Side, SlabHull, View } from './types.ts';

/**
 * The solid that follows from a form, in the part's own frame.
 *
 * @throws {FormError} naming the field that cannot be built from
 * @example shapeOf({ kind: 'ball', diameterMm: 40 }).volumeMm3 // 33510
 */
export function shapeOf(form: Form, heroic: Heroic = PLAIN): Shape {
  switch (form.kind) {
    case 'person':
      return personShape(form, heroic);
    case 'beast':
      return beastShape(form);
    case 'bird':
      return birdShape(form);
    case 'crawler':
      return crawlerShape(form);
    case 'round':
      return roundCreatureShape(form);
    case 'tree':
      return treeShape(form);
    case 'mesh':
      return meshShape(form);
    case 'wedge':
      return wedgeShape(form);
    case 'extruded':
      return extrudedShape(form);
    case 'drawn':
      return drawnShape(form);
    case 'tube':
      return tubeShape(form);
    case 'built':
      return builtShape(form, (plain) => shapeOf(plain));
    case 'panels':
      return panelsShape(form);
    case 'ball':
      return ballShape(form);
    case 'rod':
      return rodShape(form);
    case 'block':
      return blockShape(form);
    case 'cylinder':
      return cylinderShape(form);
    case 'ring':
      return ringShape(form);
    case 'turned':
      return turnedShape(form);
  }
}

/** Length that bodies driven by one length are built at before they are scaled, mm. */
const UNIT = 1000;

/** A body driven by one length, at unit size, and what it is to be scaled by; null for other forms. */
function unitBody(form: Form): { unit: Form; by: number } | null {
  switch (form.kind) {
    case 'person': {
      const by = form.statureMm / UNIT;
      const { headMm, trunkMm, armsMm, legsMm, hemMm } = form.clothing;
      const clothing = {
        headMm: headMm / by,
        trunkMm: trunkMm / by,
        armsMm: armsMm / by,
        legsMm: legsMm / by,
        hemMm: hemMm === null ? null : hemMm / by,
      };
      const locked = Object.fromEntries(Object.entries(form.locked).map(([key, mm]) => [key, mm / by]));
      return { unit: { ...form, statureMm: UNIT, clothing, locked }, by };
    }
    case 'beast':
      return { unit: { ...form, withersMm: UNIT }, by: form.withersMm / UNIT };
    case 'mesh':
      return { unit: { ...form, unitMm: 1 }, by: form.unitMm };
    case 'bird':
      return { unit: { ...form, heightMm: UNIT }, by: form.heightMm / UNIT };
    default:
      return null;
  }
}

/** Remembers what was built from each form object; forms are never changed in place. */
export interface ShapeStore {
  shapeOf(form: Form, heroic?: Heroic): Shape;
}

/** What a form says, short enough to be looked up by: the data of a mesh by its hash (FNV-1a). */
function contentKey(form: Form): string {
  if (form.kind !== 'mesh') return JSON.stringify(form);
  let hash = 0x811c9dc5;
  for (let i = 0; i < form.data.length; i += 1) hash = Math.imul(hash ^ form.data.charCodeAt(i), 0x01000193);
  return JSON.stringify({ ...form, data: `${form.data.length}/${hash >>> 0}` });
}

function once<T>(make: () => T): () => T {
  let made: { value: T } | null = null;
  return () => {
    made ??= { value: make() };
    return made.value;
  };
}

/** Most cells of a grid that is kept; 2 MB. */
const MOST_KEPT_CELLS = 500_000;

/** Levels kept of one shape: feet and upper face, and some to spare. */
const MOST_LEVELS = 8;

/** Hulls kept of one shape: along its axes, and from some other sides. */
const MOST_HULLS = 16;

/** Silhouettes kept of one shape: from above, and from the eyes of a plan. */
const MOST_VIEWS = 12;

/** Cores kept of one shape: a few scales and skins back. */
const MOST_CORES = 16;

/** Cells of the grid that tells how deep a place lies in a solid that has no field of its own. */
const DEPTH_CELLS = 150_000;

/** Depths in a solid that is known by its samples only: right to about half of a sixtieth of its size. */
function sampledDepths(shape: Shape): NonNullable<Shape['inside']> {
  const field = once(() => {
    const { min, max } = shape.box;
    return gridField(shape.sample(cellInBox(min, max, DEPTH_CELLS)));
  });
  return (x, y, z) => field()(x, y, z);
}

/** A shape whose outlines and cores are drawn once and kept. */
function lazily(shape: Shape): Shape {
  const outlines: Record<View, () => Outline> = {
    front: once(() => shape.outline('front')),
    side: once(() => shape.outline('side')),
  };
  let sampled: { cellMm: number; grid: Grid } | null = null;
  const sample = (cellMm: number): Grid => {
    if (sampled?.cellMm === cellMm) return sampled.grid;
    const grid = shape.sample(cellMm);
    // Only coarse grids are kept: footprints and fits ask for the same one at every change.
    if (grid.distance.length <= MOST_KEPT_CELLS) sampled = { cellMm, grid };
    return grid;
  };
  const levels = new Map<number, Ring>();
  const level = (y: number): Ring => {
    const ring = levels.get(y) ?? cutLevel(shape, y);
    if (levels.size >= MOST_LEVELS) levels.clear();
    levels.set(y, ring);
    return ring;
  };
  const hulls = new Map<string, Ring>();
  const hullFrom = (side: Side): Ring => {
    const key = [...side.right, ...side.up].join();
    const ring = hulls.get(key) ?? seenHull(shape, side);
    if (hulls.size >= MOST_HULLS) hulls.clear();
    hulls.set(key, ring);
    return ring;
  };
  const slabs = new Map<number, readonly SlabHull[]>();
  const keptSlabs = (n: number) => {
    const found = slabs.get(n) ?? cutSlabs(shape, n);
    slabs.set(n, found);
    return found;
  };
  const views = new Map<string, Outline>();
  const seenFrom = (side: Side): Outline => {
    const key = [...side.right, ...side.up].join();
    const outline = views.get(key) ?? shape.seenFrom(side);
    if (views.size >= MOST_VIEWS) views.clear();
    views.set(key, outline);
    return outline;
  };
  const cores = new Map<string, Core>();
  const core = (ask: CoreAsk): Core => {
    const key = JSON.stringify(ask);
    const kept = cores.get(key);
    if (kept) return kept;
    const made = shape.core(ask);
    if (cores.size >= MOST_CORES) cores.clear();
    const lazyCore = { ...made, section: once(() => made.section()) };
    cores.set(key, lazyCore);
    return lazyCore;
  };
  return {
    ...shape,
    outline: (view) => outlines[view](),
    section: once(() => shape.section()),
    sample,
    level,
    slabs: keptSlabs,
    seenFrom,
    hullFrom,
    core,
    ...(shape.distance === null && !shape.inside && { inside: sampledDepths(shape) }),
  };
}

/** Bodies kept by proportions and pose; their length only scales them. */
const MOST_BODIES = 64;
/** Shapes kept by what their form says, so that copies of a part are built once. */
const MOST_SHAPES = 2000;

/** A store for one user of the core; drop it to forget. */
export function makeShapeStore(): ShapeStore {
  const byForm = new WeakMap<Form, Map<string, Shape>>();
  const byContent = new Map<string, Shape>();
  const bodies = new Map<string, Shape>();

  function bodyOf(form: Form, heroic: Heroic, heroicKey: string): Shape | null {
    const body = unitBody(form);
    // A length that is none is for the shape itself to refuse.
    if (!body || !(body.by > 0 && Number.isFinite(body.by))) return null;
    const key = `${heroicKey} ${contentKey(body.unit)}`;
    const unit = bodies.get(key) ?? lazily(shapeOf(body.unit, heroic));
    if (bodies.size >= MOST_BODIES) bodies.clear();
    bodies.set(key, unit);
    return scaledShape(unit, body.by);
  }

  function built(form: Form, heroic: Heroic, heroicKey: string): Shape {
    const key = `${heroicKey} ${contentKey(form)}`;
    const kept = byContent.get(key);
    if (kept) return kept;
    const made = lazily(bodyOf(form, heroic, heroicKey) ?? shapeOf(form, heroic));
    if (byContent.size >= MOST_SHAPES) byContent.clear();
    byContent.set(key, made);
    return made;
  }

  return {
    shapeOf(form, heroic = PLAIN) {
      const heroicKey = `${heroic.head}/${heroic.hands}`;
      const kept = byForm.get(form)?.get(heroicKey);
      if (kept) return kept;
      const made = built(form, heroic, heroicKey);
      byForm.set(form, new Map([[heroicKey, made]]));
      return made;
    },
  };
}
