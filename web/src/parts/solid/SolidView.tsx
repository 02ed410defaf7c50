import { coreAskOf } from '@every-inch/core/bulk';
import { heroicOf, type PartFacts } from '@every-inch/core/context';
import { type CoreAsk, scaledAsk, viewTitle } from '@every-inch/core/form';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useAsk, useTold } from '../../spine/hooks.ts';
import { type SolidWork, useSolid } from '../../workers/useSolid.ts';
import { Choice } from '../Choice.tsx';
import { DrawingView } from '../DrawingView.tsx';
import { useTrueSize } from '../screenScale.ts';
import { TrueSize } from '../TrueSize.tsx';
import { SolidFiles } from './SolidFiles.tsx';
import type { Cut, Peel, SolidWire } from './SolidScene.tsx';
import { hasWebGl, STANDPOINTS, useTurning } from './useTurning.ts';

const SolidScene = lazy(() => import('./SolidScene.tsx'));

/** Ways through a solid that a cut can go. */
const CUTS: readonly (readonly [Cut['axis'], string])[] = [
  ['y', 'level'],
  ['z', 'from the front'],
  ['x', 'from the side'],
];

/** What is asked of the part’s core, in its own frame; null without one. */
function coreDepth(context: PartFacts, coreMm3: number): CoreAsk | null {
  const ask = context.part.mix.length > 0 ? coreAskOf(context) : null;
  const own = ask && scaledAsk(ask, context.shrink);
  return own && coreMm3 > 0 ? own : null;
}

/** Two flat views, where the browser draws nothing in space. */
function FlatViews({ context }: { readonly context: PartFacts }) {
  const part = context.part.id;
  const drawings = {
    front: useAsk('bench.part-drawing', { part, view: 'front' }),
    side: useAsk('bench.part-drawing', { part, view: 'side' }),
  };
  return (
    <div className="flex h-full gap-6 p-2">
      {(['front', 'side'] as const).map((view) => {
        const drawing = drawings[view];
        return (
          drawing && (
            <DrawingView
              key={view}
              drawing={drawing}
              label={`${context.part.name}, ${viewTitle(context.part.form, view)}`}
              className="h-full min-w-0 flex-1"
            />
          )
        );
      })}
    </div>
  );
}

/** Colours that tell regions apart: steps between raw clay and baked clay, far steps beside each other. */
function coloursFor(regions: readonly string[]): string[] {
  const style = getComputedStyle(document.documentElement);
  const [from, to] = ['--raw', '--cured'].map((name) => style.getPropertyValue(name).trim());
  const names = [...new Set(regions)];
  return regions.map((name) => mixed(from ?? '', to ?? '', (names.indexOf(name) * 0.618) % 1));
}

/** A colour between two of the drawings' colours, both as six hexadecimal figures. */
function mixed(from: string, to: string, share: number): string {
  const channel = (colour: string, k: number) => Number.parseInt(colour.slice(1 + 2 * k, 3 + 2 * k), 16);
  const channels = [0, 1, 2].map((k) => Math.round(channel(from, k) * (1 - share) + channel(to, k) * share));
  return `rgb(${channels.join(', ')})`;
}

/** The flat views in the place of the one in space, once the browser has taken the graphics away. */
function LostGraphics({ context, onAgain }: { readonly context: PartFacts; readonly onAgain: () => void }) {
  return (
    <div className="flex h-full flex-col">
      <p role="status" className="flex flex-wrap items-center gap-3 px-2 py-1 text-[13px]">
        The browser has taken the graphics away, as it does when they run short: shown flat instead.
        <button type="button" className="press" onClick={onAgain}>
          Show it in space again
        </button>
      </p>
      <div className="min-h-0 flex-1">
        <FlatViews context={context} />
      </div>
    </div>
  );
}

interface CutFieldsProps {
  readonly cut: Cut | null;
  readonly onCut: (cut: Cut | null) => void;
}

function CutFields({ cut, onCut }: CutFieldsProps) {
  return (
    <>
      <label className="flex items-center gap-1.5">
        <input
          type="checkbox"
          checked={cut !== null}
          onChange={() => onCut(cut === null ? { axis: 'y', share: 0.6 } : null)}
        />
        cut
      </label>
      {cut && (
        <>
          <Choice
            hideLabel
            label="Way of the cut"
            value={cut.axis}
            options={CUTS.map(([value, says]) => ({ value, says }))}
            onChoose={(axis) => onCut({ ...cut, axis })}
          />
          <input
            type="range"
            aria-label="Place of the cut"
            className="w-24 accent-(--fired)"
            min={0.02}
            max={1}
            step={0.01}
            value={cut.share}
            onChange={(event) => onCut({ ...cut, share: Number(event.currentTarget.value) })}
          />
        </>
      )}
    </>
  );
}

/** What is known of the solid in space: how far its surface is worked out, and the smallest box it goes into. */
function SolidSays({ work, shrink }: { readonly work: SolidWork; readonly shrink: number }) {
  const { answer, isBusy, stop } = work;
  if (answer?.kind !== 'solid') return null;
  const sides = answer.box.sides.map((mm) => formatMiniMm(miniMm(mm / shrink))).join(' × ');
  return (
    <p className="flex items-center gap-3 text-[13px] text-quiet">
      <span>
        smallest box, turned any way <span className="figure text-ink">{sides} mm</span>
      </span>
      {isBusy && (
        <>
          <progress
            className="w-16 accent-(--fired)"
            aria-label="Working the surface out"
            value={answer.step}
            max={answer.of}
          />
          <button type="button" className="press-quiet" onClick={stop}>
            leave it so
          </button>
        </>
      )}
    </p>
  );
}

const NO_WIRES: readonly SolidWire[] = [];
const PEELS: readonly (readonly [Peel, string])[] = [
  ['skin', 'clay'],
  ['core', 'core'],
  ['wire', 'wire'],
];

interface SolidViewProps {
  readonly context: PartFacts;
  /** Wires in it, in the part’s own frame. */
  readonly wires?: readonly SolidWire[];
  /** How far it is peeled to begin with. */
  readonly startsAt?: Peel;
}

/** The selected part in space, to be turned, looked through, cut, and peeled to its core and its wires. */
export default function SolidView({ context, wires = NO_WIRES, startsAt = 'skin' }: SolidViewProps) {
  const { part, scale, own, shrink } = context;
  const coreMm3 = useTold('bulk.part', context.part.id)?.core?.volumeMm3 ?? 0;
  const core = useMemo(() => coreDepth(context, coreMm3), [context, coreMm3]);
  const work = useSolid(part.form, heroicOf(scale.heroic, own), core);
  const solid = work.answer?.kind === 'solid' ? work.answer : null;
  const { standpoint, setStandpoint, zoom, setZoom, handlers } = useTurning();
  const [isClear, setIsClear] = useState(false);
  const [cut, setCut] = useState<Cut | null>(null);
  const [inRegions, setInRegions] = useState(false);
  const [peel, setPeel] = useState<Peel>(startsAt);
  const layers = PEELS.filter(([to]) => to === 'skin' || (to === 'core' ? core !== null : wires.length > 0));
  const screen = useTrueSize();
  const [isTrue, setIsTrue] = useState(false);
  const canDraw = useMemo(hasWebGl, []);
  const [isLost, setIsLost] = useState(false);
  const onLost = useCallback(() => setIsLost(true), []);
  const regions = solid?.skin.owners ? solid.regions : [];
  const regionKey = JSON.stringify(regions);
  const regionColours = useMemo(
    () => (inRegions ? coloursFor(JSON.parse(regionKey)) : null),
    [inRegions, regionKey],
  );
  return (
    <div className="flex h-full flex-col">
      <div className="relative min-h-0 flex-1">
        {isLost ? (
          <LostGraphics context={context} onAgain={() => setIsLost(false)} />
        ) : (
          <div
            role="img"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: the picture is turned with the arrow keys
            tabIndex={0}
            aria-label={`${part.name} in space, turned ${Math.round(standpoint.around)}°, from ${Math.round(standpoint.above)}° above; arrow keys turn it`}
            data-state={solid && solid.step === solid.of ? 'fine' : 'coarse'}
            className="size-full cursor-grab touch-none"
            {...handlers}
          >
            {canDraw && solid && (
              <Suspense fallback={<p className="p-4 text-quiet">Opening the view in space …</p>}>
                <ErrorBoundary fallback={null} onError={onLost}>
                  <SolidScene
                    onLost={onLost}
                    skin={solid.skin}
                    core={solid.core}
                    standpoint={standpoint}
                    zoom={zoom}
                    pxPerMm={isTrue && screen[0] !== null ? screen[0] / shrink : null}
                    isClear={isClear}
                    cut={cut}
                    material={part.mix.length > 0 ? 'raw' : 'wood'}
                    regionColours={regionColours}
                    wires={wires}
                    peel={layers.some(([to]) => to === peel) ? peel : 'skin'}
                  />
                </ErrorBoundary>
              </Suspense>
            )}
            {!canDraw && <FlatViews context={context} />}
            {work.answer?.kind === 'fault' && <p className="p-4 text-wont">{work.answer.says}</p>}
          </div>
        )}
        {regionColours && (
          <ul aria-label="Regions" className="absolute right-0 top-0 max-h-full overflow-auto text-[12.5px]">
            {[...new Set(regions)].map((name) => (
              <li key={name} className="flex items-center gap-1.5">
                <span
                  aria-hidden
                  className="size-2.5 border border-hair"
                  style={{ background: regionColours[regions.indexOf(name)] }}
                />
                {name}
              </li>
            ))}
          </ul>
        )}
      </div>
      <SolidSays work={work} shrink={shrink} />
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
            {layers.length > 1 && (
              <Choice
                hideLabel
                label="Peeled to"
                value={peel}
                options={layers.map(([value, says]) => ({ value, says: `peeled to the ${says}` }))}
                onChoose={setPeel}
              />
            )}
            <CutFields cut={cut} onCut={setCut} />
            {regions.length > 1 && (
              <label className="flex items-center gap-1.5">
                <input type="checkbox" checked={inRegions} onChange={() => setInRegions(!inRegions)} />
                regions
              </label>
            )}
            <TrueSize isTrue={isTrue} onTrue={setIsTrue} screen={screen} />
            <button
              type="button"
              className="press-quiet"
              aria-label="Nearer"
              disabled={isTrue}
              onClick={() => setZoom(Math.min(8, zoom * 1.25))}
            >
              +
            </button>
            <button
              type="button"
              className="press-quiet"
              aria-label="Farther"
              disabled={isTrue}
              onClick={() => setZoom(Math.max(0.5, zoom / 1.25))}
            >
              −
            </button>
          </>
        ) : (
          <span className="text-quiet">This browser draws nothing in space; here are the flat views.</span>
        )}
        <span className="ml-auto flex flex-wrap">
          <SolidFiles context={context} core={core} standpoint={standpoint} />
        </span>
      </div>
    </div>
  );
}
