/** A patch of one colour. */
export function ColourPatch({ colour, says }: { readonly colour: string; readonly says: string }) {
  return (
    <span
      role="img"
      aria-label={says}
      title={says}
      className="inline-block h-7 w-12 border border-ink align-middle"
      style={{ background: colour }}
    />
  );
}

/** How a difference of colours is seen (common practice). */
export function apartSays(apart: number): string {
  if (apart < 1) return 'not to be told apart';
  if (apart < 2.5) return 'told apart only side by side';
  return apart < 6 ? 'seen at a glance' : 'another colour';
}
