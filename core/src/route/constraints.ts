import type { StuffId } from '../handbook/index.ts';
import type { Route, RouteStep, StepKind } from '../piece/index.ts';
import type { OfferedChange } from '../reckoning/index.ts';
import { type Grade, gradeOf, type RuleId, type Seen } from './grades.ts';
import { addsClay, isOfLayers } from './kinds.ts';

/**
 * How two steps must lie. `before`: the first comes first. `firm`: and a bake of the first lies between. `wet`: the first
 * comes first and no bake of it lies between. `last`: the first comes after the second, unless a bake of it lies between.
 * `apart`: whichever comes first is baked before the other. `baked`: a bake of its part comes after the first. `cured`: a
 * bake of its part comes before the first. `raw`: of the clay that the first is done to, some has been
 * under no bake since it was laid.
 * `hot`: the first does not lie between the second, which is a bake, and what cools it.
 */
export type OrderMode = 'before' | 'firm' | 'wet' | 'last' | 'apart' | 'baked' | 'cured' | 'raw' | 'hot';

/** One thing that the order of a route must keep. */
export interface Constraint {
  readonly mode: OrderMode;
  /** Places in the list of steps that the constraints were drawn up for. */
  readonly first: number;
  readonly second: number;
  readonly why: string;
  /** The relation that says so; null for what follows from the steps themselves. */
  readonly relation: string | null;
  /** Of `raw` the steps that laid the clay, of `hot` the one that cools it; empty for the others. */
  readonly among?: readonly number[];
  /** The rule it is of, and what is put on, where that bears on how much it weighs. */
  readonly of?: {
    readonly rule: RuleId;
    readonly stuff: StuffId | null;
    readonly grade: Grade;
    readonly seen: Seen;
  };
}

/** What of a piece its order leans on, beyond the steps themselves. */
export interface OrderGround {
  /** Parts whose clay goes into no oven. */
  readonly unbaked: ReadonlySet<string>;
  /** Parts that the piece begins with baked: work on cured clay waits for no bake. */
  readonly cured: ReadonlySet<string>;
  /** Why what a step puts on or leaves does not bear the heat of its part’s bakes, by the step. */
  readonly burns: ReadonlyMap<string, Burn>;
  /** How it went for the maker where a rule warned. */
  readonly seen: (rule: RuleId, stuff: StuffId | null) => Seen;
}

/** Something that does not bear the oven, and the change that has it put on after it. */
export interface Burn {
  readonly says: string;
  readonly later: { readonly says: string; readonly change: OfferedChange } | null;
}

/** A piece of which nothing more is known than its steps. */
export const PLAIN_GROUND: OrderGround = {
  unbaked: new Set(),
  cured: new Set(),
  burns: new Map(),
  seen: () => ({ good: 0, bad: 0 }),
};

/** What of one part must come before what, and why. */
const RULES: readonly (readonly [first: StepKind, second: StepKind, why: string, rule?: RuleId])[] = [
  ['wire', 'bind', 'wires are bound when they are bent'],
  ['wire', 'block', 'the wire is what the block holds'],
  ['wire', 'core', 'the core is packed round the wire'],
  ['bind', 'core', 'the core is packed round the bound wires'],
  ['wire', 'skin', 'clay covers the wire'],
  ['bind', 'skin', 'clay covers the bindings'],
  ['core', 'skin', 'clay goes over the core, and none goes in after'],
  ['skin', 'detail', 'there must be clay to work in'],
  ['skin', 'clean', 'there must be clay to clean'],
  ['skin', 'joint', 'there must be something to join'],
  ['bake', 'seal', 'raw clay under a sealer never cures right, and sealer browns in the oven', 'bake-seal'],
  ['bake', 'coat', 'paint does not bear the oven', 'bake-coat'],
  ['seal', 'coat', 'bare clay under paint peels or stains', 'seal-coat'],
];

/** Work in raw clay, and what is to be done where the oven has been over it. */
const RAW_WORK: Readonly<Partial<Record<StepKind, string>>> = {
  detail: 'the oven has fixed the clay by then',
  clean: 'cured clay cannot be smoothed; it is sanded',
};

/** Work that wants cured clay. */
const CURED_WORK: Readonly<Partial<Record<StepKind, string>>> = {
  sand: 'raw clay tears and smears under it',
  warm: 'only cured clay bends back on itself when it is warm',
};

const overlaps = (a: RouteStep, b: RouteStep): boolean =>
  a.regions.length === 0 || b.regions.length === 0 || a.regions.some((region) => b.regions.includes(region));

/** Steps of every part by their places, those of the whole piece with each; under the empty name those alone. */
export function stepsByPart(steps: readonly RouteStep[]): Map<string, number[]> {
  const found = new Map<string, number[]>([['', []]]);
  for (const { parts } of steps) for (const part of parts) if (!found.has(part)) found.set(part, []);
  steps.forEach(({ parts }, i) => {
    if (parts.length === 0) for (const list of found.values()) list.push(i);
    else for (const part of parts) found.get(part)?.push(i);
  });
  return found;
}

/** Whether two steps belong to a part together: those of the whole piece are looked at once, under no part. */
function belong(a: RouteStep, b: RouteStep, part: string): boolean {
  const areWhole = a.parts.length === 0 && b.parts.length === 0;
  return areWhole === (part === '') && (areWhole || overlaps(a, b));
}

function weighed(rule: RuleId, stuff: StuffId | null, seen: OrderGround['seen']): Constraint['of'] {
  const own = seen(rule, stuff);
  return { rule, stuff, grade: gradeOf(rule, stuff, own), seen: own };
}

function partConstraints(
  part: string,
  steps: readonly RouteStep[],
  places: readonly number[],
  {
    isUnbaked,
    isCured,
    seen,
  }: { readonly isUnbaked: boolean; readonly isCured: boolean; readonly seen: OrderGround['seen'] },
): Constraint[] {
  const byKind = new Map<StepKind, number[]>();
  for (const i of places) {
    const kind = steps[i]?.kind ?? 'other';
    const list = byKind.get(kind);
    if (list) list.push(i);
    else byKind.set(kind, [i]);
  }
  const pairs = (mode: OrderMode, a: StepKind, b: StepKind, why: string, rule?: RuleId): Constraint[] =>
    (byKind.get(a) ?? []).flatMap((first) =>
      (byKind.get(b) ?? []).flatMap((second): Constraint[] => {
        const [one, other] = [steps[first], steps[second]];
        if (!one || !other || !belong(one, other, part)) return [];
        // Which layer may lie on which is judged where the surface is told.
        if (rule === 'seal-coat' && isOfLayers(one) && isOfLayers(other)) return [];
        const of = rule && weighed(rule, other.leaves, seen);
        return [{ mode, first, second, why, relation: null, ...(of && { of }) }];
      }),
    );
  const alone = (mode: OrderMode, first: number, why: string): Constraint => ({
    mode,
    first,
    second: first,
    why,
    relation: null,
  });
  return [
    ...RULES.flatMap(([a, b, why, rule]) => pairs('before', a, b, why, rule)),
    ...pairs('wet', 'skin', 'pastel', 'pastel takes only on raw clay'),
    ...places.flatMap((i): Constraint[] => {
      const step = steps[i];
      if (!step || isUnbaked || (step.parts.length === 0) !== (part === '')) return [];
      const { [step.kind]: raw } = RAW_WORK;
      const { [step.kind]: cured } = CURED_WORK;
      const skins = raw === undefined ? [] : (byKind.get('skin') ?? []);
      const among = skins.filter((at) => overlaps(step, steps[at] ?? step));
      // What is done to clay of the route is baked with that clay.
      const isOnClay = raw !== undefined && among.length > 0;
      return [
        ...(addsClay(step.kind) && !isOnClay ? [alone('baked', i, 'raw clay must be baked after it')] : []),
        ...(isOnClay ? [{ ...alone('raw', i, raw), among }] : []),
        ...(cured === undefined || isCured ? [] : [alone('cured', i, cured)]),
      ];
    }),
  ];
}

/** Kinds that are no work on a part while it is hot: bakes, what cools them, and bending it because it is. */
const MAY_BE_HOT: readonly StepKind[] = ['bake', 'cool', 'warm'];

const share = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === 0 || b.length === 0 || a.some((part) => b.includes(part));

/** The step that cools what a bake has made hot: the one that asks for it, else the next one behind it. */
export function coolOf(steps: readonly RouteStep[], bake: number): number | null {
  const of = steps[bake];
  if (!of) return null;
  const isCool = ({ kind, parts }: RouteStep) => kind === 'cool' && share(parts, of.parts);
  const asked = steps.findIndex((step) => isCool(step) && step.needs.includes(of.id));
  const next =
    asked >= 0 ? asked : steps.findIndex((step, i) => i > bake && isCool(step) && step.needs.length === 0);
  return next >= 0 ? next : null;
}

/** Nothing is done to a part between its bake and what cools it. */
function hotConstraints(
  steps: readonly RouteStep[],
  byPart: ReadonlyMap<string, readonly number[]>,
): Constraint[] {
  const found: Constraint[] = [];
  steps.forEach(({ kind, way, parts }, bake) => {
    // Of a bake of small parts the part itself is not in the oven.
    const cool = kind === 'bake' && way !== 'ahead' ? coolOf(steps, bake) : null;
    if (cool === null) return;
    const touching = parts.length === 0 ? steps.keys() : parts.flatMap((part) => byPart.get(part) ?? []);
    for (const first of new Set(touching)) {
      const step = steps[first];
      // What is done to no part in particular, such as buying paint, touches none.
      if (!step || MAY_BE_HOT.includes(step.kind) || (step.kind === 'other' && step.parts.length === 0))
        continue;
      const why = 'hot clay dents, cracks and burns the fingers';
      found.push({ mode: 'hot', first, second: bake, why, relation: null, among: [cool] });
    }
  });
  return found;
}

/** What a step puts on is made before it, and goes on after every bake that it does not bear. */
function thingConstraints(steps: readonly RouteStep[], { burns }: OrderGround): Constraint[] {
  const before = (first: number, second: number, why: string): Constraint => ({
    mode: 'before',
    first,
    second,
    why,
    relation: null,
  });
  return steps.flatMap((step, second) => {
    const burn = burns.get(step.id);
    if (step.thing === '' && !burn) return [];
    return steps.flatMap((one, first): Constraint[] => {
      const [only, ...more] = one.parts;
      const makes =
        step.thing !== '' && only === step.thing && more.length === 0 && ['wire', 'other'].includes(one.kind);
      if (makes) return [before(first, second, 'it is made before it is put on')];
      const bakes = burn && one.kind === 'bake' && one.way !== 'ahead' && share(one.parts, step.parts);
      return bakes ? [before(first, second, burn.says)] : [];
    });
  });
}

const RELATION_MODES = {
  buries: { mode: 'before', turned: true, why: 'it is buried by it' },
  supports: { mode: 'firm', turned: false, why: 'it carries what comes on it, so it must be firm' },
  touches: { mode: 'apart', turned: false, why: 'raw against raw they dent each other' },
  held: { mode: 'last', turned: false, why: 'fingers are on it till then' },
  wet: { mode: 'wet', turned: false, why: 'it must still be wet' },
  marks: { mode: 'before', turned: false, why: 'it cannot be marked once it is covered' },
} as const;

/** Everything that an order must keep, with what only often goes wrong, and without what is no matter. */
export function weighedConstraints(
  { steps, relations }: Route,
  ground: OrderGround = PLAIN_GROUND,
): Constraint[] {
  const at = new Map(steps.map(({ id }, i) => [id, i]));
  const found: Constraint[] = [];
  steps.forEach(({ needs }, second) => {
    for (const id of needs) {
      const first = at.get(id);
      if (first !== undefined)
        found.push({ mode: 'before', first, second, why: 'the one needs the other', relation: null });
    }
  });
  for (const { id, kind, first: a, second: b } of relations) {
    const { mode, turned, why } = RELATION_MODES[kind];
    const [first, second] = turned ? [at.get(b), at.get(a)] : [at.get(a), at.get(b)];
    if (first !== undefined && second !== undefined) found.push({ mode, first, second, why, relation: id });
  }
  const byPart = stepsByPart(steps);
  for (const [part, places] of byPart)
    for (const one of partConstraints(part, steps, places, {
      isUnbaked: ground.unbaked.has(part),
      isCured: ground.cured.has(part),
      seen: ground.seen,
    }))
      found.push(one);
  return once([...found, ...hotConstraints(steps, byPart), ...thingConstraints(steps, ground)]).filter(
    ({ of }) => of?.grade !== 'silent',
  );
}

/** The same of two steps is asked once, for however many parts. */
function once(constraints: readonly Constraint[]): Constraint[] {
  const seen = new Set<string>();
  return constraints.filter(({ mode, first, second, why }) => {
    const key = `${mode} ${first} ${second} ${why}`;
    return !seen.has(key) && seen.add(key);
  });
}

/** Everything that the order of a route must keep: what its steps need, what its relations say, what its kinds ask. */
export function constraintsOf(route: Route, ground: OrderGround = PLAIN_GROUND): Constraint[] {
  return weighedConstraints(route, ground).filter(({ of }) => of?.grade !== 'check');
}
