import { describe, expect, it } from 'vitest';
import type { PartContext } from '../context/index.ts';
import { lowWaterFerry } from '../demo/index.ts';
import { MARGIN_MM, PAPERS } from '../drawing/index.ts';
import { extentOf, type Form, makeShapeStore, STARTS } from '../form/index.ts';
import type { Part, PartId } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { picturePages, type TemplateAsk, templatePages } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const contextOf = (form: Form): PartContext => {
  const [first] = ferry.parts;
  const part = { ...first, id: 'thing' as PartId, name: 'Thing', sized: 'miniature', form } as Part;
  const { contexts } = reckonPiece(
    { ...ferry, parts: [part], log: [] },
    { shapes: makeShapeStore(), workshopOwn: {}, now: NOW },
  );
  const context = contexts.get('thing');
  if (!context) throw new Error('no context');
  return context;
};
const brick = contextOf({ kind: 'block', widthMm: 60, heightMm: 40, depthMm: 25 });
const ask = (over: Partial<TemplateAsk> = {}): TemplateAsk => ({
  views: ['front'],
  isPaired: false,
  copies: 1,
  paper: 'A4',
  ruleMeasuredMm: 100,
  ...over,
});
const areas = (context: PartContext, asked: TemplateAsk) =>
  templatePages(context, asked, 'label').map(({ items }) =>
    items.flatMap((item) => (item.kind === 'area' ? [extentOf(item.outline)] : [])),
  );
const sizes = (context: PartContext, asked: TemplateAsk) =>
  areas(context, asked)
    .flat()
    .map(([left, bottom, right, top]) => [right - left, top - bottom]);

describe('templates to print', () => {
  it('are the size of the clay, from the front, the side and above', () => {
    expect(sizes(brick, ask({ views: ['front', 'side', 'top'] }))).toEqual(
      [
        [60, 40],
        [25, 40],
        [60, 25],
      ].map((pair) => pair.map((mm) => expect.closeTo(mm, 6))),
    );
  });

  it('make up for a printer that prints 100 mm as 98', () => {
    const [[wide] = []] = sizes(brick, ask({ ruleMeasuredMm: 98 }));
    expect((wide ?? 0) * 0.98).toBeCloseTo(60, 6);
    const [page] = templatePages(brick, ask({ ruleMeasuredMm: 98 }), 'label');
    const rule = page?.items.find((item) => item.kind === 'line' && item.weight === 'thick');
    if (rule?.kind !== 'line') throw new Error('no rule');
    const [from = [0, 0], to = [0, 0]] = rule.points;
    expect((to[0] - from[0]) * 0.98).toBeCloseTo(100, 6);
  });

  it('come mirrored and several times, and none runs into the margin or over another', () => {
    for (const paper of ['A4', 'A3', 'Letter'] as const) {
      const pages = areas(brick, ask({ paper, copies: 14, isPaired: true, views: ['front', 'side'] }));
      expect(pages.flat()).toHaveLength(14 * 2 * 2);
      const { widthMm, heightMm } = PAPERS[paper];
      for (const page of pages)
        page.forEach(([left, bottom, right, top], i) => {
          expect(left).toBeGreaterThanOrEqual(MARGIN_MM - 1e-6);
          expect(right).toBeLessThanOrEqual(widthMm - MARGIN_MM + 1e-6);
          expect(bottom).toBeGreaterThanOrEqual(MARGIN_MM + 20 - 1e-6);
          expect(top).toBeLessThanOrEqual(heightMm - MARGIN_MM + 1e-6);
          for (const [l, b, r, t] of page.slice(i + 1))
            expect(r <= left + 1e-6 || l >= right - 1e-6 || t <= bottom + 1e-6 || b >= top - 1e-6).toBe(true);
        });
    }
  });

  it('a mirrored one is the mirror image, not a copy', () => {
    const wedge = contextOf({ kind: 'wedge', widthMm: 60, heightMm: 40, depthMm: 20 });
    const [page] = templatePages(wedge, ask({ isPaired: true }), 'label');
    const middles = (page?.items ?? []).flatMap((item) => {
      if (item.kind !== 'area') return [];
      const [left, , right] = extentOf(item.outline);
      const points = item.outline.flat(2);
      return [points.reduce((sum, [x]) => sum + x, 0) / points.length - (left + right) / 2];
    });
    expect(middles[0]).toBeCloseTo(-(middles[1] ?? 0), 6);
    expect(Math.abs(middles[0] ?? 0)).toBeGreaterThan(5);
  });

  it('what is larger than a page goes over several', () => {
    const wall = contextOf({ kind: 'block', widthMm: 400, heightMm: 300, depthMm: 10 });
    expect(templatePages(wall, ask(), 'label').length).toBeGreaterThanOrEqual(4);
  });

  it('panels come one by one, openings and all', () => {
    const shed = STARTS.find(({ id }) => id === 'room-open-in-front')?.form;
    if (shed?.kind !== 'panels') throw new Error('no panels');
    const small = contextOf({
      ...shed,
      widthMm: 80,
      depthMm: 60,
      heightMm: 50,
      thicknessMm: 3,
      openings: [{ wall: 'back', fromLeftMm: 30, sillMm: 15, widthMm: 20, heightMm: 20 }],
    });
    const [page] = templatePages(small, ask({ views: ['panels'] }), 'label');
    const faces = (page?.items ?? []).flatMap((item) => (item.kind === 'area' ? [item.outline] : []));
    expect(faces).toHaveLength(4);
    // One of them has a hole.
    expect(faces.filter((face) => face.some((polygon) => polygon.length > 1))).toHaveLength(1);
  });

  it('says when it is asked for too many', () => {
    expect(() => templatePages(brick, ask({ copies: 300, isPaired: true }), 'label')).toThrow(/at most 400/);
  });

  it('the oven’s floor is printed at full size, its walls kept clear, over as many pages as it takes', () => {
    // 450 by 380 inside, 30 kept clear all round (common practice): 390 by 320, on A4 of 186 by 253 usable.
    const pages = templatePages(brick, ask({ views: ['oven'] }), 'label');
    expect(pages).toHaveLength(6);
    expect(sizes(brick, ask({ views: ['oven'] }))[0]).toEqual([
      expect.closeTo(390, 6),
      expect.closeTo(320, 6),
    ]);
  });

  it('a picture is printed at its size, mirrored beside it, and made up for a printer that is off', () => {
    const picture = { widthMm: 60, heightMm: 40, href: 'data:a', mirroredHref: 'data:b' };
    const { views: _, ...plain } = ask({ isPaired: true, ruleMeasuredMm: 98 });
    const [page] = picturePages(picture, plain, 'label');
    const images = page?.items.flatMap((item) => (item.kind === 'image' ? [item] : [])) ?? [];
    expect(images.map(({ href }) => href)).toEqual(['data:a', 'data:b']);
    expect(images[0]?.widthMm).toBeCloseTo(60 / 0.98, 6);
    expect((images[1]?.at[0] ?? 0) - (images[0]?.at[0] ?? 0)).toBeGreaterThan(60 / 0.98);
    expect(() => picturePages(picture, { ...plain, copies: 300 }, 'label')).toThrow(/fewer copies/);
  });
});
