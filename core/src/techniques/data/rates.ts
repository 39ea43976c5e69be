import type { Rates, TechniqueRate } from '../types.js';

/** "food minutes / unit" of practised hands, as short rows; "*" is any food. */
function rates(rows: string): readonly TechniqueRate[] {
  return rows.split(',').map((row) => {
    const [food, minutes, ...per] = row.trim().split(' ') as [string, string, ...string[]];
    return {
      food: food === '*' ? '' : food,
      minutes: Number(minutes),
      per: per.join(' ') as TechniqueRate['per'],
    };
  });
}

/**
 * How long practised hands take, by technique. Starting estimates: an onion sliced 1.5 min and diced 2, a clove of
 * garlic 0.5, a cucumber peeled, seeded and diced 3, 500 g tomatoes diced 4, a pepper cored and diced 2.5, a bunch
 * of herbs picked and chopped 3, the leaves of a head washed and dried 4, a carrot peeled and grated 1.5, an orange
 * in fillets 4, a lemon zested and juiced 2, an avocado opened and diced 2, 1 kg potatoes peeled 8 and cut 5, an egg
 * peeled 0.5.
 */
export const standardRates: Rates = {
  dice: rates(
    'onion 2 piece, red-onion 2 piece, shallot 1 piece, cucumber 1 piece, avocado 1 piece, garlic 0.5 clove, ' +
      'red-pepper 1.5 piece, potato 0.5 100 g, new-potato 0.5 100 g, celery 0.7 stalk, spring-onion 0.4 piece, ' +
      'parsley 1.5 bunch, coriander 1.5 bunch, mint 1.5 bunch, dill 1.5 bunch, chives 1 bunch, basil 1 bunch, ' +
      '* 0.8 100 g',
  ),
  slice: rates(
    'onion 1.5 piece, red-onion 1.5 piece, shallot 0.8 piece, cucumber 1 piece, garlic 0.3 clove, ' +
      'spring-onion 0.3 piece, potato 0.5 100 g, new-potato 0.5 100 g, * 0.6 100 g',
  ),
  shred: rates('* 0.6 100 g'),
  ribbons: rates('basil 1.5 bunch, mint 1.5 bunch, * 0.8 100 g'),
  shave: rates('* 0.8 100 g'),
  'mince-garlic-ginger': rates('garlic 0.5 clove, ginger 1 piece, * 1 100 g'),
  'garlic-paste': rates('garlic 0.6 clove, * 1 100 g'),
  'grate-ginger': rates('ginger 1 piece, * 1 100 g'),
  grate: rates('carrot 0.9 piece, garlic 0.4 clove, cucumber 1.5 piece, * 0.8 100 g'),
  peel: rates(
    'carrot 0.6 piece, cucumber 1 piece, egg 0.5 piece, aubergine 2 piece, beetroot 0.8 100 g, potato 0.8 100 g, garlic 0.2 clove, * 0.8 100 g',
  ),
  seed: rates('cucumber 1 piece, tomato 0.5 100 g, * 0.5 100 g'),
  'cut-in-pieces': rates('egg 0.3 piece, potato 0.5 100 g, lemon 0.4 piece, tomato 0.5 100 g, * 0.4 100 g'),
  'tear-and-crumble': rates('* 0.6 100 g'),
  'core-pepper': rates('* 1 piece'),
  'strip-herbs': rates('* 1.5 bunch'),
  'derib-kale': rates('* 1.5 100 g'),
  'celery-strings': rates('* 0.5 stalk'),
  'open-cos': rates('* 1 piece'),
  'wash-and-dry-leaves': rates('little-gem 2 piece, cos-lettuce 4 piece, * 2 100 g'),
  'salt-and-blot': rates('* 1 piece'),
  'zest-before-juicing': rates('* 1 piece'),
  'juice-citrus': rates('* 1 piece'),
  'fillet-citrus': rates('* 4 piece'),
  'slice-citrus': rates('* 1.5 piece'),
  'open-avocado': rates('avocado 1 piece'),
  'seed-pomegranate': rates('* 4 piece'),
  'peel-tomatoes': rates('* 1.2 piece'),
  'drain-tins': rates('* 1 tin'),
  mash: rates('* 0.6 100 g'),
  'toast-nuts-seeds': rates('* 5 batch'),
  'crisp-bacon': rates('* 8 batch'),
  'soften-onion': rates('* 10 batch'),
  fry: rates('* 6 batch'),
  'whisk-dressing': rates('* 3 batch'),
  'shake-dressing': rates('* 2 batch'),
  'blend-dip': rates('* 3 batch'),
  'stick-blend': rates('* 3 batch'),
  mix: rates('* 2 batch'),
  toss: rates('* 2 batch'),
  fold: rates('* 1.5 batch'),
  layer: rates('* 4 batch'),
  garnish: rates('* 1.5 batch'),
  arrange: rates('* 3 batch'),
  'taste-and-adjust': rates('* 1 batch'),
  'soak-and-cook-pulses': rates('* 4 batch'),
  'cook-grains': rates('* 4 batch'),
  'boil-potatoes': rates('* 4 batch'),
  'toast-bread': rates('* 4 batch'),
  'roast-vegetables': rates('* 4 batch'),
  'char-steam-peel': rates('* 4 piece'),
  'boil-eggs': rates('* 3 batch'),
  'quick-pickle': rates('* 2 batch'),
  'chill-and-store': rates('* 2 batch'),
  'wilt-greens': rates('* 4 batch'),
  'crisp-tender': rates('* 4 batch'),
  sear: rates('* 6 batch'),
  'poach-fish': rates('* 4 batch'),
  'fry-cheese': rates('* 6 batch'),
  'rinse-capers': rates('* 1 batch'),
  'mend-split': rates('* 3 batch'),
  'thicken-thin-dip': rates('* 2 batch'),
  'fruit-reduction': rates('* 3 batch'),
  'bring-back': rates('* 1 batch'),
  mayonnaise: rates('* 6 batch'),
  'absorb-grains': rates('* 2 batch'),
  'cook-pasta': rates('* 3 batch'),
  'cook-rice': rates('* 4 batch'),
  'mortar-and-bloom': rates('* 3 batch'),
  'strain-yoghurt': rates('* 2 batch'),
  'pit-olives': rates('* 3 100 g'),
  matchsticks: rates('* 1.5 100 g'),
  'warm-dressing': rates('* 3 batch'),
  croutons: rates('* 3 batch'),
  'infused-oil': rates('* 3 batch'),
  'poach-chicken': rates('* 3 batch'),
  'peel-roast-beetroot': rates('* 1.5 piece'),
};
