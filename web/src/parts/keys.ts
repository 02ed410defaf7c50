import { useHotkeys } from 'react-hotkeys-hook';
import { store } from '../state/store.ts';

/** Keys that work everywhere in a piece, as the list of keys says them; those of a lens stand in its manifest. */
export const PIECE_KEYS: readonly (readonly [key: string, says: string])[] = [
  ['1 … 9, 0', 'go to a stage'],
  ['/', 'convert a length; = keeps it on the part'],
  ['[ ]', 'the section before, the next section'],
  ['F', 'the drawing fills the middle, and back beside its fields'],
  ['N', 'add a part'],
  ['↑ ↓', 'go through the parts, in the tray'],
  ['Alt ↑ ↓', 'move the part'],
  ['Alt → ←', 'hang the part on the one above; let it stand alone'],
  ['Delete', 'remove the part, in the tray'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['Escape', 'leave a field as it was; close'],
  ['?', 'these keys'],
];

/** What stands between the keys of a list: none of the keys themselves. */
const BETWEEN = ' ';

/**
 * Runs something on one of some keys, by what is printed on it; not while a field is being typed in, a dialog is open or a
 * modifier other than Shift is held.
 *
 * @param keys such as `['j']` or `['+', '-']`
 */
export function useKeysOf(keys: readonly string[], run: (key: string) => void): void {
  useHotkeys(
    keys.join(BETWEEN),
    (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey || store.getState().session.dialog !== null) return;
      event.preventDefault();
      run(event.key.toLowerCase());
    },
    { useKey: true, ignoreModifiers: true, delimiter: BETWEEN, splitKey: 'with' },
    [run, keys.join(BETWEEN)],
  );
}

/** Runs something on a key of one lens. */
export function useLensKey(key: string, run: () => void): void {
  useKeysOf([key], run);
}

/** Runs something on a chord such as `mod+z`, also while a field is being typed in. */
export function useChord(chord: string, run: (event: KeyboardEvent) => void): void {
  useHotkeys(chord, run, { enableOnFormTags: true, enableOnContentEditable: true, preventDefault: true }, [
    run,
  ]);
}
