import { laidOut } from '@every-inch/core/bench';
import type { Drawing } from '@every-inch/core/drawing';
import { type Pictured, picturedFrom, type SeenFrom, type ShapeMaps } from '@every-inch/core/finish';
import type { PageAsk } from '../../parts/usePagesPdf.ts';

/** Dots to a mm on paper: 200 to the inch. */
const DOTS_PER_MM = 8;
/** Room for the words under a picture, mm. */
const WORDS_MM = 6;

/** A picture as a file that pages can hold, on white. */
function asJpeg({ widthPx, heightPx, pixels }: Pictured): string {
  const canvas = document.createElement('canvas');
  canvas.width = widthPx;
  canvas.height = heightPx;
  const context = canvas.getContext('2d');
  if (!context) throw new RangeError('this browser draws no pictures: print from another');
  const own = document.createElement('canvas');
  own.width = widthPx;
  own.height = heightPx;
  own.getContext('2d')?.putImageData(new ImageData(new Uint8ClampedArray(pixels), widthPx, heightPx), 0, 0);
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, widthPx, heightPx);
  context.drawImage(own, 0, 0);
  return canvas.toDataURL('image/jpeg', 0.92);
}

interface FormPagesAsk {
  readonly maps: ShapeMaps;
  readonly colours: Float32Array;
  readonly shrink: number;
  /** What is shown, in words. */
  readonly says: string;
}

function drawn({ maps, colours, shrink, says }: FormPagesAsk, seen: SeenFrom): Drawing {
  const picture = picturedFrom(maps, colours, { seen, dotsPerMm: DOTS_PER_MM, shrink });
  const widthMm = Math.max(picture.widthMm, 40);
  return {
    widthMm,
    heightMm: picture.heightMm + WORDS_MM,
    items: [
      {
        kind: 'image',
        at: [(widthMm - picture.widthMm) / 2, WORDS_MM],
        widthMm: picture.widthMm,
        heightMm: picture.heightMm,
        href: asJpeg(picture),
      },
      {
        kind: 'text',
        at: [widthMm / 2, 1],
        text: `${seen}: ${says}`,
        size: 2.5,
        anchor: 'middle',
        face: 'words',
      },
    ],
  };
}

/** Front and back of a form in its colours, at the size of the miniature. */
export function formPages(form: FormPagesAsk, ask: PageAsk, label: string): readonly Drawing[] {
  return laidOut([drawn(form, 'front'), drawn(form, 'back')], ask, label);
}
