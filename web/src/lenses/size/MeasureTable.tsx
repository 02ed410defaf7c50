import type { PartFacts } from '@every-inch/core/context';
import { type FormMeasure, type PersonLength, withMeasure } from '@every-inch/core/form';
import { recordMeasure } from '@every-inch/core/log';
import type { Verdict } from '@every-inch/core/reckoning';
import { allowedFor, lastMade } from '@every-inch/core/size';
import { formatMiniMm, formatNumber, miniMm, realMm } from '@every-inch/core/units';
import { Lock } from 'lucide-react';
import { Popover } from 'radix-ui';
import { LengthField } from '../../parts/LengthField.tsx';
import { inches, useLifeFormat } from '../../parts/lengths.ts';
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

function Lengths({ context, measure }: RowProps) {
  const dispatch = useAppDispatch();
  const format = useLifeFormat();
  const { part, shrink } = context;
  const isLife = part.sized === 'life';
  const field = measure.field ?? (measure.lock ? `locked.${measure.lock}` : null);
  const mini = miniMm(measure.lengthMm / shrink);
  const life = format(realMm(measure.lengthMm));
  const set = (lengthMm: number) => {
    if (field !== null)
      dispatch(
        editAt(
          `${measure.title} of ${part.name}`,
          ['parts', part.id, 'form'],
          withMeasure(part.form, field, lengthMm),
        ),
      );
  };
  if (field === null)
    return (
      <>
        <td className="figure px-2 text-right">{life}</td>
        <td className="figure px-2 text-right">{formatMiniMm(mini)}</td>
        <td className="figure whitespace-nowrap px-2 text-right">{inches(mini)}</td>
      </>
    );
  const sign = field === 'topMm' ? 'nonNegative' : 'positive';
  return (
    <>
      <td className="text-right">
        {isLife ? (
          <LengthField
            hideLabel
            label={`${measure.title}, in life`}
            entry={['parts', part.id, 'form', field]}
            shown={life}
            unit="mm"
            sign={sign}
            className="w-20"
            onLength={set}
          />
        ) : (
          <span className="text-quiet">–</span>
        )}
      </td>
      <td className="text-right">
        <LengthField
          hideLabel
          label={`${measure.title}, miniature`}
          shown={formatMiniMm(mini)}
          unit="mm"
          sign={sign}
          className="w-16"
          onLength={(mm) => set(mm * shrink)}
        />
      </td>
      <td className="text-right">
        <LengthField
          hideLabel
          label={`${measure.title}, in inches`}
          shown={inches(mini)}
          unit="in"
          sign={sign}
          className="w-[4.6rem]"
          onLength={(mm) => set(mm * shrink)}
        />
      </td>
    </>
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

function MeasureRow({ context, measure }: RowProps) {
  const figure = useFigure(context.part.id, `measure.${measure.key}`);
  const made = useFigure(context.part.id, `made.${measure.key}`);
  const format = useLifeFormat();
  const lastMadeMm = lastMade(context, measure.key)?.madeMm;
  return (
    <tr className="border-b border-hair">
      <th scope="row" className="min-w-40 py-0.5 pr-1 text-left font-normal leading-tight">
        <span className="flex items-center">
          {figure && <Working figure={figure} />}
          {measure.title}
          {measure.lock && measure.field && <Held context={context} measure={measure} lock={measure.lock} />}
        </span>
      </th>
      <Lengths context={context} measure={measure} />
      <td className="text-right">
        <Allowed context={context} measure={measure} />
      </td>
      <td className="text-right">
        <Made context={context} measure={measure} />
      </td>
      <td className="figure whitespace-nowrap px-1 text-right">
        {made && (
          <span className="inline-flex items-center">
            {made.quantity.value > 0 ? '+' : ''}
            {formatNumber(made.quantity.value, 1)}
            <Working figure={made} />
          </span>
        )}
      </td>
      <td className="figure whitespace-nowrap px-1 text-right">
        {lastMadeMm !== undefined && format(realMm(lastMadeMm * context.scale.ratio))}
      </td>
      <td className="min-w-24 pl-1 text-[13px]">
        {made?.verdict ? (
          <VerdictLine verdict={inTable(made.verdict)} waysOut={false} />
        ) : (
          <span className="text-quiet">not made yet</span>
        )}
      </td>
    </tr>
  );
}

/** Every measure of the part: in life, in miniature, as made, and how far off. */
export function MeasureTable({ context }: { readonly context: PartFacts }) {
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full min-w-[720px] border-collapse">
        <caption className="sr-only">Measures of {context.part.name}</caption>
        <thead>
          <tr className="heading border-b border-ink text-right">
            <th className="py-1.5 text-left font-semibold">measure</th>
            <th className="px-2 font-semibold">in life</th>
            <th className="px-2 font-semibold">mm</th>
            <th className="px-2 font-semibold">inch</th>
            <th className="px-1 font-semibold">allowed</th>
            <th className="px-2 font-semibold">made</th>
            <th className="px-1 font-semibold">off by</th>
            <th className="px-1 font-semibold">reads as</th>
            <th className="pl-1 text-left font-semibold">verdict</th>
          </tr>
        </thead>
        <tbody>
          {context.shape.measures.map((measure) => (
            <MeasureRow key={`${context.part.id} ${measure.key}`} context={context} measure={measure} />
          ))}
        </tbody>
      </table>
    </div>
  );
}
