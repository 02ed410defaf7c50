import {
  CAP_HEIGHT,
  checkRule,
  type DrawItem,
  type Drawing,
  MARGIN_MM,
  moved,
  PAPERS,
  type Paper,
  type TextSize,
} from '../drawing/index.ts';

/** Width of an average letter, in ems of the words’ face. */
const LETTER = 0.52;
/** Room at the foot of each page for the check rule and the label. */
const FOOT_MM = 16;

/** A box to be ticked with a thumb, and where the words beside it begin, mm. */
const LARGE_BOX_MM = 7;
const INDENT_MM = 11;

/** One cell of a line. */
export interface Cell {
  readonly text: string;
  /** From the left margin, mm. */
  readonly x: number;
  readonly anchor?: 'start' | 'end';
  readonly figures?: boolean;
  readonly bold?: boolean;
  readonly quiet?: boolean;
}

/** Breaks words into lines of at most a width. */
export function wrapped(text: string, size: TextSize, widthMm: number): string[] {
  const letters = Math.max(8, Math.floor(widthMm / ((size / CAP_HEIGHT) * LETTER)));
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/\s+/)) {
    if (line !== '' && line.length + 1 + word.length > letters) {
      lines.push(line);
      line = word;
    } else line = line === '' ? word : `${line} ${word}`;
  }
  return line === '' ? lines : [...lines, line];
}

/** Fills pages from the top, and starts a new one when the next thing does not fit. */
export class PageWriter {
  readonly frameWidthMm: number;
  readonly frameHeightMm: number;
  private readonly finished: DrawItem[][] = [];
  private items: DrawItem[] = [];
  /** From the top of the frame, downward. */
  private y = 0;
  private rowX = 0;
  private rowHeight = 0;

  constructor(
    private readonly paper: Paper,
    private readonly label: string,
  ) {
    this.frameWidthMm = PAPERS[paper].widthMm - 2 * MARGIN_MM;
    this.frameHeightMm = PAPERS[paper].heightMm - 2 * MARGIN_MM - FOOT_MM;
  }

  /** Drawings beside one another end where words go on. */
  private endRow(): void {
    this.y += this.rowHeight;
    this.rowX = 0;
    this.rowHeight = 0;
  }

  private need(heightMm: number): void {
    this.endRow();
    if (this.y + heightMm > this.frameHeightMm && this.y > 0) this.newPage();
  }

  newPage(): void {
    this.finished.push(this.items);
    this.items = [];
    this.y = 0;
    this.rowX = 0;
    this.rowHeight = 0;
  }

  gap(mm: number): void {
    this.y += mm;
  }

  line(cells: readonly Cell[], size: TextSize = 2.5): void {
    const height = size * 2.1;
    this.need(height);
    this.y += height;
    const base = this.paperY(this.y - height * 0.25);
    for (const { text, x, anchor = 'start', figures = false, bold = false, quiet = false } of cells)
      this.items.push({
        kind: 'text',
        at: [MARGIN_MM + x, base],
        text,
        size,
        anchor,
        face: figures ? 'figures' : 'words',
        bold,
        quiet,
      });
  }

  rule(weight: 'thin' | 'hair' = 'hair'): void {
    const y = this.paperY(this.y);
    this.items.push({
      kind: 'line',
      weight,
      points: [
        [MARGIN_MM, y],
        [MARGIN_MM + this.frameWidthMm, y],
      ],
    });
  }

  heading(text: string): void {
    this.need(20);
    this.gap(4);
    this.line([{ text, x: 0, bold: true }], 3.5);
    this.gap(0.8);
    this.rule('thin');
  }

  paragraph(text: string, x = 0, lead = '', widthMm = this.frameWidthMm): void {
    wrapped(text, 2.5, widthMm - x).forEach((line, i) => {
      this.line([...(i === 0 && lead !== '' ? [{ text: lead, x: 0 }] : []), { text: line, x }]);
    });
  }

  private box(y: number, acrossMm: number, weight: 'thick' | 'thin'): void {
    const [left, right] = [MARGIN_MM, MARGIN_MM + acrossMm];
    this.items.push({
      kind: 'line',
      weight,
      points: [
        [left, y],
        [right, y],
        [right, y + acrossMm],
        [left, y + acrossMm],
        [left, y],
      ],
    });
  }

  /** A line with a box to tick. */
  tick(text: string): void {
    wrapped(text, 2.5, this.frameWidthMm - 7).forEach((line, i) => {
      this.line([{ text: line, x: 7 }]);
      if (i === 0) this.box(this.paperY(this.y) + 0.6, 3.2, 'thin');
    });
  }

  /** Large enough to be read standing, with a box that a floury thumb can tick; it stays with the line that comes after it. */
  largeTick(text: string): void {
    const lines = wrapped(text, 5, this.frameWidthMm - INDENT_MM);
    this.need(lines.length * 5 * 2.1 + 8);
    lines.forEach((line, i) => {
      this.line([{ text: line, x: INDENT_MM, bold: true }], 5);
      if (i === 0) this.box(this.paperY(this.y) + 0.8, LARGE_BOX_MM, 'thick');
    });
  }

  /** Words under a large tick. */
  indented(text: string, quiet = false): void {
    for (const line of wrapped(text, 3.5, this.frameWidthMm - INDENT_MM))
      this.line([{ text: line, x: INDENT_MM, quiet }], 3.5);
  }

  /** A drawing in the upper right corner of the page, beside what is written next. */
  corner({ widthMm, heightMm, items }: Drawing): void {
    const at = [MARGIN_MM + this.frameWidthMm - widthMm, this.paperY(heightMm)] as const;
    this.items.push(...items.map((item) => moved(item, at)));
  }

  /** Whether a drawing has room on this page, beside the last or under it. */
  hasRoomFor({ widthMm, heightMm }: Drawing): boolean {
    const isBeside = this.rowX + widthMm <= this.frameWidthMm;
    const below = this.y + (isBeside ? 0 : this.rowHeight);
    return widthMm <= this.frameWidthMm && below + heightMm <= this.frameHeightMm;
  }

  /** Goes on no higher than so far down the page. */
  downTo(mm: number): void {
    this.y = Math.max(this.y, mm);
  }

  /** A drawing at true size, beside the one before it where there is room. */
  drawing({ widthMm, heightMm, items }: Drawing): void {
    if (this.rowX + widthMm > this.frameWidthMm) {
      this.endRow();
    }
    if (this.y + heightMm > this.frameHeightMm && (this.y > 0 || this.rowX > 0)) this.newPage();
    const at = [MARGIN_MM + this.rowX, this.paperY(this.y + heightMm)] as const;
    this.items.push(...items.map((item) => moved(item, at)));
    this.rowX += widthMm;
    this.rowHeight = Math.max(this.rowHeight, heightMm);
  }

  private paperY(down: number): number {
    return PAPERS[this.paper].heightMm - MARGIN_MM - down;
  }

  /** All pages at paper size, each with its label, number and check rule. */
  pages(): Drawing[] {
    const all = [...this.finished, this.items];
    const { widthMm, heightMm } = PAPERS[this.paper];
    return all.map((items, i) => ({
      widthMm,
      heightMm,
      items: [
        ...items,
        ...checkRule([MARGIN_MM, MARGIN_MM + 6]),
        {
          kind: 'text',
          at: [MARGIN_MM, MARGIN_MM],
          text: `${this.label} · page ${i + 1} of ${all.length}`,
          size: 2.5,
          anchor: 'start',
          face: 'words',
          quiet: true,
        },
      ],
    }));
  }
}
