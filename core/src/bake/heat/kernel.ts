import type { HeatBody } from './body.ts';
import type { HeatState, Kernel, Mix, Stages } from './kernelTypes.ts';

/**
 * One pass over the cells: the rate now, and what comes of it with the stages before. It stands alone and takes bare arrays
 * and numbers: with anything after its loop the engine gives its quick code up again and again.
 */
function sweep(
  { neighbours, inner, outer }: HeatBody,
  T: Float64Array,
  B: Float64Array,
  S: Float64Array,
  F: Float64Array,
  to: Float64Array,
  oven: number,
  { now, before, start, rate, first }: Mix,
): void {
  for (let i = 0, at = 0; i < to.length; i += 1, at += 6) {
    const here = T[i] as number;
    const sum =
      (T[neighbours[at] as number] as number) +
      (T[neighbours[at + 1] as number] as number) +
      (T[neighbours[at + 2] as number] as number) +
      (T[neighbours[at + 3] as number] as number) +
      (T[neighbours[at + 4] as number] as number) +
      (T[neighbours[at + 5] as number] as number);
    const change = (inner[i] as number) * (sum - 6 * here) + (outer[i] as number) * (oven - here);
    to[i] =
      now * here +
      before * (B[i] as number) +
      start * (S[i] as number) +
      rate * change +
      first * (F[i] as number);
  }
}

/** One stage: the pass over the cells, the pieces of core, and then what flows through faces that are not plain clay. */
function stage(
  body: HeatBody,
  { start, before, now, first }: Stages<HeatState>,
  oven: number,
  mix: Mix,
  out: HeatState,
): void {
  const { now: cT, before: cB, start: cS, rate, first: cF } = mix;
  sweep(body, now.cells, before.cells, start.cells, first.cells, out.cells, oven, mix);
  for (let n = 0; n < out.nodes.length; n += 1)
    out.nodes[n] =
      cT * (now.nodes[n] as number) +
      cB * (before.nodes[n] as number) +
      cS * (start.nodes[n] as number) +
      cF * (first.nodes[n] as number);
  flowThroughFaces(body, now, rate, out);
}

/** Adds what flows between cells of unlike stuff, and between cells and pieces of metal core, over so many seconds. */
function flowThroughFaces(
  body: HeatBody,
  { cells: T, nodes: N }: HeatState,
  seconds: number,
  out: HeatState,
): void {
  const { pairs, faces, capacity, nodes } = body;
  const to = out.cells;
  for (let p = 0; p < pairs.a.length; p += 1) {
    const [a, b] = [pairs.a[p] as number, pairs.b[p] as number];
    const flow = seconds * (pairs.added[p] as number) * ((T[b] as number) - (T[a] as number));
    to[a] = (to[a] as number) + flow / (capacity[a] as number);
    to[b] = (to[b] as number) - flow / (capacity[b] as number);
  }
  for (let f = 0; f < faces.cell.length; f += 1) {
    const [i, node] = [faces.cell[f] as number, faces.node[f] as number];
    const flow = seconds * (faces.lead[f] as number) * ((N[node] as number) - (T[i] as number));
    to[i] = (to[i] as number) + flow / (capacity[i] as number);
    out.nodes[node] = (out.nodes[node] as number) - flow / (nodes[node] as number);
  }
}

/** The kernel in plain JavaScript: for a machine that runs no WebAssembly, and for the tests to hold the other against. */
export function plainKernel(body: HeatBody): Kernel<HeatState> {
  return {
    empty: () => ({
      cells: new Float64Array(body.cells.length),
      nodes: new Float64Array(body.nodes.length),
    }),
    stage: (stages, oven, mix, out) => stage(body, stages, oven, mix, out),
    along: (start, first, share, out) => {
      for (const key of ['cells', 'nodes'] as const)
        for (let i = 0; i < out[key].length; i += 1)
          out[key][i] = (start[key][i] as number) + share * (first[key][i] as number);
    },
    copy: (from, to) => {
      to.cells.set(from.cells);
      to.nodes.set(from.nodes);
    },
    view: (state) => state,
  };
}
