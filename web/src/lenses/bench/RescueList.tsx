import { TROUBLES } from '@every-inch/core/bench';
import { formatMinutes, minutes } from '@every-inch/core/units';
import { useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useAsk } from '../../spine/hooks.ts';
import { selectPart, useAppSelector } from '../../state/store.ts';

/** Nothing is the matter yet. */
const NOTHING = '';

/** Something went wrong: why, by what is recorded, and what is done about it with the clay as it is. */
export function RescueList() {
  const part = useAppSelector(selectPart);
  const [trouble, setTrouble] = useState(NOTHING);
  const found = useAsk('bench.rescue', part && trouble !== NOTHING ? { part: part.id, trouble } : null);
  if (!part) return null;
  return (
    <Section id="rescue" title="It went wrong" says={`It went wrong with ${part.name}`} startsClosed>
      <Choice
        label="What is the matter"
        value={trouble}
        options={[
          { value: NOTHING, says: 'choose what it is' },
          ...TROUBLES.map(({ id, title }) => ({ value: id, says: title })),
        ]}
        onChoose={setTrouble}
      />
      {found && (
        <div className="mt-2 grid gap-x-8 gap-y-2 md:grid-cols-2">
          <div>
            <h3 className="heading">Likely because</h3>
            <ul className="list-disc pl-4">
              {found.causes.map(({ says, because }) => (
                <li key={says}>
                  {says}
                  {because !== '' && <span className="block text-[13px] text-tight">here: {because}</span>}
                </li>
              ))}
            </ul>
          </div>
          <div>
            <h3 className="heading">What to do, {found.state} as it is</h3>
            <ol className="list-decimal pl-5">
              {found.ways.map(({ says, minutes: takes }) => (
                <li key={says}>
                  {says} <span className="figure text-quiet">{formatMinutes(minutes(takes))}</span>
                </li>
              ))}
            </ol>
            <p className="mt-1">Or make it a feature: {found.feature}.</p>
            {found.normal !== '' && <p className="mt-1 text-quiet">{found.normal}.</p>}
          </div>
        </div>
      )}
    </Section>
  );
}
