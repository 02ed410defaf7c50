import { partDrawing } from '@every-inch/core/bench';
import { coreOf, skinOf } from '@every-inch/core/bulk';
import { toSvg } from '@every-inch/core/drawing';
import { buildSolid, type CoreDepth, viewTitle } from '@every-inch/core/form';
import { scaledMesh, writeStl } from '@every-inch/core/solid';
import { heroicOf, type PartContext } from '@every-inch/core/whole';
import { type KeyboardEvent, lazy, type PointerEvent, Suspense, useMemo, useRef, useState } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { save } from '../../storage/shelf.ts';
import { useSolid } from '../../workers/useSolid.ts';
import type { Standpoint } from './SolidScene.tsx';

const SolidScene = lazy(() => import('./SolidScene.tsx'));

const STANDPOINTS: readonly (readonly [string, Standpoint])[] = [
  ['front', { around: 0, above: 0 }],
  ['side', { around: 90, above: 0 }],
  ['top', { around: 0, above: 90 }],
  ['turned', { around: 32, above: 18 }],
];
/** Degrees a pixel of dragging or a press of an arrow turns. */
const DRAG = 0.5;
const PRESS = 10;
/** Cells of a file: a 140 mm figure gets about 0.8 mm. */
const FILE_CELLS = 600_000;

function hasWebGl(): boolean {
  return document.createElement('canvas').getContext('webgl2') !== null;
}

/** Skin and regions of the part’s core, in its own frame; null without one. */
function coreDepth(context: PartContext): CoreDepth | null {
  const core = context.part.mix.length > 0 ? coreOf(context) : null;
  return core && core.regions.length > 0
    ? { skinMm: skinOf(context).skinMm * context.shrink, regions: core.regions }
    : null;
}

function turnedBy(from: Standpoint, around: number, above: number): Standpoint {
  return {
    around: (from.around + around) % 360,
    above: Math.max(-90, Math.min(90, from.above + above)),
  };
}

/** Turning by drag and by the arrow keys. */
function useTurning() {
  const [standpoint, setStandpoint] = useState<Standpoint>({ around: 32, above: 18 });
  const [zoom, setZoom] = useState(1);
  const from = useRef<{ x: number; y: number } | null>(null);
  const onKeyDown = (event: KeyboardEvent): void => {
    const turn = {
      ArrowLeft: [-PRESS, 0],
      ArrowRight: [PRESS, 0],
      ArrowUp: [0, PRESS],
      ArrowDown: [0, -PRESS],
    }[event.key];
    if (turn) {
      event.preventDefault();
      setStandpoint(turnedBy(standpoint, turn[0] ?? 0, turn[1] ?? 0));
    }
    if (event.key === '+') setZoom(Math.min(8, zoom * 1.25));
    if (event.key === '-') setZoom(Math.max(0.5, zoom / 1.25));
  };
  const handlers = {
    onKeyDown,
    onPointerDown: (event: PointerEvent) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      from.current = { x: event.clientX, y: event.clientY };
    },
    onPointerMove: (event: PointerEvent) => {
      if (!from.current) return;
      const { x, y } = from.current;
      setStandpoint(turnedBy(standpoint, (x - event.clientX) * DRAG, (event.clientY - y) * DRAG));
      from.current = { x: event.clientX, y: event.clientY };
    },
    onPointerUp: () => {
      from.current = null;
    },
  };
  return { standpoint, setStandpoint, zoom, setZoom, handlers };
}

/** Two flat views, where the browser draws nothing in space. */
function FlatViews({ context }: { readonly context: PartContext }) {
  return (
    <div className="flex h-full gap-6 p-2">
      {(['front', 'side'] as const).map((view) => (
        <DrawingView
          key={view}
          drawing={partDrawing(context, view)}
          label={`${context.part.name}, ${viewTitle(context.part.form, view)}`}
          className="h-full min-w-0 flex-1"
        />
      ))}
    </div>
  );
}

function fileName(context: PartContext, ending: string): string {
  return `${context.part.name.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'part'}.${ending}`;
}

/** The solid of the selected part as files: triangles at the size of the clay, and its outlines. */
function Files({ context, core }: { readonly context: PartContext; readonly core: CoreDepth | null }) {
  const { shape, shrink, part } = context;
  const saveStl = (): void => {
    const { skin } = buildSolid(shape, FILE_CELLS, core);
    const bytes = writeStl(scaledMesh(skin, 1 / shrink), part.name);
    save(new File([bytes.slice().buffer], fileName(context, 'stl'), { type: 'model/stl' }));
  };
  const saveSvg = (): void => {
    const [front, side] = [partDrawing(context, 'front'), partDrawing(context, 'side')];
    for (const [name, drawing] of [
      ['front', front],
      ['side', side],
    ] as const)
      save(new File([toSvg(drawing)], fileName(context, `${name}.svg`), { type: 'image/svg+xml' }));
  };
  return (
    <>
      <button type="button" className="press-quiet text-fired" onClick={saveStl}>
        Save as STL
      </button>
      <button type="button" className="press-quiet text-fired" onClick={saveSvg}>
        Save outlines as SVG
      </button>
    </>
  );
}

/** The selected part in space, to be turned, looked through and cut. */
export default function SolidView({ context }: { readonly context: PartContext }) {
  const { part, scale, own } = context;
  const core = useMemo(() => coreDepth(context), [context]);
  const solid = useSolid(part.form, heroicOf(scale.heroic, own), core);
  const { standpoint, setStandpoint, zoom, setZoom, handlers } = useTurning();
  const [isClear, setIsClear] = useState(false);
  const [cut, setCut] = useState<number | null>(null);
  const canDraw = useMemo(hasWebGl, []);
  return (
    <div className="flex h-full flex-col">
      <div
        role="img"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the picture is turned with the arrow keys
        tabIndex={0}
        aria-label={`${part.name} in space, turned ${Math.round(standpoint.around)}°, from ${Math.round(standpoint.above)}° above; arrow keys turn it`}
        data-state={solid?.kind === 'solid' && solid.isLast ? 'fine' : 'coarse'}
        className="min-h-0 flex-1 cursor-grab touch-none"
        {...handlers}
      >
        {canDraw && solid?.kind === 'solid' && (
          <Suspense fallback={<p className="p-4 text-quiet">Opening the view in space …</p>}>
            <SolidScene
              skin={solid.skin}
              core={solid.core}
              standpoint={standpoint}
              zoom={zoom}
              isClear={isClear}
              cut={cut}
            />
          </Suspense>
        )}
        {!canDraw && <FlatViews context={context} />}
        {solid?.kind === 'fault' && <p className="p-4 text-wont">{solid.says}</p>}
      </div>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-[13px]">
        {canDraw ? (
          <>
            {STANDPOINTS.map(([name, to]) => (
              <button key={name} type="button" className="press-quiet" onClick={() => setStandpoint(to)}>
                {name}
              </button>
            ))}
            <label className="flex items-center gap-1.5">
              <input type="checkbox" checked={isClear} onChange={() => setIsClear(!isClear)} />
              see through
            </label>
            <label className="flex items-center gap-1.5">
              <input
                type="checkbox"
                checked={cut !== null}
                onChange={() => setCut(cut === null ? 0.6 : null)}
              />
              cut
            </label>
            {cut !== null && (
              <input
                type="range"
                aria-label="Height of the cut"
                className="w-24 accent-(--fired)"
                min={0.02}
                max={1}
                step={0.01}
                value={cut}
                onChange={(event) => setCut(Number(event.currentTarget.value))}
              />
            )}
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
          </>
        ) : (
          <span className="text-quiet">This browser draws nothing in space; here are the flat views.</span>
        )}
        <span className="ml-auto flex">
          <Files context={context} core={core} />
        </span>
      </div>
    </div>
  );
}
