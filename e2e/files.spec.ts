import { writeFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';
import { bytesOf, expect, exportedFerry, openDemo, pieceText, stage, test } from './bench.ts';

const json = (name: string, content: unknown) => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(typeof content === 'string' ? content : JSON.stringify(content)),
});

test('files that cannot be opened say why, and the shelf stays as it was', async ({ page }, info) => {
  const raw = await exportedFerry(page);
  const files: [ReturnType<typeof json>, RegExp][] = [
    [json('cut.inch.json', JSON.stringify(raw).slice(0, 700)), /ends too early/],
    [json('map.json', { type: 'Topology' }), /not a piece/],
    [json('new.inch.json', { ...raw, version: 12 }), /newer Every Inch/],
    [
      { name: 'bad.inch.zip', mimeType: 'application/zip', buffer: Buffer.from('PK\u0003\u0004nonsense') },
      /damaged or cut off/,
    ],
  ];
  for (const [file, says] of files) {
    await page.locator('input[type=file]').setInputFiles(file);
    await expect(page.getByText(says).first()).toBeVisible();
  }
  const big = info.outputPath('big.inch.json');
  writeFileSync(big, ' '.repeat(50 * 1024 * 1024));
  await page.locator('input[type=file]').setInputFiles(big);
  await expect(page.getByText(/has 50 MB/).first()).toBeVisible();
  await expect(page.locator('main li')).toHaveCount(3);
});

test('a damaged part is put aside and shown, the rest opens, and nothing is lost on export', async ({
  page,
}) => {
  const hurt = await exportedFerry(page);
  hurt.id = 'hurt';
  hurt.name = 'Hurt ferry';
  delete hurt.parts[3].form;
  hurt.parts[0].glaze = 'salt';
  await page.goto('/');
  await page.locator('input[type=file]').setInputFiles(json('hurt.inch.json', hurt));
  await expect(page.getByText('Put aside parts[3]: parts[3].form is missing.')).toBeVisible();
  await page.getByRole('link', { name: 'Hurt ferry' }).click();
  await expect(page.getByRole('button', { name: /^Ferrywoman/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Mooring post/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Older versions' }).click();
  await expect(page.getByRole('dialog')).toContainText('parts[3].form is missing');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export with all of it' }).click();
  const out = JSON.parse(pieceText(await bytesOf(await download)));
  expect(out.parts[0].glaze).toBe('salt');
  expect(out.quarantine[0].raw.name).toBe('Mooring post');
});

test('a part that cannot be built says which entry to mend, and mends', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Oar/ }).click();
  await page.getByLabel('Length, miniature').fill('2');
  await expect(page.getByRole('alert')).toContainText('rod: lengthMm wants more than 42 mm');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('5 000 parts open and can be worked on', async ({ page }) => {
  const many = { ...(await exportedFerry(page)), id: 'many', name: 'Many', log: [] };
  const post = many.parts.find(({ id }: { id: string }) => id === 'post');
  many.parts = Array.from({ length: 5000 }, (_, i) => ({ ...post, id: `p${i}`, name: `Post ${i + 1}` }));
  await page.goto('/');
  await page.locator('input[type=file]').setInputFiles(json('many.inch.json', many));
  await page.getByRole('link', { name: 'Many' }).click();
  const first = page.locator('#tray-p0');
  await first.waitFor();
  await first.click();
  await page.keyboard.press('Delete');
  await first.waitFor({ state: 'detached' });
  await page.keyboard.press('Control+z');
  await first.waitFor();
});

test('a picture is kept small and without its place, and travels in the archive', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Log');
  const drawn = await page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    canvas.width = 2400;
    canvas.height = 1200;
    canvas.getContext('2d')?.fillRect(0, 0, 1200, 1200);
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg'));
    return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))];
  });
  // An APP1 segment such as cameras write, right behind the start marker.
  const exif = Buffer.concat([
    Buffer.from([0xff, 0xe1, 0x00, 0x1a]),
    Buffer.from('Exif\0\0GPS 54.0N 10.1E', 'latin1').subarray(0, 24),
  ]);
  const buffer = Buffer.concat([Buffer.from(drawn.slice(0, 2)), exif, Buffer.from(drawn.slice(2))]);
  await page.getByRole('button', { name: 'Record a note', exact: true }).click();
  const form = page.getByRole('form', { name: 'Record a note' });
  await form.getByLabel('Add a picture').setInputFiles({ name: 'quay.jpg', mimeType: 'image/jpeg', buffer });
  await expect(form.getByText('1 added')).toBeVisible();
  await form.getByRole('button', { name: 'Record it' }).click();
  const picture = page.getByRole('img', { name: 'Picture of this entry' });
  await expect(picture).toBeVisible();
  expect(await picture.evaluate((img: HTMLImageElement) => [img.naturalWidth, img.naturalHeight])).toEqual([
    1600, 800,
  ]);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export the piece' }).click();
  const saved = await download;
  expect(saved.suggestedFilename()).toBe('Low Water Ferry.inch.zip');
  const files = unzipSync(new Uint8Array(await bytesOf(saved)));
  const name = Object.keys(files).find((one) => one.startsWith('pictures/')) ?? '';
  expect(strFromU8(files[name] ?? new Uint8Array(), true)).not.toContain('GPS');
  // A file that is no picture is refused by name.
  await page.getByRole('button', { name: 'Record a note', exact: true }).click();
  await page
    .getByLabel('Add a picture')
    .setInputFiles({ name: 'notes.txt', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(page.getByText('“notes.txt” cannot be opened as a picture', { exact: false })).toBeVisible();
  await stage(page, 'Size');
});
