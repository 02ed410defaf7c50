import type { DocumentPath } from '@every-inch/core/reckoning';
import { createContext, useCallback, useContext, useEffect } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { selected } from '../state/sessionSlice.ts';
import { useAppDispatch, useOfPiece } from '../state/store.ts';
import { type LensManifest, stageOfEntry } from './lens.ts';

/** The lenses that there are, for what leads to them. */
export const LensesContext = createContext<readonly LensManifest[]>([]);

/** Leads to the field that makes an entry: its stage, its part, and the field itself. */
export function useOpenEntry(): (path: DocumentPath) => void {
  const lenses = useContext(LensesContext);
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const id = useOfPiece((piece) => piece.id);
  const parts = useOfPiece((piece) => piece.parts);
  return useCallback(
    (path) => {
      if (path[0] === 'parts' && parts.some((part) => part.id === path[1]))
        dispatch(selected(path[1] ?? null));
      const stage = stageOfEntry(lenses, path) ?? 'brief';
      navigate(`/piece/${id}/${stage}`, { state: { entry: path.join('/') } });
    },
    [lenses, navigate, dispatch, id, parts],
  );
}

/** The path that was led to, as long as it is the reason for being here. */
export function useWantedEntry(): string | null {
  const { state } = useLocation();
  return typeof state?.entry === 'string' ? state.entry : null;
}

/** So long a field is waited for: its lens may still be on its way, ms. */
const WAIT = 4000;
const LOOK_EVERY = 60;

/** The element that makes an entry: the one whose mark it is, or that is nearest above or below it. */
export function fieldOf(entry: string, root: ParentNode = document): HTMLElement | null {
  const marked = [...root.querySelectorAll<HTMLElement>('[data-entry]')];
  const exact = marked.find((one) => one.dataset.entry === entry);
  if (exact) return exact;
  const nearness = ({ dataset: { entry: mark = '' } }: HTMLElement): number => {
    if (entry.startsWith(`${mark}/`)) return mark.length;
    return mark.startsWith(`${entry}/`) ? entry.length : 0;
  };
  const best = marked.reduce<HTMLElement | null>(
    (a, b) => (nearness(b) > (a ? nearness(a) : 0) ? b : a),
    null,
  );
  return best;
}

/** Brings the field that was led to into sight and puts the cursor in it. */
export function useArrival(): void {
  const entry = useWantedEntry();
  const { key } = useLocation();
  // biome-ignore lint/correctness/useExhaustiveDependencies: led to the same field again, it is looked for again
  useEffect(() => {
    if (!entry) return undefined;
    const since = performance.now();
    const timer = setInterval(() => {
      const field = fieldOf(entry);
      const isLate = performance.now() - since > WAIT;
      if (!field && !isLate) return;
      clearInterval(timer);
      if (!field) return;
      field.closest('details')?.setAttribute('open', '');
      field.scrollIntoView({ block: 'center' });
      field.focus({ preventScroll: true });
    }, LOOK_EVERY);
    return () => clearInterval(timer);
  }, [entry, key]);
}
