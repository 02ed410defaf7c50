import { expect, openDemo, stage, test } from './bench.ts';

test('the route: what is out of order is named and mended at one press, a ring is refused, a step is split and ticked', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bench');
  const route = page.getByRole('region', { name: 'Route' });
  const order = page.getByRole('complementary', { name: 'Reckoning' });
  await expect(route.getByText(/15 done; as you have it/)).toBeVisible();
  // What the oven would melt stops at Bench as it does at Bake, with the same way out.
  await expect(order.getByText(/kit plastic: softens and sags/)).toBeVisible();
  await order.getByRole('button', { name: /^move “Let clear chimney into Storm lantern”/ }).click();
  await expect(order.getByText('everything comes when it can')).toBeVisible();

  // Worked on before it is cold: it is told, and nothing else.
  const cold = route.getByRole('button', { name: /^Cool after final bake/ });
  await cold.press('Alt+ArrowDown');
  await expect(order.getByText(/comes before what is out of “Final bake” has cooled/)).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(order.getByText('everything comes when it can')).toBeVisible();

  // Sealed before the last bake: both steps are named, and the cheapest move is offered.
  const seal = route.getByRole('button', { name: 'Seal everything', exact: true });
  for (let i = 0; i < 3; i += 1) await seal.press('Alt+ArrowUp');
  await expect(route.getByText(/as you have it; steps of new parts come in by themselves/)).toBeVisible();
  await expect(order.getByText(/“Final bake” must come before “Seal everything”/)).toBeVisible();
  await order.getByRole('button', { name: /^move “(Final bake|Seal everything)”/ }).click();
  await expect(order.getByText('everything comes when it can')).toBeVisible();

  // Base coats need the seal: what would have the seal wait for them is refused, the ring spelled out.
  await route.getByRole('button', { name: 'Base coats', exact: true }).click();
  await route.getByLabel('This step').selectOption('marks what is covered by');
  await route.getByLabel('this one').selectOption('Seal everything');
  await route.getByRole('button', { name: '+ Say so' }).click();
  await expect(page.getByText(/round in a ring: .*Seal everything → Base coats/)).toBeVisible();

  // Retimed, split, ticked; all of it can be undone.
  await route.getByLabel('At the bench', { exact: true }).fill('');
  await route.getByLabel('At the bench', { exact: true }).pressSequentially('90');
  await expect(
    route.getByRole('listitem').filter({ hasText: 'Base coats' }).getByText('1.5 h'),
  ).toBeVisible();
  // Typing in one field is one step: a single undo brings what was reckoned back, a redo the minutes.
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(route.getByLabel('At the bench', { exact: true })).toHaveValue('');
  await page.getByRole('button', { name: /^Redo/ }).click();
  await expect(route.getByLabel('At the bench', { exact: true })).toHaveValue('90');
  await route.getByRole('button', { name: 'Split in two' }).click();
  await expect(route.getByRole('button', { name: 'Base coats, second half', exact: true })).toBeVisible();
  await route.getByRole('checkbox', { name: 'Ferrywoman: small parts, baked ahead is done' }).check();
  await expect(route.getByText(/\d+ steps, 16 done/)).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(route.getByText(/, 15 done/)).toBeVisible();

  // A part more: its steps come in by themselves; the maker’s own stays.
  await page
    .getByRole('button', { name: /^Greylag goose/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Duplicate Greylag goose' }).click();
  await expect(
    route.getByRole('button', { name: 'Greylag goose 2: clean and smooth', exact: true }),
  ).toBeVisible();
  await expect(route.getByRole('button', { name: 'Base coats, second half', exact: true })).toBeVisible();
  await expect(order.getByText('everything comes when it can')).toBeVisible();
});

test('in a route of one’s own the audit moves the step behind the bake', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bench');
  const route = page.getByRole('region', { name: 'Route' });
  await route.getByRole('checkbox', { name: 'Ferrywoman: small parts, baked ahead is done' }).check();
  await expect(route.getByText(/, 16 done/)).toBeVisible();
  const placeOf = async (name: string) =>
    (await route.getByRole('listitem').allTextContents()).findIndex((text) =>
      text.replace(/^\d+/, '').startsWith(name),
    );
  const fix = 'Let clear chimney into Storm lantern';
  expect(await placeOf(fix)).toBeLessThan(await placeOf('Final bake'));
  await stage(page, 'Bake');
  await page
    .getByRole('button', { name: /^Storm lantern/ })
    .first()
    .click();
  const audit = page.getByRole('region', { name: 'Before the oven' });
  await audit.getByRole('button', { name: 'put clear chimney on after the bake' }).first().click();
  await expect(audit.getByText('stop')).toHaveCount(0);
  await stage(page, 'Bench');
  await expect.poll(async () => (await placeOf(fix)) > (await placeOf('Final bake'))).toBe(true);
  await expect(page.getByText('everything comes when it can')).toBeVisible();
});
