import { writtenSection } from '../define.js';

/** Dried herbs, whole and ground spices, mixes, salts and seaweed. */
export const moreSpices = writtenSection(
  'spices and seasoning',
  `
white-pepper: white pepper, ground white pepper, white peppercorns
  | 40 jar 1.4 | d=0.5 y=1 scaling=startLow | room 700 | – | 11 2 0 0
pink-pepper: pink peppercorns, pink pepper, pink peppercorn | 25 jar 2 | d=0.35 y=1 | room 700 | – | 10 5 3 0
green-pepper-brine: green peppercorns in brine, green peppercorns
  | 100 jar 2 | d=0.7 drained=0.55 y=1 | room 500 | – | 80 1 1 3
sichuan-pepper: Sichuan pepper / Sichuan peppercorns, szechuan peppercorns, szechuan pepper
  | 25 jar 1.6 | d=0.35 y=1 | room 500 | – | 10 4 1 0
celery-salt: celery salt | 90 jar 1.2 | d=1 y=1 scaling=startLow | room 700 | celery | 1 3 0 85
celery-seeds: celery seeds, celery seed | 30 jar 1 | d=0.45 y=1 | room 700 | celery | 6 25 0.7 0.4
garlic-salt: garlic salt | 70 jar 1 | d=1.1 y=1 scaling=startLow | room 700 | – | 1 0.2 1 75
onion-powder: onion powder / onion granules, onion granules, dried onion powder
  | 45 jar 1 | d=0.5 y=1 | room 700 | – | 5 1 7 0.2
onion-salt: onion salt | 70 jar 1 | d=1.1 y=1 scaling=startLow | room 700 | – | 1 0.2 2 75
crispy-onions: crispy fried onions / french-fried onions, crispy onions, fried shallots, crispy shallots, crispy fried shallots
  | 100 tub 1.2 | handful=12 d=0.25 y=1 | room 120 | wheat | 3 45 8 1.2
fried-garlic: crispy fried garlic / fried garlic, crispy garlic, garlic flakes
  | 60 tub 1.4 | d=0.35 y=1 | room 180 | – | 4 30 3 0.5
smoked-salt: smoked salt, smoked sea salt | 100 jar 2.4 | d=1 y=1 scaling=startLow | room 1000 | – | 0 0 0 100
seasoned-salt: herb salt / seasoned salt, seasoned salt, herb salt, chilli salt, rock salt with herbs
  | 100 jar 2 | d=1 y=1 scaling=startLow | room 700 | celery | 2 1 1 85
black-salt: Himalayan black salt / kala namak, kala namak, black salt, black lava salt
  | 100 jar 2.4 | d=1.1 y=1 scaling=startLow | room 1000 | – | 1 0 0 98
mustard-seeds: yellow mustard seeds, mustard seeds, black mustard seeds, brown mustard seeds, mustard seed
  | 60 jar 1 | d=0.7 y=1 | room 700 | mustard | 5 36 7 0
mustard-powder: mustard powder / dry mustard, dry mustard, ground mustard, english mustard powder, mustard flour
  | 57 tin 1.4 | d=0.45 y=1 | room 700 | mustard wheat | 6 30 5 0
ground-coriander: ground coriander, coriander powder, ground coriander seed
  | 40 jar 1 | d=0.36 y=1 | room 500 | – | 9 18 0 0.1
ground-ginger: ground ginger, ginger powder, dried ginger, powdered ginger
  | 40 jar 1 | d=0.36 y=1 | room 500 | – | 10 4 3.4 0.1
ground-fennel: ground fennel, fennel powder, ground fennel seed
  | 40 jar 1.2 | d=0.4 y=1 | room 500 | – | 9 15 0 0.2
fennel-pollen: fennel pollen | 10 jar 5 | d=0.3 y=1 | room 500 | – | 9 12 0 0.1
ground-caraway: ground caraway | 35 jar 1.2 | d=0.42 y=1 | room 500 | – | 10 15 0.6 0
cayenne: cayenne pepper / cayenne, cayenne, ground cayenne, ground red pepper
  | 40 jar 1 | d=0.36 y=1 scaling=startLow | room 500 | – | 8 17 10 0.1
chilli-powder: chilli powder / chile powder, chili powder, mild chilli powder, hot chilli powder, ground chilli
  | 40 jar 1 | d=0.5 y=1 scaling=startLow | room 500 | – | 9 15 8 2
dried-chillies: whole dried chillies / whole dried chiles, dried chillies, dried red chillies, dried chiles, dried chilli
  | 25 bag 1.6 | piece=2 y=0.85 scaling=startLow | room 500 | !hands | 9 12 20 0.1
aleppo-pepper: Aleppo pepper flakes / Aleppo-style pepper, aleppo pepper, aleppo chilli flakes, pul biber, mild chilli flakes
  | 45 jar 2 | d=0.45 y=1 scaling=startLow | room 500 | – | 15 14 10 5
urfa-pepper: Urfa pepper flakes / Urfa biber, urfa pepper, urfa chilli flakes, urfa chilli
  | 45 jar 2.4 | d=0.5 y=1 scaling=startLow | room 500 | – | 18 14 12 5
gochugaru: Korean chilli flakes / gochugaru, gochugaru, korean red pepper flakes
  | 100 bag 2.4 | d=0.4 y=1 scaling=startLow | room 365 | – | 10 10 20 0.2
chipotle-flakes: chipotle chilli flakes / chipotle powder, chipotle flakes, ground chipotle, chipotle powder
  | 40 jar 1.8 | d=0.45 y=1 scaling=startLow | room 500 | – | 10 12 12 0.2
hot-paprika: hot paprika, hot smoked paprika, hot hungarian paprika
  | 40 jar 1.2 | d=0.46 y=1 scaling=startLow | room 500 | – | 11 13 10 0.2
curry-powder: curry powder, mild curry powder, hot curry powder, madras curry powder, medium curry powder
  | 80 jar 1.4 | d=0.42 y=1 scaling=startLow | room 500 | mustard celery | 9 14 3 0.5
garam-masala: garam masala | 40 jar 1 | d=0.42 y=1 | room 500 | – | 8 15 3 0.2
ground-cinnamon: ground cinnamon, cinnamon, cinnamon powder | 40 jar 1 | d=0.5 y=1 | room 500 | – | 10 1.2 2 0
cinnamon-stick: cinnamon sticks, cinnamon stick, cassia bark
  | 15 jar 1.2 | piece=5 stalk=5 y=1 | room 1000 | – | 10 1.2 2 0
nutmeg: nutmeg, whole nutmeg, ground nutmeg, grated nutmeg
  | 25 jar 1.4 | piece=6 d.ground=0.45 d.grated=0.45 y=0.95 | room 1000 | – | 6 36 3 0
mace: mace, ground mace, mace blades | 20 jar 1.8 | d=0.4 y=1 | room 700 | – | 8 32 2 0.2
cloves: whole cloves, cloves, ground cloves
  | 25 jar 1.2 | piece=0.08 d=0.45 d.ground=0.44 y=1 scaling=startLow | room 1000 | – | 10 13 2.4 0.7
allspice: allspice, allspice berries, ground allspice, pimento berries
  | 35 jar 1.2 | d=0.42 y=1 | room 700 | – | 8 9 5 0.2
cardamom: cardamom pods, cardamom, green cardamom, ground cardamom, green cardamom pods
  | 20 jar 2 | piece=0.2 d.ground=0.42 y=0.7 | room 700 | – | 8 7 2 0
black-cardamom: black cardamom, black cardamom pods | 20 jar 2 | piece=1 y=0.7 | room 700 | – | 8 7 2 0
star-anise: star anise | 15 jar 1.6 | piece=1.5 y=1 | room 1000 | – | 9 16 0 0
anise-seeds: aniseed / anise seeds, anise seed, aniseeds | 35 jar 1.2 | d=0.43 y=1 | room 700 | – | 10 16 0 0
dill-seeds: dill seeds, dill seed | 35 jar 1.2 | d=0.43 y=1 | room 700 | – | 8 15 0 0
ajwain: ajwain, carom seeds, ajwain seeds | 40 jar 1.2 | d=0.45 y=1 | room 700 | – | 9 20 0 0
nigella: nigella seeds, kalonji, black onion seeds, black onion seed, nigella
  | 40 jar 1.2 | d=0.6 y=1 | room 700 | – | 5 38 0 0.2
fenugreek-seeds: fenugreek seeds, fenugreek, ground fenugreek
  | 50 jar 1 | d=0.7 y=1 | room 700 | – | 9 6 0 0.2
dried-fenugreek: dried fenugreek leaves, kasuri methi, methi leaves
  | 25 bag 1 | d=0.1 y=1 | room 365 | – | 9 5 1 0.2
saffron: saffron, saffron threads, saffron strands | 1 jar 4.5 | d=0.15 y=1 | room 700 | – | 12 6 0 0.4
vanilla: vanilla extract, vanilla, vanilla paste, vanilla bean paste
  | 38 bottle 2.4 | d=0.9 y=1 | room 1000 | – | 53 0.1 13 0
vanilla-pod: vanilla pods / vanilla beans, vanilla pod, vanilla bean
  | pc 1 tube 2.8 | piece=3 y=1 | room 365 | – | 25 10 10 0
five-spice: five-spice powder, chinese five spice, five spice
  | 40 jar 1.2 | d=0.42 y=1 | room 500 | – | 9 10 2 0.1
ras-el-hanout: ras el hanout | 45 jar 1.8 | d=0.42 y=1 | room 500 | – | 9 10 4 0.3
baharat: baharat, seven spice, seven-spice mix | 45 jar 1.8 | d=0.42 y=1 | room 500 | – | 9 10 4 0.2
berbere: berbere | 45 jar 1.8 | d=0.45 y=1 scaling=startLow | room 500 | – | 9 10 6 3
jerk-seasoning: jerk seasoning, jerk spice mix
  | 45 jar 1.4 | d=0.55 y=1 scaling=startLow | room 500 | – | 7 5 15 15
cajun-seasoning: Cajun seasoning, cajun spice, creole seasoning, blackening spice
  | 45 jar 1.4 | d=0.55 y=1 scaling=startLow | room 500 | – | 7 7 8 15
taco-seasoning: taco seasoning, fajita seasoning, mexican spice mix
  | 35 packet 0.9 | d=0.5 y=1 scaling=startLow | room 365 | – | 7 6 12 14
chaat-masala: chaat masala, chat masala | 50 jar 1.2 | d=0.5 y=1 scaling=startLow | room 500 | – | 8 6 5 25
zaatar: za'atar, zaatar, zahtar, za'atar spice mix | 45 jar 2 | d=0.4 y=1 | room 365 | sesame | 7 25 2 5
dukkah: dukkah, dukka | 55 jar 2.4 | d=0.5 y=1 | room 180 | hazelnut sesame | 4 42 3 3
furikake: furikake | 45 jar 3 | d=0.35 y=1 | room 300 | sesame fish soya wheat | 5 30 15 10
shichimi: seven-spice chilli powder / shichimi togarashi, shichimi, togarashi, shichimi togarashi
  | 15 jar 2.4 | d=0.4 y=1 | room 365 | sesame | 7 20 5 0.5
everything-seasoning: everything bagel seasoning, everything seasoning
  | 80 jar 2.4 | d=0.6 y=1 | room 300 | sesame | 4 28 3 20
lemon-pepper: lemon pepper, lemon pepper seasoning
  | 60 jar 1.2 | d=0.6 y=1 | room 500 | – | 6 3 10 30 citric 3
nutritional-yeast: nutritional yeast, nutritional yeast flakes, yeast flakes
  | 125 tub 3.2 | d=0.25 y=1 | room 365 | – | 5 5 1 0.3
dried-thyme: dried thyme | 15 jar 1 | d=0.22 y=1 | room 500 | – | 8 7 1.7 0.1
dried-basil: dried basil | 15 jar 1 | d=0.14 y=1 | room 500 | – | 10 4 1.7 0.2
dried-dill: dried dill, dried dill weed, dill weed | 12 jar 1 | d=0.2 y=1 | room 500 | – | 7 4 4 0.5
dried-parsley: dried parsley, parsley flakes | 10 jar 1 | d=0.1 y=1 | room 500 | – | 6 5 7 1.1
dried-rosemary: dried rosemary | 18 jar 1 | d=0.22 y=1 | room 500 | – | 9 15 1 0.1
dried-sage: dried sage, rubbed sage, ground sage | 15 jar 1 | d=0.14 y=1 | room 500 | – | 8 13 1.7 0
dried-tarragon: dried tarragon | 10 jar 1.2 | d=0.12 y=1 | room 500 | – | 8 7 1 0.2
dried-marjoram: dried marjoram | 10 jar 1 | d=0.12 y=1 | room 500 | – | 8 7 4 0.2
dried-chives: dried chives, freeze-dried chives | 5 jar 1.4 | d=0.04 y=1 | room 365 | – | 3 4 20 0.2
dried-coriander: dried coriander leaf / dried cilantro, dried coriander leaves
  | 10 jar 1 | d=0.12 y=1 | room 500 | – | 7 5 7 0.5
mixed-herbs: dried mixed herbs / Italian seasoning, mixed herbs, italian seasoning, italian herbs, dried italian herbs
  | 15 jar 1 | d=0.16 y=1 | room 500 | – | 8 7 2 0.2
herbes-de-provence: herbes de Provence, provencal herbs, dried provençal herbs
  | 18 jar 1.2 | d=0.18 y=1 | room 500 | – | 8 8 2 0.2
dried-lime: dried limes, dried lime, black limes, loomi
  | 50 bag 2 | piece=8 y=0.8 | room 700 | – | 10 3 10 0 citric 15
citric-acid: citric acid | 100 tub 1.8 | d=0.9 y=1 | room 1000 | – | 0 0 0 0 citric 99
nori: nori sheets, nori, nori seaweed, sushi nori | 25 packet 2 | piece=2.5 y=1 | room 365 | – | 6 3 1 1.5
wakame: dried wakame, wakame, wakame seaweed | 50 packet 2.6 | d=0.15 cooked=6 y=1 | room 500 | – | 11 2 1 12
kombu: dried kombu, kombu, kelp, dried kelp | 50 packet 3 | piece=10 y=1 | room 700 | – | 10 1 1 7
dulse: dried dulse, dulse | 30 packet 3 | d=0.1 cooked=5 y=1 | room 500 | – | 10 2 1 6
bonito-flakes: bonito flakes, katsuobushi, dried bonito
  | 25 packet 2.4 | handful=3 d=0.04 y=1 | room 365 | fish | 12 3 0 0.8
dried-mushrooms: dried porcini / dried mushrooms, dried mushrooms, porcini, dried wild mushrooms, dried porcini mushrooms
  | 25 packet 2.4 | d=0.15 cooked=4 y=0.95 | room 500 | – | 10 3 6 0.1
dried-shiitake: dried shiitake mushrooms, dried shiitake
  | 30 packet 2 | piece=4 cooked=4 y=0.9 | room 500 | – | 10 1 2.2 0
dried-tomatoes: dry-packed dried tomatoes / dry-packed sun-dried tomatoes, dry sun-dried tomatoes, dry-packed sun dried tomatoes
  | 100 bag 2.2 | piece=4 d.chopped=0.4 cooked=2 y=1 | room 300 | sulphites | 15 3 38 5 citric 4
semi-dried-tomatoes: semi-dried tomatoes, sun-blush tomatoes, slow-roasted tomatoes in oil, semi-dried tomatoes in oil
  | 150 tub 2.6 | piece=8 drained=0.7 y=1 | cold 7 | sulphites | 62 14 9 1.8 citric 0.8
ancho: dried ancho chillies / dried ancho chiles, ancho chillies, ancho chiles, ancho chilli, ancho chile
  | 40 bag 2.4 | piece=15 y=0.85 scaling=startLow | room 500 | !hands | 22 8 40 0.1
`,
);

/** Sugars, syrups, flours, starches and what makes things rise or set. */
export const moreBaking = writtenSection(
  'baking and sweet',
  `
icing-sugar: icing sugar / powdered sugar, confectioners' sugar, powdered sugar
  | 500 box 1.2 | d=0.56 y=1 | room 700 | – | 0.5 0 99 0
demerara-sugar: demerara sugar / turbinado sugar, turbinado sugar, raw sugar, raw cane sugar
  | 500 bag 1.3 | d=0.85 y=1 | room 700 | – | 1 0 99 0
dark-brown-sugar: dark brown sugar, dark muscovado sugar, muscovado sugar, dark soft brown sugar, molasses sugar
  | 500 bag 1.5 | d=0.85 d.packed=0.95 y=1 | room 700 | – | 2 0 96 0.1
palm-sugar: palm sugar, jaggery, coconut palm sugar, gula melaka
  | 200 tub 1.8 | d=0.8 y=1 | room 500 | – | 3 0 92 0.2
coconut-sugar: coconut sugar | 250 bag 2.4 | d=0.75 y=1 | room 700 | – | 2 0.3 94 0.5
vanilla-sugar: vanilla sugar | 100 packet 1.2 | d=0.85 y=1 | room 700 | – | 0.5 0 99 0
sweetener: granulated sweetener, sugar substitute, erythritol
  | 75 jar 2.2 | d=0.6 y=1 | room 700 | – | 1 0 0 0
set-honey: set honey / creamed honey, creamed honey, thick honey
  | 340 jar 3 | d=1.4 y=1 | room 700 | !honey notvegan | 17 0 80 0
agave: agave syrup / agave nectar, agave, light agave syrup
  | 250 bottle 2.4 | d=1.35 y=1 | room 700 | – | 23 0 70 0
golden-syrup: golden syrup, cane syrup | 454 tin 1.4 | d=1.42 y=1 | room 700 | – | 20 0 79 0.3
treacle: black treacle / molasses, molasses, treacle, blackstrap molasses
  | 454 tin 1.5 | d=1.42 y=1 | room 700 | – | 25 0 64 0.3
date-syrup: date syrup, date molasses, silan | 250 bottle 2.2 | d=1.38 y=1 | room 500 | – | 25 0.1 70 0.1
date-paste: date paste | 250 tub 2.2 | d=1.2 y=1 | cold 60 | – | 25 0.3 60 0
grape-molasses: grape molasses, grape syrup, saba, vincotto
  | 250 bottle 4 | d=1.35 y=1 | room 500 | – | 28 0 65 0.1 citric 0.8
carob-syrup: carob molasses, carob syrup | 250 bottle 3.5 | d=1.35 y=1 | room 500 | – | 28 0 62 0.1
rice-syrup: brown rice syrup, rice syrup, rice malt syrup
  | 350 bottle 2.8 | d=1.4 y=1 | room 500 | – | 22 0 55 0.1
glucose-syrup: corn syrup, glucose syrup, light corn syrup, liquid glucose
  | 325 tub 1.8 | d=1.4 y=1 | room 700 | – | 22 0 45 0.1
malt-extract: barley malt extract / barley malt syrup, malt extract, malt syrup
  | 340 jar 2 | d=1.4 y=1 | room 500 | barley | 20 0 63 0.2
apricot-jam: apricot jam, apricot preserve | 340 jar 1.4 | d=1.3 y=1 | room 365 | – | 34 0.1 62 0.1 citric 0.8
marmalade: orange marmalade, marmalade | 340 jar 1.4 | d=1.3 y=1 | room 365 | – | 36 0 61 0.1 citric 0.8
lemon-curd: lemon curd | 320 jar 1.4 | d=1.2 y=1 | cold 30 room 300 | egg milk | 35 8 50 0.2 citric 1
chilli-jam: chilli jam / pepper jelly, chilli jam, chili jam, hot pepper jelly
  | 240 jar 2.4 | d=1.3 y=1 | room 365 | – | 38 0.2 57 0.5 acetic 0.6
wholemeal-flour: wholemeal flour / whole-wheat flour, whole wheat flour, wholewheat flour
  | 1500 bag 1.4 | d=0.52 y=1 | room 180 | wheat | 13 2 1.5 0
strong-flour: strong white flour / bread flour, bread flour, strong flour, strong bread flour
  | 1500 bag 1.3 | d=0.55 y=1 | room 300 | wheat | 13 1.2 0.8 0
self-raising-flour: self-raising flour / self-rising flour, self rising flour
  | 1500 bag 0.9 | d=0.53 y=1 | room 240 | wheat | 13 1.2 1 0.8
rye-flour: rye flour, dark rye flour | 1000 bag 1.6 | d=0.5 y=1 | room 180 | rye | 13 1.7 1.2 0
spelt-flour: spelt flour, white spelt flour | 1000 bag 2.2 | d=0.52 y=1 | room 180 | wheat | 13 2 1.2 0
oat-flour: oat flour | 500 bag 2 | d=0.42 y=1 | room 120 | oats | 9 7 1 0
gram-flour: chickpea flour / gram flour, gram flour, besan, garbanzo flour
  | 500 bag 1.3 | d=0.4 y=1 | room 240 | – | 10 6 4 0.1
rice-flour: rice flour, ground rice, brown rice flour | 500 bag 1.2 | d=0.6 y=1 | room 365 | – | 12 1.4 0.2 0
buckwheat-flour: buckwheat flour | 500 bag 2 | d=0.5 y=1 | room 180 | – | 12 3 1.5 0
coconut-flour: coconut flour | 500 bag 2.6 | d=0.45 y=1 | room 240 | – | 5 13 10 0.1
lupin-flour: lupin flour, lupin meal | 400 bag 3 | d=0.42 y=1 | room 240 | lupin | 8 9 2 0.1
soya-flour: soya flour / soy flour, soy flour | 400 bag 2 | d=0.42 y=1 | room 180 | soya | 6 21 6 0
maize-flour: masa harina / masa, masa harina, maize flour | 1000 bag 3 | d=0.5 y=1 | room 300 | – | 10 4 1 0
gluten-free-flour: gluten-free flour, gluten-free plain flour, gluten-free flour blend
  | 1000 bag 1.8 | d=0.56 y=1 | room 300 | – | 12 1 0.5 0
potato-starch: potato starch, potato flour | 250 bag 1.6 | d=0.65 y=1 | room 500 | – | 17 0.1 0 0
tapioca-starch: tapioca starch / tapioca flour, tapioca flour, cassava starch
  | 500 bag 2 | d=0.6 y=1 | room 500 | – | 12 0 1 0
arrowroot: arrowroot, arrowroot powder | 110 tub 1.4 | d=0.55 y=1 | room 700 | – | 11 0.1 0 0
xanthan-gum: xanthan gum, xanthan | 100 tub 3.4 | d=0.6 y=1 | room 700 | – | 10 0 0 0.5
agar: agar-agar flakes / agar-agar, agar agar, agar powder, agar flakes
  | 28 packet 2.6 | d=0.4 y=1 | room 700 | – | 9 0.3 0 0.3
baking-powder: baking powder | 170 tub 1.2 | d=0.9 y=1 | room 365 | – | 5 0 0 25
bicarbonate: bicarbonate of soda / baking soda, baking soda, bicarb, bicarbonate
  | 200 tub 0.9 | d=1.1 y=1 | room 700 | – | 0 0 0 0
yeast: fast-action dried yeast / instant yeast, dried yeast, yeast, instant yeast, active dry yeast
  | 56 packet 1.2 | d=0.65 y=1 | room 365 | – | 6 7 0 0.2
cocoa: cocoa powder, unsweetened cocoa, cocoa, cacao powder
  | 250 tub 2.4 | d=0.45 y=1 | room 500 | – | 3 14 1.8 0.1
dark-chocolate: dark chocolate, bittersweet chocolate, plain chocolate
  | 100 bar 1.2 | d.chopped=0.65 y=1 | room 300 | soya milk | 1 42 30 0
white-chocolate: white chocolate | 100 bar 1.2 | d.chopped=0.65 y=1 | room 240 | milk soya | 1 32 59 0.2
marshmallow: marshmallows, mini marshmallows | 150 bag 1 | y=1 | room 240 | meat | 16 0.2 68 0.1
crystallised-ginger: crystallised ginger / candied ginger, candied ginger, stem ginger in syrup, stem ginger
  | 200 jar 2 | piece=15 d.chopped=0.75 y=1 | room 500 | – | 20 0.2 70 0.1
candied-peel: candied peel, mixed peel, candied citrus peel
  | 100 tub 1.2 | d=0.65 y=1 | room 240 | sulphites | 20 0.3 70 0.2
raspberry-jam: raspberry jam, raspberry preserve
  | 340 jar 1.4 | d=1.3 y=1 | room 365 | – | 34 0.1 62 0.1 citric 0.9
strawberry-jam: strawberry jam, strawberry preserve
  | 340 jar 1.4 | d=1.3 y=1 | room 365 | – | 34 0.1 62 0.1 citric 0.8
fig-jam: fig jam, fig preserve | 340 jar 2 | d=1.3 y=1 | room 365 | – | 36 0.2 60 0.1 citric 0.6
`,
);
