import type { CautionId, Substitute } from '../types.js';
import { substitutesForPeople } from './substitutes-for-people.js';

/**
 * [what is missing, what takes its place, how much of it for one, what that changes]. Starting estimates of
 * kitchen practice.
 */
const rows: readonly (readonly [string, string, number, Substitute['by'], string])[] = [
  [
    'lemon',
    'white-wine-vinegar',
    3 / 4,
    'volume',
    'Juice only: sharper and without its scent; taste before adding all.',
  ],
  ['lime', 'lemon', 1, 'volume', 'Rounder, less bitter.'],
  ['lemon', 'lime', 1, 'volume', 'Sharper, a little bitter.'],
  ['red-wine-vinegar', 'sherry-vinegar', 6 / 7, 'volume', 'Nuttier and stronger.'],
  ['sherry-vinegar', 'red-wine-vinegar', 7 / 6, 'volume', 'Plainer.'],
  ['white-wine-vinegar', 'cider-vinegar', 6 / 5, 'volume', 'Milder and fruitier.'],
  ['cider-vinegar', 'white-wine-vinegar', 5 / 6, 'volume', 'Sharper.'],
  ['rice-vinegar', 'cider-vinegar', 6 / 7, 'volume', 'Fruitier.'],
  ['balsamic-vinegar', 'red-wine-vinegar', 1, 'volume', 'Without its sweetness: add a little honey.'],
  ['white-wine-vinegar', 'lemon', 4 / 3, 'volume', 'Brighter, less sharp: four parts for three.'],
  ['shallot', 'red-onion', 1, 'weight', 'Sharper: rinse it after slicing.'],
  ['red-onion', 'shallot', 1, 'weight', 'Milder.'],
  ['spring-onion', 'chives', 1 / 2, 'weight', 'Milder, and no crunch.'],
  ['chives', 'spring-onion', 1, 'volume', 'Use the green part only.'],
  ['onion', 'leek', 1, 'weight', 'Milder.'],
  ['garlic', 'granulated-garlic', 1 / 4, 'volume', '¼ tsp for a clove; rounder, without bite.'],
  ['basil', 'mint', 3 / 4, 'volume', 'Cooler and stronger.'],
  ['coriander', 'parsley', 1, 'volume', 'Plainer; add a little lime zest.'],
  ['parsley', 'coriander', 1, 'volume', 'Stronger, and not to everybody’s liking.'],
  ['dill', 'fennel-seeds', 1 / 8, 'volume', 'Ground fine: aniseed, without the green.'],
  ['tarragon', 'dill', 1, 'volume', 'Without the liquorice.'],
  ['mint', 'dried-mint', 1 / 3, 'volume', 'Three to one by volume; add it to the dressing, not on top.'],
  ['rosemary', 'thyme', 1, 'volume', 'Softer.'],
  ['sage', 'thyme', 1, 'volume', 'Lighter.'],
  ['rocket', 'watercress', 1, 'weight', 'Hotter, and wetter: dry it well.'],
  ['watercress', 'rocket', 1, 'weight', 'More bitter.'],
  [
    'pepper',
    'roasted-peppers',
    3 / 5,
    'weight',
    'Charred and peeled already, from a jar: softer, a little sharp.',
  ],
  ['cos-lettuce', 'mixed-leaves', 4 / 5, 'weight', 'Washed already: softer, wilts sooner.'],
  ['butterhead', 'mixed-leaves', 4 / 5, 'weight', 'Washed already.'],
  ['cos-lettuce', 'little-gem', 1, 'weight', 'Smaller leaves.'],
  ['kale', 'cabbage', 1, 'weight', 'Shred it fine; no need to massage.'],
  ['baby-spinach', 'mixed-leaves', 1, 'weight', 'Wilts sooner.'],
  ['radicchio', 'chicory', 1, 'weight', 'Less bitter, no red.'],
  ['walnuts', 'pecans', 1, 'weight', 'Sweeter.'],
  ['hazelnuts', 'almonds', 1, 'weight', 'Milder; another nut allergen.'],
  ['pine-nuts', 'sunflower-seeds', 1, 'weight', 'No nut; less rich.'],
  ['walnuts', 'pumpkin-seeds', 1, 'weight', 'No nut; greener and crisper.'],
  ['hazelnuts', 'pumpkin-seeds', 1, 'weight', 'No nut; toast them well.'],
  ['almonds', 'pumpkin-seeds', 1, 'weight', 'No nut.'],
  ['hazelnut-oil', 'olive-oil', 1, 'volume', 'No nut; add toasted seeds for the taste.'],
  ['walnut-oil', 'extra-virgin-olive-oil', 1, 'volume', 'No nut; fruitier.'],
  ['olive-oil', 'rapeseed-oil', 1, 'volume', 'Plainer.'],
  ['sesame-oil', 'tahini', 1 / 2, 'volume', 'Thicker; still sesame.'],
  ['tahini', 'peanut-butter', 1, 'weight', 'Sweeter; peanut instead of sesame.'],
  ['tahini', 'sunflower-seeds', 1, 'weight', 'Blended smooth with a little oil: no sesame.'],
  ['yoghurt', 'strained-yoghurt', 3 / 4, 'volume', 'Thin it with a little water.'],
  ['strained-yoghurt', 'yoghurt', 4 / 3, 'weight', 'Strain it an hour first.'],
  ['buttermilk', 'yoghurt', 3 / 4, 'volume', 'Thinned with a quarter of milk.'],
  ['creme-fraiche', 'soured-cream', 1, 'weight', 'Sharper, and splits when hot.'],
  ['soured-cream', 'strained-yoghurt', 1, 'weight', 'Sharper, less rich.'],
  ['mayonnaise', 'strained-yoghurt', 1, 'weight', 'No egg; sharper and lighter.'],
  ['feta', 'tofu', 1, 'weight', 'No milk: crumble it into lemon and salt an hour before.'],
  ['feta', 'goats-cheese', 1, 'weight', 'Creamier, less salt.'],
  ['goats-cheese', 'feta', 1, 'weight', 'Firmer and saltier.'],
  ['parmesan', 'breadcrumbs', 1, 'weight', 'Fried in oil with salt: crunch without milk.'],
  ['mozzarella', 'feta', 2 / 3, 'weight', 'Much saltier.'],
  ['dijon-mustard', 'wholegrain-mustard', 1, 'volume', 'Coarser: holds an emulsion less well.'],
  ['honey', 'maple-syrup', 6 / 5, 'volume', 'Thinner; for vegans and babies.'],
  ['maple-syrup', 'honey', 5 / 6, 'volume', 'Thicker; not for babies.'],
  ['caster-sugar', 'honey', 5 / 4, 'weight', 'Adds its own taste.'],
  ['soy-sauce', 'miso', 1, 'volume', 'Thicker; still soya.'],
  ['anchovy', 'capers', 2, 'weight', 'No fish; sharper.'],
  ['anchovy', 'miso', 1, 'weight', 'No fish; still salty and deep.'],
  ['fish-sauce', 'soy-sauce', 3 / 2, 'volume', 'No fish; soya and wheat.'],
  ['farro', 'pearl-barley', 1, 'weight', 'Barley instead of wheat; a little longer to cook.'],
  ['bulgur', 'quinoa', 1, 'weight', 'No gluten cereal; cooks 15 minutes.'],
  ['couscous', 'quinoa', 1, 'weight', 'No gluten cereal; cooks 15 minutes.'],
  [
    'dried-white-beans',
    'tinned-white-beans',
    4,
    'weight',
    'Drained: one weight of dry beans is 2.3 cooked, a tin drains to 0.6.',
  ],
  ['dried-chickpeas', 'tinned-chickpeas', 4, 'weight', 'Drained: no soak, softer.'],
  ['fine-salt', 'coarse-salt', 6 / 5, 'volume', 'Coarser: weigh it, or take a fifth more by the spoon.'],
  ['coarse-salt', 'fine-salt', 5 / 6, 'volume', 'Finer: a fifth less by the spoon.'],
  ['flake-salt', 'fine-salt', 1 / 2, 'volume', 'Half by the spoon; no crunch.'],
  ['smoked-paprika', 'paprika', 1, 'volume', 'Without smoke.'],
  ['sumac', 'lemon', 1, 'volume', 'Grated zest: brighter, without the red.'],
  ['chilli', 'chilli-flakes', 1 / 4, 'volume', '¼ tsp for a medium chilli; hotter as it stands.'],
];

/**
 * Prepared goods trade money for minutes: the work that falls away, by "what is missing>what takes its
 * place".
 */
const readyMade: Readonly<Record<string, readonly string[]>> = {
  'dried-white-beans>tinned-white-beans': ['soak', 'boil', 'cook'],
  'dried-chickpeas>tinned-chickpeas': ['soak', 'boil', 'cook'],
  'dried-kidney-beans>tinned-kidney-beans': ['soak', 'boil', 'cook'],
  'dried-black-beans>tinned-black-beans': ['soak', 'boil', 'cook'],
  'dried-borlotti-beans>tinned-borlotti-beans': ['soak', 'boil', 'cook'],
  'dried-pinto-beans>tinned-pinto-beans': ['soak', 'boil', 'cook'],
  'dried-butter-beans>tinned-butter-beans': ['soak', 'boil', 'cook'],
  'pepper>roasted-peppers': ['char', 'roast', 'grill', 'peel'],
  'cos-lettuce>mixed-leaves': ['wash', 'rinse', 'spin'],
  'butterhead>mixed-leaves': ['wash', 'rinse', 'spin'],
};

/** Substitutes by the id of what is missing. */
export const substitutes: ReadonlyMap<string, readonly Substitute[]> = [
  ...rows,
  ...substitutesForPeople,
].reduce(
  (map, [missing, ingredient, ratio, by, effect]) =>
    map.set(missing, [
      ...(map.get(missing) ?? []),
      { ingredient, ratio, by, effect, savesWork: readyMade[`${missing}>${ingredient}`] ?? [] },
    ]),
  new Map<string, Substitute[]>(),
);

/** The cautions in words. Each defers to local codes and qualified people. */
export const cautionWords: Readonly<Record<CautionId, string>> = {
  'kidney-type-beans':
    'Soak them, throw that water away, and boil hard in fresh water, 10 minutes at the least and 30 where your code ' +
    'says so: raw or barely cooked they make ill.',
  'cool-fast': 'Cooked, it is cooled fast and shallow and kept cold.',
  'raw-egg': 'Raw or barely set egg is not for those at risk: use pasteurised egg, or as your code says.',
  'raw-protein': 'Raw, it has its own board, knife and cloth; its marinade is not used again.',
  'keep-cold': 'Keep it in the cold until it is wanted, and count its time out.',
  'wash-leaves': 'Wash it unless the label says ready to eat.',
  sprouts: 'Raw sprouts are not for those at risk.',
  honey: 'Honey is not for babies under one year.',
  'soft-cheese': 'Unpasteurised or mould-ripened cheese is not for those at risk: check the label.',
  choking: 'Whole, it can choke small children: chop or halve it.',
  'hot-hands': 'Wash hands, board and knife after it, and keep fingers from the eyes.',
  'in-oil': 'In oil it is kept cold and for 4 days at most.',
  stone: 'Open it on the board, never in the palm.',
};
