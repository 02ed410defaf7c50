import type { Route } from '@every-inch/core/piece';
import { followed, RouteEditError, RouteLoopError } from '@every-inch/core/route';
import { useCallback } from 'react';
import { toast } from 'sonner';
import { useRouteFacts } from '../spine/hooks.ts';
import { edit, store, useAppDispatch } from '../state/store.ts';

/**
 * Changes the route as one step that can be undone; the proposed one becomes the maker’s own by it. What is refused is said. A
 * third word names the field when typing on in it is one step.
 */
export function useRouteEdit(): (
  label: string,
  change: (route: Route) => Route,
  merge?: string | null,
) => void {
  const dispatch = useAppDispatch();
  const { proposed } = useRouteFacts();
  return useCallback(
    (label, change, merge = null) => {
      try {
        // Of the route as it is by now, and worked out before it is dispatched: what is refused changes nothing.
        const own = store.getState().document.piece?.route;
        const next = change(own ? followed(own, proposed) : proposed);
        dispatch(edit(label, (piece) => ({ ...piece, route: next }), merge));
      } catch (error) {
        if (!(error instanceof RouteLoopError || error instanceof RouteEditError)) throw error;
        toast.error(`${error.message}.`);
      }
    },
    [dispatch, proposed],
  );
}
