import type { PieceContext } from '../../context/index.ts';
import type { Ring } from '../../form/index.ts';
import type { Board } from '../../piece/index.ts';
import { figure, type Reckoning, sourced, type Term, type Verdict } from '../../reckoning/index.ts';
import { GROUND } from '../figures.ts';
import { enlarged } from './boardRing.ts';
import { toEdge } from './room.ts';
import type { AsItStands, Clearance } from './standing.ts';

/** The longest that names are told in a sentence about several. */
const MOST_NAMED = 3;

function named(names: readonly string[]): string {
  const some = [...new Set(names)];
  return some.length <= MOST_NAMED
    ? some.join(', ')
    : `${some.slice(0, MOST_NAMED).join(', ')} and ${some.length - MOST_NAMED} more`;
}

/** How far what stands on the base reaches over its edge. */
export function reckonOver(
  board: Board,
  ring: Ring,
  stands: readonly AsItStands[],
  names: ReadonlyMap<string, string>,
): Reckoning {
  const most = Math.max(0, ...stands.map(({ overMm }) => overMm));
  const name = (list: readonly AsItStands[]) => named(list.map(({ id }) => names.get(id) ?? id));
  const fallen = stands.filter(({ feetOverMm }) => feetOverMm > 0.05);
  const leaning = stands.filter(({ overMm, feetOverMm }) => overMm > 0.05 && feetOverMm <= 0.05);
  // A convex outline round a circle of ρ, grown m all round, lies within 1 + m ÷ ρ of itself.
  const by = 1 + most / Math.max(1, toEdge([0, 0], ring));
  const worst = stands.find(({ overMm }) => overMm === most);
  const verdict: Verdict =
    fallen.length > 0
      ? {
          level: 'stop',
          wording: 'state',
          says: `${name(fallen)} not wholly on the base`,
          waysOut: [
            { says: 'move it inward' },
            {
              says: `a base ${Math.ceil((by - 1) * 100)} % larger`,
              change: { path: ['board'], value: enlarged(board, by) },
            },
          ],
        }
      : leaning.length > 0
        ? {
            level: 'doubtful',
            wording: 'state',
            says: `${name(leaning)} reaches over the edge: it is knocked first`,
            waysOut: [{ says: 'turn it, or move it inward' }],
          }
        : { level: 'good', wording: 'state', says: 'nothing reaches over the edge', waysOut: [] };
  return figure(GROUND.over, {
    part: null,
    value: most,
    terms: worst
      ? [
          {
            symbol: 'r',
            name: names.get(worst.id) ?? worst.id,
            quantity: { value: most, unit: 'mm' },
            origin: { kind: 'shape', says: 'its outline from above, where it stands' },
          },
        ]
      : [],
    verdict,
  });
}

/** The least room between two things, and what goes through it. */
export function reckonClosest(
  { own }: PieceContext,
  bare: readonly AsItStands[],
  names: ReadonlyMap<string, string>,
  grown: ReadonlyMap<string, Term>,
): Reckoning[] {
  const grows = (id: string) => grown.get(id)?.quantity.value ?? 0;
  // What foliage adds to a crown is taken from the room about it.
  const stands = bare.map((one): AsItStands => {
    const { nearest: next } = one;
    if (!next) return one;
    const mm = Math.max(0, next.mm - next.between.reduce((sum, id) => sum + grows(id), 0));
    return { ...one, nearest: { ...next, mm } };
  });
  const nearest = stands.reduce<Clearance | null>(
    (best, { nearest: one }) => (one && (!best || one.mm < best.mm) ? one : best),
    null,
  );
  if (!nearest) return [];
  const [tool, finger, based] = ['ground.tool', 'ground.finger', 'ground.based'].map((id) =>
    sourced(id, own),
  );
  const [a, b] = nearest.between.map((id) => names.get(id) ?? id);
  const touching = [...new Set(stands.flatMap(({ nearest: one }) => (one?.mm === 0 ? one.between : [])))];
  const { mm } = nearest;
  const foliage = nearest.between
    .flatMap((id) => grown.get(id) ?? [])
    .map((term, i): Term => ({ ...term, symbol: i === 0 ? 'u' : 'w' }));
  const at = a === b ? `one ${a} and another` : `${a} and ${b}`;
  const says =
    mm === 0
      ? `${touching.length > 2 ? named(touching.map((id) => names.get(id) ?? id)) : at} stand in one another, ${nearest.upMm.toFixed(0)} mm up`
      : mm < (tool?.value ?? 0)
        ? `no brush goes between ${at}: paint them first`
        : mm < (finger?.value ?? 0)
          ? `a brush goes between ${at}, a finger does not`
          : mm < (based?.value ?? 0)
            ? `a finger goes between ${at}`
            : `a figure on a 1 in base passes between ${at}`;
  return [
    figure(GROUND.closest, {
      part: null,
      value: mm,
      ...(foliage.length > 0 && {
        formula: `c = the least way between slices at one height, less foliage; t, f, p, ${foliage.map(({ symbol }) => symbol).join(', ')}`,
      }),
      terms: [
        ...[tool, finger, based].flatMap((row, i) => row?.term(['t', 'f', 'p'][i] ?? 't') ?? []),
        ...foliage,
      ],
      verdict: {
        level: mm === 0 ? 'stop' : mm < (tool?.value ?? 0) ? 'doubtful' : 'good',
        wording: 'state',
        says,
        waysOut: mm < (tool?.value ?? 0) ? [{ says: a === b ? `move one ${a}` : `move ${a} or ${b}` }] : [],
      },
    }),
  ];
}
