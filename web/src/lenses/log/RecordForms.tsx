import type { FormMeasure } from '@every-inch/core/form';
import { BakeDraft, MeasureDraft, NoteDraft, type RecordDraft, WHOLE } from '@every-inch/core/log/drafts';
import {
  addEntry,
  DEFAULT_ENTRY,
  type EntryId,
  LIMITS,
  type LogEntry,
  newId,
  type PartId,
  typedLimits,
} from '@every-inch/core/piece';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useEffect } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { OUTCOME_OPTIONS } from '../../parts/outcomes.ts';
import { PictureButton } from '../../parts/PictureButton.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useAllFacts, useFind } from '../../spine/hooks.ts';
import { edit, selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';

/** What can be recorded. */
export type RecordKind = Exclude<LogEntry['kind'], 'result' | 'cast' | 'step'>;

/** All that any record asks for; each kind has checks of its own. */
type Draft = RecordDraft & Omit<BakeDraft, keyof RecordDraft> & Omit<MeasureDraft, keyof RecordDraft>;

const CHECKED = {
  bake: BakeDraft,
  measure: MeasureDraft,
  note: NoteDraft,
} satisfies Readonly<Record<RecordKind, new () => RecordDraft>>;

/** What the card asks for stands in the fields to begin with. */
function useStart(kind: RecordKind): Draft {
  const part = useAppSelector(selectPart);
  const find = useFind();
  const figure = (key: string) => find(part?.id ?? '', key) ?? find(null, key);
  return {
    part: part?.id ?? WHOLE,
    key: '',
    madeMm: null,
    temperatureC: kind === 'bake' ? (figure('bake.temperature')?.quantity.value ?? 130) : null,
    minutes: kind === 'bake' ? Math.round(figure('bake.minutes')?.quantity.value ?? 20) : null,
    outcome: 'good',
    note: '',
    lesson: '',
    pictures: [],
  };
}

function entryOf(kind: RecordKind, draft: Draft, thicknessMm: number | null): LogEntry {
  const { part, key, madeMm, temperatureC, minutes, outcome, note, lesson, pictures } = draft;
  return {
    ...DEFAULT_ENTRY,
    id: newId<EntryId>(kind),
    at: new Date().toISOString(),
    kind,
    part: part === WHOLE ? null : (part as PartId),
    bake:
      kind === 'bake' && temperatureC !== null && minutes !== null
        ? { temperatureC, minutes, thicknessMm, outcome }
        : null,
    measure: kind === 'measure' && madeMm !== null ? { key, madeMm } : null,
    note,
    lesson,
    pictures: [...pictures],
  };
}

const NO_MEASURES: readonly FormMeasure[] = [];

/** Records a bake, a measure or a note. */
export function RecordForm({ kind, onDone }: { readonly kind: RecordKind; readonly onDone: () => void }) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const find = useFind();
  const contexts = useAllFacts();
  const { control, handleSubmit, setValue, watch } = useForm<Draft>({
    values: useStart(kind),
    // What was typed stays when the card asks for something else meanwhile, and what was said against it.
    resetOptions: { keepDirtyValues: true, keepErrors: true },
    resolver: classValidatorResolver(CHECKED[kind] as new () => Draft, {}, { raw: true }),
  });
  const part = watch('part');
  const measures = contexts.get(part)?.shape.measures ?? NO_MEASURES;
  const key = watch('key');
  useEffect(() => {
    const [first] = measures;
    if (kind === 'measure' && first && !measures.some((one) => one.key === key))
      setValue('key', first.key, { shouldDirty: true });
  }, [kind, measures, key, setValue]);
  const record = handleSubmit((draft) => {
    const thickest = find(draft.part === WHOLE ? '' : draft.part, 'bulk.thickest')?.quantity.value ?? null;
    dispatch(edit(`record a ${kind}`, (old) => addEntry(old, entryOf(kind, draft, thickest))));
    onDone();
  });
  return (
    <form
      aria-label={`Record a ${kind}`}
      className="my-3 space-y-3 border border-hair bg-paper p-3"
      onSubmit={record}
    >
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <Controller
          name="part"
          control={control}
          render={({ field, fieldState }) => (
            <Choice
              label="Part"
              className="max-w-60"
              value={field.value}
              fault={fieldState.error?.message}
              options={[
                { value: WHOLE, says: 'the whole piece' },
                ...piece.parts.map(({ id, name }) => ({ value: id as string, says: name })),
              ]}
              onChoose={field.onChange}
            />
          )}
        />
        {kind === 'measure' && (
          <>
            <Controller
              name="key"
              control={control}
              render={({ field, fieldState }) => (
                <Choice
                  label="Measure"
                  value={field.value}
                  fault={fieldState.error?.message}
                  options={measures.map(({ key, title }) => ({ value: key, says: title }))}
                  onChoose={field.onChange}
                />
              )}
            />
            <Controller
              name="madeMm"
              control={control}
              render={({ field, fieldState }) => (
                <LengthField
                  label="As made"
                  shown={field.value === null ? '' : field.value.toFixed(2)}
                  unit="mm"
                  fault={fieldState.error?.message}
                  onLength={field.onChange}
                  onEmpty={() => field.onChange(null)}
                />
              )}
            />
          </>
        )}
        {kind === 'bake' && (
          <>
            <Controller
              name="temperatureC"
              control={control}
              render={({ field, fieldState }) => (
                <NumberField
                  {...typedLimits(LIMITS.bakeRecord.temperatureC)}
                  label="Heat, by the thermometer"
                  value={field.value}
                  after="°C"
                  fault={fieldState.error?.message}
                  onNumber={field.onChange}
                  onEmpty={() => field.onChange(null)}
                />
              )}
            />
            <Controller
              name="minutes"
              control={control}
              render={({ field, fieldState }) => (
                <NumberField
                  {...typedLimits(LIMITS.bakeRecord.minutes)}
                  label="Time"
                  value={field.value}
                  after="min"
                  fault={fieldState.error?.message}
                  onNumber={field.onChange}
                  onEmpty={() => field.onChange(null)}
                />
              )}
            />
            <Controller
              name="outcome"
              control={control}
              render={({ field }) => (
                <Choice
                  label="Came out"
                  value={field.value}
                  options={OUTCOME_OPTIONS}
                  onChoose={field.onChange}
                />
              )}
            />
          </>
        )}
      </div>
      <Controller
        name="note"
        control={control}
        render={({ field, fieldState }) => (
          <TextField
            long
            label="Note"
            value={field.value}
            fault={fieldState.error?.message}
            onText={field.onChange}
          />
        )}
      />
      <Controller
        name="lesson"
        control={control}
        render={({ field }) => (
          <TextField
            label="Next time (speaks up at the same stage)"
            value={field.value}
            onText={field.onChange}
          />
        )}
      />
      <div className="flex flex-wrap items-center gap-3">
        <Controller
          name="pictures"
          control={control}
          render={({ field }) => (
            <>
              <PictureButton onPicture={({ ref }) => field.onChange([...field.value, ref])} />
              {field.value.length > 0 && <span className="text-quiet">{field.value.length} added</span>}
            </>
          )}
        />
        <span className="ml-auto flex gap-2">
          <button type="button" className="press-quiet" onClick={onDone}>
            Cancel
          </button>
          <button type="submit" className="press">
            Record it
          </button>
        </span>
      </div>
    </form>
  );
}
