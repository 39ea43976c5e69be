import { nobody, type Person } from '@fornax/core';

const id = (number: number) => `01930000-0000-7000-8000-${String(number).padStart(12, '0')}`;

const somebody = (number: number, name: string, of: Partial<Person>): Person => ({
  ...nobody,
  ...of,
  id: id(number),
  name,
});

/** Who comes to the class with smoke and char, all made up. Four more are only counted. */
export const smokePeople: readonly Person[] = [
  somebody(1, 'Aino Bergholm', { station: 1, allergens: [{ what: 'nuts', traces: true }] }),
  somebody(2, 'Bruno Halewyn', { station: 1, experienced: true }),
  somebody(3, 'Tomasz Wrenski', { station: 2, allergens: [{ what: 'gluten', traces: true }] }),
  somebody(4, 'Greta Lundmark', { station: 2, leftHanded: true, experienced: true }),
  somebody(5, 'Priya Nandalal', { station: 3, diets: ['vegan'] }),
  somebody(6, 'Sanne Vikander', { station: 3, pregnant: true, friends: [id(5)] }),
  somebody(7, 'Nadia Okaforte', { station: 4, friends: [id(8), id(9)] }),
  somebody(8, 'Leo Okaforte', { station: 4, age: 'child' }),
  somebody(9, 'Ida Okaforte', { station: 4, age: 'small child', heat: 'none' }),
  somebody(10, 'Yusuf Demirkan', { station: 2, diets: ['halal'] }),
  somebody(11, 'Marta Silvano', { station: 3, dislikes: ['coriander'], reach: 'sits' }),
  somebody(12, 'Oskar Fenwright', { station: 1, sensitivities: ['raw onion'] }),
];
