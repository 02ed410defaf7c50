import { resolveScale } from '@every-inch/core/scale';
import { format, parseISO } from 'date-fns';
import { ArrowLeftRight, Download, Ellipsis, History, Redo2, RulerDimensionLine, Undo2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useDraft } from '../parts/useDraft.ts';
import { redone, undone } from '../state/documentSlice.ts';
import { dialogOpened } from '../state/sessionSlice.ts';
import { editAt, store, useAppDispatch, useAppSelector, useOfPiece } from '../state/store.ts';
import { exportFile, save } from '../storage/shelf.ts';
import { Converter } from './Converter.tsx';
import { Mark } from './Mark.tsx';
import { ScaleMenu } from './ScaleMenu.tsx';

function KeptAt() {
  const keptAt = useAppSelector((state) => state.session.keptAt);
  const keeping = useAppSelector((state) => state.session.keeping);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  if (readOnly) return <span className="text-tight">reading only</span>;
  if (keeping === 'full' || keeping === 'failed') return <span className="text-wont">not kept</span>;
  if (keeping === 'slow') return <span className="text-tight">waiting …</span>;
  if (keeping === 'memory') return <span className="text-tight">in memory only</span>;
  // On a narrow screen only what is wrong is said.
  return (
    <span className="text-quiet max-md:hidden">
      {keptAt ? `kept ${format(parseISO(keptAt), 'HH:mm')}` : 'kept'}
    </span>
  );
}

function HistoryButtons() {
  const dispatch = useAppDispatch();
  const past = useAppSelector((state) => state.document.past);
  const future = useAppSelector((state) => state.document.future);
  return (
    <span className="flex">
      <button
        type="button"
        className="size-8 shrink-0 disabled:opacity-35 max-md:size-11"
        disabled={past.length === 0}
        aria-label={`Undo ${past.at(-1)?.label ?? ''}`}
        title={`Undo ${past.at(-1)?.label ?? ''}`}
        onClick={() => dispatch(undone())}
      >
        <Undo2 className="mx-auto size-4" />
      </button>
      <button
        type="button"
        className="size-8 disabled:opacity-35 max-md:hidden"
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

const ITEM =
  'flex min-h-11 cursor-default items-center gap-3 px-3 outline-none data-[highlighted]:bg-ink data-[highlighted]:text-bench data-[disabled]:opacity-40';

/** On a narrow screen: all of the head that does not fit into one row. */
function More() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const future = useAppSelector((state) => state.document.future);
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="size-11 shrink-0 lg:hidden" aria-label="More">
        <Ellipsis className="mx-auto size-5" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          collisionPadding={8}
          className="z-50 min-w-52 border border-ink bg-paper"
          aria-label="More"
        >
          <DropdownMenu.Item
            className={ITEM}
            disabled={future.length === 0}
            onSelect={() => dispatch(redone())}
          >
            <Redo2 aria-hidden className="size-4" /> Redo {future[0]?.label ?? ''}
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => dispatch(dialogOpened('versions'))}>
            <History aria-hidden className="size-4" /> Older versions
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={exportPiece}>
            <Download aria-hidden className="size-4" /> Export the piece
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="border-t border-hair" />
          <DropdownMenu.Item className={ITEM} onSelect={() => navigate('/handbook')}>
            Handbook
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => navigate('/workshop')}>
            Workshop
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function exportPiece(): void {
  const { piece } = store.getState().document;
  if (piece) void exportFile(piece).then(save);
}

/** The name of the piece, to be typed over. */
function PieceName() {
  const dispatch = useAppDispatch();
  const name = useOfPiece((piece) => piece.name);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const { field, says } = useDraft({
    shown: name,
    read: (text) =>
      text.trim() === '' ? { ok: false, says: 'a piece wants a name' } : { ok: true, value: text },
    onValue: (text) => dispatch(editAt('rename the piece', ['name'], text)),
  });
  return (
    <h1 className="relative min-w-0">
      <input
        {...field}
        aria-label="Name of the piece"
        aria-invalid={says !== null}
        aria-describedby={says === null ? undefined : 'name-says'}
        data-entry="name"
        className="w-full min-w-0 truncate bg-transparent py-1 font-semibold [field-sizing:content] max-w-56"
        disabled={readOnly}
        maxLength={200}
      />
      {says && (
        <span
          id="name-says"
          role="alert"
          className="absolute left-0 top-full z-40 w-60 border border-wont bg-paper p-2 text-[12.5px] font-normal text-wont"
        >
          {says}
        </span>
      )}
    </h1>
  );
}

/** The head line: the piece, its scale, the converter, undo, when it was kept, and the other rooms. */
export function Head() {
  const dispatch = useAppDispatch();
  const [converts, setConverts] = useState(false);
  const { isOpen } = resolveScale(useOfPiece((piece) => piece.scale));
  return (
    <header className="flex min-h-[46px] items-center gap-3 border-b border-ink px-3.5 max-md:flex-wrap max-md:gap-1 max-md:px-1.5">
      <Link to="/" aria-label="Shelf" title="Shelf: all pieces" className="p-1">
        <Mark />
      </Link>
      <span className="min-w-0 max-md:flex-1">
        <PieceName />
      </span>
      <ScaleMenu />
      <div
        className={`ml-auto w-[23rem] max-w-full shrink max-lg:w-[19rem] max-md:order-last max-md:w-full ${converts ? '' : 'max-md:hidden'}`}
      >
        {!isOpen && <Converter />}
      </div>
      <button
        type="button"
        className="size-11 shrink-0 md:hidden"
        aria-label="Convert a length"
        aria-pressed={converts}
        onClick={() => setConverts(!converts)}
      >
        <ArrowLeftRight className="mx-auto size-5" />
      </button>
      <HistoryButtons />
      <KeptAt />
      <span className="flex max-lg:hidden">
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
          onClick={exportPiece}
        >
          <Download className="mx-auto size-4" />
        </button>
      </span>
      <Instruments />
      <nav aria-label="Rooms" className="flex gap-3 max-lg:hidden">
        <Link to="/handbook" className="hover:underline">
          Handbook
        </Link>
        <Link to="/workshop" className="hover:underline">
          Workshop
        </Link>
      </nav>
      <More />
    </header>
  );
}
