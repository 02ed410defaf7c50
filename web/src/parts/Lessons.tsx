import { lessonsFor } from '@every-inch/core/log';
import { selectPart, useAppSelector, useOfPiece } from '../state/store.ts';
import { Stretch } from './LensLayout.tsx';

/** What was learned at this stage before, the selected part’s first. */
export function Lessons({ lens }: { readonly lens: string }) {
  const log = useOfPiece((piece) => piece.log);
  const parts = useOfPiece((piece) => piece.parts);
  const part = useAppSelector(selectPart);
  const lessons = lessonsFor({ log }, lens, part?.id ?? null);
  if (lessons.length === 0) return null;
  const nameOf = (id: string | null) => parts.find((one) => one.id === id)?.name;
  return (
    <Stretch title="Learned before">
      <ul className="space-y-1.5">
        {lessons.map((entry) => (
          <li key={entry.id} className="border-l-2 border-tight pl-2">
            {entry.lesson}
            <div className="text-[12.5px] text-quiet">
              {[nameOf(entry.part), entry.at.slice(0, 10)].filter(Boolean).join(', ')}
            </div>
          </li>
        ))}
      </ul>
    </Stretch>
  );
}
