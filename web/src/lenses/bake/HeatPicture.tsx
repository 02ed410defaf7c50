import { heatSlice } from '@every-inch/core/bake/heat';
import type { PartFacts } from '@every-inch/core/context';
import { formatQuantity } from '@every-inch/core/reckoning';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import type { BakeFound } from '../../workers/useBake.ts';

const SHOWS = [
  { value: 'heat', says: 'how warm it is' },
  { value: 'cure', says: 'what is cured in the end' },
  { value: 'scorch', says: 'how near it came to scorching' },
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

/** Terracotta within its window, amber over it, dark where it scorches. */
function scorchShade(peakC: number, topC: number, scorchC: number): readonly [number, number, number] {
  if (peakC >= scorchC) return [70, 24, 16];
  return peakC > topC ? [222, 160, 60] : [192, 123, 88];
}

/** A shade with what it stands for. */
interface Key {
  readonly says: string;
  readonly shade: readonly [number, number, number];
}

/** What the shades stand for; of heat, steps along its scale. */
function keysOf(shows: Shows, { setC, topC, scorchC, needMin }: Limits): Key[] {
  const celsius = (value: number) => formatQuantity({ value, unit: '°C' });
  switch (shows) {
    case 'heat':
      return [
        ...[20, 20 + (setC - 20) / 2, setC, topC].map((value) => ({
          says: celsius(value),
          shade: heatShade(value, setC, scorchC),
        })),
        { says: `${celsius(scorchC)} and over: scorches`, shade: heatShade(scorchC, setC, scorchC) },
      ];
    case 'cure':
      return [
        { says: `${Math.ceil(needMin)} min and more: cured`, shade: cureShade(needMin, needMin) },
        { says: 'not long enough', shade: cureShade(needMin / 2, needMin) },
        { says: 'never warm enough', shade: cureShade(0, needMin) },
      ];
    case 'scorch':
      return [
        { says: `up to ${celsius(topC)}: as the packet wants`, shade: scorchShade(topC, topC, scorchC) },
        { says: 'over it', shade: scorchShade((topC + scorchC) / 2, topC, scorchC) },
        { says: `${celsius(scorchC)} and over: scorched`, shade: scorchShade(scorchC, topC, scorchC) },
      ];
  }
}

/** How long the scale bar is: the roundest length that is a quarter to a half of the width, mm. */
function barMm(wideMm: number): number {
  const ten = 10 ** Math.floor(Math.log10(wideMm / 2));
  return [5, 2, 1].map((times) => times * ten).find((mm) => mm <= wideMm / 2) ?? ten;
}

/** What heat is held against. */
interface Limits {
  readonly setC: number;
  readonly topC: number;
  readonly scorchC: number;
  readonly needMin: number;
}

interface HeatPictureProps extends Limits {
  readonly found: BakeFound;
  readonly context: PartFacts;
}

/** The part cut through the middle of its weight, coloured by how warm it is at a time, or by what is cured. */
export const HeatPicture = memo(function HeatPicture({
  found,
  context,
  setC,
  topC,
  scorchC,
  needMin,
}: HeatPictureProps) {
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
        shows === 'cure' ? found.run.minutesIn : shows === 'heat' && frame ? frame.cells : found.run.peak,
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
      const [r, g, b] =
        shows === 'cure'
          ? cureShade(value, needMin)
          : shows === 'scorch'
            ? scorchShade(value, topC, scorchC)
            : heatShade(value, setC, scorchC);
      image.data.set([r, g, b, 255], to);
    });
    target.putImageData(image, 0, 0);
  }, [slice, shows, setC, topC, scorchC, needMin]);
  const wideMm = slice.width * found.frame.cell;
  const bar = barMm(wideMm);
  return (
    <div className="flex w-80 max-w-full shrink-0 flex-col gap-1">
      <Choice hideLabel label="Picture shows" value={shows} options={SHOWS} onChoose={setShows} />
      <div
        className="mx-auto"
        style={{ width: `min(100%, ${((18 * slice.width) / slice.height).toFixed(2)}rem)` }}
      >
        <canvas
          ref={canvas}
          width={slice.width}
          height={slice.height}
          className="w-full [image-rendering:pixelated]"
          role="img"
          aria-label={
            shows !== 'heat'
              ? `${context.part.name} cut open: ${shows === 'cure' ? 'what is cured at the end' : 'how near it came to scorching'}`
              : `${context.part.name} cut open after ${frame?.minute.toFixed(0) ?? 0} minutes`
          }
        />
        <p className="figure flex items-center gap-2 text-[12.5px]">
          <span
            aria-hidden
            className="inline-block h-1.5 border-x border-b border-ink"
            style={{ width: `${(100 * bar) / wideMm}%` }}
          />
          {bar} mm of {wideMm.toFixed(0)} mm across
        </p>
      </div>
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
      ) : null}
      <ul aria-label="What the shades stand for" className="flex flex-wrap gap-x-3 gap-y-0.5 text-[12.5px]">
        {keysOf(shows, { setC, topC, scorchC, needMin }).map(({ says, shade }) => (
          <li key={says} className="flex items-center gap-1">
            <span
              aria-hidden
              className="inline-block size-3 border border-ink"
              style={{ background: `rgb(${shade.join()})` }}
            />
            {says}
          </li>
        ))}
      </ul>
    </div>
  );
});
