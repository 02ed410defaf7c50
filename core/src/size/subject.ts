import { declareSubject, partReckoner, pieceReckoner, SCALE_FIGURE } from '../context/index.ts';
import { lineUpAsk, outlineAsk, seenFromAsk, shapesAsk, sightAsk, smallestBoxAsk } from './asks.ts';
import { reckonFound } from './audit.ts';
import { LOOKED_FOR, SIZE } from './figures.ts';
import { reckonOven } from './reckonOven.ts';
import { reckonPairs } from './reckonPairs.ts';
import { reckonAllMade, reckonSize } from './reckonSize.ts';
import { reckonUsual } from './usual.ts';

const { oven, pair, found, made, usual, ...SIZES } = SIZE;

/** The scale itself, as every length leans on it. */
export const scaleOfPiece = pieceReckoner('size.scale', [SCALE_FIGURE], ({ context }) => ({
  figures: [context.scaleFigure],
}));

/** What found things of the piece read as. */
export const foundThings = pieceReckoner('size.found', [found], ({ context }) => ({
  figures: reckonFound(context),
}));

/** Box, measures, volume and surface of a part. */
export const sizesOfPart = partReckoner('size.sizes', Object.values(SIZES), (_, context) => ({
  figures: reckonSize(context),
}));

/** What was made of its measures, by the log. */
export const madeOfPart = partReckoner('size.made', [made], (_, context) => ({
  figures: reckonAllMade(context),
}));

/** Whether a part goes into the oven. */
export const ovenRoomOfPart = partReckoner('size.oven', [oven], (_, context) => ({
  figures: reckonOven(context),
}));

/** Whether it is as large as what it is called: by itself, for a name is typed letter by letter. */
export const usualOfPart = partReckoner('size.usual', [usual], (_, context) => ({
  figures: reckonUsual(context),
}));

/** How alike its pairs have come out. */
export const pairsOfPart = partReckoner('size.pairs', [pair], (_, context) => ({
  figures: reckonPairs(context),
}));

export const sizeSubject = declareSubject({
  name: 'size',
  needs: [],
  reckoners: [scaleOfPiece, foundThings, sizesOfPart, madeOfPart, ovenRoomOfPart, usualOfPart, pairsOfPart],
  asked: Object.values(LOOKED_FOR),
  asks: [lineUpAsk, outlineAsk, seenFromAsk, shapesAsk, sightAsk, smallestBoxAsk],
});
