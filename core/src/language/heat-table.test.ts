import { describe, expect, it } from 'vitest';
import { heatsFood, verbsSaid } from './index.js';

describe('what heats food', () => {
  it.each([
    'Sauté the chicken in the oil.',
    'Saute the chicken in the oil.',
    'Sautéing the courgettes takes six minutes.',
    'Braise the thighs for 40 minutes.',
    'Sweat the onions with a pinch of salt.',
    'Parboil the potatoes, then drain.',
    'Barbecue the corn until charred.',
    'Barbeque the corn until charred.',
    'Pan-fry the halloumi.',
    'Stir fry the beans.',
    'Deep-fry the shallots in batches.',
    'Caramelize the onions.',
    'Blanch the beans and refresh them.',
    'Bring to the boil and skim.',
    'Bring to a simmer.',
    'Drop into boiling water for a minute.',
    'Coddle the eggs.',
    'Stew the plums with the sugar.',
    'Brown the mince.',
    'Let them brown.',
    'Crisp up the skins in the pan.',
    'Chargrill the asparagus.',
    'Broil until blistered.',
    'Microwave the potatoes.',
    'Air-fry the chickpeas.',
    'Confit the garlic in the oil.',
    'Render the bacon slowly.',
    'Wilt the spinach.',
    'Reduce by half.',
    'Grill on both sides.',
    'Meanwhile boil the eggs and cool them.',
    'Meanwhile, fry the halloumi.',
    'Braai the corn.',
    'Whisk the yolks over a bain-marie.',
    'Stir over a low heat until thick.',
    'Keep it on a gentle heat.',
    'Steam the broccoli.',
  ])('%s', (text) => expect(heatsFood(text)).toBe(true));

  it.each([
    'Scatter over the roast carrots.',
    'Serve on toast.',
    'Serve warm with bread.',
    'Rinse the brown rice.',
    'Stir in the brown sugar.',
    'Fold in the fried onions.',
    'Toss with the grilled peppers.',
    'While the potatoes boil, chop the herbs.',
    'Chop the herbs as they simmer.',
    'Meanwhile the rice boils; chop the herbs.',
    'Drop the radishes into iced water to crisp up.',
    'Add the sautéed mushrooms.',
    'Top with the smoked trout.',
    'Reduce the heat.',
    'Dress the leaves.',
    'Season to taste and serve.',
    'Leave to steam dry.',
    'Put the peppers in a bowl, cover and let them steam.',
    'Leave to sweat in a plastic bag.',
    'Pop the dip in the fridge.',
    'Pop them out of their skins.',
  ])('not %s', (text) => expect(heatsFood(text)).toBe(false));
});

describe('verbs of the lexicon', () => {
  const said = (text: string) => verbsSaid(text).map(({ verb, form }) => `${verb.verb} ${form}`);
  it('are found in all their forms', () => {
    expect(said('Chop, chopping, chopped.')).toEqual(['chop do', 'chop doing', 'chop done']);
    expect(said('Fries, frying, fried.')).toEqual(['fry do', 'fry doing', 'fry done']);
    expect(said('Purées, puréed, PURÉEING.')).toEqual(['puree do', 'puree done', 'puree doing']);
    expect(said('Sets aside, left, shaken, frozen.')).toEqual([
      'set aside do',
      'leave done',
      'shake done',
      'freeze done',
    ]);
  });
  it('stand where they are in the text', () => {
    const [found] = verbsSaid('Für später: sauté das');
    expect('Für später: sauté das'.slice(found!.at, found!.to)).toBe('sauté');
  });
});
