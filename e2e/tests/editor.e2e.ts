import { addDish, expect, goTo, makeClass, type Page, saveRecipe, test } from './kitchen.js';

const saved = (page: Page) => expect(page.getByText('· saved')).toBeVisible();
const linesOf = (page: Page, component: string) =>
  page.getByRole('list', { name: `Lines of ${component}` }).getByRole('textbox', { name: /^Line \d+$/ });
const values = (page: Page, component: string) =>
  linesOf(page, component).evaluateAll((boxes) => boxes.map((box) => (box as HTMLInputElement).value));

test('lines are moved by keyboard and between components, chips are accepted and declined', async ({
  kitchen: page,
}) => {
  await saveRecipe(
    page,
    'Moving salad\nServes 4\nIngredients\n100 g rocket\n30 g walnuts, toasted\nFor the dressing:\n3 ' +
      'tbsp olive oil\nMethod\n1. Toast the walnuts for 5 minutes.\n2. Toss the rocket with half the oil.',
  );
  await test.step('the second line before the first', async () => {
    await page.getByRole('button', { name: /^Move line 2/ }).focus();
    await page.keyboard.press('Space');
    await expect(page.getByText('Lifted 30 g walnuts, toasted.')).toBeAttached();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText('Over 100 g rocket.')).toBeAttached();
    await page.keyboard.press('Space');
    await expect.poll(() => values(page, 'Salad')).toEqual(['30 g walnuts, toasted', '100 g rocket']);
  });
  await test.step('into the other component', async () => {
    await page.getByRole('button', { name: 'Correct line 2' }).click();
    await page
      .getByRole('button', { name: /^Component|Salad Component/ })
      .first()
      .click();
    await page.getByRole('option', { name: 'Dressing' }).click();
    await expect.poll(() => values(page, 'Dressing')).toEqual(['3 tbsp olive oil', '100 g rocket']);
  });
  await test.step('half the oil is left over until the share is declined', async () => {
    await expect(page.getByText('Left over by the steps: ½ of olive oil.')).toBeVisible();
    await page.getByRole('button', { name: 'Take off: ½ of olive oil' }).click();
    await expect(page.getByText('Left over by the steps')).toHaveCount(0);
    await page.getByRole('button', { name: 'Take off: frying pan' }).click();
    await expect(page.getByRole('button', { name: /frying pan/ })).toHaveCount(0);
  });
  await test.step('what a step was read to do is corrected', async () => {
    const done = page.getByRole('list', { name: 'What step 2 does' });
    await done.getByRole('button', { name: /^Not done: toss rocket/ }).click();
    await page.getByRole('button', { name: 'Add what step 2 does' }).click();
    await page.getByRole('option', { name: 'massage', exact: true }).click();
    await expect(done.getByRole('button')).toHaveText(['massage']);
  });
  await saved(page);
  await page.reload();
  await expect(page.getByRole('list', { name: 'What step 2 does' }).getByRole('button')).toHaveText([
    'massage',
  ]);
  await expect.poll(() => values(page, 'Dressing')).toEqual(['3 tbsp olive oil', '100 g rocket']);
  await expect(page.getByRole('button', { name: /frying pan/ })).toHaveCount(0);
});

test('a class chooses a way, stays on its version, and takes the newest knowing what changed', async ({
  kitchen: page,
}) => {
  await saveRecipe(
    page,
    'Choosing salad\nServes 4\nIngredients\n100 g rocket\n3 tbsp olive oil\n3 tbsp rapeseed ' +
      'oil\nMethod\n1. Toss the rocket with the olive oil and the rapeseed oil.',
  );
  await page.getByText('Ways to choose of').click();
  await page.getByRole('button', { name: 'Add a choice' }).click();
  await page.getByLabel('Choice', { exact: true }).fill('Which oil');
  await page.getByLabel('Ways, divided by ;').fill('fruity; light');
  for (const [number, way] of [
    [2, 'fruity'],
    [3, 'light'],
  ] as const) {
    await page.getByRole('button', { name: `Correct line ${number}` }).click();
    await page
      .getByRole('listitem')
      .filter({ has: page.getByRole('textbox', { name: `Line ${number}`, exact: true }) })
      .getByRole('button', { name: /Only when/ })
      .click();
    await page.getByRole('option', { name: `Which oil: ${way}` }).click();
  }
  await saved(page);
  await makeClass(page, 'Choosing class', '8');
  await addDish(page, 'Choosing salad');
  await goTo(page, 'Portion');
  const sheet = page.getByRole('region', { name: 'Choosing salad' });
  await expect(sheet.getByRole('button', { name: /^olive oil, Stations/ })).toBeVisible();
  await expect(sheet.getByRole('button', { name: /^rapeseed oil/ })).toHaveCount(0);
  await goTo(page, 'Set up');
  await page.getByRole('button', { name: /Which oil, Choosing salad/ }).click();
  await page.getByRole('option', { name: 'Which oil: light' }).click();
  await goTo(page, 'Portion');
  await expect(sheet.getByRole('button', { name: /^rapeseed oil, Stations/ })).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();

  await test.step('the recipe moves on; the class stays until it is told to follow', async () => {
    await goTo(page, 'Set up');
    const address = page.url();
    await page.getByRole('link', { name: 'Choosing salad' }).click();
    await page.getByRole('button', { name: 'Edit' }).click();
    await page.getByRole('textbox', { name: 'Line 1', exact: true }).fill('150 g rocket');
    await saved(page);
    await page.goto(address);
    await page.getByRole('button', { name: 'The recipe has changed since: see what, and take it' }).click();
    const differences = page.getByRole('dialog').getByRole('list', { name: 'Differences' });
    await expect(differences.locator('del')).toHaveText('100');
    await expect(differences.locator('ins')).toHaveText('150');
    await page.getByRole('button', { name: 'Use the newest' }).click();
    await goTo(page, 'Portion');
    await expect(sheet.getByRole('button', { name: /^rocket, Stations 1, 2: 150 g/ })).toBeVisible();
  });
});

test('a house dressing is a part of two salads, and never of itself', async ({ kitchen: page }) => {
  await saveRecipe(
    page,
    'House dressing A\nServes 4\nIngredients\n3 tbsp olive oil\n1 tbsp ' +
      'cider vinegar\nMethod\n1. Shake the oil and vinegar.',
  );
  await saveRecipe(
    page,
    'Salad with a part\nServes 4\nIngredients\n100 g rocket\nMethod\n1. Toss the rocket with the dressing.',
  );
  await page.getByRole('button', { name: 'Add a component' }).click();
  await page.getByRole('button', { name: /What makes New component/ }).click();
  await page.getByRole('option', { name: 'made by “House dressing A”' }).click();
  await page.getByLabel('Batches of it for New component').fill('2');
  await saved(page);
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByText('6 tbsp olive oil')).toBeVisible();
  await page.goto('/recipes');
  await page.getByRole('link', { name: 'House dressing A' }).click();
  await page.getByRole('button', { name: 'Edit' }).click();
  await page.getByRole('button', { name: 'Add a component' }).click();
  await page.getByRole('button', { name: /What makes New component/ }).click();
  await page.getByRole('option', { name: 'made by “Salad with a part”' }).click();
  await expect(
    page
      .getByText(
        'This would make the recipe a part of itself: “House dressing A” ' +
          'needs “Salad with a part” needs “House dressing A”.',
      )
      .first(),
  ).toBeVisible();
});

test('recipes come in from files; what is none is refused with the reason', async ({ kitchen: page }) => {
  await page.goto('/recipes');
  await page.getByRole('button', { name: 'Import files' }).click();
  const linked = JSON.stringify({
    '@type': 'Recipe',
    name: 'Saved page slaw',
    recipeYield: '6',
    recipeIngredient: ['½ cabbage, shredded', '<img src=x onerror=alert(1)>3 tbsp olive oil'],
    recipeInstructions: 'Toss.',
  });
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose files' }).click();
  await (
    await chooser
  ).setFiles([
    {
      name: 'slaw.html',
      mimeType: 'text/html',
      buffer: Buffer.from(`<html><script type="application/ld+json">${linked}</script><p>noise</p></html>`),
    },
    {
      name: 'dip.md',
      mimeType: 'text/markdown',
      buffer: Buffer.from('# Markdown dip\n\n## Ingredients\n\n- 200 g feta\n\n## Method\n\n1. Blend.'),
    },
    { name: 'empty.html', mimeType: 'text/html', buffer: Buffer.from('<html><body>nothing</body></html>') },
    { name: 'huge.json', mimeType: 'application/json', buffer: Buffer.alloc(5 * 1024 * 1024 + 1, 'x') },
  ]);
  const found = page.getByRole('list', { name: 'What was found' });
  await expect(found.getByText('This page holds no recipe data: paste its text instead.')).toBeVisible();
  await expect(found.getByText('This file is larger than 5 MB')).toBeVisible();
  await page.getByRole('button', { name: 'Keep 2 recipes' }).click();
  await expect(found.getByText('kept')).toHaveCount(2);
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('link', { name: 'Saved page slaw' }).click();
  await expect(page.getByText('3 tbsp olive oil', { exact: true })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export' }).click();
  await page.getByRole('menuitem', { name: 'Markdown' }).click();
  expect((await download).suggestedFilename()).toBe('Saved page slaw.md');
});

test('a Fornax file exports a recipe and imports it again, nothing lost', async ({ kitchen: page }) => {
  await page.goto('/recipes');
  await page.getByRole('link', { name: 'Leaves with the house dressing' }).click();
  await page.getByRole('heading', { name: 'Steps' }).waitFor();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export' }).click();
  await page.getByRole('menuitem', { name: 'Fornax file, nothing left out' }).click();
  const file = await (await download).path();
  await page.goto('/recipes');
  await page.getByRole('button', { name: 'Import files' }).click();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose files' }).click();
  await (await chooser).setFiles(file);
  await page.getByRole('button', { name: 'Keep the recipe' }).click();
  await expect(page.getByRole('list', { name: 'What was found' }).getByText('kept')).toBeVisible();
  const recipes = (await (await page.request.get('/api/recipes')).json()) as { id: string; title: string }[];
  const both = recipes.filter(({ title }) => title === 'Leaves with the house dressing');
  expect(both).toHaveLength(2);
  const [one, two] = await Promise.all(
    both.map(
      async ({ id }) =>
        (
          (await (await page.request.get(`/api/recipes/${id}`)).json()) as {
            whole: { lines: unknown; steps: { text: string }[]; choices: unknown };
          }
        ).whole,
    ),
  );
  expect([one!.lines, one!.choices]).toEqual([two!.lines, two!.choices]);
});

test('a version is kept with a word, and the next one says what changed', async ({ kitchen: page }) => {
  await saveRecipe(page, 'Kept salad\nServes 4\nIngredients\n100 g rocket\nMethod\n1. Toss the rocket.');
  await page.getByRole('button', { name: 'Versions' }).click();
  await page.getByLabel('What changed, in a word').fill('first');
  await page.getByRole('button', { name: 'Keep the draft as a version' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('region', { name: 'Version 1' })).toContainText('kept by Ines Okoye · first');
  await page.keyboard.press('Escape');
  await page.getByLabel('Serves').fill('8');
  await saved(page);
  await page.getByRole('button', { name: 'Versions' }).click();
  await expect(dialog.getByRole('region', { name: 'The draft' })).toContainText('changed serves');
  await dialog.getByRole('button', { name: 'Keep the draft as a version' }).click();
  await expect(dialog.getByRole('region', { name: 'Version 2' }).locator('ins')).toHaveText('8');
});
