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

/** Keeps the pasted recipe, and waits until its page is there. */
async function keep(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
  await expect(page).toHaveURL(/\/recipes\/[0-9a-f-]{36}/);
}

test('a food that the larder does not have is asked about, added in place, and known everywhere', async ({
  kitchen: page,
}) => {
  await keepText(page, dip('Spread of smoked tench', 'smoked tench'));
  const question = page.getByRole('group', { name: 'What “smoked tench” is' });
  await expect(question).toContainText('“smoked tench” is not in the larder. Is it one of these, or new?');
  await expect(question.getByRole('button', { name: 'smoked mackerel' })).toBeVisible();
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(page.getByText('not known for 1 line: smoked tench').first()).toBeVisible();

  await makeClass(page, 'Nobody knows the tench');
  await addDish(page, 'Spread of smoked tench');
  const dishes = page.getByRole('list', { name: 'Dishes' });
  await expect(dishes).toContainText('Contains milk; not known for 1 line: smoked tench; check the labels.');
  await saved(page);
  await goTo(page, 'Shop');
  await expect(page.getByRole('heading', { name: 'To buy' })).toBeVisible();
  await page.getByText('Allergens not known for 1 line: smoked tench. Say what it is').click();
  await page.getByRole('button', { name: 'Add it to the larder' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add an ingredient' });
  await expect(dialog.getByLabel('Name')).toHaveValue('smoked tench');
  await dialog.getByRole('button', { name: /Shop section/ }).click();
  await page.getByRole('option', { name: 'fish and meat' }).click();
  await dialog.getByRole('button', { name: /Allergens on its label/ }).click();
  await page.getByRole('option', { name: 'these:' }).click();
  await dialog
    .getByRole('group', { name: 'Which of these its label names' })
    .getByText('fish', { exact: true })
    .click();
  await dialog.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('checkbox', { name: /^Smoked tench/ })).toBeVisible();
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
  await page.getByRole('button', { name: 'Save recipe' }).click();
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

test('what a recipe leaves open is chosen on Shop and on the menu, one press each', async ({
  kitchen: page,
}) => {
  await keepText(
    page,
    `Salad of what there is
Serves 4

1 tin whatever beans you have
4 tbsp yoghurt (or tahini)
2 peppers, half red, half yellow
2 sprigs chervil
100 g walnuts, half for the top

Dice the peppers. Toss the beans with the yoghurt and the chervil. Scatter with the walnuts.`,
  );
  await keep(page, 'Salad of what there is');
  await makeClass(page, 'Left open', '8');
  await addDish(page, 'Salad of what there is');
  const dishes = page.getByRole('list', { name: 'Dishes' });
  await expect(dishes).toContainText('not known for 1 line: beans');
  await expect(dishes).toContainText('Yoghurt or tahini (brings sesame; then without milk)');
  await dishes.getByRole('button', { name: 'Salad of what there is: tinned kidney beans for beans' }).click();
  await expect(dishes).toContainText('Contains milk, nuts (walnut); check the labels.');
  await saved(page);

  await goTo(page, 'Shop');
  await expect(page.getByRole('checkbox', { name: /^Tinned kidney beans/ })).toBeVisible();
  await expect(page.getByText('Peppers: half red, half yellow.')).toBeVisible();
  await page.getByRole('button', { name: 'Salad of what there is: tahini for yoghurt' }).click();
  await expect(page.getByRole('checkbox', { name: /^Tahini/ })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /^Plain yoghurt/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Salad of what there is: back to yoghurt' }).click();
  await expect(page.getByRole('checkbox', { name: /^Plain yoghurt/ })).toBeVisible();

  // The kept part of the walnuts stands with the bench's amount; a word that was read wrong is mended there.
  await goTo(page, 'Portion');
  await expect(page.getByText('half for the top', { exact: true })).toBeVisible();
  await page
    .getByRole('button', { name: /^plain yoghurt, /i })
    .first()
    .click();
  await page.getByRole('button', { name: '“yoghurt” means something else' }).click();
  const question = page.getByRole('group', { name: 'What “yoghurt” is' });
  const answer = question.getByRole('button').first();
  const meant = (await answer.textContent())!;
  await answer.click();
  await expect(page.getByText(`“yoghurt” is ${meant} in every recipe now.`)).toBeVisible();
  await goTo(page, 'Shop');
  await expect(page.getByRole('checkbox', { name: new RegExp(`^${meant}`, 'i') })).toBeVisible();
  await page.goto('/larder');
  await page
    .getByRole('link', { name: new RegExp(`^${meant}`, 'i') })
    .first()
    .click();
  await page.getByRole('button', { name: '“yoghurt” no longer means it' }).click();
});

test('a figure that a row lacks is asked for in the row, and kept in the larder', async ({
  kitchen: page,
}) => {
  await keepText(
    page,
    `Row that lacks a figure
Serves 4

2 slices halloumi
100 g halloumi

Fry the halloumi.`,
  );
  await keep(page, 'Row that lacks a figure');
  await makeClass(page, 'Lacking', '4');
  await addDish(page, 'Row that lacks a figure');
  await saved(page);
  await goTo(page, 'Shop');
  await expect(page.getByText(/How much does one slice weigh\?/)).toBeVisible();
  const field = page.getByRole('textbox', { name: /, g$/ });
  await field.fill('nothing');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('“nothing” is not a weight: write a number.')).toBeVisible();
  await field.fill('30');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText(/How much does one slice weigh\?/)).toHaveCount(0);
});
