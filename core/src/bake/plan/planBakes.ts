import type { BulkFacts } from '../../bulk/index.ts';
import type { PartContext, PieceContext } from '../../context/index.ts';
import {
  type OwnValues,
  type ShownFigure,
  sourced,
  type Verdict,
  type WayOut,
} from '../../reckoning/index.ts';
import type { BakeState } from '../../route/steps/index.ts';
import { dialFor } from '../heat/index.ts';
import { fitsOven, type LoadedPart, type OvenLoad, pieceLoads } from '../loads/index.ts';
import {
  doseAt,
  doseRulesOf,
  isCuredBefore,
  isOpen,
  type LoadWindow,
  loadWindow,
  type OvenHeat,
  ovenHeat,
  type PartWarming,
  type PartWindow,
  partWindow,
} from '../window/index.ts';
import { judgeLoad } from './judgeLoad.ts';
import { likeBakes } from './likeBakes.ts';

/** Where something of a bake was typed: at the bake itself, or for all of them. */
type Typed = 'here' | 'all' | null;

/** One filling of the oven: what is in it, at what dial, for how long, and how that stands. */
export interface PlannedLoad {
  /** Id of the step and number of the load in it, from 1. */
  readonly id: string;
  readonly number: number;
  readonly dialC: number;
  readonly oven: OvenHeat;
  /** What of its parts asks for the most heat, and so for the dial. */
  readonly dialBy: string;
  readonly load: OvenLoad;
  readonly parts: readonly PartWindow[];
  readonly window: LoadWindow;
  /** From door shut to door open: those that are advised, or the maker’s own. */
  readonly minutes: number;
  readonly isEntered: boolean;
  /** Whether dial and minutes were typed for this bake, for all bakes, or not at all. */
  readonly typed: { readonly dial: Typed; readonly minutes: Typed };
  /** From door open until the last of it can be handled. */
  readonly coolMin: number;
  readonly verdict: Verdict;
}

/** One bake of the route with its loads in order. */
export interface PlannedBake {
  readonly step: string;
  readonly number: number;
  readonly title: string;
  readonly way: BakeState['step']['way'];
  readonly done: string | null;
  readonly loads: readonly PlannedLoad[];
  /** Names of what earlier bakes have cured, and what no load of this one suits: it is left out. */
  readonly spared: readonly string[];
  /** Names of what has no place in the oven. */
  readonly left: readonly string[];
  /** Copies beyond those that are planned one by one: they take loads like these. */
  readonly more: readonly { readonly name: string; readonly count: number }[];
  /** Fewer loads there cannot be. */
  readonly atLeast: number;
  /** Minutes of one of small parts made ahead, which is no load of whole parts. */
  readonly aheadMin: number | null;
}

/** What the bakes are planned from. */
export interface PlanGround {
  readonly context: PieceContext;
  readonly contexts: ReadonlyMap<string, PartContext>;
  readonly bulk: (part: string) => BulkFacts | null;
  readonly find: (part: string, key: string) => ShownFigure | undefined;
  /** How a part warms in a bake, by the id of its step; in a tent of foil where that is asked. */
  readonly warming: (part: string, step: string) => PartWarming | null;
  readonly tented: (part: string, step: string) => PartWarming | null;
}

/** A part in a bake, ready for any dial. */
interface Entrant {
  readonly part: string;
  readonly lowC: number;
  readonly highC: number;
  readonly windowAt: (oven: OvenHeat, isTented: boolean) => PartWindow | null;
}

/** What earlier bakes have done to a part: shares of its limit of browning, and of its cure. */
interface Before {
  readonly browned: number;
  readonly cured: number;
}

const NOTHING: Before = { browned: 0, cured: 0 };

function entrantsOf(bake: BakeState, ground: PlanGround, before: ReadonlyMap<string, Before>): Entrant[] {
  const { context, bulk, find, warming, tented } = ground;
  const { own, piece } = context;
  const of = (row: string) => sourced(row, own).value;
  const oven = {
    roomC: of('heat.room'),
    handleC: of('heat.handle'),
    ovenLagMin: piece.oven.cooling === 'ajar' ? of('oven.ajar') : 0,
  };
  const firmMin = bake.step.way === 'set' ? sourced('bake.set-hold', own).value : null;
  return bake.parts.flatMap(({ part, raw, regions }): Entrant[] => {
    const [facts, window] = [bulk(part), find(part, 'bake.temperature')?.quantity];
    const rules = facts && doseRulesOf(context, facts);
    if (!facts || !window || !rules || !warming(part, bake.step.id)) return [];
    const like = likeBakes(piece.log, facts.thickest.quantity.value);
    return [
      {
        part,
        lowC: window.low ?? window.value,
        highC: window.high ?? window.value,
        windowAt: (heat, isTented) => {
          const way = (isTented ? tented : warming)(part, bake.step.id);
          const { browned: spent, cured } = before.get(part) ?? NOTHING;
          const had = raw?.length === 0 ? cured : 0;
          return (
            way && partWindow(way, { part, regions, ...oven, oven: heat, rules, like, spent, had, firmMin })
          );
        },
      },
    ];
  });
}

/** Parts in a load, each once. */
const inLoad = ({ placed }: OvenLoad) => new Set(placed.map(({ item }) => item.id.split('/')[0] ?? ''));

const windowsOf = (entrants: readonly Entrant[], oven: OvenHeat, isTented = false): PartWindow[] =>
  entrants.flatMap(({ windowAt }) => windowAt(oven, isTented) ?? []);

/** A dial that is set lower by so much is looked at where no minute suits. */
const LOWER_C = 5;

/** What else might be done about a load, each worked through. */
function triesOf(
  { step }: BakeState,
  entrants: readonly Entrant[],
  dialC: number,
  marginShare: number,
  own: OwnValues,
) {
  const oven = ovenHeat(dialC, own);
  const at = (heat: OvenHeat, isTented = false) =>
    loadWindow(windowsOf(entrants, heat, isTented), marginShare);
  const spread = sourced('oven.spread', own).value;
  const measured: OvenHeat = {
    ...oven,
    coldC: oven.meanC - spread,
    hotC: oven.meanC + spread,
    isMeasured: true,
  };
  const lower = ovenHeat(dialC - LOWER_C, own);
  const ways: { readonly way: WayOut; readonly window: LoadWindow | null }[] = [
    ...(oven.isMeasured
      ? []
      : [{ way: { says: 'measure the oven with a thermometer first' }, window: at(measured) }]),
    {
      way: {
        says: `set the dial ${LOWER_C} °C lower`,
        // A dial of this bake’s own is turned at the bake.
        ...(step.dialC === null && { change: { path: ['oven', 'dialC'], value: dialC - LOWER_C } }),
      },
      window: at(lower),
    },
    {
      way: { says: 'tent it with foil', change: { path: ['oven', 'air'], value: 'tent' } },
      window: at(oven, true),
    },
  ];
  return ways;
}

/** Oven and windows that things are shared out over loads by: each at the dial that it would have by itself. */
function loadedOf({ step }: BakeState, entrants: readonly Entrant[], ground: PlanGround): LoadedPart[] {
  const { context, contexts } = ground;
  const { own } = context;
  return entrants.flatMap((entrant): LoadedPart[] => {
    const of = contexts.get(entrant.part);
    const [alone] = windowsOf([entrant], ovenHeat(dialOf(step.dialC, [entrant], ground), own));
    if (!of || !alone) return [];
    const { lowC, highC } = entrant;
    const { fromMin, toMin, likely } = alone;
    return [
      {
        context: of,
        lowC,
        highC,
        minutes: fromMin ?? likely.fromMin ?? toMin,
        ...(fromMin !== null && isOpen(alone) && { window: { fromMin, toMin } }),
      },
    ];
  });
}

/** The dial for some parts: the maker’s for this bake or for all, or what they want. */
function dialOf(
  typedC: number | null,
  entrants: readonly Entrant[],
  { context: { own, piece }, find }: PlanGround,
): number {
  const wanted = dialFor(
    entrants.map(({ part }) => part),
    find,
    own,
  );
  return typedC ?? piece.oven.dialC ?? wanted ?? 0;
}

const typedAt = (here: number | null, all: number | null): Typed =>
  here !== null ? 'here' : all !== null ? 'all' : null;

function planLoad(
  bake: BakeState,
  number: number,
  load: OvenLoad,
  entrants: readonly Entrant[],
  ground: PlanGround,
): PlannedLoad | null {
  const { own, piece } = ground.context;
  const here = inLoad(load);
  const inIt = entrants.filter(({ part }) => here.has(part));
  const isShort = bake.step.way === 'set';
  // Minutes that only firm it are no matter of a margin.
  const marginShare = isShort ? 0 : sourced('heat.margin', own).value / 100;
  const dialC = dialOf(bake.step.dialC, inIt, ground);
  const oven = ovenHeat(dialC, own);
  const parts = windowsOf(inIt, oven);
  const window = loadWindow(parts, marginShare);
  if (!window) return null;
  const entered = bake.step.holdMin ?? (isShort ? null : piece.oven.holdMin);
  const minutes = entered ?? window.adviseMin;
  const limit = sourced('bulk.limit', own).value;
  const thick = (part: string) => ground.bulk(part)?.thickest.quantity.value ?? 0;
  const verdict = judgeLoad(
    {
      window,
      parts,
      minutes,
      nameOf: (part) => ground.contexts.get(part)?.part.name ?? part,
      isMeasured: oven.isMeasured,
      isShort,
      tooThick: parts
        .map(({ part }) => part)
        .filter((part) => thick(part) > limit)
        .sort((a, b) => thick(b) - thick(a)),
      limitMm: limit,
      scorch: { atC: sourced('bake.scorch', own).value, meanC: oven.meanC, hotC: oven.hotC },
      tries: () => triesOf(bake, inIt, dialC, marginShare, own),
    },
    marginShare,
  );
  return {
    id: `${bake.step.id}.${number}`,
    number,
    dialC,
    dialBy: inIt.reduce((a, b) => (b.lowC > a.lowC ? b : a)).part,
    oven,
    load,
    parts,
    window,
    minutes,
    isEntered: entered !== null,
    typed: {
      dial: typedAt(bake.step.dialC, piece.oven.dialC),
      minutes: typedAt(bake.step.holdMin, isShort ? null : piece.oven.holdMin),
    },
    coolMin: Math.max(...parts.map((one) => one.coolMin)),
    verdict,
  };
}

/**
 * Every bake of the route in the maker’s oven: its loads, and of each the dial, the window of minutes that everything in it shares,
 * and the minutes that are advised. What earlier bakes have browned is not there for later ones.
 */
export function planBakes(bakes: readonly BakeState[], ground: PlanGround): PlannedBake[] {
  const { own, piece } = ground.context;
  const before = new Map<string, Before>();
  const nameOf = (part: string) => ground.contexts.get(part)?.part.name ?? part;
  return bakes.map((bake): PlannedBake => {
    const entrants = entrantsOf(bake, ground, before);
    const plan = pieceLoads(loadedOf(bake, entrants, ground), own, piece.oven.places);
    const all = plan.loads.flatMap((load, i) => planLoad(bake, i + 1, load, entrants, ground) ?? []);
    const isSpared = ({ parts }: PlannedLoad) => parts.every(isCuredBefore);
    const loads = all.filter((one) => !isSpared(one)).map((one, i) => renumbered(one, bake, i + 1));
    for (const [part, { browned, cured }] of doneBy(loads)) {
      const was = before.get(part) ?? NOTHING;
      before.set(part, { browned: was.browned + browned, cured: Math.max(was.cured, cured) });
    }
    return {
      step: bake.step.id,
      number: bake.number,
      title: bake.step.title,
      way: bake.step.way,
      done: bake.step.done,
      loads,
      spared: all.filter(isSpared).flatMap(({ parts }) => parts.map(({ part }) => nameOf(part))),
      left: [...new Set([...plan.left.map(({ name }) => name), ...noRoom(bake, ground)])],
      more: plan.more,
      atLeast: plan.atLeast,
      aheadMin: bake.step.way === 'ahead' ? sourced('bake.least', own).value : null,
    };
  });
}

/** What the loads of one bake do to each part: copies of it may be in several, and each copy is in one. */
function doneBy(loads: readonly PlannedLoad[]): ReadonlyMap<string, Before> {
  const done = new Map<string, Before>();
  for (const { parts, minutes } of loads)
    for (const { part, curves } of parts) {
      const other = done.get(part);
      const cured = doseAt(curves.cold.leastCured, minutes);
      done.set(part, {
        browned: Math.max(other?.browned ?? 0, doseAt(curves.mean.mostBrowned, minutes)),
        cured: Math.min(other?.cured ?? cured, cured),
      });
    }
  return done;
}

/** Names of parts that are to be baked and are larger than the oven. */
function noRoom(bake: BakeState, { contexts, bulk }: PlanGround): string[] {
  return bake.parts.flatMap(({ part }) => {
    const context = contexts.get(part);
    return context && bulk(part) && !fitsOven(context) ? [context.part.name] : [];
  });
}

const renumbered = (load: PlannedLoad, { step }: BakeState, number: number): PlannedLoad => ({
  ...load,
  id: `${step.id}.${number}`,
  number,
});
