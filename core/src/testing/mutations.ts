import { oneOf } from './random.ts';

type Random = () => number;
/** A place in a tree of JSON: the object or list that holds it, and its key. */
interface Place {
  readonly holder: Record<string, unknown> | unknown[];
  readonly key: string | number;
  readonly value: unknown;
}

/** Values that stand where others belong. */
const ODD: readonly unknown[] = [
  [],
  {},
  [[]],
  [{}],
  [null],
  null,
  true,
  false,
  '',
  'x',
  '0',
  'nan',
  'constructor',
  '__proto__',
  'toString',
  '\u0000',
  '2026-W00',
  '-2026-05-01',
  '2026-02-30',
  '2026-13-01T99:99:99Z',
  '+275760-09-14',
  'x'.repeat(300),
  { kind: 'person' },
  { constructor: 1 },
  { toString: 1, valueOf: 1 },
  0,
  -0,
  1,
  -1,
  0.5,
  2,
  1e-9,
  1e-300,
  5e-324,
  1e6,
  999_999,
  3e8,
  1e300,
  -1e300,
  1.7976931348623157e308,
  Number.MAX_SAFE_INTEGER,
];

/** By how much a number is made another. */
const FACTORS = [-1, 0.001, 0.1, 0.5, 2, 10, 1000, 1e6];

function* placesOf(root: unknown): Iterable<Place> {
  const waiting: unknown[] = [root];
  for (let holder = waiting.pop(); holder !== undefined; holder = waiting.pop()) {
    if (typeof holder !== 'object' || holder === null) continue;
    for (const [key, value] of Object.entries(holder)) {
      yield {
        holder: holder as Record<string, unknown>,
        key: Array.isArray(holder) ? Number(key) : key,
        value,
      };
      waiting.push(value ?? null);
    }
  }
}

/** A place found by going down from the root: fields high up are met as often as the many deep in lists. */
function placeDown(root: unknown, random: Random): Place | null {
  let place: Place | null = null;
  for (let holder: unknown = root; typeof holder === 'object' && holder !== null; holder = place.value) {
    const entries = Object.entries(holder);
    if (entries.length === 0 || (place && random() < 0.25)) break;
    const [key, value] = oneOf(entries, random);
    place = {
      holder: holder as Record<string, unknown>,
      key: Array.isArray(holder) ? Number(key) : key,
      value,
    };
  }
  return place;
}

function put({ holder, key }: Place, value: unknown): void {
  Object.defineProperty(holder, key, { value, enumerable: true, configurable: true, writable: true });
}

const DEEDS: readonly ((place: Place, places: readonly Place[], random: Random) => void)[] = [
  (place, _, random) => put(place, structuredClone(oneOf(ODD, random))),
  (place, _, random) => put(place, structuredClone(oneOf(ODD, random))),
  (place, _, random) => {
    if (typeof place.value === 'number') put(place, place.value * oneOf(FACTORS, random));
    else put(place, structuredClone(oneOf(ODD, random)));
  },
  ({ holder, key }) => {
    if (Array.isArray(holder)) holder.splice(Number(key), 1);
    else delete holder[key];
  },
  // What stands elsewhere in the file.
  (place, places, random) => put(place, structuredClone(oneOf(places, random).value)),
  ({ holder, value }) => {
    if (Array.isArray(holder)) holder.push(structuredClone(value));
    else put({ holder, key: 'constructor', value }, structuredClone(value));
  },
  ({ holder, value }) => put({ holder, key: '__proto__', value }, structuredClone(value)),
];

/**
 * A copy of a tree of JSON with a few things in it made wrong: values of other kinds and sizes, fields left out, entries twice,
 * trees moved to other places, names that the language itself uses.
 *
 * @param times how many things
 * @param random numbers from 0 to 1; the same ones make the same copy
 */
export function mutated(root: object, times: number, random: Random): unknown {
  const copy: unknown = structuredClone(root);
  for (let i = 0; i < times; i += 1) {
    const places = [...placesOf(copy)];
    if (places.length === 0) break;
    const place = random() < 0.7 ? placeDown(copy, random) : oneOf(places, random);
    if (place) oneOf(DEEDS, random)(place, places, random);
  }
  return copy;
}

/** The text of a file with a few of its bytes changed, left out, put twice, or its end cut off. */
export function mutatedText(text: string, times: number, random: Random): string {
  let now = text;
  for (let i = 0; i < times; i += 1) {
    const at = Math.floor(random() * now.length);
    const length = 1 + Math.floor(random() * 8);
    const some = now.slice(at, at + length);
    const deeds = [
      () => now.slice(0, at) + String.fromCharCode(Math.floor(random() * 256)) + now.slice(at + 1),
      () => now.slice(0, at) + now.slice(at + length),
      () => now.slice(0, at) + some + now.slice(at),
      () => now.slice(0, at),
      () =>
        now.slice(0, at) +
        oneOf(['1e999', '-', '[', '{', '"', ',', '\u2028', '9'.repeat(400)], random) +
        now.slice(at),
    ];
    now = oneOf(deeds, random)();
  }
  return now;
}
