import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { benchSchedule } from './lib/bench-schedule.mjs';
import { launchChromium } from './lib/browser.mjs';
import { freePort } from './lib/database.mjs';
import { ensureBuild, ensureNodeModules, ensurePackages, root } from './lib/machine.mjs';
import { measureEdit, measurePin, measureTyping } from './lib/measure-browser.mjs';
import { runCommand } from './lib/say.mjs';
import { startFornax } from './lib/serve.mjs';

/** Recipes that the library is filled with. */
const libraryRecipes = 2000;

/** Prints the measurements of docs/performance.md. */
await runCommand(async () => {
  ensurePackages(['mariadb-server', 'chromium']);
  ensureNodeModules();
  ensureBuild();
  const core = await import('../core/dist/index.js');
  const demo = await import('../demo/dist/index.js');
  benchPlan(core, demo);
  benchEdit(core, demo);
  benchPool(core, demo);
  benchPacks(core);
  benchParsing(core);
  benchOddLines(core);
  await benchSchedule(core, row);
  await benchBrowser(core);
});

function row(name, value) {
  process.stdout.write(`${name.padEnd(58)} ${value}\n`);
}

function median(values) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)];
}

function timed(work, rounds) {
  return median(
    Array.from({ length: rounds }, () => {
      const start = performance.now();
      work();
      return performance.now() - start;
    }),
  );
}

/** 8 dishes of 12 lines each, made from the demo's recipes, at `stations` stations of 4. */
function bigBundle(core, demo, stations) {
  const recipes = demo.demoRecipes.map(({ recipe }) => ({
    ...recipe,
    lines: Array.from({ length: 12 }, (_, index) => ({
      ...recipe.lines[index % recipe.lines.length],
      id: `l${index + 1}`,
    })),
  }));
  const makers = [
    'every station',
    'every station',
    'every station',
    'demonstration',
    'made ahead',
    'every station',
    'demonstration',
    'made ahead',
  ];
  const dishes = makers.map((maker, index) => ({
    id: `d${index}`,
    recipeId: `r${index}`,
    version: 1,
    portion: 'taste',
    maker,
    choices: {},
    recipe: recipes[index],
  }));
  const facts = {
    id: 'bench',
    title: 'Bench',
    startsAt: '2026-11-27T14:00',
    zone: 'Europe/London',
    lengthMinutes: 300,
    place: '',
    people: stations * 4,
    peoplePerStation: 4,
    assistants: 1,
    demonstrationPlates: 2,
    dishes,
  };
  return {
    class: facts,
    kitchen: {
      ...demo.demoKitchen,
      appliances: demo.demoKitchen.appliances.map((each) => ({ ...each, capacity: stations })),
    },
  };
}

function benchPlan(core, demo) {
  for (const stations of [12, 24, 48]) {
    const bundle = bigBundle(core, demo, stations);
    for (let warm = 0; warm < 60; warm++) core.planClass(bundle);
    const plan = core.planClass(bundle);
    row(
      `planClass, 8 dishes × 12 lines × ${stations} stations (${plan.timeline.status})`,
      `${timed(() => core.planClass(bundle), 31).toFixed(1)} ms median`,
    );
  }
}

/** 10 dishes of 15 lines at `stations` stations, two sizes of them. */
function editBundle(core, demo, stations) {
  const recipes = demo.demoRecipes.map(({ recipe }) => ({
    ...recipe,
    lines: Array.from({ length: 15 }, (_, index) => ({
      ...recipe.lines[index % recipe.lines.length],
      id: `l${index + 1}`,
    })),
  }));
  const makers = [
    'every station',
    'every station',
    'every station',
    'demonstration',
    'made ahead',
    'every station',
    'demonstration',
    'made ahead',
    'every station',
    'every station',
  ];
  const dishes = makers.map((maker, index) => ({
    id: `d${index}`,
    recipeId: `r${index}`,
    version: 1,
    portion: 'taste',
    maker,
    choices: {},
    recipe: recipes[index % recipes.length],
  }));
  const facts = {
    id: 'bench',
    title: 'Bench',
    startsAt: '2026-11-27T14:00',
    zone: 'Europe/London',
    lengthMinutes: 300,
    place: '',
    people: stations * 4 - 1,
    peoplePerStation: 4,
    assistants: 1,
    demonstrationPlates: 2,
    dishes,
  };
  return {
    class: facts,
    kitchen: {
      ...demo.demoKitchen,
      appliances: demo.demoKitchen.appliances.map((each) => ({ ...each, capacity: stations })),
    },
  };
}

/**
 * Everything again after one edit: the number of people goes up and down by one. Sets of equal stations stay
 * two, whatever the stations.
 */
function benchEdit(core, demo) {
  for (const stations of [10, 20, 40]) {
    const bundle = editBundle(core, demo, stations);
    let round = 0;
    const edited = () =>
      core.planClass({ ...bundle, class: { ...bundle.class, people: stations * 4 - 1 - (round++ % 2) } });
    for (let warm = 0; warm < 60; warm++) edited();
    row(
      `one edit, all again: ${stations} stations × 10 dishes × 15 lines`,
      `${timed(edited, 41).toFixed(1)} ms median`,
    );
    const stationsOf = core.splitStations(bundle.class.people, 4);
    const portions = () =>
      bundle.class.dishes.map((dish) =>
        core.portionRecipe(dish, core.planBatches(dish, stationsOf, bundle.class.people, 2), {
          kitchenSystem: 'metric',
          english: 'uk',
          vessels: bundle.kitchen.vessels,
        }),
      );
    portions();
    row('  of it the amounts and vessels of all benches', `${timed(portions, 21).toFixed(1)} ms median`);
  }
}

/** Many classes bought for on one list. */
function benchPool(core, demo) {
  for (const classes of [25, 50, 100]) {
    const bundle = editBundle(core, demo, 4);
    const many = Array.from({ length: classes }, (_, index) => ({
      ...bundle.class,
      id: `c${index}`,
      title: `Class ${index}`,
      dishes: bundle.class.dishes.slice(index % 5, (index % 5) + 4),
    }));
    const pooled = () =>
      core.buildShoppingList(
        many.flatMap((facts) => core.usesOfClass(facts, bundle.kitchen)),
        { english: 'uk', classDate: '2026-11-27', suppliers: bundle.kitchen.suppliers },
      );
    pooled();
    row(
      `${classes} classes of 4 dishes pooled on one list (${pooled().rows.length} rows)`,
      `${timed(pooled, 7).toFixed(0)} ms median`,
    );
  }
}

/** Six sizes without a common measure, and needs up to 10 000 of them. */
function benchPacks(core) {
  const packs = [7, 11, 13, 17, 19, 23].map((size, index) => ({
    size,
    name: 'bag',
    price: { value: 1 + index * 0.31, source: 'measured' },
  }));
  for (const need of [100, 1000, 10_000]) {
    const choose = () =>
      core.choosePacks(String(need), packs, { priceOf: (pack) => pack.price.value, leftOverIsUsed: false });
    for (let warm = 0; warm < 20; warm++) choose();
    row(
      `packs of six sizes for ${need} units, with the next two`,
      `${timed(choose, 21).toFixed(2)} ms median`,
    );
  }
}

function benchParsing(core) {
  const lines = [
    '2 × 400 g tins chickpeas, drained and rinsed',
    '¾ cup plus 1 tbsp olive oil',
    'zest and juice of 2 oranges',
    '3 tbsp chopped parsley, plus 1 tbsp for the top',
    '500 g peeled potatoes',
  ];
  const thousand = Array.from({ length: 1000 }, (_, index) => lines[index % lines.length]);
  const parse = () => thousand.forEach((line) => core.parseIngredientLine(line, { system: 'metric' }));
  parse();
  row('parseIngredientLine, 1 000 lines', `${timed(parse, 11).toFixed(1)} ms median`);
}

/** Lines of odd words, up to the longest that is read. */
function benchOddLines(core) {
  const words = [
    '1',
    '½',
    '2 to 3',
    '(',
    '400 g',
    'tin',
    ',',
    'or',
    'and',
    'plus',
    'for the top',
    'in',
    'oil',
    'olive',
    'lemon',
    'juice',
    'zest of',
    'a',
    'x',
    '/',
    'of',
    'piece',
    'chopped',
    '(about',
    'to taste',
    '1/0',
    'dozen',
    ')',
    'parsley',
  ];
  let seed = 7;
  const random = () => {
    seed = (seed * 1103515245 + 12345) & 0x7fffffff;
    return seed / 0x7fffffff;
  };
  const lines = Array.from({ length: 3000 }, () =>
    Array.from({ length: 1 + Math.floor(random() * 60) }, () => words[Math.floor(random() * words.length)])
      .join(' ')
      .slice(0, 400),
  );
  const times = lines.map((line) => timed(() => core.parseIngredientLine(line, { system: 'metric' }), 3));
  row('parseIngredientLine, one odd line of up to 400 characters', `${median(times).toFixed(2)} ms median`);
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
      for (let from = 0; from < contents.length; from += 8) {
        await Promise.all(
          contents.slice(from, from + 8).map((content, at) =>
            fetch('/api/recipes', {
              method: 'POST',
              headers: { 'Content-Type': 'application/json' },
              body: JSON.stringify({ id: id(from + at), content }),
            }),
          ),
        );
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

async function benchBrowser(core) {
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
    row('script of the first page, compressed', `${Math.round(scripts / 1000)} kB`);
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
    row('server memory after that (resident set)', `${residentMegabytes(fornax.server.pid)} MB`);
    await benchLibrary(page, core, fornax.address);
  } finally {
    await browser.close();
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Gzipped bytes of all scripts that the first page asks for. */
async function firstPage(page, address) {
  const names = new Set();
  page.on('response', (response) => {
    if (response.url().endsWith('.js')) names.add(response.url().split('/').pop());
  });
  await page.goto(address);
  await page.getByRole('button', { name: 'Open the demo kitchen' }).click();
  await page.getByRole('heading', { name: 'Classes' }).waitFor();
  const folder = join(root, 'web', 'dist', 'app', 'assets');
  return readdirSync(folder)
    .filter((name) => names.has(name))
    .reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, name))).length, 0);
}

function residentMegabytes(pid) {
  return Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024);
}
