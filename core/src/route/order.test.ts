import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Route, RouteStep, StepKind } from '../piece/index.ts';
import {
  cheapestOrder,
  constraintsOf,
  faultCount,
  judgeRoute,
  moveStep,
  PLAIN_GROUND,
  putInOrder,
} from './index.ts';
import { keeps, orderOf } from './placing.ts';
import { permutations, route, step } from './testRoute.ts';

const parts = (...ids: string[]) => ({ parts: ids as unknown as RouteStep['parts'] });
const says = (one: Route, ground = PLAIN_GROUND) => judgeRoute(one, ground).faults.map((fault) => fault.says);
const ids = ({ steps }: Route) => steps.map(({ id }) => id);
const mended = (one: Route, ground = PLAIN_GROUND) => {
  const next = judgeRoute(one, ground).faults[0]?.repair?.route;
  if (!next) throw new Error('no way out');
  return next;
};

const usual = route(
  step('clay', 'skin'),
  step('detail', 'detail'),
  step('clean', 'clean'),
  step('bake', 'bake'),
  step('cool', 'cool', { needs: ['bake'] }),
  step('seal', 'seal'),
);

describe('what the oven asks of the order', () => {
  it('nothing is done to a part between its bake and its cooling: a sealer on warm clay fogs (common practice)', () => {
    const early = moveStep(usual, 'seal', 4);
    expect(says(early)).toEqual([
      expect.stringContaining('“seal” comes before what is out of “bake” has cooled'),
    ]);
    expect(ids(mended(early))).toEqual(ids(usual));
  });

  it('what is not in the oven may go on meanwhile, and a thing is bent because it is warm', () => {
    const meanwhile = route(
      ...usual.steps.slice(0, 4),
      step('other clay', 'skin', parts('goose')),
      step('bend', 'warm'),
      ...usual.steps.slice(4),
      step('goose bake', 'bake', parts('goose')),
    );
    expect(says(meanwhile)).toEqual([]);
  });

  it('several steps on the hot part are told as one fault, and one move of the cooling mends all', () => {
    const late = moveStep(
      route(...usual.steps, step('sand', 'sand'), step('join', 'joint', parts('figure', 'mug'))),
      'cool',
      7,
    );
    const { faults } = judgeRoute(late);
    expect(faults).toHaveLength(1);
    expect(faults[0]?.says).toContain(
      '“seal”, “sand” and “join” come before what is out of “bake” has cooled',
    );
    expect(faults[0]?.steps.map(({ id }) => id).sort()).toEqual(['bake', 'join', 'sand', 'seal']);
    expect(says(mended(late))).toEqual([]);
  });

  it('raw work comes before the bake that fixes its clay; else it is work on cured clay', () => {
    const late = moveStep(usual, 'clean', 5);
    expect(says(late)[0]).toContain('“clean” comes after the bake that fixes the clay');
    expect(says(mended(late))).toEqual([]);
    // Where it cannot go back, as it waits for what comes later, it becomes sanding.
    const tied = route(
      step('clay', 'skin'),
      step('bake', 'bake'),
      step('cool', 'cool', { needs: ['bake'] }),
      step('look', 'other', { needs: ['cool'] }),
      step('clean', 'clean', { needs: ['look'] }),
    );
    const repair = judgeRoute(tied).faults[0]?.repair;
    expect(repair?.says).toContain('sand or carve');
    expect(repair?.route.steps.at(-1)?.kind).toBe('sand');
    expect(repair && says(repair.route)).toEqual([]);
  });

  it('new clay over a baked body may be worked, whatever was baked before', () => {
    const layered = route(
      step('body', 'skin', { regions: ['body'] }),
      step('short', 'bake', { way: 'set' }),
      step('coat', 'skin', { regions: ['body'] }),
      step('buttons', 'detail', { regions: ['body'] }),
      step('final', 'bake'),
    );
    expect(says(layered)).toEqual([]);
  });

  it('sanding and warm bending want cured clay', () => {
    for (const kind of ['sand', 'warm'] as const) {
      const raw = moveStep(route(...usual.steps, step('work', kind)), 'work', 0);
      expect(says(raw)[0]).toContain('“work” wants a bake before');
      expect(says(mended(raw))).toEqual([]);
    }
  });

  it('what does not bear the oven goes on after every bake of its part, by its step or by a change of the piece', () => {
    const chimney = step('chimney', 'fix', { thing: 'chimney' });
    const made = route(usual.steps[0] as RouteStep, chimney, ...usual.steps.slice(1));
    const change = { path: ['parts', 'figure', 'inserts'], value: [] };
    const ground = (later: { says: string; change: typeof change } | null) => ({
      ...PLAIN_GROUND,
      burns: new Map([['chimney', { says: 'kit plastic softens', later }]]),
    });
    expect(says(made, ground(null))).toEqual(['“bake” must come before “chimney”: kit plastic softens']);
    expect(says(mended(made, ground(null)), ground(null))).toEqual([]);
    const [fault] = judgeRoute(made, ground({ says: 'let it in after the bake', change })).faults;
    expect(fault?.repair).toMatchObject({ says: 'let it in after the bake', change });
  });

  it('a thing is made before it is put on', () => {
    const oar = parts('oar');
    const made = route(step('put', 'fix', { thing: 'oar' }), step('make', 'other', oar));
    expect(says(made)).toEqual(['“make” must come before “put”: it is made before it is put on']);
  });
});

describe('what is done for nothing', () => {
  const twoBakes = route(
    step('clay', 'skin'),
    step('short', 'bake', { way: 'set' }),
    step('cool short', 'cool', { needs: ['short'] }),
    step('final', 'bake'),
    step('cool final', 'cool', { needs: ['final'] }),
    step('seal', 'seal', { needs: ['cool short'] }),
  );

  it('two bakes with nothing new between are one: the final one stays, and what waited for the other waits for it', () => {
    expect(says(twoBakes)).toEqual([expect.stringContaining('nothing new comes on')]);
    const one = mended(twoBakes);
    expect(ids(one)).toEqual(['clay', 'final', 'cool final', 'seal']);
    expect(one.steps.at(-1)?.needs).toEqual(['cool final']);
    expect(faultCount(one)).toBe(0);
  });

  it('clay, a joint or a thing between makes both of use, and so does clay on one part of many', () => {
    for (const new_ of [
      step('coat', 'skin'),
      step('join', 'joint', parts('figure', 'mug')),
      step('put', 'fix', { thing: 'oar' }),
    ]) {
      const steps = [...twoBakes.steps];
      steps.splice(3, 0, new_);
      expect(judgeRoute(route(...steps)).faults).toEqual([]);
    }
  });

  it('a joint made twice and a thing put on twice are named; two sittings of one joint are not', () => {
    const pair = parts('rider', 'mount');
    const twice = route(step('cold', 'joint', pair), step('again', 'joint', parts('mount', 'rider')));
    expect(says(twice)).toEqual(['“again” does again what “cold” has done']);
    expect(ids(mended(twice))).toEqual(['cold']);
    const sittings = route(step('cold', 'joint', pair), step('again', 'joint', { ...pair, needs: ['cold'] }));
    expect(says(sittings)).toEqual([]);
  });
});

/** How many of a row of numbers must be moved so that they ascend: all but a longest ascending run (patience sorting). */
function movesOf(order: readonly number[]): number {
  const piles: number[] = [];
  for (const one of order) {
    const at = piles.findIndex((top) => top >= one);
    if (at < 0) piles.push(one);
    else piles[at] = one;
  }
  return order.length - piles.length;
}

describe('the cheapest order', () => {
  const KINDS: readonly StepKind[] = [
    'wire',
    'core',
    'skin',
    'detail',
    'clean',
    'bake',
    'bake',
    'seal',
    'sand',
  ];
  const RELATIONS = ['buries', 'supports', 'touches', 'held', 'wet', 'marks'] as const;
  const COUNT = 6;
  const orders = permutations(Array.from({ length: COUNT }, (_, i) => i));
  const one = fc.record({
    kinds: fc.shuffledSubarray([...KINDS], { minLength: COUNT, maxLength: COUNT }),
    whose: fc.array(fc.constantFrom('figure', 'goose'), { minLength: COUNT, maxLength: COUNT }),
    relations: fc.array(fc.tuple(fc.constantFrom(...RELATIONS), fc.nat(COUNT - 1), fc.nat(COUNT - 1)), {
      maxLength: 3,
    }),
  });

  it('moves no more steps than the best of all orders, and finds one wherever there is one (exhaustive search)', () => {
    let [found, moved] = [0, 0];
    fc.assert(
      fc.property(one, ({ kinds, whose, relations }) => {
        const made: Route = {
          ...route(...kinds.map((kind, i) => step(`${kind}-${i}`, kind, parts(whose[i] ?? 'figure')))),
          relations: relations.flatMap(([kind, a, b], i) =>
            a === b ? [] : [{ id: `r${i}`, kind, first: `${kinds[a]}-${a}`, second: `${kinds[b]}-${b}` }],
          ),
        };
        const constraints = constraintsOf(made);
        const ok = (order: readonly number[]) => {
          const placed = orderOf(made.steps, order);
          return constraints.every((constraint) => keeps(made.steps, placed, constraint));
        };
        const valid = orders.filter(ok);
        const cheapest = cheapestOrder(made.steps, constraints);
        expect(cheapest === null).toBe(valid.length === 0);
        if (!cheapest) return;
        expect(ok(cheapest.order)).toBe(true);
        const best = Math.min(...valid.map(movesOf));
        expect(movesOf(cheapest.order)).toBe(best);
        expect(cheapest.moved).toBe(best);
        found += 1;
        moved += best;
      }),
      { seed: 16, numRuns: 600 },
    );
    // The routes tried were neither all hopeless nor all in order.
    expect(found).toBeGreaterThan(20);
    expect(moved).toBeGreaterThan(20);
  });

  it('a route of four hundred steps with twenty of them out of place is put in order by moving at most those', () => {
    const kinds: readonly StepKind[] = [
      'wire',
      'bind',
      'core',
      'skin',
      'detail',
      'clean',
      'bake',
      'cool',
      'seal',
      'coat',
    ];
    const steps = Array.from({ length: 40 }, (_, n) =>
      kinds.map((kind) =>
        step(`${kind}-${n}`, kind, { ...parts(`p${n}`), needs: kind === 'cool' ? [`bake-${n}`] : [] }),
      ),
    ).flat();
    expect(faultCount(route(...steps))).toBe(0);
    let wrong = route(...steps);
    for (let n = 0; n < 20; n += 1) {
      const kind = kinds[(n * 7) % kinds.length];
      wrong = moveStep(wrong, `${kind}-${n * 2}`, (n * 149) % 400);
    }
    expect(faultCount(wrong)).toBeGreaterThan(20);
    const cheapest = cheapestOrder(wrong.steps, constraintsOf(wrong));
    expect(cheapest?.moved).toBeLessThanOrEqual(20);
    const again = putInOrder(wrong);
    expect(again && faultCount(again)).toBe(0);
  });
});

describe('what is done already', () => {
  const done = '2026-05-01T09:00:00Z';

  it('is moved by no repair, and nothing is put before it', () => {
    const ticked = route(
      step('skin', 'skin', { done }),
      step('seal', 'seal'),
      step('bake', 'bake'),
      step('cool', 'cool', { needs: ['bake'] }),
    );
    const [fault] = judgeRoute(ticked).faults;
    const order = fault?.repair?.route.steps.map(({ id }) => id) ?? [];
    expect(order[0]).toBe('skin');
    expect(order.indexOf('bake')).toBeLessThan(order.indexOf('seal'));
    const whole = putInOrder(ticked);
    expect(whole?.steps[0]?.id).toBe('skin');
    expect(judgeRoute(whole ?? ticked).faults).toEqual([]);
  });

  it('where only what is done could be moved, no move is offered', () => {
    const sealed = route(
      step('skin', 'skin', { done }),
      step('seal', 'seal', { done }),
      step('bake', 'bake', { done }),
      step('cool', 'cool', { needs: ['bake'], done }),
    );
    for (const { repair } of judgeRoute(sealed).faults) expect(repair?.says ?? '').not.toMatch(/^move/);
  });
});
