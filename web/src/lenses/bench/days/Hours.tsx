import { type BenchPlan, LIMITS, typedLimits, WEEKDAYS, type Weekday } from '@every-inch/core/piece';
import { beginsAt, daySays, hoursOf, minutesOf } from '@every-inch/core/schedule';
import { useRef } from 'react';
import { toast } from 'sonner';
import { NumberField } from '../../../parts/NumberField.tsx';
import { Section } from '../../../parts/Sections.tsx';
import { TextField } from '../../../parts/TextField.tsx';
import { useScheduleFacts } from '../../../spine/hooks.ts';
import { edit, useAppDispatch, useAppSelector, useOfPiece } from '../../../state/store.ts';
import { save } from '../../../storage/shelf.ts';

const DAY_SAYS: Readonly<Record<Weekday, string>> = {
  mon: 'Mon',
  tue: 'Tue',
  wed: 'Wed',
  thu: 'Thu',
  fri: 'Fri',
  sat: 'Sat',
  sun: 'Sun',
};

/** An hour of the day as a clock shows it. */
function clockOf(hour: number | null): string {
  if (hour === null) return '';
  const minutes = Math.round(hour * 60) % 1440;
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}

/** The hour of a clock; null for none. Midnight is the end of a day where it is an end. */
function hourOf(text: string, isEnd = false): number | null {
  const [, h, m] = /^(\d{1,2}):(\d{2})/.exec(text) ?? [];
  if (h === undefined || m === undefined) return null;
  const hour = Number(h) + Number(m) / 60;
  return isEnd && hour === 0 ? 24 : hour;
}

function usePlanEdit() {
  const dispatch = useAppDispatch();
  return (label: string, change: (plan: BenchPlan) => Partial<BenchPlan>, merge: string | null = null) =>
    dispatch(
      edit(label, (piece) => ({ ...piece, bench: { ...piece.bench, ...change(piece.bench) } }), merge),
    );
}

/** Hours of every day of the week; one that is emptied has the hours of any other day. */
function Week({ usual }: { readonly usual: number }) {
  const { week } = useOfPiece((piece) => piece.bench);
  const change = usePlanEdit();
  return (
    <div className="flex flex-wrap gap-x-3 gap-y-1">
      {WEEKDAYS.map((day) => (
        <NumberField
          key={day}
          label={DAY_SAYS[day]}
          className="w-11"
          after="h"
          placeholder={String(usual)}
          {...typedLimits(LIMITS.weekHours.hours)}
          value={week.find((one) => one.day === day)?.hours ?? null}
          onNumber={(hours) =>
            change(
              `hours on ${DAY_SAYS[day]}`,
              (plan) => ({ week: [...plan.week.filter((one) => one.day !== day), { day, hours }] }),
              `week ${day}`,
            )
          }
          onEmpty={() =>
            change(`hours on ${DAY_SAYS[day]}`, (plan) => ({
              week: plan.week.filter((one) => one.day !== day),
            }))
          }
        />
      ))}
    </div>
  );
}

/** Days without the bench, or on which it is not to be sprayed. */
function DaysOff({ of, says }: { readonly of: 'bench' | 'spray'; readonly says: string }) {
  const { off } = useOfPiece((piece) => piece.bench);
  const change = usePlanEdit();
  const facts = useScheduleFacts();
  const own = off.filter((one) => one.of === of);
  const input = useRef<HTMLInputElement>(null);
  const add = () => {
    const day = input.current?.value ?? '';
    if (!/^\d{4}-\d{2}-\d{2}$/.test(day)) return;
    if (input.current) input.current.value = '';
    change(`${says} ${day}`, (plan) => ({
      off: [...plan.off.filter((one) => one.of !== of || one.day !== day), { day, of }].sort((a, b) =>
        a.day.localeCompare(b.day),
      ),
    }));
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <label className="text-[13px]">
        <span className="block text-quiet">{says}</span>
        <input
          ref={input}
          type="date"
          className="field"
          onKeyDown={(event) => event.key === 'Enter' && add()}
        />
      </label>
      <button type="button" className="press-quiet text-fired" onClick={add}>
        + Add
      </button>
      {own.map(({ day }) => (
        <button
          key={day}
          type="button"
          className="press-quiet text-[13px]"
          aria-label={`${says} ${day}: take it back`}
          onClick={() =>
            change('a day back', (plan) => ({
              off: plan.off.filter((one) => one.of !== of || one.day !== day),
            }))
          }
        >
          {daySays(minutesOf(day), facts?.now ?? minutesOf(day))} ×
        </button>
      ))}
    </div>
  );
}

/** The plan as a calendar and as a table, and busy hours out of a calendar. */
function Files() {
  const facts = useScheduleFacts();
  const name = useOfPiece((piece) => piece.name);
  const { busy } = useOfPiece((piece) => piece.bench);
  const change = usePlanEdit();
  const picker = useRef<HTMLInputElement>(null);
  const out = async (kind: 'ics' | 'csv') => {
    if (!facts) return;
    const { scheduleCsv, scheduleIcs } = await import('@every-inch/core/schedule/files');
    const text =
      kind === 'ics' ? scheduleIcs(name, facts.steps, new Date().toISOString()) : scheduleCsv(facts.steps);
    save(new File([text], `${name} days.${kind}`, { type: kind === 'ics' ? 'text/calendar' : 'text/csv' }));
  };
  const bringIn = async (file: File) => {
    const { CalendarReadError } = await import('@every-inch/core/schedule');
    const { readBusy } = await import('@every-inch/core/schedule/files');
    try {
      const read = readBusy(await file.text(), new Date());
      change(`busy hours from ${file.name}`, () => ({ busy: read }));
      toast(`${read.length} busy hours from ${file.name}: they are no time at the bench.`);
    } catch (error) {
      if (!(error instanceof CalendarReadError)) throw error;
      toast.error(`${file.name}: ${error.message}.`);
    }
  };
  return (
    <p className="flex flex-wrap items-baseline gap-x-2">
      <button
        type="button"
        className="press-quiet text-fired"
        disabled={!facts?.steps.length}
        onClick={() => void out('ics')}
      >
        Days as a calendar (ICS)
      </button>
      <button
        type="button"
        className="press-quiet text-fired"
        disabled={!facts?.steps.length}
        onClick={() => void out('csv')}
      >
        as a table (CSV)
      </button>
      <button type="button" className="press-quiet text-fired" onClick={() => picker.current?.click()}>
        Bring busy hours in (ICS)
      </button>
      <input
        ref={picker}
        type="file"
        accept=".ics,text/calendar"
        tabIndex={-1}
        aria-label="Calendar with busy hours"
        className="sr-only"
        onChange={(event) => {
          const [file] = event.currentTarget.files ?? [];
          event.currentTarget.value = '';
          if (file) void bringIn(file);
        }}
      />
      {busy.length > 0 && (
        <span className="text-[13px] text-quiet">
          {busy.length} busy hours{' '}
          <button
            type="button"
            className="press-quiet text-fired"
            onClick={() => change('no busy hours', () => ({ busy: [] }))}
          >
            forget them
          </button>
        </span>
      )}
    </p>
  );
}

/** When there is time at the bench, and what there is to work with. */
export function Hours() {
  const plan = useOfPiece((piece) => piece.bench);
  const hoursPerDay = useOfPiece((piece) => piece.brief.hoursPerDay);
  const pieceOwn = useOfPiece((piece) => piece.own);
  const own = useAppSelector((state) => state.workshop.own);
  const dispatch = useAppDispatch();
  const change = usePlanEdit();
  const { usual } = hoursOf(hoursPerDay, plan, { ...own, ...pieceOwn });
  const begins = beginsAt(usual, plan.startsAt);
  const time = (label: string, key: 'ovenFrom' | 'ovenTo' | 'sprayFrom' | 'sprayTo', isEnd: boolean) => (
    <span className="w-28">
      <TextField
        label={label}
        type="time"
        value={clockOf(plan[key])}
        onText={(text) => {
          const hour = hourOf(text, isEnd);
          if (hour !== null) change(label, () => ({ [key]: hour }), key);
        }}
      />
    </span>
  );
  const wished = (label: string, key: 'startsAt' | 'dueAt', placeholder: string) => (
    <span className="w-28">
      <TextField
        label={label}
        type="time"
        value={clockOf(plan[key])}
        placeholder={placeholder}
        onText={(text) => change(label, () => ({ [key]: hourOf(text) }), key)}
      />
    </span>
  );
  return (
    <Section
      id="hours"
      title="Hours"
      edits={['bench']}
      startsClosed
      beside={
        <span className="text-quiet">
          {usual} h a day from {clockOf(begins)}
          {plan.week.length > 0 && `, ${plan.week.length} days of the week otherwise`}
          {plan.hands > 1 && `, ${plan.hands} pairs of hands`}
          {plan.ovens > 1 && `, ${plan.ovens} ovens`}
        </span>
      }
    >
      <div className="space-y-3 py-1">
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
          <NumberField
            label="At the bench, any day"
            className="w-14"
            after="h"
            {...typedLimits(LIMITS.brief.hoursPerDay)}
            value={hoursPerDay}
            placeholder={String(usual)}
            onNumber={(value) =>
              dispatch(
                edit(
                  'hours a day',
                  (piece) => ({ ...piece, brief: { ...piece.brief, hoursPerDay: value } }),
                  'hours a day',
                ),
              )
            }
            onEmpty={() =>
              dispatch(
                edit('hours a day', (piece) => ({ ...piece, brief: { ...piece.brief, hoursPerDay: null } })),
              )
            }
          />
          {wished('Begins at', 'startsAt', clockOf(begins))}
          {wished('Due at', 'dueAt', clockOf(begins))}
        </div>
        <Week usual={usual} />
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          <DaysOff of="bench" says="Not at the bench on" />
          <DaysOff of="spray" says="No spraying on" />
        </div>
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
          {time('Oven from', 'ovenFrom', false)}
          {time('Oven until', 'ovenTo', true)}
          {time('Spraying from', 'sprayFrom', false)}
          {time('Spraying until', 'sprayTo', true)}
          <NumberField
            label="Ovens"
            className="w-11"
            {...typedLimits(LIMITS.benchPlan.ovens)}
            value={plan.ovens}
            onNumber={(ovens) => change('ovens', () => ({ ovens }), 'ovens')}
          />
          <NumberField
            label="Pairs of hands"
            className="w-11"
            {...typedLimits(LIMITS.benchPlan.hands)}
            value={plan.hands}
            onNumber={(hands) => change('hands at the bench', () => ({ hands }), 'hands')}
          />
          <NumberField
            label="Clamps"
            className="w-11"
            {...typedLimits(LIMITS.benchPlan.clamps)}
            value={plan.clamps}
            placeholder="any"
            onNumber={(clamps) => change('clamps', () => ({ clamps }), 'clamps')}
            onEmpty={() => change('clamps', () => ({ clamps: null }))}
          />
        </div>
        <Files />
      </div>
    </Section>
  );
}
