import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';

/** The PDF library is served to the page only here, to draw the pages as a reader would. */
const PDFJS = 'node_modules/pdfjs-dist/legacy/build';
const DPI = 600;
/** Width that templates are drawn in, mm. */
export const THIN_MM = 0.18;

/** What is inked on a page between two heights from its top, mm. */
export async function inked(page: Page, pdf: Buffer, topMm: number, bottomMm: number) {
  await page.route('**/pdfjs/*', (route) => {
    const name = new URL(route.request().url()).pathname.split('/').pop() ?? '';
    return route.fulfill({ contentType: 'text/javascript', body: readFileSync(`${PDFJS}/${name}`) });
  });
  return page.evaluate(
    async ({ bytes, dpi, top, bottom }) => {
      const at = '/pdfjs/pdf.mjs';
      const pdfjs = await import(/* @vite-ignore */ at);
      pdfjs.GlobalWorkerOptions.workerSrc = '/pdfjs/pdf.worker.mjs';
      const doc = await pdfjs.getDocument({ data: new Uint8Array(bytes) }).promise;
      const first = await doc.getPage(1);
      const viewport = first.getViewport({ scale: dpi / 72 });
      const canvas = document.createElement('canvas');
      canvas.width = Math.ceil(viewport.width);
      canvas.height = Math.ceil(viewport.height);
      const canvasContext = canvas.getContext('2d');
      if (!canvasContext) throw new Error('no canvas');
      await first.render({ canvas, canvasContext, viewport }).promise;
      const { data, width, height } = canvasContext.getImageData(0, 0, canvas.width, canvas.height);
      const mm = 25.4 / dpi;
      let [left, right, high, low, longest] = [width, 0, height, 0, 0];
      for (let y = Math.round(top / mm); y < Math.min(height, bottom / mm); y += 1) {
        let run = 0;
        for (let x = 0; x < width; x += 1) {
          run = (data[4 * (y * width + x)] ?? 255) < 128 ? run + 1 : 0;
          if (run === 0) continue;
          longest = Math.max(longest, run);
          left = Math.min(left, x);
          right = Math.max(right, x);
          high = Math.min(high, y);
          low = Math.max(low, y);
        }
      }
      return {
        widthMm: (right - left + 1) * mm,
        heightMm: (low - high + 1) * mm,
        /** The longest unbroken line across. */
        lineMm: longest * mm,
        pages: doc.numPages,
      };
    },
    { bytes: [...pdf], dpi: DPI, top: topMm, bottom: bottomMm },
  );
}
