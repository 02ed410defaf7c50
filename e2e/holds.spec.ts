import type { Page } from '@playwright/test';
import { expect, openDemo, stage, test, untilKept } from './bench.ts';

/** Puts something into a store of the browser’s database, past the application. */
async function plant(page: Page, store: string, key: string, value: unknown): Promise<void> {
  await page.evaluate(
    ([into, id, thing]) =>
      new Promise<void>((done, fail) => {
        const opening = indexedDB.open('every-inch');
        opening.onerror = () => fail(opening.error);
        opening.onsuccess = () => {
          const work = opening.result.transaction(into as string, 'readwrite');
          work.objectStore(into as string).put(thing, id as string);
          work.oncomplete = () => {
            opening.result.close();
            done();
          };
        };
      }),
    [store, key, value] as const,
  );
}

test('a record and a head that nobody can read brick nothing: they are shown, saved as found, and deleted', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Toll Frogs', exact: true })).toBeVisible();
  await plant(page, 'heads', 'bad', {
    id: 'bad',
    name: 'Bad days',
    due: '2026-W00',
    keptAt: '-2026-05-01',
    parts: 3,
    scale: '1:12',
  });
  await plant(page, 'pieces', 'bad', { format: 'every-inch/piece', version: 2, brief: [], parts: 'none' });
  await plant(page, 'heads', 'worse', 'nonsense');
  await plant(page, 'pieces', 'worse', { format: 'every-inch/piece', version: 999 });
  await page.reload();
  await expect(page.getByRole('link', { name: 'Bad days' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'worse' })).toBeVisible();
  await expect(page.getByText('due 2026-W00')).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export worse' }).click();
  expect((await saved).suggestedFilename()).toBe('worse.as-found.inch.json');
  const backup = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up everything' }).click();
  expect((await backup).suggestedFilename()).toMatch(/^every-inch-backup-.*\.zip$/);
  await expect(page.getByText(/“worse” cannot be read and was saved as it was found/).first()).toBeVisible();
  // What can be made of the other opens.
  await page.getByRole('link', { name: 'Bad days' }).click();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'Delete worse' }).click();
  await expect(page.getByRole('link', { name: 'worse' })).toHaveCount(0);
});

test('a database that is gone is made again from the second copies, and it is said', async ({ page }) => {
  await openDemo(page, 'Toll Frogs', 'Size');
  await page.getByLabel('Name of the piece').fill('Frogs, my own');
  await page.getByLabel('Name of the piece').press('Enter');
  await untilKept(page);
  await page.goto('/health');
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const going = indexedDB.deleteDatabase('every-inch');
        going.onsuccess = () => done();
        going.onerror = () => fail(going.error);
        going.onblocked = () => fail(new Error('blocked'));
      }),
  );
  await page.goto('/');
  await expect(page.getByText(/brought back from second copies: .*Frogs, my own/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Frogs, my own', exact: true })).toBeVisible();
  // No fresh demo beside what was made of it.
  await expect(page.getByRole('link', { name: 'Toll Frogs', exact: true })).toHaveCount(0);
});

test('a clock that was started is on every page, through a reload, and in another tab', async ({
  page,
  context,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bake');
  await page
    .getByRole('button', { name: /It is in: start the clock/ })
    .first()
    .click();
  const clock = (of: Page) => of.getByRole('complementary', { name: 'Clocks' });
  await expect(clock(page)).toBeVisible();
  for (const address of ['/', '/handbook', '/workshop', '/instruments']) {
    await page.goto(address);
    await expect(clock(page), address).toContainText('in the oven');
    await expect(page).toHaveTitle(/^in the oven/);
  }
  const other = await context.newPage();
  await other.goto('/handbook');
  await expect(clock(other)).toBeVisible();
  await clock(other).getByRole('button', { name: 'Out of the heat' }).click();
  await expect(clock(page)).toContainText('cooling');
});

test('what two tabs set in the workshop is both kept', async ({ page, context }) => {
  await page.goto('/workshop');
  const other = await context.newPage();
  await other.goto('/workshop');
  await other.getByLabel('Sizes in life').selectOption({ label: 'feet and inches' });
  await expect(page.getByLabel('Sizes in life')).toHaveValue('feet');
  await page.getByLabel('Light', { exact: true }).selectOption({ label: 'dark' });
  await expect(other.getByLabel('Light', { exact: true })).toHaveValue('dark');
  await other.waitForTimeout(900);
  await other.close();
  await page.reload();
  await expect(page.getByLabel('Sizes in life')).toHaveValue('feet');
  await expect(page.getByLabel('Light', { exact: true })).toHaveValue('dark');
});

test('eight tabs all open, and the one that reads is told when the editor closes', async ({
  page,
  context,
}) => {
  await openDemo(page, 'Toll Frogs', 'Size');
  const tabs: Page[] = [];
  for (let i = 0; i < 7; i += 1) {
    const tab = await context.newPage();
    await tab.goto(i === 6 ? page.url() : '/workshop');
    tabs.push(tab);
  }
  const last = tabs.at(-1) as Page;
  await expect(last.getByText('Another tab edits this piece.')).toBeVisible();
  await page.close();
  await expect(last.getByText('The other tab has closed this piece')).toBeVisible();
  await expect(last.getByText('Another tab edits this piece.')).toHaveCount(0);
  await stage(last, 'Brief');
});

test('a solid with a point astray is asked about, and a file of nonsense says why', async ({ page }) => {
  await openDemo(page, 'Toll Frogs', 'Size');
  await page
    .getByRole('button', { name: /Add a part|\+ part/i })
    .first()
    .click();
  const corners = [
    [0, 0, 0],
    [30, 0, 0],
    [0, 30, 0],
    [0, 0, 90_000],
  ];
  const faces = [
    [0, 2, 1],
    [0, 1, 3],
    [1, 2, 3],
    [2, 0, 3],
  ];
  const stl = `solid x\n${faces
    .map(
      (face) =>
        `facet normal 0 0 0\nouter loop\n${face.map((at) => `vertex ${corners[at]?.join(' ')}`).join('\n')}\nendloop\nendfacet\n`,
    )
    .join('')}endsolid x\n`;
  const bring = (name: string, text: string) =>
    page
      .getByLabel('Solid to bring in')
      .setInputFiles({ name, mimeType: 'model/stl', buffer: Buffer.from(text) });
  await bring('nonsense.stl', 'solid and nothing else');
  await expect(page.getByRole('alert')).toContainText('nonsense.stl');
  await bring('astray.stl', stl);
  await expect(page.getByRole('alert')).toContainText('times as long as it is thick');
  await page.getByRole('button', { name: 'Bring it in even so' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
});
