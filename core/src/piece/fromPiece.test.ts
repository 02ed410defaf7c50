import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { chiefLength } from '../form/index.ts';
import { DEFAULT_STEP, newPiece, type PartId, type Piece, type RouteStep, takeOver } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const into = newPiece('Another', NOW);
const goose = 'goose' as PartId;

const done = (kind: RouteStep['kind'], over: Partial<RouteStep> = {}): RouteStep => ({
  ...DEFAULT_STEP,
  id: `${kind}-goose`,
  kind,
  title: kind,
  parts: [goose],
  regions: [],
  needs: [],
  done: NOW,
  ...over,
});
const withSteps = (...steps: RouteStep[]): Piece => ({
  ...ferry,
  route: { steps, relations: [], without: [] },
});
const stateAfter = (...steps: RouteStep[]) => takeOver(into, withSteps(...steps), goose)?.part.state;

describe('a part that goes on in another piece', () => {
  it('comes by itself, under an id of its own, and the piece it comes from is as it was', () => {
    const before = structuredClone(ferry);
    const taken = takeOver(into, ferry, goose);
    expect(taken?.part).toMatchObject({ name: 'Greylag goose', parent: null });
    expect(taken?.part.id).not.toBe(goose);
    expect(taken?.piece.parts).toEqual([taken?.part]);
    expect(ferry).toEqual(before);
    expect(takeOver(into, ferry, 'gone' as PartId)).toBeNull();
  });

  it('brings the clays it names, and takes those that are there by their name', () => {
    const taken = takeOver(into, ferry, goose);
    const ids = new Set(taken?.piece.clays.map(({ id }) => id));
    for (const { clay } of taken?.part.mix ?? []) expect(ids.has(clay)).toBe(true);
    const again = takeOver(taken?.piece ?? into, ferry, goose);
    expect(again?.piece.clays).toHaveLength(taken?.piece.clays.length ?? 0);
  });

  it('is as far as its ticked steps have brought it', () => {
    expect(stateAfter()).toBe('planned');
    expect(stateAfter(done('skin'))).toBe('raw');
    expect(stateAfter(done('skin'), done('bake', { way: 'set' }))).toBe('raw');
    expect(stateAfter(done('skin'), done('bake', { way: 'full' }))).toBe('baked');
    expect(stateAfter(done('skin'), done('bake', { way: 'full' }), done('coat'))).toBe('painted');
    // What was not ticked is not done.
    expect(stateAfter(done('skin', { done: null }))).toBe('planned');
  });

  it('begun, it stays as large as it lies there, whatever the scale; planned, it follows the scale', () => {
    const at24: Piece = { ...into, scale: { kind: 'ratio', ratio: 24 } };
    const life = chiefLength(ferry.parts.find(({ id }) => id === goose)?.form ?? expect.fail('no goose'));
    const begun = takeOver(at24, withSteps(done('skin')), goose)?.part;
    expect(begun?.sized).toBe('miniature');
    expect(chiefLength(begun?.form ?? expect.fail('none'))).toBeCloseTo(life / 12, 6);
    const planned = takeOver(at24, withSteps(), goose)?.part;
    expect(planned?.sized).toBe('life');
    expect(chiefLength(planned?.form ?? expect.fail('none'))).toBe(life);
  });
});
