import type { HeatBody } from './body.ts';
import type { HeatState, Kernel } from './kernelTypes.ts';
import { KERNEL_WASM } from './kernelWasm.ts';

/** What the compiled kernel exports; every address is a byte of its memory. */
interface Exports {
  readonly memory: WebAssembly.Memory;
  setCells(
    n: number,
    m: number,
    neighbours: number,
    inner: number,
    outer: number,
    capacity: number,
    nodes: number,
  ): void;
  setFaces(
    pairs: number,
    a: number,
    b: number,
    added: number,
    faces: number,
    cell: number,
    node: number,
    lead: number,
  ): void;
  stage(
    T: number,
    B: number,
    S: number,
    F: number,
    out: number,
    oven: number,
    now: number,
    before: number,
    start: number,
    rate: number,
    first: number,
  ): void;
  along(start: number, first: number, share: number, out: number): void;
}

const PAGE = 65_536;
/** The first bytes of memory are left alone. */
const FIRST = 1024;
/** Cells, cores and their steppers: start, before, now, another, and the rate at the start. */
const STATES = 5;
const WIDE = 8;

function bytesOf(base64: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
}

/**
 * The kernel compiled from core/assembly/heat.ts: the same sums in the same order as the plain one, to the last bit, in a
 * memory of its own that the body is copied into.
 *
 * @throws {WebAssembly.CompileError} where WebAssembly is not allowed
 * @throws {RangeError} when there is no memory for the body
 */
export function wasmKernel(body: HeatBody): Kernel<number> {
  const { neighbours, inner, outer, capacity, pairs, faces, nodes } = body;
  const { exports } = new WebAssembly.Instance(new WebAssembly.Module(bytesOf(KERNEL_WASM)), {});
  const kernel = exports as unknown as Exports;
  const [n, m] = [inner.length, nodes.length];
  const stateBytes = WIDE * (n + m);
  const lists = 4 * (neighbours.length + 2 * pairs.a.length + 2 * faces.cell.length);
  const numbers = WIDE * (3 * n + m + pairs.added.length + faces.lead.length);
  // Each list may begin up to seven bytes later, on a full number.
  const need = FIRST + lists + numbers + STATES * stateBytes + 16 * WIDE;
  const { memory } = kernel;
  memory.grow(Math.max(0, Math.ceil((need - memory.buffer.byteLength) / PAGE)));
  let next = FIRST;
  const room = (bytes: number): number => {
    const at = next;
    next = Math.ceil((next + bytes) / WIDE) * WIDE;
    return at;
  };
  const put = (values: Float64Array): number => {
    const at = room(WIDE * values.length);
    new Float64Array(memory.buffer, at, values.length).set(values);
    return at;
  };
  /** Places as the bytes they begin at. */
  const putPlaces = (places: Int32Array): number => {
    const at = room(4 * places.length);
    const to = new Uint32Array(memory.buffer, at, places.length);
    for (let i = 0; i < places.length; i += 1) to[i] = WIDE * (places[i] as number);
    return at;
  };
  kernel.setCells(n, m, putPlaces(neighbours), put(inner), put(outer), put(capacity), put(nodes));
  kernel.setFaces(
    pairs.a.length,
    putPlaces(pairs.a),
    putPlaces(pairs.b),
    put(pairs.added),
    faces.cell.length,
    putPlaces(faces.cell),
    putPlaces(faces.node),
    put(faces.lead),
  );
  const view = (state: number): HeatState => ({
    cells: new Float64Array(memory.buffer, state, n),
    nodes: new Float64Array(memory.buffer, state + WIDE * n, m),
  });
  return {
    empty: () => room(stateBytes),
    stage: ({ start, before, now, first }, oven, mix, out) =>
      kernel.stage(now, before, start, first, out, oven, mix.now, mix.before, mix.start, mix.rate, mix.first),
    along: (start, first, share, out) => kernel.along(start, first, share, out),
    copy: (from, to) => new Uint8Array(memory.buffer).copyWithin(to, from, from + stateBytes),
    view,
  };
}
