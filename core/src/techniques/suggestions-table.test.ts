import { describe, expect, it } from 'vitest';
import { findInSteps } from '../recipes/index.js';
import { standardTechniques } from './data/notes.js';
import { suggestions } from './suggested.js';

const offered = (sentence: string) =>
  findInSteps([sentence], [])[0]!.flatMap((finding) =>
    finding.kind === 'technique' ? [finding.technique] : [],
  );

describe('notes are suggested by a step’s words', () => {
  it.each(suggestions)('$example → $technique', ({ example, technique }) =>
    expect(offered(example)).toContain(technique),
  );
  it.each([
    ['Slicing the shallots takes a minute.', 'slice'],
    ['Now the recipe has you dicing tomatoes.', 'dice'],
    ['Purée the peas with the mint.', 'blend-dip'],
    ['Infuse the oil with garlic.', 'infused-oil'],
    ['Stir-fry over high heat, massaging nothing.', 'derib-kale'],
    ['Seeding the cucumber, scrape out the seeds.', 'seed'],
    ['Toasting the hazelnuts, shake the pan.', 'toast-nuts-seeds'],
  ])('any form of a verb suggests it: %s → %s', (sentence, note) =>
    expect(offered(sentence)).toContain(note),
  );
  it.each([
    ['Add the eggplant.', 'boil-eggs'],
    ['Serve with sliced bread.', 'slice'],
    ['Whisk the single cream.', 'blend-dip'],
  ])('“%s” does not suggest %s', (sentence, note) => expect(offered(sentence)).not.toContain(note));
  it.each([
    ['Whisk the pomegranate molasses with the oil.', 'seed-pomegranate'],
    ['Drain the soaked beans, cover with fresh water and boil.', 'drain-tins'],
    ['Boil the chickpeas until soft, then drain.', 'drain-tins'],
    ['Seed the tomatoes and keep the tomato juice.', 'juice-citrus'],
    ['Keep their juice for the dressing.', 'juice-citrus'],
    ['Whisk the rice vinegar with the soy sauce.', 'cook-rice'],
    ['Poach the chicken under the simmer.', 'poach-fish'],
    ['Stone the plums.', 'pit-olives'],
  ])('“%s” is not about %s', (sentence, note) => expect(offered(sentence)).not.toContain(note));
  it('every note has its minutes with their unit', () =>
    expect(standardTechniques.filter(({ rates }) => !rates?.length).map(({ id }) => id)).toEqual([]));
  it('every note is suggested by some sentence', () => {
    const suggested = new Set(suggestions.map(({ technique }) => technique));
    expect(standardTechniques.map(({ id }) => id).filter((id) => !suggested.has(id))).toEqual([]);
  });
  it.each(['Serve at once.', 'Set the table.', 'Put the bowl on a damp cloth.'])(
    '“%s” suggests no knife work',
    (sentence) => {
      expect(
        offered(sentence).filter((id) => ['dice', 'slice', 'shred', 'core-pepper'].includes(id)),
      ).toEqual([]);
    },
  );
});
