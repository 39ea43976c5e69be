import { describe, expect, it } from 'vitest';
import { jobTitle, nameOfWait, shortTitle, waitingText } from '../../recipes/index.js';
import { recipe, step } from '../../tests/recipes.js';

const waiting: [string, string][] = [
  ['Cut the carrots on the slant, oil them and roast in one layer.', 'Roast the carrots'],
  ['Wrap the beetroot and roast it.', 'Roast the beetroot'],
  ['Tear and oil the flatbreads and toast them.', 'Toast the flatbreads'],
  ['Pick over the beans and soak them in plenty of cold water.', 'Soak the beans'],
  ['Throw the soaking water away, boil the beans hard for ten minutes in fresh water.', 'Boil the beans'],
  ['Shred the cabbage, salt it and leave it in a strainer.', 'Leave the cabbage'],
  ['Prick the aubergines and char them in a very hot oven.', 'Char the aubergines'],
  ['Toast the hazelnuts in the oven, rub off the skins and chop.', 'Toast the hazelnuts'],
  ['Boil the eggs nine minutes from boiling, then into ice water.', 'Boil the eggs'],
  ['Stir it well, then chill.', 'Chill the salad'],
  ['Cover ten minutes.', 'Cover the salad'],
  ['Warm the vinegar and sugar, pour over the onions and leave for 30 minutes.', 'Leave the onions'],
  ['Mix the zest and oil, add the prawns and marinate for 20 minutes.', 'Marinate the prawns'],
  ['Heat the oven, lay the bread on a tray and bake it for 12 minutes.', 'Bake the bread'],
  ['Mix everything but the walnuts and chill for 1 hour.', 'Chill the salad'],
  ['Pour the hot stock over the couscous, cover and leave for 10 minutes.', 'Leave the couscous'],
  ['Soak the beans overnight.', 'Soak the beans'],
];

const waits = { low: 10, high: 10 };
const named = (...texts: string[]) => {
  const steps = texts.map((text, index) =>
    step(`s${index}`, { text, waitMinutes: waits, after: index > 0 ? [`s${index - 1}`] : [] }),
  );
  return { recipe: recipe([], { steps }), last: steps.at(-1)! };
};

const works: [string, string][] = [
  ['The night before boil the potatoes for 20 minutes.', 'Boil the potatoes'],
  ['While they simmer, boil the eggs for 7 minutes.', 'Boil the eggs'],
  ['TOSS WITH THE LEAVES.', 'Toss with the leaves'],
  [
    'Boil 1 kg new potatoes in salted water for about 20 minutes until tender.',
    'Boil new potatoes in salted water',
  ],
  ['Griddle the courgettes for 8 minutes, looking after 5.', 'Griddle the courgettes'],
  [
    'Fold the tomatoes, onion and coriander into the mashed avocado.',
    'Fold the tomatoes, onion and coriander',
  ],
  ['Open the avocados and mash them with the lime juice and the salt.', 'Open the avocados and mash them'],
  [
    'Spread the labneh, pile on the carrots and scatter the dukkah.',
    'Spread the labneh, pile on the carrots',
  ],
  ['Fry the pancetta for 6 minutes and lift it out.', 'Fry the pancetta and lift it out'],
];

describe('what a job is called', () => {
  it.each(works)('“%s” is “%s”', (text, title) => expect(shortTitle(text)).toBe(title));
  const after: [string[], string][] = [
    [['Char the aubergines.', 'Peel.'], 'Peel the aubergines'],
    [['Poach the cod for 8 minutes.', 'Flake it.'], 'Flake the cod'],
    [['Grate the garlic into the yoghurt.', 'Chill for 2 hours.'], 'Put the yoghurt in to chill'],
    [['Boil the corn.', 'Leave to cool completely.'], 'Set the corn aside'],
    [['Roast the peppers.', 'Cover.', 'Peel and tear into strips.'], 'Peel the peppers and tear into strips'],
    [['Blend.'], 'Blend the salad'],
  ];
  it.each(after)('the last of %j is “%s”', (texts, title) => {
    const { recipe: of, last } = named(...texts);
    expect(jobTitle(last, of)).toBe(title);
  });
});

describe('what a bar of waiting is called', () => {
  it.each(waiting)('“%s” is “%s”', (text, name) => {
    const { recipe: of, last } = named(text);
    expect(waitingText(last, of)).toBe(name);
  });
  it('told apart from the work before it', () => {
    const nameOf = (text: string) => nameOfWait(named(text).last, named(text).recipe);
    expect(nameOf('Cut the carrots and roast them.')).toBe('Roast the carrots');
    expect(nameOf('Boil the farro in plenty of water.')).toBe('Boil the farro: waiting');
  });
});
