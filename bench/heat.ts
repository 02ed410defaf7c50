import {
  type BakeWay,
  bakeAsk,
  bodyOf,
  type HeatBody,
  heatStepper,
  simulateBake,
} from '@every-inch/core/bake/heat';
import { type LoadItem, planLoads } from '@every-inch/core/bake/loads';
import { planBakes } from '@every-inch/core/bake/plan';
import { partWarming } from '@every-inch/core/bake/window';
import { lowWaterFerry } from '@every-inch/core/demo';
import { makeShapeStore } from '@every-inch/core/form';
import type { ReckoningId } from '@every-inch/core/reckoning';
import { reckonPiece } from '@every-inch/core/spine';
import type { Line } from './run.ts';
import { packed, runTwin } from './twins.ts';
import { timed } from './yardstick.ts';

const NOW = '2026-07-30T12:00:00Z';
const WAY: BakeWay = {
  air: 'still',
  under: 'tile',
  preheated: true,
  cooling: 'ajar',
  dialC: 130,
  holdMin: 45,
};

/** Steps of the kernel alone: length of one and of all of them, s, in an oven that is always as hot, °C over the room. */
const [STEP, TOTAL, OVEN] = [20, 45 * 60, 109];
const RUNS = 3;

/** The kernel alone against its twin in C++ on the same body. */
function twinLine(body: HeatBody): Line {
  let ends: Float64Array = new Float64Array(0);
  const ms = timed(RUNS, () => {
    const stepper = heatStepper(body);
    for (let t = 0; t < TOTAL; t += STEP) stepper.step(STEP, () => OVEN);
    ends = stepper.state.cells;
  });
  const { neighbours, inner, outer, capacity, pairs, faces, nodes } = body;
  const head = Int32Array.of(inner.length, pairs.a.length, faces.cell.length, nodes.length);
  const input = packed([
    head,
    Float64Array.of(body.fastest, OVEN, STEP, TOTAL),
    ...[neighbours, inner, outer, capacity],
    ...[pairs.a, pairs.b, pairs.added, faces.cell, faces.node, faces.lead, nodes],
  ]);
  const twin = runTwin('bench/native/heat.cpp', input, RUNS);
  const what = 'Ferrywoman: 45 minutes, the kernel alone, against its C++ twin';
  const aim = 'at most 2 times';
  if (!twin) return { what, got: 'no compiler here', aim };
  const other = new Float64Array(
    twin.out.buffer.slice(twin.out.byteOffset, twin.out.byteOffset + twin.out.length),
  );
  const off = other.reduce((most, value, i) => Math.max(most, Math.abs(value - (ends[i] ?? 0))), 0);
  return {
    what,
    got: `${ms.toFixed(0)} ms to ${twin.ms.toFixed(0)} ms, ${(ms / twin.ms).toFixed(1)} times; at most ${off.toExponential(0)} °C apart`,
    aim,
  };
}

/** Forty passes of all sizes, three in ten of them of a clay that bakes cooler. */
const PASSES: readonly LoadItem[] = Array.from({ length: 40 }, (_, n) => ({
  id: `${n}`,
  name: `${n}`,
  widthMm: 20 + ((n * 37) % 90),
  depthMm: 20 + ((n * 53) % 90),
  minutes: 5 + ((n * 7) % 40),
  ...(n % 10 < 3 ? { lowC: 110, highC: 120 } : { lowC: 130, highC: 135 }),
}));

/** How long the window of each part of the demo takes from nothing, and of all bakes once they are known. */
function windowLines(yardstick: number): Line[] {
  const piece = lowWaterFerry(NOW);
  const found = reckonPiece(piece, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });
  // Solids of their own: what is known of a solid is not worked through again.
  const fresh = reckonPiece(
    { ...piece, route: { steps: [], relations: [], without: null } },
    { shapes: makeShapeStore(), workshopOwn: {}, now: NOW },
  );
  const times = [...fresh.contexts].flatMap(([id, context]) => {
    const own = fresh.bulk.get(id);
    if (!own) return [];
    const began = performance.now();
    partWarming(context, own, piece.oven, null);
    return [{ id, ms: performance.now() - began }];
  });
  const [slowest] = times.sort((a, b) => b.ms - a.ms);
  const middle = times[Math.floor(times.length / 2)]?.ms ?? 0;
  const plan = timed(5, () =>
    planBakes(found.bakes, {
      context: found.given.context,
      contexts: found.contexts,
      bulk: (part) => found.bulk.get(part) ?? null,
      find: (part, key) => found.book.get(`${part}/${key}` as ReckoningId),
      warming: (part) => {
        const [context, own] = [found.contexts.get(part), found.bulk.get(part)];
        return context && own ? partWarming(context, own, piece.oven, null) : null;
      },
      tented: () => null,
    }),
  );
  const of = (ms: number) => `${ms.toFixed(0)} ms (${(ms / yardstick).toFixed(1)} yardsticks)`;
  return [
    {
      what: `Low Water Ferry: the window of a part from nothing, the slowest of ${times.length}: ${slowest?.id}`,
      got: of(slowest?.ms ?? 0),
      aim: 'at most 400 ms',
    },
    { what: 'The same, in the middle', got: of(middle), aim: 'at most 400 ms' },
    {
      what: 'Low Water Ferry: all bakes and loads planned, windows known',
      got: of(plan),
      aim: 'at most 500 ms',
    },
  ];
}

/** Heat through the ferrywoman over 45 minutes, as on screen and as the first look. */
export function heatLines(yardstick: number): Line[] {
  const { contexts, bulk } = reckonPiece(lowWaterFerry(NOW), {
    shapes: makeShapeStore(),
    workshopOwn: {},
    now: NOW,
  });
  const [context, own] = [contexts.get('ferrywoman'), bulk.get('ferrywoman')];
  if (!context || !own) throw new Error('the ferry has no ferrywoman');
  const line = (what: string, coarser: number, aim: string): Line => {
    const ask = bakeAsk(context, own, WAY, coarser);
    if (!ask) throw new Error('she is not baked');
    let cells = 0;
    const ms = timed(3, () => {
      const { body } = bodyOf(context.shape, ask);
      cells = body.cells.length;
      simulateBake(body, ask.oven, ask.rules, { untilMin: 45 });
    });
    return {
      what: `${what}, ${ask.cellMm.toFixed(1)} mm, ${Math.round(cells / 1000)} 000 cells`,
      got: `${ms.toFixed(0)} ms (${(ms / yardstick).toFixed(1)} yardsticks)`,
      aim,
    };
  };
  const fine = bakeAsk(context, own, WAY);
  if (!fine) throw new Error('she is not baked');
  return [
    line('Ferrywoman: 45 minutes of heat through her', 1, 'at most 2 500 ms'),
    line('Ferrywoman: the same, the first look', 2, 'at most 250 ms'),
    twinLine(bodyOf(context.shape, fine).body),
    {
      what: '40 passes planned over the loads of one oven',
      got: `${timed(3, () => planLoads(PASSES, { widthMm: 390, depthMm: 320, gapMm: 10 })).toFixed(0)} ms`,
      aim: 'at most 500 ms',
    },
    ...windowLines(yardstick),
  ];
}
