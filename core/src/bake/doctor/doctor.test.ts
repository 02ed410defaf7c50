import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { OUTCOMES, type Outcome, type Piece, setAt } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { bodyOf, simulateBake } from '../heat/index.ts';
import { type BakeRecord, diagnose, reckonDeform, recordAsks } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const ferry = lowWaterFerry(NOW);

function found(piece: Piece, id: string) {
  const { contexts, bulk, book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const [context, own] = [contexts.get(id), bulk.get(id)];
  if (!context || !own) throw new Error(`${id} is not of clay`);
  return { context, bulk: own, find: (key: string) => book.get(`${id}/${key}`) };
}

function asked(piece: Piece, id: string, record: BakeRecord) {
  const { context, bulk } = found(piece, id);
  const asks = recordAsks(context, bulk, record, 2);
  if (!asks) throw new Error('nothing is baked');
  const run = (ask: typeof asks.asItWas) =>
    simulateBake(bodyOf(context.shape, ask).body, ask.oven, ask.rules, { untilMin: 240 });
  return diagnose({
    context,
    bulk,
    record,
    run: run(asks.asItWas),
    right: run(asks.asItShould),
  });
}

const record = (outcome: Outcome, temperatureC: number, minutes: number): BakeRecord => ({
  outcome,
  temperatureC,
  minutes,
  thicknessMm: null,
});

describe('what went wrong with a bake', () => {
  it('handles of 1 mm that burned in 10 min at 143 °C: too hot, too long, thin (common practice)', () => {
    const { causes, rescue } = asked(ferry, 'mug-handle', record('scorched', 143, 10));
    const likely = causes.filter(({ isLikely }) => isLikely).map(({ says }) => says);
    expect(likely).toContain('too hot');
    expect(likely.join()).toContain('thin');
    expect(causes.find(({ says }) => says === 'too hot')?.evidence).toBe('143 °C, its window ends at 135 °C');
    expect(rescue.length).toBeGreaterThan(1);
  });

  it('a ferrywoman taken out after 15 min is raw inside', () => {
    const { causes } = asked(ferry, 'ferrywoman', record('under-baked', 130, 15));
    const short = causes.find(({ says }) => says.startsWith('too short'));
    expect(short?.isLikely).toBe(true);
    const inside = causes.find(({ says }) => says.includes('inside'));
    expect(Number(/^(\d+) %/.exec(inside?.evidence ?? '')?.[1])).toBeLessThan(90);
  });

  it('a cool oven is named before anything else', () => {
    const { causes } = asked(ferry, 'lantern', record('under-baked', 105, 60));
    expect(causes[0]).toMatchObject({ says: 'not hot enough', isLikely: true });
  });

  it('every outcome but a good one has causes and a rescue, with or without a simulation', () => {
    const { context, bulk } = found(ferry, 'goose');
    for (const outcome of OUTCOMES) {
      const said = diagnose({
        context,
        bulk,
        record: record(outcome, 130, 30),
        run: null,
        right: null,
      });
      expect(said.causes.length > 0, outcome).toBe(outcome !== 'good');
      expect(said.rescue.length > 0, outcome).toBe(outcome !== 'good');
      const ranks = said.causes.map(({ isLikely }) => Number(isLikely));
      expect(ranks).toEqual([...ranks].sort((a, b) => b - a));
    }
  });

  it('a dent of a thing on a rack, a shine of one on a tile (common practice)', () => {
    const first = (under: string, outcome: Outcome) => {
      const { context, bulk } = found(setAt(ferry, ['oven', 'under'], under), 'goose');
      return diagnose({
        context,
        bulk,
        record: record(outcome, 130, 30),
        run: null,
        right: null,
      }).causes[0];
    };
    expect(first('rack', 'dented')).toMatchObject({ isLikely: true });
    expect(first('pad', 'dented')).toMatchObject({ isLikely: false });
    expect(first('tile', 'shiny')).toMatchObject({ isLikely: true });
  });
});

describe('how clay moves in the heat', () => {
  const deform = (id: string, over: Partial<Parameters<typeof reckonDeform>[0]> = {}) => {
    const one = found(ferry, id);
    const figures = reckonDeform({
      ...one,
      overhang: { reach: 0, height: 0, hangs: false },
      hasWire: false,
      stands: true,
      ...over,
    });
    return new Map(figures.map((figure) => [figure.key, figure]));
  };

  it('an arm over nothing wants a form under it: about 8 layers of foil (common practice)', () => {
    const bare = deform('mug', { overhang: { reach: 9, height: 5, hangs: false } }).get('bake.overhang');
    expect(bare?.verdict?.level).toBe('stop');
    expect(bare?.verdict?.waysOut[0]?.says).toContain('8 layers of foil');
    expect(
      deform('mug', { overhang: { reach: 0.5, height: 5, hangs: false } }).get('bake.overhang')?.verdict
        ?.level,
    ).toBe('good');
  });

  it('a wire bears more than bare clay', () => {
    const overhang = { reach: 8, height: 5, hangs: true };
    const level = (hasWire: boolean) =>
      deform('cord', { overhang, hasWire }).get('bake.overhang')?.verdict?.level;
    expect(level(true)).toBe('good');
    expect(level(false)).not.toBe('good');
  });

  it('with a wire it sinks as far as the wire lets it, the same as Bones says of it raw: one answer', () => {
    const overhang = { reach: 60, height: 5, hangs: true };
    const own = found(ferry, 'ferrywoman');
    const sag = own.find('bones.sag');
    expect(sag?.verdict).toBeDefined();
    const held = deform('ferrywoman', { overhang, hasWire: true }).get('bake.overhang');
    expect(held?.verdict?.level).toBe(sag?.verdict?.level);
    expect(held?.verdict?.says).toContain(`${sag?.quantity.value.toFixed(1)} mm`);
    // Without the wire the same reach is far too long for clay.
    const bare = deform('ferrywoman', { overhang, hasWire: false }).get('bake.overhang');
    expect(bare?.verdict?.level).not.toBe('good');
  });

  it('what lies on a pad reaches out over nothing', () => {
    const overhang = { reach: 60, height: 5, hangs: true };
    const onPad = found(setAt(ferry, ['oven', 'under'], 'pad'), 'mug');
    const verdict = reckonDeform({ ...onPad, overhang, hasWire: false, stands: false })[0]?.verdict;
    expect(verdict).toMatchObject({ level: 'good', says: 'it lies on its pad' });
  });

  it('baked clay shrinks up to 1 % (from memory): a figure of 138 mm leaves up to 1.4 mm', () => {
    const seam = deform('ferrywoman').get('bake.seam');
    expect(seam?.quantity.high).toBeCloseTo(1.38, 1);
    expect(seam?.verdict?.waysOut.length).toBeGreaterThan(0);
  });

  it('what lies and is heavy dents, unless it lies on a pad', () => {
    expect(deform('ferrywoman', { stands: false }).get('bake.dent')?.verdict?.level).toBe('doubtful');
    expect(deform('mug', { stands: false }).get('bake.dent')?.verdict?.level).toBe('good');
    expect(deform('ferrywoman').has('bake.dent')).toBe(false);
  });
});
