import type { PartContext, PartFacts } from '../context/index.ts';
import { type Box, panelCuts, type Side, scaledBox, seenHull, type Vec2 } from '../form/index.ts';
import { figure, type Reckoning, sourced, type Verdict } from '../reckoning/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';
import { SIZE } from './figures.ts';
import { type Body, carverFits, type Lie, partingHeights, plainestLie, type Room } from './lies.ts';

/** The ways a body is looked at to be put down. */
const LOOKED: Readonly<Record<'x' | 'y' | 'z', Side>> = {
  x: { right: [0, 0, 1], up: [0, 1, 0] },
  y: { right: [1, 0, 0], up: [0, 0, 1] },
  z: { right: [1, 0, 0], up: [0, 1, 0] },
};

/** What an aid adds to the height of a part that stands in the oven, mm. */
function addedMm({ part, piece }: PartFacts): number {
  const own = piece.aids.filter(({ parts }) => parts.length === 0 || parts.includes(part.id));
  return Math.max(0, ...own.map(({ addsMm }) => addsMm));
}

function bodyOf(context: PartContext): Body {
  const { shape, shrink } = context;
  const bare: Box = scaledBox(shape.box, 1 / shrink);
  const [x, y, z] = bare.max;
  const box: Box = { min: bare.min, max: [x, y + addedMm(context), z] };
  return {
    box,
    seenAlong: (axis) => seenHull(shape, LOOKED[axis]).map(([x, y]): Vec2 => [x / shrink, y / shrink]),
  };
}

const SAYS: Readonly<Record<Lie['kind'], (degrees: number) => string>> = {
  upright: () => 'upright',
  'upright, turned': (degrees) => `upright, turned ${degrees}° on the floor of the oven`,
  lying: () => 'lying down',
  'lying, turned': (degrees) => `lying down, turned ${degrees}° on the floor of the oven`,
  leaning: (degrees) => `leaning, ${degrees}° from square`,
};

function lieSays({ kind, degrees }: Lie): string {
  const turn = Math.round(degrees) % 90;
  return SAYS[kind](turn < 0 ? turn + 90 : turn);
}

/** Joints of the form between two heights, by name. */
function jointsBetween({ shape, shrink }: PartFacts, low: number, high: number): string[] {
  return shape.joints
    .filter(({ at }) => at[1] / shrink >= low && at[1] / shrink <= high)
    .map(({ name }) => name);
}

/** Whether every panel of a part of panels lies on the floor of the oven by itself. */
function panelsLie({ part, shrink }: PartFacts, { widthMm, depthMm }: Room): boolean {
  if (part.form.kind !== 'panels') return false;
  return panelCuts(part.form).every((cut) =>
    carverFits(cut.widthMm / shrink, cut.heightMm / shrink, widthMm, depthMm),
  );
}

function waysOut(context: PartFacts, body: Body, room: Room) {
  const smaller = { says: 'bake it in a larger oven: set its sizes in the Workshop' };
  if (panelsLie(context, room))
    return [{ says: 'bake its panels one by one, lying, and join them when baked' }, smaller];
  const heights = partingHeights(body, room);
  if (!heights) return [{ says: 'part it in three or more, joined when baked' }, smaller];
  const [low, high] = heights.map((mm) => formatMiniMm(miniMm(mm)));
  const joints = jointsBetween(context, ...heights).slice(0, 2);
  const where = joints.length > 0 ? `, such as at the ${joints.join(' or the ')}` : '';
  return [
    { says: `part it between ${low} and ${high} mm above its foot${where}, joined when baked` },
    smaller,
  ];
}

function judge(context: PartFacts, body: Body, room: Room, lie: Lie, tightMm: number): Verdict {
  const margin = { value: lie.marginMm, unit: 'mm' } as const;
  const mm = formatMiniMm(miniMm(Math.abs(lie.marginMm)));
  if (lie.marginMm < 0)
    return {
      level: 'stop',
      wording: 'room',
      says: `${mm} mm short, even ${lieSays(lie)}`,
      margin,
      waysOut: waysOut(context, body, room),
    };
  const says = `${lieSays(lie)}, ${mm} mm to spare`;
  if (lie.marginMm >= tightMm) return { level: 'good', wording: 'room', says, margin, waysOut: [] };
  return {
    level: 'doubtful',
    wording: 'room',
    says,
    margin,
    waysOut: [{ says: 'try it cold first, supports and tile counted in' }],
  };
}

/** Whether a part of clay goes into the oven, how it is put down, and where it is parted when it does not. */
export function reckonOven(context: PartContext): Reckoning[] {
  if (context.part.mix.length === 0) return [];
  const { own } = context;
  const [w, d, h] = [sourced('oven.width', own), sourced('oven.depth', own), sourced('oven.height', own)];
  const [c, t] = [sourced('oven.clearance', own), sourced('oven.tight', own)];
  const room: Room = {
    widthMm: w.value - 2 * c.value,
    depthMm: d.value - 2 * c.value,
    heightMm: h.value - 2 * c.value,
  };
  const body = bodyOf(context);
  const lie = plainestLie(body, room);
  return [
    figure(SIZE.oven, {
      part: context.part.id,
      ...(lie.marginMm < 0
        ? {
            title: 'Too big for the oven by',
            value: -lie.marginMm,
            formula: 'b = the part as it is put down, less what is least of W, D, H, each less 2 × c',
          }
        : { value: lie.marginMm }),
      terms: [w.term('W'), d.term('D'), h.term('H'), c.term('c')],
      note:
        addedMm(context) > 0
          ? `With ${addedMm(context).toFixed(0)} mm that an aid adds to its height.`
          : 'By the outline of the bare part: supports and tile come on top.',
      verdict: judge(context, body, room, lie, t.value),
    }),
  ];
}
