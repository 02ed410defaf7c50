import { type DrawItem, type Drawing, dimension, moved } from '../../drawing/index.ts';
import type { Ring } from '../../form/index.ts';
import { mapOutline } from '../../form/index.ts';
import type { Timber } from '../../piece/index.ts';
import { formatMiniMm, miniMm } from '../../units/index.ts';
import type { FramedOf } from './framedOf.ts';
import type { Built, FenceOf, StepsOf } from './timberOf.ts';

const EDGE = 12;
const mm = (value: number) => formatMiniMm(miniMm(value));

function box(left: number, bottom: number, wide: number, high: number): Ring {
  return [
    [left, bottom],
    [left + wide, bottom],
    [left + wide, bottom + high],
    [left, bottom + high],
  ];
}

const wood = (ring: Ring): DrawItem => ({
  kind: 'area',
  outline: [[ring]],
  material: 'wood',
  weight: 'thin',
});

function fence(timber: Timber, { bays, railMm, pales }: FenceOf, ratio: number): DrawItem[] {
  const [thick, high, rail] = [timber.thickMm / ratio, timber.heightMm / ratio, railMm / ratio];
  const step = rail + thick;
  const items: DrawItem[] = [];
  for (let i = 0; i < bays; i += 1) {
    const from = i * step + thick;
    for (let r = 0; r < timber.rails; r += 1) {
      const up = (high * (r + 1)) / (timber.rails + 1) - thick / 2;
      items.push(wood(box(from, up, rail, thick)));
    }
    for (let k = 0; k < pales; k += 1) {
      const at = from + (rail * (k + 0.5)) / pales;
      items.push(wood(box(at - thick / 2, 0, thick, high)));
    }
  }
  for (let i = 0; i <= bays; i += 1) items.push(wood(box(i * step, 0, thick, high)));
  return [
    ...items,
    ...dimension([0, 0], [step, 0], -6, mm(step)),
    ...dimension([0, 0], [0, high], 6, mm(high)),
  ];
}

function steps(timber: Timber, { risers, riseMm }: StepsOf, ratio: number): DrawItem[] {
  const [rise, going, thick] = [riseMm / ratio, timber.stepMm / ratio, timber.thickMm / ratio];
  const [run, high] = [(risers - 1) * going, risers * rise];
  // A side runs along the fronts of the treads, level at its foot and upright against the floor it leads to.
  const side: Ring = [
    [0, 0],
    [going, 0],
    [run, Math.max(0, high - 2 * rise)],
    [run, high],
    [0, rise],
  ];
  return [
    wood(side),
    ...Array.from({ length: risers - 1 }, (_, i) =>
      wood(box(i * going, (i + 1) * rise - thick, going, thick)),
    ),
    ...dimension([0, 0], [0, rise], 6, mm(rise)),
    ...dimension([0, 0], [going, 0], -6, mm(going)),
  ];
}

function framed(timber: Timber, { members }: FramedOf, ratio: number): DrawItem[] {
  const [long, high] = [timber.lengthMm / ratio, timber.heightMm / ratio];
  return [
    ...members.flatMap(({ ring }): DrawItem[] =>
      ring
        ? mapOutline([[ring]], ([x, y]) => [x / ratio, y / ratio]).flatMap(([rim]) =>
            rim ? [wood(rim)] : [],
          )
        : [],
    ),
    ...dimension([0, 0], [long, 0], -6, mm(long)),
    ...dimension([0, 0], [0, high], 6, mm(high)),
  ];
}

function itemsOf(timber: Timber, built: Built, ratio: number): DrawItem[] {
  switch (built.kind) {
    case 'fence':
      return fence(timber, built, ratio);
    case 'steps':
      return steps(timber, built, ratio);
    default:
      return framed(timber, built, ratio);
  }
}

/** More sticks than this are not drawn one by one. */
const MOST_DRAWN = 3000;

function isDrawn({ rails }: Timber, built: Built): boolean {
  const count =
    built.kind === 'fence'
      ? built.bays * (1 + rails + built.pales)
      : built.kind === 'steps'
        ? built.risers
        : built.members.length;
  return count <= MOST_DRAWN;
}

/** What is built from sticks seen from the front, or a flight of steps from its side: at true size it is glued up on the print. */
export function timberDrawing(timber: Timber, built: Built, ratio: number): Drawing {
  const items = isDrawn(timber, built) ? itemsOf(timber, built, ratio) : [];
  const [wide, high] =
    built.kind === 'steps'
      ? [Math.max(built.runMm, timber.stepMm), timber.heightMm]
      : [timber.lengthMm, timber.heightMm];
  return {
    widthMm: wide / ratio + 2 * EDGE,
    heightMm: high / ratio + 2 * EDGE,
    items: items.map((item) => moved(item, [EDGE, EDGE])),
  };
}
