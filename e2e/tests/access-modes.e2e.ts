import { expectNoViolations } from './axe.js';
import { expect, type Page, test } from './kitchen.js';

const stops = ['set-up', 'portion', 'shop', 'pack', 'time', 'cards', 'labels'];
const places = [
  '/classes',
  '/recipes',
  '/recipes/new',
  '/techniques/toss',
  '/bench',
  '/larder/lemon',
  '/larder/stock',
  '/kitchen',
];

/** Opens every page in turn, and looks at each when its heading is there. */
async function onEveryPage(page: Page, look: (address: string) => Promise<void>): Promise<void> {
  await page.getByRole('link', { name: 'Smoke, char and warm salads', exact: true }).click();
  await page.waitForURL(/set-up$/);
  const ofClass = page.url().replace(/set-up$/, '');
  for (const address of [...stops.map((stop) => ofClass + stop), ...places]) {
    await page.goto(address);
    await page.locator('main :is(h1, h2)[tabindex]').first().waitFor();
    await look(address);
  }
}

test('in forced colours nothing is found on any page, and an unticked box looks unticked', async ({
  kitchen: page,
}) => {
  test.setTimeout(180_000);
  await page.emulateMedia({ forcedColors: 'active' });
  await onEveryPage(page, async (address) => {
    await expectNoViolations(page);
    if (!address.endsWith('/shop')) return;
    const box = page.getByRole('table').locator('label').first();
    const [tick, mark] = [box.getByRole('checkbox'), box.locator('svg')];
    await expect(mark).toBeHidden();
    await tick.press('Space');
    await expect(mark).toBeVisible();
    await tick.press('Space');
  });
  await page.emulateMedia({ forcedColors: 'none' });
});

test('at 320 px nothing is found and nothing scrolls sideways', async ({ kitchen: page }) => {
  test.setTimeout(180_000);
  await page.setViewportSize({ width: 320, height: 640 });
  await onEveryPage(page, async (address) => {
    await expectNoViolations(page);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect([address, over]).toEqual([address, 0]);
  });
});

test('with text of 200 % nothing is found on any page', async ({ kitchen: page }) => {
  test.setTimeout(180_000);
  await onEveryPage(page, async () => {
    await page.evaluate(() => {
      document.documentElement.style.zoom = '2';
    });
    await expectNoViolations(page);
  });
});
