import { METRIC_WIRES, type Metal } from '../handbook/index.ts';
import { sourced } from '../reckoning/index.ts';
import { miniMm } from '../units/index.ts';
import type { PartContext } from '../whole/context.ts';
import { type Frame, leastCover, legBuckles, rawLimbs } from './checks.ts';
import { bundleMm, type Wire } from './wire.ts';

/** What a wire fails by, shortest first; empty when it will do. */
export function failuresOf(frame: Frame, wire: Wire): string[] {
  const { context, leg } = frame;
  const fails: string[] = [];
  const cover = leastCover(frame, wire, coverWanted(context));
  if (cover && cover.coverMm < cover.wantedMm)
    fails.push(`only ${Math.max(0, cover.coverMm).toFixed(1)} mm of clay over it at the ${cover.where}`);
  for (const { limb, lengthMm, sagMm, spareNmm } of rawLimbs(frame, wire)) {
    if (spareNmm < 0) fails.push(`bends under the raw ${limb.name}`);
    else if (sagMm > sagAllowed(context, lengthMm))
      fails.push(`the raw ${limb.name} sags ${sagMm.toFixed(1)} mm`);
  }
  const buckles = legBuckles(frame, wire);
  if (leg && buckles !== null && leg.bearsN * LEG_SAFETY > buckles) fails.push('its legs buckle');
  return fails;
}

/** A leg bears several times what would just do. */
export const LEG_SAFETY = 3;

/** Clay wanted over a wire, by the scale, mm. */
export function coverRow({ scale }: PartContext): 'wire.cover-dollhouse' | 'wire.cover-tabletop' {
  return scale.ratio <= 24 ? 'wire.cover-dollhouse' : 'wire.cover-tabletop';
}

export function coverWanted(context: PartContext): number {
  return sourced(coverRow(context), context.own).value;
}

/** Sag that is not yet seen in a limb of a length, mm. */
export function sagAllowed({ own }: PartContext, lengthMm: number): number {
  const share = sourced('wire.sag', own).value / 100;
  return Math.max(sourced('size.tolerance-least', own).value, share * miniMm(lengthMm));
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

/** Wires and twists of a metal, the thinnest bundle first; among alike, the stiffer one. */
export function wiresOf(metal: Metal): Wire[] {
  return METRIC_WIRES.flatMap((diameterMm) =>
    STRANDS.map((strands): Wire => ({ metal, diameterMm, strands })),
  ).sort((a, b) => bundleMm(a) - bundleMm(b) || a.strands - b.strands);
}

/** The thinnest wire or twist of a metal that passes every check. */
export function adviseWire(frame: Frame, metal: Metal): Advice | null {
  if (frame.runs.length === 0) return null;
  const tried = wiresOf(metal).map((wire) => ({ wire, fails: failuresOf(frame, wire) }));
  const at = tried.findIndex(({ fails }) => fails.length === 0);
  const least = Math.min(...tried.map(({ fails }) => fails.length));
  const chosen = tried[at < 0 ? tried.findIndex(({ fails }) => fails.length === least) : at];
  if (!chosen) return null;
  const place = tried.indexOf(chosen);
  return { ...chosen, passes: at >= 0, thinner: tried[place - 1] ?? null };
}
