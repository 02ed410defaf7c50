import { declareSubject, partReckoner, pieceReckoner } from '../context/index.ts';
import { BEFORE_BAKE, BRIEF } from './figures.ts';
import { reckonAdditions } from './reckonAdditions.ts';
import { reckonBrief } from './reckonBrief.ts';
import { reckonDecisions } from './reckonDecisions.ts';
import { reckonFeatures } from './reckonFeatures.ts';
import { reckonSmallest } from './smallest.ts';

/** Days and hours that are left. */
export const timeLeft = pieceReckoner('brief.time', [BRIEF.days, BRIEF.hours], ({ context }) => ({
  figures: reckonBrief(context),
}));

/** What came in later, and what it takes. */
export const additions = pieceReckoner('brief.additions', [BRIEF.added, BRIEF.addition], ({ context }) => ({
  figures: reckonAdditions(context),
}));

/** What is to be settled before which step. */
export const decisions = pieceReckoner('brief.decisions', [BRIEF.decision], ({ context }) => ({
  figures: reckonDecisions(context),
}));

/** What is counted of a part. */
export const featuresOfPart = partReckoner(
  'brief.features',
  [BRIEF.features, BEFORE_BAKE.features, BRIEF.smallest],
  (_, context) => ({ figures: [...reckonFeatures(context), ...reckonSmallest(context)] }),
);

export const briefSubject = declareSubject({
  name: 'brief',
  needs: [],
  reckoners: [timeLeft, additions, decisions, featuresOfPart],
});
