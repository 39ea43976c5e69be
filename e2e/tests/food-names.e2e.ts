import { addDish, expect, goTo, makeClass, saved, test, type Page } from './kitchen.js';

const dip = (title: string, fish: string) => `${title}
Serves 4

Ingredients
150 g ${fish}, skinned
100 g cream cheese
1 lemon, juiced

Method
1. Flake the fish and beat it into the cream cheese.
2. Sharpen it with the lemon.`;

async function keepText(page: Page, text: string): Promise<void> {
  await page.goto('/recipes/new');
  await page.getByLabel('Paste or write a recipe').fill(text);
  await expect(page.getByRole('heading', { name: text.split('\n')[0]!, level: 2 })).toBeVisible();
}

test('a food that the larder does not have is asked about, added in place, and known everywhere', async ({
  kitchen: page,
}) => {
  await keepText(page, dip('Spread of smoked eel', 'smoked eel'));
  const question = page.getByRole('group', { name: 'What “smoked eel” is' });
  await expect(question).toContainText('“smoked eel” is not in the larder. Is it one of these, or new?');
  await expect(question.getByRole('button', { name: 'smoked mackerel' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep this recipe' }).click();
  await expect(page.getByText('not known for 1 line: smoked eel').first()).toBeVisible();

  await makeClass(page, 'Nobody knows the eel');
  await addDish(page, 'Spread of smoked eel');
  const dishes = page.getByRole('list', { name: 'Dishes' });
  await expect(dishes).toContainText('Contains milk; not known for 1 line: smoked eel; check the labels.');
  await saved(page);
  await goTo(page, 'Shop');
  await expect(page.getByRole('heading', { name: 'To buy' })).toBeVisible();
  await page.getByText('Allergens not known for 1 line: smoked eel. Say what it is').click();
  await page.getByRole('button', { name: 'Add it to the larder' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add an ingredient' });
  await expect(dialog.getByLabel('Name')).toHaveValue('smoked eel');
  await dialog.getByRole('button', { name: /Shop section/ }).click();
  await page.getByRole('option', { name: 'fish and meat' }).click();
  await dialog.getByRole('button', { name: /Allergens on its label/ }).click();
  await page.getByRole('option', { name: 'these:' }).click();
  await dialog.getByText('fish', { exact: true }).click();
  await dialog.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('checkbox', { name: /^Smoked eel/ })).toBeVisible();
  await expect(page.getByText('Allergens not known')).toHaveCount(0);
  await goTo(page, 'Set up');
  await expect(dishes).toContainText('Contains fish, milk; check the labels.');
  await goTo(page, 'Portion');
  await page.getByRole('link', { name: 'Station cards to print' }).click();
  await expect(page.getByText('contains fish, milk; check the labels').first()).toBeVisible();
});

test('an answer holds for every recipe with the same words, and can be taken back', async ({
  kitchen: page,
}) => {
  await keepText(page, dip('Spread of bloater', 'bloater fillets'));
  await page.getByRole('button', { name: 'Keep this recipe' }).click();
  await expect(page.getByText('not known for 1 line: bloater fillets').first()).toBeVisible();
  await keepText(page, dip('Another bloater spread', 'bloater fillets'));
  const question = page.getByRole('group', { name: 'What “bloater fillets” is' });
  const answer = question.getByRole('button').first();
  const meant = (await answer.textContent())!;
  await answer.click();
  await expect(page.getByText(`“bloater fillets” is ${meant} in every recipe now.`)).toBeVisible();
  await expect(question).toHaveCount(0);
  await page.goto('/recipes');
  await page.getByRole('link', { name: 'Spread of bloater', exact: true }).click();
  await expect(page.getByText('not known for')).toHaveCount(0);
  await page.goto('/larder');
  await page
    .getByRole('link', { name: new RegExp(`^${meant}`, 'i') })
    .first()
    .click();
  await page.getByRole('button', { name: '“bloater fillets” no longer means it' }).click();
  await page.goto('/recipes');
  await page.getByRole('link', { name: 'Spread of bloater', exact: true }).click();
  await expect(page.getByText('not known for 1 line: bloater fillets').first()).toBeVisible();
});
