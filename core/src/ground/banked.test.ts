import { describe, expect, it } from 'vitest';
import type { Ring } from '../form/index.ts';
import { endArea, reachOf, sidesArea, volumeBetween } from './banked.ts';

const circle = (radius: number): Ring =>
  Array.from({ length: 360 }, (_, i) => [
    radius * Math.cos((i * Math.PI) / 180),
    radius * Math.sin((i * Math.PI) / 180),
  ]);
const SQUARE: Ring = [
  [0, 0],
  [60, 0],
  [60, 40],
  [0, 40],
];

describe('a body whose sides lean inward from its edge', () => {
  it('round, is the frustum of a cone: volume, mantle and end in closed form', () => {
    // Euclid XII: V = π h ÷ 3 × (R² + R r + r²); mantle π (R + r) × slant.
    for (const [R, h, slope] of [
      [50, 20, 45],
      [80, 30, 60],
      [20, 5, 30],
    ] as const) {
      const r = R - h / Math.tan((slope * Math.PI) / 180);
      const body = { ring: circle(R), highMm: h, slopeDeg: slope };
      const near = (value: number, wanted: number) => expect(value / wanted).toBeCloseTo(1, 2);
      near(volumeBetween(body, 0, h), (Math.PI * h * (R * R + R * r + r * r)) / 3);
      near(sidesArea(body), Math.PI * (R + r) * Math.hypot(R - r, h));
      near(endArea(body), Math.PI * r * r);
    }
  });

  it('of two levels in between gives what lies between: together the whole', () => {
    const body = { ring: SQUARE, highMm: 12, slopeDeg: 50 };
    const whole = volumeBetween(body, 0, 12);
    expect(volumeBetween(body, 0, 5) + volumeBetween(body, 5, 12)).toBeCloseTo(whole, -1);
    expect(Math.abs(volumeBetween(body, 0, 5) + volumeBetween(body, 5, 12) - whole) / whole).toBeLessThan(
      1e-3,
    );
  });

  it('with upright sides is a prism', () => {
    const body = { ring: SQUARE, highMm: 12, slopeDeg: 90 };
    expect(volumeBetween(body, 2, 12)).toBeCloseTo(60 * 40 * 10, 3);
    expect(sidesArea(body)).toBeCloseTo(200 * 12, 6);
  });

  it('ends where its sides meet: a hip roof over 60 × 40 at 45° is 20 mm high', () => {
    const body = { ring: SQUARE, highMm: 100, slopeDeg: 45 };
    expect(reachOf(body)).toBeCloseTo(20, 1);
    expect(endArea(body)).toBe(0);
    // A wedge between the hips: (2 a + c) b h ÷ 6 with the ridge c = 20.
    expect(volumeBetween(body, 0, 100) / (((2 * 60 + 20) * 40 * 20) / 6)).toBeCloseTo(1, 2);
  });
});
