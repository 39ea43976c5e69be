import { writtenSection } from '../define.js';

/** Tinned pulses, vegetables in jars, mustards, pastes and butters of nuts. */
export const moreTinsAndJars = writtenSection(
  'tins and jars',
  `
tinned-kidney-beans: tinned kidney beans / canned kidney beans, canned red kidney beans, tinned red kidney beans
  | 400 tin 0.6 | tin=400 d=0.72 d.drained=0.72 drained=0.6 y=1 | room 700 | – | 70 0.6 2 0.5
tinned-borlotti-beans: tinned borlotti beans / canned cranberry beans, canned borlotti beans, tinned cranberry beans
  | 400 tin 0.75 | tin=400 d=0.72 d.drained=0.72 drained=0.6 y=1 | room 700 | – | 71 0.5 1 0.5
tinned-pinto-beans: tinned pinto beans / canned pinto beans
  | 400 tin 0.75 | tin=400 d=0.72 d.drained=0.72 drained=0.6 y=1 | room 700 | – | 71 0.6 0.5 0.5
tinned-black-eyed-beans: tinned black-eyed beans / canned black-eyed peas, canned black eyed beans, tinned black-eyed peas
  | 400 tin 0.75 | tin=400 d=0.7 d.drained=0.7 drained=0.6 y=1 | room 700 | – | 72 0.5 1 0.5
tinned-mixed-beans: tinned mixed beans / canned mixed beans, tinned bean salad, mixed beans in water
  | 400 tin 0.75 | tin=400 d=0.72 drained=0.6 y=1 | room 700 | – | 72 0.6 1 0.5
tinned-butter-beans: tinned butter beans / canned lima beans, canned butter beans, tinned lima beans, jarred butter beans
  | 400 tin 0.7 | tin=400 jar=700 d=0.7 d.drained=0.7 drained=0.6 y=1 | room 700 | – | 73 0.5 0.7 0.5
tinned-broad-beans: tinned broad beans / canned fava beans, tinned fava beans, canned ful
  | 400 tin 1 | tin=400 d=0.7 drained=0.6 y=1 | room 700 | – | 75 0.5 1 0.5
refried-beans: refried beans, tinned refried beans
  | 435 tin 1.4 | tin=435 d=1.05 y=1 | room 700 | – | 76 1 1 0.9
passata: passata / strained tomatoes, sieved tomatoes, tomato passata
  | 500 carton 0.7 | d=1.03 jar=690 y=1 | room 500 | – | 91 0.2 4.5 0.2 citric 0.4
tomato-paste: tomato purée / tomato paste, tomato puree, concentrated tomato puree
  | 200 tube 0.9 | d=1.1 tin=140 y=1 | room 300 | – | 72 0.4 13 0.3 citric 1.8
artichoke-hearts: artichoke hearts in a jar / marinated artichoke hearts, artichoke hearts, jarred artichokes, artichokes in oil, grilled artichokes
  | 280 jar 2.4 | jar=280 tin=400 piece=18 d.chopped=0.65 drained=0.6 y=1 | room 500 | sulphites | 75 12 1.5 1.5 citric 0.5
tinned-artichokes: tinned artichoke hearts / canned artichoke hearts
  | 400 tin 2 | tin=400 piece=20 d.chopped=0.65 drained=0.6 y=1 | room 700 | – | 90 0.2 1 0.7 citric 0.3
hearts-of-palm: hearts of palm, palm hearts, heart of palm
  | 400 tin 2.2 | tin=400 jar=400 stalk=25 piece=25 d.sliced=0.6 drained=0.55 y=1 | room 700 | sulphites | 91 0.5 1 1 citric 0.2
bamboo-shoots: tinned bamboo shoots / canned bamboo shoots, bamboo shoots
  | 225 tin 0.9 | tin=225 d.sliced=0.55 drained=0.6 y=1 | room 700 | – | 94 0.4 1.9 0.1
water-chestnuts: tinned water chestnuts / canned water chestnuts, water chestnuts
  | 225 tin 0.9 | tin=225 piece=10 d.sliced=0.6 drained=0.62 y=1 | room 700 | – | 86 0.1 2.5 0
tinned-pineapple: tinned pineapple / canned pineapple, pineapple in juice, tinned pineapple rings, canned pineapple chunks
  | 435 tin 1.1 | tin=435 slice=35 drained=0.6 y=1 | room 700 | – | 86 0.1 13 0 citric 0.5
tinned-peaches: tinned peaches / canned peaches, peaches in syrup, peaches in juice
  | 410 tin 1 | tin=410 drained=0.6 y=1 | room 700 | – | 85 0.1 12 0 citric 0.3
green-olives: green olives, pitted green olives, whole green olives, large green olives
  | 330 jar 1.8 | piece=4 handful=35 jar=330 d=0.62 drained=0.5 y=1 y.pitted=0.8 | room 400 | !choking | 76 14 0.5 3.8 lactic 0.4
black-olives: black olives, pitted black olives, kalamata olives, ripe olives
  | 330 jar 1.8 | piece=4 handful=35 jar=330 d=0.62 drained=0.5 y=1 y.pitted=0.8 | room 400 | !choking | 74 16 0.3 3.2 lactic 0.3
stuffed-olives: stuffed green olives, stuffed olives, olives stuffed with pepper, pimento-stuffed olives
  | 330 jar 1.6 | piece=4 handful=35 jar=330 drained=0.5 y=1 | room 400 | !choking | 77 13 0.5 4 lactic 0.4
capers-in-salt: capers in salt / salt-packed capers, salted capers, salt packed capers, dry-salted capers
  | 100 jar 2.4 | d=0.65 y=0.95 | room 365 | – | 52 0.5 0.3 38
caperberries: caperberries, caper berries, caperberry
  | 200 jar 2.4 | piece=6 drained=0.6 y=1 | room 400 | sulphites | 87 0.5 0.5 5 acetic 0.9
pickled-onions: pickled onions, cocktail onions, pickled silverskin onions
  | 440 jar 1.6 | piece=12 drained=0.6 y=1 | room 400 | sulphites | 86 0.1 6 1.6 acetic 1.5
pickled-jalapenos: pickled jalapeños, pickled jalapenos, sliced jalapeños in vinegar, jarred jalapeños, pickled green chillies
  | 215 jar 1.4 | slice=2 d=0.6 drained=0.55 y=1 scaling=startLow | room 400 | sulphites | 90 0.5 2 3 acetic 1.2
pickled-peppers: pickled chilli peppers, pickled peppers, pickled chillies, pickled banana peppers, pepperoncini
  | 280 jar 2 | piece=10 drained=0.55 y=1 scaling=startLow | room 400 | sulphites | 90 0.4 2 3 acetic 1.2
pickled-ginger: pickled ginger, sushi ginger
  | 190 jar 2 | d=0.6 drained=0.65 y=1 | room 300 | sulphites | 80 0.2 12 2 acetic 1
pickled-beetroot: pickled beetroot / pickled beets, beetroot in vinegar
  | 340 jar 1 | slice=12 drained=0.62 y=1 | room 400 | – | 88 0.1 8 0.8 acetic 0.8
cooked-beetroot: cooked vacuum-packed beetroot / cooked vacuum-packed beets, vacuum-packed beetroot, ready-cooked beetroot, cooked beetroot in a packet
  | 250 packet 1 | piece=60 d.diced=0.6 y=0.97 | cold 14 | – | 87 0.1 8 0.2
sauerkraut: sauerkraut
  | 500 jar 1.8 | d=0.6 drained=0.85 y=1 | cold 60 room 300 | – | 92 0.1 1.8 1.6 lactic 1.2
kimchi: kimchi, kimchee | 300 jar 3.8 | d=0.75 y=1 | cold 60 | fish crustaceans | 91 0.5 2 2 lactic 0.9
preserved-lemon: preserved lemons / preserved lemon, salted lemons
  | 220 jar 2.8 | piece=40 d.minced=0.9 drained=0.6 y=0.6 | cold 180 room 300 | – | 75 0.3 2 12 citric 3
vine-leaves: vine leaves in brine / grape leaves in brine, vine leaves, grape leaves
  | 450 jar 2.8 | leaf=4 drained=0.6 y=0.95 | room 400 | – | 85 1 3 4 citric 0.3
english-mustard: English mustard / hot English mustard, hot mustard
  | 180 jar 1 | d=1.05 y=1 scaling=startLow | cold 180 room 300 | mustard wheat sulphites | 60 10 7 8 acetic 1.2
american-mustard: mild yellow mustard / yellow mustard, american mustard, burger mustard, ballpark mustard
  | 250 bottle 1.2 | d=1.03 y=1 | cold 180 room 300 | mustard | 82 4 2 2.8 acetic 2
honey-mustard: honey mustard, sweet mustard
  | 200 jar 1.6 | d=1.1 y=1 | cold 180 | mustard sulphites notvegan | 55 6 25 3 acetic 1.2
creamed-horseradish: creamed horseradish / creamy horseradish sauce, horseradish sauce, horseradish cream
  | 185 jar 1.3 | d=1 y=1 | cold 30 | milk mustard egg sulphites | 60 18 10 1.8 acetic 1
aioli: ready-made garlic mayonnaise, aioli, garlic mayonnaise, allioli
  | 250 jar 2 | d=0.95 y=1 | cold 30 | egg mustard !cold | 22 73 1.5 1.5 acetic 0.3
vegan-mayonnaise: vegan mayonnaise, egg-free mayonnaise, vegan mayo, plant-based mayonnaise
  | 400 jar 2.4 | d=0.95 y=1 | cold 60 | mustard | 35 60 2 1.4 acetic 0.4
almond-butter: almond butter | 170 jar 3 | d=1.05 y=1 | room 180 | almond | 2 56 5 0
cashew-butter: cashew butter | 170 jar 3.4 | d=1.05 y=1 | room 180 | cashew | 3 49 6 0
hazelnut-butter: hazelnut butter, hazelnut paste | 170 jar 3.8 | d=1.05 y=1 | room 180 | hazelnut | 2 62 4.5 0
walnut-butter: walnut butter, walnut paste | 170 jar 4 | d=1.03 y=1 | room 120 | walnut | 3 66 3 0
pistachio-butter: pistachio butter, pistachio paste, pistachio cream
  | 170 jar 5 | d=1.05 y=1 | room 180 | pistachio | 3 50 8 0
pecan-butter: pecan butter | 170 jar 4.5 | d=1.03 y=1 | room 120 | pecan | 2 72 4 0
macadamia-butter: macadamia butter | 170 jar 5.5 | d=1.03 y=1 | room 120 | macadamia-nut | 2 75 4.5 0
brazil-butter: Brazil nut butter, brazil butter
  | 170 jar 4.5 | d=1.03 y=1 | room 120 | brazil-nut | 3 67 2.3 0
nut-butter: mixed nut butter, nut butter, three nut butter
  | 170 jar 3.4 | d=1.05 y=1 | room 180 | almond hazelnut cashew brazil-nut peanut | 2 55 5 0
sunflower-butter: sunflower seed butter, sunflower butter | 170 jar 3 | d=1.05 y=1 | room 180 | – | 2 52 4 0.1
pumpkin-butter: pumpkin seed butter, pumpkin seed paste | 170 jar 3.8 | d=1.05 y=1 | room 180 | – | 3 50 1.5 0
black-tahini: black tahini, black sesame paste | 250 jar 3.8 | d=1.05 y=1 | room 365 | sesame | 2 55 0.5 0.1
pesto: basil pesto / pesto, green pesto, pesto genovese, jarred pesto
  | 190 jar 1.8 | d=1 y=1 | cold 14 room 300 | milk cashew pine-nut rennet | 42 40 4 2.5
red-pesto: red pesto / sun-dried tomato pesto, tomato pesto
  | 190 jar 1.8 | d=1 y=1 | cold 14 room 300 | milk cashew rennet | 48 30 6 2.5
tapenade: olive tapenade / tapenade, black olive tapenade, olive paste, green olive tapenade
  | 180 jar 2.2 | d=1 y=1 | cold 14 room 300 | fish | 55 35 0.5 4
harissa-rose: rose harissa, rose harissa paste
  | 90 jar 2.6 | d=1 y=1 scaling=startLow | cold 42 room 365 | – | 62 15 8 3 citric 0.7
chipotle-paste: chipotle paste, chipotles in adobo, chipotle chillies in adobo, chipotle in adobo
  | 95 jar 2 | d=1.05 y=1 scaling=startLow | cold 42 room 365 | sulphites | 68 5 12 4 acetic 1
thai-red-curry-paste: Thai red curry paste, red curry paste
  | 200 jar 1.8 | d=1.05 y=1 scaling=startLow | cold 30 room 365 | crustaceans fish | 55 8 8 9
thai-green-curry-paste: Thai green curry paste, green curry paste
  | 200 jar 1.8 | d=1.05 y=1 scaling=startLow | cold 30 room 365 | crustaceans fish | 58 8 7 9
curry-paste: Indian curry paste, indian spice paste
  | 200 jar 1.8 | d=1.05 y=1 scaling=startLow | cold 42 room 365 | mustard | 45 30 5 5 acetic 1
red-miso: red miso / dark miso, brown miso, dark miso paste, red miso paste
  | 300 tub 3.4 | d=1.15 y=1 scaling=startLow | cold 180 | soya barley | 45 6 5 13 lactic 0.4
tamarind: tamarind paste, tamarind concentrate, tamarind puree
  | 200 jar 2 | d=1.2 y=1 | cold 60 room 300 | – | 62 0.3 30 0.2 citric 7
wasabi: wasabi paste, wasabi
  | 43 tube 1.6 | d=1.1 y=1 scaling=startLow | cold 60 room 365 | mustard | 45 10 13 6
coconut-milk: tinned coconut milk / canned coconut milk, coconut milk, full-fat coconut milk
  | ml 400 tin 1.2 | tin=400 d=1 y=1 | room 700 | – | 73 18 2.5 0.1
coconut-cream: coconut cream, tinned coconut cream
  | ml 160 carton 0.9 | tin=160 d=1 y=1 | room 700 | – | 68 24 3 0.1
salsa: tomato salsa, salsa, ready-made salsa, jarred salsa
  | 300 jar 1.6 | d=1.02 y=1 | cold 7 room 365 | – | 89 0.3 5 1.2 acetic 0.4
hummus: ready-made hummus, hummus, houmous, shop-bought hummus
  | 200 tub 1.4 | d=1.03 y=1 | cold 3 | sesame !cold | 58 20 1 1.1 citric 0.3
guacamole: ready-made guacamole, guacamole | 150 tub 2 | d=1 y=1 | cold 2 | !cold | 74 16 1.5 0.9 citric 0.4
chutney: fruit chutney, chutney | 300 jar 1.8 | d=1.25 y=1 | room 365 | sulphites | 38 0.2 50 1.5 acetic 1
lime-pickle: lime pickle
  | 280 jar 1.8 | d=1.1 y=1 scaling=startLow | room 365 | mustard | 52 18 3 9 acetic 1.5
mint-sauce: mint sauce | 180 jar 1 | d=1.1 y=1 | room 365 | sulphites | 68 0.3 22 2 acetic 2
cranberry-sauce: cranberry sauce, cranberry jelly
  | 250 jar 1.5 | d=1.2 y=1 | room 365 | – | 45 0.1 50 0.1 citric 1
apple-sauce: apple sauce / applesauce, unsweetened apple sauce, stewed apple
  | 270 jar 1.2 | d=1.03 y=1 | room 365 | – | 86 0.1 11 0 citric 0.5
vegetable-bouillon: vegetable stock cubes / vegetable bouillon cubes, vegetable stock cube, vegetable bouillon powder, vegetable bouillon
  | 100 packet 1.2 | piece=10 d=0.7 y=1 | room 500 | celery | 4 8 3 50
chicken-stock-cubes: chicken stock cubes / chicken bouillon cubes, chicken stock cube, chicken stock powder, chicken bouillon
  | 100 packet 1.2 | piece=10 d=0.7 y=1 | room 500 | celery wheat meat | 4 9 3 52
chicken-stock: chicken stock / chicken broth, chicken bone broth, fresh chicken stock
  | ml 500 pouch 1.8 | d=1 y=1 | cold 3 room 365 | celery meat | 97 0.5 0.3 0.8
beef-stock: beef stock / beef broth, beef bone broth
  | ml 500 pouch 1.8 | d=1 y=1 | cold 3 room 365 | celery meat | 97 0.3 0.3 0.8
fish-stock: fish stock / fish broth
  | ml 500 pouch 2.2 | d=1 y=1 | cold 3 room 365 | fish celery | 98 0.2 0.2 0.8
mushroom-stock: mushroom stock / mushroom broth
  | ml 500 pouch 2 | d=1 y=1 | cold 3 room 365 | celery | 97 0.2 0.5 0.8
cornichons: cornichons, baby gherkins, cocktail gherkins
  | 350 jar 1.8 | piece=5 jar=350 d.chopped=0.6 drained=0.55 y=1 | room 400 | mustard sulphites | 92 0.2 2.5 1.8 acetic 1
mango-chutney: mango chutney | 300 jar 1.6 | d=1.25 y=1 | room 365 | – | 38 0.2 52 2 acetic 0.8
tomato-chutney: tomato chutney, tomato relish
  | 300 jar 1.8 | d=1.2 y=1 | room 365 | sulphites | 50 0.3 38 1.6 acetic 1
redcurrant-jelly: redcurrant jelly | 225 jar 1.6 | d=1.3 y=1 | room 365 | – | 33 0 64 0.1 citric 1
`,
);

/** Oils, vinegars, and sauces from a bottle. */
export const moreOilsAndVinegars = writtenSection(
  'oils and vinegars',
  `
sunflower-oil: sunflower oil, high-oleic sunflower oil
  | ml 500 bottle 1.6 + 1000 bottle 2.6 | d=0.92 y=1 | room 300 | – | 0 100 0 0
vegetable-oil: vegetable oil, cooking oil | ml 1000 bottle 2.2 | d=0.92 y=1 | room 300 | – | 0 100 0 0
corn-oil: corn oil, maize oil | ml 1000 bottle 2.6 | d=0.92 y=1 | room 300 | – | 0 100 0 0
grapeseed-oil: grapeseed oil, grape seed oil | ml 500 bottle 3.6 | d=0.92 y=1 | room 240 | – | 0 100 0 0
peanut-oil: groundnut oil / peanut oil, ground nut oil, arachis oil
  | ml 500 bottle 2.4 | d=0.91 y=1 | room 300 | peanut | 0 100 0 0
coconut-oil: coconut oil, virgin coconut oil | 300 jar 3 | d=0.92 d.melted=0.92 y=1 | room 500 | – | 0 100 0 0
avocado-oil: avocado oil | ml 250 bottle 5 | d=0.91 y=1 | room 240 | – | 0 100 0 0
truffle-oil: truffle oil, truffle-flavoured oil
  | ml 100 bottle 5 | d=0.92 y=1 scaling=startLow | room 240 | – | 0 100 0 0
chilli-oil: chilli oil / chile oil, chili oil, hot chilli oil
  | ml 100 bottle 2 | d=0.92 y=1 scaling=startLow | room 180 | – | 0 99 0 0.5
chilli-crisp: crunchy chilli oil / chili crisp, chilli crisp, crispy chilli oil
  | 170 jar 3 | d=0.95 y=1 scaling=startLow | room 300 | soya peanut sesame wheat | 5 70 3 3
garlic-oil: garlic-infused oil, garlic oil, infused garlic oil
  | ml 250 bottle 3 | d=0.92 y=1 | room 180 | – | 0 100 0 0
almond-oil: almond oil, sweet almond oil | ml 250 bottle 4.5 | d=0.92 y=1 | room 180 | almond | 0 100 0 0
macadamia-oil: macadamia oil, macadamia nut oil
  | ml 250 bottle 6 | d=0.92 y=1 | room 180 | macadamia-nut | 0 100 0 0
pistachio-oil: pistachio oil | ml 250 bottle 9 | d=0.92 y=1 | room 180 | pistachio | 0 100 0 0
pumpkin-seed-oil: pumpkin seed oil, pumpkinseed oil | ml 250 bottle 6 | d=0.92 y=1 | room 180 | – | 0 100 0 0
flaxseed-oil: linseed oil / flaxseed oil, flax oil, flax seed oil
  | ml 250 bottle 5 | d=0.93 y=1 | cold 60 | – | 0 100 0 0
hemp-oil: hemp oil, hempseed oil, hemp seed oil | ml 250 bottle 5 | d=0.93 y=1 | cold 90 | – | 0 100 0 0
plain-sesame-oil: untoasted sesame oil, cold-pressed sesame oil, light sesame oil
  | ml 250 bottle 3 | d=0.92 y=1 | room 240 | sesame | 0 100 0 0
mustard-oil: mustard oil, mustard seed oil | ml 250 bottle 2.5 | d=0.91 y=1 | room 300 | mustard | 0 100 0 0
palm-oil: palm oil, red palm oil | 500 bottle 4 | d=0.91 y=1 | room 365 | – | 0 100 0 0
white-vinegar: distilled white vinegar, spirit vinegar, distilled vinegar, pickling vinegar, distilled malt vinegar
  | ml 568 bottle 0.6 | d=1.01 y=1 | room 700 | – | 95 0 0 0 acetic 5
malt-vinegar: malt vinegar, brown malt vinegar
  | ml 568 bottle 0.7 | d=1.01 y=1 | room 700 | barley | 94 0 0.3 0 acetic 5
raspberry-vinegar: raspberry vinegar
  | ml 250 bottle 2.6 | d=1.03 y=1 | room 500 | sulphites | 83 0 9 0 acetic 5
coconut-vinegar: coconut vinegar | ml 350 bottle 2.6 | d=1.01 y=1 | room 500 | – | 94 0 1 0 acetic 4.5
champagne-vinegar: sparkling wine vinegar / champagne vinegar
  | ml 250 bottle 4.5 | d=1.01 y=1 | room 500 | sulphites | 93 0 0.4 0 acetic 6
white-balsamic: white balsamic vinegar, white balsamic
  | ml 250 bottle 3 | d=1.06 y=1 | room 500 | sulphites | 78 0 13 0 acetic 5.5
balsamic-glaze: balsamic glaze, balsamic reduction, balsamic cream, balsamic syrup
  | ml 250 bottle 2.6 | d=1.3 y=1 | room 500 | sulphites | 40 0 50 0.1 acetic 3
seasoned-rice-vinegar: seasoned rice vinegar, sushi vinegar
  | ml 150 bottle 1.8 | d=1.1 y=1 | room 500 | – | 70 0 20 4 acetic 3.5
brown-rice-vinegar: brown rice vinegar | ml 150 bottle 2.4 | d=1.01 y=1 | room 500 | – | 94 0 0.6 0 acetic 4.5
black-vinegar: Chinese black vinegar / black vinegar, chinkiang vinegar, black rice vinegar
  | ml 150 bottle 2 | d=1.03 y=1 | room 500 | wheat barley | 88 0 4 0.8 acetic 5
verjuice: verjuice / verjus, verjus | ml 250 bottle 5 | d=1.03 y=1 | cold 60 | sulphites | 92 0 4 0 citric 2.5
mirin: mirin, sweet rice wine | ml 150 bottle 2.2 | d=1.15 y=1 | room 300 | – | 45 0 42 0.1
rice-wine: Chinese rice wine / Shaoxing wine, rice wine, shaoxing rice wine
  | ml 150 bottle 1.8 | d=0.99 y=1 | room 300 | wheat | 83 0 2 1.5
white-wine: dry white wine, white wine
  | ml 750 bottle 6 | d=0.99 y=1 | room 700 | sulphites | 87 0 0.6 0 citric 0.6
red-wine: red wine, dry red wine | ml 750 bottle 6 | d=0.99 y=1 | room 700 | sulphites | 86 0 0.6 0 citric 0.6
dry-sherry: dry sherry, sherry, fino sherry
  | ml 750 bottle 8 | d=0.99 y=1 | room 365 | sulphites | 80 0 1.5 0 citric 0.4
vermouth: dry vermouth, vermouth | ml 750 bottle 9 | d=0.99 y=1 | room 365 | sulphites | 80 0 3 0 citric 0.5
tamari: tamari, gluten-free soy sauce, wheat-free soy sauce, gluten-free tamari
  | ml 150 bottle 2.4 | d=1.2 y=1 scaling=startLow | room 365 | soya | 64 0 2 16 lactic 0.8
dark-soy-sauce: dark soy sauce
  | ml 150 bottle 1.3 | d=1.2 y=1 scaling=startLow | room 365 | soya wheat | 58 0 9 16 lactic 0.7
reduced-salt-soy-sauce: reduced-salt soy sauce / low-sodium soy sauce, low-salt soy sauce, less-salt soy sauce, reduced-sodium soy sauce
  | ml 150 bottle 1.5 | d=1.13 y=1 scaling=startLow | room 365 | soya wheat | 74 0 2 9 lactic 0.8
sweet-soy-sauce: sweet soy sauce / kecap manis, kecap manis, thick soy sauce
  | ml 275 bottle 1.8 | d=1.35 y=1 | room 365 | soya wheat | 28 0 58 8
coconut-aminos: coconut aminos | ml 250 bottle 4 | d=1.18 y=1 scaling=startLow | room 365 | – | 60 0 25 5
oyster-sauce: oyster sauce
  | ml 150 bottle 1.5 | d=1.25 y=1 scaling=startLow | cold 180 | molluscs wheat soya | 62 0.1 20 10
hoisin: hoisin sauce, hoisin
  | ml 150 bottle 1.5 | d=1.25 y=1 | cold 180 room 365 | soya wheat sesame | 48 2 35 6
teriyaki: teriyaki sauce, teriyaki, teriyaki marinade
  | ml 150 bottle 1.6 | d=1.2 y=1 | room 365 | soya wheat | 60 0 25 8
ponzu: ponzu, ponzu sauce, citrus soy sauce
  | ml 150 bottle 2.6 | d=1.12 y=1 | cold 90 | soya wheat fish | 75 0 8 8 citric 1.5
worcestershire: Worcestershire sauce, worcester sauce
  | ml 150 bottle 1.3 | d=1.17 y=1 scaling=startLow | room 700 | fish barley sulphites | 71 0 18 3 acetic 3
vegan-worcestershire: vegan Worcestershire sauce, fish-free worcestershire sauce, vegan worcester sauce
  | ml 150 bottle 2 | d=1.15 y=1 scaling=startLow | room 700 | soya barley sulphites | 72 0 17 3 acetic 3
vegan-fish-sauce: vegan fish sauce, fish-free fish sauce, vegetarian fish sauce
  | ml 150 bottle 2.6 | d=1.15 y=1 scaling=startLow | room 365 | soya | 74 0 4 18
ketchup: tomato ketchup / ketchup, catsup, tomato sauce in a bottle
  | 460 bottle 1.6 | d=1.15 y=1 | room 365 | celery | 70 0.1 23 1.8 acetic 1.2
brown-sauce: brown sauce / steak sauce
  | 425 bottle 1.6 | d=1.15 y=1 | room 365 | barley | 68 0.1 23 1.5 acetic 2
barbecue-sauce: barbecue sauce, bbq sauce
  | 350 bottle 1.6 | d=1.2 y=1 | room 365 | mustard celery | 58 0.3 32 1.6 acetic 1
sriracha: sriracha / sriracha sauce, garlic chilli sauce, chilli garlic sauce, chili garlic sauce
  | ml 455 bottle 3 | d=1.1 y=1 scaling=startLow | room 500 | sulphites | 70 1 18 6 acetic 1.2
pepper-sauce: thin hot pepper sauce / Louisiana-style hot sauce, hot pepper sauce, vinegar hot sauce, red pepper sauce
  | ml 150 bottle 1.4 | d=1.02 y=1 scaling=startLow | room 700 | – | 91 0.5 0.5 5 acetic 3
sweet-chilli-sauce: sweet chilli sauce / sweet chili sauce, thai sweet chilli sauce
  | ml 190 bottle 1.3 | d=1.25 y=1 | room 365 | – | 45 0.3 48 2 acetic 0.8
gochujang: gochujang, korean chilli paste
  | 200 tub 2.8 | d=1.2 y=1 scaling=startLow | cold 180 | soya wheat barley | 42 2 25 7
sambal: sambal oelek, sambal, chilli sambal
  | 200 jar 1.8 | d=1.05 y=1 scaling=startLow | cold 180 | – | 80 1 4 9 acetic 1
black-bean-sauce: black bean sauce | 180 jar 1.5 | d=1.2 y=1 | cold 30 room 365 | soya wheat | 55 6 18 8
peri-peri: peri-peri sauce / piri piri sauce, piri-piri sauce
  | ml 150 bottle 1.8 | d=1.03 y=1 scaling=startLow | room 365 | sulphites | 80 7 4 4 acetic 2
salad-cream: salad cream | 285 bottle 1.6 | d=1.02 y=1 | cold 60 | egg mustard | 50 27 15 1.7 acetic 1.5
apple-juice: apple juice, pressed apple juice, cloudy apple juice
  | ml 1000 carton 1.2 | d=1.04 y=1 | cold 5 | – | 88 0.1 10 0 citric 0.5
pomegranate-juice: pomegranate juice | ml 750 carton 3 | d=1.05 y=1 | cold 5 | – | 86 0.2 12.5 0 citric 1.2
tomato-juice: tomato juice | ml 1000 carton 1.2 | d=1.02 y=1 | cold 5 | – | 94 0.1 3 0.4 citric 0.4
carrot-juice: carrot juice | ml 250 bottle 1.6 | d=1.03 y=1 | cold 4 | – | 89 0.2 4 0.2
pineapple-juice: pineapple juice | ml 1000 carton 1.3 | d=1.05 y=1 | cold 5 | – | 87 0.1 10 0 citric 0.8
cranberry-juice: cranberry juice | ml 1000 carton 1.6 | d=1.04 y=1 | cold 5 | – | 87 0.1 11 0 citric 1
yuzu-juice: yuzu juice, bottled yuzu juice | ml 60 bottle 4 | d=1.03 y=1 | cold 90 | – | 90 0.1 3 0 citric 5.5
bottled-lemon-juice: bottled lemon juice
  | ml 250 bottle 1 | d=1.03 y=1 | cold 60 | sulphites | 92 0.1 2 0 citric 5
orange-blossom-water: orange blossom water, orange flower water
  | ml 100 bottle 1.8 | d=1 y=1 scaling=startLow | room 700 | – | 100 0 0 0
rose-water: rose water, rosewater | ml 100 bottle 1.8 | d=1 y=1 scaling=startLow | room 700 | – | 100 0 0 0
coconut-water: coconut water | ml 500 carton 1.6 | d=1.02 y=1 | cold 4 | – | 95 0.1 3.7 0.1
soda-water: sparkling water / club soda, soda water, sparkling mineral water
  | ml 1000 bottle 0.6 | d=1 y=1 | room 365 | – | 100 0 0 0
soya-oil: soya oil / soybean oil, soy oil | ml 1000 bottle 2.4 | d=0.92 y=1 | room 300 | soya | 0 100 0 0
sake: sake, cooking sake | ml 300 bottle 5 | d=0.99 y=1 | room 365 | – | 82 0 3 0
`,
);
