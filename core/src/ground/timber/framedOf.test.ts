import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { areaOf, extentOf, intersected, type Ring } from '../../form/index.ts';
import { DEFAULT_TIMBER, TIMBER_KINDS, type Timber } from '../../piece/index.ts';
import { withTimber } from '../edits.ts';
import { braceIn, type FramedKind, framedOf, whyNotFramed } from './framedOf.ts';

const KINDS = TIMBER_KINDS.filter((kind): kind is FramedKind => kind !== 'fence' && kind !== 'steps');
const usual = (kind: FramedKind, over: Partial<Timber> = {}): Timber => {
  const made = withTimber({ ...lowWaterFerry('2026-05-01T09:00:00Z'), timber: [] }, kind).timber[0];
  return { ...(made ?? { ...DEFAULT_TIMBER, id: 'one' }), ...over };
};

describe('the brace of a gate', () => {
  it('of no thickness is the diagonal: 3, 4, 5', () => {
    expect(braceIn(400, 300, 0)?.lengthMm).toBeCloseTo(500, 6);
    expect(braceIn(400, 300, 0)?.angleDeg).toBeCloseTo((Math.atan2(300, 400) * 180) / Math.PI, 6);
  });

  it.each([
    [880, 960, 60],
    [400, 900, 40],
    [1200, 500, 80],
  ])('in %i × %i touches both corners with its thickness of %i: the heights add up', (wide, high, thick) => {
    const { angleDeg } = braceIn(wide, high, thick) ?? expect.fail('no brace');
    const turn = (angleDeg * Math.PI) / 180;
    expect(wide * Math.tan(turn) + thick / Math.cos(turn)).toBeCloseTo(high, 6);
  });

  it('that is thicker than its room is none', () => {
    expect(braceIn(400, 50, 60)).toBeNull();
  });
});

describe('what is framed', () => {
  it.each(KINDS)('%s lies within what it is told, and reaches its sides', (kind) => {
    const timber = usual(kind);
    expect(whyNotFramed(timber)).toBeNull();
    const rings = framedOf(timber, kind).members.flatMap(({ ring }): Ring[] => (ring ? [ring] : []));
    const [left, bottom, right, top] = extentOf([rings]);
    expect([left, bottom, right, top].map(Math.round)).toEqual([0, 0, timber.lengthMm, timber.heightMm]);
  });

  it.each(['railing', 'rack', 'frame'] as const)('no two members of a %s lie in one another', (kind) => {
    const rings = framedOf(usual(kind), kind).members.flatMap(({ ring }): Ring[] => (ring ? [ring] : []));
    for (const [i, a] of rings.entries())
      for (const b of rings.slice(i + 1)) expect(areaOf(intersected([[a]], [[b]]))).toBeLessThan(1);
  });

  it('four mitred sides cover the frame and no more: the whole less its light', () => {
    const { members } = framedOf(usual('frame', { lengthMm: 600, heightMm: 900, thickMm: 50 }), 'frame');
    const sum = members.reduce((mm2, { ring }) => mm2 + (ring ? areaOf([[ring]]) : 0), 0);
    expect(sum).toBeCloseTo(600 * 900 - 500 * 800, 6);
    expect(members.every(({ mitreDeg }) => mitreDeg?.[0] === 45 && mitreDeg[1] === 45)).toBe(true);
  });

  it('balusters of a railing are at even gaps, no farther from one to the next than told', () => {
    const timber = usual('railing', { lengthMm: 3000, stepMm: 1500, palesMm: 130, thickMm: 40 });
    const { members, gapMm } = framedOf(timber, 'railing');
    const lefts = members
      .filter(({ says }) => says === 'baluster')
      .flatMap(({ ring }) => ring?.[0]?.[0] ?? [])
      .sort((a, b) => a - b);
    const inFirst = lefts.filter((at) => at < 1500);
    for (const [i, at] of inFirst.slice(1).entries()) {
      expect(at - (inFirst[i] ?? 0)).toBeCloseTo((gapMm ?? 0) + 40, 6);
      expect(at - (inFirst[i] ?? 0)).toBeLessThanOrEqual(130);
    }
    expect(inFirst.length).toBeGreaterThan(8);
  });

  it('a rack of four shelves has four uprights, eight bearers and eight ends', () => {
    const { members } = framedOf(usual('rack', { rails: 4 }), 'rack');
    const count = (what: string) =>
      members.filter(({ says }) => says === what).reduce((sum, { deep }) => sum + deep, 0);
    expect([count('upright'), count('bearer'), count('end of a shelf')]).toEqual([4, 8, 8]);
  });

  it('of more sticks than can be laid out is none, and says so at once', () => {
    for (const over of [{ palesMm: 0.001 }, { stepMm: 0.001 }, { lengthMm: 1e6, palesMm: 1 }]) {
      const timber = usual('railing', over);
      expect(whyNotFramed(timber)).toMatch(/more than 3000 sticks/);
      expect(framedOf(timber, 'railing').members).toEqual([]);
    }
  });

  it('of sticks too thick says so', () => {
    for (const kind of KINDS) expect(whyNotFramed(usual(kind, { thickMm: 900 }))).toMatch(/no room/);
    expect(whyNotFramed(usual('bench', { rails: 12, thickMm: 60 }))).toMatch(/wider than the bench/);
  });
});
