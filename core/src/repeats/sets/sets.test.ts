import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import { demoPart, ofClay } from '../../demo/entries.ts';
import { lowWaterFerry } from '../../demo/index.ts';
import { extentOf, type Form, shapeOf } from '../../form/index.ts';
import { DEFAULT_REPEAT, type Part, type Piece, type RepeatRule } from '../../piece/index.ts';
import { placeNamed, placeNames, placesOf, ringLength } from '../places.ts';
import { type CountedSet, countSet } from './countSet.ts';
import { MOST_BETWEEN_MIN, tallied, tallyLogged, withSet } from './edits.ts';
import { setDrawing, setGuide } from './setDrawing.ts';
import { SET_STARTS } from './starts.ts';

const NOW = '2026-05-01T09:00:00Z';
const lines = (form: Form) =>
  new Map(
    placesOf(form, shapeOf(form)).flatMap((one) => (one.kind === 'line' ? [[one.key, one] as const] : [])),
  );
const faces = (form: Form) =>
  new Map(
    placesOf(form, shapeOf(form)).flatMap((one) => (one.kind === 'face' ? [[one.key, one] as const] : [])),
  );

describe('where a set can go', () => {
  it('a block is 2 (w + d) round its foot, and its front w × h (geometry)', () => {
    const block: Form = { kind: 'block', widthMm: 30, heightMm: 20, depthMm: 10 };
    expect(lines(block).get('foot')).toMatchObject({ lengthMm: 80, isClosed: true });
    expect(faces(block).get('front')?.areaMm2).toBe(600);
    expect(faces(block).get('all')?.areaMm2).toBeCloseTo(2 * (600 + 200 + 300), 6);
  });

  it('a cone laid flat has its mantle π (r + R) s (geometry), a cylinder its circumference by its height', () => {
    const cone: Form = { kind: 'cylinder', heightMm: 40, bottomMm: 60, topMm: 0, lying: false };
    expect((faces(cone).get('mantle')?.areaMm2 ?? 0) / (Math.PI * 30 * 50)).toBeCloseTo(1, 2);
    expect(lines(cone).has('brim')).toBe(false);
    const post: Form = { kind: 'cylinder', heightMm: 40, bottomMm: 10, topMm: 10, lying: false };
    expect(faces(post).get('mantle')?.areaMm2).toBeCloseTo(Math.PI * 10 * 40, 6);
  });

  it('a line round at a height is as long as a thread: π d of a ball’s middle, the chord of it above, the square of a block', () => {
    const round = (form: Form, atPct: number) => {
      const found = placeNamed(form, shapeOf(form), { on: 'level', atPct });
      return found?.kind === 'line' ? found.lengthMm : Number.NaN;
    };
    const ball: Form = { kind: 'ball', diameterMm: 50 };
    expect(round(ball, 50) / (Math.PI * 50)).toBeCloseTo(1, 2);
    // At nine tenths of the height the circle has a radius of √(25² − 20²).
    expect(round(ball, 90) / (2 * Math.PI * 15)).toBeCloseTo(1, 2);
    const cone: Form = { kind: 'cylinder', heightMm: 40, bottomMm: 60, topMm: 0, lying: false };
    expect(round(cone, 25) / (Math.PI * 45)).toBeCloseTo(1, 2);
    expect(round({ kind: 'block', widthMm: 30, heightMm: 20, depthMm: 10 }, 50) / 80).toBeCloseTo(1, 2);
    // A leg and a tail have nothing above the head.
    expect(round(ball, 100)).not.toBeGreaterThan(40);
  });

  it('what the regions of a figure have of its surface comes to all of it', () => {
    const goose = { kind: 'bird', proportions: 'goose', heightMm: 80, build: 1, angles: {} } as Form;
    const shape = shapeOf(goose);
    const names = placeNames(goose, shape).filter(({ key }) => key.startsWith('region.'));
    expect(names.length).toBeGreaterThan(3);
    const areas = names.map(({ key }) => {
      const found = placeNamed(goose, shape, { on: key, atPct: 50 });
      return found?.kind === 'face' ? found.areaMm2 : 0;
    });
    expect(Math.min(...areas)).toBeGreaterThan(0);
    const all = areas.reduce((sum, one) => sum + one, 0);
    expect(Math.abs(all / shape.areaMm2 - 1)).toBeLessThan(0.03);
    expect(placeNamed(goose, shape, { on: 'region.third wing', atPct: 50 })).toBeUndefined();
  });

  it('a cut-out is as long round as its points, every form has its whole surface', () => {
    const points = [
      [0, 0],
      [30, 0],
      [0, 40],
    ].map(([xMm = 0, yMm = 0]) => ({ xMm, yMm }));
    const wedge = lines({ kind: 'extruded', points, depthMm: 2 }).get('edge');
    expect(wedge?.lengthMm).toBeCloseTo(120, 9);
    expect(ringLength(wedge?.course ?? [])).toBeCloseTo(120, 9);
    for (const { form } of SET_STARTS) expect(faces(form(1)).get('all')?.areaMm2).toBeGreaterThan(0);
  });
});

describe('what a set is begun with', () => {
  const piece = lowWaterFerry(NOW);
  const quay = piece.parts.find(({ id }) => id === 'quay') as Part;
  const longest = (form: Form) => {
    const { min, max } = shapeOf(form).box;
    return Math.max(...[0, 1, 2].map((k) => (max[k] ?? 0) - (min[k] ?? 0)));
  };

  it('every start is as long as it says, and is built', () => {
    for (const { form, longMm } of SET_STARTS) expect(longest(form(1))).toBeCloseTo(longMm, 0);
  });

  it('on a part of life size it is of life size; on a small one of an open scale it suits it', () => {
    const start = SET_STARTS.find(({ id }) => id === 'shingles') ?? expect.fail();
    const of = (hostMm: number, sized: 'life' | 'miniature', ratio: number) => {
      const next = withSet(piece, { ...quay, sized }, start, { on: 'front', hostMm, ratio });
      return next.piece.parts.find(({ id }) => id === next.id) ?? expect.fail();
    };
    expect(longest(of(1800, 'life', 12).form)).toBeCloseTo(260, 0);
    expect(longest(of(150, 'miniature', 12).form)).toBeCloseTo(260 / 12, 1);
    expect(longest(of(60, 'miniature', 1).form)).toBeCloseTo(6, 1);
    expect(of(1800, 'life', 12)).toMatchObject({
      parent: 'quay',
      mix: quay.mix,
      repeat: { kind: 'over', on: 'front' },
    });
  });

  it('on what is of no clay it is of the first clay there is', () => {
    const [start] = SET_STARTS;
    const stage = piece.parts.find(({ id }) => id === 'stage');
    if (!start || !stage) throw new Error('no stage');
    const next = withSet(piece, stage, start, { on: 'own', hostMm: 1500, ratio: 12 });
    expect(next.piece.parts.find(({ id }) => id === next.id)?.mix).toEqual([
      { clay: piece.clays[0]?.id, parts: 1 },
    ]);
  });
});

describe('a tally', () => {
  const part = demoPart(
    'bead',
    'Beads',
    { kind: 'ball', diameterMm: 60 },
    { ...ofClay('neutral'), repeat: DEFAULT_REPEAT },
  );
  const piece: Piece = { ...lowWaterFerry(NOW), parts: [part] };
  const of = (now: Piece) => now.parts[0]?.repeat?.tally;
  const on = (now: Piece, made: number, good: number, since: number) =>
    tallied(now, now.parts[0] as Part, { made, good }, since);

  it('counts the minutes between two, but not a break; never less than none, nor more good than made', () => {
    const two = on(on(piece, 1, 1, 0), 1, 1, 1.5);
    expect(of(two)).toEqual({ made: 2, good: 2, used: 0, minutes: 1.5 });
    expect(of(on(two, 1, 0, MOST_BETWEEN_MIN + 60))).toMatchObject({ made: 3, good: 2, minutes: 1.5 });
    expect(of(on(piece, -1, -1, 0))).toMatchObject({ made: 0, good: 0 });
    expect(of(on(two, -1, 0, 0))).toMatchObject({ made: 1, good: 1 });
  });

  it('goes into the log in a sentence, and the tally stays', () => {
    const three = on(on(piece, 2, 2, 0), 1, 0, 3);
    const logged = tallyLogged(three, three.parts[0] as Part, 60, NOW);
    expect(logged.log.at(-1)).toMatchObject({
      kind: 'note',
      part: 'bead',
      note: '2 of 60 Beads made in 3 min, 1 more were no good.',
    });
    expect(of(logged)).toEqual(of(three));
  });
});

describe('a set in its place', () => {
  /** A set by itself: on a length or an area of its own, or the front of a block of 60 × 40. */
  function counted(rule: Partial<RepeatRule>): CountedSet {
    const repeat = { ...DEFAULT_REPEAT, ...rule };
    const tile: Form = { kind: 'block', widthMm: 5, heightMm: 8, depthMm: 1 };
    const { one: context } = reckonedOne(tile, { sized: 'miniature', repeat });
    const { one: host } = reckonedOne(
      { kind: 'block', widthMm: 60, heightMm: 40, depthMm: 3 },
      { sized: 'miniature' },
    );
    const set = countSet(context, repeat, host);
    if ('says' in set) throw new Error(set.says);
    return set;
  }
  const tile = shapeOf({ kind: 'block', widthMm: 5, heightMm: 8, depthMm: 1 }).outline('front');

  it('every one of them is an area of its own on its face; the guide has a line a row and is as large as the face', () => {
    const set = counted({ kind: 'over', on: 'front', exposureMm: 4, staggered: false });
    const drawing = setDrawing(set, tile, []);
    const areas = drawing?.items.filter((item) => item.kind === 'area' && item.part !== undefined) ?? [];
    expect(areas).toHaveLength(12 * 10);
    for (const item of areas)
      if (item.kind === 'area') {
        const [left, bottom, right, top] = extentOf(item.outline);
        expect([left, bottom, drawing?.widthMm ?? 0, drawing?.heightMm ?? 0].every((mm) => mm >= 0)).toBe(
          true,
        );
        expect(right).toBeLessThanOrEqual((drawing?.widthMm ?? 0) + 1e-6);
        expect(top).toBeLessThanOrEqual((drawing?.heightMm ?? 0) + 1e-6);
      }
    const guide = setGuide(set);
    expect([guide?.widthMm, guide?.heightMm]).toEqual([60, 40]);
    expect(guide?.items.filter((item) => item.kind === 'line' && item.weight === 'thin')).toHaveLength(10);
  });

  it('one that was moved lies by so much elsewhere, all others where they were', () => {
    const set = counted({ kind: 'along', ownMm: 50, pitchMm: 10, bothEnds: false });
    const plain = setDrawing(set, tile, []);
    const moved = setDrawing(set, tile, [{ place: 1, alongMm: 2, upMm: -1 }]);
    const cornerOf = (drawing: typeof plain, place: number) => {
      const item = drawing?.items.find((one) => one.kind === 'area' && one.part === String(place));
      return item?.kind === 'area' ? extentOf(item.outline).slice(0, 2) : [];
    };
    const [[x = 0, y = 0], [u, v]] = [cornerOf(plain, 1), cornerOf(moved, 1)];
    expect([u, v]).toEqual([expect.closeTo(x + 2, 6), expect.closeTo(y - 1, 6)]);
    expect(cornerOf(moved, 2)).toEqual(cornerOf(plain, 2));
  });

  it('a strip to work to is as long as the line, with a tick for each; a long line is drawn in rows', () => {
    const set = counted({ kind: 'along', ownMm: 1000, pitchMm: 10 });
    const strip = setGuide(set);
    expect(strip?.widthMm).toBe(1000);
    expect(strip?.items.filter(({ kind }) => kind === 'line')).toHaveLength(set.row?.count ?? 0);
    const drawing = setDrawing(set, tile, []);
    expect(drawing?.widthMm).toBeLessThan(600);
    expect(drawing?.items.filter((item) => item.kind === 'area')).toHaveLength(set.row?.count ?? 0);
  });

  it('what is only counted is not drawn', () => {
    expect(setDrawing(counted({ kind: 'counted' }), tile, [])).toBeNull();
    expect(setGuide(counted({ kind: 'scattered' }))).toBeNull();
  });
});
