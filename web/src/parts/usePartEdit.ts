import type { Part } from '@every-inch/core/piece';
import { editAt, useAppDispatch } from '../state/store.ts';

/** Sets a field of a part by its path, as one step that is undone under its label. */
export function usePartEdit(part: Part) {
  const dispatch = useAppDispatch();
  return (field: string, value: unknown, label: string) =>
    dispatch(editAt(`${label} of ${part.name}`, ['parts', part.id, ...field.split('.')], value));
}
