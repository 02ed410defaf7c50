import type { Given } from '../../context/index.ts';
import { areaOf, intersected, type Outline, type Ring, uniteAreas, without } from '../../form/index.ts';
import type { Cover } from '../../piece/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom } from '../../reckoning/index.ts';
import { COVER } from '../figures.ts';
import { ringOf } from '../heap/ringOf.ts';
import { edgeOf, whyNoArea } from '../plan/boardRing.ts';
import { onPlan, type Placed } from '../plan/standing.ts';

/** What of a cover lies on the base, and what of that is taken by what stands there and by water; mm². */
function areasOf({ context }: Given, ring: Ring, placed: readonly Placed[]) {
  const { board, pours } = context.piece;
  const edge = edgeOf(board);
  const onBase: Outline = edge ? intersected([[ring]], [[edge]]) : [[ring]];
  const taken: Outline[] = [
    ...placed
      .filter(({ print, liftMm, on }) => print.feet.length > 2 && (liftMm === 0 || on !== null))
      .map(({ print, spot }): Outline => [[print.feet.map(onPlan(spot))]]),
    ...pours.flatMap(({ points }): Outline[] => {
      const water = ringOf(points);
      return whyNoArea(water) === null ? [[[water]]] : [];
    }),
  ];
  const whole = areaOf(onBase);
  const free = taken.length === 0 ? whole : areaOf(without(onBase, uniteAreas(taken)));
  return { whole, taken: whole - free };
}

const shaped = (symbol: string, name: string, mm2: number): Term => ({
  symbol,
  name,
  quantity: { value: mm2 / 100, unit: 'cm²' },
  origin: { kind: 'shape', says: 'the plan' },
});

/** What a cover of ground takes, and what seals it. */
export function reckonCover(given: Given, cover: Cover, placed: readonly Placed[]): Reckoning[] {
  const { own } = given.context;
  const ring = ringOf(cover.points);
  const why = whyNoArea(ring);
  const base = { at: cover.id, part: null } as const;
  const { whole, taken } = why === null ? areasOf(given, ring, placed) : { whole: 0, taken: 0 };
  const area = figure(COVER.area, {
    ...base,
    title: `${cover.name}, area`,
    value: (whole - taken) / 100,
    terms: [
      shaped('O', 'Its outline, on the base', whole),
      shaped('S', 'What stands there, and water', taken),
    ],
    ...(why !== null && {
      verdict: {
        level: 'stop',
        wording: 'state',
        says: `${cover.name} is no outline: ${why}`,
        waysOut: [{ says: 'move one of its corners' }],
      } as const,
    }),
  });
  if (why !== null) return [area];
  const density = sourced(`cover.${cover.of}`, own);
  const soak = sourced('cover.soak', own);
  return [
    area,
    figure(COVER.grams, {
      ...base,
      title: `${cover.name}, to take`,
      value: ((area.quantity.value * cover.deepMm) / 10) * density.value,
      terms: [
        termFrom('A', area),
        {
          symbol: 'd',
          name: 'Deep, or long',
          quantity: { value: cover.deepMm, unit: 'mm' },
          origin: { kind: 'entry', path: ['covers', cover.id, 'deepMm'] },
        },
        density.term('ρ'),
      ],
    }),
    figure(COVER.soak, {
      ...base,
      title: `${cover.name}, to seal it`,
      value: area.quantity.value * soak.value,
      terms: [termFrom('A', area), soak.term('s')],
      note: 'Wetted first with alcohol and water, half and half; then medium and water.',
    }),
  ];
}
