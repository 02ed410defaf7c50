import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { DEFAULT_JOINT, type Joint, type JointWay, type Piece, setAt } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { joinedBy } from '../edits.ts';
import { GLUES, glueRow, type JointAsk, objections, type Side } from './glues.ts';
import { pinModulus, sectionModulus, strengthRow } from './strength.ts';

const side = (name: string, over: Partial<Side> = {}): Side => ({
  name,
  body: 'clay',
  isRaw: false,
  closedBy: null,
  ...over,
});
const ask = (one: Side, other: Side, over: Partial<JointAsk> = {}): JointAsk => ({
  sides: [one, other],
  gapMm: null,
  comesApart: false,
  bakesAfter: false,
  ...over,
});
const against = (way: JointWay, of: JointAsk) =>
  objections(glueRow(way), of).map(({ isStop, says }) => `${isStop ? 'stop' : 'check'}: ${says}`);
const clay = side('head');
const foam = side('rock', { body: 'foam' });
const wood = side('oar', { body: 'wood' });

/** Facts of the trade, each common practice. */
describe('what a glue will do', () => {
  it.each<[string, JointWay, JointAsk, RegExp]>([
    ['superglue eats foam', 'superglue', ask(clay, foam), /stop: it eats rock/],
    ['contact glue eats foam', 'contact-glue', ask(clay, foam), /stop: it eats rock/],
    [
      'white glue between two closed faces stays wet',
      'pva',
      ask(clay, side('hat')),
      /stop: it never dries in there/,
    ],
    [
      'nothing holds on silicone',
      'epoxy-glue',
      ask(clay, side('mould', { body: 'rubber' })),
      /stop: nothing holds/,
    ],
    [
      'raw clay is pressed to raw clay only',
      'press',
      ask(side('arm', { isRaw: true }), clay),
      /stop: only raw clay/,
    ],
    ['superglue fills no gap', 'superglue', ask(clay, wood, { gapMm: 0.6 }), /check: it fills 0.15 mm/],
    [
      'hot glue lets go in the oven',
      'hot-glue',
      ask(clay, wood, { bakesAfter: true }),
      /stop: it does not bear the oven/,
    ],
    [
      'glue on paint holds by the paint',
      'epoxy-glue',
      ask(side('hand', { closedBy: 'earlier paint' }), wood),
      /check: it holds on the paint of hand/,
    ],
    [
      'what is to come apart is not glued',
      'epoxy-glue',
      ask(clay, wood, { comesApart: true }),
      /stop: it is to come apart/,
    ],
    ['and magnets let go of what is to hold', 'magnets', ask(clay, wood), /stop: it comes apart again/],
  ])('%s', (_, way, of, wanted) => {
    expect(against(way, of).join('\n')).toMatch(wanted);
  });

  it('and what will do is not spoken against', () => {
    expect(against('pva', ask(clay, wood))).toEqual([]);
    expect(against('pva', ask(foam, wood))).toEqual([]);
    expect(against('superglue', ask(clay, wood))).toEqual([]);
    expect(against('epoxy-glue', ask(clay, side('wire', { body: 'metal' })))).toEqual([]);
    expect(against('press', ask(side('arm', { isRaw: true }), side('body', { isRaw: true })))).toEqual([]);
    expect(against('liquid-clay', ask(side('arm', { isRaw: true }), clay))).toEqual([]);
    expect(against('tube', ask(clay, wood, { comesApart: true }))).toEqual([]);
  });

  it('every way says how it is done', () => {
    for (const { says, title } of GLUES) expect(says.length, title).toBeGreaterThan(15);
  });
});

describe('how much a joint bears', () => {
  it('section modulus of a round rod is π·d³ ÷ 32 (Euler & Bernoulli), of a joint by its area and of a pin by its width', () => {
    for (const d of [1, 3, 10]) {
      expect(sectionModulus((Math.PI * d * d) / 4)).toBeCloseTo((Math.PI * d ** 3) / 32, 9);
      expect(pinModulus(d)).toBeCloseTo((Math.PI * d ** 3) / 32, 12);
    }
  });

  it('superglue holds metal to metal better than clay; magnets are not reckoned with', () => {
    const metal = side('wire', { body: 'metal' });
    expect(strengthRow('superglue', [metal, metal])).toBe('joint.superglue-metal');
    expect(strengthRow('superglue', [metal, clay])).toBe('joint.superglue');
    expect(strengthRow('magnets', [metal, metal])).toBeNull();
  });
});

describe('a joint of a piece', () => {
  const NOW = '2026-11-26T10:00:00Z';
  const shapes = makeShapeStore();
  const demo = lowWaterFerry(NOW);
  const ferry: Piece = {
    ...demo,
    parts: demo.parts.filter(({ id }) => id === 'oar' || id === 'ferrywoman'),
    fits: demo.fits.filter(({ id }) => id === 'oar-held'),
    ...{ log: [], decisions: [], zones: [], stood: [], pours: [], masonry: [] },
  };
  const glued = (change: Partial<Joint>, piece: Piece = ferry) =>
    joinedBy(piece, 'oar-held', { way: 'superglue', ...change });
  const reckon = (piece: Piece) => {
    const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
    const id = piece.joints[0]?.id ?? '';
    return (key: string) => book.all.find((one) => one.part === null && one.key === `joint.${key}.${id}`);
  };

  it('a hand of 2 N at 100 mm turns with 200 N·mm, and a light thing adds little', () => {
    const load = reckon(glued({}))('load');
    const reach = load?.terms.find(({ symbol }) => symbol === 'L')?.quantity.value ?? 0;
    expect(reach).toBeGreaterThan(150);
    expect(load?.quantity.value ?? 0).toBeGreaterThan(2 * reach);
    expect(load?.quantity.value ?? 0).toBeLessThan(2.4 * reach);
  });

  it('twice as wide bears eight times as much: four times the area (Euler & Bernoulli)', () => {
    const bears = (areaMm2: number) => reckon(glued({ areaMm2 }))('bears')?.quantity.value ?? 0;
    expect(bears(40) / bears(10)).toBeCloseTo(8, 9);
  });

  it('an oar that is glued by a thin end fails, and the pins that are offered hold it', () => {
    const piece = glued({ areaMm2: 60 });
    const verdict = reckon(piece)('bears')?.verdict;
    expect(verdict?.level).not.toBe('good');
    const pins = verdict?.waysOut.find(({ says }) => /pin/.test(says))?.change;
    if (!pins) throw new Error('pins were wanted');
    const pinned = setAt(piece, pins.path, pins.value);
    expect(reckon(pinned)('bears')?.verdict?.level).toBe('good');
    // Three of its diameters, and 6 mm at the least (common practice).
    expect(reckon(pinned)('deep')?.quantity.value).toBeGreaterThanOrEqual(6);
    // No pin is offered where none fits in.
    const thin = reckon(glued({ areaMm2: 2 }))('bears')?.verdict;
    expect(thin?.waysOut.some(({ says }) => /pins? of/.test(says))).toBe(false);
    expect(thin?.waysOut.map(({ says }) => says).join()).toMatch(/mm² that touch/);
  });

  it('one that is handled wants twice the margin and bears a hand at play', () => {
    const held = setAt(glued({ areaMm2: 60 }), ['brief', 'purpose'], 'handled');
    const still = glued({ areaMm2: 60 });
    expect(reckon(held)('load')?.quantity.value ?? 0).toBeGreaterThan(
      4 * (reckon(still)('load')?.quantity.value ?? 0),
    );
    expect(reckon(held)('bears')?.verdict?.says).toMatch(/^6 times/);
  });

  it('a way that will not do offers one that does', () => {
    const stuck = joinedBy(ferry, 'oar-held', { way: 'press' });
    const verdict = reckon(stuck)('will')?.verdict;
    expect(verdict?.level).toBe('stop');
    const change = verdict?.waysOut[0]?.change;
    if (!change) throw new Error('another way was wanted');
    expect(reckon(setAt(stuck, change.path, change.value))('will')?.verdict?.level).not.toBe('stop');
  });

  it('a gap that was measured is filled: glue by area and gap, as a plate', () => {
    const wide = reckon(glued({ way: 'epoxy-glue', areaMm2: 100, gapMm: 1 }));
    // 1 cm² and 1 mm are a tenth of a cm³.
    expect(wide('glue')?.quantity.value).toBeCloseTo(0.1, 12);
    expect(wide('full')?.quantity.value).toBe(24);
  });

  it('what is open has no figures, and one that has no fit any more is let be', () => {
    const open: Piece = { ...ferry, joints: [{ ...DEFAULT_JOINT, id: 'j', fit: 'oar-held' }] };
    expect(reckon(open)('will')).toBeUndefined();
    const lost: Piece = { ...ferry, joints: [{ ...DEFAULT_JOINT, id: 'j', fit: 'gone', way: 'pva' }] };
    expect(reckon(lost)('will')).toBeUndefined();
  });
});

describe('pushed along and peeled', () => {
  const glued = (way: JointWay, areaMm2: number): Piece => {
    const ferry = lowWaterFerry('2026-11-26T10:00:00Z');
    const [fit] = ferry.fits.filter(({ kind }) => kind === 'held-by');
    if (!fit) throw new Error('the oar is held');
    return joinedBy({ ...ferry, joints: [] }, fit.id, { way, areaMm2 });
  };
  const told = (piece: Piece, key: string) => {
    const { book } = reckonPiece(piece, {
      shapes: makeShapeStore(),
      workshopOwn: {},
      now: '2026-11-26T10:00:00Z',
    });
    return book.all.find((one) => one.key === `joint.${key}.${piece.joints[0]?.id}`);
  };
  const value = (way: JointWay, areaMm2: number, key: string) =>
    told(glued(way, areaMm2), key)?.quantity.value ?? 0;

  it('along its faces it bears by its area, at its edge by its width: four times and twice', () => {
    expect(value('epoxy-glue', 80, 'shears') / value('epoxy-glue', 20, 'shears')).toBeCloseTo(4, 6);
    expect(value('epoxy-glue', 80, 'peels') / value('epoxy-glue', 20, 'peels')).toBeCloseTo(2, 6);
  });

  it('superglue is strong along its faces and weak at its edge, contact glue the other way (common practice)', () => {
    const ratio = (way: JointWay) => value(way, 50, 'shears') / value(way, 50, 'peels');
    expect(ratio('superglue')).toBeGreaterThan(10 * ratio('contact-glue'));
  });

  it('a thin line of superglue peels open under a finger, and a pin ends that', () => {
    const weak = glued('superglue', 3);
    expect(told(weak, 'peels')?.verdict?.level).toBe('doubtful');
    const [joint] = weak.joints;
    if (!joint) throw new Error('a joint was made');
    expect(told(setAt(weak, ['joints', joint.id, 'pins'], 1), 'peels')?.verdict).toBeUndefined();
  });
});
