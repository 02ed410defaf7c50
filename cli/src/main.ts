import { parseArgs } from 'node:util';
import { AskError, reckonFile } from './reckonFile.ts';

const USAGE = 'usage: npm run --silent reckon -- FILE.inch.json [--part ID] [--lens NAME] [--csv]';

function main(args: string[]): number {
  try {
    const { values, positionals } = parseArgs({
      args,
      allowPositionals: true,
      options: {
        part: { type: 'string' },
        lens: { type: 'string' },
        csv: { type: 'boolean', default: false },
      },
    });
    const [file, ...more] = positionals;
    if (file === undefined || more.length > 0) throw new AskError(USAGE);
    const { out, notes } = reckonFile({ file, ...values }, new Date().toISOString());
    process.stdout.write(out);
    for (const note of notes) process.stderr.write(`${note}\n`);
    return 0;
  } catch (error) {
    const known = error instanceof AskError || (error instanceof TypeError && 'code' in error);
    if (!known) throw error;
    const usage = error instanceof AskError ? '' : `\n${USAGE}`;
    process.stderr.write(`${error.message}${usage}\n`);
    return 2;
  }
}

process.exitCode = main(process.argv.slice(2));
