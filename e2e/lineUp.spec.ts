import { expect, openDemo, test } from './bench.ts';

test('parts of the line-up are pulled into another order, looked at closely by keys, and typed in inches', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  const row = () =>
    page.locator('rect[data-part]').evaluateAll((all) => all.map((one) => one.getAttribute('data-part')));
  await expect.poll(async () => (await row()).slice(0, 4)).toEqual(['ferrywoman', 'oar', 'goose', 'post']);
  const before = await row();
  const box = async (part: string) => {
    const found = await page.locator(`rect[data-part=${part}]`).boundingBox();
    if (!found) throw new Error(`${part} is not in the row`);
    return found;
  };
  const [from, to] = [await box('quay'), await box('goose')];
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x - 4, from.y + from.height / 2, { steps: 6 });
  await page.mouse.up();
  // The stitches on the quay's edge go with it.
  const others = before.slice(2).filter((part) => part !== 'quay' && part !== 'stitch');
  await expect.poll(row).toEqual(['ferrywoman', 'oar', 'quay', 'stitch', ...others]);
  await page.keyboard.press('Control+z');
  await expect.poll(row).toEqual(before);

  const small = (await box('ferrywoman')).height;
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('+');
  await expect.poll(async () => (await box('ferrywoman')).height).toBeGreaterThan(small * 1.7);
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('-');
  await expect.poll(async () => Math.round((await box('ferrywoman')).height)).toBe(Math.round(small));

  // 6 in of a miniature at 1:12 are 6 ft in life.
  await page.getByLabel('Height, sole to crown, in inches').fill('6');
  await expect(page.getByLabel('Height, sole to crown, in life')).toHaveValue('1.829 m');
  await expect(page.getByLabel('Height, sole to crown, miniature', { exact: true })).toHaveValue('152.4');
  await expect(page.getByRole('row', { name: /Shoulder breadth/ })).toContainText('45.5 cm');
});
