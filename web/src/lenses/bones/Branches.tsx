import { type BonesFacts, branchLevels, branchSum, cutWire, wireSays } from '@every-inch/core/armature';
import type { PartFacts } from '@every-inch/core/context';
import { LIMITS, typedLimits } from '@every-inch/core/piece';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { WirePick } from './WireFields.tsx';

interface BranchesProps {
  readonly context: PartFacts;
  readonly bones: BonesFacts;
}

const mm = (value: number) => formatMiniMm(miniMm(value));
const span = ([low, high]: readonly [number, number], say = mm) =>
  say(low) === say(high) ? say(low) : `${say(low)} to ${say(high)}`;

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
      <table className="mt-2 w-full max-w-3xl [&_td]:pl-3 [&_th:not(:first-child)]:pl-3">
        <thead>
          <tr className="heading border-b border-ink text-right">
            <th className="text-left font-semibold">branches</th>
            <th className="font-semibold">how many</th>
            <th className="font-semibold">long, mm</th>
            <th className="font-semibold">wires in one</th>
            <th className="font-semibold">bundle, mm</th>
            <th className="font-semibold">thinnest clay, mm</th>
            <th className="font-semibold">clay over it, mm</th>
          </tr>
        </thead>
        <tbody>
          {levels.map((level) => (
            <tr key={level.name} className="border-b border-hair text-right">
              <th scope="row" className="py-1 text-left font-normal">
                {level.name}
              </th>
              <td className="figure">{level.count}</td>
              <td className="figure">{span(level.lengthMm)}</td>
              <td className="figure">{span(level.wires, String)}</td>
              <td className="figure">{mm(level.bundleMm)}</td>
              <td className="figure">{mm(level.acrossMm)}</td>
              <td className={`figure ${level.coverMm < 0 ? 'text-wont' : ''}`}>
                {level.coverMm < 0 ? 'none' : mm(level.coverMm)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Section>
  );
}
