/** A rule, lines, the steps that it speaks of, and its nearest neighbours of which it does not. */
export type CautionRow = [rule: string, lines: string[], speaks: string[], quiet: string[]];

/** Beans, raw food, keeping and the hand. */
export const firstCautionRows: readonly CautionRow[] = [
  [
    'beans-not-soaked',
    ['250 g dried kidney beans'],
    ['Boil the beans hard for 30 minutes, then simmer until tender.'],
    ['Soak the beans overnight and drain.', 'Boil the beans hard for 30 minutes, then simmer.'],
  ],
  [
    'beans-not-soaked',
    ['a bag of dried borlotti'],
    ['Boil them hard for 30 minutes.'],
    ['Soak the borlotti overnight and drain.', 'Boil the borlotti hard for 30 minutes.'],
  ],
  [
    'beans-not-boiled',
    ['250 g dried beans'],
    ['Soak the beans overnight and drain.', 'Bake the beans slowly.'],
    ['Soak the beans overnight and drain.', 'Boil the beans hard for 30 minutes.'],
  ],
  [
    'beans-soaking-water',
    ['250 g dried white beans'],
    ['Soak the beans overnight.', 'Boil the beans hard for 30 minutes.'],
    ['Soak the beans overnight.', 'Drain, cover with fresh water and boil the beans hard for 30 minutes.'],
  ],
  [
    'beans-not-boiled',
    ['250 g dried borlotti beans'],
    ['Soak the beans overnight and drain.', 'Bake the beans in a slow cooker for 8 hours.'],
    ['Soak the beans overnight and drain.', 'Boil the beans hard for 30 minutes, then bake.'],
  ],
  [
    'beans-boiled-short',
    ['250 g dried black beans'],
    ['Soak the beans overnight and drain.', 'Simmer the beans for 5 minutes.'],
    ['Soak the beans overnight and drain.', 'Simmer the beans for 60 minutes.'],
  ],
  [
    'raw-egg',
    ['2 egg yolks', '200 ml rapeseed oil'],
    ['Whisk the yolks with the oil.'],
    ['Boil the egg yolks, then mash with the oil.'],
  ],
  [
    'raw-meets-ready',
    ['400 g chicken breast', '100 g rocket'],
    ['Toss the chicken with the rocket.', 'Serve.'],
    ['Fry the chicken until 75 °C.', 'Toss the chicken with the rocket.'],
  ],
  [
    'marinade-reused',
    ['400 g chicken breast', '50 ml olive oil'],
    [
      'Marinate the chicken in the oil.',
      'Grill the chicken until 75 °C.',
      'Pour the remaining marinade over.',
    ],
    [
      'Marinate the chicken in the oil.',
      'Grill the chicken until 75 °C.',
      'Boil the remaining marinade and pour it over.',
    ],
  ],
  [
    'cooked-to-what',
    ['400 g chicken thighs'],
    ['Fry the chicken for 12 minutes.'],
    ['Fry the chicken for 12 minutes, until the juices run clear.'],
  ],
  [
    'raw-flour',
    ['2 tbsp plain flour', '200 g cream cheese'],
    ['Whisk the flour into the cream cheese.'],
    ['Toast the flour, then whisk it into the cream cheese.'],
  ],
  [
    'in-oil',
    ['1 bulb garlic', '300 ml olive oil'],
    ['Cover the garlic with the oil. It keeps 2 weeks in a cupboard.'],
    ['Cover the garlic with the oil. It keeps 3 days in the fridge.'],
  ],
  [
    'rice-kept',
    ['200 g white rice'],
    ['Boil the rice and cool it fast. It keeps 3 days.'],
    ['Boil the rice and cool it fast. It keeps 1 day.'],
  ],
  [
    'reheated-twice',
    ['400 g potatoes'],
    ['Boil the potatoes.', 'Reheat the potatoes until steaming.', 'Reheat them again until steaming.'],
    ['Boil the potatoes.', 'Reheat the potatoes until steaming.'],
  ],
  [
    'reheated-to-what',
    ['400 g potatoes'],
    ['Boil the potatoes.', 'Reheat the potatoes.'],
    ['Boil the potatoes.', 'Reheat the potatoes until steaming hot.'],
  ],
  [
    'blended-hot',
    ['400 g carrots'],
    ['Blend the carrots while hot.'],
    ['Blend the carrots while hot, a third at a time, the lid vented.'],
  ],
  [
    'zest-after-juice',
    ['juice of 1 lemon', 'zest of 1 lemon'],
    ['Squeeze the lemon.', 'Zest the lemon.'],
    ['Zest the lemon.', 'Squeeze the lemon.'],
  ],
  [
    'tin-not-drained',
    ['1 tin chickpeas'],
    ['Toss the chickpeas.'],
    ['Drain and rinse the chickpeas.', 'Toss the chickpeas.'],
  ],
  [
    'leaves-not-dried',
    ['2 heads little gem'],
    ['Wash the little gem.', 'Toss the little gem.'],
    ['Wash the little gem and spin it dry.', 'Toss the little gem.'],
  ],
  [
    'cucumber-in-yoghurt',
    ['1 cucumber', '200 g yoghurt'],
    ['Grate the cucumber.', 'Stir the cucumber into the yoghurt.'],
    ['Grate the cucumber, salt it and squeeze it.', 'Stir the cucumber into the yoghurt.'],
  ],
];
