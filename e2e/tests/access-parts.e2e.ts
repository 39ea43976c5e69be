import { violationsOf } from './axe.js';
import { expect, type Page, test } from './kitchen.js';
import { openedParts } from './opened-parts.js';

/** How the pages are looked at. */
const modes: Readonly<Record<string, (page: Page) => Promise<unknown>>> = {
  'as usual': async () => undefined,
  'in forced colours': (page) => page.emulateMedia({ forcedColors: 'active' }),
  'at 320 px': (page) => page.setViewportSize({ width: 320, height: 640 }),
  'with text of 200 %': (page) =>
    page.addInitScript(() => {
      document.addEventListener('DOMContentLoaded', () => (document.documentElement.style.zoom = '2'));
    }),
};

for (const [mode, set] of Object.entries(modes))
  test(`nothing that opens has axe violations ${mode}`, async ({ kitchen: page }) => {
    test.setTimeout(240_000);
    await page.getByRole('link', { name: 'Smoke, char and warm salads', exact: true }).click();
    await page.waitForURL(/set-up$/);
    const ofClass = page.url().replace(/set-up$/, '');
    await page.goto('/recipes');
    await page.getByRole('link', { name: 'Charred aubergine dip with tahini' }).click();
    await page.waitForURL(/recipes\/\w+-/);
    const recipe = page.url();
    await set(page);
    const found: string[] = [];
    for (const { name, at, open } of openedParts)
      await test.step(name, async () => {
        await page.goto(at.replace('class/', ofClass).replace(/^recipe/, recipe));
        await page.locator('main :is(h1, h2)[tabindex]').first().waitFor();
        await open(page);
        found.push(...(await violationsOf(page)).map((each) => `${name}, ${each}`));
        if (mode !== 'at 320 px') return;
        const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        if (over > 0) found.push(`${name} scrolls sideways by ${over} px`);
      });
    expect(found).toEqual([]);
    await page.emulateMedia({ forcedColors: 'none' });
  });
