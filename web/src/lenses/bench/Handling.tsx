import { Stretch } from '../../parts/LensLayout.tsx';
import { useAsk } from '../../spine/hooks.ts';
import { useOpenPiece } from '../../state/store.ts';

const NOTHING_MORE = {};

/** Where each part is held, what therefore comes last, and what is still bare because fingers were on it. */
export function Handling() {
  const piece = useOpenPiece();
  const rows = useAsk('route.handling', NOTHING_MORE);
  if (!rows || rows.length === 0) return null;
  const nameOf = (id: string) => piece.parts.find((part) => part.id === id)?.name ?? id;
  return (
    <Stretch title="Where it is held">
      <ul className="space-y-1 text-[13px]">
        {rows.map(({ part, held, uncovered }) => (
          <li key={part}>
            <span className="font-medium">{nameOf(part)}</span> <span className="text-quiet">{held}</span>
            {uncovered.length > 0 && (
              <div className="text-tight">
                still bare because you held it: {uncovered.map(({ title }) => title).join(', ')}
              </div>
            )}
          </li>
        ))}
      </ul>
    </Stretch>
  );
}
