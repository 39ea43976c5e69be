import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page } from '@playwright/test';
import type axe from 'axe-core';

/** Put into a page once: it is read for half a second each time that it is. */
const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What is looked for, by its tags or names, and where. */
interface Look {
  readonly rules: readonly string[];
  readonly without?: readonly string[];
  readonly within?: readonly string[];
}

declare global {
  interface Window {
    axe?: typeof axe;
  }
}

/** What axe finds: each rule with where it is broken. */
async function violationsOf(page: Page, { rules, without = [], within = ['html'] }: Look): Promise<string[]> {
  if (within.length === 0) return [];
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeSource);
  return page.evaluate(
    async (asked) => {
      const { violations } = await window.axe!.run(
        { include: asked.within.map((part) => [part]) },
        // Of what is right nothing is described: that would take longer than the look.
        {
          runOnly: asked.rules,
          rules: Object.fromEntries(asked.without.map((rule) => [rule, { enabled: false }])),
          resultTypes: ['violations'],
          preload: false,
        },
      );
      return violations.map(
        ({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`,
      );
    },
    { rules: [...rules], without: [...without], within: [...within] },
  );
}

const everything = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'];
/** What a way of showing a page can change: colours, and how large things are and where. */
const ofColour = ['color-contrast'];
const ofLayout = ['target-size', 'scrollable-region-focusable'];

/**
 * Marks the parts that keep colours of their own where the system's are forced; all others have the
 * system's, which are not ours to judge.
 */
function partsWithOwnColours(page: Page, within: string): Promise<string[]> {
  return page.evaluate((where) => {
    const hasOwn = (part: Element) =>
      getComputedStyle(part).getPropertyValue('forced-color-adjust') !== 'auto';
    const parts = [...document.querySelectorAll(`:is(${where}) *`)].filter(
      (part) => hasOwn(part) && !hasOwn(part.parentElement!),
    );
    parts.forEach((part, number) => part.setAttribute('data-own-colours', String(number)));
    return parts.map((_, number) => `[data-own-colours="${number}"]`);
  }, within);
}

/** How a page is looked at besides as usual, and what can be otherwise then in a part of it. */
const modes: readonly {
  readonly name: string;
  readonly set: (page: Page, part: string) => Promise<readonly Look[]>;
}[] = [
  {
    name: 'in forced colours',
    set: async (page, part) => {
      await page.emulateMedia({ forcedColors: 'active' });
      return [{ rules: ofColour, within: await partsWithOwnColours(page, part) }];
    },
  },
  {
    name: 'with text of 200 %',
    set: async (page, part) => {
      await page.emulateMedia({ forcedColors: 'none' });
      await page.evaluate(() => (document.documentElement.style.zoom = '2'));
      // What covers a text is found with its contrast.
      return [{ rules: ofLayout }, { rules: ofColour, within: [part] }];
    },
  },
  {
    name: 'at 320 px',
    set: async (page) => {
      await page.evaluate(() => (document.documentElement.style.zoom = ''));
      await page.setViewportSize({ width: 320, height: 640 });
      return [{ rules: ofLayout }];
    },
  },
];

/** What opens over a page is in it, but without opacity, until it has its place. */
async function nothingHidden(page: Page): Promise<void> {
  await page.waitForFunction(() =>
    [...document.querySelectorAll('[role=dialog], [role=listbox], [role=menu]')].every((over) => {
      for (let part: Element | null = over; part; part = part.parentElement)
        if (getComputedStyle(part).opacity === '0') return false;
      return true;
    }),
  );
}

/**
 * A page as it stands is right in every mode: nothing is found as usual, in forced colours, with large text
 * and on the narrowest screen, where nothing scrolls sideways either. Colours, which take longest, are looked
 * at in a part of it alone where all else has been looked at before.
 */
export async function expectNoViolations(page: Page, part = 'html'): Promise<void> {
  const usual = page.viewportSize()!;
  await nothingHidden(page);
  const found: string[] = [];
  const look = async (mode: string, looks: readonly Look[]) => {
    for (const each of looks)
      found.push(...(await violationsOf(page, each)).map((wrong) => `${mode}, ${wrong}`));
  };
  await look('as usual', [
    { rules: everything, without: ofColour },
    { rules: ofColour, within: [part] },
  ]);
  for (const { name, set } of modes) await look(name, await set(page, part));
  expect(found).toEqual([]);
  // A dialog that is open takes a moment to be drawn for the screen that it is on now.
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), {
      message: 'how far it scrolls sideways at 320 px',
    })
    .toBeLessThanOrEqual(0);
  await page.setViewportSize(usual);
}
