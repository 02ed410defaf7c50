import { BULK, bulkOfPart, reckonThin, thinLimbs } from '../bulk/index.ts';
import { partReckoner, pieceReckoner } from '../context/index.ts';
import { BONES } from './figures.ts';
import { type BonesFacts, reckonBones } from './reckonBones.ts';
import { reckonCuts } from './reckonCuts.ts';
import { wireLines } from './wireLines.ts';

const { cut, ...OF_PART } = BONES;

/** The wires of a part. */
export const bonesOfPart = partReckoner(
  'bones.part',
  Object.values(OF_PART),
  (given, context) =>
    reckonBones(context, given.contexts, given.part(bulkOfPart, context.part.id) ?? undefined),
  ({ figures: _, ...bones }): BonesFacts => bones,
);

/** Limbs of clay that are thin for their length, and whether a wire bears them. */
export const thinOfPart = partReckoner(
  'bones.thin',
  [BULK.slender, BULK.thin],
  (given, context) => {
    const bulk = given.part(bulkOfPart, context.part.id);
    if (!bulk) return null;
    const bones = given.part(bonesOfPart, context.part.id);
    const wires = bones ? wireLines(context, bones) : [];
    return { figures: reckonThin(context, bulk, wires), limbs: thinLimbs(context, bulk.uses, wires) };
  },
  ({ limbs }) => limbs,
);

/** What is cut of every wire. */
export const cutsOfPiece = pieceReckoner(
  'bones.cuts',
  [cut],
  (given) => reckonCuts(given.context, given.parts(bonesOfPart)),
  ({ plans, faults }) => ({ plans, faults }),
);
