import { describe, expect, it } from 'vitest';
import { shapeOf } from '../../form/index.ts';
import {
  type HeatBody,
  heatBody,
  heatStepper,
  plainKernel,
  type Stepper,
  stepperOn,
  wasmKernel,
} from './index.ts';

const CLAY = { k: 0.25, rho: 1800, c: 1200 };

/** A block of clay of 20 mm with a cube in it: of foil, which is one node, or of wood, which leads less than clay. */
function blockWith(core: { k: number; rho: number; c: number } | null): HeatBody {
  const grid = shapeOf({ kind: 'block', widthMm: 20, heightMm: 20, depthMm: 20 }).sample(1);
  const [nx, ny, nz] = grid.size;
  const inside = new Float32Array(grid.distance.length).fill(1);
  for (let z = 0; z < nz; z += 1)
    for (let y = 0; y < ny; y += 1)
      for (let x = 0; x < nx; x += 1) {
        const c = x + nx * (y + ny * z);
        if ((grid.distance[c] ?? 0) < -5) inside[c] = -1;
      }
  return heatBody({
    grid,
    core: core ? inside : null,
    clay: CLAY,
    coreStuff: core,
    film: 18,
    under: 8,
  });
}

const BODIES: readonly (readonly [string, HeatBody])[] = [
  ['solid clay', blockWith(null)],
  ['a core of foil, one node', blockWith({ k: 3, rho: 405, c: 900 })],
  ['a core of wood, cell by cell', blockWith({ k: 0.12, rho: 500, c: 1700 })],
];

/** Twenty steps in an oven that swings. */
function run(stepper: Stepper): Float64Array {
  for (let k = 0; k < 20; k += 1) stepper.step(20, (s) => 109 + 8 * Math.sin(0.9 * k + s / 40));
  return Float64Array.from([...stepper.state.cells, ...stepper.state.nodes]);
}

describe('the compiled kernel beside its plain twin', () => {
  it.each(BODIES)('%s: the same to the last bit', (_name, body) => {
    const plain = run(stepperOn(plainKernel(body), body.fastest));
    const compiled = run(stepperOn(wasmKernel(body), body.fastest));
    expect(plain.some((value) => value > 20)).toBe(true);
    expect(compiled).toEqual(plain);
    expect(run(heatStepper(body))).toEqual(plain);
  });

  it('a machine without WebAssembly goes by the plain one', () => {
    const [, body] = BODIES[1] ?? [];
    if (!body) throw new Error('no body');
    const real = globalThis.WebAssembly;
    const plain = run(stepperOn(plainKernel(body), body.fastest));
    try {
      Object.defineProperty(globalThis, 'WebAssembly', { value: undefined, configurable: true });
      expect(run(heatStepper(body))).toEqual(plain);
    } finally {
      Object.defineProperty(globalThis, 'WebAssembly', { value: real, configurable: true });
    }
  });

  it('two bodies are stepped side by side without touching each other', () => {
    const [[, a], [, b]] = BODIES as [readonly [string, HeatBody], readonly [string, HeatBody]];
    const [one, other] = [heatStepper(a), heatStepper(b)];
    one.step(20, () => 100);
    const before = Float64Array.from(one.state.cells);
    other.step(20, () => 50);
    expect(Float64Array.from(one.state.cells)).toEqual(before);
  });
});
