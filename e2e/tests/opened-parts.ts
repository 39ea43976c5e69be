import type { Page } from '@playwright/test';

interface OpenedPart {
  readonly name: string;
  /** A place as the tests of access write it: the class with people and needs is "class/". */
  readonly at: string;
  /** Opens the part; what was opened is seen when it is done. */
  readonly open: (page: Page) => Promise<void>;
  /** Where it stands then: a selector. */
  readonly part: string;
}

const press = async (page: Page, name: string | RegExp) =>
  page
    .getByRole('button', { name, exact: typeof name === 'string' })
    .filter({ visible: true })
    .first()
    .click();

/** A dialog that a button opens. */
const dialog =
  (button: string | RegExp, inside?: string) =>
  async (page: Page): Promise<void> => {
    await press(page, button);
    const opened = page.getByRole('dialog');
    await opened.waitFor();
    if (inside) await opened.getByText(inside).first().waitFor();
  };

/** What was folded and is open. */
const folded = 'main details';

/** All that is folded on a page, and what is folded in it. */
async function unfold(page: Page): Promise<void> {
  for (let depth = 0; depth < 2; depth++)
    await page.evaluate(() =>
      document.querySelectorAll<HTMLDetailsElement>('main details').forEach((each) => (each.open = true)),
    );
  await page.waitForLoadState('networkidle');
}

const extra = (button: string, shown: RegExp) => async (page: Page) => {
  await page.getByRole('button', { name: button, exact: true }).click();
  await page.getByText(shown).first().waitFor();
};

async function workings(page: Page): Promise<void> {
  await page.locator('main [data-figure]').filter({ visible: true }).first().click();
  await page.getByRole('complementary', { name: 'Workings' }).getByText('Result').waitFor();
}

async function choice(page: Page): Promise<void> {
  await page.locator('main [aria-haspopup="listbox"]').first().click();
  await page.getByRole('listbox').waitFor();
}

/** All that opens somewhere, by the page it opens on. */
export const openedParts: readonly OpenedPart[] = [
  {
    name: 'menu of the person',
    at: 'classes',
    part: '[role=menu]',
    open: async (page) => {
      await press(page, /^Ines Okoye/);
      await page.getByRole('menu').waitFor();
    },
  },
  {
    name: 'shortcuts',
    at: 'classes',
    part: '[role=dialog]',
    open: async (page) => {
      await page.keyboard.press('?');
      await page.getByRole('dialog').waitFor();
    },
  },
  {
    name: 'find anything',
    at: 'classes',
    part: '[role=dialog]',
    open: async (page) => {
      await page.keyboard.press('Control+k');
      await page.getByRole('searchbox').fill('lemon');
      await page.getByRole('option').first().waitFor();
    },
  },
  { name: 'new class', at: 'classes', part: '[role=dialog]', open: dialog('New class') },
  { name: 'what is folded on Set up', at: 'class/set-up', part: folded, open: unfold },
  { name: 'workings', at: 'class/set-up', part: 'aside', open: workings },
  { name: 'a list of choices', at: 'class/set-up', part: '[role=listbox]', open: choice },
  { name: 'a calendar', at: 'class/set-up', part: '[role=dialog]', open: dialog(/^Calendar/) },
  { name: 'a dish to add', at: 'class/set-up', part: '[role=dialog]', open: dialog('Add a dish', 'serves') },
  {
    name: 'how a dish is shared out',
    at: 'class/set-up',
    part: '[role=dialog]',
    open: dialog(/^How .* is shared out/),
  },
  { name: 'a person', at: 'class/set-up', part: '[role=dialog]', open: dialog(/^Aino Bergholm/) },
  {
    name: 'ways out',
    at: 'class/set-up',
    part: '[role=dialog]',
    open: async (page) => {
      await dialog('Ways out')(page);
      await page.getByRole('list', { name: 'Ways out' }).waitFor();
      await press(page, /^What it changes/);
      await page.waitForLoadState('networkidle');
    },
  },
  { name: 'what is folded on Portion', at: 'class/portion', part: folded, open: unfold },
  { name: 'what is folded on Shop', at: 'class/shop', part: folded, open: unfold },
  {
    name: 'something that is not to be had',
    at: 'class/shop',
    part: '[role=dialog]',
    open: dialog(/ to be had$/),
  },
  { name: 'what is folded on Time', at: 'class/time', part: folded, open: unfold },
  { name: 'hands', at: 'class/time', part: 'main', open: extra('Hands', /hands/i) },
  { name: 'what if', at: 'class/time', part: 'main', open: extra('What if', /^As it is:/) },
  { name: 'rehearsal', at: 'class/time', part: 'main', open: extra('Rehearse', /Ends on time in/) },
  { name: 'files to import', at: 'recipes', part: '[role=dialog]', open: dialog('Import files') },
  { name: 'what is folded in a recipe', at: 'recipe', part: folded, open: unfold },
  {
    name: 'menu of a recipe',
    at: 'recipe',
    part: '[role=menu]',
    open: async (page) => {
      await press(page, 'Export');
      await page.getByRole('menu').waitFor();
    },
  },
  { name: 'versions', at: 'recipe', part: '[role=dialog]', open: dialog('Versions', 'The first one.') },
  {
    name: 'a class to put it on',
    at: 'recipe',
    part: '[role=dialog]',
    open: dialog('Put on a class', 'Roots and citrus'),
  },
  {
    name: 'the editor, unfolded, with a line to correct',
    at: 'recipe?edit=1',
    part: 'main',
    open: async (page) => {
      await press(page, /^Correct/);
      await unfold(page);
    },
  },
  { name: 'what is folded on the bench', at: 'bench', part: folded, open: unfold },
  { name: 'a new ingredient', at: 'larder', part: '[role=dialog]', open: dialog('Add an ingredient') },
  { name: 'a hand to weigh', at: 'larder', part: '[role=dialog]', open: dialog('Weigh your hand') },
  { name: 'files of the larder', at: 'larder', part: '[role=dialog]', open: dialog('CSV in and out') },
  { name: 'what is folded in the larder', at: 'larder/lemon', part: folded, open: unfold },
  {
    name: 'editor of a note',
    at: 'techniques/toss',
    part: 'main',
    open: async (page) => {
      await press(page, 'Edit');
      await page.getByLabel('Text of the note').waitFor();
    },
  },
];
