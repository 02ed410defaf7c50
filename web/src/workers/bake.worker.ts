import { bakeGrid, bakeHistory, bodyOf, simulateBake } from '@every-inch/core/bake/heat';
import { seenOutlines } from '@every-inch/core/bake/loads';
import { FormError, makeShapeStore } from '@every-inch/core/form';
import { GridError, overhangOf } from '@every-inch/core/solid';
import type {
  BakeQuestion,
  HistoryQuestion,
  OutlinesQuestion,
  OvenAnswer,
  OvenQuestion,
} from './bakeMessages.ts';

const shapes = makeShapeStore();
let latest = 0;

/** Progress is told at the most so often, ms. */
const TOLD_EVERY = 100;

function answer(message: OvenAnswer): void {
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

/** Tells the minute that is reached, not too often; never ends the work. */
function teller(id: number): (minute: number) => false {
  let told = performance.now();
  return (minute) => {
    const now = performance.now();
    if (now - told > TOLD_EVERY) {
      told = now;
      answer({ kind: 'minute', id, minute });
    }
    return false;
  };
}

/** Lets a later question in before the next answer is begun. */
function pause(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}

async function bake({ id, form, heroic, asks, untilMin }: BakeQuestion): Promise<void> {
  for (const [way, ask] of asks.entries()) {
    await pause();
    if (id !== latest) return;
    const start = performance.now();
    const { body, frame } = bodyOf(shapes.shapeOf(form, heroic), ask);
    const run = simulateBake(body, ask.oven, ask.rules, {
      untilMin,
      marginShare: ask.marginShare,
      onProgress: teller(id),
    });
    if (run)
      answer({
        kind: 'bake',
        id,
        way,
        run,
        frame,
        cells: body.cells,
        isClay: body.isClay,
        isLast: way === asks.length - 1,
        tookMs: performance.now() - start,
      });
  }
}

function history({ id, form, heroic, passes }: HistoryQuestion): void {
  const shape = shapes.shapeOf(form, heroic);
  const [first] = passes;
  if (!first) return;
  const overhang = overhangOf(bakeGrid(shape, first.ask).grid);
  const found = bakeHistory(shape, passes);
  if (found) answer({ kind: 'history', id, history: found, overhang, isLast: true });
}

function outlines({ id, things }: OutlinesQuestion): void {
  for (const { part, form, heroic, shrink } of things)
    answer({ kind: 'outlines', id, part, outlines: seenOutlines(shapes.shapeOf(form, heroic), shrink) });
}

async function work(question: OvenQuestion): Promise<void> {
  try {
    if (question.kind === 'bake') await bake(question);
    else if (question.kind === 'history') history(question);
    else outlines(question);
  } catch (error) {
    if (!(error instanceof FormError || error instanceof GridError || error instanceof RangeError))
      throw error;
    answer({ kind: 'fault', id: question.id, says: error.message });
  }
}

self.onmessage = ({ data }: MessageEvent<OvenQuestion>) => {
  latest = data.id;
  void work(data);
};
