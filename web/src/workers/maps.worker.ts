import { shapeMaps } from '@every-inch/core/finish';
import { FormError, makeShapeStore } from '@every-inch/core/form';
import { GridError } from '@every-inch/core/solid';
import type { MapsAnswer, MapsQuestion } from './mapsMessages.ts';

const shapes = makeShapeStore();
let latest = 0;

function answer(message: MapsAnswer): void {
  if (message.kind === 'fault') {
    self.postMessage(message);
    return;
  }
  const { positions, normals, triangles, owners, cavity, edge, lit, open, run } = message.maps;
  const transfer = [positions, normals, triangles, owners, cavity, edge, lit, open, run].map(
    ({ buffer }) => buffer,
  );
  self.postMessage(message, { transfer });
}

/** Lets a later question in before the next, finer answer is begun. */
function pause(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}

async function look({ id, form, heroic, ask, cellsMm }: MapsQuestion): Promise<void> {
  for (const [i, cellMm] of cellsMm.entries()) {
    await pause();
    if (id !== latest) return;
    const start = performance.now();
    try {
      const maps = shapeMaps(shapes.shapeOf(form, heroic), { ...ask, cellMm });
      answer({
        kind: 'maps',
        id,
        maps,
        isFinest: i === cellsMm.length - 1,
        tookMs: performance.now() - start,
      });
    } catch (error) {
      if (!(error instanceof FormError || error instanceof GridError)) throw error;
      answer({ kind: 'fault', id, says: error.message });
      return;
    }
  }
}

self.onmessage = ({ data }: MessageEvent<MapsQuestion>) => {
  latest = data.id;
  void look(data);
};
