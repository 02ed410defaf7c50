import type { StuffId } from '../handbook/index.ts';
import type { Aid, AidKind, RouteStep, Separator } from '../piece/index.ts';
import type { Level, WayOut } from '../reckoning/index.ts';
import { addsClay } from './kinds.ts';

/** What an aid is called, what it is usually made of, and whether raw clay is worked against it. */
export const AIDS: Readonly<
  Record<AidKind, { readonly title: string; readonly stuff: StuffId; readonly touchesClay: boolean }>
> = {
  block: { title: 'block to hold it by', stuff: 'wood', touchesClay: false },
  film: { title: 'film under it', stuff: 'tape', touchesClay: false },
  clamp: { title: 'clamp', stuff: 'wire', touchesClay: false },
  frame: { title: 'frame round it', stuff: 'wood', touchesClay: true },
  'foil-former': { title: 'former of foil', stuff: 'foil', touchesClay: false },
  'card-former': { title: 'former of card', stuff: 'card', touchesClay: true },
  mat: { title: 'texture mat', stuff: 'silicone', touchesClay: true },
  jig: { title: 'jig', stuff: 'wood', touchesClay: false },
  'spare-head': { title: 'spare head', stuff: 'baked-clay', touchesClay: true },
  'baked-part': { title: 'another baked part', stuff: 'baked-clay', touchesClay: true },
  'foot-or-bottle': { title: 'foot or bottle to press on', stuff: 'glass', touchesClay: true },
};

/** What keeps raw clay off an aid. */
export const SEPARATOR_SAYS: Readonly<Record<Separator, string>> = {
  none: 'nothing between',
  powder: 'starch or talc',
  film: 'kitchen film',
  oil: 'a trace of oil',
  foil: 'foil',
};

/** Kitchen film gives way in the oven. */
const MELTS: Separator = 'film';

/** What an aid is made of. */
export function aidStuff({ kind, stuff }: Pick<Aid, 'kind' | 'stuff'>): StuffId {
  return stuff ?? AIDS[kind].stuff;
}

/** Places of the steps that an aid is there for: the first, and the one it is taken off before. */
export function aidSpan(
  { on, off }: Pick<Aid, 'on' | 'off'>,
  steps: readonly RouteStep[],
): readonly [number, number] {
  const place = (id: string, none: number) => {
    const at = id === '' ? -1 : steps.findIndex((step) => step.id === id);
    return at < 0 ? none : at;
  };
  return [place(on, 0), place(off, steps.length)];
}

/** Whether an aid is on something that a step is done to, as the step is done. */
export function isOnAt(aid: Aid, steps: readonly RouteStep[], at: number): boolean {
  const [from, to] = aidSpan(aid, steps);
  return at >= from && at < to && helps(aid, steps[at]?.parts ?? []);
}

function helps({ parts }: Aid, of: readonly string[]): boolean {
  return parts.length === 0 || of.length === 0 || parts.some((id) => of.includes(id));
}

/** How an aid stands with the route. */
export interface AidJudged {
  readonly level: Level;
  readonly says: string;
  readonly waysOut: readonly WayOut[];
}

/** What is to be said of an aid on a route; its heat is looked at before each bake. */
export function judgeAid(aid: Aid, steps: readonly RouteStep[]): AidJudged {
  const [from, to] = aidSpan(aid, steps);
  const path = ['aids', aid.id];
  if (to <= from && steps.length > 0)
    return {
      level: 'stop',
      says: 'it is taken off before it is put on',
      waysOut: [{ says: 'let it stay to the end', change: { path: [...path, 'off'], value: '' } }],
    };
  const during = steps.filter((_, at) => isOnAt(aid, steps, at));
  const isBaked = during.some(({ kind }) => kind === 'bake');
  if (isBaked && aid.separator === MELTS)
    return {
      level: 'stop',
      says: 'kitchen film melts onto the clay in the oven',
      waysOut: [
        { says: 'part them with foil', change: { path: [...path, 'separator'], value: 'foil' } },
        { says: 'part them with starch or talc', change: { path: [...path, 'separator'], value: 'powder' } },
      ],
    };
  const lays = during.find(({ kind }) => addsClay(kind));
  if (lays && aid.separator === 'none' && AIDS[aid.kind].touchesClay)
    return {
      level: 'doubtful',
      says: `raw clay sticks to it at “${lays.title}”`,
      waysOut: [
        { says: 'dust it with starch or talc', change: { path: [...path, 'separator'], value: 'powder' } },
        isBaked
          ? { says: 'lay foil between', change: { path: [...path, 'separator'], value: 'foil' } }
          : { says: 'lay kitchen film between', change: { path: [...path, 'separator'], value: 'film' } },
      ],
    };
  const paints = during.find(({ kind }) => kind === 'seal' || kind === 'coat');
  if (paints && aid.off !== '')
    return {
      level: 'doubtful',
      says: `what it covers gets nothing at “${paints.title}”`,
      waysOut: [{ says: 'take it off before', change: { path: [...path, 'off'], value: paints.id } }],
    };
  return {
    level: 'good',
    says: aid.off === '' ? 'stays on to the end' : 'put on and taken off in time',
    waysOut: [],
  };
}
