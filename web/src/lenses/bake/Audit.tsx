import { auditPart } from '@every-inch/core/bake';
import type { PartBulk } from '@every-inch/core/bulk';
import { sourced } from '@every-inch/core/reckoning';
import type { PartContext } from '@every-inch/core/whole';
import { StuffFields } from '../../parts/StuffFields.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useReckoned } from '../../state/derived.ts';
import { editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

interface AuditProps {
  readonly context: PartContext;
  readonly bulk: PartBulk;
}

/** Everything that would go into the oven with a part, and what must not. */
export function Audit({ context, bulk }: AuditProps) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const { book } = useReckoned();
  const { part, own } = context;
  const heat = book.get(`${part.id}/bake.temperature`)?.quantity;
  if (!heat) return null;
  const peakC = (heat.high ?? heat.value) + sourced('oven.swing', own).value;
  const items = auditPart(context, bulk, peakC);
  const hung = piece.parts.filter(
    (one) => one.mix.length === 0 && items.some(({ what }) => what === one.name),
  );
  return (
    <section aria-label="Before the oven" className="mt-6">
      <h3 className="font-semibold">Before {part.name} goes in</h3>
      {items.length === 0 ? (
        <p className="text-quiet">Nothing hangs on it and nothing is let into it.</p>
      ) : (
        <ul>
          {items.map(({ what, level, says, waysOut }) => (
            <li key={`${what} ${says}`} className="border-t border-hair py-1" aria-label={what}>
              <span className="font-medium">{what}</span>
              <VerdictLine verdict={{ level, wording: 'state', says, waysOut }} />
            </li>
          ))}
        </ul>
      )}
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
    </section>
  );
}
