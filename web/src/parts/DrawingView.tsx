import {
  CAP_HEIGHT,
  type DrawItem,
  type Drawing,
  type Material,
  pathData,
  WEIGHT_MM,
} from '@every-inch/core/drawing';
import { type ReactNode, useId } from 'react';

const FILLS: Record<Material, string> = {
  'raw-clay': 'var(--raw)',
  'cured-clay': 'var(--cured)',
  foil: 'var(--foil)',
  wood: 'var(--wood)',
  paper: 'var(--paper)',
  ink: 'var(--ink)',
  none: 'none',
};

interface ItemProps {
  readonly item: DrawItem;
  readonly height: number;
  readonly hatch: string;
  readonly picked: string | null;
  readonly onPick?: ((part: string) => void) | undefined;
}

function Item({ item, height, hatch, picked, onPick }: ItemProps) {
  const accent = 'accent' in item && item.accent ? ' draw-accent' : '';
  switch (item.kind) {
    case 'area': {
      const { part } = item;
      const isPicked = part !== undefined && part === picked;
      return (
        // The tray gives the same choice by keyboard; this is its twin for the pointer.
        <path
          d={pathData(item.outline, height)}
          fill={item.material === 'foil' ? `url(#${hatch})` : FILLS[item.material]}
          fillRule="evenodd"
          className={`${item.material === 'ink' ? '' : `draw-${isPicked ? 'thick' : item.weight}`} ${onPick && part ? 'cursor-pointer' : ''}`}
          vectorEffect="non-scaling-stroke"
          {...(onPick && part ? { onClick: () => onPick(part) } : {})}
        />
      );
    }
    case 'line':
      return (
        <polyline
          points={item.points.map(([x, y]) => `${x.toFixed(2)},${(height - y).toFixed(2)}`).join(' ')}
          fill="none"
          {...(item.wireMm === undefined
            ? { className: `draw-${item.weight}${accent}`, vectorEffect: 'non-scaling-stroke' }
            : {
                stroke: 'var(--wire)',
                strokeWidth: item.wireMm,
                strokeLinejoin: 'round',
                strokeLinecap: 'round',
              })}
          strokeDasharray={item.dashed ? '3 1.5' : undefined}
        />
      );
    case 'circle':
      return (
        <circle
          cx={item.at[0]}
          cy={height - item.at[1]}
          r={item.diameterMm / 2}
          fill="none"
          className={`draw-${item.weight}${accent}`}
          vectorEffect="non-scaling-stroke"
        />
      );
    case 'image':
      return (
        <image
          href={item.href}
          x={item.at[0]}
          y={height - item.at[1] - item.heightMm}
          width={item.widthMm}
          height={item.heightMm}
          preserveAspectRatio="none"
        />
      );
    case 'text': {
      const [x, y] = [item.at[0], height - item.at[1]];
      return (
        <text
          x={x}
          y={y}
          fontSize={item.size / CAP_HEIGHT}
          textAnchor={item.anchor}
          fontFamily={item.face === 'figures' ? 'var(--font-mono)' : 'var(--font-sans)'}
          fontWeight={item.bold ? 600 : 400}
          fill={item.accent ? 'var(--fired)' : item.quiet ? 'var(--quiet)' : 'var(--ink)'}
          transform={item.turned ? `rotate(${-item.turned} ${x} ${y})` : undefined}
        >
          {item.text}
        </text>
      );
    }
  }
}

interface DrawingViewProps {
  readonly drawing: Drawing;
  /** Said to those who do not see it. */
  readonly label: string;
  readonly picked?: string | null;
  readonly onPick?: (part: string) => void;
  readonly className?: string;
  /** Shown at a size of its own rather than fitted to its room. */
  readonly pxPerMm?: number | null;
  /** Laid over the drawing, in its millimetres with y down. */
  readonly children?: ReactNode;
}

/** A millimetre drawing on the screen, in the colours of the material code. */
export function DrawingView(props: DrawingViewProps) {
  const { drawing, label, picked = null, onPick, className = '', pxPerMm = null, children } = props;
  const hatch = useId().replace(/:/g, '');
  const { widthMm, heightMm, items } = drawing;
  return (
    <svg
      className={className}
      {...(pxPerMm === null ? {} : { width: widthMm * pxPerMm, height: heightMm * pxPerMm })}
      viewBox={`0 0 ${widthMm} ${heightMm}`}
      role={children ? 'group' : 'img'}
      aria-label={label}
    >
      <defs>
        <pattern
          id={hatch}
          width="1.6"
          height="1.6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="1.6" height="1.6" fill="var(--paper)" />
          <line x1="0" y1="0" x2="0" y2="1.6" stroke="var(--foil)" strokeWidth={WEIGHT_MM.thick * 2} />
        </pattern>
      </defs>
      {items.map((item, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a drawing is made anew as a whole and its items have no other name
        <Item key={i} item={item} height={heightMm} hatch={hatch} picked={picked} onPick={onPick} />
      ))}
      {children}
    </svg>
  );
}
