import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launchChromium } from './lib/browser.mjs';
import { ensureBuild, ensurePackages, root } from './lib/machine.mjs';
import { freePort } from './lib/database.mjs';
import { runCommand } from './lib/say.mjs';
import { startFornax } from './lib/serve.mjs';

/** One picture of each main view, made from the demo data in a folder of its own. */
const views = [
  ['classes', (open) => open('/classes')],
  ['set-up', (open, at) => open(`${at}/set-up`)],
  [
    'room',
    async (open, at, page) => {
      await open('/classes');
      await page
        .getByRole('link', { name: /Smoke, char/ })
        .first()
        .click();
      const room = page.getByRole('region', { name: 'Room' });
      await room.getByRole('button', { name: 'Seat everyone' }).click();
      await room.getByRole('list', { name: 'Why they stand there' }).waitFor();
      await room.getByLabel('Add a person').focus();
      await room.evaluate((element) => element.scrollIntoView({ block: 'start' }));
    },
  ],
  [
    'portion',
    async (open, at, page) => {
      await open(`${at}/portion`);
      await page.getByRole('button', { name: /^red wine vinegar, Stations 1, 2/ }).focus();
    },
  ],
  [
    'shop',
    async (open, at, page) => {
      await open(`${at}/shop`);
      await page.getByRole('button', { name: /^Orange:/ }).focus();
    },
  ],
  ['pack', (open, at) => open(`${at}/pack`)],
  ['cards', (open, at) => open(`${at}/cards`)],
  [
    'kitchen',
    async (open, at, page) => {
      await open('/kitchen');
      await page.getByRole('heading', { name: 'Vessels' }).waitFor();
    },
  ],
  [
    'time',
    async (open, at, page) => {
      await open(`${at}/time`);
      await settled(page);
      await page.getByRole('button', { name: /^Roast the beetroot, 1/ }).focus();
    },
  ],
  [
    'time-in-class',
    async (open, at, page) => {
      await open(`${at}/time`);
      await settled(page);
      await page.getByRole('button', { name: 'In class', exact: true }).click();
      await page.getByRole('button', { name: /^Show: Shave the fennel/ }).focus();
    },
  ],
  [
    'rehearsal',
    async (open, at, page) => {
      await open(`${at}/time`);
      await page.getByRole('button', { name: 'Rehearse' }).click();
      await page.getByText(/Ends on time in/).waitFor();
    },
  ],
  ['recipes', (open) => open('/recipes')],
  [
    'recipe',
    async (open, at, page) => {
      await open('/recipes');
      await page.getByRole('link', { name: /Beetroot with orange/ }).click();
      await page.getByRole('heading', { name: 'Steps' }).waitFor();
      await page.getByText('Fillet citrus').click();
    },
  ],
  [
    'editor',
    async (open, at, page) => {
      await open('/recipes');
      await page.getByRole('link', { name: 'Leaves with the house dressing' }).click();
      await page.getByRole('button', { name: 'Edit' }).click();
      await page.getByRole('button', { name: /^Rough cost/ }).focus();
    },
  ],
  [
    'paste',
    async (open, at, page) => {
      await open('/recipes/new');
      await page.getByRole('textbox', { name: 'Paste or write a recipe' }).fill(pasted);
      await page.getByRole('heading', { name: 'Green bean and egg salad' }).waitFor();
    },
  ],
  [
    'dressing-bench',
    async (open, at, page) => {
      await open('/recipes');
      await page.getByRole('link', { name: 'House mustard dressing' }).click();
      await page.getByRole('link', { name: 'On the dressing bench' }).click();
      await page.getByRole('button', { name: /^2\. House mustard/ }).waitFor();
      await page.getByRole('button', { name: 'flat', exact: true }).click();
      await page
        .getByRole('button', { name: /^Add 1/ })
        .first()
        .click();
      await page
        .getByRole('button', { name: /^2\.\d %/ })
        .first()
        .focus();
    },
  ],
  ['techniques', (open) => open('/techniques/fillet-citrus')],
  [
    'larder',
    async (open, at, page) => {
      await open('/larder/lemon');
      await page.getByLabel('Zest of one').fill('7.5');
      await page.keyboard.press('Enter');
      await page.getByText('measured here').waitFor();
    },
  ],
];

/** Views whose part of the page lies further down. */
const furtherDown = new Set(['room']);

/** The first plan is bettered in slices; the last of them is over by then. */
const settled = (page) => page.waitForTimeout(5000);

const pasted = `Green bean and egg salad
Ours came early this year, so this was lunch all week.
a good kilo of green beans
4 eggs, hard boiled
small red onion and a fistful of parsley
Dressing, make it first so it can sit
3 spoons white wine vinegar, 6 oil, a bit of Dijon mustard
Cook the beans in plenty of salted water, they should still squeak.
Slice the onion as thin as you can.
Do not leave the beans in the water, they go dull.
Toss with the dressing, eggs in quarters on top, parsley.
No parsley? Chives.
Without the eggs it keeps till tomorrow in the fridge.`;

await runCommand(async () => {
  ensurePackages(['mariadb-server', 'chromium-headless-shell']);
  ensureBuild();
  const folder = mkdtempSync(join(tmpdir(), 'fornax-pictures-'));
  const fornax = await startFornax({ folder, port: await freePort(), demo: true });
  const browser = await launchChromium();
  try {
    const page = await browser.newPage({
      viewport: { width: 1280, height: 800 },
      reducedMotion: 'reduce',
      locale: 'en-GB',
    });
    const only = process.argv.slice(2);
    await takeAll(page, fornax.address, only);
  } finally {
    await browser.close();
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});

async function takeAll(page, address, only) {
  const open = async (path) => {
    await page.goto(address + path);
    await page.locator('main h1, main h2').first().waitFor();
    await page
      .getByText(/^Loading /)
      .first()
      .waitFor({ state: 'hidden' });
  };
  const save = async (name) => {
    await page.evaluate(() => document.fonts.ready);
    if (!furtherDown.has(name)) await page.evaluate(() => window.scrollTo(0, 0));
    await page.waitForTimeout(300);
    await page.screenshot({ path: join(root, 'docs', 'screenshots', `${name}.png`) });
    process.stdout.write(`docs/screenshots/${name}.png\n`);
  };
  await page.goto(address);
  await page.getByRole('button', { name: 'Open the demo kitchen' }).waitFor();
  if (only.length === 0 || only.includes('sign-in')) await save('sign-in');
  await page.getByRole('button', { name: 'Open the demo kitchen' }).click();
  await page.getByRole('link', { name: 'Roots and citrus' }).click();
  await page.waitForURL(/set-up/);
  const at = new URL(page.url()).pathname.replace('/set-up', '');
  for (const [name, go] of views) {
    if (only.length > 0 && !only.includes(name)) continue;
    await go(open, at, page);
    await save(name);
  }
}
