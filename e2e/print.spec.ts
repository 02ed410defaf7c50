import { readFileSync } from 'node:fs';
import { bytesOf, expect, openDemo, test } from './bench.ts';

/** The PDF library is served to the page only here, to draw the pages as a reader would. */
const PDFJS = 'node_modules/pdfjs-dist/legacy/build';
const DPI = 600;
/** Width that templates are drawn in, mm. */
const THIN_MM = 0.18;

/** What is inked on a page between two heights from its top, mm. */
async function inked(page: import('@playwright/test').Page, pdf: Buffer, topMm: number, bottomMm: number) {
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

test('a template prints at true size: its marks are measured on the drawn page', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Brick quay/ }).click();
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  const sheet = page.getByRole('region', { name: 'Templates' });
  await expect(sheet.getByRole('img', { name: 'Page 1 of the templates' })).toBeVisible();
  const save = async () => {
    const download = page.waitForEvent('download');
    await sheet.getByRole('button', { name: 'Save templates as PDF' }).click();
    return bytesOf(await download);
  };
  // The quay is 150 × 110 mm; a line is inked to half its width on either side.
  const template = await inked(page, await save(), 11, 123);
  expect(Math.abs(template.widthMm - THIN_MM - 150)).toBeLessThan(0.2);
  expect(Math.abs(template.heightMm - THIN_MM - 110)).toBeLessThan(0.2);
  expect(template.pages).toBe(1);
  // The rule at the foot is 100 mm.
  const rule = await inked(page, await save(), 297 - 18.2, 297 - 17.8);
  expect(Math.abs(rule.lineMm - 100)).toBeLessThan(0.4);

  // A printer that makes 98 of 100 is made up for.
  await sheet.getByLabel('The 100 mm rule came out as').fill('98');
  const larger = await inked(page, await save(), 12, 127);
  expect(Math.abs(larger.widthMm - THIN_MM - 150 / 0.98)).toBeLessThan(0.2);
  await sheet.getByLabel('mirrored pair').check();
  await sheet.getByLabel('side').check();
  await sheet.getByLabel('Copies').fill('3');
  await expect(sheet.getByRole('img', { name: 'Page 2 of the templates' })).toBeVisible();
  await sheet.getByLabel('Copies').fill('200');
  await expect(sheet.getByRole('alert')).toContainText('at most 400 are printed at once');
});
