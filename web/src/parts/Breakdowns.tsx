import type { Breakdown } from '@every-inch/core/spine';
import { useFigures } from '../spine/hooks.ts';
import { useOfPiece } from '../state/store.ts';
import { useOpenEntry } from './entries.ts';
import { STAGES } from './stages.ts';

function Broken({ breakdown: { part, stage, says } }: { readonly breakdown: Breakdown }) {
  const open = useOpenEntry();
  const name = useOfPiece((piece) => piece.parts.find(({ id }) => id === part)?.name);
  const what = STAGES.find((one) => one.stage === stage)?.name ?? 'Something shown here';
  return (
    <li className="border-t border-hair py-1.5 first:border-t-0">
      <strong>
        {what}
        {name && ` of ${name}`}
      </strong>{' '}
      cannot be worked out: {says}.
      {part !== null && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => open(['parts', part, 'form'])}
        >
          to the entries of {name ?? 'the part'}
        </button>
      )}
    </li>
  );
}

/** What broke down in reckoning, with the way to its entries; nothing while all is well. */
export function Breakdowns() {
  const broken = useFigures((store) => store.broken);
  if (broken.length === 0) return null;
  return (
    <section
      role="alert"
      aria-label="Not worked out"
      className="border-b border-wont px-3.5 py-2 text-[13px]"
    >
      <ul>
        {broken.map((one) => (
          <Broken key={`${one.reckoner} ${one.part}`} breakdown={one} />
        ))}
      </ul>
      <p className="text-quiet">
        Sums are without it. What you typed is kept; undo takes the last change back.
      </p>
    </section>
  );
}
