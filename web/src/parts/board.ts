/** A place on a view, mm with y up. */
export type Point = readonly [number, number];

/** What a board shows, mm in the view with y up. */
export interface BoardFrame {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** Room round what is drawn, as a share of its height, or of half its width where it lies. */
const MARGIN = 0.12;

/** The window that some rings are seen through, with room round them. */
export function frameOf(rings: readonly (readonly Point[])[]): BoardFrame {
  const xs = rings.flatMap((ring) => ring.map(([x]) => x));
  const ys = rings.flatMap((ring) => ring.map(([, y]) => y));
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const margin = MARGIN * Math.max(high - low, (right - left) / 2);
  return {
    left: left - margin,
    top: high + margin,
    width: right - left + 2 * margin,
    height: high - low + 2 * margin,
  };
}

/** Rings as the path of a drawing, y turned down. */
export function pathOf(rings: readonly (readonly Point[])[]): string {
  return rings
    .map((ring) => `M${ring.map(([x, y]) => `${x.toFixed(1)} ${(-y).toFixed(1)}`).join('L')}Z`)
    .join('');
}
