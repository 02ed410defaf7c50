import { describe, expect, it } from 'vitest';
import { lowWaterFerry, tollFrogs } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { type Piece, setAt } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const ferry = lowWaterFerry(NOW);
const reckon = (piece: Piece) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
const planOf = (piece: Piece) => reckon(piece).plan;
const loadOf = (piece: Piece, part: string) =>
  planOf(piece)
    .flatMap(({ loads }) => loads)
    .findLast(({ parts }) => parts.some((one) => one.part === part));

describe('the bakes of a piece', () => {
  it('no load is planned past what any of it bears, and every part that is baked is in one', () => {
    for (const piece of [ferry, tollFrogs(NOW)]) {
      const { plan, bulk } = reckon(piece);
      for (const { loads } of plan)
        for (const { parts, minutes, verdict } of loads) {
          expect(verdict.level).toBe('good');
          for (const { toMin, fromMin } of parts) {
            expect(minutes).toBeLessThanOrEqual(toMin);
            expect(minutes).toBeGreaterThanOrEqual(fromMin ?? Number.POSITIVE_INFINITY);
          }
        }
      const baked = new Set(
        plan.flatMap(({ loads }) => loads.flatMap(({ parts }) => parts.map(({ part }) => part))),
      );
      expect(baked.size).toBe(bulk.size);
    }
  });

  it('all that shows minutes shows those of the load: the figure, the step of the route, the part', () => {
    const { plan, book, route } = reckon(ferry);
    for (const { step, loads } of plan)
      for (const { id, minutes, parts } of loads) {
        expect(book.get(`/bake.load.${id}`)?.quantity.value).toBe(minutes);
        const heats =
          book.get(`/bake.load.${id}`) &&
          route.times.get(step)?.wait.terms.find(({ symbol }) => symbol === 'h');
        if (loads.length === 1) expect(heats?.quantity.value).toBe(minutes);
        for (const { part } of parts)
          if (loadOf(ferry, part)?.id === id)
            expect(book.get(`${part}/bake.minutes`)?.quantity.value).toBe(minutes);
      }
  });

  it('over half an inch of solid clay is one stop, whatever heat gets through, and is still in its load', () => {
    const solid = setAt(ferry, ['parts', 'quay', 'core', 'kind'], 'none');
    const load = loadOf(solid, 'quay');
    expect(load?.verdict).toMatchObject({
      level: 'stop',
      says: expect.stringContaining('the packet’s limit'),
    });
    expect(planOf(solid).at(-1)?.left).toEqual([]);
    expect(load?.minutes).toBeGreaterThan(loadOf(ferry, 'quay')?.minutes ?? 0);
  });

  it('an unmeasured dial narrows every window; minutes of one’s own are judged by it', () => {
    const unsure = { ...ferry, own: {} };
    const [sure, not] = [loadOf(ferry, 'goose')?.window, loadOf(unsure, 'goose')?.window];
    expect(not?.fromMin ?? 0).toBeGreaterThan(sure?.fromMin ?? 0);
    expect(not?.toMin).toBeLessThan(sure?.toMin ?? 0);
    const short = loadOf(setAt(ferry, ['oven', 'holdMin'], 15), 'goose');
    expect(short).toMatchObject({ minutes: 15, isEntered: true, verdict: { level: 'stop' } });
    expect(short?.verdict.says).toMatch(/cured; \d+ to \d+ min would do/);
  });

  it('what is larger than the oven is named', () => {
    const small = { ...ferry, own: { ...ferry.own, 'oven.height': 180 } };
    expect(planOf(small).at(-1)?.left).toEqual([]);
    const tiny = {
      ...ferry,
      own: { ...ferry.own, 'oven.width': 150, 'oven.depth': 150, 'oven.height': 120 },
    };
    expect(planOf(tiny).at(-1)?.left).toContain('Brick quay');
  });
});
