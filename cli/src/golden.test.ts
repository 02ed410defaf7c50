import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import { writePiece } from '@every-inch/core/piece/file';
import { describe, expect, it } from 'vitest';
import { reckonFile } from './reckonFile.ts';

const NOW = '2026-05-01T09:00:00Z';
const folder = mkdtempSync(join(tmpdir(), 'inch-golden-'));

/*
 * Every figure, verdict, list and working of both example pieces as `reckon` prints them. These are our own figures, kept so
 * that a change which was to leave them alone is seen to; what they are held against from outside stands with each subject.
 * `npx vitest run cli -u` writes them anew: read the difference before it is committed.
 */
describe('what the command line prints of the example pieces', () => {
  it.each([lowWaterFerry(NOW), tollFrogs(NOW)])('is word for word what it was: $name', async (piece) => {
    const file = join(folder, `${piece.id}.inch.json`);
    writeFileSync(file, writePiece(piece, {}));
    const { out, notes } = reckonFile({ file, csv: false }, NOW);
    expect(notes).toEqual([]);
    await expect(out).toMatchFileSnapshot(`./golden/${piece.id}.txt`);
  });
});
