export { beastPose, beastPuppet, beastShape } from './beast.ts';
export { BEASTS, type BeastProportions } from './beastProportions.ts';
export { birdPuppet, birdShape } from './bird.ts';
export { crawlerShape } from './crawler.ts';
export { roundCreatureShape } from './roundCreature.ts';
export { treeShape } from './tree.ts';
