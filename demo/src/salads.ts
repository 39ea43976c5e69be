import type { WrittenRecipe } from './write.js';

export const salads: readonly WrittenRecipe[] = [
  {
    key: 'fennel-pear', title: 'Shaved fennel and pear, cider and walnut dressing', kind: 'salad', serves: 4, portion: 'side',
    story: 'An autumn salad that teaches shaving, toasting and a moderate dressing.',
    components: [
      { name: 'Salad', role: 'base', lines: ['2 fennel bulbs', '2 ripe pears, cored', '80 g rocket'] },
      { name: 'Dressing', role: 'dressing', lines: ['2 tbsp cider vinegar', '1 tsp Dijon mustard', '1 tsp honey', '2 tbsp walnut oil', '2 tbsp olive oil', '½ tsp fine salt'] },
      { name: 'On top', role: 'topping', lines: ['60 g walnuts, toasted and chopped', '2 tbsp chopped chives'] },
    ],
    steps: [
      { text: 'Toast the walnuts in a dry pan until they smell nutty; cool and chop roughly.', of: 3, hands: 6, place: 'either', on: ['hob', ''], tools: ['frying pan', 'board and knife'], uses: [10], after: [], holds: 600, techniques: ['toast-nuts-seeds'], note: 'Keep a third back for the top.' },
      { text: 'Shake vinegar, mustard, honey and salt in a jar, then both oils.', of: 2, hands: 4, place: 'in class', tools: ['jar with lid'], uses: [4, 5, 6, 7, 8, 9], after: [], holds: 45, techniques: ['shake-dressing'], show: 4 },
      { text: 'Shave the fennel as thin as you can; keep the fronds.', of: 1, hands: 7, place: 'in class', tools: ['board and knife', 'peeler'], uses: [1], after: [], holds: 60, techniques: ['shave'], show: 4 },
      { text: 'Slice the pears into a little dressing so that they stay pale.', of: 1, hands: 4, place: 'in class', tools: ['board and knife', 'large bowl'], uses: [2], after: [2, 3], holds: 30, techniques: ['slice'] },
      { text: 'Shake the dressing again and toss fennel, pears and rocket.', of: 1, hands: 3, place: 'in class', tools: ['large bowl'], uses: [3], after: [4], holds: 10, techniques: ['toss', 'taste-and-adjust'] },
      { text: 'Plate with height; walnuts, chives and fronds on top.', of: 3, hands: 3, place: 'in class', tools: ['serving dish'], uses: [11], after: [1, 5], holds: 10, techniques: ['garnish'] },
    ],
  },
  {
    key: 'carrot-farro', title: 'Roast carrot and farro with cumin yoghurt', kind: 'salad', serves: 6, portion: 'side',
    story: 'A grain salad dressed warm, with an oven that everybody shares.',
    components: [
      { name: 'Salad', role: 'base', lines: ['250 g farro', '900 g carrots, peeled', '3 tbsp olive oil', '1 lemon, zested and juiced', '4 tbsp chopped parsley, plus 1 tbsp for the top'] },
      { name: 'Cumin yoghurt', role: 'dressing', lines: ['200 g Greek-style yoghurt', '2 tsp cumin seeds, toasted', '1 clove garlic, crushed', '½ tsp fine salt'] },
      { name: 'On top', role: 'topping', lines: ['40 g pumpkin seeds, toasted'] },
    ],
    steps: [
      { text: 'Boil the farro in plenty of salted water, drain and spread to cool.', of: 1, hands: 5, wait: [25, 30], until: 'until tender with a spring', place: 'before', on: ['hob', ''], tools: ['large pot', 'strainer', 'oven tray'], uses: [1], after: [], holds: 240, techniques: ['cook-grains'] },
      { text: 'Cut the carrots on the slant, oil them and roast in one layer.', of: 1, hands: 8, wait: [25, 30], until: 'until the edges are brown and a knife slides in', place: 'in class', on: ['oven', '220 °C'], tools: ['board and knife', 'peeler', 'oven tray'], uses: [2, 3], after: [], holds: 60, techniques: ['roast-vegetables', 'dice'], show: 4 },
      { text: 'Toast cumin and pumpkin seeds separately, then crush the cumin.', of: 2, hands: 5, place: 'in class', on: ['hob', ''], tools: ['frying pan', 'pestle and mortar'], uses: [7, 10], after: [], holds: 240, techniques: ['toast-nuts-seeds'] },
      { text: 'Zest the lemon, then juice it.', of: 1, hands: 3, place: 'in class', tools: ['fine grater', 'citrus press'], uses: [4], after: [], holds: 120, techniques: ['zest-before-juicing', 'juice-citrus'], show: 2 },
      { text: 'Stir garlic, salt and cumin into the yoghurt.', of: 2, hands: 3, place: 'in class', tools: ['small bowl'], uses: [6, 8, 9], after: [3], holds: 120, techniques: ['garlic-paste'] },
      { text: 'Toss farro and warm carrots with zest, juice and parsley; spoon onto the yoghurt, seeds on top.', of: 1, hands: 4, place: 'in class', tools: ['large bowl', 'serving dish'], uses: [5], after: [1, 2, 4, 5], holds: 30, techniques: ['toss', 'garnish'] },
    ],
  },
  {
    key: 'slaw', title: 'Cabbage, apple and caraway slaw with buttermilk', kind: 'salad', serves: 8, portion: 'side',
    story: 'A slaw that keeps its bite because the cabbage is salted first.',
    components: [
      { name: 'Slaw', role: 'base', lines: ['600 g white cabbage', '2 crisp apples', '4 spring onions, thinly sliced', '1 tsp fine salt'] },
      { name: 'Dressing', role: 'dressing', lines: ['150 ml buttermilk', '2 tbsp mayonnaise', '1 tbsp cider vinegar', '1½ tsp caraway seeds, toasted', '2 tsp honey'] },
    ],
    steps: [
      { text: 'Shred the cabbage, salt it and leave it in a strainer.', of: 1, hands: 8, wait: [15, 20], until: 'until it bends without snapping', place: 'in class', tools: ['board and knife', 'strainer', 'large bowl'], uses: [1, 4], after: [], holds: 90, techniques: ['shred', 'salt-and-blot'], show: 4 },
      { text: 'Toast the caraway and whisk it into buttermilk, mayonnaise, vinegar and honey.', of: 2, hands: 6, place: 'in class', on: ['hob', ''], tools: ['frying pan', 'whisk', 'small bowl'], uses: [5, 6, 7, 8, 9], after: [], holds: 240, techniques: ['whisk-dressing', 'toast-nuts-seeds'] },
      { text: 'Cut the apples in matchsticks into the dressing, skin on.', of: 1, hands: 5, place: 'in class', tools: ['board and knife'], uses: [2], after: [2], holds: 60, techniques: ['dice'] },
      { text: 'Squeeze the cabbage and toss everything with the spring onions; taste before any more salt.', of: 1, hands: 4, place: 'in class', tools: ['large bowl', 'tongs'], uses: [3], after: [1, 3], holds: 90, techniques: ['toss', 'taste-and-adjust'] },
    ],
  },
  {
    key: 'beetroot', title: 'Beetroot with orange and hazelnut', kind: 'salad', serves: 6, portion: 'side',
    story: 'Roots from the oven, and an orange that gives fillets, juice and zest.',
    components: [
      { name: 'Base', role: 'base', lines: ['1 kg beetroot', '3 oranges, segmented', '1 tsp coarse salt'] },
      { name: 'Dressing', role: 'dressing', lines: ['4 tbsp orange juice', '1 tbsp red wine vinegar', '6 tbsp hazelnut oil', '½ tsp fine salt'] },
      { name: 'On top', role: 'topping', lines: ['60 g hazelnuts, toasted and chopped', '2 tsp orange zest', '20 g mint leaves'] },
    ],
    steps: [
      { text: 'Wrap the beetroot and roast it.', of: 1, hands: 8, wait: [60, 75], until: 'until a knife slides in', place: 'before', on: ['oven', '200 °C'], tools: ['oven tray'], uses: [1, 3], after: [], holds: 180, techniques: ['roast-vegetables'] },
      { text: 'Peel the beetroot while warm and cut it in wedges.', of: 1, hands: 9, place: 'either', tools: ['board and knife', 'storage box'], after: [1], holds: 360, techniques: ['dice'] },
      { text: 'Toast the hazelnuts in the oven, rub off the skins and chop.', of: 3, hands: 5, wait: [10, 12], until: 'until they smell nutty', place: 'either', on: ['oven', '170 °C'], tools: ['oven tray', 'board and knife'], uses: [8], after: [], holds: 600, techniques: ['toast-nuts-seeds'] },
      { text: 'Zest an orange, then fillet all of them over a bowl and squeeze what is left.', of: 1, hands: 10, place: 'in class', tools: ['board and knife', 'fine grater', 'small bowl'], uses: [2, 4, 9], after: [], holds: 90, techniques: ['zest-before-juicing', 'fillet-citrus'], show: 6 },
      { text: 'Whisk juice, vinegar, salt and hazelnut oil.', of: 2, hands: 5, place: 'in class', tools: ['whisk', 'small bowl'], uses: [5, 6, 7], after: [4], holds: 30, techniques: ['whisk-dressing'], show: 3 },
      { text: 'Dress the beetroot, lay fillets between, hazelnuts, zest and mint on top.', of: 3, hands: 5, place: 'in class', tools: ['large bowl', 'serving dish'], uses: [10], after: [2, 3, 5], holds: 20, techniques: ['garnish', 'taste-and-adjust'] },
    ],
  },
  {
    key: 'chickpea-egg', title: 'Chickpea, cucumber and egg salad', kind: 'salad', serves: 4, portion: 'main',
    story: 'A lunch bowl from the cupboard: tins drained properly, eggs timed.',
    components: [
      { name: 'Salad', role: 'base', lines: ['2 × 400 g tins chickpeas, drained and rinsed', '1 cucumber, seeded', '4 eggs', '1 red onion, thinly sliced', '60 g feta, crumbled'] },
      { name: 'Dressing', role: 'dressing', lines: ['3 tbsp lemon juice', '1 tsp lemon zest', '5 tbsp olive oil', '1 tsp Dijon mustard', '½ tsp fine salt', 'black pepper to taste'] },
      { name: 'On top', role: 'garnish', lines: ['a handful of dill'] },
    ],
    steps: [
      { text: 'Boil the eggs nine minutes from boiling, then into ice water.', of: 1, hands: 3, wait: [9, 10], place: 'in class', on: ['hob', ''], tools: ['saucepan', 'large bowl'], uses: [3], after: [], holds: 120, techniques: ['boil-eggs'], show: 2 },
      { text: 'Drain, rinse and dry the tinned chickpeas.', of: 1, hands: 3, place: 'in class', tools: ['strainer'], uses: [1], after: [], holds: 120, techniques: ['drain-tins'] },
      { text: 'Zest and juice the lemons; whisk with mustard, salt, pepper and oil.', of: 2, hands: 6, place: 'in class', tools: ['fine grater', 'citrus press', 'whisk', 'small bowl'], uses: [6, 7, 8, 9, 10, 11], after: [], holds: 45, techniques: ['zest-before-juicing', 'whisk-dressing'] },
      { text: 'Soak the onion in the dressing.', of: 2, hands: 3, wait: [10, 10], place: 'in class', tools: ['board and knife'], uses: [4], after: [3], techniques: ['quick-pickle'] },
      { text: 'Seed and dice the cucumber.', of: 1, hands: 4, place: 'in class', tools: ['board and knife'], uses: [2], after: [], holds: 60, techniques: ['salt-and-blot', 'dice'] },
      { text: 'Toss chickpeas and cucumber in the dressing; eggs, feta and dill on top.', of: 1, hands: 5, place: 'in class', tools: ['large bowl', 'serving dish'], uses: [5, 12], after: [1, 2, 4, 5], holds: 30, techniques: ['toss', 'garnish'] },
    ],
  },
  {
    key: 'potato-green-bean', title: 'Warm potato and green bean salad', kind: 'salad', serves: 6, portion: 'side',
    story: 'Potatoes dressed warm drink their dressing.',
    components: [
      { name: 'Salad', role: 'base', lines: ['1 kg waxy potatoes', '300 g green beans, trimmed', '1 shallot, minced'] },
      { name: 'Dressing', role: 'dressing', lines: ['3 tbsp white wine vinegar', '1 tbsp wholegrain mustard', '6 tbsp olive oil', '1 tsp fine salt'] },
      { name: 'On top', role: 'garnish', lines: ['3 tbsp chopped parsley', '2 tbsp capers, rinsed'] },
    ],
    steps: [
      { text: 'Boil the potatoes from cold in salted water.', of: 1, hands: 4, wait: [18, 22], until: 'until a knife slides in', place: 'in class', on: ['hob', ''], tools: ['saucepan'], uses: [1], after: [], holds: 30, techniques: ['boil-potatoes'], show: 3 },
      { text: 'Whisk vinegar, mustard, salt and shallot, then the oil.', of: 2, hands: 5, place: 'in class', tools: ['whisk', 'large bowl', 'board and knife'], uses: [3, 4, 5, 6, 7], after: [], holds: 45, techniques: ['whisk-dressing'] },
      { text: 'Cook the beans crisp and cool them in cold water.', of: 1, hands: 4, wait: [4, 5], place: 'in class', on: ['hob', ''], tools: ['saucepan', 'strainer'], uses: [2], after: [], holds: 120 },
      { text: 'Cut the potatoes warm into the dressing, fold in beans, parsley and capers.', of: 1, hands: 6, place: 'in class', tools: ['board and knife', 'spatula', 'serving dish'], uses: [8, 9], after: [1, 2, 3], holds: 60, techniques: ['fold', 'taste-and-adjust'] },
    ],
  },
];
