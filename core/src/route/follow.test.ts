import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { addPart, DEFAULT_REGION, type Piece, type Route, removePart, setAt } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { addStep, changeStep, followed, mergeWithNext, moveStep, removeStep, splitStep } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const demo = lowWaterFerry(NOW);
const few: Piece = {
  ...demo,
  parts: demo.parts
    .filter(({ id }) => ['goose', 'mug', 'post'].includes(id))
    .map((part) => ({ ...part, parent: null })),
  fits: [],
  log: [],
  decisions: [],
};
const goose = few.parts.find(({ id }) => id === 'goose');
const reckon = (piece: Piece) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
const first = reckon(few).route.route;
const ids = ({ steps }: Route) => steps.map(({ id }) => id);
const edited = (...changes: ((route: Route) => Route)[]): Piece => ({
  ...few,
  route: changes.reduce((route, change) => change(route), first),
});
const withGander = (piece: Piece) => {
  if (!goose) throw new Error('no goose');
  return addPart(piece, { ...goose, id: 'gander' as never, name: 'Gander' });
};

describe('the maker’s route follows what is proposed', () => {
  it('a tick freezes nothing: a new part gets its steps in place, and its place in the oven', () => {
    const ticked = edited((route) => changeStep(route, 'wire-goose', { done: NOW }));
    const { route } = reckon(withGander(ticked)).route;
    expect(ids(route)).toEqual(ids(reckon(withGander(few)).route.route));
    expect(route.steps.find(({ id }) => id === 'wire-goose')?.done).toBe(NOW);
    expect(route.steps.find(({ id }) => id === 'bake-full')?.parts).toContain('gander');
    expect(reckon(withGander(ticked)).book.get('/route.missing')).toBeUndefined();
  });

  it('what was ordered, retimed and added stays, whatever comes in', () => {
    const own = edited(
      (route) => changeStep(route, 'skin-goose', { handsMin: 90 }),
      (route) => moveStep(route, 'skin-post', 0),
      (route) => addStep(route, 'other', 'skin-goose', () => 0.25).route,
    );
    const { route } = reckon(withGander(own)).route;
    const added = own.route?.steps.find((step) => step.own)?.id ?? '';
    expect(route.steps.find(({ id }) => id === 'skin-goose')?.handsMin).toBe(90);
    expect(ids(route)[0]).toBe('skin-post');
    expect(ids(route).indexOf(added)).toBe(ids(route).indexOf('skin-goose') + 1);
  });

  it('what was taken out stays out, and what needed it needs nothing that is not there', () => {
    const own = edited((route) => removeStep(route, 'bake-full'));
    expect(own.route?.without).toEqual(['bake-full']);
    const { route } = reckon(withGander(own)).route;
    expect(ids(route)).not.toContain('bake-full');
    const there = new Set(ids(route));
    for (const { needs } of route.steps) for (const id of needs) expect(there).toContain(id);
    // A step of the maker’s own leaves nothing to remember.
    const { route: more, added } = addStep(first, 'other', null, () => 0.5);
    expect(removeStep(more, added.id).without).toEqual([]);
  });

  it('steps merged or split stay so', () => {
    const merged = edited((route) => {
      const at = route.steps.findIndex(
        ({ kind }, i) => kind === 'skin' && route.steps[i + 1]?.kind === 'skin',
      );
      const beside = at >= 0 ? route : moveStep(route, 'skin-post', ids(route).indexOf('skin-goose') + 1);
      return mergeWithNext(beside, 'skin-goose');
    });
    const one = reckon(merged).route.route;
    expect(one.steps.find(({ id }) => id === 'skin-goose')?.parts).toEqual(['goose', 'post']);
    expect(ids(one)).not.toContain('skin-post');
    const split = edited((route) => splitStep(route, 'skin-goose', { handsMin: 40, waitMin: 0 }, () => 0.5));
    expect(ids(reckon(split).route.route)).toEqual(ids(split.route as Route));
  });

  it('a part that is gone takes its steps along', () => {
    const own = edited((route) => changeStep(route, 'wire-goose', { done: NOW }));
    const { route } = reckon(removePart(own, 'mug' as never)).route;
    expect(ids(route).filter((id) => id.includes('mug'))).toEqual([]);
    expect(route.steps.flatMap(({ parts }) => parts)).not.toContain('mug');
  });

  it('a route of before, which follows nothing, is left as it is', () => {
    const frozen = { ...first, without: null };
    expect(followed(frozen, reckon(withGander(few)).route.route)).toBe(frozen);
    const { book } = reckon(withGander({ ...few, route: frozen }));
    expect(book.get('/route.missing')?.verdict?.says).toBe('Gander');
  });

  it('a region put in a later bake changes the steps of its part and no others', () => {
    const own = edited((route) => changeStep(route, 'wire-goose', { done: NOW }));
    const staged = setAt(
      own,
      ['parts', 'goose', 'regions'],
      [{ ...DEFAULT_REGION, region: 'head', pass: 2 }],
    );
    const { route } = reckon(staged).route;
    expect(ids(route)).toContain('skin-goose-2');
    expect(ids(route)).toContain('bake-1');
    const others = (of: Route) => ids(of).filter((id) => !/goose|bake|cool/.test(id));
    expect(others(route)).toEqual(others(first));
  });
});

describe('a stop at the oven', () => {
  it('is a stop of the route as well, whatever its order: nothing is good over it', () => {
    const short = setAt(few, ['oven', 'holdMin'], 6);
    const { book, plan } = reckon(short);
    const load = book.get(`/bake.load.${plan.at(-1)?.loads[0]?.id}`);
    expect(load?.verdict?.level).toBe('stop');
    const order = book.get('/route.order');
    expect(order?.quantity.value).toBe(0);
    expect(order?.verdict).toMatchObject({ level: 'stop', waysOut: load?.verdict?.waysOut });
    expect(order?.verdict?.says).toContain(load?.verdict?.says ?? 'nothing');
    expect(reckon(few).book.get('/route.order')?.verdict?.level).toBe('good');
  });
});

describe('decisions at the step that closes them', () => {
  const decision = {
    id: 'hands',
    question: 'What do the hands hold?',
    answer: '',
    before: 'wire' as const,
    parts: ['goose'] as never,
    settled: null,
    settledAs: '',
  };

  it('an open one is to be looked at there; once that step is ticked it is a stop, there and at Brief', () => {
    const open = { ...few, decisions: [decision] };
    const heeds = reckon(open).route.heeds.get('wire-goose');
    expect(heeds?.[0]).toMatchObject({
      level: 'doubtful',
      says: expect.stringContaining('What do the hands hold?'),
    });
    const ticked = {
      ...edited((route) => changeStep(route, 'wire-goose', { done: NOW })),
      decisions: [decision],
    };
    const found = reckon(ticked);
    expect(found.route.heeds.get('wire-goose')?.[0]?.level).toBe('stop');
    expect(found.book.all.find(({ title }) => title === decision.question)?.verdict?.level).toBe('stop');
    // Settled, it is of no account.
    const settled = { ...ticked, decisions: [{ ...decision, answer: 'an oar' }] };
    expect(reckon(settled).route.heeds.size).toBe(0);
  });

  it('the last bake closes what is to be settled before it, not the first', () => {
    const late = { ...few, decisions: [{ ...decision, before: 'last-bake' as const }] };
    expect([...reckon(late).route.heeds.keys()]).toEqual(['bake-full']);
  });
});
