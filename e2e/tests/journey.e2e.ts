import { addDish, expect, goTo, makeClass, saved, test } from './kitchen.js';

test('a class from nothing to a plan, and 14 people become 17', async ({ kitchen: page }) => {
  await makeClass(page, 'Journey class');
  await expect(page.getByRole('button', { name: '4 stations of 4 and 3' })).toBeVisible();
  await addDish(page, 'Beetroot');
  await addDish(page, 'White bean');
  await page.getByRole('button', { name: /Who makes White bean/ }).click();
  await page.getByRole('option', { name: 'demonstration only' }).click();
  await saved(page);

  await test.step('Portion: 4 + 4 + 3 + 3, in spoons or grams, with workings', async () => {
    await goTo(page, 'Portion');
    const sheet = page.getByRole('region', { name: 'Beetroot with orange and hazelnut' });
    await expect(sheet.getByRole('columnheader', { name: /Stations 1, 2/ })).toContainText('4 people');
    await expect(sheet.getByRole('columnheader', { name: /Stations 3, 4/ })).toContainText(
      '3 people · ½ batch',
    );
    // ⅔ × 1 tbsp of vinegar is 2 tsp
    await sheet.getByRole('button', { name: 'red wine vinegar, Stations 1, 2: 2 tsp' }).focus();
    const workings = page.getByRole('complementary', { name: 'Workings' });
    await expect(workings).toContainText('Written1 tbsp red wine vinegar');
    await expect(workings).toContainText('The least of the series that covers 95 % of the need.');
    await page.getByText('grams', { exact: true }).click();
    await expect(sheet.getByRole('button', { name: /^red wine vinegar, Stations 1, 2: 10 g/ })).toBeVisible();
    await page.getByText('spoons and cups').click();
  });

  await test.step('Shop: as it is sold, oranges bought once, ticks stay', async () => {
    await goTo(page, 'Shop');
    // Demonstration 1 + 2 × 2 + 2 × 1½ = 8 oranges in fillets; their trimmings give the juice.
    await expect(page.getByRole('button', { name: 'Orange: 8, an estimate' })).toBeVisible();
    await page.getByRole('button', { name: 'Orange: 8, an estimate' }).focus();
    await expect(page.getByRole('complementary', { name: 'Workings' })).toContainText(
      'Fewest that cover all',
    );
    await page.getByRole('checkbox', { name: 'Orange, 8' }).check({ force: true });
    await expect(page.getByText(/^1 of \d+ ticked/)).toBeVisible();
    await expect
      .poll(async () =>
        (
          await page.request.get(`${page.url().replace(/classes\/(.*)\/shop/, 'api/classes/$1')}/ticks`)
        ).json(),
      )
      .toMatchObject([{ key: 'orange', ticked: true }]);
    await page.reload();
    await expect(page.getByRole('checkbox', { name: 'Orange, 8' })).toBeChecked();
  });

  await test.step('Pack and Time', async () => {
    await goTo(page, 'Pack');
    await expect(page.getByRole('region', { name: 'Each station' })).toContainText('4 identical crates');
    await expect(
      page.getByRole('region', { name: 'Each station' }).getByText('tasting spoons'),
    ).toBeVisible();
    await goTo(page, 'Time');
    await expect(page.getByText('Pick over the beans and soak them in plenty of cold water.')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Heat the oven to 200/ })).toBeVisible();
    await page.getByRole('button', { name: 'List' }).click();
    await expect(
      page.getByRole('row', { name: /Plate, taste and eat|Taste before and after/ }),
    ).toBeVisible();
  });

  await test.step('17 people: every screen follows', async () => {
    await goTo(page, 'Set up');
    await page.getByLabel('People', { exact: true }).fill('17');
    await expect(page.getByRole('button', { name: '5 stations of 4 and 3' })).toBeVisible();
    await saved(page);
    await goTo(page, 'Portion');
    await expect(page.getByRole('columnheader', { name: /Stations 3–5/ }).first()).toContainText('3 people');
    await goTo(page, 'Shop');
    // One more station of ½ batch: 8 + 1½ = 9½ → 10 oranges.
    await expect(page.getByRole('button', { name: 'Orange: 10, an estimate' })).toBeVisible();
    await goTo(page, 'Pack');
    await expect(page.getByRole('region', { name: 'Each station' })).toContainText('5 identical crates');
    await page.reload();
    await expect(page.getByText('17 people, 5 stations')).toBeVisible();
  });

  await test.step('undo brings 14 back', async () => {
    await goTo(page, 'Set up');
    await page.getByLabel('People', { exact: true }).fill('12');
    await expect(page.getByText('12 people, 3 stations')).toBeVisible();
    await page.getByRole('heading', { name: 'Journey class' }).click();
    await page.keyboard.press('Control+z');
    await expect(page.getByText('17 people, 5 stations')).toBeVisible();
    await page.keyboard.press('Control+Shift+z');
    await expect(page.getByText('12 people, 3 stations')).toBeVisible();
  });
});

test('a dish is read with its technique notes beside the steps', async ({ kitchen: page }) => {
  await page.getByRole('link', { name: 'Recipes' }).click();
  await page.getByRole('link', { name: /Beetroot with orange/ }).click();
  await page.getByText('Fillet citrus').click();
  const notes = page
    .getByRole('complementary', { name: 'Technique notes' })
    .filter({ hasText: 'Fillet citrus' });
  for (const part of ['Why', 'How', 'Look for', 'Goes wrong', 'Caution'])
    await expect(notes.getByText(part, { exact: true }).last()).toBeVisible();
  await notes.getByRole('link', { name: 'All about it' }).last().click();
  await expect(page.getByRole('heading', { name: 'Fillet citrus', level: 2 })).toBeVisible();
});

test('deleting a class can be undone', async ({ kitchen: page }) => {
  await makeClass(page, 'Short-lived class');
  await page.getByRole('button', { name: 'Delete this class' }).click();
  await expect(page.getByText('“Short-lived class” was deleted.')).toBeVisible();
  // The page of the class has an Undo of its own until the list stands in its place.
  await expect(page.getByRole('heading', { name: 'Classes', level: 1 })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Short-lived class' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Short-lived class', level: 1 })).toBeVisible();
});
