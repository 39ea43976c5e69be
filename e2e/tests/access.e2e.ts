import { expectNoViolations } from './axe.js';
import { expect, test } from './kitchen.js';

test('the sign-in page has no axe violations', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo kitchen' }).waitFor();
  await expectNoViolations(page);
});

test('no stop of a class has axe violations', async ({ kitchen: page }) => {
  test.setTimeout(150_000);
  await expectNoViolations(page);
  await page.getByRole('link', { name: 'Roots and citrus' }).click();
  for (const [stop, heading] of [
    ['set-up', 'Set up'],
    ['portion', 'On each bench'],
    ['shop', 'To buy'],
    ['pack', 'To pack'],
    ['time', 'Before the day'],
    ['cards', 'Station cards'],
  ] as const) {
    await page.goto(page.url().replace(/\/(set-up|portion|shop|pack|time|cards)$/, `/${stop}`));
    await page.getByRole('heading', { name: heading }).waitFor();
    await expectNoViolations(page);
  }
});

test('neither the room, needs at the stations, nor the labels have axe violations', async ({
  kitchen: page,
}) => {
  test.setTimeout(120_000);
  await page.getByRole('link', { name: 'Smoke, char and warm salads' }).click();
  await page.getByRole('region', { name: 'Room' }).waitFor();
  await expectNoViolations(page);
  await page.goto(page.url().replace(/\/set-up$/, '/portion'));
  await page.getByRole('list', { name: 'Needs at the stations' }).waitFor();
  await expectNoViolations(page);
  await page.goto(page.url().replace(/\/portion$/, '/labels'));
  await page.getByRole('group', { name: /^Sheet 1 of/ }).waitFor();
  await expectNoViolations(page);
});

test('no other place has axe violations', async ({ kitchen: page }) => {
  test.setTimeout(150_000);
  for (const [place, heading] of [
    ['/recipes', 'Recipes'],
    ['/recipes/new', 'New recipe from text'],
    ['/techniques', 'Techniques'],
    ['/bench', 'Dressing bench'],
    ['/larder/lemon', 'Larder'],
    ['/larder/stock', 'Larder'],
    ['/kitchen', 'The Long Table kitchen'],
  ] as const) {
    await page.goto(place);
    await page.getByRole('heading', { name: heading, level: 1 }).waitFor();
    await expectNoViolations(page);
  }
});

test('the keyboard goes everywhere: digits, arrows, Ctrl+K', async ({ kitchen: page }) => {
  await page.getByRole('link', { name: 'Roots and citrus' }).click();
  await page.getByRole('heading', { name: 'Menu' }).waitFor();
  await page.keyboard.press('2');
  await expect(page).toHaveURL(/portion$/);
  const beetroot = page.getByRole('button', { name: 'beetroot, Stations 1, 2: 670 g' });
  await beetroot.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'beetroot, Stations 3, 4: 500 g' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: /^orange, Stations 3, 4/ })).toBeFocused();
  await page.keyboard.press('5');
  await expect(page).toHaveURL(/time$/);
  await page.getByRole('button', { name: /^Welcome/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('[data-bar]:focus')).not.toHaveAccessibleName(/^Welcome/);
  await expect(page.getByRole('complementary', { name: 'Workings' })).toContainText('Planned backwards');
  await page.keyboard.press('Control+k');
  await page.getByRole('searchbox').fill('caraway');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /Cabbage, apple and caraway/, level: 1 })).toBeVisible();
});

test('on a phone nothing is cut off sideways but the tables', async ({ kitchen: page }) => {
  await page.setViewportSize({ width: 390, height: 800 });
  await page.getByRole('link', { name: 'Roots and citrus' }).click();
  for (const stop of ['set-up', 'portion', 'shop', 'pack', 'time', 'cards']) {
    await page.goto(page.url().replace(/\/(set-up|portion|shop|pack|time|cards)$/, `/${stop}`));
    await page.getByRole('heading', { level: 2 }).first().waitFor();
    expect([
      stop,
      await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth <= 1),
    ]).toEqual([stop, true]);
  }
});
