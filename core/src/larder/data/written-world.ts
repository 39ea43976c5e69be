import { writtenSection } from '../define.js';

/** Foods that other kitchens take for granted. */
export const worldVegetables = writtenSection(
  'vegetables',
  `
jicama: jicama, jícama, yam bean, mexican turnip
  | pc 1 – 2.5 | piece=450 sizes=250-800 d.diced=0.6 d.matchsticks=0.45 y=0.85 | cool 14 | – | 90 0.1 1.8 0
plantain: plantain, plantains, green plantain, ripe plantain
  | pc 1 – 0.8 | piece=220 sizes=160-300 d.sliced=0.6 y=0.65 | cool 7 | – | 65 0.4 15 0
taro: taro, taro root, eddoes, eddo, dasheen
  | 100 loose 3.5 | piece=150 d.cubed=0.65 y=0.82 | cool 10 | – | 71 0.2 0.4 0
yam: white yam, african yam, puna yam, yam tuber
  | 100 loose 2.8 | d.cubed=0.65 y=0.86 | cool 21 | – | 70 0.2 0.5 0
lotus-root: lotus root, fresh lotus root
  | 300 pack 3 | d.sliced=0.5 y=0.85 | cold 7 | – | 79 0.1 0.5 0.1
bitter-gourd: bitter gourd / bitter melon, karela
  | pc 1 – 1 | piece=150 d.sliced=0.45 y=0.8 | cold 5 | – | 94 0.2 1 0
chayote: chayote, christophene, chow chow, choko, cho cho
  | pc 1 – 1 | piece=250 d.diced=0.6 y=0.85 | cool 14 | – | 94 0.1 1.7 0
nopales: nopales, cactus paddles, nopal, cactus leaves
  | 200 pack 3 | d.sliced=0.5 y=0.85 | cold 5 | – | 94 0.1 1.2 0
kohlrabi-leaves: kohlrabi leaves, kohlrabi greens
  | 150 bunch 1.2 | bunch=150 d.chopped=0.15 y=0.7 | cold 3 | !wash | 91 0.4 1 0.1
collard-greens: collard greens, collards, spring greens
  | 250 bag 1.2 | bunch=300 d.shredded=0.2 y=0.8 | cold 5 | !wash | 90 0.6 0.5 0.1
turnip-tops: turnip tops / broccoli rabe, cime di rapa, rapini, turnip greens
  | 250 bunch 2.2 | bunch=250 d.chopped=0.15 y=0.7 | cold 4 | !wash | 92 0.5 0.4 0.1
water-spinach: water spinach, morning glory, kangkong, ong choy
  | 200 bunch 1.8 | bunch=200 d.chopped=0.15 y=0.8 | cold 3 | !wash | 92 0.2 0.5 0.3
choy-sum: choy sum, yu choy, choi sum
  | 200 bunch 1.6 | bunch=200 d.chopped=0.2 y=0.88 | cold 4 | !wash | 93 0.2 1 0.1
gai-lan: gai lan / chinese broccoli, kai lan
  | 200 bunch 1.8 | bunch=200 d.chopped=0.25 y=0.88 | cold 5 | – | 92 0.7 1 0.1
fiddleheads: fiddlehead ferns, fiddleheads
  | 150 pack 4 | y=0.85 | cold 3 | – | 89 0.4 1 0
bean-curd-skin: tofu skin / yuba, bean curd skin, dried bean curd
  | 150 pack 2.5 | y=1 | dry 180 | soya | 9 28 2 0.2
enoki: enoki, enoki mushrooms
  | 100 pack 1.2 | y=0.85 | cold 5 | – | 88 0.3 0.2 0
mini-cucumber: mini cucumbers, persian cucumber, persian cucumbers, lebanese cucumber, lebanese cucumbers, baby cucumbers, snack cucumbers
  | pc 4 pack 1.6 | piece=100 sizes=70-140 d.sliced=0.55 d.diced=0.6 y=0.98 y.peeled=0.85 | cold 6 | – | 96 0.1 1.7 0
salsify: salsify, scorzonera, black salsify
  | 100 loose 5 | piece=90 d.sliced=0.5 y=0.6 | cold 7 | – | 77 0.2 3 0
cardoon: cardoon, cardoons
  | pc 1 head 3.5 | piece=900 d.sliced=0.45 y=0.5 | cold 7 | – | 94 0.1 1 0.4
romanesco: romanesco, romanesco broccoli, romanesco cauliflower
  | pc 1 head 1.8 | piece=700 d.florets=0.35 y=0.65 | cold 6 | – | 91 0.3 2 0
spaghetti-squash: spaghetti squash
  | pc 1 – 2.5 | piece=1200 y=0.7 | cool 30 | – | 92 0.6 2.8 0
`,
);

export const worldFruit = writtenSection(
  'fruit',
  `
dragon-fruit: dragon fruit, pitaya, pitahaya
  | pc 1 – 2.5 | piece=350 d.cubed=0.65 y=0.65 | cold 5 | – | 85 0.4 9 0
star-fruit: star fruit / carambola, starfruit
  | pc 1 – 1 | piece=110 d.sliced=0.5 y=0.95 | cold 7 | – | 91 0.3 4 0
guava: guava, guavas
  | pc 1 – 0.9 | piece=90 d.diced=0.65 y=0.9 | cool 4 | – | 81 1 9 0
jackfruit: young jackfruit, green jackfruit, tinned jackfruit / canned jackfruit
  | 400 tin 2.2 | drained=0.55 y=1 | dry 720 | – | 90 0.2 1 0.5
physalis: physalis / ground cherries, cape gooseberries, cape gooseberry
  | 100 punnet 1.8 | piece=5 y=0.92 | cool 14 | – | 85 0.7 9 0
mulberries: dried mulberries, mulberries
  | 150 bag 3.5 | y=1 | dry 180 | – | 10 2 46 0
`,
);

export const worldFishAndMeat = writtenSection(
  'fish and meat',
  `
monkfish: monkfish tail, monkfish, monkfish fillet, monkfish fillets
  | 100 loose 28 | piece=180 y=0.9 y.cooked=0.75 | cold 1 | fish !raw !cold | 83 0.7 0 0.1
turbot: turbot fillet, turbot, turbot fillets
  | 100 loose 34 | piece=160 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 77 3 0 0.2
halibut: halibut fillet, halibut, halibut steak, halibut steaks
  | 100 loose 32 | piece=160 y=0.93 y.cooked=0.8 | cold 1 | fish !raw !cold | 78 2.3 0 0.2
plaice: plaice fillet, plaice, plaice fillets
  | 100 loose 16 | piece=120 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 79 1.9 0 0.2
sole: sole fillet, sole, lemon sole, dover sole, sole fillets
  | 100 loose 24 | piece=110 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 81 1.2 0 0.2
pollock: pollock fillet, pollock, pollack, coley, saithe
  | 100 loose 12 | piece=140 y=0.95 y.cooked=0.78 | cold 1 | fish !raw !cold | 80 0.8 0 0.2
sea-trout: sea trout fillet, sea trout
  | 100 loose 20 | piece=130 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 70 8 0 0.1
arctic-char: arctic char fillet, arctic char, char fillet
  | 100 loose 22 | piece=130 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 72 7 0 0.1
snapper: red snapper fillet, red snapper, snapper, snapper fillets
  | 100 loose 24 | piece=150 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 77 1.3 0 0.2
swordfish: swordfish steak, swordfish, swordfish steaks
  | 100 loose 24 | piece=160 y=0.95 y.cooked=0.78 | cold 1 | fish !raw !cold | 74 6.7 0 0.2
red-mullet: red mullet fillet, red mullet
  | 100 loose 26 | piece=80 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 77 3.8 0 0.2
herring: herring fillet, herring, herrings, fresh herring
  | 100 loose 9 | piece=90 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 72 9 0 0.2
kippers: kippers, kipper, kipper fillets
  | 200 packet 3 | piece=130 y=0.75 y.cooked=0.9 | cold 5 | fish !cold | 60 18 0 2.4
eel: smoked eel, smoked eel fillet
  | 100 packet 9 | y=1 | cold 5 | fish !cold | 60 22 0 1.8
langoustines: langoustines / dublin bay prawns, langoustine, scampi tails, dublin bay prawns
  | 100 loose 30 | piece=90 y=0.35 y.cooked=0.35 | cold 1 | crustaceans !raw !cold | 79 1 0 0.5
cockles: cockles, fresh cockles, cooked cockles
  | 500 net 5 | y=0.2 y.cooked=0.2 | cold 1 | molluscs !raw !cold | 85 0.6 0 1
razor-clams: razor clams, razor clam
  | pc 6 bunch 8 | piece=60 y=0.4 y.cooked=0.35 | cold 1 | molluscs !raw !cold | 82 0.8 0 0.7
whelks: whelks, cooked whelks, winkles
  | 300 tub 6 | y=1 | cold 1 | molluscs !cold | 75 1.2 0 1
venison: venison loin, venison, venison steak, venison haunch, deer
  | 100 loose 28 | piece=160 y=0.97 y.cooked=0.72 | cold 3 | meat !raw !cold | 74 1.6 0 0.1
rabbit: rabbit pieces, rabbit, wild rabbit, farmed rabbit
  | 100 loose 12 | piece=180 y=0.75 y.cooked=0.6 | cold 2 | meat !raw !cold | 72 5.5 0 0.1
quail: quail / quails, quails, whole quail
  | pc 4 pack 8 | piece=160 y=0.65 y.cooked=0.5 | cold 2 | meat !raw !cold | 69 12 0 0.1
goose-breast: goose breast, goose, goose breasts
  | 100 loose 26 | piece=350 y=0.95 y.cooked=0.65 | cold 2 | meat !raw !cold | 62 18 0 0.2
duck-legs: duck legs, duck leg, confit duck legs, confit duck leg
  | pc 2 pack 6 | piece=220 y=0.6 y.cooked=0.5 | cold 3 | meat !raw !cold | 60 20 0 0.2
guinea-fowl: guinea fowl, guinea fowl breast
  | pc 1 – 10 | piece=1300 y=0.6 y.cooked=0.5 | cold 2 | meat !raw !cold | 71 5 0 0.1
lamb-koftas: lamb koftas, lamb kofta, koftas
  | pc 6 pack 5 | piece=60 y=1 y.cooked=0.75 | cold 2 | meat !raw !cold | 62 17 0 1
chicken-sausages: chicken sausages, turkey sausages
  | 300 packet 3.5 | piece=60 y=1 y.cooked=0.85 | cold 4 | meat wheat sulphites !raw !cold | 63 14 1 1.4
black-pudding: black pudding / blood sausage, boudin noir, morcilla
  | 200 ring 2.5 | slice=20 y=1 y.cooked=0.9 | cold 7 | pork oats barley !raw !cold | 50 24 1 1.8
nduja: nduja, nduja sausage
  | 90 jar 3.5 | d=1 y=1 | cold 21 | pork !cold | 30 45 1 3.5
bresaola: bresaola, air-dried beef
  | 80 packet 3.5 | slice=6 y=1 | cold 10 | meat !cold | 55 3 0 4
mortadella: mortadella
  | 100 packet 2 | slice=12 y=1 | cold 5 | pork pistachio !cold | 55 26 0 2.2
pastrami: pastrami, sliced pastrami
  | 100 packet 2.8 | slice=12 y=1 | cold 4 | meat !cold | 70 6 0.5 2.5
corned-beef: tinned corned beef / canned corned beef, corned beef
  | 340 tin 4 | slice=30 y=1 | dry 720 | meat | 60 13 0.5 2
prosciutto-cotto: prosciutto cotto, italian cooked ham
  | 120 packet 2.2 | slice=15 y=1 | cold 4 | pork !cold | 73 5 1 2
bottarga: bottarga, grey mullet roe
  | 60 piece 14 | y=0.95 | cold 60 | fish !cold | 25 26 0 5
`,
);

export const worldDairy = writtenSection(
  'dairy and eggs',
  `
taleggio: taleggio | 200 wedge 4 | d.cubed=0.6 y=0.93 | cold 10 | milk !cold !softcheese | 48 27 0 1.8
queso-fresco: queso fresco, queso blanco, farmers cheese
  | 250 block 3.5 | d.crumbled=0.55 y=1 | cold 5 | milk !cold | 52 24 2 1.4
ricotta-salata: ricotta salata | 200 wedge 4.5 | d.grated=0.4 y=1 | cold 21 | milk | 45 25 2 2.4
provolone: provolone, provola | 200 wedge 3.5 | d.cubed=0.6 y=0.95 | cold 21 | milk rennet | 41 27 1 2
havarti: havarti, danish cream cheese | 200 block 2.8 | slice=20 d.cubed=0.6 y=1 | cold 14 | milk | 41 32 0.5 1.5
jarlsberg: jarlsberg, norwegian cheese
  | 200 block 3 | slice=20 d.grated=0.42 y=0.97 | cold 21 | milk | 41 28 0 1.1
comte: Comté, comte, beaufort | 200 wedge 5 | d.grated=0.4 y=0.94 | cold 21 | milk rennet | 36 34 0 0.9
cotija: cotija, cotija cheese | 200 wedge 4 | d.crumbled=0.5 d.grated=0.4 y=1 | cold 21 | milk | 36 30 2 3.5
clotted-cream: clotted cream, kaymak | 200 tub 2.5 | d=1 y=1 | cold 5 | milk !cold | 32 63 2.3 0
fromage-frais: fromage frais, fromage blanc | 500 pot 2 | d=1.03 y=1 | cold 7 | milk !cold | 84 0.2 4 0.1
coconut-cheese: plant-based mozzarella, vegan mozzarella | 200 block 3 | d.grated=0.45 y=1 | cold 10 | – | 55 22 0.5 1.5
`,
);

export const worldDry = writtenSection(
  'grains and pulses',
  `
urad-dal: urad dal, black gram, split urad, urid dal | 500 bag 2 | d=0.85 cooked=2.5 y=1 | dry 540 | !coolfast | 10 1.6 1 0
chana-dal: chana dal, split chickpeas, bengal gram | 500 bag 1.8 | d=0.85 cooked=2.4 y=1 | dry 540 | !coolfast | 10 5 3 0
toor-dal: toor dal, pigeon peas, arhar dal, gungo peas | 500 bag 2 | d=0.85 cooked=2.5 y=1 | dry 540 | !coolfast | 10 1.5 1 0
moong-dal: moong dal, split mung beans, mung dal, moong daal | 500 bag 2 | d=0.85 cooked=2.5 y=1 | dry 540 | !coolfast | 10 1.2 2 0
teff: teff, teff grain | 500 bag 4 | d=0.85 cooked=3 y=1 | dry 365 | !coolfast | 9 2.4 1.8 0
fonio: fonio | 400 bag 4.5 | d=0.8 cooked=3 y=1 | dry 365 | !coolfast | 10 1.3 1 0
fregola: fregola, fregula, toasted sardinian pasta | 500 bag 3.5 | d=0.75 cooked=2.2 y=1 | dry 540 | wheat !coolfast | 10 1.2 2 0
hominy: tinned hominy / canned hominy, hominy, pozole corn | 400 tin 2.2 | drained=0.62 d=0.7 y=1 | dry 720 | – | 82 0.9 1.8 0.6
spelt-flakes: spelt flakes, barley flakes, rye flakes | 500 bag 2.2 | d=0.4 y=1 | dry 270 | wheat rye barley | 11 2.5 2 0
`,
);

export const worldTins = writtenSection(
  'tins and jars',
  `
doenjang: doenjang, korean soybean paste | 500 tub 4 | d=1.15 y=1 | cold 365 | soya wheat | 50 5 4 12
doubanjiang: doubanjiang, chilli bean paste, broad bean paste, toban djan | 200 jar 3 | d=1.15 y=1 scaling=startLow | cold 365 | soya wheat | 55 6 4 14
shrimp-paste: shrimp paste, belacan, kapi, terasi | 100 jar 2.2 | d=1.15 y=1 scaling=startLow | cold 365 | crustaceans | 45 2 0 20
ajvar: ajvar, red pepper relish | 300 jar 3 | d=1 y=1 | cold 7 | – | 82 8 5 1.5
zhoug: zhoug, zhug, schug | 150 tub 2.8 | d=0.98 y=1 scaling=startLow | cold 5 | !cold | 70 20 1 1.4
chimichurri: chimichurri | 200 jar 3.5 | d=0.95 y=1 | cold 7 | – | 45 45 1 2
baba-ganoush: baba ganoush, moutabal, mutabal, baba ghanoush | 200 tub 2.8 | d=1 y=1 | cold 3 | sesame !cold | 75 15 2 1.2
tzatziki: tzatziki, cacik, tzatsiki | 200 tub 2 | d=1.02 y=1 | cold 3 | milk !cold | 82 9 4 0.9
taramasalata: taramasalata, taramosalata | 200 tub 2.4 | d=0.98 y=1 | cold 3 | fish wheat !cold | 45 45 1 1.5
lotus-pickle: pickled lotus root | 150 bag 3 | d.sliced=0.6 y=1 | cold 21 | – | 84 0.1 8 2
pickled-radish: pickled daikon, takuan, danmuji, pickled radish | 300 bag 3 | d.sliced=0.6 y=1 | cold 21 | sulphites | 85 0.1 8 3
`,
);

export const worldSweet = writtenSection(
  'baking and sweet',
  `
halva: halva, halwa, sesame halva | 250 block 3.5 | d.crumbled=0.55 y=1 | dry 180 | sesame | 3 33 45 0.2
pralines: praliné, praline, praline pieces, hazelnut brittle | 150 bag 3.5 | d.chopped=0.6 y=1 | dry 180 | hazelnut almond | 2 25 60 0.1
panela: panela, piloncillo, rapadura | 500 block 3 | d.grated=0.7 y=1 | dry 540 | – | 5 0.1 90 0.1
`,
);
