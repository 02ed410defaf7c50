import { type BonesFacts, branchLevels, branchSum, cutWire, wireSays } from '@every-inch/core/armature';
import type { PartFacts } from '@every-inch/core/context';
import { LIMITS, typedLimits } from '@every-inch/core/piece';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { WirePick } from './WireFields.tsx';

interface BranchesProps {
  readonly context: PartFacts;
  readonly bones: BonesFacts;
}

const mm = (value: number) => formatMiniMm(miniMm(value));
const span = ([low, high]: readonly [number, number], say = mm) =>
  say(low) === say(high) ? say(low) : `${say(low)} to ${say(high)}`;

type Level = ReturnType<typeof branchLevels>[number];

const COLUMNS: readonly Column<Level>[] = [
  { id: 'name', title: 'branches', isHead: true, cell: ({ name }) => name },
  { id: 'count', title: 'how many', holds: 'figures', cell: ({ count }) => count },
  { id: 'long', title: 'long, mm', holds: 'figures', cell: ({ lengthMm }) => span(lengthMm) },
  { id: 'wires', title: 'wires in one', holds: 'figures', cell: ({ wires }) => span(wires, String) },
  { id: 'bundle', title: 'bundle, mm', holds: 'figures', cell: ({ bundleMm }) => mm(bundleMm) },
  {
    id: 'across',
    title: 'thinnest clay, mm',
    holds: 'figures',
    canHide: true,
    cell: ({ acrossMm }) => mm(acrossMm),
  },
  {
    id: 'cover',
    title: 'clay over it, mm',
    holds: 'figures',
    cell: ({ coverMm }) => (coverMm < 0 ? <span className="text-wont">none</span> : mm(coverMm)),
  },
];

/** How a tree is wired: folded or not, into the roots, with twigs; and its bundle from the trunk to the tips. */
export function Branches({ context, bones }: BranchesProps) {
  const { part } = context;
  const { branches } = part;
  const set = usePartEdit(part);
  const levels = branchLevels(context, bones.wire);
  const sum = branchSum(
    context,
    bones.runs,
    bones.pieces.map(({ lengthMm }) => lengthMm),
  );
  const twig = bones.runs.find(({ group }) => group === 'twigs');
  const hasRoots = part.form.kind === 'tree' && part.form.rootsMm > 0;
  return (
    <Section id="branches" title="Branches" edits={['parts.*.branches']}>
      <div className="mt-1 flex flex-wrap items-end gap-x-5 gap-y-2">
        <label className="flex items-center gap-1.5 pb-1">
          <input
            type="checkbox"
            checked={branches.folded}
            onChange={(event) => set('branches.folded', event.currentTarget.checked, 'fold of the wires')}
          />
          wires folded once at the foot
        </label>
        {hasRoots && (
          <label className="flex items-center gap-1.5 pb-1">
            <input
              type="checkbox"
              checked={branches.roots && !branches.folded}
              disabled={branches.folded}
              onChange={(event) => set('branches.roots', event.currentTarget.checked, 'wires in the roots')}
            />
            wires go on into the roots
          </label>
        )}
        <NumberField
          {...typedLimits(LIMITS.branchPlan.twigs)}
          label="Thin twigs at each tip"
          entry={['parts', context.part.id, 'branches', 'twigs']}
          className="w-14"
          value={branches.twigs}
          onNumber={(twigs) => set('branches.twigs', twigs, 'twigs')}
        />
        {twig && (
          <fieldset className="flex flex-wrap items-end gap-x-4">
            <legend className="heading">Twigs, {wireSays(cutWire(context, twig, bones.wire))}</legend>
            <WirePick
              wire={cutWire(context, twig, bones.wire)}
              onWire={(wire) => set('branches.twigWire', wire, 'wire of the twigs')}
            />
          </fieldset>
        )}
      </div>
      <p className="mt-2 text-[13.5px]">
        {sum.wires} wires, the longest <span className="figure">{mm(sum.longestMm)} mm</span>
        {branches.folded ? ' before it is folded' : ''}, for a tree{' '}
        <span className="figure">{mm(sum.heightMm)} mm</span> high
        {sum.twigs > 0 ? `; ${sum.twigs} twigs bound on` : ''}.
      </p>
      <Table
        className="mt-2 max-w-3xl"
        label={`Branches of ${part.name}`}
        rows={levels}
        columns={COLUMNS}
        keyOf={({ name }) => name}
        isWide
      />
    </Section>
  );
}
