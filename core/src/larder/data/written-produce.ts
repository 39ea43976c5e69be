import { writtenSection } from '../define.js';

/** Vegetables whose kinds and colours stay apart, and those that fewer recipes ask for. */
export const moreVegetables = writtenSection(
  'vegetables',
  `
red-pepper: red pepper / red bell pepper, red capsicum, red sweet pepper, sweet red pepper
  | pc 1 – 0.7 | piece=170 sizes=120-210 d.diced=0.6 d.chopped=0.6 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 y.roasted=0.65 months=7-10
  | cold 8 | – | 92 0.3 4.2 0
yellow-pepper: yellow pepper / yellow bell pepper, yellow capsicum, yellow sweet pepper
  | pc 1 – 0.7 | piece=170 sizes=120-210 d.diced=0.6 d.chopped=0.6 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 y.roasted=0.65 months=7-10
  | cold 8 | – | 92 0.2 5 0
orange-pepper: orange pepper / orange bell pepper, orange capsicum
  | pc 1 – 0.7 | piece=170 sizes=120-210 d.diced=0.6 d.chopped=0.6 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 y.roasted=0.65 months=7-10
  | cold 8 | – | 92 0.2 5 0
green-pepper: green pepper / green bell pepper, green capsicum, green sweet pepper
  | pc 1 – 0.65 | piece=170 sizes=120-210 d.diced=0.6 d.chopped=0.6 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 y.roasted=0.65 months=7-10
  | cold 8 | – | 94 0.2 2.4 0
pointed-pepper: long sweet pepper, pointed pepper, pointed red pepper, long red pepper, romano pepper, red romano pepper
  | pc 2 pack 1.6 | piece=110 sizes=80-150 d.diced=0.55 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 months=7-10 | cold 8 | – | 92 0.3 4.2 0
red-chilli: red chilli / red chile, red chili, fresh red chilli, hot red chilli, red finger chilli
  | pc 1 – 0.2 | piece=15 sizes=8-25 d.minced=0.6 y=0.85 y.seeded=0.7 months=7-10 scaling=startLow | cold 10 | !hands | 88 0.4 5.3 0
green-chilli: green chilli / green chile, green chili, fresh green chilli, green finger chilli
  | pc 1 – 0.2 | piece=15 sizes=8-25 d.minced=0.6 y=0.85 y.seeded=0.7 months=7-10 scaling=startLow | cold 10 | !hands | 88 0.2 5.1 0
jalapeno: jalapeño chilli / jalapeño, jalapeno, jalapeno pepper, jalapeno chilli, jalapeno chile
  | pc 1 – 0.25 | piece=20 sizes=12-30 d.minced=0.6 y=0.85 y.seeded=0.7 months=7-10 scaling=startLow | cold 10 | !hands | 92 0.4 4.1 0
waxy-potato: waxy potatoes, salad potatoes, waxy salad potatoes, salad potato
  | 100 loose 1.3 | piece=80 sizes=50-120 d.cubed=0.65 d.diced=0.65 y=0.95 y.peeled=0.82 | cool 14 | !coolfast | 79 0.1 0.8 0
new-potato: new potatoes, baby potatoes, baby new potatoes, small new potatoes
  | 100 loose 1.4 | piece=50 sizes=30-70 d.halved=0.65 d.cubed=0.65 y=0.97 y.peeled=0.85 months=4-8 | cool 5 | !coolfast | 80 0.1 1.3 0
floury-potato: floury potatoes / russet potatoes, baking potatoes, mashing potatoes, jacket potatoes, baking potato, russet potato
  | 100 loose 0.9 | piece=220 sizes=150-350 d.cubed=0.65 d.mashed=0.95 y=0.95 y.peeled=0.8 | cool 14 | !coolfast | 77 0.1 0.7 0
white-onion: white onion, white onions, mild white onion
  | pc 1 – 0.3 | piece=150 sizes=90-220 d.diced=0.55 d.sliced=0.4 y=0.89 | cool 21 | – | 90 0.1 4.5 0
sweet-onion: sweet onion, sweet onions, spanish onion
  | pc 1 – 0.5 | piece=250 sizes=180-350 d.diced=0.55 d.sliced=0.4 y=0.89 | cool 14 | – | 91 0.1 5 0
pickling-onion: pickling onions / pearl onions, baby onions, button onions, silverskin onions
  | 100 loose 3 | piece=20 y=0.85 | cool 14 | – | 89 0.1 4.5 0
savoy-cabbage: Savoy cabbage
  | pc 1 head 1 | piece=900 sizes=600-1200 d.shredded=0.3 y=0.8 months=9-3 | cold 14 | – | 91 0.1 2.3 0.1
pointed-cabbage: pointed cabbage / cone cabbage, sweetheart cabbage, hispi cabbage
  | pc 1 head 0.9 | piece=700 sizes=500-900 d.shredded=0.3 y=0.82 months=4-11 | cold 10 | – | 92 0.1 3 0
chinese-cabbage: Chinese leaf / napa cabbage, chinese cabbage, chinese leaves
  | pc 1 head 1.4 | piece=800 sizes=500-1100 d.shredded=0.3 y=0.88 months=6-11 | cold 10 | – | 94 0.2 1.4 0
pak-choi: pak choi / bok choy, pak choy, bok choi, baby bok choy
  | pc 2 pack 1.2 | piece=150 d.sliced=0.3 y=0.88 months=6-10 | cold 5 | – | 95 0.2 1.2 0.2
brussels-sprouts: Brussels sprouts, brussel sprouts
  | 500 bag 1.2 | piece=20 d.shredded=0.35 d.halved=0.5 y=0.85 months=10-3 | cold 10 | – | 86 0.3 2.2 0.1
swiss-chard: Swiss chard, chard, rainbow chard, chard leaves
  | 200 bag 1.6 | bunch=400 handful=25 d.chopped=0.15 y=0.85 months=6-11 | cold 4 | !wash | 93 0.2 1.1 0.5
leaf-spinach: leaf spinach / bunch spinach, mature spinach, large leaf spinach, true spinach
  | 250 bag 1.4 | bunch=350 handful=25 d.leaves=0.12 d.chopped=0.15 y=0.75 months=3-10 | cold 4 | !wash | 91 0.4 0.4 0.2
turnip: turnip, turnips, baby turnips
  | 100 loose 1.6 | piece=120 sizes=60-200 d.diced=0.6 y=0.84 months=6-2 | cool 10 cold 21 | – | 92 0.1 3.8 0.2
swede: swede / rutabaga, yellow turnip
  | 100 loose 1 | piece=700 d.cubed=0.6 y=0.85 months=10-3 | cool 21 | – | 90 0.2 4.5 0
long-stem-broccoli: long-stem broccoli / broccolini, purple sprouting broccoli, sprouting broccoli
  | 200 pack 1.6 | stalk=25 d.chopped=0.35 y=0.9 months=2-5 | cold 5 | – | 89 0.4 1.9 0.1
globe-artichoke: globe artichoke / artichoke, artichokes, fresh artichoke, globe artichokes
  | pc 1 – 1.5 | piece=300 y=0.4 months=5-10 | cold 5 | – | 85 0.2 1 0.2
jerusalem-artichoke: Jerusalem artichokes / sunchokes, jerusalem artichoke, sunchoke
  | 100 loose 4 | piece=60 y=0.75 months=11-3 | cool 7 | – | 78 0 9.6 0
fresh-peas: peas in the pod / English peas, fresh peas, podded peas, shelling peas, garden peas in the pod
  | 100 loose 5 | d=0.65 y=0.4 months=6-8 | cold 3 | – | 79 0.4 5.7 0
broad-beans: frozen broad beans / frozen fava beans, frozen broad bean
  | 500 bag 1.8 | d=0.65 y=0.98 y.peeled=0.75 | cold 2 | – | 74 0.6 1.5 0
fresh-broad-beans: broad beans in the pod / fava beans in the pod, fresh broad beans, fresh fava beans
  | 100 loose 4 | d=0.65 y=0.33 y.peeled=0.25 months=5-8 | cold 4 | – | 74 0.6 1.5 0
runner-beans: runner beans | 100 loose 5 | d.sliced=0.45 y=0.86 months=7-10 | cold 5 | – | 91 0.4 2.8 0
mangetout: mangetout / snow peas, mange tout, mangetouts, snow pea
  | 150 pack 1.4 | piece=4 d.sliced=0.3 y=0.93 months=6-8 | cold 5 | – | 89 0.2 4 0
edamame: frozen edamame, edamame, edamame beans, shelled edamame, podded edamame
  | 400 bag 2.2 | d=0.65 y=1 | cold 2 | soya | 73 5 2.2 0
corn-cob: corn on the cob / ears of corn, ears corn, corn cobs, corn cob, fresh corn, ear of corn, cobs of corn, fresh sweetcorn
  | pc 2 pack 1.3 | piece=230 d=0.65 y=0.55 months=7-10 | cold 3 | – | 76 1.4 6.3 0
baby-corn: baby corn, baby sweetcorn, baby corns
  | 125 pack 1.3 | piece=12 d.sliced=0.5 y=0.98 | cold 6 | – | 91 0.4 2 0
frozen-sweetcorn: frozen sweetcorn / frozen corn, frozen corn kernels
  | 500 bag 1.3 | d=0.65 y=1 | cold 2 | – | 76 1 4.5 0
okra: okra, lady's fingers, okra pods
  | 100 loose 7 | piece=12 d.sliced=0.45 y=0.87 | cold 4 | – | 90 0.2 1.5 0
daikon: mooli / daikon, daikon radish, white radish
  | 100 loose 2.4 | piece=500 d.grated=0.6 d.sliced=0.5 y=0.85 | cold 10 | – | 95 0.1 2.5 0.1
chestnut-mushroom: chestnut mushrooms / cremini mushrooms, brown mushrooms, chestnut mushroom
  | 250 pack 1.3 | piece=15 d.sliced=0.3 d.chopped=0.4 y=0.95 | cold 5 | – | 92 0.1 1.7 0
portobello: large flat mushrooms / portobello mushrooms, portobello, portobello mushroom, flat mushrooms, field mushrooms
  | 250 pack 1.6 | piece=80 d.sliced=0.3 y=0.93 | cold 5 | – | 92 0.4 2.5 0
shiitake: fresh shiitake mushrooms, shiitake, shiitake mushrooms, fresh shiitake
  | 125 pack 2 | piece=15 d.sliced=0.3 y=0.8 | cold 6 | – | 90 0.5 2.4 0
oyster-mushroom: oyster mushrooms, oyster mushroom, king oyster mushrooms
  | 125 pack 1.7 | piece=20 d.sliced=0.25 y=0.9 | cold 4 | – | 89 0.4 1.1 0
wild-mushroom: mixed wild mushrooms, wild mushrooms, fresh wild mushrooms
  | 100 pack 3.5 | d.sliced=0.25 y=0.85 months=9-11 | cold 3 | – | 90 0.5 1.5 0
black-garlic: black garlic | 50 pack 2.5 | clove=4 head=30 y=0.85 | room 180 | – | 50 0.3 15 0
lemongrass: lemongrass, lemon grass, lemongrass stalks, lemongrass stalk
  | pc 3 pack 0.9 | piece=25 stalk=25 d.minced=0.4 y=0.45 | cold 14 | – | 71 0.5 1 0
galangal: galangal, galangal root
  | 50 pack 1.2 | piece=50 cm=6 d.grated=0.9 y=0.85 scaling=startLow | cold 14 | – | 80 0.6 1.5 0
fresh-turmeric: fresh turmeric, turmeric root, fresh turmeric root
  | 50 pack 1 | piece=15 cm=4 d.grated=0.9 y=0.88 | cold 14 | – | 78 0.5 1.5 0
fresh-horseradish: fresh horseradish, horseradish root, fresh horseradish root
  | 100 pack 2.5 | piece=200 cm=15 d.grated=0.45 y=0.75 scaling=startLow | cold 30 | – | 75 0.5 6 0
samphire: samphire, marsh samphire, sea beans, fresh samphire
  | 80 pack 2 | handful=25 d=0.3 y=0.95 months=6-9 | cold 3 | – | 86 0.3 0.5 4
pumpkin: pumpkin, culinary pumpkin, pumpkins
  | 100 loose 1.2 | piece=1500 d.cubed=0.55 d.mashed=0.95 y=0.7 months=9-12 | cool 30 | – | 92 0.1 2.8 0
green-tomato: green tomatoes, green tomato, unripe tomatoes
  | 100 loose 2.5 | piece=110 d.diced=0.85 y=0.91 months=9-10 | cool 7 | – | 93 0.2 4 0 citric 0.8
tomatillo: tomatillos, tomatillo
  | 100 loose 8 | piece=40 d.diced=0.6 y=0.92 months=7-10 | cold 10 | – | 92 1 3.9 0 citric 0.5
alfalfa-sprouts: alfalfa sprouts, sprouted alfalfa
  | 100 pack 1.2 | handful=10 d=0.12 y=1 | cold 3 | !sprouts !cold | 93 0.7 0.2 0
mung-sprouts: sprouted mung beans, mung bean sprouts, sprouted beans, sprouted lentils, mixed bean sprouts
  | 150 pack 1.2 | handful=25 d=0.4 y=0.97 | cold 3 | !sprouts !cold | 85 0.4 3 0
celery-leaves: celery leaves
  | pc 1 head 0.85 | piece=450 handful=10 d.chopped=0.2 y=0.06 | cold 7 | celery | 92 0.3 1 0.2
beet-leaves: beetroot leaves / beet greens, baby beet leaves, beetroot tops, beet tops
  | 100 bag 1.4 | handful=20 d=0.1 y=0.9 months=6-10 | cold 3 | !wash | 91 0.1 0.5 0.5
sea-beet: sea beet, wild sea spinach
  | 100 bag 2.5 | handful=20 d=0.12 y=0.85 months=4-10 | cold 3 | !wash | 91 0.3 0.5 0.6
radish-sprouts: radish sprouts, broccoli sprouts, sprouted seeds
  | 100 pack 1.2 | handful=10 d=0.12 y=1 | cold 3 | !sprouts !cold | 90 2.5 1 0
`,
);

/** Leaves, lettuces by kind, and fresh herbs. */
export const moreLeaves = writtenSection(
  'salad and herbs',
  `
lettuce: lettuce, head of lettuce, green lettuce, loose-leaf lettuce, leaf lettuce
  | pc 1 head 0.9 | piece=300 head=300 leaf=12 handful=25 d.torn=0.1 d.shredded=0.15 y=0.75 months=5-10 | cold 5 | !wash | 95 0.2 1 0
iceberg: iceberg lettuce, iceberg, crisphead lettuce
  | pc 1 head 0.9 | piece=500 head=500 leaf=20 handful=25 d.shredded=0.22 d.torn=0.15 y=0.85 months=5-10 | cold 8 | !wash | 96 0.1 2 0
oak-leaf: oak leaf lettuce, red oak leaf, oakleaf lettuce, oak leaf, red oak leaf lettuce
  | pc 1 head 1.1 | piece=250 head=250 leaf=8 handful=20 d.torn=0.08 y=0.75 months=5-10 | cold 4 | !wash | 95 0.2 0.9 0
frisee: curly endive / frisée, frisee, curly chicory, frisee lettuce
  | pc 1 head 1.3 | piece=300 head=300 handful=20 d.torn=0.08 y=0.7 months=5-11 | cold 5 | !wash | 94 0.2 0.3 0
lambs-lettuce: lamb's lettuce / mâche, corn salad, mache
  | 80 bag 1.4 | handful=20 d=0.09 y=0.97 months=10-4 | cold 3 | !wash | 93 0.4 0.4 0
mizuna: mizuna, mizuna leaves
  | 60 bag 1.6 | handful=20 d=0.09 y=0.97 months=4-11 | cold 3 | !wash | 92 0.2 1 0
pea-shoots: pea shoots / pea tendrils, pea shoot
  | 60 bag 1.4 | handful=15 d=0.07 y=0.98 months=4-9 | cold 3 | !wash | 90 0.6 2 0
microleaves: microleaves / microgreens, micro leaves, micro herbs, micro greens, microherbs
  | 25 punnet 1.8 | handful=8 d=0.06 y=0.95 | cold 3 | !wash | 92 0.4 0.5 0
cress: cress, salad cress, garden cress, punnet of cress, mustard and cress
  | pc 1 punnet 0.45 | piece=25 handful=8 d=0.08 y=0.9 | cold 3 | !wash | 89 0.7 1.5 0
edible-flowers: edible flowers, nasturtium flowers, edible blossoms, borage flowers, viola flowers
  | 10 punnet 2.5 | piece=0.5 handful=5 d=0.04 y=1 months=5-9 | cold 2 | – | 90 0.3 2 0
sorrel: sorrel, sorrel leaves
  | 50 bag 1.6 | bunch=60 leaf=3 handful=20 d.leaves=0.1 y=0.8 months=4-9 | cold 3 | !wash | 93 0.7 0.3 0 citric 0.6
baby-kale: baby kale, baby kale leaves
  | 100 bag 1.6 | handful=20 d=0.08 y=0.98 | cold 4 | !wash | 86 0.9 1.5 0.1
black-kale: black kale / lacinato kale, cavolo nero, tuscan kale
  | 200 bag 1.5 | bunch=250 leaf=15 handful=25 d.shredded=0.12 y=0.63 y.stripped=0.63 months=9-4 | cold 5 | !wash | 86 0.8 1.5 0.1
dandelion-leaves: dandelion leaves / dandelion greens
  | 100 bag 2 | handful=20 d=0.1 y=0.85 months=3-6 | cold 3 | !wash | 86 0.7 0.7 0.2
chervil: chervil, fresh chervil
  | 25 packet 1 | bunch=30 sprig=1 handful=10 d.chopped=0.15 d.leaves=0.06 y=0.7 months=4-10 | cold 3 | !wash | 82 1 1 0.2
wild-garlic: wild garlic / ramps, wild garlic leaves, ramsons
  | 50 bag 1.5 | handful=15 leaf=2 d.chopped=0.2 y=0.9 months=3-5 | cold 2 | !wash !inoil | 90 0.4 1 0
thai-basil: Thai basil, thai sweet basil, holy basil
  | 25 packet 1 | bunch=30 sprig=2 leaf=0.5 handful=12 d.leaves=0.08 d.chopped=0.2 y=0.6 | cold 3 | !wash !inoil | 92 0.6 0.3 0
fresh-oregano: fresh oregano, oregano leaves
  | 25 packet 0.75 | bunch=25 sprig=1.5 d.leaves=0.12 d.chopped=0.2 y=0.6 months=5-10 | cold 7 | – | 78 1 1 0
marjoram: marjoram, fresh marjoram, sweet marjoram
  | 25 packet 0.75 | bunch=25 sprig=1.5 d.leaves=0.12 d.chopped=0.2 y=0.6 months=5-10 | cold 7 | – | 78 1 1 0
lemon-thyme: lemon thyme
  | 25 packet 0.85 | bunch=20 sprig=1 d.leaves=0.2 y=0.5 months=4-10 | cold 10 | !inoil | 65 1.7 0 0
lemon-balm: lemon balm
  | 25 packet 1 | bunch=25 sprig=2 leaf=0.4 d.leaves=0.08 y=0.6 months=4-10 | cold 3 | !wash | 86 0.7 0.5 0
lime-leaves: makrut lime leaves, lime leaves, lime leaf, makrut lime leaf
  | 5 packet 1 | leaf=0.7 piece=0.7 d=0.1 y=0.9 | cold 14 | – | 70 1 2 0
curry-leaves: curry leaves, fresh curry leaves, curry leaf
  | 10 packet 0.9 | leaf=0.1 sprig=2 handful=4 d=0.05 y=0.8 | cold 10 | – | 67 1 1 0
shiso: shiso leaves, shiso, perilla leaves, perilla
  | 20 packet 1.8 | leaf=1 d.shredded=0.08 y=0.95 | cold 3 | !wash | 90 0.2 0.5 0
curly-parsley: curly parsley, curled parsley
  | 30 bunch 0.65 | bunch=30 sprig=1.5 handful=12 d.chopped=0.2 d.leaves=0.08 y=0.55 y.leaves=0.55 months=4-11 | cold 4 | !wash | 88 0.8 0.9 0.1
lollo-rosso: lollo rosso / red leaf lettuce, lollo rosso lettuce, red lettuce
  | pc 1 head 1.1 | piece=250 head=250 leaf=8 handful=20 d.torn=0.08 y=0.75 months=5-10 | cold 4 | !wash | 95 0.2 0.9 0
batavia: batavia lettuce, batavia
  | pc 1 head 1.1 | piece=300 head=300 leaf=10 handful=22 d.torn=0.09 y=0.75 months=5-10 | cold 5 | !wash | 95 0.2 0.9 0
mustard-leaves: mustard leaves / mustard greens, baby mustard leaves
  | 60 bag 1.6 | handful=20 d=0.09 y=0.95 months=4-11 | cold 3 | mustard !wash | 91 0.4 1.3 0
`,
);

/** Fruit by kind, fresh and dried. */
export const moreFruit = writtenSection(
  'fruit',
  `
blood-orange: blood orange, blood oranges
  | pc 1 – 0.6 | piece=160 sizes=130-210 y=0.73 y.peeled=0.73 y.sliced=0.7 y.segmented=0.52 juice=60-80 zest=8 months=1-4
  | cool 7 cold 14 | – | 87 0.1 9 0 citric 1.2
satsuma: satsuma, satsumas
  | pc 1 – 0.25 | piece=75 sizes=50-100 y=0.72 y.segmented=0.68 juice=30-40 zest=3 months=11-2 | cool 10 | – | 87 0.2 9.5 0 citric 0.8
kumquat: kumquats, kumquat
  | 250 punnet 2.8 | piece=12 y=0.93 months=12-3 | cool 7 cold 14 | – | 81 0.9 9.4 0 citric 2.5
pomelo: pomelo, pomelos
  | pc 1 – 2.2 | piece=1000 y=0.55 y.segmented=0.5 juice=200-300 zest=20 months=11-3 | cool 14 | – | 89 0 8 0 citric 1
raspberries: raspberries, raspberry, fresh raspberries
  | 150 punnet 1.9 | piece=4 d=0.5 y=0.95 months=6-10 | cold 2 | – | 86 0.7 4.4 0 citric 1.7
blueberries: blueberries, blueberry, fresh blueberries
  | 150 punnet 1.8 | piece=1.5 d=0.63 y=0.96 months=6-9 | cold 7 | – | 84 0.3 10 0 citric 0.6
blackberries: blackberries, blackberry
  | 150 punnet 1.9 | piece=6 d=0.6 y=0.95 months=7-9 | cold 2 | – | 88 0.5 4.9 0 citric 1
redcurrants: redcurrants / red currants, redcurrant, fresh red currants
  | 150 punnet 2.2 | d=0.6 y=0.95 months=6-8 | cold 3 | – | 84 0.2 7.4 0 citric 2.3
cranberries: fresh cranberries
  | 300 bag 2 | d=0.42 y=0.97 months=10-12 | cold 21 | – | 87 0.1 4.3 0 citric 2.8
cherries: cherries, cherry, sweet cherries, fresh cherries
  | 250 punnet 2.8 | piece=8 d=0.6 y=0.87 y.pitted=0.87 months=6-8 | cold 4 | !choking | 82 0.2 12.8 0 citric 0.6
apricot: fresh apricots, apricot, apricots, ripe apricots
  | 300 punnet 2 | piece=50 sizes=35-65 y=0.93 y.pitted=0.93 ripens=2 months=6-8 | cool 3 cold 5 | – | 86 0.4 9.2 0 citric 1
nectarine: nectarine, nectarines, ripe nectarines
  | pc 1 – 0.55 | piece=140 sizes=110-180 d.diced=0.65 y=0.91 ripens=2 months=6-9 | room 3 cold 5 | !stone | 88 0.3 7.9 0 citric 0.5
plum: plums, plum, ripe plums
  | 400 punnet 1.8 | piece=65 sizes=45-90 y=0.94 y.pitted=0.94 ripens=2 months=7-10 | room 3 cold 5 | – | 87 0.3 9.9 0 citric 0.7
kiwi: kiwi fruit, kiwi, kiwis, kiwifruit, green kiwi
  | pc 1 – 0.3 | piece=90 sizes=70-120 d.diced=0.75 y=0.86 y.peeled=0.86 ripens=3 months=11-5 | room 5 cold 14 | – | 83 0.5 9 0 citric 1.5
pineapple: pineapple, fresh pineapple, pineapples
  | pc 1 – 1.8 | piece=1300 sizes=900-1800 slice=85 d.diced=0.7 y=0.52 ripens=2 | room 3 cold 5 | – | 86 0.1 9.9 0 citric 0.8
papaya: papaya, papayas
  | pc 1 – 1.8 | piece=450 d.diced=0.6 y=0.67 ripens=3 | room 4 cold 5 | – | 88 0.3 7.8 0 citric 0.2
green-papaya: green papaya, unripe papaya
  | pc 1 – 2.4 | piece=700 d.shredded=0.4 y=0.75 | cold 7 | – | 92 0.1 4.5 0
green-mango: green mango, unripe mango, sour mango
  | pc 1 – 1.4 | piece=300 d.shredded=0.45 d.diced=0.65 y=0.68 | cold 7 | !stone | 84 0.3 6 0 citric 2.5
banana: bananas, banana, ripe banana
  | pc 1 – 0.18 | piece=150 sizes=110-190 d.sliced=0.63 d.mashed=0.95 y=0.65 ripens=2 | room 4 | – | 75 0.3 12.2 0 citric 0.3
passion-fruit: passion fruit, passion fruits, passionfruit
  | pc 1 – 0.5 | piece=35 y=0.5 juice=10-15 | cool 7 | – | 73 0.7 11.2 0 citric 2.5
persimmon: persimmon / Fuyu persimmon, sharon fruit, persimmons, kaki
  | pc 1 – 0.7 | piece=170 y=0.85 ripens=3 months=10-12 | room 4 cold 10 | – | 80 0.2 12.5 0
quince: quince, quinces | pc 1 – 1.2 | piece=300 y=0.6 months=10-12 | cool 21 | – | 84 0.1 8.9 0 citric 0.9
rhubarb: rhubarb, rhubarb stalks, forced rhubarb
  | 400 pack 2 | stalk=60 d.chopped=0.5 y=0.9 months=1-7 | cold 7 | – | 94 0.2 1.1 0 citric 1.5
gooseberries: gooseberries, gooseberry
  | 250 punnet 2.4 | d=0.63 y=0.95 months=6-7 | cold 5 | – | 88 0.6 5 0 citric 2
lychee: lychees, lychee, fresh lychees
  | 250 bag 2.4 | piece=20 y=0.6 | cold 7 | !choking | 82 0.4 15.2 0 citric 0.4
coconut: fresh coconut, coconut, whole coconut
  | pc 1 – 1.4 | piece=550 d.grated=0.35 y=0.5 | room 14 | – | 47 33 6.2 0
yuzu: yuzu, fresh yuzu
  | pc 1 – 4 | piece=110 y=0.6 juice=10-15 zest=6 months=11-12 | cold 10 | – | 90 0.2 3 0 citric 5.5
dried-apricots: dried apricots, dried apricot, soft dried apricots, semi-dried apricots
  | 250 bag 2 | piece=8 d.chopped=0.6 y=1 | room 180 | sulphites | 31 0.5 53 0 citric 1.5
dried-figs: dried figs, dried fig, soft dried figs
  | 250 bag 2.2 | piece=20 d.chopped=0.65 y=0.97 | room 180 | sulphites | 30 0.9 48 0 citric 0.4
prunes: prunes, prune, dried plums, pitted prunes
  | 250 bag 1.8 | piece=9 d.chopped=0.7 y=1 | room 180 | – | 31 0.4 38 0 citric 1
sultanas: sultanas / golden raisins, golden raisin, sultana
  | 500 bag 1.6 | handful=30 d=0.6 y=1 | room 365 | sulphites | 15 0.5 59 0 citric 1.5
currants: currants / dried currants, zante currants, dried currant
  | 250 bag 1 | handful=30 d=0.6 y=1 | room 365 | – | 19 0.3 64 0 citric 1
dried-cherries: dried sour cherries / dried tart cherries, sour cherries, dried cherries
  | 100 bag 2 | handful=30 d=0.6 y=1 | room 180 | – | 16 1 67 0 citric 1.5
dried-mango: dried mango, dried mango slices
  | 100 bag 1.8 | slice=12 d.chopped=0.5 y=1 | room 180 | sulphites | 16 1 66 0 citric 1
dried-apple: dried apple, dried apples, dried apple rings
  | 100 bag 1.5 | slice=6 d.chopped=0.35 y=1 | room 180 | sulphites | 28 0.3 57 0 citric 1
dried-pears: dried pears, dried pear
  | 200 bag 2.4 | piece=18 d.chopped=0.6 y=1 | room 180 | sulphites | 26 0.6 62 0 citric 0.5
dried-peaches: dried peaches, dried peach
  | 200 bag 2.4 | piece=13 d.chopped=0.6 y=1 | room 180 | sulphites | 31 0.8 42 0 citric 1
dried-blueberries: dried blueberries | 100 bag 2.5 | handful=30 d=0.6 y=1 | room 180 | – | 15 1 68 0 citric 1
barberries: barberries, dried barberries, zereshk
  | 100 bag 2.8 | handful=15 d=0.3 y=1 scaling=linear | room 180 | – | 15 1 35 0 citric 6
clementine: clementine, clementines
  | pc 1 – 0.25 | piece=70 sizes=50-95 y=0.72 y.segmented=0.68 juice=28-38 zest=3 months=11-2 | cool 10 | – | 87 0.2 9.2 0 citric 0.8
mandarin: mandarin, mandarins, mandarin orange, tangerine, tangerines
  | pc 1 – 0.3 | piece=90 sizes=65-120 y=0.72 y.segmented=0.68 juice=35-45 zest=4 months=11-3 | cool 10 | – | 85 0.3 10.6 0 citric 0.8
frozen-berries: frozen mixed berries, frozen berries
  | 500 bag 2.6 | d=0.6 y=0.98 | cold 1 | – | 86 0.5 7 0 citric 1
`,
);
