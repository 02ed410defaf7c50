import Module from 'manifold-3d';
import { readStl, writeStl } from '../core/src/solid/index.ts';
import { expect, figure, figureValue, openDemo, test, untilKept } from './bench.ts';

test('a beast from a preset: its height given, sat down, and everything follows', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.keyboard.press('n');
  await page.getByLabel('What is it?').fill('dog');
  await page.getByRole('option', { name: /^Large dog/ }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Harbour dog');
  await page.keyboard.press('Enter');
  await page.getByLabel('Height at the withers, in life').fill('60 cm');
  await page.keyboard.press('Enter');
  // 600 mm ÷ 12
  await expect(page.getByLabel('Height at the withers, miniature')).toHaveValue('50.0');
  const height = () => figureValue(page, 'Height');
  const standing = await height();
  await page.getByLabel('Pose').selectOption('lying');
  await expect.poll(height).toBeLessThan(standing * 0.85);
  await expect(page.getByLabel('Height at the withers, miniature')).toHaveValue('50.0');
  await expect(page.getByRole('group', { name: 'Line-up of 15 parts to one scale' })).toBeVisible();

  await page.getByText('Joints', { exact: true }).click();
  const bend = page.getByRole('slider', { name: 'trunk, bend' });
  await bend.fill('20');
  await expect(page.getByText('Joints, 1 turned by hand')).toBeVisible();
  await page.getByRole('button', { name: 'back to the pose' }).click();
  await expect(page.getByText('Joints', { exact: true })).toBeVisible();
});

test('clothes and a coat make a person wider, not taller', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByLabel('Coat or skirt to').fill('');
  await page.keyboard.press('Enter');
  const volume = () => figureValue(page, 'Volume');
  const bare = await volume();
  await page.getByLabel('Coat or skirt to').fill('40 cm');
  await page.keyboard.press('Enter');
  await expect.poll(volume).toBeGreaterThan(bare * 1.2);
  await expect(figure(page, 'Height')).toContainText('138.3 mm');
});

/** A tower with a round hole through it, 30 × 20 × 60 units with z up, made by a geometry library. */
async function tower(): Promise<Buffer> {
  const manifold = await Module();
  manifold.setup();
  const { vertProperties, triVerts, numProp } = manifold.Manifold.cube([30, 20, 60])
    .subtract(manifold.Manifold.cylinder(80, 6, 6, 48, true).rotate([90, 0, 0]).translate([15, 10, 40]))
    .getMesh();
  const positions = Float64Array.from(
    { length: (vertProperties.length / numProp) * 3 },
    (_, i) => vertProperties[Math.floor(i / 3) * numProp + (i % 3)] ?? 0,
  );
  return Buffer.from(writeStl({ positions, triangles: Uint32Array.from(triVerts) }));
}

test('a solid from a file: read, its unit corrected, kept, and a broken one told apart', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  const stl = await tower();
  await page.keyboard.press('n');
  const picker = page.getByLabel('Solid to bring in');
  await picker.setInputFiles({ name: 'cut.stl', mimeType: 'model/stl', buffer: stl.subarray(0, 700) });
  await expect(page.getByRole('alert')).toContainText(
    /“cut.stl”: The file claims \d+ triangles and holds 12/,
  );
  await picker.setInputFiles({ name: 'Bell tower.stl', mimeType: 'model/stl', buffer: stl });
  await expect(page.getByRole('button', { name: /^Bell tower/ })).toBeVisible();
  await expect(figure(page, 'Height')).toContainText('60.0 mm');
  await expect(page.getByLabel('Lengths are')).toHaveValue('miniature');

  // 6 cm of file, not 60 mm: ten times as high, and a thousand times the volume.
  const volume = await figureValue(page, 'Volume');
  await page.getByLabel('Its file is in').selectOption('cm');
  await expect(figure(page, 'Height')).toContainText('600.0 mm');
  expect((await figureValue(page, 'Volume')) / volume).toBeCloseTo(1000, -1);
  await page.keyboard.press('Control+z');
  await expect(figure(page, 'Height')).toContainText('60.0 mm');
  await page.getByLabel('Up is').selectOption('y');
  await expect(figure(page, 'Height')).toContainText('20.0 mm');
  await page.getByLabel('Height, miniature').fill('40');
  await page.keyboard.press('Enter');
  await expect(figure(page, 'Width')).toContainText('60.0 mm');

  await untilKept(page);
  await page.reload();
  await page.getByRole('button', { name: /^Bell tower/ }).click();
  await expect(figure(page, 'Height')).toContainText('40.0 mm');
});

test('an open solid keeps its sizes and says what does not hold', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  const whole = readStl(await tower());
  const open = writeStl({ ...whole, triangles: whole.triangles.slice(0, -3) });
  await page.keyboard.press('n');
  await page
    .getByLabel('Solid to bring in')
    .setInputFiles({ name: 'open.stl', mimeType: 'model/stl', buffer: Buffer.from(open) });
  await expect(
    page.getByText('It is open: 3 edges have a triangle on one side only.', { exact: false }),
  ).toBeVisible();
  await expect(figure(page, 'Height')).toContainText('60.0 mm');
});

test('where the browser draws nothing in space, the flat views stand in', async ({ page }) => {
  await page.addInitScript(() => {
    HTMLCanvasElement.prototype.getContext = () => null;
  });
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.keyboard.press('v');
  await expect(page.getByText('This browser draws nothing in space')).toBeVisible();
  await expect(page.getByRole('img', { name: 'Ferrywoman, side' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save as STL' })).toBeEnabled();
});
