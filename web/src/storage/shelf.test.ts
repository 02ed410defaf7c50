// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import type { Piece } from '@every-inch/core/piece';
import { LARGEST_JSON, readPiece, writePiece } from '@every-inch/core/piece/file';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { WorkerHere } from '../testing/bench.tsx';
import { IntakeError } from '../workers/intake.ts';
import { pieceStore } from './keeper.ts';
import { backupFile, exportFile, firstVisit, importFile, putDemo, shelfReady } from './shelf.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const textFile = (name: string, content: string) => new File([content], name);
const names = async () => (await (await pieceStore()).heads()).map(({ name }) => name).sort();

beforeEach(async () => {
  // Pictures of the demo are fetched from the server; there is none here, and the pieces come all the same.
  vi.stubGlobal('Worker', WorkerHere);
  vi.stubGlobal('fetch', () => Promise.reject(new Error('no server')));
  const pieces = await pieceStore();
  for (const { id } of await pieces.heads()) await pieces.remove(id);
  await pieces.drawers.settings.remove('visited');
});
afterEach(() => vi.unstubAllGlobals());

describe('the shelf', () => {
  it('has the demo pieces from the first visit on, and what was taken off stays off', async () => {
    await firstVisit();
    expect(await names()).toEqual(['Low Water Ferry', 'Night Market', 'Toll Frogs']);
    await (await pieceStore()).remove('toll-frogs');
    await firstVisit();
    expect(await names()).toEqual(['Low Water Ferry', 'Night Market']);
  });

  it('what lists it meanwhile waits for all that the first visit puts there', async () => {
    const visit = firstVisit();
    await shelfReady();
    expect(await names()).toEqual(['Low Water Ferry', 'Night Market', 'Toll Frogs']);
    await visit;
  });

  it('the demo asked for again comes beside what became of the first', async () => {
    await putDemo();
    const pieces = await pieceStore();
    await pieces.put({ ...ferry, name: 'My own ferry' }, NOW);
    await putDemo();
    expect(await names()).toEqual([
      'Low Water Ferry',
      'My own ferry',
      'Night Market',
      'Night Market',
      'Toll Frogs',
      'Toll Frogs',
    ]);
  });
});

describe('files', () => {
  it('a piece goes out and comes in as it was', async () => {
    const out = await exportFile({ ...ferry, log: [], references: [] });
    expect([out.name, out.type]).toEqual([expect.stringMatching(/\.inch\.json$/), 'application/json']);
    const [came] = await importFile(out);
    expect(came).toMatchObject({ id: ferry.id, name: 'Low Water Ferry', notes: [] });
    const kept = (await (await pieceStore()).raw(ferry.id)) as Piece;
    expect(kept.parts).toEqual(ferry.parts);
  });

  it('one that is there already stays, and the other comes in beside it', async () => {
    await (await pieceStore()).put({ ...ferry, name: 'Mine' }, NOW);
    const [came] = await importFile(textFile('ferry.inch.json', writePiece(ferry, {})));
    expect(came?.id).not.toBe(ferry.id);
    expect(await names()).toEqual(['Low Water Ferry (brought in)', 'Mine']);
  });

  it.each([
    ['is no JSON', 'this is a shopping list'],
    ['is a list', '[]'],
    ['is newer than the application', JSON.stringify({ ...ferry, version: 99 })],
    ['is something else', JSON.stringify({ name: 'a recipe', steps: [1, 2] })],
  ])('what %s is refused with a reason, and the shelf stays as it was', async (_, content) => {
    await putDemo();
    const before = await names();
    await expect(importFile(textFile('x.inch.json', content))).rejects.toBeInstanceOf(IntakeError);
    expect(await names()).toEqual(before);
  });

  it('what is too large is not read at all', async () => {
    const file = textFile('huge.inch.json', '{}');
    Object.defineProperty(file, 'size', { value: LARGEST_JSON + 1 });
    await expect(importFile(file)).rejects.toMatchObject({ code: expect.stringContaining('too-large') });
  });

  it('a damaged part is put aside with a note, and the rest comes in', async () => {
    const raw = JSON.parse(writePiece(ferry, {}));
    raw.parts[2].form.heightMm = 'tall';
    const [came] = await importFile(textFile('x.inch.json', JSON.stringify(raw)));
    expect(came?.notes.join()).toMatch(/Put aside parts\[2\].*“tall”/);
    const kept = (await (await pieceStore()).raw(came?.id ?? '')) as Piece;
    expect(kept.parts).toHaveLength(ferry.parts.length - 1);
    expect(kept.quarantine).toHaveLength(1);
  });

  it('a backup holds all of them, also two of one name, and brings them back', async () => {
    const pieces = await pieceStore();
    await pieces.put(ferry, NOW);
    await pieces.put({ ...tollFrogs(NOW), name: 'Low Water Ferry' }, NOW);
    const { file: backup, notes } = await backupFile();
    expect(notes).toEqual([]);
    for (const { id } of await pieces.heads()) await pieces.remove(id);
    const came = await importFile(backup);
    expect(came.map(({ id }) => id).sort()).toEqual(['low-water-ferry', 'toll-frogs']);
    expect(await names()).toEqual(['Low Water Ferry', 'Low Water Ferry']);
  });

  it('what was typed in the workshop does not leave with a piece that has values of its own', async () => {
    const out = await exportFile({ ...ferry, log: [], references: [], own: { 'wire.hide': 3 } });
    expect(readPiece(await out.text(), NOW).piece.own).toEqual({ 'wire.hide': 3 });
  });
});
