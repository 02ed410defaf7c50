import { describe, expect, it } from 'vitest';
import { demoFit, demoPart, ofClay } from '../demo/entries.ts';
import { lowWaterFerry, tollFrogs } from '../demo/index.ts';
import { type Form, makeShapeStore, PLAIN_PERSON } from '../form/index.ts';
import { readPiece, writePiece } from '../piece/file.ts';
import {
  addPart,
  type Fit,
  type Part,
  type PartId,
  type Piece,
  removePart,
  setAt,
  validatePiece,
} from '../piece/index.ts';
import type { Reckoning } from '../reckoning/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { baseForm, weighBases, whyUnjudged } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const reckon = (piece: Piece) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
const ferry = lowWaterFerry(NOW);
const life = (id: string, form: Form, over: Partial<Part> = {}) =>
  demoPart(id, id, form, { ...ofClay('neutral'), ...over });
const small = (id: string, form: Form) => life(id, form, { sized: 'miniature' });
const withFit = (parts: Part[], fit: Fit): Piece => ({ ...ferry, parts, fits: [fit], log: [] });
const judged = (piece: Piece, id = 'fit'): Reckoning | undefined =>
  reckon(piece).book.all.find(({ key }) => key === `fit.${id}`);
const RIDER: Form = { ...PLAIN_PERSON, statureMm: 1700 };
const cylinder = (acrossMm: number, heightMm: number): Form => ({
  kind: 'cylinder',
  heightMm,
  bottomMm: acrossMm,
  topMm: acrossMm,
  lying: false,
});
const taken = (piece: Piece, figure: Reckoning | undefined): Piece => {
  const change = figure?.verdict?.waysOut.find((way) => way.change)?.change;
  if (!change) throw new Error('no way out that can be taken');
  return setAt(piece, change.path, change.value);
};

describe('sits on', () => {
  it('a post of 20 mm on a base of 32 leaves 6 mm all round', () => {
    const piece = withFit(
      [small('post', cylinder(20, 60)), small('base', cylinder(32, 3))],
      demoFit('fit', 'sits-on', 'post', 'base'),
    );
    expect(judged(piece)?.quantity.value).toBeCloseTo(6, 1);
    expect(judged(piece)?.verdict?.level).toBe('good');
  });

  it('a plinth too wide is told by how much, and the larger base it offers mends it', () => {
    const piece = withFit(
      [
        small('plinth', { kind: 'block', widthMm: 30, heightMm: 12, depthMm: 30 }),
        small('base', cylinder(32, 3)),
      ],
      demoFit('fit', 'sits-on', 'plinth', 'base'),
    );
    const figure = judged(piece);
    // Half the diagonal of 30 by 30 against half of 32; feet are looked at to half a hundredth of their width.
    expect(Math.abs((figure?.quantity.value ?? 0) - (16 - 15 * Math.SQRT2))).toBeLessThan(0.15);
    expect(figure?.verdict?.level).toBe('stop');
    const mended = taken(piece, figure);
    expect(mended.parts[1]?.form).toMatchObject({ bottomMm: 50 });
    expect(judged(mended)?.verdict?.level).toBe('good');
  });

  it('goes by what was measured once something was', () => {
    const piece = withFit(
      [small('post', cylinder(20, 60)), small('base', cylinder(32, 3))],
      demoFit('fit', 'sits-on', 'post', 'base', { madeMm: 33 }),
    );
    expect(judged(piece)?.quantity.value).toBeCloseTo(-0.5, 1);
  });
});

describe('passes under', () => {
  it('the base under it and the pike it holds pass along with it', () => {
    const frogs = tollFrogs(NOW);
    const alone = { ...frogs, fits: frogs.fits.filter(({ kind }) => kind === 'passes-under') };
    const [alongside, single] = [judged(frogs, 'frog-under-gate'), judged(alone, 'frog-under-gate')];
    expect(single?.verdict?.level).not.toBe('stop');
    // Pike of 2300 mm in life and 3 mm of base under an opening of 2720 mm.
    const ratio = reckon(frogs).book.get('/size.scale')?.quantity.value ?? 1;
    expect(alongside?.quantity.value).toBeLessThanOrEqual(2720 / ratio - 3 - 2300 / ratio + 1e-6);
    expect(alongside?.terms.find(({ symbol }) => symbol === 'h')?.name).toContain(
      'Round base under it, Pike held by it',
    );
  });

  it('the way out makes the opening large enough', () => {
    const piece = withFit(
      [
        life('cart', { kind: 'block', widthMm: 1500, heightMm: 1500, depthMm: 900 }),
        life('gate', cylinder(200, 2000)),
      ],
      demoFit('fit', 'passes-under', 'cart', 'gate', {
        opening: { shape: 'arched', widthMm: 1800, heightMm: 1700 },
      }),
    );
    expect(judged(piece)?.verdict?.level).toBe('stop');
    expect(judged(taken(piece, judged(piece)))?.verdict?.level).not.toBe('stop');
  });

  it('without an opening it asks for one; a wall’s own opening is taken from the wall', () => {
    const cart = life('cart', { kind: 'block', widthMm: 700, heightMm: 1500, depthMm: 900 });
    const bare = withFit(
      [cart, life('gate', cylinder(200, 2000))],
      demoFit('fit', 'passes-under', 'cart', 'gate'),
    );
    const asked = judged(bare);
    expect(asked).toBeUndefined();
    const { contexts } = reckon(bare);
    const gate = contexts.get('gate');
    const [fit] = bare.fits;
    expect(gate && fit && whyUnjudged(gate, contexts, fit)).toContain('enter the clear width');
    const wall: Form = {
      kind: 'panels',
      widthMm: 3000,
      depthMm: 2000,
      heightMm: 2400,
      thicknessMm: 100,
      walls: ['front'],
      floor: false,
      roof: 'none',
      riseMm: 0,
      eavesMm: 0,
      joint: 'butt',
      openings: [{ wall: 'front', fromLeftMm: 500, sillMm: 0, widthMm: 900, heightMm: 2000 }],
    };
    const through = judged(
      withFit([cart, life('shed', wall)], demoFit('fit', 'passes-under', 'cart', 'shed')),
    );
    expect(through?.quantity.value).toBeCloseTo(100 / 12, 2);
  });
});

describe('a peg, an insert, a lid, a grip', () => {
  it('a 3 mm peg in a 3.3 mm hole has 0.15 mm all round, as a glued peg wants (common practice)', () => {
    const piece = withFit(
      [
        small('peg', { kind: 'rod', lengthMm: 20, startMm: 3, endMm: 3, lying: false }),
        small('foot', cylinder(20, 10)),
      ],
      demoFit('fit', 'pegged-into', 'peg', 'foot', {
        opening: { shape: 'round', widthMm: 3.3, heightMm: 3.3 },
      }),
    );
    expect(judged(piece)?.quantity.value).toBeCloseTo(0.15, 2);
    const tight = setAt(piece, ['fits', 'fit', 'opening'], { shape: 'round', widthMm: 2.9, heightMm: 2.9 });
    expect(judged(tight)?.verdict).toMatchObject({ level: 'stop' });
    expect(
      judged(tight)
        ?.verdict?.waysOut.map(({ says }) => says)
        .join(),
    ).toContain('drill 3.3 mm');
  });

  it('a lid covers what goes into its own opening', () => {
    const piece = withFit(
      [
        small('lid', { kind: 'block', widthMm: 44, heightMm: 6, depthMm: 34 }),
        small('box', { kind: 'block', widthMm: 40, heightMm: 20, depthMm: 30 }),
      ],
      demoFit('fit', 'covers', 'lid', 'box', { opening: { shape: 'square', widthMm: 41, heightMm: 31 } }),
    );
    expect(judged(piece)?.quantity.value).toBeCloseTo(0.5, 2);
  });

  it('the oar is thin enough for the hand, a mast is not', () => {
    expect(judged(ferry, 'oar-held')?.verdict?.level).toBe('good');
    const mast = setAt(ferry, ['parts', 'oar', 'form'], {
      kind: 'rod',
      lengthMm: 2350,
      startMm: 160,
      endMm: 150,
      lying: false,
    });
    expect(judged(mast, 'oar-held')?.verdict?.says).toContain('fingers do not meet');
  });

  it('companions are told how high the one reaches', () => {
    const figure = reckon(ferry).book.get('goose/beside.goose-beside');
    expect(figure?.quantity.value).toBeCloseTo((100 * 780) / 1660, 0);
  });
});

describe('a rider on its mount', () => {
  const horse: Form = {
    kind: 'beast',
    withersMm: 1524,
    proportions: 'horse',
    build: 1,
    pose: 'standing',
    angles: {},
  };
  const pair = (rider: Form) =>
    withFit([life('rider', rider), life('horse', horse)], demoFit('fit', 'rides', 'rider', 'horse'));

  it('standing straight its legs go into the flanks; the pose it offers clears them', () => {
    const piece = pair(RIDER);
    const figure = judged(piece);
    expect(figure?.verdict?.level).toBe('stop');
    expect(figure?.quantity.value).toBeLessThan(0);
    const mended = judged(taken(piece, figure));
    expect(mended?.verdict?.level).toBe('good');
    // The foot of a grown rider hangs well over the ground of a horse of 15 hands: over 400 mm in life.
    expect((mended?.quantity.value ?? 0) * 12).toBeGreaterThan(400);
  });

  it('is the same at any scale but for the size', () => {
    const piece = pair(RIDER);
    const half = judged({ ...piece, scale: { kind: 'ratio', ratio: 24 } })?.quantity.value ?? 0;
    expect(half).toBeCloseTo((judged(piece)?.quantity.value ?? 0) / 2, 6);
  });

  it('a giant on a small donkey drags its feet, or does not sit at all', () => {
    const donkey: Form = { ...horse, withersMm: 700 };
    const piece = withFit(
      [life('rider', { ...PLAIN_PERSON, statureMm: 2200 }), life('horse', donkey)],
      demoFit('fit', 'rides', 'rider', 'horse'),
    );
    expect(judged(piece)?.verdict?.level).toBe('stop');
  });
});

describe('bases', () => {
  const contextOf = (form: Form) => {
    const found = reckon(withFit([small('one', form)], demoFit('fit', 'sits-on', 'one', 'one'))).contexts.get(
      'one',
    );
    if (!found) throw new Error('not built');
    return found;
  };

  it('the smallest that will do comes first, with what speaks for it', () => {
    const [first] = weighBases(contextOf(cylinder(24, 30)));
    expect(first?.base).toMatchObject({ shape: 'round', longMm: 28.5 });
    expect(first?.marginMm).toBeCloseTo(2.25, 1);
    // Middle of the post 15 mm up on a base of 3: atan(14.25 ÷ 18).
    expect(first?.tipDegrees).toBeCloseTo((Math.atan(14.25 / 18) * 180) / Math.PI, 0);
  });

  it('a tall thing asks for more than its feet need', () => {
    const [first] = weighBases(contextOf(cylinder(10, 150)));
    expect(first?.isGood).toBe(true);
    expect(first?.tipDegrees).toBeGreaterThanOrEqual(15);
    expect(first?.base.longMm).toBeGreaterThan(25.4);
  });

  it('each can be put among the parts', () => {
    for (const { base } of weighBases(contextOf(cylinder(24, 30)))) {
      const form = baseForm(base, 3);
      const { max, min } = shapes.shapeOf(form).box;
      expect(max[0] - min[0]).toBeCloseTo(base.longMm, 3);
      expect(max[1] - min[1]).toBeCloseTo(3, 3);
      expect(max[2] - min[2]).toBeCloseTo(base.shortMm, 3);
    }
  });
});

describe('the file', () => {
  it('keeps fits; a fit of a part that is gone goes with it', () => {
    const { piece, damaged } = readPiece(writePiece(ferry, {}), NOW);
    expect(damaged).toEqual([]);
    expect(piece.fits).toEqual(ferry.fits);
    const without = removePart(ferry, 'ferrywoman' as PartId);
    expect(without.fits.map(({ id }) => id)).toEqual(['lantern-in-crate']);
    expect(validatePiece(without)).toEqual([]);
    const raw = JSON.parse(writePiece(ferry, {}));
    raw.fits[0].on = 'nobody';
    const read = readPiece(JSON.stringify(raw), NOW);
    expect(read.piece.fits).toHaveLength(ferry.fits.length - 1);
    expect(read.repaired.join()).toContain('1 fit of parts that are not there');
  });

  it('a part added later changes no fit', () => {
    const more = addPart(ferry, small('peg', cylinder(3, 10)));
    expect(judged(more, 'oar-held')?.quantity).toEqual(judged(ferry, 'oar-held')?.quantity);
  });
});
