import type { PartFacts } from '../context/index.ts';
import type { MouldChoice } from '../piece/index.ts';
import { sourced } from '../reckoning/index.ts';

/** A master that is no larger than this all round has a thinner wall, mm. */
const SMALL_MM = 10;

/**
 * Wall of a mould round its master, miniature mm: its own, else the usual for how it is made and how large the master is.
 *
 * @param largestMm longest extent of the master
 */
export function mouldWallMm(
  { kind, wallMm }: Pick<MouldChoice, 'kind' | 'wallMm'>,
  largestMm: number,
  own: PartFacts['own'],
): number {
  if (wallMm !== null) return wallMm;
  const row = kind === 'poured' ? 'mould.box-side' : largestMm < SMALL_MM ? 'mould.wall-small' : 'mould.wall';
  return sourced(row, own).value;
}
