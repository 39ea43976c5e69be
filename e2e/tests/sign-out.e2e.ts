import { enterDemo, expect, test } from './kitchen.js';

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
