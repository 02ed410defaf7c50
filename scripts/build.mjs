import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { run } from './install.mjs';

const SOURCES = [
  'core/src',
  'web/src',
  'web/public',
  'web/index.html',
  'web/vite.config.ts',
  'web/licences.ts',
  'package-lock.json',
];
const STAMP = 'web/dist/.sources';

function* filesUnder(path) {
  if (statSync(path).isFile()) yield path;
  else for (const name of readdirSync(path).sort()) yield* filesUnder(join(path, name));
}

/** One hash over everything the build is made from. */
function sourcesHash() {
  const hash = createHash('sha256');
  for (const source of SOURCES)
    for (const file of filesUnder(source))
      if (!file.endsWith('.test.ts')) hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}

/** Builds the application when its sources have changed since the last time. */
export function build() {
  const now = sourcesHash();
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === now) return;
  console.log('Building …');
  run(process.execPath, [
    'node_modules/vite/bin/vite.js',
    'build',
    '--logLevel',
    'warn',
    '--config',
    'web/vite.config.ts',
    'web',
  ]);
  writeFileSync(STAMP, now);
}

if (import.meta.url === `file://${process.argv[1]}`) build();
