import { thicknessMap } from '@every-inch/core/bulk';
import { FormError, makeShapeStore } from '@every-inch/core/form';
import { GridError } from '@every-inch/core/solid';
import type { ThicknessAnswer, ThicknessQuestion } from './solidMessages.ts';

const shapes = makeShapeStore();
let latest = 0;

/** Progress is told at the most so often, ms. */
const TOLD_EVERY = 80;

function answer(message: ThicknessAnswer): void {
  const transfer = message.kind === 'map' ? [message.map.thickness.buffer, message.map.filled.buffer] : [];
  self.postMessage(message, { transfer });
}

/** Lets a later question in before the next, finer answer is begun. */
function pause(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}

async function look({ id, form, heroic, ask, cells }: ThicknessQuestion): Promise<void> {
  for (const [i, count] of cells.entries()) {
    await pause();
    if (id !== latest) return;
    const start = performance.now();
    let told = start;
    try {
      const map = thicknessMap(shapes.shapeOf(form, heroic), { ...ask, cells: count }, (share) => {
        const now = performance.now();
        if (now - told > TOLD_EVERY) {
          told = now;
          answer({ kind: 'share', id, share });
        }
        return false;
      });
      if (map)
        answer({ kind: 'map', id, map, isFinest: i === cells.length - 1, tookMs: performance.now() - start });
    } catch (error) {
      if (!(error instanceof FormError || error instanceof GridError)) throw error;
      answer({ kind: 'fault', id, says: error.message });
      return;
    }
  }
}

self.onmessage = ({ data }: MessageEvent<ThicknessQuestion>) => {
  latest = data.id;
  void look(data);
};
