import { describe, expect, it } from 'vitest';
import { lowWaterFerryBegun, nightMarket, tollFrogs } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { DEFAULT_BENCH_PLAN, type Piece } from '../../piece/index.ts';
import { makeSpine, SUBJECTS } from '../../spine/index.ts';
import { minutesOf } from '../hours/windows.ts';
import type { Task } from '../network/task.ts';
import { task } from '../testTasks.ts';
import { forBenchAsk } from './asks.ts';
import { type BenchPiece, ordersOf, planTogether } from './planTogether.ts';

const NOW = '2026-05-01T09:00:00Z';
const now = minutesOf(NOW);
/** From nine on, ten hours a day. */
const HOURS = { usual: 10, plan: { ...DEFAULT_BENCH_PLAN, startsAt: 9, ovenFrom: 0, ovenTo: 0 } };

const benchPiece = (id: string, tasks: readonly Task[], due: number | null = null): BenchPiece => ({
  id,
  name: id,
  tasks,
  order: tasks.map((_, i) => i),
  due,
  says: null,
});

const endsOf = (pieces: readonly BenchPiece[]) =>
  Object.fromEntries(planTogether(pieces, HOURS, now).pieces.map(({ id, end }) => [id, end - now]));

describe('pieces on one bench', () => {
  it('fill each other’s waits, and keep their own order', () => {
    // An hour, five hours to dry, an hour; meanwhile four hours of the other.
    const drying = benchPiece('drying', [task('a', 60, 300, []), task('b', 60, 0, [0])]);
    const plain = benchPiece('plain', [task('c', 240, 0, [])]);
    expect(endsOf([drying, plain])).toEqual({ drying: 420, plain: 300 });
    // By the same hours each would have been over so soon alone.
    const alone = planTogether([drying, plain], HOURS, now).pieces.map((one) => [one.id, one.alone - now]);
    expect(Object.fromEntries(alone)).toEqual({ drying: 420, plain: 240 });
  });

  it('share one oven', () => {
    const baked = (id: string) => benchPiece(id, [task(`${id}-bake`, 10, 60, [], { holds: 'oven' })]);
    const two = Object.values(endsOf([baked('a'), baked('b')])).sort((a, b) => a - b);
    expect(two).toEqual([70, 130]);
    const plan = { ...HOURS, plan: { ...HOURS.plan, ovens: 2 } };
    const ends = planTogether([baked('a'), baked('b')], plan, now).pieces.map(({ end }) => end - now);
    expect(ends.sort((a, b) => a - b)).toEqual([70, 80]);
  });

  it('that which is due goes first, and it is said how late each is', () => {
    const long = benchPiece('long', [task('a', 400, 0, [])], now + 3 * 1440);
    const soon = benchPiece('soon', [task('b', 120, 0, [])], now + 180);
    const { pieces } = planTogether([long, soon], HOURS, now);
    expect(pieces.map(({ id, lateMin }) => [id, (lateMin ?? 0) > 0])).toEqual([
      ['soon', false],
      ['long', false],
    ]);
    // With both due at once no order holds: the least that is too late in all is taken, by hand 120 + 520 − 2 × 180.
    const both = planTogether([{ ...long, due: now + 180 }, soon], HOURS, now);
    expect(both.pieces.map(({ id, lateMin }) => [id, lateMin])).toEqual([
      ['soon', -60],
      ['long', 340],
    ]);
  });

  it('are told what is the same work in more than one', () => {
    const wires = (id: string) =>
      benchPiece(id, [
        task(`${id}-1`, 10, 0, [], { kind: 'wire' }),
        task(`${id}-2`, 10, 0, [0], { kind: 'wire' }),
      ]);
    expect(planTogether([wires('a'), wires('b')], HOURS, now).oneGo).toEqual([
      { kind: 'wire', pieces: ['a', 'b'], steps: 2, handsMin: 20 },
    ]);
    expect(planTogether([wires('a')], HOURS, now).oneGo).toEqual([]);
  });

  it('without hours, or with nothing left, say so', () => {
    const one = benchPiece('one', [task('a', 60, 0, [])]);
    expect(planTogether([one], { ...HOURS, usual: 0 }, now)).toMatchObject({
      pieces: [],
      says: expect.stringMatching(/hours/),
    });
    expect(planTogether([benchPiece('none', [])], HOURS, now)).toMatchObject({ pieces: [], says: null });
  });

  it('every order of some things is tried once', () => {
    const all = ordersOf(['a', 'b', 'c', 'd']).map((one) => one.join(''));
    expect([all.length, new Set(all).size, all[0]]).toEqual([24, 24, 'abcd']);
  });

  it('three real ones: none is over sooner than with the bench to itself', () => {
    const of = (piece: Piece): BenchPiece =>
      makeSpine(SUBJECTS, makeShapeStore(), { piece, workshopOwn: {}, now: NOW }).answer(
        forBenchAsk,
        undefined,
      ) as BenchPiece;
    const pieces = [tollFrogs, lowWaterFerryBegun, nightMarket].map((make) => of(make(NOW)));
    expect(pieces.every(({ tasks }) => tasks.length > 20)).toBe(true);
    const hours = { usual: 3, plan: DEFAULT_BENCH_PLAN };
    const plan = planTogether(pieces, hours, now);
    expect(plan.pieces.map(({ steps }) => steps.length).sort()).toEqual(
      pieces.map(({ tasks }) => tasks.length).sort(),
    );
    // The market, due last, waits behind the others and does not hold them up.
    expect(plan.pieces.at(-1)?.id).toBe('night-market');
    const alone = Object.fromEntries(pieces.map((one) => [one.id, planTogether([one], hours, now).end]));
    for (const { id, end } of plan.pieces) expect(end).toBeGreaterThanOrEqual((alone[id] ?? 0) - 1);
  });
});
