import { ProbeFileError, readProbeCsv } from '../bake/probe/index.ts';
import type { Subject } from '../context/index.ts';
import { lowWaterFerry, tollFrogs } from '../demo/index.ts';
import { makeShapeStore, type ShapeStore, STARTS } from '../form/index.ts';
import { isOwnRow, TABLES } from '../handbook/index.ts';
import { readPiece, writePiece } from '../piece/file.ts';
import { DEFAULT_PART, newPiece, type Part, type Piece, PieceFileError } from '../piece/index.ts';
import { reckonPiece, SUBJECTS } from '../spine/index.ts';
import { mutated, mutatedText } from './mutations.ts';
import { oneOf, seeded } from './random.ts';

const NOW = '2026-05-01T09:00:00Z';

/** What came of one file that was made wrong. */
export interface Attacked {
  readonly seed: number;
  readonly text: string;
  /** Refused with an error of its own, or opened. */
  readonly end: 'refused' | 'opened';
  /** What went wrong: thrown errors, figures that are no numbers. */
  readonly faults: readonly string[];
  /** Reading and reckoning, ms. */
  readonly ms: number;
}

const bases: readonly Piece[] = [lowWaterFerry(NOW), tollFrogs(NOW)];

/** A demo piece with two of its parts, or a few forms that a part can start from. */
function baseOf(random: () => number): Piece {
  if (random() < 0.3) {
    const piece = newPiece('Started', NOW);
    const parts = [0, 1].map(
      (i) =>
        ({
          ...DEFAULT_PART,
          id: `part-${i}`,
          name: `part ${i}`,
          form: oneOf(STARTS, random).form,
          mix: piece.clays.map(({ id }) => ({ clay: id, parts: 1 })),
        }) as unknown as Part,
    );
    return { ...piece, parts };
  }
  const piece = oneOf(bases, random);
  const ids = new Set<string>([oneOf(piece.parts, random).id, oneOf(piece.parts, random).id]);
  return {
    ...piece,
    parts: piece.parts.filter(({ id }) => ids.has(id)),
    fits: piece.fits.filter(({ part, on }) => ids.has(part) && ids.has(on)),
    log: piece.log.filter(({ part }) => part !== null && ids.has(part)),
  };
}

const ROWS = TABLES.flatMap(({ rows }) => rows).filter(({ id }) => isOwnRow(id));

/** Some own values, far off the handbook’s. */
function ownOf(random: () => number): Record<string, number> {
  const rows = [0, 1, 2].filter(() => random() < 0.3).map(() => oneOf(ROWS, random));
  return Object.fromEntries(
    rows.map(({ id, value }) => [id, value * oneOf([0, 1e-6, 0.01, 100, 1e6, -1], random)]),
  );
}

/** The text of a seed’s file. */
export function attackText(seed: number): string {
  const random = seeded(seed);
  const text = writePiece({ ...baseOf(random), own: ownOf(random) }, {});
  const times = 1 + Math.floor(random() * 4);
  return random() < 0.85
    ? JSON.stringify(mutated(JSON.parse(text), times, random))
    : mutatedText(text, times, random);
}

function says(error: unknown): string {
  return error instanceof Error
    ? (error.stack ?? error.message).split('\n').slice(0, 6).join(' | ')
    : String(error);
}

/** Every number that a figure shows or is worked out from. */
function* numbersOf(value: unknown): Iterable<number> {
  if (typeof value === 'number') yield value;
  else if (typeof value === 'object' && value !== null)
    for (const one of Object.values(value)) yield* numbersOf(one);
}

/** Reads a file as the application does and reckons everything that follows from it. */
export function attack(
  seed: number,
  text: string = attackText(seed),
  shapes: ShapeStore = makeShapeStore(),
): Attacked {
  const began = performance.now();
  const faults: string[] = [];
  const done = (end: Attacked['end']): Attacked => ({
    seed,
    text,
    end,
    faults,
    ms: performance.now() - began,
  });
  let piece: Piece;
  try {
    ({ piece } = readPiece(text, NOW));
  } catch (error) {
    if (!(error instanceof PieceFileError)) faults.push(`read: ${says(error)}`);
    return done('refused');
  }
  try {
    const again = readPiece(writePiece(piece, {}), NOW);
    if (again.damaged.length + again.repaired.length > 0)
      faults.push(
        `what was written is put right again: ${JSON.stringify([again.damaged, again.repaired]).slice(0, 300)}`,
      );
  } catch (error) {
    faults.push(`written and read: ${says(error)}`);
  }
  try {
    const { book, given, breakdowns } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
    for (const { reckoner, part, says: why } of breakdowns) faults.push(`${reckoner} of ${part}: ${why}`);
    for (const { id, quantity, terms } of book.all)
      for (const n of numbersOf([quantity, terms])) if (!Number.isFinite(n)) faults.push(`${id}: ${n}`);
    const subjects: readonly Subject[] = SUBJECTS;
    for (const { name, lines = [] } of subjects)
      for (const { isLong, of } of lines)
        if (!isLong)
          for (const line of of(given, undefined))
            if (/NaN|Infinity|undefined/.test(line)) faults.push(`line of ${name}: ${line.slice(0, 120)}`);
  } catch (error) {
    faults.push(`reckon: ${says(error)}`);
  }
  return done('opened');
}

const PROBES = [
  'minutes,temperature °C\n0,21\n1,80.5\n2,118\n4,131.25\n9,129\n15,130\n',
  'time;temp F\n00:00;70\n00:30;180\n01:00;240\n02:00;266\n',
  '2026-05-01T09:00:00Z\t21\n2026-05-01T09:05:00Z\t100\n2026-05-01T09:10:00Z\t130\n',
  'seconds,°C\n0,21\n60,90\n120,130\n600,131\n',
];

/** A thermometer’s file of a seed, made wrong. */
export function attackProbe(seed: number): { readonly text: string; readonly faults: readonly string[] } {
  const random = seeded(seed);
  const text = mutatedText(oneOf(PROBES, random), 1 + Math.floor(random() * 6), random);
  const faults: string[] = [];
  try {
    const { trace } = readProbeCsv(text);
    trace.minutes.forEach((minute, i) => {
      if (!(Number.isFinite(minute) && minute > (trace.minutes[i - 1] ?? -1)))
        faults.push(`minute ${minute}`);
    });
    for (const airC of trace.airC) if (!Number.isFinite(airC)) faults.push(`${airC} °C`);
    if (trace.airC.length !== trace.minutes.length) faults.push('times without temperatures');
  } catch (error) {
    if (!(error instanceof ProbeFileError)) faults.push(says(error));
  }
  return { text, faults };
}
