import { describe, expect, it } from 'vitest';
import { readNeeds } from '../people/index.js';
import { readRosterCsv, writeRosterCsv } from './roster-csv.js';

let count = 0;
const read = (text: string) => readRosterCsv(text, () => `p${(count += 1)}`);
const brief = (text: string) => {
  const { allergens, diets, sensitivities, dislikes, pregnant } = readNeeds(text);
  return [
    ...allergens.map(({ what, traces }) => `${what}${traces ? '!' : ''}`),
    ...diets,
    ...sensitivities.map((word) => `?${word}`),
    ...dislikes.map((word) => `-${word}`),
    ...(pregnant ? ['pregnant'] : []),
  ];
};

describe('needs as people write them', () => {
  it.each<[string, string[]]>([
    ['none', []],
    ['N/A', []],
    ['Nut allergy', ['nuts']],
    ['Severe nut allergy', ['nuts!']],
    ['allergic to peanuts and tree nuts', ['peanut', 'nuts']],
    ['coeliac', ['gluten!']],
    ['Celiac disease', ['gluten!']],
    ['Gluten free, dairy free', ['gluten', 'milk']],
    ['GF', ['gluten']],
    ['lactose intolerant', ['?lactose']],
    ['Vegan', ['vegan']],
    ['veggie, no coriander', ['vegetarian', '?coriander']],
    ['pescatarian', ['?meat']],
    ['halal', ['halal']],
    ['no pork', ['no pork']],
    ['sesame (severe)', ['sesame!']],
    ['shellfish; mustard', ['shellfish', 'mustard']],
    ['hates olives', ['-olives']],
    ['pregnant', ['pregnant']],
    ['diabetic', ['low sugar']],
    ['cashew nuts', ['cashew']],
    ['cashews', ['cashew']],
    ['something with histamine', ['?something with histamine']],
    ['strictly vegetarian', ['vegetarian']],
    ['eggs / soy', ['egg', 'soya']],
  ])('%s', (text, needs) => expect(brief(text)).toEqual(needs));
});

describe('a roster from a file', () => {
  it('is read from a booking list with first and last names', () => {
    const { people, refused } = read(
      'First name,Surname,Dietary requirements,Age\nMira,Holt,"nut allergy, vegan",34\nOle,Brandt,none,9\n',
    );
    expect(refused).toBe('');
    expect(people.map(({ name, age, diets }) => [name, age, diets])).toEqual([
      ['Mira Holt', 'adult', ['vegan']],
      ['Ole Brandt', 'child', []],
    ]);
  });

  it('is told row by row what was not taken, and takes the rest', () => {
    const { people, report } = read(
      'name,station,age\nMira,2,\n,1,\nMira,3,\nOle,window,\nPia,,old\nJo,Station 4,71\n',
    );
    expect(people.map(({ name, station, age }) => [name, station, age])).toEqual([
      ['Mira', 2, 'adult'],
      ['Jo', 4, 'older'],
    ]);
    expect(report.map(({ row, refused }) => [row, refused])).toEqual([
      [2, ''],
      [3, 'A row needs a name.'],
      [4, 'Somebody of this name stands above: add an initial.'],
      [5, '“window” is no station number.'],
      [6, '“old” is no age: write years, or adult or child.'],
      [7, ''],
    ]);
  });

  it('is refused whole where no column is a name', () => {
    expect(read('a,b\n1,2\n').refused).toContain('“name”');
  });

  it('goes out and comes back as it was, and no cell is a formula', () => {
    const first = read(
      'name;needs;friends;left-handed\n=Mira;"sesame traces, vegan";Ole;yes\nOle;;;\n'.replaceAll(';', ','),
    ).people;
    const text = writeRosterCsv(first);
    expect(text).toContain("'=Mira");
    const again = read(text.replace("'=Mira", '=Mira')).people;
    const plain = (people: typeof first) =>
      people.map(({ id: _id, friends, ...rest }) => ({ ...rest, friends: friends.length }));
    expect(plain(again)).toEqual(plain(first));
  });
});
