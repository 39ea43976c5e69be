import { describe, expect, it } from 'vitest';
import { parseRecipeText } from './text.js';

const read = (...rows: string[]) => {
  const { lines, steps } = parseRecipeText(rows.join('\n'), { system: 'metric' });
  return { lines: lines.map(({ text }) => text), steps: steps.map(({ text }) => text.replace(/\.$/, '')) };
};

describe('work in a list is done, not bought', () => {
  it('in bullets', () =>
    expect(
      read(
        'Carrot slaw',
        'Serves 4',
        '',
        '- 4 carrots',
        '- 2 tbsp oil',
        '- salt',
        '- grate the carrots',
        '- toss well',
        '- chill 1 h',
        '- season and serve',
      ),
    ).toEqual({
      lines: ['4 carrots', '2 tbsp oil', 'salt'],
      steps: ['Grate the carrots', 'Toss well', 'Chill 1 h', 'Season and serve'],
    }));
  it('in short sentences without a heading', () =>
    expect(
      read(
        'Bean dip',
        '',
        '1 tin white beans',
        'olive oil',
        '',
        'Blitz it all.',
        'Chill overnight.',
        'Serve with toast.',
      ),
    ).toEqual({
      lines: ['1 tin white beans', 'olive oil'],
      steps: ['Blitz it all', 'Chill overnight', 'Serve with toast'],
    }));
  it.each([
    'pour cream over',
    'Stir through.',
    'fold thru',
    'Refrigerate 2 hours',
    'add to the bowl',
    'Sauté until golden',
    'drain, rinse',
    'then arrange on plates',
    'Blanch and refresh',
  ])('%s', (row) => expect(read('Salad', '', '6 tomatoes', row).lines).toEqual(['6 tomatoes']));
  it.each([
    'You need 500 g leaf spinach',
    'You’ll need: 500 g leaf spinach',
    'you will need 500 g leaf spinach',
  ])('%s: only the food is bought', (row) =>
    expect(read('Salad', '', row, '1 onion').lines).toEqual(['500 g leaf spinach', '1 onion']),
  );
  it.each([
    'toast',
    'drizzle of oil',
    'squeeze of lemon',
    'salt and pepper',
    'roast peppers',
    'toasted seeds',
    'cream 100 ml',
    'dates',
    'whipping cream',
    'pickled onions',
    'mixed leaves',
    'grated carrots',
    'pinch of salt',
  ])('%s is bought', (row) => {
    const { lines, steps } = read('Salad', '', '6 tomatoes', row);
    expect([lines.slice(1).join(' and '), steps]).toEqual([row, []]);
  });
});
