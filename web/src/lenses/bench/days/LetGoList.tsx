import type { Piece } from '@every-inch/core/piece';
import { followed } from '@every-inch/core/route';
import type { Proposal, ScheduleFacts } from '@every-inch/core/schedule';
import { hoursOf, longSays, momentSays, takeCut } from '@every-inch/core/schedule';
import { useState } from 'react';
import { useAsk, useRouteFacts } from '../../../spine/hooks.ts';
import { edit, useAppDispatch, useAppSelector } from '../../../state/store.ts';

/** So many are shown before all are asked for. */
const SHOWN = 6;

/** Takes proposals, each with its decision written down, as one step that can be undone. */
function useTake() {
  const dispatch = useAppDispatch();
  const { proposed } = useRouteFacts();
  const own = useAppSelector((state) => state.workshop.own);
  return (label: string, proposals: readonly Proposal[]) =>
    dispatch(
      edit(label, (piece: Piece) =>
        proposals.reduce((to, proposal) => {
          const route = to.route ? followed(to.route, proposed) : proposed;
          const { usual } = hoursOf(to.brief.hoursPerDay, to.bench, { ...own, ...to.own });
          return takeCut(to, route, proposal, usual, new Date().toISOString());
        }, piece),
      ),
    );
}

/** What could be let go, cheapest first; the least that is needed to be in time, at one press. */
export function LetGoList({ facts }: { readonly facts: ScheduleFacts }) {
  const found = useAsk('schedule.let-go', {});
  const take = useTake();
  const [all, setAll] = useState(false);
  if (!found) return <p className="text-quiet">weighing what could be let go …</p>;
  if (found.proposals.length === 0) return null;
  const set = found.proposals.filter(({ isOfSet }) => isOfSet);
  const shown = all ? found.proposals : found.proposals.slice(0, SHOWN);
  return (
    <section aria-label="To let go" className="min-w-0">
      <h4 className="heading border-b border-hair pb-1">To let go, cheapest first</h4>
      {set.length > 0 && (
        <p className="border-b border-hair py-1.5">
          <button
            type="button"
            className="text-left font-semibold text-fired underline underline-offset-2"
            onClick={() => take('let go what is needed to be in time', set)}
          >
            {set.map(({ says }) => says).join('; ')}
          </button>{' '}
          <span className="text-quiet">
            {found.isEnough
              ? `enough in nine of ten cases: over ${momentSays(found.endOfSet ?? facts.end, facts.now)}`
              : 'all that would help, and not enough: agree a later day'}
          </span>
        </p>
      )}
      <ul>
        {shown.map((proposal) => (
          <li key={proposal.id} className="flex items-baseline gap-3 border-b border-hair py-1">
            <button
              type="button"
              className="min-w-0 flex-1 text-left text-fired underline underline-offset-2"
              onClick={() => take(proposal.says, [proposal])}
            >
              {proposal.says}
            </button>
            <span className="min-w-0 flex-1 text-[13px] text-quiet">{proposal.loses}</span>
            <span className="figure whitespace-nowrap">−{longSays(proposal.savedMin)}</span>
          </li>
        ))}
      </ul>
      {found.proposals.length > SHOWN && (
        <button type="button" className="press-quiet text-fired" onClick={() => setAll(!all)}>
          {all ? 'Only the cheapest' : `${found.proposals.length - SHOWN} more`}
        </button>
      )}
    </section>
  );
}
