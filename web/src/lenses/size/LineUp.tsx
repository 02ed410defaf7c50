import { movePart } from '@every-inch/core/piece';
import { resolveScale } from '@every-inch/core/scale';
import { lazy, Suspense, useCallback, useLayoutEffect, useReducer, useRef, useState } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { useLensKey } from '../../parts/keys.ts';
import { ASSUMED_PX_PER_MM, useTrueSize } from '../../parts/screenScale.ts';
import { TrueSize } from '../../parts/TrueSize.tsx';
import { useSizeMm } from '../../parts/useSize.ts';
import { useAsk, usePartFacts } from '../../spine/hooks.ts';
import { selected } from '../../state/sessionSlice.ts';
import { edit, selectPart, useAppDispatch, useAppSelector, useOfPiece } from '../../state/store.ts';
import { GripView } from './GripView.tsx';
import { RowOrder } from './RowOrder.tsx';

const SolidView = lazy(() => import('../../parts/solid/SolidView.tsx'));
const PictureScene = lazy(() => import('./picture/PictureScene.tsx'));
const PoseBoard = lazy(() => import('../../parts/PoseBoard.tsx'));

/** What the upper half of the lens shows. */
type Scene = 'line-up' | 'space' | 'pose' | 'picture';

const TITLES: Readonly<Record<Scene, (name: string) => string>> = {
  'line-up': () => 'Line-up, miniature mm',
  space: (name) => `${name} in space`,
  pose: (name) => `${name}: pull a joint`,
  picture: () => 'Off a picture',
};

/** A step closer, and the closest look, against the row fitted into its room. */
const STEP = 1.25;
const CLOSEST = 40;

/** The upper half of the lens: all parts in a row, or the selected one in space or with its joints. */
export function LineUp() {
  const dispatch = useAppDispatch();
  const parts = useOfPiece((piece) => piece.parts);
  const part = useAppSelector(selectPart);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const context = usePartFacts(part?.id);
  const [wanted, toggle] = useReducer((now: Scene, to: Scene) => (now === to ? 'line-up' : to), 'line-up');
  const bends = part !== null && 'angles' in part.form;
  const isShown = wanted === 'picture' || (context !== undefined && (wanted !== 'pose' || bends));
  const scene = isShown ? wanted : 'line-up';
  const toSpace = useCallback(() => toggle('space'), []);
  const toPose = useCallback(() => toggle('pose'), []);
  const toPicture = useCallback(() => toggle('picture'), []);
  useLensKey('o', toPicture);
  useLensKey('v', toSpace);
  useLensKey('j', toPose);
  const [wantsPerson, setWithPerson] = useState(false);
  const { isOpen } = resolveScale(useOfPiece((piece) => piece.scale));
  // Who has no scale yet has no size to be put beside.
  const withPerson = wantsPerson && !isOpen;
  const screen = useTrueSize();
  const [isTrue, setIsTrue] = useState(false);
  const per = isTrue && screen[0] !== null ? screen[0] / ASSUMED_PX_PER_MM : null;
  const [ref, size] = useSizeMm<HTMLDivElement>();
  const scroller = useRef<HTMLDivElement>(null);
  // Closer or further by keys; 1 fits the row into its room.
  const [zoom, setZoom] = useState(1);
  useLensKey(
    '+',
    useCallback(() => setZoom((now) => Math.min(CLOSEST, now * STEP)), []),
  );
  useLensKey(
    '-',
    useCallback(() => setZoom((now) => Math.max(1, now / STEP)), []),
  );
  const drawing =
    useAsk(
      'size.line-up',
      size && scene === 'line-up'
        ? { ...size, selected: part?.id ?? null, per, zoom: per === null ? zoom : 1, withPerson }
        : null,
    ) ?? null;
  const isFitted = per === null && zoom === 1;
  const shownPer = isFitted ? null : (drawing?.per ?? null);
  // Shown larger than its room, the ground comes into sight first: everything stands on it.
  useLayoutEffect(() => {
    if (shownPer !== null && scroller.current) scroller.current.scrollTop = scroller.current.scrollHeight;
  }, [shownPer]);
  return (
    <div>
      <div className="heading flex flex-wrap items-center justify-between gap-x-3">
        <span>{TITLES[scene](part?.name ?? '')}</span>
        {context && (
          <span className="-my-1.5 flex font-normal">
            <button type="button" className="press-quiet" aria-pressed={scene === 'space'} onClick={toSpace}>
              {scene === 'space' ? 'Back to the line-up' : 'See it in space'}{' '}
              <kbd className="figure text-quiet">V</kbd>
            </button>
            <button
              type="button"
              className="press-quiet"
              aria-pressed={scene === 'picture'}
              onClick={toPicture}
            >
              {scene === 'picture' ? 'Back to the line-up' : 'Off a picture'}{' '}
              <kbd className="figure text-quiet">O</kbd>
            </button>
            {bends && (
              <button type="button" className="press-quiet" aria-pressed={scene === 'pose'} onClick={toPose}>
                {scene === 'pose' ? 'Back to the line-up' : 'Pose it by hand'}{' '}
                <kbd className="figure text-quiet">J</kbd>
              </button>
            )}
          </span>
        )}
        {scene === 'line-up' && (
          <span className="flex items-center gap-3 font-normal text-ink">
            {!isOpen && (
              <label className="flex items-center gap-1.5">
                <input
                  type="checkbox"
                  checked={withPerson}
                  onChange={(event) => setWithPerson(event.currentTarget.checked)}
                />
                beside a person
              </label>
            )}
            <TrueSize isTrue={isTrue} onTrue={setIsTrue} screen={screen} />
          </span>
        )}
      </div>
      <div
        ref={ref}
        className={`relative h-(--room) min-h-56 ${scene === 'picture' ? 'md:min-h-[min(27rem,56vh)] max-md:h-auto' : ''}`}
      >
        {scene === 'pose' && part && context && 'angles' in part.form && (
          <Suspense fallback={<p className="p-4 text-quiet">Laying the joints out …</p>}>
            <PoseBoard key={part.id} context={context} part={{ ...part, form: part.form }} />
          </Suspense>
        )}
        {scene === 'space' && context && (
          <Suspense fallback={<p className="p-4 text-quiet">Opening the view in space …</p>}>
            <SolidView key={context.part.id} context={context} />
          </Suspense>
        )}
        {scene === 'picture' && (
          <Suspense fallback={<p className="p-4 text-quiet">Laying the picture out …</p>}>
            <PictureScene />
          </Suspense>
        )}
        {scene === 'line-up' && drawing && (
          <div ref={scroller} className="absolute inset-0 overflow-auto" tabIndex={isFitted ? undefined : 0}>
            <DrawingView
              drawing={drawing}
              label={`Line-up of ${drawing.places.length} parts to one scale`}
              picked={part?.id ?? null}
              className={isFitted ? 'size-full' : 'max-w-none'}
              pxPerMm={isFitted ? null : ASSUMED_PX_PER_MM}
            >
              <RowOrder
                places={drawing.places}
                heightMm={drawing.heightMm}
                isFixed={readOnly}
                onPick={(id) => dispatch(selected(id))}
                onMove={(id, before) => {
                  const beside = parts.find((one) => one.id === before);
                  const moved = parts.find((one) => one.id === id);
                  if (moved)
                    dispatch(
                      edit(`move ${moved.name}`, (old) =>
                        movePart(old, moved.id, beside?.id ?? null, beside?.parent ?? null),
                      ),
                    );
                }}
              />
              {!readOnly &&
                context &&
                drawing.grips
                  // The row still drawn may be the one of the part that was picked before.
                  .filter((grip) => grip.part === context.part.id)
                  .map((grip) => (
                    <GripView key={grip.axis} grip={grip} context={context} heightMm={drawing.heightMm} />
                  ))}
            </DrawingView>
          </div>
        )}
      </div>
    </div>
  );
}
