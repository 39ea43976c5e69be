import { describe, expect, it } from 'vitest';
import { familiesTable } from './data/families.js';
import { family, familyNames } from './families.js';
import { standardLarder } from './index.js';

describe('families of foods', () => {
  it.each(familyNames)('%s has only foods of the larder, each once', (name) => {
    const row = familiesTable.split('\n').find((each) => each.startsWith(`${name},`))!;
    const own = row.split(',')[1]!.split(' ');
    expect(own.filter((id, index) => own.indexOf(id) !== index)).toEqual([]);
    expect([...family(name).ids].filter((id) => !standardLarder.ingredients.has(id))).toEqual([]);
  });
  it('a family may hold another, and several are asked at once', () => {
    expect(family('meat').has('beef-steak')).toBe(true);
    expect(family('meat').has('champagne-vinegar')).toBe(false);
    expect(family('fish', 'molluscs').has('oysters')).toBe(true);
  });
  it('one that there is not is no empty family', () => {
    expect(() => family('unicorns')).toThrow('The larder has no family “unicorns”.');
  });
  it('all that is raw meat, fish or shellfish is of a family of it', () => {
    const known = family('meat', 'fresh fish and shellfish');
    const raw = [...standardLarder.ingredients.values()].filter(({ cautions }) =>
      cautions.includes('raw-protein'),
    );
    expect(raw.map(({ id }) => id).filter((id) => !known.has(id))).toEqual([]);
  });
  it('all that carries the caution of kidney beans is of their family', () => {
    const known = family('kidney-type beans');
    const kind = [...standardLarder.ingredients.values()].filter(({ cautions }) =>
      cautions.includes('kidney-type-beans'),
    );
    expect(kind.map(({ id }) => id).filter((id) => !known.has(id))).toEqual([]);
  });
  it.each([
    ['cheese', 'camembert', 'paneer', 'halloumi', 'gouda'],
    ['meat', 'smoked-duck', 'merguez', 'chicken-livers', 'pancetta'],
    ['alliums', 'leek', 'chives', 'black-garlic'],
    ['citrus', 'yuzu', 'kumquat', 'blood-orange'],
    ['pulses', 'adzuki-beans', 'red-lentils', 'tinned-chickpeas'],
  ])('%s has what a pattern on names would miss', (name, ...ids) => {
    const members = family(name);
    expect(ids.filter((id) => !members.has(id))).toEqual([]);
  });
});
