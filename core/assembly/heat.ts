// The inner loops of the heat kernel, in AssemblyScript; `npm run wasm` compiles them into core/src/bake/heat/kernelWasm.ts.
// The same sums in the same order as core/src/bake/heat/kernel.ts, to the last bit. All addresses are bytes; lists of places
// hold byte offsets into a list of 64-bit numbers.

let cells: usize = 0;
let nodes: usize = 0;
let neighbours: usize = 0;
let inner: usize = 0;
let outer: usize = 0;
let capacity: usize = 0;
let pairs: usize = 0;
let pairA: usize = 0;
let pairB: usize = 0;
let pairAdded: usize = 0;
let faces: usize = 0;
let faceCell: usize = 0;
let faceNode: usize = 0;
let faceLead: usize = 0;
let nodeCapacity: usize = 0;

/** Where the cells of a body lie; states have the pieces of core right behind the cells. */
export function setCells(
  count: usize,
  nodeCount: usize,
  nb: usize,
  k: usize,
  h: usize,
  c: usize,
  nc: usize,
): void {
  cells = count;
  nodes = nodeCount;
  neighbours = nb;
  inner = k;
  outer = h;
  capacity = c;
  nodeCapacity = nc;
}

/** Where the faces that are not plain clay lie. */
export function setFaces(
  pairCount: usize,
  a: usize,
  b: usize,
  added: usize,
  faceCount: usize,
  cell: usize,
  node: usize,
  lead: usize,
): void {
  pairs = pairCount;
  pairA = a;
  pairB = b;
  pairAdded = added;
  faces = faceCount;
  faceCell = cell;
  faceNode = node;
  faceLead = lead;
}

/** One stage: out of the state now, the one before, the one at the start and the rate at the start. */
export function stage(
  T: usize,
  B: usize,
  S: usize,
  F: usize,
  out: usize,
  oven: f64,
  now: f64,
  before: f64,
  start: f64,
  rate: f64,
  first: f64,
): void {
  let at = neighbours;
  const end = cells << 3;
  for (let i: usize = 0; i < end; i += 8) {
    const here = load<f64>(T + i);
    const sum =
      load<f64>(T + load<u32>(at)) +
      load<f64>(T + load<u32>(at, 4)) +
      load<f64>(T + load<u32>(at, 8)) +
      load<f64>(T + load<u32>(at, 12)) +
      load<f64>(T + load<u32>(at, 16)) +
      load<f64>(T + load<u32>(at, 20));
    const change = load<f64>(inner + i) * (sum - 6 * here) + load<f64>(outer + i) * (oven - here);
    store<f64>(
      out + i,
      now * here +
        before * load<f64>(B + i) +
        start * load<f64>(S + i) +
        rate * change +
        first * load<f64>(F + i),
    );
    at += 24;
  }
  const last = (cells + nodes) << 3;
  for (let i = end; i < last; i += 8)
    store<f64>(
      out + i,
      now * load<f64>(T + i) +
        before * load<f64>(B + i) +
        start * load<f64>(S + i) +
        first * load<f64>(F + i),
    );
  through(T, rate, out);
}

/** Adds what flows through faces that are not plain clay over so many seconds. */
function through(T: usize, seconds: f64, out: usize): void {
  for (let p: usize = 0; p < pairs; p += 1) {
    const a = load<u32>(pairA + (p << 2));
    const b = load<u32>(pairB + (p << 2));
    const flow = seconds * load<f64>(pairAdded + (p << 3)) * (load<f64>(T + b) - load<f64>(T + a));
    store<f64>(out + a, load<f64>(out + a) + flow / load<f64>(capacity + a));
    store<f64>(out + b, load<f64>(out + b) - flow / load<f64>(capacity + b));
  }
  const core = cells << 3;
  for (let f: usize = 0; f < faces; f += 1) {
    const i = load<u32>(faceCell + (f << 2));
    const node = load<u32>(faceNode + (f << 2));
    const flow = seconds * load<f64>(faceLead + (f << 3)) * (load<f64>(T + core + node) - load<f64>(T + i));
    store<f64>(out + i, load<f64>(out + i) + flow / load<f64>(capacity + i));
    store<f64>(out + core + node, load<f64>(out + core + node) - flow / load<f64>(nodeCapacity + node));
  }
}

/** The first stage: the start and so much of the rate at the start. */
export function along(start: usize, first: usize, share: f64, out: usize): void {
  const end = (cells + nodes) << 3;
  for (let i: usize = 0; i < end; i += 8)
    store<f64>(out + i, load<f64>(start + i) + share * load<f64>(first + i));
}
