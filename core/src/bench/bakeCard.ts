import { auditOfPart } from '../bake/audit/index.ts';
import { type PlannedBake, type PlannedLoad, planOfPiece, windowSays } from '../bake/plan/index.ts';
import type { Given } from '../context/index.ts';
import type { Drawing, Paper } from '../drawing/index.ts';
import { CARE } from '../handbook/index.ts';
import type { Piece } from '../piece/index.ts';
import { formatQuantity, verdictWord } from '../reckoning/index.ts';
import { inBothDegrees } from './bothDegrees.ts';
import { PageWriter } from './pageWriter.ts';

const [PART, HEAT, TIME] = [4, 78, 124];

/** What must be heeded of a part before a bake. */
function writeHeed(writer: PageWriter, given: Given, part: string, step: string): void {
  const items = given.part(auditOfPart, part)?.audits.find(({ bake }) => bake.step.id === step)?.items ?? [];
  for (const { level, what, says, waysOut } of items)
    if (level !== 'good') {
      const word = verdictWord({ level, wording: 'state', says, waysOut: [] });
      writer.paragraph(`${word}: ${what}, ${says}${waysOut[0] ? `. ${waysOut[0].says}` : ''}`, PART + 6);
    }
}

/** One load: dial and minutes, and the window of each part in it. */
function writeLoad(writer: PageWriter, given: Given, bake: PlannedBake, load: PlannedLoad): void {
  const nameOf = (id: string) => given.contexts.get(id)?.part.name ?? id;
  const dial = inBothDegrees({ value: load.dialC, unit: '°C' });
  writer.line([
    { text: bake.loads.length > 1 ? `Load ${load.number}` : 'All in one load', x: PART, bold: true },
    { text: `dial ${dial}`, x: HEAT, figures: true, bold: true },
    {
      text: `${formatQuantity({ value: load.minutes, unit: 'min' })}, door shut to door open`,
      x: TIME,
      figures: true,
      bold: true,
    },
  ]);
  for (const { part, fromMin, toMin } of load.parts) {
    writer.line([
      { text: nameOf(part).slice(0, 46), x: PART },
      { text: windowSays({ fromMin, toMin }), x: TIME, figures: true },
    ]);
    writeHeed(writer, given, part, bake.step);
  }
  if (load.verdict.level !== 'good') {
    writer.paragraph(`${verdictWord(load.verdict)}: ${load.verdict.says}`, PART + 6);
    for (const { says } of load.verdict.waysOut) writer.paragraph(says, PART + 6, '→');
  }
}

function writeBake(writer: PageWriter, given: Given, bake: PlannedBake): void {
  writer.heading(`${bake.number}. ${bake.title}`);
  if (bake.aheadMin !== null)
    writer.paragraph('Only the small parts made ahead: the shortest bake, and look early.', PART);
  for (const load of bake.loads) writeLoad(writer, given, bake, load);
  for (const name of bake.spared) writer.paragraph(`${name}: cured already, leave it out.`, PART);
  for (const name of bake.left) writer.paragraph(`No room in this oven for ${name}.`, PART);
  writer.line([
    { text: 'in at ________', x: PART, quiet: true },
    { text: 'thermometer ________ °C', x: 40, quiet: true },
    { text: 'out at ________', x: 92, quiet: true },
    { text: 'came out ________________', x: TIME, quiet: true },
  ]);
}

/**
 * The bake card: dial and heat, every bake of the route with what goes in and for how long, what must not, room to write
 * down what the thermometer showed, and the care notes.
 *
 * @param now ISO time printed on it
 * @returns pages at paper size, mm
 */
export function bakeCardPages(piece: Piece, given: Given, paper: Paper, now: string): Drawing[] {
  const writer = new PageWriter(paper, `${piece.name} · bake card · ${now.slice(0, 10)}`);
  writer.line([{ text: `${piece.name}: bake card`, x: 0, bold: true }], 5);
  writer.paragraph('The packet comes first.');
  for (const bake of given.piece(planOfPiece).bakes) writeBake(writer, given, bake);
  writer.heading('Care');
  for (const { says } of CARE.filter(({ step }) => step === 'bake' || step === 'clay'))
    writer.paragraph(says, 4, '·');
  return writer.pages();
}
