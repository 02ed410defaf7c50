import type { HeatBody } from './body.ts';
import { plainKernel } from './kernel.ts';
import type { HeatState, Kernel, Mix } from './kernelTypes.ts';
import { wasmKernel } from './wasmKernel.ts';

/** The rate alone, °C/s. */
const RATE_ALONE: Mix = { now: 0, before: 0, start: 0, rate: 1, first: 0 };

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

/** A stepper on a kernel, from a body that is as warm as the room. */
export function stepperOn<State>(kernel: Kernel<State>, fastest: number): Stepper {
  const first = kernel.empty();
  let [start, before, now, other] = [kernel.empty(), kernel.empty(), kernel.empty(), kernel.empty()];
  return {
    get state() {
      return kernel.view(start);
    },
    step(seconds, ovenAt) {
      const s = stagesFor(seconds, fastest);
      const w = 4 / (s * s + s - 2);
      const abscissa = (j: number) => (j < 2 ? w / 3 : ((j * j + j - 2) * w) / 4);
      kernel.stage({ start, before: start, now: start, first: start }, ovenAt(0), RATE_ALONE, first);
      kernel.copy(start, before);
      kernel.along(start, first, bOf(1) * w * seconds, now);
      for (let j = 2; j <= s; j += 1) {
        const [b0, b1, b2] = [bOf(j), bOf(j - 1), bOf(j - 2)];
        const mu = ((2 * j - 1) / j) * (b0 / b1);
        const nu = (-(j - 1) / j) * (b0 / b2);
        const rate = mu * w * seconds;
        const mix = { now: mu, before: nu, start: 1 - mu - nu, rate, first: -(1 - b1) * rate };
        kernel.stage({ start, before, now, first }, ovenAt(abscissa(j - 1) * seconds), mix, other);
        [before, now, other] = [now, other, before];
      }
      [start, now] = [now, start];
    },
  };
}

/** A stepper from a body that is as warm as the room: compiled where that is allowed, else in plain JavaScript. */
export function heatStepper(body: HeatBody): Stepper {
  try {
    return stepperOn(wasmKernel(body), body.fastest);
  } catch {
    // No WebAssembly here, or no memory for it: the plain kernel gives the same figures, later.
    return stepperOn(plainKernel(body), body.fastest);
  }
}
