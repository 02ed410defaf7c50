import type { PlanePoint } from '@every-inch/core/form';
import { edgeOf } from '@every-inch/core/picture';
import simplify from 'simplify-js';

/** A file that no outline can be taken from. */
export class OutlineFileError extends Error {
  override readonly name = 'OutlineFileError';
}

/** Places that a curve of a drawing is followed at, and the most that an outline keeps. */
const ALONG = 400;
/** A place nearer to the line through its neighbours than this share of the longer side is let go. */
const STRAIGHT = 0.004;
/** A picture is looked through at this many pixels at the most, along its longer side. */
const LOOKED = 320;

interface At {
  readonly x: number;
  readonly y: number;
}

/** A line of many places with only those that count, y up. */
export function fewer(places: readonly At[], share = STRAIGHT): At[] {
  const xs = places.map(({ x }) => x);
  const ys = places.map(({ y }) => y);
  const long = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
  // Closed while it is simplified, so that its end counts as any other place.
  const [first] = places;
  const kept = simplify([...places, ...(first ? [first] : [])], long * share, true);
  return kept.slice(0, -1);
}

/** Places as an outline so high, its foot at 0 and its middle at 0. */
export function asOutline(places: readonly At[], heightMm: number): PlanePoint[] {
  const xs = places.map(({ x }) => x);
  const ys = places.map(({ y }) => y);
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const by = heightMm / (high - low);
  if (places.length < 3 || !Number.isFinite(by) || !(right > left))
    throw new OutlineFileError('there is no outline with some area in it');
  return places.map(({ x, y }) => ({ xMm: (x - (left + right) / 2) * by, yMm: (y - low) * by }));
}

/** The largest closed shape of a drawing, followed along its curves. */
export function fromSvg(text: string): At[] {
  const read = new DOMParser().parseFromString(text, 'image/svg+xml');
  const root = read.documentElement;
  if (root.nodeName !== 'svg') throw new OutlineFileError('this is no SVG drawing');
  // Only its shapes are taken over, never what else a file may carry.
  const board = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
  board.setAttribute('style', 'position:absolute;visibility:hidden');
  document.body.append(board);
  try {
    const found = [...root.querySelectorAll('path,polygon,polyline,rect,circle,ellipse')].map((shape) => {
      const copy = document.createElementNS('http://www.w3.org/2000/svg', shape.nodeName);
      for (const name of [
        'd',
        'points',
        'x',
        'y',
        'width',
        'height',
        'rx',
        'ry',
        'cx',
        'cy',
        'r',
        'transform',
      ]) {
        const value = shape.getAttribute(name);
        if (value !== null) copy.setAttribute(name, value);
      }
      board.append(copy);
      if (!(copy instanceof SVGGeometryElement)) return [];
      const matrix = copy.transform.baseVal.consolidate()?.matrix;
      const long = copy.getTotalLength();
      return Array.from({ length: ALONG }, (_, i): At => {
        const at = copy.getPointAtLength((long * i) / ALONG);
        const { x, y } = matrix
          ? new DOMPoint(at.x, at.y).matrixTransform(
              new DOMMatrix([matrix.a, matrix.b, matrix.c, matrix.d, matrix.e, matrix.f]),
            )
          : at;
        return { x, y: -y };
      });
    });
    const largest = found.sort((a, b) => Math.abs(area(b)) - Math.abs(area(a)))[0];
    if (!largest || area(largest) === 0)
      throw new OutlineFileError('there is no closed shape in this drawing');
    return fewer(largest);
  } finally {
    board.remove();
  }
}

function area(places: readonly At[]): number {
  return places.reduce((all, { x, y }, i) => {
    const next = places[(i + 1) % places.length] ?? { x, y };
    return all + (x * next.y - next.x * y) / 2;
  }, 0);
}

/** The edge of what stands out in a picture. */
export async function fromPicture(file: Blob): Promise<At[]> {
  const bitmap = await createImageBitmap(file);
  const by = Math.min(1, LOOKED / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * by));
  canvas.height = Math.max(1, Math.round(bitmap.height * by));
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) throw new OutlineFileError('this browser cannot look into a picture');
  pen.fillStyle = '#fff';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const edge = edgeOf(pen.getImageData(0, 0, canvas.width, canvas.height));
  return fewer(
    edge.map(([x, y]) => ({ x, y })),
    2 * STRAIGHT,
  );
}
