import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { handbookRow } from '../handbook/index.ts';
import type { Part, Piece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { StepTime } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const ferry = lowWaterFerry(NOW);

/** Minutes of the steps of one part alone, changed or not, by the kind of the step. */
function minutesOf(id: string, change: Partial<Part> = {}) {
  const part = ferry.parts.find((one) => one.id === id);
  if (!part) throw new Error(`no ${id}`);
  const piece: Piece = {
    ...ferry,
    parts: [{ ...part, parent: null, ...change }],
    fits: [],
    log: [],
    decisions: [],
    zones: [],
  };
  const { route, book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const of = (...kinds: string[]) => {
    const steps = route.route.steps.filter(({ kind }) => kinds.includes(kind));
    const times = steps.flatMap((step) => route.times.get(step.id) ?? []);
    const sum = (pick: (time: (typeof times)[number]) => number) =>
      times.reduce((all, time) => all + pick(time), 0);
    return {
      quick: sum(({ handsRange }) => handsRange.low),
      likely: sum(({ handsMin }) => handsMin),
      slow: sum(({ handsRange }) => handsRange.high),
    };
  };
  return { of, route, book };
}

const feature = (wanted: number, over: Partial<Part['features'][number]> = {}) => ({
  name: 'teeth',
  wanted,
  made: 0,
  ahead: false,
  facial: false,
  how: 'relief' as const,
  acrossMm: null,
  ...over,
});

describe('hours that a maker believes', () => {
  it('24 teeth or scales take a quarter of an hour, made and placed (common practice)', () => {
    const teeth = minutesOf('post', { features: [feature(24)] }).of('detail');
    expect(teeth.likely).toBeGreaterThan(12);
    expect(teeth.likely).toBeLessThan(18);
    // One more always takes longer.
    const minutes = [1, 2, 3, 8, 24, 60].map(
      (n) => minutesOf('post', { features: [feature(n)] }).of('detail').likely,
    );
    expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
  });

  it('a face at 1:12 takes hours, over three or four tries (common practice); one a third as high, minutes', () => {
    const face = minutesOf('ferrywoman', { features: [] }).of('detail');
    expect(face.likely).toBeGreaterThan(90);
    expect(face.slow).toBeLessThan(400);
    const small = minutesOf('ferrywoman', {
      features: [],
      form: {
        ...(ferry.parts.find(({ id }) => id === 'ferrywoman')?.form as object),
        statureMm: 1660 / 3,
      } as never,
    }).of('detail');
    expect(small.likely).toBeCloseTo(face.likely / 3, 0);
  });

  it('a tree of 50 cm: wire, clay and texture two to three days the first time; texture an hour (common practice)', () => {
    const form = ferry.parts.find(({ id }) => id === 'willow')?.form;
    if (form?.kind !== 'tree') throw new Error('no willow');
    const grown = 6000 / form.heightMm;
    const tree = minutesOf('willow', {
      form: {
        ...form,
        heightMm: 6000,
        spreadMm: form.spreadMm * grown,
        trunkMm: form.trunkMm * grown,
        forkMm: form.forkMm * grown,
      },
    });
    const all = tree.of('wire', 'bind', 'core', 'skin', 'clean');
    expect(tree.book.get('willow/size.height')?.quantity.value).toBeCloseTo(500, -1);
    // Two days of eight hours at the least, three of twelve at the most; this one has a stout trunk.
    expect(all.likely / 60).toBeGreaterThan(12);
    expect(all.slow / 60).toBeGreaterThan(16);
    expect(all.slow / 60).toBeLessThan(38);
    const texture = tree.of('clean');
    expect(texture.likely).toBeGreaterThan(45);
    expect(texture.likely).toBeLessThan(75);
  });

  it('balling a core takes no longer than the clay over it (common practice)', () => {
    for (const id of ['quay', 'ferrywoman', 'willow', 'lantern']) {
      const { of } = minutesOf(id);
      expect(of('core').likely, id).toBeLessThanOrEqual(Math.max(6, of('skin').likely));
    }
  });

  it('a coat of paint on a figure takes minutes, not hours (common practice)', () => {
    const { route } = minutesOf('ferrywoman');
    const coats = route.route.steps.filter(({ kind }) => kind === 'coat' || kind === 'seal');
    expect(coats.length).toBeGreaterThan(3);
    for (const { id } of coats) {
      const { low = 0, high = 0 } = route.times.get(id)?.handsRange ?? {};
      expect(low).toBeGreaterThanOrEqual(4);
      expect(high).toBeLessThan(30);
    }
  });

  it('what is entered goes before what is reckoned, and has no range', () => {
    const { route } = minutesOf('post');
    const skin = route.route.steps.find(({ kind }) => kind === 'skin');
    if (!skin) throw new Error('no clay');
    const ground = { ...route.ground };
    expect(new StepTime({ ...skin, handsMin: 7 }, ground)).toMatchObject({
      handsMin: 7,
      handsRange: { low: 7, high: 7 },
    });
    const reckoned = new StepTime(skin, ground).hands.quantity;
    expect(reckoned.low).toBeLessThan(reckoned.value);
    expect(reckoned.high).toBeGreaterThan(reckoned.value);
  });

  it('regions share the time of their part by the clay that goes on them', () => {
    const { route, of } = minutesOf('ferrywoman');
    const [body, head] = route.route.steps.filter(({ kind }) => kind === 'skin');
    const share = route.shares.get(head?.id ?? '') ?? 0;
    expect(share).toBeGreaterThan(0.02);
    expect(share + (route.shares.get(body?.id ?? '') ?? 0)).toBeCloseTo(1, 6);
    const minutes = (step: typeof head) => route.times.get(step?.id ?? '')?.handsMin ?? 0;
    const least = handbookRow('route.least').value;
    expect(minutes(head)).toBeCloseTo(Math.max(least, (minutes(body) * share) / (1 - share)), 6);
    expect(of('skin').likely).toBeCloseTo(minutes(body) + minutes(head), 9);
  });
});
