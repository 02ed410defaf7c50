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

/** Most clays that are tried together, and most parts of one of them. */
const MOST_CLAYS = 3;
const MOST_PARTS = 5;
/** Clays beyond these are not tried: the number of mixes grows with their cube. */
const MOST_TRIED = 12;

function gcd(a: number, b: number): number {
  return b === 0 ? a : gcd(b, a % b);
}

/** Every way to take whole parts of up to three clays out of so many, none told twice. */
function* mixesOf(count: number): Generator<number[]> {
  const all = Math.min(count, MOST_TRIED);
  const parts = new Array<number>(count).fill(0);
  function* fill(from: number, clays: number): Generator<number[]> {
    if (clays > 0 && parts.reduce(gcd, 0) === 1) yield [...parts];
    if (clays === MOST_CLAYS) return;
    for (let i = from; i < all; i += 1)
      for (let n = 1; n <= MOST_PARTS; n += 1) {
        parts[i] = n;
        yield* fill(i + 1, clays + 1);
        parts[i] = 0;
      }
  }
  yield* fill(0, 0);
}

/**
 * Mixes of the clays there are that come nearest to a colour, the nearest first; among mixes as near, the plainer.
 *
 * @param colours of the clays; the first twelve are tried
 */
export function nearestMixes(target: string, colours: readonly string[], most: number): ColourMatch[] {
  const found: ColourMatch[] = [];
  for (const parts of mixesOf(colours.length)) {
    const colour = mixedColour(parts.map((n, i) => ({ colour: colours[i] ?? '#000000', parts: n })));
    found.push({ parts, colour, apart: colourApart(target, colour) });
  }
  const plain = ({ parts }: ColourMatch) =>
    parts.reduce((sum, n) => sum + n, 0) + 3 * parts.filter(Boolean).length;
  return found
    .sort((a, b) => Math.round(a.apart * 10) - Math.round(b.apart * 10) || plain(a) - plain(b))
    .slice(0, most);
}
