import { type Mesh, meshSums } from './mesh.ts';

/** What is wrong with a surface, or good to know. */
export interface MeshReport {
  /** Edges that only one triangle has: the rim of a hole. */
  readonly openEdges: number;
  /** Edges that more than two triangles share. */
  readonly crowdedEdges: number;
  /** Edges whose two triangles face opposite ways. */
  readonly turnedEdges: number;
  /** Closed, but its faces look inward. */
  readonly insideOut: boolean;
  /** Closed, of one orientation and the right way out: its volume can be trusted. */
  readonly isSolid: boolean;
  readonly volumeMm3: number;
  readonly areaMm2: number;
}

/** Number of an edge without its direction; vertex numbers stay under 2²⁶. */
const WIDTH = 67_108_864;

/**
 * Whether a surface is a solid: every edge has two triangles that run along it in opposite directions.
 */
export function checkMesh(mesh: Mesh): MeshReport {
  const { triangles } = mesh;
  const uses = new Map<number, number>();
  const balance = new Map<number, number>();
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k += 1) {
      const a = triangles[t + k] ?? 0;
      const b = triangles[t + ((k + 1) % 3)] ?? 0;
      const key = a < b ? a * WIDTH + b : b * WIDTH + a;
      uses.set(key, (uses.get(key) ?? 0) + 1);
      balance.set(key, (balance.get(key) ?? 0) + (a < b ? 1 : -1));
    }
  let [openEdges, crowdedEdges, turnedEdges] = [0, 0, 0];
  for (const [key, count] of uses) {
    if (count === 1) openEdges += 1;
    else if (count > 2) crowdedEdges += 1;
    else if (balance.get(key) !== 0) turnedEdges += 1;
  }
  const { volumeMm3, areaMm2 } = meshSums(mesh);
  const isClosed = openEdges === 0 && turnedEdges === 0;
  const insideOut = isClosed && volumeMm3 < 0;
  return {
    openEdges,
    crowdedEdges,
    turnedEdges,
    insideOut,
    isSolid: isClosed && crowdedEdges === 0 && !insideOut && volumeMm3 > 0,
    volumeMm3,
    areaMm2,
  };
}

/** What a report says to the maker, one line each; empty for a sound solid. */
export function reportLines(report: MeshReport): string[] {
  const lines: string[] = [];
  const { openEdges, turnedEdges, crowdedEdges } = report;
  if (openEdges > 0)
    lines.push(
      `It is open: ${openEdges} edges have a triangle on one side only. Sizes hold, volume does not.`,
    );
  if (turnedEdges > 0) lines.push(`${turnedEdges} edges join triangles that face opposite ways.`);
  if (crowdedEdges > 0) lines.push(`${crowdedEdges} edges are shared by more than two triangles.`);
  if (report.insideOut) lines.push('It is inside out; it was turned over.');
  return lines;
}
