import { describe, expect, it } from 'vitest';
import { chiefLength, shapeOf } from '../form/index.ts';
import { describePart } from './index.ts';

const open = (line: string) => describePart(line, { isOpen: true });
const scaled = (line: string) => describePart(line, { isOpen: false });

describe('a part out of one line of words', () => {
  it('a foil ball, its size and its stuff', () => {
    expect(open('foil ball 40 mm')).toEqual({
      name: 'Foil ball',
      form: { kind: 'ball', diameterMm: 40 },
      sized: 'miniature',
      count: 1,
      state: 'planned',
      material: { kind: 'stuff', stuff: 'foil' },
      assumed: [],
      guess: '',
    });
  });

  it('wire is called by its thickness; how long it is taken for is told', () => {
    expect(open('3 mm wire legs, four')).toMatchObject({
      name: 'Wire legs',
      form: { kind: 'rod', startMm: 3, endMm: 3, lengthMm: 30 },
      count: 4,
      material: { kind: 'stuff', stuff: 'wire' },
      assumed: ['30 mm long'],
    });
  });

  it('a lamp, height and width', () => {
    expect(open('lamp 35 × 20')).toMatchObject({
      form: { kind: 'cylinder', heightMm: 35, bottomMm: 20, topMm: 20 },
      material: { kind: 'stuff', stuff: 'lamp' },
    });
  });

  it('a baked torso, as high as it is', () => {
    const torso = open('baked torso 60 high');
    expect(torso).toMatchObject({
      name: 'Torso',
      state: 'baked',
      sized: 'miniature',
      material: { kind: 'clay' },
    });
    expect(chiefLength(torso.form)).toBeCloseTo(60, 6);
    const { min, max } = shapeOf(open('fox 90 high').form).box;
    expect(max[1] - min[1]).toBeCloseTo(90, 1);
  });

  it.each([
    [
      'two sausages on wire 60 × 10',
      { count: 2, form: { kind: 'rod', lengthMm: 60, startMm: 10 }, material: { kind: 'clay' } },
    ],
    ['sausage 10 x 60 mm', { count: 1, form: { kind: 'rod', lengthMm: 60, startMm: 10 } }],
    ['4 beads 8 mm', { count: 4, form: { kind: 'ball', diameterMm: 8 } }],
    ['beads 8 mm × 4', { form: { kind: 'ball', diameterMm: 8 } }],
    [
      'clay ball 1 1/2 in',
      { form: { kind: 'ball', diameterMm: expect.closeTo(38.1, 6) }, material: { kind: 'clay' } },
    ],
    ['clay ball 1½"', { form: { kind: 'ball', diameterMm: expect.closeTo(38.1, 6) } }],
    [
      'wooden block 40 × 30 × 20',
      {
        form: { kind: 'block', widthMm: 40, heightMm: 30, depthMm: 20 },
        material: { kind: 'stuff', stuff: 'wood' },
      },
    ],
    ['sheet 80 x 50 x 3 mm', { form: { kind: 'block', widthMm: 80, depthMm: 50, heightMm: 3 } }],
    [
      'painted cone 30 high 20 across',
      { state: 'painted', form: { kind: 'cylinder', heightMm: 30, bottomMm: 20, topMm: 0 } },
    ],
    ['a dozen beads 5 mm', { count: 12 }],
    [
      'skewer 3 thick 120 long',
      { form: { kind: 'rod', lengthMm: 120, startMm: 3 }, material: { kind: 'stuff', stuff: 'wood' } },
    ],
    [
      'battery 50 high 14 across',
      { form: { kind: 'cylinder', heightMm: 50, bottomMm: 14 }, material: { kind: 'stuff', stuff: 'cell' } },
    ],
    ['raw head', { state: 'raw' }],
  ])('%s', (line, wanted) => {
    expect(open(line)).toMatchObject(wanted);
  });

  it('without a size it is begun with one that is told, or with that in life where there is a scale', () => {
    expect(open('dragon').assumed).toEqual(['40 mm high']);
    const [bench, life] = [open('dragon'), scaled('dragon')];
    expect([bench.sized, life.sized]).toEqual(['miniature', 'life']);
    expect(life.assumed).toEqual([]);
    expect(scaled('horse 127 mm').sized).toBe('miniature');
    expect(scaled('horse 1.5 m').sized).toBe('life');
  });

  it('never comes back empty, and says what it was begun from', () => {
    const slip = open('dragn 80 mm');
    expect(slip).toMatchObject({ name: 'Dragn', guess: 'Dragon' });
    for (const line of ['', '???', 'xyzzy', '40 mm', 'the', '木 30', 'wjhf qpl 12 × 9'])
      expect(chiefLength(open(line).form), line).toBeGreaterThan(0);
  });
});
