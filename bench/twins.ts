import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A twin’s time, and the bytes it came to. */
export interface TwinRun {
  readonly ms: number;
  readonly out: Buffer;
}

/**
 * Builds a twin from its source and runs it a few times.
 *
 * @returns its middling time; null where there is no compiler
 */
export function runTwin(source: string, input: Buffer, runs: number): TwinRun | null {
  const folder = mkdtempSync(join(tmpdir(), 'twin-'));
  try {
    const [program, from, to] = [join(folder, 'twin'), join(folder, 'in'), join(folder, 'out')];
    if (spawnSync('g++', ['-O3', '-march=native', '-o', program, source]).status !== 0) return null;
    writeFileSync(from, input);
    const run = spawnSync(program, [from, to, String(runs)], { encoding: 'utf8' });
    if (run.status !== 0) throw new Error(`the twin ${source} ended with ${run.status}`);
    return { ms: Number(run.stdout), out: readFileSync(to) };
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** Arrays one after another, as a twin reads them. */
export function packed(
  arrays: readonly {
    readonly buffer: ArrayBufferLike;
    readonly byteOffset: number;
    readonly byteLength: number;
  }[],
): Buffer {
  return Buffer.concat(
    arrays.map(({ buffer, byteOffset, byteLength }) => Buffer.from(buffer, byteOffset, byteLength)),
  );
}
