import { addDish, expect, goTo, makeClass, saved, saveRecipe, test } from './kitchen.js';

test('a dressing is designed to a target, tasted three times, and written back as a new version', async ({
  kitchen: page,
}) => {
  await saveRecipe(
    page,
    `Leaves to dress
Serves 4

200 g mixed leaves

For the dressing
6 tbsp olive oil
4 tbsp cider vinegar
1 tsp fine salt

1. Whisk the oil, vinegar and salt.
2. Toss the leaves with the dressing.`,
  );
  await page.getByRole('link', { name: 'On the dressing bench' }).click();
  await expect(page.getByRole('heading', { name: 'Dressing bench', level: 1 })).toBeVisible();
  const parts = page.getByRole('main');
  await expect(parts).toContainText('1.5 oil : 1 acid');
  await expect(parts).toContainText(/over the usual 1.5–2.5 %/);

  // To a target, in spoons.
  await page.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByRole('region', { name: 'Meet a target' }).getByRole('status')).toContainText(
    'Met, in measures that spoons give.',
  );
  await expect(parts).toContainText(/(2\.9|3|3\.1) oil : 1 acid/);

  // The point is moved by the keys, and the amounts follow.
  const vinegar = page.getByRole('textbox', { name: 'Line 2' });
  const before = await vinegar.inputValue();
  await page.getByRole('img', { name: /the arrow keys move it/ }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(vinegar).not.toHaveValue(before);

  // Three counted additions, each with what it was like after it.
  const taste = page.getByRole('region', { name: 'Taste and adjust' });
  await taste.getByRole('button', { name: 'flat' }).click();
  const add = taste.getByRole('list', { name: 'What helps' }).getByRole('button', { name: /^Add/ }).first();
  await add.click();
  await add.click();
  await taste.getByRole('button', { name: 'too sharp' }).click();
  await add.click();
  const log = taste.getByRole('list', { name: 'The bowl’s log' });
  await expect(log.getByRole('listitem')).toHaveCount(3);
  await expect(log).toContainText('honey');

  // Kept on this device through a reload, and written back.
  await page.reload();
  await expect(log.getByRole('listitem')).toHaveCount(3);
  await page.getByRole('button', { name: 'Make this the recipe' }).click();
  await expect(page.getByText(/^A new version of the recipe: .*new: .*honey/)).toBeVisible();
  await expect(log).toHaveCount(0);
  await page.goto('/recipes');
  await page.getByRole('link', { name: 'Leaves to dress' }).first().click();
  await expect(page.getByRole('main')).toContainText(/honey/);

  // On a class the sheet says how it is balanced.
  await makeClass(page, 'Dressed class', '8');
  await addDish(page, 'Leaves to dress');
  await saved(page);
  await goTo(page, 'Portion');
  await expect(page.getByText(/: 1, .*· salt .* % · dresses .* g · holds 10 min/)).toBeVisible();
  await page.getByRole('link', { name: 'on the bench' }).click();
  await expect(page.getByRole('group', { name: 'Bowls' })).toContainText('Leaves to dress');
});

test('what cannot be is said in a sentence, and never NaN', async ({ kitchen: page }) => {
  await page.goto('/bench');
  await page.getByRole('textbox', { name: 'Salt, %' }).fill('90');
  await page.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByRole('region', { name: 'Meet a target' }).getByRole('status')).toContainText(
    'No bowl can be like that',
  );
  for (let line = 4; line > 0; line--)
    await page
      .getByRole('button', { name: /^Take “.*” out$/ })
      .first()
      .click();
  await page.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByRole('main')).toContainText('There is nothing in the bowl yet');
  await expect(page.getByRole('main')).not.toContainText('NaN');
});

test('two bowls become a blind flight of a class: letters on cards, kit, a sheet to mark, its key', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Tasting class', '9');
  await page.goto('/bench');
  const name = page.getByRole('textbox', { name: 'Name', exact: true });
  await name.fill('House');
  await page.getByRole('button', { name: 'New bowl', exact: true }).click();
  await name.fill('Sharper');
  await page.getByRole('textbox', { name: 'Line 2' }).fill('4 tbsp red wine vinegar');
  await page.getByRole('button', { name: 'Taste as a flight' }).click();
  const dialog = page.getByRole('dialog', { name: 'Taste as a flight' });
  await expect(dialog.getByRole('checkbox', { name: 'B: Sharper' })).toBeChecked();
  await dialog.getByRole('button', { name: /Class$/ }).click();
  await page.getByRole('option', { name: /^Tasting class/ }).click();
  await dialog.getByRole('button', { name: 'Put it on the class' }).click();

  // Each station makes another bowl, for everybody.
  await expect(page.getByRole('heading', { name: /^Tasting flight: House and Sharper/ })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: /^Stations 1, 3: A/ })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: /^Station 2: B/ })).toBeVisible();
  await page.getByRole('link', { name: 'Station cards to print' }).click();
  const card = page.getByRole('article', { name: /^Stations 1/ });
  await expect(card.getByRole('heading', { name: 'Blind tasting' })).toBeVisible();
  await expect(card).toContainText('Bowl A');
  await expect(card).not.toContainText('House');
  const sheet = page.getByRole('article', { name: 'Sheet to mark: Blind tasting' });
  await expect(sheet).toContainText('for each of 9 people');
  await expect(sheet.getByRole('row')).toHaveCount(3);
  await expect(sheet).not.toContainText('Sharper');
  await expect(page.getByRole('article', { name: 'Key: Blind tasting' })).toContainText('B: Sharper');
  await goTo(page, 'Pack');
  // 2 bowls × 9 people.
  await expect(page.getByRole('main')).toContainText(/18\s*tasting spoon for a flight/);
});

test('a bowl that lies under others in the same place is drawn off them, and its amounts follow', async ({
  kitchen: page,
}) => {
  await page.goto('/bench');
  await page.getByRole('button', { name: 'New bowl', exact: true }).click();
  await page.getByRole('button', { name: '1. New bowl' }).click();
  const vinegar = page.getByRole('textbox', { name: 'Line 2' });
  await expect(vinegar).toHaveValue('2 tbsp red wine vinegar');
  const box = (await page.getByRole('img', { name: /the arrow keys move it/ }).boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 120, y - 40, { steps: 6 });
  await page.mouse.up();
  await expect(vinegar).not.toHaveValue('2 tbsp red wine vinegar');
  await page.getByRole('button', { name: '2. New bowl' }).click();
  await expect(vinegar).toHaveValue('2 tbsp red wine vinegar');
});

test('parts in words: three to one is asked about, and what is said then is met', async ({
  kitchen: page,
}) => {
  await page.goto('/bench');
  const target = page.getByRole('region', { name: 'Meet a target' });
  await target.getByRole('textbox', { name: 'Or the parts in words' }).fill('three to one');
  await target.getByRole('button', { name: '3 parts acid to 1 oil' }).click();
  await target.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByRole('main')).toContainText('0.3 oil : 1 acid');
  await target.getByRole('textbox', { name: 'Or the parts in words' }).fill('a lot of oil');
  await target.getByRole('button', { name: 'Work it out' }).click();
  await expect(target.getByRole('status')).toContainText('Write two numbers');
});

test('a school as the kitchen teaches it is what the bench solves for', async ({ kitchen: page }) => {
  await page.goto('/kitchen');
  const even = page.getByRole('region', { name: 'even', exact: true });
  await even.getByRole('textbox', { name: 'Oil to 1 acid' }).fill('1,25');
  await saved(page);
  await page.goto('/bench');
  const target = page.getByRole('region', { name: 'Meet a target' });
  await target.getByRole('button', { name: /School/ }).click();
  await page.getByRole('option', { name: 'even, 1.25 : 1' }).click();
  await target.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByRole('main')).toContainText(/1\.[23] oil : 1 acid/);
  await page.goto('/kitchen');
  await even.getByRole('button', { name: 'Back to the usual' }).click();
  await expect(even.getByRole('textbox', { name: 'Oil to 1 acid' })).toHaveValue('1');
  await saved(page);
});

test('beside the bowl stands what is open of it, each with a way to it', async ({ kitchen: page }) => {
  await page.goto('/bench');
  const open = page.getByRole('complementary', { name: 'Workings' });
  await page.getByRole('textbox', { name: 'Line 4' }).fill('2 tsp fine salt');
  await page.getByRole('textbox', { name: 'Add a line' }).fill('1 tbsp moon dust');
  await page.keyboard.press('Enter');
  // What nobody knows comes first, and leads to its line.
  await expect(open.getByRole('listitem').first()).toContainText('moon dust');
  await open.getByRole('button', { name: 'Go to the line' }).first().click();
  await expect(page.getByRole('textbox', { name: 'Line 5' })).toBeFocused();
  await page.getByRole('button', { name: 'Take “1 tbsp moon dust” out' }).click();
  await expect(open.getByRole('listitem').first()).toContainText(
    /^Salt is [\d.]+ %, over the usual 1.5–2.5 %\./,
  );
  await open.getByRole('button', { name: /^Add .*olive oil$/ }).click();
  await expect(page.getByRole('list', { name: 'The bowl’s log' })).toContainText('olive oil');
  await open.getByRole('button', { name: 'Say what it is like' }).click();
  await page.keyboard.press('Enter');
  await page.getByRole('option', { name: 'nearly' }).click();
  await expect(open.getByText('Not tasted since')).toHaveCount(0);
});
