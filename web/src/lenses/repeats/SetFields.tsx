import {
  LIMITS,
  type Part,
  REPEAT_KINDS,
  type RepeatKind,
  type RepeatRule,
  typedLimits,
} from '@every-inch/core/piece';
import { formatMiniMm, miniMm, realMm } from '@every-inch/core/units';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { useLifeFormat } from '../../parts/lengths.ts';
import { NumberField } from '../../parts/NumberField.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { useAsk } from '../../spine/hooks.ts';

const KIND_SAYS: Readonly<Record<RepeatKind, string>> = {
  counted: 'told',
  along: 'in a row along a line',
  over: 'in rows over a face',
  scattered: 'scattered over a face',
  round: 'at equal steps round a line',
};
const KINDS = REPEAT_KINDS.map((value) => ({ value, says: KIND_SAYS[value] }));

interface FieldsProps {
  readonly part: Part;
  readonly rule: RepeatRule;
}

interface TickProps {
  readonly says: string;
  readonly isOn: boolean;
  readonly onTick: (isOn: boolean) => void;
}

function Tick({ says, isOn, onTick }: TickProps) {
  return (
    <label className="flex min-h-8 items-center gap-1">
      <input type="checkbox" checked={isOn} onChange={(event) => onTick(event.currentTarget.checked)} />
      {says}
    </label>
  );
}

/** A number of the rule. */
function Amount({
  part,
  rule,
  field,
  label,
  after,
  usual,
}: FieldsProps & {
  readonly field: 'ownCm2' | 'n' | 'perCm2' | 'sharePct' | 'sparePct' | 'letInPct' | 'atPct';
  readonly label: string;
  readonly after?: string;
  /** What stands for an emptied one; without it an empty field is refused. */
  readonly usual?: string;
}) {
  const set = usePartEdit(part);
  return (
    <NumberField
      {...typedLimits(LIMITS.repeatRule[field])}
      label={label}
      entry={['parts', part.id, 'repeat', field]}
      value={rule[field]}
      placeholder={usual}
      {...(after !== undefined && { after })}
      className="w-16"
      onNumber={(value) => set(`repeat.${field}`, value, label)}
      {...(usual !== undefined && { onEmpty: () => set(`repeat.${field}`, null, label) })}
    />
  );
}

/** A length of the rule in the part’s own frame. */
function Length({
  part,
  rule,
  field,
  label,
  usual,
}: FieldsProps & {
  readonly field: 'pitchMm' | 'exposureMm';
  readonly label: string;
  readonly usual: string;
}) {
  const set = usePartEdit(part);
  const life = useLifeFormat();
  const shown = (mm: number) => (part.sized === 'life' ? life(realMm(mm)) : formatMiniMm(miniMm(mm)));
  const value = rule[field];
  return (
    <LengthField
      label={`${label}, ${part.sized === 'life' ? 'in life' : 'on the bench'}`}
      entry={['parts', part.id, 'repeat', field]}
      className="w-28"
      shown={value === null ? '' : shown(value)}
      placeholder={usual}
      unit="mm"
      onLength={(mm) => set(`repeat.${field}`, mm, label)}
      onEmpty={() => set(`repeat.${field}`, null, label)}
    />
  );
}

const ON_LINE: readonly RepeatKind[] = ['along', 'round'];

/** Where a set goes: a line or a face of what it hangs on, or a length or area of its own. */
function Where({ part, rule }: FieldsProps) {
  const set = usePartEdit(part);
  const places = useAsk('repeats.places', { part: part.id }) ?? [];
  const wanted = ON_LINE.includes(rule.kind) ? 'line' : 'face';
  const options = [
    ...places.filter(({ kind }) => kind === wanted).map(({ key, says }) => ({ value: key, says })),
    { value: 'own', says: wanted === 'line' ? 'a length of its own' : 'an area of its own' },
  ];
  const isKnown = options.some(({ value }) => value === rule.on);
  return (
    <>
      <Choice
        label={wanted === 'line' ? 'Along' : 'Over'}
        value={rule.on}
        options={isKnown ? options : [{ value: rule.on, says: 'choose one' }, ...options]}
        onChoose={(on) => set('repeat.on', on, 'place')}
      />
      {rule.on === 'level' && (
        <Amount part={part} rule={rule} field="atPct" label="At, of its height" after="%" />
      )}
      {rule.on === 'own' && wanted === 'line' && (
        <LengthField
          label="Length, on the bench"
          entry={['parts', part.id, 'repeat', 'ownMm']}
          className="w-20"
          shown={formatMiniMm(miniMm(rule.ownMm))}
          unit="mm"
          onLength={(mm) => set('repeat.ownMm', mm, 'length of its line')}
        />
      )}
      {rule.on === 'own' && wanted === 'face' && (
        <Amount part={part} rule={rule} field="ownCm2" label="Area, on the bench" after="cm²" />
      )}
    </>
  );
}

/** How many of a set: where it goes, at what steps, how many to spare. */
export function SetFields({ part, rule }: FieldsProps) {
  const set = usePartEdit(part);
  const { kind } = rule;
  // Another way of finding the number wants another place.
  const choose = (to: RepeatKind) =>
    set(
      'repeat',
      { ...rule, kind: to, on: ON_LINE.includes(to) === ON_LINE.includes(kind) ? rule.on : 'own' },
      'how it is counted',
    );
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <Choice label="The number is" value={kind} options={KINDS} onChoose={choose} />
      {kind !== 'counted' && <Where part={part} rule={rule} />}
      {(kind === 'counted' || kind === 'round') && (
        <Amount part={part} rule={rule} field="n" label="How many" />
      )}
      {(kind === 'along' || kind === 'over') && (
        <Length part={part} rule={rule} field="pitchMm" label="One to the next" usual="side by side" />
      )}
      {kind === 'over' && (
        <Length
          part={part}
          rule={rule}
          field="exposureMm"
          label="Left to be seen of a row"
          usual="as usual"
        />
      )}
      {kind === 'scattered' && <Amount part={part} rule={rule} field="perCm2" label="On each cm²" />}
      {kind !== 'counted' && (
        <Amount part={part} rule={rule} field="sharePct" label="Only so much of it" after="%" />
      )}
      <Amount part={part} rule={rule} field="sparePct" label="To spare" after="%" usual="usual" />
      {part.parent && (
        <Amount part={part} rule={rule} field="letInPct" label="Pressed in, of each" after="%" />
      )}
      {kind === 'over' && (
        <>
          <Tick
            says="every other row by half"
            isOn={rule.staggered}
            onTick={(on) => set('repeat.staggered', on, 'rows')}
          />
          <Tick
            says="first row twice"
            isOn={rule.doubleFirst}
            onTick={(on) => set('repeat.doubleFirst', on, 'first row')}
          />
        </>
      )}
      {kind === 'along' && (
        <Tick
          says="one at either end"
          isOn={rule.bothEnds}
          onTick={(on) => set('repeat.bothEnds', on, 'ends')}
        />
      )}
      {part.mix.length > 0 && (
        <Tick
          says="baked ahead"
          isOn={rule.ahead}
          onTick={(on) => set('repeat.ahead', on, 'when it is baked')}
        />
      )}
    </div>
  );
}
