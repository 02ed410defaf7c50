import { asRibbon, withCorner } from '@every-inch/core/ground';
import { type Cover, type Heap, LIMITS, type Pour, setAt, typedLimits } from '@every-inch/core/piece';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { edit, editAt, useAppDispatch } from '../../state/store.ts';
import type { AreaKind } from './AreaShape.tsx';

const LIES = [
  { value: 'area', says: 'an area' },
  { value: 'ribbon', says: 'a ribbon' },
] as const;

/** Of an area three corners are needed, of a ribbon two. */
const least = ({ ribbonMm }: Heap | Pour | Cover) => (ribbonMm > 0 ? 2 : 3);

/** Where something lies: an area within its corners or a ribbon through them, with a corner more or less. */
export function AreaFields({ kind, area }: { readonly kind: AreaKind; readonly area: Heap | Pour | Cover }) {
  const dispatch = useAppDispatch();
  const path = [kind, area.id];
  const put = (label: string, next: Heap | Pour | Cover) =>
    dispatch(edit(`${label} of ${area.name}`, (piece) => setAt(piece, path, next)));
  const isRibbon = area.ribbonMm > 0;
  return (
    <>
      <Choice
        label="Lies as"
        value={isRibbon ? 'ribbon' : 'area'}
        options={LIES}
        onChoose={(as) => put('outline', asRibbon(area, as === 'ribbon'))}
      />
      {isRibbon && (
        <NumberField
          {...typedLimits(LIMITS.ribbon.ribbonMm)}
          label="Ribbon wide"
          entry={[...path, 'ribbonMm']}
          value={area.ribbonMm}
          after="mm"
          className="w-16"
          onNumber={(mm) => dispatch(editAt(`width of ${area.name}`, [...path, 'ribbonMm'], mm))}
        />
      )}
      <span className="flex items-end gap-x-2">
        <button
          type="button"
          className="press-quiet text-fired"
          aria-label={`a corner more on ${area.name}`}
          onClick={() => put('corner more', withCorner(area))}
        >
          + corner
        </button>
        {area.points.length > least(area) && (
          <button
            type="button"
            className="press-quiet text-fired"
            aria-label={`the last corner off ${area.name}`}
            onClick={() => put('corner less', { ...area, points: area.points.slice(0, -1) })}
          >
            − corner
          </button>
        )}
      </span>
    </>
  );
}
