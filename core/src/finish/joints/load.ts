import type { Given } from '../../context/index.ts';
import { weightOf } from '../../ground/index.ts';
import type { Joint } from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { N_PER_G } from '../../units/index.ts';
import type { JointFacts } from './jointFacts.ts';

/** What a joint is asked by a hand and by what hangs on it. */
export interface Load {
  readonly momentNmm: number;
  readonly factor: number;
  readonly areaMm2: number;
  readonly grams: number;
  readonly handN: number;
}

/** What is asked of a joint, by the handling that the brief names. */
export function loadOf(given: Given, facts: JointFacts, joint: Pick<Joint, 'areaMm2'>): Load {
  const { own } = given.context;
  const grams = weightOf(given, facts.part)?.grams ?? 0;
  const handN = sourced(facts.isHandled ? 'joint.hand-held' : 'joint.hand', own).value;
  return {
    grams,
    handN,
    momentNmm: (handN + (grams * N_PER_G) / 2) * facts.reachMm,
    factor: sourced(facts.isHandled ? 'joint.factor-held' : 'joint.factor', own).value,
    areaMm2: joint.areaMm2 ?? facts.touchMm2,
  };
}
