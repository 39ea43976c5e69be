import { addDish, expect, goTo, makeClass, test, type Page } from './kitchen.js';

test('a kitchen’s own figure counts in the shopping, and can be put back', async ({ kitchen: page }) => {
  await makeClass(page, 'Weighed class', '8');
  await addDish(page, 'Charred aubergine');
  await goTo(page, 'Shop');
  const shop = page.url();
  await page.getByRole('button', { name: /^Lemon:/ }).focus();
  // ⅓ of 8 tastes for 6: each station of 4 makes ⅔, the demonstration ⅓: 2 × 1 + ½ = 2½ lemons' juice → 3,
  // whatever a lemon gives. Garlic: by the bulb.
  await expect(page.getByRole('button', { name: /^Aubergine: 5/ })).toBeVisible();

  await page.getByRole('link', { name: 'Larder' }).click();
  await page.getByRole('searchbox', { name: 'Find' }).fill('tahini');
  await page.getByRole('link', { name: 'tahini', exact: true }).click();
  const density = page.getByLabel('Density', { exact: true });
  await density.fill('0');
  await density.press('Enter');
  await expect(page.getByText(/^Density lies between 0.01 and 3 g\/ml, not at 0\.$/)).toBeVisible();
  await density.fill('2.5');
  await density.press('Enter');
  await expect(page.getByText('measured here')).toBeVisible();
  await page.goto(shop);
  await page.getByRole('button', { name: /^Tahini:/ }).focus();
  // 4 tbsp × 15 ml × 2.5 g/ml = 150 g a batch; ⅔ at each of 2 stations and ⅓ at the demonstration are 5/3:
  // 250 g.
  await expect(page.getByRole('complementary', { name: 'Workings' })).toContainText(
    'Together, as purchased250 g',
  );
  await page.goto('/larder/tahini');
  await page.getByRole('button', { name: 'Put the standard figure back: Density' }).click();
  await expect(page.getByText('measured here')).toHaveCount(0);
});

test('an ingredient of one’s own is understood in a recipe', async ({ kitchen: page }) => {
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Add an ingredient' }).click();
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('Name the ingredient, in up to 60 characters.')).toBeVisible();
  await page.getByLabel('Name').fill('Courgette');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('The larder has this already, as courgette.')).toBeVisible();
  await page.getByLabel('Name').fill('Pickled samphire');
  await page.getByRole('button', { name: /Allergens on its label/ }).click();
  await page.getByRole('option', { name: 'these:' }).click();
  await page.getByText('sulphites', { exact: true }).click();
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('heading', { name: 'Pickled samphire' })).toBeVisible();
  await expect(page.getByText('Contains sulphites.')).toBeVisible();
  await expect(page.getByText('Eaten by').locator('xpath=following-sibling::dd[1]')).toHaveText('not known');
  const figures = page.getByRole('form', { name: 'Add a figure' });
  await figures.getByRole('button', { name: 'A figure that is missing' }).click();
  await page.getByRole('option', { name: 'A handful' }).click();
  await figures.getByLabel('g', { exact: true }).fill('9999');
  await figures.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('A handful lies between 0.5 and 500 g, not at 9999.')).toBeVisible();
  await figures.getByLabel('g', { exact: true }).fill('22,5');
  await figures.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('row', { name: /A handful/ })).toContainText('measured here');
  await expect(page.getByLabel('A handful')).toHaveValue('22.5');
  await page.getByLabel('Size of pack 1').fill('180');
  await page.getByLabel('Size of pack 1').press('Enter');
  await expect(page.getByText('pack of 180 g', { exact: true })).toBeVisible();
  await page.goto('/recipes/new');
  await page
    .getByLabel('Paste or write a recipe')
    .fill('Samphire salad\nIngredients\n80 g pickled samphire\nMethod\n1. Toss the samphire.');
  await expect(page.getByText('80 g · Pickled samphire')).toBeVisible();
});

test('a handful is weighed, and something is put in the cupboard and used up', async ({ kitchen: page }) => {
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Weigh your hand' }).click();
  await page.getByLabel('Weighing 1, g').fill('18');
  await page.getByLabel('Weighing 2, g').fill('23');
  // (18 + 23) ÷ 2 = 20.5
  await expect(page.getByText('20.5 g')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this weight' }).click();
  await expect(page.getByText('Kept: a handful of flat-leaf parsley is 20.5 g here.')).toBeVisible();
  await page.getByRole('button', { name: 'In the cupboard' }).click();
  await page.getByLabel('What and how much').fill('lots of farro');
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByText('“lots of” is not an amount: write how much.')).toBeVisible();
  await page.getByLabel('What and how much').fill('500 g bulgur');
  await page.getByRole('button', { name: 'Put it in' }).click();
  const bulgur = page.getByRole('row', { name: /bulgur/ });
  await expect(bulgur).toContainText('500 g');
  await expect(bulgur).not.toContainText('keeps');
  await page.getByLabel('What and how much').fill('2 kg dried chickpeas');
  await page.getByRole('button', { name: 'Clear: Use by' }).click();
  await expect(page.getByText('No date: it keeps.')).toBeVisible();
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByRole('row', { name: /chickpeas/ })).toContainText('keeps');
  await page.getByRole('button', { name: 'Used up: bulgur wheat' }).click();
  await expect(bulgur).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bulgur).toBeVisible();
});

test('the larder comes in from CSV, with a report row by row', async ({ kitchen: page }) => {
  await page.goto('/larder/capers');
  await page.getByRole('button', { name: 'CSV in and out' }).click();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file to bring in' }).click();
  await (
    await chooser
  ).setFiles({
    name: 'mine.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'ingredient,figure,value\ncapers,drained,0.55\ncapers,drained,7\nmoon dust,handful,3\n',
    ),
  });
  await expect(page.getByText('1 rows can be taken, 2 refused; 1 ingredients change.')).toBeVisible();
  await expect(page.getByText('Drained share lies between 0.05 and 1, not at 7.')).toBeVisible();
  await page.getByRole('button', { name: 'Take 1 ingredients' }).click();
  await expect(page.getByText('1 ingredient was taken.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox', { name: 'Drained share' })).toHaveValue('0.55');
});

test('a note is written in Markdown, sanitised, duplicated, and kept while a step has it', async ({
  kitchen: page,
}) => {
  await page.goto('/techniques/toss');
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await page.getByLabel('Title').fill('Toss in a box');
  await page.getByLabel('Text of the note').click();
  await page.keyboard.press('Control+Home');
  await page.keyboard.type('## Why\n\nThree **turns** <img src=x onerror=alert(1)> do it.\n\n');
  await page.getByRole('button', { name: 'Save the note' }).click();
  await expect(page.getByRole('heading', { name: 'Toss in a box', level: 2 })).toBeVisible();
  await expect(page.locator('article strong')).toHaveText('turns');
  await expect(page.locator('article img')).toHaveCount(0);
  await expect(page.getByText('No recipe uses it yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('“Toss in a box” was deleted.')).toBeVisible();
  await page.goto('/techniques/fold');
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(
    page.getByText(/“Fold gently” is attached to steps of .*“Warm potato and green bean salad”/),
  ).toBeVisible();
});

test(
  'on a phone the library, a recipe, its editor, the ' + 'larder and the notes are not cut off sideways',
  async ({ kitchen: page }) => {
    await page.setViewportSize({ width: 390, height: 800 });
    for (const [path, heading] of [
      ['/recipes', 'Recipes'],
      ['/recipes/new', 'New recipe from text'],
      ['/techniques/dice', 'Techniques'],
      ['/larder/lemon', 'Larder'],
      ['/larder/stock', 'Larder'],
    ] as const) {
      await page.goto(path);
      await page.getByRole('heading', { name: heading, level: 1 }).waitFor();
      expect([path, await sideways(page)]).toEqual([path, 0]);
    }
    await page.goto('/recipes');
    await page.getByRole('link', { name: /Beetroot/ }).click();
    await page.getByRole('heading', { name: 'Steps' }).waitFor();
    expect(['reading', await sideways(page)]).toEqual(['reading', 0]);
    await page.getByRole('button', { name: 'Edit' }).click();
    await page.getByRole('textbox', { name: 'Line 1', exact: true }).waitFor();
    expect(['editing', await sideways(page)]).toEqual(['editing', 0]);
  },
);

/** Pixels by which the page is wider than its window. */
function sideways(page: Page): Promise<number> {
  return page.evaluate(() => Math.max(0, document.documentElement.scrollWidth - window.innerWidth));
}
