import type { Part } from '@every-inch/core/piece';
import { Link } from 'react-router';
import { Section } from '../../parts/Sections.tsx';
import { StuffFields } from '../../parts/StuffFields.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useTold } from '../../spine/hooks.ts';
import { editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

/** Everything that would go into the oven with a part, bake by bake, and what must not. */
export function Audit({ part }: { readonly part: Part }) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const bakes = useTold('bake.audit', part.id) ?? [];
  const named = new Set(bakes.flatMap(({ items }) => items.map(({ what }) => what)));
  const hung = piece.parts.filter((one) => one.mix.length === 0 && named.has(one.name));
  return (
    <Section
      id="audit"
      title="Before the oven"
      says={`Before ${part.name} goes in`}
      edits={['parts.*.stuff', 'parts.*.afterBake']}
    >
      {bakes.length === 0 && (
        <p className="text-quiet">
          No bake of the <RouteLink /> takes it.
        </p>
      )}
      {bakes.map(({ bake, items }) => (
        <div key={bake.step.id} className="mt-2">
          <h4 className="heading">
            {bake.number}. {bake.step.title}
          </h4>
          {items.length === 0 && (
            <p className="text-quiet">Nothing hangs on it and nothing is let into it.</p>
          )}
          <ul>
            {items.map(({ what, level, says, waysOut }) => (
              <li key={`${what} ${says}`} className="border-t border-hair py-1" aria-label={what}>
                <span className="font-medium">{what}</span>
                <VerdictLine verdict={{ level, wording: 'state', says, waysOut }} />
              </li>
            ))}
          </ul>
        </div>
      ))}
      {hung.length > 0 && (
        <div className="mt-2 flex flex-wrap gap-x-6 gap-y-2">
          {hung.map((one) => (
            <StuffFields
              key={one.id}
              name={one.name}
              stuff={one.stuff}
              afterBake={one.afterBake}
              onStuff={(stuff) => dispatch(editAt(`stuff of ${one.name}`, ['parts', one.id, 'stuff'], stuff))}
              onAfter={(afterBake) =>
                dispatch(editAt(`when ${one.name} goes on`, ['parts', one.id, 'afterBake'], afterBake))
              }
            />
          ))}
        </div>
      )}
    </Section>
  );
}

/** Leads to the route. */
function RouteLink() {
  const piece = useOpenPiece();
  return (
    <Link to={`/piece/${piece.id}/bench`} className="text-fired underline underline-offset-2">
      route
    </Link>
  );
}
