import { heatSlice } from '@every-inch/core/bake/heat';
import type { PartFacts } from '@every-inch/core/context';
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

/** What the picture is of, in words. */
const LEGENDS: Readonly<Record<Exclude<Shows, 'heat'>, string>> = {
  cure: 'terracotta: cured · yellow: not long enough · rose: never warm enough',
  scorch: 'terracotta: within its window · amber: over it · dark: scorched',
};

interface HeatPictureProps {
  readonly found: BakeFound;
  readonly context: PartFacts;
  readonly setC: number;
  readonly topC: number;
  readonly scorchC: number;
  readonly needMin: number;
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
          shows !== 'heat'
            ? `${context.part.name} cut open: ${shows === 'cure' ? 'what is cured at the end' : 'how near it came to scorching'}`
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
        <p className="text-[12.5px] text-quiet">{LEGENDS[shows]}</p>
      )}
    </div>
  );
});
