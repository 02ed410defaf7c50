import { FEATURE_KINDS, usualFeatures } from '@every-inch/core/brief';
import {
  DEFAULT_FEATURE,
  FEATURE_HOWS,
  type Feature,
  LIMITS,
  type Part,
  typedLimits,
} from '@every-inch/core/piece';
import { formatMiniMm, miniMm, realMm } from '@every-inch/core/units';
import { Check } from 'lucide-react';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { useLifeFormat } from '../../parts/lengths.ts';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';
import { useFigure } from '../../spine/hooks.ts';
import { editAt, selectPart, useAppDispatch, useAppSelector } from '../../state/store.ts';

interface RowProps {
  readonly part: Part;
  readonly feature: Feature;
  readonly at: number;
  readonly onFeature: (feature: Feature) => void;
  readonly onRemove: () => void;
}

const KINDS = FEATURE_HOWS.map((value) => ({ value, says: FEATURE_KINDS[value].title }));

/** What a feature is for the route: baked ahead as a small part, or part of a face. */
const HOW = [
  ['ahead', 'baked ahead'],
  ['facial', 'of a face'],
] as const;

function FeatureRow({ part, feature, at, onFeature, onRemove }: RowProps) {
  const { name, wanted, made } = feature;
  const isDone = made >= wanted;
  const format = useLifeFormat();
  const sized = (mm: number) => (part.sized === 'life' ? format(realMm(mm)) : formatMiniMm(miniMm(mm)));
  const figure = useFigure(part.id, `feature.${at + 1}`);
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-t border-hair py-0.5">
      <TextField
        hideLabel
        label={`Feature ${at + 1}`}
        entry={['parts', part.id, 'features']}
        className="w-48"
        value={name}
        onText={(text) => text !== '' && onFeature({ ...feature, name: text.slice(0, 200) })}
      />
      <NumberField
        {...typedLimits(LIMITS.feature.wanted)}
        hideLabel
        label={`${name}, how many`}
        className="w-14"
        value={wanted}
        after="wanted"
        onNumber={(value) => onFeature({ ...feature, wanted: value })}
      />
      <span className="flex items-center gap-1">
        <button
          type="button"
          className="press-quiet size-8"
          aria-label={`One of ${name} less`}
          disabled={made === 0}
          onClick={() => onFeature({ ...feature, made: made - 1 })}
        >
          −
        </button>
        <output className="figure w-8 text-center" aria-label={`${name} made`}>
          {made}
        </output>
        <button
          type="button"
          className="press-quiet size-8"
          aria-label={`One of ${name} more`}
          disabled={isDone}
          onClick={() => onFeature({ ...feature, made: made + 1 })}
        >
          +
        </button>
        <button
          type="button"
          className="press-quiet text-fired"
          disabled={isDone}
          onClick={() => onFeature({ ...feature, made: wanted })}
        >
          all of them
        </button>
      </span>
      <span className="w-24 text-[13px] text-quiet">
        {isDone ? (
          <span className="flex items-center gap-1 text-fits">
            <Check aria-hidden className="size-3.5" /> all there
          </span>
        ) : (
          `${wanted - made} to make`
        )}
      </span>
      {HOW.map(([key, says]) => (
        <label key={key} className="flex min-h-8 items-center gap-1 text-[13px]">
          <input
            type="checkbox"
            aria-label={`${name}, ${says}`}
            checked={feature[key]}
            onChange={(event) => onFeature({ ...feature, [key]: event.currentTarget.checked })}
          />
          {says}
        </label>
      ))}
      <Choice
        hideLabel
        label={`What ${name} is`}
        value={feature.how}
        options={KINDS}
        onChoose={(how) => onFeature({ ...feature, how })}
      />
      <LengthField
        hideLabel
        entry={['parts', part.id, 'features', String(at), 'acrossMm']}
        label={`Size of ${name}, ${part.sized === 'life' ? 'in life' : 'on the bench'}`}
        className="w-20"
        shown={feature.acrossMm === null ? '' : sized(feature.acrossMm)}
        unit="mm"
        onLength={(acrossMm) => onFeature({ ...feature, acrossMm })}
        onEmpty={() => onFeature({ ...feature, acrossMm: null })}
      />
      <span className="text-[13px] text-quiet">{part.sized === 'life' ? 'in life' : 'mm here'}</span>
      <BinButton label={`Take out ${name}`} onPress={onRemove} />
      {figure?.verdict && (
        <div className="flex w-full items-start pl-2">
          <Working figure={figure} />
          <VerdictLine verdict={figure.verdict} />
        </div>
      )}
    </li>
  );
}

function FeaturesOf({ part }: { readonly part: Part }) {
  const dispatch = useAppDispatch();
  const { features } = part;
  const put = (next: readonly Feature[], label: string) =>
    dispatch(editAt(`${label} of ${part.name}`, ['parts', part.id, 'features'], next));
  const usual = usualFeatures(part.form).filter(({ name }) => features.every((one) => one.name !== name));
  return (
    <Section
      id="features"
      title="Features to count"
      says={`To be counted on ${part.name}`}
      edits={['parts.*.features']}
    >
      <p className="text-[13px] text-quiet">
        What there must be so many of. What is missing is named before the part bakes.
      </p>
      <ul className="mt-1">
        {features.map((feature, i) => (
          <FeatureRow
            // biome-ignore lint/suspicious/noArrayIndexKey: features are known by their place, their names are typed
            key={i}
            part={part}
            feature={feature}
            at={i}
            onFeature={(next) =>
              put(
                features.map((old, j) => (j === i ? next : old)),
                feature.name,
              )
            }
            onRemove={() =>
              put(
                features.filter((_, j) => j !== i),
                'features',
              )
            }
          />
        ))}
      </ul>
      <div className="flex flex-wrap gap-x-3">
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => put([...features, { ...DEFAULT_FEATURE, name: 'feature' }], 'features')}
        >
          + A feature
        </button>
        {usual.length > 0 && (
          <button
            type="button"
            className="press-quiet text-left text-fired"
            onClick={() => put([...features, ...usual], 'features')}
          >
            + What it usually has: {usual.map(({ name, wanted }) => `${wanted} ${name}`).join(', ')}
          </button>
        )}
      </div>
    </Section>
  );
}

/** Features to count on the selected part. */
export function Features() {
  const part = useAppSelector(selectPart);
  return part && <FeaturesOf key={part.id} part={part} />;
}
