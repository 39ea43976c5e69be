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
    ['Cover the couscous with hot stock and leave it to swell.', 'absorb-grains'],
    ['Boil the eggs for 9 minutes and peel them.', 'boil-eggs'],
    ['Render the lardons slowly.', 'crisp-bacon'],
    ['Put the potatoes in cold water and simmer them until tender.', 'boil-potatoes'],
    ['Warm the flatbreads on the griddle.', 'toast-bread'],
    ['If the mayonnaise splits, start again with a yolk.', 'mend-split'],
    ['Char the peppers until black all over.', 'char-steam-peel'],
    ['Griddle the halloumi on both sides.', 'fry-cheese'],
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
    // A sign to watch for is not what is done.
    ['Roast the carrots until the edges char.', 'char-steam-peel'],
    ['Grill the tomatoes till blistered, then salt them.', 'char-steam-peel'],
    // What is cooked by now only goes in.
    ['Toss the bulgur with the dressing.', 'absorb-grains'],
    ['Toss the bulgur with the dressing.', 'cook-grains'],
    ['Fold the cooked quinoa through the leaves.', 'cook-grains'],
    ['Top with the eggs.', 'boil-eggs'],
    ['Scatter the bacon over the salad.', 'crisp-bacon'],
    ['Whisk the ginger into the dressing.', 'grate-ginger'],
    ['Toss the potatoes with the dressing while warm.', 'boil-potatoes'],
    ['Serve with flatbread.', 'toast-bread'],
    ['Scatter the croutons over.', 'croutons'],
    ['Lay the grilled halloumi on top.', 'fry-cheese'],
    ['Split the pitta and toast it.', 'mend-split'],
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
