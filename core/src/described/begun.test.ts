import { describe, expect, it } from 'vitest';
import { makeShapeStore } from '../form/index.ts';
import { addPart, DEFAULT_LAYER, newPiece, type Piece, setAt } from '../piece/index.ts';
import { resolveScale } from '../scale/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { describePart, partOf } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();

/** A piece of open scale, begun from lines of words. */
function begun(...lines: string[]): Piece {
  const empty: Piece = { ...newPiece('p', NOW), scale: { kind: 'open' } };
  return lines.reduce((piece, line) => {
    const part = partOf(describePart(line, resolveScale(piece.scale)), piece);
    return addPart(piece, { ...part, id: part.name.toLowerCase().replace(' ', '-') as typeof part.id });
  }, empty);
}
function reckoned(piece: Piece) {
  const found = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  expect(found.faults).toEqual([]);
  const { steps } = found.route.route;
  return {
    ...found,
    kinds: (part: string) =>
      steps.filter(({ parts }) => parts.some((id) => id === part)).map(({ kind }) => kind),
  };
}

describe('a piece begun from what lies on the bench', () => {
  it('has its sizes, its stuffs and its bake, though nobody named a scale', () => {
    const { book } = reckoned(begun('clay ball 30 mm', 'two sausages on wire 50 × 8', 'lamp 35 × 20'));
    expect(book.get('clay-ball/size.height')?.quantity.value).toBeCloseTo(30, 6);
    expect(book.get('lamp/bulk.clay')).toBeUndefined();
    const minutes = book.get('sausages/bake.minutes')?.quantity;
    expect(minutes?.value).toBeGreaterThan(5);
    expect(book.get('/size.scale')?.note).toContain('No scale yet');
  });

  it('what lies there raw is only finished and baked; what is baked goes into no oven; painted, it is not painted again', () => {
    const { kinds } = reckoned(
      begun('raw torso 60 high', 'baked head 30 high', 'painted hand 20 high', 'leg 40 × 8'),
    );
    expect(kinds('torso')).toContain('bake');
    expect(kinds('torso')).not.toContain('skin');
    expect(kinds('leg')).toContain('skin');
    for (const part of ['head', 'hand']) {
      expect(kinds(part), part).not.toContain('bake');
      expect(kinds(part), part).not.toContain('skin');
    }
    expect(kinds('head')).toContain('coat');
    expect(kinds('hand')).not.toContain('coat');
  });

  it('a baked part goes in again for a second clay over it', () => {
    const piece = setAt(
      begun('baked head 30 high'),
      ['parts', 'head', 'layers'],
      [{ ...DEFAULT_LAYER, id: 'skin' }],
    );
    const { kinds } = reckoned(piece);
    expect(kinds('head').filter((kind) => kind === 'skin')).toHaveLength(1);
    expect(kinds('head')).toContain('bake');
  });

  it('a raw part is whole in the oven: its clay is there without a step that puts it on', () => {
    const { book } = reckoned(begun('raw ball 30 mm'));
    const planned = reckoned(begun('ball 30 mm')).book.get('ball/bake.minutes')?.quantity.value;
    expect(book.get('ball/bake.minutes')?.quantity.value).toBeCloseTo(planned ?? 0, 6);
  });

  it('work on what lies there cured waits for no bake', () => {
    const piece = begun('baked head 30 high');
    const { route } = reckoned(piece).route;
    const sand = {
      ...(route.steps[0] ?? expect.fail('no step')),
      id: 'file',
      kind: 'sand' as const,
      parts: ['head'] as never,
      own: true,
      needs: [],
    };
    const { book } = reckoned({ ...piece, route: { ...route, steps: [sand, ...route.steps] } });
    expect(book.get('/route.order')?.verdict?.level).toBe('good');
  });

  it('a scale can be named later, and taken from a thing: a lamp of 20 mm that stands for one of 240', () => {
    const piece = begun('lamp 35 × 20');
    const scaled: Piece = { ...piece, scale: { kind: 'thing', name: 'lamp', benchMm: 20, lifeMm: 240 } };
    expect(resolveScale(scaled.scale)).toMatchObject({
      ratio: 12,
      label: '1:12',
      says: 'by the lamp',
      isOpen: false,
    });
    const { book } = reckoned(scaled);
    expect(book.get('/size.scale')?.quantity.value).toBe(12);
    // What was sized on the bench stays as it is.
    expect(book.get('lamp/size.height')?.quantity.value).toBeCloseTo(35, 6);
  });
});
