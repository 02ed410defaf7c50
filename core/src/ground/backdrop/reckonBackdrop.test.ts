import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { type Backdrop, DEFAULT_BACKDROP, setAt } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { angleOf, behindFor, blurPct, focalOf } from './reckonBackdrop.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();

function reckon(over: Partial<Backdrop>) {
  const piece = setAt(lowWaterFerry(NOW), ['backdrop'], { ...DEFAULT_BACKDROP, ...over });
  const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  return { piece, figure: (key: string) => book.get(`/backdrop.${key}`) };
}

/** Where a thin lens draws a point at a distance sharp behind itself: 1/f = 1/d + 1/i. */
const imageOf = (focal: number, distance: number) => 1 / (1 / focal - 1 / distance);

describe('a board behind it all', () => {
  it('is as wide as the angle of view opens at its distance (trigonometry), with its margin', () => {
    const { figure } = reckon({ sensorMm: 36, focalMm: 50, awayMm: 800, behindMm: 400, marginPct: 10 });
    const half = Math.tan((angleOf(36, 50) * Math.PI) / 360);
    expect(figure('width')?.quantity.value).toBeCloseTo(2 * 1200 * half * 1.1, 6);
    expect((figure('height')?.quantity.value ?? 0) / (figure('width')?.quantity.value ?? 1)).toBeCloseTo(
      24 / 36,
      9,
    );
  });

  it('36 mm across take in 39.6° with 50 mm of focal length and 90° with 18; the one gives the other back', () => {
    expect(angleOf(36, 50)).toBeCloseTo(39.6, 1);
    expect(angleOf(36, 18)).toBeCloseTo(90, 9);
    for (const angle of [12, 39.6, 84]) expect(angleOf(36, focalOf(36, angle))).toBeCloseTo(angle, 9);
  });

  it('a point of it is spread as the cone of a thin lens is cut by the sensor', () => {
    const lens = { ...DEFAULT_BACKDROP, focalMm: 50, fNumber: 4, awayMm: 700, behindMm: 300 };
    const [sharp, board] = [imageOf(50, 700), imageOf(50, 1000)];
    // By like triangles: the opening is to the spot as the way to its own image is to the way beyond the sensor.
    const spot = ((50 / 4) * (sharp - board)) / board;
    expect(blurPct(lens)).toBeCloseTo((100 * spot) / 36, 9);
    expect(blurPct({ ...lens, behindMm: 0 })).toBe(0);
  });

  it('how far behind it melts is where it is just so soft; a small opening never gets there', () => {
    const lens = { ...DEFAULT_BACKDROP, fNumber: 4 };
    const behind = behindFor(lens, 0.7) ?? expect.fail('it melts somewhere');
    expect(blurPct({ ...lens, behindMm: behind })).toBeCloseTo(0.7, 9);
    expect(behindFor({ ...lens, fNumber: 22, focalMm: 12 }, 0.7)).toBeNull();
  });

  it('joins that are seen are told, and the board moved back hides them; one sheet has none', () => {
    const seen = reckon({ fNumber: 11, behindMm: 100, sheetMm: 200 });
    const verdict = seen.figure('blur')?.verdict;
    expect(verdict?.level).toBe('doubtful');
    const change = verdict?.waysOut[0]?.change ?? expect.fail('no way out');
    expect(
      reckon({ fNumber: 11, sheetMm: 200, behindMm: change.value as number }).figure('blur')?.verdict?.level,
    ).toBe('good');
    expect(reckon({ sheetMm: 5000, behindMm: 0 }).figure('blur')?.verdict?.says).toContain('no join');
    const sheets = reckon({ sheetMm: 420 });
    const [wide, n] = [sheets.figure('width'), sheets.figure('sheets')].map(
      (one) => one?.quantity.value ?? 0,
    );
    expect(n ?? 0).toBeGreaterThanOrEqual((wide ?? 0) / 420);
    expect((n ?? 0) - 1).toBeLessThan((wide ?? 0) / 420);
  });

  it('a camera within its own focal length is a stop with a way out', () => {
    const near = reckon({ focalMm: 50, awayMm: 40 });
    const stop = near.figure('width')?.verdict;
    expect(stop?.level).toBe('stop');
    expect(stop?.waysOut[0]?.change?.value).toBe(500);
    expect(near.figure('sheets')).toBeUndefined();
  });
});
