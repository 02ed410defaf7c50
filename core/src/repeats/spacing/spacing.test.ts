import { describe, expect, it } from 'vitest';
import { type Curve, courseOf, crossesItself } from './curves.ts';
import { divided, lengthOf } from './marks.ts';

const PLAIN = { n: null, pitchMm: null, firstMm: 0, endMm: 0, by: 'length', rows: 1 } as const;
const into = (curve: Curve, n: number, over: object = {}) =>
  divided(courseOf(curve), { ...PLAIN, n, ...over });

/** Perimeter of an ellipse: 4 a E(e), the complete elliptic integral by the arithmetic-geometric mean (Abramowitz & Stegun 17.6). */
function ellipsePerimeter(a: number, b: number): number {
  let [x, y, c, sum, power] = [a, b, Math.sqrt(a * a - b * b), 0, 0.5];
  sum = (c * c) / 2;
  while (Math.abs(c) > 1e-14) {
    const [nx, ny] = [(x + y) / 2, Math.sqrt(x * y)];
    c = (x - y) / 2;
    [x, y] = [nx, ny];
    power *= 2;
    sum += power * c * c;
  }
  return (2 * Math.PI * (a * a - sum)) / x;
}

describe('lengths of lines', () => {
  it('a circle is π d, an ellipse has its complete elliptic integral', () => {
    expect(lengthOf(courseOf({ kind: 'circle', acrossMm: 50 }))).toBeCloseTo(Math.PI * 50, 4);
    expect(ellipsePerimeter(10, 10 - 1e-9)).toBeCloseTo(20 * Math.PI, 6);
    for (const [w, h] of [
      [60, 35],
      [105, 70],
      [90, 12],
    ] as const)
      expect(lengthOf(courseOf({ kind: 'ellipse', widthMm: w, heightMm: h }))).toBeCloseTo(
        ellipsePerimeter(w / 2, h / 2),
        3,
      );
  });

  it('an arc, a hexagon and a spiral round a cylinder are those of closed form', () => {
    expect(lengthOf(courseOf({ kind: 'arc', acrossMm: 40, degrees: 90 }))).toBeCloseTo(10 * Math.PI, 5);
    expect(lengthOf(courseOf({ kind: 'polygon', acrossMm: 40, sides: 6 }))).toBeCloseTo(120, 9);
    const helix = { kind: 'spiral', bottomMm: 20, topMm: 20, heightMm: 30, turns: 3 } as const;
    expect(lengthOf(courseOf(helix))).toBeCloseTo(Math.hypot(3 * Math.PI * 20, 30), 3);
  });
});

describe('a line divided', () => {
  it('n round a circle have equal chords of d × sin(π ÷ n) and equal angles (closed form)', () => {
    for (const n of [3, 5, 8, 12, 16]) {
      const { marks } = into({ kind: 'circle', acrossMm: 50 }, n);
      for (const { chordMm } of marks) expect(chordMm).toBeCloseTo(50 * Math.sin(Math.PI / n), 4);
      marks.forEach(({ degrees }, k) => {
        expect(degrees).toBeCloseTo((360 * k) / n, 3);
      });
    }
  });

  it('a compass rose of 32 is every 11.25°, the numerals of a clock every 30°', () => {
    const rose = into({ kind: 'circle', acrossMm: 64 }, 32).marks;
    expect(rose[1]?.degrees).toBeCloseTo(11.25, 3);
    const clock = into({ kind: 'circle', acrossMm: 64 }, 12).marks;
    // Three o’clock is to the right.
    expect(clock[3]?.at[0]).toBeCloseTo(32, 3);
    expect(clock[3]?.at[1]).toBeCloseTo(0, 3);
  });

  it('round an ellipse equal lengths are not equal angles, and either is what is asked for', () => {
    const oval = { kind: 'ellipse', widthMm: 90, heightMm: 30 } as const;
    const byLength = into(oval, 8);
    const gaps = byLength.marks.map(
      ({ alongMm }, k, all) => (all[k + 1]?.alongMm ?? byLength.lengthMm) - alongMm,
    );
    for (const gap of gaps) expect(gap).toBeCloseTo(byLength.lengthMm / 8, 6);
    const byAngle = into(oval, 8, { by: 'angle' }).marks;
    byAngle.forEach(({ degrees }, k) => {
      expect(degrees).toBeCloseTo(45 * k, 2);
    });
    // At 45° a point of the ellipse has x = y: x² (1/45² + 1/15²) = 1.
    const x = 1 / Math.sqrt(1 / 45 ** 2 + 1 / 15 ** 2);
    expect(byAngle[1]?.at[0]).toBeCloseTo(x, 2);
    expect(byAngle[1]?.at[1]).toBeCloseTo(x, 2);
  });

  it('a heart is divided alike on both sides', () => {
    const { marks } = into({ kind: 'heart', widthMm: 40, heightMm: 36 }, 20);
    for (let k = 1; k < 10; k += 1) {
      const [a, b] = [marks[k]?.at, marks[20 - k]?.at];
      expect(a?.[0]).toBeCloseTo(-(b?.[0] ?? 0), 2);
      expect(a?.[1]).toBeCloseTo(b?.[1] ?? 0, 2);
    }
  });

  it('on an open line n marks have n − 1 gaps; ends are kept free, and a second row stands between', () => {
    const marks = into({ kind: 'line', lengthMm: 100 }, 5, { endMm: 10 }).marks;
    expect(marks.map(({ alongMm }) => alongMm)).toEqual([10, 30, 50, 70, 90]);
    const two = into({ kind: 'line', lengthMm: 100 }, 5, { endMm: 10, rows: 2 }).marks.filter(
      ({ row }) => row === 2,
    );
    expect(two.map(({ alongMm }) => alongMm)).toEqual([20, 40, 60, 80]);
    const ring = into({ kind: 'circle', acrossMm: 40 }, 6, { rows: 2 }).marks.filter(({ row }) => row === 2);
    expect(ring.map(({ degrees }) => Math.round(degrees))).toEqual([30, 90, 150, 210, 270, 330]);
  });

  it('by a pitch: as many as there is room for, round a closed line the nearest that closes', () => {
    const open = divided(courseOf({ kind: 'line', lengthMm: 100 }), { ...PLAIN, pitchMm: 15 });
    expect(open.marks).toHaveLength(7);
    expect(open.marks.at(-1)?.alongMm).toBeCloseTo(90, 9);
    const closed = divided(courseOf({ kind: 'circle', acrossMm: 50 }), { ...PLAIN, pitchMm: 10 });
    expect(closed.marks).toHaveLength(16);
    expect(closed.pitchMm).toBeCloseTo((Math.PI * 50) / 16, 4);
  });

  it('what cannot be divided is refused in a sentence', () => {
    const circle = { kind: 'circle', acrossMm: 50 } as const;
    expect(() => into(circle, 0)).toThrow(/1 or more/);
    expect(() => into(circle, 5000)).toThrow(/more than 2000 marks/);
    expect(() => into({ kind: 'line', lengthMm: 20 }, 3, { endMm: 10 })).toThrow(/leave nothing/);
    expect(() => divided(courseOf(circle), { ...PLAIN, pitchMm: 0 })).toThrow(/over 0 mm/);
    expect(() => courseOf({ kind: 'circle', acrossMm: 0 })).toThrow(/every size over 0/);
    expect(() => courseOf({ kind: 'polygon', acrossMm: 20, sides: 2 })).toThrow(/3 to 360 sides/);
  });

  it('a line that crosses itself is told from one that does not', () => {
    const bow: Curve = {
      kind: 'outline',
      isClosed: true,
      points: [
        [0, 0],
        [10, 10],
        [10, 0],
        [0, 10],
      ],
    };
    const box: Curve = {
      kind: 'outline',
      isClosed: true,
      points: [
        [0, 0],
        [10, 0],
        [10, 10],
        [0, 10],
      ],
    };
    expect(crossesItself(courseOf(bow))).toBe(true);
    expect(crossesItself(courseOf(box))).toBe(false);
  });
});
