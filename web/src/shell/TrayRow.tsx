import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { duplicatePart, movePart, type Part, type Piece, removePart } from '@every-inch/core/piece';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { Copy, CornerDownRight, GripVertical, Trash2 } from 'lucide-react';
import { type KeyboardEvent, memo } from 'react';
import { toast } from 'sonner';
import { HeedMark } from '../parts/HeedMark.tsx';
import { useCount, useFigure, usePartHeed } from '../spine/hooks.ts';
import { undone } from '../state/documentSlice.ts';
import { selected } from '../state/sessionSlice.ts';
import { edit, selectPart, store, useAppDispatch, useAppSelector } from '../state/store.ts';
import { onLogRule } from './logRule.ts';

function LogBar({
  heightMm,
  isSelected,
}: {
  readonly heightMm: number | null;
  readonly isSelected: boolean;
}) {
  return (
    <svg aria-hidden viewBox="0 0 126 8" preserveAspectRatio="none" className="mt-0.5 h-2 w-full">
      <line x1={0} x2={126} y1={5} y2={5} className="draw-hair" vectorEffect="non-scaling-stroke" />
      {[10, 100, 1000].map((mm) => (
        <line
          key={mm}
          x1={126 * onLogRule(mm)}
          x2={126 * onLogRule(mm)}
          y1={2}
          y2={8}
          className="draw-hair"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {heightMm !== null && (
        <line
          x1={0}
          x2={126 * onLogRule(heightMm)}
          y1={5}
          y2={5}
          stroke={isSelected ? 'var(--fired)' : 'var(--wire)'}
          strokeWidth={3}
          vectorEffect="non-scaling-stroke"
        />
      )}
    </svg>
  );
}

function usePartKeys(part: Part) {
  const dispatch = useAppDispatch();
  const focusPart = (id: string | undefined) => {
    if (!id) return;
    dispatch(selected(id));
    document.getElementById(`tray-${id}`)?.focus();
  };
  const move = (before: Part | null, parent: Part['parent'], label: string) =>
    dispatch(edit(label, (old) => movePart(old, part.id, before?.id ?? null, parent)));
  const moveOn = ({ parts }: Piece, key: string): boolean => {
    const siblings = parts.filter(({ parent }) => parent === part.parent);
    const place = siblings.indexOf(part);
    const above = siblings[place - 1];
    const parent = parts.find(({ id }) => id === part.parent);
    if (key === 'ArrowUp' && above) move(above, part.parent, `move ${part.name} up`);
    else if (key === 'ArrowDown' && siblings[place + 1])
      move(siblings[place + 2] ?? null, part.parent, `move ${part.name} down`);
    else if (key === 'ArrowRight' && above)
      move(siblings[place + 1] ?? null, above.id, `hang ${part.name} on ${above.name}`);
    else if (key === 'ArrowLeft' && parent) move(null, parent.parent, `let ${part.name} stand alone`);
    return key.startsWith('Arrow');
  };
  // The piece is read when a key is pressed: a row that followed it would be drawn again at every change of any part.
  return (event: KeyboardEvent): void => {
    const { piece } = store.getState().document;
    if (!piece) return;
    if (event.altKey) {
      if (moveOn(piece, event.key)) event.preventDefault();
      return;
    }
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const at = piece.parts.indexOf(part);
      focusPart(piece.parts[at + (event.key === 'ArrowDown' ? 1 : -1)]?.id);
    }
    if (event.key === 'Delete') removeWithUndo(dispatch, part);
  };
}

function removeWithUndo(dispatch: ReturnType<typeof useAppDispatch>, part: Part): void {
  dispatch(edit(`remove ${part.name}`, (piece) => removePart(piece, part.id)));
  toast(`${part.name} removed`, { action: { label: 'Undo', onClick: () => dispatch(undone()) } });
}

/** What a row needs to be dragged. */
type Drag = ReturnType<typeof useSortable>;

/** Steps of indent that leave room for the name. */
const MOST_INDENTED = 6;

interface RowProps {
  readonly part: Part;
  /** How many parts it hangs below. */
  readonly depth: number;
}

/** What a row of a long tray needs to be placed. */
interface Placed {
  readonly index?: number;
  readonly measure?: (row: HTMLElement | null) => void;
}

/** A row that can also be dragged by its handle. */
export function SortableRow({ part, depth }: RowProps) {
  const readOnly = useAppSelector((state) => state.document.readOnly);
  return <TrayRow part={part} depth={depth} drag={useSortable({ id: part.id, disabled: readOnly })} />;
}

/** A row is drawn again only when what it shows has changed: a piece may have thousands. */
export const TrayRow = memo(function TrayRow({
  part,
  depth,
  drag,
  index,
  measure,
}: RowProps & Placed & { readonly drag?: Drag }) {
  const dispatch = useAppDispatch();
  const isSelected = useAppSelector((state) => selectPart(state)?.id === part.id);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const onKeyDown = usePartKeys(part);
  const heightMm = useFigure(part.id, 'size.height')?.quantity.value ?? null;
  const heed = usePartHeed(part.id);
  const count = useCount(part);
  return (
    <li
      ref={drag?.setNodeRef ?? measure}
      data-index={index}
      style={{
        transform: drag ? CSS.Translate.toString(drag.transform) : undefined,
        transition: drag?.transition,
        paddingLeft: 10 + Math.min(depth, MOST_INDENTED) * 12,
      }}
      className={`group relative border-l-[3px] pr-2 ${isSelected ? 'border-fired bg-panel' : 'border-transparent'}`}
    >
      <button
        id={`tray-${part.id}`}
        type="button"
        aria-pressed={isSelected}
        className="block w-full py-1.5 text-left"
        onClick={() => dispatch(selected(part.id))}
        onKeyDown={onKeyDown}
      >
        <span className="flex items-baseline gap-1">
          {depth > 0 && <CornerDownRight aria-hidden className="size-3 shrink-0 self-center text-quiet" />}
          <span className="min-w-0 flex-1 truncate" title={part.name}>
            {part.name}
            {count > 1 && <span className="text-quiet"> × {count}</span>}
          </span>
          <span className="sr-only">,</span>
          <HeedMark heed={heed} />
          <span className="figure text-quiet">
            {heightMm === null ? '–' : formatMiniMm(miniMm(heightMm))}
          </span>
        </span>
        <LogBar heightMm={heightMm} isSelected={isSelected} />
      </button>
      {isSelected && !readOnly && (
        <div className="-mt-0.5 flex justify-end gap-0.5 pb-1 text-quiet">
          {drag && (
            <button
              type="button"
              {...drag.attributes}
              {...drag.listeners}
              className="mr-auto size-7 cursor-grab touch-none hover:text-ink"
              aria-label={`Drag ${part.name}; by keyboard Alt and arrows`}
            >
              <GripVertical className="mx-auto size-3.5" />
            </button>
          )}
          <button
            type="button"
            className="size-7 hover:text-ink"
            aria-label={`Duplicate ${part.name}`}
            onClick={() => {
              let copy: string | null = null;
              dispatch(
                edit(`duplicate ${part.name}`, (old) => {
                  const made = duplicatePart(old, part.id);
                  copy = made.copy;
                  return made.piece;
                }),
              );
              dispatch(selected(copy));
            }}
          >
            <Copy className="mx-auto size-3.5" />
          </button>
          <button
            type="button"
            className="size-7 hover:text-wont"
            aria-label={`Remove ${part.name}`}
            onClick={() => removeWithUndo(dispatch, part)}
          >
            <Trash2 className="mx-auto size-3.5" />
          </button>
        </div>
      )}
    </li>
  );
});
