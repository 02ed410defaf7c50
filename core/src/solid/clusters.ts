/**
 * Cells that hang together by their faces and are wanted, as lists.
 *
 * @param size cells along x and y of the grid
 * @param count all its cells
 */
export function clusters(
  [nx, ny]: readonly [number, number, number],
  count: number,
  isWanted: (c: number) => boolean,
): number[][] {
  const seen = new Uint8Array(count);
  const steps = [1, -1, nx, -nx, nx * ny, -nx * ny];
  const all: number[][] = [];
  for (let c = 0; c < count; c += 1) {
    if (seen[c] || !isWanted(c)) continue;
    const cells = [c];
    seen[c] = 1;
    for (let n = 0; n < cells.length; n += 1)
      for (const step of steps) {
        const next = (cells[n] ?? 0) + step;
        if (next < 0 || next >= count || seen[next] || !isWanted(next)) continue;
        seen[next] = 1;
        cells.push(next);
      }
    all.push(cells);
  }
  return all;
}
