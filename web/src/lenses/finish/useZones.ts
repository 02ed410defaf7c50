import { changeZone, ownLayers, type ZoneShown } from '@every-inch/core/finish';
import type { CoatLayer, Zone } from '@every-inch/core/piece';
import { useCallback } from 'react';
import { useTold } from '../../spine/hooks.ts';
import { edit, useAppDispatch } from '../../state/store.ts';

const NONE: readonly ZoneShown[] = [];

/** Every surface as it is worked out; empty until it is. */
export function useZones(): readonly ZoneShown[] {
  return useTold('finish.zones', null) ?? NONE;
}

/** Changes layers; what is on screen may be behind, so it is told what there is by then. */
export type LayersEdit = (
  what: string,
  change: (layers: readonly CoatLayer[]) => readonly CoatLayer[],
) => void;

/**
 * Changes the layers of a surface; those that were proposed become the maker’s own.
 *
 * @param proposed the layers as they were proposed, for a surface that has none of its own
 */
export function useLayersEdit(
  { id, name }: Pick<Zone, 'id' | 'name'>,
  proposed: readonly CoatLayer[],
): LayersEdit {
  const dispatch = useAppDispatch();
  return useCallback(
    (what, change) =>
      dispatch(
        edit(`${what}, ${name}`, (piece) =>
          changeZone(piece, id, (zone) => ownLayers(zone, change(zone.isOwn ? zone.layers : proposed))),
        ),
      ),
    [dispatch, id, name, proposed],
  );
}
