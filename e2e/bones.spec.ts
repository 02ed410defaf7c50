import { bytesOf, expect, figureValue, openDemo, stage, test } from './bench.ts';
import { inked } from './inked.ts';

test('a wire too thin for her arms is told, the offered one clears it, and the cut leaves the stock', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bones');
  await expect(page.getByRole('img', { name: 'Ferrywoman with its wires, front' })).toBeVisible();
  const reckoning = page.getByRole('complementary', { name: 'Reckoning' });
  await page.getByLabel('Thickness', { exact: true }).selectOption('0.5');
  await expect(reckoning.getByText(/bends under the raw/)).toBeVisible();
  await reckoning
    .getByRole('button', { name: /^take 1 mm aluminium/ })
    .first()
    .click();
  await expect(reckoning.getByText(/bends under the raw/)).toHaveCount(0);
  await expect(page.getByLabel('Thickness', { exact: true })).toHaveValue('1');

  const stock = page.getByRole('region', { name: 'Cut list' });
  const plan = stock.getByRole('region', { name: 'Cut from 1 mm aluminium' });
  await expect(plan).toContainText('as few as it can be done with');
  await expect(stock.getByLabel('1 mm aluminium, length')).toHaveValue('260.0');
  await plan.getByRole('button', { name: 'It is cut' }).click();
  await expect(stock.getByLabel('1 mm aluminium, length').first()).not.toHaveValue('260.0');
  await page.keyboard.press('Control+z');
  await expect(stock.getByLabel('1 mm aluminium, length')).toHaveValue('260.0');

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the bending drawing as PDF' }).click();
  expect((await bytesOf(await download)).subarray(0, 5).toString()).toBe('%PDF-');
  await page.getByRole('button', { name: 'Look at the bending drawing' }).click();
  await expect(page.getByRole('img', { name: 'Page 1 of the bending drawing' })).toBeVisible();
});

test('an arm led out with the oar sags; the wire that is offered clears it; the drawing prints at true size', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bones');
  const reckoning = page.getByRole('complementary', { name: 'Reckoning' });
  // Settled on before the pose: it is kept, and judged again.
  await page.getByLabel('Thickness', { exact: true }).selectOption('0.8');
  await stage(page, 'Size');
  await page.getByLabel('Pose', { exact: true }).selectOption('tee');
  await stage(page, 'Bones');
  await expect(reckoning.getByText(/bends under the raw right arm|raw right arm sags/).first()).toBeVisible();
  await reckoning
    .getByRole('button', { name: /^take / })
    .first()
    .click();
  await expect(reckoning.getByText(/bends under the raw|raw right arm sags/)).toHaveCount(0);
  await expect(page.getByText(/Through the solid itself(: \d| it is so too)/)).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the bending drawing as PDF' }).click();
  const pdf = await bytesOf(await download);
  // The rule of 100 mm at the foot.
  const rule = await inked(page, pdf, 297 - 18.2, 297 - 17.8);
  expect(Math.abs(rule.lineMm - 100)).toBeLessThan(0.4);
});

test('wires are left out, put back, drawn in and bent; other scales and drills are told', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bones');
  const wires = page.getByRole('region', { name: 'Wires' });
  const before = await figureValue(page, 'Wire to cut, all of them');
  await wires.getByRole('button', { name: 'Change the wire “arms, across”' }).click();
  await wires.getByRole('button', { name: 'leave it out' }).click();
  await expect(wires.getByRole('rowheader', { name: 'arms, across' })).toHaveCount(0);
  await expect.poll(() => figureValue(page, 'Wire to cut, all of them')).toBeLessThan(before);
  await wires.getByRole('button', { name: 'put “arms, across” back in' }).click();
  await expect.poll(() => figureValue(page, 'Wire to cut, all of them')).toBeCloseTo(before, 3);
  await wires.getByRole('button', { name: 'Change the wire “legs, across”' }).click();
  await wires.getByLabel('Start goes in, mm').fill('28');
  // Ten millimetres deeper than the peg of 18 mm.
  await expect.poll(() => figureValue(page, 'Wire to cut, all of them')).toBeCloseTo(before + 1, 3);

  await page.getByRole('button', { name: /^Brick quay/ }).click();
  await expect(page.getByText('stout enough to do without a wire')).toBeVisible();
  await page.getByRole('button', { name: '+ A straight wire, to be bent' }).click();
  await expect(wires.getByRole('rowheader', { name: 'wire 1' })).toBeVisible();
  await page.getByRole('button', { name: 'Bend the drawn wires' }).click();
  const front = page.getByRole('group', { name: 'Wire to draw, front' });
  const places = front.getByRole('button', { name: /^place/ });
  await expect(places).toHaveCount(2);
  const [a, b] = await Promise.all([places.first().boundingBox(), places.last().boundingBox()]);
  if (!a || !b) throw new Error('no places');
  await page.mouse.click((a.x + b.x + a.width) / 2, (a.y + b.y + a.height) / 2);
  await expect(places).toHaveCount(3);
  await places.nth(1).focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(wires.getByText(/\d+ mm \d+°|none/).first()).toBeVisible();
  await page.keyboard.press('Delete');
  await expect(places).toHaveCount(2);
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('Control+z');
  // The bend put in, moved and taken out, and the wire itself: all of it is undone.
  await expect(page.getByText('stout enough to do without a wire')).toBeVisible();

  await page.getByRole('button', { name: /^Ferrywoman/ }).click();
  await page.getByRole('button', { name: 'At other scales' }).click();
  const scales = page.getByRole('region', { name: 'At other scales' });
  const half = scales.getByRole('row', { name: /^1:24/ });
  // 1660 mm ÷ 24.
  await expect(half).toContainText('69.2');
  await half.getByRole('button', { name: 'take this scale' }).click();
  await expect(page.getByRole('button', { name: '1:24' })).toBeVisible();

  const holes = page.getByRole('region', { name: 'Holes for pegs' });
  await holes.getByLabel('Drills owned, mm or inch').fill('0.5, 1/16 in, moon');
  await expect(holes.getByRole('alert')).toContainText('“moon” is no drill');
  await holes.getByLabel('Wire, dowel or tube').fill('1');
  await expect(holes).toContainText('drill 1.588 mm (1/16 in), with 2 layers of tape round it');
});

test('a tree is folded, rooted and given twigs, and its bundle follows', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bones');
  await page.getByRole('button', { name: /^Bank-side willow/ }).click();
  const branches = page.getByRole('region', { name: 'Branches' });
  await expect(branches).toContainText('16 wires');
  await expect(branches.getByRole('row', { name: /^trunk/ })).toContainText('16');
  await branches.getByLabel('wires folded once at the foot').check();
  await expect(branches).toContainText('8 wires, the longest');
  await branches.getByLabel('Thin twigs at each tip').fill('0');
  await expect(branches).not.toContainText('twigs bound on');
});

test('hoops, coils and gaps are reckoned as they are typed', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bones');
  const shapes = page.getByRole('region', { name: 'Hoops, coils, wraps and gaps' });
  await shapes.getByLabel('across').fill('1 in');
  // π × 25.4 mm.
  await expect(shapes.getByRole('listitem', { name: 'Hoop, half dome' })).toContainText('79.8 mm');
  const gap = shapes.getByRole('listitem', { name: 'Joint to bend later' });
  await gap.getByLabel('limb').fill('8');
  await expect(gap).toContainText('leave 8.0 mm');
});

test('what wants no wire says why, and a pose changes what is asked of it', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bones');
  await page.getByRole('button', { name: /^Oar/ }).click();
  await expect(page.getByText('Oar is not of clay')).toBeVisible();
  await page.getByRole('button', { name: /^Brick quay/ }).click();
  await expect(page.getByText('stout enough to do without a wire')).toBeVisible();
  await stage(page, 'Size');
  await page.getByRole('button', { name: /^Ferrywoman/ }).click();
  await page.getByLabel('Pose').selectOption('straight');
  await page.keyboard.press('Tab');
  await stage(page, 'Bones');
  await expect(page.getByText(/Wire in Ferrywoman: 0\.[0-9]+ mm/)).toBeVisible();
});
