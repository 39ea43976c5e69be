import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { lineOf, parseIngredientLine } from '../recipes/index.js';
import { balanceDressing, helpFor, outOfWindow, schoolTargets } from './index.js';

const bowl = (...texts: string[]) =>
  balanceDressing(
    texts.map((text, index) => lineOf(parseIngredientLine(text, { system: 'metric' }), index, 'c1')),
    standardLarder,
    { method: 'whisk' },
  );
const openOf = (...texts: string[]) => {
  const balance = bowl(...texts);
  return outOfWindow(balance, schoolTargets[balance.school]).map((open) => ({
    ...open,
    help: helpFor(open, balance, standardLarder)?.name ?? null,
  }));
};

describe('what of a bowl is out of the window of its school', () => {
  // Oil 90 ml × 0.91 = 82 g, vinegar 30 ml × 1.01 = 30.3 g with 6 % = 1.82 g of acid.
  const plain = ['90 ml olive oil', '30 ml red wine vinegar'];
  it('nothing of three to one with 2 g of salt: 2 ÷ 114 = 1.7 %, acid 1.82 ÷ 114 = 1.6 %', () =>
    expect(openOf(...plain, '2 g fine salt')).toEqual([]));
  it('6 g of salt are 6 ÷ 118 = 5.1 %: oil is more bulk for it, never sugar', () =>
    expect(openOf(...plain, '6 g fine salt')).toEqual([
      {
        figure: 'salt',
        side: 'over',
        sentence: 'Salt is 5.1 %, over the usual 1.5–2.5 %',
        complaint: 'too salty',
        help: 'olive oil',
      },
    ]));
  it('without salt it is under, and salt helps where lemon would not', () =>
    expect(openOf(...plain)).toMatchObject([
      {
        figure: 'salt',
        side: 'under',
        sentence: 'Salt is 0 %, under the usual 1.5–2.5 %',
        help: 'fine salt',
      },
    ]));
  it('20 g of honey, 82 % sugar, are 16.4 ÷ 134 = 12.2 %: what is over comes before what is under', () => {
    const open = openOf(...plain, '20 g honey');
    expect(open.map(({ figure, side }) => `${figure} ${side}`)).toEqual(['sugar over', 'salt under']);
    expect(open[0]).toMatchObject({ complaint: 'too sweet', help: 'red wine vinegar' });
  });
  it('of an empty bowl there is nothing to say', () => expect(openOf()).toEqual([]));
  it('where a figure stands on the edge as it is shown, it is in', () => {
    const { balance, edge } = { balance: bowl(...plain), edge: schoolTargets['oil-led'].acidity[1] };
    const at = (acidity: number) =>
      outOfWindow({ ...balance, acidity, salt: 0.02 }, schoolTargets['oil-led']).map(({ figure }) => figure);
    expect(at(edge + 0.04)).toEqual([]);
    expect(at(edge + 0.06)).toEqual(['acid']);
  });
});
