import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launchChromium } from './browser.mjs';
import { freePort } from './database.mjs';
import { row } from './measure.mjs';
import { startFornax } from './serve.mjs';

/** Moves of one drag, to and fro over the map. */
const moves = 250;

/** A bowl dragged over the balance map beside three others: how long the frames of the page take. */
export async function benchMap() {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-bench-'));
  const fornax = await startFornax({ folder, port: await freePort(), demo: true });
  const browser = await launchChromium();
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(fornax.address);
    await page.getByRole('button', { name: 'Open the demo kitchen' }).click();
    await page.getByRole('link', { name: 'Dressing bench' }).click();
    for (const name of ['House mustard dressing', 'Lime and honey dressing', 'Tahini and lemon dressing']) {
      await page.getByRole('button', { name: /From a recipe/ }).click();
      await page.getByRole('option', { name, exact: true }).click();
      await page.getByRole('button', { name: new RegExp(`${name}$`) }).waitFor();
    }
    await page.getByRole('button', { name: '1. New bowl' }).click();
    const frames = await framesOfDrag(page);
    const sorted = [...frames].sort((a, b) => a - b);
    row(
      'frames while a bowl is drawn over the balance map, three others beside it',
      `${sorted[sorted.length >> 1].toFixed(1)} ms median, ${sorted.at(-1).toFixed(1)} ms at most ` +
        `(${frames.length} frames, ${frames.filter((each) => each > 32).length} over 32 ms)`,
    );
  } finally {
    await browser.close();
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Milliseconds of each frame from the first move to the last; fails where the amounts did not follow. */
async function framesOfDrag(page) {
  const line = page.getByRole('textbox', { name: 'Line 2' });
  const before = await line.inputValue();
  const box = await page.getByRole('img', { name: /the arrow keys move it/ }).boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.evaluate(() => {
    globalThis.frameTimes = [];
    let last = performance.now();
    const tick = (now) => {
      globalThis.frameTimes.push(now - last);
      last = now;
      globalThis.requestAnimationFrame(tick);
    };
    globalThis.requestAnimationFrame(tick);
  });
  for (let move = 0; move < moves; move++)
    await page.mouse.move(x + 60 + 80 * Math.sin(move / 12), y - 60 - 50 * Math.cos(move / 9));
  const frames = await page.evaluate(() => globalThis.frameTimes.slice(2));
  await page.mouse.up();
  const after = await line.inputValue();
  if (after === before) throw new Error(`The amounts did not follow the drag: ${after}`);
  return frames;
}
