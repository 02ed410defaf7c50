import { format, isValid, parseISO } from 'date-fns';
import { type DragEvent, lazy, Suspense, useEffect, useId, useRef, useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Link } from 'react-router';
import { RoomHead } from '../shell/RoomHead.tsx';
import { StorageSays } from '../shell/StorageSays.tsx';
import { useAppSelector } from '../state/store.ts';
import type { PieceHead } from '../storage/pieceStore.ts';
import { type Remembered, remembered } from '../storage/remembered.ts';
import { putDemo } from '../storage/shelf.ts';
import { type Actions, doing, useKept, useShelfActions } from './useShelf.ts';

/** After so long on the Shelf, ms, what a piece is opened with is fetched: the list is there, and nothing waits. */
const FETCHED_AFTER = 400;

async function fetchPiecePage(): Promise<void> {
  const [{ lensOf }] = await Promise.all([
    import('../lenses/index.ts'),
    import('../shell/PiecePage.tsx'),
    import('@every-inch/core/piece/file'),
  ]);
  await lensOf('size')?.load();
}

/** Has a piece open at once: what it needs is there before it is chosen. */
function usePiecePageReady(isListed: boolean): void {
  useEffect(() => {
    if (!isListed) return undefined;
    const timer = setTimeout(() => {
      // Without a line it is fetched, and said, when it is wanted.
      fetchPiecePage().catch(() => undefined);
    }, FETCHED_AFTER);
    return () => clearTimeout(timer);
  }, [isListed]);
}

/** The list comes first: what draws the pieces is a third of the first load, and is fetched once the list is painted. */
const PieceSketch = lazy(async () => {
  await new Promise<void>((settle) => requestAnimationFrame(() => setTimeout(settle, 0)));
  return import('./PieceSketch.tsx');
});
/** A piece of more parts than this is not drawn on the Shelf: opening it only for that would hold the page up. */
const MOST_SKETCHED = 200;

/** A day or a time as it is shown; what is none is shown as it stands. */
function shownAs(pattern: string, at: string): string {
  const date = parseISO(at);
  return isValid(date) ? format(date, pattern) : at;
}

function PieceFacts({ head }: { readonly head: PieceHead }) {
  return (
    <>
      <div className="h-16 w-60 max-md:w-full">
        {head.parts <= MOST_SKETCHED && (
          <Suspense>
            <PieceSketch head={head} />
          </Suspense>
        )}
      </div>
      <div className="min-w-56 flex-1">
        <Link
          to={`/piece/${head.id}/size`}
          className="block truncate text-[17px] font-semibold hover:text-fired"
          title={head.name}
        >
          {head.name}
        </Link>
        <p className="flex flex-wrap gap-x-5 text-quiet">
          <span className="figure text-ink">{head.scale}</span>
          <span>
            {head.parts} {head.parts === 1 ? 'part' : 'parts'}
          </span>
          {head.due && <span>due {shownAs('d MMM yyyy', head.due)}</span>}
          {head.keptAt && <span>kept {shownAs('d MMM, HH:mm', head.keptAt)}</span>}
        </p>
      </div>
    </>
  );
}

/** What stands in a row that cannot be drawn: its name, and the ways to its page. */
function PlainFacts({ head }: { readonly head: PieceHead }) {
  return (
    <div className="min-w-56 flex-1">
      <Link to={`/piece/${head.id}/size`} className="block truncate text-[17px] font-semibold">
        {head.name}
      </Link>
      <p className="text-wont">This cannot be shown here. Its record is kept, and can be exported.</p>
    </div>
  );
}

function PieceRow({ head, actions }: { readonly head: PieceHead; readonly actions: Actions }) {
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-b border-hair py-2">
      <ErrorBoundary fallback={<PlainFacts head={head} />}>
        <PieceFacts head={head} />
      </ErrorBoundary>
      <span className="flex">
        <button
          type="button"
          className="press-quiet"
          aria-label={`Duplicate ${head.name}`}
          onClick={doing(`“${head.name}”`, () => actions.duplicate(head))}
        >
          Duplicate
        </button>
        <button
          type="button"
          className="press-quiet"
          aria-label={`Export ${head.name}`}
          onClick={doing(`“${head.name}”`, () => actions.exportOne(head))}
        >
          Export
        </button>
        <button
          type="button"
          className="press-quiet text-wont"
          aria-label={`Delete ${head.name}`}
          onClick={doing(`“${head.name}”`, () => actions.remove(head))}
        >
          Delete
        </button>
      </span>
    </li>
  );
}

interface MissingProps {
  readonly missing: readonly Remembered[];
  readonly onLet: () => void;
}

/** What the browser has cleared away, by name. */
function Missing({ missing, onLet }: MissingProps) {
  return (
    <div
      role="status"
      className="mb-3 flex flex-wrap items-center gap-3 border border-wont bg-paper px-3.5 py-2"
    >
      <span className="min-w-56 flex-1">
        The browser has cleared its storage, and {missing.map(({ name }) => `“${name}”`).join(', ')}{' '}
        {missing.length === 1 ? 'is' : 'are'} gone from this shelf. Bring in a backup or a saved file to have{' '}
        {missing.length === 1 ? 'it' : 'them'} back.
      </span>
      <button type="button" className="press" onClick={onLet}>
        Let {missing.length === 1 ? 'it' : 'them'} go
      </button>
    </div>
  );
}

/** The Shelf: all pieces, new ones, files in and out. */
export default function Shelf() {
  const { heads, missing, load } = useKept();
  usePiecePageReady(heads !== null);
  const actions = useShelfActions(load);
  const keeping = useAppSelector((state) => state.session.keeping);
  const [over, setOver] = useState(false);
  const picker = useRef<HTMLInputElement>(null);
  const pickerId = useId();
  const onDrop = (event: DragEvent): void => {
    event.preventDefault();
    setOver(false);
    doing('The shelf', () => actions.bringIn([...event.dataTransfer.files]))();
  };
  return (
    // Dropping is one of two ways in; the button beside it is the other.
    // biome-ignore lint/a11y/noStaticElementInteractions: a drop target has no role of its own
    <div
      className={`min-h-dvh ${over ? 'outline-2 -outline-offset-4 outline-dashed outline-fired' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={onDrop}
    >
      <RoomHead title="Shelf" />
      <main className="mx-auto max-w-5xl px-4 py-6">
        <p className="mb-4 max-w-prose">
          Every Inch works out what a clay figure, prop or scene at a fixed scale takes: sizes, wire, core,
          clay, bakes and hours, each with its working.
        </p>
        <StorageSays keeping={keeping} />
        <div className="mb-3 flex flex-wrap items-center gap-3">
          <button
            type="button"
            className="press bg-ink text-bench"
            onClick={doing('A new piece', () => actions.make())}
          >
            New piece
          </button>
          <button type="button" className="press" onClick={() => picker.current?.click()}>
            Bring in a file
          </button>
          <label htmlFor={pickerId} className="sr-only">
            File to bring in
          </label>
          <input
            ref={picker}
            id={pickerId}
            type="file"
            tabIndex={-1}
            multiple
            accept=".json,.zip"
            className="sr-only"
            onChange={(event) => {
              const files = [...(event.currentTarget.files ?? [])];
              event.currentTarget.value = '';
              doing('The shelf', () => actions.bringIn(files))();
            }}
          />
          <button
            type="button"
            className="press"
            disabled={!heads || heads.length === 0}
            onClick={doing('The backup', () => actions.backUp())}
          >
            Back up everything
          </button>
          <span className="text-quiet max-md:hidden">
            or drop .inch.json and .inch.zip files anywhere here
          </span>
        </div>
        {missing.length > 0 && (
          <Missing
            missing={missing}
            onLet={doing('The shelf', () => {
              remembered.forget(...missing.map(({ id }) => id));
              return load();
            })}
          />
        )}
        {heads === null && <p className="text-quiet">Looking …</p>}
        {heads?.length === 0 && <p className="my-8">The shelf is empty.</p>}
        <ul className="border-t border-ink">
          {heads?.map((head) => (
            <PieceRow key={head.id} head={head} actions={actions} />
          ))}
        </ul>
        <button
          type="button"
          className="press-quiet mt-3 text-fired"
          onClick={doing('The demo pieces', () => putDemo().then(load))}
        >
          Put the demo pieces on the shelf again
        </button>
      </main>
    </div>
  );
}
