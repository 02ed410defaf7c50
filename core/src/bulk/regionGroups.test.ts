import { describe, expect, it } from 'vitest';
import { PLAIN_PERSON, shapeOf } from '../form/index.ts';
import { DEFAULT_REGION } from '../piece/index.ts';
import { otherSide, regionGroups, regionsWith } from './regionGroups.ts';
import { regionMaps } from './regionMap.ts';

const beast = shapeOf({
  kind: 'beast',
  withersMm: 400,
  proportions: 'dog',
  build: 1,
  pose: 'standing',
  angles: {},
} as Parameters<typeof shapeOf>[0]);
const person = shapeOf({ ...PLAIN_PERSON, kind: 'person', statureMm: 1700 } as Parameters<typeof shapeOf>[0]);

describe('groups of regions', () => {
  it('of a beast are its head, body, legs and sides, each some of its regions', () => {
    const groups = new Map(regionGroups(beast.regions).map(({ name, regions }) => [name, regions]));
    expect(groups.get('head')).toEqual(['head', 'right ear', 'left ear']);
    expect(groups.get('body')).toEqual(['trunk', 'neck']);
    expect(groups.get('front legs')).toHaveLength(6);
    expect(groups.get('left side')?.every((name) => name.startsWith('left '))).toBe(true);
    expect(groups.get('all of it')).toHaveLength(new Set(beast.regions).size);
  });

  it('never hold all regions, or the same ones twice, but for “all of it”', () => {
    for (const { regions } of [beast, person]) {
      const some = regionGroups(regions).filter(({ name }) => name !== 'all of it');
      expect(some.length).toBeGreaterThan(2);
      expect(new Set(some.map((one) => one.regions.join('|'))).size).toBe(some.length);
      for (const group of some) expect(group.regions.length).toBeLessThan(new Set(regions).size);
    }
  });

  it('knows the other side of what has one', () => {
    expect([
      otherSide('left ear'),
      otherSide('right fore foot'),
      otherSide('head'),
      otherSide('left'),
    ]).toEqual(['right ear', 'left fore foot', null, null]);
  });

  it('changes many at once and forgets what is as the part again', () => {
    const before = [{ ...DEFAULT_REGION, region: 'head', skinMm: 3 }];
    const after = regionsWith(before, ['head', 'tail'], { pass: 2 });
    expect(after.map(({ region, pass, skinMm }) => [region, pass, skinMm])).toEqual([
      ['head', 2, 3],
      ['tail', 2, null],
    ]);
    expect(regionsWith(after, ['head', 'tail'], { pass: 1 })).toEqual(before);
  });
});

describe('regions as they are seen', () => {
  it('cover the silhouette, each place once', () => {
    for (const { across, up, regions } of regionMaps({ shape: beast })) {
      const cells = new Set<number>();
      for (const { runs } of regions)
        for (const [x, y, n] of runs)
          for (let i = 0; i < n; i += 1) {
            const at = y * across + x + i;
            expect(cells.has(at)).toBe(false);
            cells.add(at);
            expect(x + i < across && y < up).toBe(true);
          }
      expect(cells.size).toBeGreaterThan(0.1 * across * up);
    }
  });

  it('show what is nearest: in profile one ear stands before the other, head on they are alike', () => {
    const [profile, headOn] = regionMaps({ shape: beast });
    const area = (map: typeof profile, name: string) =>
      map?.regions.find(({ region }) => region === name)?.runs.reduce((sum, [, , n]) => sum + n, 0) ?? 0;
    const ears = (map: typeof profile) =>
      [area(map, 'left ear'), area(map, 'right ear')].sort((a, b) => a - b);
    const [hidden, near] = ears(profile);
    expect(hidden).toBeLessThan(0.5 * (near ?? 0));
    const [one, other] = ears(headOn);
    expect(one).toBeGreaterThan(0.8 * (other ?? 0));
    expect(area(profile, 'trunk')).toBeGreaterThan(area(headOn, 'trunk'));
  });
});
