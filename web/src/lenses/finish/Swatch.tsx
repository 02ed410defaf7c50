import { LIES, type Lie, type Look } from '@every-inch/core/finish';

const SAYS: Readonly<Record<Lie, string>> = {
  deep: 'in the folds',
  flat: 'on the flat',
  raised: 'on the edges',
};

/** How a surface looks where it is deep, flat and raised, side by side. */
export function Swatch({ look, says }: { readonly look: Look; readonly says: string }) {
  return (
    <span
      role="img"
      aria-label={`${says}: ${LIES.map((lie) => `${look[lie]} ${SAYS[lie]}`).join(', ')}`}
      title={LIES.map((lie) => `${SAYS[lie]} ${look[lie]}`).join('\n')}
      className="inline-flex h-6 w-15 shrink-0 overflow-hidden border border-hair align-middle"
    >
      {LIES.map((lie) => (
        <span key={lie} aria-hidden className="flex-1" style={{ background: look[lie] }} />
      ))}
    </span>
  );
}
