import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourApart, lightnessOf } from '../../colour/index.ts';
import { type CoatLayer, DEFAULT_COAT_LAYER } from '../../piece/index.ts';
import { proposeLayers } from '../layers/propose.ts';
import { contrastsOf, looksOf } from './look.ts';
import { colourThatShows, lookRates } from './reckonLook.ts';

const rates = lookRates({});
const layer = (over: Partial<CoatLayer>): CoatLayer => ({
  ...DEFAULT_COAT_LAYER,
  id: over.kind ?? 'x',
  of: 'acrylic',
  ...over,
});
const base = (colour: string, coats = 2) => layer({ kind: 'base', colour, coats });
const dry = (colour: string) => layer({ kind: 'drybrush', colour });
const wash = (colour: string) => layer({ kind: 'shade', of: 'wash', colour });

describe('how a surface looks', () => {
  it('two coats hide what is dark under them, one does not (common practice)', () => {
    const over = (coats: number) => looksOf('#1c1a19', [base('#e8e4da', coats)], rates).at(-1)?.flat ?? '';
    expect(colourApart(over(1), '#e8e4da')).toBeGreaterThan(2);
    expect(colourApart(over(2), '#e8e4da')).toBeLessThan(2);
  });

  it('a wash settles: dark in the folds, a little on the flat, least on the edges', () => {
    const look = looksOf('#c9b6a0', [base('#a08060'), wash('#1c1410')], rates).at(-1);
    const [deep, flat, raised] = [look?.deep, look?.flat, look?.raised].map((colour) =>
      lightnessOf(colour ?? ''),
    ) as [number, number, number];
    expect(deep).toBeLessThan(flat - 15);
    expect(flat).toBeLessThan(raised);
  });

  it('white dry brush does not show on pale grey; after a wash under it, or on dark, it does (common practice)', () => {
    const apart = (layers: readonly CoatLayer[]) =>
      contrastsOf(layers, looksOf('#c9b6a0', layers, rates)).at(-1)?.apart ?? 0;
    expect(apart([base('#d9d8d4'), dry('#ffffff')])).toBeLessThan(15);
    expect(apart([base('#4a4d4c'), dry('#ffffff')])).toBeGreaterThan(15);
  });

  it('a colour that shows is found, the nearest there is; over white nothing lighter is', () => {
    const layers = [base('#6a6d6c'), dry('#7d807f')];
    const found = colourThatShows({ bodyColour: '#c9b6a0', layers }, 1, 'lighter', 15, rates);
    const seen = contrastsOf(
      [base('#6a6d6c'), dry(found ?? '')],
      looksOf('#c9b6a0', [base('#6a6d6c'), dry(found ?? '')], rates),
    )[0];
    expect(seen?.apart).toBeGreaterThanOrEqual(15);
    expect(seen?.apart).toBeLessThan(24);
    const pale = [base('#f6f5f2'), dry('#f9f9f7')];
    expect(colourThatShows({ bodyColour: '#c9b6a0', layers: pale }, 1, 'lighter', 15, rates)).toBeNull();
  });

  it('what is proposed shows, whatever the colour (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 0xffffff }),
        fc.constantFrom('sealed' as const, 'direct' as const),
        (n, washed) => {
          const colour = `#${n.toString(16).padStart(6, '0')}`;
          const layers = proposeLayers({
            zone: { colour, sheen: 'matt', meets: [] },
            body: 'clay',
            state: 'baked',
            schools: { colour: 'painted', wash: washed },
          });
          for (const { apart, layer: of } of contrastsOf(layers, looksOf('#c9b6a0', layers, rates)))
            expect(apart, `${of.kind} over ${colour}`).toBeGreaterThanOrEqual(15);
        },
      ),
      { seed: 1931, numRuns: 150 },
    );
  });
});
