import { expect, type Page, test } from './kitchen.js';

/** Goes on with Tab to what has this name, and says how many stops it took. */
async function tabTo(page: Page, name: RegExp, most = 25): Promise<number> {
  for (let stops = 1; stops <= most; stops++) {
    await page.keyboard.press('Tab');
    const has = await page.evaluate(() => {
      const active = document.activeElement;
      const labelled = active?.getAttribute('aria-labelledby')?.split(' ') ?? [];
      const label = active instanceof HTMLInputElement ? (active.labels?.[0]?.textContent ?? '') : '';
      const named = labelled.map((id) => document.getElementById(id)?.textContent ?? '').join(' ');
      return [active?.getAttribute('aria-label'), named, label, active?.textContent].join('|');
    });
    if (name.test(has)) return stops;
  }
  throw new Error(`${String(name)} was not reached in ${most} stops`);
}

const walkedStops = ':is([data-figure], input[type="checkbox"], button):not([tabindex="-1"])';
const heading = (page: Page, name: string | RegExp) => page.getByRole('heading', { name });

test('a class is made, and a dish put on it, with the keyboard alone', async ({ kitchen: page }) => {
  await tabTo(page, /New class/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog').getByLabel('Title')).toBeFocused();
  await page.keyboard.type('Keys only');
  await tabTo(page, /Make the class/, 30);
  await page.keyboard.press('Enter');
  await expect(heading(page, 'Set up')).toBeFocused();
  await expect(page).toHaveTitle('Set up · Keys only · Fornax');
  await tabTo(page, /^\|*Add a dish|\|Add a dish/, 40);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('searchbox', { name: 'Search the library' })).toBeFocused();
  await page.keyboard.type('caraway');
  await expect(page.getByRole('dialog').getByRole('option').first()).toContainText(/caraway/i);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'Dishes' }).getByRole('link')).toHaveCount(1);
  // What opened the list of dishes has the focus again.
  await expect(page.getByRole('button', { name: 'Add a dish' })).toBeFocused();
  // A choice is changed without its list, and the list gives the focus back.
  const maker = page.getByRole('button', { name: /^every station|^one big batch|^demonstration only/ });
  await maker.focus();
  await page.keyboard.press('o');
  await expect(maker).toContainText('one big batch');
  await page.keyboard.press('ArrowRight');
  await expect(maker).toContainText('demonstration only');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('option', { name: 'demonstration only' })).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(maker).toContainText('one big batch');
  await expect(maker).toBeFocused();
});

test('from Set up to a packed crate: digits, one stop a table, ticks, and digits again', async ({
  kitchen: page,
}) => {
  await page.getByRole('link', { name: 'Smoke, char and warm salads', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(heading(page, 'Set up')).toBeFocused();
  await page.keyboard.press('2');
  await expect(heading(page, /On each bench/)).toBeFocused();
  await expect(page).toHaveTitle('Portion · Smoke, char and warm salads · Fornax');
  // Of all figures of a table one is a stop.
  const table = page.getByRole('region', { name: 'Charred aubergine dip with tahini' }).getByRole('table');
  await expect(table.locator('[data-figure]:not([tabindex="-1"])')).toHaveCount(1);
  await page.keyboard.press('3');
  await expect(heading(page, 'To buy')).toBeFocused();
  const ticks = page.getByRole('main').getByRole('checkbox');
  await tabTo(page, new RegExp(`^${(await ticks.first().getAttribute('aria-label'))!.slice(0, 8)}`), 30);
  await expect(ticks.first()).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(ticks.nth(1)).toBeFocused();
  await page.keyboard.press('Space');
  await expect(ticks.nth(1)).toBeChecked();
  // All ticks, figures and buttons of the list are one stop, walked along the row and down the column.
  await expect(page.getByRole('table').locator(walkedStops)).toHaveCount(1);
  const row = ticks.nth(1).locator('xpath=ancestor::tr');
  const inRow = await row.locator('[data-figure], input[type="checkbox"], button').count();
  for (let step = 1; step < inRow; step++) await page.keyboard.press('ArrowRight');
  await expect(row.locator('button:focus')).toHaveCount(1);
  for (let step = 1; step < inRow; step++) await page.keyboard.press('ArrowLeft');
  await expect(ticks.nth(1)).toBeFocused();
  await page.keyboard.press('Space');
  await expect(ticks.nth(1)).not.toBeChecked();
  await page.keyboard.press('4');
  await expect(heading(page, 'To pack')).toBeFocused();
  await expect(page).toHaveTitle('Pack · Smoke, char and warm salads · Fornax');
});

test('an ingredient is found, its facts read, stock put in and used up, with the keyboard alone', async ({
  kitchen: page,
}) => {
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the page' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(heading(page, 'Classes')).toBeFocused();
  await page.goto('/larder');
  await page.getByLabel('Find', { exact: true }).focus();
  await page.keyboard.type('fennel');
  const names = page.getByLabel('Ingredients').getByRole('link');
  await expect(names.first()).toHaveText(/fennel/i);
  await page.keyboard.press('Tab');
  await expect(names.first()).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(heading(page, 'Fennel')).toBeFocused();
  await expect(page).toHaveTitle('Fennel · Larder · Fornax');
  await page.goto('/larder/stock');
  await page.getByLabel('What and how much').focus();
  await page.keyboard.type('1 kg onions');
  await page.keyboard.press('Enter');
  const used = page.getByRole('button', { name: /^Used up: onion/i });
  await used.focus();
  await page.keyboard.press('Enter');
  await expect(used).toHaveCount(0);
  // The row is gone: the focus is at what took its place, not at nothing.
  await expect(page.locator('body')).not.toBeFocused();
  await expect(page.locator('main :focus')).toHaveCount(1);
});

test('Escape and Ctrl+K work from inside fields, and ? shows the keys', async ({ kitchen: page }) => {
  await page.getByRole('button', { name: 'New class' }).press('Enter');
  const title = page.getByRole('dialog').getByLabel('Title');
  await title.pressSequentially('Half a title?');
  await expect(title).toHaveValue('Half a title?');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'New class' })).toBeFocused();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toContainText('Find anything');
  await page.keyboard.press('Escape');
  await page.goto('/larder');
  await page.getByLabel('Find', { exact: true }).focus();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog', { name: 'Find anything' })).toBeVisible();
  await page.keyboard.type('roots');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Find', { exact: true })).toBeFocused();
});

test('Enter before the lists have come opens what is found, once it is there', async ({ kitchen: page }) => {
  let answer = () => undefined as void;
  const held = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/api/recipes', async (route) => {
    await held;
    await route.continue();
  });
  await page.reload();
  await page.getByRole('heading', { name: 'Classes', level: 1 }).waitFor();
  await page.keyboard.press('Control+k');
  await page.getByRole('searchbox').fill('caraway');
  await expect(page.getByRole('dialog')).toContainText('Looking …');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  answer();
  await expect(page.getByRole('heading', { name: /Cabbage, apple and caraway/, level: 1 })).toBeVisible();
});

test('Workings fold away and open over the sheet, and Escape gives the figure its focus back', async ({
  kitchen: page,
}) => {
  await page.getByRole('link', { name: 'Roots and citrus' }).click();
  const workings = page.getByRole('complementary', { name: 'Workings' });
  await expect(workings).toContainText(/To decide here|All done here/);
  await page.getByRole('button', { name: 'Fold Workings away' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Show Workings' })).toBeFocused();
  await page.keyboard.press('2');
  const beetroot = page.getByRole('button', { name: 'beetroot, Stations 1, 2: 670 g' });
  await beetroot.focus();
  await expect(workings).toContainText('Result');
  await page.keyboard.press('Escape');
  await expect(workings).not.toContainText('Result');
  await expect(beetroot).toBeFocused();
  await page.getByRole('button', { name: 'Show Workings' }).press('Enter');
  await expect(workings).toContainText(/To decide here|All done here/);
});

test('rows that are edited are walked up and down, and past with Tab', async ({ kitchen: page }) => {
  await page.goto('/kitchen');
  const tools = page.getByRole('table', { name: 'Tools' });
  const names = tools.getByRole('textbox', { name: /^Tool of/ });
  await names.first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(names.nth(1)).toBeFocused();
  await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowUp');
  await expect(tools.getByRole('row').nth(1).locator('input:focus')).toHaveCount(1);
  // The first row is the one that Tab goes along, and after it the button below the table comes.
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Add a tool' })).toBeFocused();
  await page.keyboard.press('Shift+Tab');
  await expect(tools.getByRole('row').nth(1).locator('button:focus')).toHaveCount(1);
});

test('what is reached before a slow page is there keeps the focus', async ({ kitchen: page }) => {
  let send = () => {};
  const isSent = new Promise<void>((done) => (send = done));
  await page.route(/SetUpPage-[^/]+\.js$/, async (route) => {
    await isSent;
    await route.continue();
  });
  await page.getByRole('link', { name: 'Roots and citrus', exact: true }).click();
  await page.getByRole('button', { name: 'Fold Workings away' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Show Workings' })).toBeFocused();
  send();
  await expect(heading(page, 'Set up')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Show Workings' })).toBeFocused();
});
