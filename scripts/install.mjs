import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';

/** Runs a command with its output passed through; ends the program with its code when it fails. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { stdio: 'inherit', ...options });
  if (error || status !== 0) process.exit(status ?? 1);
}

const STAMP = 'node_modules/.every-inch-lock';

/** Installs packages when they are missing or the lock file has changed since. */
export function installPackages({ quiet = false } = {}) {
  const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return;
  if (!quiet) console.log('Installing packages …');
  run(
    'npm',
    ['ci', '--no-audit', '--no-fund', '--loglevel=error'],
    quiet ? { stdio: ['ignore', 'ignore', 'inherit'] } : {},
  );
  mkdirSync('node_modules', { recursive: true });
  writeFileSync(STAMP, lock);
}

export const CHROMIUM = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

/** Sees to it that a Chromium is there for the end-to-end tests, or says how to get one. */
export function installChromium() {
  if (existsSync(CHROMIUM)) return;
  if (process.getuid?.() !== 0) {
    console.error('The end-to-end tests want Chromium. Run: sudo apt-get install -y chromium');
    process.exit(1);
  }
  console.log('Installing Chromium …');
  const quiet = {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  };
  run('apt-get', ['update', '-qq'], quiet);
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], quiet);
}
