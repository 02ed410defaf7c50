import { writeFileSync } from 'node:fs';
import {
  bytesOf,
  expect,
  figure,
  openDemo,
  pieceText,
  reckonCsv,
  settled,
  stage,
  test,
  untilKept,
} from './bench.ts';

test('a reload in the middle of typing loses nothing older than a second', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Brief');
  await page.getByRole('textbox', { name: 'What is to be made', exact: true }).fill('A quay at low water.');
  await page.getByRole('textbox', { name: 'What is to be made', exact: true }).press('End');
  await page.keyboard.type(' Gulls');
  await page.waitForTimeout(1000);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'What is to be made', exact: true })).toHaveValue(
    'A quay at low water. Gulls',
  );
});

test('leaving a piece at once after a change keeps the change', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Brief');
  await page.getByRole('textbox', { name: 'Who handles it', exact: true }).fill('only me');
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.getByRole('link', { name: 'Low Water Ferry' }).click();
  await stage(page, 'Brief');
  await expect(page.getByRole('textbox', { name: 'Who handles it', exact: true })).toHaveValue('only me');
});

test('export, wipe, import: the same reckonings', async ({ page }, info) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  await page.getByRole('textbox', { name: 'Skin', exact: true }).fill('3.5');
  await untilKept(page);
  const exported = async (name: string) => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Export the piece' }).click();
    const file = info.outputPath(name);
    writeFileSync(file, await bytesOf(await download));
    return file;
  };
  const first = await exported('first.inch.json');
  await settled(page);
  const panel = await page.getByRole('complementary', { name: 'Reckoning' }).textContent();

  // An address of the server without the application: nothing holds the database open.
  await page.goto('/health');
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const wipe = indexedDB.deleteDatabase('every-inch');
        wipe.onsuccess = () => done();
        wipe.onblocked = () => fail(new Error('blocked'));
        wipe.onerror = () => fail(wipe.error);
      }),
  );
  await page.goto('/');
  for (const name of ['Low Water Ferry', 'Toll Frogs', 'Night Market'])
    await page.getByRole('button', { name: `Delete ${name}` }).click();
  await expect(page.getByText('The shelf is empty.')).toBeVisible();
  await page.locator('input[type=file]').setInputFiles(first);
  await page.getByRole('link', { name: 'Low Water Ferry' }).click();
  await stage(page, 'Bulk');
  await expect.poll(() => page.getByRole('complementary', { name: 'Reckoning' }).textContent()).toBe(panel);
  const second = await exported('second.inch.json');
  expect(reckonCsv(second)).toBe(reckonCsv(first));
});

test('a second tab reads along and may take over', async ({ page, context }) => {
  await openDemo(page, 'Low Water Ferry', 'Brief');
  const other = await context.newPage();
  await other.goto('/piece/low-water-ferry/brief');
  await expect(other.getByText('Another tab edits this piece.', { exact: false })).toBeVisible();
  await expect(other.getByRole('textbox', { name: 'Who handles it', exact: true })).toBeDisabled();
  await page.getByRole('textbox', { name: 'Who handles it', exact: true }).fill('the first tab');
  await expect(other.getByRole('textbox', { name: 'Who handles it', exact: true })).toHaveValue(
    'the first tab',
  );
  await page
    .getByRole('textbox', { name: 'Who handles it', exact: true })
    .fill('the first tab, in the last second');
  await other.getByRole('button', { name: 'Edit it here instead' }).click();
  await expect(other.getByRole('textbox', { name: 'Who handles it', exact: true })).toHaveValue(
    'the first tab, in the last second',
  );
  await expect(other.getByRole('textbox', { name: 'Who handles it', exact: true })).toBeEnabled();
  await expect(page.getByText('Another tab edits this piece.', { exact: false })).toBeVisible();
});

test('older versions can be brought back, and undo returns', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Brief');
  await page.getByRole('textbox', { name: 'Budget', exact: true }).fill('75');
  await untilKept(page);
  await page.getByRole('textbox', { name: 'Budget', exact: true }).fill('99');
  await untilKept(page);
  await page.getByRole('button', { name: 'Older versions' }).click();
  await page.getByRole('button', { name: 'Bring back' }).first().click();
  await expect(page.getByRole('textbox', { name: 'Budget', exact: true })).toHaveValue('75');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(page.getByRole('textbox', { name: 'Budget', exact: true })).toHaveValue('99');
});

test('new, duplicate, delete with undo, back up and restore', async ({ page }, info) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Duplicate Toll Frogs' }).click();
  await expect(page.getByRole('link', { name: 'Toll Frogs, copy' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete Toll Frogs, copy' }).click();
  await expect(page.getByRole('link', { name: 'Toll Frogs, copy' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Toll Frogs, copy' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up everything' }).click();
  const file = info.outputPath('backup.zip');
  writeFileSync(file, await bytesOf(await download));
  for (const name of ['Toll Frogs, copy', 'Toll Frogs', 'Low Water Ferry', 'Night Market'])
    await page.getByRole('button', { name: `Delete ${name}`, exact: true }).click();
  await expect(page.getByText('The shelf is empty.')).toBeVisible();
  await page.locator('input[type=file]').setInputFiles(file);
  await expect(page.getByRole('link')).toContainText(['Low Water Ferry']);
  await expect(page.getByRole('link', { name: /Toll Frogs/ })).toHaveCount(2);
});

test('without storage it says so once, and work and export go on', async ({ page }) => {
  await page.addInitScript(() => Object.defineProperty(window, 'indexedDB', { value: undefined }));
  await page.goto('/');
  await expect(page.getByRole('status').filter({ hasText: 'keeps nothing' })).toBeVisible();
  await page.getByRole('link', { name: 'Low Water Ferry' }).click();
  await expect(page.getByText('in memory only')).toBeVisible();
  await page.getByLabel('Height, sole to crown, in life').fill('1.8 m');
  await expect(figure(page, 'Height')).toContainText('150.0 mm');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export the piece' }).first().click();
  expect(pieceText(await bytesOf(await download))).toContain('"statureMm": 1800');
});

test('when storage is full it says so, keeps the change in memory and offers the export', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Brief');
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await page.getByRole('textbox', { name: 'Who handles it', exact: true }).fill('the last straw');
  await expect(page.getByText('storage is full', { exact: false })).toBeVisible();
  await expect(page.getByText('not kept')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Who handles it', exact: true })).toHaveValue(
    'the last straw',
  );
  const download = page.waitForEvent('download');
  await page.getByRole('status').getByRole('button', { name: 'Export the piece' }).click();
  expect(pieceText(await bytesOf(await download))).toContain('the last straw');
});
