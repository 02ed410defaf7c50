import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { setAt, type Tint } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const ferry = lowWaterFerry(NOW);

function reckon(tint: Tint | null) {
  const piece = setAt(ferry, ['pours', 'tide', 'tint'], tint);
  const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  return (key: string) => book.get(`/pour.${key}.tide`);
}

/** Light that comes back from a bed (Beer and Lambert): there and back through a depth of so many drops in so many ml. */
const comesBack = (drops: number, ml: number, depthMm: number, strength: number) =>
  10 ** (-2 * strength * (drops / ml) * depthMm);

describe('the colour of a pour from one drop that was tried', () => {
  const TRIED = { testMl: 30, testGoneMm: 25 };
  // As strong as it has to be for a mark to be gone, to 2 % of its contrast, where it was.
  const strength = (-Math.log10(0.02) * 30) / (2 * 25);

  it('has as many drops that the bed is gone where it is wanted to be: by Beer and Lambert', () => {
    for (const goneMm of [4, 8, 30]) {
      const found = reckon({ ...TRIED, goneMm });
      const drops = found('drops')?.quantity.value ?? 0;
      const ml = found('volume')?.quantity.value ?? 0;
      expect(comesBack(drops, ml, goneMm, strength)).toBeCloseTo(0.02, 9);
    }
  });

  it('says what is seen of the bed where it is deepest, the same by that law', () => {
    const found = reckon({ ...TRIED, goneMm: 12 });
    const [drops, ml] = [found('drops'), found('volume')].map((one) => one?.quantity.value ?? 0);
    const [tide] = ferry.pours;
    const deep = (tide?.deepMm ?? 0) - (tide?.lowMm ?? 0);
    expect((found('seen')?.quantity.value ?? 0) / 100).toBeCloseTo(
      comesBack(drops ?? 0, ml ?? 0, deep, strength),
      6,
    );
    expect(reckon({ ...TRIED, goneMm: 2 })('seen')?.note).toContain('gone');
  });

  it('half as deep takes twice the drops; a clear one has none', () => {
    const drops = (goneMm: number) => reckon({ ...TRIED, goneMm })('drops')?.quantity.value ?? 0;
    expect(drops(4) / drops(8)).toBeCloseTo(2, 9);
    expect(reckon(null)('drops')).toBeUndefined();
  });
});
