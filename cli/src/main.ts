import { runCommand } from './command.ts';

const { code, out, err } = runCommand(process.argv.slice(2), new Date().toISOString());
process.stdout.write(out);
process.stderr.write(err);
process.exitCode = code;
