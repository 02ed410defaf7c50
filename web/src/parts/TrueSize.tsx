import { useState } from 'react';
import { CardRule } from './CardRule.tsx';
import type { useTrueSize } from './screenScale.ts';

interface TrueSizeProps {
  readonly isTrue: boolean;
  readonly onTrue: (isTrue: boolean) => void;
  readonly screen: ReturnType<typeof useTrueSize>;
}

/** Shows things as large as they will be, once the screen has been measured against a card. */
export function TrueSize({ isTrue, onTrue, screen: [pxPerMm, setPxPerMm] }: TrueSizeProps) {
  const [isMeasuring, setIsMeasuring] = useState(false);
  return (
    <>
      <label className="flex items-center gap-1.5">
        <input
          type="checkbox"
          checked={isTrue}
          onChange={() => {
            if (pxPerMm === null) setIsMeasuring(true);
            onTrue(!isTrue);
          }}
        />
        true size
      </label>
      {isTrue && (
        <button type="button" className="press-quiet" onClick={() => setIsMeasuring(true)}>
          measure the screen
        </button>
      )}
      {isMeasuring && (
        <CardRule pxPerMm={pxPerMm} onMeasured={setPxPerMm} onClose={() => setIsMeasuring(false)} />
      )}
    </>
  );
}
