import { describe, expect, it } from 'vitest';
import { parseRecipeText } from '../text/text.js';
import { parseIngredientLine } from './line.js';

const unread = (text: string) => parseIngredientLine(text, { system: 'us' }).unread;

describe('amounts of nothing are read, never thrown at', () => {
  it('two nothings agree', () => expect(unread('0 g (0 oz) flour')).toBe(''));
  it('nothing against 240 ml is said', () =>
    expect(unread('0 cups (240 ml) milk')).toBe('one of the two amounts is nothing'));
  it('0–1 tbsp and 0–15 ml are compared by their high ends: 14.8 and 15 ml', () =>
    expect(unread('0-1 tbsp (0-15 ml) olive oil')).toBe(''));
  it('0–1 tbsp and 0–30 ml are not: 30 ÷ 14.79 − 1 = 103 %', () =>
    expect(unread('0-1 tbsp (0-30 ml) olive oil')).toBe('the two amounts differ by 103 %'));
  it('in a whole text too', () =>
    expect(
      parseRecipeText('Slaw\nServes 4\nIngredients\n0-1 tbsp (0-15 ml) olive oil\nMethod\nStir.', {
        system: 'us',
      }).lines,
    ).toHaveLength(1));
});
