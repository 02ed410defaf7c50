import type { RouteStep } from '../piece/index.ts';
import type { Constraint } from './constraints.ts';
import { type Edge, orderKeeping } from './order.ts';
import { bakesOf, keeps, orderOf } from './placing.ts';

/** An order that keeps everything, and how many steps had to be moved for it. */
export interface CheapestOrder {
  readonly order: readonly number[];
  readonly moved: number;
}

/** So many orders are tried before it is given up. */
const MOST_TRIED = 400;
/** With more bakes than this, which of them lie before and which behind goes by their present order. */
const FEW_BAKES = 3;

/** Every way that bakes may lie on either side of a stretch: those before it, the others behind it. */
function sides(bakes: readonly number[]): (readonly [readonly number[], readonly number[]])[] {
  if (bakes.length > FEW_BAKES)
    return Array.from({ length: bakes.length + 1 }, (_, n) => [bakes.slice(0, n), bakes.slice(n)] as const);
  return Array.from({ length: 2 ** bakes.length }, (_, mask) => {
    const isBefore = (i: number) => ((mask >> i) & 1) === 1;
    return [bakes.filter((_b, i) => isBefore(i)), bakes.filter((_b, i) => !isBefore(i))] as const;
  });
}

/** The ways to keep a constraint, each as what must come before what; one of them is enough. */
function waysToKeep(
  steps: readonly RouteStep[],
  { mode, first, second, among = [] }: Constraint,
): readonly (readonly Edge[])[] {
  const present = orderOf(steps);
  const bakes = (of: number) => [...new Set(bakesOf(present, steps[of]))].filter((at) => at !== of);
  const between = (a: number, b: number): Edge[][] =>
    bakes(a)
      .filter((bake) => bake !== b)
      .map((bake) => [
        [a, bake],
        [bake, b],
      ]);
  const noneBetween = (a: number, b: number, of: number): Edge[][] =>
    sides(bakes(of)).map(([before, behind]) => [
      [a, b],
      ...before.map((bake): Edge => [bake, a]),
      ...behind.map((bake): Edge => [b, bake]),
    ]);
  switch (mode) {
    case 'before':
      return [[[first, second]]];
    case 'firm':
      return between(first, second);
    case 'wet':
      return noneBetween(first, second, first);
    case 'last':
      return [[[second, first]], ...between(first, second)];
    case 'apart':
      return [...between(first, second), ...between(second, first)];
    case 'baked':
      return bakes(first).map((bake) => [[first, bake]]);
    case 'cured':
      return bakes(first).map((bake) => [[bake, first]]);
    case 'raw':
      return [
        ...among.flatMap((skin) => noneBetween(skin, first, first)),
        among.map((skin): Edge => [first, skin]),
      ];
    case 'hot':
      return [[[first, second]], ...among.map((cool): Edge[] => [[cool, first]])];
  }
}

/** Which steps come before which, near and far, as rows of bits; null when some wait for each other in a ring. */
function closureOf(count: number, edges: readonly Edge[]): { rows: Uint32Array; words: number } | null {
  const words = Math.ceil(count / 32);
  const next: number[][] = Array.from({ length: count }, () => []);
  const waits = new Int32Array(count);
  for (const [a, b] of edges) {
    next[a]?.push(b);
    waits[b] = (waits[b] ?? 0) + 1;
  }
  const order: number[] = [];
  for (let at = 0; at < count; at += 1) if (waits[at] === 0) order.push(at);
  for (let i = 0; i < order.length; i += 1)
    for (const to of next[order[i] as number] ?? []) {
      waits[to] = (waits[to] ?? 0) - 1;
      if (waits[to] === 0) order.push(to);
    }
  if (order.length < count) return null;
  const rows = new Uint32Array(count * words);
  for (let i = count - 1; i >= 0; i -= 1) {
    const at = order[i] as number;
    for (const to of next[at] ?? []) {
      for (let w = 0; w < words; w += 1)
        rows[at * words + w] = (rows[at * words + w] ?? 0) | (rows[to * words + w] ?? 0);
      rows[at * words + (to >> 5)] = (rows[at * words + (to >> 5)] ?? 0) | (1 << (to & 31));
    }
  }
  return { rows, words };
}

/**
 * The least steps to be moved so that what must come before what does. Two steps are at odds when the one that must come
 * first stands behind; being at odds is itself an order, so the most steps that may stay are its longest antichain, and
 * those to be moved are as many as a greatest matching has pairs (Dilworth 1950, by way of König 1931).
 */
function leastMoved(count: number, { rows, words }: { rows: Uint32Array; words: number }): Uint8Array {
  const odds: number[][] = [];
  for (let late = 0; late < count; late += 1) {
    const list: number[] = [];
    for (let early = 0; early < late; early += 1)
      if (((rows[late * words + (early >> 5)] ?? 0) >>> (early & 31)) & 1) list.push(early);
    odds.push(list);
  }
  const [mate, mated] = [new Int32Array(count).fill(-1), new Int32Array(count).fill(-1)];
  const seen = new Int32Array(count).fill(-1);
  // Augmenting paths with an own stack: a route may have thousands of steps.
  for (let root = 0; root < count; root += 1) {
    const path: { left: number; edge: number }[] = [{ left: root, edge: 0 }];
    for (let top = path.at(-1); top; top = path.at(-1)) {
      const right = odds[top.left]?.[top.edge];
      if (right === undefined) {
        path.pop();
        const under = path.at(-1);
        if (under) under.edge += 1;
      } else if (seen[right] === root) top.edge += 1;
      else {
        seen[right] = root;
        const other = mated[right] ?? -1;
        if (other >= 0) path.push({ left: other, edge: 0 });
        else {
          for (const { left, edge } of path) {
            const to = odds[left]?.[edge] as number;
            mate[left] = to;
            mated[to] = left;
          }
          break;
        }
      }
    }
  }
  // What alternating paths reach from the unmatched is not in the least cover on the left, and in it on the right.
  const [leftIn, rightIn] = [new Uint8Array(count).fill(1), new Uint8Array(count)];
  const open = Array.from({ length: count }, (_, i) => i).filter((i) => mate[i] === -1);
  for (const i of open) leftIn[i] = 0;
  for (let left = open.pop(); left !== undefined; left = open.pop())
    for (const right of odds[left] ?? []) {
      if (rightIn[right]) continue;
      rightIn[right] = 1;
      const other = mated[right] ?? -1;
      if (other >= 0 && leftIn[other]) {
        leftIn[other] = 0;
        open.push(other);
      }
    }
  return leftIn.map((is, i) => (is || rightIn[i] ? 1 : 0));
}

/** Steps that stay one behind the other, in their present order. */
function chainOf(isMoved: Uint8Array): Edge[] {
  const stay = [...isMoved.keys()].filter((at) => !isMoved[at]);
  return stay.slice(1).map((at, i): Edge => [stay[i] ?? at, at]);
}

interface Tried {
  readonly edges: readonly Edge[];
  readonly order: readonly number[];
  readonly moved: number;
  readonly depth: number;
}

/**
 * The order that keeps all constraints with the fewest steps moved. Constraints that may be kept in several ways are
 * branched on, the cheapest branch first; the least moves of a branch bound all that come of it, so the first order found
 * to keep everything is a cheapest one.
 *
 * @returns null when there is none, or none was found in a bounded number of tries
 */
export function cheapestOrder(
  steps: readonly RouteStep[],
  constraints: readonly Constraint[],
): CheapestOrder | null {
  const count = steps.length;
  const fixed: Edge[] = [];
  const open: Constraint[] = [];
  const ways = new Map<Constraint, readonly (readonly Edge[])[]>();
  for (const one of constraints) {
    const found = one.mode === 'before' ? [[[one.first, one.second] as Edge]] : waysToKeep(steps, one);
    const [only, ...more] = found;
    if (!only) return null;
    if (more.length === 0) fixed.push(...only);
    else {
      open.push(one);
      ways.set(one, found);
    }
  }
  const tryIt = (edges: readonly Edge[], depth: number): Tried | null => {
    const closure = closureOf(count, edges);
    if (!closure) return null;
    const isMoved = leastMoved(count, closure);
    const order = orderKeeping(count, [...edges, ...chainOf(isMoved)]);
    return order && { edges, order, moved: isMoved.reduce((sum, one) => sum + one, 0), depth };
  };
  const first = tryIt(fixed, 0);
  const queue: Tried[] = first ? [first] : [];
  for (let tried = 0; tried < MOST_TRIED; tried += 1) {
    let best = 0;
    // Of branches that cost alike the deepest is nearest to its end.
    queue.forEach(({ moved, depth }, i) => {
      const than = queue[best] as Tried;
      if (moved < than.moved || (moved === than.moved && depth > than.depth)) best = i;
    });
    const [one] = queue.splice(best, 1);
    if (!one) return null;
    const order = orderOf(steps, one.order);
    const wrong = open.find((constraint) => !keeps(steps, order, constraint));
    if (!wrong) return { order: one.order, moved: one.moved };
    for (const way of ways.get(wrong) ?? []) {
      const next = tryIt([...one.edges, ...way], one.depth + 1);
      if (next) queue.push(next);
    }
  }
  return null;
}
