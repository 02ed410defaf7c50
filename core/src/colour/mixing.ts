import { converter, differenceCiede2000 } from 'culori';
import { Color, mix } from 'spectral.js';

/** A clay of a mix: its colour and how many parts of it. */
export interface ColourPart {
  /** `#rrggbb`. */
  readonly colour: string;
  readonly parts: number;
}

/**
 * Colour that clays make together, mixed as pigments are and not as light is (Kubelka & Munk, on spectra that fit the
 * colours): a guess, as the pigments themselves are not known.
 *
 * @returns `#rrggbb`, lower case
 * @throws {RangeError} when there is nothing to mix
 */
export function mixedColour(parts: readonly ColourPart[]): string {
  const some = parts.filter((one) => one.parts > 0);
  if (some.length === 0) throw new RangeError('the parts of a mix sum to nothing: give at least one of them');
  const [first] = some;
  if (some.length === 1 && first) return first.colour.toLowerCase();
  // Twice as much of a pigment counts twice: the mixer squares what it is given.
  return mix(...some.map(({ colour, parts: n }): [Color, number] => [new Color(colour), Math.sqrt(n)]))
    .toString({ format: 'hex' })
    .toLowerCase();
}

/** A colour by its lightness and its two opponents (CIE 1976 L*a*b*, D65). */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

const toLab = converter('lab65');
const difference = differenceCiede2000();

/**
 * How far apart two colours are seen (CIEDE2000): 1 is just to be seen side by side, 5 at a glance.
 *
 * @example colourApart('#ffffff', '#ffffff') // 0
 */
export function colourApart(one: string | Lab, other: string | Lab): number {
  const lab = (colour: string | Lab) =>
    typeof colour === 'string' ? toLab(colour) : ({ mode: 'lab65', ...colour } as const);
  const [a, b] = [lab(one), lab(other)];
  if (!a || !b) throw new RangeError(`a colour such as #a0b1c2 is wanted, got ${String(a ? other : one)}`);
  return difference(a, b);
}

/** A step from a mix towards another clay. */
export interface ColourStep {
  /** Parts of the other clay to one of the mix. */
  readonly parts: number;
  readonly colour: string;
}

/** A mix with more and more of another clay in it, in steps of equal parts. */
export function stepsTowards(mixColour: string, other: string, steps: number, each: number): ColourStep[] {
  return Array.from({ length: steps }, (_, i) => {
    const parts = (i + 1) * each;
    return {
      parts,
      colour: mixedColour([
        { colour: mixColour, parts: 1 },
        { colour: other, parts },
      ]),
    };
  });
}

/** A mix that comes near to a colour. */
export interface ColourMatch {
  /** Whole parts of each clay, in the order they were given. */
  readonly parts: readonly number[];
  readonly colour: string;
  readonly apart: number;
}

/** Most parts of one clay, and most clays that are looked through for pairs. */
const MOST_PARTS = 4;
const MOST_LOOKED = 24;
/** Threes are made of so many clays only: those of the best pairs. */
const IN_THREES = 6;

function gcd(a: number, b: number): number {
  return b === 0 ? a : gcd(b, a % b);
}

/** Every way to take whole parts of so many clays together out of some, none told twice. */
function* mixesOf(tried: readonly number[], together: number): Generator<Map<number, number>> {
  const parts = new Map<number, number>();
  function* fill(from: number): Generator<Map<number, number>> {
    if (parts.size === together) {
      if ([...parts.values()].reduce(gcd, 0) === 1) yield new Map(parts);
      return;
    }
    for (let k = from; k < tried.length; k += 1)
      for (let n = 1; n <= MOST_PARTS; n += 1) {
        const i = tried[k] ?? 0;
        parts.set(i, n);
        yield* fill(k + 1);
        parts.delete(i);
      }
  }
  yield* fill(0);
}

/**
 * Mixes of the clays there are that come nearest to a colour, the nearest first; among mixes as near, the plainer. All single
 * clays and pairs are looked through, and threes of the clays that the best pairs are made of.
 *
 * @param colours of the clays; the first two dozen are looked through
 */
export function nearestMixes(target: string, colours: readonly string[], most: number): ColourMatch[] {
  const matchOf = (mixed: ReadonlyMap<number, number>): ColourMatch => {
    const colour = mixedColour([...mixed].map(([i, parts]) => ({ colour: colours[i] ?? '#000000', parts })));
    return { parts: colours.map((_, i) => mixed.get(i) ?? 0), colour, apart: colourApart(target, colour) };
  };
  const all = colours.slice(0, MOST_LOOKED).map((_, i) => i);
  const found = [1, 2].flatMap((together) => [...mixesOf(all, together)].map(matchOf));
  const inBest = new Set<number>();
  for (const { parts } of [...found].sort((a, b) => a.apart - b.apart))
    parts.forEach((n, i) => {
      if (n > 0 && inBest.size < IN_THREES) inBest.add(i);
    });
  found.push(
    ...[
      ...mixesOf(
        [...inBest].sort((a, b) => a - b),
        3,
      ),
    ].map(matchOf),
  );
  const plain = ({ parts }: ColourMatch) =>
    parts.reduce((sum, n) => sum + n, 0) + 3 * parts.filter((n) => n > 0).length;
  return found
    .sort((a, b) => Math.round(a.apart * 10) - Math.round(b.apart * 10) || plain(a) - plain(b))
    .slice(0, most);
}
