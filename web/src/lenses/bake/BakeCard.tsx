import { bothDegrees } from '@every-inch/core/bench';
import { formatQuantity, formatRange, type ShownFigure } from '@every-inch/core/reckoning';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';

function CardCell({ figure, title }: { readonly figure: ShownFigure; readonly title: string }) {
  const isHeat = figure.quantity.unit === '°C';
  const range = formatRange(figure.quantity);
  return (
    <div className="min-w-36 flex-1 border-l border-hair pl-3">
      <div className="heading">{title}</div>
      <div className="flex items-center">
        <span className="figure text-[21px] leading-8">{formatQuantity(figure.quantity)}</span>
        <Working figure={figure} />
      </div>
      {isHeat && <div className="figure text-quiet">{bothDegrees(figure).replace(/^.*\((.*)\)$/, '$1')}</div>}
      {range && <div className="text-[13px] text-quiet">{range}</div>}
      {figure.verdict && <VerdictLine verdict={figure.verdict} />}
    </div>
  );
}

/** The card of one load: oven, dial, time, set bakes. */
export function BakeCard({ figures }: { readonly figures: readonly (ShownFigure | undefined)[] }) {
  const [temperature, dial, hold, set] = figures;
  return (
    <div className="flex flex-wrap gap-y-3">
      {temperature && <CardCell figure={temperature} title="Oven" />}
      {dial && <CardCell figure={dial} title="Set the dial to" />}
      {hold && <CardCell figure={hold} title="Full time at that heat" />}
      {set && <CardCell figure={set} title="Each set bake before" />}
    </div>
  );
}
