import { describe, expect, it } from 'vitest';
import { type CoatLayer, DEFAULT_COAT_LAYER, DEFAULT_JOINT } from '../../piece/index.ts';
import { BEARING_RULES, judge } from '../bearing/judge.ts';
import type { Surface } from '../bearing/rule.ts';
import { USUAL_ROOM } from '../drying/drying.ts';
import { diagnoseSurface, type SurfaceCase } from './diagnose.ts';
import { diagnoseJoint, diagnosePour, type PourCase } from './otherCases.ts';
import { ALSO_MAYBE, LEADS_TO, RESCUES, SURFACE_TROUBLES, TROUBLE_SAYS } from './troubles.ts';

const layer = (kind: CoatLayer['kind'], of: CoatLayer['of'], over: Partial<CoatLayer> = {}): CoatLayer => ({
  ...DEFAULT_COAT_LAYER,
  id: `${kind}-${of}`,
  kind,
  of,
  ...over,
});

function caseOf(layers: readonly CoatLayer[], over: Partial<SurfaceCase> = {}, on: Partial<Surface> = {}) {
  const surface: Surface = {
    body: 'clay',
    isRaw: false,
    layers,
    meets: [],
    later: [],
    schools: { colour: 'painted', superglue: 'never' } as Surface['schools'],
    peakC: 130,
    humidityPct: 50,
    ...on,
  };
  return {
    zone: { layers },
    findings: judge(surface),
    ways: [],
    room: USUAL_ROOM,
    own: {},
    sinceH: new Map(),
    unseen: [],
    ...over,
  };
}

const likelyOf = ({ causes }: ReturnType<typeof diagnoseSurface>) =>
  causes.filter(({ isLikely }) => isLikely).map(({ says, evidence }) => `${says} ${evidence}`);

describe('what went wrong with a surface', () => {
  it('every rule of what bears what leads to some trouble, and every trouble has a rescue', () => {
    for (const { id } of BEARING_RULES) expect(LEADS_TO[id]?.length, id).toBeGreaterThan(0);
    for (const trouble of Object.keys(TROUBLE_SAYS) as (keyof typeof TROUBLE_SAYS)[]) {
      expect(RESCUES[trouble].length, trouble).toBeGreaterThan(0);
      expect(ALSO_MAYBE[trouble].length, trouble).toBeGreaterThan(0);
    }
  });

  it('a pool of white glue 3 mm deep never dries, and says so', () => {
    const pool = layer('paste', 'pva', { filmMm: 3 });
    expect(likelyOf(diagnoseSurface('tacky', caseOf([pool]))).join()).toContain('never');
  });

  it('a coat that was put on an hour ago and takes four is not due yet', () => {
    // Twice as thick takes four times as long (Crank): 45 min become 3 h.
    const thick = layer('base', 'acrylic', { filmMm: 0.2 });
    const sinceH = new Map([[thick.id, 1]]);
    const said = likelyOf(diagnoseSurface('tacky', caseOf([thick], { sinceH }))).join();
    expect(said).toContain('not due yet');
    expect(said).toContain('takes 3.0 h');
  });

  it('liquid clay that goes into no oven stays wet, and one that does is not to blame', () => {
    const slip = layer('slip', 'liquid-clay');
    const said = (...layers: CoatLayer[]) => likelyOf(diagnoseSurface('tacky', caseOf(layers))).join();
    expect(said(slip)).toContain('no bake comes after it');
    expect(said(slip, layer('bake', null))).not.toContain('no bake');
  });

  it('an own drying time goes before the handbook’s, as in its figure', () => {
    const base = layer('base', 'acrylic');
    const sinceH = new Map([[base.id, 1]]);
    const said = (own: Record<string, number>) =>
      likelyOf(diagnoseSurface('tacky', caseOf([base], { sinceH, own }))).join();
    expect(said({})).not.toContain('not due yet');
    expect(said({ 'dry.paint': 180 })).toContain('takes 3.0 h');
  });

  it('damp, cold rooms are named where they are what makes it slow', () => {
    const room = { tempC: 12, humidityPct: 80 };
    const said = likelyOf(diagnoseSurface('tacky', caseOf([layer('base', 'acrylic')], { room }))).join();
    expect(said).toContain('damp air');
    expect(said).toContain('a cold room');
    expect(said).not.toContain('laid thick');
  });

  it('a wash over unprimed paint is why it lifted, and the way out is the next time', () => {
    const layers = [layer('base', 'acrylic'), layer('shade', 'wash')];
    const found = diagnoseSurface('lifts', caseOf(layers, { ways: [{ says: 'seal before the wash' }] }));
    expect(found.causes[0]?.isLikely).toBe(true);
    expect(found.causes[0]?.evidence).toContain('wash');
    expect(found.nextTime).toEqual(['seal before the wash']);
  });

  it('what the record does not bear out is not called likely', () => {
    const good = [layer('prime', 'primer'), layer('base', 'acrylic')];
    for (const trouble of SURFACE_TROUBLES)
      expect(likelyOf(diagnoseSurface(trouble, caseOf(good))), trouble).toEqual([]);
  });
});

describe('what went wrong with a joint', () => {
  const way = {
    way: 'superglue',
    title: 'superglue',
    level: 'doubtful',
    says: ['it eats foam'],
    bears: 0.4,
    holdMin: 1,
  } as const;
  const better = {
    ...way,
    way: 'epoxy-glue',
    title: 'epoxy glue',
    level: 'good',
    says: [],
    bears: 6,
  } as const;

  it('what spoke against it is why it let go; what bears it is the next time', () => {
    const joint = { ...DEFAULT_JOINT, way: 'superglue', gapMm: 0.6 } as const;
    const found = diagnoseJoint('let-go', { joint, ways: [better, way], room: USUAL_ROOM });
    const said = found.causes.filter(({ isLikely }) => isLikely).map(({ says }) => says);
    expect(said.join()).toContain('eats foam');
    expect(said.join()).toContain('gap is wider');
    expect(said.join()).toContain('nothing pins it');
    expect(found.nextTime[0]).toContain('epoxy glue');
  });

  it('superglue whitens round it, epoxy does not', () => {
    const of = (glue: 'superglue' | 'epoxy-glue') =>
      diagnoseJoint('white', {
        joint: { ...DEFAULT_JOINT, way: glue },
        ways: [],
        room: USUAL_ROOM,
      }).causes.filter(({ isLikely }) => isLikely).length;
    expect(of('superglue')).toBe(1);
    expect(of('epoxy-glue')).toBe(0);
  });
});

describe('what went wrong with a pour', () => {
  const resin: PourCase = {
    of: 'resin',
    deepMm: 30,
    layerMm: 10,
    layers: 3,
    ratio: 2,
    shrinkPct: 1,
    room: USUAL_ROOM,
    isOpenBed: false,
  };
  const likelyFor = (trouble: Parameters<typeof diagnosePour>[0], one: PourCase) =>
    diagnosePour(trouble, one).causes.filter(({ isLikely }) => isLikely);

  it('deep resin gets hot, deep glue stays white under its skin', () => {
    expect(likelyFor('hot', resin)).toHaveLength(1);
    expect(likelyFor('cloudy', resin)).toHaveLength(0);
    const glue: PourCase = { ...resin, of: 'glue', ratio: null, layerMm: 2, layers: 34, shrinkPct: 55 };
    expect(likelyFor('hot', glue)).toHaveLength(0);
    expect(likelyFor('cloudy', glue)[0]?.says).toContain('never dries');
    expect(likelyFor('sank', glue)[0]?.evidence).toContain('55 %');
  });

  it('one that is as it should be has no likely cause in its record, but for its mix', () => {
    const shallow = { ...resin, deepMm: 8, layers: 1 };
    for (const trouble of ['cloudy', 'bubbled', 'leaked', 'hot', 'sank'] as const)
      expect(likelyFor(trouble, shallow), trouble).toEqual([]);
    expect(likelyFor('soft', shallow)[0]?.evidence).toContain('2 to 1');
  });
});
