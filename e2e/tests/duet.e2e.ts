import { addDish, expect, goTo, makeClass, type Page, saved, saveRecipe, test } from './kitchen.js';

const block = (page: Page, name: RegExp) =>
  page.getByRole('group', { name: 'Duet' }).getByRole('button', { name });
const startOf = (label: string | null): number => {
  const [, hours, minutes] = /(\d\d):(\d\d) to/.exec(label ?? '')!;
  return Number(hours) * 60 + Number(minutes);
};
const startIn = async (page: Page, name: RegExp) =>
  startOf(await block(page, name).getAttribute('aria-label'));

/** A first plan rests a moment before it is bettered: it has settled when it is twice the same. */
async function atRest(page: Page): Promise<void> {
  let before = '';
  const isSame = async () => {
    const isLooking = (await page.getByText('Looking for a better plan').count()) > 0;
    const labels = await block(page, /./).evaluateAll((blocks) =>
      blocks.map((each) => each.getAttribute('aria-label')).join(),
    );
    // What is found last comes as the looking ends: it counts as moving.
    const same = !isLooking && labels === before;
    before = isLooking ? '' : labels;
    return same;
  };
  await expect.poll(isSame, { intervals: [1500] }).toBe(true);
}

async function openDuet(page: Page, dish: string): Promise<void> {
  await makeClass(page, 'Duet class');
  await addDish(page, dish);
  await goTo(page, 'Time');
  await page.getByRole('button', { name: 'In class', exact: true }).click();
  await expect(block(page, /^Welcome, hands/)).toBeVisible();
  await atRest(page);
}

test('the class in two voices: chosen, walked and pinned by the keys, dragged down, and freed again', async ({
  kitchen: page,
}) => {
  await openDuet(page, 'Shaved fennel');
  await expect(page.getByRole('group', { name: 'Duet' })).toContainText(/watching, \d+ min/);
  const slice = /^Slice the pears/;
  const before = await startIn(page, slice);
  await block(page, slice).focus();
  await expect(
    page.getByRole('complementary', { name: 'Workings' }).getByText(/Slice the pears/),
  ).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(block(page, /^Slice the pears.*pinned$/)).toBeVisible();
  expect(await startIn(page, slice)).toBe(before + 5);
  await block(page, slice).focus();
  await page.keyboard.press('ArrowRight');
  await expect(block(page, slice)).not.toBeFocused();
  await block(page, slice).focus();
  await page.keyboard.press('Delete');
  await expect(block(page, /^Slice the pears.*pinned$/)).toHaveCount(0);
  await saved(page);

  // Dragged down by 70 px: 10 minutes later. The rest is planned around it where it is let go.
  await atRest(page);
  const shown = await startIn(page, slice);
  await block(page, slice).scrollIntoViewIfNeeded();
  const box = (await block(page, slice).boundingBox())!;
  await page.mouse.move(box.x + 20, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 20, box.y + 78, { steps: 6 });
  await page.mouse.up();
  await expect(block(page, /^Slice the pears.*pinned$/)).toBeVisible();
  // It snaps to five minutes.
  expect(await startIn(page, slice)).toBe(Math.round((shown + 10) / 5) * 5);
});

test('the order of steps is read from a method, unlinked and linked, and the plan follows', async ({
  kitchen: page,
}) => {
  await saveRecipe(
    page,
    `Beans and eggs
Serves 4

Ingredients
400 g tinned white beans
4 eggs
3 tbsp olive oil
1 tbsp cider vinegar

Method
1. Drain the beans.
2. Boil the eggs for 9 minutes.
3. Whisk the oil and vinegar.
4. Toss the beans with the dressing and halve the eggs on top.`,
  );
  const order = page.getByRole('group', { name: 'What comes after what' });
  const after = (step: number) => page.getByRole('list', { name: `What step ${step} comes after` });
  await expect(after(4).getByRole('button')).toHaveCount(3);
  await expect(after(1)).toContainText('Can begin at once.');

  // By pointer: boiling the eggs comes after draining; what would be a loop is refused by name.
  await order.getByRole('button', { name: /^2\. Boil/ }).click();
  await order.getByRole('button', { name: /^1\. Drain/ }).click();
  await expect(after(2)).toContainText('after: Drain the beans');
  await order.getByRole('button', { name: /^4\. Toss/ }).click();
  await expect(page.getByRole('alert')).toContainText(
    'That would be a loop: “Boil the eggs for 9 …” comes after “Toss the beans with the',
  );
  // By keyboard: it is let go again.
  await page.keyboard.press('Escape');
  await order.getByRole('button', { name: /^2\. Boil/ }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowLeft');
  await expect(order.getByRole('button', { name: /^1\. Drain/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(after(2)).toContainText('Can begin at once.');
  await after(4)
    .getByRole('button', { name: /no longer comes after: Boil the eggs/ })
    .click();
  await expect(after(4).getByRole('button')).toHaveCount(2);
  await expect(page.getByText('· saved')).toBeVisible();

  await openDuet(page, 'Beans and eggs');
  const boiled = block(page, /^Boil the eggs/).last();
  await expect(boiled).toBeVisible();
  // The beans are tossed beside the eggs on the hob, not behind them.
  const wait = /(\d\d):(\d\d) to (\d\d):(\d\d)/.exec((await boiled.getAttribute('aria-label'))!)!;
  expect(await startIn(page, /^Drain the beans/)).toBeLessThan(Number(wait[3]) * 60 + Number(wait[4]));
});

test('what the class knows is not shown, through a reload, too, and as new it is again', async ({
  kitchen: page,
}) => {
  await makeClass(page, 'Well known');
  await addDish(page, 'Beetroot');
  await goTo(page, 'Time');
  const clock = page.getByRole('group', { name: 'Clock' });
  const shown = clock.getByRole('button', { name: /^Show: / });
  await expect(page.getByText('Looking for a better plan')).toHaveCount(0);
  await expect(shown.first()).toBeVisible();
  const before = await shown.count();
  const name = (await shown.first().getAttribute('aria-label'))!.split(',')[0]!;
  await shown.first().click();
  await page.getByRole('button', { name: /For the class/ }).click();
  await page.getByRole('option', { name: 'known to all' }).click();
  await expect(clock.getByRole('button', { name: new RegExp(`^${name}`) })).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(clock.getByRole('button').first()).toBeVisible();
  await expect(clock.getByRole('button', { name: new RegExp(`^${name}`) })).toHaveCount(0);
  // The step itself is still there, and says how well it is known.
  await clock.getByRole('button', { name: new RegExp(`^${name.replace('Show: ', '')}`) }).focus();
  await page.getByRole('button', { name: /For the class/ }).click();
  await page.getByRole('option', { name: 'new to the class' }).click();
  await expect(shown).toHaveCount(before);
});

const silent = `Orange and fennel salad
Serves 4

4 oranges
1 fennel bulb
2 tbsp olive oil
1 tbsp white wine vinegar

1. Segment the oranges.
2. Shave the fennel thinly.
3. Whisk the oil into the vinegar.
4. Toss everything together and serve.`;

test('what is new is shown, though its recipe says nothing of it; dropped, added and joined', async ({
  kitchen: page,
}) => {
  await saveRecipe(page, silent);
  await makeClass(page, 'Shown', '11');
  await addDish(page, 'Orange and fennel salad');
  await goTo(page, 'Time');
  const clock = page.getByRole('group', { name: 'Clock' });
  const shown = clock.getByRole('button', { name: /^Show: / });
  await expect(page.getByText('Looking for a better plan')).toHaveCount(0);
  await expect(shown.first()).toBeVisible();
  await expect(shown).toHaveCount(1);
  const choose = async (label: RegExp, option: string | RegExp) => {
    await page.getByRole('button', { name: label }).click();
    await page.getByRole('option', { name: option }).click();
  };
  await shown.click();
  await choose(/Shown$/, 'not shown');
  await expect(shown).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(shown).toHaveCount(1);
  // Another one is added, and then shown in one with the first.
  await clock.getByRole('button', { name: /^Shave the fennel/ }).click();
  await choose(/Shown$/, 'for 3 min');
  await expect(shown).toHaveCount(2);
  await clock.getByRole('button', { name: /^Shave the fennel/ }).click();
  await choose(/Together with$/, 'Segment the oranges');
  await expect(clock.getByRole('button', { name: /^Show: .+; / })).toHaveCount(1);
  await expect(shown).toHaveCount(1);
  await saved(page);
  await page.reload();
  await expect(clock.getByRole('button', { name: /^Show: .+; / })).toHaveCount(1);
});
