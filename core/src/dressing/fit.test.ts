import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { lineOf, parseIngredientLine } from '../recipes/index.js';
import { balanceDressing, fitDressing, fitTolerances } from './index.js';

const linesOf = (...texts: string[]) =>
  texts.map((text, index) => lineOf(parseIngredientLine(text, { system: 'metric' }), index, 'c1'));

describe('solving for a target', () => {
  const start = linesOf('100 ml olive oil', '40 ml cider vinegar', '1 tsp fine salt', '1 tsp honey');
  const options = { larder: standardLarder };
  it.each([
    [{ ratio: 3, salt: 2, millilitres: 200 }],
    [{ ratio: 2, salt: 1.8, sugar: 2, millilitres: 300 }],
    [{ ratio: 1, salt: 2, sugar: 4, millilitres: 250 }],
    [{ ratio: 1 / 3, salt: 2, sugar: 8, millilitres: 240 }],
  ])('%j is met in measures that spoons give, when recomputed', (target) => {
    const found = fitDressing(start, target, options);
    expect(found.problem).toBe('');
    expect(found.missed).toEqual([]);
    const again = balanceDressing(found.lines, standardLarder, { method: 'whisk' });
    expect(Math.abs(again.ratio! / target.ratio - 1)).toBeLessThanOrEqual(fitTolerances.ratio);
    expect(Math.abs(again.salt * 100 - target.salt)).toBeLessThanOrEqual(fitTolerances.salt);
    expect(Math.abs(again.millilitres / target.millilitres - 1)).toBeLessThanOrEqual(
      fitTolerances.millilitres,
    );
    for (const { unit, amount } of found.lines) {
      expect(unit).toBe('tsp');
      const [over, under = '1'] = amount!.low.split('/');
      expect(8 % Number(under)).toBe(0);
      expect(Number(over)).toBeGreaterThan(0);
    }
  });
  it('what is fixed stays: with 100 ml of oil fixed, 3 : 1 takes 33 ml of vinegar', () => {
    const fixed = start.map((line, index) => ({ ...line, isFixed: index === 0 }));
    const found = fitDressing(fixed, { ratio: 3 }, options);
    expect(found.lines[0]).toBe(fixed[0]);
    expect(Math.abs(found.balance.ratio! / 3 - 1)).toBeLessThanOrEqual(0.05);
  });
  it('where it cannot be done, the nearest, and what gives way', () => {
    const fixed = start.map((line, index) => ({ ...line, isFixed: index < 2 }));
    const found = fitDressing(fixed, { ratio: 1, salt: 2 }, options);
    expect(found.missed).toEqual(['ratio']);
    expect(Math.abs(found.balance.salt * 100 - 2)).toBeLessThanOrEqual(0.15);
  });
  it.each([
    ['nothing in it', [], { ratio: 3 }],
    ['all fixed', start.map((line) => ({ ...line, isFixed: true })), { ratio: 3 }],
    ['no acid', start.slice(0, 1), { ratio: 3 }],
    ['no number', start, { ratio: Number.NaN }],
    ['less than nothing', start, { salt: -1 }],
    ['more salt than food', start, { salt: 60 }],
    ['a bowl of nothing', start, { millilitres: 0 }],
    ['no oil to any acid', start, { ratio: 0 }],
    ['unknown food only', linesOf('1 handful moon dust'), { salt: 2 }],
  ])('%s: a sentence, never NaN', (_, lines, target) => {
    const found = fitDressing(lines, target, options);
    expect(found.problem).toMatch(/\.$/);
    expect(found.lines).toBe(lines);
  });
});
