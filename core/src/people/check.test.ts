import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allergenNeeds, ages, personDiets, type Person } from '../class/index.js';
import { planClass } from '../plan/index.js';
import { dishesInstead, peopleRemedies, withPeopleChange } from '../questions/index.js';
import { checked, roomOf, somebody } from '../tests/people.js';

const told = (person: Person) =>
  checked(roomOf([person])).findings.map(({ kind, level, dish, what }) => [kind, level, dish, what]);

describe('somebody against what is planned', () => {
  const at2 = (of: Partial<Person>) => somebody('mira', { station: 2, ...of });

  it('finds an allergen in what they make and eat', () => {
    expect(told(at2({ allergens: [{ what: 'nuts', traces: false }] }))).toEqual([
      ['allergen', 'harm', 'Pear and walnut salad', 'nuts'],
    ]);
  });

  it.each(['demonstration', 'made ahead', 'one big batch', 'some stations'] as const)(
    'finds it in what is served to all: %s',
    (maker) => {
      const bundle = roomOf([at2({ allergens: [{ what: 'nuts', traces: false }] })]);
      const dishes = bundle.class.dishes.map((dish) => ({ ...dish, maker }));
      const { findings } = checked({ ...bundle, class: { ...bundle.class, dishes } });
      expect(findings.map(({ kind, level, meeting }) => [kind, level, meeting])).toEqual([
        ['allergen', 'harm', 'served'],
      ]);
    },
  );

  it('asks for a set of its own where traces matter, until there is one', () => {
    const mira = at2({ allergens: [{ what: 'sesame', traces: true }] });
    expect(told(mira).map(([kind]) => kind)).toEqual(['traces', 'allergen']);
    const bundle = roomOf([mira], { decisions: { ownSets: [{ station: 2, without: 'sesame' }] } });
    expect(checked(bundle).findings.map(({ kind }) => kind)).toEqual(['allergen']);
    const elsewhere = roomOf([mira], { decisions: { ownSets: [{ station: 1, without: 'sesame' }] } });
    expect(checked(elsewhere).findings.map(({ kind }) => kind)).toEqual(['traces', 'allergen']);
  });

  it.each<[string, Partial<Person>, string[]]>([
    ['a vegan', { diets: ['vegan'] }, ['vegan']],
    ['a vegetarian', { diets: ['vegetarian'] }, []],
    ['who keeps from pork', { diets: ['no pork'] }, []],
    ['who eats little salt', { diets: ['low salt'] }, ['low salt']],
    ['who bears no lactose', { sensitivities: ['lactose'] }, ['lactose']],
    ['who does not like pears', { dislikes: ['pears'] }, ['pears']],
    ['a small child', { age: 'small child' }, ['choking']],
    ['who is pregnant', { pregnant: true }, []],
    ['a child of eight', { age: 'child' }, []],
  ])('%s', (_, needs, found) => {
    expect(told(at2(needs)).map(([, , , what]) => what)).toEqual(found);
  });

  it('says of words that it cannot look for that it does not', () => {
    const [found] = checked(roomOf([at2({ sensitivities: ['histamine'] })])).findings;
    expect(found!.sentence).toBe('Mira, station 2: lines are not looked at for “histamine”');
  });

  it.each([
    [true, ['traces', 'harm']],
    [false, ['traces', 'look']],
  ])('counts what a pack may contain, where traces matter (%s) as harm', (traces, found) => {
    const bundle = roomOf([at2({ allergens: [{ what: 'peanut', traces }] })]);
    const larder = [{ ingredient: 'pear', figures: {}, own: null, mayContain: ['peanut' as const] }];
    const { findings } = checked({ ...bundle, kitchen: { ...bundle.kitchen, larder } });
    expect(findings.map(({ kind, level, sentence }) => [kind, level, sentence])).toEqual([
      [...found, 'Mira, station 2: “Pear and walnut salad” has pears (may contain peanut)'],
    ]);
  });

  it('says of a line that nobody knows that it is not known', () => {
    const bundle = roomOf([at2({ allergens: [{ what: 'celery', traces: false }] })]);
    const [salad] = bundle.class.dishes;
    const odd = {
      ...salad!.recipe.lines[0]!,
      id: 'odd',
      name: 'zorble paste',
      text: 'zorble',
      ingredient: null,
    };
    const recipe = { ...salad!.recipe, lines: [...salad!.recipe.lines, odd] };
    const { findings, summaries } = checked({
      ...bundle,
      class: { ...bundle.class, dishes: [{ ...salad!, recipe }] },
    });
    expect(findings.map(({ kind, level }) => [kind, level])).toEqual([['not known', 'look']]);
    expect(summaries[0]!.sentence).toBe(
      'No listed celery in what is planned; 1 thing not known; check the labels.',
    );
  });

  it.each<[Partial<Person>, string]>([
    [{ pregnant: true }, 'No listed food to avoid when pregnant in what is planned; check the labels.'],
    [{ age: 'child' }, 'No needs written down.'],
    [{ age: 'small child' }, '1 thing to look at: choking; check the labels.'],
  ])('says of somebody at risk what was looked for: %o', (of, sentence) => {
    expect(checked(roomOf([at2(of)])).summaries[0]!.sentence).toBe(sentence);
  });

  it('never calls anything safe', () => {
    const words = JSON.stringify(checked(roomOf([at2({ allergens: [{ what: 'celery', traces: false }] })])));
    expect(words).not.toMatch(/\bsafe\b/i);
    expect(words).toContain('No listed celery in what is planned; check the labels.');
  });
});

describe('ways out of a finding', () => {
  const mira = somebody('mira', { station: 2, allergens: [{ what: 'nuts', traces: false }] });
  const bundle = roomOf([mira, somebody('ole', { station: 2, diets: ['vegan'] })]);
  const finding = checked(bundle).findings.find(({ kind }) => kind === 'allergen')!;

  it('swap at the station, leave out there, or swap for all; each gone when it is taken', () => {
    const ways = peopleRemedies(bundle, finding);
    expect(ways.map(({ kind, title }) => [kind, title])).toEqual([
      ['substitute', 'Pumpkin seeds instead of walnut halves at station 2'],
      ['leave out', 'No walnut halves at station 2'],
      ['substitute for all', 'Pumpkin seeds instead of walnut halves for everybody'],
    ]);
    expect(ways[0]!.effect).toContain('Station 2: 40 g pumpkin seeds.');
    for (const { change } of ways) {
      const after = checked({ ...bundle, class: withPeopleChange(bundle.class, change) }).findings;
      expect(after.some(({ id }) => id === finding.id)).toBe(false);
    }
  });

  it('leaves the plate that is shown as a thing to keep from them', () => {
    const [swap] = peopleRemedies(bundle, finding);
    const after = checked({ ...bundle, class: withPeopleChange(bundle.class, swap!.change) }).findings;
    expect(after.filter(({ person }) => person === 'Mira').map(({ meeting }) => meeting)).toEqual(['shown']);
  });

  it('mends the same for two at once, though the plate that is shown is left for both', () => {
    const two = roomOf([
      somebody('mira', { station: 2, diets: ['vegan'] }),
      somebody('ole', { station: 2, sensitivities: ['lactose'] }),
    ]);
    const found = checked(two).findings.find(({ what }) => what === 'vegan')!;
    expect(peopleRemedies(two, found).map(({ kind }) => kind)).toContain('substitute');
  });

  it('brings nothing that somebody else at the station has', () => {
    const kai = somebody('kai', { station: 2, sensitivities: ['pumpkin seeds'] });
    const three = roomOf([...bundle.class.roster!, kai]);
    const titles = peopleRemedies(
      three,
      checked(three).findings.find(({ id }) => id === finding.id)!,
    ).map(({ title }) => title);
    expect(titles).toEqual(['No walnut halves at station 2']);
  });
});

describe('another dish', () => {
  it('is one that goes with everybody', () => {
    const mira = somebody('mira', { station: 1, allergens: [{ what: 'nuts', traces: false }] });
    const bundle = roomOf([mira]);
    const [salad, dip] = bundle.class.dishes;
    const offered = [
      { ...salad!, id: 'again' },
      { ...dip!, id: 'dip' },
    ];
    expect(dishesInstead(bundle, 'd1', offered).map(({ id }) => id)).toEqual(['dip']);
  });
});

const needs: fc.Arbitrary<Partial<Person>> = fc.record({
  station: fc.constantFrom(1, 2, 3, null),
  allergens: fc.uniqueArray(fc.record({ what: fc.constantFrom(...allergenNeeds), traces: fc.boolean() }), {
    maxLength: 2,
    selector: ({ what }) => what,
  }),
  diets: fc.uniqueArray(fc.constantFrom(...personDiets), { maxLength: 2 }),
  dislikes: fc.subarray(['walnut', 'rocket', 'coriander']),
  age: fc.constantFrom(...ages),
  pregnant: fc.boolean(),
});
const rosters = fc
  .array(needs, { minLength: 1, maxLength: 6 })
  .map((all) => all.map((of, index) => somebody(`p${index}`, of)));

describe('whoever comes', () => {
  it('is found the same in any order, and takes only their own findings along', () => {
    fc.assert(
      fc.property(rosters, (roster) => {
        const ids = (of: readonly Person[]) => checked(roomOf(of)).findings.map(({ id }) => id);
        // Seats move with who is named, so the room stays as it is: findings alone are compared.
        const all = ids(roster);
        expect([...ids([...roster].reverse())].sort()).toEqual([...all].sort());
        const [gone, ...rest] = roster;
        expect([...ids(rest)].sort()).toEqual(all.filter((id) => !id.startsWith(`${gone!.id}:`)).sort());
      }),
      { numRuns: 25 },
    );
  });

  it('is brought nothing grave by a swap for another', () => {
    fc.assert(
      fc.property(rosters, (roster) => {
        const bundle = roomOf(roster);
        const before = checked(bundle).findings;
        const grave = before.find(({ level, kind }) => level === 'harm' && kind === 'allergen');
        if (!grave) return;
        const known = new Set(before.map(({ id }) => id));
        for (const { change } of peopleRemedies(bundle, grave).slice(0, 2)) {
          const after = checked({ ...bundle, class: withPeopleChange(bundle.class, change) }).findings;
          expect(after.filter(({ id, level }) => level === 'harm' && !known.has(id))).toEqual([]);
        }
      }),
      { numRuns: 20 },
    );
  });

  it('keeps their name out of ids and of what is packed, bought and printed', () => {
    const mira = somebody('x1', { name: 'Zzyx', station: 2, allergens: [{ what: 'nuts', traces: true }] });
    const { people, warnings, noted, ...lists } = planClass(roomOf([mira]));
    expect(JSON.stringify(lists)).not.toContain('Zzyx');
    expect(JSON.stringify([...people.findings, ...warnings, ...noted].map(({ id }) => id))).not.toContain(
      'Zzyx',
    );
  });
});
