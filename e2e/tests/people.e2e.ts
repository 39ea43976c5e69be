import { addDish, expect, goTo, makeClass, type Page, saved, test } from './kitchen.js';

const room = (page: Page) => page.getByRole('region', { name: 'Room' });
const at = (page: Page, station: number) => room(page).getByRole('list', { name: `At station ${station}` });
const open = (page: Page) => page.getByRole('list', { name: 'To decide' });

/** Adds somebody with needs as they told them, at a station. */
async function somebody(page: Page, name: string, needs: string, station?: string): Promise<void> {
  await room(page).getByLabel('Add a person').fill(name);
  await room(page).getByRole('button', { name: 'Add', exact: true }).click();
  const dialog = page.getByRole('dialog', { name });
  if (needs) {
    await dialog.getByLabel('Needs, as they were told').fill(needs);
    await dialog.getByRole('button', { name: 'Read into the lists below' }).click();
  }
  if (station) {
    await dialog.getByRole('button', { name: /Place$/ }).click();
    await page.getByRole('option', { name: station }).click();
  }
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(dialog).toHaveCount(0);
}

async function inYear(page: Page, year: string): Promise<void> {
  await page.getByRole('group', { name: 'Date' }).getByRole('spinbutton').last().click();
  await page.keyboard.type(year);
  await saved(page);
}

test('a nut allergy arrives the day before: swap, and card, list, kit and clock follow; undo', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Late news', '12');
  await addDish(page, 'Shaved fennel and pear');
  await somebody(page, 'Mirelle Quint', 'severe nut allergy', 'Station 2');
  await expect(at(page, 2)).toContainText('no nuts, nor traces');
  await expect(at(page, 2)).toContainText('to solve');

  const eaten = open(page).getByRole('listitem').filter({ hasText: 'has walnut oil (walnut) and walnuts' });
  await eaten.getByRole('button', { name: 'Ways out' }).click();
  const ways = page.getByRole('dialog');
  const swap = ways
    .getByRole('listitem')
    .filter({ hasText: 'pumpkin seeds instead of walnut halves at station 2' });
  await swap.getByRole('button', { name: /What it changes/ }).click();
  await expect(ways.getByLabel('What it changes', { exact: true })).toContainText('walnut halves');
  await swap.getByRole('button', { name: 'Take it' }).click();
  await expect(
    eaten.filter({ hasText: '“Shaved fennel' }).filter({ hasNotText: 'demonstration' }),
  ).toHaveCount(0);

  // Traces matter: a set of her own.
  const traces = open(page).getByRole('listitem').filter({ hasText: 'traces of nuts matter' });
  await traces.getByRole('button', { name: 'Ways out' }).click();
  await ways
    .getByRole('listitem')
    .filter({ hasText: 'A set of its own for station 2' })
    .getByRole('button', { name: 'Take it' })
    .click();
  await expect(traces).toHaveCount(0);
  await saved(page);

  await goTo(page, 'Portion');
  await expect(page.getByRole('columnheader', { name: /Station 2: no walnut/ })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Needs at the stations' })).toContainText('Mirelle Quint');
  await goTo(page, 'Shop');
  await expect(page.getByRole('main')).toContainText(/pumpkin seeds/i);
  await goTo(page, 'Pack');
  await expect(page.getByRole('region', { name: 'Kept apart' })).toContainText('Station 2, free of nuts');
  await goTo(page, 'Portion');
  await page.getByRole('link', { name: 'Station cards to print' }).click();
  const card = page.getByRole('article', { name: 'Station 2' });
  await expect(card).toContainText('pumpkin seeds');
  await expect(card).not.toContainText('(walnut)');
  // Who it is for is on no card; what the station keeps free of is, as she could come to harm.
  await expect(card).toContainText('no nuts, nor traces');
  await expect(page.getByRole('main')).not.toContainText('Mirelle');
  await page.getByText('What stations keep free of, without names').click();
  await expect(card).not.toContainText('no nuts, nor traces');

  // What a station takes is said on the menu, and can be taken back there.
  await goTo(page, 'Set up');
  const swaps = page.getByRole('list', { name: 'Stations with a way of their own' });
  await expect(swaps).toContainText('Station 2: pumpkin seeds instead of walnut halves');
  await expect(swaps.getByRole('button', { name: /^Take back: Station 2: pumpkin/ })).toBeVisible();

  // Undone step by step: the words on cards, her set, the swap.
  await goTo(page, 'Set up');
  await page.getByRole('heading', { name: 'Set up' }).click();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(traces).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(open(page)).toContainText(
    '“Shaved fennel and pear, cider and walnut dressing” has walnut oil',
  );
});

test('people are carried by keyboard from bench to bench, and come from a list with its report', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Rows of people', '8');
  const list =
    'name,dietary requirements,station\nAnnik Tove,vegan,1\nBertil Osk,"GF, no coriander",1\n,none,2\n';
  const chooser = page.waitForEvent('filechooser');
  await room(page).getByRole('button', { name: 'From a list (CSV)' }).click();
  await (await chooser).setFiles({ name: 'people.csv', mimeType: 'text/csv', buffer: Buffer.from(list) });
  const dialog = page.getByRole('dialog', { name: 'People from a list' });
  await expect(dialog).toContainText('2 people can be taken, 1 rows are refused.');
  await expect(dialog.getByRole('list', { name: 'Refused rows' })).toContainText('A row needs a name.');
  await dialog.getByRole('button', { name: 'Take 2 people' }).click();
  await expect(at(page, 1)).toContainText('Annik Tove');
  await expect(at(page, 1)).toContainText('no gluten');

  const handle = room(page).getByRole('button', { name: 'Move Annik Tove' });
  await handle.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('Over station 1.')).toBeAttached();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('Over station 2.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(at(page, 2)).toContainText('Annik Tove');
  await saved(page);
  await page.reload();
  await expect(at(page, 2)).toContainText('Annik Tove');

  // Fewer people than are named is refused where it is typed.
  await page.getByRole('textbox', { name: 'People', exact: true }).fill('1');
  await page.getByRole('textbox', { name: 'Place' }).first().click();
  await expect(page.getByText('2 people are named: remove some first.')).toBeVisible();
});

test('children get a grown-up, the same people come again, and one is erased for good', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Family class', '8');
  await inYear(page, '2097');
  await somebody(page, 'Odalie Fenn', '');
  await somebody(page, 'Pim Fenn', '');
  await room(page).getByRole('button', { name: 'Pim Fenn', exact: true }).click();
  const pim = page.getByRole('dialog', { name: 'Pim Fenn' });
  await pim.getByRole('button', { name: /Age$/ }).click();
  await page.getByRole('option', { name: '5 to 12' }).click();
  await pim.getByRole('button', { name: 'Done' }).click();
  await room(page).getByRole('button', { name: 'Seat everyone' }).click();
  await expect(page.getByRole('list', { name: 'Why they stand there' })).toContainText(
    'Pim Fenn with Odalie Fenn',
  );
  await saved(page);

  await makeClass(page, 'Family class again', '8');
  await inYear(page, '2098');
  await room(page).getByRole('button', { name: 'Same people as last time' }).click();
  await expect(room(page)).toContainText('Pim Fenn');
  await saved(page);
  await room(page)
    .getByRole('button', { name: /^Pim Fenn/ })
    .click();
  await page.getByRole('button', { name: 'Erase everywhere' }).click();
  await page.getByRole('button', { name: 'Erase for good' }).click();
  await expect(page.getByText(/is erased from \d class/)).toBeVisible();
  await expect(room(page)).not.toContainText('Pim Fenn');
});
