import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import type { DrawItem, Drawing } from '../drawing/index.ts';
import { extentOf, makeShapeStore } from '../form/index.ts';
import type { Part, PartId, Piece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { lineUp, sketch } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const ferry = lowWaterFerry(NOW);
const partsOf = (piece: Piece) => [
  ...reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).contexts.values(),
];
const contexts = partsOf(ferry);

type Area = Extract<DrawItem, { kind: 'area' }>;
const areas = (drawing: Drawing) => drawing.items.filter((item): item is Area => item.kind === 'area');
const words = (drawing: Drawing) =>
  drawing.items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));

describe.each([
  ['the line-up', lineUp(contexts, 200, 90, 'ferrywoman'), 20],
  ['the sketch', sketch(contexts, 64, 17), 0.5],
])('%s', (_name, drawing, groundMm) => {
  const boxes = areas(drawing).map(({ outline }) => extentOf(outline));

  it('stands every part on one ground, in order, apart and on the paper', () => {
    expect(areas(drawing).map(({ part }) => part)).toEqual(ferry.parts.map(({ id }) => id));
    boxes.forEach(([left, bottom, right, top], i) => {
      expect(bottom).toBeCloseTo(groundMm, 6);
      expect(left).toBeGreaterThan(boxes[i - 1]?.[2] ?? 0);
      expect(right).toBeLessThan(drawing.widthMm);
      expect(top).toBeLessThan(drawing.heightMm);
    });
  });

  it('draws all of them to one scale: 1.66 m of ferrywoman to 0.9 m of mooring post', () => {
    const tall = (id: string) => {
      const i = ferry.parts.findIndex((part) => part.id === id);
      return (boxes[i]?.[3] ?? Number.NaN) - groundMm;
    };
    expect(tall('ferrywoman') / tall('post')).toBeCloseTo(1660 / 900, 4);
  });
});

describe('a line-up shown otherwise', () => {
  it('at a size that is asked for: a miniature millimetre is so many of the drawing, however long it gets', () => {
    const drawing = lineUp(contexts, 200, 90, null, { per: 1 });
    const [woman] = areas(drawing).map(({ outline }) => extentOf(outline));
    expect((woman?.[3] ?? 0) - (woman?.[1] ?? 0)).toBeCloseTo(1660 / 12, 0);
    expect(drawing.widthMm).toBeGreaterThan(500);
    expect(drawing.heightMm).toBeGreaterThan(2350 / 12);
    for (const { outline } of areas(drawing)) expect(extentOf(outline)[2]).toBeLessThan(drawing.widthMm);
  });

  it('beside something to compare with: it stands first, is not of the piece, and cannot be picked', () => {
    const [woman] = contexts;
    if (!woman) throw new Error('no parts');
    const beside = { ...woman, part: { ...woman.part, name: 'a person' } };
    const drawing = lineUp(contexts, 200, 90, 'ferrywoman', { beside });
    const [ghost, first] = areas(drawing);
    expect(ghost).toMatchObject({ material: 'none', weight: 'hair' });
    expect(ghost?.part).toBeUndefined();
    expect(first?.part).toBe('ferrywoman');
    expect(words(drawing)).toContain('a person');
  });
});

describe('words of the line-up', () => {
  it('give the selected part its miniature height, and nobody else', () => {
    expect(words(lineUp(contexts, 200, 90, 'ferrywoman'))).toContain('138.3');
    expect(words(lineUp(contexts, 200, 90, null))).not.toContain('138.3');
  });

  it('cut a name that is too long, and stay on the paper with very many parts', () => {
    const [first] = ferry.parts;
    const many = Array.from(
      { length: 300 },
      (_, i): Part => ({
        ...(first as Part),
        id: `p${i}` as PartId,
        name: 'A name that goes on and on for ever and a day',
      }),
    );
    const drawing = lineUp(partsOf({ ...ferry, parts: many }), 200, 90, null);
    expect(areas(drawing)).toHaveLength(300);
    const names = words(drawing).filter((text) => text.startsWith('A name'));
    expect(names.length).toBeLessThan(60);
    expect(names.every((name) => name.length <= 18)).toBe(true);
    for (const { outline } of areas(drawing)) expect(extentOf(outline)[2]).toBeLessThan(200);
  });
});
