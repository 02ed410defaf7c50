import { LIFE_SIZES } from '@every-inch/core/handbook';
import { type FoundThing, newId } from '@every-inch/core/piece';
import { likenesses, standIns } from '@every-inch/core/size';
import { formatMiniMm, formatRealMetric, miniMm, type RealMm, realMm } from '@every-inch/core/units';
import { useMemo, useState } from 'react';
import { BinButton } from '../../parts/BinButton.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { useLifeFormat } from '../../parts/lengths.ts';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';
import { useFigure, useFiguresOf, useRatio } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useAppSelector, useOfPiece } from '../../state/store.ts';
import { EverydayChoice } from './EverydayChoice.tsx';

/** How many likenesses and stand-ins are shown. */
const SHOWN = 6;

/** A share as makers say it. */
function offBy(share: number): string {
  const percent = Math.round(share * 100);
  if (percent === 0) return 'just right';
  return percent > 0 ? `${percent} % too thick` : `${-percent} % too thin`;
}

/** What a thing of a size would be in life. */
function BenchToLife() {
  const ratio = useRatio();
  const format = useLifeFormat();
  const [acrossMm, setAcrossMm] = useState(3);
  const life = realMm(acrossMm * ratio);
  return (
    <section aria-label="A thing on the bench">
      <h3 className="heading">A thing on the bench</h3>
      <div className="mt-1 flex items-end gap-3">
        <LengthField
          label="measures"
          shown={formatMiniMm(miniMm(acrossMm))}
          unit="mm"
          onLength={setAcrossMm}
        />
        <p className="pb-1">
          reads as <output className="figure">{format(life)}</output>, about as much as
        </p>
      </div>
      <ul className="mt-1">
        {likenesses(life, SHOWN).map(({ row, ratio: share, isUsual }) => (
          <li key={row.id} className="flex justify-between gap-3 border-t border-hair py-0.5">
            <span>{row.title}</span>
            <span className="figure text-quiet">
              {isUsual ? 'as they come' : `× ${share.toFixed(2)} of ${format(realMm(row.value))}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface LifeToBenchProps {
  readonly onUse: (thing: Omit<FoundThing, 'id'>) => void;
}

/** What of the bench stands in for a thing in life. */
function LifeToBench({ onUse }: LifeToBenchProps) {
  const ratio = useRatio();
  const format = useLifeFormat();
  const own = useAppSelector((state) => state.workshop.own);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const [meant, setMeant] = useState('life.broom-handle');
  const [typed, setTyped] = useState<RealMm | null>(null);
  const row = LIFE_SIZES.find(({ id }) => id === meant);
  const life = typed ?? realMm(row?.value ?? 25);
  const [wideMm, setWide] = useState<RealMm | null>(null);
  const [longMm, setLong] = useState<RealMm | null>(null);
  const ranked = useMemo(
    () => standIns({ thickMm: life, wideMm, longMm }, ratio, own).slice(0, SHOWN),
    [life, wideMm, longMm, ratio, own],
  );
  return (
    <section aria-label="A thing in life">
      <h3 className="heading">Looked for: something in the place of</h3>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <EverydayChoice
          label="thing in life"
          value={meant}
          onChoose={(id) => {
            setMeant(id ?? 'life.broom-handle');
            setTyped(null);
          }}
        />
        <LengthField label="of" shown={format(life)} unit="mm" onLength={(mm) => setTyped(realMm(mm))} />
        <LengthField
          label="wide, if it counts"
          shown={wideMm === null ? '' : format(wideMm)}
          unit="mm"
          onLength={(mm) => setWide(realMm(mm))}
          onEmpty={() => setWide(null)}
        />
        <LengthField
          label="long, if it counts"
          shown={longMm === null ? '' : format(longMm)}
          unit="mm"
          onLength={(mm) => setLong(realMm(mm))}
          onEmpty={() => setLong(null)}
        />
        <p className="pb-1">
          wants <output className="figure">{formatMiniMm(miniMm(life / ratio))} mm</output>
        </p>
      </div>
      <ul className="mt-1">
        {ranked.map(({ row: thing, acrossMm, otherMm, readsAs, off, otherOff, shortMm }) => (
          <li key={thing.id} className="flex items-center gap-3 border-t border-hair">
            <span className="min-w-0 flex-1 truncate">{thing.title}</span>
            <span className="figure">
              {formatMiniMm(miniMm(acrossMm))}
              {wideMm !== null &&
                otherMm !== null &&
                otherMm !== acrossMm &&
                ` × ${formatMiniMm(miniMm(otherMm))}`}{' '}
              mm
            </span>
            <span className="figure w-20 text-right text-quiet" title="reads as, in life">
              {formatRealMetric(readsAs)}
            </span>
            <span className="min-w-28 text-right text-quiet">
              {offBy(off)}
              {otherOff !== null && Math.round(otherOff * 100) !== 0 && (
                <>, {offBy(otherOff).replace('thick', 'wide').replace('thin', 'narrow')}</>
              )}
              {shortMm > 0 && <>, {formatMiniMm(miniMm(shortMm))} mm too short</>}
            </span>
            <button
              type="button"
              className="press-quiet text-fired"
              disabled={readOnly}
              aria-label={`Use ${thing.title} in this piece`}
              onClick={() => onUse({ name: thing.title, acrossMm, meant: typed === null ? meant : null })}
            >
              use it
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function useFoundEdit({ id, name }: FoundThing) {
  const dispatch = useAppDispatch();
  return (field: keyof FoundThing, value: unknown) =>
    dispatch(editAt(`${field === 'acrossMm' ? 'size' : field} of ${name}`, ['found', id, field], value));
}

interface CellProps {
  readonly thing: FoundThing;
}

function Name({ thing }: CellProps) {
  const set = useFoundEdit(thing);
  return (
    <TextField
      hideLabel
      label={`Name of ${thing.name}`}
      className="w-36"
      value={thing.name}
      onText={(text) => text !== '' && set('name', text.slice(0, 200))}
    />
  );
}

function Across({ thing }: CellProps) {
  const set = useFoundEdit(thing);
  return (
    <LengthField
      hideLabel
      label={`${thing.name}, size on the bench`}
      entry={['found', thing.id, 'acrossMm']}
      shown={formatMiniMm(miniMm(thing.acrossMm))}
      unit="mm"
      className="w-16"
      onLength={(mm) => set('acrossMm', mm)}
    />
  );
}

function MeantToBe({ thing }: CellProps) {
  const set = useFoundEdit(thing);
  return (
    <EverydayChoice
      hideLabel
      allowNone
      label={`What ${thing.name} is meant to be`}
      value={thing.meant}
      onChoose={(id) => set('meant', id)}
    />
  );
}

function Reads({ thing }: CellProps) {
  const figure = useFigure(null, `found.${thing.id}`);
  if (!figure) return null;
  return (
    <span className="flex items-start">
      <Working figure={figure} />
      {figure.verdict ? (
        <VerdictLine verdict={figure.verdict} />
      ) : (
        `reads as ${formatRealMetric(realMm(figure.quantity.value))}`
      )}
    </span>
  );
}

function TakeOut({ thing }: CellProps) {
  const dispatch = useAppDispatch();
  return (
    <BinButton
      label={`Take ${thing.name} out`}
      onPress={() =>
        dispatch(
          edit(`take ${thing.name} out`, (piece) => ({
            ...piece,
            found: piece.found.filter(({ id }) => id !== thing.id),
          })),
        )
      }
    />
  );
}

const COLUMNS: readonly Column<FoundThing>[] = [
  { id: 'thing', title: 'thing', cell: (thing) => <Name thing={thing} />, sortBy: ({ name }) => name },
  {
    id: 'mm',
    title: 'mm',
    cell: (thing) => <Across thing={thing} />,
    sortBy: ({ acrossMm }) => acrossMm,
  },
  { id: 'meant', title: 'meant to be', cell: (thing) => <MeantToBe thing={thing} /> },
  {
    id: 'reads',
    title: 'reads as',
    className: 'min-w-48 py-1',
    cell: (thing) => <Reads thing={thing} />,
  },
  { id: 'out', title: 'change', isQuiet: true, cell: (thing) => <TakeOut thing={thing} /> },
];

/** What found things read as, what stands in for a thing in life, and how the piece's found things read. */
export default function ReadsAs() {
  const dispatch = useAppDispatch();
  const found = useOfPiece((piece) => piece.found);
  const figures = useFiguresOf('size', null);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const wrong = figures.filter(
    ({ key, verdict }) => key.startsWith('found.') && verdict && verdict.level !== 'good',
  ).length;
  const add = (thing: Omit<FoundThing, 'id'>) =>
    dispatch(
      edit(`use ${thing.name}`, (piece) => ({
        ...piece,
        found: [...piece.found, { ...thing, id: newId('found') }],
      })),
    );
  return (
    <div>
      <div className="grid grid-cols-[2fr_3fr] gap-8 max-md:grid-cols-1">
        <BenchToLife />
        <LifeToBench onUse={add} />
      </div>
      <fieldset disabled={readOnly} className="mt-5 min-w-0">
        <h3 className="heading">
          Found things in this piece
          {found.length > 0 && (wrong === 0 ? ': all read well' : `: ${wrong} of ${found.length} to look at`)}
        </h3>
        {found.length > 0 && (
          <Table
            className="mt-1"
            label="Found things in this piece"
            rows={found}
            columns={COLUMNS}
            keyOf={({ id }) => id}
            isWide
          />
        )}
        <button
          type="button"
          className="press-quiet mt-1 text-fired"
          onClick={() => add({ name: 'Found thing', acrossMm: 3, meant: null })}
        >
          + A found thing
        </button>
      </fieldset>
    </div>
  );
}
