import type { Page } from '@playwright/test';
import { FRAME, shot } from '../scripts/demoPicture.ts';
import { bytesOf, expect, openDemo, settled, test, untilKept } from './bench.ts';

/** Presses on a spot of the picture, given in its own px. */
async function press(page: Page, [x, y]: readonly [number, number]): Promise<void> {
  const at = await page.getByRole('application').evaluate(
    (svg: SVGSVGElement, spot) => {
      const { x: left, y: top } = new DOMPoint(spot[0], spot[1]).matrixTransform(
        svg.getScreenCTM() ?? undefined,
      );
      return [left, top] as const;
    },
    [x, y] as const,
  );
  // A hand sets whole pixels of the screen.
  await page.mouse.click(Math.round(at[0]), Math.round(at[1]));
}

async function set(page: Page, tool: string, ...spots: (readonly [number, number])[]): Promise<void> {
  await page.getByRole('button', { name: tool, exact: true }).click();
  for (const spot of spots) await press(page, spot);
}

/** A length as it is shown, mm. */
function mm(text: string): number {
  const value = Number.parseFloat(text);
  if (text.endsWith('cm')) return value * 10;
  return text.endsWith(' m') ? value * 1000 : value;
}

test('a post’s proportions come off a picture taken aslant, right to 1 %, and go to its sizes', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Mooring post/ }).click();
  await page.keyboard.press('o');
  await expect(page.getByRole('application')).toBeVisible();
  await set(
    page,
    'Known rectangle',
    shot([FRAME.left, 0]),
    shot([FRAME.right, 0]),
    shot([FRAME.right, FRAME.top]),
    shot([FRAME.left, FRAME.top]),
  );
  await page.getByLabel('It is wide').fill('1.2 m');
  await page.getByLabel('and high').fill('1 m');
  // The post is 900 mm tall and 250 across its head, at 700 above its foot: typed into the demo, drawn by the picture.
  await set(page, 'Height', shot([0, 0]), shot([0, 900]));
  await set(page, 'Length', shot([-125, 700]), shot([125, 700]));
  await set(page, 'Angle', shot([-125, 700]), shot([0, 700]), shot([0, 0]));
  const height = page.getByLabel('Height 2, measured');
  await expect(height).toBeVisible();
  await settled(page);
  expect(Math.abs(mm((await height.textContent()) ?? '') / 900 - 1)).toBeLessThan(0.01);
  expect(
    Math.abs(mm((await page.getByLabel('Length 2, measured').textContent()) ?? '') / 250 - 1),
  ).toBeLessThan(0.01);
  expect(
    Math.abs(Number.parseFloat((await page.getByLabel('Angle 1, measured').textContent()) ?? '') - 90),
  ).toBeLessThan(1);

  await page.getByLabel('Lay Mooring post over it').selectOption('from the front');
  await expect(page.getByRole('button', { name: /^Foot of the form laid over/ })).toBeVisible();

  await page.getByLabel('Send Length 2 to').selectOption('Height');
  await expect(page.getByLabel('Height, in life')).toHaveValue(/^2(4|5)\.\d cm$/);
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Height, in life')).toHaveValue('90.0 cm');

  await untilKept(page);
  await page.reload();
  await page.getByRole('button', { name: /^Mooring post/ }).click();
  await page.getByRole('button', { name: /^Off a picture/ }).click();
  await expect(page.getByLabel('Height 2, measured')).toBeVisible();
});

test('a picture squared by what is known in it is printed at the size of the clay', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  await page.getByLabel('mirrored pair').check();
  await page
    .getByRole('region', { name: 'Templates' })
    .getByLabel('Of', { exact: true })
    .selectOption({ index: 1 });
  const images = page.getByRole('img', { name: 'Page 1 of the templates' }).locator('image');
  // A frame of 1.2 by 1 m at 1:12 is 100 by 83.3 mm, alone on its row: its twin goes under it.
  await expect(images).toHaveCount(2);
  for (const image of await images.all()) {
    expect(Number(await image.getAttribute('width'))).toBeCloseTo(100, 6);
    expect(Number(await image.getAttribute('height'))).toBeCloseTo(1000 / 12, 6);
  }
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save templates as PDF' }).click();
  expect((await bytesOf(await download)).length).toBeGreaterThan(20_000);
});

test('spots are set and moved by keys alone; four in a line are refused with what to do', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.keyboard.press('o');
  const board = page.getByRole('application');
  await page.getByRole('button', { name: 'Known length' }).press('Enter');
  await board.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  for (let i = 0; i < 10; i += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await page.getByLabel('The known length is, in life').fill('50 cm');
  await page.getByRole('button', { name: 'Length', exact: true }).press('Enter');
  await board.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Length 2, measured')).toHaveText('25.0 cm');
  const end = page.getByRole('button', { name: /^Length 2, spot 2/ });
  await end.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByLabel('Length 2, measured')).not.toHaveText('25.0 cm');

  await set(page, 'Known rectangle', [300, 300], [600, 600], [900, 900], [1200, 1200]);
  await expect(page.getByRole('alert')).toContainText('no three may lie in a line');
  await page.getByRole('button', { name: 'Take the known rectangle out' }).click();
  await expect(page.getByLabel('Length 2, measured')).toBeVisible();
});

/** Says in a JPEG that the camera was held upright: EXIF orientation 6, a quarter turn. */
function heldUpright(jpeg: Buffer): Buffer {
  const tiff = [
    ...[0x4d, 0x4d, 0, 0x2a, 0, 0, 0, 8, 0, 1],
    ...[0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0],
    ...[0, 0, 0, 0],
  ];
  const exif = Buffer.from([0xff, 0xe1, 0, tiff.length + 8, ...Buffer.from('Exif\0\0', 'latin1'), ...tiff]);
  return Buffer.concat([jpeg.subarray(0, 2), exif, jpeg.subarray(2)]);
}

test('a picture of 40 megapixels comes in upright, and what is no picture is said', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  const base64 = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(8000, 5000);
    const pen = canvas.getContext('2d');
    if (!pen) throw new Error('no canvas');
    pen.fillStyle = '#83a06c';
    pen.fillRect(0, 0, 8000, 5000);
    const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg' })).arrayBuffer());
    let text = '';
    for (const byte of bytes) text += String.fromCharCode(byte);
    return btoa(text);
  });
  await page.keyboard.press('o');
  const input = page.getByLabel('+ A picture');
  await input.setInputFiles({
    name: 'large.jpg',
    mimeType: 'image/jpeg',
    buffer: heldUpright(Buffer.from(base64, 'base64')),
  });
  const image = page.getByRole('application').locator('image');
  await expect(image).toHaveAttribute('height', '4096');
  await expect(image).toHaveAttribute('width', '2560');
  await input.setInputFiles({
    name: 'note.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('not a picture'),
  });
  await expect(page.getByText('“note.jpg” cannot be opened as a picture')).toBeVisible();
});
