import { describe, expect, it } from 'vitest';
import { edgeOf, NoEdgeError } from './index.ts';

/** A picture of one colour, with a thing of another where it is, some noise over both. */
function pictureOf(
  width: number,
  height: number,
  isThing: (x: number, y: number) => boolean,
  contrast = 120,
) {
  const data = new Uint8ClampedArray(width * height * 4).fill(255);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const noise = ((x * 7919 + y * 104729) % 13) - 6;
      const value = 210 + noise - (isThing(x, y) ? contrast : 0);
      data.set([value, value - 10, value - 30], 4 * (y * width + x));
    }
  return { width, height, data };
}

function areaOf(line: readonly (readonly [number, number])[]): number {
  return Math.abs(
    line.reduce((all, [x, y], i) => {
      const [u, v] = line[(i + 1) % line.length] ?? [x, y];
      return all + (x * v - u * y) / 2;
    }, 0),
  );
}

describe('the edge of a thing in a picture', () => {
  it('a disc: its area and where it lies, y up', () => {
    const edge = edgeOf(pictureOf(200, 160, (x, y) => Math.hypot(x - 80, y - 60) < 40));
    expect(areaOf(edge) / (Math.PI * 40 ** 2)).toBeCloseTo(1, 1);
    const ys = edge.map(([, y]) => y);
    expect((Math.max(...ys) + Math.min(...ys)) / 2).toBeCloseTo(100, -1);
  });

  it('the largest of several things, and one that stands on the edge of the picture is closed there', () => {
    const edge = edgeOf(
      pictureOf(200, 160, (x, y) => (x > 120 && x < 180 && y > 60) || Math.hypot(x - 40, y - 40) < 15),
    );
    expect(areaOf(edge) / (59 * 99)).toBeCloseTo(1, 1);
  });

  it('where nothing stands out it says so, and what to do', () => {
    const plain = { width: 80, height: 60, data: new Uint8ClampedArray(80 * 60 * 4).fill(200) };
    expect(() => edgeOf(plain)).toThrow(NoEdgeError);
    expect(() => edgeOf(plain)).toThrow(/even ground/);
  });
});
