import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/**
 * What axe finds, by its rules of best practice, too: each rule with where it is broken. `rules` are those
 * that are looked at where not all are.
 */
async function violationsOf(page: Page, rules: readonly string[] | null = null): Promise<string[]> {
  const builder = new AxeBuilder({ page })
    // Only what is wrong is described: of all that is right, the descriptions take longer than the look.
    .options({ resultTypes: ['violations'] })
    // There are no frames to go through: without the second page that looks for them it takes half the time.
    .setLegacyMode();
  const { violations } = await (
    rules
      ? builder.withRules([...rules])
      : builder.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
  ).analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`);
}

/** What a way of showing a page can change: colours, and how large things are and where. */
const ofColour = ['color-contrast'];
const ofLayout = ['target-size', 'scrollable-region-focusable'];

/** How a page is looked at besides as usual: what is set, what can change by it, and how it is put back. */
const modes: readonly {
  readonly name: string;
  readonly rules: readonly string[];
  readonly set: (page: Page) => Promise<unknown>;
}[] = [
  {
    name: 'in forced colours',
    rules: ofColour,
    set: (page) => page.emulateMedia({ forcedColors: 'active' }),
  },
  {
    name: 'with text of 200 %',
    // What covers a text is found with its contrast.
    rules: [...ofLayout, ...ofColour],
    set: async (page) => {
      await page.emulateMedia({ forcedColors: 'none' });
      await page.evaluate(() => (document.documentElement.style.zoom = '2'));
    },
  },
  {
    name: 'at 320 px',
    rules: ofLayout,
    set: async (page) => {
      await page.evaluate(() => (document.documentElement.style.zoom = ''));
      await page.setViewportSize({ width: 320, height: 640 });
    },
  },
];

/**
 * A page as it stands is right in every mode: nothing is found as usual, in forced colours, with large text
 * and on the narrowest screen, where nothing scrolls sideways either.
 */
export async function expectNoViolations(page: Page): Promise<void> {
  const found = [...(await violationsOf(page))];
  for (const { name, rules, set } of modes) {
    await set(page);
    found.push(...(await violationsOf(page, rules)).map((each) => `${name}, ${each}`));
  }
  const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  if (over > 0) found.push(`at 320 px it scrolls sideways by ${over} px`);
  expect(found).toEqual([]);
}
