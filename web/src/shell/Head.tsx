import { format, parseISO } from 'date-fns';
import { Download, History, Redo2, RulerDimensionLine, Undo2 } from 'lucide-react';
import { Link } from 'react-router';
import { redone, undone } from '../state/documentSlice.ts';
import { dialogOpened } from '../state/sessionSlice.ts';
import { editAt, store, useAppDispatch, useAppSelector, useOpenPiece } from '../state/store.ts';
import { exportFile, save } from '../storage/shelf.ts';
import { Converter } from './Converter.tsx';
import { Mark } from './Mark.tsx';
import { RunningBake } from './RunningBake.tsx';
import { ScaleMenu } from './ScaleMenu.tsx';

function KeptAt() {
  const keptAt = useAppSelector((state) => state.session.keptAt);
  const keeping = useAppSelector((state) => state.session.keeping);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  if (readOnly) return <span className="text-tight">reading only</span>;
  if (keeping === 'full') return <span className="text-wont">not kept</span>;
  if (keeping === 'memory') return <span className="text-tight">in memory only</span>;
  return <span className="text-quiet">{keptAt ? `kept ${format(parseISO(keptAt), 'HH:mm')}` : 'kept'}</span>;
}

function HistoryButtons() {
  const dispatch = useAppDispatch();
  const past = useAppSelector((state) => state.document.past);
  const future = useAppSelector((state) => state.document.future);
  return (
    <span className="flex">
      <button
        type="button"
        className="size-8 disabled:opacity-35"
        disabled={past.length === 0}
        aria-label={`Undo ${past.at(-1)?.label ?? ''}`}
        title={`Undo ${past.at(-1)?.label ?? ''}`}
        onClick={() => dispatch(undone())}
      >
        <Undo2 className="mx-auto size-4" />
      </button>
      <button
        type="button"
        className="size-8 disabled:opacity-35"
        disabled={future.length === 0}
        aria-label={`Redo ${future[0]?.label ?? ''}`}
        title={`Redo ${future[0]?.label ?? ''}`}
        onClick={() => dispatch(redone())}
      >
        <Redo2 className="mx-auto size-4" />
      </button>
    </span>
  );
}

/** Says that readings can be taken, and leads to where they come from; nothing without a bench. */
function Instruments() {
  const connected = useAppSelector((state) => state.session.instruments);
  if (!connected) return null;
  return (
    <Link
      to="/instruments"
      target="_blank"
      className="size-8 max-md:hidden"
      aria-label="Bench instruments, connected"
      title="Bench instruments are connected: a reading goes to the field that has the cursor"
    >
      <RulerDimensionLine className="mx-auto mt-2 size-4" />
    </Link>
  );
}

/** The head line: the piece, its scale, the converter, undo, when it was kept, and the other rooms. */
export function Head() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const readOnly = useAppSelector((state) => state.document.readOnly);
  return (
    <header className="flex min-h-[46px] items-center gap-3 border-b border-ink px-3.5 max-md:flex-wrap max-md:py-1.5">
      <Link to="/" aria-label="Shelf" title="Shelf: all pieces" className="p-1">
        <Mark />
      </Link>
      <h1 className="min-w-0">
        <input
          aria-label="Name of the piece"
          className="w-full min-w-0 truncate bg-transparent py-1 font-semibold [field-sizing:content] max-w-56"
          value={piece.name}
          disabled={readOnly}
          maxLength={200}
          onChange={(event) =>
            event.currentTarget.value !== '' &&
            dispatch(editAt('rename the piece', ['name'], event.currentTarget.value))
          }
        />
      </h1>
      <ScaleMenu />
      <div className="ml-auto w-[23rem] max-w-full shrink max-md:order-last max-md:w-full">
        <Converter />
      </div>
      <RunningBake />
      <HistoryButtons />
      <KeptAt />
      <span className="flex">
        <button
          type="button"
          className="size-8"
          aria-label="Older versions"
          title="Older versions"
          onClick={() => dispatch(dialogOpened('versions'))}
        >
          <History className="mx-auto size-4" />
        </button>
        <button
          type="button"
          className="size-8"
          aria-label="Export the piece"
          title="Export the piece"
          onClick={() => {
            const { piece: open } = store.getState().document;
            if (open) void exportFile(open).then(save);
          }}
        >
          <Download className="mx-auto size-4" />
        </button>
      </span>
      <Instruments />
      <nav aria-label="Rooms" className="flex gap-3">
        <Link to="/handbook" className="hover:underline">
          Handbook
        </Link>
        <Link to="/workshop" className="hover:underline">
          Workshop
        </Link>
      </nav>
    </header>
  );
}
