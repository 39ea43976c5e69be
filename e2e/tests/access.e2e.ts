import type { BrowserContext } from '@playwright/test';
import { expectNoViolations } from './axe.js';
import { screen } from '../screen.js';
import { enterDemo, expect, type Page, test } from './kitchen.js';
import { openedParts } from './opened-parts.js';

// Pages are looked at in any order, each with all that opens on it in turn.
test.describe.configure({ mode: 'parallel' });

const stops = ['set-up', 'portion', 'shop', 'pack', 'time', 'cards', 'labels'];
/** Every page, and a class without needs beside the one that has some. */
const pages = [
  ...stops.map((stop) => `class/${stop}`),
  ...['set-up', 'portion'].map((stop) => `plain/${stop}`),
  'classes',
  'recipes',
  'recipe',
  'recipe?edit=1',
  'recipes/new',
  'techniques',
  'techniques/toss',
  'bench',
  'larder',
  'larder/lemon',
  'larder/stock',
  'kitchen',
];

/** An address with the demo's own class, its class without needs, or its recipe written out. */
async function addressOf(place: string, { request }: BrowserContext): Promise<string> {
  const idOf = async (list: string, title: string) => {
    const rows = (await (await request.get(`/api/${list}`)).json()) as { id: string; title: string }[];
    return rows.find((row) => row.title === title)!.id;
  };
  if (place.startsWith('class/'))
    return place.replace('class/', `/classes/${await idOf('classes', 'Smoke, char and warm salads')}/`);
  if (place.startsWith('plain/'))
    return place.replace('plain/', `/classes/${await idOf('classes', 'Roots and citrus')}/`);
  if (/^recipe\b(?!s)/.test(place))
    return place.replace('recipe', `/recipes/${await idOf('recipes', 'Charred aubergine dip with tahini')}`);
  return `/${place}`;
}

/** A page of one's own, opened at a place, with its heading there. */
async function opened(context: BrowserContext, place: string): Promise<Page> {
  const page = await context.newPage();
  await page.goto(await addressOf(place, context));
  await page.locator('main :is(h1, h2)[tabindex]').first().waitFor();
  return page;
}

test('the sign-in page has no axe violations', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo kitchen' }).waitFor();
  await expectNoViolations(page);
});

for (const place of pages)
  test.describe(place, () => {
    test.describe.configure({ mode: 'default' });
    // To open a page takes longer than to look at it: all that opens on it is looked at on the same.
    let page: Page;
    test.beforeAll(async ({ signedIn }) => {
      page = await opened(signedIn, place);
    });
    test.afterAll(() => page.close());

    test('the page has no axe violations in any mode', () => expectNoViolations(page));
    for (const { name, open, part } of openedParts.filter(({ at }) => at === place))
      test(`${name} has no axe violations in any mode`, async () => {
        await open(page);
        await expectNoViolations(page, part);
        await close(page);
      });
  });

/** Whatever lies over a page goes with Escape; what was unfolded in it stays. */
async function close(page: Page): Promise<void> {
  const over = page.locator('[role=dialog], [role=listbox], [role=menu]');
  while ((await over.count()) > 0) await page.keyboard.press('Escape');
}

test('in forced colours an unticked box looks unticked', async ({ signedIn }) => {
  const page = await opened(signedIn, 'class/shop');
  await page.emulateMedia({ forcedColors: 'active' });
  const box = page.getByRole('table').locator('label').first();
  const [tick, mark] = [box.getByRole('checkbox'), box.locator('svg')];
  await expect(mark).toBeHidden();
  await tick.press('Space');
  await expect(mark).toBeVisible();
  await tick.press('Space');
  await expect(mark).toBeHidden();
  await page.close();
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

test('with texts twice as large by the browser’s own setting nothing scrolls sideways', async ({
  playwright,
}) => {
  const { launchOptions } = test.info().project.use;
  const args = [...(launchOptions?.args ?? []), '--blink-settings=defaultFontSize=32'];
  const browser = await playwright.chromium.launch({ ...launchOptions, args });
  const page = await browser.newPage({ ...screen, baseURL: process.env.FORNAX_URL! });
  await enterDemo(page);
  for (const place of pages.filter((each) => !each.startsWith('plain/'))) {
    await page.goto(await addressOf(place, page.context()));
    const heading = page.locator('main :is(h1, h2)[tabindex]').first();
    await heading.waitFor();
    const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect([place, wide <= 1]).toEqual([place, true]);
  }
  expect(await page.evaluate(() => getComputedStyle(document.body).fontSize)).toBe('28px');
  await browser.close();
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
