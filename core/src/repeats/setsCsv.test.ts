import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../demo/entries.ts';
import { DEFAULT_REPEAT } from '../piece/index.ts';
import { oneLog } from './oneLog.ts';
import { setsCsv } from './setsCsv.ts';

const ball = { kind: 'ball', diameterMm: 10 } as const;

describe('sets as a table', () => {
  it('a line each with its tally, read back as it was; names that begin like a formula are none', () => {
    const tally = { made: 5, good: 4, used: 1, minutes: 12.34 };
    const parts = [
      demoPart('host', 'Quay, old', ball, ofClay('stone')),
      demoPart('bead', '=beads()', ball, {
        ...ofClay('stone'),
        parent: 'host' as never,
        repeat: { ...DEFAULT_REPEAT, way: 'press', tally },
      }),
      demoPart('plain', 'Plain', ball, ofClay('stone')),
    ];
    const text = setsCsv(parts, (part, key) =>
      part === 'bead' && key === 'repeats.make'
        ? ({ quantity: { value: 12, unit: 'count' } } as never)
        : undefined,
    );
    const [row, ...more] = Papa.parse<Record<string, string>>(text, { header: true }).data;
    expect(more).toEqual([]);
    expect(row).toMatchObject({
      set: "'=beads()",
      on: 'Quay, old',
      way: 'press',
      'to make': '12',
      good: '4',
      'minutes at it': '12.3',
      needed: '',
    });
  });
});

describe('one log for all', () => {
  it('has the clay of all of them: π ÷ 4 × d² × length', () => {
    const log = oneLog(100, 5, 10);
    expect((Math.PI / 4) * 25 * log.lengthMm).toBeCloseTo(1000, 9);
    expect(log.cutMm * 10).toBeCloseTo(log.lengthMm, 12);
    expect(() => oneLog(0, 5, 10)).toThrow(/wants clay/);
  });
});
