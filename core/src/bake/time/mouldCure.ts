import type { Part, Piece } from '../../piece/index.ts';
import { type OwnValues, sourced } from '../../reckoning/index.ts';
import { mixWindow } from './window.ts';

/** What a clay is cured at while it is in its mould, by the lower of the two windows; °C and min. */
export interface MouldCure {
  /** Heat and minutes that are usual in a mould, and the most of that heat. */
  readonly mouldC: number;
  readonly mouldHighC: number;
  readonly minutes: number;
  /** Where the packets of its clays begin; null for clay that is not baked. */
  readonly packetC: number | null;
  /** Whether what comes out of the mould has had the heat of its packet. */
  readonly isEnough: boolean;
  readonly says: string;
}

/** The heat of a bake in the mould against that of the packet: the lower window wins (common practice). */
export function curedInMould(part: Part, piece: Piece, own: OwnValues): MouldCure {
  const inIt = new Set(part.mix.map(({ clay }) => clay));
  const window = mixWindow(piece.clays.filter(({ id }) => inIt.has(id)));
  const heat = sourced('mould.bake', own);
  const minutes = sourced('mould.bake-min', own).value;
  const mouldHighC = heat.term('T').quantity.high ?? heat.value;
  const packetC = window?.lowC ?? null;
  const isEnough = packetC === null || packetC <= mouldHighC;
  const at = `${heat.value} °C for ${minutes} min`;
  return {
    mouldC: heat.value,
    mouldHighC,
    minutes,
    packetC,
    isEnough,
    says: isEnough
      ? `in there ${at} is usual, which its packet allows`
      : `in there ${at} is usual, and its packet begins at ${packetC} °C: that only firms it; take it out and bake it in full by the packet`,
  };
}
