import { addDish, expect, makeClass, saved, saveRecipe, test } from './kitchen.js';

test('a finding of harm stays open until a word says why, through a reload, and opens again', async ({
  kitchen: page,
}) => {
  await saveRecipe(
    page,
    `Yolk dressing on leaves
Serves 4

200 g mixed leaves
1 tin chickpeas

For the dressing
2 egg yolks
6 tbsp olive oil
2 tbsp lemon juice

1. Whisk the yolks with lemon juice and oil.
2. Toss the chickpeas and the leaves with the dressing.`,
  );
  await makeClass(page, 'Careful class', '8');
  await addDish(page, 'Yolk dressing');
  await saved(page);
  const open = page.getByRole('list', { name: 'To decide' });
  const egg = open.getByRole('listitem').filter({ hasText: 'the egg yolks are eaten raw' });
  await expect(egg).toContainText('Follow your local food code');
  await egg.getByRole('button', { name: 'Acknowledge' }).click();
  await expect(egg.getByRole('button', { name: 'Note it' })).toBeDisabled();
  await egg.getByRole('textbox', { name: 'Why it is left as it is' }).fill('Pasteurised yolks are used.');
  await egg.getByRole('button', { name: 'Note it' }).click();
  await expect(egg).toHaveCount(0);
  // What spoils the dish is noted with one press.
  const tin = open.getByRole('listitem').filter({ hasText: 'the chickpeas are not drained' });
  await tin.getByRole('button', { name: 'Acknowledge' }).click();
  await expect(tin).toHaveCount(0);
  await saved(page);
  await page.reload();
  await page.getByText('2 findings are noted as known').click();
  const noted = page.getByRole('list', { name: 'Noted as known' });
  await expect(noted).toContainText('Pasteurised yolks are used.');
  await noted
    .getByRole('listitem')
    .filter({ hasText: 'yolks' })
    .getByRole('button', { name: 'Open it again' })
    .click();
  await expect(egg).toBeVisible();
});
