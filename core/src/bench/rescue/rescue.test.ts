import { describe, expect, it } from 'vitest';
import { makeShapeStore } from '../../form/index.ts';
import {
  addPart,
  type ClayId,
  DEFAULT_PART,
  newPiece,
  type PartId,
  type Piece,
  setAt,
} from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { rescue, TROUBLES } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const empty = newPiece('p', NOW);
const stick: Piece = addPart(empty, {
  ...DEFAULT_PART,
  id: 'stick' as PartId,
  name: 'Stick',
  sized: 'miniature',
  form: { kind: 'cylinder', heightMm: 60, bottomMm: 2, topMm: 2, lying: false },
  mix: [{ clay: empty.clays[0]?.id as ClayId, parts: 1 }],
  runs: [],
});
const asked = (piece: Piece, trouble: string) => {
  const found = rescue(reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).given, 'stick', trouble);
  if (!found) throw new Error('not known');
  return found;
};

describe('what to do when it went wrong (common practice)', () => {
  it('knows fifteen troubles, each with a cause, a way for raw or cured clay, and what it may be left as', () => {
    expect(TROUBLES.map(({ id }) => id)).toHaveLength(15);
    for (const { id, causes, ways, feature } of TROUBLES) {
      expect(causes.length, id).toBeGreaterThan(0);
      expect(ways.length, id).toBeGreaterThan(0);
      expect(feature, id).not.toBe('');
      for (const { minutes } of ways) expect(minutes, id).toBeGreaterThan(0);
    }
  });

  it('offers what suits the clay as it is: raw it is blended, cured it is sanded', () => {
    const raw = asked(stick, 'prints');
    const baked = asked(setAt(stick, ['parts', 'stick', 'state'], 'baked'), 'prints');
    expect([raw.state, baked.state]).toEqual(['raw', 'cured']);
    expect(raw.ways.some(({ says }) => says.includes('abrasive'))).toBe(false);
    expect(baked.ways.some(({ says }) => says.includes('abrasive'))).toBe(true);
    expect(baked.ways.every(({ on }) => on !== 'raw')).toBe(true);
  });

  it('a ticked full bake cures it, a short one does not', () => {
    const { route } = reckonPiece(stick, { shapes, workshopOwn: {}, now: NOW }).route;
    const ticked = (way: 'set' | 'full'): Piece => ({
      ...stick,
      route: {
        ...route,
        steps: route.steps.map((step) =>
          step.kind === 'bake' ? { ...step, way, own: true, done: NOW } : step,
        ),
      },
    });
    expect(asked(ticked('full'), 'gap').state).toBe('cured');
    expect(asked(ticked('set'), 'gap').state).toBe('raw');
  });

  it('a cause that a figure speaks for comes first, with what it says', () => {
    const ball = setAt(setAt(stick, ['parts', 'stick', 'core', 'kind'], 'none'), ['parts', 'stick', 'form'], {
      kind: 'ball',
      diameterMm: 40,
    });
    const { causes } = asked(ball, 'gap');
    const { book } = reckonPiece(ball, { shapes, workshopOwn: {}, now: NOW });
    const thick = book.get('stick/bulk.thickest')?.verdict;
    expect(thick?.level).toBe('stop');
    expect(causes[0]?.because).toBe(thick?.says);
    const sound = causes.filter(({ because }) => because === '');
    expect(causes.slice(-sound.length)).toEqual(sound);
  });

  it('puts the quickest way first', () => {
    for (const { id } of TROUBLES) {
      const minutes = asked(stick, id).ways.map((way) => way.minutes);
      expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
    }
  });
});
