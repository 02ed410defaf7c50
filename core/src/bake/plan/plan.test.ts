import { describe, expect, it } from 'vitest';
import { lowWaterFerry, tollFrogs } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { type Piece, setAt } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { bodyOf, simulateBake } from '../heat/index.ts';
import { passAsks } from './index.ts';

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

  it('copies in two loads of one bake are browned once each; what is laid out no more is counted', () => {
    const many = setAt(ferry, ['parts', 'goose', 'count'], 60);
    const { plan } = reckon(many);
    const last = plan.at(-1);
    expect(last?.more).toEqual([{ name: 'Greylag goose', count: 20 }]);
    const few = planOf(setAt(ferry, ['parts', 'goose', 'count'], 1)).at(-1);
    const toOf = (bake: typeof last) =>
      bake?.loads.flatMap(({ parts }) => parts).find(({ part }) => part === 'goose')?.toMin ?? 0;
    expect(toOf(last)).toBeCloseTo(toOf(few), 6);
  });

  it('each load has its own dial with its working; that it was never measured is said once', () => {
    const { book, plan } = reckon(tollFrogs(NOW));
    const dials = plan.flatMap(({ loads }) => loads.map(({ id }) => book.get(`/bake.dial.${id}`)));
    expect(dials.map((one) => one?.quantity.value)).toEqual([130, 130, 110]);
    expect(dials.map((one) => one?.verdict?.level)).toEqual(['doubtful', undefined, undefined]);
  });

  it('a dial that may scorch is said, whatever the minutes', () => {
    const hot = loadOf({ ...ferry, own: {}, oven: { ...ferry.oven, dialC: 140 } }, 'goose')?.verdict;
    expect(hot).toMatchObject({
      level: expect.not.stringMatching('good'),
      says: expect.stringContaining('155 °C scorches'),
    });
    const burning = loadOf({ ...ferry, oven: { ...ferry.oven, dialC: 150 } }, 'goose')?.verdict;
    expect(burning?.level).toBe('stop');
    expect(burning?.waysOut.length).toBeGreaterThan(0);
  });

  it('what is planned cures, worked through cell by cell, and by a margin at the heat that is taken', () => {
    const { contexts, bulk, plan } = reckon(ferry);
    for (const part of ['ferrywoman', 'goose']) {
      const [context, own] = [contexts.get(part), bulk.get(part)];
      const ask = context && own && passAsks(context, own, plan, 2).at(-1)?.ask;
      if (!ask) throw new Error('it is not baked');
      const run = simulateBake(bodyOf(context.shape, ask).body, ask.oven, ask.rules, { untilMin: 240 });
      expect(run?.curedMin, part).not.toBeNull();
      expect(run?.curedMin ?? 999, part).toBeLessThanOrEqual(ask.oven.holdMin ?? 0);
      expect(run?.peakC, part).toBeLessThan(150);
    }
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
