import { describe, expect, it } from 'vitest';
import { markingSheets, stationCards } from '../cards/index.js';
import { standardLarder } from '../larder/index.js';
import { planClass } from '../plan/index.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';
import { type FlightBowl, flightRecipe, type FlightSharing } from './index.js';

const bowls: FlightBowl[] = [
  {
    title: 'House',
    method: 'shake',
    texts: ['90 ml olive oil', '30 ml red wine vinegar', '2 g fine salt'],
  },
  { title: 'Lime', method: 'whisk', texts: ['30 ml olive oil', '30 ml lime juice', '1 clove garlic'] },
  { title: 'Rice vinegar', method: 'shake', texts: ['20 ml rapeseed oil', '40 ml rice vinegar'] },
];
const flight = (way: FlightSharing, of = bowls) =>
  flightRecipe(of, { way, on: 'little gem leaves', larder: standardLarder, system: 'metric' });
const planned = (way: FlightSharing, tasting: 'open' | 'blind' = 'blind', people = 12) => {
  const bundle = {
    kitchen,
    class: classOf(
      [
        dish(flight(way)!, {
          portion: 'taste',
          making: { tasting, ...(way === 'each another' ? { flight: 'bowl' } : {}) },
        }),
      ],
      { people, peoplePerStation: 4 },
    ),
  };
  return { bundle, plan: planClass(bundle) };
};

describe('a flight of bowls', () => {
  it('is levelled: 62 and 60 ml are made twice beside 121 ml, so that all give as many tastes', () => {
    const recipe = flight('every station all')!;
    // Lime: 30 + 30 and a clove of 4.4 g, 4 ml: 64. × 2 is 128. Rice vinegar: 60 × 2 is 120.
    expect(recipe.lines.map(({ text }) => text)).toEqual([
      ...bowls[0]!.texts,
      '60 ml olive oil',
      '60 ml lime juice',
      '2 cloves garlic',
      '40 ml rapeseed oil',
      '80 ml rice vinegar',
      '2 heads little gem',
    ]);
    // 120 ÷ 15 is 8; a head of little gem for 4.
    expect(recipe.serves).toBe(8);
    expect(recipe.choices).toEqual([]);
  });
  it('where each station makes another one, it makes it for three stations: 120 ÷ 45 is 2', () => {
    const recipe = flight('each another')!;
    expect(recipe.serves).toBe(2);
    expect(recipe.choices[0]!.options.map(({ name }) => name)).toEqual(['A', 'B', 'C']);
    const { plan } = planned('each another');
    const dealt = plan.portions.dishes[0]!.batches.filter(({ stations }) => stations.length > 0);
    expect(dealt.map(({ stations, option }) => [stations, option])).toEqual([
      [[1], 'a'],
      [[2], 'b'],
      [[3], 'c'],
    ]);
    expect(plan.timeline.status).toBe('scheduled');
  });
  it('12 people taste each of 3: 36 spoons, a letter a bowl, a sheet a person', () => {
    const counts = (way: FlightSharing) =>
      Object.fromEntries(planned(way).plan.kit.consumables.map(({ tool, count }) => [tool, count]));
    expect(counts('each another')).toMatchObject({
      'tasting spoon for a flight': 36,
      'letter to stick on a bowl': 3,
      'sheet to mark and a pencil': 12,
    });
    // 3 stations make all 3.
    expect(counts('every station all')['letter to stick on a bowl']).toBe(9);
  });
  it('a station packs the tools of the one bowl that it makes: one whisk, and one jar for two', () => {
    const { kit } = planned('each another').plan;
    const count = (tool: string) => kit.perStation.find(({ id }) => id === tool)?.count;
    expect([count('whisk'), count('jar with lid')]).toEqual([1, 1]);
    expect(kit.shortages).toEqual([]);
  });
  it('blind, neither card nor sheet tells which is which; the key does', () => {
    const told = (tasting: 'open' | 'blind') => {
      const { bundle, plan } = planned('every station all', tasting);
      const cards = stationCards({ facts: bundle.class, kitchen, plan, techniques: [], when: 'Tuesday' });
      const sheets = markingSheets(bundle.class, 'Tuesday');
      return { cards, sheets };
    };
    const blind = told('blind');
    const dishes = blind.cards.flatMap((card) => card.dishes);
    expect(dishes[0]!.components.map(({ name }) => name).slice(0, 3)).toEqual(['Bowl A', 'Bowl B', 'Bowl C']);
    expect(dishes.map(({ title }) => title)).toContain('Blind tasting');
    expect(JSON.stringify(dishes)).not.toMatch(/House|Lime:/);
    expect(blind.sheets).toMatchObject([
      {
        copies: 12,
        rows: [
          { letter: 'A', name: '' },
          { letter: 'B', name: '' },
          { letter: 'C', name: '' },
        ],
        key: ['A: House', 'B: Lime', 'C: Rice vinegar'],
      },
    ]);
    const open = told('open');
    expect(open.cards[0]!.dishes[0]!.components[0]!.name).toBe('Bowl A: House');
    expect(open.sheets[0]!.rows[2]).toEqual({ letter: 'C', name: 'Rice vinegar' });
  });
  it.each([
    ['one bowl', bowls.slice(0, 1)],
    ['five bowls', [...bowls, ...bowls.slice(0, 2)]],
    ['an empty bowl', [bowls[0]!, { title: 'Nothing', method: 'shake' as const, texts: [''] }]],
    [
      'a bowl of which nothing is known',
      [bowls[0]!, { title: 'Zorb', method: 'shake' as const, texts: ['zorb'] }],
    ],
  ])('%s is no flight', (_, of) => expect(flight('each another', of)).toBeNull());
});
