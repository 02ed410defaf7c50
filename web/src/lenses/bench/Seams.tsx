import type { SeenSeam } from '@every-inch/core/bench';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { useAllFacts, useAsk } from '../../spine/hooks.ts';

const KIND_SAYS: Readonly<Record<SeenSeam['kind'], string>> = {
  joint: 'joint',
  foot: 'foot',
  edge: 'cut edge',
  opening: 'opening',
  hole: 'hole',
  step: 'step',
  sharp: 'sharp edge',
};

const mm = (value: number) => `${formatMiniMm(miniMm(value))} mm`;

const COLUMNS: readonly Column<SeenSeam>[] = [
  { id: 'what', title: 'seam', cell: ({ says }) => says, sortBy: ({ says }) => says },
  { id: 'kind', title: 'is a', cell: ({ kind }) => KIND_SAYS[kind], sortBy: ({ kind }) => kind },
  {
    id: 'long',
    title: 'long',
    cell: ({ lengthMm }) => <span className="figure">{mm(lengthMm)}</span>,
    sortBy: ({ lengthMm }) => lengthMm,
  },
  {
    id: 'hide',
    title: 'hidden by',
    cell: ({ isSeen, hiddenBy, fillMm3 }) =>
      isSeen ? (
        <span>
          {hiddenBy.join(' · ')}
          {fillMm3 >= 1 && <span className="text-quiet"> (fillet {Math.round(fillMm3)} mm³)</span>}
        </span>
      ) : (
        <span className="text-quiet">never seen: leave it</span>
      ),
  },
];

/** Every joint, cut edge, step and hole that the chosen eyes see, how long it is and what hides it. */
export function Seams() {
  const facts = useAllFacts();
  const found = useAsk('bench.seams', {}) ?? [];
  if (found.length === 0) return null;
  const seen = found.filter(({ isSeen }) => isSeen);
  const long = seen.reduce((sum, { lengthMm, part }) => {
    const count = facts.get(part)?.part.count ?? 1;
    return sum + count * lengthMm;
  }, 0);
  return (
    <Section
      id="seams"
      title="Seams, edges and gaps"
      startsClosed
      beside={
        <span className="text-quiet">
          {seen.length} to hide, {Math.round(long / 10)} cm in all
        </span>
      }
    >
      <Table
        label="Seams, edges and gaps"
        rows={found}
        columns={COLUMNS}
        keyOf={({ part, says }) => `${part} ${says}`}
        isWide
      />
    </Section>
  );
}
