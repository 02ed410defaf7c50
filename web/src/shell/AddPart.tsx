import { type FormKind, STARTS } from '@every-inch/core/form';
import {
  addPart,
  DEFAULT_CORE,
  DEFAULT_PART,
  newId,
  type Part,
  type PartId,
  type Piece,
} from '@every-inch/core/piece';
import { resolveScale } from '@every-inch/core/scale';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { dialogOpened, selected } from '../state/sessionSlice.ts';
import { edit, selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../state/store.ts';

function heightAt(kind: FormKind, ratio: number): string {
  const form = STARTS.find((start) => start.kind === kind)?.form;
  if (!form) return '';
  const mm =
    form.kind === 'person'
      ? form.statureMm
      : form.kind === 'ball'
        ? form.diameterMm
        : form.kind === 'rod'
          ? form.lengthMm
          : form.kind === 'ring'
            ? form.acrossMm
            : form.kind === 'turned'
              ? Math.max(...form.profile.map((point) => point.heightMm))
              : form.heightMm;
  return `${formatMiniMm(miniMm(mm / ratio))} mm`;
}

function madePart(piece: Piece, name: string, kind: FormKind): Part | null {
  const start = STARTS.find((one) => one.kind === kind);
  if (!start) return null;
  const [clay] = piece.clays;
  const called = name.trim() === '' ? start.title : name.trim();
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

/** Adds a part: a name and a form to start from, both reachable without a mouse. */
export function AddPart() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const isOpen = useAppSelector((state) => state.session.dialog === 'add-part');
  const after = useAppSelector(selectPart);
  const piece = useOpenPiece();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<FormKind>('person');
  const { ratio, label } = resolveScale(piece.scale);
  const close = (): void => {
    dispatch(dialogOpened(null));
    setName('');
  };
  const add = (): void => {
    const part = madePart(piece, name, kind);
    if (!part) return;
    dispatch(
      edit(`add ${part.name}`, (old) => addPart(old, part, after?.parent ? null : (after?.id ?? null))),
    );
    dispatch(selected(part.id));
    close();
    navigate(`/piece/${piece.id}/size`);
  };
  return (
    <Dialog.Root open={isOpen} onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          className="fixed left-1/2 top-1/2 z-50 max-h-[92vh] w-[min(34rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-ink bg-paper p-5"
          aria-describedby={undefined}
        >
          <Dialog.Title className="font-semibold">Add a part</Dialog.Title>
          <form
            onSubmit={(event) => {
              event.preventDefault();
              add();
            }}
          >
            <label className="heading mt-3 block" htmlFor="part-name">
              Name
            </label>
            <input
              id="part-name"
              className="field w-full"
              value={name}
              maxLength={200}
              placeholder={STARTS.find((start) => start.kind === kind)?.title}
              onChange={(event) => setName(event.currentTarget.value)}
            />
            <fieldset className="mt-3">
              <legend className="heading">Form to start from, in life and at {label}</legend>
              {STARTS.map((start) => (
                <label
                  key={start.kind}
                  className="flex items-baseline gap-2.5 border-b border-hair py-1.5 has-checked:text-fired"
                >
                  <input
                    type="radio"
                    name="kind"
                    value={start.kind}
                    checked={kind === start.kind}
                    onChange={() => setKind(start.kind)}
                  />
                  <span className="w-36">{start.title}</span>
                  <span className="min-w-0 flex-1 text-[13px] text-quiet">{start.says}</span>
                  <span className="figure">{heightAt(start.kind, ratio)}</span>
                </label>
              ))}
            </fieldset>
            <div className="mt-4 flex justify-end gap-2">
              <button type="button" className="press-quiet" onClick={close}>
                Leave it
              </button>
              <button type="submit" className="press">
                Add it
              </button>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
