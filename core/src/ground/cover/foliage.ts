import type { Foliage } from '../../piece/index.ts';
import { figure, type OwnValues, type Reckoning, sourced, termFrom } from '../../reckoning/index.ts';
import { COVER } from '../figures.ts';

/** A tree of the hours’ row: as high as this, mm. */
const OF_ROW_MM = 500;

/** Handbook row of the hours a way takes on a tree of 50 cm; null for a bare one. */
export function foliageRow(foliage: Foliage): string | null {
  switch (foliage) {
    case 'none':
      return null;
    case 'twig':
      return 'cover.twig';
    case 'moss':
      return 'cover.moss-tree';
    case 'fibre':
      return 'cover.fibre-tree';
    case 'leaf':
      return 'cover.leaf-tree';
    case 'tuft':
      return 'cover.tuft-tree';
  }
}

/** Hours that a way of filling a crown takes on a tree so high: by its surface, which grows with the height squared. */
export function foliageHours(foliage: Foliage, heightMm: number, own: OwnValues): number {
  const row = foliageRow(foliage);
  return row === null ? 0 : sourced(row, own).value * (heightMm / OF_ROW_MM) ** 2;
}

/** A tree on the plan, and how it is to be filled. */
export interface Tree {
  readonly id: string;
  readonly name: string;
  readonly heightMm: number;
  readonly foliage: Foliage;
  /** The most that is seen of it from any eye, %; 100 where there is no eye. */
  readonly seenPct: number;
}

/** Hours of all foliage, one figure a tree. */
export function reckonFoliage(trees: readonly Tree[], own: OwnValues): Reckoning[] {
  const hours = trees.flatMap(({ id, name, heightMm, foliage }): Reckoning[] => {
    const id50 = foliageRow(foliage);
    if (id50 === null) return [];
    const row = sourced(id50, own);
    return [
      figure(COVER.hours, {
        at: id,
        part: null,
        title: `${name}, foliage`,
        value: foliageHours(foliage, heightMm, own),
        terms: [
          row.term('t'),
          {
            symbol: 'h',
            name: 'Height',
            quantity: { value: heightMm, unit: 'mm' },
            origin: { kind: 'shape', says: 'the tree on the plan' },
          },
        ],
      }),
    ];
  });
  if (hours.length === 0) return [];
  const terms = hours.map((one, i) => termFrom(`T${i + 1}`, one));
  return [
    ...hours,
    figure(COVER.all, {
      part: null,
      value: hours.reduce((sum, { quantity }) => sum + quantity.value, 0),
      formula: `T = ${terms.map(({ symbol }) => symbol).join(' + ')}`,
      terms,
    }),
  ];
}

/** What is proposed for the trees within so many hours, and what it comes to. */
export interface FoliageProposal {
  readonly foliage: ReadonlyMap<string, Foliage>;
  readonly hours: number;
}

/**
 * The good way where it is seen and the quick one behind: all trees quick at first, then the most seen ones made well while the
 * hours last.
 *
 * @param hours to be spent on all of them
 * @param good the way that is wanted where it is seen
 * @param quick the way that does elsewhere
 */
export function proposeFoliage(
  trees: readonly Tree[],
  hours: number,
  own: OwnValues,
  good: Foliage = 'twig',
  quick: Foliage = 'moss',
): FoliageProposal {
  const foliage = new Map<string, Foliage>(trees.map(({ id }) => [id, quick]));
  let spent = trees.reduce((sum, { heightMm }) => sum + foliageHours(quick, heightMm, own), 0);
  const seenFirst = [...trees].sort((a, b) => b.seenPct - a.seenPct || a.heightMm - b.heightMm);
  for (const { id, heightMm } of seenFirst) {
    const more = foliageHours(good, heightMm, own) - foliageHours(quick, heightMm, own);
    if (spent + more > hours) continue;
    foliage.set(id, good);
    spent += more;
  }
  return { foliage, hours: spent };
}
