import { auditOfPart, bakesOfRoute } from '../bake/audit/index.ts';
import type { Given } from '../context/index.ts';
import type { Drawing, Paper } from '../drawing/index.ts';
import { CARE } from '../handbook/index.ts';
import type { Piece } from '../piece/index.ts';
import { formatQuantity, formatRange, verdictWord } from '../reckoning/index.ts';
import type { BakeState } from '../route/index.ts';
import { PageWriter } from './pageWriter.ts';
import { bothDegrees } from './sheet.ts';

const [PART, HEAT, TIME] = [4, 78, 124];

function writeBake(writer: PageWriter, piece: Piece, given: Given, bake: BakeState): void {
  const { find } = given;
  const { step, number, parts } = bake;
  const names = new Map(piece.parts.map(({ id, name }) => [id as string, name]));
  writer.heading(`${number}. ${step.title}`);
  if (step.way === 'ahead')
    writer.paragraph('Only the small parts made ahead: the shortest bake, and look early.', PART);
  for (const { part, regions } of parts) {
    const [heat, hold] = ['bake.temperature', 'bake.hold'].map((key) => find(part, key));
    const set = find(null, 'bake.set');
    if (!heat || !hold) continue;
    const time = step.way === 'set' && set ? set : hold;
    const where = regions === null || regions.length === 0 ? '' : `: ${regions.join(', ')}`;
    writer.line([
      { text: `${names.get(part) ?? part}${where}`.slice(0, 46), x: PART },
      { text: bothDegrees(heat), x: HEAT, figures: true },
      { text: formatRange(time.quantity) ?? formatQuantity(time.quantity), x: TIME, figures: true },
    ]);
    const items =
      given.part(auditOfPart, part)?.audits.find((one) => one.bake.step.id === step.id)?.items ?? [];
    for (const { level, what, says, waysOut } of items)
      if (level !== 'good') {
        const word = verdictWord({ level, wording: 'state', says, waysOut: [] });
        writer.paragraph(`${word}: ${what}, ${says}${waysOut[0] ? `. ${waysOut[0].says}` : ''}`, PART + 6);
      }
  }
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
  const [temperature, dial] = ['temperature', 'dial'].map((key) => given.find(null, `bake.${key}`));
  if (temperature && dial)
    writer.paragraph(
      `Everything together: ${bothDegrees(temperature)} in the oven, dial at ${bothDegrees(dial)}. The packet comes first.`,
    );
  for (const bake of given.piece(bakesOfRoute).states) writeBake(writer, piece, given, bake);
  writer.heading('Care');
  for (const { says } of CARE.filter(({ step }) => step === 'bake' || step === 'clay'))
    writer.paragraph(says, 4, '·');
  return writer.pages();
}
