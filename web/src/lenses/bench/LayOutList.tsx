import { useState } from 'react';
import { Section } from '../../parts/Sections.tsx';
import { useAsk } from '../../spine/hooks.ts';

/** Everything that must be at hand for the next session, ticked as it is laid out; it is printed with the bench sheet. */
export function LayOutList() {
  const laid = useAsk('bench.lay-out', {});
  const [ready, setReady] = useState<ReadonlySet<string>>(new Set());
  if (!laid || laid.things.length === 0) return null;
  const toggle = (what: string) => {
    const next = new Set(ready);
    if (!next.delete(what)) next.add(what);
    setReady(next);
  };
  const [first, last] = [laid.steps[0]?.title, laid.steps.at(-1)?.title];
  return (
    <Section
      id="lay-out"
      title="To lay out"
      startsClosed
      beside={
        <span className="text-quiet">
          for {laid.steps.length === 1 ? `“${first}”` : `“${first}” to “${last}”`}
        </span>
      }
    >
      <ul aria-label="To lay out for the next session" className="columns-2 gap-6 max-md:columns-1">
        {laid.things.map(({ what, amounts, steps }) => (
          <li key={what} className="break-inside-avoid py-1">
            <label className="flex items-baseline gap-2">
              <input type="checkbox" checked={ready.has(what)} onChange={() => toggle(what)} />
              <span className={ready.has(what) ? 'text-quiet line-through' : ''}>
                {what}
                {amounts.length > 0 && <span className="figure"> {amounts.join('; ')}</span>}
                <span className="block text-[12.5px] text-quiet">
                  {steps.length > 2 ? `${steps[0]} and ${steps.length - 1} more` : steps.join('; ')}
                </span>
              </span>
            </label>
          </li>
        ))}
      </ul>
    </Section>
  );
}
