import { describe, expect, it } from 'vitest';
import { cutStick } from './cutStick.ts';

describe('a stick that is not cut straight across', () => {
  it.each([
    // Interior angles of regular polygons (Euclid, Elements I 32): 60, 90, 108, 120, 135°; mitres as carpenters set them.
    [3, 60, 60],
    [4, 90, 45],
    [5, 108, 36],
    [6, 120, 30],
    [8, 135, 22.5],
  ])(
    'as one of %i sides has the usual mitre, and its outer side lies on the outer polygon',
    (sides, cornerDeg, mitre) => {
      const [inside, thick] = [60, 5];
      const cut = cutStick({ kind: 'mitre', insideMm: inside, cornerDeg }, thick, 0) ?? expect.fail('none');
      expect(cut.footDeg).toBeCloseTo(mitre, 9);
      expect(cut.headDeg).toBeCloseTo(mitre, 9);
      // The side of a regular polygon by its apothem: 2 a tan(π ÷ n), a the inner one and a thickness more.
      const apothem = inside / (2 * Math.tan(Math.PI / sides));
      expect(cut.longMm).toBeCloseTo(2 * (apothem + thick) * Math.tan(Math.PI / sides), 9);
    },
  );

  it('leaning makes 3, 4, 5, and has the foot cut at its lean', () => {
    const cut = cutStick({ kind: 'heel', highMm: 80, outMm: 60 }, 4, 1.5) ?? expect.fail('none');
    expect(cut.longMm).toBeCloseTo(100, 9);
    expect(cut.blankMm).toBeCloseTo(103, 9);
    expect(cut.footDeg).toBeCloseTo(36.8699, 3);
    expect(cut.headDeg).toBeCloseTo(53.1301, 3);
    // The inner side: a line 4 mm nearer the corner, found from its ends on ground and wall: 80 x + 60 y = 4800 − 400.
    const [out, up] = [4400 / 80, 4400 / 60];
    expect(cut.shortMm).toBeCloseTo(Math.hypot(out, up), 9);
  });

  it('as a brace touches both corners with its edges', () => {
    const [wide, high, thick] = [60, 40, 4];
    const cut = cutStick({ kind: 'brace', wideMm: wide, highMm: high }, thick, 0) ?? expect.fail('none');
    const angle = (cut.footDeg * Math.PI) / 180;
    // Its lower edge begins in the lower corner, its upper edge ends in the upper one: the rise is what is left of the height.
    expect(wide * Math.tan(angle) + thick / Math.cos(angle)).toBeCloseTo(high, 9);
    expect(cut.shortMm * Math.cos(angle)).toBeCloseTo(wide, 9);
  });

  it('that does not go in is none', () => {
    expect(cutStick({ kind: 'brace', wideMm: 60, highMm: 3 }, 4, 0)).toBeNull();
    expect(cutStick({ kind: 'heel', highMm: 2, outMm: 2 }, 4, 0)).toBeNull();
    expect(cutStick({ kind: 'mitre', insideMm: 60, cornerDeg: 0 }, 4, 0)).toBeNull();
  });
});
