import type { ThinLimb } from '@every-inch/core/bulk';
import type { PartFacts } from '@every-inch/core/context';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { VerdictMark } from '../../parts/VerdictLine.tsx';
import { useTold } from '../../spine/hooks.ts';

const mm = (value: number) => formatMiniMm(miniMm(value));

const RISK: readonly ThinLimb['level'][] = ['stop', 'doubtful', 'good'];

const COLUMNS: readonly Column<ThinLimb>[] = [
  {
    id: 'length',
    title: 'length',
    isHead: true,
    cell: ({ region }) => region,
    sortBy: ({ region }) => region,
  },
  {
    id: 'long',
    title: 'long',
    holds: 'figures',
    cell: ({ lengthMm }) => `${mm(lengthMm)} mm`,
    sortBy: ({ lengthMm }) => lengthMm,
  },
  {
    id: 'thin',
    title: 'thin',
    holds: 'figures',
    cell: ({ thickMm }) => `${mm(thickMm)} mm`,
    sortBy: ({ thickMm }) => thickMm,
  },
  {
    id: 'breaks',
    title: 'clay breaks at',
    holds: 'figures',
    cell: ({ bearsN }) => `${bearsN.toFixed(bearsN < 10 ? 1 : 0)} N`,
    sortBy: ({ bearsN }) => bearsN,
  },
  {
    id: 'borne',
    title: 'borne by',
    className: 'text-quiet',
    cell: ({ wired }) => (wired ? 'wire' : 'clay alone'),
    sortBy: ({ wired }) => (wired ? 'wire' : 'clay alone'),
  },
  {
    id: 'risk',
    title: 'risk',
    cell: ({ level }) => <VerdictMark verdict={{ level, wording: 'state', says: '', waysOut: [] }} />,
    sortBy: ({ level }) => RISK.indexOf(level),
  },
  { id: 'remedy', title: 'what to do', className: 'text-[13px]', cell: ({ remedy }) => remedy || '–' },
];

/** Slender lengths of a part, the weakest first, with what breaks each at its tip. */
export function ThinParts({ context }: { readonly context: PartFacts }) {
  const limbs = useTold('bones.thin', context.part.id) ?? [];
  if (limbs.length === 0) return null;
  return (
    <Section id="thin" title="Thin parts" says="Thin and protruding" className="max-w-3xl">
      <Table
        label={`Thin lengths of ${context.part.name}`}
        rows={limbs}
        columns={COLUMNS}
        keyOf={({ region }) => region}
      />
    </Section>
  );
}
