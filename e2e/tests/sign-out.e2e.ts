import { enterDemo, expect, makeClass, saved, test } from './kitchen.js';

test('signing out asks before what waits here is deleted, and then nothing is left', async ({ browser }) => {
  const context = await browser.newContext({ baseURL: process.env.FORNAX_URL, locale: 'en-GB' });
  const page = await context.newPage();
  await enterDemo(page);
  await page.goto('/recipes/new');
  const box = page.getByRole('textbox', { name: 'Paste or write a recipe' });
  await box.fill('Half a recipe\n1 lemon');
  await expect(page.getByRole('heading', { name: 'Half a recipe' })).toBeVisible();
  const signOut = async () => {
    await page.getByRole('button', { name: /^Ines Okoye/ }).click();
    await page.getByRole('menuitem', { name: /^Sign out/ }).click();
  };
  await signOut();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('1 text that was not kept is on this device only.');
  await dialog.getByRole('button', { name: 'Stay signed in' }).click();
  await expect(box).toHaveValue('Half a recipe\n1 lemon');
  await signOut();
  await dialog.getByRole('button', { name: 'Sign out and delete' }).click();
  await expect(page.getByRole('button', { name: 'Open the demo kitchen' })).toBeVisible();
  expect(await page.evaluate(() => localStorage.getItem('fornax:pasted-recipe'))).toBeNull();
  await context.close();
});

test('an ended session asks for a sign-in over the page, and then goes on', async ({ kitchen: page }) => {
  await makeClass(page, 'Signed out');
  await page.request.delete('/api/session', { headers: { Origin: process.env.FORNAX_URL! } });
  await page.getByLabel('People', { exact: true }).fill('9');
  const dialog = page.getByRole('dialog', { name: 'Please sign in again' });
  await expect(dialog).toBeVisible();
  await dialog.getByRole('button', { name: 'Open the demo kitchen' }).click();
  await expect(dialog).toBeHidden();
  await saved(page);
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('9');
});

test('a sign-in counts although an older question about the session is still on its way', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Signed out in between');
  await page.request.delete('/api/session', { headers: { Origin: process.env.FORNAX_URL! } });
  const dialog = page.getByRole('dialog', { name: 'Please sign in again' });
  await expect(dialog).toBeVisible();
  let release = () => undefined as void;
  const held = new Promise<void>((resolve) => (release = resolve));
  let isFirst = true;
  const asked = new Promise<void>((resolve) => {
    void page.route('**/api/session', async (route) => {
      if (route.request().method() !== 'GET' || !isFirst) return route.continue();
      isFirst = false;
      const answer = await route.fetch();
      resolve();
      await held;
      // Whoever asked may not wait for it any more.
      await route.fulfill({ response: answer }).catch(() => undefined);
    });
  });
  await asked;
  const entered = page.waitForResponse((answer) => answer.request().method() === 'POST' && answer.ok());
  await dialog.getByRole('button', { name: 'Open the demo kitchen' }).click();
  await entered;
  release();
  await expect(dialog).toBeHidden();
  await page.unroute('**/api/session');
});
