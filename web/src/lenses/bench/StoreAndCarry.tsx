import { Stretch } from '../../parts/LensLayout.tsx';
import { useAsk } from '../../spine/hooks.ts';
import { useOpenPiece } from '../../state/store.ts';

const NOTHING_MORE = {};
/** Purposes for which it goes through other people’s hands. */
const HANDED: readonly string[] = ['handled', 'worn', 'given'];

/** What breaks first, how it is carried, and whom to keep it from. */
export function StoreAndCarry() {
  const { parts, brief } = useOpenPiece();
  const carry = useAsk('bench.carry', NOTHING_MORE);
  if (!carry || parts.length === 0) return null;
  const { fragile, swallowed, magnets, forChildren, heldBy } = carry;
  const nameOf = (id: string) => parts.find((part) => part.id === id)?.name ?? id;
  const isHanded = forChildren || HANDED.includes(brief.purpose);
  return (
    <Stretch title="To store and carry">
      <ul className="space-y-1 text-[13px]">
        {fragile.map(({ part, says }) => (
          <li key={part}>
            <span className="font-medium">{nameOf(part)}</span> <span className="text-tight">{says}</span>
          </li>
        ))}
        <li className="text-quiet">
          {heldBy === 'base' ? 'Carry it by its base' : 'Carry it on a board'}; stand it in a box that it
          cannot touch, no wrap round what is thin. Dry, out of the sun, on paper or glass: clay softens
          varnish and some plastics it lies on.
        </li>
        {swallowed.length > 0 && isHanded && (
          <li className={forChildren ? 'text-wont' : 'text-tight'}>
            Small enough to be swallowed if it comes off: {swallowed.map(nameOf).join(', ')}. Not for children
            under three, nor for pets.
          </li>
        )}
        {magnets && (
          <li className={forChildren ? 'text-wont' : 'text-tight'}>
            Magnets: two that are swallowed injure. Shut them in for good, and keep them from children.
          </li>
        )}
      </ul>
    </Stretch>
  );
}
