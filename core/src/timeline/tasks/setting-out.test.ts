import { describe, expect, it } from 'vitest';
import type { StepKey } from '../../identity/index.js';
import { planBatches, portionRecipe } from '../../portions/index.js';
import { splitStations, type TimedDish } from '../../class/index.js';
import { dish, recipe, step } from '../../tests/recipes.js';
import { settingOut } from './setting-out.js';
import type { TaskInput } from './types.js';

const stations = splitStations(12, 4);
const salad = recipe(
  ['600 g carrots', '2 tbsp olive oil', '3 tbsp lemon juice', '1 onion', '100 g walnuts'],
  {
    steps: [
      step('nuts', { text: 'Toast the walnuts.', place: 'either', uses: [{ line: 'l5', share: '1' }] }),
      step('toss', { text: 'Toss.', uses: [{ line: 'l1', share: '1' }] }),
    ],
  },
);

function setOut(maker: TimedDish['maker'] = 'every station', leftToStudents: readonly StepKey[] = []) {
  const made = { ...dish(salad), maker } as TimedDish;
  const portions = portionRecipe(made, planBatches(made, stations, 12, 0), {
    kitchenSystem: 'metric',
    english: 'uk',
  });
  return settingOut({
    stations,
    dishes: [{ timed: made, portions }],
    decisions: { when: {}, hands: {} },
    leftToStudents: new Set(leftToStudents),
  } as unknown as TaskInput);
}

describe('setting out in its real time', () => {
  it('3 stations: carrots weighed, oil by the spoon, lemons and an onion counted', () => {
    // Weighed: 30 + 2 × 15 = 60 s. Spoon: 20 + 2 × 10 = 40 s. Counted: 2 × 10 + 4 × 5 = 40 s; the juice is
    // squeezed
    // at the bench, so lemons are counted. The walnuts are toasted before. 140 s are 2 min 20, so 3, and 3
    // boards.
    expect(setOut()).toMatchObject({
      minutes: 6,
      how: [
        { label: '2 lines counted × 10 s + 4 at further benches × 5 s, all in a row', value: '0.7 min' },
        { label: '1 line by the spoon × 20 s + 2 at further benches × 10 s, all in a row', value: '0.7 min' },
        {
          label: '1 line weighed or poured × 30 s + 2 at further benches × 15 s, all in a row',
          value: '1 min',
        },
        { label: '3 boards and crates × 1 min', value: '3 min' },
      ],
    });
  });
  it('walnuts that students toast are weighed too: 60 s more are 200 s, 4 min', () =>
    expect(setOut('every station', ['d1/nuts' as StepKey]).minutes).toBe(7));
  it('nothing of a demonstration or of what is made ahead stands at the stations', () => {
    expect(setOut('demonstration').minutes).toBe(3);
    expect(setOut('made ahead').minutes).toBe(3);
  });
});
