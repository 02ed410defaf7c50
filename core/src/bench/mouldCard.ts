import type { Given, PartContext } from '../context/index.ts';
import {
  type DrawItem,
  type Drawing,
  dimension,
  MARGIN_MM,
  moved,
  PAPERS,
  type Paper,
  scaledOutline,
} from '../drawing/index.ts';
import { extentOf, type Outline, type Side } from '../form/index.ts';
import type { LaidBy } from '../piece/index.ts';
import { CAST_STUFF_SAYS, MOULD_STUFF_SAYS, type MouldFacts, mouldOfPart } from '../repeats/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';
import { PageWriter } from './pageWriter.ts';

/** What a master is seen from, by what of it faces the opening. */
const SEEN: Readonly<Record<LaidBy, Side>> = {
  front: { right: [1, 0, 0], up: [0, 1, 0] },
  top: { right: [1, 0, 0], up: [0, 0, -1] },
  side: { right: [0, 0, -1], up: [0, 1, 0] },
};
const PAD = 12;
/** Room that a page keeps for its words. */
const WORDS_MM = 120;
const mm = (value: number) => formatMiniMm(miniMm(value));

/** The master as it faces the opening, at the size it is made, within the outside of its mould: a template for both. */
function masterTemplate(
  { shape, shrink }: PartContext,
  { choice, need }: MouldFacts,
  oversize: number,
): Drawing {
  const seen: Outline = scaledOutline(shape.seenFrom(SEEN[choice.pull]), oversize / shrink);
  const [left, bottom, right, top] = extentOf(seen);
  const { wallMm } = need;
  const box: Outline = [
    [
      [
        [left - wallMm, bottom - wallMm],
        [right + wallMm, bottom - wallMm],
        [right + wallMm, top + wallMm],
        [left - wallMm, top + wallMm],
      ],
    ],
  ];
  const items: DrawItem[] = [
    { kind: 'area', outline: box, material: 'none', weight: 'thin' },
    { kind: 'area', outline: seen, material: 'raw-clay', weight: 'thick' },
    ...dimension([left, bottom], [right, bottom], -wallMm - 5, mm(right - left)),
    ...dimension([left, bottom], [left, top], wallMm + 4, mm(top - bottom)),
  ];
  const at = [PAD + wallMm - left, PAD + wallMm - bottom] as const;
  return {
    widthMm: right - left + 2 * (wallMm + PAD),
    heightMm: top - bottom + 2 * (wallMm + PAD),
    items: items.map((item) => moved(item, at)),
  };
}

/** Circles that the two equal portions of a mix fill when they are rolled to balls. */
function ballTemplate(ballMm: number): Drawing {
  const circle = (x: number): DrawItem => ({
    kind: 'circle',
    at: [x, ballMm / 2 + 2],
    diameterMm: ballMm,
    weight: 'thick',
  });
  return {
    widthMm: 2 * ballMm + 12,
    heightMm: ballMm + 6,
    items: [circle(ballMm / 2 + 2), circle(1.5 * ballMm + 8)],
  };
}

function writeMix(writer: PageWriter, facts: MouldFacts, widest: number): void {
  const { choice, need, placesMin, setsMin } = facts;
  const { half } = need;
  writer.heading('Mix');
  writer.paragraph(
    `Two equal portions: ${half.grams.toFixed(1)} g or ${(half.volumeMm3 / 1000).toFixed(1)} cm³ each, or one wedge each off a roll ${mm(half.rollThickMm)} mm thick, cut at ${mm(half.rollMm)} mm.`,
    4,
  );
  if (choice.of === 'putty' && 2 * half.ballMm + 12 <= widest) {
    writer.paragraph(`Or two balls of ${half.ballMm.toFixed(0)} mm, that fill these circles:`, 4);
    writer.drawing(ballTemplate(half.ballMm));
  }
  writer.paragraph(`In its place within ${placesMin} min of mixing; set after ${setsMin} min.`, 4);
  if (need.pourMm !== null)
    writer.paragraph(`Pour in a thin stream at one corner, ${mm(need.pourMm)} mm over the floor.`, 4);
}

/**
 * The card of a mould: its master at true size, what is mixed, its clock, what lets it go, and room for what comes out.
 *
 * @param now ISO time printed on it
 * @returns pages at paper size, mm; none for a part without a mould
 */
export function mouldCardPages(given: Given, part: string, paper: Paper, now: string): Drawing[] {
  const context = given.contexts.get(part);
  const found = given.part(mouldOfPart, part);
  const oversize = found?.figures.find(({ key }) => key === 'mould.oversize')?.quantity.value;
  if (!context || !found || oversize === undefined) return [];
  const { facts } = found;
  const { choice, master, release, cure, life } = facts;
  const { name } = context.part;
  const writer = new PageWriter(paper, `${name} · card of its mould · ${now.slice(0, 10)}`);
  const widest = PAPERS[paper].widthMm - 2 * MARGIN_MM;
  writer.line([{ text: `${name}: card of its mould`, x: 0, bold: true }], 5);
  writer.paragraph(`Of ${MOULD_STUFF_SAYS[choice.of]}, for casts of ${CAST_STUFF_SAYS[choice.casts]}.`);
  writer.heading('Master');
  writer.paragraph(
    `Made ${oversize.toFixed(3)} times as large as the last cast is to be; ${mm(master.highMm * oversize)} mm deep.`,
    4,
  );
  const template = masterTemplate(context, facts, oversize);
  if (template.widthMm <= widest && template.heightMm <= PAPERS[paper].heightMm - WORDS_MM) {
    writer.paragraph('As it faces the opening, at true size, and the outside of its mould round it:', 4);
    writer.drawing(template);
  } else writer.paragraph('Too large for this sheet: print its templates at Size.', 4);
  if (choice.of === 'putty' || choice.of === 'rubber') writeMix(writer, facts, widest);
  writer.heading('Casts');
  writer.paragraph(`Between them: ${release.says}.`, 4);
  if (choice.casts === 'clay' && choice.of !== 'foil')
    writer.paragraph(`The packet comes first: ${cure.says}.`, 4);
  writer.paragraph(`It bears about ${life} casts.`, 4);
  for (const cast of [1, 2, 3])
    writer.line([
      { text: `cast ${cast}`, x: 4, quiet: true },
      { text: 'long ________ mm', x: 24, quiet: true },
      { text: 'master there ________ mm', x: 64, quiet: true },
      { text: 'came out ________________', x: 116, quiet: true },
    ]);
  return writer.pages();
}
