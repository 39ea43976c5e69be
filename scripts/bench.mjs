import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { launchChromium } from './lib/browser.mjs';
import { freePort } from './lib/database.mjs';
import { ensureBuild, ensureNodeModules, ensurePackages, root } from './lib/machine.mjs';
import { measureEdit } from './lib/measure-browser.mjs';
import { runCommand } from './lib/say.mjs';
import { startFornax } from './lib/serve.mjs';

/** Prints the measurements of docs/performance.md. */
await runCommand(async () => {
  ensurePackages(['mariadb-server', 'chromium']);
  ensureNodeModules();
  ensureBuild();
  const core = await import('../core/dist/index.js');
  const demo = await import('../demo/dist/index.js');
  benchPlan(core, demo);
  benchParsing(core);
  await benchBrowser();
});

function row(name, value) {
  process.stdout.write(`${name.padEnd(58)} ${value}\n`);
}

function median(values) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)];
}

function timed(work, rounds) {
  return median(Array.from({ length: rounds }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }));
}

/** 8 dishes of 12 lines each, made from the demo's recipes, at `stations` stations of 4. */
function bigBundle(core, demo, stations) {
  const recipes = demo.demoRecipes.map(({ recipe }) => ({ ...recipe, lines: Array.from({ length: 12 }, (_, index) => ({ ...recipe.lines[index % recipe.lines.length], id: `l${index + 1}` })) }));
  const makers = ['every station', 'every station', 'every station', 'demonstration', 'made ahead', 'every station', 'demonstration', 'made ahead'];
  const dishes = makers.map((maker, index) => ({ id: `d${index}`, recipeId: `r${index}`, version: 1, portion: 'taste', maker, recipe: recipes[index] }));
  const facts = { id: 'bench', title: 'Bench', startsAt: '2026-11-27T14:00', zone: 'Europe/London', lengthMinutes: 300, place: '', people: stations * 4, peoplePerStation: 4, assistants: 1, demonstrationPlates: 2, dishes };
  return { class: facts, kitchen: { ...demo.demoKitchen, appliances: demo.demoKitchen.appliances.map((each) => ({ ...each, capacity: stations })) } };
}

function benchPlan(core, demo) {
  for (const stations of [12, 24, 48]) {
    const bundle = bigBundle(core, demo, stations);
    for (let warm = 0; warm < 60; warm++) core.planClass(bundle);
    const plan = core.planClass(bundle);
    row(`planClass, 8 dishes × 12 lines × ${stations} stations (${plan.timeline.status})`, `${timed(() => core.planClass(bundle), 31).toFixed(1)} ms median`);
  }
}

function benchParsing(core) {
  const lines = ['2 × 400 g tins chickpeas, drained and rinsed', '¾ cup plus 1 tbsp olive oil', 'zest and juice of 2 oranges', '3 tbsp chopped parsley, plus 1 tbsp for the top', '500 g peeled potatoes'];
  const thousand = Array.from({ length: 1000 }, (_, index) => lines[index % lines.length]);
  const parse = () => thousand.forEach((line) => core.parseIngredientLine(line, { system: 'metric' }));
  parse();
  row('parseIngredientLine, 1 000 lines', `${timed(parse, 11).toFixed(1)} ms median`);
}

async function benchBrowser() {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-bench-'));
  const begun = performance.now();
  const fornax = await startFornax({ folder, port: await freePort(), demo: true });
  row('first start with a new database and demo data', `${((performance.now() - begun) / 1000).toFixed(1)} s`);
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
    row('a changed number to the followed figures on the screen', `${median(times).toFixed(0)} ms median, ${Math.max(...times).toFixed(0)} ms at most`);
    await page.waitForTimeout(3000);
    row('server memory after that (resident set)', `${residentMegabytes(fornax.server.pid)} MB`);
  } finally {
    await browser.close();
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Gzipped bytes of all scripts that the first page asks for. */
async function firstPage(page, address) {
  const names = new Set();
  page.on('response', (response) => { if (response.url().endsWith('.js')) names.add(response.url().split('/').pop()); });
  await page.goto(address);
  await page.getByRole('button', { name: 'Open the demo kitchen' }).click();
  await page.getByRole('heading', { name: 'Classes' }).waitFor();
  const folder = join(root, 'web', 'dist', 'app', 'assets');
  return readdirSync(folder).filter((name) => names.has(name)).reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, name))).length, 0);
}

function residentMegabytes(pid) {
  return Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024);
}
