import type { ClassSummary } from '@fornax/contract';
import { expect, test } from './kitchen.js';

const places = [
  { path: '/classes', api: '**/api/classes', empty: 'No classes ahead', full: 'Roots and citrus' },
  {
    path: '/recipes',
    api: '**/api/recipes',
    empty: 'The library is empty',
    full: 'A flight of four vinaigrettes',
  },
  { path: '/larder/stock', api: '**/api/stock', empty: 'Nothing is written down', full: 'Put it in' },
] as const;

for (const { path, api, empty, full } of places) {
  test(`${path}: loading, an error with a way out, and empty`, async ({ kitchen: page }) => {
    await test.step('while it loads it says so', async () => {
      let answer = () => undefined as void;
      const waiting = new Promise<void>((resolve) => {
        answer = resolve;
      });
      await page.route(api, async (route) => {
        await waiting;
        await route.continue();
      });
      await page.goto(path);
      await expect(page.getByText(/^Loading .+ …$/).first()).toBeVisible();
      answer();
      await expect(page.getByText(full).first()).toBeVisible();
      await page.unroute(api);
    });
    await test.step('an error is a sentence, and trying again mends it', async () => {
      await page.route(api, (route) =>
        route.fulfill({
          status: 503,
          contentType: 'application/problem+json',
          body: JSON.stringify({
            type: 'about:blank',
            title: '',
            status: 503,
            detail: 'The database does not answer; nothing was lost, try again in a moment.',
          }),
        }),
      );
      await page.goto(path);
      await expect(
        page.getByText('The database does not answer; nothing was lost, try again in a moment.'),
      ).toBeVisible();
      await page.unroute(api);
      await page.getByRole('button', { name: 'Try again' }).click();
      await expect(page.getByText(full).first()).toBeVisible();
    });
    await test.step('empty, it says what to do next', async () => {
      await page.route(api, (route) =>
        route.fulfill({ status: 200, contentType: 'application/json', body: '[]' }),
      );
      await page.goto(path);
      await expect(page.getByRole('heading', { name: empty })).toBeVisible();
    });
  });
}

test('a very long library shows its first hundred, and all when asked', async ({ kitchen: page }) => {
  const recipe = (index: number) => ({
    id: `018f0000-0000-7000-8000-${String(index).padStart(12, '0')}`,
    title: index === 0 ? `Long ${'title without an end '.repeat(7)}` : `Recipe ${index}`,
    kind: 'salad',
    serves: 4,
    portion: 'side',
    handsOnMinutes: 10,
    waitMinutes: 0,
    techniques: [],
    allergens: [],
    notKnown: [],
    diets: [],
    season: 'all year',
    unread: 0,
  });
  await page.route('**/api/recipes', (route) =>
    route.fulfill({
      status: 200,
      contentType: 'application/json',
      body: JSON.stringify(Array.from({ length: 1200 }, (_, index) => recipe(index))),
    }),
  );
  await page.goto('/recipes');
  const rows = page.getByRole('list', { name: 'Recipes' }).getByRole('listitem');
  await expect(rows).toHaveCount(100);
  await expect(page.getByText('100 of 1200 are shown.')).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find' }).fill('recipe 117');
  await expect(rows).toHaveCount(11);
  await page.getByRole('searchbox', { name: 'Find' }).fill('');
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(rows).toHaveCount(1200);
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
});

test('the larder and the notes say so when nothing of a name is there', async ({ kitchen: page }) => {
  await page.goto('/larder/moon-dust');
  await expect(page.getByText('The larder has none of this name.')).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find' }).fill('moon dust');
  await expect(page.getByText('Nothing of this name. Add it as your own.')).toBeVisible();
  await page.goto('/techniques/levitate');
  await expect(page.getByRole('heading', { name: 'No such note' })).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find' }).fill('levitate');
  await expect(page.getByText('No note has these words.')).toBeVisible();
});

test('past classes come twenty at a time, and any is found by its name', async ({ kitchen: page }) => {
  for (let day = 1; day <= 25; day++)
    await page.request.post('/api/classes', {
      headers: { Origin: process.env.FORNAX_URL! },
      data: {
        id: crypto.randomUUID(),
        title: `Years ago ${day}`,
        startsAt: `2016-03-${String(day).padStart(2, '0')}T18:30`,
      },
    });
  await page.goto('/classes');
  const past = page.getByRole('list', { name: 'Past classes' }).getByRole('link', { name: /^Years ago/ });
  await expect(past.first()).toHaveText('Years ago 25');
  await expect(page.getByRole('link', { name: 'Years ago 1', exact: true })).toHaveCount(0);
  await page.keyboard.press('Control+k');
  await page.getByRole('searchbox', { name: /Name of a class/ }).fill('years ago 1');
  await expect(page.getByRole('option', { name: /^Years ago 1 ?class, .*2016/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Show earlier classes' }).click();
  await expect(past).toHaveCount(25);
  await expect(past.last()).toHaveText('Years ago 1');
  await expect(page.getByRole('button', { name: 'Show earlier classes' })).toHaveCount(0);
});

test('a class whose plan is not there yet is being planned, and its jobs follow by themselves', async ({
  kitchen: page,
}) => {
  const list = '**/api/classes';
  let isKnown = false;
  await page.route(list, async (route) => {
    const response = await route.fetch();
    const classes = (await response.json()) as ClassSummary[];
    const told = classes.map((each) =>
      isKnown ? each : { ...each, nextJob: null, jobs: [], toDecide: null, isBeingPlanned: true },
    );
    await route.fulfill({ response, json: told });
  });
  await page.goto('/classes');
  const roots = page.getByRole('listitem').filter({ hasText: 'Roots and citrus' });
  await expect(roots.getByText('being planned')).toBeVisible();
  const days = page.getByRole('region', { name: 'Jobs by day' });
  await expect(days).toContainText('3 classes are being planned; their jobs follow.');
  await expect(page.getByText('No dated job')).toHaveCount(0);
  await expect(page.getByText('planned', { exact: true })).toHaveCount(0);
  isKnown = true;
  await expect(days.getByRole('link', { name: /^Buy / }).first()).toBeVisible();
  await expect(roots.getByText(/^(planned|\d+ to decide)$/)).toBeVisible();
  await expect(days).not.toContainText('being planned');
});
