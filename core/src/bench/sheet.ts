import { planOfPiece } from '../bake/plan/index.ts';
import { claysOfPiece } from '../bulk/index.ts';
import type { Given, PartContext, PartFacts } from '../context/index.ts';
import { type Drawing, type Paper, tile } from '../drawing/index.ts';
import { CARE } from '../handbook/index.ts';
import type { Piece } from '../piece/index.ts';
import { formatQuantity } from '../reckoning/index.ts';
import { routeOfPiece } from '../route/index.ts';
import { formatInchFraction, formatMiniMm, miniMm } from '../units/index.ts';
import { inBothDegrees } from './bothDegrees.ts';
import { layOut } from './layOut.ts';
import { PageWriter } from './pageWriter.ts';
import { partDrawing } from './partDrawing.ts';
import { stepHint } from './stepHint.ts';

function writeHead(writer: PageWriter, piece: Piece, { find, contexts }: Given, now: string): void {
  const scale = [...contexts.values()][0]?.scale;
  writer.line([{ text: piece.name, x: 0, bold: true }], 7);
  const due = piece.brief.due ? ` · due ${piece.brief.due}` : '';
  const named = scale
    ? [scale.label, scale.says].filter(Boolean).join(', ')
    : formatQuantity(find(null, 'size.scale')?.quantity ?? { value: 0, unit: '' });
  writer.line([{ text: `${named} · ${now.slice(0, 10)}${due}`, x: 0, quiet: true }]);
  if (piece.brief.note !== '') writer.paragraph(piece.brief.note);
}

function writeBake(writer: PageWriter, given: Given): void {
  const loads = given.piece(planOfPiece).bakes.flatMap((bake) => bake.loads.map((load) => ({ bake, load })));
  if (loads.length === 0) return;
  writer.heading('Bakes');
  for (const { bake, load } of loads) {
    const of = bake.loads.length > 1 ? `, load ${load.number}` : '';
    const names = load.parts.map(({ part }) => given.contexts.get(part)?.part.name ?? part).join(', ');
    writer.paragraph(
      `${bake.number}. ${bake.title}${of}: dial ${inBothDegrees({ value: load.dialC, unit: '°C' })}, ${load.minutes} min from door shut to door open: ${names}`,
      4,
    );
  }
}

const COLUMNS = { n: 62, size: 108, clay: 128, foil: 148, hold: 178 } as const;

function writeParts(writer: PageWriter, piece: Piece, { find, contexts }: Given): void {
  writer.heading('Parts');
  const end = (text: string, x: number, figures = true) => ({ text, x, anchor: 'end', figures }) as const;
  writer.line([
    { text: 'part', x: 0, quiet: true },
    { ...end('n', COLUMNS.n, false), quiet: true },
    { ...end('high × wide × deep, mm', COLUMNS.size, false), quiet: true },
    { ...end('clay, all', COLUMNS.clay, false), quiet: true },
    { ...end('foil, each', COLUMNS.foil, false), quiet: true },
    { ...end('bake', COLUMNS.hold, false), quiet: true },
  ]);
  for (const part of piece.parts) {
    const show = (key: string) => {
      const figure = find(part.id, key);
      return figure ? formatQuantity(figure.quantity) : '';
    };
    const size = ['height', 'width', 'depth'].map((key) =>
      formatMiniMm(miniMm(find(part.id, `size.${key}`)?.quantity.value ?? 0)),
    );
    const name = part.name.length > 34 ? `${part.name.slice(0, 33)}…` : part.name;
    const text = contexts.has(part.id) ? size.join(' × ') : 'cannot be built';
    writer.line([
      { text: part.parent ? `  ${name}` : name, x: 0 },
      end(String(part.count), COLUMNS.n),
      end(text, COLUMNS.size),
      end(show('bulk.clay'), COLUMNS.clay),
      end(show('bulk.foil'), COLUMNS.foil),
      end(show('bake.minutes'), COLUMNS.hold),
    ]);
  }
}

function writeClay(writer: PageWriter, given: Given): void {
  const masses = given.piece(claysOfPiece).figures.filter(({ key }) => key.startsWith('bulk.mass.'));
  if (masses.length === 0) return;
  writer.heading('Clay to have out');
  for (const mass of masses) {
    const id = mass.key.slice('bulk.mass.'.length);
    const packs = given.find(null, `bulk.packs.${id}`);
    writer.line([
      { text: mass.title, x: 0 },
      { text: formatQuantity(mass.quantity), x: 96, anchor: 'end', figures: true },
      { text: packs ? formatQuantity(packs.quantity) : '', x: 126, anchor: 'end', figures: true },
    ]);
  }
}

function writeLayOut(writer: PageWriter, given: Given): void {
  const { things, steps } = layOut(given);
  if (things.length === 0) return;
  writer.heading(`To lay out, up to “${steps.at(-1)?.title}”`);
  for (const { what, amounts } of things) writer.tick([what, ...amounts].join(' · '));
}

function writeSteps(writer: PageWriter, given: Given): void {
  const { route, times } = given.piece(routeOfPiece);
  if (route.steps.length === 0) return;
  writer.heading('Steps');
  const ground = {
    find: given.find,
    contexts: given.contexts,
    bakes: given.piece(planOfPiece).bakes,
    shares: given.piece(routeOfPiece).shares,
  };
  const minutes = (value: number) => (value < 1 ? '' : formatQuantity({ value, unit: 'min' }));
  for (const step of route.steps) {
    const { id, title, done } = step;
    const time = times.get(id);
    const [hands, wait] = [time?.handsMin ?? 0, time?.waitMin ?? 0];
    const says = [minutes(hands), wait >= 1 ? `${minutes(wait)} waiting` : ''].filter(Boolean).join(', ');
    writer.tick(
      [title, stepHint(step, ground), says, done === null ? '' : 'done'].filter(Boolean).join(' · '),
    );
  }
}

function writeMeasures(writer: PageWriter, contexts: readonly PartFacts[], { find }: Given): void {
  writer.heading('Measures');
  for (const { part, shape } of contexts) {
    writer.line([{ text: part.name, x: 0, bold: true }]);
    for (const { key, title } of shape.measures) {
      const figure = find(part.id, `measure.${key}`);
      if (!figure) continue;
      const mini = miniMm(figure.quantity.value);
      writer.line([
        { text: title, x: 4 },
        { text: `${formatMiniMm(mini)} mm`, x: 90, anchor: 'end', figures: true },
        { text: `${formatInchFraction(mini).text} in`, x: 120, anchor: 'end', figures: true },
        { text: 'made ________', x: 132, quiet: true },
      ]);
    }
  }
}

function writeDrawings(writer: PageWriter, contexts: readonly PartContext[]): void {
  writer.newPage();
  writer.line([{ text: 'At the size of the clay', x: 0, bold: true }], 3.5);
  writer.gap(2);
  for (const context of contexts)
    for (const view of ['front', 'side'] as const) {
      const drawing = partDrawing(context, view);
      if (drawing.widthMm <= writer.frameWidthMm && drawing.heightMm <= writer.frameHeightMm)
        writer.drawing(drawing);
      else
        for (const page of tile(drawing, writer.frameWidthMm, writer.frameHeightMm))
          writer.drawing(page.drawing);
    }
}

function writeCare(writer: PageWriter): void {
  writer.heading('Care');
  for (const note of CARE.filter(({ step }) => step !== 'bake')) writer.paragraph(note.says, 4, '·');
}

/**
 * The bench sheet: parts, clay, bake card, steps to tick, measures, care, and every part drawn at the size of the clay.
 *
 * @param now ISO time printed on it
 * @returns pages at paper size, mm; each bears a 100 mm check rule
 * @throws {TilingError} when one part alone would take more than 64 pages
 */
export function benchSheet(piece: Piece, given: Given, paper: Paper, now: string): Drawing[] {
  const writer = new PageWriter(paper, `${piece.name} · bench sheet · ${now.slice(0, 10)}`);
  const contexts = piece.parts.flatMap((part) => given.contexts.get(part.id) ?? []);
  writeHead(writer, piece, given, now);
  writeParts(writer, piece, given);
  writeClay(writer, given);
  writeBake(writer, given);
  writeLayOut(writer, given);
  writeSteps(writer, given);
  writeMeasures(writer, contexts, given);
  writeCare(writer);
  writeDrawings(writer, contexts);
  return writer.pages();
}
