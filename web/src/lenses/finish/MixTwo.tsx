import {
  converted,
  leastBatch,
  type MeasuredBy,
  offByPct,
  pasteOf,
  STIFFNESSES,
  shareOut,
  type TwoParts,
} from '@every-inch/core/finish';
import { sourced } from '@every-inch/core/reckoning';
import { useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { usePieceContext } from '../../spine/hooks.ts';

/** What is mixed of two (common practice: the packet comes first). */
interface Kind {
  readonly id: string;
  readonly says: string;
  readonly first: string;
  readonly second: string;
  readonly ratio: TwoParts;
  readonly by: MeasuredBy;
  readonly densities: TwoParts;
  /** How far off it may be, %; null where a little more or less does nothing. */
  readonly tolerancePct: number | null;
}

const KINDS: readonly Kind[] = [
  {
    id: 'thin',
    says: 'paint and water',
    first: 'paint',
    second: 'water',
    ratio: { first: 1, second: 2 },
    by: 'volume',
    densities: { first: 1.2, second: 1 },
    tolerancePct: null,
  },
  {
    id: 'resin',
    says: 'resin and hardener',
    first: 'resin',
    second: 'hardener',
    ratio: { first: 2, second: 1 },
    by: 'mass',
    densities: { first: 1.12, second: 1 },
    tolerancePct: 3,
  },
  {
    id: 'epoxy',
    says: 'two-part glue or putty',
    first: 'the one',
    second: 'the other',
    ratio: { first: 1, second: 1 },
    by: 'volume',
    densities: { first: 1.15, second: 1.1 },
    tolerancePct: 5,
  },
  {
    id: 'glue',
    says: 'white glue and water',
    first: 'white glue',
    second: 'water',
    ratio: { first: 1, second: 1 },
    by: 'volume',
    densities: { first: 1.05, second: 1 },
    tolerancePct: null,
  },
];

const BY = [
  { value: 'volume', says: 'by volume' },
  { value: 'mass', says: 'by mass' },
] as const;

interface Row {
  readonly ratio: TwoParts;
  readonly isOwn: boolean;
}

const amount = (value: number) => value.toFixed(value < 1 ? 2 : value < 10 ? 1 : 0);
const key = ({ first, second }: TwoParts) => `${first} : ${second}`;

/** Amounts of any two for so much together, at the ratio that was heard and those beside it. */
function Two() {
  const [id, setId] = useState('thin');
  const kind = KINDS.find((one) => one.id === id) ?? (KINDS[0] as Kind);
  const [own, setOwn] = useState<TwoParts | null>(null);
  const [by, setBy] = useState<MeasuredBy | null>(null);
  const [total, setTotal] = useState(10);
  const [step, setStep] = useState(0.1);
  const values = usePieceContext().own;
  const dropMl = sourced('finish.drop', values).value;
  // Resin is mixed as the pours of the ground are.
  const usual =
    kind.id === 'resin' ? { first: sourced('pour.resin-ratio', values).value, second: 1 } : kind.ratio;
  const ratio = own ?? usual;
  const measured = by ?? kind.by;
  const unit = measured === 'mass' ? 'g' : 'ml';
  const heard = [1, 2, 3].map((second): Row => ({ ratio: { first: 1, second }, isOwn: false }));
  const rows = [
    { ratio, isOwn: true },
    ...heard.filter((row) => row.ratio.first * ratio.second !== row.ratio.second * ratio.first),
  ];
  const columns: readonly Column<Row>[] = [
    {
      id: 'ratio',
      title: 'Ratio',
      isHead: true,
      cell: (row) => <span className={row.isOwn ? 'font-medium' : 'text-quiet'}>{key(row.ratio)}</span>,
    },
    {
      id: 'first',
      title: kind.first,
      holds: 'figures',
      cell: (row) => `${amount(shareOut(total, row.ratio).first)} ${unit}`,
    },
    {
      id: 'second',
      title: kind.second,
      holds: 'figures',
      cell: (row) => `${amount(shareOut(total, row.ratio).second)} ${unit}`,
    },
    {
      id: 'drops',
      title: 'drops',
      holds: 'figures',
      cell: (row) => {
        const { first, second } = shareOut(total, row.ratio);
        const drops = (ml: number) => Math.max(1, Math.round(ml / dropMl));
        return measured === 'mass' || total > 20 ? '' : `${drops(first)} + ${drops(second)}`;
      },
    },
    {
      id: 'other',
      title: measured === 'mass' ? 'by volume' : 'by mass',
      holds: 'figures',
      cell: (row) => {
        const { first, second } = converted(row.ratio, kind.densities, measured);
        return `${amount(first / second)} : 1`;
      },
    },
  ];
  const off = offByPct(shareOut(total, ratio), step);
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Choice
          label="Mix"
          value={kind.id}
          options={KINDS.map(({ id: value, says }) => ({ value, says }))}
          onChoose={(next) => {
            setId(next);
            setOwn(null);
            setBy(null);
          }}
        />
        <NumberField
          over={0}
          max={1000}
          label={`Parts of ${kind.first}`}
          value={ratio.first}
          className="w-14"
          onNumber={(first) => setOwn({ ...ratio, first })}
        />
        <NumberField
          over={0}
          max={1000}
          label={`to parts of ${kind.second}`}
          value={ratio.second}
          className="w-14"
          onNumber={(second) => setOwn({ ...ratio, second })}
        />
        <Choice label="Measured" value={measured} options={BY} onChoose={setBy} />
        <NumberField
          over={0}
          max={100000}
          label="In all"
          value={total}
          after={unit}
          className="w-16"
          onNumber={setTotal}
        />
        {kind.tolerancePct !== null && (
          <NumberField
            over={0}
            max={10}
            label={measured === 'mass' ? 'Scale reads to' : 'Syringe reads to'}
            value={step}
            after={unit}
            className="w-14"
            onNumber={setStep}
          />
        )}
      </div>
      <Table label="What is taken of both" rows={rows} columns={columns} keyOf={(row) => key(row.ratio)} />
      {kind.tolerancePct !== null && (
        <p className="py-1 text-[13px]">
          {off <= kind.tolerancePct
            ? `Read so, it is off by ${off.toFixed(1)} % at the worst: ${kind.tolerancePct} % is borne.`
            : `Too little to be measured so: off by ${Number.isFinite(off) ? `${off.toFixed(0)} %` : 'more than all of it'} at the worst. Mix ${amount(leastBatch(ratio, step, kind.tolerancePct))} ${unit} or more, or read finer.`}
        </p>
      )}
    </>
  );
}

/** Powder and liquid for a paste that does what it is to do. */
function Paste() {
  const [id, setId] = useState('spreads');
  const [cm3, setCm3] = useState(10);
  const stiffness = STIFFNESSES.find((one) => one.id === id) ?? STIFFNESSES[0];
  if (!stiffness) return null;
  const { powder, liquid } = pasteOf(cm3, stiffness);
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Choice
          label="A paste that"
          value={id}
          options={STIFFNESSES.map(({ id: value, says }) => ({ value, says }))}
          onChoose={setId}
        />
        <NumberField
          over={0}
          max={10000}
          label="Of it"
          value={cm3}
          after="ml"
          className="w-16"
          onNumber={setCm3}
        />
      </div>
      <p className="py-1">
        <span className="figure">{amount(powder)} ml</span> of powder into{' '}
        <span className="figure">{amount(liquid)} ml</span> of glue, paint or water.
      </p>
      <ul className="list-disc pl-4 text-[13px] text-quiet">
        <li>
          Half of the powder first, stir, then a little at a time until it does what it is to do: powders
          drink differently.
        </li>
        <li>A trial spot, dry, before any of it goes on the work: it may crack, yellow or lift the paint.</li>
        <li>What is wet bubbles in the oven: on clay that is still to be baked it dries a day first.</li>
        <li>Too runny: powder, or a day with the lid off. Too stiff: drops of water, never more paint.</li>
        <li>Write on the jar what is in it, how much of each, and the day.</li>
      </ul>
    </>
  );
}

/** Any two to be mixed, and pastes. */
export function MixTwo() {
  return (
    <>
      <Two />
      <h4 className="heading mt-2">Icing, crust, snow and other pastes</h4>
      <Paste />
    </>
  );
}
