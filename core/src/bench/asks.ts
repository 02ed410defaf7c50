import { ask, type Given } from '../context/index.ts';
import { type Drawing, type Paper, TilingError } from '../drawing/index.ts';
import { bakeCardPages } from './bakeCard.ts';
import { carryOf } from './carry.ts';
import { daySheet } from './daySheet.ts';
import { heedStep } from './heed/index.ts';
import { layOut } from './layOut.ts';
import { mouldCardPages } from './mouldCard.ts';
import { partDrawing } from './partDrawing.ts';
import { rescue } from './rescue/index.ts';
import { seams } from './seams/index.ts';
import { benchSheet } from './sheet.ts';
import { type TemplateAsk, templatePages } from './templates.ts';

/** Pages, or why there are none. */
interface Pages {
  readonly pages: readonly Drawing[];
  readonly says: string | null;
}

function pagesOr(make: () => Drawing[]): Pages {
  try {
    return { pages: make(), says: null };
  } catch (error) {
    if (error instanceof TilingError || error instanceof RangeError)
      return { pages: [], says: error.message };
    throw error;
  }
}

interface Printed {
  readonly paper: Paper;
  /** ISO time printed on it. */
  readonly now: string;
}

/** What is to be heeded at a step beyond its order. */
export const heedAsk = ask('bench.heed', (given: Given, { step }: { readonly step: string }) =>
  heedStep(given, step),
);

/** What is seen of where things meet, and what hides it. */
export const seamsAsk = ask('bench.seams', (given: Given) => seams(given));

/** The bench sheet. */
export const benchSheetAsk = ask('bench.sheet', (given: Given, { paper, now }: Printed) =>
  pagesOr(() => benchSheet(given.context.piece, given, paper, now)),
);

/** The next days, a page each. */
export const daySheetAsk = ask('bench.day-sheet', (given: Given, { paper, now }: Printed) =>
  pagesOr(() => daySheet(given, paper, now)),
);

/** The bake card. */
export const bakeCardAsk = ask('bench.bake-card', (given: Given, { paper, now }: Printed) =>
  pagesOr(() => bakeCardPages(given.context.piece, given, paper, now)),
);

/** The card of the mould of a part. */
export const mouldCardAsk = ask(
  'bench.mould-card',
  (given: Given, { part, paper, now }: Printed & { readonly part: string }) =>
    pagesOr(() => mouldCardPages(given, part, paper, now)),
);

/** Templates of a part at exact size. */
export const templatesAsk = ask(
  'bench.templates',
  (
    { contexts }: Given,
    { part, label, asked }: { readonly part: string; readonly label: string; readonly asked: TemplateAsk },
  ) => {
    const context = contexts.get(part);
    return context ? pagesOr(() => templatePages(context, asked, label)) : { pages: [], says: null };
  },
);

/** A part drawn at the size of the clay; null for one that cannot be built. */
export const partDrawingAsk = ask(
  'bench.part-drawing',
  ({ contexts }: Given, { part, view }: { readonly part: string; readonly view: 'front' | 'side' }) => {
    const context = contexts.get(part);
    return context ? partDrawing(context, view) : null;
  },
);

/** What must be at hand for the next session. */
export const layOutAsk = ask('bench.lay-out', (given: Given) => layOut(given));

/** How to store and carry it, and whom to keep it from. */
export const carryAsk = ask('bench.carry', (given: Given) => carryOf(given));

/** What to do about a trouble of a part. */
export const rescueAsk = ask(
  'bench.rescue',
  (given: Given, { part, trouble }: { readonly part: string; readonly trouble: string }) =>
    rescue(given, part, trouble),
);
