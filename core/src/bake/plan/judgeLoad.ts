import type { Verdict, WayOut } from '../../reckoning/index.ts';
import { doseAt, type LoadWindow, loadWindow, type PartWindow } from '../window/index.ts';

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
  /** The same load with something else about it, to be weighed: what it would be, and the window that it would have. */
  readonly tries: readonly { readonly way: WayOut; readonly window: LoadWindow | null }[];
}

const percent = (share: number) => `${Math.round(100 * share)} %`;

/** A part with the region of it that is meant, where it has several. */
export function placeOf(nameOf: LoadGround['nameOf'], { part }: PartWindow, region: string): string {
  return region === '' ? nameOf(part) : `${nameOf(part)} (${region})`;
}

/** The window in words. */
export function windowSays({ fromMin, toMin }: Pick<LoadWindow, 'fromMin' | 'toMin'>): string {
  return fromMin === null ? 'never cured' : `${Math.ceil(fromMin)} to ${Math.floor(toMin)} min`;
}

/** What is missing or too much at the minutes it is in, where the oven is at its worst for it. */
function faultsAt({ parts, minutes, nameOf, isShort }: LoadGround): string[] {
  const raw = parts
    .map((one) => ({ one, share: doseAt(one.curves.cold.leastCured, minutes) / one.levels.cured }))
    .filter(({ share, one }) => !isShort && share < 0.995 && (one.fromMin === null || minutes < one.fromMin))
    .sort((a, b) => a.share - b.share)[0];
  const brown = parts.filter(({ toMin }) => minutes > toMin + 1).sort((a, b) => a.toMin - b.toMin)[0];
  return [
    ...(raw ? [`${placeOf(nameOf, raw.one, raw.one.slowest)} is ${percent(raw.share)} cured`] : []),
    ...(brown
      ? [`${placeOf(nameOf, brown, brown.quickest)} browns after ${Math.floor(brown.toMin)} min`]
      : []),
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
  const { window, isMeasured, isShort, tooThick, limitMm, nameOf, tries } = ground;
  const state = { wording: 'state' } as const;
  if (tooThick.length > 0)
    return {
      ...state,
      level: 'stop',
      says: `${tooThick.map(nameOf).join(', ')}: over ${limitMm} mm of solid clay cracks or stays soft inside, whatever the minutes; the packet’s limit goes before the heat that gets through`,
      waysOut: [{ says: 'give it a core at Bulk' }],
    };
  const ways = [
    ...tries.flatMap(({ way, window: other }) =>
      other?.isOpen ? [{ ...way, says: `${way.says}: then ${windowSays(other)}` }] : [],
    ),
    ...earlyWay(ground, marginShare),
  ];
  const waysOut = ways.length > 0 ? ways : [{ says: 'bake a test piece as thick beside it, and look' }];
  const faults = faultsAt(ground);
  if (faults.length === 0)
    return {
      ...state,
      level: 'good',
      says: isShort ? 'firm enough to go on with, nothing browns' : 'all cured, nothing browns',
      waysOut: [],
    };
  const wrong = faults.join('; ');
  if (!window.isOpen && window.isLikelyOpen)
    return {
      ...state,
      level: 'doubtful',
      says: `${isMeasured ? 'at the ends of its swing' : 'if the dial is off'}: ${wrong}`,
      waysOut,
    };
  const isIn = window.isOpen;
  return {
    ...state,
    level: 'stop',
    says: isIn ? `${wrong}; ${windowSays(window)} would do` : `no minute suits all of it: ${wrong}`,
    waysOut,
  };
}
