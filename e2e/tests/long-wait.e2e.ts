import { addDish, expect, goTo, makeClass, saved, saveRecipe, test } from './kitchen.js';

test('a dip that chills for two hours is proposed a way, to be changed; lists and times follow', async ({
  kitchen: page,
}) => {
  await saveRecipe(
    page,
    `Dip that chills
Serves 6

2 tins white beans, drained
3 tbsp olive oil
1 lemon, juiced

1. Blend the beans with the oil and lemon juice until smooth.
2. Cover and chill for at least 2 hours. Keeps 3 days.
3. Stir, taste and serve.`,
  );
  await makeClass(page, 'A long wait', '12');
  await addDish(page, 'Dip that chills');
  const dishes = page.getByRole('list', { name: 'Dishes' });
  await expect(dishes).toContainText(
    '“Cover and chill for at least 2 hours” takes 2 h, longer than this class allows',
  );
  const way = dishes.getByRole('button', { name: /The long wait of Dip that chills/ });
  await expect(way).toContainText('eat a batch made ahead, take yours home');
  await saved(page);
  await goTo(page, 'Shop');
  const beans = page.getByRole('checkbox', { name: /^Tinned white beans/ });
  await expect(beans).toBeVisible();
  const bought = await page.getByRole('row', { name: /Tinned white beans/ }).textContent();
  await goTo(page, 'Time');
  await expect(page.getByText(/^Swap: Blend/).first()).toBeVisible();

  await goTo(page, 'Set up');
  await way.click();
  await page.getByRole('option', { name: 'do the steps before it ahead' }).click();
  await expect(way).toContainText('do the steps before it ahead');
  await saved(page);
  await goTo(page, 'Shop');
  await expect(page.getByRole('row', { name: /Tinned white beans/ })).not.toHaveText(bought!);
  await goTo(page, 'Time');
  await expect(page.getByText(/^Swap:/)).toHaveCount(0);
  await expect(page.getByText('No plan was found')).toHaveCount(0);
});
