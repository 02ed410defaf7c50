import { Dialog } from 'radix-ui';
import { useCallback } from 'react';
import { useNavigate, useParams } from 'react-router';
import { LENSES, lensOf } from '../lenses/index.ts';
import { PIECE_KEYS, useChord, useKeysOf } from '../parts/keys.ts';
import { STAGES } from '../parts/stages.ts';
import { redone, undone } from '../state/documentSlice.ts';
import { dialogOpened } from '../state/sessionSlice.ts';
import { store, useAppDispatch, useAppSelector } from '../state/store.ts';

/** The stages that can be entered, by their digit. */
const ENTERED = STAGES.filter(({ stage }) => LENSES.some((lens) => lens.stage === stage));
const DIGITS = ENTERED.map(({ key }) => key);

/** Keys that work everywhere in a piece. */
export function useKeys(): void {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { id } = useParams();
  useChord(
    'mod+z, mod+shift+z, mod+y',
    useCallback(
      (event) => dispatch(event.shiftKey || event.key.toLowerCase() === 'y' ? redone() : undone()),
      [dispatch],
    ),
  );
  useKeysOf(
    DIGITS,
    useCallback(
      (digit) => {
        const to = ENTERED.find(({ key }) => key === digit);
        if (to) navigate(`/piece/${id}/${to.stage}`);
      },
      [navigate, id],
    ),
  );
  useKeysOf(
    ['/'],
    useCallback(() => document.getElementById('converter')?.focus(), []),
  );
  useKeysOf(
    ['n'],
    useCallback(() => {
      if (!store.getState().document.readOnly) dispatch(dialogOpened('add-part'));
    }, [dispatch]),
  );
  useKeysOf(
    ['?'],
    useCallback(() => dispatch(dialogOpened('keys')), [dispatch]),
  );
}

/** The list of keys, those of the present lens last. */
export function KeysDialog() {
  const dispatch = useAppDispatch();
  const isOpen = useAppSelector((state) => state.session.dialog === 'keys');
  const { lens = '' } = useParams();
  return (
    <Dialog.Root open={isOpen} onOpenChange={(open) => !open && dispatch(dialogOpened(null))}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          className="fixed left-1/2 top-1/2 z-50 w-[min(30rem,94vw)] -translate-x-1/2 -translate-y-1/2 border border-ink bg-paper p-5"
          aria-describedby={undefined}
        >
          <Dialog.Title className="font-semibold">Keys</Dialog.Title>
          <dl className="mt-2">
            {[...PIECE_KEYS, ...(lensOf(lens)?.keys ?? [])].map(([key, says]) => (
              <div key={key} className="flex gap-3 border-b border-hair py-1">
                <dt className="figure w-44 shrink-0">{key}</dt>
                <dd>{says}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="press mt-4">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
