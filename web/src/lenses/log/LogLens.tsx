import { type LogEntry, removeEntry } from '@every-inch/core/piece';
import { triedSays } from '@every-inch/core/route';
import { lastMade } from '@every-inch/core/size';
import { format, parseISO } from 'date-fns';
import { lazy, Suspense, useCallback, useState } from 'react';
import { toast } from 'sonner';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { useLensKey } from '../../parts/keys.ts';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { OUTCOME_SAYS } from '../../parts/outcomes.ts';
import { usePicture } from '../../parts/usePicture.ts';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useAllFacts, useFind, useToldOfAll } from '../../spine/hooks.ts';
import { undone } from '../../state/documentSlice.ts';
import { edit, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { RecordForm, type RecordKind } from './RecordForms.tsx';

const Doctor = lazy(() => import('../../parts/Doctor.tsx'));

function Picture({ id, caption }: { readonly id: string; readonly caption: string }) {
  const address = usePicture(id);
  if (!address) return <span className="text-[13px] text-quiet">picture not in this browser</span>;
  return (
    <a href={address} target="_blank" rel="noreferrer">
      <img src={address} alt={caption || 'Picture of this entry'} className="h-24 border border-hair" />
    </a>
  );
}

function headline(entry: LogEntry, title: (key: string) => string): string {
  if (entry.bake)
    return `Baked at ${Math.round(entry.bake.temperatureC)} °C for ${Math.round(entry.bake.minutes)} min, ${OUTCOME_SAYS[entry.bake.outcome]}`;
  if (entry.measure) return `${title(entry.measure.key)}: ${entry.measure.madeMm.toFixed(1)} mm`;
  if (entry.cast)
    return `A cast of ${entry.cast.castMm.toFixed(1)} mm from a master of ${entry.cast.masterMm.toFixed(1)} mm`;
  if (entry.step)
    return `${Math.max(1, Math.round(entry.step.tookMin))} min at the bench, reckoned ${Math.round(entry.step.reckonedMin)}`;
  if (entry.result)
    return `${triedSays(entry.result.rule, entry.result.stuff)}: it went ${entry.result.outcome === 'good' ? 'well' : 'badly'}`;
  return 'Note';
}

function Entry({ entry }: { readonly entry: LogEntry }) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const find = useFind();
  const contexts = useAllFacts();
  const bulk = useToldOfAll('bulk.part');
  const [isAsked, setIsAsked] = useState(false);
  const [context, ownBulk] = [contexts.get(entry.part ?? ''), bulk.get(entry.part ?? '')];
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const part = piece.parts.find(({ id }) => id === entry.part);
  const title = (key: string) =>
    contexts.get(entry.part ?? '')?.shape.measures.find((one) => one.key === key)?.title ?? key;
  const figures = ['heat', 'time'].flatMap((kind) => find(entry.part ?? '', `log.${kind}.${entry.id}`) ?? []);
  const made = entry.measure ? find(entry.part ?? '', `made.${entry.measure.key}`) : undefined;
  const isLatest =
    context !== undefined &&
    entry.measure !== null &&
    lastMade(context, entry.measure.key)?.entry === entry.id;
  const remove = (): void => {
    dispatch(edit('remove a log entry', (old) => removeEntry(old, entry.id)));
    toast('Entry removed', { action: { label: 'Undo', onClick: () => dispatch(undone()) } });
  };
  return (
    <li
      data-entry={`log/${entry.id}`}
      tabIndex={-1}
      className="grid grid-cols-[6.5rem_1fr] gap-x-3 border-b border-hair py-2.5 max-md:grid-cols-1"
    >
      <time dateTime={entry.at} className="figure text-quiet">
        {format(parseISO(entry.at), 'd MMM, HH:mm')}
      </time>
      <div>
        <div className="flex items-baseline gap-2">
          <span className="font-medium">{headline(entry, title)}</span>
          <span className="text-quiet">{part?.name ?? 'the whole piece'}</span>
          <button
            type="button"
            className="press-quiet ml-auto text-[12.5px] text-quiet"
            disabled={readOnly}
            onClick={remove}
          >
            Remove
          </button>
        </div>
        {entry.note && <p>{entry.note}</p>}
        <div className="max-w-sm">
          {figures.map((figure) => (
            <FigureRow key={figure.id} figure={figure} />
          ))}
        </div>
        {entry.bake && entry.bake.outcome !== 'good' && context && ownBulk && (
          <>
            <button
              type="button"
              className="press-quiet -ml-1.5 text-fired"
              aria-expanded={isAsked}
              onClick={() => setIsAsked(!isAsked)}
            >
              {isAsked ? 'That will do' : 'What went wrong?'}
            </button>
            {isAsked && (
              <Suspense fallback={<p className="text-quiet">Looking at it …</p>}>
                <Doctor context={context} bulk={ownBulk} record={entry.bake} />
              </Suspense>
            )}
          </>
        )}
        {isLatest && made?.verdict && <VerdictLine verdict={made.verdict} />}
        {entry.lesson && <p className="mt-1 border-l-2 border-tight pl-2">Next time: {entry.lesson}</p>}
        {entry.pictures.length > 0 && (
          <div className="mt-1 flex flex-wrap gap-2">
            {entry.pictures.map(({ id, caption }) => (
              <Picture key={id} id={id} caption={caption} />
            ))}
          </div>
        )}
      </div>
    </li>
  );
}

/** Log: what was done, against what was wanted. */
export default function LogLens() {
  const piece = useOpenPiece();
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const [recording, setRecording] = useState<RecordKind | null>(null);
  useLensKey(
    'b',
    useCallback(() => setRecording('bake'), []),
  );
  useLensKey(
    'm',
    useCallback(() => setRecording('measure'), []),
  );
  const lessons = piece.log.filter(({ lesson }) => lesson !== '');
  return (
    <LensLayout
      title="Log"
      middle={
        <div className="max-w-4xl">
          <div className="flex flex-wrap gap-2">
            {(['bake', 'measure', 'note'] as const).map((kind) => (
              <button
                key={kind}
                type="button"
                className="press"
                disabled={readOnly}
                aria-expanded={recording === kind}
                onClick={() => setRecording(recording === kind ? null : kind)}
              >
                Record a {kind}
              </button>
            ))}
          </div>
          {recording && <RecordForm key={recording} kind={recording} onDone={() => setRecording(null)} />}
          {piece.log.length === 0 && (
            <p className="mt-6 text-quiet">
              Nothing recorded yet. Bakes and measures are held against the card and the drawing at once.
            </p>
          )}
          <ol className="mt-2">
            {[...piece.log].reverse().map((entry) => (
              <Entry key={entry.id} entry={entry} />
            ))}
          </ol>
        </div>
      }
      reckoning={
        <Stretch title="Lessons">
          {lessons.length === 0 && <p className="text-quiet">None yet. Write one under “Next time”.</p>}
          <ul className="space-y-1.5">
            {lessons.map(({ id, lesson, at }) => (
              <li key={id} className="border-l-2 border-tight pl-2">
                {lesson}
                <div className="text-[12.5px] text-quiet">{at.slice(0, 10)}</div>
              </li>
            ))}
          </ul>
        </Stretch>
      }
    />
  );
}
