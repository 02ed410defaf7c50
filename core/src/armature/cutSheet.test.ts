import { describe, expect, it } from 'vitest';
import { PLAIN_PERSON } from '../form/index.ts';
import { bonesDrawing } from './bonesDrawing.ts';
import { cutSheet } from './cutSheet.ts';
import { boughtBy, cutSays } from './index.ts';
import { bonesOfOne } from './testContext.ts';

const person = { ...PLAIN_PERSON, statureMm: 1700 };

describe('the cut list on paper', () => {
  it('names every length that is cut, on as many bars as there are', () => {
    const { cuts } = bonesOfOne(person);
    const pages = cutSheet(cuts.plans, 'A4', 100, 'label');
    const said = pages
      .flatMap(({ items }) => items.flatMap((item) => (item.kind === 'text' ? [item.text] : [])))
      .join(' ');
    const wanted = cuts.plans.flatMap(({ pieces }) => pieces);
    expect(wanted.length).toBeGreaterThan(2);
    for (const { run, lengthMm } of wanted) expect(said).toContain(`${run} ${lengthMm.toFixed(0)}`);
    const bars = cuts.plans.reduce((sum, { nesting }) => sum + nesting.cuts.length, 0);
    const frames = pages.flatMap(({ items }) =>
      items.filter((item) => item.kind === 'line' && item.points.length === 5),
    );
    expect(frames.length).toBeGreaterThanOrEqual(bars);
  });

  it('no line runs off the paper, and hundreds of short lengths are told as so many times one', () => {
    const cut = { stockMm: 1000, pieces: Array.from({ length: 30 }, (_, i) => i), leftMm: 70 };
    const pieces = cut.pieces.map((i) => ({ run: i < 29 ? 'stalk' : 'neck', lengthMm: 30 }));
    expect(cutSays(cut, { pieces: pieces as never })).toBe('29 × stalk 30 · neck 30 · 70 left');
  });

  it('a metre is a bar, ten are a coil; the verdict says which', () => {
    expect([boughtBy(1000), boughtBy(10_000)]).toEqual(['bar', 'coil']);
    const says = (own: Record<string, number>) =>
      bonesOfOne(person, {}, { own }).cuts.figures[0]?.verdict?.says ?? '';
    expect(says({})).toMatch(/^\d+ bars? of 1\.00 m to buy/);
    expect(says({ 'cut.bar': 10_000 })).toMatch(/^1 coil of 10\.00 m to buy/);
  });
});

describe('the drawing to bend by', () => {
  it('no figure of a bend stands on another, however many bends there are', () => {
    const { context: one, bones } = bonesOfOne(person);
    for (const view of ['front', 'side'] as const) {
      const texts = bonesDrawing(one, bones, view, 1, { bends: true }).items.flatMap((item) =>
        item.kind === 'text' && item.text.endsWith('°') ? [item] : [],
      );
      expect(texts.length).toBeGreaterThan(2);
      texts.forEach((a, i) => {
        for (const b of texts.slice(i + 1))
          expect(Math.abs(a.at[1] - b.at[1]) >= 2.5 || Math.abs(a.at[0] - b.at[0]) >= 1.55).toBe(true);
      });
    }
  });
});
