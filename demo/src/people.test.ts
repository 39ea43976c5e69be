import {
  type AllergenNeedOf,
  allergenNeeds,
  nobody,
  peopleOfClass,
  type Person,
  substancesOf,
  usualKitchen,
} from '@fornax/core';
import { describe, expect, it } from 'vitest';
import { demoClasses, demoKitchen, demoRecipes } from './index.js';

/**
 * What each recipe of the demo holds, read off its lines by hand: mustard is in Dijon and wholegrain mustard
 * and in bought mayonnaise; sulphites are in mustard and in wine and cider vinegar; farro and flatbread are
 * wheat; soy sauce is soya and wheat.
 */
const byHand: Readonly<Record<string, readonly string[]>> = {
  'fennel-pear': ['mustard', 'sulphites', 'walnut'],
  'carrot-farro': ['wheat', 'milk'],
  slaw: ['milk', 'egg', 'mustard', 'sulphites'],
  beetroot: ['hazelnut', 'sulphites'],
  'chickpea-egg': ['egg', 'milk', 'mustard', 'sulphites'],
  'potato-green-bean': ['mustard', 'sulphites'],
  'white-bean': ['wheat'],
  aubergine: ['sesame'],
  vinaigrettes: ['mustard', 'sulphites', 'sesame', 'soya', 'wheat'],
  'herb-yoghurt': ['milk'],
  'house-mustard': ['mustard', 'sulphites'],
  'house-leaves': [],
  'cider-wholegrain': ['mustard', 'sulphites'],
  'lime-honey': [],
  'sharp-soy': ['sulphites', 'soya', 'wheat'],
  'tahini-lemon': ['sesame'],
  'orange-lime': [],
  'whipped-feta': ['milk'],
};

const kitchen = { ...usualKitchen, ...demoKitchen };
const allergic = (what: AllergenNeedOf): Person => ({
  ...nobody,
  id: what,
  name: what,
  station: 1,
  allergens: [{ what, traces: false }],
});
const facts = (key: string, roster: readonly Person[]) => ({
  ...demoClasses('2026-11-24')[0]!,
  id: 'c',
  zone: demoKitchen.zone,
  people: roster.length,
  peoplePerStation: 12,
  roster,
  dishes: [
    {
      id: 'd',
      recipeId: key,
      version: 1,
      portion: 'taste' as const,
      maker: 'every station' as const,
      choices: {},
      recipe: demoRecipes.find((each) => each.key === key)!.recipe,
    },
  ],
});

describe('every allergen against every dish', () => {
  it('every recipe of the demo is in the table', () =>
    expect(Object.keys(byHand).sort()).toEqual(demoRecipes.map(({ key }) => key).sort()));

  it.each(Object.entries(byHand))('%s', (key, holds) => {
    const roster = allergenNeeds.map(allergic);
    const { findings } = peopleOfClass(facts(key, roster), kitchen).check;
    const found = findings.filter(({ kind }) => kind === 'allergen').map(({ personId }) => personId);
    const expected = allergenNeeds.filter((what) => substancesOf(what).some((each) => holds.includes(each)));
    expect([...found].sort()).toEqual([...expected].sort());
  });
});

describe('the people of the demo', () => {
  const smoke = demoClasses('2026-11-24').find(({ roster }) => roster)!;
  const has = (is: (person: Person) => boolean) => smoke.roster!.filter(is).length;
  it('are one with a nut allergy, a coeliac, a vegan, two children and one who is pregnant', () => {
    expect(has(({ allergens }) => allergens.some(({ what }) => what === 'nuts'))).toBe(1);
    expect(has(({ allergens }) => allergens.some(({ what }) => what === 'gluten'))).toBe(1);
    expect(has(({ diets }) => diets.includes('vegan'))).toBe(1);
    expect(has(({ age }) => age === 'child' || age === 'small child')).toBe(2);
    expect(has(({ pregnant }) => pregnant)).toBe(1);
  });
});
