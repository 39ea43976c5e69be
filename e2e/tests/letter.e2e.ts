import { expect, test } from './kitchen.js';

const letter = `Hi Petra, here is the carrot dip, it's for six people.

You need 500 g carrots, 3 tbsp olive oil, 1 tsp cumin seeds and 150 g Greek yoghurt.

Peel the carrots and roast them with 2 tbsp of the oil and the cumin at 200 °C for 35 minutes.
Blend with the yoghurt until smooth. If it is too thick, loosen with a splash of water.
Drizzle with the rest of the oil.

Keeps 3 days in the fridge.
No yoghurt? Use silken tofu.
I hope you enjoy it as much as we did.
Love, Ana`;

test('a letter is read: work is steps, a rescue stands with its step, other ways are notes', async ({
  kitchen: page,
}) => {
  await page.goto('/recipes/new');
  await page.getByLabel('Paste or write a recipe').fill(letter);
  await expect(page.getByText('dip, serves 6 · 4 lines, 3 steps')).toBeVisible();
  await expect(
    page.getByText('If it is too thick, loosen with a splash of water.', { exact: true }),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'Notes' })).toHaveText(/No yoghurt\? Use silken tofu\./);
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Notes' })).toContainText('Use silken tofu');
  await expect(page.getByRole('complementary', { name: 'Technique notes, step 2' })).toContainText(
    'loosen with a splash of water',
  );
  await expect(page.getByText('Love, Ana')).toHaveCount(0);
});
