import { useState } from 'react';
import { useAsk, useRouteFacts } from '../../spine/hooks.ts';
import { edit, useAppDispatch } from '../../state/store.ts';

const NOTHING_MORE = {};

/** What the proposal would change of the maker’s own route, and the press that takes it over. */
function Differences({ onClose }: { readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const difference = useAsk('route.difference', NOTHING_MORE);
  if (!difference) return <p className="text-quiet">Asking …</p>;
  const { added, dropped, changed } = difference;
  const none = added.length + dropped.length + changed.length === 0;
  return (
    <section
      aria-label="What the proposal would change"
      className="mt-1 w-full border border-hair bg-panel p-3 text-[13px]"
    >
      {none && <p>Nothing: what is proposed is in your route, but for what you took out.</p>}
      <ul className="max-h-48 overflow-y-auto">
        {added.map(({ step, behind }) => (
          <li key={step.id}>
            <span className="text-fits">+</span> {step.title}
            <span className="text-quiet">{behind === null ? ', first of all' : `, behind “${behind}”`}</span>
          </li>
        ))}
        {dropped.map((step) => (
          <li key={step.id}>
            <span className="text-wont">−</span> {step.title}
          </li>
        ))}
        {changed.map(({ step, says }) => (
          <li key={step.id}>
            <span className="text-tight">≠</span> {step.title}: <span className="text-quiet">{says}</span>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-quiet">Your order, minutes, ticks, relations and own steps stay.</p>
      <div className="mt-1 flex flex-wrap gap-3">
        {!none && (
          <button
            type="button"
            className="press"
            onClick={() => {
              dispatch(
                edit('take the proposal over', (piece) => ({
                  ...piece,
                  route: { ...difference.route, without: [] },
                })),
              );
              onClose();
            }}
          >
            Take it over
          </button>
        )}
        <button
          type="button"
          className="press-quiet"
          onClick={() => {
            dispatch(edit('go back to the proposed route', (piece) => ({ ...piece, route: null })));
            onClose();
          }}
        >
          Start from the proposal anew
        </button>
        <button type="button" className="press-quiet" onClick={onClose}>
          Cancel
        </button>
      </div>
    </section>
  );
}

/** Asks for the proposal again and shows what it would change. */
export function RouteAgain() {
  const { isOwn } = useRouteFacts();
  const [isOpen, setIsOpen] = useState(false);
  if (!isOwn) return null;
  return (
    <>
      <button
        type="button"
        className="press-quiet text-fired"
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        Ask again …
      </button>
      {isOpen && <Differences onClose={() => setIsOpen(false)} />}
    </>
  );
}
