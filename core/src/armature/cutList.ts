import type { PartFacts } from '../context/index.ts';
import { sourced } from '../reckoning/index.ts';
import { thinnerOf } from './advise.ts';
import { BEND_RADIUS, bendSaving, bendsOf } from './bends.ts';
import { wireOf } from './checks.ts';
import { type Hole, holeFor } from './holes.ts';
import { pathLength, pegsOf, type Run, type RunEnd } from './run.ts';
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
export function pegDepth({ own }: PartFacts, wire: Wire): number {
  return Math.max(
    sourced('peg.least', own).value,
    sourced('peg.depth', own).value * bundleMm(wire),
    sourced('peg.hold', own).value,
  );
}

/** Most wires that go into one hole side by side. */
export function pegSide(runs: readonly Run[]): number {
  const counts = new Map<string, number>();
  for (const run of runs)
    for (const { at } of pegsOf([run])) {
      const key = at.map((v) => v.toFixed(2)).join();
      // A fold goes in with both its halves.
      counts.set(key, (counts.get(key) ?? 0) + (run.isFolded ? 2 : 1));
    }
  return Math.max(1, ...counts.values());
}

/**
 * Hole for the pegs of a part, glued, with a drill that is owned.
 *
 * @param side wires in it side by side
 */
export function holeOf({ own, piece }: PartFacts, wire: Wire, side = 1): Hole {
  return holeFor(bundleMm(wire, side), 'glued', piece.drills, own);
}

/** Shortest that a rounded line can be, as a share of the line with its corners: θ ÷ (2 tan(θ ÷ 2)) at 150°. */
const SHORTEST_ARC = 0.35;

/** Length of a run with its corners rounded as wire is bent, mm. */
export function bentLength(path: Run['path'], wire: Wire): number {
  const radius = (BEND_RADIUS + 0.5) * bundleMm(wire);
  const saved = bendsOf(path).reduce((sum, { degrees }) => sum + bendSaving(degrees, radius), 0);
  // A wire too thick for its corners cannot be rounded so far: an arc of 150° is still a third as long as they are.
  return Math.max(SHORTEST_ARC * pathLength(path), pathLength(path) - saved);
}

/** How far an end of a run goes in beyond its line, mm. */
export function endMm(context: PartFacts, { pegged, mm }: RunEnd, wire: Wire): number {
  return mm ?? (pegged ? pegDepth(context, wire) : 0);
}

/** The wire that a run is cut from. */
export function cutWire(context: PartFacts, run: Run, wire: Wire): Wire {
  if (run.group !== 'twigs') return wireOf(run, wire);
  return run.wire ?? context.part.branches.twigWire ?? thinnerOf(context, wire);
}

/** No hand cuts a shorter piece, mm. */
const SHORTEST_CUT = 1;

/** Length of one strand of a run with its ends, its twist and the allowance for the cut, mm. */
export function cutLength(context: PartFacts, run: Run, wire: Wire): number {
  const { own } = context;
  const [start, end] = run.ends;
  const fold = run.isFolded ? 2 * pegDepth(context, wire) : 0;
  const along = bentLength(run.path, wire) + endMm(context, start, wire) + endMm(context, end, wire) + fold;
  const lay = run.layMm ?? sourced('wire.lay', own).value * bundleMm(wire);
  const allowance = Math.max(0, sourced('cut.allowance', own).value);
  return Math.max(SHORTEST_CUT, strandLength(wire, along, lay) + allowance);
}

/** The wire that each run is cut from; twigs are looked up once. */
export function cutWires(context: PartFacts, runs: readonly Run[], wire: Wire): Wire[] {
  const twig = runs.find(({ group }) => group === 'twigs');
  const twigWire = twig && cutWire(context, twig, wire);
  return runs.map((run) => (twigWire && run.group === 'twigs' ? (run.wire ?? twigWire) : wireOf(run, wire)));
}

/** What is cut for a part: every run with its pegs, by strand. */
export function cutPieces(context: PartFacts, runs: readonly Run[], partWire: Wire): CutPiece[] {
  const { part } = context;
  const wires = cutWires(context, runs, partWire);
  return runs.map((run, i) => {
    const wire = wires[i] ?? partWire;
    return {
      part: part.id,
      run: run.name,
      wire,
      lengthMm: cutLength(context, run, wire),
      count: wire.strands * part.count,
    };
  });
}
