import { describe, expect, it } from 'vitest';
import { demoClay, demoFit, demoPart, ofClay } from '../../demo/entries.ts';
import { DEFAULT_STEP, type PartId, type RouteStep } from '../../piece/index.ts';
import { heedColours, heedInside, heedPractice, heedTexture } from './order.ts';

const BALL = { kind: 'ball', diameterMm: 20 } as const;
const clay = (id: string, colour: string) =>
  demoClay(id, { name: id, family: 'all-purpose', colour, packG: 57, packPrice: null });
const step = (kind: RouteStep['kind'], ...parts: string[]): RouteStep => ({
  ...DEFAULT_STEP,
  id: `${kind}-${parts.join('-')}`,
  kind,
  title: `${kind} ${parts.join(' and ')}`,
  parts: parts as PartId[],
});
const piece = {
  clays: [clay('black', '#202020'), clay('white', '#f4f2ec'), clay('cream', '#efe6d0')],
  parts: [
    demoPart('cat', 'Cat', BALL, ofClay('black')),
    demoPart('egg', 'Egg', BALL, { ...ofClay('white'), count: 6 }),
    demoPart('cup', 'Cup', BALL, ofClay('cream')),
    demoPart('crate', 'Crate', BALL, ofClay('cream')),
  ],
  fits: [demoFit('cup-in', 'goes-into', 'cup', 'crate')],
};

describe('what only the order knows', () => {
  it('light clay behind dark is told, dark behind light and like behind like are not', () => {
    const steps = [
      step('skin', 'egg'),
      step('skin', 'cat'),
      step('bake'),
      step('skin', 'cup'),
      step('detail', 'egg'),
    ];
    const found = steps.map((_, i) => heedColours(i, { steps }, piece).map(({ says }) => says));
    expect(found.map((one) => one.length)).toEqual([0, 0, 0, 1, 0]);
    expect(found[3]?.[0]).toMatch(/^cream comes after black/);
    expect(heedColours(3, { steps }, piece)[0]?.waysOut[0]?.says).toBe('do it before “skin cat”');
  });

  it('what is in another thing is not reached any more', () => {
    const steps = [
      step('coat', 'cup'),
      step('assemble', 'cup', 'crate'),
      step('coat', 'cup'),
      step('coat', 'crate'),
    ];
    expect(steps.map((_, i) => heedInside(i, { steps }, piece).length)).toEqual([0, 0, 1, 0]);
    expect(heedInside(2, { steps }, piece)[0]?.says).toMatch(/^Cup is inside Crate by then/);
  });

  it('the first of several alike is practice, once', () => {
    const steps = [step('detail', 'cat'), step('detail', 'egg'), step('detail', 'egg')];
    const all = steps.map((_, i) => heedPractice(i, { steps }, piece.parts).length);
    expect(all).toEqual([0, 1, 0]);
  });

  it('texture is told apart by when it is made, and what is handled has low relief', () => {
    const feature = (name: string, ahead: boolean) => ({
      name,
      ahead,
      wanted: 2,
      made: 0,
      facial: false,
      how: 'dot' as const,
      acrossMm: 4,
    });
    const part = {
      name: 'Cat',
      features: [feature('eyes', true), feature('spots', false), feature('lashes', false)],
    };
    const found = (kind: RouteStep['kind'], purpose: 'display' | 'handled') =>
      heedTexture({ kind }, part, { purpose }, ({ name }) => name === 'lashes').map(({ says }) => says);
    expect(found('detail', 'display')).toEqual([
      'Cat: made ahead and let in: eyes; into the raw clay, before the bake: spots; painted or glued on after it: lashes',
    ]);
    expect(found('detail', 'handled')[1]).toMatch(/low relief/);
    expect(found('skin', 'handled')).toEqual([]);
  });
});
