import type { Extent, Spot } from '@every-inch/core/ground';

/** A thing that comes so near to a line that others stand on is drawn onto it, mm. */
const NEAR = 2;
/** Places are kept to half a millimetre. */
const GRAIN = 2;

/** A line that something was drawn onto. */
export interface SnapLine {
  readonly along: 'x' | 'y';
  readonly at: number;
}

/** What edges a thing that is moved may come to lie against. */
export interface SnapEdges {
  /** Box of the thing round its own place, as it is turned. */
  readonly own: Extent;
  /** Boxes of the base and of the other things, on the plan. */
  readonly others: readonly Extent[];
}

/** A place to be drawn to, and the line that is shown for it. */
interface Target {
  readonly to: number;
  readonly line: number;
}

function nearest(value: number, targets: readonly Target[]): Target | null {
  const best = targets.reduce<Target | null>(
    (found, target) =>
      found === null || Math.abs(target.to - value) < Math.abs(found.to - value) ? target : found,
    null,
  );
  return best !== null && Math.abs(best.to - value) <= NEAR ? best : null;
}

/** Places along one way in which an edge of the thing lies on an edge of another. */
function flush(edges: SnapEdges | null, low: 0 | 1, high: 2 | 3): readonly Target[] {
  if (!edges) return [];
  const { own, others } = edges;
  return others.flatMap((box) =>
    [box[low], box[high]].flatMap((line) => [own[low], own[high]].map((edge) => ({ to: line - edge, line }))),
  );
}

/** A place drawn onto the middle lines and the edges of the base and of the other things, else to half a millimetre. */
export function snapped(
  spot: Spot,
  others: readonly Pick<Spot, 'xMm' | 'yMm'>[],
  edges: SnapEdges | null = null,
): { readonly spot: Spot; readonly lines: readonly SnapLine[] } {
  const middles = (at: readonly number[]) => at.map((line): Target => ({ to: line, line }));
  const x = nearest(spot.xMm, [...middles([0, ...others.map(({ xMm }) => xMm)]), ...flush(edges, 0, 2)]);
  const y = nearest(spot.yMm, [...middles([0, ...others.map(({ yMm }) => yMm)]), ...flush(edges, 1, 3)]);
  const grain = (mm: number) => Math.round(mm * GRAIN) / GRAIN;
  return {
    spot: { ...spot, xMm: x?.to ?? grain(spot.xMm), yMm: y?.to ?? grain(spot.yMm) },
    lines: [
      ...(x === null ? [] : [{ along: 'x', at: x.line } as const]),
      ...(y === null ? [] : [{ along: 'y', at: y.line } as const]),
    ],
  };
}
