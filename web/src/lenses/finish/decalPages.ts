import { laidOut } from '@every-inch/core/bench';
import type { Drawing } from '@every-inch/core/drawing';
import { linesOf } from '@every-inch/core/finish';
import type { Decal } from '@every-inch/core/piece';
import type { PageAsk } from '../../parts/usePagesPdf.ts';

/** Dots to a mm: 600 to the inch, as letters of a miniature want them. */
const DOTS_PER_MM = 24;
const INK = '#1a1a1a';

/** A decal as a picture: its checks, then its words over them. */
function drawnOn(
  context: CanvasRenderingContext2D,
  decal: Decal,
  colour: string | null,
  lettersMm: number,
): void {
  const [wide, high] = [decal.wideMm * DOTS_PER_MM, decal.highMm * DOTS_PER_MM];
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, wide, high);
  context.fillStyle = colour ?? INK;
  const side = decal.checks > 0 ? wide / decal.checks : 0;
  for (let row = 0; side > 0 && row * side < high; row += 1)
    for (let k = row % 2; k < decal.checks; k += 2) context.fillRect(k * side, row * side, side, side);
  const lines = linesOf(decal);
  const letter = lettersMm * DOTS_PER_MM;
  // A capital is about seven tenths of the size of its type.
  context.font = `600 ${letter / 0.7}px "Instrument Sans", sans-serif`;
  context.textAlign = 'center';
  context.textBaseline = 'middle';
  lines.forEach((line, i) => {
    context.fillText(line, wide / 2, (high * (i + 0.5)) / lines.length, wide);
  });
}

/** How a decal is printed. */
export interface DecalAsk {
  readonly colour: string | null;
  readonly copies: number;
  /** How high its letters are, as its figure tells; 0 for one of checks alone. */
  readonly lettersMm: number;
}

/** A decal at the size it is put on, as often as it is wanted. */
export function decalPages(
  decal: Decal,
  { colour, copies, lettersMm }: DecalAsk,
  ask: PageAsk,
  label: string,
): readonly Drawing[] {
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(decal.wideMm * DOTS_PER_MM));
  canvas.height = Math.max(1, Math.round(decal.highMm * DOTS_PER_MM));
  const context = canvas.getContext('2d');
  if (!context) throw new RangeError('this browser draws no pictures: print from another');
  drawnOn(context, decal, colour, lettersMm);
  const { wideMm: widthMm, highMm: heightMm } = decal;
  const one: Drawing = {
    widthMm,
    heightMm,
    items: [{ kind: 'image', at: [0, 0], widthMm, heightMm, href: canvas.toDataURL('image/jpeg', 0.95) }],
  };
  return laidOut(
    Array.from({ length: copies }, () => one),
    ask,
    label,
  );
}
