/** Why a file of triangles cannot be read. */
export type MeshFault =
  | 'empty'
  | 'truncated'
  | 'not-a-mesh'
  | 'not-finite'
  | 'too-large'
  | 'nothing-left'
  | 'astray';

/**
 * A mesh file that gives no solid: what was expected, what was found, where.
 *
 * @example new MeshFileError('truncated', 'The file claims 12 triangles and holds 3.').code // 'mesh.truncated'
 */
export class MeshFileError extends Error {
  override readonly name = 'MeshFileError';
  readonly code: `mesh.${MeshFault}`;
  constructor(
    readonly fault: MeshFault,
    message: string,
    override readonly cause?: unknown,
  ) {
    super(message);
    this.code = `mesh.${fault}`;
  }
}
