import { declareSubject, pieceReckoner } from '../context/index.ts';
import { PICTURE } from './figures.ts';
import { reckonTakings } from './reckonTakings.ts';

/** Measures taken off pictures. */
export const takings = pieceReckoner('picture.takings', Object.values(PICTURE), ({ context }) => ({
  figures: reckonTakings(context),
}));

export const pictureSubject = declareSubject({ name: 'picture', needs: [], reckoners: [takings] });
