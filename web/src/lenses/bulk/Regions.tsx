import { type RegionRow, regionRows } from '@every-inch/core/bulk';
import type { PartFacts } from '@every-inch/core/context';
import {
  DEFAULT_REGION,
  LIMITS,
  type RegionChoice,
  typedLimits,
  type ZoneShare,
} from '@every-inch/core/piece';
import { useState } from 'react';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useTold } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';
import { Mix } from './Mix.tsx';

type Change = Partial<Omit<RegionChoice, 'region'>>;

/** Whether nothing of a region is settled any more: it is not kept. */
function isPlain({ cored, skinMm, mix, pass, zones }: RegionChoice): boolean {
  return cored && skinMm === null && mix.length === 0 && pass === 1 && zones.length === 0;
}

/** Changes what is settled about one region of a part. */
function useRegionEdit({ part }: PartFacts) {
  const dispatch = useAppDispatch();
  return (region: string, change: Change, label: string) => {
    const before = part.regions.find((one) => one.region === region) ?? { ...DEFAULT_REGION, region };
    const after: RegionChoice = { ...before, ...change };
    const others = part.regions.filter((one) => one.region !== region);
    const regions = isPlain(after) ? others : [...others, after];
    dispatch(editAt(`${label} of the ${region}`, ['parts', part.id, 'regions'], regions));
  };
}

interface ZonesProps {
  readonly zones: readonly ZoneShare[];
  readonly onZones: (zones: ZoneShare[]) => void;
}

/** Colours that some of a region’s clay has: a belly, a stripe. */
function Zones({ zones, onZones }: ZonesProps) {
  const set = (i: number, change: Partial<ZoneShare>) =>
    onZones(zones.map((zone, j) => (j === i ? { ...zone, ...change } : zone)));
  const asked = zones.reduce((sum, { percent }) => sum + percent, 0);
  return (
    <div className="mt-1 space-y-1 border-l-2 border-hair pl-3">
      {zones.map((zone, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: zones are known by their place
        <div key={i} className="flex flex-wrap items-end gap-x-3 gap-y-1">
          <TextField
            label="Zone"
            className="w-28"
            value={zone.name}
            onText={(text) => text !== '' && set(i, { name: text.slice(0, 200) })}
          />
          <NumberField
            {...typedLimits(LIMITS.zoneShare.percent)}
            label="of the clay"
            value={zone.percent}
            after="%"
            className="w-14"
            onNumber={(percent) => set(i, { percent })}
          />
          <Mix label="In" mix={zone.mix} without="choose a clay" onMix={(mix) => set(i, { mix })} />
          <button
            type="button"
            className="press-quiet text-wont"
            onClick={() => onZones(zones.filter((_, j) => j !== i))}
          >
            Remove
          </button>
        </div>
      ))}
      {asked > 100 && (
        <p className="text-[13px] text-tight">
          The zones ask for {asked} % of this clay: they share what there is. Make them 100 % or less.
        </p>
      )}
      {zones.some(({ mix }) => mix.length === 0) && (
        <p className="text-[13px] text-tight">A zone without a clay is not counted: choose one for it.</p>
      )}
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => onZones([...zones, { name: `zone ${zones.length + 1}`, percent: 10, mix: [] }])}
      >
        + another colour zone
      </button>
    </div>
  );
}

interface RowProps {
  readonly row: RegionRow;
  readonly choice: RegionChoice;
  readonly hasCore: boolean;
  readonly isThin: boolean;
  readonly usualSkin: string;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
  readonly onChange: (change: Change, label: string) => void;
}

function zonesSay(count: number): string {
  if (count === 0) return 'colours';
  return count === 1 ? '1 colour zone' : `${count} colour zones`;
}

function Cells({ row, choice, hasCore, isThin, usualSkin, isOpen, onOpen, onChange }: RowProps) {
  const { region } = row;
  return (
    <tr className="align-top">
      <th scope="row" className="py-1 pr-2 text-left font-normal">
        {region}
        <button
          type="button"
          aria-expanded={isOpen}
          className="block text-[12.5px] text-quiet underline underline-offset-2"
          onClick={onOpen}
        >
          {zonesSay(choice.zones.length)}
        </button>
      </th>
      {hasCore && (
        <td className="whitespace-nowrap px-2 py-1">
          <label className="flex items-center gap-1.5">
            <input
              type="checkbox"
              checked={choice.cored}
              onChange={() => onChange({ cored: !choice.cored }, 'core')}
              aria-label={`Core in the ${region}`}
            />
            <span className="figure">
              {row.coreMm3 > 0 && !isThin ? `${(row.coreMm3 / 1000).toFixed(2)} cm³` : '–'}
            </span>
          </label>
          {choice.cored && isThin && <span className="text-[12.5px] text-quiet">too thin for one</span>}
        </td>
      )}
      {hasCore && (
        <td className="px-2 py-1">
          <NumberField
            {...typedLimits(LIMITS.regionChoice.skinMm)}
            hideLabel
            label={`Skin of the ${region}`}
            value={choice.skinMm}
            placeholder={usualSkin}
            after="mm"
            className="w-14"
            onNumber={(skinMm) => onChange({ skinMm }, 'skin')}
            onEmpty={() => onChange({ skinMm: null }, 'skin')}
          />
        </td>
      )}
      <td className="figure whitespace-nowrap px-2 py-1 text-right">{(row.clayMm3 / 1000).toFixed(2)} cm³</td>
      <td className="figure whitespace-nowrap px-2 py-1 text-right">{row.grams.toFixed(1)} g</td>
      <td className="px-2 py-1">
        <Mix
          hideLabel
          label={`Clay of the ${region}`}
          className="max-w-36"
          mix={choice.mix}
          without="as the part"
          onMix={(mix) => onChange({ mix }, 'clay')}
        />
      </td>
      <td className="px-2 py-1">
        <NumberField
          {...typedLimits(LIMITS.regionChoice.pass)}
          hideLabel
          label={`Pass of the ${region}`}
          value={choice.pass}
          className="w-12"
          onNumber={(pass) => onChange({ pass }, 'pass')}
        />
      </td>
    </tr>
  );
}

/** One region, and under it its colour zones when they are opened. */
function Region(props: Omit<RowProps, 'isOpen' | 'onOpen'>) {
  const { choice, hasCore, onChange } = props;
  const [isOpen, setIsOpen] = useState(choice.zones.length > 0);
  return (
    <tbody className="border-b border-hair">
      <Cells {...props} isOpen={isOpen} onOpen={() => setIsOpen(!isOpen)} />
      {isOpen && (
        <tr>
          <td colSpan={hasCore ? 7 : 5} className="pb-2">
            <Zones zones={choice.zones} onZones={(zones) => onChange({ zones }, 'zones')} />
          </td>
        </tr>
      )}
    </tbody>
  );
}

/** The regions of a part: what is inside each, its skin, its clay and the pass it is made in. */
export function Regions({ context }: { readonly context: PartFacts }) {
  const own = useTold('bulk.part', context.part.id);
  const change = useRegionEdit(context);
  if (!own) return null;
  const rows = regionRows({ context, bulk: own });
  const { part } = context;
  return (
    <Section id="regions" title="Regions" says={`Regions of one ${part.name}`} edits={['parts.*.regions']}>
      <div className="relative overflow-x-auto">
        <table className="mt-1 w-full min-w-[560px]">
          <thead className="sticky top-0 z-10 bg-bench">
            <tr className="heading border-b border-ink text-left">
              <th className="py-1 font-semibold">region</th>
              {own.core && <th className="px-2 font-semibold">core</th>}
              {own.core && <th className="px-2 font-semibold">skin</th>}
              <th className="px-2 text-right font-semibold">clay</th>
              <th className="px-2 text-right font-semibold">weighs</th>
              <th className="px-2 font-semibold">of</th>
              <th className="px-2 font-semibold">pass</th>
            </tr>
          </thead>
          {rows.map((row) => (
            <Region
              key={row.region}
              row={row}
              choice={
                part.regions.find(({ region }) => region === row.region) ?? {
                  ...DEFAULT_REGION,
                  region: row.region,
                }
              }
              hasCore={own.core !== null}
              isThin={own.core?.without.includes(row.region) ?? false}
              usualSkin={part.core.skinMm === null ? 'usual' : String(part.core.skinMm)}
              onChange={(to, label) => change(row.region, to, label)}
            />
          ))}
        </table>
      </div>
    </Section>
  );
}
