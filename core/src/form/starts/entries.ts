import { PLAIN_PERSON } from '../choices.ts';
import type {
  BeastBuild,
  BirdBuild,
  BuiltPiece,
  Form,
  PanelsForm,
  PersonForm,
  PlainForm,
  PlanePoint,
  ProfilePoint,
} from '../types.ts';

/** Something a new part can start from: a named thing with a usual size in life. */
export interface Start {
  readonly id: string;
  readonly title: string;
  readonly group: string;
  /** Other words it is looked for by. */
  readonly also: string;
  readonly form: Form;
}

export type Entry = readonly [title: string, form: Form, also?: string];

export function group(name: string, entries: readonly Entry[]): Start[] {
  return entries.map(([title, form, also = '']) => ({
    id: title.toLowerCase().replace(/[^a-z0-9]+/g, '-'),
    title,
    group: name,
    also,
    form,
  }));
}

export function person(statureMm: number, over: Partial<PersonForm> = {}): Form {
  return { ...PLAIN_PERSON, statureMm, ...over };
}
export function beast(proportions: BeastBuild, withersMm: number, build = 1): Form {
  return { kind: 'beast', proportions, withersMm, build, pose: 'standing', angles: {} };
}
export function bird(proportions: BirdBuild, heightMm: number): Form {
  return { kind: 'bird', proportions, heightMm, build: 1, angles: {} };
}
export function rod(lengthMm: number, startMm: number, endMm = startMm): PlainForm {
  return { kind: 'rod', lengthMm, startMm, endMm, lying: false };
}
export function block(widthMm: number, heightMm: number, depthMm: number): PlainForm {
  return { kind: 'block', widthMm, heightMm, depthMm };
}
export function cylinder(heightMm: number, bottomMm: number, topMm = bottomMm, lying = false): PlainForm {
  return { kind: 'cylinder', heightMm, bottomMm, topMm, lying };
}
export function ring(acrossMm: number, thicknessMm: number, lying = true): PlainForm {
  return { kind: 'ring', acrossMm, thicknessMm, lying };
}
/** Outside from the foot up, then the inside back down; diameters and heights. */
export function turned(...points: readonly (readonly [acrossMm: number, heightMm: number])[]): PlainForm {
  return {
    kind: 'turned',
    lying: false,
    profile: points.map(([acrossMm, heightMm]): ProfilePoint => ({ radiusMm: acrossMm / 2, heightMm })),
  };
}
/** A bar led through points of a plane that faces the viewer. */
export function bentBar(
  thicknessMm: number,
  ...points: readonly (readonly [xMm: number, yMm: number])[]
): PlainForm {
  return {
    kind: 'tube',
    thicknessMm,
    endMm: thicknessMm,
    points: points.map(([xMm, yMm]) => ({ xMm, yMm, zMm: 0 })),
  };
}
export function cutOut(
  depthMm: number,
  ...points: readonly (readonly [xMm: number, yMm: number])[]
): PlainForm {
  return { kind: 'extruded', depthMm, points: points.map(([xMm, yMm]) => ({ xMm, yMm })) };
}
/** A cut-out that is alike to the left and the right: its right half, from the foot of the middle line to its top. */
export function mirrored(
  depthMm: number,
  ...half: readonly (readonly [xMm: number, yMm: number])[]
): PlainForm {
  const left = half.filter(([xMm]) => xMm > 0).map(([xMm, yMm]) => [-xMm, yMm] as const);
  return cutOut(depthMm, ...half, ...left.reverse());
}
export function tree(
  heightMm: number,
  spreadMm: number,
  trunkMm: number,
  forkMm: number,
  forks: number,
): Form {
  return { kind: 'tree', heightMm, spreadMm, trunkMm, forkMm, forks, rootsMm: trunkMm * 1.5, seed: 1 };
}

/** Turns of a piece and whether it is cut away, where they are not nought and no. */
type PieceOver = Partial<Pick<BuiltPiece, 'turnDeg' | 'tipDeg' | 'leanDeg' | 'cut'>>;

/** A plain form set down with the middle of its foot at a place. */
export function piece(
  name: string,
  form: PlainForm,
  [xMm, yMm, zMm]: readonly [xMm: number, yMm: number, zMm: number] = [0, 0, 0],
  over: PieceOver = {},
): BuiltPiece {
  return { name, form, xMm, yMm, zMm, turnDeg: 0, tipDeg: 0, leanDeg: 0, cut: false, ...over };
}
export function builtUp(...pieces: readonly (BuiltPiece | readonly BuiltPiece[])[]): Form {
  return { kind: 'built', pieces: pieces.flat() };
}
/** One form four times, at the corners of a rectangle. */
export function atCorners(
  name: string,
  form: PlainForm,
  acrossMm: number,
  deepMm: number,
  yMm = 0,
): BuiltPiece[] {
  return [-1, 1].flatMap((x) =>
    [1, -1].map((z) =>
      piece(`${z > 0 ? 'front' : 'back'} ${x < 0 ? 'left' : 'right'} ${name}`, form, [
        (x * acrossMm) / 2,
        yMm,
        (z * deepMm) / 2,
      ]),
    ),
  );
}
/** Walls, floor and roof with usual values where none are given. */
export function panels(
  widthMm: number,
  depthMm: number,
  heightMm: number,
  thicknessMm: number,
  over: Partial<PanelsForm> = {},
): Form {
  return {
    kind: 'panels',
    widthMm,
    depthMm,
    heightMm,
    thicknessMm,
    walls: ['front', 'back', 'left', 'right'],
    floor: false,
    roof: 'none',
    riseMm: 0,
    eavesMm: 0,
    joint: 'butt',
    openings: [],
    ...over,
  };
}

/** An oval outline standing on the ground, of so many points. */
export function oval(widthMm: number, heightMm: number, points = 20): PlanePoint[] {
  return Array.from({ length: points }, (_, i) => {
    const turn = (2 * Math.PI * i) / points;
    return { xMm: (widthMm / 2) * Math.sin(turn), yMm: (heightMm / 2) * (1 - Math.cos(turn)) };
  });
}
