import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { clayFamily } from '../handbook/index.ts';
import { type Part, type Piece, setAt } from '../piece/index.ts';
import { sourced } from '../reckoning/index.ts';
import { reckonPiece } from '../spine/index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const demo = lowWaterFerry(NOW);
const goose = demo.parts.find(({ id }) => id === 'goose') as Part;

/** The bones of one part alone, made for a purpose. */
function bonesOf(part: Partial<Part>, purpose: Piece['brief']['purpose'] = 'display') {
  const piece: Piece = {
    ...setAt(demo, ['brief', 'purpose'], purpose),
    parts: [{ ...goose, parent: null, ...part }],
    fits: [],
    log: [],
    decisions: [],
  };
  const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const find = (key: string) => book.get(`goose/bones.${key}`);
  const term = (key: string, symbol: string) =>
    find(key)?.terms.find((one) => one.symbol === symbol)?.quantity.value ?? Number.NaN;
  return { find, term };
}

/** A rod that stands on its wire. */
const rod = (acrossMm: number, lengthMm: number): Partial<Part> => ({
  form: { kind: 'rod', lengthMm, startMm: acrossMm, endMm: acrossMm, lying: false },
  sized: 'miniature',
});
const fox: Partial<Part> = {
  form: {
    kind: 'beast',
    withersMm: 400,
    proportions: 'dog',
    build: 1,
    pose: 'standing',
    angles: {},
  } as Part['form'],
};

describe('a hand on a limb', () => {
  it('baked clay of 12 mm across bears σ π d³ ÷ 32 less the wire, a third of it on display (bar in bending, Gere)', () => {
    const { term } = bonesOf(rod(12, 80));
    // The goose is of sculptor’s clay; the handbook’s row says how strong that is.
    const family = demo.clays.find(({ id }) => id === goose.mix[0]?.clay)?.family;
    if (!family) throw new Error('no clay');
    const whole = (sourced(clayFamily(family).strength.id, {}).value * Math.PI * 12 ** 3) / 32 / 3;
    const trusted = term('handled', 'B');
    // The wire takes next to nothing of a bar: fourth powers.
    expect(trusted).toBeLessThanOrEqual(whole);
    expect(trusted).toBeGreaterThan(0.95 * whole);
  });

  it('handled, the clay is trusted with half of what it is on display', () => {
    const [shown, handled] = [bonesOf(rod(12, 80)), bonesOf(rod(12, 80), 'handled')];
    const wire = (one: typeof shown) => one.term('wire', 'd') * Math.sqrt(one.term('wire', 'n'));
    // The stouter wire that a hand asks for takes a little of the clay.
    expect(wire(handled)).toBeGreaterThanOrEqual(wire(shown));
    expect(handled.term('handled', 'B') / shown.term('handled', 'B')).toBeGreaterThan(0.3);
    expect(handled.term('handled', 'B') / shown.term('handled', 'B')).toBeLessThanOrEqual(0.5);
  });

  it('a stout post bears play, a thin one bends at a touch, and each says so', () => {
    const says = (part: Partial<Part>, purpose?: Piece['brief']['purpose']) =>
      bonesOf(part, purpose).find('handled')?.verdict;
    expect(says(rod(20, 60), 'handled')).toMatchObject({
      level: 'good',
      says: expect.stringContaining('bears play'),
    });
    const thin = says(rod(2.5, 80), 'handled');
    expect(thin).toMatchObject({ level: 'doubtful', says: expect.stringContaining('bends at a touch') });
    expect(thin?.waysOut.length).toBeGreaterThan(0);
    expect(thin?.margin?.value).toBeLessThan(0);
  });

  it('a fox at 1:12 is not given a wire of 0.3 mm, on display or in the hand', () => {
    for (const purpose of ['display', 'handled'] as const) {
      const { find, term } = bonesOf(fox, purpose);
      expect(term('wire', 'd') * Math.sqrt(term('wire', 'n')), purpose).toBeGreaterThan(0.35);
      expect(find('wire')?.verdict?.level, purpose).not.toBe('stop');
    }
  });

  it('stouter limbs never bear less', () => {
    const spare = [2.5, 4, 6, 9, 14, 20].map(
      (across) => bonesOf(rod(across, 80)).find('handled')?.verdict?.margin?.value ?? Number.NaN,
    );
    expect(spare).toEqual([...spare].sort((a, b) => a - b));
  });
});

describe('hidden', () => {
  it('a limb too thin for the clay that is wanted over its wire is to be looked at, not good', () => {
    const cover = bonesOf({}).find('cover');
    expect(cover?.quantity.value).toBeLessThan(2);
    expect(cover?.verdict).toMatchObject({
      level: 'doubtful',
      says: expect.stringContaining('2.0 mm are wanted'),
    });
    // Stout enough, it is hidden.
    expect(bonesOf(rod(20, 60)).find('cover')?.verdict?.level).toBe('good');
  });

  it('with own millimetres those are wanted', () => {
    const piece = setAt(demo, ['own'], { 'wire.cover-dollhouse': 0.5 });
    const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
    expect(book.get('goose/bones.cover')?.verdict?.level).toBe('good');
  });
});

describe('standing', () => {
  it('what falls over by itself is a stop; what falls when it is tipped is to be looked at', () => {
    const { book } = reckonPiece(demo, { shapes, workshopOwn: {}, now: NOW });
    const levels = ['goose', 'post', 'willow'].map((id) => {
      const stands = book.get(`${id}/bones.stands` as `${string}/${string}`);
      return [Math.sign(stands?.quantity.value ?? 0), stands?.verdict?.level];
    });
    expect(levels).toEqual([
      [-1, 'stop'],
      [1, 'doubtful'],
      [1, 'doubtful'],
    ]);
  });
});
