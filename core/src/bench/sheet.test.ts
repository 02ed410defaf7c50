import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { beforeAll, describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { type Drawing, type Paper, TilingError, tile, toSvg } from '../drawing/index.ts';
import { makeShapeStore } from '../form/index.ts';
import type { Piece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { benchSheet, partDrawing, stepHint } from './index.ts';
import { sheetPdf } from './sheetPdf.ts';

const NOW = '2026-05-01T09:00:00Z';
const MM_PER_POINT = 25.4 / 72;
const shapes = makeShapeStore();
const reckon = (piece: Piece) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
const ferry = lowWaterFerry(NOW);
const reckoned = reckon(ferry);

interface Measured {
  /** Straight strokes on the page, mm. */
  readonly strokes: { x0: number; y0: number; x1: number; y1: number }[];
  readonly text: string;
  readonly widthMm: number;
}

/** Opens a PDF and reads where its strokes lie. Path data is runs of 0 x y (move), 1 x y (line), 2 + six (curve), 4 (close). */
async function measured(bytes: ArrayBuffer): Promise<Measured[]> {
  const doc = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false, verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: doc.numPages }, async (_, i) => {
      const page = await doc.getPage(i + 1);
      const { fnArray, argsArray } = await page.getOperatorList();
      const strokes: Measured['strokes'] = [];
      let scale = 1;
      fnArray.forEach((fn, at) => {
        const args = argsArray[at];
        if (fn === OPS.transform) scale = args[0] as number;
        if (fn !== OPS.constructPath) return;
        const data = args[1][0] as Float32Array | null;
        if (!data) return;
        let [x, y] = [0, 0];
        for (let k = 0; k < data.length; ) {
          const op = data[k];
          if (op === 0 || op === 1) {
            const [u, v] = [data[k + 1] ?? 0, data[k + 2] ?? 0];
            if (op === 1) strokes.push({ x0: x, y0: y, x1: u, y1: v });
            [x, y] = [u, v];
            k += 3;
          } else if (op === 2) {
            [x, y] = [data[k + 5] ?? 0, data[k + 6] ?? 0];
            k += 7;
          } else k += 1;
        }
      });
      const toMm = scale * MM_PER_POINT;
      const content = await page.getTextContent();
      return {
        strokes: strokes.map(({ x0, y0, x1, y1 }) => ({
          x0: x0 * toMm,
          y0: y0 * toMm,
          x1: x1 * toMm,
          y1: y1 * toMm,
        })),
        text: content.items.map((item) => ('str' in item ? item.str : '')).join(' '),
        widthMm: ((page.view[2] ?? 0) - (page.view[0] ?? 0)) * MM_PER_POINT,
      };
    }),
  );
}

describe.each<Paper>(['A4', 'Letter'])('the bench sheet on %s', (paper) => {
  let pages: Measured[] = [];
  beforeAll(async () => {
    pages = await measured(sheetPdf(benchSheet(ferry, reckoned.given, paper, NOW), paper, 'test'));
  });

  it('bears on every page a check rule of 100 mm, right to 0.1 mm, with a tick at each end', () => {
    for (const { strokes } of pages) {
      const rule = strokes.filter(
        ({ x0, y0, x1, y1 }) => Math.abs(y1 - y0) < 0.01 && Math.abs(Math.abs(x1 - x0) - 100) < 0.1,
      );
      expect(rule.length).toBeGreaterThanOrEqual(1);
      const [found] = rule;
      if (!found) continue;
      const ticks = strokes.filter(
        ({ x0, x1, y0 }) => Math.abs(x0 - x1) < 0.01 && Math.abs(y0 - found.y0) < 0.05,
      );
      const xs = ticks.map(({ x0 }) => x0).sort((a, b) => a - b);
      expect((xs.at(-1) ?? 0) - (xs[0] ?? 0)).toBeGreaterThan(99.9);
      expect((xs.at(-1) ?? 0) - (xs[0] ?? 0)).toBeLessThan(100.1);
    }
  });

  it('draws the ferrywoman at the height of the clay: a dimension line of 138.3 mm', () => {
    const upright = pages.flatMap(({ strokes }) => strokes.filter(({ x0, x1 }) => Math.abs(x0 - x1) < 0.01));
    const lengths = upright.map(({ y0, y1 }) => Math.abs(y1 - y0));
    expect(Math.min(...lengths.map((length) => Math.abs(length - 138.333)))).toBeLessThan(0.05);
  });

  it('says parts, clay, bake, steps and care, and stays on the paper', () => {
    const text = pages.map((page) => page.text).join(' ');
    for (const words of [
      'Ferrywoman',
      'Clay to have out',
      'Bakes',
      'dial 122 °C (252 °F)',
      'Final bake · load 1: dial 122 °C',
      'Air the room',
      'not food-safe',
    ])
      expect(text).toContain(words);
    expect(pages[0]?.widthMm).toBeCloseTo(paper === 'A4' ? 210 : 215.9, 0);
    for (const { strokes, widthMm } of pages)
      for (const { x0, x1 } of strokes) expect(Math.max(x0, x1)).toBeLessThan(widthMm);
  });
});

describe('true size', () => {
  it('a part larger than the paper is tiled, with overlap', () => {
    const large: Piece = { ...ferry, scale: { kind: 'ratio', ratio: 4 } };
    const context = reckon(large).contexts.get('ferrywoman');
    if (!context) throw new Error('no ferrywoman');
    const drawing = partDrawing(context, 'front');
    const pages = tile(drawing, 186, 257);
    expect(pages).toHaveLength(2);
    // The part's outline on the two pages is shifted by a page less the 10 mm overlap.
    const firstY = (page: Drawing) => {
      const area = page.items.find((item) => item.kind === 'area');
      return area?.kind === 'area' ? (area.outline[0]?.[0]?.[0]?.[1] ?? 0) : 0;
    };
    const [a, b] = pages;
    expect(a && b && firstY(b.drawing) - firstY(a.drawing)).toBeCloseTo(257 - 10, 6);
  });

  it('a drawing that would take hundreds of pages is refused with the number', () => {
    expect(() => tile({ widthMm: 9000, heightMm: 9000, items: [] }, 186, 257)).toThrow(TilingError);
  });

  it('an SVG says its size in millimetres', () => {
    const context = reckoned.contexts.get('post');
    if (!context) throw new Error('no post');
    const drawing = partDrawing(context, 'side');
    expect(toSvg(drawing)).toContain(`height="${drawing.heightMm}mm"`);
    expect(drawing.heightMm).toBeCloseTo(75 + 19, 0);
  });
});

describe('what goes into the steps', () => {
  const hints = (piece: Piece) => {
    const found = reckon(piece);
    return found.route.route.steps
      .map(
        (step) =>
          `${step.title}: ${stepHint(step, { ...found.given, bakes: found.plan, shares: found.route.shares })}`,
      )
      .join('\n');
  };

  it('short bakes end in a final bake; one bake has no short bakes', () => {
    expect(hints(ferry)).toMatch(/Short bake 1: dial 122 °C, 10 min[\s\S]*Final bake: load 1: dial 122 °C/);
    const one = {
      ...ferry,
      brief: { ...ferry.brief, schools: { ...ferry.brief.schools, bakes: 'one' as const } },
    };
    expect(hints(one)).not.toContain('Short bake');
    // The thin handles would brown with the rest: they are a load of their own.
    expect(hints(one)).toMatch(/The bake: load 1: dial 122 °C, \d+ min .*; load 2: dial 122 °C/);
  });

  it('a core is torn off at once, clay is conditioned by its grams', () => {
    expect(hints(ferry)).toMatch(/Storm lantern: core: tear off .*foil.*, ball it in one go/);
    expect(hints(ferry)).toMatch(/Greylag goose: clay: condition [\d.]+ g/);
  });
});
