import dagre from '@dagrejs/dagre';
import type { PlannedStep } from '@every-inch/core/schedule';

/** Steps of the chain that hands do one after the other, one that is waited for, or one that leads into them. */
export interface ChainNode {
  /** At least one, in order. */
  readonly steps: readonly [PlannedStep, ...PlannedStep[]];
  /** Its middle, px. */
  readonly x: number;
  readonly y: number;
  readonly isChain: boolean;
}

/** What leads to what, along these points. */
export interface ChainEdge {
  readonly from: string;
  readonly to: string;
  readonly points: readonly { readonly x: number; readonly y: number }[];
  /** Whether it is what holds the later one up. */
  readonly isChain: boolean;
}

/** The chain as it is drawn, px. */
export interface ChainGraph {
  readonly nodes: readonly ChainNode[];
  readonly edges: readonly ChainEdge[];
  readonly width: number;
  readonly height: number;
}

export const NODE = { width: 280, height: 56 } as const;
const APART = { rank: 26, node: 14 } as const;

const waits = ({ waitFrom, done }: PlannedStep): boolean => done - waitFrom >= 1;

type Run = [PlannedStep, ...PlannedStep[]];

/** The chain in runs: what hands do without anything being waited for between is one. */
export function runsOf(steps: readonly PlannedStep[]): Run[] {
  const runs: Run[] = [];
  for (const step of steps) {
    if (step.heldBy === null) continue;
    const last = runs.at(-1);
    if (last && !waits(step) && !waits(last.at(-1) ?? last[0])) last.push(step);
    else runs.push([step]);
  }
  return runs;
}

/** Of what is not on the chain, that which leads into a run and has least to spare. */
function leadingInto(run: Run, byId: ReadonlyMap<string, PlannedStep>): PlannedStep | undefined {
  return run
    .flatMap(({ after }) => after)
    .flatMap((id) => byId.get(id) ?? [])
    .filter(({ heldBy }) => heldBy === null)
    .sort((a, b) => a.latest - a.start - (b.latest - b.start))[0];
}

/** The critical chain from above down, with what leads into it and has least to spare. */
export function chainGraph(steps: readonly PlannedStep[]): ChainGraph {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const shown = new Map<string, Omit<ChainNode, 'x' | 'y'>>();
  const pairs = new Map<string, Omit<ChainEdge, 'points'>>();
  const join = (from: string, to: string, isChain: boolean) =>
    pairs.set(JSON.stringify([from, to]), { from, to, isChain });
  const runs = runsOf(steps);
  runs.forEach((run, i) => {
    const [{ id }] = run;
    shown.set(id, { steps: run, isChain: true });
    const before = runs[i - 1];
    if (before) join(before[0].id, id, true);
    const leading = leadingInto(run, byId);
    if (!leading) return;
    if (!shown.has(leading.id)) shown.set(leading.id, { steps: [leading], isChain: false });
    join(leading.id, id, false);
  });
  const graph = new dagre.graphlib.Graph();
  graph.setGraph({ rankdir: 'TB', ranksep: APART.rank, nodesep: APART.node });
  graph.setDefaultEdgeLabel(() => ({}));
  for (const id of shown.keys()) graph.setNode(id, { ...NODE });
  // The chain keeps to one line: its edges weigh more.
  for (const { from, to, isChain } of pairs.values()) graph.setEdge(from, to, { weight: isChain ? 100 : 1 });
  dagre.layout(graph);
  const { width = 0, height = 0 } = graph.graph();
  return {
    nodes: [...shown].map(([id, node]) => {
      const { x, y } = graph.node(id);
      return { ...node, x, y };
    }),
    edges: [...pairs.values()].map((pair) => ({ ...pair, points: graph.edge(pair.from, pair.to).points })),
    width,
    height,
  };
}
