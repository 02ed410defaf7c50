import { formatQuantity, formatRange, type ShownFigure } from '@every-inch/core/reckoning';
import { VerdictLine } from './VerdictLine.tsx';
import { Working } from './Working.tsx';

/** A figure in the reckoning panel: name, value, ∴, and its verdict. */
export function FigureRow({
  figure,
  also,
  after = '',
}: {
  readonly figure: ShownFigure;
  readonly also?: string | undefined;
  readonly after?: string;
}) {
  const range = formatRange(figure.quantity);
  return (
    <div className="py-1" data-figure={figure.id}>
      <div className="flex items-baseline gap-1">
        <span className="min-w-0 flex-1">{figure.title}</span>
        <span className="figure text-right">
          {formatQuantity(figure.quantity)}
          {after && ` ${after}`}
        </span>
        <Working figure={figure} />
      </div>
      {(also || range) && (
        <div className="-mt-1 text-[12.5px] text-quiet">{[range, also].filter(Boolean).join(' · ')}</div>
      )}
      {figure.verdict && <VerdictLine verdict={figure.verdict} />}
    </div>
  );
}
