import { spawnSync } from 'node:child_process';
import { resolve } from 'node:path';
import { installPackages } from './install.mjs';

// npm changes into the project; a path is meant from where the command was typed.
const from = process.env.INIT_CWD ?? process.cwd();
installPackages({ quiet: true });
const args = process.argv.slice(2).map((arg, i, all) => {
  const isValue = ['--part', '--lens'].includes(all[i - 1]);
  return arg.startsWith('-') || isValue ? arg : resolve(from, arg);
});
const { status } = spawnSync(process.execPath, ['--import', 'tsx', 'cli/src/main.ts', ...args], {
  stdio: 'inherit',
});
process.exit(status ?? 1);
