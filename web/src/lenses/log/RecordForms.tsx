import {
  addEntry,
  type BakeRecord,
  DEFAULT_ENTRY,
  type EntryId,
  LIMITS,
  type LogEntry,
  newId,
  type Outcome,
  type PartId,
  type PictureRef,
  typedLimits,
} from '@every-inch/core/piece';
import { useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { OUTCOME_OPTIONS } from '../../parts/outcomes.ts';
import { PictureButton } from '../../parts/PictureButton.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useAllFacts, useFind } from '../../spine/hooks.ts';
import { edit, selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';

/** What can be recorded. */
export type RecordKind = LogEntry['kind'];

const WHOLE = 'whole';

interface Draft {
  readonly part: string;
  readonly key: string;
  readonly madeMm: number | null;
  readonly temperatureC: number | null;
  readonly minutes: number | null;
  readonly outcome: Outcome;
  readonly note: string;
  readonly lesson: string;
  readonly pictures: readonly PictureRef[];
}

/** What the card asks for stands in the fields to begin with. */
function useDraft(kind: RecordKind) {
  const part = useAppSelector(selectPart);
  const find = useFind();
  const contexts = useAllFacts();
  const figure = (key: string) => find(part?.id ?? '', `${key}`) ?? find(null, `${key}`);
  const start = (): Draft => ({
    part: part?.id ?? WHOLE,
    key: part ? (contexts.get(part.id)?.shape.measures[0]?.key ?? '') : '',
    madeMm: null,
    temperatureC: kind === 'bake' ? (figure('bake.temperature')?.quantity.value ?? 130) : null,
    minutes: kind === 'bake' ? Math.round(figure('bake.hold')?.quantity.value ?? 20) : null,
    outcome: 'good',
    note: '',
    lesson: '',
    pictures: [],
  });
  const [draft, setDraft] = useState(start);
  return {
    draft,
    set: (change: Partial<Draft>) => setDraft((old) => ({ ...old, ...change })),
    restart: () => setDraft(start()),
  };
}

function entryOf(kind: RecordKind, draft: Draft, thicknessMm: number | null): LogEntry {
  const bake: BakeRecord | null =
    kind === 'bake' && draft.temperatureC !== null && draft.minutes !== null
      ? { temperatureC: draft.temperatureC, minutes: draft.minutes, thicknessMm, outcome: draft.outcome }
      : null;
  return {
    ...DEFAULT_ENTRY,
    id: newId<EntryId>(kind),
    at: new Date().toISOString(),
    kind,
    part: draft.part === WHOLE ? null : (draft.part as PartId),
    bake,
    measure: kind === 'measure' && draft.madeMm !== null ? { key: draft.key, madeMm: draft.madeMm } : null,
    note: draft.note,
    lesson: draft.lesson,
    pictures: [...draft.pictures],
  };
}

function faultOf(kind: RecordKind, draft: Draft): string | null {
  if (kind === 'bake' && (draft.temperatureC === null || draft.minutes === null))
    return 'Enter the heat and the minutes.';
  if (kind === 'measure' && draft.part === WHOLE) return 'Choose the part that was measured.';
  if (kind === 'measure' && draft.madeMm === null) return 'Enter the length as made.';
  if (kind === 'note' && draft.note.trim() === '' && draft.pictures.length === 0)
    return 'Write a line or add a picture.';
  return null;
}

/** Records a bake, a measure or a note. */
export function RecordForm({ kind, onDone }: { readonly kind: RecordKind; readonly onDone: () => void }) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const find = useFind();
  const contexts = useAllFacts();
  const { draft, set } = useDraft(kind);
  const [says, setSays] = useState<string | null>(null);
  const measures = contexts.get(draft.part)?.shape.measures ?? [];
  const record = (): void => {
    const fault = faultOf(kind, draft);
    setSays(fault);
    if (fault) return;
    const thickest = find(draft.part === WHOLE ? '' : draft.part, 'bulk.thickest')?.quantity.value ?? null;
    dispatch(edit(`record a ${kind}`, (old) => addEntry(old, entryOf(kind, draft, thickest))));
    onDone();
  };
  return (
    <form
      aria-label={`Record a ${kind}`}
      className="my-3 space-y-3 border border-hair bg-paper p-3"
      onSubmit={(event) => {
        event.preventDefault();
        record();
      }}
    >
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <Choice
          label="Part"
          className="max-w-60"
          value={draft.part}
          options={[
            { value: WHOLE, says: 'the whole piece' },
            ...piece.parts.map(({ id, name }) => ({ value: id as string, says: name })),
          ]}
          onChoose={(part) => set({ part, key: contexts.get(part)?.shape.measures[0]?.key ?? '' })}
        />
        {kind === 'measure' && (
          <>
            <Choice
              label="Measure"
              value={draft.key}
              options={measures.map(({ key, title }) => ({ value: key, says: title }))}
              onChoose={(key) => set({ key })}
            />
            <LengthField
              label="As made"
              shown={draft.madeMm === null ? '' : draft.madeMm.toFixed(2)}
              unit="mm"
              onLength={(madeMm) => set({ madeMm })}
            />
          </>
        )}
        {kind === 'bake' && (
          <>
            <NumberField
              {...typedLimits(LIMITS.bakeRecord.temperatureC)}
              label="Heat, by the thermometer"
              value={draft.temperatureC}
              after="°C"
              onNumber={(temperatureC) => set({ temperatureC })}
              onEmpty={() => set({ temperatureC: null })}
            />
            <NumberField
              {...typedLimits(LIMITS.bakeRecord.minutes)}
              label="Time"
              value={draft.minutes}
              after="min"
              onNumber={(minutes) => set({ minutes })}
              onEmpty={() => set({ minutes: null })}
            />
            <Choice
              label="Came out"
              value={draft.outcome}
              options={OUTCOME_OPTIONS}
              onChoose={(outcome) => set({ outcome })}
            />
          </>
        )}
      </div>
      <TextField long label="Note" value={draft.note} onText={(note) => set({ note })} />
      <TextField
        label="Next time (speaks up at the same stage)"
        value={draft.lesson}
        onText={(lesson) => set({ lesson })}
      />
      <div className="flex flex-wrap items-center gap-3">
        <PictureButton onPicture={({ ref }) => set({ pictures: [...draft.pictures, ref] })} />
        {draft.pictures.length > 0 && <span className="text-quiet">{draft.pictures.length} added</span>}
        {says && (
          <span role="alert" className="text-wont">
            {says}
          </span>
        )}
        <span className="ml-auto flex gap-2">
          <button type="button" className="press-quiet" onClick={onDone}>
            Leave it
          </button>
          <button type="submit" className="press">
            Record it
          </button>
        </span>
      </div>
    </form>
  );
}
