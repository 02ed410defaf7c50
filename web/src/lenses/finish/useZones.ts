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

/** Changes the layers of a surface; those that were proposed become the maker’s own. */
export function useLayersEdit({ id, name }: Pick<Zone, 'id' | 'name'>) {
  const dispatch = useAppDispatch();
  return useCallback(
    (what: string, layers: readonly CoatLayer[]) =>
      dispatch(edit(`${what}, ${name}`, (piece) => changeZone(piece, id, (zone) => ownLayers(zone, layers)))),
    [dispatch, id, name],
  );
}
