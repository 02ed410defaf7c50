import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import { beforeEach, describe, expect, it } from 'vitest';
import { type Drawers, openDrawers } from './drawers.ts';
import { PieceStore } from './pieceStore.ts';

const NOW = '2026-05-01T09:00:00.000Z';
const ferry = lowWaterFerry(NOW);
const later = (minutes: number) => new Date(Date.parse(NOW) + minutes * 60_000).toISOString();

let drawers: Drawers;
let pieces: PieceStore;
beforeEach(async () => {
  // There is no browser here: the drawers are those in memory.
  drawers = await openDrawers();
  pieces = new PieceStore(drawers);
});

describe('pieces that are kept', () => {
  it('are kept in memory where the browser keeps nothing, and say so', () => {
    expect(drawers.lasting).toBe(false);
  });

  it('stand on the shelf with the last kept first, and open as they were put', async () => {
    await pieces.put(ferry, NOW);
    await pieces.put(tollFrogs(NOW), later(1));
    expect((await pieces.heads()).map(({ name, scale, parts }) => [name, scale, parts])).toEqual([
      ['Toll Frogs', expect.any(String), tollFrogs(NOW).parts.length],
      ['Low Water Ferry', '1:12', ferry.parts.length],
    ]);
    expect(await pieces.raw(ferry.id)).toEqual(ferry);
    expect(await pieces.raw('no-such')).toBeNull();
  });

  it('write the head last: what the shelf shows can be opened, wherever the writing stopped', async () => {
    const order: string[] = [];
    const watched = (name: 'heads' | 'pieces') => ({
      ...drawers[name],
      set: async (key: string, value: unknown) => {
        order.push(name);
        await drawers[name].set(key, value);
      },
      remove: async (key: string) => {
        order.push(`${name} out`);
        await drawers[name].remove(key);
      },
    });
    const store = new PieceStore({ ...drawers, heads: watched('heads'), pieces: watched('pieces') });
    await store.put(ferry, NOW);
    await store.remove(ferry.id);
    expect(order).toEqual(['pieces', 'heads', 'heads out', 'pieces out']);
    expect(await store.heads()).toEqual([]);
  });

  it('are not changed by what is done with them afterwards', async () => {
    const mine = structuredClone(ferry);
    await pieces.put(mine, NOW);
    (mine as { name: string }).name = 'changed behind its back';
    expect((await pieces.raw(ferry.id)) as object).toMatchObject({ name: 'Low Water Ferry' });
  });
});

describe('older states', () => {
  it('are kept every five minutes, the newest first, each piece its own', async () => {
    for (const minute of [0, 1, 4, 5, 9, 10]) {
      await pieces.keepRevision({ ...ferry, name: `at ${minute}` }, later(minute));
    }
    await pieces.keepRevision(tollFrogs(NOW), later(3));
    const kept = await pieces.revisions(ferry.id);
    expect(kept.map(({ piece }) => piece.name)).toEqual(['at 10', 'at 5', 'at 0']);
    expect(kept[0]?.at).toBe(later(10));
    expect(await pieces.revisions('toll-frogs')).toHaveLength(1);
  });

  it('thin with age: a long day keeps one for each hour that is past', async () => {
    const hours = 10;
    for (let minute = 0; minute <= hours * 60; minute += 5)
      await pieces.keepRevision({ ...ferry, name: String(minute) }, later(minute));
    const kept = await pieces.revisions(ferry.id);
    // Two hours at five minutes, and one for each of the eight before.
    expect(kept.length).toBeGreaterThanOrEqual(24 + 8);
    expect(kept.length).toBeLessThanOrEqual(25 + 9);
    expect(kept[0]?.piece.name).toBe('600');
  });
});
