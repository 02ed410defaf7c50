import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../demo/entries.ts';
import { lowWaterFerry, tollFrogs } from '../demo/index.ts';
import { type Form, makeShapeStore } from '../form/index.ts';
import type { Part, Piece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { chooseClay, mixSays } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
function choicesFor(form: Form, over: Partial<Part> = {}, piece: Piece = lowWaterFerry(NOW)) {
  const part = demoPart('one', 'One', form, { ...ofClay('neutral'), ...over });
  const context = reckonPiece(
    { ...piece, parts: [part], fits: [] },
    { shapes, workshopOwn: {}, now: NOW },
  ).contexts.get('one');
  if (!context) throw new Error('not built');
  return chooseClay(context);
}
const rod: Form = { kind: 'rod', lengthMm: 800, startMm: 24, endMm: 20, lying: false };
const ball: Form = { kind: 'ball', diameterMm: 300 };

// What each family is for is common practice of the trade: the tests hold the advice to it.
describe('a clay for a part', () => {
  it('a thin part takes the strong flexible one, and the soft ones are warned of', () => {
    const all = choicesFor(rod);
    expect(['strong-flexible', 'epoxy-putty']).toContain(all[0]?.family);
    expect(all.find(({ family }) => family === 'strong-flexible')?.reasons).toContain(
      'very good for thin parts',
    );
    expect(all.find(({ family }) => family === 'beginner')?.reasons).toContain('not for thin parts');
  });

  it('detail at tabletop size in coloured clay, handled by players: firm or strong flexible', () => {
    const [first, second] = choicesFor(ball, {}, tollFrogs(NOW));
    expect([first?.family, second?.family].sort()).toEqual(['firm', 'strong-flexible']);
  });

  it('masonry takes stone-effect clay; what is asked for outright outweighs the rest', () => {
    expect(choicesFor(ball, { wishes: ['masonry'] })[0]?.family).toBe('stone-effect');
    expect(choicesFor(ball, { wishes: ['see-through'] })[0]?.family).toBe('translucent');
    const named = (name: string) => choicesFor(ball, { name }).map(({ family, score }) => [family, score]);
    expect(named('Brick quay')).toEqual(named('Muur van baksteen'));
    expect(named('Brick quay')).toEqual(named('Ball'));
    expect(choicesFor(ball, { wishes: ['unbaked'] })[0]?.reasons.join()).toContain('no oven');
  });

  it('every family but the liquid one is weighed, and says why', () => {
    const all = choicesFor(rod, { wishes: ['crisp'] });
    expect(all).toHaveLength(9);
    for (const { reasons } of all) expect(reasons.length).toBeGreaterThan(0);
  });
});

describe('two clays kneaded together', () => {
  it('take the lowest heat and the longest time of the two (common practice)', () => {
    const says = mixSays('strong-flexible', 'firm').join('\n');
    expect(says).toContain('110 to 120 °C, as the firm clay wants');
    expect(says).toContain('20 to 30 min');
    expect(says).toContain('strong flexible clay gets less heat');
  });

  it('are refused where one is not baked', () => {
    expect(mixSays('firm', 'air-dry')[0]).toContain('not to be kneaded together');
  });
});
