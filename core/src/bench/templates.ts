import type { PartContext } from '../context/index.ts';
import {
  CHECK_RULE_MM,
  checkRule,
  type DrawItem,
  type Drawing,
  MARGIN_MM,
  moved,
  PAPERS,
  type Paper,
  scaledOutline,
  tile,
} from '../drawing/index.ts';
import { extentOf, mirroredOutline, type Outline, panelCuts, type Side, viewTitle } from '../form/index.ts';
import { type OwnValues, sourced } from '../reckoning/index.ts';

/** What of a part can be printed to cut or hold against. */
export type TemplateView = 'front' | 'side' | 'top' | 'panels' | 'oven';

/** What is to be printed. */
export interface TemplateAsk {
  readonly views: readonly TemplateView[];
  /** A mirrored one beside each. */
  readonly isPaired: boolean;
  /** How many times each is printed. */
  readonly copies: number;
  readonly paper: Paper;
  /** What a 100 mm rule measured when it was last printed: the drawing makes up for it. */
  readonly ruleMeasuredMm: number;
}

/** Room between templates, mm, and under each for its name. */
const GAP = 6;
const NAME = 6;
/** Room at the foot of a page for the rule and the label, mm. */
export const CHECK_ROOM_MM = 20;
/** Most templates that are printed at once. */
export const MOST_TEMPLATES = 400;

/** One outline with its name. */
interface Template {
  readonly outline: Outline;
  readonly says: string;
}

const FROM_ABOVE: Side = { right: [1, 0, 0], up: [0, 0, -1] };

/** The floor of the oven that can be used, and how high it is: a card to hold a part against while it is made. */
function ovenFloor(own: OwnValues): Template {
  const [width, depth, height, clearance] = ['width', 'depth', 'height', 'clearance'].map(
    (name) => sourced(`oven.${name}`, own).value,
  );
  const free = (length = 0) => Math.max(1, length - 2 * (clearance ?? 0));
  const [w, d] = [free(width), free(depth)];
  const outline: Outline = [
    [
      [
        [0, 0],
        [w, 0],
        [w, d],
        [0, d],
      ],
    ],
  ];
  return { outline, says: `oven: ${w} × ${d} mm free, ${free(height)} mm high` };
}

function outlinesOf({ shape, part, shrink, own }: PartContext, view: TemplateView): Template[] {
  const small = (outline: Outline) => scaledOutline(outline, 1 / shrink);
  if (view === 'panels')
    return part.form.kind === 'panels'
      ? panelCuts(part.form).map(({ name, face }) => ({ outline: small(face), says: name }))
      : [];
  if (view === 'oven') return [ovenFloor(own)];
  if (view === 'top') return [{ outline: small(shape.seenFrom(FROM_ABOVE)), says: 'from above' }];
  return [{ outline: small(shape.outline(view)), says: viewTitle(part.form, view) }];
}

/** An outline as a drawing of its own size, its name under it. */
function drawn({ outline, says }: Template, part: string): Drawing {
  const [left, bottom, right, top] = extentOf(outline);
  const area: DrawItem = { kind: 'area', outline, material: 'none', weight: 'thin', part };
  const name: DrawItem = {
    kind: 'text',
    at: [0, 1.5],
    text: says,
    size: 2.5,
    anchor: 'start',
    face: 'words',
    quiet: true,
  };
  return {
    widthMm: right - left,
    heightMm: top - bottom + NAME,
    items: [moved(area, [-left, NAME - bottom]), name],
  };
}

/** Everything asked for, each as a drawing: the mirrored one follows its fellow. */
function templatesFor(context: PartContext, ask: TemplateAsk): Drawing[] {
  const one = ask.views
    .flatMap((view) => outlinesOf(context, view))
    .flatMap((template): Template[] => {
      if (!ask.isPaired) return [template];
      const other = { outline: mirroredOutline(template.outline), says: `${template.says}, mirrored` };
      return [template, other];
    });
  if (one.length * ask.copies > MOST_TEMPLATES)
    throw new RangeError(
      `that is ${one.length * ask.copies} templates; at most ${MOST_TEMPLATES} are printed at once`,
    );
  return Array.from({ length: ask.copies }, () => one)
    .flat()
    .map((template) => drawn(template, context.part.id));
}

/** Lines of templates, packed along the top of pages. */
function packed(all: readonly Drawing[], wide: number, high: number): Drawing[] {
  const pages: { items: DrawItem[]; left: number; top: number; row: number }[] = [];
  const single: Drawing[] = [];
  let page: (typeof pages)[number] | null = null;
  for (const one of all) {
    if (one.widthMm > wide || one.heightMm > high) {
      // What is larger than a page goes over several, with marks to join them by.
      single.push(...tile(one, wide, high).map(({ drawing }) => drawing));
      continue;
    }
    if (page && page.left + one.widthMm > wide) {
      page.top -= page.row + GAP;
      page.left = 0;
      page.row = 0;
    }
    if (!page || page.top - one.heightMm < 0) {
      page = { items: [], left: 0, top: high, row: 0 };
      pages.push(page);
    }
    const at = [page.left, page.top - one.heightMm] as const;
    page.items.push(...one.items.map((item) => moved(item, at)));
    page.left += one.widthMm + GAP;
    page.row = Math.max(page.row, one.heightMm);
  }
  return [...pages.map(({ items }): Drawing => ({ widthMm: wide, heightMm: high, items })), ...single];
}

/** An item drawn larger or smaller about the origin; type keeps its size. */
function scaledItem(item: DrawItem, by: number): DrawItem {
  switch (item.kind) {
    case 'area':
      return { ...item, outline: scaledOutline(item.outline, by) };
    case 'line':
      return { ...item, points: item.points.map(([x, y]) => [x * by, y * by] as const) };
    case 'circle':
      return { ...item, at: [item.at[0] * by, item.at[1] * by], diameterMm: item.diameterMm * by };
    case 'image':
      return {
        ...item,
        at: [item.at[0] * by, item.at[1] * by],
        widthMm: item.widthMm * by,
        heightMm: item.heightMm * by,
      };
    case 'text':
      return { ...item, at: [item.at[0] * by, item.at[1] * by] };
  }
}

/** Templates laid on pages, each page with its rule and label, made up for a printer that is off. */
export function laidOut(
  templates: readonly Drawing[],
  { paper, ruleMeasuredMm }: Pick<TemplateAsk, 'paper' | 'ruleMeasuredMm'>,
  label: string,
): Drawing[] {
  const { widthMm, heightMm } = PAPERS[paper];
  const by = CHECK_RULE_MM / ruleMeasuredMm;
  const [wide, high] = [(widthMm - 2 * MARGIN_MM) / by, (heightMm - 2 * MARGIN_MM - CHECK_ROOM_MM) / by];
  const pages = packed(templates, wide, high);
  return pages.map(({ items }, i): Drawing => {
    const text: DrawItem = {
      kind: 'text',
      at: [MARGIN_MM, MARGIN_MM],
      text: `${label} · page ${i + 1} of ${pages.length}`,
      size: 2.5,
      anchor: 'start',
      face: 'words',
    };
    const content = items.map((item) => moved(scaledItem(item, by), [MARGIN_MM, MARGIN_MM + CHECK_ROOM_MM]));
    const rule = checkRule([0, 0]).map((item) => moved(scaledItem(item, by), [MARGIN_MM, MARGIN_MM + 6]));
    return { widthMm, heightMm, items: [...content, ...rule, text] };
  });
}

/**
 * Pages of templates at the size of the clay, each with a rule to check the print by and a label. A printer that is off is
 * made up for: the drawing is larger by as much as it prints too small.
 *
 * @param label piece, part, scale and date, printed on every page
 * @returns pages at paper size
 * @throws {TilingError} when one template would take more than 64 pages
 * @throws {RangeError} for too many templates
 */
export function templatePages(context: PartContext, ask: TemplateAsk, label: string): Drawing[] {
  return laidOut(templatesFor(context, ask), ask, label);
}

/** A picture squared and brought to the size of the clay, with its mirrored twin. */
export interface SquaredPicture {
  readonly widthMm: number;
  readonly heightMm: number;
  /** JPEGs as data addresses. */
  readonly href: string;
  readonly mirroredHref: string;
}

/**
 * As {@link templatePages}, for a picture of known size.
 *
 * @throws {TilingError} when it would take more than 64 pages
 * @throws {RangeError} for too many copies
 */
export function picturePages(
  picture: SquaredPicture,
  ask: Omit<TemplateAsk, 'views'>,
  label: string,
): Drawing[] {
  const { widthMm, heightMm } = picture;
  const sides = ask.isPaired ? [picture.href, picture.mirroredHref] : [picture.href];
  if (sides.length * ask.copies > MOST_TEMPLATES)
    throw new RangeError(`at most ${MOST_TEMPLATES} are printed at once; ask for fewer copies`);
  const one = (href: string): Drawing => ({
    widthMm,
    heightMm,
    items: [{ kind: 'image', at: [0, 0], widthMm, heightMm, href }],
  });
  return laidOut(Array.from({ length: ask.copies }, () => sides.map(one)).flat(), ask, label);
}
