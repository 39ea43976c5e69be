import { existsSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launchChromium } from './browser.mjs';
import { freePort } from './database.mjs';
import { root } from './machine.mjs';
import { measureEdit, measurePin, measureTyping } from './measure-browser.mjs';
import { median, row, residentMegabytes } from './measure.mjs';
import { startFornax } from './serve.mjs';

/** Recipes that the library is filled with. */
const libraryRecipes = 2000;

/** What people wait for in the browser, against a server and a database of its own. */
export async function benchBrowser(core) {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-bench-'));
  const begun = performance.now();
  const fornax = await startFornax({ folder, port: await freePort(), demo: true });
  row(
    'first start with a new database and demo data',
    `${((performance.now() - begun) / 1000).toFixed(1)} s`,
  );
  const browser = await launchChromium();
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const scripts = await firstPage(page, fornax.address);
    row('script of the first page, kB gzipped (as sent, with Brotli)', scripts);
    await benchPages(page, fornax.address);
    await page.goto(fornax.address);
    await page.getByRole('link', { name: 'Roots and citrus' }).click();
    await page.getByRole('heading', { name: 'Menu' }).waitFor();
    const times = [];
    for (let round = 0; round < 10; round++) {
      times.push(await measureEdit(page, '17', '5 stations of'));
      times.push(await measureEdit(page, '14', '4 stations of'));
    }
    row(
      'a changed number to the followed figures on the screen',
      `${median(times).toFixed(0)} ms median, ${Math.max(...times).toFixed(0)} ms at most`,
    );
    await page.goto(page.url().replace('/set-up', '/time'));
    await page.locator('[data-bar]').first().waitFor();
    await page.waitForTimeout(6000);
    const pins = [];
    for (let round = 0; round < 20; round++) {
      pins.push(await measurePin(page, 'Peel the beetroot', round % 2 === 0 ? 'ArrowLeft' : 'ArrowRight'));
      await page.waitForTimeout(600);
    }
    row(
      'a job pinned with a key until the clock shows the day around it',
      `${median(pins).toFixed(0)} ms median, ${Math.max(...pins).toFixed(0)} ms at most`,
    );
    await page.waitForTimeout(3000);
    row('server memory after that (resident set)', `${residentMegabytes(fornax.server.pid())} MB`);
    await benchLibrary(page, core, fornax.address);
  } finally {
    await browser.close();
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Fills the library through the API and types into Find. */
async function benchLibrary(page, core, address) {
  const demoCount = await page.evaluate(async () => (await (await fetch('/api/recipes')).json()).length);
  const text = (index) =>
    `Bench salad ${index}\nServes 4\nIngredients\n500 g beetroot, peeled\n2 oranges, segmented\n60 g ` +
    `walnuts, toasted\n3 tbsp olive oil\n1 tbsp red wine vinegar\n1 tsp fine salt\nMethod\n1. ` +
    `Roast the beetroot for an hour at 200 °C.\n2. Whisk vinegar and oil and toss.`;
  const made = await page.evaluate(
    async (contents) => {
      const id = (index) => `018f0000-0000-7000-8000-${String(index).padStart(12, '0')}`;
      // Who has waited too long for another's change is told to ask again.
      const make = async (body) => {
        const headers = { 'Content-Type': 'application/json' };
        while ((await fetch('/api/recipes', { method: 'POST', headers, body })).status === 503);
      };
      for (let from = 0; from < contents.length; from += 8) {
        const some = contents.slice(from, from + 8);
        await Promise.all(some.map((content, at) => make(JSON.stringify({ id: id(from + at), content }))));
      }
      return contents.length;
    },
    Array.from({ length: libraryRecipes }, (_, index) =>
      core.parseRecipeText(text(index), { system: 'metric' }),
    ),
  );
  const begun = performance.now();
  await page.goto(`${address}/recipes`);
  await page.getByText(`of ${made + demoCount} are shown`).waitFor();
  row(
    `the library of ${made} recipes, from the address to the list`,
    `${((performance.now() - begun) / 1000).toFixed(1)} s`,
  );
  const times = [];
  for (let round = 0; round < 12; round++)
    times.push(
      await measureTyping(page, 'Find', `salad ${100 + round * 7}`, `Bench salad ${100 + round * 7}`),
    );
  row(
    `find as you type over ${made} recipes`,
    `${median(times).toFixed(0)} ms median, ${Math.max(...times).toFixed(0)} ms at most`,
  );
}

/** The sizes of all scripts that the first page asks for. */
async function firstPage(page, address) {
  const scripts = scriptsOf(page);
  await page.goto(address);
  await page.getByRole('button', { name: 'Open the demo kitchen' }).click();
  await page.getByRole('heading', { name: 'Classes' }).waitFor();
  return scripts.sizes();
}

/** Each page opened by its address; the script of the thread that plans is not the page's. */
async function benchPages(page, address) {
  await page.getByRole('link', { name: 'Roots and citrus' }).click();
  await page.waitForURL(/set-up$/);
  const ofClass = page.url().replace(/set-up$/, '');
  const stops = ['set-up', 'portion', 'shop', 'pack', 'time', 'cards', 'labels'];
  const places = ['recipes', 'recipes/new', 'techniques/toss', 'bench', 'larder/lemon', 'kitchen'];
  const addresses = [...stops.map((stop) => ofClass + stop), ...places.map((place) => `${address}/${place}`)];
  const scripts = scriptsOf(page);
  const found = [];
  const open = async (each, name) => {
    scripts.forget();
    await page.goto(each);
    await page.locator('main :is(h1, h2)[tabindex]').first().waitFor();
    await page.waitForLoadState('networkidle');
    found.push(`${name} ${scripts.sizes()}`);
  };
  for (const each of addresses) await open(each, each.split('/').pop());
  await page.goto(`${address}/recipes`);
  await page.getByRole('link', { name: 'Charred aubergine dip with tahini' }).click();
  await page.waitForURL(/recipes\/\w+-/);
  const recipe = page.url();
  await open(recipe, 'a recipe');
  await open(`${recipe}?edit=1`, 'a recipe being written');
  row('scripts of each page alone, kB gzipped (as sent, with Brotli)', found.join(', '));
}

/** Counts the scripts that a page is sent: in thousand bytes gzipped and, in brackets, with Brotli. */
function scriptsOf(page) {
  const names = new Set();
  page.on('response', (response) => {
    const name = response.url().split('/').pop();
    if (name.endsWith('.js') && !name.includes('worker')) names.add(name);
  });
  const folder = join(root, 'web', 'dist', 'app', 'assets');
  const thousands = (ending) =>
    Math.round(
      [...names].reduce((sum, name) => sum + statSync(join(folder, `${name}${ending(name)}`)).size, 0) / 1000,
    );
  // Too short to be compressed, a script is sent as it is.
  const where = (ending) => (name) => (existsSync(join(folder, name + ending)) ? ending : '');
  return {
    forget: () => names.clear(),
    sizes: () => `${thousands(where('.gz'))} (${thousands(where('.br'))})`,
  };
}
