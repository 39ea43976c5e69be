import { expect, goTo, makeClass, test } from './kitchen.js';

const long = '1 lemon, zested '.repeat(12_500);
const messy = `Tomato & bread salad <b>bold</b> 🥗
Serves 4

Ingredients
- 500 g ripe tomatoes
• 200 g country bread, torn
2 tsp golden dust
1/0 cup milk

For the dressing:
1½ tbsp red wine vinegar
4 tbsp extra virgin olive oil

Method
1. Toast the bread for 8 minutes in the oven at 200 °C.
2. Whisk vinegar and oil, and toss everything.`;

test('a messy recipe is pasted, mended, kept and put on a class', async ({ kitchen: page }) => {
  await makeClass(page, 'Pasted class', '8');
  await page.getByRole('link', { name: 'Recipes' }).click();
  await page.getByRole('button', { name: 'New recipe from text' }).click();
  await page.getByLabel('Paste or write a recipe').fill(messy);
  await expect(page.getByText('2 to look at')).toBeVisible();
  await expect(page.getByText('“golden dust” is not in the larder.', { exact: true })).toBeVisible();
  await expect(page.getByText('“1/0” is not an amount: nothing can be divided by zero.')).toBeVisible();

  await test.step('one line is written again, one corrected by hand', async () => {
    await page.getByRole('textbox', { name: 'Line 4' }).fill('100 ml milk');
    await expect(page.getByText('1 to look at')).toBeVisible();
    const third = page.getByRole('listitem').filter({ has: page.getByRole('textbox', { name: 'Line 3' }) });
    await third.getByRole('button', { name: 'Correct' }).click();
    await third.getByLabel('Ingredient').fill('smoked paprika');
    await expect(third).toContainText('in the larder as smoked paprika');
    await third.getByLabel('Amount').fill('lots');
    await expect(third).toContainText('“lots” is not an amount: write 2, ½, 1 1/2 or 2–3.');
    await third.getByLabel('Amount').fill('1½');
    await expect(page.getByText('to look at')).toHaveCount(0);
  });

  await test.step('what was typed survives a reload', async () => {
    await page.reload();
    await expect(page.getByLabel('Paste or write a recipe')).toHaveValue(messy);
  });

  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(
    page.getByRole('heading', { name: 'Tomato & bread salad <b>bold</b> 🥗', level: 1 }),
  ).toBeVisible();
  await test.step('a note is attached to the second step, with what is different there', async () => {
    await page.getByRole('button', { name: /Attach a note to step 2/ }).click();
    await page.getByRole('option', { name: 'Fold gently' }).click();
    await page.getByLabel('For this step, about Whisk in the oil').fill('Bread goes in last.');
    await expect(page.getByText('· saved')).toBeVisible();
    await page.getByRole('button', { name: 'Read', exact: true }).click();
    await expect(
      page.getByRole('complementary', { name: 'Technique notes' }).filter({ hasText: 'Fold gently' }),
    ).toContainText('Bread goes in last.');
  });
  await page.getByRole('button', { name: 'Put on a class' }).click();
  await page.getByRole('option', { name: /Pasted class/ }).click();
  // 8 people at 2 stations of 4 make the recipe for 4 once each.
  await expect(page.getByRole('button', { name: /^tomatoes, Stations 1, 2: 500 g/ })).toBeVisible();
  await goTo(page, 'Shop');
  await expect(page.getByRole('button', { name: /^Golden dust/ })).toBeVisible();
  await expect(page.getByText('Not in the larder: added up as written.').first()).toBeVisible();
});

test('a recipe is mended in place, saved and undone', async ({ kitchen: page }) => {
  await page.getByRole('link', { name: 'Recipes' }).click();
  await page.getByRole('link', { name: /Green herb and yoghurt/ }).click();
  await page.getByRole('button', { name: 'Edit' }).click();
  await page.getByRole('textbox', { name: 'Line 5' }).fill('3 tbsp lime juice');
  await expect(page.getByText('3 tbsp · lime · juice')).toBeVisible();
  await expect(page.getByText('· saved')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Line 5' })).toHaveValue('3 tbsp lime juice');
  await page.getByRole('textbox', { name: 'Line 5' }).fill('4 tbsp lime juice');
  await page.getByRole('heading', { name: /Green herb/ }).click();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'Line 5' })).toHaveValue('3 tbsp lime juice');
});

test('a recipe that a class uses is not deleted, and says by which', async ({ kitchen: page }) => {
  await page.getByRole('link', { name: 'Recipes' }).click();
  await page.getByRole('link', { name: /Charred aubergine/ }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('is on the menu of “Smoke, char and warm salads”')).toBeVisible();
});

test('200 kB of text are kept in the box and refused in a sentence', async ({ kitchen: page }) => {
  await page.goto('/recipes/new');
  await page.getByLabel('Paste or write a recipe').fill(long);
  await expect(
    page.getByText(
      /This text has [\d,]+ characters; a recipe is read up to 60,000\. Paste one recipe at a time\./,
    ),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save recipe' })).toBeDisabled();
});

test('a recipe with a title only can be kept, and says what is missing', async ({ kitchen: page }) => {
  await page.goto('/recipes/new');
  await page.getByLabel('Paste or write a recipe').fill('Only a title');
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await page.getByLabel('Add a line to Salad').fill('2 lemons, juiced');
  await page.keyboard.press('Enter');
  await expect(page.getByText('2 · lemon · juice')).toBeVisible();
  await expect(page.getByText('· saved')).toBeVisible();
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(
    page.getByText('No steps yet: this dish takes no time in a plan until it has some.'),
  ).toBeVisible();
});
