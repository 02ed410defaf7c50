import { describe, expect, it } from 'vitest';
import { demoClay } from '../demo/entries.ts';
import type { Form } from '../form/index.ts';
import { makeShapeStore } from '../form/index.ts';
import {
  addPart,
  type ClayId,
  type ClayLayer,
  DEFAULT_LAYER,
  DEFAULT_PART,
  newPiece,
  type Part,
  type PartId,
  setAt,
} from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { clayBill } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const CLAYS = ['body', 'rock'].map((id) =>
  demoClay(id, { name: id, family: 'all-purpose', colour: '#aa4444', packG: 50, packPrice: 5 }),
);

function pieceOf(form: Form, over: Partial<Part> = {}) {
  const part: Part = {
    ...DEFAULT_PART,
    id: 'it' as PartId,
    name: 'It',
    form,
    sized: 'miniature',
    mix: [{ clay: 'body' as ClayId, parts: 1 }],
    core: { kind: 'none', skinMm: null, packed: 'balled' },
    ...over,
  };
  return addPart({ ...newPiece('p', NOW), clays: CLAYS }, part);
}

function reckoned(piece: ReturnType<typeof pieceOf>) {
  const found = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  expect(found.faults).toEqual([]);
  const [bulk, context] = [found.bulk.get('it'), found.contexts.get('it')];
  if (!bulk || !context) throw new Error('not of clay');
  const mm3 = (pass: number) =>
    bulk.uses.filter((use) => use.pass === pass).reduce((sum, { volumeMm3 }) => sum + volumeMm3, 0);
  return { ...found, bulk, context, mm3, route: found.route.route };
}

const layer = (over: Partial<ClayLayer>): ClayLayer => ({ ...DEFAULT_LAYER, id: 'second', ...over });
const ballOf = (across: number) => (Math.PI * across ** 3) / 6;
const ball: Form = { kind: 'ball', diameterMm: 40 };

describe('a second clay over the baked first', () => {
  it('takes a shell off a ball, and leaves the ball within (volumes of balls)', () => {
    const { mm3, bulk } = reckoned(pieceOf(ball, { layers: [layer({ thicknessMm: 6 })] }));
    expect(mm3(2)).toBeCloseTo(ballOf(40) - ballOf(28), 0);
    expect(mm3(1)).toBeCloseTo(ballOf(28), 0);
    expect(bulk.thickest.quantity.value).toBeCloseTo(28, 6);
  });

  it('three deep, each takes its own shell from the outside in', () => {
    const layers = [
      layer({ id: 'third', thicknessMm: 3, pass: 3 }),
      layer({ thicknessMm: 5, mix: [{ clay: 'rock' as ClayId, parts: 1 }] }),
    ];
    const { mm3, bulk, context } = reckoned(pieceOf(ball, { layers }));
    expect(mm3(3)).toBeCloseTo(ballOf(40) - ballOf(34), 0);
    expect(mm3(2)).toBeCloseTo(ballOf(34) - ballOf(24), 0);
    expect(mm3(1)).toBeCloseTo(ballOf(24), 0);
    const bill = clayBill([{ context, bulk }], 'pass');
    expect(bill.map(({ name, grams }) => [name, [...grams.keys()]])).toEqual([
      ['for bake 1', ['body']],
      ['for bake 2', ['rock']],
      ['for bake 3', ['body']],
    ]);
  });

  it('lies over a core: what the shell has left goes on first', () => {
    const core = { kind: 'foil', skinMm: 5, packed: 'balled' } as const;
    const { mm3, bulk } = reckoned(pieceOf(ball, { core, layers: [layer({ thicknessMm: 2 })] }));
    expect(mm3(2)).toBeCloseTo(ballOf(40) - ballOf(36), 0);
    expect(mm3(1)).toBeCloseTo(ballOf(36) - ballOf(30), 0);
    expect(bulk.thickest.quantity.value).toBeCloseTo(3, 6);
  });

  it('thicker than the clay over the core, it takes that and no foil', () => {
    const core = { kind: 'foil', skinMm: 3, packed: 'balled' } as const;
    const { mm3 } = reckoned(pieceOf(ball, { core, layers: [layer({ thicknessMm: 8 })] }));
    expect(mm3(2)).toBeCloseTo(ballOf(40) - ballOf(34), 0);
    expect(mm3(1)).toBe(0);
  });

  it('over some regions of a creature leaves the others as they were, and comes to the same clay', () => {
    const beast = {
      kind: 'beast',
      withersMm: 100,
      proportions: 'dog',
      build: 1,
      pose: 'standing',
      angles: {},
    } as Form;
    const plain = reckoned(pieceOf(beast));
    const layered = reckoned(pieceOf(beast, { layers: [layer({ regions: ['trunk'], thicknessMm: 3 })] }));
    const of = ({ bulk }: typeof plain, region: string) =>
      bulk.uses.filter((use) => use.region === region).reduce((sum, { volumeMm3 }) => sum + volumeMm3, 0);
    for (const { region } of plain.bulk.uses)
      expect(of(layered, region) / of(plain, region), region).toBeCloseTo(1, 6);
    expect(new Set(layered.bulk.uses.filter(({ pass }) => pass === 2).map(({ region }) => region))).toEqual(
      new Set(['trunk']),
    );
    expect(layered.bulk.thickest.quantity.value).toBeLessThan(plain.bulk.thickest.quantity.value);
  });

  it('the route lays it on after the first bake and bakes again', () => {
    const { route } = reckoned(pieceOf(ball, { layers: [layer({ name: 'rock', thicknessMm: 6 })] }));
    const at = (kind: string, nth: number) =>
      route.steps.flatMap((step, i) => (step.kind === kind ? [i] : []))[nth] ?? -1;
    const [first, second] = [at('bake', 0), at('bake', 1)];
    expect(route.steps[at('skin', 1)]?.title).toBe('It: rock');
    expect([at('skin', 0), first, at('skin', 1), second]).toEqual(
      [at('skin', 0), first, at('skin', 1), second].sort((a, b) => a - b),
    );
    expect(first).toBeGreaterThanOrEqual(0);
    expect(second).toBeGreaterThan(first);
  });

  it('is the way out of too thick a ball, at a press, and helps', () => {
    const piece = pieceOf({ kind: 'ball', diameterMm: 30 });
    const { verdict } = reckoned(piece).bulk.thickest;
    expect(verdict?.level).toBe('stop');
    const way = verdict?.waysOut.find(({ says }) => says.startsWith('build it up in two bakes'));
    if (!way?.change) throw new Error('no way out');
    const mended = reckoned(setAt(piece, way.change.path, way.change.value));
    expect(mended.bulk.thickest.verdict?.level).toBe('good');
  });
});
