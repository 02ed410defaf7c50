import { sourced } from '../reckoning/index.ts';
import type { PartContext } from '../whole/context.ts';
import { BEND_RADIUS, bendSaving, bendsOf } from './bends.ts';
import { pathLength, type Run } from './runs.ts';
import { bundleMm, strandLength, type Wire } from './wire.ts';

/** A piece of wire to cut. */
export interface CutPiece {
  readonly part: string;
  readonly run: string;
  readonly wire: Wire;
  /** Length of one strand with pegs and allowance, mm. */
  readonly lengthMm: number;
  /** Strands of it for all copies of the part. */
  readonly count: number;
}

/** How deep a peg goes, mm. */
export function pegDepth({ own }: PartContext, wire: Wire): number {
  return Math.max(
    sourced('peg.least', own).value,
    sourced('peg.depth', own).value * bundleMm(wire),
    sourced('peg.hold', own).value,
  );
}

/** Hole for a peg, up to the next tenth of a millimetre: a drill is not made finer. */
export function drillMm({ own }: PartContext, wire: Wire): number {
  const clearance = sourced('fit.peg', own).value;
  return Math.ceil((bundleMm(wire) + clearance) * 10 - 1e-9) / 10;
}

/** Length of a run with its corners rounded as wire is bent, mm. */
export function bentLength(path: Run['path'], wire: Wire): number {
  const radius = (BEND_RADIUS + 0.5) * bundleMm(wire);
  const saved = bendsOf(path).reduce((sum, { degrees }) => sum + bendSaving(degrees, radius), 0);
  return Math.max(0, pathLength(path) - saved);
}

/** What is cut for a part: every run with its pegs, by strand. */
export function cutPieces(context: PartContext, runs: readonly Run[], wire: Wire): CutPiece[] {
  const { own, part } = context;
  const lay = sourced('wire.lay', own).value * bundleMm(wire);
  const allowance = sourced('cut.allowance', own).value;
  return runs.map(({ name, path, pegs }) => ({
    part: part.id,
    run: name,
    wire,
    lengthMm: strandLength(wire, bentLength(path, wire) + pegs * pegDepth(context, wire), lay) + allowance,
    count: wire.strands * part.count,
  }));
}
