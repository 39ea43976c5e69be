import type { CautionRow } from './caution-rows.js';

/** Food left warm, kept too long, eaten raw or hardly cooked, and what burns, with nearest neighbours. */
export const harmRows: readonly CautionRow[] = [
  [
    'left-warm',
    ['300 g rice', '1 cucumber'],
    ['Cook the rice.', 'Leave the rice at room temperature overnight.', 'Toss with the cucumber.'],
    ['Cook the rice.', 'Spread the rice on a tray and chill overnight.', 'Toss with the cucumber.'],
  ],
  [
    'left-warm',
    ['1 kg potatoes'],
    ['Boil the potatoes for 20 minutes.', 'Leave on the counter until tomorrow.'],
    ['Boil the potatoes for 20 minutes.', 'Leave on the counter for 30 minutes.'],
  ],
  [
    'left-warm',
    ['300 g pearl barley'],
    ['Boil the barley for 35 minutes.', 'Keep warm in the pan for 5 hours.'],
    ['Boil the barley for 35 minutes.', 'Keep warm in the pan for 20 minutes.'],
  ],
  [
    'left-warm',
    ['6 eggs', '300 ml white wine vinegar'],
    ['Boil the eggs for 10 minutes and peel.', 'Cover with the vinegar and leave on the shelf for a week.'],
    ['Boil the eggs for 10 minutes and peel.', 'Cover with the vinegar and keep in the fridge for a week.'],
  ],
  // Dry beans in water are not cooked yet, and a cheese comes to room temperature.
  [
    'left-warm',
    ['300 g dried chickpeas'],
    ['Soak the chickpeas.', 'Boil the chickpeas for an hour.', 'Leave out for 6 hours.'],
    ['Soak the chickpeas overnight on the counter.', 'Drain and boil for an hour.'],
  ],
  [
    'left-warm',
    ['200 g brie'],
    ['Leave the brie out on the worktop for 6 hours.'],
    ['Take the brie out of the fridge an hour before serving.'],
  ],
  [
    'kept-cold-long',
    ['200 g quinoa'],
    ['Rinse and boil the quinoa for 15 minutes.', 'Chill for 4 days.'],
    ['Rinse and boil the quinoa for 15 minutes.', 'Chill overnight.'],
  ],
  [
    'vegetables-in-oil',
    ['6 red peppers', '200 ml olive oil'],
    ['Roast and peel the peppers.', 'Cover with the oil and keep at room temperature for 2 weeks.'],
    ['Roast and peel the peppers.', 'Cover with the oil and keep in the fridge for 2 days.'],
  ],
  [
    'kept-in-glass',
    ['500 g small cucumbers', '500 ml water'],
    ['Pack the cucumbers in a jar, cover with the water and keep in the cupboard for a month.'],
    ['Pack the cucumbers in a jar, cover with the water and keep in the fridge for a day.'],
  ],
  [
    'eaten-raw',
    ['400 g sea bass fillets', '100 ml lime juice'],
    ['Dice the sea bass and leave it in the lime juice for 15 minutes.'],
    ['Poach the sea bass for 8 minutes and flake it into the lime juice.'],
  ],
  [
    'eaten-raw',
    ['300 g beef fillet', '50 g rocket'],
    ['Slice the beef paper thin and lay it on the rocket.'],
    ['Roast the beef for 40 minutes, slice it and lay it on the rocket.'],
  ],
  [
    'eaten-raw',
    ['12 oysters', '1 lemon'],
    ['Open the oysters and serve with lemon.'],
    ['Steam the oysters for 6 minutes and serve with lemon.'],
  ],
  [
    'barely-cooked',
    ['400 g tuna steaks'],
    ['Sear the tuna for 1 minute on each side.', 'Slice.'],
    ['Fry the tuna for 6 minutes on each side until cooked through.', 'Slice.'],
  ],
  [
    'barely-cooked',
    ['400 g pork fillet'],
    ['Roast the pork until rare, 10 minutes.', 'Slice.'],
    ['Roast the pork for 30 minutes until no longer pink.', 'Slice.'],
  ],
  // Onions turn pink in vinegar, and that is no meat.
  [
    'barely-cooked',
    ['400 g minced beef'],
    ['Shape and fry the patties for 2 minutes a side, rare.'],
    ['Shape and fry the patties until well done.'],
  ],
  [
    'sprouts-raw',
    ['100 g alfalfa sprouts', '1 carrot'],
    ['Toss the sprouts with the carrot.'],
    ['Boil the sprouts for 2 minutes.', 'Toss with the carrot.'],
  ],
  [
    'poisonous-raw',
    ['300 g runner beans'],
    ['Slice the runner beans very finely and serve raw.'],
    ['Slice the runner beans and boil for 6 minutes.'],
  ],
  [
    'board-shared',
    ['300 g salmon fillet', '1 cucumber'],
    ['Cut up the salmon.', 'With the same knife slice the cucumber.', 'Poach the salmon for 8 minutes.'],
    ['Cut up the salmon.', 'Wash the knife, then slice the cucumber.', 'Poach the salmon for 8 minutes.'],
  ],
  [
    'beans-only-simmered',
    ['300 g dried kidney beans'],
    ['Soak the beans overnight and drain.', 'Simmer the beans gently for an hour.'],
    ['Soak the beans overnight and drain.', 'Boil the beans hard for 10 minutes, then simmer for an hour.'],
  ],
  [
    'deep-fried',
    ['1 litre sunflower oil', '300 g tinned chickpeas, drained'],
    ['Heat the oil to 180 °C and deep fry the chickpeas for 4 minutes.'],
    ['Fry the chickpeas in a spoonful of the oil for 4 minutes.'],
  ],
  [
    'hot-sugar',
    ['200 g sugar', '100 g walnuts'],
    ['Melt the sugar in a pan to a dark caramel and stir in the walnuts.'],
    ['Toss the walnuts with the sugar.'],
  ],
  [
    'dry-ice',
    ['1 litre cream'],
    ['Pour the cream over dry ice and stir.'],
    ['Pour the cream over ice and stir.'],
  ],
  [
    'flambe',
    ['4 peaches', '50 ml brandy'],
    ['Pour over the brandy and set light to it.'],
    ['Pour over the brandy and leave for an hour.'],
  ],
  [
    'marinade-reused',
    ['400 g chicken thighs', '100 ml yoghurt'],
    ['Marinate the chicken in the yoghurt.', 'Grill it until 75 °C.', 'Spoon over the rest of the marinade.'],
    ['Marinate the chicken in the yoghurt.', 'Grill it until 75 °C.', 'Throw away the rest of the marinade.'],
  ],
];
