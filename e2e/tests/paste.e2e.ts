import { expect, test } from './kitchen.js';

const letter = `Dear Ines,
here is the bean salad from the allotment.
a good kilo of green beans
4 eggs, hard boiled
small red onion and a fistful of parsley
Dressing, make it first
3 spoons white wine vinegar, 6 oil
Cook the beans in plenty of salted water.
Slice the onion thin.
Ours came early this year.
Toss with the dressing, eggs in quarters on top, parsley.
Love, Vera`;

test('a letter: questions answered, a row turned into something else, proposed work kept or not', async ({
  kitchen: page,
}) => {
  await page.goto('/recipes/new');
  await page.getByLabel('Paste or write a recipe').fill(letter);
  const questions = page.getByRole('region', { name: 'Questions about this text' });
  await expect(questions.getByRole('heading', { name: '2 questions' })).toBeVisible();

  await test.step('for how many, and which oil', async () => {
    await questions.getByRole('textbox', { name: 'Another number' }).fill('7');
    await questions.getByRole('button', { name: 'Set' }).click();
    await expect(page.getByText('salad, serves 7')).toBeVisible();
    await questions.getByRole('button', { name: 'olive oil', exact: true }).click();
    await expect(questions.getByRole('heading', { name: 'No questions left' })).toBeVisible();
    await questions.getByRole('button', { name: 'Take back the last answer' }).click();
    await expect(questions.getByText('Which food is “oil”?')).toBeVisible();
    await questions.getByRole('button', { name: 'olive oil', exact: true }).click();
  });

  await test.step('the eggs are boiled, unless they are bought so', async () => {
    const eggs = page.getByRole('group', { name: /^Added: The eggs are wanted cooked/ });
    await expect(page.getByText('Hard-boil the eggs for 9–11 minutes.', { exact: true })).toBeVisible();
    await eggs.getByRole('button', { name: 'Bought cooked' }).click();
    await expect(page.getByText(/^Hard-boil the eggs/)).toHaveCount(0);
    await eggs.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText(/^Hard-boil the eggs/)).toBeVisible();
  });

  const rows = page.getByRole('region', { name: 'What each row became' });
  await test.step('a row shows what it became, and becomes a step', async () => {
    await rows.getByRole('button', { name: /Slice the onion thin/ }).click();
    await expect(page.getByRole('button', { name: /show its row/, pressed: true })).toHaveCount(1);
    await rows.getByRole('button', { name: /Ours came early/ }).click();
    await rows.getByRole('button', { name: 'Step', exact: true }).click();
    await expect(rows.getByRole('button', { name: /^step Ours came early/ })).toBeVisible();
    await rows.getByRole('button', { name: 'As it was read' }).click();
    await expect(rows.getByRole('button', { name: /^step Ours came early/ })).toHaveCount(0);
    await rows.getByRole('button', { name: 'Leave out' }).click();
    await expect(rows.getByRole('button', { name: /^not used Ours came early/ })).toBeVisible();
  });

  await test.step('all of it is still there after a reload, and is kept', async () => {
    await page.reload();
    await expect(page.getByText('salad, serves 7')).toBeVisible();
    await expect(rows.getByRole('button', { name: /^not used Ours came early/ })).toBeVisible();
    await page.getByRole('button', { name: 'Save recipe' }).click();
    await expect(page.getByRole('heading', { name: /bean salad/i, level: 1 })).toBeVisible();
    await page.getByRole('button', { name: 'Read', exact: true }).click();
    await expect(
      page.getByRole('paragraph').filter({ hasText: 'Whisk the dressing ingredients together.' }),
    ).toBeVisible();
  });
});

test('two dishes of a text are two recipes, and one is a part of the other', async ({ kitchen: page }) => {
  await page.goto('/recipes/new');
  await page.getByLabel('Paste or write a recipe').fill(`Charred corn salad
Serves 8
6 corn cobs
2 tbsp sunflower oil
Lime crema, to serve
1. Griddle the corn with the oil for 10 minutes.
2. Spoon over the lime crema.

Lime crema
Serves 8
200 ml soured cream
1 lime, juice
1. Stir the cream and the lime juice together.`);
  const dishes = page.getByRole('group', { name: 'Recipes of this text' });
  await expect(dishes.getByRole('button')).toHaveText(['Charred corn salad', 'Lime crema']);
  await dishes.getByRole('button', { name: 'Lime crema' }).click();
  await expect(page.getByRole('heading', { name: 'Lime crema', level: 2 })).toBeVisible();
  await page.getByRole('button', { name: 'Save 2 recipes' }).click();
  await expect(page.getByRole('heading', { name: 'Charred corn salad', level: 1 })).toBeVisible();
  await page.getByRole('link', { name: 'Recipes' }).click();
  await expect(page.getByRole('link', { name: /Lime crema/ })).toBeVisible();
});

test('a talk with its times is read, and the last word counts', async ({ kitchen: page }) => {
  await page.goto('/recipes/new');
  await page.getByLabel('Paste or write a recipe').fill(`[0:02] Today it is a radish salad for four.
[0:20] You want two bunches of radishes and two, no, three tablespoons of olive oil.
[1:00] First slice the radishes as thin as you can.
[5:00] Then toss them with the oil.
[6:00] Thank you for watching.`);
  await expect(page.getByText('salad, serves 4 · 2 lines, 2 steps')).toBeVisible();
  await expect(page.getByText('3 tbsp · olive oil', { exact: false })).toBeVisible();
  await expect(page.getByText('4 min hands-on')).toBeVisible();
});
