import { describe, expect, it } from 'vitest';
import { DEFAULT_ENTRY, type LogEntry, type RuleResult } from '../piece/index.ts';
import { PLAIN_GROUND } from './constraints.ts';
import { gradeOf, judgeRoute, seenOf, seenSays } from './index.ts';
import { route, step } from './testRoute.ts';

/** A figure modelled and baked, painted with a stuff, and baked again for more clay. */
const paintedThrough = (leaves: Parameters<typeof gradeOf>[1]) =>
  route(
    step('skin', 'skin', { regions: ['body'] }),
    step('first', 'bake'),
    step('cooled', 'cool', { needs: ['first'] }),
    step('paint', 'coat', { leaves, regions: ['body'] }),
    step('more', 'skin', { regions: ['hat'] }),
    step('second', 'bake'),
    step('cooled-again', 'cool', { needs: ['second'] }),
  );
const said = (list: readonly { readonly says: string }[]) => list.map(({ says }) => says).join('\n');
const seen = (good: number, bad: number) => ({ ...PLAIN_GROUND, seen: () => ({ good, bad }) });

describe('rules that know what works (common practice)', () => {
  it.each(['wash', 'acrylic', 'pastel', 'powder', 'glaze', 'liquid-clay', 'grit'] as const)(
    '%s goes through a later bake, and onto bare baked clay, without a mark',
    (stuff) => {
      const sealed = paintedThrough(stuff);
      const later = { ...sealed, steps: [...sealed.steps, step('seal', 'seal')] };
      for (const one of [sealed, later]) {
        const { faults, checks } = judgeRoute(one);
        expect([said(faults), said(checks)]).toEqual(['', '']);
      }
    },
  );

  it('varnish with solvent stops, a water-based sealer is to be looked at', () => {
    expect(said(judgeRoute(paintedThrough('varnish')).faults)).toContain('paint does not bear the oven');
    const { faults, checks } = judgeRoute(paintedThrough('sealer'));
    expect(faults).toEqual([]);
    expect(said(checks)).toMatch(/which often goes wrong/);
  });

  it('five bakes of one head, more clay at each, and cut and filed cured clay pass without a mark', () => {
    const many = Array.from({ length: 5 }, (_, i) => [
      step(`clay-${i}`, 'skin', { regions: [`layer ${i}`] }),
      step(`bake-${i}`, 'bake'),
      step(`cool-${i}`, 'cool', { needs: [`bake-${i}`] }),
      step(`file-${i}`, 'sand', { regions: [`layer ${i}`] }),
    ]).flat();
    const { faults, checks } = judgeRoute(route(...many));
    expect([said(faults), said(checks)]).toEqual(['', '']);
  });
});

describe('what the maker has seen', () => {
  it('a good result lowers a rule by a grade, a bad one raises it, and as many of each leave it', () => {
    expect(gradeOf('bake-coat', 'varnish', { good: 0, bad: 0 })).toBe('stop');
    expect(gradeOf('bake-coat', 'varnish', { good: 1, bad: 0 })).toBe('check');
    expect(gradeOf('bake-coat', 'sealer', { good: 1, bad: 0 })).toBe('silent');
    expect(gradeOf('bake-coat', 'sealer', { good: 0, bad: 1 })).toBe('stop');
    expect(gradeOf('bake-coat', 'wash', { good: 0, bad: 1 })).toBe('check');
    expect(gradeOf('bake-coat', 'wash', { good: 2, bad: 2 })).toBe('silent');
  });

  it('moves the verdict of the route, and is told with it', () => {
    expect(judgeRoute(paintedThrough('sealer'), seen(1, 0)).checks).toEqual([]);
    expect(said(judgeRoute(paintedThrough('wash'), seen(0, 1)).checks)).toContain(
      'it went badly once for you',
    );
    expect(seenSays({ good: 3, bad: 1 })).toBe('it went well 3 times, badly once for you');
    expect(seenSays({ good: 0, bad: 0 })).toBe('');
  });

  it('is read off the log for the rule and the stuff it was about, and gone when the entry is', () => {
    const entry = (result: RuleResult): LogEntry => ({
      ...DEFAULT_ENTRY,
      id: 'e' as LogEntry['id'],
      at: '2026-05-01T09:00:00Z',
      kind: 'result',
      result,
    });
    const log = [
      entry({ rule: 'bake-coat', stuff: 'sealer', outcome: 'good' }),
      entry({ rule: 'bake-coat', stuff: 'wash', outcome: 'bad' }),
      entry({ rule: 'seal-coat', stuff: 'sealer', outcome: 'bad' }),
    ];
    expect(seenOf({ log }, 'bake-coat', 'sealer')).toEqual({ good: 1, bad: 0 });
    expect(seenOf({ log: log.slice(1) }, 'bake-coat', 'sealer')).toEqual({ good: 0, bad: 0 });
  });
});
