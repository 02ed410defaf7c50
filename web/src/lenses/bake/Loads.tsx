import { type LoadedPart, loadsDrawing, pieceLoads } from '@every-inch/core/bake/loads';
import { useMemo } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { useReckoned } from '../../state/derived.ts';
import { useAppSelector, useOpenPiece } from '../../state/store.ts';

/** All baked parts with what each wants of the oven by the card. */
function useLoadedParts(): LoadedPart[] {
  const { contexts, book } = useReckoned();
  return useMemo(
    () =>
      [...contexts.values()].flatMap((context): LoadedPart[] => {
        const [heat, hold] = ['bake.temperature', 'bake.hold'].map(
          (key) => book.get(`${context.part.id}/${key}`)?.quantity,
        );
        if (!heat || !hold) return [];
        return [
          { context, lowC: heat.low ?? heat.value, highC: heat.high ?? heat.value, minutes: hold.value },
        ];
      }),
    [contexts, book],
  );
}

/** Names of what is in a load, each with how many. */
function namesIn(names: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].map(([name, n]) => (n === 1 ? name : `${name} × ${n}`)).join(', ');
}

/** Everything that is baked, shared out over the fewest fillings of the maker’s oven, and where it stands in each. */
export default function Loads() {
  const { contexts } = useReckoned();
  const piece = useOpenPiece();
  const workshop = useAppSelector((state) => state.workshop.own);
  const own = useMemo(() => ({ ...workshop, ...piece.own }), [workshop, piece.own]);
  const parts = useLoadedParts();
  const plan = useMemo(() => pieceLoads(parts, own), [parts, own]);
  const drawing = useMemo(() => loadsDrawing(plan.loads, contexts, own), [plan, contexts, own]);
  if (plan.loads.length === 0) return null;
  const minutes = plan.loads.reduce((sum, load) => sum + load.minutes, 0);
  return (
    <section aria-label="Loads" className="mt-6">
      <h3 className="font-semibold">
        {plan.loads.length === 1 ? 'One load takes it all' : `${plan.loads.length} loads of the oven`},{' '}
        {Math.round(minutes)} min of heat
      </h3>
      <p className="text-[13px] text-quiet">
        {plan.atLeast === plan.loads.length
          ? 'Fewer there cannot be.'
          : `At least ${plan.atLeast} there must be; this is the best that was found.`}{' '}
        By footprints and windows, times by the packet’s rule: thin things in a long load want a tent of foil.
      </p>
      <DrawingView
        drawing={drawing}
        label={`The oven from above, ${plan.loads.length} ${plan.loads.length === 1 ? 'load' : 'loads'}`}
        className="mt-2 max-h-72 w-full"
      />
      <ol className="mt-1 list-inside list-decimal text-[14px]">
        {plan.loads.map(({ placed, lowC, highC, minutes: held }, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: loads are known by their number
          <li key={i} className="border-t border-hair py-1">
            <span className="figure">
              {lowC.toFixed(0)}–{highC.toFixed(0)} °C, {Math.round(held)} min
            </span>
            : {namesIn(placed.map(({ item }) => item.name))}
          </li>
        ))}
      </ol>
      {plan.left.length > 0 && (
        <p className="text-wont">
          Too large for this oven by itself: {namesIn(plan.left.map(({ name }) => name))}. See Room in the
          oven at Size for where to part it.
        </p>
      )}
    </section>
  );
}
