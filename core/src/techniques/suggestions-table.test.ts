import { describe, expect, it } from 'vitest';
import { findInSteps } from '../recipes/index.js';
import { standardTechniques } from './data/notes.js';

/** A sentence as a recipe would say it | the note that must be offered beside it. */
const table = `
Dice the onion and the carrot. | dice
Slice the shallots thinly. | slice
Shred the cabbage as fine as you can. | shred
Cut the basil into ribbons. | ribbons
Shave the fennel with a peeler. | shave
De-rib the kale and rub it with salt. | derib-kale
Wash and dry the lettuce leaves. | wash-and-dry-leaves
Salt the cucumber and leave it in a strainer. | salt-and-blot
Zest the lemon before anything else. | zest-before-juicing
Juice two limes. | juice-citrus
Fillet the oranges over a bowl. | fillet-citrus
Halve the avocado and lift out the stone. | open-avocado
Soak the beans in cold water. | soak-and-cook-pulses
Drain and rinse the tin of chickpeas. | drain-tins
Cook the farro until tender. | cook-grains
Cook the potatoes from cold. | boil-potatoes
Toast the bread until it snaps. | toast-bread
Toast the walnuts in a dry pan. | toast-nuts-seeds
Roast the carrots in one layer. | roast-vegetables
Char the aubergine over a flame. | char-steam-peel
Peel the eggs under water. | boil-eggs
Crush the garlic to a paste with salt. | garlic-paste
Shake the dressing in a jar. | shake-dressing
Whisk in the oil in a thread. | whisk-dressing
Blend the beans until smooth. | blend-dip
Pickle the onion for ten minutes. | quick-pickle
Taste, and write down what it wants. | taste-and-adjust
Toss the leaves with the dressing. | toss
Fold the yoghurt through gently. | fold
Scatter the herbs over the top. | garnish
Chill the dip for an hour. | chill-and-store
Core the pepper and cut it in strips. | core-pepper
Add the minced garlic. | mince-garlic-ginger
Peel the ginger and grate it. | grate-ginger
Pick the leaves from the thyme. | strip-herbs
Peel the strings from the celery. | celery-strings
Take the pomegranate apart over water. | seed-pomegranate
Scald the tomatoes and slip the skins off. | peel-tomatoes
Slice the oranges in rounds. | slice-citrus
Soften the onion over low heat. | soften-onion
Wilt the spinach in a hot pan. | wilt-greens
Blanch the green beans. | crisp-tender
Sear the tuna on all sides. | sear
Poach the salmon off the heat. | poach-fish
Fry the bacon until crisp. | crisp-bacon
Fry the halloumi until brown. | fry-cheese
Rinse the capers well. | rinse-capers
Emulsify it with a stick blender. | stick-blend
If it splits, start with a spoon of mustard. | mend-split
Thicken the dip with more feta. | thicken-thin-dip
Boil the juice down to a reduction. | fruit-reduction
Layer the salad in a glass bowl. | layer
Bring it back to room temperature. | bring-back
Cut the base out of the cos. | open-cos
Grate the carrots. | grate
Peel the carrots. | peel
Seed the cucumbers. | seed
Halve the figs. | cut-in-pieces
Crumble the feta. | tear-and-crumble
Mash the peas. | mash
Fry the mushrooms. | fry
Mix the yoghurt and herbs. | mix
Spread the labneh on a plate. | arrange
Make the mayonnaise. | mayonnaise
Whisk the yolks with the oil. | mayonnaise
Pour boiling water over the bulgur. | absorb-grains
Cook the pasta until just done. | cook-pasta
Boil the rice for 12 minutes. | cook-rice
Pound the cumin in a mortar. | mortar-and-bloom
Strain the yoghurt through a cloth. | strain-yoghurt
Pit the olives. | pit-olives
Cut the carrots into matchsticks. | matchsticks
Warm the dressing in a pan. | warm-dressing
Bake the croutons until crisp. | croutons
Infuse the oil with garlic. | infused-oil
Poach the chicken under the simmer. | poach-chicken
Rub the skins off the beetroot. | peel-roast-beetroot
`
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string]);

const offered = (sentence: string) =>
  findInSteps([sentence], [])[0]!.flatMap((finding) =>
    finding.kind === 'technique' ? [finding.technique] : [],
  );

describe('notes are suggested by a step’s words', () => {
  it.each(table)('%s → %s', (sentence, note) => expect(offered(sentence)).toContain(note));
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
    const suggested = new Set(table.map(([, note]) => note));
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
