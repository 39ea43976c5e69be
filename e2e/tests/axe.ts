import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** What axe finds, by its rules of best practice, too: each rule with where it is broken. */
export async function violationsOf(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    // Only what is wrong is described: of all that is right, the descriptions take longer than the look.
    .options({ resultTypes: ['violations'] })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
    // There are no frames to go through: without the second page that looks for them it takes half the time.
    .setLegacyMode()
    .analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`);
}

export async function expectNoViolations(page: Page): Promise<void> {
  expect(await violationsOf(page)).toEqual([]);
}
