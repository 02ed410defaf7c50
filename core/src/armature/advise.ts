import type { PartFacts } from '../context/index.ts';
import { type Metal, soldMm } from '../handbook/index.ts';
import { sourced } from '../reckoning/index.ts';
import { type ArmatureFrame, leastCover, legBuckles, rawLimbs, touchOf } from './checks.ts';
import { coverWanted } from './cover.ts';
import { bundleMm, type Wire } from './wire.ts';

/** What a wire fails by, shortest first; empty when it will do. */
export function failuresOf(frame: ArmatureFrame, wire: Wire): string[] {
  const { context } = frame;
  const fails: string[] = [];
  const cover = leastCover(frame, wire, coverWanted(context));
  if (cover && cover.coverMm < cover.wantedMm)
    fails.push(`only ${Math.max(0, cover.coverMm).toFixed(1)} mm of clay over it at the ${cover.where}`);
  const least = leastWidth(frame);
  if (bundleMm(wire) < least.widthMm)
    fails.push(
      `too thin for the ${least.where}: about a third of it is wanted, or it cuts through the raw clay`,
    );
  const allowed = sagAllowed(context);
  for (const { limb, lengthMm, sagMm, spareNmm } of rawLimbs(frame, wire)) {
    if (spareNmm < 0) fails.push(`bends under the raw ${limb.name}`);
    else if (sagMm > allowed(lengthMm)) fails.push(`the raw ${limb.name} sags ${sagMm.toFixed(1)} mm`);
  }
  const column = legBuckles(frame, wire);
  if (column && column.bearsN * LEG_SAFETY > column.bucklesN) fails.push(`its ${column.name} buckles`);
  return fails;
}

/** The thinnest bundle that does not cut through the raw clay round it, where the clay is thinnest, mm. */
function leastWidth({ depths, context }: ArmatureFrame): { widthMm: number; where: string } {
  let thinnest: ArmatureFrame['depths'][number] | null = null;
  for (const one of depths) if (!one.run.wire && (!thinnest || one.depth < thinnest.depth)) thinnest = one;
  const share = sourced('wire.least', context.own).value / 100;
  return { widthMm: 2 * (thinnest?.depth ?? 0) * share, where: thinnest?.where ?? '' };
}

/** A leg bears several times what would just do. */
export const LEG_SAFETY = 3;

/** Sag that is not yet seen in a limb of a length, mm: looked up once for all limbs. */
export function sagAllowed({ own }: PartFacts): (lengthMm: number) => number {
  const share = sourced('wire.sag', own).value / 100;
  const least = sourced('size.tolerance-least', own).value;
  return (lengthMm) => Math.max(least, share * lengthMm);
}

/** What is advised, and why not the next thinner. */
export interface Advice {
  readonly wire: Wire;
  /** Whether it passes every check; when none does, it is the one that fails least. */
  readonly passes: boolean;
  readonly fails: readonly string[];
  /** The next thinner one, and what it fails by; null when there is none. */
  readonly thinner: { readonly wire: Wire; readonly fails: readonly string[] } | null;
}

const STRANDS = [1, 2, 3] as const;

/** Diameters that can be had: as wire is sold here and what is in stock, or that alone; mm. */
function hadMm({ piece }: PartFacts, metal: Metal): number[] {
  const stock = piece.wireStock
    .filter((one) => one.metal === metal && one.count > 0)
    .map(({ diameterMm }) => diameterMm);
  const sold = piece.wireSold === 'stock' ? [] : soldMm(piece.wireSold);
  return [...new Set([...sold, ...stock])];
}

/** Wires and twists of a metal that can be had, the thinnest bundle first; among alike, the stiffer one. */
export function wiresOf(context: PartFacts, metal: Metal): Wire[] {
  return hadMm(context, metal)
    .flatMap((diameterMm) => STRANDS.map((strands): Wire => ({ metal, diameterMm, strands })))
    .sort((a, b) => bundleMm(a) - bundleMm(b) || a.strands - b.strands);
}

/** Thinner than a wire by two sizes that can be had, for what is bound on to it. */
export function thinnerOf(context: PartFacts, wire: Wire): Wire {
  const thinner = hadMm(context, wire.metal)
    .filter((mm) => mm < wire.diameterMm)
    .sort((a, b) => b - a);
  return { ...wire, strands: 1, diameterMm: thinner[1] ?? thinner[0] ?? wire.diameterMm };
}

/** Whether the cured limbs bear with a wire what may come on them. */
function bears(frame: ArmatureFrame, wire: Wire): boolean {
  const touch = touchOf(frame, wire);
  return !touch || touch.bearsN >= touch.wantedN;
}

/**
 * The thinnest wire or twist of a metal that passes every check and bears the hand it is made for; null where none of it can
 * be had.
 */
export function adviseWire(frame: ArmatureFrame, metal: Metal): Advice | null {
  if (frame.runs.length === 0) return null;
  const tried: { wire: Wire; fails: string[] }[] = [];
  for (const wire of wiresOf(frame.context, metal)) {
    tried.push({ wire, fails: failuresOf(frame, wire) });
    if (tried.at(-1)?.fails.length === 0 && bears(frame, wire)) break;
  }
  const least = Math.min(...tried.map(({ fails }) => fails.length));
  const isLeast = ({ fails }: (typeof tried)[number]) => fails.length === least;
  const bearing = tried.findIndex((one) => isLeast(one) && bears(frame, one.wire));
  // Where none bears what may come on it, the stoutest that does all else comes nearest.
  const stoutest = least === 0 ? tried.findLastIndex(isLeast) : tried.findIndex(isLeast);
  const place = bearing >= 0 ? bearing : stoutest;
  const chosen = tried[place];
  if (!chosen) return null;
  return { ...chosen, passes: least === 0, thinner: tried[place - 1] ?? null };
}
