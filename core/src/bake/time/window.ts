import { clayFamily } from '../../handbook/index.ts';
import type { Clay } from '../../piece/index.ts';
import { type OwnValues, sourced, type Term } from '../../reckoning/index.ts';

/** What one clay wants of the oven. */
export interface ClayWindow {
  readonly clay: Clay;
  readonly lowC: number;
  readonly highC: number;
  /** For each 6 mm of thickness. */
  readonly lowMinutes: number;
  readonly highMinutes: number;
  /** Where it stands: the packet, or the handbook’s family. */
  readonly fromPacket: boolean;
}

/** What a mix wants: the lowest temperature and the longest time of what is in it. */
export interface MixWindow {
  readonly lowC: number;
  readonly highC: number;
  readonly lowMinutes: number;
  readonly highMinutes: number;
  readonly clays: readonly ClayWindow[];
  /** The clay that sets the temperature, and the one that sets the time. */
  readonly coolest: ClayWindow;
  readonly slowest: ClayWindow;
  /** Clays whose own window starts above the mix’s. */
  readonly underheated: readonly ClayWindow[];
}

/** The window of one clay, the packet over the handbook; null for clay that is not baked. */
export function windowOf(clay: Clay): ClayWindow | null {
  if (clay.packet) return { clay, ...clay.packet, fromPacket: true };
  const { bake } = clayFamily(clay.family);
  if (!bake) return null;
  return {
    clay,
    lowC: bake.window.low ?? bake.window.value,
    highC: bake.window.high ?? bake.window.value,
    lowMinutes: bake.minutes.low ?? bake.minutes.value,
    highMinutes: bake.minutes.high ?? bake.minutes.value,
    fromPacket: false,
  };
}

/**
 * The window of several clays baked together (common practice: lowest temperature, longest time).
 *
 * @returns null when none of them is baked
 * @example mixWindow([firm, allPurpose])?.highC // 120: firm clay sets the heat
 */
export function mixWindow(clays: readonly Clay[]): MixWindow | null {
  const windows = clays.flatMap((clay) => windowOf(clay) ?? []);
  const [first] = windows;
  if (!first) return null;
  const coolest = windows.reduce(
    (a, b) => (b.highC < a.highC || (b.highC === a.highC && b.lowC < a.lowC) ? b : a),
    first,
  );
  const slowest = windows.reduce((a, b) => (b.highMinutes > a.highMinutes ? b : a), first);
  return {
    lowC: Math.min(...windows.map(({ lowC }) => lowC)),
    highC: coolest.highC,
    lowMinutes: Math.max(...windows.map(({ lowMinutes }) => lowMinutes)),
    highMinutes: slowest.highMinutes,
    clays: windows,
    coolest,
    slowest,
    underheated: windows.filter(({ lowC }) => lowC > coolest.highC),
  };
}

/** A clay’s temperature or time as a term, with where it stands. */
export function windowTerm(symbol: string, window: ClayWindow, what: 'heat' | 'time', own: OwnValues): Term {
  const heat = what === 'heat';
  const [low, high] = heat ? [window.lowC, window.highC] : [window.lowMinutes, window.highMinutes];
  const quantity = { value: low, low, high, unit: heat ? '°C' : 'min' } as const;
  const name = `${window.clay.name}: ${heat ? 'oven window' : 'minutes for each 6 mm'}`;
  if (window.fromPacket)
    return { symbol, name, quantity, origin: { kind: 'entry', path: ['clays', window.clay.id, 'packet'] } };
  const row = sourced(`clay.${window.clay.family}.${heat ? 'window' : 'minutes'}`, own).term(symbol);
  return { ...row, name, quantity };
}
