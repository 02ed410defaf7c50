import { expect, openDemo, settled, stage, test } from './bench.ts';

const layers = (name: string) => `Layers of ${name}`;

test('a wash over unprimed paint: what may lift, where, and the way out', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Finish');
  await page
    .getByRole('list', { name: 'Surfaces' })
    .getByRole('button', { name: 'bricks', exact: true })
    .click();
  const list = page.getByRole('list', { name: layers('bricks') });
  await expect(list.getByRole('listitem')).toHaveCount(8);
  await list.getByRole('button', { name: 'leave prime out' }).click();
  await list.getByRole('button', { name: 'leave seal out' }).click();
  await expect(list).toContainText('may lift in flakes where the wash is wiped');
  await expect(list).toContainText('common practice');
  const section = page.getByRole('region', { name: 'Layers', exact: true });
  await expect(section).toContainText('thin wash of acrylic over acrylic paint');
  await section
    .getByRole('button', { name: /sealer first|shellac first|primer/ })
    .first()
    .click();
  await expect(section).toContainText('every layer holds on what is under it');
  await expect(list.getByRole('listitem')).toHaveCount(7);
  await page.keyboard.press('ControlOrMeta+z');
  await expect(list).toContainText('may lift in flakes');
});

test('a dry brush that will not show is told, and the colour that does is taken', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Finish');
  await page
    .getByRole('list', { name: 'Surfaces' })
    .getByRole('button', { name: 'bricks', exact: true })
    .click();
  const list = page.getByRole('list', { name: layers('bricks') });
  await list.getByLabel('Colour of dry brush').fill('#9a6a52');
  await expect(list).toContainText('it will not show');
  await list.getByRole('button', { name: /take a lighter colour/ }).click();
  await expect(list).not.toContainText('it will not show');
});

test('the form is painted layer by layer, and a surface is painted on in space: its amount follows', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Finish');
  const form = page.getByRole('img', { name: /^Ferrywoman, the paint/ });
  await expect(form).toHaveAttribute('data-state', 'fine', { timeout: 20_000 });
  await page.getByLabel('Layers that are on').fill('4');
  await expect(page.getByRole('img', { name: /after 4 of 11 layers/ })).toBeVisible();
  await page.getByLabel('Shown').selectOption('cavity');
  await expect(page.getByRole('img', { name: /where a wash settles/ })).toBeVisible();
  await page.getByLabel('Shown').selectOption('paint');

  await page.getByRole('button', { name: '+ a surface: its layers are proposed' }).click();
  const row = page.getByRole('list', { name: 'Surfaces' }).locator('[aria-current="true"]');
  await expect(row).toContainText('all of it');
  await expect(row).toContainText('cm²');
  const whole = (await row.textContent()) ?? '';
  await page.getByRole('checkbox', { name: 'paint the surface on' }).check();
  const box = await form.boundingBox();
  if (!box) throw new Error('the form was wanted');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.6);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.65, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^take the \d+ dabs off/ })).toBeVisible();
  await expect(row).toContainText('as it was painted on');
  await settled(page);
  const cm2 = (text: string) => Number(/([\d.]+) cm²/.exec(text)?.[1]);
  expect(cm2((await row.textContent()) ?? '')).toBeLessThan(0.1 * cm2(whole));
});

test('an empty piece says what is missing', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New piece' }).click();
  await stage(page, 'Finish');
  await expect(page.getByRole('main', { name: 'Finish' })).toContainText('nothing to paint yet');
});

test('the oar is glued with a load that fails, pinned, and held', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Finish');
  const ways = page.getByRole('list', { name: 'Ways to join Oar to Ferrywoman' });
  await ways.getByRole('radio', { name: 'superglue' }).check();
  const joint = page.getByRole('listitem').filter({ has: ways });
  await joint.getByRole('textbox', { name: 'They touch on' }).fill('60');
  await expect(joint).toContainText('3 times what it is asked are wanted');
  await joint.getByRole('button', { name: /pins? of [\d.]+ mm across it/ }).click();
  await expect(joint).toContainText('3 times are wanted');
  await expect(joint).toContainText('a pin goes in at least');
  await expect(joint).toContainText('held for');
});

test('snow settles where it is open to the sky; too much slides off; front and back are printed at true size', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Finish');
  await page
    .getByRole('list', { name: 'Surfaces' })
    .getByRole('button', { name: 'boards', exact: true })
    .click();
  const section = page.getByRole('region', { name: 'Layers', exact: true });
  await section.getByLabel('What settles on it').selectOption('snow');
  await section.getByRole('button', { name: '+ let it settle' }).click();
  const list = page.getByRole('list', { name: layers('boards') });
  await expect(list.getByRole('listitem').last()).toContainText(/on what lies open to the sky: [\d.]+ cm²/);
  await list.getByRole('button', { name: /^snow dry snow/ }).click();
  await list.getByLabel('One coat, wet').fill('45');
  await list.getByLabel('One coat, wet').press('Enter');
  await expect(list).toContainText('too much: 45 mm slide off');
  await list.getByRole('button', { name: /^lay [\d.]+ mm$/ }).click();
  await expect(list).not.toContainText('too much');

  const form = page.getByRole('img', { name: /^Plank stage, the paint/ });
  await expect(form).toHaveAttribute('data-state', 'fine', { timeout: 20_000 });
  await page.getByLabel('Shown').selectOption('run');
  await expect(page.getByRole('img', { name: /where water runs off/ })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print front and back' }).click();
  expect((await download).suggestedFilename()).toMatch(/\.pdf$/);
});

test('a colour is mixed from one’s own paints, kept, and mixed again once it came out too dark', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Finish');
  const section = page.getByRole('region', { name: 'Colours', exact: true });
  await section.getByLabel('A colour to mix').fill('#a07850');
  const offered = section.getByRole('list', { name: 'Mixes that come near' });
  await expect(offered.getByRole('listitem')).toHaveCount(3);
  await offered.getByRole('button', { name: 'keep as a card' }).first().click();
  const cards = section.getByRole('list', { name: 'Cards of what was mixed' });
  await expect(cards.getByRole('listitem')).toHaveCount(2);
  await cards.getByLabel('Came out as').last().fill('#6f4d30');
  await expect(cards).toContainText('too dark');
  await cards
    .getByRole('button', { name: /^the next batch/ })
    .last()
    .click();
  await expect(cards).toContainText('batch 2');
});
