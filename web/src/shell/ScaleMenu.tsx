import { offeredScales, parseScale, resolveScale, type Scale } from '@every-inch/core/scale';
import { realMm } from '@every-inch/core/units';
import { Popover } from 'radix-ui';
import { useId, useState } from 'react';
import { LengthField } from '../parts/LengthField.tsx';
import { useLifeFormat } from '../parts/lengths.ts';
import { TextField } from '../parts/TextField.tsx';
import { useFigures } from '../spine/hooks.ts';
import { editAt, selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../state/store.ts';

const STATURE = 1750;

function sameScale(a: Scale, b: Scale): boolean {
  return resolveScale(a).label === resolveScale(b).label;
}

/** What the selected part would stand at each scale, to choose by. */
function ScaleList({ onChoose }: { readonly onChoose: (scale: Scale) => void }) {
  const piece = useOpenPiece();
  const part = useAppSelector(selectPart);
  const shape = useFigures((store) => store.shapes.get(part?.id ?? ''));
  const tall = shape && part?.sized === 'life' ? shape.box.max[1] - shape.box.min[1] : null;
  return (
    <ul className="mt-2 max-h-72 overflow-y-auto border-t border-hair">
      {offeredScales(STATURE).map((scale) => {
        const { label, says, ratio } = resolveScale(scale);
        const isCurrent = sameScale(scale, piece.scale);
        return (
          <li key={label}>
            <button
              type="button"
              aria-current={isCurrent ? 'true' : undefined}
              className={`flex w-full items-baseline gap-2 border-b border-hair px-1 py-1.5 text-left hover:bg-panel ${isCurrent ? 'text-fired' : ''}`}
              onClick={() => onChoose(scale)}
            >
              <span className="figure w-32 shrink-0">{label}</span>
              <span className="min-w-0 flex-1 truncate text-[12.5px] text-quiet">{says}</span>
              {tall !== null && <span className="figure">{(tall / ratio).toFixed(1)} mm</span>}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** What only a figure height has: its datum, its person and whether it is heroic. */
function FigureSettings() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const format = useLifeFormat();
  const { scale } = piece;
  if (scale.kind !== 'figure') return null;
  const { low, high, ratio } = resolveScale(scale);
  return (
    <div className="mt-2 space-y-1.5 border-t border-hair pt-2">
      <div className="flex gap-4">
        {(['eyes', 'crown'] as const).map((datum) => (
          <label key={datum} className="flex items-center gap-1.5">
            <input
              type="radio"
              name="datum"
              checked={scale.datum === datum}
              onChange={() =>
                dispatch(editAt(`measure the scale to the ${datum}`, ['scale', 'datum'], datum))
              }
            />
            to the {datum}
          </label>
        ))}
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={scale.heroic}
            onChange={(event) => dispatch(editAt('heroic', ['scale', 'heroic'], event.currentTarget.checked))}
          />
          heroic
        </label>
      </div>
      <LengthField
        label="Stature it is named after"
        entry={['scale', 'statureMm']}
        shown={format(realMm(scale.statureMm))}
        unit="mm"
        onLength={(mm) => dispatch(editAt('stature of the scale', ['scale', 'statureMm'], mm))}
      />
      <p className="text-[13px] text-quiet">
        Not a ratio: works as 1:{ratio.toFixed(1)}, and the name alone would allow 1:{low.toFixed(0)} to 1:
        {high.toFixed(0)}. Heroic makes heads and hands larger without changing the height.
      </p>
    </div>
  );
}

/** A scale taken from one thing that is as large as it is: a game base, a lamp, a doll’s foot, a bought figure. */
function FromThing({ onChoose }: { readonly onChoose: (scale: Scale) => void }) {
  const { scale } = useOpenPiece();
  const format = useLifeFormat();
  const now = scale.kind === 'thing' ? scale : null;
  const [name, setName] = useState(now?.name ?? '');
  const [benchMm, setBenchMm] = useState(now?.benchMm ?? null);
  const [lifeMm, setLifeMm] = useState(now?.lifeMm ?? null);
  return (
    <fieldset className="mt-2 border-t border-hair pt-2">
      <legend className="heading">or take it from a thing that is there</legend>
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          label="Thing"
          className="w-28"
          value={name}
          placeholder="bought figure"
          onText={(text) => setName(text.trim().slice(0, 200))}
        />
        <LengthField
          label="on the bench"
          shown={benchMm === null ? '' : `${benchMm} mm`}
          unit="mm"
          className="w-20"
          onLength={setBenchMm}
        />
        <LengthField
          label="stands for"
          shown={lifeMm === null ? '' : format(realMm(lifeMm))}
          unit="mm"
          className="w-24"
          placeholder="1.7 m"
          onLength={setLifeMm}
        />
        <button
          type="button"
          className="press"
          disabled={benchMm === null || lifeMm === null}
          onClick={() =>
            benchMm !== null &&
            lifeMm !== null &&
            onChoose({ kind: 'thing', name: name || 'thing', benchMm, lifeMm })
          }
        >
          Use it
        </button>
      </div>
    </fieldset>
  );
}

/** The scale in the head line: click to change it or to compare. */
export function ScaleMenu() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const [typed, setTyped] = useState('');
  const [says, setSays] = useState<string | null>(null);
  const id = useId();
  const { label, says: named } = resolveScale(piece.scale);
  const choose = (scale: Scale): void => {
    dispatch(editAt(`scale ${resolveScale(scale).label}`, ['scale'], scale));
    setTyped('');
    setSays(null);
  };
  const take = (): void => {
    const reading = parseScale(typed, piece.scale.kind === 'figure' ? piece.scale.statureMm : STATURE);
    if (reading.ok) choose(reading.scale);
    else setSays(reading.says);
  };
  return (
    <Popover.Root>
      <Popover.Trigger
        disabled={readOnly}
        className="figure border border-ink px-2.5 py-1 hover:bg-ink hover:text-bench"
        data-entry="scale"
        aria-label={`Scale ${label}, change or compare`}
      >
        {label}
      </Popover.Trigger>
      <span className="truncate text-quiet max-lg:hidden">{named}</span>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          className="z-50 w-[min(28rem,calc(100vw-24px))] border border-ink bg-paper p-3 text-[14px]"
          aria-label="Scale"
        >
          <label htmlFor={id} className="heading block">
            Type a scale
          </label>
          <div className="flex gap-2">
            <input
              id={id}
              className="field figure flex-1"
              placeholder="1:12, 28 mm, 32 mm crown heroic"
              value={typed}
              aria-invalid={says !== null}
              aria-describedby={says ? `${id}-says` : undefined}
              onChange={(event) => {
                setTyped(event.currentTarget.value);
                setSays(null);
              }}
              onKeyDown={(event) => event.key === 'Enter' && take()}
            />
            <button type="button" className="press" onClick={take}>
              Use it
            </button>
          </div>
          {says && (
            <p id={`${id}-says`} role="alert" className="mt-1 text-[13px] text-wont">
              {says}
            </p>
          )}
          <FigureSettings />
          <FromThing onChoose={choose} />
          {piece.scale.kind !== 'open' && (
            <button
              type="button"
              className="press-quiet mt-1 text-fired"
              onClick={() => choose({ kind: 'open' })}
            >
              Leave it open: sizes as on the bench
            </button>
          )}
          <ScaleList onChoose={choose} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
