import { describe, expect, it } from 'vitest';
import { type Form, makeShapeStore, PLAIN } from '../../form/index.ts';
import { type Pictured, picturedFrom, type SeenFrom } from './pictured.ts';
import { shapeMaps } from './shapeMaps.ts';

const shapes = makeShapeStore();
const mapsOf = (form: Form) =>
  shapeMaps(shapes.shapeOf(form, PLAIN), { cellMm: 1, shrink: 1, light: [0, 1, 0] });
const ball = mapsOf({ kind: 'ball', diameterMm: 30 });
/** Red in front, green at the back. */
const colours = Float32Array.from(ball.positions, (_, i) => {
  const isFront = (ball.positions[3 * Math.floor(i / 3) + 2] ?? 0) > 0;
  return i % 3 === (isFront ? 0 : 1) ? 1 : 0;
});
const seenAs = (seen: SeenFrom, shrink = 1, dotsPerMm = 8) =>
  picturedFrom(ball, colours, { seen, dotsPerMm, shrink });
const covered = ({ pixels }: Pictured) => {
  let n = 0;
  for (let i = 3; i < pixels.length; i += 4) if (pixels[i] === 255) n += 1;
  return n;
};
const middle = ({ pixels, widthPx, heightPx }: Pictured) => {
  const at = 4 * (Math.floor(heightPx / 2) * widthPx + Math.floor(widthPx / 2));
  return [...pixels.slice(at, at + 3)];
};

describe('a form in a picture', () => {
  it('a ball covers πr², without a hole', () => {
    const picture = seenAs('front');
    expect(covered(picture) / 64).toBeGreaterThan(0.985 * Math.PI * 15 ** 2);
    expect(covered(picture) / 64).toBeLessThan(1.01 * Math.PI * 15 ** 2);
  });

  it('is as large as the miniature, and its dots are square', () => {
    const picture = seenAs('front', 12);
    expect(picture.widthMm).toBeCloseTo(30 / 12, 1);
    expect(picture.widthPx / picture.widthMm).toBeCloseTo(picture.heightPx / picture.heightMm, -1);
  });

  it('the front is seen from the front, the back from the back, mirrored as it is seen', () => {
    expect(middle(seenAs('front'))[0]).toBeGreaterThan(240);
    expect(middle(seenAs('front'))[1]).toBe(0);
    expect(middle(seenAs('back'))[1]).toBeGreaterThan(240);
    const left = Float32Array.from(ball.positions, (_, i) =>
      (ball.positions[3 * Math.floor(i / 3)] ?? 0) > 0 ? 1 : 0,
    );
    const halfOf = (seen: SeenFrom) => {
      const { pixels, widthPx, heightPx } = picturedFrom(ball, left, { seen, dotsPerMm: 8, shrink: 1 });
      return pixels[4 * (Math.floor(heightPx / 2) * widthPx + Math.floor(widthPx * 0.75))] ?? 0;
    };
    expect(halfOf('front')).toBeGreaterThan(100);
    expect(halfOf('back')).toBe(0);
  });

  it('is never larger than can be kept', () => {
    expect(Math.max(seenAs('front', 1, 1000).widthPx, seenAs('front', 1, 1000).heightPx)).toBeLessThanOrEqual(
      2400,
    );
  });

  it('of nothing is nothing', () => {
    const nothing = {
      positions: new Float32Array(),
      normals: new Float32Array(),
      triangles: new Uint32Array(),
    };
    const picture = picturedFrom(nothing, new Float32Array(), { seen: 'front', dotsPerMm: 8, shrink: 1 });
    expect(picture.widthPx).toBe(0);
  });
});
