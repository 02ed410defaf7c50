import type { HeatBody } from './body.ts';

/** Temperatures of cells and of pieces of core, °C over the room; owned by the state. */
export interface HeatState {
  readonly cells: Float64Array;
  readonly nodes: Float64Array;
}

/** What a stage is made up of: shares of what is now, of the stage before, of the start, and of the two rates. */
interface Mix {
  readonly now: number;
  readonly before: number;
  readonly start: number;
  /** Of the rate now and of the rate at the start, s. */
  readonly rate: number;
  readonly first: number;
}

/** Arrays of one run. */
interface Stages {
  readonly start: HeatState;
  readonly before: HeatState;
  readonly now: HeatState;
  readonly first: HeatState;
}

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
  { start, before, now, first }: Stages,
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

/** The rate alone, °C/s. */
const RATE_ALONE: Mix = { now: 0, before: 0, start: 0, rate: 1, first: 0 };

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
  const first = emptyState(body);
  let [start, before, now, other] = [emptyState(body), emptyState(body), emptyState(body), emptyState(body)];
  return {
    get state() {
      return start;
    },
    step(seconds, ovenAt) {
      const s = stagesFor(seconds, body.fastest);
      const w = 4 / (s * s + s - 2);
      const abscissa = (j: number) => (j < 2 ? w / 3 : ((j * j + j - 2) * w) / 4);
      stage(body, { start, before: start, now: start, first: start }, ovenAt(0), RATE_ALONE, first);
      before.cells.set(start.cells);
      before.nodes.set(start.nodes);
      const mu1 = bOf(1) * w * seconds;
      for (const key of ['cells', 'nodes'] as const)
        for (let i = 0; i < now[key].length; i += 1)
          now[key][i] = (start[key][i] as number) + mu1 * (first[key][i] as number);
      for (let j = 2; j <= s; j += 1) {
        const [b0, b1, b2] = [bOf(j), bOf(j - 1), bOf(j - 2)];
        const mu = ((2 * j - 1) / j) * (b0 / b1);
        const nu = (-(j - 1) / j) * (b0 / b2);
        const rate = mu * w * seconds;
        const mix = { now: mu, before: nu, start: 1 - mu - nu, rate, first: -(1 - b1) * rate };
        stage(body, { start, before, now, first }, ovenAt(abscissa(j - 1) * seconds), mix, other);
        [before, now, other] = [now, other, before];
      }
      [start, now] = [now, start];
    },
  };
}
