import type { Written } from './written.js';

export const moreWrittenRecipes: readonly Written[] = [
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
      'Dressing | 1 tbsp | white-balsamic',
      'Dressing | 1/2 tsp | flake-salt',
    ],
    steps: [
      '11 | in class | – | tomato, peach, 1/2 flake-salt',
      '4 | in class | – | extra-virgin-olive-oil, white-balsamic, 1/2 flake-salt',
      '5 | in class | – | mozzarella, basil',
    ],
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
      'Salad | 1 tin | tinned-butter-beans',
      'Salad | 2 tbsp | tahini',
      'Salad | 1/2 piece | lemon',
      'Salad | 1 clove | garlic',
      'Salad | 2..3 tbsp | water',
      'Salad | 1/2 piece | avocado',
      'Salad | 1 tbsp | pumpkin-seeds',
      'Salad | 1 pinch | chilli-flakes',
    ],
    steps: [
      '5 | in class | – | kale',
      '5 | in class | – | tahini, lemon, garlic, water',
      '4 | in class | – | tinned-butter-beans',
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
      '5 + 60 | either | fridge | watermelon',
      '6 | in class | – | halloumi, 1/2 olive-oil',
      '7 | in class | – | lime, 1/2 olive-oil, mint',
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
      'Dip | 5/4 tsp | –',
      'Dip | 1 piece | lemon',
      'Dip | 1 handful | chives',
      'To serve | 1 piece | rye-bread',
      'To serve | 1 piece | cucumber',
    ],
    steps: [
      '4 | in class | – | smoked-mackerel',
      '6 | in class | – | soured-cream, cream-cheese, horseradish, lemon',
      '2 + 120 | before | fridge | –',
      '4 + 15–18 | in class | oven 180 °C | rye-bread',
      '4 | in class | – | cucumber, chives',
    ],

    marked: ['1 heaped tsp horseradish'],
  },
];
