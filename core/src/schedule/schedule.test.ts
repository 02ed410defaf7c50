import { beforeAll, describe, expect, it } from 'vitest';
import { lowWaterFerryBegun, tollFrogs } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import {
  DEFAULT_ADDITION,
  DEFAULT_STEP,
  newPiece,
  type PartId,
  type Piece,
  type RouteStep,
  setAt,
} from '../piece/index.ts';
import { routeOfPiece } from '../route/index.ts';
import { makeSpine, SUBJECTS } from '../spine/index.ts';
import { letGoAsk, sureAsk, wishesAsk } from './asks.ts';
import { minutesOf } from './hours/windows.ts';
import { takeCut } from './letGo/taking.ts';
import { canDo } from './now/canDo.ts';
import { readSitting, sittingMin } from './now/sitting.ts';
import { stepEnded } from './now/stepDone.ts';
import { hoursOf, scheduleOfPiece } from './reckoners.ts';
import type { ScheduleFacts } from './reckonSchedule.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const spineOf = (piece: Piece, now = NOW) => makeSpine(SUBJECTS, shapes, { piece, workshopOwn: {}, now });
const scheduled = (piece: Piece, now = NOW) => spineOf(piece, now).given.piece(scheduleOfPiece);

const step = (id: string, over: Partial<RouteStep> = {}): RouteStep => ({
  ...DEFAULT_STEP,
  id,
  kind: 'other',
  title: id,
  handsMin: 60,
  waitMin: 0,
  ...over,
});

/** A piece with nothing but steps of one’s own, two hours every evening. */
function pieceOf(steps: readonly RouteStep[], over: Partial<Piece> = {}): Piece {
  const piece = newPiece('Steps', NOW, () => 0.5);
  return {
    ...piece,
    brief: { ...piece.brief, hoursPerDay: 2 },
    route: { steps: [...steps], relations: [], without: null },
    ...over,
  };
}

const at = (facts: ScheduleFacts, id: string) => {
  const found = facts.steps.find((one) => one.id === id);
  return found && new Date(found.start * 60_000).toISOString().slice(5, 16);
};

describe('days of a piece', () => {
  it('put what needs another behind it, and all else where there is time', () => {
    const facts = scheduled(
      pieceOf([step('a'), step('b', { needs: ['a'], handsMin: 90 }), step('c', { handsMin: 30 })]),
    );
    const [a, b] = ['a', 'b'].map((id) => facts.steps.find((one) => one.id === id));
    expect(b?.start ?? 0).toBeGreaterThanOrEqual(a?.done ?? 0);
    expect(Math.min(...facts.steps.map(({ start }) => start))).toBe(minutesOf('2026-05-01T18:00:00Z'));
    // Three hours in all: over on the second evening.
    expect(new Date(facts.end * 60_000).toISOString().slice(5, 16)).toBe('05-02T19:00');
  });

  it('leave out what is ticked, but wait for what dries since', () => {
    const steps = [
      step('seal', { waitMin: 600, done: '2026-05-01T08:30:00Z' }),
      step('wash', { needs: ['seal'] }),
    ];
    expect(at(scheduled(pieceOf(steps)), 'wash')).toBe('05-01T18:30');
  });

  it('begin with a part at a time, on its way, and not before what is ordered is here', () => {
    const piece = pieceOf([step('a'), step('pour')]);
    const bench = {
      ...piece.bench,
      orders: [{ id: 'resin', name: 'resin', step: 'pour', daysOnWay: 3, ordered: null, came: null }],
      pinned: [{ step: 'a', notBefore: '2026-05-02T18:00:00Z' }],
    };
    const facts = scheduled({ ...piece, bench });
    expect(at(facts, 'a')).toBe('05-02T18:00');
    expect(at(facts, 'pour')).toBe('05-04T18:00');
    const come = { ...bench, orders: bench.orders.map((one) => ({ ...one, came: '2026-05-01' })) };
    expect(at(scheduled({ ...piece, bench: come }), 'pour')).toBe('05-01T18:00');
  });

  it('say it where there are no hours, and take a day that has gone by as too late', () => {
    const none = scheduled(pieceOf([step('a')], { brief: { ...newPiece('x', NOW).brief, hoursPerDay: 0 } }));
    expect(none.says).toMatch(/no hour at the bench/);
    expect(none.figures).toEqual([]);
    const past = scheduled(
      pieceOf([step('a')], { brief: { ...newPiece('x', NOW).brief, hoursPerDay: 2, due: '2026-04-20' } }),
    );
    expect(past.lateMin).toBe(60);
    expect(past.figures[0]?.verdict?.level).toBe('stop');
    const untold = scheduled(pieceOf([step('a')], { brief: newPiece('x', NOW).brief }));
    expect(untold.isAbout).toBe(true);
    expect(untold.steps).toHaveLength(1);
  });

  it('hold a step of ten thousand hours', () => {
    const facts = scheduled(
      pieceOf([step('long', { handsMin: 100_000 }), step('next', { needs: ['long'] })]),
    );
    // 1666.7 hours at two a day: 833 days and a bit.
    expect((facts.end - facts.now) / 1440).toBeGreaterThan(833);
    expect((facts.end - facts.now) / 1440).toBeLessThan(836);
  });

  it('spray only by day and when it may be sprayed, bake only while the oven may run', () => {
    const piece = pieceOf([step('bake', { kind: 'bake', handsMin: 8, waitMin: 200 })]);
    const facts = scheduled({ ...piece, bench: { ...piece.bench, ovenTo: 20 } });
    const [bake] = facts.steps;
    // In from 18:08 it would not be out by 20: it goes in the next day as soon as the oven may run.
    expect(new Date((bake?.done ?? 0) * 60_000).getUTCHours()).toBeLessThanOrEqual(20);
  });
});

describe('the example pieces', () => {
  const ferry = lowWaterFerryBegun(NOW);
  const frogs = tollFrogs(NOW);
  const [ferrySpine, frogsSpine] = [spineOf(ferry), spineOf(frogs)];

  it('have days in which every step comes behind what it needs', () => {
    for (const spine of [ferrySpine, frogsSpine]) {
      const { steps } = spine.given.piece(scheduleOfPiece);
      const { route } = spine.given.piece(routeOfPiece);
      const planned = new Map(steps.map((one) => [one.id, one]));
      expect(steps).toHaveLength(route.steps.filter(({ done }) => done === null).length);
      for (const { id, needs } of route.steps)
        for (const need of needs) {
          const [a, b] = [planned.get(need), planned.get(id)];
          if (a && b) expect(b.start, `${id} behind ${need}`).toBeGreaterThanOrEqual(a.done - 0.01);
        }
      // A baked part is touched no sooner than it has cooled.
      for (const cool of route.steps.filter(({ kind }) => kind === 'cool')) {
        const over = planned.get(cool.id)?.done ?? 0;
        for (const later of route.steps.slice(route.steps.indexOf(cool) + 1))
          if (later.parts.some((part) => cool.parts.includes(part)) && planned.has(later.id))
            expect(planned.get(later.id)?.start ?? 0).toBeGreaterThanOrEqual(over - 0.01);
      }
    }
  });

  it('are in time in nine of ten cases, and too late by some hours', () => {
    const [one, other] = [ferrySpine, frogsSpine].map((spine) => spine.given.piece(scheduleOfPiece));
    expect(one?.lateMin ?? 0).toBeLessThan(0);
    expect(ferrySpine.answer(sureAsk, {})?.inTime ?? 0).toBeGreaterThan(0.85);
    expect(other?.lateMin ?? 0).toBeGreaterThan(60);
    expect(frogsSpine.answer(sureAsk, {})?.inTime).toBeLessThan(0.1);
  });

  it('the day that holds in nine of ten cases is later than the one in half, and something makes it late', () => {
    const sure = frogsSpine.answer(sureAsk, {});
    expect(sure?.nine ?? 0).toBeGreaterThan(sure?.half ?? 0);
    expect(sure?.delays[0]?.laterMin ?? 0).toBeGreaterThan(0);
    expect(sure?.counts.reduce((a, b) => a + b, 0)).toBe(2000);
  });

  describe('what is let go', () => {
    let found: NonNullable<ReturnType<typeof letGoAsk.answer>>;
    beforeAll(() => {
      const answer = frogsSpine.answer(letGoAsk, {});
      if (!answer) throw new Error('nothing is proposed');
      found = answer;
    });

    it('comes by what is lost for each hour, and the set is enough', () => {
      const costs = found.proposals.map(({ cost, savedMin }) => cost / savedMin);
      expect(costs).toEqual([...costs].sort((a, b) => a - b));
      expect(found.isEnough).toBe(true);
      expect(found.proposals.filter(({ isOfSet }) => isOfSet).length).toBeGreaterThan(0);
    });

    it('taken, the piece is in time in nine of ten cases, with a decision for each', () => {
      const set = found.proposals.filter(({ isOfSet }) => isOfSet);
      const { usual } = hoursOf(frogs.brief.hoursPerDay, frogs.bench, {});
      const after = set.reduce((piece, cut) => {
        const { route } = spineOf(piece).given.piece(routeOfPiece);
        return takeCut(piece, route, cut, usual, NOW);
      }, frogs);
      expect(after.decisions).toHaveLength(frogs.decisions.length + set.length);
      expect(spineOf(after).answer(sureAsk, {})?.inTime ?? 0).toBeGreaterThan(0.85);
      expect(frogs.decisions).toEqual(tollFrogs(NOW).decisions);
    });

    it('each saves about what it says', () => {
      const { end, network } = frogsSpine.given.piece(scheduleOfPiece);
      for (const kind of ['left-out', 'hours', 'help', 'bought'] as const) {
        const cut = found.proposals.find(({ taking }) => taking.kind === kind);
        if (!cut) continue;
        const { route } = frogsSpine.given.piece(routeOfPiece);
        const after = takeCut(frogs, route, cut, 5, NOW);
        const saved =
          (network?.bench.time.gone(end) ?? 0) - (network?.bench.time.gone(scheduled(after).end) ?? 0);
        expect(Math.abs(saved - cut.savedMin), cut.says).toBeLessThan(45);
      }
    });
  });

  it('a wish is priced before it is taken on', () => {
    const piece = {
      ...frogs,
      additions: [{ ...DEFAULT_ADDITION, id: 'bell', name: 'a bell', hours: 5, cost: 0 }],
    };
    const [wish] = spineOf(piece).answer(wishesAsk, {});
    expect(wish?.laterMin ?? 0).toBeGreaterThan(1000);
    const taken = scheduled(setAt(piece, ['additions', 'bell', 'accepted'], true));
    expect(Math.abs(taken.end - (wish?.end ?? 0))).toBeLessThan(60);
  });

  it('two ovens, help and a free Sunday make it no later', () => {
    const { end } = frogsSpine.given.piece(scheduleOfPiece);
    for (const over of [{ ovens: 2 }, { hands: 2 }, { week: [{ day: 'sun' as const, hours: 10 }] }])
      expect(scheduled({ ...frogs, bench: { ...frogs.bench, ...over } }).end).toBeLessThanOrEqual(end + 1);
  });
});

describe('what can be done now', () => {
  const piece = pieceOf([
    step('wire', { kind: 'wire', handsMin: 20, parts: ['post' as PartId] }),
    step('clay', { kind: 'skin', handsMin: 50, parts: ['goose' as PartId] }),
    step('bake', { kind: 'bake', handsMin: 60, waitMin: 60, parts: ['mug' as PartId] }),
    step('paint', { kind: 'coat', handsMin: 30, needs: ['bake'], parts: ['mug' as PartId] }),
  ]);
  const facts = scheduled(piece);
  const ids = (moment: Parameters<typeof canDo>[3]) =>
    canDo(facts.steps, piece.route?.steps ?? [], facts.now, moment).map((one) => one.step.id);

  it('is what waits for nothing, by the hands and the minutes there are', () => {
    expect(ids({ minutes: null, hands: 'any' }).sort()).toEqual(['bake', 'clay', 'wire']);
    expect(ids({ minutes: null, hands: 'dirty' })).toEqual(['clay']);
    expect(ids({ minutes: null, hands: 'clean' }).sort()).toEqual(['bake', 'wire']);
    // Clay can be begun and gone on with; a bake cannot be left half way.
    expect(ids({ minutes: 40, hands: 'any' }).sort()).toEqual(['clay', 'wire']);
  });

  it('a step that is done is ticked, and what it took goes to the log', () => {
    const route = piece.route ?? { steps: [], relations: [], without: null };
    const ended = {
      step: 'wire',
      outcome: 'done' as const,
      tookMin: 30,
      reckonedMin: 20,
      note: '',
      now: NOW,
    };
    const after = stepEnded(piece, route, ended);
    expect(after.route?.steps[0]?.done).toBe(NOW);
    expect(after.log.map(({ kind, step: took }) => [kind, took?.tookMin, took?.of])).toEqual([
      ['step', 30, 'wire'],
    ]);
    const wrong = stepEnded(piece, route, { ...ended, outcome: 'wrong', tookMin: null });
    expect(wrong.route?.steps[0]?.done).toBeNull();
    expect(wrong.log[0]?.note).toMatch(/went wrong/);
    const quick = stepEnded(piece, route, { ...ended, tookMin: null });
    expect(quick.log).toEqual([]);
    expect(stepEnded(piece, route, { ...ended, step: 'gone' })).toBe(piece);
  });

  it('what it took teaches the next of its kind', () => {
    const twice = (n: number): Piece =>
      Array.from({ length: n }, () => 0).reduce<Piece>(
        (to) =>
          stepEnded(to, to.route ?? { steps: [], relations: [], without: null }, {
            step: 'core-ferrywoman',
            outcome: 'done',
            tookMin: 24,
            reckonedMin: 12,
            note: '',
            now: NOW,
          }),
        lowWaterFerryBegun(NOW),
      );
    const minutes = (piece: Piece) =>
      spineOf(piece).given.piece(routeOfPiece).times.get('core-willow')?.handsMin ?? 0;
    const usual = minutes(lowWaterFerryBegun(NOW));
    // What is usual weighs as much as two of one’s own: after one that took twice as long 4/3, after four 5/3.
    expect(minutes(twice(1)) / usual).toBeCloseTo(4 / 3, 6);
    expect(minutes(twice(4)) / usual).toBeCloseTo(5 / 3, 6);
  });

  it('a sitting is not believed with a clock that was put back or left running', () => {
    const sitting = { pieceId: 'x', step: 'wire', startedAt: NOW };
    expect(sittingMin(sitting, Date.parse(NOW) + 25 * 60_000)).toBe(25);
    expect(sittingMin(sitting, Date.parse(NOW) - 60_000)).toBeNull();
    expect(sittingMin(sitting, Date.parse(NOW) + 15 * 3_600_000)).toBeNull();
    expect(readSitting(sitting)).toEqual(sitting);
    for (const none of [null, 5, {}, { ...sitting, startedAt: 'soon' }, { ...sitting, step: '' }])
      expect(readSitting(none)).toBeNull();
  });
});

describe('the calendar of an example', () => {
  it('is for days from now on', () => {
    const { steps, now } = scheduled(tollFrogs(NOW));
    expect(now).toBe(minutesOf(NOW));
    for (const one of steps) for (const { from, to } of one.sittings) expect(to).toBeGreaterThan(from);
  });
});
