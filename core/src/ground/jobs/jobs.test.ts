import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { newPiece, type Piece, setAt } from '../../piece/index.ts';
import { stepsOfPiece } from '../../route/steps/stepsOfPiece.ts';
import { reckonPiece } from '../../spine/index.ts';
import { workOfPiece } from '../reckoners.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const ferry = lowWaterFerry(NOW);

function reckon(piece: Piece) {
  const { given, book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const { jobs } = given.piece(workOfPiece);
  const { steps } = given.piece(stepsOfPiece).route;
  const ids = steps.map(({ id }) => id);
  return {
    jobs,
    steps,
    at: (start: string) => ids.findIndex((id) => id.startsWith(start)),
    value: (key: string) => book.get(`/${key}`)?.quantity.value,
  };
}

describe('what is to be done for the ground', () => {
  const found = reckon(ferry);

  it('has every rise, lay, crown, cover and pour of the plan once, each behind what it needs', () => {
    const { heaps, masonry, covers, pours, stood } = ferry;
    const of = (start: string) => found.jobs.filter(({ id }) => id.startsWith(start)).length;
    expect(of('ground-rise-')).toBe(heaps.length);
    expect(of('ground-lay-')).toBe(masonry.length);
    expect(of('ground-cover-')).toBe(covers.length);
    expect(of('ground-pour-')).toBe(pours.length);
    expect(of('ground-foliage-')).toBe(stood.filter(({ foliage }) => foliage !== 'none').length);
    const before = new Set<string>();
    for (const { id, needs } of found.jobs) {
      for (const need of needs) expect(before.has(need), `${id} needs ${need}`).toBe(true);
      before.add(id);
    }
  });

  it('comes into the route in the order of the bench: courses in raw clay, crowns off the base, water last and after a leak test', () => {
    const { at, steps } = found;
    expect(at('ground-lay-')).toBeGreaterThan(at('skin-quay'));
    expect(at('ground-lay-')).toBeLessThan(steps.findLastIndex(({ kind }) => kind === 'bake'));
    expect(at('ground-base')).toBeLessThan(at('ground-rise-'));
    expect(at('ground-foliage-')).toBeLessThan(at('ground-stand'));
    expect(at('ground-stand')).toBeGreaterThan(steps.findLastIndex(({ kind }) => kind === 'coat'));
    expect(at('ground-cover-')).toBeGreaterThan(at('ground-stand'));
    expect(at('ground-leak-')).toBeGreaterThan(at('ground-cover-'));
    expect(at('ground-pour-')).toBe(steps.length - 1);
  });

  it('takes as long as its own figures say: a crown its hours, a pour its layers and days, plaster its drying', () => {
    const { value } = found;
    const [willow] = ferry.stood.filter(({ foliage }) => foliage !== 'none');
    expect(value(`work.hands.ground-foliage-${willow?.id}`)).toBeCloseTo(
      60 * (value(`foliage.hours.${willow?.id}`) ?? 0),
      9,
    );
    const [tide] = ferry.pours;
    expect(value(`work.wait.ground-pour-${tide?.id}`)).toBe(24 * 60 * (value(`pour.days.${tide?.id}`) ?? 0));
    // A studded base takes three studs more than a flat one.
    const flat = reckon(setAt(ferry, ['board', 'studs'], 0));
    const studs = (value('work.hands.ground-base') ?? 0) - (flat.value('work.hands.ground-base') ?? 0);
    expect(studs).toBe(3 * 6);
  });

  it('follows the plan: without water no leak test, lower water fewer hours, an empty piece nothing', () => {
    const dry = reckon({ ...ferry, pours: [] });
    expect(dry.at('ground-leak-')).toBe(-1);
    expect(dry.at('ground-pour-')).toBe(-1);
    const deep = reckon({ ...ferry, pours: ferry.pours.map((pour) => ({ ...pour, deepMm: 40 })) });
    const id = ferry.pours[0]?.id;
    expect(deep.value(`work.hands.ground-pour-${id}`) ?? 0).toBeGreaterThan(
      found.value(`work.hands.ground-pour-${id}`) ?? Infinity,
    );
    expect(reckon(newPiece('Bare', NOW)).jobs).toEqual([]);
  });
});

describe('trees in ground that sets wet', () => {
  it('are kept apart from it by cling film, once the rise is built; in dry ground they are not', () => {
    // The willow stands on the mud bank, which has a skin of plaster.
    const wet = reckon(ferry);
    const film = wet.jobs.find(({ id }) => id === 'ground-film') ?? expect.fail('no film');
    expect(film.title).toMatch(/willow/i);
    expect(film.needs).toEqual(['ground-rise-mud-bank']);
    expect(wet.value('work.hands.ground-film')).toBe(4);
    const dry = reckon(setAt(ferry, ['heaps', 'mud-bank', 'skin'], 'none'));
    expect(dry.jobs.some(({ id }) => id === 'ground-film')).toBe(false);
  });
});

describe('stones on the base itself', () => {
  it('are laid once the base is cut, and nothing waits for what is not to be done', () => {
    const laid = {
      ...ferry.masonry[0],
      id: 'cobbles',
      part: null,
      on: 'top',
      bond: 'cobbles',
      openings: [],
    } as const;
    const { jobs } = reckon({ ...ferry, masonry: [laid as unknown as Piece['masonry'][number]] });
    const job = jobs.find(({ id }) => id === 'ground-lay-cobbles') ?? expect.fail('no job');
    expect(job.needs).toEqual(['ground-base', 'ground-rise-mud-bank']);
    const bare = reckon({ ...ferry, heaps: [], masonry: [laid as unknown as Piece['masonry'][number]] });
    expect(bare.jobs.find(({ id }) => id === 'ground-lay-cobbles')?.needs).toEqual(['ground-base']);
  });
});
