import { dequal } from 'dequal';
import type { Form } from '../types.ts';
import { oval, type Start } from './entries.ts';
import { GOODS } from './goods.ts';
import { INDOORS } from './indoors.ts';
import { LIVING } from './living.ts';
import { NATURE } from './nature.ts';
import { THINGS } from './things.ts';

export type { Start } from './entries.ts';

/** The last offer of every search: what there is no start for is drawn from the front and the side. */
const OWN_DRAWING: Start = {
  id: 'own-drawing',
  title: 'Own drawing',
  group: 'plain forms',
  also: 'sketch outline trace drawn silhouette picture svg',
  form: {
    kind: 'drawn',
    front: oval(60, 100),
    side: oval(50, 100),
    top: [],
    depthMm: 50,
    edge: 'round',
  },
};

/** Everything a new part can start from. */
export const STARTS: readonly Start[] = [...LIVING, ...NATURE, ...THINGS, ...GOODS, ...INDOORS, OWN_DRAWING];

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];

/** Pairs of letters that stand beside each other, its ends marked. */
function pairsOf(word: string): string[] {
  const whole = `^${word}$`;
  return Array.from({ length: whole.length - 1 }, (_, i) => whole.slice(i, i + 2));
}

/** How alike two words are, 0 to 1: twice the pairs of letters they share over all they have (Dice’s coefficient). */
function likeness(a: string, b: string): number {
  const left = pairsOf(a);
  const right = pairsOf(b);
  const all = left.length + right.length;
  let shared = 0;
  for (const pair of left) {
    const at = right.indexOf(pair);
    if (at < 0) continue;
    right.splice(at, 1);
    shared += 1;
  }
  return (2 * shared) / all;
}

/** Words less alike than this have nothing to do with each other. */
const LEAST_ALIKE = 0.4;
/** Guesses that are offered at most. */
const GUESSES = 8;

/** Starts whose words are most like those of a question, the likest first. */
function guessedStarts(words: readonly string[]): Start[] {
  return STARTS.map((start) => {
    const own = wordsOf(`${start.title} ${start.also}`);
    const like = Math.max(0, ...words.flatMap((word) => own.map((one) => likeness(word, one))));
    return { start, like };
  })
    .filter(({ like }) => like >= LEAST_ALIKE)
    .sort((a, b) => b.like - a.like)
    .slice(0, GUESSES)
    .map(({ start }) => start);
}

/** How well a start answers a question: by its own name, by a whole other word, by part of one. */
function rankOf({ title, also }: Start, words: readonly string[]): number {
  const name = title.toLowerCase();
  const [first = ''] = words;
  if (name === words.join(' ')) return 0;
  if (name.startsWith(first)) return 1;
  if (wordsOf(`${title} ${also}`).includes(first)) return 2;
  return 3;
}

/** What is found by a question; what only comes near to it is a guess. */
export interface FoundStarts {
  readonly starts: readonly Start[];
  readonly isGuess: boolean;
}

/**
 * Starts that hold every word of a question in their name, group or other words, those whose own name it is first; where
 * there is none, those that are called something like it; and where nothing is, the plain forms. Never empty.
 *
 * @example findStarts('hors').starts[0].title // 'Horse'
 * @example findStarts('dragn') // { starts: [Dragon, …], isGuess: true }
 */
export function findStarts(question: string): FoundStarts {
  const words = wordsOf(question);
  const found = STARTS.filter(({ title, group: name, also }) => {
    const text = `${title} ${name} ${also}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  if (found.length > 0) {
    const ranked = found.map((start) => ({ start, rank: words.length > 0 ? rankOf(start, words) : 0 }));
    return { starts: ranked.sort((a, b) => a.rank - b.rank).map(({ start }) => start), isGuess: false };
  }
  const guessed = guessedStarts(words);
  const plain = STARTS.filter(({ group: name }) => name === 'plain forms');
  return { starts: guessed.length > 0 ? [...guessed, OWN_DRAWING] : plain, isGuess: true };
}

/**
 * The start a form still is, as long as nothing of it has been changed; null for one that was.
 *
 * @example startOf({ kind: 'ball', diameterMm: 41 }) // null
 */
export function startOf(form: Form): Start | null {
  return STARTS.find((start) => start.form.kind === form.kind && dequal(start.form, form)) ?? null;
}
