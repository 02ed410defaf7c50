import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { joinedBy } from '../finish/index.ts';
import { makeShapeStore } from '../form/index.ts';
import type { JointWay, Piece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';

const NOW = '2026-11-26T10:00:00Z';
const demo = lowWaterFerry(NOW);
const CLAY = demo.parts.filter(({ mix }) => mix.length > 0).map(({ id }) => id);
function stepsOf(way: JointWay) {
  const [one, other] = CLAY;
  if (!one || !other) throw new Error('two things of clay are wanted');
  const bare: Piece = {
    ...demo,
    route: null,
    joints: [],
    fits: [{ ...demo.fits[0], id: 'joined', kind: 'held-by', part: other, on: one } as never],
    parts: demo.parts
      .filter(({ id }) => id === one || id === other)
      .map((part) => ({ ...part, parent: null, state: 'planned' as const })),
    zones: [],
    pours: [],
    stood: [],
    masonry: [],
    log: [],
    decisions: [],
  };
  const { route } = reckonPiece(joinedBy(bare, 'joined', { way }), {
    shapes: makeShapeStore(),
    workshopOwn: {},
    now: NOW,
  });
  const { steps } = route.route;
  const at = (test: (step: (typeof steps)[number]) => boolean) => steps.findIndex(test);
  return {
    steps,
    joint: at(({ kind }) => kind === 'joint'),
    lastBake: steps.findLastIndex(({ kind }) => kind === 'bake'),
    coat: at(({ kind }) => kind === 'coat'),
  };
}

describe('joints in the route', () => {
  it('raw clay is pressed on before the last bake, which both share', () => {
    const { steps, joint, lastBake } = stepsOf('press');
    expect(joint).toBeGreaterThan(-1);
    expect(joint).toBeLessThan(lastBake);
    expect(steps[joint]?.needs).toEqual([]);
  });

  it('glue goes on once both are cured and cool', () => {
    const { steps, joint, lastBake } = stepsOf('epoxy-glue');
    expect(joint).toBeGreaterThan(lastBake);
    expect(steps[joint]?.needs.length).toBe(1);
  });

  it('liquid clay goes on what is baked, and into the oven once more before paint', () => {
    const { steps, joint, lastBake, coat } = stepsOf('liquid-clay');
    expect(lastBake).toBeGreaterThan(joint);
    expect(steps[lastBake]?.title).toContain('liquid clay joins');
    expect(new Set(steps[lastBake]?.parts)).toEqual(new Set(steps[joint]?.parts));
    expect(coat).toBeGreaterThan(lastBake);
  });
});
