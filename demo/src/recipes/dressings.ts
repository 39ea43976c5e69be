import type { WrittenRecipe } from '../write.js';

interface Simple {
  readonly key: string;
  readonly title: string;
  readonly kind: 'dressing' | 'dip';
  readonly serves: number;
  readonly story: string;
  readonly notes?: string;
  readonly lines: readonly string[];
  readonly dippers?: readonly string[];
  readonly text: string;
  readonly hands: number;
  readonly tools: readonly string[];
  readonly holds: number;
  readonly techniques: readonly string[];
}

/** A dressing or dip that is made in one step. */
function simple({
  kind,
  lines,
  dippers = [],
  text,
  hands,
  tools,
  holds,
  techniques,
  ...rest
}: Simple): WrittenRecipe {
  const component = { name: kind === 'dip' ? 'Dip' : 'Dressing', role: kind, lines };
  return {
    ...rest,
    kind,
    portion: kind === 'dip' ? 'taste' : 'side',
    components:
      dippers.length > 0 ? [component, { name: 'Dippers', role: 'dippers', lines: dippers }] : [component],
    steps: [
      {
        text,
        of: 1,
        hands,
        place: 'in class',
        tools,
        uses: lines.map((_, index) => index + 1),
        after: [],
        holds,
        techniques,
        show: 3,
      },
      ...(dippers.length > 0
        ? [
            {
              text: 'Cut what is dipped into it into pieces that fit two fingers.',
              of: 2,
              hands: 5,
              place: 'in class' as const,
              tools: ['board and knife'],
              uses: dippers.map((_, index) => lines.length + index + 1),
              after: [],
              holds: 60,
              techniques: ['cut-in-pieces'],
            },
          ]
        : []),
    ],
  };
}

/** A dressing of each school, one of them wrong on purpose, and a dip that is eaten from a spoon. */
export const dressings: readonly WrittenRecipe[] = [
  simple({
    key: 'cider-wholegrain',
    title: 'Cider and wholegrain dressing, too salty on purpose',
    kind: 'dressing',
    serves: 6,
    story: 'To be mended in class: taste it, say what is wrong, and bring it back on the dressing bench.',
    notes:
      'Salt is over 5 %. Sugar only hides it: more oil and vinegar in the same parts, until it is under 2.5 %. ' +
      'Three times the oil and vinegar do it; bottle what is left.',
    lines: ['4 tbsp rapeseed oil', '2 tbsp cider vinegar', '1 tsp wholegrain mustard', '1 tsp fine salt'],
    text: 'Whisk vinegar, mustard and salt, then the oil in a thin stream.',
    hands: 5,
    tools: ['small bowl', 'whisk'],
    holds: 45,
    techniques: ['whisk-dressing'],
  }),
  simple({
    key: 'lime-honey',
    title: 'Lime and honey dressing',
    kind: 'dressing',
    serves: 6,
    story: 'As much lime as oil: for pulses, avocado and everything fat.',
    lines: ['4 tbsp olive oil', '4 tbsp lime juice', '1 tsp honey', '½ tsp fine salt'],
    text: 'Shake lime juice, honey and salt in a jar, then the oil.',
    hands: 5,
    tools: ['jar with lid'],
    holds: 30,
    techniques: ['shake-dressing'],
  }),
  simple({
    key: 'sharp-soy',
    title: 'Sharp soy dressing for slaws',
    kind: 'dressing',
    serves: 6,
    story: 'Three times as much vinegar as oil, rounded with sugar: little of it goes far on a slaw.',
    lines: ['4 tsp sunflower oil', '4 tbsp white wine vinegar', '1 tbsp soy sauce', '2½ tsp caster sugar'],
    text: 'Shake vinegar, soy sauce and sugar in a jar until the sugar is gone, then the oil.',
    hands: 4,
    tools: ['jar with lid'],
    holds: 30,
    techniques: ['shake-dressing'],
  }),
  simple({
    key: 'tahini-lemon',
    title: 'Tahini and lemon dressing',
    kind: 'dressing',
    serves: 6,
    story: 'Creamy without milk: the seeds hold the water.',
    lines: [
      '4 tbsp tahini',
      '2 tbsp lemon juice',
      '5 tbsp water',
      '1 clove garlic, crushed',
      '½ tsp fine salt',
    ],
    text: 'Whisk tahini, lemon juice, garlic and salt to a paste, then the water by the spoon.',
    hands: 5,
    tools: ['small bowl', 'whisk'],
    holds: 240,
    techniques: ['whisk-dressing'],
  }),
  simple({
    key: 'orange-lime',
    title: 'Orange and lime dressing without oil',
    kind: 'dressing',
    serves: 6,
    story: 'Juice takes the place of oil: for fruit and shaved vegetables.',
    lines: ['6 tbsp orange juice', '2 tbsp lime juice', '1 tsp fresh ginger, grated', '¼ tsp fine salt'],
    text: 'Shake the juices with ginger and salt in a jar.',
    hands: 4,
    tools: ['jar with lid'],
    holds: 60,
    techniques: ['shake-dressing'],
  }),
  simple({
    key: 'whipped-feta',
    title: 'Whipped feta dip',
    kind: 'dip',
    serves: 6,
    story: 'Feta brings all of the salt that it wants.',
    lines: ['200 g feta', '150 g Greek-style yoghurt', '2 tbsp olive oil', '1 tbsp lemon juice'],
    dippers: ['2 cucumbers', '300 g carrots'],
    text: 'Blend feta and yoghurt in the processor, scrape it down, then let in oil and lemon juice.',
    hands: 8,
    tools: ['food processor', 'spatula'],
    holds: 1440,
    techniques: ['blend-dip'],
  }),
];
