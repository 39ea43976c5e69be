import { describe, expect, it } from 'vitest';
import { foreignMoney, moneyProblem } from './money.js';

describe('money that is named', () => {
  it.each([
    ['2.50', 'GBP', null],
    ['£2.50', 'GBP', null],
    ['2.50 GBP', 'GBP', null],
    ['€2.50', 'GBP', 'EUR'],
    ['2.50 EUR', 'GBP', 'EUR'],
    ['$3', 'GBP', 'USD'],
    ['3 CHF a pack', 'EUR', 'CHF'],
    ['¥300', 'JPY', null],
  ])('%s in a kitchen that counts in %s: %s', (text, currency, foreign) =>
    expect(foreignMoney(text, currency)).toBe(foreign),
  );
  it('a bare dollar may be an Australian one, where the kitchen counts in those', () =>
    expect(foreignMoney('$3', 'AUD')).toBeNull());
  it('says what to do', () =>
    expect([moneyProblem('€2', 'GBP'), moneyProblem('2', 'GBP')]).toEqual([
      'This price is in EUR; the kitchen counts in GBP. Convert it first.',
      '',
    ]));
});
