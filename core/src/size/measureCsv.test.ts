import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { measureCsv, takeMade } from './measureCsv.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const { contexts } = reckonPiece(ferry, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });
const table = measureCsv([...contexts.values()]);
const made = (text: string) => takeMade(ferry, contexts, text, NOW);
const head = 'part,measure,made_mm\n';

describe('the table of measures as CSV', () => {
  it('has a line a measure, with what was made and how far off it is', () => {
    const { data } = Papa.parse<Record<string, string>>(table, { header: true, skipEmptyLines: true });
    const stature = data.find(({ part, measure }) => part === 'ferrywoman' && measure === 'stature');
    // 1660 mm ÷ 12; made 138 mm reads as 1656 mm.
    expect(stature).toMatchObject({
      life_mm: '1660',
      miniature_mm: '138.333',
      made_mm: '138',
      reads_as_mm: '1656',
    });
    expect(Number(stature?.off_mm)).toBeCloseTo(-0.333, 3);
  });

  it('brought back in unchanged changes nothing', () => {
    expect(made(table)).toEqual({ piece: ferry, taken: 0, problems: [] });
  });

  it('takes what was made, by id or by name, with a comma or a point', () => {
    const { piece, taken, problems } = made(`${head}quay,height,110.5\nMooring post,height,"74,8"\n`);
    expect([taken, problems]).toEqual([2, []]);
    expect(piece.log).toHaveLength(ferry.log.length + 2);
    expect(piece.log.some(({ part, measure }) => part === 'post' && measure?.madeMm === 74.8)).toBe(true);
  });

  it('tells the lines it cannot use, and takes the others', () => {
    const { taken, problems } = made(
      `${head}moon,height,3\nquay,wingspan,3\nquay,height,tall\nquay,width,-4\nquay,depth,61\n`,
    );
    expect(taken).toBe(1);
    expect(problems).toEqual([
      'Line 2: no part “moon” here',
      'Line 3: Brick quay has no measure “wingspan”',
      'Line 4: “tall” is no length',
      'Line 5: “-4” is no length',
    ]);
  });

  it('is told apart from any other table', () => {
    expect(made('a,b\n1,2\n').problems[0]).toMatch(/no column part, measure, made_mm/);
    expect(made('').taken).toBe(0);
  });
});
