import { withMeasure } from '@every-inch/core/form';
import { resolveScale, toMiniature, toReal } from '@every-inch/core/scale';
import {
  formatInchFraction,
  formatMiniMm,
  formatRealFeet,
  formatRealMetric,
  miniMm,
  parseLength,
  realMm,
} from '@every-inch/core/units';
import { useRef, useState } from 'react';
import { toast } from 'sonner';
import { factsOnce, useFigures } from '../spine/hooks.ts';
import { editAt, selectPart, useAppDispatch, useAppSelector, useOfPiece } from '../state/store.ts';

/** Which way a length is read. */
type Way = 'life' | 'miniature';

/** Real ↔ miniature at the piece’s scale; `=` keeps the length as the selected part’s first measure. */
export function Converter() {
  const dispatch = useAppDispatch();
  const scale = resolveScale(useOfPiece((piece) => piece.scale));
  const part = useAppSelector(selectPart);
  const shape = useFigures((store) => store.shapes.get(part?.id ?? ''));
  const [typed, setTyped] = useState('');
  const [way, setWay] = useState<Way>('life');
  const field = useRef<HTMLInputElement>(null);
  const reading = typed.trim() === '' ? null : parseLength(typed, { unit: 'mm' });
  const life = reading?.ok
    ? way === 'life'
      ? realMm(reading.lengthMm)
      : toReal(miniMm(reading.lengthMm), scale)
    : null;
  const mini = life === null ? null : toMiniature(life, scale);

  const keep = async (): Promise<void> => {
    // A length typed at once on opening does not wait for the screen.
    const measures = shape?.measures ?? (part && (await factsOnce()).get(part.id)?.shape.measures);
    const measure = measures?.find(({ field: name }) => name !== null);
    if (life === null || mini === null || !part || !measure?.field) return;
    const lengthMm = part.sized === 'life' ? life : mini;
    dispatch(
      editAt(
        `${measure.title} of ${part.name}`,
        ['parts', part.id, 'form'],
        withMeasure(part.form, measure.field, lengthMm),
      ),
    );
    toast(`Kept as ${part.name}: ${measure.title.toLowerCase()}, ${formatRealMetric(life)}`);
  };

  const shown =
    life === null || mini === null
      ? null
      : way === 'life'
        ? `${formatMiniMm(mini)} mm · ${formatInchFraction(mini).text} in`
        : `${formatRealMetric(life)} · ${formatRealFeet(life)}`;
  return (
    <div className="relative flex min-w-0 items-baseline border-b border-ink">
      <button
        type="button"
        className="press-quiet text-[12.5px] text-quiet"
        title="Turn the converter round"
        onClick={() => {
          setWay(way === 'life' ? 'miniature' : 'life');
          field.current?.focus();
        }}
      >
        {way === 'life' ? 'in life' : 'miniature'}
      </button>
      <input
        ref={field}
        id="converter"
        aria-label={
          way === 'life' ? 'Length in life, to convert to miniature' : 'Miniature length, to convert to life'
        }
        aria-invalid={reading?.ok === false}
        aria-describedby="converter-says"
        className="figure w-36 bg-transparent px-1 py-1 outline-offset-0"
        placeholder={`5' 9" or 146 mm`}
        autoComplete="off"
        spellCheck={false}
        value={typed}
        onChange={(event) => setTyped(event.currentTarget.value.replace(/=$/, ''))}
        onKeyDown={(event) => {
          if (event.key === '=' || event.key === 'Enter') {
            event.preventDefault();
            void keep();
          }
          if (event.key === 'Escape') {
            setTyped('');
            event.currentTarget.blur();
          }
        }}
      />
      <output id="converter-says" className="figure min-w-0 flex-1 truncate pr-1 text-right text-fired">
        {shown ? `→ ${shown}` : <span className="text-[12px] text-quiet">/ to type, = keeps it</span>}
      </output>
      {reading && !reading.ok && (
        <p
          role="alert"
          className="absolute right-0 top-full z-40 w-80 border border-wont bg-paper p-2 text-[13px] text-wont"
        >
          {reading.error.message}
        </p>
      )}
    </div>
  );
}
