import { BODIES } from '@every-inch/core/finish';
import {
  type BodyId,
  LIMITS,
  MEETS,
  type Meets,
  SHEENS,
  type Sheen,
  typedLimits,
  ZONE_SIDES,
  type Zone,
  type ZoneSide,
} from '@every-inch/core/piece';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { usePartFacts } from '../../spine/hooks.ts';
import { editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { ColourField } from './ColourField.tsx';

const ALL = 'all';
const SIDE_SAYS: Readonly<Record<ZoneSide, string>> = {
  front: 'only its front',
  back: 'only its back',
  left: 'only its left',
  right: 'only its right',
  top: 'only what faces up',
  under: 'only its underside',
};
const SIDES = [
  { value: ALL, says: 'every side' },
  ...ZONE_SIDES.map((value) => ({ value: value as string, says: SIDE_SAYS[value] })),
];
const SHEEN_SAYS: Readonly<Record<Sheen, string>> = { matt: 'matt', satin: 'satin', gloss: 'gloss, or wet' };
const MEETS_SAYS: Readonly<Record<Meets, string>> = {
  hands: 'hands',
  water: 'water',
  sun: 'sun',
  frost: 'frost',
};
const AS_PART = 'as its part';

/** Regions of the part that belong to it; none ticked is all of it. */
function Regions({ zone }: { readonly zone: Zone }) {
  const dispatch = useAppDispatch();
  const facts = usePartFacts(zone.part);
  const regions = [...new Set(facts?.shape.regions ?? [])];
  if (regions.length < 2) return null;
  const set = (name: string, isOn: boolean) => {
    const next = isOn ? [...zone.regions, name] : zone.regions.filter((one) => one !== name);
    dispatch(editAt(`regions of ${zone.name}`, ['zones', zone.id, 'regions'], next));
  };
  return (
    <fieldset className="basis-full">
      <legend className="heading">Regions{zone.regions.length === 0 ? ': all of them' : ''}</legend>
      <span className="flex flex-wrap gap-x-3">
        {regions.map((name) => (
          <label key={name} className="flex min-h-7 items-center gap-1 text-[13px]">
            <input
              type="checkbox"
              checked={zone.regions.includes(name)}
              onChange={(event) => set(name, event.currentTarget.checked)}
            />
            {name}
          </label>
        ))}
      </span>
    </fieldset>
  );
}

/** Where a surface is, and what it is to become. */
export function ZoneFields({ zone }: { readonly zone: Zone }) {
  const dispatch = useAppDispatch();
  const { parts } = useOpenPiece();
  const set = (field: keyof Zone, value: unknown, what: string) =>
    dispatch(editAt(`${what} of ${zone.name}`, ['zones', zone.id, field], value));
  const part = parts.find(({ id }) => id === zone.part);
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2 py-1">
      <TextField
        label="Surface"
        entry={['zones', zone.id, 'name']}
        value={zone.name}
        className="w-44"
        onText={(name) => set('name', name === '' ? 'surface' : name.slice(0, 200), 'name')}
      />
      <ColourField
        label="To become"
        value={zone.colour}
        onColour={(colour) => set('colour', colour, 'colour')}
      />
      <Choice
        label="Shine"
        value={zone.sheen}
        options={SHEENS.map((value) => ({ value, says: SHEEN_SAYS[value] }))}
        onChoose={(sheen) => set('sheen', sheen, 'shine')}
      />
      <Choice
        label="It is of"
        value={zone.of ?? AS_PART}
        options={[
          { value: AS_PART, says: part ? `as ${part.name} is` : 'as the ground is' },
          ...BODIES.map(({ id, title }) => ({ value: id as string, says: title })),
        ]}
        onChoose={(of) => set('of', of === AS_PART ? null : (of as BodyId), 'stuff')}
      />
      <fieldset>
        <legend className="heading">Meets</legend>
        <span className="flex gap-x-3">
          {MEETS.map((meets) => (
            <label key={meets} className="flex min-h-7 items-center gap-1 text-[13px]">
              <input
                type="checkbox"
                checked={zone.meets.includes(meets)}
                onChange={(event) =>
                  set(
                    'meets',
                    event.currentTarget.checked
                      ? [...zone.meets, meets]
                      : zone.meets.filter((one) => one !== meets),
                    'what meets',
                  )
                }
              />
              {MEETS_SAYS[meets]}
            </label>
          ))}
        </span>
      </fieldset>
      {part && (
        <>
          <Regions zone={zone} />
          <Choice
            label="Side"
            value={zone.side ?? ALL}
            options={SIDES}
            onChoose={(side) => set('side', side === ALL ? null : side, 'side')}
          />
          <NumberField
            {...typedLimits(LIMITS.zone.lowPct)}
            entry={['zones', zone.id, 'lowPct']}
            label="From"
            value={zone.lowPct}
            after="% of its height"
            className="w-14"
            onNumber={(n) => set('lowPct', n, 'lower end')}
          />
          <NumberField
            {...typedLimits(LIMITS.zone.highPct)}
            entry={['zones', zone.id, 'highPct']}
            label="To"
            value={zone.highPct}
            after="%"
            className="w-14"
            onNumber={(n) => set('highPct', n, 'upper end')}
          />
        </>
      )}
      <NumberField
        {...typedLimits(LIMITS.zone.sharePct)}
        entry={['zones', zone.id, 'sharePct']}
        label="Of that, taken"
        value={zone.sharePct}
        after="%"
        className="w-14"
        onNumber={(n) => set('sharePct', n, 'share')}
      />
      <NumberField
        {...typedLimits(LIMITS.zone.areaCm2)}
        entry={['zones', zone.id, 'areaCm2']}
        label="Or as you have it"
        value={zone.areaCm2}
        placeholder="reckoned"
        after="cm²"
        className="w-28"
        onNumber={(n) => set('areaCm2', n, 'area')}
        onEmpty={() => set('areaCm2', null, 'area')}
      />
    </div>
  );
}
