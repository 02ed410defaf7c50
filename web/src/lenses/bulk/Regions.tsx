import { type RegionRow, regionRows, regionsWith } from '@every-inch/core/bulk';
import type { PartFacts } from '@every-inch/core/context';
import {
  DEFAULT_REGION,
  LIMITS,
  type RegionChoice,
  typedLimits,
  type ZoneShare,
} from '@every-inch/core/piece';
import type { DocumentPath } from '@every-inch/core/reckoning';
import { useState } from 'react';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useTold } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';
import { Mix } from './Mix.tsx';

type Change = Partial<Omit<RegionChoice, 'region'>>;

/** Changes what is settled about one region of a part. */
function useRegionEdit({ part }: PartFacts) {
  const dispatch = useAppDispatch();
  return (region: string, change: Change, label: string): void => {
    const regions = regionsWith(part.regions, [region], change);
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

/** One region, with what is settled about it. */
interface Settled {
  readonly row: RegionRow;
  readonly choice: RegionChoice;
  readonly isThin: boolean;
  /** Where the choice stands in the document. */
  readonly entry: DocumentPath;
  readonly change: (change: Change, label: string) => void;
}

function zonesSay(count: number): string {
  if (count === 0) return 'colours';
  return count === 1 ? '1 colour zone' : `${count} colour zones`;
}

function Core({ row, choice, isThin, change }: Settled) {
  return (
    <>
      <label className="inline-flex items-center gap-1.5 whitespace-nowrap">
        <input
          type="checkbox"
          checked={choice.cored}
          onChange={() => change({ cored: !choice.cored }, 'core')}
          aria-label={`Core in the ${row.region}`}
        />
        <span className="figure">
          {row.coreMm3 > 0 && !isThin ? `${(row.coreMm3 / 1000).toFixed(2)} cm³` : '–'}
        </span>
      </label>
      {choice.cored && isThin && <span className="block text-[12.5px] text-quiet">too thin for one</span>}
    </>
  );
}

function coreColumns(usualSkin: string): readonly Column<Settled>[] {
  return [
    { id: 'core', title: 'core', cell: (one) => <Core {...one} /> },
    {
      id: 'skin',
      title: 'skin',
      cell: ({ row: { region }, choice, entry, change }) => (
        <NumberField
          {...typedLimits(LIMITS.regionChoice.skinMm)}
          entry={[...entry, 'skinMm']}
          hideLabel
          label={`Skin of the ${region}`}
          value={choice.skinMm}
          placeholder={usualSkin}
          after="mm"
          className="w-14"
          onNumber={(skinMm) => change({ skinMm }, 'skin')}
          onEmpty={() => change({ skinMm: null }, 'skin')}
        />
      ),
    },
  ];
}

const CLAY_COLUMNS: readonly Column<Settled>[] = [
  {
    id: 'clay',
    title: 'clay',
    holds: 'figures',
    canHide: true,
    cell: ({ row }) => `${(row.clayMm3 / 1000).toFixed(2)} cm³`,
    sortBy: ({ row }) => row.clayMm3,
  },
  {
    id: 'weighs',
    title: 'weighs',
    holds: 'figures',
    cell: ({ row }) => `${row.grams.toFixed(1)} g`,
    sortBy: ({ row }) => row.grams,
  },
  {
    id: 'of',
    title: 'of',
    cell: ({ row: { region }, choice, change }) => (
      <Mix
        hideLabel
        label={`Clay of the ${region}`}
        className="max-w-36"
        mix={choice.mix}
        without="as the part"
        onMix={(mix) => change({ mix }, 'clay')}
      />
    ),
  },
  {
    id: 'pass',
    title: 'goes on for bake',
    cell: ({ row: { region }, choice, change }) => (
      <NumberField
        {...typedLimits(LIMITS.regionChoice.pass)}
        hideLabel
        label={`The ${region} goes on for bake`}
        value={choice.pass}
        className="w-12"
        onNumber={(pass) => change({ pass }, 'bake it goes on for')}
      />
    ),
    sortBy: ({ choice }) => choice.pass,
  },
];

/** The regions of a part: what is inside each, its skin, its clay and the pass it is made in. */
export function Regions({ context }: { readonly context: PartFacts }) {
  const own = useTold('bulk.part', context.part.id);
  const change = useRegionEdit(context);
  const [opened, setOpened] = useState<Readonly<Record<string, boolean>>>({});
  if (!own) return null;
  const { part } = context;
  // What is not settled yet is put at the end.
  const placeOf = (of: string): string => {
    const at = part.regions.findIndex(({ region }) => region === of);
    return String(at < 0 ? part.regions.length : at);
  };
  const rows = regionRows({ context, bulk: own }).map(
    (row): Settled => ({
      row,
      choice: part.regions.find(({ region }) => region === row.region) ?? {
        ...DEFAULT_REGION,
        region: row.region,
      },
      isThin: own.core?.without.includes(row.region) ?? false,
      entry: ['parts', part.id, 'regions', placeOf(row.region)],
      change: (to, label) => change(row.region, to, label),
    }),
  );
  const isOpen = ({ row, choice }: Settled) => opened[row.region] ?? choice.zones.length > 0;
  const columns: readonly Column<Settled>[] = [
    {
      id: 'region',
      title: 'region',
      isHead: true,
      className: 'py-1 align-top',
      cell: (one) => (
        <>
          {one.row.region}
          <button
            type="button"
            aria-expanded={isOpen(one)}
            className="block text-[12.5px] text-quiet underline underline-offset-2"
            onClick={() => setOpened({ ...opened, [one.row.region]: !isOpen(one) })}
          >
            {zonesSay(one.choice.zones.length)}
          </button>
        </>
      ),
      sortBy: ({ row }) => row.region,
    },
    ...(own.core ? coreColumns(part.core.skinMm === null ? 'usual' : String(part.core.skinMm)) : []),
    ...CLAY_COLUMNS,
  ];
  return (
    <Section id="regions" title="Regions" says={`Regions of one ${part.name}`} edits={['parts.*.regions']}>
      <Table
        className="mt-1"
        label={`Regions of ${part.name}`}
        rows={rows}
        columns={columns}
        keyOf={({ row }) => row.region}
        below={(one) =>
          isOpen(one) && (
            <Zones zones={one.choice.zones} onZones={(zones) => one.change({ zones }, 'zones')} />
          )
        }
        isWide
      />
    </Section>
  );
}
