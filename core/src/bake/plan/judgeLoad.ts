import type { Verdict, WayOut } from '../../reckoning/index.ts';
import { curedAfter, isOpen, type LoadWindow, loadWindow, type PartWindow } from '../window/index.ts';

/** What the verdict of a load goes by. */
export interface LoadGround {
  readonly window: LoadWindow;
  /** Windows of what is in it. */
  readonly parts: readonly PartWindow[];
  /** Minutes that it is to be in. */
  readonly minutes: number;
  readonly nameOf: (part: string) => string;
  readonly isMeasured: boolean;
  /** Whether the bake is only to firm it. */
  readonly isShort: boolean;
  /** Parts of more solid clay than the packet allows, the thickest first. */
  readonly tooThick: readonly string[];
  readonly limitMm: number;
  /** Heat that scorches at once, and what the oven is taken to hold, and may hold at most, °C. */
  readonly scorch: { readonly atC: number; readonly meanC: number; readonly hotC: number };
  /** The same load with something else about it, weighed: what it would be, and the window that it would have. */
  readonly tries: () => readonly { readonly way: WayOut; readonly window: LoadWindow | null }[];
}

const percent = (share: number) => `${Math.round(100 * share)} %`;

/** A part with the region of it that is meant, where it has several. */
export function placeOf(nameOf: LoadGround['nameOf'], { part }: PartWindow, region: string): string {
  return region === '' ? nameOf(part) : `${nameOf(part)} (${region})`;
}

/** The window in words. */
export function windowSays({ fromMin, toMin }: Pick<PartWindow, 'fromMin' | 'toMin'>): string {
  const [from, to] = wholeMinutes({ fromMin, toMin });
  if (from === null) return `never cured, browns after ${to} min`;
  return isOpen({ fromMin, toMin }) ? `${from} to ${to} min` : `cured after ${from} min, browns after ${to}`;
}

/** A window in whole minutes; one that is open stays so, however narrow. */
export function wholeMinutes({
  fromMin,
  toMin,
}: Pick<PartWindow, 'fromMin' | 'toMin'>): readonly [number | null, number] {
  const [from, to] = [fromMin === null ? null : Math.ceil(fromMin), Math.floor(toMin)];
  return from !== null && from > to && isOpen({ fromMin, toMin }) ? [to, from] : [from, to];
}

/** Minutes are whole: half of one past the end of a window is none. */
const HALF = 0.5;

function isWithin({ fromMin, toMin }: LoadWindow, minutes: number): boolean {
  return fromMin !== null && minutes >= fromMin - HALF && minutes <= toMin + HALF;
}

/** What is missing or too much at the minutes it is in, where the oven is at its worst for it. */
function faultsAt({ parts, minutes, nameOf, isShort, scorch }: LoadGround): string[] {
  const raw = parts
    .filter(({ fromMin }) => !isShort && (fromMin === null || minutes < fromMin - HALF))
    .map((one) => ({ one, share: curedAfter(one, minutes) }))
    .sort((a, b) => a.share - b.share)[0];
  const brown = parts.filter(({ toMin }) => minutes > toMin + HALF).sort((a, b) => a.toMin - b.toMin)[0];
  return [
    ...(raw ? [`${placeOf(nameOf, raw.one, raw.one.slowest)} is ${percent(raw.share)} cured`] : []),
    ...(brown
      ? [`${placeOf(nameOf, brown, brown.quickest)} browns after ${Math.floor(brown.toMin)} min`]
      : []),
    ...(scorch.hotC >= scorch.atC ? [`${scorch.hotC.toFixed(0)} °C scorches what is thin at once`] : []),
  ];
}

/** What to take out before the others, and when. */
function earlyWay({ window, parts, nameOf }: LoadGround, marginShare: number): WayOut[] {
  const rest = parts.filter(({ part }) => part !== window.quickest.part);
  const left = loadWindow(rest, marginShare);
  if (!left?.isOpen || window.quickest.toMin < 1) return [];
  return [
    {
      says: `take ${nameOf(window.quickest.part)} out after ${Math.floor(window.quickest.toMin)} min; the others then have ${windowSays(left)}`,
    },
  ];
}

/** How the minutes of a load stand, with ways out that have been worked through. */
export function judgeLoad(ground: LoadGround, marginShare: number): Verdict {
  const { window, minutes, isMeasured, isShort, tooThick, limitMm, scorch, nameOf, tries } = ground;
  const state = { wording: 'state' } as const;
  if (tooThick.length > 0)
    return {
      ...state,
      level: 'stop',
      says: `${tooThick.map(nameOf).join(', ')}: over ${limitMm} mm of solid clay cracks or stays soft inside, whatever the minutes; the packet’s limit goes before the heat that gets through`,
      waysOut: [{ says: 'give it a core at Bulk' }],
    };
  const faults = faultsAt(ground);
  if (faults.length === 0)
    return {
      ...state,
      level: 'good',
      says: isShort ? 'firm enough to go on with, nothing browns' : 'all cured, nothing browns',
      waysOut: [],
    };
  const wrong = faults.join('; ');
  const ways = [
    ...tries().flatMap(({ way, window: other }) =>
      other?.isOpen ? [{ ...way, says: `${way.says}: then ${windowSays(other)}` }] : [],
    ),
    ...(window.isOpen ? [] : earlyWay(ground, marginShare)),
  ];
  const waysOut = ways.length > 0 ? ways : [{ says: 'bake a test piece as thick beside it, and look' }];
  const isLikelyWell =
    scorch.meanC < scorch.atC && (window.isOpen ? isWithin(window, minutes) : window.isLikelyOpen);
  if (isLikelyWell)
    return {
      ...state,
      level: 'doubtful',
      says: `${isMeasured ? 'at the ends of its swing' : 'if the dial is off'}: ${wrong}`,
      waysOut,
    };
  return {
    ...state,
    level: 'stop',
    says: window.isOpen ? `${wrong}; ${windowSays(window)} would do` : `no minute suits all of it: ${wrong}`,
    waysOut,
  };
}
