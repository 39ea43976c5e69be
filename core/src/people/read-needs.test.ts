import { describe, expect, it } from 'vitest';
import { readNeeds } from './read-needs.js';

/** What is read of needs as they are told, in short: "nuts!" counts traces, "?" stands before free words. */
function read(text: string): string {
  const { allergens, diets, sensitivities, dislikes, pregnant, heat, age } = readNeeds(text);
  return [
    ...allergens.map(({ what, traces }) => what + (traces ? '!' : '')),
    ...diets,
    ...sensitivities.map((words) => `?${words}`),
    ...dislikes.map((words) => `-${words}`),
    ...(pregnant ? ['pregnant'] : []),
    ...(heat ? [`heat ${heat}`] : []),
    ...(age ? [age] : []),
  ].join(', ');
}

describe('needs as people tell them', () => {
  it.each([
    ['gluten free (coeliac)', 'gluten!'],
    ['Coeliac', 'gluten!'],
    ['celiac disease', 'gluten!'],
    ['GF', 'gluten'],
    ['nut allergy – carries EpiPen', 'nuts!'],
    ['Nut allergy (severe), veggie; no coriander', 'nuts!, vegetarian, ?coriander'],
    ['I can’t eat nuts', 'nuts'],
    ["I can't have dairy.", 'milk'],
    ['Allergy: nuts. Diet: vegan.', 'nuts, vegan'],
    ['Allergies: sesame, mustard', 'sesame, mustard'],
    ['sulphites (asthma)', 'sulphites'],
    ['my son (4) is allergic to milk', 'milk, small child'],
    ['child of 3', 'small child'],
    ['daughter aged 9, no eggs', 'egg, child'],
    ['She is 71', 'older'],
    ['no spicy food', 'heat none'],
    ['nothing too spicy please', 'heat mild'],
    ['likes it hot', 'heat hot'],
    ['allergic to prawns and other shellfish', 'crustaceans, shellfish'],
    ['anaphylactic to peanuts', 'peanut!'],
    ['peanut allergy, airborne', 'peanut!'],
    ['No pork, no alcohol', 'no pork, no alcohol'],
    ['halal please', 'halal'],
    ['plant-based', 'vegan'],
    ['pescatarian', '?meat'],
    ['she is pregnant', 'pregnant'],
    ['expecting in May', 'pregnant'],
    ['lactose intolerant', '?lactose'],
    ['dislikes olives', '-olives'],
    ['not keen on blue cheese', '-blue cheese'],
    ['hates mushrooms, allergic to kiwi', '?kiwi, -mushrooms'],
    ['diabetic', 'low sugar'],
    ['low salt diet (blood pressure)', 'low salt'],
    ['strictly vegetarian', 'vegetarian'],
    ['walnuts', 'walnut'],
    ['pine nuts', 'pine nut'],
    ['intolerant to wheat', 'wheat'],
    ['tree nuts but peanuts are fine', 'nuts, ?peanuts are fine'],
    ['dairy-free & egg-free', 'milk, egg'],
    ['does not eat fish', 'fish'],
    ['traces of nuts matter', 'nuts!'],
    ['has to avoid celery', 'celery'],
    ['Vegan, soya allergy', 'soya, vegan'],
    ['Egg intolerance (baked egg ok)', 'egg, ?baked egg ok'],
    ['Vegetarian (eats fish)', 'vegetarian, ?eats fish'],
    ['Wife is coeliac, I am fine', 'gluten!'],
    ['no nuts whatsoever', 'nuts'],
    ['one of us is vegan', 'vegan'],
    ['no onions or garlic', '?onions, ?garlic'],
    ['6 months pregnant', 'pregnant'],
    ['can’t stand coriander', '-coriander'],
    ['low FODMAP diet', '?low FODMAP diet'],
    ['does not eat eggs', 'egg'],
  ])('%s', (text, expected) => expect(read(text)).toBe(expected));

  it.each([
    'none',
    'None!',
    'No allergies!',
    'no known allergies',
    'nothing known',
    'None that I know of',
    'n/a',
    '-',
    '–',
    'No dietary requirements.',
    'eats everything',
    'all fine',
    'nil',
    '',
  ])('“%s” is no need', (text) => expect(read(text)).toBe(''));

  it.each([
    ['hemp milk', '?hemp milk'],
    ['almond milk', '?almond milk'],
    ['goat’s cheese', '?goat’s cheese'],
    ['coconut', '?coconut'],
    ['raw onion', '?raw onion'],
    ['butternut squash', '?butternut squash'],
    ['egg white', '?egg white'],
    ['no raw fish', '?raw fish'],
  ])('%s is a food, and no whole group', (text, expected) => expect(read(text)).toBe(expected));

  it('keeps what it does not understand, so that somebody asks, and never drops what it does', () => {
    expect(read('allergy to nuts since a holiday')).toBe('nuts, ?allergy to nuts since a holiday');
    expect(read('purple food')).toBe('?purple food');
  });

  it('is the same however it is written', () => {
    expect(read('NUT ALLERGY')).toBe(read('nut-allergy'));
    expect(read('crème fraîche allergy')).toBe('?crème fraîche');
  });
});
