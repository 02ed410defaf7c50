import type { PieceContext } from '../context/index.ts';
import { LIFE_SIZES, type Row } from '../handbook/index.ts';
import type { FoundThing } from '../piece/index.ts';
import { figure, type Reckoning, sourced, termFrom, type Verdict } from '../reckoning/index.ts';
import { formatMiniMm, formatRealMetric, miniMm, realMm } from '../units/index.ts';
import { SIZE } from './figures.ts';
import { howItReads, standIns } from './readsAs.ts';

function meantRow({ meant }: FoundThing): Row | undefined {
  return LIFE_SIZES.find(({ id }) => id === meant);
}

function rangeSays({ low, high, value }: Row): string {
  return low !== undefined && high !== undefined
    ? `${formatRealMetric(realMm(low))} to ${formatRealMetric(realMm(high))}`
    : formatRealMetric(realMm(value));
}

function judge(context: PieceContext, thing: FoundThing, lifeMm: number, meant: Row): Verdict {
  const level = howItReads(realMm(lifeMm), meant);
  const says = `reads as ${formatRealMetric(realMm(lifeMm))}; ${meant.title}: ${rangeSays(meant)}`;
  if (level === 'good') return { level, wording: 'state', says, waysOut: [] };
  const { ratio } = context.scale;
  const wanted = `${formatMiniMm(miniMm((meant.low ?? meant.value) / ratio))} to ${formatMiniMm(miniMm((meant.high ?? meant.value) / ratio))} mm`;
  const better = standIns({ thickMm: realMm(meant.value), wideMm: null, longMm: null }, ratio, context.own)
    .filter(({ readsAs }) => howItReads(readsAs, meant) === 'good')
    .slice(0, 2);
  return {
    level,
    wording: 'state',
    says,
    waysOut: [
      ...better.map(({ row, acrossMm }) => ({
        says: `use a ${row.title.toLowerCase()} (${formatMiniMm(miniMm(acrossMm))} mm) instead`,
        change: {
          path: ['found', thing.id],
          value: { ...thing, name: row.title, acrossMm },
        },
      })),
      { says: `look for one of ${wanted}` },
    ],
  };
}

/** What every found thing of the piece reads as, held against what it is meant to be. */
export function reckonFound(context: PieceContext): Reckoning[] {
  // Nothing reads as anything while the scale is open.
  if (context.scale.isOpen) return [];
  return context.piece.found.map((thing) => {
    const { scale, scaleFigure } = context;
    const meant = meantRow(thing);
    const value = thing.acrossMm * scale.ratio;
    const range =
      scale.low === scale.high ? {} : { low: thing.acrossMm * scale.low, high: thing.acrossMm * scale.high };
    return figure(SIZE.found, {
      at: thing.id,
      part: null,
      title: thing.name,
      value,
      ...range,
      formula: meant ? 'L = b × s, held against u' : 'L = b × s',
      terms: [
        {
          symbol: 'b',
          name: `${thing.name}, as it is`,
          quantity: { value: thing.acrossMm, unit: 'mm' },
          origin: { kind: 'entry', path: ['found', thing.id, 'acrossMm'] },
        },
        { ...termFrom('s', scaleFigure), quantity: { ...scaleFigure.quantity, unit: '' } },
        ...(meant ? [sourced(meant.id, context.own).term('u')] : []),
      ],
      ...(meant ? { verdict: judge(context, thing, value, meant) } : {}),
    });
  });
}
