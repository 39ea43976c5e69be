import { readFileSync } from 'node:fs';
import { addDish, enterDemo, expect, goTo, makeClass, saved, test, type Page } from './kitchen.js';

/** Saves what a press brings as a file, and reads it. */
async function downloaded(page: Page, press: () => Promise<void>): Promise<string> {
  const [file] = await Promise.all([page.waitForEvent('download'), press()]);
  return readFileSync(await file.path(), 'utf8');
}

test('a dish is shared out in other ways, and the sheet, the bowl and the cards follow', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Shared out', '16');
  await addDish(page, 'Shaved fennel');
  await saved(page);
  await page.getByRole('button', { name: /How Shaved fennel and pear.* is shared out/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByText('Two stations share one batch').click();
  await dialog.getByText('A spare batch').click();
  await dialog.getByText('Dressing', { exact: true }).click();
  await dialog.getByRole('button', { name: 'Done' }).click();
  await saved(page);
  await goTo(page, 'Portion');
  const sheet = page.getByRole('region', { name: /Shaved fennel/ });
  for (const column of [/Stations 1\+2, 3\+4/, /Spare/, /Made once: dressing/])
    await expect(sheet.getByRole('columnheader', { name: column })).toBeVisible();
  // Made once, the dressing is no line of a station: its cell says how much of the one batch it gets.
  await sheet.getByRole('button', { name: /^walnut oil, Stations 1\+2, 3\+4: \d+ % of it/ }).focus();
  await expect(page.getByRole('complementary', { name: 'Workings' })).toContainText('Made once for all');
  await expect(sheet.getByRole('img', { name: /room to toss|too much/ })).toBeVisible();
  await page.getByRole('link', { name: 'Station cards to print' }).click();
  const card = page.getByRole('article', { name: 'Stations 1–4' });
  await expect(card).toContainText('Before you go on');
  await expect(card).toContainText(/From the batch made once: Dressing: \d+ % of it/);
  await expect(card.getByRole('listitem').filter({ hasText: 'Toss: ' }).first()).toBeVisible();
  for (const [name, paper] of [
    ['PDF, A4', 'a4'],
    ['PDF, US Letter', 'letter'],
  ] as const) {
    expect(await page.getByRole('link', { name }).getAttribute('href')).toContain(`cards.pdf?paper=${paper}`);
    expect((await downloaded(page, () => page.getByRole('link', { name }).click())).slice(0, 5)).toBe(
      '%PDF-',
    );
  }
});

test('a tasting flight gives each station another way, and some stations cook for all', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Flight', '8');
  await addDish(page, 'White bean');
  await page.getByRole('button', { name: /Who makes White bean/ }).click();
  await page.getByRole('option', { name: 'some stations' }).click();
  await saved(page);
  await page.getByRole('button', { name: /How White bean.* is shared out/ }).click();
  await page.getByRole('dialog').getByText('2', { exact: true }).click();
  await page.getByRole('dialog').getByText('1', { exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('at station 2')).toBeVisible();
  await saved(page);
  await goTo(page, 'Portion');
  await expect(page.getByRole('columnheader', { name: /Station 2.*8 people/ })).toBeVisible();
});

test('not to be had: what a substitute changes is shown, taken, and undone', async ({ kitchen: page }) => {
  await makeClass(page, 'Substitutes');
  await addDish(page, 'Chickpea, cucumber');
  await saved(page);
  await goTo(page, 'Shop');
  await page.getByRole('button', { name: 'No feta to be had' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: /What takes its place/ }).click();
  await page.getByRole('option', { name: 'silken tofu' }).click();
  const changes = dialog.getByLabel('What it changes');
  await expect(changes).toContainText(/Allergens: Chickpea[^→]*milk[^→]*→[^→]*soya/);
  await expect(changes).toContainText('To buy: feta');
  await expect(changes).toContainText('eggs, silken tofu and dill on top');
  await dialog.getByRole('button', { name: 'Use silken tofu' }).click();
  await expect(page.getByText('instead of feta')).toBeVisible();
  await saved(page);
  await goTo(page, 'Portion');
  await expect(page.getByText('Silken tofu', { exact: false }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
  await goTo(page, 'Shop');
  await expect(page.getByRole('checkbox', { name: /^Feta/ })).toBeVisible();
});

test(
  'packs are chosen with one click, a budget warns, another class ' +
    'comes onto the list, and it all goes elsewhere',
  async ({ kitchen: page }) => {
    await makeClass(page, 'Bought well');
    await addDish(page, 'Roast carrot');
    await saved(page);
    await goTo(page, 'Shop');
    const other = page.getByRole('button', { name: /^flat-leaf parsley: buy .* instead$/ }).first();
    const words = (await other.getAttribute('aria-label'))!.replace(
      /^flat-leaf parsley: buy | instead$/g,
      '',
    );
    await other.click();
    await expect(
      page.getByRole('button', { name: `Flat-leaf parsley: ${words}, an estimate` }),
    ).toBeVisible();
    await page.getByText('Budget, spare, other classes').click();
    await page.getByLabel('Budget, GBP').fill('€ 5');
    await expect(page.getByText('This kitchen counts in GBP: write the number alone.')).toBeVisible();
    await page.getByLabel('Budget, GBP').fill('3');
    await expect(page.getByRole('main').getByText(/Over the budget by about £/)).toBeVisible();
    const all = page.getByRole('button', { name: /^Show all/ });
    const wanted = page.getByText(/^Smoke, char and warm salads/);
    await all.or(wanted).first().waitFor();
    if (await all.isVisible()) await all.click();
    await wanted.click();
    await expect(page.getByRole('checkbox', { name: /^Aubergine/ })).toBeVisible();
    await page.getByText('by trip').click();
    await expect(page.getByRole('rowheader', { name: /^Market hall/ }).first()).toBeVisible();
    await page
      .getByRole('button', { name: /^Market hall/ })
      .first()
      .focus();
    await expect(page.getByRole('complementary', { name: 'Workings' })).toContainText(
      'The last open day for these takes along',
    );
    await saved(page);
    expect(await downloaded(page, () => page.getByRole('button', { name: 'CSV' }).click())).toContain(
      'section,name,as purchased,unit,buy',
    );
    expect(
      await downloaded(page, () => page.getByRole('button', { name: 'Text', exact: true }).click()),
    ).toContain('[ ] aubergine');
    const calendar = await downloaded(page, () => page.getByRole('button', { name: 'Calendar' }).click());
    expect(calendar.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(1);
    expect(calendar).toContain('BEGIN:VALARM');
  },
);

test('two tick the same thing, one without a connection: the later one stands and both see it', async ({
  kitchen: page,
  browser,
}) => {
  await makeClass(page, 'Ticked by two');
  await addDish(page, 'Charred aubergine');
  await saved(page);
  await goTo(page, 'Shop');
  const phone = await (
    await browser.newContext({
      baseURL: process.env.FORNAX_URL,
      locale: 'en-GB',
      viewport: { width: 390, height: 800 },
    })
  ).newPage();
  await enterDemo(phone);
  await phone.goto(page.url());
  const tick = (on: Page) => on.getByRole('checkbox', { name: /^Tahini/ });
  await tick(phone).waitFor();
  await test.step('a tick on the phone is on the laptop within 2 s', async () => {
    await tick(phone).check({ force: true });
    await expect(tick(page)).toBeChecked();
  });
  await test.step('without a connection both change it; the phone’s comes later and stands', async () => {
    await phone.context().setOffline(true);
    await tick(phone).uncheck({ force: true });
    await tick(phone).check({ force: true });
    await expect(phone.getByText('1 kept on this device until the server answers')).toBeVisible();
    await tick(page).uncheck({ force: true });
    await expect
      .poll(async () =>
        (
          await page.request.get(`${page.url().replace(/classes\/(.*)\/shop/, 'api/classes/$1')}/ticks`)
        ).json(),
      )
      .toMatchObject([{ key: 'tahini', ticked: false }]);
    await phone.context().setOffline(false);
    await expect(tick(page)).toBeChecked();
    await expect(page.getByRole('status', { name: 'Changed by somebody else' })).toContainText(
      'tahini: ticked by Ines Okoye after you. The later one stands.',
    );
    await page.getByRole('button', { name: 'All right' }).click();
    await expect(page.getByRole('status', { name: 'Changed by somebody else' })).toHaveCount(0);
  });
  await test.step('nothing is lost by a reload', async () => {
    await page.reload();
    await expect(tick(page)).toBeChecked();
  });
});
