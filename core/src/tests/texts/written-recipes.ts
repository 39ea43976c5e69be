import type { Recipe } from '../../recipes/index.js';

/**
 * Recipes as people write them, with what must be understood: "component | amount unit | ingredient" of
 * lines, "minutes hands-on + wait | place | appliance | what is used" of steps.
 */
export interface Written {
  readonly system: 'metric' | 'us';
  readonly text: string;
  readonly facts: {
    readonly title: string;
    readonly serves: number;
    readonly portion: Recipe['portion'];
    readonly kind: Recipe['kind'];
    readonly components: readonly string[];
  };
  readonly lines: readonly string[];
  readonly steps: readonly string[];
  /** What lines and steps leave open between each other. */
  readonly unlisted?: readonly string[];
  readonly marked?: readonly string[];
}

/** A method in prose, in one paragraph. */
const lentilMethod = [
  'Simmer the lentils with the carrot, celery and bay leaf for 20 to 25 minutes.',
  'Meanwhile boil the eggs for 7 minutes and cool them in iced water.',
  'Whisk the vinegar with the shallot and a pinch of salt, then the oil.',
  'Drain the lentils, dress them warm with two thirds of the dressing, and halve the eggs on top.',
  'Spoon the rest of the dressing over and scatter the parsley.',
].join(' ');

export const corpus: readonly Written[] = [
  {
    system: 'us',
    text: `
CHARRED CORN & LIME SALAD
Serves: 6 as a side

INGREDIENTS
For the salad
4 ears corn
1 (15 oz) can black beans, drained and rinsed
1 red bell pepper, diced
½ red onion, finely diced
1 cup packed cilantro leaves, chopped

For the dressing:
3 Tbsp. lime juice (from about 2 limes)
¼ cup olive oil
1 tsp. ground cumin
Salt and pepper to taste

DIRECTIONS
1. Heat oven to 450°F.
2. Roast the corn for 20-25 minutes until charred at the edges, then let it cool.
3. Cut the kernels off. Toss with the beans, pepper, onion and cilantro.
4. Whisk lime juice, cumin and oil; pour over and toss. Chill for at least 30 minutes.
`,
    facts: {
      title: 'CHARRED CORN & LIME SALAD',
      serves: 6,
      portion: 'side',
      kind: 'salad',
      components: ['Salad', 'Dressing'],
    },
    lines: [
      'Salad | 4 piece | sweetcorn',
      'Salad | 1 tin | tinned-black-beans',
      'Salad | 1 piece | pepper',
      'Salad | 1/2 piece | red-onion',
      'Salad | 1 cup | coriander',
      'Dressing | 3 tbsp | lime',
      'Dressing | 1/4 cup | olive-oil',
      'Dressing | 1 tsp | ground-cumin',
      'Dressing | – | fine-salt',
      'Dressing | – | black-pepper',
    ],
    steps: [
      '4 | in class | – | –',
      '2 + 20–25 | in class | oven 230 °C | sweetcorn',
      '4 | in class | – | tinned-black-beans, pepper, red-onion, coriander',
      '2 + 30 | in class | fridge | lime, ground-cumin, olive-oil',
    ],
  },
  {
    system: 'metric',
    text: `
# Hummus from scratch

A recipe for people who have time.

*Makes 8*

## Ingredients

* 250 g dried chickpeas, soaked overnight
* 1 tsp bicarbonate of soda
* 120 g tahini
* 2–3 tbsp lemon juice, plus extra to serve
* 2 garlic cloves, crushed
* ice-cold water, about 100 ml
* a good glug of extra virgin olive oil, to finish

## Method

1. Soak the chickpeas overnight in three times their volume of cold water.
2. Drain, cover with fresh water, add the bicarbonate of soda and simmer for 60–80 minutes until they crush between finger and thumb.
3. Blend the chickpeas with the tahini, lemon juice and garlic for 3 minutes, adding the water in a thin stream.
4. Spoon out, make a well and pour the olive oil into it.

Source: house notebook
`,
    facts: {
      title: 'Hummus from scratch',
      serves: 8,
      portion: 'side',
      kind: 'dip',
      components: ['Hummus from scratch'],
    },
    lines: [
      'Hummus from scratch | 250 g | dried-chickpeas',
      'Hummus from scratch | 1 tsp | –',
      'Hummus from scratch | 120 g | tahini',
      'Hummus from scratch | 2..3 tbsp | lemon',
      'Hummus from scratch | 2 clove | garlic',
      'Hummus from scratch | 100 ml | water',
      'Hummus from scratch | 1 glug | extra-virgin-olive-oil',
    ],
    steps: [
      '2 + 600–720 | before | fridge | dried-chickpeas, water',
      '2 + 60–80 | in class | hob | bicarbonate of soda',
      '3 | in class | blender | tahini, lemon, garlic',
      '4 | in class | – | extra-virgin-olive-oil',
    ],
    marked: ['1 tsp bicarbonate of soda'],
  },
  {
    system: 'metric',
    text: `
Warm lentil salad with soft eggs
For 4 people
200g green lentils
1 carrot, finely diced
1 stick celery, finely diced
1 bay leaf
4 eggs
2 tbsp sherry vinegar
5 tbsp walnut oil or olive oil
1 shallot, minced
a small handful of parsley, chopped
${lentilMethod}
`,
    facts: {
      title: 'Warm lentil salad with soft eggs',
      serves: 4,
      portion: 'side',
      kind: 'salad',
      components: ['Salad'],
    },
    lines: [
      'Salad | 200 g | green-lentils',
      'Salad | 1 piece | carrot',
      'Salad | 1 stalk | celery',
      'Salad | 1 leaf | bay-leaf',
      'Salad | 4 piece | egg',
      'Salad | 2 tbsp | sherry-vinegar',
      'Salad | 5 tbsp | walnut-oil',
      'Salad | 1 piece | shallot',
      'Salad | 1 handful | parsley',
    ],
    steps: [
      '2 + 20–25 | in class | hob | green-lentils, carrot, celery, bay-leaf',
      '2 + 7 | in class | hob | egg',
      '4 | in class | – | sherry-vinegar, shallot, walnut-oil',
      '4 | in class | – | –',
      '4 | in class | – | parsley',
    ],
    unlisted: ['salt'],
  },
  {
    system: 'metric',
    text: `
Cucumber, yoghurt & dill
Serves 4

1 large cucumber, peeled, seeded and grated
1 tsp fine salt
250 g strained yoghurt
1 clove of garlic, crushed
2 tbsp dill, chopped
1 tbsp lemon juice
extra virgin olive oil, for drizzling

1) Salt the cucumber and leave in a strainer for 20 minutes. Squeeze it dry.
2) Stir the yoghurt with garlic, lemon and dill. Fold in the cucumber.
3) Chill for an hour. Drizzle with oil.
`,
    facts: {
      title: 'Cucumber, yoghurt & dill',
      serves: 4,
      portion: 'side',
      kind: 'salad',
      components: ['Salad'],
    },
    lines: [
      'Salad | 1 piece | cucumber',
      'Salad | 1 tsp | fine-salt',
      'Salad | 250 g | strained-yoghurt',
      'Salad | 1 clove | garlic',
      'Salad | 2 tbsp | dill',
      'Salad | 1 tbsp | lemon',
      'Salad | – | extra-virgin-olive-oil',
    ],
    steps: [
      '2 + 20 | in class | – | fine-salt, cucumber',
      '4 | in class | – | strained-yoghurt, garlic, lemon, dill',
      '2 + 60 | in class | fridge | extra-virgin-olive-oil',
    ],
    marked: ['extra virgin olive oil, for drizzling'],
  },
  {
    system: 'metric',
    text: `
Peach, tomato and mozzarella
Serves 4 as a main
Ingredients:
4 ripe peaches, cut into wedges
500g mixed tomatoes, sliced
2 x 125g balls mozzarella, torn
Small bunch of basil
For the dressing
3 tbsp extra virgin olive oil
1 tbsp white balsamic or white wine vinegar
1/2 tsp flaky sea salt
Method:
Lay the tomatoes and peaches on a platter and season with half the salt.
Whisk oil and vinegar with the remaining salt.
Tear over the mozzarella and basil, dress and serve at once.
`,
    facts: {
      title: 'Peach, tomato and mozzarella',
      serves: 4,
      portion: 'main',
      kind: 'salad',
      components: ['Salad', 'Dressing'],
    },
    lines: [
      'Salad | 4 piece | peach',
      'Salad | 500 g | tomato',
      'Salad | 2 piece | mozzarella',
      'Salad | 1 bunch | basil',
      'Dressing | 3 tbsp | extra-virgin-olive-oil',
      'Dressing | 1 tbsp | –',
      'Dressing | 1/2 tsp | flake-salt',
    ],
    steps: [
      '4 | in class | – | tomato, peach, 1/2 flake-salt',
      '4 | in class | – | extra-virgin-olive-oil, white balsamic, 1/2 flake-salt',
      '4 | in class | – | mozzarella, basil',
    ],
    marked: ['1 tbsp white balsamic or white wine vinegar'],
  },
  {
    system: 'metric',
    text: `
Kale and butter bean bowl
Makes 2 generous portions, as a main

150 g kale, stems removed
1 x 400g tin butter beans, drained & rinsed
2 tbsp tahini
juice of ½ lemon
1 small garlic clove, crushed
2-3 tbsp warm water
½ avocado, sliced
1 tbsp pumpkin seeds, toasted
pinch of chilli flakes (optional)

Strip the kale from its ribs and massage it with a pinch of salt for 2 minutes.
Whisk the tahini with the lemon juice, garlic and warm water until it drips from the spoon.
Toss the kale and beans with half of the tahini. Top with avocado, pumpkin seeds, chilli flakes and the remaining tahini.
`,
    facts: {
      title: 'Kale and butter bean bowl',
      serves: 2,
      portion: 'main',
      kind: 'salad',
      components: ['Salad'],
    },
    lines: [
      'Salad | 150 g | kale',
      'Salad | 1 tin | tinned-white-beans',
      'Salad | 2 tbsp | tahini',
      'Salad | 1/2 piece | lemon',
      'Salad | 1 clove | garlic',
      'Salad | 2..3 tbsp | water',
      'Salad | 1/2 piece | avocado',
      'Salad | 1 tbsp | pumpkin-seeds',
      'Salad | 1 pinch | chilli-flakes',
    ],
    steps: [
      '2 | in class | – | kale',
      '4 | in class | – | tahini, lemon, garlic, water',
      '4 | in class | – | tinned-white-beans',
      '4 | in class | – | avocado, pumpkin-seeds, chilli-flakes',
    ],
    unlisted: ['salt'],
  },
  {
    system: 'metric',
    text: `
Grilled halloumi, watermelon and mint
Serves 6 as a starter

Ingredients

600 g watermelon, cut in cubes
225 g block halloumi, sliced 1 cm thick
1 lime, zested and juiced
12 mint leaves, torn
2 tbsp olive oil, divided
Freshly ground black pepper

Method

Step 1: Chill the watermelon for 1 hour.
Step 2: Brush the halloumi with half the oil and grill on a hot griddle for 2–3 minutes a side.
Step 3: Toss the watermelon with lime zest, lime juice and the rest of the oil. Halloumi and mint on top; eat at once.
`,
    facts: {
      title: 'Grilled halloumi, watermelon and mint',
      serves: 6,
      portion: 'taste',
      kind: 'salad',
      components: ['Salad'],
    },
    lines: [
      'Salad | 600 g | watermelon',
      'Salad | 1 packet | halloumi',
      'Salad | 1 piece | lime',
      'Salad | 12 leaf | mint',
      'Salad | 2 tbsp | olive-oil',
      'Salad | – | black-pepper',
    ],
    steps: [
      '2 + 60 | in class | fridge | watermelon',
      '3 | in class | – | halloumi, 1/2 olive-oil',
      '4 | in class | – | lime, 1/2 olive-oil, mint',
    ],
    marked: ['Freshly ground black pepper'],
  },
  {
    system: 'metric',
    text: `
Rye crackers with smoked mackerel dip
Serves: 10
Notes: the dip can be made a day ahead.

For the dip:
200g smoked mackerel, skinned
150 g cream cheese
100 ml soured cream
1 heaped tsp horseradish
zest and juice of 1 lemon
small handful chives, snipped

To serve:
1 x 500 g loaf rye bread, thinly sliced
1 cucumber

1. Flake the mackerel, checking for bones.
2. Beat in the cream cheese, soured cream, horseradish, lemon zest and half the juice. Taste, and add the rest of the juice if it wants it.
3. Chill overnight or for at least 2 hours.
4. Bake the rye bread at gas mark 4 for 15 to 18 minutes until crisp. Serve with the dip, cucumber sticks and chives.
`,
    facts: {
      title: 'Rye crackers with smoked mackerel dip',
      serves: 10,
      portion: 'side',
      kind: 'dip',
      components: ['Dip', 'To serve'],
    },
    lines: [
      'Dip | 200 g | smoked-mackerel',
      'Dip | 150 g | cream-cheese',
      'Dip | 100 ml | soured-cream',
      'Dip | 1 tsp | horseradish',
      'Dip | 1 piece | lemon',
      'Dip | 1 handful | chives',
      'To serve | 1 piece | rye-bread',
      'To serve | 1 piece | cucumber',
    ],
    steps: [
      '4 | in class | – | smoked-mackerel',
      '4 | in class | – | soured-cream, cream-cheese, horseradish, lemon',
      '2 + 120–720 | before | fridge | –',
      '2 + 15–18 | in class | oven 180 °C | rye-bread, cucumber, chives',
    ],
  },
];
