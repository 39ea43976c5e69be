import { parseRecipeText } from '@fornax/core';
import { addDish, expect, makeClass, saved, test, typeInto } from './kitchen.js';

test('numbers that cannot be are refused below their field, and nothing else is lost', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Careful class');
  const people = page.getByLabel('People', { exact: true });
  for (const [typed, sentence] of [
    ['0', 'A class has 1 to 200 people.'],
    ['10000', 'A class has 1 to 200 people.'],
    ['many', 'Write people as a whole number.'],
    ['', 'Write people as a whole number.'],
  ] as const) {
    await people.fill(typed);
    await expect(page.getByText(sentence)).toBeVisible();
    await expect(people).toHaveValue(typed);
    await expect(page.getByText('14 people, 4 stations')).toBeVisible();
  }
  await people.fill('15');
  await expect(page.getByText('A class has 1 to 200 people.')).toHaveCount(0);
  await expect(page.getByText('15 people, 4 stations')).toBeVisible();
  await saved(page);
});

test('an end before the start, and a date in the past', async ({ kitchen: page }) => {
  await makeClass(page, 'Dated class');
  await typeInto(page, 'Ends', '1800');
  await expect(page.getByText('A class ends at least 30 minutes after it starts.')).toBeVisible();
  await typeInto(page, 'Ends', '2100');
  await expect(page.getByText('18:30–21:00')).toBeVisible();
  await typeInto(page, 'Date', '15012020');
  await expect(page.getByText('This date is in the past.')).toBeVisible();
  await expect(page.getByText('Wed 15 Jan, 18:30–21:00')).toBeVisible();
  await page.getByRole('button', { name: /Calendar/ }).click();
  await page.getByRole('button', { name: /Friday, 17 January 2020/ }).click();
  await expect(page.getByText('Fri 17 Jan, 18:30–21:00')).toBeVisible();
});

test('the new-class dialog says what is missing, and a double click makes one class', async ({
  kitchen: page,
}) => {
  await page.getByRole('button', { name: 'New class' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Make the class' }).click();
  await expect(dialog.getByText('Give the class a title of up to 160 characters.')).toBeVisible();
  await typeInto(page, 'Ends', '1700');
  await dialog.getByRole('button', { name: 'Make the class' }).click();
  await expect(dialog.getByText('The end lies before the start.')).toBeVisible();
  await typeInto(page, 'Ends', '2030');
  await dialog.getByLabel('Title').fill('Double class <script>alert(1)</script>');
  await dialog.getByRole('button', { name: 'Make the class' }).dblclick();
  await expect(
    page.getByRole('heading', { name: 'Double class <script>alert(1)</script>', level: 1 }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Classes', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Double class <script>alert(1)</script>' })).toHaveCount(1);
});

test('addresses that are none say so', async ({ kitchen: page }) => {
  await page.goto('/classes/01a20b9c-b5a9-74e8-83e3-42f98b0bd1cf');
  await expect(
    page.getByText('This class is not here: nothing of this kitchen has its address.'),
  ).toBeVisible();
  await page.goto('/nowhere');
  await expect(
    page.getByText('There is no page at this address. Choose a place from the bar above.'),
  ).toBeVisible();
});

test('a menu that is more than a plan holds is said at the menu, and other changes are still saved', async ({
  kitchen: page,
}) => {
  const steps = Array.from({ length: 90 }, () => 'Chop the carrot once more.').join('\n');
  for (const title of ['Very long dish', 'Longer still']) {
    const text = `${title}\nServes 4\nIngredients\n2 carrots\nMethod\n${steps}`;
    const content = parseRecipeText(text, { system: 'metric' });
    await page.request.post('/api/recipes', {
      headers: { Origin: process.env.FORNAX_URL! },
      data: { id: crypto.randomUUID(), content },
    });
  }
  await makeClass(page, 'Too long');
  await addDish(page, 'Very long dish');
  await saved(page);
  await addDish(page, 'Longer still');
  await expect(page.getByRole('alert')).toContainText('The dishes have 180 steps');
  await expect(page.getByRole('alert')).toContainText('a plan holds 160. Take a dish off the menu.');
  await page.getByLabel('People', { exact: true }).fill('6');
  const path = new URL(page.url()).pathname.replace('/set-up', '');
  await expect
    .poll(async () => (await page.request.get(`/api${path}`)).json())
    .toMatchObject({ people: 6, dishes: [{ recipe: { title: 'Very long dish' } }] });
  await page.getByRole('button', { name: 'Take Longer still off the menu' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await saved(page);
});
