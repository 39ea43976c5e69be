import { addDish, expect, goTo, makeClass, type Page, saved, saveRecipe, test } from './kitchen.js';

/** A bar of the clock. */
const bar = (page: Page, name: RegExp) =>
  page.getByRole('group', { name: 'Clock' }).getByRole('button', { name });
const minutesOf = (label: string | null): number => {
  const [, hours, minutes] = /(\d\d):(\d\d) to/.exec(label ?? '')!;
  return Number(hours) * 60 + Number(minutes);
};

async function openClock(page: Page): Promise<void> {
  await makeClass(page, 'Clock class');
  await addDish(page, 'Beetroot');
  await goTo(page, 'Time');
  await expect(bar(page, /^Peel the beetroot/)).toBeVisible();
  // The first plan is bettered while one looks at it; what the tests compare is the last.
  await expect(page.getByText('Looking for a better plan')).toHaveCount(0);
}

test('a job is pinned with the keys, stays through a reload, shows what moved, and is freed again', async ({
  kitchen: page,
}) => {
  await openClock(page);
  const wrap = bar(page, /^Wrap the beetroot/);
  await wrap.focus();
  const before = minutesOf(await wrap.getAttribute('aria-label'));
  await page.keyboard.press('ArrowLeft');
  await expect(bar(page, /^Wrap the beetroot.*pinned$/)).toBeVisible();
  expect(minutesOf(await bar(page, /^Wrap the beetroot/).getAttribute('aria-label'))).toBe(before - 5);
  await expect(page.getByText(/jobs? moved/)).toBeVisible();
  await expect(
    page.getByRole('complementary', { name: 'Workings' }).getByText('Pinned: you put it here'),
  ).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(bar(page, /^Wrap the beetroot.*pinned$/)).toBeVisible();
  await bar(page, /^Wrap the beetroot/).focus();
  await page.keyboard.press('Delete');
  await expect(bar(page, /^Wrap the beetroot.*pinned$/)).toHaveCount(0);
});

test('a bar is dragged: the rest follows while it moves, and it is pinned where it is let go', async ({
  kitchen: page,
}) => {
  await openClock(page);
  const wrap = bar(page, /^Wrap the beetroot/);
  await wrap.scrollIntoViewIfNeeded();
  const before = minutesOf(await wrap.getAttribute('aria-label'));
  const box = (await wrap.locator('rect').first().boundingBox())!;
  await page.mouse.move(box.x + 8, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y + 8, { steps: 6 });
  await expect(async () =>
    expect(minutesOf(await bar(page, /^Wrap the beetroot/).getAttribute('aria-label'))).toBeLessThan(before),
  ).toPass();
  await page.mouse.up();
  await expect(bar(page, /^Wrap the beetroot.*pinned$/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(bar(page, /^Wrap the beetroot.*pinned$/)).toHaveCount(0);
});

test('a drag that comes back to where it began pins nothing', async ({ kitchen: page }) => {
  await openClock(page);
  const peel = bar(page, /^Peel the beetroot/);
  await peel.scrollIntoViewIfNeeded();
  const label = await peel.getAttribute('aria-label');
  const box = (await peel.locator('rect').first().boundingBox())!;
  await page.mouse.move(box.x + 8, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y + 8, { steps: 4 });
  await expect(peel).not.toHaveAttribute('aria-label', label!);
  await page.mouse.move(box.x + 8, box.y + 8, { steps: 4 });
  await page.mouse.up();
  await expect(peel).toHaveAttribute('aria-label', label!);
  await expect(bar(page, /pinned$/)).toHaveCount(0);
});

test('in the list a job is handed over, and an open step comes into class', async ({ kitchen: page }) => {
  await openClock(page);
  await goTo(page, 'Set up');
  await page.getByLabel('Assistants', { exact: true }).fill('1');
  await saved(page);
  await goTo(page, 'Time');
  await page.getByRole('button', { name: 'List', exact: true }).click();
  const peel = page.getByRole('row', { name: /Peel the beetroot while warm and cut it in wedges/ });
  const chosen = page.getByRole('group', { name: 'The chosen job' });
  await page.getByRole('button', { name: /^Peel the beetroot/ }).focus();
  // Students do what may be done in class, while it is under 85 % full.
  await expect(peel.getByRole('cell', { name: 'every station' })).toBeVisible();
  // What it does is said before it is done.
  await expect(chosen.getByRole('status')).toContainText(/Hands at work .* %.*, class used .* %/);
  await chosen.getByRole('button', { name: 'Have it prepared' }).click();
  await expect(peel.getByRole('cell', { name: 'every station' })).toHaveCount(0);
  const isYours = (await peel.getByRole('cell', { name: 'you', exact: true }).count()) === 1;
  await chosen.getByRole('button', { name: isYours ? 'Give to the assistant' : 'Do it yourself' }).click();
  await expect(peel.getByRole('cell', { name: isYours ? 'assistant' : 'you', exact: true })).toBeVisible();
  await chosen.getByRole('button', { name: 'Students do this' }).click();
  await expect(peel.getByRole('cell', { name: 'every station' })).toBeVisible();
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'List', exact: true }).click();
  await expect(peel.getByRole('cell', { name: 'every station' })).toBeVisible();
});

test('pins that clash are named, and a way out that was tried is taken with one press', async ({
  kitchen: page,
}) => {
  await openClock(page);
  // The roast is pinned where it stands; peeling, pinned before it is done, cannot be.
  await bar(page, /^Roast the beetroot, 1/).focus();
  await page.getByRole('group', { name: 'The chosen job' }).getByRole('button', { name: 'Pin here' }).click();
  await expect(bar(page, /^Roast the beetroot.*pinned$/)).toBeVisible();
  await bar(page, /^Peel the beetroot/).focus();
  for (let press = 0; press < 3; press++)
    await page
      .getByRole('group', { name: 'The chosen job' })
      .getByRole('button', { name: '5 min earlier' })
      .click();
  const clash = page.getByRole('region', { name: 'What clashes' });
  await expect(clash.getByText(/cannot stay where (it is|they are) pinned/)).toBeVisible();
  await clash.getByRole('button', { name: /^Unpin “Peel the beetroot/ }).click();
  await expect(clash).toHaveCount(0);
});

test('what if: a change is tried, shown and not kept', async ({ kitchen: page }) => {
  await openClock(page);
  await page.getByRole('button', { name: 'What if' }).click();
  const panel = page.getByRole('region', { name: 'What if' });
  await expect(panel.getByText(/As it is: \d+ % of the class used/)).toBeVisible();
  await expect(panel.getByText(/% of the class used/)).not.toHaveCount(1);
  const used = await page.getByRole('button', { name: /^Class minutes used/ }).textContent();
  await panel.getByText('Class 15 min longer').click();
  await expect(page.getByText('Showing what if:')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the plan' }).click();
  await expect(page.getByText('Showing what if:')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Class minutes used/ })).toHaveText(used!);
});

test('rehearsal says how likely it ends on time, what costs most and what a change gains', async ({
  kitchen: page,
}) => {
  await openClock(page);
  await page.getByRole('button', { name: 'Rehearse' }).click();
  const rehearsal = page.getByRole('region', { name: 'Rehearsal' });
  await expect(rehearsal.getByText(/Ends on time in \d+ % of them/)).toBeVisible();
  const even = await rehearsal.getByText(/one in ten after/).textContent();
  await rehearsal.getByRole('button', { name: 'very mixed' }).click();
  await expect(rehearsal.getByText(/one in ten after/)).not.toHaveText(even!);
  await expect(rehearsal.getByRole('heading', { name: 'Main causes of delay' })).toBeVisible();
});

test('the list says the same as the clock; hands, minutes by step, and sheets for the wall', async ({
  kitchen: page,
}) => {
  await openClock(page);
  await page.evaluate(() => {
    window.print = () => {
      document.body.dataset.printed = document.querySelector('[data-sheet]')?.textContent ?? '';
    };
  });
  await page.getByRole('button', { name: 'Hands', exact: true }).click();
  await expect(page.getByRole('figure', { name: /^Hands at work from/ })).toBeVisible();
  await page.getByText('Class minutes by step').click();
  await expect(page.getByRole('cell', { name: '20 min' })).toBeVisible();
  await page.getByRole('button', { name: 'List', exact: true }).click();
  await expect(
    page.getByRole('cell', { name: /^Peel the beetroot while warm and cut it in wedges/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Print wall clock' }).click();
  await expect(page.locator('body')).toHaveAttribute(
    'data-printed',
    /Clock class.*Welcome, hands, knives and safety/,
  );
  await page.getByRole('button', { name: 'Print prep sheet' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', /Prep.*☐/);
});

test('what the plan adds says why, is left out and put back; the freshest food is chosen', async ({
  kitchen: page,
}) => {
  await saveRecipe(
    page,
    `Peppers to slice
Serves 4

4 peppers
2 tbsp olive oil

1. Roast the peppers at 200 °C for 20 minutes.
2. Slice the peppers and stir in the oil.`,
  );
  await makeClass(page, 'Added to');
  await addDish(page, 'Peppers to slice');
  await goTo(page, 'Time');
  const cool = bar(page, /^Spread the peppers out to cool/);
  await cool.focus();
  await expect(
    page.getByRole('complementary', { name: 'Workings' }).getByText(/comes out hot/),
  ).toBeVisible();
  await page
    .getByRole('group', { name: 'The chosen job' })
    .getByRole('button', { name: 'Leave it out' })
    .click();
  await expect(cool).toHaveCount(0);
  await saved(page);
  await page.reload();
  await page.getByText('Left out of the plan: 1').click();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(cool).toHaveCount(1);
  const aim = page.getByRole('group', { name: 'What the plan aims at' });
  await aim.getByRole('button', { name: 'the freshest food' }).click();
  await expect(aim.getByRole('button', { name: 'the freshest food' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await saved(page);
  await page.reload();
  await expect(aim.getByRole('button', { name: 'the freshest food' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('a shopping trip is moved on the clock of days, and the list of days follows', async ({
  kitchen: page,
}) => {
  await openClock(page);
  await page.getByRole('button', { name: 'Days', exact: true }).click();
  await bar(page, /^Buy \d+ things at Wholesaler/).focus();
  await page.keyboard.press('ArrowRight');
  await expect(bar(page, /^Buy \d+ things at Wholesaler, .*pinned$/)).toBeVisible();
  const time = /(\d\d:\d\d) to/.exec(
    (await bar(page, /^Buy \d+ things at Wholesaler/).getAttribute('aria-label'))!,
  )![1]!;
  await expect(
    page.getByRole('row', { name: new RegExp(`${time}.*Buy \\d+ things at Wholesaler`) }),
  ).toBeVisible();
  await expect(bar(page, /^In class: \d+ jobs/).first()).toBeVisible();
});

test('a stricter safety profile warns of what is too long out of the cold, and says what to do', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Cold class');
  await addDish(page, 'Green herb and yoghurt dip');
  await goTo(page, 'Time');
  await page.getByText('Out of the cold', { exact: true }).first().click();
  await expect(
    page.getByRole('row', { name: /Green herb and yoghurt dip Greek-style yog.* 4 h/ }),
  ).toBeVisible();
  const back = page.url();
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  const safety = page.getByRole('region', { name: 'Safety profile' });
  await safety.getByLabel(/^Cold food may be out/).fill('0');
  await expect(safety.getByText('Write whole minutes, from 1 to 1440.')).toBeVisible();
  await safety.getByLabel(/^Cold food may be out/).fill('5');
  await expect(safety.getByText('Your own figure')).toBeVisible();
  await saved(page);
  await page.goto(back);
  await expect(
    page.getByRole('main').getByText(/out of the cold for .*, and your safety profile allows 5 min/),
  ).toBeVisible();
  await expect(
    page.getByText(/Follow your local food code and a qualified person’s advice/).first(),
  ).toBeVisible();
  await expect(
    page
      .getByRole('navigation', { name: 'Stops of this class' })
      .getByRole('link', { name: /^Time too long out/ }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  await safety.getByRole('button', { name: 'Back to the usual' }).click();
  await expect(safety.getByLabel(/^Cold food may be out/)).toHaveValue('240');
  await saved(page);
});
