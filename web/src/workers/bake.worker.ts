import { bodyOf, simulateBake } from '@every-inch/core/bake/heat';
import { FormError, makeShapeStore } from '@every-inch/core/form';
import { GridError } from '@every-inch/core/solid';
import type { BakeAnswer, BakeQuestion } from './bakeMessages.ts';

const shapes = makeShapeStore();
let latest = 0;

/** Progress is told at the most so often, ms. */
const TOLD_EVERY = 100;

function answer(message: BakeAnswer): void {
  const transfer =
    message.kind === 'bake'
      ? [
          message.run.minutesIn.buffer,
          message.run.peak.buffer,
          ...message.run.frames.map(({ cells }) => cells.buffer),
        ]
      : [];
  self.postMessage(message, { transfer });
}

/** Lets a later question in before the next, finer answer is begun. */
function pause(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}

async function bake({ id, form, heroic, asks, untilMin }: BakeQuestion): Promise<void> {
  for (const [i, ask] of asks.entries()) {
    await pause();
    if (id !== latest) return;
    const start = performance.now();
    let told = start;
    try {
      const { body, frame } = bodyOf(shapes.shapeOf(form, heroic), ask);
      const run = simulateBake(body, ask.oven, ask.rules, {
        untilMin,
        marginShare: ask.marginShare,
        onProgress: (minute) => {
          const now = performance.now();
          if (now - told > TOLD_EVERY) {
            told = now;
            answer({ kind: 'minute', id, minute });
          }
          return false;
        },
      });
      if (run)
        answer({
          kind: 'bake',
          id,
          run,
          frame,
          cells: body.cells,
          isClay: body.isClay,
          isFinest: i === asks.length - 1,
          tookMs: performance.now() - start,
        });
    } catch (error) {
      if (!(error instanceof FormError || error instanceof GridError || error instanceof RangeError))
        throw error;
      answer({ kind: 'fault', id, says: error.message });
      return;
    }
  }
}

self.onmessage = ({ data }: MessageEvent<BakeQuestion>) => {
  latest = data.id;
  void bake(data);
};
