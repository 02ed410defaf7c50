import type { HeatBody } from './body.ts';

/** Temperatures of cells and of pieces of core, °C over the room; owned by the state. */
export interface HeatState {
  readonly cells: Float64Array;
  readonly nodes: Float64Array;
}

/** Changes of temperature in a second, °C/s. */
function rates(body: HeatBody, { cells: T, nodes: N }: HeatState, oven: number, out: HeatState): void {
  const { neighbours, inner, outer, pairs, faces, capacity, nodes } = body;
  const to = out.cells;
  for (let i = 0, at = 0; i < T.length; i += 1, at += 6) {
    const here = T[i] as number;
    const sum =
      (T[neighbours[at] as number] as number) +
      (T[neighbours[at + 1] as number] as number) +
      (T[neighbours[at + 2] as number] as number) +
      (T[neighbours[at + 3] as number] as number) +
      (T[neighbours[at + 4] as number] as number) +
      (T[neighbours[at + 5] as number] as number);
    to[i] = (inner[i] as number) * (sum - 6 * here) + (outer[i] as number) * (oven - here);
  }
  for (let p = 0; p < pairs.a.length; p += 1) {
    const [a, b] = [pairs.a[p] as number, pairs.b[p] as number];
    const flow = (pairs.added[p] as number) * ((T[b] as number) - (T[a] as number));
    to[a] = (to[a] as number) + flow / (capacity[a] as number);
    to[b] = (to[b] as number) - flow / (capacity[b] as number);
  }
  out.nodes.fill(0);
  for (let f = 0; f < faces.cell.length; f += 1) {
    const [i, node] = [faces.cell[f] as number, faces.node[f] as number];
    const flow = (faces.lead[f] as number) * ((N[node] as number) - (T[i] as number));
    to[i] = (to[i] as number) + flow / (capacity[i] as number);
    out.nodes[node] = (out.nodes[node] as number) - flow / (nodes[node] as number);
  }
}

function emptyState(body: HeatBody): HeatState {
  return { cells: new Float64Array(body.cells.length), nodes: new Float64Array(body.nodes.length) };
}

/** b of Runge–Kutta–Legendre of second order. */
const bOf = (j: number) => (j < 2 ? 1 / 3 : (j * j + j - 2) / (2 * j * (j + 1)));

/** Steps heat forward in time with stages enough to be stable (RKL2: Meyer, Balsara & Aslam 2014, eqs. 16–17). */
export interface Stepper {
  readonly state: HeatState;
  /**
   * One step.
   *
   * @param seconds its length
   * @param ovenAt air at so many seconds into the step, °C over the room
   */
  step(seconds: number, ovenAt: (seconds: number) => number): void;
}

/** Odd stages that are stable for a step of so many times the fastest row. */
export function stagesFor(seconds: number, fastest: number): number {
  // H ≤ (s² + s − 2) ÷ (4 λ), with a twentieth to spare.
  const need = 4.2 * seconds * fastest + 2;
  const stages = Math.ceil((Math.sqrt(1 + 4 * need) - 1) / 2);
  return Math.max(3, stages % 2 === 0 ? stages + 1 : stages);
}

/** A stepper from a body that is as warm as the room. */
export function heatStepper(body: HeatBody): Stepper {
  let state = emptyState(body);
  let [before, other, first, now] = [emptyState(body), emptyState(body), emptyState(body), emptyState(body)];
  const combine = (to: Float64Array, parts: readonly (readonly [number, Float64Array])[]): void => {
    const [[a, A], [b, B], [c, C], [d, D], [e, E]] = parts as [
      readonly [number, Float64Array],
      readonly [number, Float64Array],
      readonly [number, Float64Array],
      readonly [number, Float64Array],
      readonly [number, Float64Array],
    ];
    for (let i = 0; i < to.length; i += 1)
      to[i] =
        a * (A[i] as number) +
        b * (B[i] as number) +
        c * (C[i] as number) +
        d * (D[i] as number) +
        e * (E[i] as number);
  };
  return {
    get state() {
      return state;
    },
    step(seconds, ovenAt) {
      const s = stagesFor(seconds, body.fastest);
      const w = 4 / (s * s + s - 2);
      const abscissa = (j: number) => (j < 2 ? w / 3 : ((j * j + j - 2) * w) / 4);
      rates(body, state, ovenAt(0), first);
      // The first stage.
      before.cells.set(state.cells);
      before.nodes.set(state.nodes);
      const mu1 = bOf(1) * w * seconds;
      for (let i = 0; i < now.cells.length; i += 1)
        now.cells[i] = (state.cells[i] as number) + mu1 * (first.cells[i] as number);
      for (let i = 0; i < now.nodes.length; i += 1)
        now.nodes[i] = (state.nodes[i] as number) + mu1 * (first.nodes[i] as number);
      const change = emptyState(body);
      for (let j = 2; j <= s; j += 1) {
        const [b0, b1, b2] = [bOf(j), bOf(j - 1), bOf(j - 2)];
        const mu = ((2 * j - 1) / j) * (b0 / b1);
        const nu = (-(j - 1) / j) * (b0 / b2);
        const muT = mu * w * seconds;
        const gammaT = -(1 - b1) * muT;
        rates(body, now, ovenAt(abscissa(j - 1) * seconds), change);
        for (const key of ['cells', 'nodes'] as const)
          combine(other[key], [
            [mu, now[key]],
            [nu, before[key]],
            [1 - mu - nu, state[key]],
            [muT, change[key]],
            [gammaT, first[key]],
          ]);
        [before, now, other] = [now, other, before];
      }
      [state, now] = [now, state];
    },
  };
}
