/** Keeps a result from being optimised away. */
export let sink = 0;

/** Middle one of some numbers. */
export function median(numbers: readonly number[]): number {
  const sorted = [...numbers].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  const [low, high] = [sorted[sorted.length % 2 === 0 ? middle - 1 : middle] ?? Number.NaN, sorted[middle]];
  return (low + (high ?? Number.NaN)) / 2;
}

/** Median time of a few runs, ms. */
export function timed(runs: number, work: (run: number) => void): number {
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    const start = performance.now();
    work(run);
    times.push(performance.now() - start);
  }
  return median(times);
}

/**
 * Time of a fixed piece of arithmetic on this machine, ms: two million sines. Timings are told as multiples of it, so
 * that they can be compared between machines.
 */
export function yardstickMs(): number {
  const work = (): void => {
    let sum = 0;
    for (let i = 0; i < 2_000_000; i += 1) sum += Math.sin(i * 1e-3);
    sink += sum;
  };
  work();
  return timed(7, work);
}
