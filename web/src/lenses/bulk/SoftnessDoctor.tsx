import { SOFTNESS } from '@every-inch/core/handbook';
import { useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { Section } from '../../parts/Sections.tsx';

/** What to do about clay that misbehaves, in the order it is tried. */
export function SoftnessDoctor() {
  const [id, setId] = useState(SOFTNESS[0]?.id ?? '');
  const row = SOFTNESS.find((one) => one.id === id);
  return (
    <Section id="softness" title="Clay that misbehaves" className="max-w-4xl">
      <Choice
        label="What it does"
        value={id}
        options={SOFTNESS.map((one) => ({ value: one.id, says: one.symptom }))}
        onChoose={setId}
      />
      {row && (
        <>
          <p className="mt-2 text-[13.5px] text-quiet">Comes of: {row.causes.join('; or ')}.</p>
          <ol className="mt-1 list-inside list-decimal">
            {row.remedies.map(({ says, minutes }) => (
              <li key={says}>
                {says}
                {minutes !== undefined && <span className="figure">, {minutes} min</span>}
              </li>
            ))}
          </ol>
        </>
      )}
    </Section>
  );
}
