import { BEGUN_MM } from '@every-inch/core/described';
import { chiefLength, type Form, findStarts, type Start, scaledForm } from '@every-inch/core/form';
import {
  addPart,
  DEFAULT_CORE,
  DEFAULT_PART,
  freeName,
  newId,
  type Part,
  type PartId,
  type Piece,
} from '@every-inch/core/piece';
import { resolveScale } from '@every-inch/core/scale';
import { formatMiniMm, miniMm, realMm } from '@every-inch/core/units';
import { Dialog } from 'radix-ui';
import { type KeyboardEvent, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useLifeFormat } from '../parts/lengths.ts';
import { dialogOpened, selected } from '../state/sessionSlice.ts';
import { edit, selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../state/store.ts';
import { IntakeError, bringIn as takeIn } from '../workers/intake.ts';
import { FromPiece } from './FromPiece.tsx';

/** Largest file of a solid that is read, bytes: 4 million triangles of binary STL. */
const LARGEST_MESH = 200 * 1024 * 1024;

function madePart(piece: Piece, name: string, start: Pick<Start, 'title' | 'form'>): Part {
  const [clay] = piece.clays;
  const names = piece.parts.map((part) => part.name);
  const usual = names.includes(start.title) ? freeName(start.title, names) : start.title;
  const called = name.trim() === '' ? usual : name.trim();
  return {
    ...DEFAULT_PART,
    core: DEFAULT_CORE,
    bounds: [],
    mix: clay ? [{ clay: clay.id, parts: 1 }] : [],
    id: newId<PartId>(called),
    name: called,
    form: start.form,
  };
}

interface StartRowProps {
  readonly start: Start;
  readonly isChosen: boolean;
  readonly ratio: number;
  readonly isOpen: boolean;
  readonly onChoose: (start: Start) => void;
  readonly onTake: (start: Start) => void;
}

function StartRow({ start, isChosen, ratio, isOpen, onChoose, onTake }: StartRowProps) {
  const format = useLifeFormat();
  const length = chiefLength(start.form);
  const option = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isChosen) option.current?.scrollIntoView({ block: 'nearest' });
  }, [isChosen]);
  return (
    // The keys live in the field above, which names this option as the active one.
    // biome-ignore lint/a11y/useKeyWithClickEvents: the combobox handles the keys
    <div
      ref={option}
      id={`start-${start.id}`}
      role="option"
      tabIndex={-1}
      aria-selected={isChosen}
      className="flex min-h-8 cursor-pointer items-baseline gap-2.5 px-1.5 py-1 aria-selected:bg-panel aria-selected:text-fired"
      onClick={() => onChoose(start)}
      onDoubleClick={() => onTake(start)}
    >
      <span className="min-w-0 flex-1">{start.title}</span>
      <span className="figure text-quiet">{format(realMm(length))}</span>
      <span className="figure w-24 text-right">
        {formatMiniMm(miniMm(isOpen ? BEGUN_MM : length / ratio))} mm
      </span>
    </div>
  );
}

/** Nothing, until the list has been drawn: the field can be typed in at once. */
const NO_STARTS: readonly Start[] = [];

interface StartListProps {
  readonly starts: readonly Start[];
  readonly chosen: Start | undefined;
  readonly ratio: number;
  readonly isOpen: boolean;
  readonly onChoose: (start: Start) => void;
  readonly onTake: (start: Start) => void;
}

function StartList({ starts, chosen, ...row }: StartListProps) {
  return (
    <div
      id="starts"
      role="listbox"
      aria-label="Things to start from"
      tabIndex={-1}
      className="mt-2 h-[min(22rem,45vh)] overflow-y-auto border-y border-hair"
    >
      {starts.map((start, i) => (
        <div key={start.id}>
          {start.group !== starts[i - 1]?.group && (
            <p aria-hidden className="heading px-1.5 pt-2">
              {start.group}
            </p>
          )}
          <StartRow start={start} isChosen={start === chosen} {...row} />
        </div>
      ))}
    </div>
  );
}

/** The dialog’s content; made anew each time it opens. */
function AddPartForm({ onClose }: { readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const after = useAppSelector(selectPart);
  const piece = useOpenPiece();
  const [question, setQuestion] = useState('');
  const [name, setName] = useState('');
  const [chosenId, setChosenId] = useState<string | null>(null);
  const { ratio, label, isOpen } = resolveScale(piece.scale);
  const { starts, isGuess } = useMemo(() => findStarts(question), [question]);
  const shown = useDeferredValue(starts, NO_STARTS);
  const chosen = starts.find(({ id }) => id === chosenId) ?? starts[0];
  const picker = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  /** A file that is out of proportion, and is taken only if that is meant. */
  const [asked, setAsked] = useState<File | null>(null);
  const add = (start: Pick<Start, 'title' | 'form'> | undefined = chosen, over: Partial<Part> = {}): void => {
    if (!start) return;
    // Without a scale a thing begins as large as a hand makes it.
    const bench = isOpen && over.sized === undefined;
    const form = bench ? scaledForm(start.form, BEGUN_MM / chiefLength(start.form)) : start.form;
    const part = {
      ...madePart(piece, name, { title: start.title, form }),
      ...(bench ? { sized: 'miniature' as const } : {}),
      ...over,
    };
    dispatch(
      edit(`add ${part.name}`, (old) => addPart(old, part, after?.parent ? null : (after?.id ?? null))),
    );
    dispatch(selected(part.id));
    onClose();
    navigate(`/piece/${piece.id}/size`);
  };
  const bringIn = async (file: File, evenSo = false): Promise<void> => {
    setFault(null);
    setAsked(null);
    if (file.size > LARGEST_MESH) {
      setFault(
        `“${file.name}” has ${Math.round(file.size / 1048576)} MB; at most ${LARGEST_MESH / 1048576} MB are read. Reduce it first.`,
      );
      return;
    }
    const bytes = new Uint8Array(await file.arrayBuffer());
    let form: Form;
    try {
      ({ form } = await takeIn('mesh', { name: file.name, bytes, evenSo }));
    } catch (error) {
      setFault(`“${file.name}”: ${error instanceof Error ? error.message : String(error)}`);
      if (error instanceof IntakeError && error.code === 'mesh.astray') setAsked(file);
      return;
    }
    // A solid from a file is most often drawn at the size of the clay.
    add({ title: file.name.replace(/\.[^.]+$/, ''), form }, { sized: 'miniature' });
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (!step || !chosen) return;
    event.preventDefault();
    setChosenId(starts[starts.indexOf(chosen) + step]?.id ?? chosen.id);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <label className="heading mt-3 block" htmlFor="part-what">
        What is it?
      </label>
      <input
        id="part-what"
        role="combobox"
        aria-expanded
        aria-controls="starts"
        aria-activedescendant={chosen && shown.includes(chosen) ? `start-${chosen.id}` : undefined}
        className="field w-full"
        placeholder="horse, mug, barrel, child …"
        autoComplete="off"
        value={question}
        onChange={(event) => {
          setQuestion(event.currentTarget.value);
          setChosenId(null);
        }}
        onKeyDown={onKeyDown}
      />
      <p className="sr-only" role="status">
        {starts.length} things
      </p>
      {isGuess && (
        <p className="mt-1 text-[13px] text-quiet">
          Nothing is called that; these come nearest. Its outline can be drawn at Size.
        </p>
      )}
      <p className="mt-2 flex justify-end gap-2.5 px-1.5 text-[12.5px] text-quiet">
        <span>in life</span>
        <span className="w-24 text-right">{isOpen ? 'on the bench' : `at ${label}`}</span>
      </p>
      <StartList
        starts={shown}
        chosen={chosen}
        ratio={ratio}
        isOpen={isOpen}
        onChoose={({ id }) => setChosenId(id)}
        onTake={add}
      />
      <label className="heading mt-3 block" htmlFor="part-name">
        Name
      </label>
      <input
        id="part-name"
        className="field w-full"
        value={name}
        maxLength={200}
        placeholder={chosen?.title}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      {fault && (
        <p role="alert" className="mt-3 border border-wont p-2 text-wont">
          {fault}
          {asked && (
            <button
              type="button"
              className="press-quiet ml-2 text-fired"
              onClick={() => void bringIn(asked, true)}
            >
              Bring it in even so
            </button>
          )}
        </p>
      )}
      <FromPiece onClose={onClose} />
      <div className="mt-4 flex items-baseline justify-end gap-2">
        <button
          type="button"
          className="press-quiet mr-auto text-fired"
          onClick={() => picker.current?.click()}
        >
          Bring in a solid (STL, OBJ)
        </button>
        <input
          ref={picker}
          type="file"
          aria-label="Solid to bring in"
          tabIndex={-1}
          accept=".stl,.obj"
          className="sr-only"
          onChange={(event) => {
            const [file] = event.currentTarget.files ?? [];
            event.currentTarget.value = '';
            if (file) void bringIn(file);
          }}
        />
        <button type="button" className="press-quiet" onClick={onClose}>
          Cancel
        </button>
        <button type="submit" className="press" disabled={!chosen}>
          Add it
        </button>
      </div>
    </form>
  );
}

/** Adds a part: a named thing to start from and a name, both reachable without a mouse. */
export function AddPart() {
  const dispatch = useAppDispatch();
  const isOpen = useAppSelector((state) => state.session.dialog === 'add-part');
  const close = (): void => {
    dispatch(dialogOpened(null));
  };
  return (
    <Dialog.Root open={isOpen} onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          className="fixed left-1/2 top-1/2 z-50 max-h-[96vh] w-[min(34rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-ink bg-paper p-5"
          aria-describedby={undefined}
        >
          <Dialog.Title className="font-semibold">Add a part</Dialog.Title>
          <AddPartForm onClose={close} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
