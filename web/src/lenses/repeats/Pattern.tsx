import {
  DEFAULT_PATTERN,
  type Hand,
  LIMITS,
  PATTERN_KINDS,
  type Part,
  type PatternChoice,
  type PatternKind,
  typedLimits,
} from '@every-inch/core/piece';
import type { PatternFacts } from '@every-inch/core/repeats';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { useFigure, useTold } from '../../spine/hooks.ts';

const KIND_SAYS: Readonly<Record<PatternKind, string>> = {
  marble: 'marbled: streaks',
  twist: 'twisted: a rope of strands',
  cane: 'a cane, cut into slices',
  mottle: 'mottled: chips pressed together',
  crumbs: 'with crumbs in it',
};
const HAND_SAYS: Readonly<Record<Hand, string>> = {
  right: 'rising to the right',
  left: 'rising to the left',
};

type Size = 'thickMm' | 'reducedMm' | 'sliceMm' | 'pieceMm';

/** What each kind is told by, and what it is called there. */
const SIZES: Readonly<Record<PatternKind, readonly (readonly [Size, string])[]>> = {
  marble: [['thickMm', 'log, across']],
  twist: [
    ['thickMm', 'strands together, across'],
    ['reducedMm', 'rope in the end, across'],
    ['sliceMm', 'cut every'],
  ],
  cane: [
    ['thickMm', 'built up, across'],
    ['reducedMm', 'reduced to, across'],
    ['sliceMm', 'slices, thick'],
  ],
  mottle: [['pieceMm', 'chips, across']],
  crumbs: [['pieceMm', 'crumbs, across']],
};
const TURNS_SAY: Partial<Readonly<Record<PatternKind, string>>> = {
  marble: 'folded and rolled, times',
  twist: 'turns in 100 mm',
};
const mm = (value: number) => formatMiniMm(miniMm(value));

function Fields({ part, choice }: { readonly part: Part; readonly choice: PatternChoice }) {
  const set = usePartEdit(part);
  const turns = TURNS_SAY[choice.kind];
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <Choice
        label="Its clays are"
        value={choice.kind}
        options={PATTERN_KINDS.map((value) => ({ value, says: KIND_SAYS[value] }))}
        onChoose={(kind) => set('pattern.kind', kind, 'pattern')}
      />
      {SIZES[choice.kind].map(([field, label]) => (
        <LengthField
          key={field}
          label={label}
          entry={['parts', part.id, 'pattern', field]}
          className="w-18"
          shown={mm(choice[field])}
          unit="mm"
          onLength={(length) => {
            const { min, max } = LIMITS.patternChoice[field];
            set(`pattern.${field}`, Math.min(max, Math.max(min, length)), label);
          }}
        />
      ))}
      {turns && (
        <NumberField
          {...typedLimits(LIMITS.patternChoice.turns)}
          label={turns}
          entry={['parts', part.id, 'pattern', 'turns']}
          className="w-14"
          value={choice.turns}
          onNumber={(n) => set('pattern.turns', n, turns)}
        />
      )}
      {choice.kind === 'twist' && (
        <Choice
          label="stripes"
          value={choice.hand}
          options={(['right', 'left'] as const).map((value) => ({ value, says: HAND_SAYS[value] }))}
          onChoose={(hand) => set('pattern.hand', hand, 'which way it turns')}
        />
      )}
      <BinButton label={`${part.name} of one colour`} onPress={() => set('pattern', null, 'pattern')} />
    </div>
  );
}

/** How it is laid up, in the order of the work. */
function Steps({ part, facts }: { readonly part: Part; readonly facts: PatternFacts }) {
  const { choice, clays } = facts;
  const blank = useFigure(part.id, 'pattern.blank')?.quantity.value;
  const reduced = useFigure(part.id, 'pattern.reduced')?.quantity.value;
  const left = useFigure(part.id, 'pattern.left')?.quantity.value;
  return (
    <ol aria-label="How it is laid up" className="mt-2 list-decimal pl-5">
      <li>
        Take{' '}
        {clays.map(({ name, grams, percent }, i) => (
          <span key={name}>
            {i > 0 && ', '}
            {name} <span className="figure">{grams.toFixed(1)} g</span>{' '}
            <span className="text-quiet">({percent.toFixed(0)} %)</span>
          </span>
        ))}
      </li>
      {choice.kind === 'marble' && (
        <li>
          Lay the clays side by side, roll, fold, twist; stop after {choice.turns} times, while the streaks
          still stand apart
        </li>
      )}
      {blank !== undefined && reduced !== undefined && (
        <>
          <li>
            {choice.kind === 'twist' ? 'Lay the strands together' : 'Build it up'}{' '}
            <span className="figure">{mm(choice.thickMm)}</span> across and{' '}
            <span className="figure">{mm(blank)} mm</span> long
          </li>
          <li>
            {choice.kind === 'twist'
              ? `Twist it ${Math.round((reduced * choice.turns) / 100)} turns in all, stripes ${HAND_SAYS[choice.hand]}, and roll`
              : 'Press and roll it from the middle outward'}{' '}
            till it is <span className="figure">{mm(choice.reducedMm)}</span> across and{' '}
            <span className="figure">{mm(reduced)} mm</span> long
          </li>
          <li>
            Cool it, cut off both distorted ends, then cut every{' '}
            <span className="figure">{mm(choice.sliceMm)} mm</span>
          </li>
          {left !== undefined && (
            <li>
              Keep the <span className="figure">{left.toFixed(1)} g</span> of its ends under the name of the
              pattern: chopped, they make the next mottled clay
            </li>
          )}
        </>
      )}
      {choice.kind === 'mottle' && (
        <li>Chop them firm and cool, press them together without kneading, then roll</li>
      )}
      {choice.kind === 'crumbs' && (
        <li>Work them in last, evenly, and roll it no thinner than twice a crumb</li>
      )}
    </ol>
  );
}

/** Clays laid into one another: what of each, how far they are worked, how long the log is and where it is cut. */
export function Pattern({ part }: { readonly part: Part }) {
  const set = usePartEdit(part);
  const facts = useTold('repeats.pattern', part.id);
  const { pattern } = part;
  if (part.mix.length === 0) return null;
  return (
    <Section
      id="pattern"
      title="Patterned clay"
      says={`Clays of ${part.name}`}
      edits={['parts.*.pattern']}
      className="max-w-5xl"
    >
      {pattern === null ? (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => set('pattern', DEFAULT_PATTERN, 'pattern')}
        >
          + A pattern in the clay of {part.name}
        </button>
      ) : (
        <>
          <Fields part={part} choice={pattern} />
          {part.mix.length < 2 && (
            <p className="mt-2 text-tight">
              One clay alone makes no pattern: give the part a second one at Bulk.
            </p>
          )}
          {facts && <Steps part={part} facts={facts} />}
        </>
      )}
    </Section>
  );
}
