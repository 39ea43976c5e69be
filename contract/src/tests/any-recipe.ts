import {
  waysOfHeat,
  appliances,
  bases,
  byProducts,
  componentRoles,
  dishKinds,
  forms,
  measureSystems,
  portions,
  scalings,
  standardLarder,
  stepPlaces,
  unitIds,
} from '@fornax/core';
import fc from 'fast-check';

/** Words that mean something to the language the program is written in, and nothing to a cook. */
export const oddWords = ['toString', 'hasOwnProperty', 'valueOf', 'isPrototypeOf'];
export const uuid = fc.uuid({ version: 4 });
export const id = fc.oneof(
  { weight: 6, arbitrary: fc.stringMatching(/^[a-z][0-9]$/) },
  { weight: 1, arbitrary: fc.constantFrom(...oddWords) },
);
export const words = fc.oneof(
  fc.constantFrom(
    'Whisk the oil in.',
    'Chill overnight.',
    'Toss with the dressing.',
    'Boil, drain and cool.',
  ),
  fc.constantFrom(...oddWords, 'salt', '½ lemon', '❤️ und Süßes', '   ', '<b>bold</b>', '7'),
  fc.string({ minLength: 1, maxLength: 30 }),
);
export const text = (most: number) => fc.oneof(words, fc.constant('x'.repeat(most)));
const larderIds = [...standardLarder.ingredients.keys()];
export const ingredient = fc.oneof(
  { weight: 5, arbitrary: fc.constantFrom(...larderIds) },
  { weight: 1, arbitrary: fc.constantFrom('valueof', 'marsh-samphire', 'own-1') },
);
const rational = fc.oneof(
  { weight: 6, arbitrary: fc.constantFrom('1', '2', '1/2', '3/4', '250', '7/3') },
  {
    weight: 1,
    arbitrary: fc.constantFrom('1000000', '1/1000000', '999999999999/999999999', '1/999999'),
  },
);
const ends = fc.tuple(rational, rational).map(([low, high]) => ({ low, high }));
const unit = fc.constantFrom(...unitIds);
export const amount = fc.tuple(ends, unit).map(([of, in_]) => ({ ...of, unit: in_ }));
export const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: null });
export const some = <T>(of: readonly T[], most: number) =>
  fc.array(fc.constantFrom(...of), { maxLength: most });
const when = fc.record({ choice: id, option: id });

const line = fc.record({
  id,
  componentId: id,
  text: text(1000),
  amount: maybe(ends),
  unit: maybe(unit),
  pack: maybe(amount),
  second: maybe(amount),
  keptBack: maybe(
    fc.oneof(
      fc.record({ amount: maybe(amount), words: text(200) }),
      fc.record({ amount: fc.constant(null), share: fc.constantFrom('1/2', '1/4', '2/3'), words: text(200) }),
    ),
  ),
  name: text(400),
  ingredient: maybe(ingredient),
  form: maybe(fc.constantFrom(...forms)),
  preparation: some(forms, 3),
  basis: fc.constantFrom(...bases),
  note: text(1000),
  optional: fc.boolean(),
  toTaste: fc.boolean(),
  alternatives: fc.array(words, { maxLength: 2 }),
  byProducts: some(byProducts, 3),
  confidence: fc.constantFrom(0, 0.5, 1),
  unread: text(100),
  scaling: fc.constantFrom(...scalings),
  when: maybe(when),
});

const wait = fc
  .tuple(fc.constantFrom(0, 5, 30, 720, 10_080), fc.constantFrom(0, 5, 10_080))
  .map(([low, more]) => ({ low, high: low + more }));

const act = fc.record({
  verb: fc.constantFrom('', 'toss', 'stir in', 'constructor'),
  kind: fc.constantFrom('', 'wet heat', 'cut'),
  way: fc.constantFrom(...waysOfHeat),
  foods: fc.array(id, { maxLength: 2 }),
  states: fc.constantFrom([], ['hot'], ['__proto__'.replaceAll('_', ' ')]),
  keeps: fc.constantFrom(1, 4320),
  words: fc.constantFrom<[number, number]>([0, 0], [3, 4000]),
});

const step = fc.record({
  id,
  componentId: id,
  text: text(4000),
  handsOnMinutes: fc.constantFrom(0, 1, 8, 45, 1440),
  waitMinutes: maybe(wait),
  until: text(400),
  place: fc.constantFrom(...stepPlaces),
  occupies: maybe(
    fc.record({
      appliance: fc.constantFrom(...appliances),
      setting: fc.constantFrom('', '180 °C', 'high', 'constructor'),
    }),
  ),
  tools: some([...oddWords, 'whisk', 'large bowl', 'oven tray', 'jug blender', 'saucepan'], 4),
  uses: fc.array(fc.record({ line: id, share: fc.constantFrom('1', '1/2', '1/1000000') }), { maxLength: 4 }),
  gives: fc.array(fc.record({ text: words, ingredient, amount }), { maxLength: 1 }),
  declined: fc.array(words, { maxLength: 1 }),
  when: maybe(when),
  after: fc.array(id, { maxLength: 2 }),
  holdMinutes: maybe(fc.constantFrom(1, 30, 240, 100_000)),
  techniques: fc.array(fc.oneof(id, fc.constantFrom('toss', 'whisk-dressing')), { maxLength: 2 }),
  techniqueNote: words,
  demonstrateMinutes: fc.constantFrom(0, 3, 120),
  acts: fc.array(act, { maxLength: 2 }),
  actsCorrected: fc.boolean(),
  proposed: words,
});

/** Parts with ids of their own, and what names steps names those that are there. */
const own = <T extends { readonly id: string }>(of: fc.Arbitrary<T>, most: number) =>
  fc.uniqueArray(of, { maxLength: most, selector: (each) => each.id });

const choice = fc.record({
  id,
  name: words,
  options: fc.uniqueArray(fc.record({ id, name: words }), {
    minLength: 1,
    maxLength: 3,
    selector: (each) => each.id,
  }),
  usual: id,
});

export const anyRecipe = fc
  .record({
    title: text(160),
    kind: fc.constantFrom(...dishKinds),
    serves: fc.constantFrom(1, 4, 200),
    portion: fc.constantFrom(...portions),
    system: fc.constantFrom(...measureSystems),
    leastBatch: fc.constantFrom('1/100', '1/4', '1', '100'),
    story: words,
    source: words,
    credit: words,
    permission: words,
    notes: words,
    choices: own(choice, 2),
    components: own(fc.record({ id, name: words, role: fc.constantFrom(...componentRoles) }), 3),
    lines: own(line, 6),
    steps: own(step, 5),
  })
  .map((recipe) => {
    const steps = recipe.steps.map((each, at) => {
      const above = new Set(recipe.steps.slice(0, at).map((other) => other.id));
      return { ...each, after: each.after.filter((of) => above.has(of)) };
    });
    return { ...recipe, steps };
  });
