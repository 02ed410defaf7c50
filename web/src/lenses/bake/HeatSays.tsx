import { curedAt } from '@every-inch/core/bake/heat';
import { memo } from 'react';
import type { BakeFound } from '../../workers/useBake.ts';

/** Rules of thumb that makers go by, with their minutes. */
const FLAT_RULES = [
  { says: '15 minutes, whatever the piece', minutes: () => 15 },
  { says: '20 minutes for each quarter inch', minutes: (thickMm: number) => (20 * thickMm) / 6.35 },
  { says: '30 minutes, whatever the piece', minutes: () => 30 },
] as const;

interface HeatSaysProps {
  readonly found: BakeFound;
  readonly setC: number;
  /** Null until it is reckoned. */
  readonly thickMm: number | null;
  readonly packet: readonly [number, number] | null;
  /** The bake is only to set what is in it. */
  readonly isSet: boolean;
}

const minutes = (value: number) => `${Math.round(value)} min`;

/** What the look comes to, beside what the packet and rules of thumb would have said. */
export const HeatSays = memo(function HeatSays({ found, setC, thickMm, packet, isSet }: HeatSaysProps) {
  const { curedMin, holdMin, handleMin, scorchMin, peakC, overTopMin, points } = found.run;
  const last = points.at(-1);
  const share = (at: number) => `${Math.round(100 * curedAt(found.run, at))} % of the clay cured`;
  return (
    <div className="min-w-60 flex-1 text-[14px]">
      {curedMin !== null && holdMin !== null && holdMin >= curedMin ? (
        <p>
          <strong className="text-fits">Cured through</strong> after{' '}
          <span className="figure">{minutes(curedMin)}</span>; out of the heat at{' '}
          <span className="figure">{minutes(holdMin)}</span>
          {handleMin !== null && (
            <>
              , to be handled from <span className="figure">{minutes(handleMin)}</span>
            </>
          )}
          .
        </p>
      ) : isSet ? (
        <p>
          <strong>Set, not cured</strong>, as it is meant: {Math.round(100 * (last?.cured ?? 0))} % of the
          clay is cured so far. A later bake cures it all; until then it breaks when it is bent.
        </p>
      ) : (
        <p className="text-wont">
          <strong>Not cured through</strong>: {Math.round(100 * (last?.cured ?? 0))} % of the clay is
          {curedMin === null && last && last.hottestC < setC && holdMin === null
            ? '. The oven never holds it warm enough: set the dial higher, or measure how far it is off.'
            : '. Leave it in longer, or empty the time and it is worked out.'}
        </p>
      )}
      <p className="text-quiet">
        Hottest clay <span className="figure">{peakC.toFixed(0)} °C</span>
        {overTopMin > 1 && `, ${minutes(overTopMin)} over the top of its window`}.
        {scorchMin !== null && (
          <span className="text-wont">
            {' '}
            It scorches after {minutes(scorchMin)}: lower the dial, or tent thin parts.
          </span>
        )}
      </p>
      {!isSet && (
        <ul className="mt-2">
          {packet && (
            <li className="border-t border-hair py-1">
              The packet’s rule, {minutes(packet[0])}
              {packet[1] > packet[0] + 0.5 && ` to ${minutes(packet[1])}`}: {share(packet[1])}
            </li>
          )}
          {thickMm !== null &&
            FLAT_RULES.map((rule) => (
              <li key={rule.says} className="border-t border-hair py-1">
                {rule.says}: {share(rule.minutes(thickMm))}
              </li>
            ))}
        </ul>
      )}
      {!isSet && (
        <p className="mt-1 text-[13px] text-quiet">
          They differ because none of them knows how long heat takes to soak in, what is inside, or how far
          this oven is off. From starting values: measure a bake with a thermometer. The packet comes first.
        </p>
      )}
    </div>
  );
});
