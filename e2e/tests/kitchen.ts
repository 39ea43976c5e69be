import { type BrowserContext, expect, test as base, type Page } from '@playwright/test';
import { screen } from '../screen.js';

/**
 * A test that starts signed in to the demo kitchen. Errors in the page's console fail it. The tests of a
 * worker share a browser that is signed in and has the application loaded; each has a page of its own, and
 * leaves nothing behind in the browser.
 */
export const test = base.extend<{ kitchen: Page }, { signedIn: BrowserContext }>({
  baseURL: async ({ channel: _ }, use) => {
    await use(origin());
  },
  signedIn: [
    async ({ browser }, use) => {
      const context = await browser.newContext({ ...screen, baseURL: origin() });
      const page = await context.newPage();
      await enterDemo(page);
      await page.close();
      await use(context);
      await context.close();
    },
    { scope: 'worker' },
  ],
  kitchen: async ({ signedIn }, use) => {
    const page = await signedIn.newPage();
    const errors = consoleErrors(page);
    const made = classesMade(page);
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Classes', level: 1 })).toBeVisible();
    await use(page);
    expect(errors).toEqual([]);
    await signedIn.setOffline(false);
    await leaveNothing(signedIn, page);
    await page.close();
    const { request } = signedIn;
    for (const id of made) await request.delete(`/api/classes/${id}`, { headers: { Origin: origin() } });
  },
});

const origin = () => process.env.FORNAX_URL!;

/**
 * Classes that a page makes: they go with its test. The list shows a plan of each, and all are planned again
 * whenever another test changes the kitchen.
 */
function classesMade(page: Page): readonly string[] {
  const made: string[] = [];
  page.on('request', (request) => {
    if (request.method() === 'POST' && request.url().endsWith('/api/classes'))
      made.push((request.postDataJSON() as { id: string }).id);
  });
  return made;
}

/** What pages keep in the browser: unsaved edits, ticks, half-written texts. */
async function leaveNothing(context: BrowserContext, page: Page): Promise<void> {
  const browser = await context.newCDPSession(page);
  await browser.send('Storage.clearDataForOrigin', {
    origin: origin(),
    storageTypes: 'local_storage,indexeddb',
  });
}

function consoleErrors(page: Page): string[] {
  const errors: string[] = [];
  page.on('console', (message) => {
    if (
      message.type() === 'error' &&
      !/status of (4|5)\d\d|ERR_INTERNET_DISCONNECTED|Failed to load resource/.test(message.text())
    )
      errors.push(message.text());
  });
  page.on('pageerror', (error) => errors.push(error.message));
  return errors;
}

export { expect, type Page };

export async function enterDemo(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo kitchen' }).click();
  await expect(page.getByRole('heading', { name: 'Classes', level: 1 })).toBeVisible();
}

/** Makes a class through the dialog and stays on its Set up. */
export async function makeClass(page: Page, title: string, people = '14'): Promise<void> {
  await page.getByRole('link', { name: 'Classes', exact: true }).click();
  await page.getByRole('button', { name: 'New class' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Title').fill(title);
  await dialog.getByLabel('People').fill(people);
  await dialog.getByRole('button', { name: 'Make the class' }).click();
  await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
}

/** Pastes a recipe, saves it, and stays in its editor. */
export async function saveRecipe(page: Page, text: string): Promise<void> {
  await page.goto('/recipes/new');
  await page.getByLabel('Paste or write a recipe').fill(text);
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(page.getByRole('button', { name: 'Read', exact: true })).toBeVisible();
}

export async function addDish(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Add a dish' }).click();
  await page.getByRole('searchbox', { name: 'Search the library' }).fill(name);
  // The list is still being narrowed when the box is filled: what is pressed must be what was asked for.
  const first = page.getByRole('dialog').getByRole('option').first();
  await expect(first).toContainText(new RegExp(name, 'i'));
  await first.click();
  await expect(
    page.getByRole('list', { name: 'Dishes' }).getByRole('link', { name: new RegExp(name, 'i') }),
  ).toBeVisible();
}

/** Goes to a stop of the path. */
export async function goTo(page: Page, stop: 'Set up' | 'Portion' | 'Shop' | 'Pack' | 'Time'): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Stops of this class' })
    .getByRole('link', { name: new RegExp(`^${stop}`) })
    .click();
}

export async function saved(page: Page): Promise<void> {
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
}

/** Types into the parts of a date or a time: "15012020", "2030". */
export async function typeInto(page: Page, label: string, digits: string): Promise<void> {
  await page.getByRole('group', { name: label }).getByRole('spinbutton').first().click();
  await page.keyboard.type(digits);
}
