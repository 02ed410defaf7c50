import type { BonesFacts, JointGap } from '@every-inch/core/armature';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { type Column, Table } from '../../parts/Table.tsx';

const mm = (value: number) => `${formatMiniMm(miniMm(value))} mm`;

/** A joint closes so much early all the same, degrees. */
const EARLY = 2;

function Goes({ gap }: { readonly gap: JointGap }) {
  const isFree = gap.mostDegrees >= gap.degrees - EARLY;
  return (
    <span className={isFree ? 'text-fits' : 'text-tight'}>
      {isFree
        ? `as far as it is posed, and up to ${Math.round(gap.mostDegrees)}°`
        : `only ${Math.round(gap.mostDegrees)}°: pose it before the clay goes on`}
    </span>
  );
}

const COLUMNS: readonly Column<JointGap>[] = [
  { id: 'joint', title: 'joint of', cell: ({ where }) => where, sortBy: ({ where }) => where },
  {
    id: 'bend',
    title: 'posed at',
    cell: ({ degrees }) => <span className="figure">{Math.round(degrees)}°</span>,
    sortBy: ({ degrees }) => degrees,
  },
  {
    id: 'bare',
    title: 'leave bare',
    cell: ({ gapMm }) => <span className="figure">{mm(gapMm)}</span>,
    sortBy: ({ gapMm }) => gapMm,
  },
  { id: 'room', title: 'room for', cell: ({ roomMm }) => <span className="figure">{mm(roomMm)}</span> },
  { id: 'goes', title: 'bent later it goes', cell: (gap) => <Goes gap={gap} /> },
];

/** Every joint of a body that is built straight and bent later: the wire to leave bare, and how far it goes. */
export function LaterBends({ bones }: { readonly bones: BonesFacts }) {
  const gaps = bones.gaps.filter(({ inTree }) => !inTree);
  if (gaps.length === 0) return <p className="text-quiet">No joint of it is bent.</p>;
  return (
    <>
      <p className="text-[13px] text-quiet">
        Clay on both sides of a joint meets as it closes. Wire bent to and fro at one place breaks: bend each
        joint once, and back at most once.
      </p>
      <Table
        label="Joints that are bent later"
        rows={gaps}
        columns={COLUMNS}
        keyOf={({ run, where, degrees }) => `${run} ${where} ${degrees.toFixed(1)}`}
        isWide
      />
    </>
  );
}
