import { type BakeWay, bakeAsk, curedAt } from '@every-inch/core/bake/heat';
import type { PartBulk } from '@every-inch/core/bulk';
import { heroicOf, type PartContext } from '@every-inch/core/whole';
import { useMemo } from 'react';
import { useReckoned } from '../../state/derived.ts';
import { useOpenPiece } from '../../state/store.ts';
import { type BakeFound, useBake } from '../../workers/useBake.ts';
import { HeatChart } from './HeatChart.tsx';
import { HeatPicture } from './HeatPicture.tsx';
import { StartBake } from './LiveBake.tsx';
import { OvenSettings, UNTIL } from './OvenSettings.tsx';

/** The first look has cells so many times as large. */
const COARSER = 2;

/** Rules of thumb that makers go by, with their minutes. */
const FLAT_RULES = [
  { says: '15 minutes, whatever the piece', minutes: () => 15 },
  { says: '20 minutes for each quarter inch', minutes: (thickMm: number) => (20 * thickMm) / 6.35 },
  { says: '30 minutes, whatever the piece', minutes: () => 30 },
] as const;

interface SaysProps {
  readonly found: BakeFound;
  readonly setC: number;
  readonly thickMm: number;
  readonly packet: readonly [number, number] | null;
}

const minutes = (value: number) => `${Math.round(value)} min`;

/** What the look comes to, beside what the packet and rules of thumb would have said. */
function Says({ found, setC, thickMm, packet }: SaysProps) {
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
      <ul className="mt-2">
        {packet && (
          <li className="border-t border-hair py-1">
            The packet’s rule, {minutes(packet[0])}
            {packet[1] > packet[0] + 0.5 && ` to ${minutes(packet[1])}`}: {share(packet[1])}
          </li>
        )}
        {FLAT_RULES.map((rule) => (
          <li key={rule.says} className="border-t border-hair py-1">
            {rule.says}: {share(rule.minutes(thickMm))}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-[13px] text-quiet">
        They differ because none of them knows how long heat takes to soak in, what is inside, or how far this
        oven is off. From starting values: measure a bake with a thermometer. The packet comes first.
      </p>
    </div>
  );
}

interface SimulatedBakeProps {
  readonly context: PartContext;
  readonly bulk: PartBulk;
}

/** A bake of the part worked through on its solid: how heat goes in, and when the last clay is cured. */
export default function SimulatedBake({ context, bulk }: SimulatedBakeProps) {
  const { book } = useReckoned();
  const piece = useOpenPiece();
  const { part, scale, own } = context;
  const usualDialC = book.get('/bake.dial')?.quantity.value ?? 130;
  const settings = piece.oven;
  const way: BakeWay = useMemo(
    () => ({ ...settings, dialC: settings.dialC ?? usualDialC }),
    [settings, usualDialC],
  );
  const asks = useMemo(() => {
    const [coarse, fine] = [bakeAsk(context, bulk, way, COARSER), bakeAsk(context, bulk, way)];
    return coarse && fine ? [coarse, fine] : null;
  }, [context, bulk, way]);
  const { found, minute, says, isBusy, stop } = useBake(part.form, heroicOf(scale.heroic, own), asks, UNTIL);
  const hold = book.get(`${part.id}/bake.hold`)?.quantity;
  const rules = asks?.[0]?.rules;
  if (!rules) return <p className="text-quiet">Nothing in {part.name} is baked.</p>;
  return (
    <section aria-label="Bake worked through" className="mt-6">
      <h3 className="font-semibold">How heat goes into {part.name}</h3>
      <OvenSettings settings={settings} usualDialC={usualDialC} />
      {says && (
        <p role="alert" className="mt-2 text-wont">
          {says}
        </p>
      )}
      {isBusy && (
        <p className="mt-1 flex items-center gap-3 text-[13px] text-quiet">
          <progress aria-label="Working the bake through" />
          <span>
            {found ? 'looking closer' : 'a first look'}, minute {Math.round(minute)}
          </span>
          <button type="button" className="press-quiet text-fired" onClick={stop}>
            leave it so
          </button>
        </p>
      )}
      {found && (
        <>
          <div className="mt-2 flex flex-wrap gap-4">
            <div className="min-w-72 flex-1">
              <HeatChart found={found} setC={rules.setC} topC={rules.topC} scorchC={rules.scorchC} />
              <p className="text-[12.5px] text-quiet">
                blue: the oven · orange: hottest clay · brown: coldest clay · green band: the window
              </p>
            </div>
            <HeatPicture
              key={found.id}
              found={found}
              context={context}
              setC={rules.setC}
              scorchC={rules.scorchC}
              needMin={rules.minutes}
            />
          </div>
          {found.run.holdMin !== null && (
            <p className="mt-2">
              <StartBake
                what={part.name}
                part={part.id}
                dialC={way.dialC}
                holdMin={found.run.holdMin}
                coolMin={Math.max(0, (found.run.handleMin ?? found.run.holdMin + 60) - found.run.holdMin)}
                thicknessMm={book.get(`${part.id}/bulk.thickest`)?.quantity.value ?? null}
              />
            </p>
          )}
          <div className="mt-2 flex flex-wrap gap-4">
            <Says
              found={found}
              setC={rules.setC - rules.withinC}
              thickMm={book.get(`${part.id}/bulk.thickest`)?.quantity.value ?? 0}
              packet={hold ? [hold.low ?? hold.value, hold.high ?? hold.value] : null}
            />
          </div>
        </>
      )}
    </section>
  );
}
