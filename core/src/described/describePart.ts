import { type Form, findStarts, type Start, scaledForm, shapeOf } from '../form/index.ts';
import type { PartState } from '../piece/index.ts';
import type { ResolvedScale } from '../scale/index.ts';
import { parseLength } from '../units/index.ts';
import {
  COUNTS,
  MATERIALS,
  type Material,
  PLAINS,
  type Plain,
  ROLES,
  type Role,
  STATES,
  singular,
} from './words.ts';

/** A part as a line of words gives it. */
export interface Described {
  readonly name: string;
  readonly form: Form;
  /** Whether its lengths are those on the bench, or in life. */
  readonly sized: 'life' | 'miniature';
  readonly count: number;
  readonly state: PartState;
  readonly material: Material;
  /** What was taken for granted, each as a sentence’s end: “30 mm long”. */
  readonly assumed: readonly string[];
  /** What it was begun from, where that is only the nearest that there is; empty else. */
  readonly guess: string;
}

interface Size {
  readonly mm: number;
  readonly role: Role | null;
  /** Typed in metres or feet: a length in life. */
  readonly isLife: boolean;
}

/** A line while it is read: what is left of it, and what was found. */
interface Reading {
  left: string;
  readonly sizes: Size[];
  count: number;
  state: PartState;
  material: Material | null;
}

const NUMBER = String.raw`(?:\d+[.,]?\d*\s+\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d+[.,]?\d*(?:\s*[¼½¾⅛⅜⅝⅞])?|[¼½¾⅛⅜⅝⅞])`;
const UNITS = `(?:mm|cm|m|in(?:ch(?:es)?)?|ft|feet|foot|"|″|'|′)`;
const END = String.raw`(?![\p{L}\d])`;
const TIMES = String.raw`\s*(?:×|x|by|\*)\s*`;
const AMOUNT = String.raw`(${NUMBER})(?:\s*(${UNITS}${END}))?`;
/** One to three lengths joined by “×”, the unit at the end that of all. */
const SIZES = new RegExp(
  String.raw`${AMOUNT}(?:${TIMES}${AMOUNT})?(?:${TIMES}${AMOUNT})?(?:\s+(\p{L}+))?`,
  'giu',
);
const COUNT_FIRST = new RegExp(String.raw`^\s*(\d{1,4})\s*(?:×|x|\*)?\s+(?=\p{L})(?!${UNITS}\b)`, 'iu');
const COUNT_LAST =
  /(?<=\p{L})[,;]?\s*(?:×|x|\*)\s*(\d{1,4})\s*$|[,;]\s*(\d{1,4})\s*(?:of them|off|pieces)?\s*$/iu;

const isLifeUnit = (unit: string | undefined) => /^(m|ft|feet|foot|'|′)$/i.test(unit ?? '');

function lengthOf(amount: string, unit: string): number | null {
  const read = parseLength(`${amount.trim()} ${unit}`.trim(), { unit: 'mm', sign: 'positive' });
  return read.ok ? read.lengthMm : null;
}

/** Lengths with what they are of; taken out of the line. */
function readSizes(reading: Reading): void {
  reading.left = reading.left.replace(SIZES, (_, a, ua, b, ub, c, uc, word: string | undefined) => {
    const unit = (uc ?? ub ?? ua ?? 'mm') as string;
    const role = word === undefined ? null : (ROLES[word.toLowerCase()] ?? null);
    for (const [amount, own] of [
      [a, ua],
      [b, ub],
      [c, uc],
    ] as const) {
      if (amount === undefined) continue;
      const mm = lengthOf(amount, own ?? unit);
      if (mm !== null) reading.sizes.push({ mm, role, isLife: isLifeUnit(own ?? unit) });
    }
    return role === null && word !== undefined ? ` ${word}` : ' ';
  });
}

function readCount(reading: Reading): void {
  const first = COUNT_FIRST.exec(reading.left);
  if (first) {
    reading.count = Number(first[1]);
    reading.left = reading.left.slice(first[0].length);
  }
  const last = COUNT_LAST.exec(reading.left);
  if (last) {
    reading.count = Number(last[1] ?? last[2]);
    reading.left = reading.left.slice(0, last.index);
  }
}

/** Words of count, state and stuff; what is left names the thing. */
function readWords(reading: Reading): string[] {
  const words = reading.left.match(/[\p{L}][\p{L}\p{N}’'-]*/gu) ?? [];
  const isOverWire = /\b(?:on|over|round|around)\s+(?:a\s+)?wires?\b/i.test(reading.left);
  const kept: string[] = [];
  words.forEach((word, i) => {
    const plain = singular(word.toLowerCase());
    const lower = word.toLowerCase();
    if (kept.length === 0 && /^(a|an|the|of|about|some|my)$/.test(lower)) return;
    if (isOverWire && (/^(on|over|round|around)$/.test(lower) || (plain === 'wire' && i > 0))) return;
    const count = COUNTS[lower];
    if (count !== undefined) {
      reading.count = count;
      return;
    }
    const state = STATES[lower];
    if (state) {
      reading.state = state;
      return;
    }
    const material = MATERIALS[plain];
    if (material && !reading.material) reading.material = material;
    kept.push(word);
  });
  return kept;
}

/** Sizes by what they are of; those without a word in the order typed. */
class Sizes {
  readonly #left: Size[];
  readonly assumed: string[] = [];

  constructor(sizes: readonly Size[]) {
    this.#left = [...sizes];
  }

  /** The length of a role, else the next that has none, else what is taken for granted. */
  take(roles: readonly Role[], usual: number, says: string): number {
    const at = this.#left.findIndex(({ role }) => role !== null && roles.includes(role));
    const found = at >= 0 ? at : this.#left.findIndex(({ role }) => role === null);
    const [size] = found >= 0 ? this.#left.splice(found, 1) : [];
    if (size) return size.mm;
    this.assumed.push(`${Math.round(usual * 10) / 10} mm ${says}`);
    return usual;
  }

  /** Plain lengths from the largest to the smallest. */
  descending(): void {
    this.#left.sort((a, b) => b.mm - a.mm);
  }

  get count(): number {
    return this.#left.length;
  }

  has(role: Role): boolean {
    return this.#left.some((one) => one.role === role);
  }
}

/** How large a thing is begun where nobody has said, and there is no scale, mm. */
export const BEGUN_MM = 40;
/** How many times as long as thick a rod is taken for. */
const SLENDER = 6;
const WIRE_SLENDER = 10;

function plainForm(plain: Plain, sizes: Sizes, isWire: boolean): Form {
  switch (plain) {
    case 'ball':
      return { kind: 'ball', diameterMm: sizes.take(['thick', 'high', 'wide', 'long'], BEGUN_MM, 'across') };
    case 'rod': {
      // A wire is called by its thickness; anything else that is long by its length.
      const slender = isWire ? WIRE_SLENDER : SLENDER;
      const onlyThick =
        sizes.count === 1 && (isWire || sizes.has('thick')) && !sizes.has('long') && !sizes.has('high');
      if (onlyThick) {
        const thick = sizes.take(['thick'], 3, 'thick');
        const lengthMm = sizes.take(['long', 'high'], slender * thick, 'long');
        return { kind: 'rod', lengthMm, startMm: thick, endMm: thick, lying: false };
      }
      sizes.descending();
      const lengthMm = sizes.take(['long', 'high'], BEGUN_MM, 'long');
      const thick = sizes.take(['thick', 'wide'], lengthMm / slender, 'thick');
      return { kind: 'rod', lengthMm, startMm: thick, endMm: thick, lying: false };
    }
    case 'cylinder':
    case 'cone': {
      const heightMm = sizes.take(['high', 'long', 'deep'], BEGUN_MM, 'high');
      const bottomMm = sizes.take(['thick', 'wide'], heightMm / 2, 'across');
      return { kind: 'cylinder', heightMm, bottomMm, topMm: plain === 'cone' ? 0 : bottomMm, lying: false };
    }
    case 'block': {
      const widthMm = sizes.take(['wide', 'long', 'thick'], BEGUN_MM, 'wide');
      const heightMm = sizes.take(['high'], widthMm, 'high');
      return { kind: 'block', widthMm, heightMm, depthMm: sizes.take(['deep', 'thick'], heightMm, 'deep') };
    }
    case 'sheet': {
      const widthMm = sizes.take(['wide', 'long'], BEGUN_MM, 'wide');
      const depthMm = sizes.take(['deep', 'long', 'high'], widthMm, 'long');
      return { kind: 'block', widthMm, depthMm, heightMm: sizes.take(['thick'], 3, 'thick') };
    }
    case 'ring': {
      const acrossMm = sizes.take(['wide', 'thick', 'high'], BEGUN_MM, 'across');
      return {
        kind: 'ring',
        acrossMm,
        thicknessMm: sizes.take(['thick'], acrossMm / 5, 'thick'),
        lying: true,
      };
    }
  }
}

/** A thing out of the list, made as large as the line says. */
function startForm(start: Start, sizes: Sizes, isOpen: boolean): { form: Form; isBench: boolean } {
  if (sizes.count === 0 && !isOpen) return { form: start.form, isBench: false };
  const wanted = sizes.take(['high', 'long', 'thick', 'wide'], BEGUN_MM, 'high');
  // As high as it is said to be, ears and all: a beast’s own measure is at its shoulder.
  const { min, max } = shapeOf(start.form).box;
  return { form: scaledForm(start.form, wanted / (max[1] - min[1])), isBench: true };
}

const titled = (words: readonly string[]) => {
  const name = words.join(' ').trim().slice(0, 200);
  return name === '' ? '' : name.charAt(0).toUpperCase() + name.slice(1);
};

/**
 * A part out of one line of words: how many of what, of which stuff, how large, and how far it has come. It never comes back
 * empty: what is not known is begun from the nearest that is, and what was not said is taken for granted and told.
 *
 * @param scale where it is open, or the line says millimetres or inches, lengths are those on the bench
 * @example describePart('foil ball 40 mm', scale) // a ball of foil, 40 mm across
 * @example describePart('3 mm wire legs, four', scale) // four rods of wire, 3 mm thick, taken for 30 mm long
 */
export function describePart(line: string, scale: Pick<ResolvedScale, 'isOpen'>): Described {
  const reading: Reading = { left: line, sizes: [], count: 1, state: 'planned', material: null };
  readCount(reading);
  readSizes(reading);
  const words = readWords(reading);
  const nouns = words.map((word) => singular(word.toLowerCase()));
  const sizes = new Sizes(reading.sizes);
  const isLife = reading.sizes.length > 0 && reading.sizes.every((one) => one.isLife) && !scale.isOpen;
  const noun = nouns.findLast((word) => PLAINS[word] !== undefined && word === nouns.at(-1));
  const plain = noun === undefined ? undefined : PLAINS[noun];
  const material: Material = reading.material ?? { kind: 'clay' };
  const common = { count: Math.min(10_000, Math.max(1, reading.count)), state: reading.state, material };
  if (plain) {
    const isWire = material.kind === 'stuff' && material.stuff === 'wire';
    const form = plainForm(plain, sizes, isWire);
    return {
      ...common,
      name: titled(words),
      form,
      sized: isLife ? 'life' : 'miniature',
      assumed: sizes.assumed,
      guess: '',
    };
  }
  const found = lookedUp(nouns);
  const { form, isBench } = startForm(found.start, sizes, scale.isOpen);
  return {
    ...common,
    name: titled(words) || found.start.title,
    form,
    sized: isBench && !isLife ? 'miniature' : 'life',
    assumed: sizes.assumed,
    guess: found.isGuess ? found.start.title : '',
  };
}

/** The thing that the words name; the last of them says most. */
function lookedUp(nouns: readonly string[]): { readonly start: Start; readonly isGuess: boolean } {
  for (const question of [nouns.join(' '), nouns.at(-1) ?? '']) {
    const { starts, isGuess } = findStarts(question);
    const [start] = starts;
    if (start && !isGuess && question !== '') return { start, isGuess };
  }
  const [start] = findStarts(nouns.at(-1) ?? 'block').starts;
  if (!start) throw new RangeError('nothing to begin from');
  return { start, isGuess: true };
}
