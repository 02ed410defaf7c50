import { bulkOfPart } from '../../bulk/index.ts';
import { ask, type Given } from '../../context/index.ts';
import type { Clay } from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { windowOf } from '../time/index.ts';
import { brownedAfter, curedAfter } from '../window/index.ts';
import type { PlannedLoad } from './planBakes.ts';
import { planOfPiece } from './reckoners.ts';

/** Something that may go into a load with what it is for: its clay is out and its oven is hot anyway. */
export type Alongside =
  | {
      /** A part of a later bake that bears the heat and the minutes of this one. */
      readonly kind: 'part';
      readonly part: string;
      readonly name: string;
      readonly cured: number;
    }
  /** More of a small thing that is made ahead and not all there yet. */
  | { readonly kind: 'spare'; readonly part: string; readonly name: string; readonly toMake: number }
  /** Anything of a clay of this load, up to a thickness: a swatch, a bead, a spare. */
  | { readonly kind: 'clay'; readonly clay: string; readonly name: string; readonly thickMm: number };

/** Thickest that cures of a clay in the minutes of a load by its packet, and no thicker than cures at all; null where its packet wants another heat. */
function thickOf(clay: Clay, load: PlannedLoad, stepMm: number, mostMm: number): number | null {
  const window = windowOf(clay);
  if (!window || window.highC < load.oven.meanC || window.lowC > load.oven.meanC) return null;
  return Math.min(mostMm, (load.minutes / window.highMinutes) * stepMm);
}

/** What could go into a load alongside, in the same clay and the same heat; none for a load that is not there. */
export const alongsideAsk = ask(
  'bake.alongside',
  (given: Given, { load: id }: { readonly load: string }): readonly Alongside[] => {
    const { bakes } = given.piece(planOfPiece);
    const at = bakes.findIndex(({ loads }) => loads.some((one) => one.id === id));
    const load = bakes[at]?.loads.find((one) => one.id === id);
    if (!load || bakes[at]?.done) return [];
    const { piece, own } = given.context;
    const here = new Set(load.parts.map(({ part }) => part));
    const baked = new Set(
      bakes
        .slice(0, at + 1)
        .flatMap((bake) => bake.loads.flatMap(({ parts }) => parts.map(({ part }) => part))),
    );
    const claysOf = (part: string) => given.part(bulkOfPart, part)?.uses.map(({ clay }) => clay.id) ?? [];
    const clays = new Set([...here].flatMap(claysOf));
    const later = new Map(
      bakes
        .slice(at + 1)
        .flatMap((bake) =>
          bake.loads.flatMap((one) =>
            one.parts.map((window) => [window.part, { window, dialC: one.dialC }] as const),
          ),
        )
        .reverse(),
    );
    const parts = [...later].flatMap(([part, { window, dialC }]): Alongside[] => {
      // Its curves are those of its own dial.
      const suits =
        dialC === load.dialC &&
        curedAfter(window, load.minutes) >= 1 &&
        brownedAfter(window, load.minutes) <= 1;
      const isSame = claysOf(part).some((clay) => clays.has(clay));
      if (baked.has(part) || !suits || !isSame) return [];
      const name = given.contexts.get(part)?.part.name ?? part;
      return [{ kind: 'part', part, name, cured: curedAfter(window, load.minutes) }];
    });
    const spares = piece.parts.flatMap(({ id: part, features }) =>
      features.flatMap(({ name, wanted, made, ahead }): Alongside[] =>
        ahead && wanted > made && claysOf(part).some((clay) => clays.has(clay))
          ? [{ kind: 'spare', part, name, toMake: wanted - made }]
          : [],
      ),
    );
    const stepMm = sourced('bake.per-thickness', own).value;
    const mostMm = sourced('bulk.limit', own).value;
    const swatches = piece.clays.flatMap((clay): Alongside[] => {
      const thickMm = clays.has(clay.id) ? thickOf(clay, load, stepMm, mostMm) : null;
      return thickMm === null ? [] : [{ kind: 'clay', clay: clay.id, name: clay.name, thickMm }];
    });
    return [...parts, ...spares, ...swatches];
  },
);
