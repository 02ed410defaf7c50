import type { PartFacts } from '@every-inch/core/context';
import {
  lookRates,
  mapColours,
  paintedColours,
  palettesOf,
  SHOWN_MAPS,
  type ShownMap,
  settledOfZone,
  sheenOn,
  shownOf,
  type ZoneShown,
  zonesOnMaps,
} from '@every-inch/core/finish';
import type { Zone, ZoneSpot } from '@every-inch/core/piece';
import { cellInBox } from '@every-inch/core/solid';
import { lazy, Suspense, useCallback, useMemo, useRef, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { PrintButton } from '../../parts/PrintButton.tsx';
import { hasWebGl, STANDPOINTS, useTurning } from '../../parts/solid/useTurning.ts';
import { useHeroic } from '../../spine/hooks.ts';
import { useMaps } from '../../workers/useMaps.ts';
import { formPages } from './formPages.ts';

const SolidScene = lazy(() => import('../../parts/solid/SolidScene.tsx'));

/** Cells of the first look and of the finest, and the finest that paint is told on, miniature mm. */
const CELLS = [60_000, 3_800_000] as const;
const FINEST_MM = 0.5;

const SHOWN_SAYS: Readonly<Record<ShownMap, string>> = {
  paint: 'the paint',
  sheen: 'matt to gloss',
  cavity: 'where a wash settles',
  edge: 'what a dry brush catches',
  lit: 'what the light lifts',
  open: 'what lies open to the sky',
  shelter: 'what lies in shelter',
  run: 'where water runs off',
};
const SHOWN = SHOWN_MAPS.map((value) => ({ value, says: SHOWN_SAYS[value] }));

type Way = 'above' | 'left' | 'right' | 'behind' | 'below';
const LIGHTS: Readonly<Record<Way, readonly [number, number, number]>> = {
  above: [0, 1, 0.35],
  left: [-1, 0.8, 0.5],
  right: [1, 0.8, 0.5],
  behind: [0, 0.8, -1],
  below: [0, -0.6, 1],
};
const LIGHT_SAYS: Readonly<Record<Way, string>> = {
  above: 'from above',
  left: 'from the left',
  right: 'from the right',
  behind: 'from behind',
  below: 'from a lamp below',
};
const WAYS = Object.keys(LIGHTS).map((value) => ({ value: value as Way, says: LIGHT_SAYS[value as Way] }));

/** Where nothing has been told of the body, as raw clay is. */
const BARE = '#c9b6a0';
const MAP_FROM = '#efe9df';
const MAP_TO = '#8a3b1e';

interface PaintedProps {
  readonly context: PartFacts;
  readonly zones: readonly ZoneShown[];
  readonly records: readonly Zone[];
  readonly picked: string | null;
  /** Dabs of a brush on the surface that is picked. */
  readonly onDabs: (spots: readonly ZoneSpot[]) => void;
}

/** A part as it is painted, layer by layer: folds and edges from its real shape, to be turned, and to be painted on. */
export default function PaintedForm({ context, zones, records, picked, onDabs }: PaintedProps) {
  const { part, shape, shrink, own } = context;
  const { standpoint, setStandpoint, zoom, setZoom, handlers } = useTurning();
  const [shown, setShown] = useState<ShownMap>('paint');
  const [way, setWay] = useState<Way>('above');
  const [on, setOn] = useState<number | null>(null);
  const [paints, setPaints] = useState(false);
  const [brushMm, setBrushMm] = useState(3);
  const canDraw = useMemo(hasWebGl, []);
  const cells = CELLS.map((n) => Math.max(FINEST_MM * shrink, cellInBox(shape.box.min, shape.box.max, n)));
  const { maps, isFinest, says } = useMaps(part.form, useHeroic(), { shrink, light: LIGHTS[way] }, cells);
  const here = useMemo(
    () =>
      zones.flatMap((zone) => {
        const record = records.find(({ id }) => id === zone.id);
        return record && zone.part === part.id ? [{ ...record, layers: zone.layers }] : [];
      }),
    [zones, records, part.id],
  );
  const most = Math.max(0, ...here.map(({ layers }) => layers.length));
  const steps = Math.min(on ?? most, most);
  const body = zones.find((zone) => zone.part === part.id)?.bodyColour ?? BARE;
  const isOf = useMemo(() => maps && zonesOnMaps(maps, here), [maps, here]);
  const skin = useMemo(
    () =>
      maps && {
        positions: maps.positions,
        triangles: maps.triangles,
        owners: null,
        hasEdges: false,
      },
    [maps],
  );
  const palettes = useMemo(() => {
    const rates = lookRates(own);
    return here.map(({ layers }) => palettesOf(body, layers, rates));
  }, [here, body, own]);
  const settled = useMemo(
    () => (maps ? here.map((zone) => settledOfZone(maps, zone, shrink)) : []),
    [maps, here, shrink],
  );
  const colours = useMemo(() => {
    if (!maps || !isOf) return null;
    if (shown === 'sheen') return mapColours(sheenOn(isOf, here), MAP_FROM, MAP_TO);
    if (shown !== 'paint') return mapColours(shownOf(maps, shown, shrink), MAP_FROM, MAP_TO);
    const now = palettes.map((all) => all[Math.min(steps, all.length - 1)]);
    return paintedColours(maps, body, now, isOf, settled);
  }, [maps, isOf, here, palettes, settled, shown, steps, body, shrink]);
  const spots = useRef<ZoneSpot[]>([]);
  const onDab = useCallback(
    ([xMm, yMm, zMm]: readonly [number, number, number]) => {
      spots.current.push({ xMm, yMm, zMm, radiusMm: (brushMm * shrink) / 2 });
    },
    [brushMm, shrink],
  );
  const letGo = () => {
    if (spots.current.length === 0) return;
    onDabs(spots.current);
    spots.current = [];
  };
  const brush = paints ? { onPointerUp: letGo, onPointerLeave: letGo } : handlers;
  if (!canDraw)
    return (
      <p className="p-4 text-quiet">
        This browser draws nothing in space: the swatches tell how it will look.
      </p>
    );
  return (
    <div className="flex h-(--room) min-h-56 flex-col">
      <div
        role="img"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the picture is turned with the arrow keys
        tabIndex={0}
        aria-label={`${part.name}, ${SHOWN_SAYS[shown]}${shown === 'paint' ? ` after ${steps} of ${most} layers` : ''}; arrow keys turn it`}
        data-state={isFinest ? 'fine' : 'coarse'}
        className={`min-h-0 flex-1 touch-none ${paints ? 'cursor-crosshair' : 'cursor-grab'}`}
        onKeyDown={handlers.onKeyDown}
        {...brush}
      >
        {says && <p className="p-4 text-wont">{says}</p>}
        {skin && (
          <Suspense fallback={<p className="p-4 text-quiet">Opening the view in space …</p>}>
            <SolidScene
              onLost={() => undefined}
              skin={skin}
              core={null}
              standpoint={standpoint}
              zoom={zoom}
              pxPerMm={null}
              isClear={false}
              cut={null}
              material="raw"
              regionColours={null}
              vertexColours={colours}
              wires={[]}
              peel="skin"
              onDab={paints ? onDab : undefined}
            />
          </Suspense>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-[13px]">
        {STANDPOINTS.map(([name, to]) => (
          <button key={name} type="button" className="press-quiet" onClick={() => setStandpoint(to)}>
            {name}
          </button>
        ))}
        <button
          type="button"
          className="press-quiet"
          aria-label="Nearer"
          onClick={() => setZoom(Math.min(8, zoom * 1.25))}
        >
          +
        </button>
        <button
          type="button"
          className="press-quiet"
          aria-label="Farther"
          onClick={() => setZoom(Math.max(0.5, zoom / 1.25))}
        >
          −
        </button>
        <Choice hideLabel label="Shown" value={shown} options={SHOWN} onChoose={setShown} />
        {shown === 'lit' && <Choice hideLabel label="Light" value={way} options={WAYS} onChoose={setWay} />}
        {shown === 'paint' && most > 0 && (
          <label className="flex items-center gap-1.5">
            {steps} of {most} layers
            <input
              type="range"
              aria-label="Layers that are on"
              className="w-32 accent-(--fired)"
              min={0}
              max={most}
              step={1}
              value={steps}
              onChange={(event) => setOn(Number(event.currentTarget.value))}
            />
          </label>
        )}
        {maps && colours && (
          <PrintButton
            name={`${part.name}, ${SHOWN_SAYS[shown]}`}
            says="Print front and back"
            pagesOf={(ask, label) =>
              formPages({ maps, colours, shrink, says: `${part.name}, ${SHOWN_SAYS[shown]}` }, ask, label)
            }
          />
        )}
        {picked !== null && (
          <label className="flex items-center gap-1.5">
            <input type="checkbox" checked={paints} onChange={() => setPaints(!paints)} />
            paint the surface on
          </label>
        )}
        {paints && (
          <label className="flex items-center gap-1.5">
            brush {brushMm} mm
            <input
              type="range"
              aria-label="Width of the brush"
              className="w-20 accent-(--fired)"
              min={1}
              max={20}
              step={0.5}
              value={brushMm}
              onChange={(event) => setBrushMm(Number(event.currentTarget.value))}
            />
          </label>
        )}
      </div>
    </div>
  );
}
