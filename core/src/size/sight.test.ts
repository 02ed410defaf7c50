import { describe, expect, it } from 'vitest';
import { demoFit, demoPart } from '../demo/entries.ts';
import { lowWaterFerry } from '../demo/index.ts';
import { type Form, makeShapeStore, PLAIN_PERSON } from '../form/index.ts';
import type { Fit, Part } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { type Eye, eyesOf, seenShares, sightSays, towards } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
function seen(parts: Part[], eyes: readonly Eye[], fits: Fit[] = []) {
  const { contexts } = reckonPiece(
    { ...lowWaterFerry(NOW), parts, fits, log: [] },
    { shapes, workshopOwn: {}, now: NOW },
  );
  const [first] = contexts.values();
  if (!first) throw new Error('not built');
  const all = seenShares(first, contexts, eyes);
  return (name: string) => {
    const found = all.find((one) => one.name === name);
    if (!found) throw new Error(`no ${name}`);
    return found;
  };
}
const cube: Form = { kind: 'block', widthMm: 600, heightMm: 600, depthMm: 600 };

describe('what is seen', () => {
  it('of a cube from straight before it: its front and nothing else', () => {
    const of = seen([demoPart('cube', 'Cube', cube)], [{ round: 0, above: 0 }]);
    expect(of('front').share).toBe(1);
    for (const name of ['back', 'top', 'left side', 'right side', 'underside'])
      expect(of(name).share).toBe(0);
    expect(sightSays(of('back'))).toContain('never seen');
  });

  it('of a round post from straight before it: half of each flank, told as seen; of a ball the same', () => {
    const post: Form = { kind: 'cylinder', heightMm: 600, bottomMm: 300, topMm: 300, lying: false };
    for (const form of [post, { kind: 'ball', diameterMm: 600 } satisfies Form]) {
      const of = seen([demoPart('round', 'Round', form)], [{ round: 0, above: 0 }]);
      for (const name of ['left side', 'right side']) {
        expect(of(name).share).toBeGreaterThan(0.35);
        expect(of(name).share).toBeLessThan(0.55);
        expect(sightSays(of(name))).toContain('seen');
      }
      expect(of('back').share).toBe(0);
    }
  });

  it('from the left and above: left side, front and top; from all round, all but the underside', () => {
    const of = seen([demoPart('cube', 'Cube', cube)], [{ round: 30, above: 30 }]);
    expect(['front', 'left side', 'top'].map((name) => of(name).share)).toEqual([1, 1, 1]);
    expect(of('right side').share).toBe(0);
    const round = seen([demoPart('cube', 'Cube', cube)], eyesOf('all-round'));
    expect(['front', 'back', 'left side', 'right side', 'top'].map((name) => round(name).share)).toEqual([
      1, 1, 1, 1, 1,
    ]);
    expect(round('underside').share).toBe(0);
  });

  it('directions have length 1 and the eye’s height (spherical coordinates)', () => {
    for (const eye of [...eyesOf('all-round'), ...eyesOf('above')]) {
      expect(Math.hypot(...towards(eye))).toBeCloseTo(1, 12);
      expect(towards(eye)[1]).toBeCloseTo(Math.sin((eye.above * Math.PI) / 180), 12);
    }
  });

  it('a board held before the body hides what it covers, by its name', () => {
    const person = demoPart('person', 'Person', { ...PLAIN_PERSON, statureMm: 1700, pose: 'holding' });
    const board = demoPart('board', 'Board', { kind: 'block', widthMm: 2400, heightMm: 1900, depthMm: 40 });
    const held = [demoFit('f', 'held-by', 'board', 'person')];
    const straightOn: Eye = { round: 0, above: 0 };
    const bare = seen([person, board], [straightOn])('torso');
    expect(bare.share).toBeGreaterThan(0.2);
    expect(bare.hiddenBy.every(({ name }) => name === 'itself')).toBe(true);
    // The hand is held before the body: so is the board.
    const veiled = seen([person, board], [straightOn], held)('torso');
    expect(veiled.share).toBeLessThan(0.02);
    expect(veiled.hiddenBy.map(({ name }) => name)).toContain('Board');
    expect(sightSays(veiled)).toContain('hidden by the board');
    const behind = seen([person, board], [{ round: 180, above: 0 }], held)('torso');
    expect(behind.share).toBeCloseTo(seen([person, board], [{ round: 180, above: 0 }])('torso').share, 6);
  });
});
