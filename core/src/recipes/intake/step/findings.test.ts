import { describe, expect, it } from 'vitest';
import { recipe as recipeOf, step as stepOf } from '../../../tests/recipes.js';
import { looseEnds } from '../../loose-ends.js';
import { parseRecipeText } from '../text/text.js';
import { acceptFinding, declineFinding, hasFinding, offeredFindings } from './accepted.js';
import { findInSteps } from './findings.js';
import { readOvenHeat } from './heat.js';
import { linkLines } from './links.js';
import { readTimes } from './times.js';

const beetrootLine = recipeOf(['1 kg beetroot']).lines;
const lines = recipeOf([
  '6 tbsp olive oil',
  '2 tbsp hazelnut oil',
  '1 bunch parsley',
  '2 spring onions',
  '4 tbsp orange juice',
  '3 oranges, segmented',
  '30 g walnuts',
  '400 g white beans',
]).lines;
const named = new Map(lines.map((line) => [line.id, line.text]));
/** What each step uses, as "share of line". */
const linked = (...texts: string[]) =>
  linkLines(texts, lines).map((uses) => uses.map(({ line, share }) => `${share} of ${named.get(line)}`));

describe('lines are linked to the steps that use them', () => {
  it('what is left out of everything ends where the next work begins', () => {
    expect(linked('Mix everything except the walnuts, squeeze the parsley over.')[0]).toContain(
      '1 of 1 bunch parsley',
    );
    expect(linked('Mix everything except the walnuts, the beans and the parsley.')[0]).toHaveLength(5);
  });
  it('the longest name wins, and either English will do', () => {
    expect(linked('Whisk in the hazelnut oil; slice the scallions.')).toEqual([
      ['1 of 2 tbsp hazelnut oil', '1 of 2 spring onions'],
    ]);
  });
  it('a bare word means every line that ends with it', () =>
    expect(linked('Add both oils.')).toEqual([['1 of 6 tbsp olive oil', '1 of 2 tbsp hazelnut oil']]));
  it('juice is the juice, oranges are the fruit', () =>
    expect(linked('Fillet the oranges.', 'Whisk the juice.')).toEqual([
      ['1 of 3 oranges, segmented'],
      ['1 of 4 tbsp orange juice'],
    ]));
  it('half now, the rest later: ½ + ½', () => {
    expect(linked('Fry the beans in half the olive oil.', 'Dress with the remaining olive oil.')).toEqual([
      ['1 of 400 g white beans', '1/2 of 6 tbsp olive oil'],
      ['1/2 of 6 tbsp olive oil'],
    ]);
  });
  it('a third kept back is two thirds used', () => {
    expect(
      linked('Toss everything, keeping back a third of the walnuts.', 'Scatter the rest of the walnuts.').map(
        (uses) => uses.find((use) => use.includes('walnuts')),
      ),
    ).toEqual(['2/3 of 30 g walnuts', '1/3 of 30 g walnuts']);
  });
  it('a later mention means what was made of it', () =>
    expect(linked('Warm the white beans.', 'Spoon the beans out.')).toEqual([
      ['1 of 400 g white beans'],
      [],
    ]));
  it('“everything” is every line not used yet', () =>
    expect(linked('Chop the parsley.', 'Toss everything.')[1]).toHaveLength(7));
});

describe('loose ends between lines and steps', () => {
  const texts = ['100 g rocket', '1 tsp sumac', '6 tbsp olive oil'];
  it('a line no step uses, a part left over, a name on no line', () => {
    const recipe = recipeOf(texts, {
      steps: [
        stepOf('s1', {
          text: 'Toss the rocket with half the oil and the capers.',
          uses: [
            { line: 'l1', share: '1' },
            { line: 'l3', share: '1/2' },
          ],
        }),
      ],
    });
    expect(looseEnds(recipe)).toEqual({
      unused: ['sumac'],
      partly: [{ name: 'olive oil', left: '1/2' }],
      unlisted: ['capers'],
    });
  });
  it('water, words for tools and what a listed name holds are no ingredients', () => {
    const recipe = recipeOf(['2 flatbreads', '1 tsp fine salt', '2 lemons'], {
      steps: [stepOf('s1', { text: 'Boil in plenty of cold water with salt. Bread beside, lemon over.' })],
    });
    expect(looseEnds(recipe).unlisted).toEqual([]);
  });
});

describe('oven heat', () => {
  it.each([
    ['roast at 200 °C', '200 °C', 200],
    ['bake at 200C', '200 °C', 200],
    ['180 °C fan', '180 °C fan', 200],
    ['200 °C (180 °C fan, gas 6)', '200 °C', 200],
    ['fan 180C', '180 °C fan', 200],
    // (400 − 32) × 5 ÷ 9 = 204.4, (350 − 32) × 5 ÷ 9 = 176.7; a fan oven at 375 °F stands for 400 °F.
    ['at 400°F', '400 °F', 200],
    ['350 degrees F', '350 °F', 180],
    ['375 °F fan', '375 °F fan', 200],
    ['gas mark 6', 'gas mark 6', 200],
    ['gas 3', 'gas mark 3', 160],
  ])('%s', (text, written, celsius) => expect(readOvenHeat(text)).toEqual({ written, celsius }));
  it.each(['cut in 2 cm cubes', 'cook for 20 minutes', 'serves 4', 'rinse in 5 litres of cold water'])(
    '%s names none',
    (text) => expect(readOvenHeat(text)).toBeNull(),
  );
});

describe('times, and whether hands are free', () => {
  const spans = (text: string) =>
    readTimes(text).map(({ low, high, kind }) => `${low === high ? high : `${low}-${high}`} ${kind}`);
  it.each<[string, string[]]>([
    ['Simmer for 15–20 minutes.', ['15-20 wait']],
    ['Whisk for 2 minutes, then chill for an hour.', ['2 work', '60 wait']],
    ['Boil hard for 10 minutes, then simmer for 40 minutes.', ['10 wait', '40 wait']],
    ['Roast for 30 minutes, turning after 15 minutes.', ['30 wait']],
    ['Stir every 5 minutes while it simmers for half an hour.', ['30 wait']],
    ['Soak overnight.', ['600-720 wait']],
    ['Soak for 8 to 12 hours or overnight.', ['480-720 wait']],
    // A wait that may be the night is the shorter one; the rest is how long it keeps.
    ['Chill overnight or for at least 2 hours.', ['120 wait', '600 keep']],
    ['Marinate for 1 hour or overnight.', ['60 wait', '660 keep']],
    ['Rest in the fridge for at least an hour, and preferably overnight.', ['60 wait', '660 keep']],
    ['Cover and chill 30 minutes or up to 2 days.', ['30 wait', '2850 keep']],
    ['Keeps 3 to 4 days in the fridge.', ['4320-5760 keep']],
    ['Can be made up to 3 days ahead.', ['4320 keep']],
    ['Refrigerate until needed, up to 5 days.', ['7200 keep']],
    ['Will keep for a week in a jar.', ['10080 keep']],
    ['Stand at room temperature for up to 1 hour.', ['60 keep']],
    ['Cook for up to 10 minutes.', ['10 wait']],
    ['Take out of the fridge 30 minutes before serving.', ['30 rest']],
    ['Simmer for 25 minutes; look after 15.', ['25 wait']],
    ['Leave to cool completely.', ['30-60 wait']],
    ['Tear the bread and toast it in the oven for 12 minutes.', ['12 wait']],
    ['Massage it with a pinch of salt for 2 minutes.', ['2 work']],
    ['Boil the eggs nine minutes.', ['9 wait']],
    ['Massage the kale for 3 minutes.', ['3 work']],
    ['Cut in 12 wedges.', []],
  ])('%s', (text, expected) => expect(spans(text)).toEqual(expected));
});

describe('findings are accepted or declined', () => {
  const text = 'Roast the beetroot at 180 °C fan for 40–50 minutes, then peel.';
  const beetroot = recipeOf(['1 kg beetroot']).lines;
  const [findings] = findInSteps([text], beetroot);
  it('time, appliance with its heat, tools, techniques and lines, each with a label', () => {
    expect(findings!.map(({ kind, label }) => `${kind}: ${label}`)).toEqual([
      'wait: wait 40–50 min',
      'appliance: oven, 180 °C fan (200 °C)',
      'tool: board and knife',
      'tool: peeler',
      'tool: oven tray',
      'technique: peel roast beetroot',
      'technique: roast vegetables',
      'technique: peel',
      'line: beetroot',
    ]);
  });
  it('accepting all and declining all comes back to a bare step, and nothing declined is held', () => {
    const bare = stepOf('s1', { text, handsOnMinutes: 4 });
    const full = findings!.reduce(acceptFinding, bare);
    expect(findings!.every((finding) => hasFinding(full, finding))).toBe(true);
    expect(full).toMatchObject({
      waitMinutes: { low: 40, high: 50 },
      occupies: { appliance: 'oven', setting: '200 °C' },
      uses: [{ line: 'l1', share: '1' }],
    });
    const none = findings!.reduce(declineFinding, full);
    expect(findings!.some((finding) => hasFinding(none, finding))).toBe(false);
    expect(none.declined).toEqual(findings!.map(({ key }) => key));
    expect(acceptFinding(none, findings![0]!).declined).not.toContain(findings![0]!.key);
  });
});

describe('what a step holds without saying so', () => {
  it('is offered too, so that it can be taken off; what was declined is not', () => {
    const step = stepOf('s1', {
      text: 'Toss with care.',
      tools: ['large bowl', 'tongs'],
      occupies: { appliance: 'oven', setting: '200 °C' },
      uses: [{ line: 'l1', share: '1/2' }],
      techniques: ['fold'],
      declined: ['technique:toss'],
    });
    const [found] = findInSteps(['Toss with care.'], beetrootLine);
    expect(offeredFindings(step, found!, beetrootLine).map(({ kind, label }) => `${kind}: ${label}`)).toEqual(
      [
        'tool: large bowl',
        'appliance: oven, 200 °C',
        'tool: tongs',
        'technique: fold',
        'line: ½ of beetroot',
      ],
    );
  });
});

describe('pasted method text is cut into steps', () => {
  it('a paragraph by sentences, short ones kept with the one before; numbered steps as they were cut', () => {
    const { steps } = parseRecipeText(
      'Test\nIngredients\n1 tin chickpeas\nMethod\nDrain the chickpeas well. Toast ' +
        'them in a dry pan for 5 minutes. Taste.\n2. Serve at once. Eat warm.',
      { system: 'metric' },
    );
    expect(steps.map((step) => step.text)).toEqual([
      'Drain the chickpeas well.',
      'Toast them in a dry pan for 5 minutes. Taste.',
      'Serve at once. Eat warm.',
    ]);
  });
});
