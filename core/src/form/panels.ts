import { type Mesh, sampleField } from '../solid/index.ts';
import { boxRound } from './box.ts';
import { noCore } from './core.ts';
import { type CoreAsk, skinIn } from './coreField.ts';
import { FormError, positive } from './errors.ts';
import { fieldMeasure } from './fieldMeasure.ts';
import {
  areaOf,
  extentOf,
  intersected,
  offset,
  polygonOf,
  rectangle,
  uniteAreas,
  without,
} from './outline.ts';
import { type PlacedShape, type Placement, placedBox, placedField, placedSeen, putDown } from './placed.ts';
import { prism } from './prism.ts';
import { SIDES } from './side.ts';
import type {
  Core,
  FormMeasure,
  InnerBall,
  Opening,
  Outline,
  PanelsForm,
  Shape,
  Vec2,
  Vec3,
  WallName,
} from './types.ts';
import { minus } from './vectors.ts';

/** A panel and where it goes. */
export interface BuiltPanel {
  readonly name: string;
  /** In the plane of the panel as it is set up: two panels meet and never overlap. */
  readonly face: Outline;
  readonly thicknessMm: number;
  readonly place: Placement;
}

/** Facing the viewer, running from front to back, and lying. */
const UPRIGHT = { x: [1, 0, 0], y: [0, 1, 0], z: [0, 0, 1] } as const;
const SIDEWAYS = { x: [0, 0, 1], y: [0, 1, 0], z: [-1, 0, 0] } as const;
const LYING = { x: [1, 0, 0], y: [0, 0, -1], z: [0, 1, 0] } as const;

/** How far the roof rises for a millimetre across. */
export function slopeOf({ roof, riseMm, widthMm }: PanelsForm): number {
  if (roof === 'gable') return riseMm / (widthMm / 2);
  return roof === 'lean-to' ? riseMm / widthMm : 0;
}

/** The front or back wall without its openings. */
function endWall(form: PanelsForm): Vec2[] {
  const { widthMm: w, heightMm: h, riseMm, roof } = form;
  const foot: Vec2[] = [
    [-w / 2, 0],
    [w / 2, 0],
  ];
  if (roof === 'gable') return [...foot, [w / 2, h], [0, h + riseMm], [-w / 2, h]];
  const right = roof === 'lean-to' ? h + riseMm : h;
  return [...foot, [w / 2, right], [-w / 2, h]];
}

/** Left end and direction of a wall in its own plane, seen from outside. */
function leftEnd({ widthMm, depthMm }: PanelsForm, wall: WallName): readonly [start: number, way: 1 | -1] {
  if (wall === 'front') return [-widthMm / 2, 1];
  if (wall === 'back') return [widthMm / 2, -1];
  return wall === 'left' ? [-depthMm / 2, 1] : [depthMm / 2, -1];
}

function openingIn(form: PanelsForm, opening: Opening): Outline {
  const [start, way] = leftEnd(form, opening.wall);
  const [a, b] = [start + way * opening.fromLeftMm, start + way * (opening.fromLeftMm + opening.widthMm)];
  return polygonOf(
    rectangle(Math.min(a, b), opening.sillMm, Math.max(a, b), opening.sillMm + opening.heightMm),
  );
}

/** Rounding must not make an opening that just reaches an edge cross it. */
const TOUCHES = 1e-9;
const round = (mm: number) => Math.round(mm * 100) / 100;

/** How high a wall is over an opening: the lowest its upper edge is there. */
function headroom(form: PanelsForm, { wall, fromLeftMm, widthMm }: Opening): number {
  const { heightMm: h, riseMm, roof } = form;
  if (wall === 'left' || wall === 'right')
    return wall === 'right' && roof === 'lean-to' ? h + riseMm - form.thicknessMm * slopeOf(form) : h;
  const [start, way] = leftEnd(form, wall);
  const at = (mm: number) => {
    const x = start + way * mm;
    if (roof === 'gable') return h + riseMm - Math.abs(x) * slopeOf(form);
    return roof === 'lean-to' ? h + (x + form.widthMm / 2) * slopeOf(form) : h;
  };
  return Math.min(at(fromLeftMm), at(fromLeftMm + widthMm));
}

function checkOpenings(form: PanelsForm): void {
  form.openings.forEach((opening, i) => {
    const { wall, fromLeftMm, sillMm, widthMm, heightMm } = opening;
    const field = (name: keyof Opening) => `openings[${i}].${name}`;
    positive('panels', field('widthMm'), widthMm);
    positive('panels', field('heightMm'), heightMm);
    const long = wall === 'front' || wall === 'back' ? form.widthMm : form.depthMm;
    if (!(fromLeftMm >= 0 && fromLeftMm + widthMm <= long))
      throw new FormError('panels', field('fromLeftMm'), `room for it in a wall of ${long} mm`, fromLeftMm);
    const high = headroom(form, opening);
    if (!(sillMm >= 0 && sillMm + heightMm <= high + TOUCHES))
      throw new FormError(
        'panels',
        field('sillMm'),
        `room for it under an edge at ${round(high)} mm`,
        sillMm,
      );
  });
}

function check(form: PanelsForm): void {
  const thick = positive('panels', 'thicknessMm', form.thicknessMm);
  for (const field of ['widthMm', 'depthMm', 'heightMm'] as const) {
    const length = positive('panels', field, form[field]);
    if (length <= 2 * thick)
      throw new FormError('panels', field, `more than two thicknesses, ${2 * thick} mm`, length);
  }
  if (form.roof === 'gable' || form.roof === 'lean-to') positive('panels', 'riseMm', form.riseMm);
  if (!(form.eavesMm >= 0)) throw new FormError('panels', 'eavesMm', 'a length of 0 or more', form.eavesMm);
  if (form.walls.length === 0 && !form.floor && form.roof === 'none')
    throw new FormError('panels', 'walls', 'a wall, a floor or a roof', 'none of them');
  checkOpenings(form);
}

/** The inside between the walls that are there: left, back, right, front. */
function inside({ widthMm: w, depthMm: d, thicknessMm: t, walls }: PanelsForm) {
  const in_ = (wall: WallName) => (walls.includes(wall) ? t : 0);
  return [in_('left') - w / 2, in_('back') - d / 2, w / 2 - in_('right'), d / 2 - in_('front')] as const;
}

function wallsOf(form: PanelsForm): BuiltPanel[] {
  const { widthMm: w, depthMm: d, heightMm: h, thicknessMm: t } = form;
  const [, back, , front] = inside(form);
  const at: Record<WallName, Vec3> = {
    front: [0, 0, d / 2 - t / 2],
    back: [0, 0, t / 2 - d / 2],
    left: [t / 2 - w / 2, 0, 0],
    right: [w / 2 - t / 2, 0, 0],
  };
  return form.walls.map((wall) => {
    const isEnd = wall === 'front' || wall === 'back';
    const high = wall === 'right' && form.roof === 'lean-to' ? h + form.riseMm - t * slopeOf(form) : h;
    const solid = polygonOf(isEnd ? endWall(form) : rectangle(back, 0, front, high));
    const holes = form.openings.filter((one) => one.wall === wall).map((one) => openingIn(form, one));
    const face = holes.length > 0 ? without(solid, uniteAreas(holes)) : solid;
    return {
      name: `${wall} wall`,
      face,
      thicknessMm: t,
      place: { ...(isEnd ? UPRIGHT : SIDEWAYS), at: at[wall] },
    };
  });
}

function floorOf(form: PanelsForm): BuiltPanel[] {
  if (!form.floor) return [];
  const t = form.thicknessMm;
  const [left, back, right, front] = inside(form);
  const face = polygonOf(rectangle(left, -front, right, -back));
  return [{ name: 'floor', face, thicknessMm: t, place: { ...LYING, at: [0, t / 2, 0] } }];
}

/** A sloping slab from its underside's two ends, cut square at the eaves and upright at a ridge. */
function slab(low: Vec2, high: Vec2, thick: number, atRidge: boolean): Outline {
  const long = Math.hypot(high[0] - low[0], high[1] - low[1]);
  const [across, up] = [(high[0] - low[0]) / long, (high[1] - low[1]) / long];
  // Square to the slope, and upwards whichever way it falls.
  const out: Vec2 = across > 0 ? [-up * thick, across * thick] : [up * thick, -across * thick];
  const top: Vec2 = atRidge
    ? [high[0], high[1] + thick / Math.abs(across)]
    : [high[0] + out[0], high[1] + out[1]];
  return polygonOf([low, high, top, [low[0] + out[0], low[1] + out[1]]]);
}

function roofOf(form: PanelsForm): BuiltPanel[] {
  const { widthMm: w, depthMm: d, heightMm: h, thicknessMm: t, riseMm, eavesMm: over, roof } = form;
  const slope = slopeOf(form);
  const long = d + 2 * over;
  const place: Placement = { ...UPRIGHT, at: [0, 0, 0] };
  const eave = (side: 1 | -1): Vec2 => [side * (w / 2 + over), h - over * slope];
  switch (roof) {
    case 'none':
      return [];
    case 'flat': {
      const face = polygonOf(rectangle(-w / 2 - over, -d / 2 - over, w / 2 + over, d / 2 + over));
      return [{ name: 'roof', face, thicknessMm: t, place: { ...LYING, at: [0, h + t / 2, 0] } }];
    }
    case 'lean-to': {
      const face = slab(eave(-1), [w / 2 + over, h + riseMm + over * slope], t, false);
      return [{ name: 'roof', face, thicknessMm: long, place }];
    }
    case 'gable':
      return ([-1, 1] as const).map((side) => ({
        name: side < 0 ? 'left roof' : 'right roof',
        face: slab(eave(side), [0, h + riseMm], t, true),
        thicknessMm: long,
        place,
      }));
  }
}

/**
 * The panels of a form, each where it goes.
 *
 * @throws {FormError} naming the field
 */
export function panelsIn(form: PanelsForm): BuiltPanel[] {
  check(form);
  return [...floorOf(form), ...wallsOf(form), ...roofOf(form)];
}

/** The prism of a panel where it stands. */
export function stood({ name, face, thicknessMm, place }: BuiltPanel): PlacedShape & { triangles(): Mesh } {
  const shape = prism(name, face, thicknessMm, [], { diameterMm: thicknessMm, at: [0, 0, 0], region: name });
  const { distance, triangles } = shape;
  return { name, place, shape: { ...shape, distance }, triangles };
}

function cutAcross(built: BuiltPanel, box: { readonly min: Vec3; readonly max: Vec3 }): Outline {
  const { face, thicknessMm, place } = built;
  if (place.z[2] === 1) {
    const [z, half] = [place.at[2], thicknessMm / 2];
    return Math.abs(z) < half ? face : [];
  }
  if (place.z[1] === 1) return polygonOf(rectangle(box.min[0], box.min[1], box.max[0], box.max[1]));
  const sliver = (box.max[2] - box.min[2]) * 1e-4;
  const [, bottom, , top] = extentOf(face);
  return intersected(face, polygonOf(rectangle(-sliver, bottom - 1, sliver, top + 1))).flatMap((polygon) => {
    const [, low, , high] = extentOf([polygon]);
    return polygonOf(rectangle(box.min[0], low, box.max[0], high));
  });
}

/** Core of sheets that are thick enough for one: every face and both sides moved in by the skin. */
function coreOf(
  all: readonly BuiltPanel[],
  section: () => Outline,
  thickest: Shape['thickest'],
  ask: CoreAsk,
): Core {
  const { leastMm: least } = ask;
  const inner = all.map(({ name, face, thicknessMm }) => {
    const skin = skinIn(ask, name);
    if (skin === null || thicknessMm - 2 * skin < least) return { name, skin, volume: 0 };
    const flat = offset(offset(face, -(skin + least / 2)), least / 2);
    return { name, skin, volume: areaOf(flat) * (thicknessMm - 2 * skin) };
  });
  const skin = Math.max(...inner.map((one) => (one.volume > 0 ? (one.skin ?? 0) : 0)));
  const having = inner.filter(({ volume }) => volume > 0);
  if (having.length === 0) return noCore('walls', thickest);
  return {
    volumeMm3: having.reduce((sum, { volume }) => sum + volume, 0),
    section: () => section().flatMap((polygon) => offset(offset([polygon], -(skin + least / 2)), least / 2)),
    thickestClay: { ...thickest, diameterMm: Math.min(2 * skin + least, thickest.diameterMm) },
    byRegion: new Map(having.map(({ name, volume }) => [name, volume])),
    regions: having.map(({ name }) => name),
    without: inner.filter((one) => one.volume === 0 && one.skin !== null).map(({ name }) => name),
  };
}

/** Meshes as one, each vertex with the number of its own, from 1. */
function joined(meshes: readonly Mesh[]): Mesh & { readonly owners: Uint8Array } {
  const positions = new Float64Array(meshes.reduce((sum, mesh) => sum + mesh.positions.length, 0));
  const triangles = new Uint32Array(meshes.reduce((sum, mesh) => sum + mesh.triangles.length, 0));
  const owners = new Uint8Array(positions.length / 3);
  let [p, t] = [0, 0];
  for (const [i, mesh] of meshes.entries()) {
    positions.set(mesh.positions, p);
    owners.fill(i + 1, p / 3, (p + mesh.positions.length) / 3);
    mesh.triangles.forEach((vertex, i) => {
      triangles[t + i] = vertex + p / 3;
    });
    p += mesh.positions.length;
    t += mesh.triangles.length;
  }
  return { positions, triangles, owners };
}

function putMesh({ positions, triangles }: Mesh, place: Placement): Mesh {
  const moved = positions.slice();
  for (let i = 0; i < moved.length; i += 3) {
    const point = putDown(place, [positions[i] ?? 0, positions[i + 1] ?? 0, positions[i + 2] ?? 0]);
    moved.set(point, i);
  }
  return { positions: moved, triangles };
}

function measuresOf(form: PanelsForm): FormMeasure[] {
  const { widthMm: w, depthMm: d, heightMm: h, thicknessMm: t, riseMm, eavesMm, roof } = form;
  const measures = [
    fieldMeasure('width', 'Width of the walls', w, [-w / 2, 0], [w / 2, 0]),
    fieldMeasure('depth', 'Depth of the walls', d, [-d / 2, 0], [d / 2, 0]),
    fieldMeasure(
      'height',
      roof === 'none' ? 'Height of the walls' : 'Height to the eaves',
      h,
      [-w / 2, 0],
      [-w / 2, h],
    ),
    fieldMeasure('thickness', 'Thickness', t, [-w / 2, h], [t - w / 2, h]),
  ];
  if (roof === 'gable' || roof === 'lean-to')
    measures.push(fieldMeasure('rise', 'Rise of the roof', riseMm, [0, h], [0, h + riseMm]));
  if (roof !== 'none')
    measures.push(fieldMeasure('eaves', 'Eaves', eavesMm, [w / 2, h], [w / 2 + eavesMm, h]));
  return measures;
}

/** Stands panels on their lowest edge: a roof without walls lies on the ground. */
function grounded(built: readonly BuiltPanel[]): BuiltPanel[] {
  const low = boxRound(built.map((one) => placedBox(stood(one)))).min[1];
  return built.map((one) => ({ ...one, place: { ...one.place, at: minus(one.place.at, [0, low, 0]) } }));
}

/**
 * The panels of a form where they stand on the ground.
 *
 * @throws {FormError} naming the field
 */
export function groundedPanels(form: PanelsForm): BuiltPanel[] {
  return grounded(panelsIn(form));
}

/**
 * Walls, floor and roof as one solid. Its surface counts the panels apart, as they are cut and painted.
 *
 * @throws {FormError} naming the field
 */
export function panelsShape(form: PanelsForm): Shape {
  const built = groundedPanels(form);
  const placed = built.map(stood);
  const box = boxRound(placed.map(placedBox));
  const volume = placed.reduce((sum, { shape }) => sum + shape.volumeMm3, 0);
  const centre = [0, 1, 2].map(
    (k) =>
      placed.reduce(
        (sum, { shape, place }) =>
          sum + shape.volumeMm3 * (putDown(place, shape.centre)[k as 0 | 1 | 2] ?? 0),
        0,
      ) / volume,
  ) as [number, number, number];
  const fields = placed.map(placedField);
  const distance = (x: number, y: number, z: number) => {
    let nearest = Infinity;
    for (const field of fields) nearest = Math.min(nearest, field(x, y, z));
    return nearest;
  };
  const section = () =>
    uniteAreas(built.map((one, i) => cutAcross(one, placedBox(placed[i] as PlacedShape))));
  const thickest: InnerBall = {
    diameterMm: form.thicknessMm,
    at: placed[0] ? putDown(placed[0].place, placed[0].shape.centre) : [0, 0, 0],
    region: built[0]?.name ?? '',
  };
  return {
    box,
    volumeMm3: volume,
    areaMm2: placed.reduce((sum, { shape }) => sum + shape.areaMm2, 0),
    centre,
    error: 0,
    thickest,
    measures: measuresOf(form),
    notes: ['Its surface counts every panel by itself, edges included.'],
    joints: [],
    regions: built.map(({ name }) => name),
    byRegion: new Map(placed.map(({ name, shape }) => [name, shape.volumeMm3])),
    sample: (cellMm) => sampleField(box.min, box.max, cellMm, distance),
    distance,
    triangles: () => joined(placed.map((one) => putMesh(one.triangles(), one.place))),
    outline: (view) => uniteAreas(placed.map((one) => placedSeen(one, SIDES[view]))),
    seenFrom: (side) => uniteAreas(placed.map((one) => placedSeen(one, side))),
    section,
    core: (ask) => coreOf(built, section, thickest, ask),
  };
}
