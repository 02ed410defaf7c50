import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { formulaWithNumbers } from '../../reckoning/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { type HeatRun, reckonEnd, reckonSimulated } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const { contexts, book } = reckonPiece(lowWaterFerry(NOW), {
  shapes: makeShapeStore(),
  workshopOwn: {},
  now: NOW,
});
const goose = contexts.get('goose');
if (!goose) throw new Error('no goose');
const packet = book.get('goose/bake.hold');
const figures = (run: Pick<HeatRun, 'curedMin' | 'handleMin' | 'peakC'>) =>
  new Map(
    [...reckonEnd(goose, run, packet), ...reckonSimulated(goose, run)].map((figure) => [figure.key, figure]),
  );

describe('a bake that was worked through, as figures', () => {
  it('the time is that of the last clay and the margin, and its working says so', () => {
    const hold = figures({ curedMin: 30, handleMin: 80, peakC: 133 }).get('simulated.hold');
    expect(hold?.quantity).toEqual({ value: 33, unit: 'min' });
    expect(hold && formulaWithNumbers(hold)).toContain('30 min');
    expect(hold?.terms.find(({ symbol }) => symbol === 'p')?.origin).toEqual({
      kind: 'reckoning',
      id: 'goose/bake.hold',
    });
  });

  it('what never cures has no time, and how hot it got is held against what scorches', () => {
    const raw = figures({ curedMin: null, handleMin: null, peakC: 155 });
    expect(raw.has('simulated.hold')).toBe(false);
    expect(raw.has('simulated.handle')).toBe(false);
    // Whether it is too hot is said of the load, and here only held against what scorches.
    expect(raw.get('simulated.peak')?.terms.map(({ symbol }) => symbol)).toEqual(['P', 'S']);
    expect(raw.get('simulated.peak')?.verdict).toBeUndefined();
  });
});
