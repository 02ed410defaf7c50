import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { type Piece, setAt } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { layOut } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const ferry: Piece = { ...lowWaterFerry(NOW), route: null };
const reckoned = (piece: Piece) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
const laid = (piece: Piece) => layOut(reckoned(piece).given);

describe('what is laid out for the next session', () => {
  it('is for the steps that fill the hours of a day, from the first that is open', () => {
    const { steps } = laid(ferry);
    const { route } = reckoned(ferry);
    expect(steps[0]?.id).toBe(route.route.steps[0]?.id);
    const hands = steps.reduce((sum, { id }) => sum + (route.times.get(id)?.handsMin ?? 0), 0);
    expect(hands).toBeLessThanOrEqual((ferry.brief.hoursPerDay ?? 0) * 60);
    const longer = laid(setAt(ferry, ['brief', 'hoursPerDay'], 8));
    expect(longer.steps.length).toBeGreaterThan(steps.length);
  });

  it('has each thing once, with all it is for', () => {
    const { things, steps } = laid(setAt(ferry, ['brief', 'hoursPerDay'], 8));
    expect(new Set(things.map(({ what }) => what)).size).toBe(things.length);
    const titles = new Set(steps.map(({ title }) => title));
    for (const { what, steps: of } of things) {
      expect(of.length, what).toBeGreaterThan(0);
      for (const title of of) expect(titles.has(title), title).toBe(true);
    }
    expect(things.find(({ what }) => what === 'pliers')?.steps.length).toBeGreaterThan(1);
  });

  it('a clay is weighed out as the figures have it', () => {
    const alone: Piece = { ...ferry, parts: ferry.parts.filter(({ id }) => id === 'post'), fits: [] };
    const { things } = laid(setAt(alone, ['brief', 'hoursPerDay'], 8));
    const clay = reckoned(alone).book.get('post/bulk.clay')?.quantity.value ?? 0;
    const amounts =
      things.flatMap((thing) => thing.amounts).find((one) => one.endsWith(' g for Mooring post')) ?? '';
    expect(Number.parseFloat(amounts)).toBeCloseTo(clay, 0);
    expect(things.find(({ what }) => what === 'oven')?.amounts[0]).toMatch(/^dial \d+ °C/);
  });

  it('what is done is not laid out again, and of a finished piece nothing is', () => {
    const { route } = reckoned(ferry).route;
    const steps = route.steps.map((step, i) => (i < 4 ? { ...step, done: NOW } : step));
    expect(laid({ ...ferry, route: { ...route, steps } }).steps[0]?.id).toBe(steps[4]?.id);
    const done = { ...route, steps: steps.map((step) => ({ ...step, done: NOW })) };
    expect(laid({ ...ferry, route: done })).toEqual({ steps: [], things: [] });
  });
});
