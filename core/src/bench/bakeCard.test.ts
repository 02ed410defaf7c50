import { describe, expect, it } from 'vitest';
import { lowWaterFerry, tollFrogs } from '../demo/index.ts';
import { type Drawing, PAPERS, type Paper } from '../drawing/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { newPiece, type Piece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { bakeCardPages, stepHint } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const reckon = (piece: Piece) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
const card = (piece: Piece, paper: Paper = 'A4') => bakeCardPages(piece, reckon(piece).given, paper, NOW);
const textOf = (pages: readonly Drawing[]) =>
  pages.flatMap(({ items }) => items.flatMap((item) => (item.kind === 'text' ? [item.text] : []))).join('\n');

describe('the bake card', () => {
  it('has every bake of the route in order, what goes in, for how long, and room to write', () => {
    const text = textOf(card(lowWaterFerry(NOW)));
    const at = ['1. Bake of small parts', '2. Short bake 1', '3. Final bake'].map((title) =>
      text.indexOf(title),
    );
    expect(at.every((place) => place >= 0)).toBe(true);
    expect(at).toEqual([...at].sort((a, b) => a - b));
    expect(text).toContain('dial 122 °C (252 °F)');
    // A short bake has the minutes of one; of the final bake every part has its window.
    const [set = '', full = ''] = [text.slice(at[1], at[2]), text.slice(at[2])];
    expect(set).toContain('10 min');
    expect(full).toMatch(/Ferrywoman\n\d+ to \d+ min/);
    // The thin handles would brown with the rest: they are a load of their own.
    expect(full).toMatch(/Load 2[\s\S]*Mug handle/);
    expect(text.match(/thermometer ________ °C/g)).toHaveLength(3);
  });

  it('says what must not go in, at the bake where it would', () => {
    // Lines are broken where the paper ends.
    const text = textOf(card(lowWaterFerry(NOW))).replace(/\n/g, ' ');
    expect(text).toContain('stop: clear chimney, kit plastic: softens and sags');
    expect(text).toContain('let clear chimney in after the bake');
  });

  it('has the care notes, and both heats of a piece of two clays', () => {
    const text = textOf(card(tollFrogs(NOW)));
    expect(text).toContain('Air the room while baking');
    expect(text).toContain('apart from food');
    expect(text).toContain('130 °C (266 °F)');
    expect(text).toContain('110 °C (230 °F)');
  });

  it.each<Paper>(['A4', 'Letter'])('stays on %s, with the 100 mm rule on every page', (paper) => {
    const { widthMm, heightMm } = PAPERS[paper];
    for (const page of card(lowWaterFerry(NOW), paper)) {
      expect([page.widthMm, page.heightMm]).toEqual([widthMm, heightMm]);
      const lines = page.items.flatMap((item) => (item.kind === 'line' ? [item.points] : []));
      const longest = Math.max(...lines.map((points) => (points.at(-1)?.[0] ?? 0) - (points[0]?.[0] ?? 0)));
      expect(longest).toBeGreaterThanOrEqual(100);
      for (const item of page.items)
        if (item.kind === 'text') {
          expect(item.at[1]).toBeGreaterThan(0);
          expect(item.at[1]).toBeLessThan(heightMm);
        }
    }
  });

  it('of an empty piece it is one page with the care notes', () => {
    const pages = card(newPiece('Empty', NOW));
    expect(pages).toHaveLength(1);
    expect(textOf(pages)).toContain('Care');
  });
});

describe('small parts made ahead', () => {
  it('are told by what they are and how many, a fifth more to choose from', () => {
    const found = reckon(lowWaterFerry(NOW));
    const small = found.route.route.steps.find(({ kind }) => kind === 'small');
    // Two eyes and six buttons.
    expect(small && stepHint(small, { ...found.given, bakes: found.plan, shares: found.route.shares })).toBe(
      '3 eyes, 8 coat buttons: 20 % more than needed, to choose from',
    );
    const bake = found.route.route.steps.find(({ way }) => way === 'ahead');
    expect(
      bake && stepHint(bake, { ...found.given, bakes: found.plan, shares: found.route.shares }),
    ).toContain('a few minutes');
  });
});
