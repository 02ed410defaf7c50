import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import type { Drawing } from '../drawing/index.ts';
import { areaOf, extentOf, makeShapeStore } from '../form/index.ts';
import { DEFAULT_MOULD, type MouldChoice, setAt } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { mouldCardPages } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();

function card(part: string, mould: Partial<MouldChoice> | null) {
  const choice = mould && { ...DEFAULT_MOULD, ...mould };
  const piece = setAt(lowWaterFerry(NOW), ['parts', part, 'mould'], choice);
  const { given, contexts, book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  return { pages: mouldCardPages(given, part, 'A4', NOW), book, context: contexts.get(part) };
}

const textOf = (pages: readonly Drawing[]) =>
  pages.flatMap(({ items }) => items.flatMap((item) => (item.kind === 'text' ? [item.text] : []))).join(' ');

describe('the card of a mould', () => {
  it('has the master as it faces the opening, at the size it is made: measured on the page', () => {
    const { pages, book, context } = card('mug', { kind: 'halves', pull: 'side' });
    expect(pages).toHaveLength(1);
    const seen = pages[0]?.items.find((item) => item.kind === 'area' && item.material === 'raw-clay');
    if (seen?.kind !== 'area' || !context) return expect.fail('no master on the page');
    const [left, bottom, right, top] = extentOf(seen.outline);
    const larger = book.get('mug/mould.oversize')?.quantity.value ?? Number.NaN;
    const { min, max } = context.shape.box;
    // 95 mm of mug in life at 1:12, and a master a little over that.
    expect(top - bottom).toBeCloseTo((95 / 12) * larger, 1);
    expect(right - left).toBeCloseTo(((max[2] - min[2]) / context.shrink) * larger, 1);
    expect(larger).toBeGreaterThan(1);
  });

  it('has no words over what is drawn', () => {
    const { pages } = card('mug', { kind: 'halves', pull: 'side' });
    const items = pages[0]?.items ?? [];
    const drawn = items.flatMap((item) =>
      item.kind === 'circle'
        ? [[item.at[1] - item.diameterMm / 2, item.at[1] + item.diameterMm / 2] as const]
        : item.kind === 'area'
          ? [[extentOf(item.outline)[1], extentOf(item.outline)[3]] as const]
          : [],
    );
    expect(drawn.length).toBeGreaterThan(3);
    for (const item of items)
      if (item.kind === 'text' && item.face === 'words')
        for (const [low, high] of drawn)
          expect(item.at[1] < low || item.at[1] > high, `${item.text} at ${item.at[1]}`).toBe(true);
  });

  it('has two circles that equal balls of the mix fill, and says its clock and what lets it go', () => {
    const { pages, book } = card('mug', { kind: 'halves', pull: 'side' });
    const balls = pages[0]?.items.flatMap((item) => (item.kind === 'circle' ? [item.diameterMm] : [])) ?? [];
    expect(balls).toHaveLength(2);
    // The mass of both, from their volume and the density of silicone in the handbook.
    const half = book.get('mug/mould.half')?.quantity.value ?? Number.NaN;
    expect(((Math.PI / 6) * (balls[0] ?? 0) ** 3 * 1.1) / 1000).toBeCloseTo(half, 1);
    const text = textOf(pages);
    expect(text).toContain('within 3 min of mixing; set after 25 min');
    expect(text).toMatch(/It bears about \d+ casts/);
    expect(text).toMatch(/cast 3/);
  });

  it('of what is too large for the sheet it says so; of a foil tray it has nothing to mix; without a mould there is none', () => {
    expect(textOf(card('willow', { kind: 'halves', pull: 'front' }).pages)).toContain(
      'Too large for this sheet',
    );
    expect(textOf(card('mug', { kind: 'foil', of: 'foil' }).pages)).not.toContain('portions');
    expect(card('mug', null).pages).toEqual([]);
  });

  it('an area of the master is that of the part, enlarged', () => {
    const { pages, context, book } = card('cord', { kind: 'press', pull: 'top' });
    const seen = pages[0]?.items.find((item) => item.kind === 'area' && item.material === 'raw-clay');
    const larger = book.get('cord/mould.oversize')?.quantity.value ?? Number.NaN;
    // A ring of 380 by 90 mm from above: π (190² − 100²) mm² in life.
    const life = Math.PI * (190 ** 2 - 100 ** 2);
    if (seen?.kind !== 'area' || !context) return expect.fail('no master on the page');
    expect(areaOf(seen.outline) / ((life / context.shrink ** 2) * larger ** 2)).toBeCloseTo(1, 2);
  });
});
