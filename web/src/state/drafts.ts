/** Takers of what stands half typed in the fields on screen. */
const open = new Set<() => void>();

/**
 * Names a field that may hold what was typed but not handed over yet.
 *
 * @param settle hands it over
 * @returns how to forget the field
 */
export function draftOpened(settle: () => void): () => void {
  open.add(settle);
  return () => void open.delete(settle);
}

/** Has every field hand over what can be read of it, such as before the page is left or another tab takes over. */
export function settleDrafts(): void {
  for (const settle of open) settle();
}
