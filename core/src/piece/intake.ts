import { PieceFileError } from './errors.ts';

/** How deep objects and lists of a piece may lie in one another; the deepest that there are lie 9 deep. */
export const DEEPEST = 64;

/** Names that the language itself reads from every object: a field that bears one is put aside. */
const TRAPS: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype']);

/** A field that was put aside because of its name. */
export interface Trapped {
  readonly where: string;
  readonly value: unknown;
}

interface Step {
  readonly from: object;
  readonly to: Record<string, unknown> | unknown[];
  readonly where: string;
  readonly depth: number;
}

function tooDeep(at: { line: number; column: number } | null): PieceFileError {
  const where = at ? `Line ${at.line}, column ${at.column}: ` : '';
  return new PieceFileError(
    'too-deep',
    `${where}more than ${DEEPEST} lists and objects lie in one another; a piece has far fewer. Nothing was read.`,
    at ?? {},
  );
}

/**
 * Where a JSON text first goes deeper than {@link DEEPEST}, before it is parsed; null where it does not.
 *
 * @returns offset in UTF-16 units
 */
function depthFault(text: string): number | null {
  let depth = 0;
  let isInText = false;
  for (let i = 0; i < text.length; i += 1) {
    const code = text.charCodeAt(i);
    if (isInText) {
      // A backslash takes the next sign with it.
      if (code === 0x5c) i += 1;
      else if (code === 0x22) isInText = false;
    } else if (code === 0x22) isInText = true;
    else if (code === 0x7b || code === 0x5b) {
      depth += 1;
      if (depth > DEEPEST) return i;
    } else if (code === 0x7d || code === 0x5d) depth -= 1;
  }
  return null;
}

/**
 * Refuses a JSON text that goes too deep for whoever walks it.
 *
 * @param placeOf line and column of an offset, from 1
 * @throws {PieceFileError} `too-deep`
 */
export function refuseDepth(
  text: string,
  placeOf: (offset: number) => { line: number; column: number },
): void {
  const fault = depthFault(text);
  if (fault !== null) throw tooDeep(placeOf(fault));
}

/**
 * A copy of parsed JSON without the fields whose names the language reads for itself, and those.
 *
 * @throws {PieceFileError} `too-deep`
 */
export function soundCopy(raw: object): {
  readonly copy: Record<string, unknown>;
  readonly trapped: readonly Trapped[];
} {
  const trapped: Trapped[] = [];
  const copy: Record<string, unknown> = {};
  const waiting: Step[] = [{ from: raw, to: copy, where: '', depth: 1 }];
  for (let step = waiting.pop(); step; step = waiting.pop()) {
    const { from, to, where, depth } = step;
    if (depth > DEEPEST) throw tooDeep(null);
    for (const [key, value] of Object.entries(from)) {
      const path = Array.isArray(from) ? `${where}[${key}]` : where === '' ? key : `${where}.${key}`;
      if (TRAPS.has(key)) {
        trapped.push({ where: path, value });
        continue;
      }
      // What was put aside before is kept as it was found.
      if (where === '' && key === 'quarantine') {
        copy.quarantine = structuredClone(value);
        continue;
      }
      const isHolder = typeof value === 'object' && value !== null;
      const inner = isHolder ? (Array.isArray(value) ? [] : {}) : value;
      if (Array.isArray(to)) to.push(inner);
      else to[key] = inner;
      if (isHolder)
        waiting.push({
          from: value,
          to: inner as Record<string, unknown> | unknown[],
          where: path,
          depth: depth + 1,
        });
    }
  }
  return { copy, trapped };
}
