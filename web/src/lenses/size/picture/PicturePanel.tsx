import type { PartFacts } from '@every-inch/core/context';
import { withMeasure } from '@every-inch/core/form';
import { LIMITS, type Reference, type Taking, typedLimits } from '@every-inch/core/piece';
import { formatQuantity, formatRange } from '@every-inch/core/reckoning';
import { formatMiniMm, miniMm, realMm } from '@every-inch/core/units';
import { BinButton } from '../../../parts/BinButton.tsx';
import { Choice } from '../../../parts/Choice.tsx';
import { LengthField } from '../../../parts/LengthField.tsx';
import { useLifeFormat } from '../../../parts/lengths.ts';
import { NumberField } from '../../../parts/NumberField.tsx';
import { TextField } from '../../../parts/TextField.tsx';
import { Working } from '../../../parts/Working.tsx';
import { useFigure, useRatio } from '../../../spine/hooks.ts';
import { edit, editAt, useAppDispatch } from '../../../state/store.ts';
import { calibrated, type Overlay, useReferenceEdit } from './reference.ts';
import { TOOLS, type Tool } from './tools.ts';

interface TakingProps {
  readonly taking: Taking;
  readonly reference: Reference;
  readonly context: PartFacts | undefined;
}

/** One measure: what it comes to in life and in miniature, and where it is sent. */
function TakingRow({ taking, reference, context }: TakingProps) {
  const dispatch = useAppDispatch();
  const put = useReferenceEdit(reference);
  const figure = useFigure(null, `${taking.kind === 'angle' ? 'angle' : 'taking'}.${taking.id}`);
  const ratio = useRatio();
  const isLength = taking.kind !== 'angle';
  const change = (over: Partial<Taking>) =>
    put(
      { takings: reference.takings.map((one) => (one.id === taking.id ? { ...one, ...over } : one)) },
      taking.name,
    );
  const send = (key: string): void => {
    const measure = context?.shape.measures.find((one) => one.key === key);
    const field = measure?.field ?? (measure?.lock ? `locked.${measure.lock}` : null);
    if (!context || !figure || !measure || field === null) return;
    const { part } = context;
    const lengthMm = figure.quantity.value / (part.sized === 'life' ? 1 : ratio);
    dispatch(
      editAt(
        `${measure.title} of ${part.name}, off a picture`,
        ['parts', part.id, 'form'],
        withMeasure(part.form, field, lengthMm),
      ),
    );
  };
  const takers = context?.shape.measures.filter(({ field, lock }) => field !== null || lock) ?? [];
  return (
    <li className="border-t border-hair py-1">
      <div className="flex items-center gap-1">
        <TextField
          hideLabel
          label="Name of the measure"
          className="w-full"
          value={taking.name}
          onText={(name) => change({ name: name.slice(0, 200) })}
        />
        <BinButton
          label={`Take ${taking.name} out`}
          onPress={() =>
            put({ takings: reference.takings.filter(({ id }) => id !== taking.id) }, taking.name)
          }
        />
      </div>
      {figure ? (
        <>
          <div className="flex items-center">
            <output className="figure" aria-label={`${taking.name}, measured`}>
              {formatQuantity(figure.quantity)}
            </output>
            <Working figure={figure} />
            {isLength && (
              <span className="figure ml-auto text-quiet">
                {formatMiniMm(miniMm(figure.quantity.value / ratio))} mm
              </span>
            )}
          </div>
          <div className="text-[12.5px] text-quiet">{formatRange(figure.quantity)}, as the spots are set</div>
          {isLength && takers.length > 0 && (
            <Choice
              hideLabel
              label={`Send ${taking.name} to`}
              className="w-full"
              value=""
              options={[
                { value: '', says: `send to a size of ${context?.part.name ?? ''} …` },
                ...takers.map(({ key, title }) => ({ value: key, says: title })),
              ]}
              onChoose={send}
            />
          )}
        </>
      ) : (
        <p className="text-[13px] text-quiet">— set what is known first</p>
      )}
    </li>
  );
}

interface PanelProps {
  readonly reference: Reference;
  readonly context: PartFacts | undefined;
  readonly tool: Tool;
  readonly onTool: (tool: Tool) => void;
  readonly overlay: Overlay;
  readonly onOverlay: (overlay: Overlay) => void;
  readonly onGone: () => void;
}

/** What a picture shows, what of it is known, and what was measured. */
export function PicturePanel({ reference, context, tool, onTool, overlay, onOverlay, onGone }: PanelProps) {
  const dispatch = useAppDispatch();
  const put = useReferenceEdit(reference);
  const format = useLifeFormat();
  const { known, square, shownRatio } = reference;
  const isSelf = shownRatio === 1;
  const shown = (mm: number) => (isSelf ? format(realMm(mm)) : formatMiniMm(miniMm(mm)));
  const { says } = calibrated(reference);
  return (
    <div className="relative w-64 shrink-0 overflow-y-auto border-l border-hair pl-3 max-md:w-full max-md:border-l-0 max-md:pl-0">
      <TextField
        label="Caption"
        value={reference.caption}
        onText={(caption) => put({ caption: caption.slice(0, 200) }, 'caption')}
      />
      <TextField
        label="Source"
        value={reference.source}
        placeholder="who took or drew it"
        onText={(source) => put({ source: source.slice(0, 200) }, 'source')}
      />
      <div className="mt-1 flex items-end gap-2">
        <Choice
          label="It shows"
          value={isSelf ? 'life' : 'miniature'}
          options={[
            { value: 'life', says: 'the thing itself' },
            { value: 'miniature', says: 'a miniature, 1 :' },
          ]}
          onChoose={(to) => put({ shownRatio: to === 'life' ? 1 : 12 }, 'what it shows')}
        />
        {!isSelf && (
          <NumberField
            {...typedLimits(LIMITS.reference.shownRatio)}
            hideLabel
            label="Scale of the miniature shown, 1 to"
            className="w-14"
            value={shownRatio}
            onNumber={(value) => put({ shownRatio: value }, 'what it shows')}
          />
        )}
      </div>
      <div className="mt-2 flex flex-wrap gap-1">
        {(Object.keys(TOOLS) as (keyof typeof TOOLS)[]).map((one) => (
          <button
            key={one}
            type="button"
            className={`press-quiet px-1.5 ${tool === one ? 'bg-ink text-bench' : ''}`}
            aria-pressed={tool === one}
            onClick={() => onTool(tool === one ? 'look' : one)}
          >
            {TOOLS[one].says}
          </button>
        ))}
      </div>
      {known && !square && (
        <LengthField
          label={`The known length is, ${isSelf ? 'in life' : 'mm'}`}
          entry={['references', reference.id, 'known', 'lengthMm']}
          shown={shown(known.lengthMm)}
          unit="mm"
          onLength={(lengthMm) => put({ known: { ...known, lengthMm } }, 'known length')}
        />
      )}
      {square && (
        <div className="flex items-end gap-2">
          <LengthField
            label="It is wide"
            entry={['references', reference.id, 'square', 'widthMm']}
            shown={shown(square.widthMm)}
            unit="mm"
            className="w-20"
            onLength={(widthMm) => put({ square: { ...square, widthMm } }, 'known rectangle')}
          />
          <LengthField
            label="and high"
            entry={['references', reference.id, 'square', 'heightMm']}
            shown={shown(square.heightMm)}
            unit="mm"
            className="w-20"
            onLength={(heightMm) => put({ square: { ...square, heightMm } }, 'known rectangle')}
          />
          <BinButton
            label="Take the known rectangle out"
            onPress={() => put({ square: null }, 'known rectangle')}
          />
        </div>
      )}
      {says && (
        <p
          role={known || square ? 'alert' : undefined}
          className={`mt-1 text-[13px] ${known || square ? 'text-wont' : 'text-quiet'}`}
        >
          {says}
        </p>
      )}
      {!says && context && (
        <div className="mt-2">
          <Choice
            label={`Lay ${context.part.name} over it`}
            value={overlay}
            options={[
              { value: 'none', says: 'no' },
              { value: 'front', says: 'from the front' },
              { value: 'side', says: 'from the side' },
            ]}
            onChoose={onOverlay}
          />
        </div>
      )}
      <ul className="mt-2">
        {reference.takings.map((taking) => (
          <TakingRow key={taking.id} taking={taking} reference={reference} context={context} />
        ))}
      </ul>
      <button
        type="button"
        className="press-quiet mt-1 text-[13px] text-quiet"
        onClick={() => {
          dispatch(
            edit('take a picture out', (piece) => ({
              ...piece,
              references: piece.references.filter(({ id }) => id !== reference.id),
            })),
          );
          onGone();
        }}
      >
        Take this picture out
      </button>
    </div>
  );
}
