import type { Section } from './types.js';

/** Families that a kitchen chooses of for what it buys in a section; others are told by them. */
const bySection: Readonly<Record<Section, string>> = {
  'fish and meat':
    'poultry;red meat;pork;minced meat;cured raw meat;liver;fish;smoked fish;crustaceans;molluscs;gelatine',
  'dairy and eggs': 'eggs;fresh dairy;cheese;blue cheese;mould-ripened cheese;tofu',
  vegetables:
    'potatoes;tomatoes;onions;alliums;nightshades;mushrooms;sprouts;chokes whole;hot by hand;burns the mouth',
  'salad and herbs': 'cut leaves;sturdy leaves;soft herbs;sprouts;alliums',
  fruit: 'citrus;sour;stone fruit;chokes whole',
  bakery: 'bread;eggs;nuts;seeds',
  'tins and jars': 'pulses;fish;tomatoes;mayonnaise;salty;sour;burns the mouth;nuts;chokes whole',
  'oils and vinegars': 'oils;vinegars;sour;salty;alcohol;burns the mouth',
  'grains and pulses': 'pulses;kidney-type beans;grains;rice;pasta',
  'nuts and seeds': 'nuts;seeds;chokes whole',
  'spices and seasoning': 'burns the mouth;salty;seeds;mushrooms',
  'baking and sweet': 'honey;gelatine;alcohol;nuts;flour',
  other:
    'poultry;red meat;pork;fish;crustaceans;molluscs;eggs;cheese;pulses;grains;nuts;seeds;alcohol;' +
    'gelatine',
};

/** What an ingredient of a kitchen's own can be said to be: what its section offers, and what it is. */
export function familiesToChoose(section: Section, chosen: readonly string[] = []): string[] {
  return [...new Set([...chosen, ...bySection[section].split(';')])];
}
