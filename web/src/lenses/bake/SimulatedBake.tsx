import { type BakeWay, bakeAsk, curedAt, heatSlice } from '@every-inch/core/bake/heat';
import type { PartBulk } from '@every-inch/core/bulk';
import type { BakeSettings } from '@every-inch/core/piece';
import { heroicOf, type PartContext } from '@every-inch/core/whole';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { useReckoned } from '../../state/derived.ts';
import { editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { type BakeFound, useBake } from '../../workers/useBake.ts';
import { StartBake } from './LiveBake.tsx';

/** Longest bake that is looked at, min. */
const UNTIL = 360;
/** The first look has cells so many times as large. */
const COARSER = 2;

/** Rules of thumb that makers go by, with their minutes. */
const FLAT_RULES = [
  { says: '15 minutes, whatever the piece', minutes: () => 15 },
  { says: '20 minutes for each quarter inch', minutes: (thickMm: number) => (20 * thickMm) / 6.35 },
  { says: '30 minutes, whatever the piece', minutes: () => 30 },
] as const;

interface SettingsProps {
  readonly settings: BakeSettings;
  readonly usualDialC: number;
}

/** How the oven is run: kept with the piece. */
function Settings({ settings, usualDialC }: SettingsProps) {
  const dispatch = useAppDispatch();
  const set = (change: Partial<BakeSettings>, label: string) =>
    dispatch(editAt(label, ['oven'], { ...settings, ...change }));
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <NumberField
        label="Dial"
        value={settings.dialC}
        min={40}
        max={250}
        placeholder={usualDialC.toFixed(0)}
        after="°C"
        className="w-16"
        onNumber={(dialC) => set({ dialC }, 'dial of the oven')}
        onEmpty={() => set({ dialC: null }, 'dial of the oven')}
      />
      <NumberField
        label="In the oven"
        value={settings.holdMin}
        min={1}
        max={UNTIL}
        placeholder="till cured"
        after="min"
        className="w-24"
        onNumber={(holdMin) => set({ holdMin }, 'time in the oven')}
        onEmpty={() => set({ holdMin: null }, 'time in the oven')}
      />
      <Choice
        label="Air"
        value={settings.air}
        options={[
          { value: 'still', says: 'still' },
          { value: 'fan', says: 'fan' },
          { value: 'tent', says: 'under a foil tent' },
        ]}
        onChoose={(air) => set({ air }, 'air of the oven')}
      />
      <Choice
        label="It stands on"
        value={settings.under}
        options={[
          { value: 'rack', says: 'the rack' },
          { value: 'tile', says: 'a tile' },
          { value: 'pad', says: 'a pad of fibre' },
        ]}
        onChoose={(under) => set({ under }, 'what it stands on')}
      />
      <Choice
        label="Goes in"
        value={settings.preheated ? 'hot' : 'cold'}
        options={[
          { value: 'hot', says: 'when the oven is hot' },
          { value: 'cold', says: 'into the cold oven' },
        ]}
        onChoose={(value) => set({ preheated: value === 'hot' }, 'start of the bake')}
      />
      <Choice
        label="Cools"
        value={settings.cooling}
        options={[
          { value: 'ajar', says: 'in it, door ajar' },
          { value: 'out', says: 'outside' },
        ]}
        onChoose={(cooling) => set({ cooling }, 'cooling')}
      />
    </div>
  );
}

interface ChartProps {
  readonly found: BakeFound;
  readonly setC: number;
  readonly topC: number;
  readonly scorchC: number;
}

/** Oven, coldest and hottest clay over the bake, and the window they should lie in. */
function Chart({ found, setC, topC, scorchC }: ChartProps) {
  const { points, curedMin, holdMin } = found.run;
  const every = Math.max(1, Math.floor(points.length / 240));
  const data = points
    .filter((_, i) => i % every === 0)
    .map(({ minute, ovenC, coldestC, hottestC }) => ({
      minute: Math.round(minute * 10) / 10,
      oven: Math.round(ovenC * 10) / 10,
      coldest: Math.round(coldestC * 10) / 10,
      hottest: Math.round(hottestC * 10) / 10,
    }));
  const tick = { fill: 'var(--quiet)', fontSize: 11 };
  return (
    <div className="h-64" aria-hidden>
      <ResponsiveContainer width="100%" height="100%">
        <LineChart accessibilityLayer={false} data={data} margin={{ left: 0, right: 12, top: 14, bottom: 4 }}>
          <CartesianGrid stroke="var(--hair)" strokeDasharray="1 4" />
          <ReferenceArea y1={setC} y2={topC} fill="var(--fits)" fillOpacity={0.14} />
          <XAxis
            dataKey="minute"
            type="number"
            domain={[0, 'dataMax']}
            tick={tick}
            unit=" min"
            stroke="var(--hair)"
          />
          <YAxis
            domain={[0, Math.max(160, scorchC + 5)]}
            tick={tick}
            unit=" °C"
            width={56}
            stroke="var(--hair)"
          />
          <ReferenceLine
            y={scorchC}
            stroke="var(--wont)"
            strokeDasharray="4 3"
            label={{ value: 'scorches', fill: 'var(--wont)', fontSize: 11, position: 'insideTopLeft' }}
          />
          {curedMin !== null && (
            <ReferenceLine
              x={Math.round(curedMin * 10) / 10}
              stroke="var(--fits)"
              label={{ value: 'cured', fill: 'var(--fits)', fontSize: 11, position: 'top' }}
            />
          )}
          {holdMin !== null && (
            <ReferenceLine
              x={holdMin}
              stroke="var(--ink)"
              label={{ value: 'out', fill: 'var(--ink)', fontSize: 11, position: 'insideBottomRight' }}
            />
          )}
          <Tooltip
            contentStyle={{ background: 'var(--panel)', border: '1px solid var(--ink)', borderRadius: 0 }}
            labelFormatter={(minute) => `${minute} min`}
            formatter={(value) => `${value} °C`}
          />
          <Line
            dataKey="oven"
            name="oven"
            stroke="var(--wire)"
            dot={false}
            strokeWidth={1.2}
            isAnimationActive={false}
          />
          <Line
            dataKey="hottest"
            name="hottest clay"
            stroke="var(--fired)"
            dot={false}
            strokeWidth={1.6}
            isAnimationActive={false}
          />
          <Line
            dataKey="coldest"
            name="coldest clay"
            stroke="var(--cured)"
            dot={false}
            strokeWidth={2.4}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}

const SHOWS = [
  { value: 'heat', says: 'how warm it is' },
  { value: 'cure', says: 'what is cured in the end' },
] as const;
type Shows = (typeof SHOWS)[number]['value'];

/** From cool to hot: rose for raw clay, through orange, to dark where it scorches. */
function heatShade(value: number, setC: number, scorchC: number): readonly [number, number, number] {
  if (value >= scorchC) return [70, 24, 16];
  const t = Math.max(0, Math.min(1, (value - 20) / (setC - 20)));
  return [Math.round(150 + 90 * t), Math.round(170 - 70 * t), Math.round(196 - 150 * t)];
}

function cureShade(minutes: number, need: number): readonly [number, number, number] {
  return minutes >= need ? [192, 123, 88] : minutes > 0 ? [236, 200, 120] : [227, 188, 169];
}

interface PictureProps {
  readonly found: BakeFound;
  readonly context: PartContext;
  readonly setC: number;
  readonly scorchC: number;
  readonly needMin: number;
}

/** The part cut through the middle of its weight, coloured by how warm it is at a time, or by what is cured. */
function Picture({ found, context, setC, scorchC, needMin }: PictureProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [shows, setShows] = useState<Shows>('heat');
  const { frames } = found.run;
  const [at, setAt] = useState(Math.floor(frames.length / 3));
  const frame = frames[Math.min(at, frames.length - 1)];
  const middle = context.shape.centre[2] / context.shrink;
  const slice = useMemo(
    () =>
      heatSlice(
        found.frame,
        found.cells,
        shows === 'cure' ? found.run.minutesIn : (frame?.cells ?? found.run.peak),
        middle,
      ),
    [found, shows, frame, middle],
  );
  useEffect(() => {
    const target = canvas.current?.getContext('2d');
    if (!target) return;
    const image = target.createImageData(slice.width, slice.height);
    slice.values.forEach((value, from) => {
      if (Number.isNaN(value)) return;
      const v = Math.floor(from / slice.width);
      const to = 4 * ((slice.height - 1 - v) * slice.width + (from - v * slice.width));
      const [r, g, b] = shows === 'cure' ? cureShade(value, needMin) : heatShade(value, setC, scorchC);
      image.data.set([r, g, b, 255], to);
    });
    target.putImageData(image, 0, 0);
  }, [slice, shows, setC, scorchC, needMin]);
  return (
    <div className="flex w-56 shrink-0 flex-col gap-1">
      <Choice hideLabel label="Picture shows" value={shows} options={SHOWS} onChoose={setShows} />
      <canvas
        ref={canvas}
        width={slice.width}
        height={slice.height}
        className="mx-auto h-48 max-w-full object-contain [image-rendering:pixelated]"
        role="img"
        aria-label={
          shows === 'cure'
            ? `${context.part.name} cut open: what is cured at the end`
            : `${context.part.name} cut open after ${frame?.minute.toFixed(0) ?? 0} minutes`
        }
      />
      {shows === 'heat' ? (
        <label className="flex items-center gap-2 text-[13px]">
          <span className="figure w-14">{frame?.minute.toFixed(0)} min</span>
          <input
            type="range"
            className="min-w-0 flex-1 accent-(--fired)"
            aria-label="Minute of the bake"
            min={0}
            max={frames.length - 1}
            value={Math.min(at, frames.length - 1)}
            onChange={(event) => setAt(event.currentTarget.valueAsNumber)}
          />
        </label>
      ) : (
        <p className="text-[12.5px] text-quiet">
          terracotta: cured · yellow: not long enough · rose: never warm enough
        </p>
      )}
    </div>
  );
}

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
      <Settings settings={settings} usualDialC={usualDialC} />
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
              <Chart found={found} setC={rules.setC} topC={rules.topC} scorchC={rules.scorchC} />
              <p className="text-[12.5px] text-quiet">
                blue: the oven · orange: hottest clay · brown: coldest clay · green band: the window
              </p>
            </div>
            <Picture
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
