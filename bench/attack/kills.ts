/**
 * Browsers killed at random moments, and what they have when they are opened again.
 *
 *   npx tsx bench/attack/kills.ts [FIRST SEED] [HOW MANY]
 *
 * Wants the built application (`npm run build`), or the address of one that is served already in BASE. Each round opens a piece in a
 * profile that lasts, writes names into it, and kills the browser with SIGKILL: while it is typed in (plain), with a bake running (bake), while a backup of ten pieces is brought in
 * (import) or saved (backup). Opened again it must have every name that is older than a second, all pieces, and the running bake;
 * a piece that was coming in is there whole or not at all.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { tollFrogs } from '@every-inch/core/demo';
import { writeBackup, writePiece } from '@every-inch/core/piece/file';
import { seeded } from '@every-inch/core/testing';
import type { Page } from '@playwright/test';
import { strToU8 } from 'fflate';
import { openBrowser, openFrogs, startServer, withProfile } from './chromium.ts';

/** What was typed earlier than this before the kill must be there, ms. */
const PROMISED = 1000;
const [first = 0, count = 20] = process.argv.slice(2).map(Number);
const MODES = ['plain', 'import', 'bake', 'backup'] as const;
type Mode = (typeof MODES)[number];

const nap = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** Ten pieces in one file. */
function backup(): Uint8Array {
  const piece = tollFrogs('2026-05-01T09:00:00Z');
  return writeBackup(
    new Map(
      Array.from({ length: 10 }, (_, i) => {
        const one = { ...piece, id: `came-${i}` as typeof piece.id, name: `Came ${i}` };
        return [`came-${i}/Came ${i}.inch.json`, strToU8(writePiece(one, {}))] as const;
      }),
    ),
  );
}

async function type(page: Page, seed: number, random: () => number, forMs: number) {
  const name = page.getByLabel('Name of the piece');
  const typed: { readonly n: number; readonly at: number }[] = [];
  for (const end = Date.now() + forMs; Date.now() < end; await nap(50 + random() * 120)) {
    const n = typed.length;
    await name.fill(`Frogs ${seed} ${n}`);
    await name.press('Enter');
    typed.push({ n, at: Date.now() });
  }
  return typed;
}

/** What is wrong after one kill; null where nothing is. */
async function round(base: string, seed: number, mode: Mode, profile: string): Promise<string | null> {
  const random = seeded(seed);
  const before = await openBrowser(profile);
  const { page } = before;
  let typed: Awaited<ReturnType<typeof type>> = [];
  let killed = 0;
  try {
    await openFrogs(page, base);
    if (mode === 'bake') {
      await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: 'Bake' }).click();
      await page
        .getByRole('button', { name: /It is in: start the clock/ })
        .first()
        .click();
      await nap(PROMISED);
    }
    typed = await type(page, seed, random, 300 + random() * 3500);
    if (mode === 'import' || mode === 'backup') {
      await page.getByRole('link', { name: /Shelf/ }).first().click();
      if (mode === 'backup') await page.getByRole('button', { name: 'Back up everything' }).click();
      else {
        const file = join(profile, 'backup.zip');
        writeFileSync(file, backup());
        await page.getByLabel('File to bring in').setInputFiles({
          name: 'backup.zip',
          mimeType: 'application/zip',
          buffer: readFileSync(file),
        });
      }
      await nap(random() * 2500);
    }
  } finally {
    killed = Date.now();
    await before.kill();
  }
  const after = await openBrowser(profile);
  try {
    return await lookedAt(after.page, base, { seed, mode, typed, killed });
  } finally {
    await after.close();
  }
}

interface Done {
  readonly seed: number;
  readonly mode: Mode;
  readonly typed: readonly { readonly n: number; readonly at: number }[];
  readonly killed: number;
}

async function lookedAt(
  page: Page,
  base: string,
  { seed, mode, typed, killed }: Done,
): Promise<string | null> {
  await page.goto(base);
  await page.getByRole('link', { name: 'Low Water Ferry', exact: true }).waitFor({ timeout: 30_000 });
  const links = page.locator('main li a');
  const names = await links.allTextContents();
  const frogs = names.find((one) => one.startsWith('Frogs ') || one === 'Toll Frogs');
  const has = frogs?.startsWith(`Frogs ${seed} `) ? Number(frogs.split(' ').at(-1)) : -1;
  const due = typed.filter(({ at }) => at <= killed - PROMISED).at(-1)?.n ?? -1;
  if (has < due) return `name ${due} is lost, it has “${frogs}”`;
  const others = names.filter((one) => one !== 'Low Water Ferry' && one !== frogs);
  if (mode !== 'import' && others.length > 0) return `pieces that nobody made: ${others.join(', ')}`;
  if (mode === 'bake' && (await page.getByRole('complementary', { name: 'Clocks' }).count()) === 0)
    return 'the running bake is gone';
  const last = others.at(-1);
  if (last) {
    await page.getByRole('link', { name: last, exact: true }).click();
    await page.getByRole('navigation', { name: 'Stages' }).waitFor({ timeout: 60_000 });
  }
  return null;
}

const { BASE } = process.env;
const server = BASE ? { base: BASE, stop: () => Promise.resolve() } : await startServer(4290);
let faults = 0;
try {
  for (let seed = first; seed < first + count; seed += 1) {
    const mode = MODES[seed % MODES.length] ?? 'plain';
    const says = await withProfile((profile) => round(server.base, seed, mode, profile)).catch(
      (error: unknown) => (error instanceof Error ? (error.message.split('\n')[0] ?? '') : String(error)),
    );
    if (!says) continue;
    faults += 1;
    console.log(`${seed} (${mode}): ${says}`);
  }
} finally {
  await server.stop();
}
console.log(`${count} kills from seed ${first}: ${faults} faults`);
process.exitCode = faults > 0 ? 1 : 0;
