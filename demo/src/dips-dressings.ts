import type { WrittenRecipe } from './write.js';

export const dipsAndDressings: readonly WrittenRecipe[] = [
  {
    key: 'white-bean', title: 'White bean and sage dip from dried beans', kind: 'dip', serves: 8, portion: 'taste', leastBatch: '1/2',
    story: 'Two days of lead for five minutes of work, and far better than a tin.',
    components: [
      { name: 'Dip', role: 'dip', lines: ['250 g dried white beans', '2 cloves garlic', '8 sage leaves', '5 tbsp extra virgin olive oil, plus 1 tbsp for the top', '2 tbsp lemon juice', '1 tsp fine salt'] },
      { name: 'Dippers', role: 'dippers', lines: ['4 flatbreads', '1 tbsp olive oil'] },
    ],
    steps: [
      { text: 'Pick over the beans and soak them in plenty of cold water.', of: 1, hands: 5, wait: [480, 720], until: 'until evenly swollen', place: 'before', on: ['fridge', ''], tools: ['storage box'], uses: [1], after: [], holds: 240, techniques: ['soak-and-cook-pulses'] },
      { text: 'Throw the soaking water away, boil the beans hard for ten minutes in fresh water with garlic and sage, then simmer to tender.', of: 1, hands: 10, wait: [60, 75], until: 'until one crushes to cream', place: 'before', on: ['hob', ''], tools: ['large pot', 'strainer'], uses: [2, 3], holds: 30, techniques: ['soak-and-cook-pulses'] },
      { text: 'Cool the beans in a shallow dish and put them in the cold.', of: 1, hands: 3, wait: [60, 90], place: 'before', on: ['fridge', ''], tools: ['storage box'], after: [2], holds: 2880, techniques: ['chill-and-store'] },
      { text: 'Blend the beans with lemon juice and salt, then oil in a thread.', of: 1, hands: 5, place: 'in class', on: ['blender', ''], tools: ['jug blender', 'spatula', 'citrus press'], uses: [4, 5, 6], after: [3], holds: 240, techniques: ['blend-dip', 'taste-and-adjust'], show: 4 },
      { text: 'Tear and oil the flatbreads and toast them.', of: 2, hands: 4, wait: [7, 8], until: 'until golden', place: 'in class', on: ['oven', '220 °C'], tools: ['oven tray'], uses: [7, 8], after: [], holds: 60, techniques: ['toast-bread'] },
      { text: 'Spoon the dip out, a thread of oil over it, bread beside.', of: 1, hands: 2, place: 'in class', tools: ['serving dish'], after: [4, 5], holds: 30, techniques: ['garnish'] },
    ],
  },
  {
    key: 'aubergine', title: 'Charred aubergine dip with tahini', kind: 'dip', serves: 6, portion: 'taste',
    story: 'Smoke from the burnt skin, cream from the sesame.',
    components: [
      { name: 'Dip', role: 'dip', lines: ['3 aubergines', '4 tbsp tahini', 'juice of 1½ lemons', '1 clove garlic, crushed', '¾ tsp fine salt'] },
      { name: 'On top', role: 'garnish', lines: ['1 tbsp extra virgin olive oil', '3 tbsp pomegranate seeds', '1 tbsp chopped mint'] },
    ],
    steps: [
      { text: 'Prick the aubergines and char them in a very hot oven.', of: 1, hands: 4, wait: [35, 45], until: 'until black and collapsed', place: 'either', on: ['oven', '240 °C'], tools: ['oven tray', 'tongs'], uses: [1], after: [], techniques: ['char-steam-peel'] },
      { text: 'Cover ten minutes, peel, and drain the flesh.', of: 1, hands: 8, wait: [10, 15], place: 'either', tools: ['strainer', 'board and knife'], after: [1], holds: 240, techniques: ['char-steam-peel'] },
      { text: 'Chop the flesh by hand and beat in tahini, lemon, garlic and salt.', of: 1, hands: 6, place: 'in class', tools: ['board and knife', 'small bowl', 'citrus press'], uses: [2, 3, 4, 5], after: [2], holds: 240, techniques: ['garlic-paste', 'taste-and-adjust'], show: 4 },
      { text: 'Spread on a plate; oil, pomegranate and mint on top.', of: 2, hands: 3, place: 'in class', tools: ['serving dish'], uses: [6, 7, 8], after: [3], holds: 60, techniques: ['garnish'] },
    ],
  },
  {
    key: 'vinaigrettes', title: 'A flight of four vinaigrettes', kind: 'dressing', serves: 8, portion: 'taste',
    story: 'The same leaves under four ratios: oil-led, moderate, even and acid-led.',
    components: [
      { name: 'Oil-led, 3 : 1', role: 'dressing', lines: ['6 tbsp extra virgin olive oil', '2 tbsp red wine vinegar', '¼ tsp fine salt'] },
      { name: 'Moderate, 2 : 1', role: 'dressing', lines: ['4 tbsp rapeseed oil', '2 tbsp cider vinegar', '1 tsp wholegrain mustard', '¼ tsp fine salt'] },
      { name: 'Even, 1 : 1', role: 'dressing', lines: ['3 tbsp olive oil', '3 tbsp lime juice', '1 tsp honey', '¼ tsp fine salt'] },
      { name: 'Acid-led, 1 : 3', role: 'dressing', lines: ['1 tbsp toasted sesame oil', '3 tbsp rice vinegar', '2 tsp soy sauce', '2 tsp caster sugar'] },
      { name: 'To taste them on', role: 'base', lines: ['4 heads little gem'] },
    ],
    steps: [
      { text: 'Wash, dry and separate the little gem leaves.', of: 5, hands: 6, place: 'either', tools: ['salad spinner'], uses: [16], after: [], holds: 480, techniques: ['wash-and-dry-leaves'] },
      { text: 'Shake each dressing in its own jar: salt and acid first, then oil.', of: 1, hands: 10, place: 'in class', tools: ['jar with lid'], uses: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15], after: [], holds: 20, techniques: ['shake-dressing'], show: 6 },
      { text: 'Taste all four on a leaf, and write down which wants what.', of: 5, hands: 8, place: 'in class', tools: ['small bowl'], after: [1, 2], holds: 60, techniques: ['taste-and-adjust'] },
    ],
  },
  {
    key: 'herb-yoghurt', title: 'Green herb and yoghurt dip', kind: 'dip', serves: 6, portion: 'taste', system: 'us', leastBatch: '1/2',
    story: 'Written in cups by a visiting cook; any soft herbs will do.',
    components: [
      { name: 'Dip', role: 'dip', lines: ['1 cup (240 ml) Greek-style yogurt', '½ cup packed cilantro leaves', '¼ cup chopped chives', '1 clove garlic, minced', '2 tbsp lemon juice', '½ tsp fine salt'] },
      { name: 'Dippers', role: 'dippers', lines: ['4 carrots, peeled', '1 cucumber', '2 heads chicory'] },
    ],
    steps: [
      { text: 'Wash, dry and chop the herbs.', of: 1, hands: 6, place: 'in class', tools: ['board and knife', 'salad spinner'], uses: [2, 3], after: [], holds: 60, techniques: ['wash-and-dry-leaves', 'ribbons'] },
      { text: 'Stir garlic, lemon juice and salt into the yogurt, then the herbs.', of: 1, hands: 3, place: 'in class', tools: ['small bowl'], uses: [1, 4, 5, 6], after: [1], holds: 240, techniques: ['taste-and-adjust'], show: 3 },
      { text: 'Cut carrots, cucumber and chicory for dipping.', of: 2, hands: 8, place: 'in class', tools: ['board and knife', 'peeler', 'serving dish'], uses: [7, 8, 9], after: [], holds: 120, techniques: ['dice'] },
    ],
  },
  {
    key: 'house-mustard', title: 'House mustard dressing', kind: 'dressing', serves: 6, portion: 'side',
    story: 'The dressing of the house: made once, and a part of other recipes.',
    components: [{ name: 'Dressing', role: 'dressing', lines: ['2 tbsp cider vinegar', '2 tsp Dijon mustard', '½ tsp fine salt', '6 tbsp rapeseed oil'] }],
    steps: [{ text: 'Shake vinegar, mustard and salt in a jar, then the oil.', of: 1, hands: 4, place: 'in class', tools: ['jar with lid'], uses: [1, 2, 3, 4], after: [], holds: 45, techniques: ['shake-dressing'], show: 3 }],
  },
  {
    key: 'house-leaves', title: 'Leaves with the house dressing', kind: 'salad', serves: 6, portion: 'side',
    story: 'One salad, two schools: dressed just before serving, or by everybody at the table.',
    choices: [{ id: 'w1', name: 'When to dress', usual: 'o1', options: [{ id: 'o1', name: 'just before serving' }, { id: 'o2', name: 'at the table' }] }],
    components: [
      { name: 'Leaves', role: 'base', lines: ['2 heads cos lettuce', '60 g rocket', '100 g radishes, sliced'] },
      { name: 'House dressing', role: 'dressing', lines: [], made: { by: 'house-mustard', batches: '1' } },
      { name: 'On top', role: 'topping', lines: ['40 g sunflower seeds, toasted'] },
    ],
    steps: [
      { text: 'Take the base out of the cos, wash and dry the leaves and the rocket.', of: 1, hands: 6, place: 'in class', tools: ['board and knife', 'salad spinner'], uses: [1, 2], after: [], holds: 120, techniques: ['open-cos', 'wash-and-dry-leaves'], show: 2 },
      { text: 'Slice the radishes and toast the sunflower seeds in a dry pan.', of: 1, hands: 6, place: 'in class', on: ['hob', ''], tools: ['board and knife', 'frying pan'], uses: [3, 4], after: [], holds: 120, techniques: ['slice', 'toast-nuts-seeds'] },
      { text: 'Toss the leaves with the house dressing at the last moment; seeds on top.', of: 1, hands: 3, place: 'in class', tools: ['large bowl', 'serving dish'], after: [1, 2], holds: 10, techniques: ['toss'], when: { choice: 'w1', option: 'o1' } },
      { text: 'Set leaves, seeds and a jar of the house dressing on each table.', of: 1, hands: 2, place: 'in class', tools: ['serving dish'], after: [1, 2], holds: 30, techniques: ['garnish'], when: { choice: 'w1', option: 'o2' } },
    ],
  },
];
