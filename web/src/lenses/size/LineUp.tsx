import { lineUp } from '@every-inch/core/size';
import { lazy, Suspense, useCallback, useMemo, useReducer } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { useSizeMm } from '../../parts/useSize.ts';
import { useLensKey } from '../../shell/Keys.tsx';
import { useReckoned } from '../../state/derived.ts';
import { selected } from '../../state/sessionSlice.ts';
import { selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { GripView } from './GripView.tsx';

const SolidView = lazy(() => import('./SolidView.tsx'));
const PoseBoard = lazy(() => import('./PoseBoard.tsx'));

/** What the upper half of the lens shows. */
type Scene = 'line-up' | 'space' | 'pose';

const TITLES: Readonly<Record<Scene, (name: string) => string>> = {
  'line-up': () => 'Line-up, miniature mm',
  space: (name) => `${name} in space`,
  pose: (name) => `${name}: pull a joint`,
};

/** The upper half of the lens: all parts in a row, or the selected one in space or with its joints. */
export function LineUp() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const { contexts } = useReckoned();
  const part = useAppSelector(selectPart);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const context = part ? contexts.get(part.id) : undefined;
  const [wanted, toggle] = useReducer((now: Scene, to: Scene) => (now === to ? 'line-up' : to), 'line-up');
  const bends = part !== null && 'angles' in part.form;
  const scene = context === undefined || (wanted === 'pose' && !bends) ? 'line-up' : wanted;
  const toSpace = useCallback(() => toggle('space'), []);
  const toPose = useCallback(() => toggle('pose'), []);
  useLensKey('v', toSpace);
  useLensKey('j', toPose);
  const [ref, size] = useSizeMm<HTMLDivElement>();
  const drawing = useMemo(() => {
    const standing = piece.parts.flatMap(({ id }) => contexts.get(id) ?? []);
    return size && standing.length > 0
      ? lineUp(standing, size.widthMm, size.heightMm, part?.id ?? null)
      : null;
  }, [piece.parts, contexts, size, part]);
  return (
    <div>
      <div className="heading flex items-center justify-between">
        <span>{TITLES[scene](part?.name ?? '')}</span>
        {context && (
          <span className="-my-1.5 flex font-normal">
            <button type="button" className="press-quiet" aria-pressed={scene === 'space'} onClick={toSpace}>
              {scene === 'space' ? 'Back to the line-up' : 'See it in space'}{' '}
              <kbd className="figure text-quiet">V</kbd>
            </button>
            {bends && (
              <button type="button" className="press-quiet" aria-pressed={scene === 'pose'} onClick={toPose}>
                {scene === 'pose' ? 'Back to the line-up' : 'Pose it by hand'}{' '}
                <kbd className="figure text-quiet">J</kbd>
              </button>
            )}
          </span>
        )}
        <span>{scene === 'line-up' ? 'in life' : ''}</span>
      </div>
      <div ref={ref} className="h-[min(330px,42vh)] min-h-56">
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
        {scene === 'line-up' && drawing && (
          <DrawingView
            drawing={drawing}
            label={`Line-up of ${contexts.size} parts to one scale`}
            picked={part?.id ?? null}
            onPick={(id) => dispatch(selected(id))}
            className="size-full"
          >
            {!readOnly &&
              context &&
              drawing.grips.map((grip) => (
                <GripView key={grip.axis} grip={grip} context={context} heightMm={drawing.heightMm} />
              ))}
          </DrawingView>
        )}
      </div>
    </div>
  );
}
