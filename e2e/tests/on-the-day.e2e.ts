import { addDish, expect, goTo, makeClass, saved, saveRecipe, test } from './kitchen.js';

const roast = `Roast carrots for the day
Serves 4

600 g carrots
2 tbsp olive oil

1. Roast the carrots with the oil at 200 °C for 25 minutes.
2. Pile them on a plate.`;

test('an oven out of order for one class: Time names it, a way out is taken, the next has its oven', async ({
  kitchen: page,
}) => {
  await saveRecipe(page, roast);
  await makeClass(page, 'Without an oven', '8');
  await addDish(page, 'Roast carrots for the day');
  await page.getByText('Kitchen for this class:').click();
  await page.getByLabel('Oven shelves').fill('0');
  await expect(page.getByText(/oven shelves 0 \(usually \d+\)/)).toBeVisible();
  await saved(page);
  await goTo(page, 'Time');
  const clash = page.getByRole('region', { name: 'What clashes' });
  await expect(clash).toContainText('wants the oven, and there is none for this class');
  await clash.getByRole('button', { name: 'Hire an oven' }).click();
  await expect(clash).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await clash
    .getByRole('button', { name: /^Use the .+ instead of the oven$/ })
    .first()
    .click();
  await expect(clash).toHaveCount(0);
  await saved(page);
  await page.reload();
  await goTo(page, 'Set up');
  await expect(page.getByText(/oven shelves 0 \(usually \d+\)/)).toBeVisible();
  await makeClass(page, 'With its oven', '8');
  await expect(page.getByText('Kitchen for this class: as it always is')).toBeVisible();
});

test('what is tried under What if can be kept, and taken back', async ({ kitchen: page }) => {
  await makeClass(page, 'Tried and kept', '8');
  await addDish(page, 'Beetroot');
  await goTo(page, 'Time');
  await page.getByRole('button', { name: 'What if' }).click();
  const panel = page.getByRole('region', { name: 'What if' });
  await panel
    .locator('div', { hasText: 'Class 15 min longer' })
    .last()
    .getByRole('button', { name: 'Keep it' })
    .click();
  await expect(page.getByText('Class 15 min longer: done.')).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await saved(page);
});
