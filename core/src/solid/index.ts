export { checkMesh, type MeshReport, reportLines } from './checkMesh.ts';
export { type MeshFault, MeshFileError } from './errors.ts';
export { filleted } from './fillet.ts';
export { type Grid, GridError, gridFrame, MOST_CELLS, sampleField } from './grid.ts';
export { type Mesh, type MeshSums, meshSums, scaledMesh, turnedInsideOut } from './mesh.ts';
export { readObj } from './obj.ts';
export { MOST_TRIANGLES, readStl, writeStl } from './stl.ts';
export { type Surface, surfaceOf } from './surface.ts';
