import { describe, expect, it } from 'vitest';
import { actsSaid } from './acts.js';
import { phrasesSaid } from './phrases.js';
import { untilSaid } from './until.js';

/** Each act as "verb kind way", and what it says beside it. */
const said = (text: string) =>
  actsSaid(text).map(({ verb, kind, way, states, places, vessels, things }) =>
    [[verb, kind, way].filter(Boolean).join(' '), ...states, ...places, ...vessels, ...things].join(' | '),
  );

describe('what a text says is done', () => {
  it.each([
    ['Sautéed greens: sauté the kale, then drain.', ['saute fry fat', 'drain drain']],
    ['Braise the thighs and leave to cool.', ['braise wet heat wet', 'leave rest', 'cool cool']],
    ['Pour the boiling vinegar over the onion in a jar.', ['pour pour wet | hot | over food | glass | sour']],
    ['Peel, core and slice the apples.', ['peel peel', 'core cut', 'slice cut']],
    ['Whisk the oil, salt and pepper.', ['whisk whisk | oil']],
    ['The beans are soaked overnight, drained and rinsed.', ['soak soak | drained | washed']],
    ['Cook until the skins are browned.', ['cook heat any']],
    ['Toss with the lemon juice and oil.', ['toss toss | sour | oil']],
    ['Juice the lemons; zest them first.', ['juice squeeze | sour', 'zest zest | zest']],
    ['In a bowl salt the cucumber.', ['salt seasoning | bowl']],
    ['Room temperature, two hours.', [' | cupboard']],
    ['While the rice boils, chop the herbs.', ['chop cut']],
    ['Pat dry with kitchen paper.', ['pat dry | dry']],
  ])('%s', (text, expected) => {
    const found = said(text);
    for (const [index, each] of expected.entries())
      expect(found[index]!.split(' | ')).toEqual(expect.arrayContaining(each.split(' | ')));
    expect(found).toHaveLength(expected.length);
  });
  it('what lies in boiling water is heated by it', () => {
    expect(actsSaid('Drop the beans into boiling water.').map(({ way }) => way)).toEqual(['wet']);
  });
  it('cuts a sentence before each verb, and leaves nothing of the text out', () => {
    const text = 'Peel the beetroot, slice it thinly. Then chill for 1.5 hours.';
    const places = actsSaid(text).map(({ words: [from, to] }) => text.slice(from, to));
    expect(places.join('')).toBe(text);
    expect(places).toHaveLength(3);
  });
  it('says nothing of nothing', () => {
    expect(actsSaid('')).toEqual([]);
    expect(actsSaid('  ')).toEqual([]);
  });
});

describe('phrases of the kitchen', () => {
  const names = (text: string) => phrasesSaid(text).map(({ name }) => name);
  it.each([
    ['Boil the beans rapidly', 'hard boil', true],
    ['a rolling boil', 'hard boil', true],
    ['Boil the beans gently', 'hard boil', false],
    ['cover the garlic well with olive oil', 'in oil', true],
    ['cover with a lid; add oil', 'in oil', false],
    ['keeps for 6 months', 'kept for months', true],
    ['Don’t boil it', 'off the heat', true],
    ['into a warmed jar', 'warm glass', true],
    ['holding it in your palm', 'in the hand', true],
    ['at 75 °C', 'cooked through', true],
    ['scold the cook', 'cold', false],
  ])('%s: %s %s', (text, name, expected) => expect(names(text).includes(name)).toBe(expected));
});

describe('the sign that ends it', () => {
  it.each([
    ['Cook until chewy and drain.', 'until chewy'],
    ['Fry until soft and brown.', 'until soft and brown'],
    ['Whisk until thick, then season.', 'until thick'],
    ['Blend until smooth and season well.', 'until smooth'],
    ['Roast until a knife slides in and out.', 'until a knife slides in and out'],
    ['Simmer until tender then rinse.', 'until tender'],
    ['Toss.', ''],
  ])('%s: %s', (text, expected) => expect(untilSaid(text)).toBe(expected));
});
