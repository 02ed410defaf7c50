import { buildSolid, FormError, makeShapeStore } from '@every-inch/core/form';
import { GridError, type Surface } from '@every-inch/core/solid';
import type { SolidAnswer, SolidQuestion, SolidTriangles } from './solidMessages.ts';

const shapes = makeShapeStore();
let latest = 0;

function forScreen({ positions, triangles }: Surface): SolidTriangles {
  return { positions: Float32Array.from(positions), triangles };
}

function answer(message: SolidAnswer): void {
  const buffers =
    message.kind === 'solid'
      ? [message.skin, message.core].flatMap((one) =>
          one ? [one.positions.buffer, one.triangles.buffer] : [],
        )
      : [];
  self.postMessage(message, { transfer: buffers });
}

/** Lets a later question in before the next, finer answer is begun. */
function pause(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}

async function build({ id, form, heroic, core, cells }: SolidQuestion): Promise<void> {
  for (const [i, count] of cells.entries()) {
    await pause();
    if (id !== latest) return;
    const start = performance.now();
    try {
      const solid = buildSolid(shapes.shapeOf(form, heroic), count, core);
      answer({
        kind: 'solid',
        id,
        isLast: i === cells.length - 1,
        skin: forScreen(solid.skin),
        core: solid.core && forScreen(solid.core),
        tookMs: performance.now() - start,
      });
    } catch (error) {
      if (!(error instanceof FormError || error instanceof GridError)) throw error;
      answer({ kind: 'fault', id, says: error.message });
      return;
    }
  }
}

self.onmessage = ({ data }: MessageEvent<SolidQuestion>) => {
  latest = data.id;
  void build(data);
};
