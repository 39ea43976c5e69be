import type { Written } from './written.js';

/** A method in prose, in one paragraph. */
const lentilMethod = [
  'Simmer the lentils with the carrot, celery and bay leaf for 20 to 25 minutes.',
  'Meanwhile boil the eggs for 7 minutes and cool them in iced water.',
  'Whisk the vinegar with the shallot and a pinch of salt, then the oil.',
  'Drain the lentils, dress them warm with two thirds of the dressing, and halve the eggs on top.',
  'Spoon the rest of the dressing over and scatter the parsley.',
].join(' ');

export const writtenRecipes: readonly Written[] = [
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
      'Salad | 4 piece | corn-cob',
      'Salad | 1 tin | tinned-black-beans',
      'Salad | 1 piece | red-pepper',
      'Salad | 1/2 piece | red-onion',
      'Salad | 1 cup | coriander',
      'Dressing | 3 tbsp | lime',
      'Dressing | 1/4 cup | olive-oil',
      'Dressing | 1 tsp | ground-cumin',
      'Dressing | – | fine-salt',
      'Dressing | – | black-pepper',
    ],
    steps: [
      '2 + 20–25 | in class | oven 230 °C | corn-cob',
      '16 | in class | – | tinned-black-beans, red-pepper, red-onion, coriander',
      '9 + 30 | in class | fridge | lime, ground-cumin, olive-oil',
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
      'Hummus from scratch | 1 tsp | bicarbonate',
      'Hummus from scratch | 120 g | tahini',
      'Hummus from scratch | 2..3 tbsp | lemon',
      'Hummus from scratch | 2 clove | garlic',
      'Hummus from scratch | 100 ml | water',
      'Hummus from scratch | 5/4 glug | extra-virgin-olive-oil',
    ],
    steps: [
      '2 + 600–720 | before | fridge | dried-chickpeas, water',
      '2 + 60–80 | either | hob | bicarbonate',
      '7 | in class | blender | tahini, lemon, garlic',
      '4 | in class | – | extra-virgin-olive-oil',
    ],
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
      '3 + 20–25 | in class | hob | green-lentils, carrot, celery, bay-leaf',
      '2 + 7 | in class | hob | egg',
      '5 | in class | – | sherry-vinegar, shallot, walnut-oil',
      '6 | in class | – | –',
      '7 | in class | – | parsley',
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
      '5 + 20 | in class | – | fine-salt, cucumber',
      '4 | in class | – | –',
      '6 | in class | – | strained-yoghurt, garlic, lemon, dill',
      '2 + 60 | in class | fridge | –',
      '3 | in class | – | extra-virgin-olive-oil',
    ],
    marked: ['extra virgin olive oil, for drizzling'],
  },
];
