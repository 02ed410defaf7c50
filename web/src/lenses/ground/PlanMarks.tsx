import type { Ring, Vec2 } from '@every-inch/core/form';
import { cameraOnPlan, crossings, joinLine } from '@every-inch/core/ground';
import type { Backdrop, BoardJoin } from '@every-inch/core/piece';

const line = (from: Vec2, to: Vec2) => `M${from[0]} ${-from[1]}L${to[0]} ${-to[1]}`;

/** Lines the base comes apart along, as far as they lie on it. */
export function JoinMarks({ joins, ring }: { readonly joins: readonly BoardJoin[]; readonly ring: Ring }) {
  return joins.map((join, i) => {
    const { at, way } = joinLine(join);
    const places = crossings(join, ring);
    const [from, to] = [places[0], places.at(-1)];
    if (from === undefined || to === undefined) return null;
    const place = (far: number): Vec2 => [at[0] + way[0] * far, at[1] + way[1] * far];
    return (
      <path
        key={join.id}
        d={line(place(from), place(to))}
        className="draw-thin draw-accent"
        strokeDasharray="8 3 2 3"
        vectorEffect="non-scaling-stroke"
      >
        <title>{`cut ${i + 1}: the base comes apart here`}</title>
      </path>
    );
  });
}

/** What the camera sees from above: the sides of its picture, and the board behind. */
export function CameraMark({ backdrop }: { readonly backdrop: Backdrop }) {
  const { at, seen, board } = cameraOnPlan(backdrop);
  return (
    <g className="pointer-events-none">
      <path
        d={`${line(at, seen[0])}${line(at, seen[1])}`}
        className="draw-hair draw-accent"
        strokeDasharray="2 4"
        vectorEffect="non-scaling-stroke"
      />
      <path d={line(board[0], board[1])} className="draw-thick" vectorEffect="non-scaling-stroke" />
      <title>the picture of the camera, and the board behind</title>
    </g>
  );
}
