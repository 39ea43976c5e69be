import {
  addDish,
  enterDemo,
  expect,
  goTo,
  makeClass,
  type Page,
  saved,
  saveRecipe,
  test,
} from './kitchen.js';

test('two people change the same number: both see both, and choose', async ({ kitchen: page, browser }) => {
  await makeClass(page, 'Shared class');
  const other = await (
    await browser.newContext({ baseURL: process.env.FORNAX_URL, locale: 'en-GB' })
  ).newPage();
  await enterDemo(other);
  await other.goto(page.url());
  await other.getByLabel('People', { exact: true }).waitFor();

  await page.context().setOffline(true);
  await page.getByLabel('People', { exact: true }).fill('9');
  await expect(page.getByText('Kept on this device, sent when the server answers')).toBeVisible();
  await other.getByLabel('People', { exact: true }).fill('11');
  await saved(other);
  await page.context().setOffline(false);

  const notice = page.getByRole('alert');
  await expect(notice).toContainText('Somebody else changed this class while you did.');
  await expect(notice).toContainText('People911');
  await notice.getByRole('button', { name: 'Keep yours' }).click();
  await saved(page);
  await expect(other.getByText('9 people, 3 stations')).toBeVisible();
});

test('two people change different fields: both changes stand', async ({ kitchen: page, browser }) => {
  await makeClass(page, 'Joined class');
  const other = await (
    await browser.newContext({ baseURL: process.env.FORNAX_URL, locale: 'en-GB' })
  ).newPage();
  await enterDemo(other);
  await other.goto(page.url());
  await other.getByLabel('Place', { exact: true }).waitFor();
  await page.context().setOffline(true);
  await page.getByLabel('People', { exact: true }).fill('6');
  await other.getByLabel('Place', { exact: true }).fill('Garden room');
  await saved(other);
  await page.context().setOffline(false);
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Place', { exact: true })).toHaveValue('Garden room');
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('6');
});

test('two people write one recipe: other parts are joined, the same part is shown both ways', async ({
  kitchen: page,
  browser,
}) => {
  await saveRecipe(page, 'Shared recipe\nServes 4\nIngredients\n100 g rocket\nMethod\n1. Toss the rocket.');
  const other = await (
    await browser.newContext({ baseURL: process.env.FORNAX_URL, locale: 'en-GB' })
  ).newPage();
  await enterDemo(other);
  await other.goto(page.url());
  const line = (of: typeof page) => of.getByRole('textbox', { name: 'Line 1', exact: true });
  await line(other).waitFor();
  await test.step('the line here, the servings there', async () => {
    await page.context().setOffline(true);
    await line(page).fill('120 g rocket');
    await other.getByLabel('Serves').fill('6');
    await expect(other.getByText('· saved')).toBeVisible();
    await page.context().setOffline(false);
    await expect(page.getByText('· saved')).toBeVisible();
    await expect(page.getByLabel('Serves')).toHaveValue('6');
    await expect(line(other)).toHaveValue('120 g rocket');
  });
  await test.step('the same line twice', async () => {
    await page.context().setOffline(true);
    await line(page).fill('130 g rocket');
    await line(other).fill('140 g rocket');
    await expect(other.getByText('· saved')).toBeVisible();
    await page.context().setOffline(false);
    const notice = page
      .getByRole('alert')
      .filter({ hasText: 'Somebody else changed this recipe while you did.' });
    await expect(notice).toContainText('Lines130 g rocket140 g rocket');
    await notice.getByRole('button', { name: 'Take theirs' }).click();
    await expect(line(page)).toHaveValue('140 g rocket');
  });
});

test('what is typed as the page is left is sent when it comes back', async ({ kitchen: page }) => {
  await makeClass(page, 'Interrupted class');
  await page.route('**/api/classes/*', (route) =>
    route.request().method() === 'PATCH' ? route.abort() : route.continue(),
  );
  await page.getByLabel('People', { exact: true }).fill('10');
  await expect(page.getByText('Kept on this device, sent when the server answers')).toBeVisible();
  await page.unroute('**/api/classes/*');
  await page.reload();
  await expect(page.getByText('10 people, 3 stations')).toBeVisible();
  await saved(page);
  await expect
    .poll(
      async () =>
        (
          await (
            await page.request.get(page.url().replace(/\/classes\/(.*)\/set-up/, '/api/classes/$1'))
          ).json()
        ).people,
    )
    .toBe(10);
});

test('a tick made without a connection arrives at the other device', async ({ kitchen: page, browser }) => {
  await makeClass(page, 'Ticked class');
  await addDish(page, 'Charred aubergine');
  await saved(page);
  await goTo(page, 'Shop');
  const other = await (
    await browser.newContext({ baseURL: process.env.FORNAX_URL, locale: 'en-GB' })
  ).newPage();
  await enterDemo(other);
  await other.goto(page.url());
  await other.getByRole('checkbox', { name: /^Tahini/ }).waitFor();
  await page.context().setOffline(true);
  await page.getByRole('checkbox', { name: /^Tahini/ }).check({ force: true });
  await expect(page.getByText('1 kept on this device until the server answers')).toBeVisible();
  await page.context().setOffline(false);
  await expect(other.getByRole('checkbox', { name: /^Tahini/ })).toBeChecked();
  await expect(other.getByText('got by Ines Okoye')).toBeVisible();
});

test('an old answer that arrives late does not bring the old menu back', async ({ kitchen: page }) => {
  await makeClass(page, 'Slow class');
  const held: (() => void)[] = [];
  await page.route('**/api/classes/*', async (route) => {
    if (route.request().method() !== 'GET') return route.continue();
    const answer = await route.fetch();
    await new Promise<void>((resolve) => {
      held.push(resolve);
    });
    return route.fulfill({ response: answer });
  });
  await expect.poll(() => held.length).toBeGreaterThan(0);
  await addDish(page, 'Charred aubergine');
  await saved(page);
  held.splice(0).forEach((release) => release());
  await expect(
    page.getByRole('list', { name: 'Dishes' }).getByRole('link', { name: /Charred aubergine/ }),
  ).toBeVisible();
  await addDish(page, 'Beetroot');
  await saved(page);
  held.splice(0).forEach((release) => release());
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await page.reload();
  await expect(page.getByRole('list', { name: 'Dishes' }).getByRole('link')).toHaveCount(2);
});

test('two tabs closed without a connection: both changes arrive when Fornax is opened', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Two tabs');
  const address = page.url();
  const tab = await page.context().newPage();
  await tab.goto(address);
  await tab.getByLabel('Place', { exact: true }).waitFor();
  await page.context().setOffline(true);
  await page.getByLabel('People', { exact: true }).fill('7');
  await tab.getByLabel('Place', { exact: true }).fill('Orchard');
  for (const each of [page, tab])
    await expect(each.getByText('Kept on this device, sent when the server answers')).toBeVisible();
  const next = await page.context().newPage();
  await tab.close();
  await page.goto('about:blank');
  await page.context().setOffline(false);
  // The list alone: the page of the class is not opened.
  await next.goto('/classes');
  const path = new URL(address).pathname.replace('/set-up', '');
  await expect
    .poll(async () => (await next.request.get(`/api${path}`)).json())
    .toMatchObject({ people: 7, place: 'Orchard' });
  await expect(next.getByText(/wait on this device/)).toHaveCount(0);
  await next.close();
});

test('rows ticked in two tabs without a connection arrive when Fornax is opened', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Ticked in two tabs');
  await addDish(page, 'Charred aubergine');
  await saved(page);
  await goTo(page, 'Shop');
  const tab = await page.context().newPage();
  await tab.goto(page.url());
  const row = (of: Page, name: RegExp) => of.getByRole('checkbox', { name });
  await row(tab, /^Tahini/).waitFor();
  await row(page, /^Lemon/).waitFor();
  const path = new URL(page.url()).pathname.replace('/shop', '/ticks');
  await page.context().setOffline(true);
  await row(page, /^Lemon/).check({ force: true });
  await row(tab, /^Tahini/).check({ force: true });
  for (const each of [page, tab]) await expect(each.getByText(/1 kept on this device/)).toBeVisible();
  const next = await page.context().newPage();
  await tab.close();
  await page.goto('about:blank');
  await page.context().setOffline(false);
  // The list of classes alone: nobody opens the shopping list.
  await next.goto('/classes');
  const ticked = async () =>
    ((await (await next.request.get(`/api${path}`)).json()) as { key: string }[])
      .map(({ key }) => key)
      .sort();
  await expect.poll(ticked).toEqual(['lemon', 'tahini']);
  await next.close();
});

/** A change by somebody else: tried again where the class was written between the reading and it. */
async function changeElsewhere(page: Page, path: string, data: object) {
  await expect(async () => {
    const { revision } = (await (await page.request.get(`/api${path}`)).json()) as { revision: number };
    const answer = await page.request.patch(`/api${path}`, {
      headers: { 'If-Match': `"r${revision}"`, Origin: process.env.FORNAX_URL! },
      data,
    });
    expect(answer.status()).toBe(200);
  }).toPass();
}

test('what somebody else changed meanwhile is named at the start, and settled on its page', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Left waiting');
  const path = new URL(page.url()).pathname.replace('/set-up', '');
  await page.context().setOffline(true);
  await page.getByLabel('People', { exact: true }).fill('9');
  await expect(page.getByText('Kept on this device, sent when the server answers')).toBeVisible();
  const next = await page.context().newPage();
  await page.goto('about:blank');
  await page.context().setOffline(false);
  await changeElsewhere(next, path, { people: 11 });
  await next.goto('/classes');
  const strip = next.getByRole('status', { name: 'Changes that wait' });
  await expect(strip).toContainText('1 change from today waits on this device');
  await expect(strip).toContainText('“Left waiting”: Somebody else changed the same:');
  await strip.getByRole('link', { name: 'Open it' }).click();
  await next.getByRole('alert').getByRole('button', { name: 'Keep yours' }).click();
  await saved(next);
  await expect.poll(async () => (await next.request.get(`/api${path}`)).json()).toMatchObject({ people: 9 });
  await next.close();
});

test('what a tab leaves is taken up by another as soon as it closes', async ({ kitchen: page }) => {
  await makeClass(page, 'Left by a tab');
  const path = new URL(page.url()).pathname.replace('/set-up', '');
  const next = await page.context().newPage();
  await next.goto('/classes');
  await expect(next.getByRole('link', { name: 'Left by a tab' }).first()).toBeVisible();
  // Only this page loses its server: it keeps its change, and the other one is left alone with it.
  await page.route('**/api/classes/**', (route) => route.abort());
  await page.getByLabel('People', { exact: true }).fill('9');
  await expect(page.getByText('Kept on this device, sent when the server answers')).toBeVisible();
  const people = async () =>
    ((await (await next.request.get(`/api${path}`)).json()) as { people: number }).people;
  expect(await people()).not.toBe(9);
  await page.goto('about:blank');
  await expect.poll(people).toBe(9);
  await next.close();
});

test('what is opened for the first time without a connection says so, and comes once it is back', async ({
  kitchen: page,
}) => {
  await page.getByRole('link', { name: 'Roots and citrus', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Menu' })).toBeVisible();
  await page.context().setOffline(true);
  // A browser that has been here before has it in its cache.
  const isLost = /ChooseDish-[^/]+\.js$/;
  await page.route(isLost, (route) => route.abort());
  await page.getByRole('button', { name: 'Add a dish' }).click();
  await expect(page.getByText('This part could not be loaded.')).toBeVisible();
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('This part could not be loaded.')).toBeVisible();
  // The page around it is as it was.
  await expect(page.getByRole('list', { name: 'Dishes' }).getByRole('listitem').first()).toBeVisible();
  await page.unroute(isLost);
  await page.context().setOffline(false);
  await expect(page.getByRole('dialog', { name: 'Add a dish' }).getByRole('searchbox')).toBeFocused();
});
