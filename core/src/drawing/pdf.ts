import type { jsPDF } from 'jspdf';
import { CAP_HEIGHT, PAPER_FILL, WEIGHT_MM, WIRE } from './svg.ts';
import type { DrawItem, Drawing } from './types.ts';

const POINTS_PER_MM = 72 / 25.4;
const INK = '#1b2425';
const QUIET = '#5c6864';
const ACCENT = '#a8461f';

/** The built-in faces know the Latin-1 characters only; the rest have plain twins. */
function printable(text: string): string {
  return text
    .replace(/−/g, '-')
    .replace(/[’‘′]/g, "'")
    .replace(/[“”″]/g, '"')
    .replace(/[–—]/g, '-')
    .replace(/⌀/g, 'dia.')
    .replace(/[₀-₉]/g, (c) => String(c.charCodeAt(0) - 0x2080))
    .replace(/[^\u0020-\u00ff]/g, '?');
}

type Point = readonly [number, number];

function polyline(doc: jsPDF, points: readonly Point[], style: 'S' | 'F' | 'FD', closed: boolean): void {
  const [first, ...rest] = points;
  if (!first || rest.length === 0) return;
  let [x, y] = first;
  const steps = rest.map(([u, v]) => {
    const step = [u - x, v - y];
    [x, y] = [u, v];
    return step;
  });
  doc.lines(steps, first[0], first[1], [1, 1], style, closed);
}

/** Sets one line; the anchor holds along the turned baseline too. */
function drawText(doc: jsPDF, item: DrawItem & { kind: 'text' }, text: string, x: number, y: number): void {
  const share = { start: 0, middle: 0.5, end: 1 }[item.anchor];
  const back = doc.getTextWidth(text) * share;
  const turned = ((item.turned ?? 0) * Math.PI) / 180;
  doc.text(text, x - back * Math.cos(turned), y + back * Math.sin(turned), { angle: item.turned ?? 0 });
}

function drawItem(doc: jsPDF, item: DrawItem, place: (point: Point) => Point): void {
  const pen = (weight: keyof typeof WEIGHT_MM, accent = false) => {
    doc.setLineWidth(WEIGHT_MM[weight]);
    doc.setDrawColor(accent ? ACCENT : INK);
  };
  switch (item.kind) {
    case 'area':
      pen(item.weight);
      for (const polygon of item.outline)
        polygon.forEach((ring, i) => {
          doc.setFillColor(
            i === 0 && item.material !== 'none' ? PAPER_FILL[item.material] : PAPER_FILL.paper,
          );
          polyline(
            doc,
            ring.map(place),
            item.material === 'none' ? 'S' : item.material === 'ink' ? 'F' : 'FD',
            true,
          );
        });
      return;
    case 'line':
      pen(item.weight, item.accent);
      if (item.wireMm !== undefined) {
        doc.setLineWidth(item.wireMm);
        doc.setDrawColor(WIRE);
      }
      doc.setLineDashPattern(item.dashed ? [3, 1.5] : [], 0);
      polyline(doc, item.points.map(place), 'S', false);
      doc.setLineDashPattern([], 0);
      return;
    case 'circle': {
      const [x, y] = place(item.at);
      pen(item.weight, item.accent);
      doc.circle(x, y, item.diameterMm / 2, 'S');
      return;
    }
    case 'image': {
      const [x, y] = place([item.at[0], item.at[1] + item.heightMm]);
      doc.addImage(item.href, 'JPEG', x, y, item.widthMm, item.heightMm);
      return;
    }
    case 'text': {
      const [x, y] = place(item.at);
      doc.setFont(item.face === 'figures' ? 'courier' : 'helvetica', item.bold ? 'bold' : 'normal');
      doc.setFontSize((item.size / CAP_HEIGHT) * POINTS_PER_MM);
      doc.setTextColor(item.accent ? ACCENT : item.quiet ? QUIET : INK);
      drawText(doc, item, printable(item.text), x, y);
      return;
    }
  }
}

/**
 * Lays a drawing on a page at true size.
 *
 * @param doc a document in millimetres, left on the page drawn on
 * @param leftMm where the drawing’s left edge lies
 * @param topMm where its upper edge lies, from the top
 */
export function drawOnPage(doc: jsPDF, drawing: Drawing, leftMm: number, topMm: number): void {
  const place = ([x, y]: Point): Point => [leftMm + x, topMm + drawing.heightMm - y];
  for (const item of drawing.items) drawItem(doc, item, place);
}
