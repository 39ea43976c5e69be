import { describe, expect, it } from 'vitest';
import type { Vessel } from '../class/index.js';
import { standardLarder } from '../larder/index.js';
import { lineOf, parseIngredientLine } from '../recipes/index.js';
import {
  balanceDressing,
  dipServing,
  type DressingMethod,
  dressingKeeping,
  dressingLabel,
  heatingAdvice,
  liquidToReach,
  secondUses,
  waysOf,
} from './index.js';

const linesOf = (texts: readonly string[]) =>
  texts.map((text, index) => lineOf(parseIngredientLine(text, { system: 'metric' }), index, 'c1'));
const bowl = (texts: readonly string[], method: DressingMethod = 'whisk') =>
  balanceDressing(linesOf(texts), standardLarder, { method });
const vessel = (kind: Vessel['kind'], millilitres: number): Vessel => ({
  name: `${kind} of ${millilitres} ml`,
  kind,
  millilitres,
  squareCentimetres: 0,
  count: 1,
});
const vinaigrette = ['90 ml olive oil', '30 ml red wine vinegar', '1 tsp Dijon mustard'];
const hummus = ['240 g chickpeas, drained', '60 g tahini', '30 ml lemon juice', '1 clove garlic'];
const yoghurt = ['200 g strained yoghurt', '2 g fine salt'];

describe('how a bowl is brought together', () => {
  const ways = (texts: readonly string[], vessels: readonly Vessel[]) =>
    waysOf(linesOf(texts), standardLarder, { vessels, system: 'metric' });
  const wayIn = (kind: string, texts: readonly string[], vessels: readonly Vessel[]) =>
    ways(texts, vessels).find(({ name }) => name.includes(kind))!;
  it('125 ml fill a jar of 200 to two thirds, 133 ml, and not one of 180: 120', () => {
    const jars = [vessel('jar', 180), vessel('jar', 200)];
    expect(wayIn('jar', vinaigrette, jars)).toMatchObject({ rounds: 1, vessel: { millilitres: 200 } });
    // 125 ÷ 120 is more than one: two rounds of 2 min, and 1.25 × 0.2: 4.25, so 5 min.
    expect(wayIn('jar', vinaigrette, jars.slice(0, 1))).toMatchObject({ rounds: 2, minutes: 5 });
  });
  it('blades are covered from 200 ml on: 125 ml are made 2 times', () =>
    // 200 ÷ 125 is 1.6, to the next half 2.
    expect(wayIn('jug', vinaigrette, [vessel('jug blender', 1750)]).problem).toBe(
      'Too little to cover the blades: at least 200 ml, 2 times this bowl.',
    ));
  it('what the kitchen has not is said, and comes last', () => {
    const found = ways(vinaigrette, [vessel('bowl', 600)]);
    expect(found[0]).toMatchObject({ name: 'whisked in a stream', problem: '', holdMinutes: 45 });
    // 3 min, and 1.25 × 1.5: 4.9.
    expect(found[0]!.minutes).toBe(5);
    expect(found.slice(1).map(({ problem }) => problem)).toContain('The kitchen has no jar.');
  });
  it('a paste of garlic and salt takes garlic', () => {
    const bowls = [vessel('bowl', 600)];
    expect(wayIn('paste', vinaigrette, bowls)).toBeUndefined();
    expect(wayIn('paste', [...vinaigrette, '1 clove garlic'], bowls).holdMinutes).toBe(10);
  });
  it('pulses are broken down before there is a dip: neither shaken nor whisked', () => {
    const found = ways(hummus, [vessel('jar', 1000), vessel('bowl', 2000), vessel('food processor', 2000)]);
    expect(found[0]).toMatchObject({ name: 'in a food processor', problem: '' });
    expect(wayIn('whisked', hummus, [vessel('bowl', 2000)]).problem).toMatch(/broken down/);
    expect(wayIn('jar', hummus, [vessel('jar', 1000)]).problem).toBe('Too thick to shake.');
  });
});

describe('dips', () => {
  it('600 ml are enough for 10 at 60 ml, with 50 to 60 pieces, scraped down 2 times and once more', () =>
    expect(dipServing({ millilitres: 600 })).toMatchObject({
      portions: 10,
      dippers: [50, 60],
      scrapings: 3,
    }));
  it('nothing is enough for nobody', () =>
    expect(dipServing({ millilitres: 0 })).toMatchObject({ portions: 0, dippers: [0, 0], scrapings: 0 }));
  it('200 g of Greek yoghurt pour with so much water that solids and bound fat are under 10 %', () => {
    // 200 g: 20 fat, 7.6 sugar, 0.2 salt, 2 acid, 154 water: 16.2 solids; 2 g of salt. 16.2 and 20 × 0.4 are
    // 24.2 ÷ 202 = 12 %. 202 × (0.1198 ÷ 0.098 − 1) = 44.9 g: 9 tsp.
    const found = liquidToReach(bowl(yoghurt), 'pourable');
    expect(found).toMatchObject({ teaspoons: 9, problem: '' });
    expect(bowl([...yoghurt, `${found.teaspoons * 5} ml water`]).thickness).toBe('pourable');
  });
  it('thicker it gets by no liquid, and a dip that pours is another recipe', () => {
    expect(liquidToReach(bowl(hummus, 'blend'), 'spreadable').problem).toBe(
      'Liquid only thins it: more chickpeas makes it thicker.',
    );
    expect(liquidToReach(bowl(hummus, 'blend'), 'pourable').problem).toMatch(/another recipe/);
    expect(liquidToReach(bowl(hummus, 'blend'), 'dippable').problem).toBe('It is dippable as it is.');
    expect(liquidToReach(bowl([]), 'pourable').problem).toBe('There is nothing in the bowl yet.');
  });
  it('in the cold it is firmer by a quarter', () => {
    const cold = balanceDressing(linesOf(yoghurt), standardLarder, { method: 'whisk', temperature: 'cold' });
    expect(cold.firmness / bowl(yoghurt).firmness).toBeCloseTo(1.25);
  });
});

describe('second uses', () => {
  it('a vinaigrette: a marinade, taken out before raw food touches it, a sauce, a spread', () => {
    const found = secondUses(bowl(vinaigrette));
    expect(found.map(({ use }) => use)).toEqual(['marinade', 'sauce for warm vegetables', 'spread']);
    expect(found[0]!.cautions[0]).toMatch(/before raw food touches it/);
    expect(found[0]!.cautions[1]).toMatch(/30 min at most/);
  });
  it('what is sweet burns: the honey is left out of a marinade', () =>
    // 20 g of honey are 16 of sugar in 147 g: 11 %.
    expect(secondUses(bowl([...vinaigrette, '20 g honey']))[0]!.changes[0]).toBe(
      'Leave out the honey: it burns on the grill. Brush it on at the end.',
    ));
  it('a dip is no marinade, and nothing is nothing', () => {
    expect(secondUses(bowl(hummus, 'blend')).map(({ use }) => use)).not.toContain('marinade');
    expect(secondUses(bowl([]))).toEqual([]);
  });
  it('milder by half of what is sharp, hotter by ¼ tsp of chilli flakes for 120 ml', () => {
    expect(heatingAdvice(bowl(['90 ml olive oil', '30 ml lemon juice', '1 clove garlic']))).toMatchObject({
      milder: 'Half of the garlic, the other half at the table',
      hotter: '¼ tsp chilli flakes, in the acid for 5 min first',
    });
    expect(heatingAdvice(bowl(['90 ml olive oil', '30 ml lemon juice']))!.milder).toBe('It is mild as it is');
    expect(heatingAdvice(bowl([]))).toBeNull();
  });
  it.each([
    [vinaigrette, 7],
    [[...vinaigrette, '1 clove garlic'], 3],
    [yoghurt, 3],
    [[...vinaigrette, '1 egg yolk'], 1],
    [[...vinaigrette, '1 tbsp quince paste'], 1],
  ])('%j keeps %d days cold', (texts, days) =>
    expect(dressingKeeping(bowl(texts), standardLarder).days).toBe(days),
  );
  it('its label names the allergens, and what is not known', () => {
    const label = (texts: readonly string[]) =>
      dressingLabel('House', bowl(texts), standardLarder, (days) => `day ${days}`);
    expect(label(vinaigrette)).toBe('House · keep cold · use by day 7 · contains sulphites, mustard');
    expect(label(['90 ml olive oil', '30 ml lemon juice'])).toBe(
      'House · keep cold · use by day 7 · no listed allergen',
    );
    expect(label(['90 ml olive oil', '30 g quince paste'])).toMatch(/not all known: check the labels/);
  });
});
