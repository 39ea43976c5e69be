import { writtenSection } from '../define.js';

/** Pulses, grains, rice, pasta and noodles, dry. */
export const moreGrainsAndPulses = writtenSection(
  'grains and pulses',
  `
dried-kidney-beans: dried kidney beans / dry kidney beans, dried red kidney beans, dry red kidney beans
  | 500 bag 1.5 | d=0.8 d.cooked=0.72 cooked=2.3 y=1 | room 500 | !beans !coolfast | 12 1 2 0
dried-black-beans: dried black beans / dry black beans, dried turtle beans
  | 500 bag 1.8 | d=0.8 d.cooked=0.72 cooked=2.3 y=1 | room 500 | !beans !coolfast | 11 1.4 2 0
dried-borlotti-beans: dried borlotti beans / dry cranberry beans, dried cranberry beans, dry borlotti beans, dried borlotti
  | 500 bag 2 | d=0.8 d.cooked=0.72 cooked=2.3 y=1 | room 500 | !beans !coolfast | 12 1.2 2 0
dried-pinto-beans: dried pinto beans / dry pinto beans
  | 500 bag 1.8 | d=0.8 d.cooked=0.72 cooked=2.3 y=1 | room 500 | !beans !coolfast | 11 1.2 2 0
dried-black-eyed-beans: dried black-eyed beans / dried black-eyed peas, dry black-eyed peas, dried black eyed peas, dry black-eyed beans
  | 500 bag 1.6 | d=0.77 d.cooked=0.7 cooked=2.3 y=1 | room 500 | !coolfast | 12 1.3 3 0
dried-butter-beans: dried butter beans / dry lima beans, dried lima beans, dry butter beans, dried large white beans
  | 500 bag 1.8 | d=0.75 d.cooked=0.7 cooked=2.3 y=1 | room 500 | !beans !coolfast | 11 0.8 4 0
dried-broad-beans: dried broad beans / dried fava beans, dry fava beans, split dried broad beans
  | 500 bag 1.6 | d=0.78 cooked=2.2 y=1 | room 500 | !coolfast | 11 1.5 3 0
split-peas: split peas, yellow split peas, green split peas, dried split peas
  | 500 bag 1 | d=0.83 cooked=2.4 y=1 | room 500 | !coolfast | 11 1.2 3 0
red-lentils: red lentils, split red lentils, dried red lentils, red split lentils
  | 500 bag 1.2 | d=0.83 cooked=2.5 y=1 | room 500 | !coolfast | 11 1.3 2 0
brown-lentils: brown lentils, dried brown lentils
  | 500 bag 1.2 | d=0.83 cooked=2.4 y=1 | room 500 | !coolfast | 10 1.1 2 0
black-lentils: black lentils, small black lentils, beluga lentils, dried black lentils
  | 500 bag 2 | d=0.83 cooked=2.3 y=1 | room 500 | !coolfast | 10 1.3 1.5 0
cooked-lentils: ready-cooked lentils in a pouch / ready-cooked lentils, cooked lentils in a pouch, pouch of cooked lentils, cooked puy-style lentils
  | 250 pouch 1.4 | packet=250 d=0.75 y=1 | room 300 | – | 66 2 0.6 0.7
cooked-grains: ready-cooked grains in a pouch / ready-cooked mixed grains, pouch of cooked grains, cooked mixed grains, microwave grains
  | 250 pouch 1.4 | packet=250 d=0.7 y=1 | room 300 | wheat barley | 62 3 1 0.8
mung-beans: dried mung beans / dry mung beans, whole mung beans, dried moong beans
  | 500 bag 1.5 | d=0.83 cooked=2.3 y=1 | room 500 | !coolfast | 10 1.1 3 0
adzuki-beans: dried adzuki beans / dry adzuki beans, aduki beans, dried aduki beans
  | 500 bag 2 | d=0.83 cooked=2.3 y=1 | room 500 | !beans !coolfast | 12 0.5 2 0
lupin-beans: lupin beans in brine / lupini beans, lupins, lupin beans, jarred lupini beans
  | 350 jar 2.5 | jar=350 drained=0.6 y=1 | room 500 | lupin | 72 3 0.5 2
fine-bulgur: fine bulgur wheat / fine bulgur
  | 500 bag 1.4 | d=0.6 cooked=2.3 y=1 | room 365 | wheat !coolfast | 9 1.4 0.8 0
cracked-wheat: cracked wheat | 500 bag 1.4 | d=0.75 cooked=2.6 y=1 | room 365 | wheat !coolfast | 11 1.5 0.8 0
freekeh: freekeh, cracked freekeh, smoked green wheat
  | 250 bag 2 | d=0.75 cooked=2.6 y=1 | room 365 | wheat !coolfast | 10 2.5 1.5 0
wheat-berries: wheat berries / wheatberries, whole wheat grains, wheat grains
  | 500 bag 1.8 | d=0.8 cooked=2.3 y=1 | room 365 | wheat !coolfast | 11 2 0.5 0
whole-spelt: whole spelt, spelt berries, wholegrain spelt
  | 500 bag 2.2 | d=0.8 cooked=2.3 y=1 | room 365 | wheat !coolfast | 11 2.5 1 0
rye-grains: rye grains / rye berries
  | 500 bag 1.6 | d=0.8 cooked=2.3 y=1 | room 365 | rye !coolfast | 11 1.7 1 0
pot-barley: pot barley / hulled barley, whole barley
  | 500 bag 1.2 | d=0.8 cooked=2.6 y=1 | room 365 | barley !coolfast | 10 2.2 0.8 0
oats: rolled oats, oats, porridge oats, jumbo oats, oatmeal
  | 1000 bag 1.4 | d=0.38 y=1 | room 365 | oats | 9 7 1 0
giant-couscous: giant couscous / pearl couscous, pearl couscous, israeli couscous, moghrabieh
  | 300 bag 1.8 | d=0.75 cooked=2.2 y=1 | room 365 | wheat !coolfast | 10 1 1.5 0
wholewheat-couscous: wholewheat couscous / whole-wheat couscous
  | 500 bag 1.4 | d=0.72 cooked=2.4 y=1 | room 365 | wheat !coolfast | 10 2 1.2 0
millet: millet, hulled millet | 500 bag 1.6 | d=0.82 cooked=2.5 y=1 | room 365 | !coolfast | 9 4 1.5 0
buckwheat: buckwheat, buckwheat groats, kasha
  | 500 bag 2 | d=0.75 cooked=2.4 y=1 | room 365 | !coolfast | 10 3.4 1 0
amaranth: amaranth, amaranth grain | 500 bag 2.6 | d=0.85 cooked=2.5 y=1 | room 365 | !coolfast | 11 7 1.7 0
red-quinoa: red quinoa | 300 bag 2.6 | d=0.75 cooked=2.8 y=1 | room 365 | !coolfast | 12 6 2 0
polenta: polenta / cornmeal, yellow cornmeal, coarse cornmeal, quick-cook polenta
  | 500 bag 1.4 | d=0.68 cooked=4 y=1 | room 365 | !coolfast | 10 2 0.6 0
semolina: semolina, coarse semolina, fine semolina | 500 bag 1 | d=0.7 y=1 | room 365 | wheat | 12 1 0.5 0
brown-rice: brown rice, wholegrain rice, brown basmati rice, long-grain brown rice
  | 500 bag 1.4 | d=0.8 cooked=2.5 y=1 | room 365 | !coolfast | 12 2.8 0.7 0
red-rice: red rice, camargue red rice
  | 500 bag 2.4 | d=0.8 cooked=2.4 y=1 | room 365 | !coolfast | 12 2.7 0.7 0
black-rice: black rice, forbidden rice
  | 500 bag 2.6 | d=0.8 cooked=2.4 y=1 | room 365 | !coolfast | 12 3 0.7 0
wild-rice: wild rice | 250 bag 3 | d=0.7 cooked=2.8 y=1 | room 500 | !coolfast | 8 1 2.5 0
jasmine-rice: jasmine rice, thai fragrant rice
  | 1000 bag 2.2 | d=0.82 cooked=2.5 y=1 | room 500 | !coolfast | 12 0.6 0.1 0
sushi-rice: sushi rice, short-grain rice
  | 500 bag 2 | d=0.84 cooked=2.3 y=1 | room 500 | !coolfast | 13 0.5 0.1 0
risotto-rice: risotto rice / arborio rice, arborio rice, carnaroli rice
  | 500 bag 1.8 | d=0.84 cooked=2.8 y=1 | room 500 | !coolfast | 13 0.6 0.1 0
cooked-rice: cooked rice, ready-cooked rice, leftover cooked rice, microwave rice
  | 250 pouch 1 | packet=250 d=0.7 y=1 | cold 1 room 300 | !coolfast !cold | 66 1 0.2 0.2
orzo: orzo, orzo pasta, risoni
  | 500 bag 1.2 | d=0.8 cooked=2.2 y=1 | room 700 | wheat !coolfast | 11 1.5 2.5 0
long-pasta: long pasta, spaghetti, linguine, fettuccine
  | 500 packet 0.9 | cooked=2.3 y=1 | room 700 | wheat !coolfast | 11 1.5 2.5 0
wholewheat-pasta: wholewheat pasta / whole-wheat pasta, wholemeal pasta
  | 500 packet 1 | d=0.4 cooked=2.2 y=1 | room 700 | wheat !coolfast | 11 2.5 3 0
gluten-free-pasta: gluten-free pasta, rice pasta, corn pasta, lentil pasta
  | 500 packet 1.8 | d=0.4 cooked=2.2 y=1 | room 700 | !coolfast | 11 1.5 1 0
egg-pasta: egg pasta, fresh pasta, fresh egg pasta, fresh tagliatelle
  | 250 packet 1.6 | cooked=1.6 y=1 | cold 7 | wheat egg !coolfast | 30 3 1.5 0.1
filled-pasta: filled pasta, tortellini, ravioli, cheese tortellini
  | 250 packet 2 | cooked=1.3 y=1 | cold 7 | wheat egg milk !cold | 40 7 2 1
gnocchi: potato gnocchi, gnocchi
  | 500 packet 1.2 | cooked=1.05 d.cooked=0.6 y=1 | cold 30 | wheat | 55 0.5 1 1
egg-noodles: egg noodles, medium egg noodles, fine egg noodles, dried egg noodles
  | 250 packet 1.2 | cooked=2.4 y=1 | room 500 | wheat egg !coolfast | 10 2.5 2 0.8
rice-noodles: rice noodles, rice vermicelli, flat rice noodles, rice sticks, vermicelli rice noodles
  | 250 packet 1.4 | cooked=2.4 y=1 | room 700 | !coolfast | 12 0.6 0.1 0.2
glass-noodles: glass noodles / cellophane noodles, mung bean noodles, bean thread noodles, glass vermicelli
  | 100 packet 1.2 | cooked=2.8 y=1 | room 700 | !coolfast | 13 0.1 0 0
soba: soba noodles / soba, buckwheat noodles
  | 250 packet 2.2 | cooked=2.2 y=1 | room 500 | wheat !coolfast | 12 2 1.5 1
udon: udon noodles / udon, udon noodles
  | 200 packet 1 | cooked=1.1 y=1 | room 120 | wheat !coolfast | 65 0.5 0.5 0.5
wheat-noodles: wheat noodles, somen noodles
  | 250 packet 1.3 | cooked=2.3 y=1 | room 500 | wheat !coolfast | 10 2 2 1
rice-paper: rice paper wrappers / rice paper, rice paper, rice spring roll wrappers
  | pc 20 packet 2 | piece=9 y=1 | room 700 | – | 12 0.5 0.5 1
popcorn: popping corn, popcorn kernels, popcorn maize | 500 bag 1.2 | d=0.85 y=1 | room 700 | – | 10 4 1 0
breakfast-granola: granola, savoury granola
  | 400 bag 2.6 | handful=25 d=0.45 y=1 | room 120 | oats almond hazelnut notvegan | 4 18 18 0.2
black-quinoa: black quinoa | 300 bag 2.6 | d=0.75 cooked=2.8 y=1 | room 365 | !coolfast | 12 6 2 0
glutinous-rice: glutinous rice / sticky rice, sticky rice, sweet rice
  | 500 bag 2 | d=0.84 cooked=2 y=1 | room 500 | !coolfast | 13 0.6 0.1 0
`,
);

/** Nuts, seeds, and what is made of them. */
export const moreNutsAndSeeds = writtenSection(
  'nuts and seeds',
  `
ground-almonds: ground almonds / almond flour, almond meal, almond flour
  | 200 bag 2.2 | d=0.42 y=1 | room 180 | almond | 5 50 4.4 0
flaked-almonds: flaked almonds / sliced almonds, almond flakes, slivered almonds, flaked almond
  | 150 bag 1.6 | handful=20 d=0.4 y=1 | room 180 | almond | 4 50 4.4 0
smoked-almonds: smoked almonds, salted almonds, roasted salted almonds
  | 150 bag 2.2 | handful=30 d.chopped=0.55 y=1 | room 120 | almond | 2 52 4.5 1.2
brazil-nuts: Brazil nuts, brazils, brazil nut
  | 150 bag 2.4 | piece=4 handful=30 d.chopped=0.55 y=1 | room 180 | brazil-nut !choking | 3 67 2.3 0
macadamias: macadamia nuts / macadamias, macadamia, macadamia nut
  | 150 bag 3.5 | piece=3 handful=30 d.chopped=0.55 y=1 | room 180 | macadamia-nut !choking | 1.5 76 4.6 0
chestnuts: cooked peeled chestnuts / cooked chestnuts, chestnuts, vacuum-packed chestnuts
  | 180 packet 2.4 | piece=9 d.chopped=0.6 y=1 | room 365 | !choking | 52 2 10 0
salted-peanuts: salted peanuts, roasted salted peanuts, dry-roasted peanuts
  | 200 bag 1.1 | handful=30 d=0.6 d.chopped=0.58 y=1 | room 180 | peanut !choking | 2 50 5 1.2
raw-peanuts: raw peanuts, unroasted peanuts, blanched peanuts
  | 300 bag 1.6 | handful=30 d=0.62 y=1 | room 180 | peanut !choking | 6 49 4.7 0
salted-cashews: salted cashews, roasted salted cashews, roasted cashews
  | 150 bag 2 | handful=30 d=0.55 y=1 | room 180 | cashew !choking | 3 48 6 1.2
mixed-nuts: mixed nuts, unsalted mixed nuts
  | 200 bag 2 | handful=30 d.chopped=0.55 y=1 | room 180 | almond hazelnut walnut cashew brazil-nut peanut !choking | 4 54 4.5 0
mixed-seeds: mixed seeds, seed mix, mixed salad seeds
  | 150 bag 1.2 | handful=25 d=0.6 y=1 | room 180 | sesame | 5 48 2 0
candied-nuts: candied walnuts / candied pecans, candied nuts, caramelised nuts, caramelised walnuts, candied pecans
  | 100 bag 2.5 | handful=30 d.chopped=0.55 y=1 | room 60 | walnut pecan | 3 45 32 0.2
flaxseed: linseed / flaxseed, flax seeds, linseeds, flaxseeds, golden linseed, ground flaxseed
  | 250 bag 1.6 | d=0.68 d.ground=0.5 y=1 | room 365 | – | 7 42 1.6 0.1
chia: chia seeds, chia | 150 bag 2 | d=0.7 y=1 | room 500 | – | 6 31 0.5 0
poppy-seeds: poppy seeds, poppyseed, poppy seed | 50 jar 1 | d=0.58 y=1 | room 365 | – | 6 42 3 0
hemp-seeds: hulled hemp seeds / hemp hearts, hemp seeds, shelled hemp seeds
  | 150 bag 3 | d=0.6 y=1 | room 240 | – | 5 49 1.5 0
black-sesame: black sesame seeds, black sesame | 100 bag 1.4 | d=0.62 y=1 | room 365 | sesame | 4 50 0.3 0
desiccated-coconut: desiccated coconut / dried shredded coconut, shredded coconut, dried coconut, unsweetened coconut, desiccated unsweetened coconut
  | 200 bag 1.2 | d=0.38 y=1 | room 365 | sulphites | 3 62 6 0.1
coconut-flakes: coconut flakes, toasted coconut flakes, coconut chips, flaked coconut
  | 100 bag 1.8 | handful=12 d=0.22 y=1 | room 240 | sulphites | 3 62 7 0.1
coconut-butter: coconut butter, creamed coconut, coconut cream block
  | 200 block 1.6 | d=1 y=1 | room 365 | – | 2 66 7 0.1
`,
);
