import { useCallback, useState } from 'react';
import { useLensKey } from '../../../parts/keys.ts';
import { Stretch } from '../../../parts/LensLayout.tsx';
import { BenchMode } from './BenchMode.tsx';
import { MomentFields, NowCard } from './NowCard.tsx';
import { useNowSteps } from './useNowSteps.ts';

/** What to do now, beside the days, and over all of the screen. */
export function Now() {
  const steps = useNowSteps();
  const [fills, setFills] = useState(false);
  const fill = useCallback(() => setFills(true), []);
  useLensKey('b', fill);
  return (
    <Stretch title="Now">
      <MomentFields steps={steps} />
      <NowCard steps={steps} onFill={fill} />
      <BenchMode steps={steps} isOpen={fills} onClose={() => setFills(false)} />
    </Stretch>
  );
}
