export { CLAY_TRAITS, type ClayChoice, chooseClay, mixSays } from './chooseClay.ts';
export { closingStep, type Done, leaningOn } from './decisions.ts';
export { usualFeatures } from './features.ts';
export { BEFORE_BAKE, BRIEF } from './figures.ts';
export { reckonAdditions } from './reckonAdditions.ts';
export { reckonBrief } from './reckonBrief.ts';
export { reckonDecisions } from './reckonDecisions.ts';
export { reckonFeatures } from './reckonFeatures.ts';
export { additions, briefSubject, decisions, featuresOfPart, timeLeft } from './subject.ts';
