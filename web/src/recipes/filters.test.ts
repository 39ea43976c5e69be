import { describe, expect, it } from 'vitest';
import type { RecipeSummary } from '@fornax/contract';
import { choicesOf, filtered, noFilters } from './filters.js';

const recipe = (title: string, overrides: Partial<RecipeSummary> = {}): RecipeSummary => ({
  id: title,
  title,
  kind: 'salad',
  serves: 4,
  portion: 'side',
  handsOnMinutes: 15,
  waitMinutes: 0,
  techniques: [],
  allergens: [],
  notKnown: [],
  diets: [],
  season: 'all year',
  months: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
  ingredients: [],
  unread: 0,
  ...overrides,
});
const library = [
  recipe('Slaw', {
    allergens: ['nuts (walnut)'],
    techniques: ['shred-fine'],
    diets: ['vegan', 'vegetarian'],
    ingredients: ['cabbage', 'oil'],
  }),
  recipe('Labneh', {
    kind: 'dip',
    allergens: ['milk'],
    diets: ['vegetarian'],
    handsOnMinutes: 40,
    ingredients: ['yoghurt'],
  }),
  recipe('Peach', {
    months: [6, 7, 8],
    season: 'Jun–Aug',
    notKnown: ['sumac blend'],
    ingredients: ['oil', 'peach', 'salt'],
  }),
];
const titles = (overrides: Partial<typeof noFilters>, cupboard: readonly string[] = []) =>
  filtered(library, { ...noFilters, ...overrides }, new Set(cupboard)).map(({ title }) => title);

describe('the library, filtered', () => {
  it.each([
    ['nothing asked', {}, ['Slaw', 'Labneh', 'Peach']],
    ['a technique by its words', { search: 'shred fine' }, ['Slaw']],
    ['a technique chosen', { technique: 'shred-fine' }, ['Slaw']],
    ['a kind', { kind: 'dip' as const }, ['Labneh']],
    ['20 minutes of hands', { minutes: '20' as const }, ['Slaw', 'Peach']],
    ['in December', { month: '12' }, ['Slaw', 'Labneh']],
    ['a diet', { needs: 'vegetarian' }, ['Slaw', 'Labneh']],
    ['without nuts, whichever they are', { needs: 'without nuts' }, ['Labneh']],
    ['without milk: what is not known is not said to be', { needs: 'without milk' }, ['Slaw']],
  ])('%s', (_, to, wanted) => expect(titles(to)).toEqual(wanted));
  it('from the cupboard: 1 of 2 before 1 of 3, and none of what is not there', () =>
    expect(titles({ fromCupboard: true }, ['oil'])).toEqual(['Slaw', 'Peach']));
  it('offers what there is', () =>
    expect(choicesOf(library)).toEqual({
      techniques: ['shred-fine'],
      needs: ['vegan', 'vegetarian', 'without milk', 'without nuts', 'without nuts (walnut)'],
    }));
});
