import type { Board } from '@every-inch/core/piece';
import { useState } from 'react';
import { NumberField } from '../../parts/NumberField.tsx';
import { asOutline, fromSvg, OutlineFileError } from '../../parts/outlineIn.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';

type Corners = Board['points'];

function extentsOf(points: Corners) {
  const ends = (of: (at: Corners[number]) => number) =>
    points.length === 0
      ? ([0, 0] as const)
      : ([Math.min(...points.map(of)), Math.max(...points.map(of))] as const);
  const [left, right] = ends(({ xMm }) => xMm);
  const [front, back] = ends(({ yMm }) => yMm);
  return { left, right, front, back };
}

/** A drawing’s outline as the edge of a base so wide, its middle at 0. */
function asBase(text: string, widthMm: number): Corners {
  const unit = asOutline(fromSvg(text), 100);
  const { left, right, front, back } = extentsOf(unit);
  const by = widthMm / (right - left);
  const tenth = (mm: number) => Math.round(mm * 10) / 10;
  return unit.map(({ xMm, yMm }) => ({
    xMm: tenth((xMm - (left + right) / 2) * by),
    yMm: tenth((yMm - (front + back) / 2) * by),
  }));
}

/** A base by its corners, one pair each, or by the outline of an SVG drawing. */
export function DrawnBase({ board }: { readonly board: Board }) {
  const dispatch = useAppDispatch();
  const [fault, setFault] = useState<string | null>(null);
  const set = (points: Corners) => dispatch(editAt('outline of the base', ['board', 'points'], points));
  const { points } = board;
  const { left, right } = extentsOf(points);
  const wide = right - left;
  const at = (i: number, field: 'xMm' | 'yMm', mm: number) =>
    set(points.map((one, k) => (k === i ? { ...one, [field]: mm } : one)));
  const take = async (file: File) => {
    setFault(null);
    try {
      set(asBase(await file.text(), wide > 0 ? wide : board.widthMm));
    } catch (error) {
      if (!(error instanceof OutlineFileError)) throw error;
      setFault(`${file.name}: ${error.message}. The base is as it was.`);
    }
  };
  return (
    <div className="mt-2">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <NumberField
          min={1}
          label="Across, with all its corners"
          value={Math.round(wide * 10) / 10}
          after="mm"
          className="w-20"
          onNumber={(mm) =>
            set(points.map(({ xMm, yMm }) => ({ xMm: (xMm * mm) / wide, yMm: (yMm * mm) / wide })))
          }
        />
        <label className="press-quiet cursor-pointer text-fired focus-within:underline">
          its outline from an SVG drawing
          <input
            type="file"
            accept=".svg,image/svg+xml"
            className="sr-only"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) void take(file);
              target.value = '';
            }}
          />
        </label>
      </div>
      {fault && (
        <p role="alert" className="mt-1 text-wont">
          {fault}
        </p>
      )}
      <details className="mt-1" open={points.length <= 12 || undefined}>
        <summary className="cursor-pointer text-[13px] text-quiet">
          {points.length} corners, miniature mm to the right and to the back of the middle
        </summary>
        <ol className="flex flex-wrap gap-x-4 gap-y-1">
          {points.map((point, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a corner is known by its place alone
            <li key={i} className="flex items-end gap-1">
              <span className="figure text-quiet">{i + 1}</span>
              {(['xMm', 'yMm'] as const).map((field) => (
                <NumberField
                  key={field}
                  hideLabel
                  label={`corner ${i + 1}, ${field === 'xMm' ? 'right' : 'back'}`}
                  value={point[field]}
                  className="w-16"
                  onNumber={(mm) => at(i, field, mm)}
                />
              ))}
              {points.length > 3 && (
                <button
                  type="button"
                  className="press-quiet text-quiet"
                  aria-label={`take corner ${i + 1} out`}
                  onClick={() => set(points.filter((_, k) => k !== i))}
                >
                  ×
                </button>
              )}
            </li>
          ))}
        </ol>
      </details>
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => {
          const [first, last] = [points[0], points.at(-1)];
          if (first && last)
            set([...points, { xMm: (first.xMm + last.xMm) / 2, yMm: (first.yMm + last.yMm) / 2 }]);
        }}
      >
        + corner between the last and the first
      </button>
    </div>
  );
}
