import { wireLines } from '@every-inch/core/armature';
import {
  coreKindOf,
  onPlane,
  PLANES,
  type Plane,
  planeRange,
  type ThicknessMap,
  type ThickPlace,
  thicknessAsk,
  thicknessCells,
  thicknessSlice,
} from '@every-inch/core/bulk';
import { heroicOf, type PartFacts } from '@every-inch/core/context';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useEffect, useMemo, useRef, useState } from 'react';
import { inches } from '../../parts/lengths.ts';
import { useTold } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';
import { useThickness } from '../../workers/useThickness.ts';
import { PlaneKey } from './PlaneKey.tsx';

const SAYS: Readonly<Record<Plane, string>> = {
  front: 'from the front',
  side: 'from the side',
  top: 'from above',
};
const mm = (value: number) => formatMiniMm(miniMm(value));

/** A shade for a thickness: pale for thin, darker towards the limit, the colour of a warning over it. */
function shadeOf(value: number, leastMm: number, limitMm: number): readonly [number, number, number] {
  if (value > limitMm) return [178, 34, 34];
  if (value < leastMm) return [120, 84, 160];
  const t = value / limitMm;
  return [Math.round(244 - 132 * t), Math.round(226 - 148 * t), Math.round(206 - 154 * t)];
}

const FOIL: readonly [number, number, number] = [150, 158, 164];
/** The core is hatched: every few cells along a slope it is darker. */
const HATCH: readonly [number, number, number] = [96, 104, 112];
const HATCH_EVERY = 6;
const WIRE: readonly [number, number, number] = [60, 88, 112];
const LATER: readonly [number, number, number] = [206, 206, 196];
/** What a cell is that holds something else than clay of this bake, by its number in the map. */
const HOLDS = { core: 1, wire: 2, later: 3 };

function shadeAt(thick: number, filled: number, along: number, leastMm: number, limitMm: number) {
  if (filled === HOLDS.wire) return WIRE;
  if (thick > 0) return shadeOf(thick, leastMm, limitMm);
  return filled === HOLDS.core ? hatched(along) : LATER;
}

function hatched(along: number): readonly [number, number, number] {
  return along % HATCH_EVERY < 2 ? HATCH : FOIL;
}

interface CutProps {
  readonly map: ThicknessMap;
  readonly plane: Plane;
  readonly atMm: number;
  readonly leastMm: number;
  readonly limitMm: number;
  readonly name: string;
}

/** The clay along a plane, shaded by its thickness, with the numbered places. */
function Cut({ map, plane, atMm, leastMm, limitMm, name }: CutProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const slice = useMemo(() => thicknessSlice(map, plane, atMm), [map, plane, atMm]);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const image = context.createImageData(slice.width, slice.height);
    for (let v = 0; v < slice.height; v += 1)
      for (let u = 0; u < slice.width; u += 1) {
        const from = v * slice.width + u;
        const to = 4 * ((slice.height - 1 - v) * slice.width + u);
        const thick = slice.thickness[from] ?? 0;
        const filled = slice.filled[from] ?? 0;
        if (thick === 0 && filled === 0) continue;
        const [r, g, b] = shadeAt(thick, filled, u + v, leastMm, limitMm);
        image.data.set([r, g, b, 255], to);
      }
    context.putImageData(image, 0, 0);
  }, [slice, leastMm, limitMm]);
  const [wide, tall] = [slice.width * slice.cell, slice.height * slice.cell];
  return (
    <div className="relative h-full min-w-0 max-w-full" style={{ aspectRatio: `${wide} / ${tall}` }}>
      <canvas
        ref={canvas}
        width={slice.width}
        height={slice.height}
        className="h-full w-full"
        role="img"
        aria-label={`${name} cut ${SAYS[plane]}, shaded by the thickness of its clay`}
      />
      {map.places.map((place, i) => {
        const { right, up, along } = onPlane(plane, place.at);
        const isNear = Math.abs(along - slice.atMm) < 1.5 * slice.cell;
        return (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: places are known by their number
            key={i}
            aria-hidden
            className={`figure absolute flex size-5 -translate-1/2 items-center justify-center rounded-full border border-ink text-[11px] ${isNear ? 'bg-ink text-paper' : 'bg-paper/80 text-ink'}`}
            style={{
              left: `${(100 * (right - slice.left)) / wide}%`,
              top: `${100 - (100 * (up - slice.bottom)) / tall}%`,
            }}
          >
            {i + 1}
          </span>
        );
      })}
    </div>
  );
}

/** What the shades stand for, in millimetres and inches. */
function Legend({
  leastMm,
  limitMm,
  hasLater,
}: {
  readonly leastMm: number;
  readonly limitMm: number;
  readonly hasLater: boolean;
}) {
  const steps = [0.25, 0.5, 0.75, 1].map((share) => share * limitMm).filter((value) => value > leastMm);
  const rows = [
    { says: `under ${mm(leastMm)} mm, breaks`, shade: shadeOf(0, leastMm, limitMm) },
    ...steps.map((value) => ({
      says: `${mm(value)} mm · ${inches(miniMm(value))} in`,
      shade: shadeOf(value, leastMm, limitMm),
    })),
    { says: `over ${mm(limitMm)} mm, does not cure through`, shade: shadeOf(2 * limitMm, leastMm, limitMm) },
    { says: 'core', shade: FOIL },
    { says: 'wire', shade: WIRE },
    ...(hasLater ? [{ says: 'clay that goes on later', shade: LATER }] : []),
  ];
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-1 text-[12.5px]">
      {rows.map(({ says, shade }) => (
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
  );
}

const REMEDY: Readonly<Record<ThickPlace['kind'], string>> = {
  thick: 'bulk it out with a ball of foil, or build it up in two bakes',
  thin: 'a wire in it, its tip tacked to the body, or liquid clay behind it',
};

interface PlacesProps {
  readonly context: PartFacts;
  readonly map: ThicknessMap;
  readonly onShow: (place: ThickPlace) => void;
}

/** The worst places with what to do about each; pressed, the plane goes through one. */
function Places({ context, map, onShow }: PlacesProps) {
  const dispatch = useAppDispatch();
  const { part } = context;
  if (map.places.length === 0)
    return <p className="text-fits">Nowhere too thick to cure through, nowhere so thin that it breaks.</p>;
  const canCore = coreKindOf(context) === null && map.places.some(({ kind }) => kind === 'thick');
  return (
    <>
      <ol className="list-inside list-decimal">
        {map.places.map((place, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: places are known by their number
          <li key={i} className="border-t border-hair py-1">
            <button type="button" className="press-quiet" onClick={() => onShow(place)}>
              <span className={place.kind === 'thick' ? 'text-wont' : 'text-tight'}>
                {place.kind === 'thick' ? 'too thick' : 'thin'}
              </span>
              : <span className="figure">{mm(place.thicknessMm)} mm</span> in the {place.region}
            </button>
            <span className="text-[13px] text-quiet">
              {(place.volumeMm3 / 1000).toFixed(place.volumeMm3 < 100 ? 3 : 1)} cm³ of it;{' '}
              {REMEDY[place.kind]}
            </span>
          </li>
        ))}
      </ol>
      {canCore && (
        <button
          type="button"
          className="press mt-2"
          onClick={() => dispatch(editAt(`core of ${part.name}`, ['parts', part.id, 'core', 'kind'], 'foil'))}
        >
          Put a foil core in
        </button>
      )}
    </>
  );
}

/** Thickness of the clay everywhere: a plane through it, and the places that want something done. */
export default function Thickness({ context }: { readonly context: PartFacts }) {
  const { part, scale, own } = context;
  const bulk = useTold('bulk.part', part.id) ?? null;
  const armature = useTold('bones.part', part.id);
  const ask = useMemo(
    () => thicknessAsk(context, bulk, armature ? wireLines(context, armature) : []),
    [context, bulk, armature],
  );
  const cells = useMemo(() => thicknessCells(context), [context]);
  const { map, isFinest, share, says, stop, isBusy } = useThickness(
    part.form,
    heroicOf(scale.heroic, own),
    ask,
    cells,
  );
  const [plane, setPlane] = useState<Plane>('front');
  const [at, setAt] = useState<number | null>(null);
  if (says) return <p className="p-4 text-wont">{says}</p>;
  if (!map) return <p className="p-4 text-quiet">Looking through the clay …</p>;
  const [low, high] = planeRange(map, plane);
  // To begin with it is cut through the middle of its weight.
  const [x, y, z] = context.shape.centre;
  const middle = onPlane(plane, [x / context.shrink, y / context.shrink, z / context.shrink]).along;
  const atMm = Math.max(low, Math.min(high, at ?? middle));
  const show = (place: ThickPlace) => setAt(onPlane(plane, place.at).along);
  return (
    <section aria-label="Thickness">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <fieldset className="flex gap-1">
          <legend className="sr-only">Plane</legend>
          {PLANES.map((one) => (
            <label key={one} className="flex items-center gap-1 px-1">
              <input
                type="radio"
                name="plane"
                checked={plane === one}
                onChange={() => {
                  setPlane(one);
                  setAt(null);
                }}
              />
              {SAYS[one]}
            </label>
          ))}
        </fieldset>
        <label className="flex flex-1 items-center gap-2">
          <span className="whitespace-nowrap text-quiet">cut at</span>
          <input
            type="range"
            className="min-w-32 flex-1 accent-(--fired)"
            aria-label="Where it is cut"
            aria-valuetext={`${mm(atMm)} mm`}
            min={low}
            max={high}
            step={map.cell}
            value={atMm}
            onChange={(event) => setAt(event.currentTarget.valueAsNumber)}
          />
          <span className="figure w-20 text-right">
            {atMm < -0.05 ? '−' : ''}
            {mm(Math.abs(atMm))} mm
          </span>
        </label>
      </div>
      <div className="mt-2 flex h-(--room) justify-center gap-3">
        <PlaneKey
          context={context}
          plane={plane}
          atMm={atMm}
          onAt={(to) => setAt(Math.max(low, Math.min(high, to)))}
        />
        <Cut
          map={map}
          plane={plane}
          atMm={atMm}
          leastMm={ask.leastMm - map.errorMm}
          limitMm={ask.limitMm}
          name={part.name}
        />
      </div>
      <p className="mt-1 flex flex-wrap items-center gap-x-3 text-[13px] text-quiet">
        <span>
          Thickest {mm(ask.exactMm ?? map.thickestMm)} mm; every other place right to {mm(map.errorMm)} mm
        </span>
        {isBusy && (
          <>
            <progress value={share} aria-label="Looking closer" />
            <button type="button" className="press-quiet text-fired" onClick={stop}>
              leave it so
            </button>
          </>
        )}
        {!isBusy && !isFinest && <span>left at a coarse look</span>}
      </p>
      <Legend leastMm={ask.leastMm} limitMm={ask.limitMm} hasLater={part.layers.length > 0} />
      <div className="mt-3">
        <Places context={context} map={map} onShow={show} />
      </div>
    </section>
  );
}
