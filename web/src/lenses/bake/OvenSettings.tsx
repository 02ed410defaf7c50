import { type BakeSettings, LIMITS, typedLimits } from '@every-inch/core/piece';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { editAt, useAppDispatch } from '../../state/store.ts';

/** Longest bake that is looked at, min. */
export const UNTIL = 360;

interface OvenSettingsProps {
  readonly settings: BakeSettings;
  readonly usualDialC: number;
  /** What stands in the empty field of the time. */
  readonly usualHold: string;
}

/** How the oven is run: kept with the piece. */
export function OvenSettings({ settings, usualDialC, usualHold }: OvenSettingsProps) {
  const dispatch = useAppDispatch();
  const set = (change: Partial<BakeSettings>, label: string) =>
    dispatch(editAt(label, ['oven'], { ...settings, ...change }));
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <NumberField
        {...typedLimits(LIMITS.bakeSettings.dialC)}
        entry={['oven', 'dialC']}
        label="Dial"
        value={settings.dialC}
        placeholder={usualDialC.toFixed(0)}
        after="°C"
        className="w-16"
        onNumber={(dialC) => set({ dialC }, 'dial of the oven')}
        onEmpty={() => set({ dialC: null }, 'dial of the oven')}
      />
      <NumberField
        label="In the oven"
        entry={['oven', 'holdMin']}
        value={settings.holdMin}
        min={1}
        max={UNTIL}
        placeholder={usualHold}
        after="min"
        className="w-24"
        onNumber={(holdMin) => set({ holdMin }, 'time in the oven')}
        onEmpty={() => set({ holdMin: null }, 'time in the oven')}
      />
      <Choice
        label="Air"
        value={settings.air}
        options={[
          { value: 'still', says: 'still' },
          { value: 'fan', says: 'fan' },
          { value: 'tent', says: 'under a foil tent' },
        ]}
        onChoose={(air) => set({ air }, 'air of the oven')}
      />
      <Choice
        label="It stands on"
        value={settings.under}
        options={[
          { value: 'rack', says: 'the rack' },
          { value: 'tile', says: 'a tile' },
          { value: 'pad', says: 'a pad of fibre' },
        ]}
        onChoose={(under) => set({ under }, 'what it stands on')}
      />
      <Choice
        label="Goes in"
        value={settings.preheated ? 'hot' : 'cold'}
        options={[
          { value: 'hot', says: 'when the oven is hot' },
          { value: 'cold', says: 'into the cold oven' },
        ]}
        onChoose={(value) => set({ preheated: value === 'hot' }, 'start of the bake')}
      />
      <Choice
        label="Cools"
        value={settings.cooling}
        options={[
          { value: 'ajar', says: 'in it, door ajar' },
          { value: 'out', says: 'outside' },
        ]}
        onChoose={(cooling) => set({ cooling }, 'cooling')}
      />
    </div>
  );
}
