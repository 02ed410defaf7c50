import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  BEAST_BUILDS,
  BEAST_POSES,
  type BeastForm,
  BIRD_BUILDS,
  type BirdForm,
  type CrawlerForm,
  choicesOf,
  FormError,
  type RoundCreatureForm,
  type Shape,
  type TreeForm,
} from '../index.ts';
import { boundaryOf, type LoftedShape } from '../lofted/index.ts';
import { beastShape, birdShape, crawlerShape, roundCreatureShape, treeShape } from './index.ts';

const beast = (over: Partial<BeastForm> = {}): BeastForm => ({
  kind: 'beast',
  proportions: 'dog',
  withersMm: 600,
  build: 1,
  pose: 'standing',
  angles: {},
  ...over,
});
const bird = (over: Partial<BirdForm> = {}): BirdForm => ({
  kind: 'bird',
  proportions: 'goose',
  heightMm: 800,
  build: 1,
  angles: {},
  ...over,
});
const spider: CrawlerForm = {
  kind: 'crawler',
  lengthMm: 14,
  sections: 2,
  legPairs: 4,
  legSegments: 4,
  footCircleMm: 44,
  bodyHeightMm: 7,
  feelersMm: 0,
  legMm: 1.6,
};
const frog: RoundCreatureForm = {
  kind: 'round',
  heightMm: 70,
  widthMm: 80,
  crest: 'bulging eyes',
  armsMm: 35,
  legsMm: 45,
};
const tree: TreeForm = {
  kind: 'tree',
  heightMm: 5000,
  trunkMm: 300,
  spreadMm: 4000,
  forkMm: 1500,
  forks: 4,
  rootsMm: 400,
  seed: 1,
};

const lengths = (shape: Shape) =>
  Object.fromEntries(shape.measures.map(({ key, lengthMm }) => [key, lengthMm]));
const tallOf = ({ box }: Shape) => box.max[1] - box.min[1];
/** Top of the back, which the height at the withers is measured to. */
const topOf = (shape: LoftedShape, region: string) =>
  Math.max(...shape.lofts.filter(({ loft }) => loft.region === region).map(({ max }) => max[1]));

describe('beasts', () => {
  it.each(choicesOf(BEAST_BUILDS))('a standing %s has its withers where they are measured', (proportions) => {
    const shape = beastShape(beast({ proportions }));
    // The rump of some stands a little over the withers.
    expect(topOf(shape, 'trunk') / 600).toBeGreaterThan(0.985);
    expect(topOf(shape, 'trunk') / 600).toBeLessThan(1.13);
    expect(shape.box.min[1]).toBeCloseTo(0, 6);
    expect(lengths(shape).withers).toBe(600);
  });

  it('a horse’s head is about two fifths of its height, its body as long as it is high (common practice)', () => {
    const { head = 0, trunk = 0 } = lengths(beastShape(beast({ proportions: 'horse', withersMm: 1524 })));
    expect(head / 1524).toBeCloseTo(0.4, 2);
    expect(trunk / 1524).toBeCloseTo(1, 1);
  });

  it.each(choicesOf(BEAST_BUILDS))('a %s gets lower from standing over sitting to lying', (proportions) => {
    const [standing, sitting, lying] = choicesOf(BEAST_POSES).map((pose) =>
      beastShape(beast({ proportions, pose })),
    );
    if (!standing || !sitting || !lying) throw new Error('three poses');
    expect(tallOf(lying)).toBeLessThan(tallOf(standing) * 0.9);
    expect(topOf(lying, 'trunk')).toBeLessThan(topOf(standing, 'trunk') * 0.9);
    // Sitting, the fore feet and what it sits on share the ground.
    const low = (pattern: RegExp) =>
      Math.min(...sitting.lofts.filter(({ loft }) => pattern.test(loft.region)).map(({ min }) => min[1]));
    expect(low(/fore foot/)).toBeLessThan(0.06 * 600);
    expect(low(/hind|thigh|trunk/)).toBeLessThan(0.06 * 600);
  });
});

describe('poses', () => {
  const angle = fc.double({ min: -200, max: 200, noNaN: true });
  const joints = [
    'trunk',
    'neck',
    'head',
    'left shoulder',
    'left elbow',
    'right hip',
    'right stifle',
    'tail',
  ];

  it('no pose changes a length of the skeleton or of a limb (property)', () => {
    const rest = beastShape(beast());
    const bones = ({ joints: list }: LoftedShape) =>
      list.flatMap(({ parent, at }) => {
        const above = list.find(({ name }) => name === parent);
        return above ? [Math.hypot(at[0] - above.at[0], at[1] - above.at[1], at[2] - above.at[2])] : [];
      });
    fc.assert(
      fc.property(fc.constantFrom(...joints), angle, angle, angle, (name, flex, out, twist) => {
        const shape = beastShape(beast({ angles: { [name]: { flex, out, twist } } }));
        bones(shape).forEach((bone, i) => {
          expect(bone).toBeCloseTo(bones(rest)[i] ?? Number.NaN, 6);
        });
        shape.lofts.forEach(({ loft }, i) => {
          expect(loft.length).toBe(rest.lofts[i]?.loft.length);
          expect(Math.hypot(...loft.axis)).toBeCloseTo(1, 9);
          expect(Math.hypot(...loft.acrossAxis)).toBeCloseTo(1, 9);
        });
        expect(lengths(shape)).toEqual(lengths(rest));
        expect(shape.box.min[1]).toBeCloseTo(0, 6);
      }),
      { numRuns: 8 },
    );
  });

  it('a joint stops at its limit', () => {
    const at = (flex: number) => beastShape(beast({ angles: { neck: { flex, out: 0, twist: 0 } } })).box;
    expect(at(400)).toEqual(at(45));
    expect(at(400)).not.toEqual(at(0));
  });
});

describe('birds', () => {
  it.each(choicesOf(BIRD_BUILDS))('a %s stands as high as it is said to', (proportions) => {
    const shape = birdShape(bird({ proportions }));
    expect(tallOf(shape)).toBeCloseTo(800, 4);
    expect(shape.outline('front')).toHaveLength(1);
  });

  it('a bowed head changes the height, not the lengths', () => {
    const bowed = birdShape(bird({ angles: { neck: { flex: -70, out: 0, twist: 0 } } }));
    expect(tallOf(bowed)).toBeLessThan(700);
    expect(lengths(bowed)).toEqual(lengths(birdShape(bird())));
  });
});

describe('crawlers', () => {
  it('has its feet on the circle and its body at the height asked for', () => {
    const shape = crawlerShape(spider);
    const feet = shape.lofts.filter(({ loft }) => loft.region.includes('leg'));
    const reach = Math.max(...feet.map(({ max, min }) => Math.max(max[2], -min[2])));
    expect(reach * 2).toBeLessThan(44.5);
    expect(reach * 2).toBeGreaterThan(38);
    const [body] = shape.lofts;
    expect(body?.loft.origin[1]).toBeCloseTo(7, 0);
    expect(new Set(feet.map(({ loft }) => loft.region)).size).toBe(8);
  });

  it('left and right mirror one another', () => {
    const { box } = crawlerShape({ ...spider, feelersMm: 12 });
    expect(box.max[2]).toBeCloseTo(-box.min[2], 6);
  });

  it.each([
    ['sections', 0],
    ['legPairs', 1.5],
    ['legSegments', 9],
    ['feelersMm', -1],
    ['footCircleMm', 0],
  ] as const)('refuses %s of %d', (field, value) => {
    expect(() => crawlerShape({ ...spider, [field]: value })).toThrow(FormError);
    expect(() => crawlerShape({ ...spider, [field]: value })).toThrow(`crawler: ${field} wants`);
  });
});

describe('round creatures', () => {
  it('is as high and as wide as asked, its eyes bulging over the crown', () => {
    const bare = roundCreatureShape({ ...frog, crest: 'none', armsMm: 0, legsMm: 0 });
    expect(tallOf(bare)).toBeCloseTo(70, 6);
    expect(bare.box.max[0] - bare.box.min[0]).toBeCloseTo(80, 0);
    expect(tallOf(roundCreatureShape(frog))).toBeGreaterThan(70);
    expect(tallOf(roundCreatureShape({ ...frog, crest: 'long ears' }))).toBeGreaterThan(90);
  });
});

describe('trees', () => {
  it('reaches its height and spread and forks where asked', () => {
    const shape = treeShape(tree);
    expect(tallOf(shape) / 5000).toBeCloseTo(1, 1.6);
    const wide = Math.max(shape.box.max[0] - shape.box.min[0], shape.box.max[2] - shape.box.min[2]);
    expect(wide).toBeLessThan(4000 * 1.02);
    expect(wide).toBeGreaterThan(4000 * 0.6);
  });

  it('is as high and as wide as was typed, whatever grows of the seed (property)', () => {
    fc.assert(
      fc.property(
        fc.record({
          seed: fc.integer({ min: 1, max: 9999 }),
          forks: fc.integer({ min: 1, max: 5 }),
          heightMm: fc.integer({ min: 1000, max: 20_000 }),
          slim: fc.double({ min: 0.02, max: 0.12, noNaN: true }),
        }),
        ({ seed, forks, heightMm, slim }) => {
          const { box } = treeShape({
            ...tree,
            seed,
            forks,
            heightMm,
            trunkMm: heightMm * slim,
            forkMm: heightMm * 0.35,
            spreadMm: heightMm * 0.8,
            rootsMm: 0,
          });
          expect(Math.abs(box.max[1] / heightMm - 1)).toBeLessThan(0.003);
          // Within the circle of its spread, and reaching it on one side.
          const reach = Math.max(-box.min[0], box.max[0], -box.min[2], box.max[2]);
          expect(reach).toBeLessThanOrEqual(heightMm * 0.4 * 1.003);
          expect(reach).toBeGreaterThan(heightMm * 0.4 * 0.7);
        },
      ),
      { seed: 5, numRuns: 25 },
    );
  });

  it('keeps the cross-section of the trunk through every fork (pipe rule, Shinozaki et al. 1964)', () => {
    const section = (level: string) => {
      const limbs = treeShape({ ...tree, forks: 3 }).lofts.filter(({ loft }) => loft.region === level);
      return limbs.reduce((sum, { loft }) => sum + (loft.stations[0]?.across ?? 0) ** 2, 0);
    };
    expect(section('limbs') / 150 ** 2).toBeCloseTo(1, 9);
    expect(section('branches') / 150 ** 2).toBeCloseTo(1, 9);
    expect(section('twigs') / 150 ** 2).toBeCloseTo(1, 9);
  });

  it('grows the same tree from the same seed, another from another', () => {
    expect(treeShape(tree).box).toEqual(treeShape(tree).box);
    expect(treeShape({ ...tree, seed: 2 }).box).not.toEqual(treeShape(tree).box);
  });

  it('refuses a fork over the crown', () => {
    expect(() => treeShape({ ...tree, forkMm: 6000 })).toThrow('tree: forkMm wants less than the height');
  });
});

describe('two ways to the same sums', () => {
  it('two ways to the same volume agree to the error stated: grid and boundary', () => {
    for (const shape of [
      beastShape(beast({ proportions: 'horse' })),
      beastShape(beast({ pose: 'sitting' })),
      birdShape(bird()),
      roundCreatureShape(frog),
      treeShape(tree),
      crawlerShape(spider),
    ])
      expect(Math.abs(boundaryOf(shape.lofts).volumeMm3 / shape.volumeMm3 - 1)).toBeLessThan(shape.error);
  });
});
