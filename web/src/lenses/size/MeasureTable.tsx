import type { PartFacts } from '@every-inch/core/context';
import { type FormMeasure, type PersonLength, withMeasure } from '@every-inch/core/form';
import { recordMeasure } from '@every-inch/core/log';
import type { Verdict } from '@every-inch/core/reckoning';
import { allowedFor, lastMade } from '@every-inch/core/size';
import { formatMiniMm, formatNumber, miniMm, realMm } from '@every-inch/core/units';
import { Lock } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useMemo } from 'react';
import { LengthField } from '../../parts/LengthField.tsx';
import { inches, useLifeFormat } from '../../parts/lengths.ts';
import { type Column, Table } from '../../parts/Table.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';
import { useFigure } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch } from '../../state/store.ts';

interface RowProps {
  readonly context: PartFacts;
  readonly measure: FormMeasure;
}

/** Least and most a measure may be in life. */
function Allowed({ context, measure }: RowProps) {
  const dispatch = useAppDispatch();
  const format = useLifeFormat();
  const { part, shrink } = context;
  const allowed = allowedFor(context, measure);
  const bounds = part.bounds.find((one) => one.measure === measure.key);
  const others = part.bounds.filter((one) => one.measure !== measure.key);
  const set = (lowMm: number, highMm: number) =>
    dispatch(
      editAt(
        `range of ${measure.title}`,
        ['parts', part.id, 'bounds'],
        [
          ...others,
          { measure: measure.key, lowMm: Math.min(lowMm, highMm), highMm: Math.max(lowMm, highMm) },
        ],
      ),
    );
  const [low, high] = [bounds?.lowMm ?? allowed.lowMm * shrink, bounds?.highMm ?? allowed.highMm * shrink];
  return (
    <Popover.Root>
      <Popover.Trigger
        className={`figure whitespace-nowrap px-1 hover:underline ${bounds ? '' : 'text-quiet'}`}
        aria-label={`Allowed range of ${measure.title}`}
      >
        {formatMiniMm(miniMm(allowed.lowMm))}–{formatMiniMm(miniMm(allowed.highMm))}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          collisionPadding={12}
          className="z-50 w-72 border border-ink bg-paper p-3"
          aria-label={`Allowed range of ${measure.title}`}
        >
          <p className="text-[13px] text-quiet">
            {bounds
              ? 'The range you set, in life.'
              : 'What the eye forgives: the larger of 2 % and 0.25 mm, unless you set a range in life.'}
          </p>
          <div className="mt-2 flex gap-4">
            <LengthField
              label="At the least"
              shown={format(realMm(low))}
              unit="mm"
              onLength={(mm) => set(mm, high)}
            />
            <LengthField
              label="At the most"
              shown={format(realMm(high))}
              unit="mm"
              onLength={(mm) => set(low, mm)}
            />
          </div>
          {bounds && (
            <button
              type="button"
              className="press-quiet mt-2 text-fired"
              onClick={() =>
                dispatch(editAt(`range of ${measure.title}`, ['parts', part.id, 'bounds'], others))
              }
            >
              Back to what the eye forgives
            </button>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** Takes a length of a measure in life, mm; null where the form does not have it as a field of its own. */
function useLengthEdit({ context: { part }, measure }: RowProps) {
  const dispatch = useAppDispatch();
  const field = measure.field ?? (measure.lock ? `locked.${measure.lock}` : null);
  if (field === null) return null;
  return {
    field,
    sign: field === 'topMm' ? ('nonNegative' as const) : ('positive' as const),
    set: (lengthMm: number) =>
      void dispatch(
        editAt(
          `${measure.title} of ${part.name}`,
          ['parts', part.id, 'form'],
          withMeasure(part.form, field, lengthMm),
        ),
      ),
  };
}

function InLife({ context, measure }: RowProps) {
  const format = useLifeFormat();
  const edit = useLengthEdit({ context, measure });
  const { part } = context;
  const life = format(realMm(measure.lengthMm));
  if (!edit) return life;
  if (part.sized !== 'life') return <span className="text-quiet">–</span>;
  return (
    <LengthField
      hideLabel
      label={`${measure.title}, in life`}
      entry={['parts', part.id, 'form', edit.field]}
      shown={life}
      unit="mm"
      sign={edit.sign}
      className="w-20"
      onLength={edit.set}
    />
  );
}

function InMiniature({ context, measure }: RowProps) {
  const edit = useLengthEdit({ context, measure });
  const { shrink } = context;
  const shown = formatMiniMm(miniMm(measure.lengthMm / shrink));
  if (!edit) return shown;
  return (
    <LengthField
      hideLabel
      label={`${measure.title}, miniature`}
      entry={['parts', context.part.id, 'form', edit.field]}
      entryTimes={shrink}
      shown={shown}
      unit="mm"
      sign={edit.sign}
      className="w-16"
      onLength={(mm) => edit.set(mm * shrink)}
    />
  );
}

function InInches({ context, measure }: RowProps) {
  const edit = useLengthEdit({ context, measure });
  const { shrink } = context;
  const shown = inches(miniMm(measure.lengthMm / shrink));
  if (!edit) return <span className="whitespace-nowrap">{shown}</span>;
  return (
    <LengthField
      hideLabel
      label={`${measure.title}, in inches`}
      entry={['parts', context.part.id, 'form', edit.field]}
      entryTimes={shrink}
      shown={shown}
      unit="in"
      sign={edit.sign}
      className="w-[4.6rem]"
      onLength={(mm) => edit.set(mm * shrink)}
    />
  );
}

function Made({ context, measure }: RowProps) {
  const dispatch = useAppDispatch();
  const { part } = context;
  const made = lastMade(context, measure.key);
  return (
    <LengthField
      hideLabel
      label={`${measure.title}, as made`}
      shown={made ? formatMiniMm(miniMm(made.madeMm)) : ''}
      placeholder="—"
      unit="mm"
      className="w-14"
      onLength={(mm) =>
        dispatch(
          edit(
            `measure ${measure.title}`,
            (piece) => recordMeasure(piece, part.id, measure.key, mm, new Date().toISOString()),
            `made/${part.id}/${measure.key}`,
          ),
        )
      }
    />
  );
}

interface HeldProps extends RowProps {
  readonly lock: PersonLength;
}

/** A length that is held whatever the canon says, and the way back. */
function Held({ context: { part }, measure, lock }: HeldProps) {
  const dispatch = useAppDispatch();
  const release = (): void => {
    if (part.form.kind !== 'person') return;
    const { [lock]: _, ...locked } = part.form.locked;
    dispatch(editAt(`${measure.title} of ${part.name}`, ['parts', part.id, 'form', 'locked'], locked));
  };
  return (
    <button
      type="button"
      className="size-7 shrink-0 text-fired"
      title="Held: let it follow the canon again"
      aria-label={`${measure.title} is held: let it follow again`}
      onClick={release}
    >
      <Lock className="mx-auto size-3.5" />
    </button>
  );
}

/** The verdict as it stands in the table: what is good needs no more words. */
function inTable(verdict: Verdict): Verdict {
  return verdict.level === 'good' ? { ...verdict, says: '' } : verdict;
}

function Named({ context, measure }: RowProps) {
  const figure = useFigure(context.part.id, `measure.${measure.key}`);
  return (
    <span className="flex items-center">
      {figure && <Working figure={figure} />}
      {measure.title}
      {measure.lock && measure.field && <Held context={context} measure={measure} lock={measure.lock} />}
    </span>
  );
}

function OffBy({ context, measure }: RowProps) {
  const made = useFigure(context.part.id, `made.${measure.key}`);
  if (!made) return null;
  return (
    <span className="inline-flex items-center whitespace-nowrap">
      {made.quantity.value > 0 ? '+' : ''}
      {formatNumber(made.quantity.value, 1)}
      <Working figure={made} />
    </span>
  );
}

function MadeReadsAs({ context, measure }: RowProps) {
  const format = useLifeFormat();
  const made = lastMade(context, measure.key);
  if (!made) return null;
  return <span className="whitespace-nowrap">{format(realMm(made.madeMm * context.scale.ratio))}</span>;
}

function MadeVerdict({ context, measure }: RowProps) {
  const made = useFigure(context.part.id, `made.${measure.key}`);
  if (!made?.verdict) return <span className="text-quiet">not made yet</span>;
  return <VerdictLine verdict={inTable(made.verdict)} waysOut={false} />;
}

const COLUMNS: readonly Column<RowProps>[] = [
  {
    id: 'measure',
    title: 'measure',
    isHead: true,
    className: 'min-w-32 pr-1 leading-tight',
    cell: (row) => <Named {...row} />,
    sortBy: ({ measure }) => measure.title,
  },
  {
    id: 'life',
    title: 'in life',
    holds: 'figures',
    cell: (row) => <InLife {...row} />,
    sortBy: ({ measure }) => measure.lengthMm,
  },
  { id: 'mm', title: 'mm', holds: 'figures', cell: (row) => <InMiniature {...row} /> },
  { id: 'inch', title: 'inch', holds: 'figures', canHide: true, cell: (row) => <InInches {...row} /> },
  { id: 'allowed', title: 'allowed', holds: 'figures', canHide: true, cell: (row) => <Allowed {...row} /> },
  { id: 'made', title: 'made', holds: 'figures', cell: (row) => <Made {...row} /> },
  { id: 'off', title: 'off by', holds: 'figures', cell: (row) => <OffBy {...row} /> },
  {
    id: 'reads',
    title: 'reads as',
    holds: 'figures',
    canHide: true,
    cell: (row) => <MadeReadsAs {...row} />,
  },
  {
    id: 'verdict',
    title: 'verdict',
    className: 'min-w-24 text-[13px]',
    cell: (row) => <MadeVerdict {...row} />,
  },
];

/** Columns that say nothing while the scale is open. */
const LIFE_ONLY: readonly string[] = ['reads'];

/** Every measure of the part: in life, in miniature, as made, and how far off. */
export function MeasureTable({ context }: { readonly context: PartFacts }) {
  const rows = useMemo(() => context.shape.measures.map((measure) => ({ context, measure })), [context]);
  return (
    <Table
      label={`Measures of ${context.part.name}`}
      rows={rows}
      columns={context.scale.isOpen ? COLUMNS.filter(({ id }) => !LIFE_ONLY.includes(id)) : COLUMNS}
      keyOf={({ measure }) => `${context.part.id} ${measure.key}`}
      isWide
    />
  );
}
