import type { Piece, Pour } from '../../piece/index.ts';
import { type OwnValues, sourced } from '../../reckoning/index.ts';
import { bodyRow } from '../coats/bodies.ts';
import type { Room } from '../drying/drying.ts';
import { bodyOfGround } from '../zones/zoneFacts.ts';
import type { PourCase } from './otherCases.ts';

/** The room that coats, glues and pours dry in, as the handbook or the maker has it. */
export function roomOf(own: OwnValues): Room {
  return { tempC: sourced('finish.room', own).value, humidityPct: sourced('finish.humidity', own).value };
}

/**
 * A pour as the record of a piece has it: how deep, over what bed.
 *
 * @param layers in which it is poured, as its figure tells
 */
export function pourCase(piece: Piece, pour: Pour, own: OwnValues, layers: number): PourCase {
  const row = (what: string) => sourced(`pour.${pour.of}-${what}`, own).value;
  const [layerMm, shrinkPct] = [row('layer'), row('shrink')];
  const deepMm = Math.max(0, pour.deepMm - pour.lowMm);
  return {
    of: pour.of,
    deepMm,
    layerMm,
    layers,
    ratio: pour.of === 'resin' ? row('ratio') : null,
    shrinkPct,
    room: roomOf(own),
    isOpenBed: bodyRow(bodyOfGround(piece, 'board')).drinks !== 'no',
  };
}
