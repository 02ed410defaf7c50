import { extentOf } from './outline.ts';
import { panelCuts } from './panelCuts.ts';
import { type BuiltPanel, panelsIn, stood } from './panels.ts';
import { placedField, putDown } from './placed.ts';
import type { Field, Outline, PanelsForm, Vec2, Vec3, WallName } from './types.ts';

/** A side of a panel that must lie against another. */
export interface PanelSide {
  readonly panel: string;
  readonly side: string;
  readonly lengthMm: number;
  /** The panel it lies against where it is farthest off. */
  readonly meets: string;
  /** Widest gap along it. */
  readonly gapMm: number;
}

/** Two edges of the cut faces that come together, and so must be alike. */
export interface MatingEdges {
  readonly a: string;
  readonly b: string;
  readonly aMm: number;
  readonly bMm: number;
}

/** Whether panels close, edge by edge; lengths in the form’s own frame. */
export interface PanelProof {
  readonly sides: readonly PanelSide[];
  readonly edges: readonly MatingEdges[];
  /** What is left open because a panel is not there. */
  readonly open: readonly string[];
}

/** Places along a side that are looked at, and across its thickness. */
const ALONG = 33;
const ACROSS = 5;

/** A narrow side of a panel: from corner to corner in its plane. */
interface Narrow {
  readonly name: string;
  readonly from: Vec2;
  readonly to: Vec2;
  /** Whether a panel of a name is one it must lie against. */
  readonly wants: (panel: string) => boolean;
}

const isRoof = ({ name }: BuiltPanel) => name.endsWith('roof');

function edgesOf(face: Outline): readonly (readonly [Vec2, Vec2])[] {
  const [ring = []] = face[0] ?? [];
  return ring.map((point, i) => [point, ring[(i + 1) % ring.length] ?? point] as const);
}

/** Sides of a wall by where they face in its plane: its two ends, and the edges of its top. */
function wallSides({ face }: BuiltPanel): Omit<Narrow, 'wants'>[] {
  const [left, bottom, right] = extentOf(face);
  const near = (a: number, b: number) => Math.abs(a - b) < 1e-6 * Math.max(1, right - left);
  return edgesOf(face).flatMap(([from, to]): Omit<Narrow, 'wants'>[] => {
    if (near(from[0], to[0])) return [{ name: near(from[0], left) ? 'left end' : 'right end', from, to }];
    return near(from[1], bottom) && near(to[1], bottom) ? [] : [{ name: 'top', from, to }];
  });
}

/** The side walls stand between the others: their ends must meet them. */
const ENDS: Readonly<Record<'left' | 'right', Readonly<Record<string, WallName>>>> = {
  left: { 'left end': 'back', 'right end': 'front' },
  right: { 'left end': 'back', 'right end': 'front' },
};
const FLOOR: Readonly<Record<string, WallName>> = {
  'left end': 'left',
  'right end': 'right',
  'front edge': 'front',
  'back edge': 'back',
};

/** The sides of a panel that must meet something that is there. */
function mustMeet(built: BuiltPanel, form: PanelsForm, panels: readonly BuiltPanel[]): Narrow[] {
  /** The side, if the wall it must meet is there. */
  const against = (side: Omit<Narrow, 'wants'>, wall: WallName | undefined): Narrow[] => {
    const name = `${wall} wall`;
    return panels.some((one) => one.name === name) ? [{ ...side, wants: (panel) => panel === name }] : [];
  };
  const againstRoof = (side: Omit<Narrow, 'wants'>): Narrow[] =>
    panels.some((one) => one !== built && isRoof(one))
      ? [{ ...side, wants: (panel) => panel.endsWith('roof') }]
      : [];
  if (built.name === 'floor') {
    const [left, low, right] = extentOf(built.face);
    return edgesOf(built.face).flatMap(([from, to]) => {
      const isUpright = Math.abs(from[0] - to[0]) < 1e-9 * Math.max(1, right - left);
      const ends = from[0] === left ? 'left end' : 'right end';
      const name = isUpright ? ends : from[1] === low ? 'front edge' : 'back edge';
      return against({ name, from, to }, FLOOR[name]);
    });
  }
  if (isRoof(built)) {
    // A slab is drawn in section: its second edge is the ridge.
    const ridge = form.roof === 'gable' ? edgesOf(built.face)[1] : undefined;
    return ridge ? againstRoof({ name: 'ridge', from: ridge[0], to: ridge[1] }) : [];
  }
  const wall = built.name.split(' ')[0] as WallName;
  return wallSides(built).flatMap((side) => {
    if (side.name === 'top') return againstRoof(side);
    return wall === 'left' || wall === 'right' ? against(side, ENDS[wall][side.name]) : [];
  });
}

/** Places over a narrow side, in space. */
function placesOn(built: BuiltPanel, { from, to }: Narrow): Vec3[][] {
  const share = (i: number, of: number) => i / (of - 1);
  const half = built.thicknessMm / 2;
  // A slab of a roof is as long as it is deep: its ridge runs through its thickness.
  return Array.from({ length: ALONG }, (_, i) =>
    Array.from({ length: ACROSS }, (_unused, k): Vec3 => {
      const [along, across] = isSection(built)
        ? [share(k, ACROSS), share(i, ALONG)]
        : [share(i, ALONG), share(k, ACROSS)];
      const u = from[0] + (to[0] - from[0]) * along;
      const v = from[1] + (to[1] - from[1]) * along;
      return putDown(built.place, [u, v, half * (2 * across - 1)]);
    }),
  );
}

/** Whether a panel is drawn in section and runs through the paper: a sloping slab. */
function isSection(built: BuiltPanel): boolean {
  return isRoof(built) && built.place.z[2] === 1;
}

/** How far a side is from the other panels: at each place along it the nearest across its thickness counts. */
function gapOf(
  places: readonly (readonly Vec3[])[],
  others: readonly { readonly name: string; readonly field: Field }[],
): Pick<PanelSide, 'meets' | 'gapMm'> {
  let worst: Pick<PanelSide, 'meets' | 'gapMm'> = { meets: '', gapMm: 0 };
  for (const across of places) {
    let best = { meets: '', gapMm: Infinity };
    for (const [x, y, z] of across)
      for (const { name, field } of others) {
        const off = Math.max(0, field(x, y, z));
        if (off < best.gapMm) best = { meets: name, gapMm: off };
      }
    if (worst.meets === '' || best.gapMm > worst.gapMm) worst = best;
  }
  return worst;
}

/**
 * How near the sides of panels that should touch others come to them, on the solids themselves.
 *
 * @param panels as they stand, openings not cut
 */
export function panelSides(panels: readonly BuiltPanel[], form: PanelsForm): PanelSide[] {
  const fields = panels.map((one) => ({ name: one.name, field: placedField(stood(one)) }));
  return panels.flatMap((built, i) =>
    mustMeet(built, form, panels).map((side): PanelSide => {
      const others = fields.filter(({ name }, k) => k !== i && side.wants(name));
      const long = Math.hypot(side.to[0] - side.from[0], side.to[1] - side.from[1]);
      return {
        panel: built.name,
        side: side.name,
        lengthMm: isSection(built) ? built.thicknessMm : long,
        ...gapOf(placesOn(built, side), others),
      };
    }),
  );
}

/** Height of a face at its left and at its right end. */
function endHeights(face: Outline): readonly [number, number] {
  const [left, bottom, right] = extentOf(face);
  const near = (a: number, b: number) => Math.abs(a - b) < 1e-6 * Math.max(1, right - left);
  const points = face.flat(2).map((point) => point as unknown as Vec2);
  const high = (x: number) => Math.max(...points.filter(([u]) => near(u, x)).map(([, v]) => v - bottom));
  return [high(left), high(right)];
}

/** Which ends of two walls make a corner, each seen from outside or, for the sides, from the right. */
const CORNERS: readonly (readonly [WallName, 0 | 1, WallName, 0 | 1])[] = [
  ['front', 0, 'left', 1],
  ['front', 1, 'right', 1],
  ['back', 0, 'left', 0],
  ['back', 1, 'right', 0],
];

/** Edges of the faces as they are cut that come together at the corners and the ridge. */
export function matingEdges(form: PanelsForm): MatingEdges[] {
  const cuts = panelCuts(form);
  const find = (name: string) => cuts.find((cut) => cut.name === name);
  const corners = CORNERS.flatMap(([a, endA, b, endB]): MatingEdges[] => {
    const [one, other] = [find(`${a} wall`), find(`${b} wall`)];
    if (!one || !other) return [];
    return [
      {
        a: `${a} wall, ${endA === 0 ? 'left' : 'right'} end`,
        b: `${b} wall, ${endB === 0 ? 'back' : 'front'} end`,
        aMm: endHeights(one.face)[endA],
        bMm: endHeights(other.face)[endB],
      },
    ];
  });
  const [leftRoof, rightRoof] = [find('left roof'), find('right roof')];
  const ridge: MatingEdges[] =
    leftRoof && rightRoof
      ? [{ a: 'left roof, ridge', b: 'right roof, ridge', aMm: leftRoof.widthMm, bMm: rightRoof.widthMm }]
      : [];
  return [...corners, ...ridge];
}

const ALL_WALLS: readonly WallName[] = ['front', 'back', 'left', 'right'];

/**
 * Whether panels close before any is cut: every side against what it should touch, every pair of mating edges as they are
 * cut, and what is open because no panel is there.
 *
 * @throws {FormError} naming the field
 */
export function panelProof(form: PanelsForm): PanelProof {
  const whole = { ...form, openings: [] };
  return {
    sides: panelSides(panelsIn(whole), whole),
    edges: matingEdges(whole),
    open: [
      ...ALL_WALLS.filter((wall) => !form.walls.includes(wall)).map((wall) => `no ${wall} wall`),
      ...(form.floor ? [] : ['no floor']),
      ...(form.roof === 'none' ? ['no roof'] : []),
    ],
  };
}
