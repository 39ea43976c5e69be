import { readFileSync } from 'node:fs';
import { expect, goTo, type Page, saved, test } from './kitchen.js';

/** Saves what a press brings as a file, and reads it. */
async function downloaded(page: Page, press: () => Promise<void>): Promise<string> {
  const [file] = await Promise.all([page.waitForEvent('download'), press()]);
  return readFileSync(await file.path(), 'utf8');
}

test('too few graters: a way out ends the shortage and can be taken back; crates are checked off', async ({
  kitchen: page,
}) => {
  await page.getByRole('link', { name: 'Roots and citrus' }).click();
  await page.getByRole('heading', { name: 'Menu' }).waitFor();
  await goTo(page, 'Pack');
  await expect(page.getByRole('main').getByText(/Not enough fine graters: 4 needed at/)).toBeVisible();
  await page.getByRole('button', { name: 'Stagger the fine graters: 3 at once' }).click();
  await expect(page.getByRole('main').getByText(/Not enough fine graters/)).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Ways out taken' })).toContainText(
    'Fine graters go round: 3 at once',
  );
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('main').getByText(/Not enough fine graters/)).toBeVisible();
  await page.getByLabel('Free of').fill('nuts');
  await page.getByRole('button', { name: 'Keep apart' }).click();
  await expect(page.getByRole('region', { name: 'Shared shelf' })).toContainText('free of nuts');
  await page
    .getByRole('region', { name: 'Kept apart' })
    .getByRole('button', { name: 'Take it back' })
    .click();
  await saved(page);
  await page.getByText('crates to check off').click();
  const crate = page.getByRole('region', { name: 'Stations 1, 2' });
  await crate.getByRole('checkbox', { name: 'whisk, Stations 1, 2: packed' }).check({ force: true });
  await crate.getByRole('textbox', { name: 'whisk, Stations 1, 2: broken' }).fill('1');
  await page.keyboard.press('Tab');
  await expect(crate.getByText(/1 of \d+ packed/)).toBeVisible();
  await expect
    .poll(
      async () =>
        (
          await (
            await page.request.get(`${page.url().replace(/classes\/(.*)\/pack/, 'api/classes/$1')}/ticks`)
          ).json()
        ).length,
    )
    .toBe(2);
  await page.reload();
  await page.getByText('crates to check off').click();
  await expect(crate.getByRole('textbox', { name: 'whisk, Stations 1, 2: broken' })).toHaveValue('1');
});

test('the kitchen: counts, vessels and suppliers are edited in place, undone, and come in from CSV', async ({
  kitchen: page,
}) => {
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  const status = page.getByRole('status').first();
  await page.getByLabel('How many of whisk').fill('-2');
  await expect(page.getByText('Write a whole number from 0 to 1000.')).toBeVisible();
  await page.getByLabel('How many of whisk').fill('5');
  await expect(status).toHaveText('Saved');
  await page.reload();
  await expect(page.getByLabel('How many of whisk')).toHaveValue('5');
  await page.getByLabel('Currency').fill('PO');
  await expect(page.getByText('Write the currency as three letters, such as GBP.')).toBeVisible();
  await page.getByLabel('Currency').fill('GBP');
  const trip = page.getByRole('group', { name: 'Wholesaler' }).getByLabel('There and back, min');
  await trip.fill('90');
  await expect(status).toHaveText('Saved');
  await page.reload();
  await expect(trip).toHaveValue('90');
  await trip.fill('');
  await expect(status).toHaveText('Saved');
  await page.reload();
  await expect(trip).toHaveValue('');
  await page.getByRole('button', { name: 'Add a supplier' }).click();
  await expect(page.getByRole('group', { name: 'New supplier' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('group', { name: 'New supplier' })).toHaveCount(0);
  expect(await downloaded(page, () => page.getByRole('button', { name: 'Save as CSV' }).click())).toContain(
    'tool,whisk,5',
  );
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose a file to bring in' }).click(),
  ]);
  await chooser.setFiles({
    name: 'kitchen.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'kind,name,count,millilitres\ntool,whisk,6\ntool,ladle,-1\nbowl,glass bowl,2,1500\nbowl,empty bowl,1,0',
    ),
  });
  await expect(page.getByText('2 rows can be taken, 2 refused.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Refused rows' })).toContainText(
    'Row 5: bowl: empty bowl Write how many millilitres it holds, above 0.',
  );
  await page.getByRole('button', { name: 'Take 2 rows' }).click();
  await expect(page.getByLabel('How many of whisk')).toHaveValue('6');
  await expect(page.getByLabel('Vessel of glass bowl')).toHaveValue('glass bowl');
  await expect(status).toHaveText('Saved');
});

test('a step says what it leaves, and another dish of the class uses it', async ({ kitchen: page }) => {
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('link', { name: /Roast carrot and farro/ }).click();
  await page.getByRole('button', { name: 'Edit' }).click();
  const more = page.getByText('More: who sees it').nth(1);
  await more.click();
  const leaves = page.getByLabel('Leaves for other steps').nth(1);
  await leaves.fill('a lot of something');
  await page.keyboard.press('Enter');
  await expect(
    page.getByText('Write how much of what is left, such as 3 tbsp bacon fat or 40 ml olive oil.'),
  ).toBeVisible();
  await leaves.fill('2 tbsp olive oil');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Leaves 2 tbsp olive oil for other steps')).toBeVisible();
  await expect(page.getByText(/· saved$/)).toBeVisible();
  await page.reload();
  await page.getByText('More: who sees it').nth(1).click();
  await page
    .getByText('Leaves 2 tbsp olive oil for other steps')
    .locator('..')
    .getByRole('button', { name: 'remove' })
    .click();
  await expect(page.getByText('Leaves 2 tbsp olive oil for other steps')).toHaveCount(0);
});

test('what cannot be is refused at its place: a yield of nothing, a pack of nothing, another money', async ({
  kitchen: page,
}) => {
  await page.goto('/larder/carrot');
  const refused = async (label: string, typed: string, sentence: RegExp) => {
    await page.getByLabel(label, { exact: true }).fill(typed);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible();
    await page.getByLabel(label, { exact: true }).press('Escape');
  };
  await refused('Yield', '0', /Yield lies between 0.05 and 1, not at 0/);
  await refused('Sold in steps of', '0', /lies between/);
  await refused('Price', '1.20 EUR', /This price is in EUR; the kitchen counts in GBP\. Convert it first\./);
  await page.goto('/larder/stock');
  await page.getByLabel('What and how much').fill('-5 g farro');
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByText('There cannot be less than nothing: write how much is there.')).toBeVisible();
  await expect(page.getByLabel('What and how much')).toHaveValue('-5 g farro');
});

test('the plan goes into a calendar and a spreadsheet, and names every trip', async ({ kitchen: page }) => {
  await page.getByRole('link', { name: 'Roots and citrus' }).click();
  await page.getByRole('heading', { name: 'Menu' }).waitFor();
  await goTo(page, 'Time');
  for (const shop of ['Market hall', 'Wholesaler'])
    await expect(page.getByRole('row', { name: new RegExp(`Buy \\d+ things at ${shop}`) })).toBeVisible();
  const calendar = await downloaded(page, () => page.getByRole('button', { name: 'Calendar' }).click());
  expect(calendar).toContain('Pick over the beans');
  expect(calendar.match(/BEGIN:VALARM/g)!.length).toBe(calendar.match(/BEGIN:VEVENT/g)!.length);
  expect(await downloaded(page, () => page.getByRole('button', { name: 'CSV' }).click())).toContain(
    'date,from,to date,to,minutes',
  );
});

test('the lists on paper: no interface, the whole list, a card a page', async ({ kitchen: page }) => {
  await page.getByRole('link', { name: 'Roots and citrus' }).click();
  await page.getByRole('heading', { name: 'Menu' }).waitFor();
  await page.emulateMedia({ media: 'print' });
  for (const [stop, wanted] of [
    ['shop', 'Beetroot'],
    ['pack', 'tasting spoons'],
    ['cards', 'Before you go on'],
  ] as const) {
    await page.goto(page.url().replace(/\/(set-up|shop|pack|cards)$/, `/${stop}`));
    await expect(page.getByText(wanted).first()).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden();
    await expect(page.getByRole('complementary', { name: 'Workings' })).toBeHidden();
  }
  expect(
    await page
      .getByRole('article')
      .first()
      .evaluate((card) => getComputedStyle(card).breakAfter),
  ).toBe('page');
});
