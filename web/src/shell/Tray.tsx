import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { movePart, partDepths } from '@every-inch/core/piece';
import { ChevronDown } from 'lucide-react';
import { useMemo, useState } from 'react';
import { WindowList } from '../parts/WindowList.tsx';
import { dialogOpened } from '../state/sessionSlice.ts';
import { edit, selectPart, useAppDispatch, useAppSelector, useOfPiece } from '../state/store.ts';
import { SayPart } from './SayPart.tsx';
import { TrayLinks } from './TrayLinks.tsx';
import { SortableRow, TrayRow } from './TrayRow.tsx';

/** More rows than this are moved by keyboard alone, and only those in sight are drawn. */
const MOST_DRAGGED = 300;
/** Height of a row before it is measured, px. */
const ROW_HEIGHT = 42;

function DraggedRows() {
  const dispatch = useAppDispatch();
  const parts = useOfPiece((piece) => piece.parts);
  const depths = useMemo(() => partDepths({ parts }), [parts]);
  const hasFits = useOfPiece((piece) => piece.fits.length > 0);
  const [list, setList] = useState<HTMLUListElement | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return;
    const from = parts.findIndex(({ id }) => id === active.id);
    const to = parts.findIndex(({ id }) => id === over.id);
    const [moved, target] = [parts[from], parts[to]];
    if (!moved || !target) return;
    const before = from < to ? (parts[to + 1] ?? null) : target;
    dispatch(edit(`move ${moved.name}`, (old) => movePart(old, moved.id, before?.id ?? null, target.parent)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={parts.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
        <ul ref={setList} className="relative">
          {parts.map((part) => (
            <SortableRow key={part.id} part={part} depth={depths.get(part.id) ?? 0} />
          ))}
          <li aria-hidden={!hasFits} className="list-none">
            <TrayLinks list={list} />
          </li>
        </ul>
      </SortableContext>
    </DndContext>
  );
}

/** The rows in sight of a very long tray. */
function WindowRows({ scroller }: { readonly scroller: HTMLElement | null }) {
  const parts = useOfPiece((piece) => piece.parts);
  const depths = useMemo(() => partDepths({ parts }), [parts]);
  const selectedId = useAppSelector((state) => selectPart(state)?.id);
  return (
    <WindowList
      count={parts.length}
      keyOf={(i) => parts[i]?.id ?? i}
      rowHeight={ROW_HEIGHT}
      scroller={scroller}
      inSight={parts.findIndex(({ id }) => id === selectedId)}
      row={(index, measure) => {
        const part = parts[index];
        return (
          part && (
            <TrayRow
              key={part.id}
              part={part}
              depth={depths.get(part.id) ?? 0}
              measure={measure}
              index={index}
            />
          )
        );
      }}
    />
  );
}

/** Every part, with its miniature height on one logarithmic rule. */
export function Tray() {
  const dispatch = useAppDispatch();
  const count = useOfPiece((piece) => piece.parts.length);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const part = useAppSelector(selectPart);
  // On a phone an empty piece begins with its one line open.
  const [isOpen, setIsOpen] = useState(count === 0);
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  return (
    <section
      aria-label="Parts"
      className="flex min-h-0 flex-col border-r border-hair max-md:border-r-0 max-md:border-b"
    >
      <h2 className="heading px-3.5 pt-3 pb-1.5 max-md:py-0">
        <span className="max-md:hidden">Parts</span>
        <button
          type="button"
          className="flex min-h-11 w-full items-center gap-2 text-left md:hidden"
          aria-expanded={isOpen}
          onClick={() => setIsOpen(!isOpen)}
        >
          <ChevronDown aria-hidden className={`size-4 ${isOpen ? 'rotate-180' : ''}`} />
          Parts
          <span className="min-w-0 flex-1 truncate text-ink">{part?.name}</span>
        </button>
      </h2>
      <div
        ref={setScroller}
        className={`min-h-0 flex-1 overflow-y-auto max-md:max-h-[60vh] ${isOpen ? '' : 'max-md:hidden'}`}
      >
        {count <= MOST_DRAGGED ? <DraggedRows /> : <WindowRows scroller={scroller} />}
        {count === 0 && <p className="px-3.5 text-quiet">No parts yet: say one, or press N for the list.</p>}
        <SayPart />
        <button
          type="button"
          className="press-quiet mx-2 my-2 text-fired"
          disabled={readOnly}
          onClick={() => dispatch(dialogOpened('add-part'))}
        >
          + Add a part <kbd className="figure text-[11px] text-quiet">N</kbd>
        </button>
      </div>
    </section>
  );
}
