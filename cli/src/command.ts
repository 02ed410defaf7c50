import { parseArgs } from 'node:util';
import { AskError, reckonFile } from './reckonFile.ts';

const USAGE =
  'usage: npm run --silent reckon -- FILE.inch.json [--part ID] [--lens NAME] [--at MOMENT] [--csv]';

/** What a command leaves behind. */
export interface Outcome {
  /** Exit code: 0, or 2 where it was asked for what cannot be given. */
  readonly code: number;
  /** For standard output and standard error. */
  readonly out: string;
  readonly err: string;
}

/**
 * Carries out `reckon`.
 *
 * @param args as typed, without the program
 * @param now ISO time that is reckoned with where none is asked for
 * @throws what is a fault of the program; what was asked wrongly is told in the outcome
 */
export function runCommand(args: readonly string[], now: string): Outcome {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        part: { type: 'string' },
        lens: { type: 'string' },
        at: { type: 'string' },
        csv: { type: 'boolean', default: false },
      },
    });
    const [file, ...more] = positionals;
    if (file === undefined || more.length > 0) throw new AskError(USAGE);
    const { at = now, ...asked } = values;
    if (Number.isNaN(Date.parse(at)))
      throw new AskError(`no moment “${at}”: as in 2026-05-01 or 2026-05-01T18:30`);
    const { out, notes } = reckonFile({ file, ...asked }, at);
    return { code: 0, out, err: notes.map((note) => `${note}\n`).join('') };
  } catch (error) {
    const known = error instanceof AskError || (error instanceof TypeError && 'code' in error);
    if (!known) throw error;
    const usage = error instanceof AskError ? '' : `\n${USAGE}`;
    return { code: 2, out: '', err: `${error.message}${usage}\n` };
  }
}
