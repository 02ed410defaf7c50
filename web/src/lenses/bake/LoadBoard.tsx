import { type OvenBoard, ovenBoard } from '@every-inch/core/bake/loads';
import type { PlannedLoad } from '@every-inch/core/bake/plan';
import type { Verdict } from '@every-inch/core/reckoning';
import { useMemo } from 'react';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useAllFacts } from '../../spine/hooks.ts';
import { edit, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { useOutlines } from '../../workers/useOutlines.ts';
import { OvenBoardView } from './OvenBoardView.tsx';

/** Whether everything in a load stands clear. */
function judgeBoard({ items }: OvenBoard): Verdict {
  const worst = items.filter(({ isClear }) => !isClear).sort((a, b) => a.nearest.mm - b.nearest.mm)[0];
  if (!worst) return { level: 'good', wording: 'room', says: 'everything stands clear', waysOut: [] };
  const { nearest, name } = worst;
  return {
    level: nearest.mm <= 0 ? 'stop' : 'doubtful',
    wording: 'room',
    says: `${name} is ${nearest.mm <= 0 ? 'through' : `${nearest.mm.toFixed(0)} mm from`} ${nearest.to}`,
    waysOut: [{ says: 'drag it clear in the drawing' }],
  };
}

/** Where everything in a load stands in the maker’s oven, to be moved about. */
export default function LoadBoard({ load: { load } }: { readonly load: PlannedLoad }) {
  const contexts = useAllFacts();
  const piece = useOpenPiece();
  const dispatch = useAppDispatch();
  const workshop = useAppSelector((state) => state.workshop.own);
  const own = useMemo(() => ({ ...workshop, ...piece.own }), [workshop, piece.own]);
  const inIt = useMemo(
    () =>
      [...new Set(load.placed.map(({ item }) => item.id.split('/')[0] ?? ''))].flatMap(
        (id) => contexts.get(id) ?? [],
      ),
    [load, contexts],
  );
  const outlines = useOutlines(inIt);
  const board = useMemo(() => ovenBoard(load, contexts, outlines, own), [load, contexts, outlines, own]);
  const ids = new Set(load.placed.map(({ item }) => item.id));
  const byHand = piece.oven.places.some(({ item }) => ids.has(item));
  return (
    <div className="mt-2">
      <h3 className="heading">Where they stand</h3>
      <OvenBoardView board={board} label="The load in the oven, from above and from the front" />
      <div className="flex flex-wrap items-baseline gap-x-4">
        <VerdictLine verdict={judgeBoard(board)} />
        {byHand && (
          <button
            type="button"
            className="press-quiet text-fired"
            onClick={() =>
              dispatch(
                edit('place the load anew', (old) => ({
                  ...old,
                  oven: { ...old.oven, places: old.oven.places.filter(({ item }) => !ids.has(item)) },
                })),
              )
            }
          >
            Place it anew
          </button>
        )}
      </div>
    </div>
  );
}
