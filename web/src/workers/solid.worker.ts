import { solidCover } from '@every-inch/core/armature';
import { buildSolid, FormError, makeShapeStore, smallestBox } from '@every-inch/core/form';
import { GridError, type Mesh, type Surface, scaledMesh, writeStl } from '@every-inch/core/solid';
import type {
  CoverQuestion,
  FileAnswer,
  SeenQuestion,
  SolidAnswer,
  SolidQuestion,
  SolidTriangles,
  StlQuestion,
} from './solidMessages.ts';

const shapes = makeShapeStore();
let latest = 0;

/** Cells of a file: a 140 mm figure gets about 0.8 mm. */
const FILE_CELLS = 600_000;

function forScreen({ positions, triangles, owners }: Surface, hasEdges: boolean): SolidTriangles {
  return { positions: Float32Array.from(positions), triangles, owners, hasEdges };
}

function buffersOf({ positions, triangles }: SolidTriangles): Transferable[] {
  return [positions.buffer, triangles.buffer];
}

/** Lets a later question in before the next, finer answer is begun. */
function pause(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}

/** What a fault says to the maker; anything else is a fault of ours. */
function saidOf(error: unknown): string {
  if (error instanceof FormError || error instanceof GridError) return error.message;
  throw error;
}

function answer(message: SolidAnswer): void {
  const transfer =
    message.kind === 'solid'
      ? [...buffersOf(message.skin), ...(message.core ? buffersOf(message.core) : [])]
      : [];
  self.postMessage(message, { transfer });
}

async function build({ id, form, heroic, core, cells }: SolidQuestion): Promise<void> {
  for (const [i, count] of cells.entries()) {
    await pause();
    if (id !== latest) return;
    const start = performance.now();
    try {
      const shape = shapes.shapeOf(form, heroic);
      const solid = buildSolid(shape, count, core);
      answer({
        kind: 'solid',
        id,
        step: i + 1,
        of: cells.length,
        skin: forScreen(solid.skin, shape.triangles !== undefined),
        core: solid.core && forScreen(solid.core, false),
        regions: solid.regions,
        box: smallestBox(solid.skin.positions),
        tookMs: performance.now() - start,
      });
    } catch (error) {
      answer({ kind: 'fault', id, says: saidOf(error) });
      return;
    }
  }
}

function stlOf({ form, heroic, core, name, shrink }: StlQuestion): Uint8Array {
  const { skin } = buildSolid(shapes.shapeOf(form, heroic), FILE_CELLS, core);
  const mesh: Mesh = scaledMesh(skin, 1 / shrink);
  return writeStl(mesh, name);
}

function fileFor(question: StlQuestion | SeenQuestion | CoverQuestion): FileAnswer {
  try {
    if (question.kind === 'stl') return { kind: 'stl', bytes: stlOf(question) };
    const shape = shapes.shapeOf(question.form, question.heroic);
    if (question.kind === 'seen') return { kind: 'seen', outline: shape.seenFrom(question.side) };
    const start = performance.now();
    const cover = solidCover(shape, question.ask);
    return { kind: 'cover', cover, tookMs: performance.now() - start };
  } catch (error) {
    return { kind: 'fault', says: saidOf(error) };
  }
}

self.onmessage = ({ data }: MessageEvent<SolidQuestion | StlQuestion | SeenQuestion | CoverQuestion>) => {
  if (data.kind !== 'surface') {
    self.postMessage(fileFor(data));
    return;
  }
  latest = data.id;
  void build(data);
};
