import type { Spot } from '@every-inch/core/piece';

interface MarkProps {
  readonly spots: readonly Spot[];
  readonly per: number;
  readonly says: string;
  readonly isKnown?: boolean;
  readonly isClosed?: boolean;
}

/** A line of spots with its name, readable on any picture. */
export function Mark({ spots, per, says, isKnown = false, isClosed = false }: MarkProps) {
  const points = spots.map(({ x, y }) => `${x},${y}`).join(' ');
  // The name stands by the last spot of a line, and under the first of a rectangle, where it hides least.
  const { x, y } = spots.at(isClosed ? 0 : -1) ?? { x: 0, y: 0 };
  const colour = isKnown ? 'var(--fired)' : 'var(--wire)';
  const Line = isClosed ? 'polygon' : 'polyline';
  return (
    <g>
      <Line points={points} fill="none" stroke="var(--paper)" strokeWidth={4 * per} opacity={0.8} />
      <Line points={points} fill="none" stroke={colour} strokeWidth={1.8 * per} />
      {says && (
        <text
          x={x + 11 * per}
          y={y + (isClosed ? 22 : -9) * per}
          fontSize={13 * per}
          fontFamily="var(--font-mono)"
          fill="var(--ink)"
          stroke="var(--paper)"
          strokeWidth={3.5 * per}
          paintOrder="stroke"
        >
          {says}
        </text>
      )}
    </g>
  );
}
