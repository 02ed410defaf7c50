import { Dialog } from 'radix-ui';
import { useLayoutEffect } from 'react';
import { useNavigate, useParams } from 'react-router';
import { redone, undone } from '../state/documentSlice.ts';
import { dialogOpened } from '../state/sessionSlice.ts';
import { store, useAppDispatch, useAppSelector } from '../state/store.ts';
import { STAGES } from './stages.ts';

const KEYS: readonly (readonly [string, string])[] = [
  ['1 … 9, 0', 'go to a stage'],
  ['/', 'convert a length; = keeps it on the part'],
  ['N', 'add a part'],
  ['↑ ↓', 'go through the parts, in the tray'],
  ['Alt ↑ ↓', 'move the part'],
  ['Alt → ←', 'hang the part on the one above; let it stand alone'],
  ['Delete', 'remove the part, in the tray'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['Escape', 'leave a field as it was; close'],
  ['?', 'these keys'],
];
const LENS_KEYS: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  size: [
    ['V', 'see the part in space, and back; there, arrows turn it'],
    ['O', 'measure off a picture, and back; there, arrows and Enter set spots'],
    ['J', 'pose the part by pulling its joints, and back'],
    ['+ −', 'the line-up closer and further; focused, arrows move along it'],
    ['Tab', 'on through the measure table; Enter takes a length'],
  ],
  bones: [['J', 'pose the part by pulling its joints, and back']],
  bulk: [['T', 'the thickness of the clay everywhere, and back to the section']],
  bench: [['P', 'save the bench sheet as PDF']],
  log: [
    ['B', 'record a bake'],
    ['M', 'record a measure'],
  ],
};

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}

/** Keys that work everywhere in a piece. */
export function useKeys(): void {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { id } = useParams();
  // As soon as the screen is there its keys are: an effect that ran later would miss a quick hand.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
        event.preventDefault();
        dispatch(event.shiftKey ? redone() : undone());
        return;
      }
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'y') {
        event.preventDefault();
        dispatch(redone());
        return;
      }
      const { document: doc, session } = store.getState();
      if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey || session.dialog) return;
      const stage = STAGES.find(({ key, lens }) => key === event.key && lens);
      if (stage) navigate(`/piece/${id}/${stage.lens}`);
      else if (event.key === '/') {
        event.preventDefault();
        document.getElementById('converter')?.focus();
      } else if (event.key.toLowerCase() === 'n' && !doc.readOnly) {
        event.preventDefault();
        dispatch(dialogOpened('add-part'));
      } else if (event.key === '?') dispatch(dialogOpened('keys'));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [dispatch, navigate, id]);
}

/** Runs something on a key of one lens, unless a field is being typed in. */
export function useLensKey(key: string, run: () => void): void {
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (
        isTyping(event.target) ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        store.getState().session.dialog
      )
        return;
      if (event.key.toLowerCase() !== key) return;
      event.preventDefault();
      run();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [key, run]);
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
            {[...KEYS, ...(LENS_KEYS[lens] ?? [])].map(([key, says]) => (
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
