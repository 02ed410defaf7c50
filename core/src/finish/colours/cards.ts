import { type ColourMatch, colourApart, mixedColour, nearestMixes } from '../../colour/index.ts';
import {
  DEFAULT_MIX,
  DEFAULT_POT,
  FINISH_MOST,
  newId,
  type PaintMix,
  type PaintPot,
  type Piece,
  type PotPart,
} from '../../piece/index.ts';

/** A mix that comes near to a colour, by the pots it is made of. */
export interface PotMatch {
  readonly parts: readonly PotPart[];
  readonly colour: string;
  /** ΔE00. */
  readonly apart: number;
}

/** Pots that are looked through for a colour: those nearest to it, with the lightest and the darkest. */
const LOOKED = 20;

/** Pots that may be of use for a colour: the nearest ones, and white and black if there are such. */
function ofUse(target: string, pots: readonly PaintPot[]): readonly PaintPot[] {
  if (pots.length <= LOOKED) return pots;
  const near = [...pots].sort((a, b) => colourApart(target, a.colour) - colourApart(target, b.colour));
  const ends = ['#ffffff', '#000000', '#c02020', '#e0b020', '#2040a0'].flatMap(
    (end) => [...pots].sort((a, b) => colourApart(end, a.colour) - colourApart(end, b.colour))[0] ?? [],
  );
  return [...new Set([...ends, ...near])].slice(0, LOOKED);
}

/** Mixes of the pots there are that come nearest to a colour, the nearest first. */
export function matchesOf(target: string, pots: readonly PaintPot[], most: number): readonly PotMatch[] {
  const some = ofUse(target, pots);
  return nearestMixes(
    target,
    some.map(({ colour }) => colour),
    most,
  ).map(({ parts, colour, apart }: ColourMatch) => ({
    colour,
    apart,
    parts: parts.flatMap((n, i) => {
      const pot = some[i];
      return pot && n > 0 ? [{ id: pot.id, parts: n }] : [];
    }),
  }));
}

/** What the parts of a card make together; null where none of its pots are there. */
export function colourOfMix(pots: readonly PaintPot[], parts: readonly PotPart[]): string | null {
  const some = parts.flatMap(({ id, parts: n }) => {
    const pot = pots.find((one) => one.id === id);
    return pot ? [{ colour: pot.colour, parts: n }] : [];
  });
  return some.length === 0 ? null : mixedColour(some);
}

/** How much of every pot so much of a mix takes, cm³, in the order of its parts. */
export function takesOf(
  parts: readonly PotPart[],
  cm3: number,
): readonly { readonly id: string; readonly cm3: number }[] {
  const all = parts.reduce((sum, one) => sum + one.parts, 0);
  return parts.map((one) => ({ id: one.id, cm3: (cm3 * one.parts) / all }));
}

/**
 * The parts for the next batch, once the last came out off the mark: the mix that would have been as far off as it came out, the
 * other way. A card that came out right keeps its parts.
 *
 * @returns null where the pots do not come nearer than it came out
 */
export function nextBatch(
  { colour, parts, made }: Pick<PaintMix, 'colour' | 'parts' | 'made'>,
  pots: readonly PaintPot[],
): PotMatch | null {
  const meant = colourOfMix(pots, parts);
  if (made === null || meant === null) return null;
  const channel = (of: string, k: number) => Number.parseInt(of.slice(1 + 2 * k, 3 + 2 * k), 16);
  // As much lighter, darker, warmer than is wanted as it came out the other way than was reckoned.
  const aimed = `#${[0, 1, 2]
    .map((k) => Math.min(255, Math.max(0, channel(colour, k) + channel(meant, k) - channel(made, k))))
    .map((n) => Math.round(n).toString(16).padStart(2, '0'))
    .join('')}`;
  const [best] = matchesOf(aimed, pots, 1);
  if (!best || best.apart >= colourApart(made, colour)) return null;
  return best;
}

/** A piece with one more pot of paint. */
export function withPot(piece: Piece, pot: Partial<PaintPot>): Piece {
  if (piece.pots.length >= FINISH_MOST.pots) return piece;
  return { ...piece, pots: [...piece.pots, { ...DEFAULT_POT, ...pot, id: newId('pot') }] };
}

/** A piece without a pot; cards keep their other parts. */
export function withoutPot(piece: Piece, id: string): Piece {
  return {
    ...piece,
    pots: piece.pots.filter((pot) => pot.id !== id),
    paintMixes: piece.paintMixes.map((mix) => ({ ...mix, parts: mix.parts.filter((one) => one.id !== id) })),
  };
}

/** A piece with one more card; one of a name that is there is its next version. */
export function withMix(piece: Piece, mix: Pick<PaintMix, 'name' | 'colour' | 'parts'>): Piece {
  if (piece.paintMixes.length >= FINISH_MOST.mixes) return piece;
  const before = piece.paintMixes.filter(({ name }) => name === mix.name).map(({ version }) => version);
  const card: PaintMix = {
    ...DEFAULT_MIX,
    ...mix,
    parts: mix.parts.map((one) => ({ ...one })),
    id: newId('mix'),
    version: Math.max(0, ...before) + 1,
  };
  return { ...piece, paintMixes: [...piece.paintMixes, card] };
}
