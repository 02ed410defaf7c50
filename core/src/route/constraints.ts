import type { Route, RouteStep, StepKind } from '../piece/index.ts';
import { addsClay } from './kinds.ts';

/**
 * How two steps must lie. `before`: the first comes first. `firm`: and a bake of the first lies between. `wet`: the first
 * comes first and no bake of it lies between. `last`: the first comes after the second, unless a bake of it lies between.
 * `apart`: whichever comes first is baked before the other. `baked`: a bake of its part comes after the first.
 */
export type OrderMode = 'before' | 'firm' | 'wet' | 'last' | 'apart' | 'baked';

/** One thing that the order of a route must keep. */
export interface Constraint {
  readonly mode: OrderMode;
  /** Places in the list of steps that the constraints were drawn up for. */
  readonly first: number;
  readonly second: number;
  readonly why: string;
  /** The relation that says so; null for what follows from the steps themselves. */
  readonly relation: string | null;
}

/** What of one part must come before what, and why. */
const RULES: readonly (readonly [StepKind, StepKind, string])[] = [
  ['wire', 'bind', 'wires are bound when they are bent'],
  ['wire', 'block', 'the wire is what the block holds'],
  ['wire', 'core', 'the core is packed round the wire'],
  ['bind', 'core', 'the core is packed round the bound wires'],
  ['wire', 'skin', 'clay covers the wire'],
  ['bind', 'skin', 'clay covers the bindings'],
  ['core', 'skin', 'clay goes over the core, and none goes in after'],
  ['skin', 'detail', 'there must be clay to work in'],
  ['skin', 'clean', 'there must be clay to clean'],
  ['bake', 'seal', 'raw clay under a sealer never cures right, and sealer browns in the oven'],
  ['bake', 'coat', 'paint does not bear the oven'],
  ['seal', 'coat', 'bare clay under paint peels or stains'],
];

const overlaps = (a: RouteStep, b: RouteStep): boolean =>
  a.regions.length === 0 || b.regions.length === 0 || a.regions.some((region) => b.regions.includes(region));

/** Steps of every part by their places, those of the whole piece with each; under the empty name those alone. */
function stepsByPart(steps: readonly RouteStep[]): Map<string, number[]> {
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

function partConstraints(part: string, steps: readonly RouteStep[], places: readonly number[]): Constraint[] {
  const byKind = new Map<StepKind, number[]>();
  for (const i of places) {
    const kind = steps[i]?.kind ?? 'other';
    const list = byKind.get(kind);
    if (list) list.push(i);
    else byKind.set(kind, [i]);
  }
  const pairs = (mode: OrderMode, a: StepKind, b: StepKind, why: string): Constraint[] =>
    (byKind.get(a) ?? []).flatMap((first) =>
      (byKind.get(b) ?? []).flatMap((second): Constraint[] => {
        const [one, other] = [steps[first], steps[second]];
        return one && other && belong(one, other, part) ? [{ mode, first, second, why, relation: null }] : [];
      }),
    );
  return [
    ...RULES.flatMap(([a, b, why]) => pairs('before', a, b, why)),
    ...pairs('wet', 'skin', 'pastel', 'pastel takes only on raw clay'),
    ...places.flatMap((i): Constraint[] => {
      const step = steps[i];
      const isOwn = step && addsClay(step.kind) && (step.parts.length === 0) === (part === '');
      return isOwn
        ? [{ mode: 'baked', first: i, second: i, why: 'raw clay must be baked after it', relation: null }]
        : [];
    }),
  ];
}

const RELATION_MODES = {
  buries: { mode: 'before', turned: true, why: 'it is buried by it' },
  supports: { mode: 'firm', turned: false, why: 'it carries what comes on it, so it must be firm' },
  touches: { mode: 'apart', turned: false, why: 'raw against raw they dent each other' },
  held: { mode: 'last', turned: false, why: 'fingers are on it till then' },
  wet: { mode: 'wet', turned: false, why: 'it must still be wet' },
  marks: { mode: 'before', turned: false, why: 'it cannot be marked once it is covered' },
} as const;

const NONE: ReadonlySet<string> = new Set();

/**
 * Everything that the order of a route must keep: what its steps need, what its relations say, what its kinds ask.
 *
 * @param unbaked parts whose clay goes into no oven
 */
export function constraintsOf(
  { steps, relations }: Route,
  unbaked: ReadonlySet<string> = NONE,
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
  for (const [part, places] of stepsByPart(steps))
    for (const one of partConstraints(part, steps, places))
      if (one.mode !== 'baked' || !unbaked.has(part)) found.push(one);
  return found;
}
