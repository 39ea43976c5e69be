/** Written from foods.csv by npm run facts. */
export const foodsTable = `
id,section,names,packs,figures,keeping,marks,composition
aubergine,vegetables,aubergine / eggplant,pc 1 – 0.95,piece=300 sizes=220-420 d.cubed=0.35 d.mashed=0.95 y=0.95 y.charred=0.5 y.charred+peeled=0.5 months=7-9,cool 5 cold 7,–,92 0.2 3.5 0
avocado,vegetables,avocado; avocados; avo,pc 1 – 0.95,piece=200 sizes=150-260 d.diced=0.63 d.mashed=0.97 y=0.74 ripens=4,room 5 cold 3,!stone,73 15 0.7 0
beetroot,vegetables,beetroot / beet; beets; beetroots; golden beetroot; candy beetroot; chioggia beetroot,100 loose 1.4,piece=120 bunch=500 sizes=80-180 d.diced=0.6 d.grated=0.45 d.cooked=0.65 d.wedges=0.6 y=0.9 y.peeled=0.85 y.cooked=0.78 y.roasted=0.78 y.cooked+peeled=0.78 y.roasted+peeled=0.78 months=6-2,cool 7 cold 21,–,88 0.2 7 0.2
broccoli,vegetables,broccoli,pc 1 head 0.85,piece=400 head=400 sizes=300-550 d.florets=0.3 d.chopped=0.37 y=0.62 y.florets=0.62 months=6-11,cold 5,–,89 0.4 1.7 0.1
cabbage,vegetables,white cabbage / green cabbage; cabbage,pc 1 head 0.9,piece=900 head=900 sizes=600-1300 d.shredded=0.3 d.sliced=0.3 d.chopped=0.37 y=0.8,cool 10 cold 28,–,92 0.1 3.2 0
red-cabbage,vegetables,red cabbage,pc 1 head 1,piece=900 head=900 sizes=600-1300 d.shredded=0.3 d.sliced=0.3 y=0.8,cool 10 cold 28,–,90 0.2 3.8 0.1
carrot,vegetables,carrot; carrots; heritage carrots; rainbow carrots,100 loose 0.8,piece=80 bunch=400 sizes=50-120 d.diced=0.55 d.grated=0.42 d.sliced=0.5 d.shredded=0.42 d.matchsticks=0.45 y=0.85 y.peeled=0.85,cold 21,–,88 0.2 4.7 0.2
cauliflower,vegetables,cauliflower,pc 1 head 1.1,piece=700 head=700 sizes=500-1000 d.florets=0.42 y=0.6 y.florets=0.6 months=8-4,cold 6,–,92 0.3 1.9 0.1
celery,vegetables,celery,pc 1 head 0.85,piece=450 head=450 stalk=45 d.diced=0.43 d.sliced=0.43 d.chopped=0.43 y=0.85 months=7-11,cold 14,celery,95 0.2 1.3 0.2
celeriac,vegetables,celeriac / celery root,pc 1 – 1.4,piece=700 sizes=500-1000 d.grated=0.45 d.matchsticks=0.45 y=0.75 y.peeled=0.75 months=10-3,cool 10 cold 21,celery,88 0.3 1.6 0.3
courgette,vegetables,courgette / zucchini; courgettes; zucchinis; yellow courgettes; green courgettes,pc 1 – 0.6,piece=200 sizes=140-300 d.sliced=0.48 d.grated=0.5 d.diced=0.5 y=0.95 months=6-9,cold 7,–,95 0.3 2.5 0
cucumber,vegetables,cucumber; cucumbers; cukes; cuke; cucs; cuc; english cucumber; hothouse cucumber,pc 1 – 0.9,piece=350 sizes=250-420 d.diced=0.56 d.sliced=0.44 d.grated=0.6 y=0.97 y.seeded=0.8 y.peeled=0.85 y.peeled+seeded=0.7 months=5-9,cold 7,–,95 0.1 1.7 0
fennel,vegetables,fennel,pc 1 bulb 1.1,piece=250 sizes=180-330 d.shaved=0.32 d.sliced=0.36 d.diced=0.4 y=0.7 months=6-10,cold 7,–,90 0.2 3.9 0.1
garlic,vegetables,garlic,pc 1 bulb 0.35,clove=5 piece=50 head=50 d.minced=0.57 d.chopped=0.57 d.crushed=0.95 d.grated=0.95 y=0.87 y.peeled=0.87 scaling=startLow,cool 30 room 21,!inoil,59 0.5 1 0
ginger,vegetables,fresh ginger; ginger; root ginger; ginger root; gingerroot,50 loose 3.6,piece=50 cm=6 d.grated=0.95 d.minced=0.8 d.sliced=0.4 y=0.85 y.peeled=0.85 scaling=startLow,cool 14 cold 21,–,79 0.8 1.7 0
green-beans,vegetables,green beans; fine beans; frozen green beans; french beans; string beans; haricots verts,50 loose 5,handful=60 d.trimmed=0.42 d.chopped=0.45 y=0.88 y.trimmed=0.88 months=6-9,cold 5,–,90 0.2 3.3 0
kohlrabi,vegetables,kohlrabi,pc 1 – 1,piece=250 sizes=150-350 d.matchsticks=0.5 d.grated=0.5 y=0.7 y.peeled=0.7 months=6-11,cold 14,–,91 0.1 2.6 0.1
leek,vegetables,leek; leeks,pc 1 – 0.6,piece=200 sizes=100-250 d.sliced=0.38 y=0.55 months=9-3,cold 10,–,83 0.3 3.9 0.1
mushroom,vegetables,mushrooms; mushroom; button mushrooms; white mushrooms; closed cup mushrooms,250 punnet 1.1,piece=18 handful=60 d.sliced=0.3 y=0.95 months=1-12,cold 4,–,92 0.3 2 0
onion,vegetables,onion; onions; brown onion; yellow onion; cooking onion,pc 1 – 0.2,piece=150 sizes=90-220 d.diced=0.62 d.chopped=0.62 d.sliced=0.48 d.minced=0.65 y=0.89 y.peeled=0.89,cool 30 room 21,–,89 0.1 4.2 0
red-onion,vegetables,red onion; red onions; purple onion,pc 1 – 0.25,piece=150 sizes=80-200 d.diced=0.62 d.chopped=0.62 d.sliced=0.48 y=0.89 y.peeled=0.89,cool 30 room 21,–,89 0.1 4.5 0
parsnip,vegetables,parsnip; parsnips,100 loose 1.5,piece=150 sizes=80-200 d.diced=0.55 y=0.8 y.peeled=0.8 months=10-3,cold 14,–,80 0.3 4.8 0
pepper,vegetables,pepper / bell pepper; capsicum; sweet pepper; peppers; bell peppers; mixed peppers; mixed colour peppers,pc 1 – 0.7,piece=170 sizes=120-210 d.diced=0.6 d.chopped=0.6 d.sliced=0.4 y=0.82 y.charred=0.65 y.charred+peeled=0.65 months=7-10,cold 7,–,92 0.3 4.2 0
potato,vegetables,potatoes; potato; all-purpose potatoes; white potatoes; yellow potatoes; red potatoes,100 loose 1,piece=180 sizes=100-250 d.diced=0.63 d.cubed=0.63 d.sliced=0.6 y=1 y.peeled=0.82,cool 14,!coolfast,79 0.1 0.8 0
radish,vegetables,radishes; radish; breakfast radishes; french breakfast radishes; pink radishes,200 bunch 0.9,piece=12 bunch=200 handful=60 d.sliced=0.48 y=0.9 y.trimmed=0.9 months=4-10,cold 7,–,95 0.1 1.9 0.1
shallot,vegetables,shallot; shallots; banana shallot,pc 1 – 0.2,piece=35 sizes=20-45 d.minced=0.65 d.diced=0.62 d.sliced=0.48 d.chopped=0.62 y=0.85 y.peeled=0.85,cool 21,–,80 0.1 7.9 0
spring-onion,vegetables,spring onions / scallions; spring onion; scallion; green onion; green onions; salad onions,100 bunch 0.65,piece=15 bunch=100 stalk=15 d.sliced=0.42 d.chopped=0.42 y=0.83 months=3-10,cold 5,–,90 0.2 2.3 0
squash,vegetables,butternut squash; squash; butternut,pc 1 – 1.9,piece=1000 sizes=700-1500 d.cubed=0.6 d.diced=0.6 y=0.78 y.peeled=0.78 months=9-1,cool 30,–,88 0.1 2.8 0
sweet-potato,vegetables,sweet potato; sweet potatoes; kumara,100 loose 1.3,piece=250 sizes=150-400 d.cubed=0.6 y=0.85 y.peeled=0.85 months=10-3,cool 14,–,77 0.1 4.2 0.1
tomato,vegetables,tomatoes; tomato; ripe tomatoes; vine tomatoes; toms; vine tomatoes; tomatoes on the vine,100 loose 2.6,piece=110 sizes=80-180 d.diced=0.75 d.chopped=0.75 d.sliced=0.75 y=0.91 y.cored=0.91 y.peeled+seeded=0.7 ripens=2 months=6-10,room 5,–,94.5 0.2 2.6 0 citric 0.4
cherry-tomato,vegetables,cherry tomatoes; cherry tomato; small tomatoes; grape tomatoes; cherry tomatoes on the vine; vine cherry tomatoes,250 punnet 1.2,piece=15 handful=80 d.whole=0.63 d.halved=0.65 y=0.98 months=6-10,room 5,!choking,93 0.3 3.9 0 citric 0.5
chilli,vegetables,fresh chilli / fresh chile; chilli; chile; chili; fresh chili; chillies,pc 1 – 0.2,piece=15 sizes=8-25 d.minced=0.6 d.sliced=0.4 d.chopped=0.55 y=0.85 months=7-10 scaling=startLow,cold 10,!hands,88 0.4 5.3 0
asparagus,vegetables,asparagus,250 bunch 2.4,bunch=250 stalk=18 d.chopped=0.55 y=0.6 months=4-6,cold 4,–,93 0.1 1.9 0
peas,vegetables,frozen peas; petits pois; frozen petits pois; frozen garden peas,500 bag 1.1,d=0.6,cold 2,–,79 0.4 5.7 0
sugar-snap,vegetables,sugar snap peas / snap peas; sugar snaps,150 packet 1.4,handful=40 d=0.4 y=0.94 months=6-8,cold 5,–,89 0.2 4 0
cos-lettuce,salad and herbs,cos lettuce / romaine lettuce; cos; romaine; romaine hearts; romaine hearts; cos hearts; romaine leaves,pc 1 head 0.9,piece=400 head=400 leaf=15 handful=25 d.chopped=0.2 d.shredded=0.2 d.torn=0.16 y=0.8 months=5-10,cold 5,!wash,95 0.3 1.2 0
little-gem,salad and herbs,little gem lettuce / baby romaine; little gem; little gems; gem lettuce,pc 1 head 0.55,piece=120 head=120 handful=25 d.torn=0.18 d.leaves=0.14 y=0.85 months=5-10,cold 5,!wash,95 0.2 1.3 0
butterhead,salad and herbs,butterhead lettuce / Boston lettuce; round lettuce; bibb lettuce; butter lettuce; soft lettuce,pc 1 head 0.9,piece=250 head=250 leaf=10 handful=25 d.torn=0.15 y=0.75 months=5-10,cold 3,!wash,96 0.2 0.9 0
mixed-leaves,salad and herbs,mixed salad leaves / mixed greens; salad leaves; mixed leaves; salad greens; mesclun,100 bag 1.3 + 200 bag 2.2,handful=25 d=0.1 y=0.95 months=4-10,cold 3,!wash,94 0.3 1 0.1
rocket,salad and herbs,rocket / arugula; rocket leaves; baby arugula,60 bag 1.1 + 100 bag 1.6,bunch=60 handful=25 d=0.09 d.packed=0.14 y=0.95 months=4-10,cold 3,!wash,92 0.7 2 0.1
baby-spinach,salad and herbs,baby spinach; spinach; spinach leaves,100 bag 1.2 + 200 bag 1.9,handful=25 d=0.12 d.packed=0.2 d.cooked=0.76 y=0.95 months=3-10,cold 4,!wash,91 0.4 0.4 0.2
kale,salad and herbs,curly kale; kale; green kale; kale leaves; curly kale; green kale; purple kale,200 bag 1.2,bunch=200 handful=25 d.chopped=0.09 d.shredded=0.09 d.torn=0.08 y=0.63 y.stripped=0.63 months=9-4,cold 5,!wash,84 0.9 2.3 0.1
watercress,salad and herbs,watercress,85 bag 1.4,bunch=85 handful=25 d=0.12 y=0.85 months=4-10,cold 2,!wash,95 0.1 0.2 0.1
radicchio,salad and herbs,radicchio,pc 1 head 1.5,piece=250 head=250 handful=25 d.shredded=0.17 d.torn=0.15 y=0.85 months=10-3,cold 7,!wash,93 0.3 0.6 0.1
chicory,salad and herbs,chicory / Belgian endive; white chicory; red chicory; endives,pc 1 head 0.9,piece=130 head=130 leaf=8 d.sliced=0.3 y=0.88 months=11-4,cold 6,!wash,95 0.1 0.7 0
basil,salad and herbs,basil; fresh basil; basil leaves,30 bunch 0.9,bunch=30 sprig=2 leaf=0.5 handful=12 d.leaves=0.09 d.chopped=0.18 d.packed=0.17 d.torn=0.1 y=0.6 y.leaves=0.6 months=6-9,room 3 cold 2,!wash !inoil,92 0.6 0.3 0
chives,salad and herbs,chives; fresh chives,20 bunch 0.75,bunch=20 handful=12 d.chopped=0.2 d.sliced=0.2 d.minced=0.2 y=0.95 months=4-9,cold 3,–,91 0.7 1.9 0
coriander,salad and herbs,coriander / cilantro; fresh coriander; coriander leaves; fresh cilantro; fresh cilantro; coriander leaves; cilantro leaves,30 bunch 0.65 + 80 bunch 1.3,bunch=30 sprig=2 handful=12 d.leaves=0.07 d.chopped=0.22 d.packed=0.2 y=0.8 months=5-9,cold 3,!wash,92 0.5 0.9 0.1
dill,salad and herbs,dill; fresh dill; dill fronds,20 bunch 0.75,bunch=20 sprig=1 handful=12 d.chopped=0.17 d.leaves=0.06 y=0.6 months=5-9,cold 2,!wash,86 1.1 0 0.2
mint,salad and herbs,mint; fresh mint; mint leaves,30 bunch 0.75,bunch=30 sprig=2 leaf=0.3 handful=12 d.leaves=0.09 d.chopped=0.2 d.torn=0.1 y=0.48 y.leaves=0.48 months=4-10,cold 3,!wash,86 0.7 0 0.1
parsley,salad and herbs,flat-leaf parsley / Italian parsley; parsley; fresh parsley; flat leaf parsley; parsley leaves; flat-leaf parsley; flat leaf parsley; italian parsley; flat parsley,30 bunch 0.65 + 80 bunch 1.3,bunch=30 sprig=2 handful=12 d.chopped=0.25 d.leaves=0.1 d.packed=0.24 y=0.55 y.leaves=0.55 months=4-11,cold 3,!wash,88 0.8 0.9 0.1
rosemary,salad and herbs,rosemary; fresh rosemary,20 packet 0.75,sprig=3 bunch=20 d.chopped=0.3 y=0.8 y.stripped=0.8 months=1-12,cold 7,!inoil,68 5.9 0 0.1
sage,salad and herbs,sage; fresh sage; sage leaves,20 packet 0.75,sprig=3 leaf=0.4 bunch=20 handful=12 d.chopped=0.2 d.leaves=0.08 y=0.7 y.leaves=0.7 months=4-11,cold 5,–,80 4 1 0
tarragon,salad and herbs,tarragon; fresh tarragon,20 packet 0.75,sprig=1.5 bunch=20 handful=12 d.chopped=0.2 d.leaves=0.08 y=0.65 months=5-9,cold 3,–,80 2 2 0.1
thyme,salad and herbs,thyme; fresh thyme; thyme leaves,20 packet 0.75,sprig=1 bunch=20 d.leaves=0.3 d.chopped=0.35 y=0.5 y.stripped=0.5 y.leaves=0.5 months=4-11,cold 7,!inoil,65 1.7 0 0
sprouts,salad and herbs,bean sprouts; beansprouts,300 bag 0.8,handful=40 d=0.42,cold 2,!sprouts,90 0.2 4.1 0
lemon,fruit,lemon; lemons; unwaxed lemon; unwaxed lemons,pc 1 – 0.35,piece=110 sizes=90-145 d.juiced=1.03 d.zested=0.4 y=1 y.segmented=0.52 y.sliced=0.9 juice=35-45 zest=6 months=1-12,room 7 cold 21,–,92 0.3 2.2 0 citric 5.5
lime,fruit,lime; limes,pc 1 – 0.3,piece=70 sizes=55-85 d.juiced=1.03 d.zested=0.4 y=1 y.segmented=0.52 juice=20-30 zest=4 months=1-12,room 7 cold 21,–,91 0.2 1.7 0 citric 6
orange,fruit,orange; oranges; navel orange; navel oranges; sweet orange,pc 1 – 0.45,piece=200 sizes=150-260 d.juiced=1.04 d.zested=0.4 d.segmented=0.75 y=0.7 y.sliced=0.7 y.peeled=0.7 y.segmented=0.52 juice=70-80 zest=10 months=11-4,room 10 cold 21,–,87 0.1 9 0 citric 1
grapefruit,fruit,grapefruit; pink grapefruit,pc 1 – 0.7,piece=380 sizes=300-460 d.juiced=1.04 d.segmented=0.9 y=0.7 y.segmented=0.5 juice=150-170 zest=12 months=11-4,room 10 cold 21,–,90 0.1 7 0 citric 1.4
apple,fruit,crisp apple; apple; apples; eating apple; tart apple; pink lady; pink ladies; braeburn; braeburns; honeycrisp; gala apples; fuji apples; cox; coxes,pc 1 – 0.4,piece=170 sizes=120-220 d.diced=0.5 d.grated=0.6 d.sliced=0.46 d.matchsticks=0.45 y=0.9 y.cored=0.9 y.peeled=0.8 months=8-3,cool 14 cold 30,–,86 0.2 10.4 0 citric 0.5
pear,fruit,pear; pears; firm pear; ripe pear,pc 1 – 0.45,piece=180 sizes=140-230 d.diced=0.6 d.sliced=0.56 y=0.9 y.cored=0.9 ripens=3 months=8-1,room 4 cold 10,–,84 0.1 9.8 0 citric 0.2
mango,fruit,mango; mangoes; mangos,pc 1 – 1.1,piece=350 sizes=250-450 d.diced=0.7 y=0.65 ripens=3 months=4-8,room 4 cold 5,!stone,83 0.4 13.7 0 citric 0.3
pomegranate,fruit,pomegranate; pomegranates; pomegranate seeds,pc 1 – 1.2,piece=280 sizes=200-380 d=0.7 y=0.56 y.seeded=0.56 months=9-1,cool 14 cold 30,–,78 1.2 13.7 0 citric 0.9
grapes,fruit,seedless grapes; grapes,500 punnet 2.2,handful=80 d.whole=0.64 d.halved=0.64 y=0.95 months=8-11,cold 7,!choking,81 0.2 15.5 0 citric 0.6
strawberry,fruit,strawberries; strawberry,250 punnet 2,piece=15 d.sliced=0.7 d.whole=0.6 y=0.9 months=5-8,cold 3,–,91 0.3 4.9 0 citric 0.9
fig,fruit,figs; fig; fresh figs,pc 1 – 0.6,piece=50 sizes=35-60 y=0.97 months=8-10,cold 3,–,79 0.3 16.3 0
peach,fruit,peach; peaches; flat peaches,pc 1 – 0.6,piece=150 sizes=110-190 d.sliced=0.65 d.diced=0.65 y=0.85 ripens=2 months=6-9,room 3 cold 5,!stone,89 0.3 8.4 0 citric 0.5
melon,fruit,melon; melons; cantaloupe; honeydew melon; galia melon,pc 1 – 2.2,piece=1200 d.cubed=0.66 d.diced=0.66 d.sliced=0.65 y=0.58 ripens=2 months=7-9,room 4 cold 5,–,90 0.2 8 0
watermelon,fruit,watermelon,500 loose 1.6,d.cubed=0.64 d.diced=0.64 y=0.6 months=6-9,cold 4,–,91 0.2 6.2 0
dates,fruit,soft dates; dates; pitted dates; medjool dates; date,200 packet 2,piece=16 d.chopped=0.62 y=0.9,room 60,–,21 0.4 63 0
raisins,fruit,raisins; raisin; seedless raisins,250 packet 1,handful=40 d=0.64,room 180,–,15 0.5 59 0 citric 1.5
dried-cranberries,fruit,dried cranberries,150 packet 1.6,handful=30 d=0.5,room 180,–,16 1.4 65 0 citric 1
flatbread,bakery,flatbreads; flatbread; flat bread; flat breads,pc 6 packet 1.2,piece=60,room 3,wheat,32 6 3 1.1
sourdough,bakery,country bread; bread; stale bread; sourdough; sourdough bread; crusty bread; rustic bread; stale country bread,800 loaf 3,slice=45 piece=800 d.cubed=0.18 d.torn=0.15 y=0.95,room 3,wheat,38 1.5 2 1.1
rye-bread,bakery,rye bread,500 loaf 1.8,slice=40,room 5,rye wheat,42 1.7 3.9 1.2
breadcrumbs,bakery,dry breadcrumbs; breadcrumbs; bread crumbs,200 packet 1.1,d=0.42,room 90,wheat,8 3 4 1.4
egg,dairy and eggs,eggs; egg; egg yolk; egg yolks; egg white; egg whites,pc 6 box 1.6 + 12 box 2.9,piece=58 sizes=48-68 d.beaten=1.03 y=0.88 scaling=whole indivisible=1,cold 21,egg !rawegg,76 9.5 0.4 0.35
butter,dairy and eggs,unsalted butter; butter,250 block 2.1,d=0.96 d.melted=0.91,cold 30,milk,16 81 0.6 0
buttermilk,dairy and eggs,buttermilk,ml 300 pot 0.7 + 500 carton 1.1,d=1.03,cold 7,milk,90 0.9 4.8 0.2 lactic 0.8
milk,dairy and eggs,milk; whole milk,ml 500 bottle 0.7 + 1000 bottle 0.95,d=1.03s,cold 6,milk,88 3.6 4.7 0.1
cream,dairy and eggs,double cream; extra-thick double cream,ml 150 pot 0.95 + 300 pot 1.4,d=1,cold 7,milk !cold,48 48 1.6 0.1
creme-fraiche,dairy and eggs,crème fraîche; creme fraiche,200 pot 1.1 + 300 pot 1.5,d=1,cold 10,milk !cold,60 30 2.4 0.1 lactic 0.7
soured-cream,dairy and eggs,soured cream / sour cream,150 pot 0.8 + 300 pot 1.2,d=1,cold 10,milk !cold,74 18 3.8 0.1 lactic 0.7
yoghurt,dairy and eggs,plain yoghurt / plain yogurt; yoghurt; yogurt; natural yoghurt; whole-milk yoghurt; natural yoghurt; natural yogurt; plain yogurt; whole-milk yoghurt; dahi,150 pot 0.6 + 500 pot 1.3,d=1.04,cold 10,milk !cold,87 3.5 4.9 0.2 lactic 1
strained-yoghurt,dairy and eggs,Greek-style yoghurt / Greek-style yogurt; strained yoghurt; greek yoghurt; greek yogurt; thick yoghurt; greek-style yogurt; plain greek yoghurt; plain greek yogurt; natural greek yoghurt; full-fat greek yoghurt; greek style yoghurt; greek-style yogurt,200 pot 1.2 + 500 pot 2.4,d=1.05,cold 10,milk !cold,77 10 3.8 0.1 lactic 1
cream-cheese,dairy and eggs,cream cheese; soft cheese; full-fat cream cheese,200 tub 1.4,d=0.98,cold 14,milk !cold,60 24 3.5 0.7 lactic 0.6
feta,dairy and eggs,feta; feta cheese; feta-style cheese; greek feta; sheeps feta,200 block 1.9,d.crumbled=0.6 d.cubed=0.6,cold 21,milk !softcheese,55 22 1 2.6 lactic 0.9
parmesan,dairy and eggs,hard grating cheese; parmesan; hard cheese,200 wedge 3.6,d.grated=0.4 d.shaved=0.3 y=0.95,cold 30,milk rennet,30 29 0 1.7
goats-cheese,dairy and eggs,goat's cheese / goat cheese; goats cheese; soft goat cheese,100 log 1.7 + 150 log 2.3,d.crumbled=0.55,cold 14,milk !softcheese,60 22 1 1 lactic 0.6
blue-cheese,dairy and eggs,blue cheese; stilton; gorgonzola; roquefort; danish blue; blue stilton,150 wedge 2.2,d.crumbled=0.56 y=0.97,cold 14,milk !softcheese,42 29 0.5 2.4
halloumi,dairy and eggs,frying cheese; halloumi; grilling cheese,225 block 2.6,d.cubed=0.6,cold 60,milk,50 25 2 2.6
mozzarella,dairy and eggs,fresh mozzarella; mozzarella; buffalo mozzarella; mozzarella ball; mozzarella di bufala,125 ball 1,piece=125 d.torn=0.7 d.diced=0.7,cold 10,milk !cold,58 18 1 0.6
tofu,dairy and eggs,silken tofu; soft tofu; silken soft tofu,300 block 2,d=1.03 d.cubed=0.75 y=0.95,cold 14,soya !cold,76 6 0.5 0
smoked-bacon,fish and meat,streaky bacon / bacon; smoked bacon; smoked streaky bacon; bacon rashers; unsmoked streaky bacon; thick-cut bacon,200 packet 2.4,slice=20 y.cooked=0.35 leaves.cooked.bacon-fat=0.25,cold 7,pork !raw,60 23 0.5 3
bacon-fat,fish and meat,bacon fat; rendered bacon fat; bacon dripping; rendered fat,ml ,d=0.9,cold 14,pork,0.5 99 0 0.3
prawns,fish and meat,"prawns, peeled / shrimp, peeled; prawns; shrimp; prawn; peeled prawns; peeled king prawns; peeled tiger prawns",150 packet 3.2 + 300 packet 5.8,piece=12,cold 1,crustaceans sulphites !raw !cold,80 0.6 0 0.7
smoked-mackerel,fish and meat,smoked mackerel,200 packet 2.8,y=0.92,cold 5,fish !cold,50 30 0 1.9
chicken-breast,fish and meat,chicken breast; chicken,100 loose 8,piece=170 y.cooked=0.75,cold 2,meat !raw !cold,75 1.6 0 0.2
tinned-chickpeas,tins and jars,tinned chickpeas / canned garbanzo beans; chickpeas; garbanzo beans; canned chickpeas; chickpea,400 tin 0.6,tin=400l jar=700l d.drained=0.68 d.cooked=0.68 drained=0.6 leaves.drained.chickpea-liquid=0.38,room 700,–,69 2.6 0.4 0.5
tinned-white-beans,tins and jars,tinned white beans / canned white beans; canned cannellini beans; tinned cannellini beans; tinned haricot beans; canned navy beans; canned great northern beans; white beans; cannellini beans,400 tin 0.6,tin=400l jar=700l d.drained=0.72 d.cooked=0.72 drained=0.6,room 700,–,72 0.5 0.7 0.5
tinned-black-beans,tins and jars,tinned black beans / canned black beans; black beans,400 tin 0.65,tin=400l d.drained=0.72 d.cooked=0.72 drained=0.6,room 700,–,72 0.5 0.3 0.6
tinned-lentils,tins and jars,tinned green lentils / canned lentils; tinned lentils,400 tin 0.75,tin=400l d.drained=0.75 drained=0.6,room 700,–,76 0.5 0.4 0.5
sweetcorn,tins and jars,tinned sweetcorn / canned corn; sweetcorn; corn; corn kernels,200 tin 0.6 + 325 tin 0.85,tin=325l d.drained=0.65 d=0.65 drained=0.83,room 700,–,80 1.2 6.5 0.4
tuna,tins and jars,tinned tuna / canned tuna; tuna; canned tuna flakes; tuna flakes; tuna chunks,145 tin 1,tin=145l d.drained=0.65 drained=0.72,room 700,fish,72 1 0 0.9
tinned-tomatoes,tins and jars,tinned tomatoes / canned tomatoes; crushed tomatoes; chopped tomatoes in juice; tinned chopped tomatoes; tomatoes in juice; tinned plum tomatoes; canned diced tomatoes; diced tomatoes in juice,400 tin 0.6,tin=400l d=1.03,room 700,–,93 0.2 3 0.2 citric 0.4
anchovy,tins and jars,anchovy fillets; anchovies; anchovy,50 tin 1.3 + 100 jar 2.4,piece=4 tin=50l jar=100l d.chopped=1 drained=0.6 leaves.drained.anchovy-oil=0.35 scaling=startLow,room 365,fish,52 10 0 14
olives,tins and jars,olives; pitted olives; mixed olives; olive,340 jar 1.8,piece=4 jar=340l handful=40 d.whole=0.57 d.chopped=0.6 d.sliced=0.57 y.pitted=0.8 drained=0.5 leaves.drained.pickle-brine=0.45,room 365,!choking,75 15 0.5 3.5 lactic 0.4
capers,tins and jars,capers in brine; capers,100 jar 1.3,jar=100l d=0.6 d.drained=0.6 d.rinsed=0.6 d.chopped=0.65 drained=0.6 leaves.drained.pickle-brine=0.35,room 365,–,86 0.6 0.3 6 acetic 0.8
gherkins,tins and jars,gherkins / dill pickles; gherkin; pickled gherkins; pickled cucumbers; dill pickle; pickle spears,350 jar 1.4,piece=15 jar=350l d.chopped=0.6 d.sliced=0.6 drained=0.55 leaves.drained.pickle-brine=0.42,room 365,mustard sulphites,92 0.2 3.5 1.6 acetic 0.9
roasted-peppers,tins and jars,roasted peppers in a jar; roasted peppers; jarred peppers; jarred red peppers; roasted red peppers; tinned roast peppers; jarred roast peppers; roasted bell peppers; jarred roasted peppers; jarred roasted red peppers,450 jar 1.9,jar=450l piece=60 d.chopped=0.9 drained=0.7,room 365,–,90 0.5 5 1 citric 0.3
sun-dried-tomatoes,tins and jars,sun-dried tomatoes in oil; sun-dried tomatoes; sundried tomatoes; oil-packed sun-dried tomatoes; dried tomatoes in oil,280 jar 2.1,jar=280l d.chopped=0.6 drained=0.55 leaves.drained.tomato-oil=0.4,room 365,sulphites,45 18 16 3 citric 1.2
dijon-mustard,tins and jars,Dijon mustard; dijon mustard; mustard; smooth mustard; dijon,185 jar 1,d=1.05,cold 180,mustard sulphites,66 11 2.5 6 acetic 1.8
wholegrain-mustard,tins and jars,wholegrain mustard / whole-grain mustard; grainy mustard,185 jar 1,d=1.03,cold 180,mustard sulphites,62 11 4 5 acetic 1.7
mayonnaise,tins and jars,mayonnaise; mayo,400 jar 1.6,d=0.93,cold 60,egg mustard,20 76 1.3 1.4 acetic 0.3
tahini,tins and jars,tahini; sesame paste,300 jar 2.8,d=1.01,room 180,sesame,2 56 0.5 0.1
peanut-butter,tins and jars,peanut butter; groundnut paste; groundnut butter; smooth peanut butter; creamy peanut butter; crunchy peanut butter,340 jar 2,d=1.08,room 180,peanut,1 51 6 0.9
harissa,tins and jars,harissa; harissa paste,90 jar 1.8,d=1.05 scaling=startLow,cold 60,–,72 8 6 3 citric 0.7
miso,tins and jars,white miso; miso; miso paste,300 tub 3.2,d=1.15,cold 180,soya barley,46 5 6 12 lactic 0.4
horseradish,tins and jars,grated horseradish; grated horseradish from a jar; prepared horseradish; jarred horseradish; hot horseradish,150 jar 1.2,d=1 scaling=startLow,cold 60,sulphites,70 12 8 2 acetic 1.2
chickpea-liquid,tins and jars,liquid of tinned chickpeas; chickpea liquid; chickpea water; liquid from the chickpeas; aquafaba; chickpea water,ml ,d=1.02,cold 3,–,94 0.2 0.5 0.6
pickle-brine,tins and jars,brine from the jar; brine; pickle brine; pickling liquid; pickling liquor; caper brine; gherkin brine; olive brine,ml ,d=1.04 scaling=startLow,cold 14,mustard sulphites,92 0 2 4 acetic 1.2
cooking-liquid,tins and jars,cooking liquid; cooking water; cooking liquor; pasta water; pasta cooking water; bean liquid,ml ,d=1,cold 1,–,97 0.1 0.3 0.6
soaking-liquid,tins and jars,soaking liquid; soaking water; soaking liquor,ml ,d=1,cold 1,–,98 0.1 0.5 0.1
pan-juices,tins and jars,juices from the pan; pan juices; roasting juices; cooking juices; tray juices; resting juices,ml ,d=1,cold 1,meat,92 3 1.5 0.8
pan-fat,tins and jars,fat from the pan; drippings; pan drippings; pan fat; cooking fat from the pan,ml ,d=0.91,cold 3,meat,0.5 99 0 0.2
pan-oil,tins and jars,oil from the pan; roasting oil; reserved frying oil; poaching oil; flavoured oil from the pan,ml ,d=0.92,cold 3,–,0.5 99 0 0.1
tomato-oil,tins and jars,oil from sun-dried tomatoes; sun-dried tomato oil; oil from the tomatoes,ml ,d=0.92,cold 4,sulphites,0.5 98 0.5 0.5
anchovy-oil,tins and jars,oil from anchovies; anchovy oil; oil from the anchovies,ml ,d=0.92,cold 4,fish,1 95 0 3
olive-oil,oils and vinegars,olive oil; oil,ml 500 bottle 5.2 + 1000 bottle 9.2,d=0.91s,room 300,–,0 100 0 0
extra-virgin-olive-oil,oils and vinegars,extra virgin olive oil / extra-virgin olive oil; fruity olive oil; evoo,ml 500 bottle 6.2 + 750 bottle 8.8,d=0.91s,room 300,–,0 100 0 0
rapeseed-oil,oils and vinegars,rapeseed oil / canola oil; neutral oil; colza oil,ml 500 bottle 2.2 + 1000 bottle 3.6,d=0.92s,room 300,–,0 100 0 0
walnut-oil,oils and vinegars,walnut oil,ml 250 bottle 3.4,d=0.92s,cool 90,walnut,0 100 0 0
hazelnut-oil,oils and vinegars,hazelnut oil,ml 250 bottle 4.2,d=0.92s,cool 90,hazelnut,0 100 0 0
sesame-oil,oils and vinegars,toasted sesame oil; sesame oil,ml 150 bottle 2,d=0.92s,room 180,sesame,0 100 0 0
red-wine-vinegar,oils and vinegars,red wine vinegar; red wine vin,ml 350 bottle 1.3,d=1.01 scaling=startLow,room 700,sulphites,93 0 0.3 0 acetic 6
white-wine-vinegar,oils and vinegars,white wine vinegar; vinegar; white wine vin,ml 350 bottle 1.2,d=1.01 scaling=startLow,room 700,sulphites,93 0 0.3 0 acetic 6
cider-vinegar,oils and vinegars,cider vinegar / apple cider vinegar; cider vinegar; cider vin,ml 350 bottle 1.4 + 500 bottle 1.8,d=1.01 scaling=startLow,room 700,sulphites,94 0 0.4 0 acetic 5
sherry-vinegar,oils and vinegars,sherry vinegar; sherry vin,ml 250 bottle 3,d=1.01 scaling=startLow,room 700,sulphites,91 0 1.5 0 acetic 7
balsamic-vinegar,oils and vinegars,balsamic vinegar; balsamic; aged balsamic,ml 250 bottle 2.2,d=1.08 scaling=startLow,room 700,sulphites,74 0 17 0.1 acetic 6
rice-vinegar,oils and vinegars,rice vinegar,ml 150 bottle 1.4 + 300 bottle 2.2,d=1.01 scaling=startLow,room 700,–,94 0 0.5 0 acetic 4.3
soy-sauce,oils and vinegars,soy sauce; soy; soya sauce,ml 150 bottle 1.2 + 250 bottle 1.8,d=1.13 scaling=startLow,room 300,soya wheat,66 0 1.5 15 lactic 0.8
fish-sauce,oils and vinegars,fish sauce,ml 200 bottle 1.7,d=1.2 scaling=startLow,room 300,fish,70 0 2 24
pomegranate-molasses,oils and vinegars,pomegranate molasses,ml 200 bottle 2.9,d=1.35,room 300,–,30 0 62 0.1 citric 6
hot-sauce,oils and vinegars,hot chilli sauce / hot sauce; chilli sauce,ml 150 bottle 1.6,d=1.02 scaling=startLow,room 300,–,90 0.5 1 6 acetic 2.5
vegetable-stock,oils and vinegars,vegetable stock / vegetable broth; stock,ml 500 pouch 1.6,d=1,cold 3,celery,97 0.3 0.5 0.8
dried-white-beans,grains and pulses,dried white beans; dried cannellini beans; dry white beans; dried haricot beans; dry cannellini beans; dried navy beans; dried cannellini; dried haricots,500 bag 1.5,d=0.8 d.cooked=0.72 cooked=2.3,room 365,!beans !coolfast,11 1 2 0
dried-chickpeas,grains and pulses,dried chickpeas / dried garbanzo beans; dry chickpeas; kala chana; dried kala chana; black chickpeas; dried black chickpeas,500 bag 1.3,d=0.8 d.cooked=0.68 cooked=2.3,room 365,!coolfast,10 6 3 0
green-lentils,grains and pulses,small green lentils; green lentils; dark green lentils; dried green lentils; puy-style lentils; french green lentils; puy lentils; puy-style lentils; french green lentils; speckled lentils,500 bag 1.4,d=0.82 d.cooked=0.75 cooked=2.4,room 365,!coolfast,10 1.3 1 0
farro,grains and pulses,pearled farro; farro; pearled spelt; spelt; semi-pearled farro,500 bag 2.6,d=0.76 d.cooked=0.7 cooked=2.4,room 365,wheat !coolfast,11 2.3 1 0
pearl-barley,grains and pulses,pearl barley; barley,500 bag 1,d=0.8 d.cooked=0.7 cooked=2.8,room 365,barley !coolfast,11 1.2 0.8 0
bulgur,grains and pulses,bulgur wheat / bulgur; bulgur; coarse bulgur; medium bulgur; bulghur; bulghur wheat; coarse bulgur wheat,500 bag 1.3,d=0.75 d.cooked=0.72 cooked=2.9,room 365,wheat !coolfast,9 1.4 0.8 0
couscous,grains and pulses,couscous,500 bag 1,d=0.72 d.cooked=0.65 cooked=2.4,room 365,wheat !coolfast,9 1 1 0
quinoa,grains and pulses,quinoa,300 bag 2.2,d=0.72 d.cooked=0.74 cooked=3,room 365,!coolfast,12 6 2 0
white-rice,grains and pulses,white rice; rice; long-grain rice; basmati rice; basmati; long-grain white rice; white basmati rice,500 bag 1.2 + 1000 bag 2.1,d=0.8 d.cooked=0.67 cooked=2.6,room 365,!coolfast,12 0.6 0.1 0
short-pasta,grains and pulses,short pasta; pasta,500 bag 0.9,d=0.42 cooked=2.2,room 365,wheat !coolfast,11 1.5 2.5 0
walnuts,nuts and seeds,walnut halves; walnuts; walnut pieces; walnut,100 bag 1.6 + 200 bag 2.8,handful=30 d.whole=0.42 d.chopped=0.5 d.toasted=0.42,cool 60,walnut !choking,4 65 2.6 0
hazelnuts,nuts and seeds,hazelnuts; hazelnut,100 bag 1.7 + 200 bag 3,handful=30 d.whole=0.57 d.chopped=0.5 y.peeled=0.95,cool 60,hazelnut !choking,5 61 4.3 0
almonds,nuts and seeds,almonds; whole almonds; blanched almonds; almond,100 bag 1.4 + 200 bag 2.5,handful=30 d.whole=0.6 d.sliced=0.4 d.chopped=0.5,cool 90,almond !choking,4 50 4.4 0
pecans,nuts and seeds,pecan halves; pecans,100 bag 2,handful=30 d.whole=0.42 d.chopped=0.46,cool 60,pecan !choking,4 72 4 0
cashews,nuts and seeds,cashew nuts / cashews; cashews,100 bag 1.7,handful=30 d.whole=0.57 d.chopped=0.5,cool 90,cashew !choking,5 44 5.9 0
pistachios,nuts and seeds,shelled pistachios; pistachios,100 bag 2.4,handful=30 d.whole=0.52 d.chopped=0.5,cool 90,pistachio !choking,4 45 7.7 0
pine-nuts,nuts and seeds,pine nuts,50 bag 2.2 + 100 bag 4,handful=30 d.whole=0.57,cold 60,pine-nut,2 68 3.6 0
peanuts,nuts and seeds,roasted peanuts; peanuts,200 bag 1.1,handful=30 d.whole=0.6 d.chopped=0.55,cool 90,peanut !choking,5 49 4.7 0
pumpkin-seeds,nuts and seeds,pumpkin seeds; pepitas; pepitas; hulled pumpkin seeds,100 bag 1.2,handful=30 d=0.55,cool 120,–,5 49 1.4 0
sunflower-seeds,nuts and seeds,sunflower seeds,100 bag 0.8,handful=30 d=0.58,cool 120,–,5 51 2.6 0
sesame-seeds,nuts and seeds,sesame seeds,100 bag 1,d=0.6,cool 180,sesame,4 50 0.3 0
fine-salt,spices and seasoning,fine salt; salt; table salt; fine sea salt; sea salt; cooking salt; unrefined sea salt; unrefined salt,500 tub 0.6,d=1.2 scaling=startLow,room 999,–,0 0 0 100
coarse-salt,spices and seasoning,coarse salt; kosher salt; coarse sea salt,500 tub 1.3,d=1 scaling=startLow,room 999,–,0 0 0 100
flake-salt,spices and seasoning,light flake salt; flaky sea salt; flaked sea salt; flaky salt; sea salt flakes; flake salt,250 box 2,d=0.6 scaling=startLow,room 999,–,0 0 0 100
black-pepper,spices and seasoning,black pepper; ground black pepper; freshly ground black pepper; peppercorns; black peppercorns; freshly ground pepper; freshly ground black pepper; freshly cracked pepper; cracked black pepper; ground pepper; milled pepper,50 jar 1.4,d=0.5 d.ground=0.45 scaling=startLow,room 365,–,12 3.3 0.6 0
cumin-seeds,spices and seasoning,cumin seeds; cumin seed,40 jar 1,d=0.43,room 365,–,8 22 2.3 0.4
ground-cumin,spices and seasoning,ground cumin; cumin,40 jar 1,d=0.42,room 180,–,8 22 2.3 0.4
coriander-seeds,spices and seasoning,coriander seeds; coriander seed,30 jar 1,d=0.33,room 365,–,9 18 0 0.1
caraway-seeds,spices and seasoning,caraway seeds; caraway,40 jar 1.2,d=0.45,room 365,–,10 15 0.6 0
fennel-seeds,spices and seasoning,fennel seeds; fennel seed,40 jar 1,d=0.4,room 365,–,9 15 0 0.2
smoked-paprika,spices and seasoning,smoked paprika,40 jar 1.1,d=0.46,room 180,–,11 13 10 0.2
paprika,spices and seasoning,sweet paprika; paprika,40 jar 1,d=0.46,room 180,–,11 13 10 0.2
chilli-flakes,spices and seasoning,chilli flakes / red pepper flakes; dried chilli flakes; crushed red pepper; chile flakes,30 jar 1,d=0.36 scaling=startLow,room 365,–,9 15 10 0.1
sumac,spices and seasoning,sumac,40 jar 1.4,d=0.6,room 365,–,9 12 3 6 citric 10
turmeric,spices and seasoning,ground turmeric; turmeric,40 jar 1,d=0.6,room 365,–,13 3 3 0.1
dried-oregano,spices and seasoning,dried oregano; oregano,15 jar 1,d=0.2,room 365,–,10 4 4 0.1
dried-mint,spices and seasoning,dried mint,15 jar 1,d=0.11,room 365,–,11 6 2 0.9
granulated-garlic,spices and seasoning,granulated garlic; garlic granules; garlic powder,50 jar 1,d=0.65,room 365,–,6 0.7 2.4 0.2
bay-leaf,spices and seasoning,bay leaves; bay leaf; bay,pc 20 packet 1,leaf=0.3 piece=0.3 scaling=perVessel,room 365,–,5 8 0 0.1
honey,baking and sweet,clear honey / honey; honey; runny honey,340 jar 2.2,d=1.42s scaling=startLow,room 700,notvegan !honey,17 0 80 0
maple-syrup,baking and sweet,maple syrup,ml 250 bottle 3.6,d=1.32s scaling=startLow,room 180,–,32 0 65 0
caster-sugar,baking and sweet,caster sugar / superfine sugar; sugar; white sugar; granulated sugar; fine sugar,500 bag 1.1,d=0.85 scaling=startLow,room 999,–,0 0 100 0
brown-sugar,baking and sweet,soft brown sugar / brown sugar,500 bag 1.4,d=0.9 d.packed=0.93 scaling=startLow,room 365,–,2 0 97 0.1
plain-flour,baking and sweet,plain flour / all-purpose flour; flour,500 bag 0.6 + 1500 bag 1.1,d=0.53,room 180,wheat,13 1 0.7 0
cornflour,baking and sweet,cornflour / cornstarch,250 packet 1.1,d=0.54,room 365,–,12 0.1 0 0
water,other,water; cold water; boiling water; warm water; ice water; hot water,ml ,d=1s,room 999,–,100 0 0 0
ice,other,ice; ice cubes,1000 bag 1,piece=25 handful=75 d=0.55,cold 1,–,100 0 0 0
red-pepper,vegetables,red pepper / red bell pepper; red capsicum; red sweet pepper; sweet red pepper,pc 1 – 0.7,piece=170 sizes=120-210 d.diced=0.6 d.chopped=0.6 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 y.roasted=0.65 months=7-10,cold 8,–,92 0.3 4.2 0
yellow-pepper,vegetables,yellow pepper / yellow bell pepper; yellow capsicum; yellow sweet pepper,pc 1 – 0.7,piece=170 sizes=120-210 d.diced=0.6 d.chopped=0.6 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 y.roasted=0.65 months=7-10,cold 8,–,92 0.2 5 0
orange-pepper,vegetables,orange pepper / orange bell pepper; orange capsicum,pc 1 – 0.7,piece=170 sizes=120-210 d.diced=0.6 d.chopped=0.6 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 y.roasted=0.65 months=7-10,cold 8,–,92 0.2 5 0
green-pepper,vegetables,green pepper / green bell pepper; green capsicum; green sweet pepper,pc 1 – 0.65,piece=170 sizes=120-210 d.diced=0.6 d.chopped=0.6 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 y.roasted=0.65 months=7-10,cold 8,–,94 0.2 2.4 0
pointed-pepper,vegetables,long sweet pepper; pointed pepper; pointed red pepper; long red pepper; romano pepper; red romano pepper,pc 2 pack 1.6,piece=110 sizes=80-150 d.diced=0.55 d.sliced=0.4 y=0.82 y.charred=0.6 y.charred+peeled=0.6 months=7-10,cold 8,–,92 0.3 4.2 0
red-chilli,vegetables,red chilli / red chile; red chili; fresh red chilli; hot red chilli; red finger chilli,pc 1 – 0.2,piece=15 sizes=8-25 d.minced=0.6 y=0.85 y.seeded=0.7 months=7-10 scaling=startLow,cold 10,!hands,88 0.4 5.3 0
green-chilli,vegetables,green chilli / green chile; green chili; fresh green chilli; green finger chilli,pc 1 – 0.2,piece=15 sizes=8-25 d.minced=0.6 y=0.85 y.seeded=0.7 months=7-10 scaling=startLow,cold 10,!hands,88 0.2 5.1 0
jalapeno,vegetables,jalapeño chilli / jalapeño; jalapeno; jalapeno pepper; jalapeno chilli; jalapeno chile,pc 1 – 0.25,piece=20 sizes=12-30 d.minced=0.6 y=0.85 y.seeded=0.7 months=7-10 scaling=startLow,cold 10,!hands,92 0.4 4.1 0
waxy-potato,vegetables,waxy potatoes; salad potatoes; waxy salad potatoes; salad potato; charlotte potatoes; yukon golds; yukon gold; yukon gold potatoes; charlottes; nicola potatoes; annabelle potatoes,100 loose 1.3,piece=80 sizes=50-120 d.cubed=0.65 d.diced=0.65 y=0.95 y.peeled=0.82,cool 14,!coolfast,79 0.1 0.8 0
new-potato,vegetables,new potatoes; baby potatoes; baby new potatoes; small new potatoes; fingerling potatoes; ratte potatoes; jersey royals; jersey royal; jersey royal potatoes; pink fir apple potatoes,100 loose 1.4,piece=50 sizes=30-70 d.halved=0.65 d.cubed=0.65 y=0.97 y.peeled=0.85 months=4-8,cool 5,!coolfast,80 0.1 1.3 0
floury-potato,vegetables,floury potatoes / russet potatoes; baking potatoes; mashing potatoes; jacket potatoes; baking potato; russet potato; maris pipers; maris piper; maris piper potatoes; king edwards; king edward potatoes; idaho potatoes,100 loose 0.9,piece=220 sizes=150-350 d.cubed=0.65 d.mashed=0.95 y=0.95 y.peeled=0.8,cool 14,!coolfast,77 0.1 0.7 0
white-onion,vegetables,white onion; white onions; mild white onion,pc 1 – 0.3,piece=150 sizes=90-220 d.diced=0.55 d.sliced=0.4 y=0.89,cool 21,–,90 0.1 4.5 0
sweet-onion,vegetables,sweet onion; sweet onions; spanish onion; vidalia onion; vidalia onions; vidalias,pc 1 – 0.5,piece=250 sizes=180-350 d.diced=0.55 d.sliced=0.4 y=0.89,cool 14,–,91 0.1 5 0
pickling-onion,vegetables,pickling onions / pearl onions; baby onions; button onions; silverskin onions,100 loose 3,piece=20 y=0.85,cool 14,–,89 0.1 4.5 0
savoy-cabbage,vegetables,Savoy cabbage,pc 1 head 1,piece=900 sizes=600-1200 d.shredded=0.3 y=0.8 months=9-3,cold 14,–,91 0.1 2.3 0.1
pointed-cabbage,vegetables,pointed cabbage / cone cabbage; sweetheart cabbage; hispi cabbage,pc 1 head 0.9,piece=700 sizes=500-900 d.shredded=0.3 y=0.82 months=4-11,cold 10,–,92 0.1 3 0
chinese-cabbage,vegetables,Chinese leaf / napa cabbage; chinese cabbage; chinese leaves,pc 1 head 1.4,piece=800 sizes=500-1100 d.shredded=0.3 y=0.88 months=6-11,cold 10,–,94 0.2 1.4 0
pak-choi,vegetables,pak choi / bok choy; pak choy; bok choi; baby bok choy,pc 2 pack 1.2,piece=150 d.sliced=0.3 y=0.88 months=6-10,cold 5,–,95 0.2 1.2 0.2
brussels-sprouts,vegetables,Brussels sprouts; brussel sprouts,500 bag 1.2,piece=20 d.shredded=0.35 d.halved=0.5 y=0.85 months=10-3,cold 10,–,86 0.3 2.2 0.1
swiss-chard,vegetables,Swiss chard; chard; rainbow chard; chard leaves; silverbeet; silver beet,200 bag 1.6,bunch=400 handful=25 d.chopped=0.15 y=0.85 months=6-11,cold 4,!wash,93 0.2 1.1 0.5
leaf-spinach,vegetables,leaf spinach / bunch spinach; mature spinach; large leaf spinach; true spinach,250 bag 1.4,bunch=350 handful=25 d.leaves=0.12 d.chopped=0.15 y=0.75 months=3-10,cold 4,!wash,91 0.4 0.4 0.2
turnip,vegetables,turnip; turnips; baby turnips,100 loose 1.6,piece=120 sizes=60-200 d.diced=0.6 y=0.84 months=6-2,cool 10 cold 21,–,92 0.1 3.8 0.2
swede,vegetables,swede / rutabaga; yellow turnip,100 loose 1,piece=700 d.cubed=0.6 y=0.85 months=10-3,cool 21,–,90 0.2 4.5 0
long-stem-broccoli,vegetables,long-stem broccoli / broccolini; purple sprouting broccoli; sprouting broccoli,200 pack 1.6,stalk=25 d.chopped=0.35 y=0.9 months=2-5,cold 5,–,89 0.4 1.9 0.1
globe-artichoke,vegetables,globe artichoke / artichoke; artichokes; fresh artichoke; globe artichokes,pc 1 – 1.5,piece=300 y=0.4 months=5-10,cold 5,–,85 0.2 1 0.2
jerusalem-artichoke,vegetables,Jerusalem artichokes / sunchokes; jerusalem artichoke; sunchoke,100 loose 4,piece=60 y=0.75 months=11-3,cool 7,–,78 0 9.6 0
fresh-peas,vegetables,peas in the pod / English peas; fresh peas; podded peas; shelling peas; garden peas in the pod,100 loose 5,d=0.65 y=0.4 months=6-8,cold 3,–,79 0.4 5.7 0
broad-beans,vegetables,frozen broad beans / frozen fava beans; frozen broad bean,500 bag 1.8,d=0.65 y=0.98 y.peeled=0.75,cold 2,–,74 0.6 1.5 0
fresh-broad-beans,vegetables,broad beans in the pod / fava beans in the pod; fresh broad beans; fresh fava beans,100 loose 4,d=0.65 y=0.33 y.peeled=0.25 months=5-8,cold 4,–,74 0.6 1.5 0
runner-beans,vegetables,runner beans,100 loose 5,d.sliced=0.45 y=0.86 months=7-10,cold 5,–,91 0.4 2.8 0
mangetout,vegetables,mangetout / snow peas; mange tout; mangetouts; snow pea,150 pack 1.4,piece=4 d.sliced=0.3 y=0.93 months=6-8,cold 5,–,89 0.2 4 0
edamame,vegetables,frozen edamame; edamame; edamame beans; shelled edamame; podded edamame,400 bag 2.2,d=0.65,cold 2,soya,73 5 2.2 0
corn-cob,vegetables,corn on the cob / ears of corn; ears corn; corn cobs; corn cob; fresh corn; ear of corn; cobs of corn; fresh sweetcorn,pc 2 pack 1.3,piece=230 d=0.65 y=0.55 months=7-10,cold 3,–,76 1.4 6.3 0
baby-corn,vegetables,baby corn; baby sweetcorn; baby corns,125 pack 1.3,piece=12 d.sliced=0.5 y=0.98,cold 6,–,91 0.4 2 0
frozen-sweetcorn,vegetables,frozen sweetcorn / frozen corn; frozen corn kernels,500 bag 1.3,d=0.65,cold 2,–,76 1 4.5 0
okra,vegetables,okra; lady's fingers; okra pods,100 loose 7,piece=12 d.sliced=0.45 y=0.87,cold 4,–,90 0.2 1.5 0
daikon,vegetables,mooli / daikon; daikon radish; white radish,100 loose 2.4,piece=500 d.grated=0.6 d.sliced=0.5 y=0.85,cold 10,–,95 0.1 2.5 0.1
chestnut-mushroom,vegetables,chestnut mushrooms / cremini mushrooms; brown mushrooms; chestnut mushroom,250 pack 1.3,piece=15 d.sliced=0.3 d.chopped=0.4 y=0.95,cold 5,–,92 0.1 1.7 0
portobello,vegetables,large flat mushrooms / portobello mushrooms; portobello; portobello mushroom; flat mushrooms; field mushrooms,250 pack 1.6,piece=80 d.sliced=0.3 y=0.93,cold 5,–,92 0.4 2.5 0
shiitake,vegetables,fresh shiitake mushrooms; shiitake; shiitake mushrooms; fresh shiitake,125 pack 2,piece=15 d.sliced=0.3 y=0.8,cold 6,–,90 0.5 2.4 0
oyster-mushroom,vegetables,oyster mushrooms; oyster mushroom; king oyster mushrooms,125 pack 1.7,piece=20 d.sliced=0.25 y=0.9,cold 4,–,89 0.4 1.1 0
wild-mushroom,vegetables,mixed wild mushrooms; wild mushrooms; fresh wild mushrooms,100 pack 3.5,d.sliced=0.25 y=0.85 months=9-11,cold 3,–,90 0.5 1.5 0
black-garlic,vegetables,black garlic,50 pack 2.5,clove=4 head=30 y=0.85,room 180,–,50 0.3 15 0
lemongrass,vegetables,lemongrass; lemon grass; lemongrass stalks; lemongrass stalk,pc 3 pack 0.9,piece=25 stalk=25 d.minced=0.4 y=0.45,cold 14,–,71 0.5 1 0
galangal,vegetables,galangal; galangal root,50 pack 1.2,piece=50 cm=6 d.grated=0.9 y=0.85 scaling=startLow,cold 14,–,80 0.6 1.5 0
fresh-turmeric,vegetables,fresh turmeric; turmeric root; fresh turmeric root,50 pack 1,piece=15 cm=4 d.grated=0.9 y=0.88,cold 14,–,78 0.5 1.5 0
fresh-horseradish,vegetables,fresh horseradish; horseradish root; fresh horseradish root,100 pack 2.5,piece=200 cm=15 d.grated=0.45 y=0.75 scaling=startLow,cold 30,–,75 0.5 6 0
samphire,vegetables,samphire; marsh samphire; sea beans; fresh samphire,80 pack 2,handful=25 d=0.3 y=0.95 months=6-9,cold 3,–,86 0.3 0.5 4
pumpkin,vegetables,pumpkin; culinary pumpkin; pumpkins,100 loose 1.2,piece=1500 d.cubed=0.55 d.mashed=0.95 y=0.7 months=9-12,cool 30,–,92 0.1 2.8 0
green-tomato,vegetables,green tomatoes; green tomato; unripe tomatoes,100 loose 2.5,piece=110 d.diced=0.85 y=0.91 months=9-10,cool 7,–,93 0.2 4 0 citric 0.8
tomatillo,vegetables,tomatillos; tomatillo,100 loose 8,piece=40 d.diced=0.6 y=0.92 months=7-10,cold 10,–,92 1 3.9 0 citric 0.5
alfalfa-sprouts,vegetables,alfalfa sprouts; sprouted alfalfa,100 pack 1.2,handful=10 d=0.12,cold 3,!sprouts !cold,93 0.7 0.2 0
mung-sprouts,vegetables,sprouted mung beans; mung bean sprouts; sprouted beans; sprouted lentils; mixed bean sprouts,150 pack 1.2,handful=25 d=0.4 y=0.97,cold 3,!sprouts !cold,85 0.4 3 0
celery-leaves,vegetables,celery leaves,pc 1 head 0.85,piece=450 handful=10 d.chopped=0.2 y=0.06,cold 7,celery,92 0.3 1 0.2
beet-leaves,vegetables,beetroot leaves / beet greens; baby beet leaves; beetroot tops; beet tops,100 bag 1.4,handful=20 d=0.1 y=0.9 months=6-10,cold 3,!wash,91 0.1 0.5 0.5
sea-beet,vegetables,sea beet; wild sea spinach,100 bag 2.5,handful=20 d=0.12 y=0.85 months=4-10,cold 3,!wash,91 0.3 0.5 0.6
radish-sprouts,vegetables,radish sprouts; broccoli sprouts; sprouted seeds,100 pack 1.2,handful=10 d=0.12,cold 3,!sprouts !cold,90 2.5 1 0
jicama,vegetables,jicama; jícama; yam bean; mexican turnip,pc 1 – 2.5,piece=450 sizes=250-800 d.diced=0.6 d.matchsticks=0.45 y=0.85,cool 14,–,90 0.1 1.8 0
plantain,vegetables,plantain; plantains; green plantain; ripe plantain,pc 1 – 0.8,piece=220 sizes=160-300 d.sliced=0.6 y=0.65,cool 7,–,65 0.4 15 0
taro,vegetables,taro; taro root; eddoes; eddo; dasheen,100 loose 3.5,piece=150 d.cubed=0.65 y=0.82,cool 10,–,71 0.2 0.4 0
yam,vegetables,white yam; african yam; puna yam; yam tuber,100 loose 2.8,d.cubed=0.65 y=0.86,cool 21,–,70 0.2 0.5 0
lotus-root,vegetables,lotus root; fresh lotus root,300 pack 3,d.sliced=0.5 y=0.85,cold 7,–,79 0.1 0.5 0.1
bitter-gourd,vegetables,bitter gourd / bitter melon; karela,pc 1 – 1,piece=150 d.sliced=0.45 y=0.8,cold 5,–,94 0.2 1 0
chayote,vegetables,chayote; christophene; chow chow; choko; cho cho,pc 1 – 1,piece=250 d.diced=0.6 y=0.85,cool 14,–,94 0.1 1.7 0
nopales,vegetables,nopales; cactus paddles; nopal; cactus leaves,200 pack 3,d.sliced=0.5 y=0.85,cold 5,–,94 0.1 1.2 0
kohlrabi-leaves,vegetables,kohlrabi leaves; kohlrabi greens,150 bunch 1.2,bunch=150 d.chopped=0.15 y=0.7,cold 3,!wash,91 0.4 1 0.1
collard-greens,vegetables,collard greens; collards; spring greens,250 bag 1.2,bunch=300 d.shredded=0.2 y=0.8,cold 5,!wash,90 0.6 0.5 0.1
turnip-tops,vegetables,turnip tops / broccoli rabe; cime di rapa; rapini; turnip greens; friarielli,250 bunch 2.2,bunch=250 d.chopped=0.15 y=0.7,cold 4,!wash,92 0.5 0.4 0.1
water-spinach,vegetables,water spinach; morning glory; kangkong; ong choy,200 bunch 1.8,bunch=200 d.chopped=0.15 y=0.8,cold 3,!wash,92 0.2 0.5 0.3
choy-sum,vegetables,choy sum; yu choy; choi sum,200 bunch 1.6,bunch=200 d.chopped=0.2 y=0.88,cold 4,!wash,93 0.2 1 0.1
gai-lan,vegetables,gai lan / chinese broccoli; kai lan,200 bunch 1.8,bunch=200 d.chopped=0.25 y=0.88,cold 5,–,92 0.7 1 0.1
fiddleheads,vegetables,fiddlehead ferns; fiddleheads,150 pack 4,y=0.85,cold 3,–,89 0.4 1 0
bean-curd-skin,vegetables,tofu skin / yuba; bean curd skin; dried bean curd,150 pack 2.5,–,room 180,soya,9 28 2 0.2
enoki,vegetables,enoki; enoki mushrooms,100 pack 1.2,y=0.85,cold 5,–,88 0.3 0.2 0
mini-cucumber,vegetables,mini cucumbers; persian cucumber; persian cucumbers; lebanese cucumber; lebanese cucumbers; baby cucumbers; snack cucumbers,pc 4 pack 1.6,piece=100 sizes=70-140 d.sliced=0.55 d.diced=0.6 y=0.98 y.peeled=0.85,cold 6,–,96 0.1 1.7 0
salsify,vegetables,salsify; scorzonera; black salsify,100 loose 5,piece=90 d.sliced=0.5 y=0.6,cold 7,–,77 0.2 3 0
cardoon,vegetables,cardoon; cardoons,pc 1 head 3.5,piece=900 d.sliced=0.45 y=0.5,cold 7,–,94 0.1 1 0.4
romanesco,vegetables,romanesco; romanesco broccoli; romanesco cauliflower,pc 1 head 1.8,piece=700 d.florets=0.35 y=0.65,cold 6,–,91 0.3 2 0
spaghetti-squash,vegetables,spaghetti squash,pc 1 – 2.5,piece=1200 y=0.7,cool 30,–,92 0.6 2.8 0
dragon-fruit,fruit,dragon fruit; pitaya; pitahaya,pc 1 – 2.5,piece=350 d.cubed=0.65 y=0.65,cold 5,–,85 0.4 9 0
star-fruit,fruit,star fruit / carambola; starfruit,pc 1 – 1,piece=110 d.sliced=0.5 y=0.95,cold 7,–,91 0.3 4 0
guava,fruit,guava; guavas,pc 1 – 0.9,piece=90 d.diced=0.65 y=0.9,cool 4,–,81 1 9 0
jackfruit,fruit,young jackfruit; green jackfruit; tinned jackfruit / canned jackfruit,400 tin 2.2,drained=0.55,room 720,–,90 0.2 1 0.5
physalis,fruit,physalis / ground cherries; cape gooseberries; cape gooseberry,100 punnet 1.8,piece=5 y=0.92,cool 14,–,85 0.7 9 0
mulberries,fruit,dried mulberries; mulberries,150 bag 3.5,–,room 180,–,10 2 46 0
monkfish,fish and meat,monkfish tail; monkfish; monkfish fillet; monkfish fillets,100 loose 28,piece=180 y=0.9 y.cooked=0.75,cold 1,fish !raw !cold,83 0.7 0 0.1
turbot,fish and meat,turbot fillet; turbot; turbot fillets,100 loose 34,piece=160 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,77 3 0 0.2
halibut,fish and meat,halibut fillet; halibut; halibut steak; halibut steaks,100 loose 32,piece=160 y=0.93 y.cooked=0.8,cold 1,fish !raw !cold,78 2.3 0 0.2
plaice,fish and meat,plaice fillet; plaice; plaice fillets,100 loose 16,piece=120 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,79 1.9 0 0.2
sole,fish and meat,sole fillet; sole; lemon sole; dover sole; sole fillets,100 loose 24,piece=110 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,81 1.2 0 0.2
pollock,fish and meat,pollock fillet; pollock; pollack; coley; saithe,100 loose 12,piece=140 y=0.95 y.cooked=0.78,cold 1,fish !raw !cold,80 0.8 0 0.2
sea-trout,fish and meat,sea trout fillet; sea trout,100 loose 20,piece=130 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,70 8 0 0.1
arctic-char,fish and meat,arctic char fillet; arctic char; char fillet,100 loose 22,piece=130 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,72 7 0 0.1
snapper,fish and meat,red snapper fillet; red snapper; snapper; snapper fillets,100 loose 24,piece=150 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,77 1.3 0 0.2
swordfish,fish and meat,swordfish steak; swordfish; swordfish steaks,100 loose 24,piece=160 y=0.95 y.cooked=0.78,cold 1,fish !raw !cold,74 6.7 0 0.2
red-mullet,fish and meat,red mullet fillet; red mullet,100 loose 26,piece=80 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,77 3.8 0 0.2
herring,fish and meat,herring fillet; herring; herrings; fresh herring,100 loose 9,piece=90 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,72 9 0 0.2
kippers,fish and meat,kippers; kipper; kipper fillets,200 packet 3,piece=130 y=0.75 y.cooked=0.9,cold 5,fish !cold,60 18 0 2.4
eel,fish and meat,smoked eel; smoked eel fillet,100 packet 9,–,cold 5,fish !cold,60 22 0 1.8
langoustines,fish and meat,langoustines / dublin bay prawns; langoustine; scampi tails; dublin bay prawns,100 loose 30,piece=90 y=0.35 y.cooked=0.35,cold 1,crustaceans !raw !cold,79 1 0 0.5
cockles,fish and meat,cockles; fresh cockles; cooked cockles,500 net 5,y=0.2 y.cooked=0.2,cold 1,molluscs !raw !cold,85 0.6 0 1
razor-clams,fish and meat,razor clams; razor clam,pc 6 bunch 8,piece=60 y=0.4 y.cooked=0.35,cold 1,molluscs !raw !cold,82 0.8 0 0.7
whelks,fish and meat,whelks; cooked whelks; winkles,300 tub 6,–,cold 1,molluscs !cold,75 1.2 0 1
venison,fish and meat,venison loin; venison; venison steak; venison haunch; deer,100 loose 28,piece=160 y=0.97 y.cooked=0.72,cold 3,meat !raw !cold,74 1.6 0 0.1
rabbit,fish and meat,rabbit pieces; rabbit; wild rabbit; farmed rabbit,100 loose 12,piece=180 y=0.75 y.cooked=0.6,cold 2,meat !raw !cold,72 5.5 0 0.1
quail,fish and meat,quail / quails; quails; whole quail,pc 4 pack 8,piece=160 y=0.65 y.cooked=0.5,cold 2,meat !raw !cold,69 12 0 0.1
goose-breast,fish and meat,goose breast; goose; goose breasts,100 loose 26,piece=350 y=0.95 y.cooked=0.65,cold 2,meat !raw !cold,62 18 0 0.2
duck-legs,fish and meat,duck legs; duck leg; confit duck legs; confit duck leg,pc 2 pack 6,piece=220 y=0.6 y.cooked=0.5,cold 3,meat !raw !cold,60 20 0 0.2
guinea-fowl,fish and meat,guinea fowl; guinea fowl breast,pc 1 – 10,piece=1300 y=0.6 y.cooked=0.5,cold 2,meat !raw !cold,71 5 0 0.1
lamb-koftas,fish and meat,lamb koftas; lamb kofta; koftas,pc 6 pack 5,piece=60 y.cooked=0.75,cold 2,meat !raw !cold,62 17 0 1
chicken-sausages,fish and meat,chicken sausages; turkey sausages,300 packet 3.5,piece=60 y.cooked=0.85,cold 4,wheat sulphites meat !raw !cold,63 14 1 1.4
black-pudding,fish and meat,black pudding / blood sausage; boudin noir; morcilla,200 ring 2.5,slice=20 y.cooked=0.9,cold 7,oats barley pork !raw !cold,50 24 1 1.8
nduja,fish and meat,nduja; nduja sausage,90 jar 3.5,d=1,cold 21,pork !cold,30 45 1 3.5
bresaola,fish and meat,bresaola; air-dried beef,80 packet 3.5,slice=6,cold 10,meat !cold,55 3 0 4
mortadella,fish and meat,mortadella,100 packet 2,slice=12,cold 5,pistachio pork !cold,55 26 0 2.2
pastrami,fish and meat,pastrami; sliced pastrami,100 packet 2.8,slice=12,cold 4,meat !cold,70 6 0.5 2.5
corned-beef,fish and meat,tinned corned beef / canned corned beef; corned beef,340 tin 4,slice=30,room 720,meat,60 13 0.5 2
prosciutto-cotto,fish and meat,prosciutto cotto; italian cooked ham,120 packet 2.2,slice=15,cold 4,pork !cold,73 5 1 2
bottarga,fish and meat,bottarga; grey mullet roe,60 piece 14,y=0.95,cold 60,fish !cold,25 26 0 5
taleggio,dairy and eggs,taleggio,200 wedge 4,d.cubed=0.6 y=0.93,cold 10,milk !cold !softcheese,48 27 0 1.8
queso-fresco,dairy and eggs,queso fresco; queso blanco; farmers cheese,250 block 3.5,d.crumbled=0.55,cold 5,milk !cold,52 24 2 1.4
ricotta-salata,dairy and eggs,ricotta salata,200 wedge 4.5,d.grated=0.4,cold 21,milk,45 25 2 2.4
provolone,dairy and eggs,provolone; provola,200 wedge 3.5,d.cubed=0.6 y=0.95,cold 21,milk rennet,41 27 1 2
havarti,dairy and eggs,havarti; danish cream cheese,200 block 2.8,slice=20 d.cubed=0.6,cold 14,milk,41 32 0.5 1.5
jarlsberg,dairy and eggs,jarlsberg; norwegian cheese,200 block 3,slice=20 d.grated=0.42 y=0.97,cold 21,milk,41 28 0 1.1
comte,dairy and eggs,Comté; comte; beaufort,200 wedge 5,d.grated=0.4 y=0.94,cold 21,milk rennet,36 34 0 0.9
cotija,dairy and eggs,cotija; cotija cheese,200 wedge 4,d.crumbled=0.5 d.grated=0.4,cold 21,milk,36 30 2 3.5
clotted-cream,dairy and eggs,clotted cream; kaymak,200 tub 2.5,d=1,cold 5,milk !cold,32 63 2.3 0
fromage-frais,dairy and eggs,fromage frais; fromage blanc,500 pot 2,d=1.03,cold 7,milk !cold,84 0.2 4 0.1
coconut-cheese,dairy and eggs,plant-based mozzarella; vegan mozzarella,200 block 3,d.grated=0.45,cold 10,–,55 22 0.5 1.5
urad-dal,grains and pulses,urad dal; black gram; split urad; urid dal,500 bag 2,d=0.85 cooked=2.5,room 540,!coolfast,10 1.6 1 0
chana-dal,grains and pulses,chana dal; split chickpeas; bengal gram,500 bag 1.8,d=0.85 cooked=2.4,room 540,!coolfast,10 5 3 0
toor-dal,grains and pulses,toor dal; pigeon peas; arhar dal; gungo peas,500 bag 2,d=0.85 cooked=2.5,room 540,!coolfast,10 1.5 1 0
moong-dal,grains and pulses,moong dal; split mung beans; mung dal; moong daal,500 bag 2,d=0.85 cooked=2.5,room 540,!coolfast,10 1.2 2 0
teff,grains and pulses,teff; teff grain,500 bag 4,d=0.85 cooked=3,room 365,!coolfast,9 2.4 1.8 0
fonio,grains and pulses,fonio,400 bag 4.5,d=0.8 cooked=3,room 365,!coolfast,10 1.3 1 0
fregola,grains and pulses,fregola; fregula; toasted sardinian pasta,500 bag 3.5,d=0.75 cooked=2.2,room 540,wheat !coolfast,10 1.2 2 0
hominy,grains and pulses,tinned hominy / canned hominy; hominy; pozole corn,400 tin 2.2,d=0.7 drained=0.62,room 720,–,82 0.9 1.8 0.6
spelt-flakes,grains and pulses,spelt flakes; barley flakes; rye flakes,500 bag 2.2,d=0.4,room 270,wheat rye barley,11 2.5 2 0
doenjang,tins and jars,doenjang; korean soybean paste,500 tub 4,d=1.15,cold 365,soya wheat,50 5 4 12
doubanjiang,tins and jars,doubanjiang; chilli bean paste; broad bean paste; toban djan,200 jar 3,d=1.15 scaling=startLow,cold 365,soya wheat,55 6 4 14
shrimp-paste,tins and jars,shrimp paste; belacan; kapi; terasi,100 jar 2.2,d=1.15 scaling=startLow,cold 365,crustaceans,45 2 0 20
ajvar,tins and jars,ajvar; red pepper relish,300 jar 3,d=1,cold 7,–,82 8 5 1.5
zhoug,tins and jars,zhoug; zhug; schug,150 tub 2.8,d=0.98 scaling=startLow,cold 5,!cold,70 20 1 1.4
chimichurri,tins and jars,chimichurri,200 jar 3.5,d=0.95,cold 7,–,45 45 1 2
baba-ganoush,tins and jars,baba ganoush; moutabal; mutabal; baba ghanoush,200 tub 2.8,d=1,cold 3,sesame !cold,75 15 2 1.2
tzatziki,tins and jars,tzatziki; cacik; tzatsiki,200 tub 2,d=1.02,cold 3,milk !cold,82 9 4 0.9
taramasalata,tins and jars,taramasalata; taramosalata,200 tub 2.4,d=0.98,cold 3,fish wheat !cold,45 45 1 1.5
lotus-pickle,tins and jars,pickled lotus root,150 bag 3,d.sliced=0.6,cold 21,–,84 0.1 8 2
pickled-radish,tins and jars,pickled daikon; takuan; danmuji; pickled radish,300 bag 3,d.sliced=0.6,cold 21,sulphites,85 0.1 8 3
halva,baking and sweet,halva; halwa; sesame halva,250 block 3.5,d.crumbled=0.55,room 180,sesame,3 33 45 0.2
pralines,baking and sweet,praliné; praline; praline pieces; hazelnut brittle,150 bag 3.5,d.chopped=0.6,room 180,hazelnut almond,2 25 60 0.1
panela,baking and sweet,panela; piloncillo; rapadura,500 block 3,d.grated=0.7,room 540,–,5 0.1 90 0.1
lettuce,salad and herbs,lettuce; head of lettuce; green lettuce; loose-leaf lettuce; leaf lettuce,pc 1 head 0.9,piece=300 head=300 leaf=12 handful=25 d.torn=0.1 d.shredded=0.15 y=0.75 months=5-10,cold 5,!wash,95 0.2 1 0
iceberg,salad and herbs,iceberg lettuce; iceberg; crisphead lettuce,pc 1 head 0.9,piece=500 head=500 leaf=20 handful=25 d.shredded=0.22 d.torn=0.15 y=0.85 months=5-10,cold 8,!wash,96 0.1 2 0
oak-leaf,salad and herbs,oak leaf lettuce; red oak leaf; oakleaf lettuce; oak leaf; red oak leaf lettuce,pc 1 head 1.1,piece=250 head=250 leaf=8 handful=20 d.torn=0.08 y=0.75 months=5-10,cold 4,!wash,95 0.2 0.9 0
frisee,salad and herbs,curly endive / frisée; frisee; curly chicory; frisee lettuce,pc 1 head 1.3,piece=300 head=300 handful=20 d.torn=0.08 y=0.7 months=5-11,cold 5,!wash,94 0.2 0.3 0
lambs-lettuce,salad and herbs,lamb's lettuce / mâche; corn salad; mache,80 bag 1.4,handful=20 d=0.09 y=0.97 months=10-4,cold 3,!wash,93 0.4 0.4 0
mizuna,salad and herbs,mizuna; mizuna leaves,60 bag 1.6,handful=20 d=0.09 y=0.97 months=4-11,cold 3,!wash,92 0.2 1 0
pea-shoots,salad and herbs,pea shoots / pea tendrils; pea shoot,60 bag 1.4,handful=15 d=0.07 y=0.98 months=4-9,cold 3,!wash,90 0.6 2 0
microleaves,salad and herbs,microleaves / microgreens; micro leaves; micro herbs; micro greens; microherbs,25 punnet 1.8,handful=8 d=0.06 y=0.95,cold 3,!wash,92 0.4 0.5 0
cress,salad and herbs,cress; salad cress; garden cress; punnet of cress; mustard and cress,pc 1 punnet 0.45,piece=25 handful=8 d=0.08 y=0.9,cold 3,!wash,89 0.7 1.5 0
edible-flowers,salad and herbs,edible flowers; nasturtium flowers; edible blossoms; borage flowers; viola flowers,10 punnet 2.5,piece=0.5 handful=5 d=0.04 months=5-9,cold 2,–,90 0.3 2 0
sorrel,salad and herbs,sorrel; sorrel leaves,50 bag 1.6,bunch=60 leaf=3 handful=20 d.leaves=0.1 y=0.8 months=4-9,cold 3,!wash,93 0.7 0.3 0 citric 0.6
baby-kale,salad and herbs,baby kale; baby kale leaves,100 bag 1.6,handful=20 d=0.08 y=0.98,cold 4,!wash,86 0.9 1.5 0.1
black-kale,salad and herbs,black kale / lacinato kale; cavolo nero; tuscan kale,200 bag 1.5,bunch=250 leaf=15 handful=25 d.shredded=0.12 y=0.63 y.stripped=0.63 months=9-4,cold 5,!wash,86 0.8 1.5 0.1
dandelion-leaves,salad and herbs,dandelion leaves / dandelion greens,100 bag 2,handful=20 d=0.1 y=0.85 months=3-6,cold 3,!wash,86 0.7 0.7 0.2
chervil,salad and herbs,chervil; fresh chervil,25 packet 1,bunch=30 sprig=1 handful=10 d.chopped=0.15 d.leaves=0.06 y=0.7 months=4-10,cold 3,!wash,82 1 1 0.2
wild-garlic,salad and herbs,wild garlic / ramps; wild garlic leaves; ramsons,50 bag 1.5,leaf=2 handful=15 d.chopped=0.2 y=0.9 months=3-5,cold 2,!wash !inoil,90 0.4 1 0
thai-basil,salad and herbs,Thai basil; thai sweet basil; holy basil,25 packet 1,bunch=30 sprig=2 leaf=0.5 handful=12 d.leaves=0.08 d.chopped=0.2 y=0.6,cold 3,!wash !inoil,92 0.6 0.3 0
fresh-oregano,salad and herbs,fresh oregano; oregano leaves,25 packet 0.75,bunch=25 sprig=1.5 d.leaves=0.12 d.chopped=0.2 y=0.6 months=5-10,cold 7,–,78 1 1 0
marjoram,salad and herbs,marjoram; fresh marjoram; sweet marjoram,25 packet 0.75,bunch=25 sprig=1.5 d.leaves=0.12 d.chopped=0.2 y=0.6 months=5-10,cold 7,–,78 1 1 0
lemon-thyme,salad and herbs,lemon thyme,25 packet 0.85,bunch=20 sprig=1 d.leaves=0.2 y=0.5 months=4-10,cold 10,!inoil,65 1.7 0 0
lemon-balm,salad and herbs,lemon balm,25 packet 1,bunch=25 sprig=2 leaf=0.4 d.leaves=0.08 y=0.6 months=4-10,cold 3,!wash,86 0.7 0.5 0
lime-leaves,salad and herbs,makrut lime leaves; lime leaves; lime leaf; makrut lime leaf,5 packet 1,leaf=0.7 piece=0.7 d=0.1 y=0.9,cold 14,–,70 1 2 0
curry-leaves,salad and herbs,curry leaves; fresh curry leaves; curry leaf,10 packet 0.9,leaf=0.1 sprig=2 handful=4 d=0.05 y=0.8,cold 10,–,67 1 1 0
shiso,salad and herbs,shiso leaves; shiso; perilla leaves; perilla,20 packet 1.8,leaf=1 d.shredded=0.08 y=0.95,cold 3,!wash,90 0.2 0.5 0
curly-parsley,salad and herbs,curly parsley; curled parsley,30 bunch 0.65,bunch=30 sprig=1.5 handful=12 d.chopped=0.2 d.leaves=0.08 y=0.55 y.leaves=0.55 months=4-11,cold 4,!wash,88 0.8 0.9 0.1
lollo-rosso,salad and herbs,lollo rosso / red leaf lettuce; lollo rosso lettuce; red lettuce,pc 1 head 1.1,piece=250 head=250 leaf=8 handful=20 d.torn=0.08 y=0.75 months=5-10,cold 4,!wash,95 0.2 0.9 0
batavia,salad and herbs,batavia lettuce; batavia,pc 1 head 1.1,piece=300 head=300 leaf=10 handful=22 d.torn=0.09 y=0.75 months=5-10,cold 5,!wash,95 0.2 0.9 0
mustard-leaves,salad and herbs,mustard leaves / mustard greens; baby mustard leaves,60 bag 1.6,handful=20 d=0.09 y=0.95 months=4-11,cold 3,mustard !wash,91 0.4 1.3 0
blood-orange,fruit,blood orange; blood oranges,pc 1 – 0.6,piece=160 sizes=130-210 y=0.73 y.peeled=0.73 y.sliced=0.7 y.segmented=0.52 juice=60-80 zest=8 months=1-4,cool 7 cold 14,–,87 0.1 9 0 citric 1.2
satsuma,fruit,satsuma; satsumas,pc 1 – 0.25,piece=75 sizes=50-100 y=0.72 y.segmented=0.68 juice=30-40 zest=3 months=11-2,cool 10,–,87 0.2 9.5 0 citric 0.8
kumquat,fruit,kumquats; kumquat,250 punnet 2.8,piece=12 y=0.93 months=12-3,cool 7 cold 14,–,81 0.9 9.4 0 citric 2.5
pomelo,fruit,pomelo; pomelos,pc 1 – 2.2,piece=1000 y=0.55 y.segmented=0.5 juice=200-300 zest=20 months=11-3,cool 14,–,89 0 8 0 citric 1
raspberries,fruit,raspberries; raspberry; fresh raspberries,150 punnet 1.9,piece=4 d=0.5 y=0.95 months=6-10,cold 2,–,86 0.7 4.4 0 citric 1.7
blueberries,fruit,blueberries; blueberry; fresh blueberries,150 punnet 1.8,piece=1.5 d=0.63 y=0.96 months=6-9,cold 7,–,84 0.3 10 0 citric 0.6
blackberries,fruit,blackberries; blackberry,150 punnet 1.9,piece=6 d=0.6 y=0.95 months=7-9,cold 2,–,88 0.5 4.9 0 citric 1
redcurrants,fruit,redcurrants / red currants; redcurrant; fresh red currants,150 punnet 2.2,d=0.6 y=0.95 months=6-8,cold 3,–,84 0.2 7.4 0 citric 2.3
cranberries,fruit,fresh cranberries,300 bag 2,d=0.42 y=0.97 months=10-12,cold 21,–,87 0.1 4.3 0 citric 2.8
cherries,fruit,cherries; cherry; sweet cherries; fresh cherries,250 punnet 2.8,piece=8 d=0.6 y=0.87 y.pitted=0.87 months=6-8,cold 4,!choking,82 0.2 12.8 0 citric 0.6
apricot,fruit,fresh apricots; apricot; apricots; ripe apricots,300 punnet 2,piece=50 sizes=35-65 y=0.93 y.pitted=0.93 ripens=2 months=6-8,cool 3 cold 5,–,86 0.4 9.2 0 citric 1
nectarine,fruit,nectarine; nectarines; ripe nectarines,pc 1 – 0.55,piece=140 sizes=110-180 d.diced=0.65 y=0.91 ripens=2 months=6-9,room 3 cold 5,!stone,88 0.3 7.9 0 citric 0.5
plum,fruit,plums; plum; ripe plums,400 punnet 1.8,piece=65 sizes=45-90 y=0.94 y.pitted=0.94 ripens=2 months=7-10,room 3 cold 5,–,87 0.3 9.9 0 citric 0.7
kiwi,fruit,kiwi fruit; kiwi; kiwis; kiwifruit; green kiwi,pc 1 – 0.3,piece=90 sizes=70-120 d.diced=0.75 y=0.86 y.peeled=0.86 ripens=3 months=11-5,room 5 cold 14,–,83 0.5 9 0 citric 1.5
pineapple,fruit,pineapple; fresh pineapple; pineapples,pc 1 – 1.8,piece=1300 slice=85 sizes=900-1800 d.diced=0.7 y=0.52 ripens=2,room 3 cold 5,–,86 0.1 9.9 0 citric 0.8
papaya,fruit,papaya; papayas,pc 1 – 1.8,piece=450 d.diced=0.6 y=0.67 ripens=3,room 4 cold 5,–,88 0.3 7.8 0 citric 0.2
green-papaya,fruit,green papaya; unripe papaya,pc 1 – 2.4,piece=700 d.shredded=0.4 y=0.75,cold 7,–,92 0.1 4.5 0
green-mango,fruit,green mango; unripe mango; sour mango,pc 1 – 1.4,piece=300 d.shredded=0.45 d.diced=0.65 y=0.68,cold 7,!stone,84 0.3 6 0 citric 2.5
banana,fruit,bananas; banana; ripe banana,pc 1 – 0.18,piece=150 sizes=110-190 d.sliced=0.63 d.mashed=0.95 y=0.65 ripens=2,room 4,–,75 0.3 12.2 0 citric 0.3
passion-fruit,fruit,passion fruit; passion fruits; passionfruit,pc 1 – 0.5,piece=35 y=0.5 juice=10-15,cool 7,–,73 0.7 11.2 0 citric 2.5
persimmon,fruit,persimmon / Fuyu persimmon; sharon fruit; persimmons; kaki,pc 1 – 0.7,piece=170 y=0.85 ripens=3 months=10-12,room 4 cold 10,–,80 0.2 12.5 0
quince,fruit,quince; quinces,pc 1 – 1.2,piece=300 y=0.6 months=10-12,cool 21,–,84 0.1 8.9 0 citric 0.9
rhubarb,fruit,rhubarb; rhubarb stalks; forced rhubarb,400 pack 2,stalk=60 d.chopped=0.5 y=0.9 months=1-7,cold 7,–,94 0.2 1.1 0 citric 1.5
gooseberries,fruit,gooseberries; gooseberry,250 punnet 2.4,d=0.63 y=0.95 months=6-7,cold 5,–,88 0.6 5 0 citric 2
lychee,fruit,lychees; lychee; fresh lychees,250 bag 2.4,piece=20 y=0.6,cold 7,!choking,82 0.4 15.2 0 citric 0.4
coconut,fruit,fresh coconut; coconut; whole coconut,pc 1 – 1.4,piece=550 d.grated=0.35 y=0.5,room 14,–,47 33 6.2 0
yuzu,fruit,yuzu; fresh yuzu,pc 1 – 4,piece=110 y=0.6 juice=10-15 zest=6 months=11-12,cold 10,–,90 0.2 3 0 citric 5.5
dried-apricots,fruit,dried apricots; dried apricot; soft dried apricots; semi-dried apricots,250 bag 2,piece=8 d.chopped=0.6,room 180,sulphites,31 0.5 53 0 citric 1.5
dried-figs,fruit,dried figs; dried fig; soft dried figs,250 bag 2.2,piece=20 d.chopped=0.65 y=0.97,room 180,sulphites,30 0.9 48 0 citric 0.4
prunes,fruit,prunes; prune; dried plums; pitted prunes,250 bag 1.8,piece=9 d.chopped=0.7,room 180,–,31 0.4 38 0 citric 1
sultanas,fruit,sultanas / golden raisins; golden raisin; sultana,500 bag 1.6,handful=30 d=0.6,room 365,sulphites,15 0.5 59 0 citric 1.5
currants,fruit,currants / dried currants; zante currants; dried currant,250 bag 1,handful=30 d=0.6,room 365,–,19 0.3 64 0 citric 1
dried-cherries,fruit,dried sour cherries / dried tart cherries; sour cherries; dried cherries,100 bag 2,handful=30 d=0.6,room 180,–,16 1 67 0 citric 1.5
dried-mango,fruit,dried mango; dried mango slices,100 bag 1.8,slice=12 d.chopped=0.5,room 180,sulphites,16 1 66 0 citric 1
dried-apple,fruit,dried apple; dried apples; dried apple rings,100 bag 1.5,slice=6 d.chopped=0.35,room 180,sulphites,28 0.3 57 0 citric 1
dried-pears,fruit,dried pears; dried pear,200 bag 2.4,piece=18 d.chopped=0.6,room 180,sulphites,26 0.6 62 0 citric 0.5
dried-peaches,fruit,dried peaches; dried peach,200 bag 2.4,piece=13 d.chopped=0.6,room 180,sulphites,31 0.8 42 0 citric 1
dried-blueberries,fruit,dried blueberries,100 bag 2.5,handful=30 d=0.6,room 180,–,15 1 68 0 citric 1
barberries,fruit,barberries; dried barberries; zereshk,100 bag 2.8,handful=15 d=0.3,room 180,–,15 1 35 0 citric 6
clementine,fruit,clementine; clementines,pc 1 – 0.25,piece=70 sizes=50-95 y=0.72 y.segmented=0.68 juice=28-38 zest=3 months=11-2,cool 10,–,87 0.2 9.2 0 citric 0.8
mandarin,fruit,mandarin; mandarins; mandarin orange; tangerine; tangerines,pc 1 – 0.3,piece=90 sizes=65-120 y=0.72 y.segmented=0.68 juice=35-45 zest=4 months=11-3,cool 10,–,85 0.3 10.6 0 citric 0.8
frozen-berries,fruit,frozen mixed berries; frozen berries,500 bag 2.6,d=0.6 y=0.98,cold 1,–,86 0.5 7 0 citric 1
naan,bakery,naan breads / naan; naan bread; naans,pc 2 packet 1.2,piece=130 d.torn=0.2,room 4,wheat milk,32 8 4 1
focaccia,bakery,focaccia; focaccia bread,400 loaf 2.4,piece=400 slice=50 d.cubed=0.25 y=0.98,room 2,wheat,35 9 2 1.6
ciabatta,bakery,ciabatta; ciabatta loaf; ciabatta bread,270 loaf 1.5,piece=270 slice=30 d.torn=0.15 d.cubed=0.18 y=0.97,room 2,wheat,36 4 2 1.2
baguette,bakery,baguette; french bread; french stick; baguettes,250 stick 1.2,piece=250 slice=12 d.torn=0.13 d.cubed=0.16 y=0.98,room 1,wheat,32 1.5 2.5 1.2
wholemeal-bread,bakery,wholemeal bread / whole-wheat bread; wholewheat bread; whole wheat bread; brown bread; wholemeal loaf,800 loaf 1.4,piece=800 slice=40 d.cubed=0.2 y=0.97,room 4,wheat,40 2.5 3 1
seeded-bread,bakery,seeded bread / multi-seed bread; seeded loaf; multigrain bread,800 loaf 1.7,piece=800 slice=44 d.cubed=0.2 y=0.97,room 4,wheat rye barley oats sesame,37 6 3 1
brioche,bakery,brioche; brioche loaf; brioche buns,400 loaf 2,piece=400 slice=35 d.cubed=0.18,room 4,wheat egg milk,24 15 12 0.9
gluten-free-bread,bakery,gluten-free bread,500 loaf 3.2,piece=500 slice=30 d.cubed=0.2,room 3,egg,44 7 3 1.1
tortillas,bakery,wheat tortillas / flour tortillas; tortilla wraps; tortillas; soft tortillas; wheat wraps,pc 8 packet 1.5,piece=60,room 14,wheat,31 6 3 1.2
corn-tortillas,bakery,corn tortillas; soft corn tortillas; corn tortilla,pc 10 packet 2.2,piece=28,room 14,–,45 2 1 0.6
tortilla-chips,bakery,tortilla chips / corn chips; corn tortilla chips; nacho chips,200 bag 1.4,piece=4 handful=20 d=0.12,room 60,–,2 23 1 0.9
pitta-chips,bakery,pitta chips / pita chips,150 bag 2,piece=4 handful=20 d=0.15,room 60,wheat,3 16 3 1.6
crackers,bakery,plain crackers; crackers; wheat crackers; water biscuits,200 packet 1,piece=7,room 90,wheat,4 12 3 1.4
rice-crackers,bakery,rice crackers,100 packet 1.2,piece=2,room 90,–,4 4 1 1
oatcakes,bakery,oatcakes; oat cakes,250 packet 1.2,piece=10,room 90,oats,4 18 2 1.3
crispbread,bakery,rye crispbread; crispbread; crispbreads,200 packet 1.2,piece=11,room 120,rye,6 2 3 1
breadsticks,bakery,breadsticks / grissini; bread sticks,125 packet 1,piece=5 stalk=5,room 90,wheat,5 8 3 2
croutons,bakery,croutons; crôutons; ready croutons,100 bag 1.2,handful=12 d=0.13,room 60,wheat,5 18 3 1.8
fresh-breadcrumbs,bakery,fresh breadcrumbs; soft breadcrumbs; fresh white breadcrumbs; soft bread crumbs,800 loaf 1.2,handful=15 d=0.2 y=0.8,cold 2,wheat,38 1.5 2 1.1
panko,bakery,panko breadcrumbs; panko; panko crumbs; japanese breadcrumbs,150 packet 1.8,handful=10 d=0.22,room 180,wheat,8 3 4 1
pitta,bakery,pitta breads / pita breads; pitta; pita; pitta bread; pita bread; pittas; pitas,pc 6 packet 0.9,piece=60,room 3,wheat,32 2 3 1.1
white-bread,bakery,white sandwich bread; white bread; sandwich bread; white loaf; sliced white bread,800 loaf 1.2,piece=800 slice=38 d.cubed=0.2 d.torn=0.16 y=0.97,room 4,wheat,37 2 3.5 1
salted-butter,dairy and eggs,salted butter; slightly salted butter,250 block 2.1,knob=15 d=0.96 d.melted=0.91,cold 30,milk,16 80 0.6 1.6
ghee,dairy and eggs,ghee; clarified butter,500 jar 4.5,d=0.9 d.melted=0.9,room 180,milk,0.3 99.5 0 0
skimmed-milk,dairy and eggs,skimmed milk / skim milk; fat-free milk; nonfat milk,ml 500 bottle 0.7 + 1000 bottle 0.95,d=1.03,cold 6,milk,90 1 4.8 0.1
single-cream,dairy and eggs,single cream / light cream; pouring cream; coffee cream; table cream,ml 150 pot 0.8 + 300 pot 1.2,d=1.01,cold 7,milk !cold,74 19 2.6 0.1
whipping-cream,dairy and eggs,whipping cream / heavy cream; heavy whipping cream; cream for whipping,ml 150 pot 0.9 + 300 pot 1.3,d=1,cold 7,milk !cold,58 36 2.8 0.1
half-and-half,dairy and eggs,half cream / half-and-half; half and half,ml 250 carton 1,d=1.02,cold 7,milk !cold,80 12 4.3 0.1
mascarpone,dairy and eggs,mascarpone; mascarpone cheese,250 tub 1.9,d=0.98,cold 7,milk !cold,47 44 3.5 0.1 lactic 0.3
ricotta,dairy and eggs,ricotta; ricotta cheese; fresh ricotta,250 tub 1.6,d=1,cold 5,milk !cold,73 11 3 0.3 lactic 0.2
cottage-cheese,dairy and eggs,cottage cheese,300 tub 1.3,d=0.95,cold 7,milk !cold,79 4.5 3 0.8 lactic 0.5
paneer,dairy and eggs,paneer; paneer cheese; panir,225 block 2.2,d.cubed=0.6,cold 14,milk,52 25 2 0.1
burrata,dairy and eggs,burrata; burrata cheese,150 ball 2.6,piece=150 y=0.95,cold 4,milk rennet !cold !softcheese,60 25 1 0.4
labneh,dairy and eggs,labneh; labne; lebneh; strained yoghurt cheese,250 tub 2.4,d=1.05,cold 10,milk !cold,70 11 4 0.8 lactic 1
quark,dairy and eggs,quark,250 tub 1.2,d=1.03,cold 10,milk !cold,82 0.4 4 0.1 lactic 0.8
kefir,dairy and eggs,kefir; plain kefir; milk kefir,ml 500 bottle 1.8,d=1.03,cold 10,milk !cold,88 3 4 0.1 lactic 0.9
skyr,dairy and eggs,skyr; plain skyr,450 tub 1.9,d=1.05,cold 14,milk !cold,83 0.2 4 0.1 lactic 0.9
low-fat-yoghurt,dairy and eggs,low-fat yoghurt / low-fat yogurt; fat-free yoghurt; low-fat natural yoghurt; low-fat natural yogurt; low-fat plain yogurt; nonfat yogurt; low fat yogurt; 0% yoghurt,500 pot 1.2,d=1.04,cold 10,milk !cold,86 1 6 0.2 lactic 1
sheeps-yoghurt,dairy and eggs,sheep's yoghurt / sheep's milk yogurt; sheep yoghurt,400 pot 2.6,d=1.04,cold 10,milk !cold,81 6 5 0.2 lactic 1
cheddar,dairy and eggs,Cheddar / cheddar cheese; mature cheddar; extra mature cheddar; sharp cheddar; white cheddar,350 block 3.2,slice=20 d.grated=0.45 d.cubed=0.55 y=0.98,cold 30,milk rennet,37 35 0.1 1.8 lactic 1
pecorino,dairy and eggs,pecorino; pecorino romano; hard sheep's cheese; hard ewe's milk cheese,200 wedge 4,d.grated=0.4 d.shaved=0.3 y=0.95,cold 30,milk rennet,32 28 0.5 4
gruyere,dairy and eggs,Gruyère; gruyere; gruyère cheese,200 wedge 3.4,slice=20 d.grated=0.43 d.cubed=0.55 y=0.95,cold 30,milk rennet,34 33 0.4 1.7
manchego,dairy and eggs,manchego; manchego cheese; semi-hard sheep's cheese,150 wedge 3.2,slice=15 d.shaved=0.3 d.grated=0.42 y=0.93,cold 30,milk rennet,36 35 0.5 1.8
gouda,dairy and eggs,Gouda; gouda cheese,200 block 2.2,slice=20 d.grated=0.45 y=0.97,cold 30,milk rennet,40 30 0.2 2
brie,dairy and eggs,brie; brie cheese,200 wedge 2.4,d.cubed=0.6,cold 10,milk rennet !softcheese !cold,49 28 0.5 1.6
grated-mozzarella,dairy and eggs,firm mozzarella for grating / low-moisture mozzarella; grated mozzarella; pizza mozzarella; shredded mozzarella,250 bag 2.2,d.grated=0.4,cold 14,milk rennet,48 22 1.5 1.4
mozzarella-pearls,dairy and eggs,mozzarella pearls; mini mozzarella; baby mozzarella; bocconcini,150 tub 1.6,piece=8 d=0.65 drained=0.75,cold 10,milk rennet !cold,58 18 1 0.6
marinated-feta,dairy and eggs,marinated feta; feta in oil,300 jar 3.5,d=0.7 drained=0.65,cold 30,milk,45 32 1 2.5 lactic 0.8
oat-milk,dairy and eggs,oat milk; oat drink; unsweetened oat milk,ml 1000 carton 1.6,d=1.02,cold 4 room 180,oats,90 1.5 3.5 0.1
soya-milk,dairy and eggs,soya milk / soy milk; soya drink; unsweetened soya milk; unsweetened soy milk,ml 1000 carton 1.4,d=1.03,cold 4 room 180,soya,92 1.8 0.5 0.1
almond-milk,dairy and eggs,almond milk; almond drink; unsweetened almond milk,ml 1000 carton 1.6,d=1.01,cold 4 room 180,almond,97 1.2 0.1 0.1
coconut-drink,dairy and eggs,coconut drink; coconut milk drink; coconut drinking milk,ml 1000 carton 1.6,d=1.01,cold 4 room 180,–,95 1 2 0.1
rice-milk,dairy and eggs,rice milk / rice drink; rice drink,ml 1000 carton 1.6,d=1.02,cold 4 room 180,–,89 1 7 0.1
cashew-milk,dairy and eggs,cashew milk; cashew drink,ml 1000 carton 2,d=1.01,cold 4 room 180,cashew,96 1.5 0.3 0.1
oat-cream,dairy and eggs,oat cream; oat single cream; oat cooking cream,ml 250 carton 1.2,d=1.01,cold 4 room 180,oats,80 12 4 0.1
soya-cream,dairy and eggs,soya cream / soy cream; soya cooking cream; soy cooking cream,ml 250 carton 1.2,d=1.01,cold 4 room 180,soya,78 15 1 0.1
coconut-yoghurt,dairy and eggs,coconut yoghurt / coconut yogurt; coconut yoghurt alternative; dairy-free coconut yoghurt,400 pot 2.6,d=1.03,cold 10,!cold,80 13 3 0.1 lactic 0.5
soya-yoghurt,dairy and eggs,soya yoghurt / soy yogurt; plain soya yoghurt; unsweetened soya yoghurt,500 pot 1.8,d=1.04,cold 10,soya !cold,88 2.5 0.5 0.2 lactic 0.6
oat-yoghurt,dairy and eggs,oat yoghurt / oat yogurt; plain oat yoghurt,400 pot 2.4,d=1.04,cold 10,oats !cold,85 2 4 0.2 lactic 0.5
vegan-feta,dairy and eggs,vegan feta-style block; vegan feta; plant-based feta; dairy-free feta,200 block 2.8,d.crumbled=0.6 d.cubed=0.6,cold 14,–,55 22 0.3 2.3
vegan-cheese,dairy and eggs,vegan hard cheese; vegan cheese; plant-based cheese; dairy-free cheese,200 block 2.8,d.grated=0.42,cold 21,–,45 23 0.3 1.9
vegan-cream-cheese,dairy and eggs,vegan cream cheese; plant-based cream cheese; dairy-free cream cheese,170 tub 2.4,d=0.98,cold 14,–,62 24 1 0.8
vegan-butter,dairy and eggs,plant-based spread / vegan butter; vegan spread; dairy-free spread; vegan margarine; dairy-free butter,250 tub 2,d=0.95 d.melted=0.91,cold 60,–,25 72 0.3 1
firm-tofu,dairy and eggs,firm tofu; extra-firm tofu; extra firm tofu; pressed tofu,300 block 2.2,d.cubed=0.7 d.crumbled=0.6 y=0.9,cold 14,soya !cold,72 9 0.6 0
smoked-tofu,dairy and eggs,smoked tofu,225 block 2.6,d.cubed=0.7,cold 14,soya !cold,66 10 0.6 1
tempeh,dairy and eggs,tempeh,200 block 2.8,d.cubed=0.6,cold 14,soya !cold,60 11 0.5 0
seitan,dairy and eggs,seitan; wheat gluten pieces,200 block 3,d.sliced=0.6,cold 14,wheat soya !cold,70 2 1 1.2
quail-eggs,dairy and eggs,quail eggs; quail's eggs; quail egg,pc 12 box 3,piece=11 y=0.88 scaling=whole indivisible=1,cold 21,egg !rawegg,74 11 0.4 0.35
duck-eggs,dairy and eggs,duck eggs; duck egg,pc 6 box 2.6,piece=75 y=0.88 scaling=whole indivisible=1,cold 21,egg !rawegg,71 14 0.9 0.35
pasteurised-egg,dairy and eggs,pasteurised whole egg / pasteurized whole egg; liquid egg; pasteurised egg; pasteurized egg; pasteurised liquid egg,ml 500 carton 3,d=1.03,cold 3,egg !cold,76 9.5 0.4 0.35
pasteurised-yolk,dairy and eggs,pasteurised egg yolk / pasteurized egg yolk; pasteurised egg yolks; pasteurized egg yolks,ml 500 carton 4.5,d=1.03,cold 3,egg !cold,52 27 0.6 0.2
semi-skimmed-milk,dairy and eggs,semi-skimmed milk / reduced-fat milk; 2% milk; low-fat milk,ml 500 bottle 0.7 + 1000 bottle 0.95,d=1.03,cold 6,milk,89 1.8 4.8 0.1
emmental,dairy and eggs,emmental / Swiss cheese; emmental cheese; emmenthal,200 wedge 2.6,slice=20 d.grated=0.43 d.cubed=0.55 y=0.96,cold 30,milk rennet,36 30 0.1 0.6
edam,dairy and eggs,edam; edam cheese,200 block 2,slice=20 d.grated=0.45 y=0.97,cold 30,milk rennet,42 26 0.1 2.2
camembert,dairy and eggs,camembert; camembert cheese,250 round 2.4,piece=250,cold 10,milk rennet !softcheese !cold,53 23 0.3 1.6
goats-yoghurt,dairy and eggs,goat's yoghurt / goat's milk yogurt; goat yoghurt; goats yoghurt,400 pot 2.6,d=1.04,cold 10,milk !cold,84 5 4.2 0.2 lactic 1
margarine,dairy and eggs,margarine; baking margarine,250 tub 1.2,d=0.95 d.melted=0.91,cold 60,milk,25 72 0.3 1.4
hard-goats-cheese,dairy and eggs,hard goat's cheese; aged goat's cheese; aged goat cheese; hard goat cheese,150 wedge 3,d.grated=0.42 y=0.96,cold 30,milk rennet,36 34 0.1 1.8
smoked-cheese,dairy and eggs,smoked cheese; smoked cheddar,150 block 2.2,slice=20 d.grated=0.45,cold 30,milk rennet,38 32 0.2 2
salt-cod,fish and meat,salt cod; bacalao; dried salt cod; salted cod,500 pack 8,piece=250 d.flaked=0.55 y=0.9,cold 60,fish,45 1 0 18
cod,fish and meat,cod fillet; cod; fresh cod; cod loin; cod fillets,100 loose 16,piece=150 d.flaked=0.6 y=0.95 y.cooked=0.78,cold 1,fish !raw !cold,81 0.7 0 0.2
smoked-haddock,fish and meat,smoked haddock,100 loose 17,piece=160 y=0.92 y.cooked=0.75,cold 3,fish !raw !cold,76 0.6 0 1.9
salmon,fish and meat,salmon fillet; salmon; fresh salmon; salmon fillets; raw salmon,100 loose 20,piece=130 d.flaked=0.6 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,65 14 0 0.1
smoked-salmon,fish and meat,smoked salmon; cold-smoked salmon; cold smoked salmon,100 packet 4,slice=20,cold 7,fish !cold,66 10 0.3 3
hot-smoked-salmon,fish and meat,hot-smoked salmon; hot smoked salmon,150 packet 4.5,d.flaked=0.6 y=0.95,cold 5,fish !cold,60 14 0.5 1.9
trout,fish and meat,trout fillet; trout; fresh trout; trout fillets; rainbow trout,100 loose 16,piece=120 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,72 7 0 0.2
smoked-trout,fish and meat,smoked trout,125 packet 3.6,d.flaked=0.6 y=0.97,cold 7,fish !cold,66 7 0.3 2
mackerel,fish and meat,fresh mackerel; mackerel; mackerel fillets; mackerel fillet,100 loose 12,piece=90 y=0.95 y.cooked=0.8 months=6-2,cold 1,fish !raw !cold,64 16 0 0.2
sardines,fish and meat,fresh sardines; fresh sardine; whole sardines,100 loose 10,piece=60 y=0.6 months=6-10,cold 1,fish !raw !cold,70 9 0 0.3
sea-bass,fish and meat,sea bass fillet; sea bass; bass fillet; sea bass fillets,100 loose 22,piece=100 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,76 5 0 0.2
tuna-steak,fish and meat,tuna steak; fresh tuna; tuna steaks; raw tuna,100 loose 24,piece=130 y=0.97 y.cooked=0.8,cold 1,fish !raw !cold,70 2 0 0.1
tinned-sardines,fish and meat,tinned sardines / canned sardines; sardines in oil; sardines in tomato sauce,120 tin 1,tin=120 d.mashed=0.95 drained=0.7,room 700,fish,60 14 0 1
tinned-mackerel,fish and meat,tinned mackerel / canned mackerel; mackerel in oil,125 tin 1.4,tin=125 drained=0.7,room 700,fish,60 16 0 0.9
tinned-salmon,fish and meat,tinned salmon / canned salmon,213 tin 3.2,tin=213 d.flaked=0.65 y=0.95 drained=0.8,room 700,fish,69 7 0 0.9
tinned-crab,fish and meat,tinned crab / canned crab; tinned crab meat; canned crabmeat,170 tin 3,tin=170 drained=0.7,room 700,crustaceans sulphites,79 0.7 0 1
marinated-anchovies,fish and meat,marinated anchovies / white anchovies; boquerones; marinated white anchovies,100 tub 3,piece=5 drained=0.7,cold 14,fish !cold,65 10 0.3 2.5 acetic 1.2
salted-anchovies,fish and meat,salted anchovies / salt-packed anchovies; anchovies in salt; salt packed anchovies,200 jar 6,piece=12 d.chopped=0.9 y=0.6,cold 180,fish,45 6 0 22
pickled-herring,fish and meat,pickled herring; rollmops; pickled herrings,250 jar 2.4,piece=60 drained=0.6,cold 14,fish sulphites !cold,60 12 8 2.5 acetic 1.2
fish-roe,fish and meat,fish roe; trout roe; salmon roe; tobiko; masago; trout roe; lumpfish roe; lumpfish caviar,50 jar 4,d=1,cold 7,fish !cold,65 10 0.5 4
squid,fish and meat,squid; fresh squid; prepared squid; baby squid; calamari,100 loose 12,piece=120 y=0.95 y.cooked=0.65,cold 1,molluscs !raw !cold,79 1.4 0 0.3
octopus,fish and meat,cooked octopus; cooked octopus tentacles,100 loose 24,piece=250,cold 3,molluscs !cold,75 1 0 0.7
mussels,fish and meat,mussels; fresh mussels; live mussels,1000 net 5.5,piece=15 y=0.25 y.cooked=0.25 months=9-4,cold 1,molluscs !raw !cold,81 2.2 0 0.9
clams,fish and meat,clams; fresh clams; live clams,1000 net 11,piece=15 y=0.2 y.cooked=0.2 months=9-4,cold 1,molluscs !raw !cold,82 1 0 0.9
oysters,fish and meat,oysters; fresh oysters,pc 6 box 7,piece=90 y=0.14 months=9-4,cold 2,molluscs !raw !cold,85 2 0 1
scallops,fish and meat,scallops; bay scallops; king scallops; sea scallops; queen scallops; scallop,100 loose 38,piece=25 y=0.97 y.cooked=0.75,cold 1,molluscs !raw !cold,80 0.7 0 0.5
crab-meat,fish and meat,cooked crab meat / crabmeat; crab meat; white crab meat; crab; fresh crab meat; picked crab,100 tub 5.5,d=0.7,cold 2,crustaceans !cold,77 2 0 1
lobster,fish and meat,cooked lobster; lobster; lobster tail; lobster meat,100 loose 50,piece=500 y=0.3,cold 2,crustaceans !cold,77 1 0 0.8
crayfish,fish and meat,crayfish tails; crayfish; crawfish; crawfish tails; crayfish tails; crawfish; crawfish tails,100 tub 3.2,piece=4 drained=0.9,cold 3,crustaceans sulphites !cold,82 0.8 0 1.2
brown-shrimps,fish and meat,cooked brown shrimps / cooked tiny shrimp; brown shrimps; brown shrimp; potted brown shrimps,90 tub 4,handful=30 d=0.6,cold 3,crustaceans sulphites !cold,78 1 0 2
cooked-prawns,fish and meat,cooked peeled prawns / cooked peeled shrimp; cooked prawns; cooked shrimp; cold-water prawns,200 packet 3.6,piece=8 d=0.6,cold 2,crustaceans sulphites !cold,80 0.6 0 1.5
shell-on-prawns,fish and meat,raw shell-on prawns / shell-on shrimp; shell-on prawns; whole prawns; raw king prawns in the shell,250 packet 5,piece=20 y=0.55 y.peeled=0.55,cold 1,crustaceans sulphites !raw !cold,80 0.6 0 0.7
crab-sticks,fish and meat,crab sticks / imitation crab; surimi; seafood sticks,250 packet 1.6,piece=16 d.shredded=0.5,cold 5,fish crustaceans egg wheat soya !cold,75 1 7 1.6
chicken-thigh,fish and meat,boneless chicken thighs; chicken thigh; chicken thighs; chicken thigh fillets,100 loose 7,piece=100 y=0.95 y.cooked=0.7,cold 2,meat !raw !cold,73 8 0 0.2
chicken-pieces,fish and meat,chicken on the bone / bone-in chicken pieces; chicken legs; chicken drumsticks; bone-in chicken thighs,100 loose 4,piece=150 y=0.65 y.cooked=0.5,cold 2,meat !raw !cold,70 10 0 0.2
cooked-chicken,fish and meat,cooked chicken / rotisserie chicken; roast chicken; cooked chicken breast; leftover chicken; poached chicken,100 loose 12,d.shredded=0.5 d.diced=0.55,cold 2,meat !cold,66 5 0 0.5
whole-chicken,fish and meat,whole chicken; raw whole chicken,pc 1 – 6,piece=1600 y=0.55 y.cooked=0.45,cold 2,meat !raw !cold,68 12 0 0.2
turkey,fish and meat,turkey breast; turkey breast steaks; turkey steaks,100 loose 9,piece=130 y=0.97 y.cooked=0.75,cold 2,meat !raw !cold,75 1.5 0 0.2
cooked-turkey,fish and meat,cooked turkey; roast turkey; sliced turkey,120 packet 2.2,slice=25,cold 3,meat !cold,72 2 1 1.5
duck-breast,fish and meat,duck breast; duck breasts,100 loose 16,piece=180 y=0.97 y.cooked=0.65,cold 3,meat !raw !cold,60 20 0 0.2
smoked-duck,fish and meat,smoked duck breast; smoked duck,100 packet 5,slice=8,cold 14,meat !cold,58 16 0.5 2.5
ham,fish and meat,cooked ham; ham; sliced ham; roast ham,120 packet 2,slice=25 d.diced=0.6,cold 4,pork !cold,72 4 1 2
cured-ham,fish and meat,dry-cured ham / prosciutto; prosciutto; serrano ham; air-dried ham; parma ham; cured ham; jamon; serrano ham; jamon serrano,80 packet 2.6,slice=13,cold 14,pork !cold,55 14 0 5
chorizo,fish and meat,cured chorizo / Spanish chorizo; chorizo; chorizo sausage; cured chorizo sausage,225 ring 2.6,slice=5 d.diced=0.6 y=0.97,cold 30,milk pork !cold,32 38 2 3.5
salami,fish and meat,salami; salame; sliced salami,80 packet 1.8,slice=6,cold 14,pork !cold,35 35 1 4
pancetta,fish and meat,diced pancetta; pancetta; smoked pancetta; lardons; bacon lardons; cubed pancetta,130 packet 2,d.cooked=0.5 y.cooked=0.5,cold 7,pork !raw !cold,55 27 0.5 3.5
back-bacon,fish and meat,back bacon / Canadian-style bacon; unsmoked back bacon; smoked back bacon,250 packet 2.4,slice=32 y.cooked=0.55,cold 7,pork !raw !cold,64 14 0.5 3
beef-steak,fish and meat,beef steak; steak; sirloin steak; rump steak,100 loose 22,piece=225 y=0.95 y.cooked=0.75,cold 3,meat !raw !cold,70 8 0 0.2
roast-beef,fish and meat,sliced roast beef; roast beef; cold roast beef,100 packet 3,slice=25,cold 3,meat !cold,68 4 0.5 1.2
minced-beef,fish and meat,minced beef / ground beef; beef mince,500 pack 4,d.cooked=0.6 y.cooked=0.7,cold 1,meat !raw !cold,66 15 0 0.2
minced-lamb,fish and meat,minced lamb / ground lamb; lamb mince,500 pack 5.5,y.cooked=0.7,cold 1,meat !raw !cold,62 18 0 0.2
minced-pork,fish and meat,minced pork / ground pork; pork mince,500 pack 3.6,y.cooked=0.7,cold 1,pork !raw !cold,64 16 0 0.2
minced-chicken,fish and meat,minced chicken / ground chicken; chicken mince,500 pack 4,y.cooked=0.72,cold 1,meat !raw !cold,73 7 0 0.2
lamb-steaks,fish and meat,lamb leg steaks; lamb steaks,100 loose 18,piece=150 y=0.9 y.cooked=0.7,cold 3,meat !raw !cold,66 14 0 0.2
pork-fillet,fish and meat,pork fillet / pork tenderloin,100 loose 9,piece=400 y=0.95 y.cooked=0.72,cold 3,pork !raw !cold,72 6 0 0.2
sausages,fish and meat,pork sausages; pork sausage,400 pack 3,piece=65 y.cooked=0.8,cold 3,wheat sulphites pork !raw !cold,52 22 1.5 1.6
merguez,fish and meat,lamb sausages; merguez; merguez sausages,300 pack 4,piece=50 y.cooked=0.78,cold 3,sulphites meat !raw !cold,52 25 1 2
duck-fat,fish and meat,duck or goose fat; duck fat; goose fat,320 jar 3,d=0.9,cold 90,meat,0.2 99.6 0 0
lard,fish and meat,lard; pork lard,250 block 1,d=0.92,cold 90,pork,0.5 99 0 0
gelatine,fish and meat,leaf gelatine / sheet gelatin; gelatine leaves; gelatine; gelatin; powdered gelatine; powdered gelatin,15 packet 1.6,leaf=2,room 700,meat,12 0.1 0 0.5
haddock,fish and meat,haddock fillet; haddock; fresh haddock; haddock fillets,100 loose 16,piece=150 d.flaked=0.6 y=0.95 y.cooked=0.78,cold 1,fish !raw !cold,81 0.6 0 0.2
hake,fish and meat,hake fillet; hake,100 loose 16,piece=150 y=0.95 y.cooked=0.78,cold 1,fish !raw !cold,80 1.5 0 0.2
sea-bream,fish and meat,sea bream fillet; sea bream; bream; bream fillet,100 loose 20,piece=100 y=0.95 y.cooked=0.8,cold 1,fish !raw !cold,76 5 0 0.2
dashi,fish and meat,dashi; dashi stock; bonito stock,ml 500 pouch 2.4,d=1,cold 3 room 365,fish,98 0 0.2 0.5
minced-turkey,fish and meat,minced turkey / ground turkey; turkey mince,500 pack 4,y.cooked=0.72,cold 1,meat !raw !cold,73 7 0 0.2
chicken-livers,fish and meat,chicken livers; chicken liver,400 tub 2,piece=30 y=0.9 y.cooked=0.7,cold 1,meat !raw !cold,76 5 0 0.2
pulled-pork,fish and meat,cooked pulled pork; roast pork; cooked pork,300 pack 4,–,cold 3,pork !cold,62 10 3 1.2
tinned-kidney-beans,tins and jars,tinned kidney beans / canned kidney beans; canned red kidney beans; tinned red kidney beans,400 tin 0.6,tin=400 d=0.72 d.drained=0.72 drained=0.6,room 700,–,70 0.6 2 0.5
tinned-borlotti-beans,tins and jars,tinned borlotti beans / canned cranberry beans; canned borlotti beans; tinned cranberry beans,400 tin 0.75,tin=400 d=0.72 d.drained=0.72 drained=0.6,room 700,–,71 0.5 1 0.5
tinned-pinto-beans,tins and jars,tinned pinto beans / canned pinto beans,400 tin 0.75,tin=400 d=0.72 d.drained=0.72 drained=0.6,room 700,–,71 0.6 0.5 0.5
tinned-black-eyed-beans,tins and jars,tinned black-eyed beans / canned black-eyed peas; canned black eyed beans; tinned black-eyed peas,400 tin 0.75,tin=400 d=0.7 d.drained=0.7 drained=0.6,room 700,–,72 0.5 1 0.5
tinned-mixed-beans,tins and jars,tinned mixed beans / canned mixed beans; tinned bean salad; mixed beans in water,400 tin 0.75,tin=400 d=0.72 drained=0.6,room 700,–,72 0.6 1 0.5
tinned-butter-beans,tins and jars,tinned butter beans / canned lima beans; canned butter beans; tinned lima beans; jarred butter beans,400 tin 0.7,tin=400 jar=700 d=0.7 d.drained=0.7 drained=0.6,room 700,–,73 0.5 0.7 0.5
tinned-broad-beans,tins and jars,tinned broad beans / canned fava beans; tinned fava beans; canned ful,400 tin 1,tin=400 d=0.7 drained=0.6,room 700,–,75 0.5 1 0.5
refried-beans,tins and jars,refried beans; tinned refried beans,435 tin 1.4,tin=435 d=1.05,room 700,–,76 1 1 0.9
passata,tins and jars,passata / strained tomatoes; sieved tomatoes; tomato passata,500 carton 0.7,jar=690 d=1.03,room 500,–,91 0.2 4.5 0.2 citric 0.4
tomato-paste,tins and jars,tomato purée / tomato paste; tomato puree; concentrated tomato puree,200 tube 0.9,tin=140 d=1.1,room 300,–,72 0.4 13 0.3 citric 1.8
artichoke-hearts,tins and jars,artichoke hearts in a jar / marinated artichoke hearts; artichoke hearts; jarred artichokes; artichokes in oil; grilled artichokes,280 jar 2.4,jar=280 tin=400 piece=18 d.chopped=0.65 drained=0.6,room 500,sulphites,75 12 1.5 1.5 citric 0.5
tinned-artichokes,tins and jars,tinned artichoke hearts / canned artichoke hearts,400 tin 2,tin=400 piece=20 d.chopped=0.65 drained=0.6,room 700,–,90 0.2 1 0.7 citric 0.3
hearts-of-palm,tins and jars,hearts of palm; palm hearts; heart of palm,400 tin 2.2,tin=400 jar=400 stalk=25 piece=25 d.sliced=0.6 drained=0.55,room 700,sulphites,91 0.5 1 1 citric 0.2
bamboo-shoots,tins and jars,tinned bamboo shoots / canned bamboo shoots; bamboo shoots,225 tin 0.9,tin=225 d.sliced=0.55 drained=0.6,room 700,–,94 0.4 1.9 0.1
water-chestnuts,tins and jars,tinned water chestnuts / canned water chestnuts; water chestnuts,225 tin 0.9,tin=225 piece=10 d.sliced=0.6 drained=0.62,room 700,–,86 0.1 2.5 0
tinned-pineapple,tins and jars,tinned pineapple / canned pineapple; pineapple in juice; tinned pineapple rings; canned pineapple chunks,435 tin 1.1,tin=435 slice=35 drained=0.6,room 700,–,86 0.1 13 0 citric 0.5
tinned-peaches,tins and jars,tinned peaches / canned peaches; peaches in syrup; peaches in juice,410 tin 1,tin=410 drained=0.6,room 700,–,85 0.1 12 0 citric 0.3
green-olives,tins and jars,green olives; pitted green olives; whole green olives; large green olives; castelvetrano olives; nocellara olives; manzanilla olives; gordal olives,330 jar 1.8,piece=4 jar=330 handful=35 d=0.62 y.pitted=0.8 drained=0.5,room 400,!choking,76 14 0.5 3.8 lactic 0.4
black-olives,tins and jars,black olives; pitted black olives; kalamata olives; ripe olives,330 jar 1.8,piece=4 jar=330 handful=35 d=0.62 y.pitted=0.8 drained=0.5,room 400,!choking,74 16 0.3 3.2 lactic 0.3
stuffed-olives,tins and jars,stuffed green olives; stuffed olives; olives stuffed with pepper; pimento-stuffed olives,330 jar 1.6,piece=4 jar=330 handful=35 drained=0.5,room 400,!choking,77 13 0.5 4 lactic 0.4
capers-in-salt,tins and jars,capers in salt / salt-packed capers; salted capers; salt packed capers; dry-salted capers,100 jar 2.4,d=0.65 y=0.95,room 365,–,52 0.5 0.3 38
caperberries,tins and jars,caperberries; caper berries; caperberry,200 jar 2.4,piece=6 drained=0.6,room 400,sulphites,87 0.5 0.5 5 acetic 0.9
pickled-onions,tins and jars,pickled onions; cocktail onions; pickled silverskin onions,440 jar 1.6,piece=12 drained=0.6,room 400,sulphites,86 0.1 6 1.6 acetic 1.5
pickled-jalapenos,tins and jars,pickled jalapeños; pickled jalapenos; sliced jalapeños in vinegar; jarred jalapeños; pickled green chillies,215 jar 1.4,slice=2 d=0.6 drained=0.55 scaling=startLow,room 400,sulphites,90 0.5 2 3 acetic 1.2
pickled-peppers,tins and jars,pickled chilli peppers; pickled peppers; pickled chillies; pickled banana peppers; pepperoncini,280 jar 2,piece=10 drained=0.55 scaling=startLow,room 400,sulphites,90 0.4 2 3 acetic 1.2
pickled-ginger,tins and jars,pickled ginger; sushi ginger,190 jar 2,d=0.6 drained=0.65,room 300,sulphites,80 0.2 12 2 acetic 1
pickled-beetroot,tins and jars,pickled beetroot / pickled beets; beetroot in vinegar,340 jar 1,slice=12 drained=0.62,room 400,–,88 0.1 8 0.8 acetic 0.8
cooked-beetroot,tins and jars,cooked vacuum-packed beetroot / cooked vacuum-packed beets; vacuum-packed beetroot; ready-cooked beetroot; cooked beetroot in a packet,250 packet 1,piece=60 d.diced=0.6 y=0.97,cold 14,–,87 0.1 8 0.2
sauerkraut,tins and jars,sauerkraut,500 jar 1.8,d=0.6 drained=0.85,cold 60 room 300,–,92 0.1 1.8 1.6 lactic 1.2
kimchi,tins and jars,kimchi; kimchee,300 jar 3.8,d=0.75,cold 60,fish crustaceans,91 0.5 2 2 lactic 0.9
preserved-lemon,tins and jars,preserved lemons / preserved lemon; salted lemons,220 jar 2.8,piece=40 d.minced=0.9 y=0.6 drained=0.6,cold 180 room 300,–,75 0.3 2 12 citric 3
vine-leaves,tins and jars,vine leaves in brine / grape leaves in brine; vine leaves; grape leaves,450 jar 2.8,leaf=4 y=0.95 drained=0.6,room 400,–,85 1 3 4 citric 0.3
english-mustard,tins and jars,English mustard / hot English mustard; hot mustard,180 jar 1,d=1.05 scaling=startLow,cold 180 room 300,mustard wheat sulphites,60 10 7 8 acetic 1.2
american-mustard,tins and jars,mild yellow mustard / yellow mustard; american mustard; burger mustard; ballpark mustard,250 bottle 1.2,d=1.03,cold 180 room 300,mustard,82 4 2 2.8 acetic 2
honey-mustard,tins and jars,honey mustard; sweet mustard,200 jar 1.6,d=1.1,cold 180,mustard sulphites notvegan,55 6 25 3 acetic 1.2
creamed-horseradish,tins and jars,creamed horseradish / creamy horseradish sauce; horseradish sauce; horseradish cream,185 jar 1.3,d=1,cold 30,milk mustard egg sulphites,60 18 10 1.8 acetic 1
aioli,tins and jars,ready-made garlic mayonnaise; aioli; garlic mayonnaise; allioli,250 jar 2,d=0.95,cold 30,egg mustard !cold,22 73 1.5 1.5 acetic 0.3
vegan-mayonnaise,tins and jars,vegan mayonnaise; egg-free mayonnaise; vegan mayo; plant-based mayonnaise,400 jar 2.4,d=0.95,cold 60,mustard,35 60 2 1.4 acetic 0.4
almond-butter,tins and jars,almond butter,170 jar 3,d=1.05,room 180,almond,2 56 5 0
cashew-butter,tins and jars,cashew butter,170 jar 3.4,d=1.05,room 180,cashew,3 49 6 0
hazelnut-butter,tins and jars,hazelnut butter; hazelnut paste,170 jar 3.8,d=1.05,room 180,hazelnut,2 62 4.5 0
walnut-butter,tins and jars,walnut butter; walnut paste,170 jar 4,d=1.03,room 120,walnut,3 66 3 0
pistachio-butter,tins and jars,pistachio butter; pistachio paste; pistachio cream,170 jar 5,d=1.05,room 180,pistachio,3 50 8 0
pecan-butter,tins and jars,pecan butter,170 jar 4.5,d=1.03,room 120,pecan,2 72 4 0
macadamia-butter,tins and jars,macadamia butter,170 jar 5.5,d=1.03,room 120,macadamia-nut,2 75 4.5 0
brazil-butter,tins and jars,Brazil nut butter; brazil butter,170 jar 4.5,d=1.03,room 120,brazil-nut,3 67 2.3 0
nut-butter,tins and jars,mixed nut butter; nut butter; three nut butter,170 jar 3.4,d=1.05,room 180,almond hazelnut cashew brazil-nut peanut,2 55 5 0
sunflower-butter,tins and jars,sunflower seed butter; sunflower butter,170 jar 3,d=1.05,room 180,–,2 52 4 0.1
pumpkin-butter,tins and jars,pumpkin seed butter; pumpkin seed paste,170 jar 3.8,d=1.05,room 180,–,3 50 1.5 0
black-tahini,tins and jars,black tahini; black sesame paste,250 jar 3.8,d=1.05,room 365,sesame,2 55 0.5 0.1
pesto,tins and jars,basil pesto / pesto; green pesto; pesto genovese; jarred pesto,190 jar 1.8,d=1,cold 14 room 300,milk cashew pine-nut rennet,42 40 4 2.5
red-pesto,tins and jars,red pesto / sun-dried tomato pesto; tomato pesto,190 jar 1.8,d=1,cold 14 room 300,milk cashew rennet,48 30 6 2.5
tapenade,tins and jars,olive tapenade / tapenade; black olive tapenade; olive paste; green olive tapenade,180 jar 2.2,d=1,cold 14 room 300,fish,55 35 0.5 4
harissa-rose,tins and jars,rose harissa; rose harissa paste,90 jar 2.6,d=1 scaling=startLow,cold 42 room 365,–,62 15 8 3 citric 0.7
chipotle-paste,tins and jars,chipotle paste; chipotles in adobo; chipotle chillies in adobo; chipotle in adobo,95 jar 2,d=1.05 scaling=startLow,cold 42 room 365,sulphites,68 5 12 4 acetic 1
thai-red-curry-paste,tins and jars,Thai red curry paste; red curry paste,200 jar 1.8,d=1.05 scaling=startLow,cold 30 room 365,crustaceans fish,55 8 8 9
thai-green-curry-paste,tins and jars,Thai green curry paste; green curry paste,200 jar 1.8,d=1.05 scaling=startLow,cold 30 room 365,crustaceans fish,58 8 7 9
curry-paste,tins and jars,Indian curry paste; indian spice paste,200 jar 1.8,d=1.05 scaling=startLow,cold 42 room 365,mustard,45 30 5 5 acetic 1
red-miso,tins and jars,red miso / dark miso; brown miso; dark miso paste; red miso paste,300 tub 3.4,d=1.15 scaling=startLow,cold 180,soya barley,45 6 5 13 lactic 0.4
tamarind,tins and jars,tamarind paste; tamarind concentrate; tamarind puree,200 jar 2,d=1.2,cold 60 room 300,–,62 0.3 30 0.2 citric 7
wasabi,tins and jars,wasabi paste; wasabi,43 tube 1.6,d=1.1 scaling=startLow,cold 60 room 365,mustard,45 10 13 6
coconut-milk,tins and jars,tinned coconut milk / canned coconut milk; coconut milk; full-fat coconut milk,ml 400 tin 1.2,tin=400 d=1,room 700,–,73 18 2.5 0.1
coconut-cream,tins and jars,coconut cream; tinned coconut cream,ml 160 carton 0.9,tin=160 d=1,room 700,–,68 24 3 0.1
salsa,tins and jars,tomato salsa; salsa; ready-made salsa; jarred salsa,300 jar 1.6,d=1.02,cold 7 room 365,–,89 0.3 5 1.2 acetic 0.4
hummus,tins and jars,ready-made hummus; hummus; houmous; shop-bought hummus,200 tub 1.4,d=1.03,cold 3,sesame !cold,58 20 1 1.1 citric 0.3
guacamole,tins and jars,ready-made guacamole; guacamole,150 tub 2,d=1,cold 2,!cold,74 16 1.5 0.9 citric 0.4
chutney,tins and jars,fruit chutney; chutney,300 jar 1.8,d=1.25,room 365,sulphites,38 0.2 50 1.5 acetic 1
lime-pickle,tins and jars,lime pickle,280 jar 1.8,d=1.1 scaling=startLow,room 365,mustard,52 18 3 9 acetic 1.5
mint-sauce,tins and jars,mint sauce,180 jar 1,d=1.1,room 365,sulphites,68 0.3 22 2 acetic 2
cranberry-sauce,tins and jars,cranberry sauce; cranberry jelly,250 jar 1.5,d=1.2,room 365,–,45 0.1 50 0.1 citric 1
apple-sauce,tins and jars,apple sauce / applesauce; unsweetened apple sauce; stewed apple,270 jar 1.2,d=1.03,room 365,–,86 0.1 11 0 citric 0.5
vegetable-bouillon,tins and jars,vegetable stock cubes / vegetable bouillon cubes; vegetable stock cube; vegetable bouillon powder; vegetable bouillon,100 packet 1.2,piece=10 d=0.7,room 500,celery,4 8 3 50
chicken-stock-cubes,tins and jars,chicken stock cubes / chicken bouillon cubes; chicken stock cube; chicken stock powder; chicken bouillon,100 packet 1.2,piece=10 d=0.7,room 500,celery wheat meat,4 9 3 52
chicken-stock,tins and jars,chicken stock / chicken broth; chicken bone broth; fresh chicken stock,ml 500 pouch 1.8,d=1,cold 3 room 365,celery meat,97 0.5 0.3 0.8
beef-stock,tins and jars,beef stock / beef broth; beef bone broth,ml 500 pouch 1.8,d=1,cold 3 room 365,celery meat,97 0.3 0.3 0.8
fish-stock,tins and jars,fish stock / fish broth,ml 500 pouch 2.2,d=1,cold 3 room 365,fish celery,98 0.2 0.2 0.8
mushroom-stock,tins and jars,mushroom stock / mushroom broth,ml 500 pouch 2,d=1,cold 3 room 365,celery,97 0.2 0.5 0.8
cornichons,tins and jars,cornichons; baby gherkins; cocktail gherkins,350 jar 1.8,piece=5 jar=350 d.chopped=0.6 drained=0.55,room 400,mustard sulphites,92 0.2 2.5 1.8 acetic 1
mango-chutney,tins and jars,mango chutney,300 jar 1.6,d=1.25,room 365,–,38 0.2 52 2 acetic 0.8
tomato-chutney,tins and jars,tomato chutney; tomato relish,300 jar 1.8,d=1.2,room 365,sulphites,50 0.3 38 1.6 acetic 1
redcurrant-jelly,tins and jars,redcurrant jelly,225 jar 1.6,d=1.3,room 365,–,33 0 64 0.1 citric 1
sunflower-oil,oils and vinegars,sunflower oil; high-oleic sunflower oil,ml 500 bottle 1.6 + 1000 bottle 2.6,d=0.92,room 300,–,0 100 0 0
vegetable-oil,oils and vinegars,vegetable oil; cooking oil,ml 1000 bottle 2.2,d=0.92,room 300,–,0 100 0 0
corn-oil,oils and vinegars,corn oil; maize oil,ml 1000 bottle 2.6,d=0.92,room 300,–,0 100 0 0
grapeseed-oil,oils and vinegars,grapeseed oil; grape seed oil,ml 500 bottle 3.6,d=0.92,room 240,–,0 100 0 0
peanut-oil,oils and vinegars,groundnut oil / peanut oil; ground nut oil; arachis oil,ml 500 bottle 2.4,d=0.91,room 300,peanut,0 100 0 0
coconut-oil,oils and vinegars,coconut oil; virgin coconut oil,300 jar 3,d=0.92 d.melted=0.92,room 500,–,0 100 0 0
avocado-oil,oils and vinegars,avocado oil,ml 250 bottle 5,d=0.91,room 240,–,0 100 0 0
truffle-oil,oils and vinegars,truffle oil; truffle-flavoured oil,ml 100 bottle 5,d=0.92 scaling=startLow,room 240,–,0 100 0 0
chilli-oil,oils and vinegars,chilli oil / chile oil; chili oil; hot chilli oil,ml 100 bottle 2,d=0.92 scaling=startLow,room 180,–,0 99 0 0.5
chilli-crisp,oils and vinegars,crunchy chilli oil / chili crisp; chilli crisp; crispy chilli oil,170 jar 3,d=0.95 scaling=startLow,room 300,soya peanut sesame wheat,5 70 3 3
garlic-oil,oils and vinegars,garlic-infused oil; garlic oil; infused garlic oil,ml 250 bottle 3,d=0.92,room 180,–,0 100 0 0
almond-oil,oils and vinegars,almond oil; sweet almond oil,ml 250 bottle 4.5,d=0.92,room 180,almond,0 100 0 0
macadamia-oil,oils and vinegars,macadamia oil; macadamia nut oil,ml 250 bottle 6,d=0.92,room 180,macadamia-nut,0 100 0 0
pistachio-oil,oils and vinegars,pistachio oil,ml 250 bottle 9,d=0.92,room 180,pistachio,0 100 0 0
pumpkin-seed-oil,oils and vinegars,pumpkin seed oil; pumpkinseed oil,ml 250 bottle 6,d=0.92,room 180,–,0 100 0 0
flaxseed-oil,oils and vinegars,linseed oil / flaxseed oil; flax oil; flax seed oil,ml 250 bottle 5,d=0.93,cold 60,–,0 100 0 0
hemp-oil,oils and vinegars,hemp oil; hempseed oil; hemp seed oil,ml 250 bottle 5,d=0.93,cold 90,–,0 100 0 0
plain-sesame-oil,oils and vinegars,untoasted sesame oil; cold-pressed sesame oil; light sesame oil,ml 250 bottle 3,d=0.92,room 240,sesame,0 100 0 0
mustard-oil,oils and vinegars,mustard oil; mustard seed oil,ml 250 bottle 2.5,d=0.91,room 300,mustard,0 100 0 0
palm-oil,oils and vinegars,palm oil; red palm oil,500 bottle 4,d=0.91,room 365,–,0 100 0 0
white-vinegar,oils and vinegars,distilled white vinegar; white vinegar; spirit vinegar; distilled vinegar; pickling vinegar; distilled malt vinegar; distilled white vinegar; distilled vinegar; spirit vinegar,ml 568 bottle 0.6,d=1.01,room 700,–,95 0 0 0 acetic 5
malt-vinegar,oils and vinegars,malt vinegar; brown malt vinegar,ml 568 bottle 0.7,d=1.01,room 700,barley,94 0 0.3 0 acetic 5
raspberry-vinegar,oils and vinegars,raspberry vinegar,ml 250 bottle 2.6,d=1.03,room 500,sulphites,83 0 9 0 acetic 5
coconut-vinegar,oils and vinegars,coconut vinegar,ml 350 bottle 2.6,d=1.01,room 500,–,94 0 1 0 acetic 4.5
champagne-vinegar,oils and vinegars,sparkling wine vinegar / champagne vinegar,ml 250 bottle 4.5,d=1.01,room 500,sulphites,93 0 0.4 0 acetic 6
white-balsamic,oils and vinegars,white balsamic vinegar; white balsamic,ml 250 bottle 3,d=1.06,room 500,sulphites,78 0 13 0 acetic 5.5
balsamic-glaze,oils and vinegars,balsamic glaze; balsamic reduction; balsamic cream; balsamic syrup,ml 250 bottle 2.6,d=1.3,room 500,sulphites,40 0 50 0.1 acetic 3
seasoned-rice-vinegar,oils and vinegars,seasoned rice vinegar; sushi vinegar,ml 150 bottle 1.8,d=1.1,room 500,–,70 0 20 4 acetic 3.5
brown-rice-vinegar,oils and vinegars,brown rice vinegar,ml 150 bottle 2.4,d=1.01,room 500,–,94 0 0.6 0 acetic 4.5
black-vinegar,oils and vinegars,Chinese black vinegar / black vinegar; chinkiang vinegar; black rice vinegar,ml 150 bottle 2,d=1.03,room 500,wheat barley,88 0 4 0.8 acetic 5
verjuice,oils and vinegars,verjuice / verjus; verjus,ml 250 bottle 5,d=1.03,cold 60,sulphites,92 0 4 0 citric 2.5
mirin,oils and vinegars,mirin; sweet rice wine,ml 150 bottle 2.2,d=1.15,room 300,–,45 0 42 0.1
rice-wine,oils and vinegars,Chinese rice wine / Shaoxing wine; rice wine; shaoxing rice wine,ml 150 bottle 1.8,d=0.99,room 300,wheat,83 0 2 1.5
white-wine,oils and vinegars,dry white wine; white wine,ml 750 bottle 6,d=0.99,room 700,sulphites,87 0 0.6 0 citric 0.6
red-wine,oils and vinegars,red wine; dry red wine,ml 750 bottle 6,d=0.99,room 700,sulphites,86 0 0.6 0 citric 0.6
dry-sherry,oils and vinegars,dry sherry; sherry; fino sherry,ml 750 bottle 8,d=0.99,room 365,sulphites,80 0 1.5 0 citric 0.4
vermouth,oils and vinegars,dry vermouth; vermouth,ml 750 bottle 9,d=0.99,room 365,sulphites,80 0 3 0 citric 0.5
tamari,oils and vinegars,tamari; gluten-free soy sauce; wheat-free soy sauce; gluten-free tamari,ml 150 bottle 2.4,d=1.2 scaling=startLow,room 365,soya,64 0 2 16 lactic 0.8
dark-soy-sauce,oils and vinegars,dark soy sauce; dark soy,ml 150 bottle 1.3,d=1.2 scaling=startLow,room 365,soya wheat,58 0 9 16 lactic 0.7
reduced-salt-soy-sauce,oils and vinegars,reduced-salt soy sauce / low-sodium soy sauce; low-salt soy sauce; low-salt soy; reduced-salt soy; less-salt soy sauce; reduced-sodium soy sauce,ml 150 bottle 1.5,d=1.13 scaling=startLow,room 365,soya wheat,74 0 2 9 lactic 0.8
sweet-soy-sauce,oils and vinegars,sweet soy sauce / kecap manis; kecap manis; thick soy sauce,ml 275 bottle 1.8,d=1.35,room 365,soya wheat,28 0 58 8
coconut-aminos,oils and vinegars,coconut aminos,ml 250 bottle 4,d=1.18 scaling=startLow,room 365,–,60 0 25 5
oyster-sauce,oils and vinegars,oyster sauce,ml 150 bottle 1.5,d=1.25 scaling=startLow,cold 180,molluscs wheat soya,62 0.1 20 10
hoisin,oils and vinegars,hoisin sauce; hoisin,ml 150 bottle 1.5,d=1.25,cold 180 room 365,soya wheat sesame,48 2 35 6
teriyaki,oils and vinegars,teriyaki sauce; teriyaki; teriyaki marinade,ml 150 bottle 1.6,d=1.2,room 365,soya wheat,60 0 25 8
ponzu,oils and vinegars,ponzu; ponzu sauce; citrus soy sauce,ml 150 bottle 2.6,d=1.12,cold 90,soya wheat fish,75 0 8 8 citric 1.5
worcestershire,oils and vinegars,Worcestershire sauce; worcester sauce,ml 150 bottle 1.3,d=1.17 scaling=startLow,room 700,fish barley sulphites,71 0 18 3 acetic 3
vegan-worcestershire,oils and vinegars,vegan Worcestershire sauce; fish-free worcestershire sauce; vegan worcester sauce,ml 150 bottle 2,d=1.15 scaling=startLow,room 700,soya barley sulphites,72 0 17 3 acetic 3
vegan-fish-sauce,oils and vinegars,vegan fish sauce; fish-free fish sauce; vegetarian fish sauce,ml 150 bottle 2.6,d=1.15 scaling=startLow,room 365,soya,74 0 4 18
ketchup,oils and vinegars,tomato ketchup / ketchup; catsup; tomato sauce in a bottle,460 bottle 1.6,d=1.15,room 365,celery,70 0.1 23 1.8 acetic 1.2
brown-sauce,oils and vinegars,brown sauce / steak sauce,425 bottle 1.6,d=1.15,room 365,barley,68 0.1 23 1.5 acetic 2
barbecue-sauce,oils and vinegars,barbecue sauce; bbq sauce,350 bottle 1.6,d=1.2,room 365,mustard celery,58 0.3 32 1.6 acetic 1
sriracha,oils and vinegars,sriracha / sriracha sauce; garlic chilli sauce; chilli garlic sauce; chili garlic sauce,ml 455 bottle 3,d=1.1 scaling=startLow,room 500,sulphites,70 1 18 6 acetic 1.2
pepper-sauce,oils and vinegars,thin hot pepper sauce / Louisiana-style hot sauce; hot pepper sauce; vinegar hot sauce; red pepper sauce,ml 150 bottle 1.4,d=1.02 scaling=startLow,room 700,–,91 0.5 0.5 5 acetic 3
sweet-chilli-sauce,oils and vinegars,sweet chilli sauce / sweet chili sauce; thai sweet chilli sauce,ml 190 bottle 1.3,d=1.25,room 365,–,45 0.3 48 2 acetic 0.8
gochujang,oils and vinegars,gochujang; korean chilli paste,200 tub 2.8,d=1.2 scaling=startLow,cold 180,soya wheat barley,42 2 25 7
sambal,oils and vinegars,sambal oelek; sambal; chilli sambal,200 jar 1.8,d=1.05 scaling=startLow,cold 180,–,80 1 4 9 acetic 1
black-bean-sauce,oils and vinegars,black bean sauce,180 jar 1.5,d=1.2,cold 30 room 365,soya wheat,55 6 18 8
peri-peri,oils and vinegars,peri-peri sauce / piri piri sauce; piri-piri sauce,ml 150 bottle 1.8,d=1.03 scaling=startLow,room 365,sulphites,80 7 4 4 acetic 2
salad-cream,oils and vinegars,salad cream,285 bottle 1.6,d=1.02,cold 60,egg mustard,50 27 15 1.7 acetic 1.5
apple-juice,oils and vinegars,apple juice; pressed apple juice; cloudy apple juice,ml 1000 carton 1.2,d=1.04,cold 5,–,88 0.1 10 0 citric 0.5
pomegranate-juice,oils and vinegars,pomegranate juice,ml 750 carton 3,d=1.05,cold 5,–,86 0.2 12.5 0 citric 1.2
tomato-juice,oils and vinegars,tomato juice,ml 1000 carton 1.2,d=1.02,cold 5,–,94 0.1 3 0.4 citric 0.4
carrot-juice,oils and vinegars,carrot juice,ml 250 bottle 1.6,d=1.03,cold 4,–,89 0.2 4 0.2
pineapple-juice,oils and vinegars,pineapple juice,ml 1000 carton 1.3,d=1.05,cold 5,–,87 0.1 10 0 citric 0.8
cranberry-juice,oils and vinegars,cranberry juice,ml 1000 carton 1.6,d=1.04,cold 5,–,87 0.1 11 0 citric 1
yuzu-juice,oils and vinegars,yuzu juice; bottled yuzu juice,ml 60 bottle 4,d=1.03,cold 90,–,90 0.1 3 0 citric 5.5
bottled-lemon-juice,oils and vinegars,bottled lemon juice,ml 250 bottle 1,d=1.03,cold 60,sulphites,92 0.1 2 0 citric 5
orange-blossom-water,oils and vinegars,orange blossom water; orange flower water,ml 100 bottle 1.8,d=1 scaling=startLow,room 700,–,100 0 0 0
rose-water,oils and vinegars,rose water; rosewater,ml 100 bottle 1.8,d=1 scaling=startLow,room 700,–,100 0 0 0
coconut-water,oils and vinegars,coconut water,ml 500 carton 1.6,d=1.02,cold 4,–,95 0.1 3.7 0.1
soda-water,oils and vinegars,sparkling water / club soda; soda water; sparkling mineral water,ml 1000 bottle 0.6,d=1,room 365,–,100 0 0 0
soya-oil,oils and vinegars,soya oil / soybean oil; soy oil,ml 1000 bottle 2.4,d=0.92,room 300,soya,0 100 0 0
sake,oils and vinegars,sake; cooking sake,ml 300 bottle 5,d=0.99,room 365,–,82 0 3 0
dried-kidney-beans,grains and pulses,dried kidney beans / dry kidney beans; dried red kidney beans; dry red kidney beans,500 bag 1.5,d=0.8 d.cooked=0.72 cooked=2.3,room 500,!beans !coolfast,12 1 2 0
dried-black-beans,grains and pulses,dried black beans / dry black beans; dried turtle beans,500 bag 1.8,d=0.8 d.cooked=0.72 cooked=2.3,room 500,!beans !coolfast,11 1.4 2 0
dried-borlotti-beans,grains and pulses,dried borlotti beans / dry cranberry beans; dried cranberry beans; dry borlotti beans; dried borlotti,500 bag 2,d=0.8 d.cooked=0.72 cooked=2.3,room 500,!beans !coolfast,12 1.2 2 0
dried-pinto-beans,grains and pulses,dried pinto beans / dry pinto beans,500 bag 1.8,d=0.8 d.cooked=0.72 cooked=2.3,room 500,!beans !coolfast,11 1.2 2 0
dried-black-eyed-beans,grains and pulses,dried black-eyed beans / dried black-eyed peas; dry black-eyed peas; dried black eyed peas; dry black-eyed beans,500 bag 1.6,d=0.77 d.cooked=0.7 cooked=2.3,room 500,!coolfast,12 1.3 3 0
dried-butter-beans,grains and pulses,dried butter beans / dry lima beans; dried lima beans; dry butter beans; dried large white beans,500 bag 1.8,d=0.75 d.cooked=0.7 cooked=2.3,room 500,!beans !coolfast,11 0.8 4 0
dried-broad-beans,grains and pulses,dried broad beans / dried fava beans; dry fava beans; split dried broad beans,500 bag 1.6,d=0.78 cooked=2.2,room 500,!coolfast,11 1.5 3 0
split-peas,grains and pulses,split peas; yellow split peas; green split peas; dried split peas,500 bag 1,d=0.83 cooked=2.4,room 500,!coolfast,11 1.2 3 0
red-lentils,grains and pulses,red lentils; split red lentils; dried red lentils; red split lentils,500 bag 1.2,d=0.83 cooked=2.5,room 500,!coolfast,11 1.3 2 0
brown-lentils,grains and pulses,brown lentils; dried brown lentils,500 bag 1.2,d=0.83 cooked=2.4,room 500,!coolfast,10 1.1 2 0
black-lentils,grains and pulses,black lentils; small black lentils; beluga lentils; dried black lentils; beluga lentils; black beluga lentils,500 bag 2,d=0.83 cooked=2.3,room 500,!coolfast,10 1.3 1.5 0
cooked-lentils,grains and pulses,ready-cooked lentils in a pouch / ready-cooked lentils; cooked lentils in a pouch; pouch of cooked lentils; cooked puy-style lentils,250 pouch 1.4,packet=250 d=0.75,room 300,–,66 2 0.6 0.7
cooked-grains,grains and pulses,ready-cooked grains in a pouch / ready-cooked mixed grains; pouch of cooked grains; cooked mixed grains; microwave grains,250 pouch 1.4,packet=250 d=0.7,room 300,wheat barley,62 3 1 0.8
mung-beans,grains and pulses,dried mung beans / dry mung beans; whole mung beans; dried moong beans,500 bag 1.5,d=0.83 cooked=2.3,room 500,!coolfast,10 1.1 3 0
adzuki-beans,grains and pulses,dried adzuki beans / dry adzuki beans; aduki beans; dried aduki beans,500 bag 2,d=0.83 cooked=2.3,room 500,!beans !coolfast,12 0.5 2 0
lupin-beans,grains and pulses,lupin beans in brine / lupini beans; lupins; lupin beans; jarred lupini beans,350 jar 2.5,jar=350 drained=0.6,room 500,lupin,72 3 0.5 2
fine-bulgur,grains and pulses,fine bulgur wheat / fine bulgur,500 bag 1.4,d=0.6 cooked=2.3,room 365,wheat !coolfast,9 1.4 0.8 0
cracked-wheat,grains and pulses,cracked wheat,500 bag 1.4,d=0.75 cooked=2.6,room 365,wheat !coolfast,11 1.5 0.8 0
freekeh,grains and pulses,freekeh; cracked freekeh; smoked green wheat,250 bag 2,d=0.75 cooked=2.6,room 365,wheat !coolfast,10 2.5 1.5 0
wheat-berries,grains and pulses,wheat berries / wheatberries; whole wheat grains; wheat grains,500 bag 1.8,d=0.8 cooked=2.3,room 365,wheat !coolfast,11 2 0.5 0
whole-spelt,grains and pulses,whole spelt; spelt berries; wholegrain spelt,500 bag 2.2,d=0.8 cooked=2.3,room 365,wheat !coolfast,11 2.5 1 0
rye-grains,grains and pulses,rye grains / rye berries,500 bag 1.6,d=0.8 cooked=2.3,room 365,rye !coolfast,11 1.7 1 0
pot-barley,grains and pulses,pot barley / hulled barley; whole barley,500 bag 1.2,d=0.8 cooked=2.6,room 365,barley !coolfast,10 2.2 0.8 0
oats,grains and pulses,rolled oats; oats; porridge oats; jumbo oats; oatmeal,1000 bag 1.4,d=0.38,room 365,oats,9 7 1 0
giant-couscous,grains and pulses,giant couscous / pearl couscous; pearl couscous; israeli couscous; moghrabieh,300 bag 1.8,d=0.75 cooked=2.2,room 365,wheat !coolfast,10 1 1.5 0
wholewheat-couscous,grains and pulses,wholewheat couscous / whole-wheat couscous,500 bag 1.4,d=0.72 cooked=2.4,room 365,wheat !coolfast,10 2 1.2 0
millet,grains and pulses,millet; hulled millet,500 bag 1.6,d=0.82 cooked=2.5,room 365,!coolfast,9 4 1.5 0
buckwheat,grains and pulses,buckwheat; buckwheat groats; kasha,500 bag 2,d=0.75 cooked=2.4,room 365,!coolfast,10 3.4 1 0
amaranth,grains and pulses,amaranth; amaranth grain,500 bag 2.6,d=0.85 cooked=2.5,room 365,!coolfast,11 7 1.7 0
red-quinoa,grains and pulses,red quinoa,300 bag 2.6,d=0.75 cooked=2.8,room 365,!coolfast,12 6 2 0
polenta,grains and pulses,polenta / cornmeal; yellow cornmeal; coarse cornmeal; quick-cook polenta,500 bag 1.4,d=0.68 cooked=4,room 365,!coolfast,10 2 0.6 0
semolina,grains and pulses,semolina; coarse semolina; fine semolina,500 bag 1,d=0.7,room 365,wheat,12 1 0.5 0
brown-rice,grains and pulses,brown rice; wholegrain rice; brown basmati rice; long-grain brown rice,500 bag 1.4,d=0.8 cooked=2.5,room 365,!coolfast,12 2.8 0.7 0
red-rice,grains and pulses,red rice; camargue red rice,500 bag 2.4,d=0.8 cooked=2.4,room 365,!coolfast,12 2.7 0.7 0
black-rice,grains and pulses,black rice; forbidden rice,500 bag 2.6,d=0.8 cooked=2.4,room 365,!coolfast,12 3 0.7 0
wild-rice,grains and pulses,wild rice,250 bag 3,d=0.7 cooked=2.8,room 500,!coolfast,8 1 2.5 0
jasmine-rice,grains and pulses,jasmine rice; thai fragrant rice,1000 bag 2.2,d=0.82 cooked=2.5,room 500,!coolfast,12 0.6 0.1 0
sushi-rice,grains and pulses,sushi rice; short-grain rice,500 bag 2,d=0.84 cooked=2.3,room 500,!coolfast,13 0.5 0.1 0
risotto-rice,grains and pulses,risotto rice / arborio rice; arborio rice; carnaroli rice,500 bag 1.8,d=0.84 cooked=2.8,room 500,!coolfast,13 0.6 0.1 0
cooked-rice,grains and pulses,cooked rice; ready-cooked rice; leftover cooked rice; microwave rice,250 pouch 1,packet=250 d=0.7,cold 1 room 300,!coolfast !cold,66 1 0.2 0.2
orzo,grains and pulses,orzo; orzo pasta; risoni,500 bag 1.2,d=0.8 cooked=2.2,room 700,wheat !coolfast,11 1.5 2.5 0
long-pasta,grains and pulses,long pasta; spaghetti; linguine; fettuccine,500 packet 0.9,cooked=2.3,room 700,wheat !coolfast,11 1.5 2.5 0
wholewheat-pasta,grains and pulses,wholewheat pasta / whole-wheat pasta; wholemeal pasta,500 packet 1,d=0.4 cooked=2.2,room 700,wheat !coolfast,11 2.5 3 0
gluten-free-pasta,grains and pulses,gluten-free pasta; rice pasta; corn pasta; lentil pasta,500 packet 1.8,d=0.4 cooked=2.2,room 700,!coolfast,11 1.5 1 0
egg-pasta,grains and pulses,egg pasta; fresh pasta; fresh egg pasta; fresh tagliatelle,250 packet 1.6,cooked=1.6,cold 7,wheat egg !coolfast,30 3 1.5 0.1
filled-pasta,grains and pulses,filled pasta; tortellini; ravioli; cheese tortellini,250 packet 2,cooked=1.3,cold 7,wheat egg milk !cold,40 7 2 1
gnocchi,grains and pulses,potato gnocchi; gnocchi,500 packet 1.2,d.cooked=0.6 cooked=1.05,cold 30,wheat,55 0.5 1 1
egg-noodles,grains and pulses,egg noodles; medium egg noodles; fine egg noodles; dried egg noodles,250 packet 1.2,cooked=2.4,room 500,wheat egg !coolfast,10 2.5 2 0.8
rice-noodles,grains and pulses,rice noodles; rice vermicelli; flat rice noodles; rice sticks; vermicelli rice noodles,250 packet 1.4,cooked=2.4,room 700,!coolfast,12 0.6 0.1 0.2
glass-noodles,grains and pulses,glass noodles / cellophane noodles; mung bean noodles; bean thread noodles; glass vermicelli,100 packet 1.2,cooked=2.8,room 700,!coolfast,13 0.1 0 0
soba,grains and pulses,soba noodles / soba; buckwheat noodles,250 packet 2.2,cooked=2.2,room 500,wheat !coolfast,12 2 1.5 1
udon,grains and pulses,udon noodles / udon; udon noodles,200 packet 1,cooked=1.1,room 120,wheat !coolfast,65 0.5 0.5 0.5
wheat-noodles,grains and pulses,wheat noodles; somen noodles,250 packet 1.3,cooked=2.3,room 500,wheat !coolfast,10 2 2 1
rice-paper,grains and pulses,rice paper wrappers / rice paper; rice paper; rice spring roll wrappers,pc 20 packet 2,piece=9,room 700,–,12 0.5 0.5 1
popcorn,grains and pulses,popping corn; popcorn kernels; popcorn maize,500 bag 1.2,d=0.85,room 700,–,10 4 1 0
breakfast-granola,grains and pulses,granola; savoury granola,400 bag 2.6,handful=25 d=0.45,room 120,oats almond hazelnut notvegan,4 18 18 0.2
black-quinoa,grains and pulses,black quinoa,300 bag 2.6,d=0.75 cooked=2.8,room 365,!coolfast,12 6 2 0
glutinous-rice,grains and pulses,glutinous rice / sticky rice; sticky rice; sweet rice,500 bag 2,d=0.84 cooked=2,room 500,!coolfast,13 0.6 0.1 0
ground-almonds,nuts and seeds,ground almonds / almond flour; almond meal; almond flour,200 bag 2.2,d=0.42,room 180,almond,5 50 4.4 0
flaked-almonds,nuts and seeds,flaked almonds / sliced almonds; almond flakes; slivered almonds; flaked almond,150 bag 1.6,handful=20 d=0.4,room 180,almond,4 50 4.4 0
smoked-almonds,nuts and seeds,smoked almonds; salted almonds; roasted salted almonds,150 bag 2.2,handful=30 d.chopped=0.55,room 120,almond,2 52 4.5 1.2
brazil-nuts,nuts and seeds,Brazil nuts; brazils; brazil nut,150 bag 2.4,piece=4 handful=30 d.chopped=0.55,room 180,brazil-nut !choking,3 67 2.3 0
macadamias,nuts and seeds,macadamia nuts / macadamias; macadamia; macadamia nut,150 bag 3.5,piece=3 handful=30 d.chopped=0.55,room 180,macadamia-nut !choking,1.5 76 4.6 0
chestnuts,nuts and seeds,cooked peeled chestnuts / cooked chestnuts; chestnuts; vacuum-packed chestnuts,180 packet 2.4,piece=9 d.chopped=0.6,room 365,!choking,52 2 10 0
salted-peanuts,nuts and seeds,salted peanuts; roasted salted peanuts; dry-roasted peanuts,200 bag 1.1,handful=30 d=0.6 d.chopped=0.58,room 180,peanut !choking,2 50 5 1.2
raw-peanuts,nuts and seeds,raw peanuts; unroasted peanuts; blanched peanuts,300 bag 1.6,handful=30 d=0.62,room 180,peanut !choking,6 49 4.7 0
salted-cashews,nuts and seeds,salted cashews; roasted salted cashews; roasted cashews,150 bag 2,handful=30 d=0.55,room 180,cashew !choking,3 48 6 1.2
mixed-nuts,nuts and seeds,mixed nuts; unsalted mixed nuts,200 bag 2,handful=30 d.chopped=0.55,room 180,almond hazelnut walnut cashew brazil-nut peanut !choking,4 54 4.5 0
mixed-seeds,nuts and seeds,mixed seeds; seed mix; mixed salad seeds,150 bag 1.2,handful=25 d=0.6,room 180,sesame,5 48 2 0
candied-nuts,nuts and seeds,candied walnuts / candied pecans; candied nuts; caramelised nuts; caramelised walnuts; candied pecans,100 bag 2.5,handful=30 d.chopped=0.55,room 60,walnut pecan,3 45 32 0.2
flaxseed,nuts and seeds,linseed / flaxseed; flax seeds; linseeds; flaxseeds; golden linseed; ground flaxseed,250 bag 1.6,d=0.68 d.ground=0.5,room 365,–,7 42 1.6 0.1
chia,nuts and seeds,chia seeds; chia,150 bag 2,d=0.7,room 500,–,6 31 0.5 0
poppy-seeds,nuts and seeds,poppy seeds; poppyseed; poppy seed,50 jar 1,d=0.58,room 365,–,6 42 3 0
hemp-seeds,nuts and seeds,hulled hemp seeds / hemp hearts; hemp seeds; shelled hemp seeds,150 bag 3,d=0.6,room 240,–,5 49 1.5 0
black-sesame,nuts and seeds,black sesame seeds; black sesame,100 bag 1.4,d=0.62,room 365,sesame,4 50 0.3 0
desiccated-coconut,nuts and seeds,desiccated coconut / dried shredded coconut; shredded coconut; dried coconut; unsweetened coconut; desiccated unsweetened coconut,200 bag 1.2,d=0.38,room 365,sulphites,3 62 6 0.1
coconut-flakes,nuts and seeds,coconut flakes; toasted coconut flakes; coconut chips; flaked coconut,100 bag 1.8,handful=12 d=0.22,room 240,sulphites,3 62 7 0.1
coconut-butter,nuts and seeds,coconut butter; creamed coconut; coconut cream block,200 block 1.6,d=1,room 365,–,2 66 7 0.1
white-pepper,spices and seasoning,white pepper; ground white pepper; white peppercorns,40 jar 1.4,d=0.5 scaling=startLow,room 700,–,11 2 0 0
pink-pepper,spices and seasoning,pink peppercorns; pink pepper; pink peppercorn,25 jar 2,d=0.35,room 700,–,10 5 3 0
green-pepper-brine,spices and seasoning,green peppercorns in brine; green peppercorns,100 jar 2,d=0.7 drained=0.55,room 500,–,80 1 1 3
sichuan-pepper,spices and seasoning,Sichuan pepper / Sichuan peppercorns; szechuan peppercorns; szechuan pepper,25 jar 1.6,d=0.35,room 500,–,10 4 1 0
celery-salt,spices and seasoning,celery salt,90 jar 1.2,d=1 scaling=startLow,room 700,celery,1 3 0 85
celery-seeds,spices and seasoning,celery seeds; celery seed,30 jar 1,d=0.45,room 700,celery,6 25 0.7 0.4
garlic-salt,spices and seasoning,garlic salt,70 jar 1,d=1.1 scaling=startLow,room 700,–,1 0.2 1 75
onion-powder,spices and seasoning,onion powder / onion granules; onion granules; dried onion powder,45 jar 1,d=0.5,room 700,–,5 1 7 0.2
onion-salt,spices and seasoning,onion salt,70 jar 1,d=1.1 scaling=startLow,room 700,–,1 0.2 2 75
crispy-onions,spices and seasoning,crispy fried onions / french-fried onions; crispy onions; fried shallots; crispy shallots; crispy fried shallots,100 tub 1.2,handful=12 d=0.25,room 120,wheat,3 45 8 1.2
fried-garlic,spices and seasoning,crispy fried garlic / fried garlic; crispy garlic; garlic flakes,60 tub 1.4,d=0.35,room 180,–,4 30 3 0.5
smoked-salt,spices and seasoning,smoked salt; smoked sea salt,100 jar 2.4,d=1 scaling=startLow,room 1000,–,0 0 0 100
seasoned-salt,spices and seasoning,herb salt / seasoned salt; seasoned salt; herb salt; chilli salt; rock salt with herbs,100 jar 2,d=1 scaling=startLow,room 700,celery,2 1 1 85
black-salt,spices and seasoning,Himalayan black salt / kala namak; kala namak; black salt; black lava salt,100 jar 2.4,d=1.1 scaling=startLow,room 1000,–,1 0 0 98
mustard-seeds,spices and seasoning,yellow mustard seeds; mustard seeds; black mustard seeds; brown mustard seeds; mustard seed,60 jar 1,d=0.7,room 700,mustard,5 36 7 0
mustard-powder,spices and seasoning,mustard powder / dry mustard; dry mustard; ground mustard; english mustard powder; mustard flour,57 tin 1.4,d=0.45,room 700,mustard wheat,6 30 5 0
ground-coriander,spices and seasoning,ground coriander; coriander powder; ground coriander seed,40 jar 1,d=0.36,room 500,–,9 18 0 0.1
ground-ginger,spices and seasoning,ground ginger; ginger powder; dried ginger; powdered ginger,40 jar 1,d=0.36,room 500,–,10 4 3.4 0.1
ground-fennel,spices and seasoning,ground fennel; fennel powder; ground fennel seed,40 jar 1.2,d=0.4,room 500,–,9 15 0 0.2
fennel-pollen,spices and seasoning,fennel pollen,10 jar 5,d=0.3,room 500,–,9 12 0 0.1
ground-caraway,spices and seasoning,ground caraway,35 jar 1.2,d=0.42,room 500,–,10 15 0.6 0
cayenne,spices and seasoning,cayenne pepper / cayenne; cayenne; ground cayenne; ground red pepper,40 jar 1,d=0.36 scaling=startLow,room 500,–,8 17 10 0.1
chilli-powder,spices and seasoning,chilli powder / chile powder; chili powder; mild chilli powder; hot chilli powder; ground chilli,40 jar 1,d=0.5 scaling=startLow,room 500,–,9 15 8 2
dried-chillies,spices and seasoning,whole dried chillies / whole dried chiles; dried chillies; dried red chillies; dried chiles; dried chilli,25 bag 1.6,piece=2 y=0.85 scaling=startLow,room 500,!hands,9 12 20 0.1
aleppo-pepper,spices and seasoning,Aleppo pepper flakes / Aleppo-style pepper; aleppo pepper; aleppo chilli flakes; pul biber; mild chilli flakes,45 jar 2,d=0.45 scaling=startLow,room 500,–,15 14 10 5
urfa-pepper,spices and seasoning,Urfa pepper flakes / Urfa biber; urfa pepper; urfa chilli flakes; urfa chilli,45 jar 2.4,d=0.5 scaling=startLow,room 500,–,18 14 12 5
gochugaru,spices and seasoning,Korean chilli flakes / gochugaru; gochugaru; korean red pepper flakes,100 bag 2.4,d=0.4 scaling=startLow,room 365,–,10 10 20 0.2
chipotle-flakes,spices and seasoning,chipotle chilli flakes / chipotle powder; chipotle flakes; ground chipotle; chipotle powder,40 jar 1.8,d=0.45 scaling=startLow,room 500,–,10 12 12 0.2
hot-paprika,spices and seasoning,hot paprika; hot smoked paprika; hot hungarian paprika,40 jar 1.2,d=0.46 scaling=startLow,room 500,–,11 13 10 0.2
curry-powder,spices and seasoning,curry powder; mild curry powder; hot curry powder; madras curry powder; medium curry powder,80 jar 1.4,d=0.42 scaling=startLow,room 500,mustard celery,9 14 3 0.5
garam-masala,spices and seasoning,garam masala,40 jar 1,d=0.42,room 500,–,8 15 3 0.2
ground-cinnamon,spices and seasoning,ground cinnamon; cinnamon; cinnamon powder,40 jar 1,d=0.5,room 500,–,10 1.2 2 0
cinnamon-stick,spices and seasoning,cinnamon sticks; cinnamon stick; cassia bark,15 jar 1.2,piece=5 stalk=5,room 1000,–,10 1.2 2 0
nutmeg,spices and seasoning,nutmeg; whole nutmeg; ground nutmeg; grated nutmeg,25 jar 1.4,piece=6 d.ground=0.45 d.grated=0.45 y=0.95,room 1000,–,6 36 3 0
mace,spices and seasoning,mace; ground mace; mace blades,20 jar 1.8,d=0.4,room 700,–,8 32 2 0.2
cloves,spices and seasoning,whole cloves; cloves; ground cloves,25 jar 1.2,piece=0.08 d=0.45 d.ground=0.44 scaling=startLow,room 1000,–,10 13 2.4 0.7
allspice,spices and seasoning,allspice; allspice berries; ground allspice; pimento berries,35 jar 1.2,d=0.42,room 700,–,8 9 5 0.2
cardamom,spices and seasoning,cardamom pods; cardamom; green cardamom; ground cardamom; green cardamom pods,20 jar 2,piece=0.2 d.ground=0.42 y=0.7,room 700,–,8 7 2 0
black-cardamom,spices and seasoning,black cardamom; black cardamom pods,20 jar 2,piece=1 y=0.7,room 700,–,8 7 2 0
star-anise,spices and seasoning,star anise,15 jar 1.6,piece=1.5,room 1000,–,9 16 0 0
anise-seeds,spices and seasoning,aniseed / anise seeds; anise seed; aniseeds,35 jar 1.2,d=0.43,room 700,–,10 16 0 0
dill-seeds,spices and seasoning,dill seeds; dill seed,35 jar 1.2,d=0.43,room 700,–,8 15 0 0
ajwain,spices and seasoning,ajwain; carom seeds; ajwain seeds,40 jar 1.2,d=0.45,room 700,–,9 20 0 0
nigella,spices and seasoning,nigella seeds; kalonji; black onion seeds; black onion seed; nigella,40 jar 1.2,d=0.6,room 700,–,5 38 0 0.2
fenugreek-seeds,spices and seasoning,fenugreek seeds; fenugreek; ground fenugreek,50 jar 1,d=0.7,room 700,–,9 6 0 0.2
dried-fenugreek,spices and seasoning,dried fenugreek leaves; kasuri methi; methi leaves,25 bag 1,d=0.1,room 365,–,9 5 1 0.2
saffron,spices and seasoning,saffron; saffron threads; saffron strands,1 jar 4.5,d=0.15,room 700,–,12 6 0 0.4
vanilla,spices and seasoning,vanilla extract; vanilla; vanilla paste; vanilla bean paste,38 bottle 2.4,d=0.9,room 1000,–,53 0.1 13 0
vanilla-pod,spices and seasoning,vanilla pods / vanilla beans; vanilla pod; vanilla bean,pc 1 tube 2.8,piece=3,room 365,–,25 10 10 0
five-spice,spices and seasoning,five-spice powder; chinese five spice; five spice,40 jar 1.2,d=0.42,room 500,–,9 10 2 0.1
ras-el-hanout,spices and seasoning,ras el hanout,45 jar 1.8,d=0.42,room 500,–,9 10 4 0.3
baharat,spices and seasoning,baharat; seven spice; seven-spice mix,45 jar 1.8,d=0.42,room 500,–,9 10 4 0.2
berbere,spices and seasoning,berbere,45 jar 1.8,d=0.45 scaling=startLow,room 500,–,9 10 6 3
jerk-seasoning,spices and seasoning,jerk seasoning; jerk spice mix,45 jar 1.4,d=0.55 scaling=startLow,room 500,–,7 5 15 15
cajun-seasoning,spices and seasoning,Cajun seasoning; cajun spice; creole seasoning; blackening spice,45 jar 1.4,d=0.55 scaling=startLow,room 500,–,7 7 8 15
taco-seasoning,spices and seasoning,taco seasoning; fajita seasoning; mexican spice mix,35 packet 0.9,d=0.5 scaling=startLow,room 365,–,7 6 12 14
chaat-masala,spices and seasoning,chaat masala; chat masala,50 jar 1.2,d=0.5 scaling=startLow,room 500,–,8 6 5 25
zaatar,spices and seasoning,za'atar; zaatar; zahtar; za'atar spice mix,45 jar 2,d=0.4,room 365,sesame,7 25 2 5
dukkah,spices and seasoning,dukkah; dukka,55 jar 2.4,d=0.5,room 180,hazelnut sesame,4 42 3 3
furikake,spices and seasoning,furikake,45 jar 3,d=0.35,room 300,sesame fish soya wheat,5 30 15 10
shichimi,spices and seasoning,seven-spice chilli powder / shichimi togarashi; shichimi; togarashi; shichimi togarashi,15 jar 2.4,d=0.4,room 365,sesame,7 20 5 0.5
everything-seasoning,spices and seasoning,everything bagel seasoning; everything seasoning,80 jar 2.4,d=0.6,room 300,sesame,4 28 3 20
lemon-pepper,spices and seasoning,lemon pepper; lemon pepper seasoning,60 jar 1.2,d=0.6,room 500,–,6 3 10 30 citric 3
nutritional-yeast,spices and seasoning,nutritional yeast; nutritional yeast flakes; yeast flakes,125 tub 3.2,d=0.25,room 365,–,5 5 1 0.3
dried-thyme,spices and seasoning,dried thyme,15 jar 1,d=0.22,room 500,–,8 7 1.7 0.1
dried-basil,spices and seasoning,dried basil,15 jar 1,d=0.14,room 500,–,10 4 1.7 0.2
dried-dill,spices and seasoning,dried dill; dried dill weed; dill weed,12 jar 1,d=0.2,room 500,–,7 4 4 0.5
dried-parsley,spices and seasoning,dried parsley; parsley flakes,10 jar 1,d=0.1,room 500,–,6 5 7 1.1
dried-rosemary,spices and seasoning,dried rosemary,18 jar 1,d=0.22,room 500,–,9 15 1 0.1
dried-sage,spices and seasoning,dried sage; rubbed sage; ground sage,15 jar 1,d=0.14,room 500,–,8 13 1.7 0
dried-tarragon,spices and seasoning,dried tarragon,10 jar 1.2,d=0.12,room 500,–,8 7 1 0.2
dried-marjoram,spices and seasoning,dried marjoram,10 jar 1,d=0.12,room 500,–,8 7 4 0.2
dried-chives,spices and seasoning,dried chives; freeze-dried chives,5 jar 1.4,d=0.04,room 365,–,3 4 20 0.2
dried-coriander,spices and seasoning,dried coriander leaf / dried cilantro; dried coriander leaves,10 jar 1,d=0.12,room 500,–,7 5 7 0.5
mixed-herbs,spices and seasoning,dried mixed herbs / Italian seasoning; mixed herbs; italian seasoning; italian herbs; dried italian herbs,15 jar 1,d=0.16,room 500,–,8 7 2 0.2
herbes-de-provence,spices and seasoning,herbes de Provence; provencal herbs; dried provençal herbs,18 jar 1.2,d=0.18,room 500,–,8 8 2 0.2
dried-lime,spices and seasoning,dried limes; dried lime; black limes; loomi,50 bag 2,piece=8 y=0.8,room 700,–,10 3 10 0 citric 15
citric-acid,spices and seasoning,citric acid,100 tub 1.8,d=0.9,room 1000,–,0 0 0 0 citric 99
nori,spices and seasoning,nori sheets; nori; nori seaweed; sushi nori,25 packet 2,piece=2.5,room 365,–,6 3 1 1.5
wakame,spices and seasoning,dried wakame; wakame; wakame seaweed,50 packet 2.6,d=0.15 cooked=6,room 500,–,11 2 1 12
kombu,spices and seasoning,dried kombu; kombu; kelp; dried kelp,50 packet 3,piece=10,room 700,–,10 1 1 7
dulse,spices and seasoning,dried dulse; dulse,30 packet 3,d=0.1 cooked=5,room 500,–,10 2 1 6
bonito-flakes,spices and seasoning,bonito flakes; katsuobushi; dried bonito,25 packet 2.4,handful=3 d=0.04,room 365,fish,12 3 0 0.8
dried-mushrooms,spices and seasoning,dried porcini / dried mushrooms; dried mushrooms; porcini; dried wild mushrooms; dried porcini mushrooms; porcini; dried porcini; dried ceps,25 packet 2.4,d=0.15 y=0.95 cooked=4,room 500,–,10 3 6 0.1
dried-shiitake,spices and seasoning,dried shiitake mushrooms; dried shiitake,30 packet 2,piece=4 y=0.9 cooked=4,room 500,–,10 1 2.2 0
dried-tomatoes,spices and seasoning,dry-packed dried tomatoes / dry-packed sun-dried tomatoes; dry sun-dried tomatoes; dry-packed sun dried tomatoes,100 bag 2.2,piece=4 d.chopped=0.4 cooked=2,room 300,sulphites,15 3 38 5 citric 4
semi-dried-tomatoes,spices and seasoning,semi-dried tomatoes; sun-blush tomatoes; slow-roasted tomatoes in oil; semi-dried tomatoes in oil,150 tub 2.6,piece=8 drained=0.7,cold 7,sulphites,62 14 9 1.8 citric 0.8
ancho,spices and seasoning,dried ancho chillies / dried ancho chiles; ancho chillies; ancho chiles; ancho chilli; ancho chile,40 bag 2.4,piece=15 y=0.85 scaling=startLow,room 500,!hands,22 8 40 0.1
icing-sugar,baking and sweet,icing sugar / powdered sugar; confectioners' sugar; powdered sugar,500 box 1.2,d=0.56,room 700,–,0.5 0 99 0
demerara-sugar,baking and sweet,demerara sugar / turbinado sugar; turbinado sugar; raw sugar; raw cane sugar,500 bag 1.3,d=0.85,room 700,–,1 0 99 0
dark-brown-sugar,baking and sweet,dark brown sugar; dark muscovado sugar; muscovado sugar; dark soft brown sugar; molasses sugar,500 bag 1.5,d=0.85 d.packed=0.95,room 700,–,2 0 96 0.1
palm-sugar,baking and sweet,palm sugar; jaggery; coconut palm sugar; gula melaka,200 tub 1.8,d=0.8,room 500,–,3 0 92 0.2
coconut-sugar,baking and sweet,coconut sugar,250 bag 2.4,d=0.75,room 700,–,2 0.3 94 0.5
vanilla-sugar,baking and sweet,vanilla sugar,100 packet 1.2,d=0.85,room 700,–,0.5 0 99 0
sweetener,baking and sweet,granulated sweetener; sugar substitute; erythritol,75 jar 2.2,d=0.6,room 700,–,1 0 0 0
set-honey,baking and sweet,set honey / creamed honey; creamed honey; thick honey,340 jar 3,d=1.4,room 700,notvegan !honey,17 0 80 0
agave,baking and sweet,agave syrup / agave nectar; agave; light agave syrup,250 bottle 2.4,d=1.35,room 700,–,23 0 70 0
golden-syrup,baking and sweet,golden syrup; cane syrup,454 tin 1.4,d=1.42,room 700,–,20 0 79 0.3
treacle,baking and sweet,black treacle / molasses; molasses; treacle; blackstrap molasses,454 tin 1.5,d=1.42,room 700,–,25 0 64 0.3
date-syrup,baking and sweet,date syrup; date molasses; silan,250 bottle 2.2,d=1.38,room 500,–,25 0.1 70 0.1
date-paste,baking and sweet,date paste,250 tub 2.2,d=1.2,cold 60,–,25 0.3 60 0
grape-molasses,baking and sweet,grape molasses; grape syrup; saba; vincotto,250 bottle 4,d=1.35,room 500,–,28 0 65 0.1 citric 0.8
carob-syrup,baking and sweet,carob molasses; carob syrup,250 bottle 3.5,d=1.35,room 500,–,28 0 62 0.1
rice-syrup,baking and sweet,brown rice syrup; rice syrup; rice malt syrup,350 bottle 2.8,d=1.4,room 500,–,22 0 55 0.1
glucose-syrup,baking and sweet,corn syrup; glucose syrup; light corn syrup; liquid glucose,325 tub 1.8,d=1.4,room 700,–,22 0 45 0.1
malt-extract,baking and sweet,barley malt extract / barley malt syrup; malt extract; malt syrup,340 jar 2,d=1.4,room 500,barley,20 0 63 0.2
apricot-jam,baking and sweet,apricot jam; apricot preserve,340 jar 1.4,d=1.3,room 365,–,34 0.1 62 0.1 citric 0.8
marmalade,baking and sweet,orange marmalade; marmalade,340 jar 1.4,d=1.3,room 365,–,36 0 61 0.1 citric 0.8
lemon-curd,baking and sweet,lemon curd,320 jar 1.4,d=1.2,cold 30 room 300,egg milk,35 8 50 0.2 citric 1
chilli-jam,baking and sweet,chilli jam / pepper jelly; chilli jam; chili jam; hot pepper jelly,240 jar 2.4,d=1.3,room 365,–,38 0.2 57 0.5 acetic 0.6
wholemeal-flour,baking and sweet,wholemeal flour / whole-wheat flour; whole wheat flour; wholewheat flour,1500 bag 1.4,d=0.52,room 180,wheat,13 2 1.5 0
strong-flour,baking and sweet,strong white flour / bread flour; bread flour; strong flour; strong bread flour,1500 bag 1.3,d=0.55,room 300,wheat,13 1.2 0.8 0
self-raising-flour,baking and sweet,self-raising flour / self-rising flour; self rising flour,1500 bag 0.9,d=0.53,room 240,wheat,13 1.2 1 0.8
rye-flour,baking and sweet,rye flour; dark rye flour,1000 bag 1.6,d=0.5,room 180,rye,13 1.7 1.2 0
spelt-flour,baking and sweet,spelt flour; white spelt flour,1000 bag 2.2,d=0.52,room 180,wheat,13 2 1.2 0
oat-flour,baking and sweet,oat flour,500 bag 2,d=0.42,room 120,oats,9 7 1 0
gram-flour,baking and sweet,chickpea flour / gram flour; gram flour; besan; garbanzo flour,500 bag 1.3,d=0.4,room 240,–,10 6 4 0.1
rice-flour,baking and sweet,rice flour; ground rice; brown rice flour,500 bag 1.2,d=0.6,room 365,–,12 1.4 0.2 0
buckwheat-flour,baking and sweet,buckwheat flour,500 bag 2,d=0.5,room 180,–,12 3 1.5 0
coconut-flour,baking and sweet,coconut flour,500 bag 2.6,d=0.45,room 240,–,5 13 10 0.1
lupin-flour,baking and sweet,lupin flour; lupin meal,400 bag 3,d=0.42,room 240,lupin,8 9 2 0.1
soya-flour,baking and sweet,soya flour / soy flour; soy flour,400 bag 2,d=0.42,room 180,soya,6 21 6 0
maize-flour,baking and sweet,masa harina / masa; masa harina; maize flour,1000 bag 3,d=0.5,room 300,–,10 4 1 0
gluten-free-flour,baking and sweet,gluten-free flour; gluten-free plain flour; gluten-free flour blend,1000 bag 1.8,d=0.56,room 300,–,12 1 0.5 0
potato-starch,baking and sweet,potato starch; potato flour,250 bag 1.6,d=0.65,room 500,–,17 0.1 0 0
tapioca-starch,baking and sweet,tapioca starch / tapioca flour; tapioca flour; cassava starch,500 bag 2,d=0.6,room 500,–,12 0 1 0
arrowroot,baking and sweet,arrowroot; arrowroot powder,110 tub 1.4,d=0.55,room 700,–,11 0.1 0 0
xanthan-gum,baking and sweet,xanthan gum; xanthan,100 tub 3.4,d=0.6,room 700,–,10 0 0 0.5
agar,baking and sweet,agar-agar flakes / agar-agar; agar agar; agar powder; agar flakes,28 packet 2.6,d=0.4,room 700,–,9 0.3 0 0.3
baking-powder,baking and sweet,baking powder,170 tub 1.2,d=0.9,room 365,–,5 0 0 25
bicarbonate,baking and sweet,bicarbonate of soda / baking soda; baking soda; bicarb; bicarbonate,200 tub 0.9,d=1.1,room 700,–,0 0 0 0
yeast,baking and sweet,fast-action dried yeast / instant yeast; dried yeast; yeast; instant yeast; active dry yeast,56 packet 1.2,d=0.65,room 365,–,6 7 0 0.2
cocoa,baking and sweet,cocoa powder; unsweetened cocoa; cocoa; cacao powder,250 tub 2.4,d=0.45,room 500,–,3 14 1.8 0.1
dark-chocolate,baking and sweet,dark chocolate; bittersweet chocolate; plain chocolate,100 bar 1.2,d.chopped=0.65,room 300,soya milk,1 42 30 0
white-chocolate,baking and sweet,white chocolate,100 bar 1.2,d.chopped=0.65,room 240,milk soya,1 32 59 0.2
marshmallow,baking and sweet,marshmallows; mini marshmallows,150 bag 1,–,room 240,meat,16 0.2 68 0.1
crystallised-ginger,baking and sweet,crystallised ginger / candied ginger; candied ginger; stem ginger in syrup; stem ginger,200 jar 2,piece=15 d.chopped=0.75,room 500,–,20 0.2 70 0.1
candied-peel,baking and sweet,candied peel; mixed peel; candied citrus peel,100 tub 1.2,d=0.65,room 240,sulphites,20 0.3 70 0.2
raspberry-jam,baking and sweet,raspberry jam; raspberry preserve,340 jar 1.4,d=1.3,room 365,–,34 0.1 62 0.1 citric 0.9
strawberry-jam,baking and sweet,strawberry jam; strawberry preserve,340 jar 1.4,d=1.3,room 365,–,34 0.1 62 0.1 citric 0.8
fig-jam,baking and sweet,fig jam; fig preserve,340 jar 2,d=1.3,room 365,–,36 0.2 60 0.1 citric 0.6
zander,fish and meat,zander fillets; zander; pikeperch; walleye; walleye fillets; zander fillet,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
pike,fish and meat,pike fillets; pike; northern pike,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
perch,fish and meat,perch fillets; perch; lake perch,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
tilapia,fish and meat,tilapia fillets; tilapia; tilapia fillet,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
basa,fish and meat,basa fillets; basa; pangasius; river cobbler; swai,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
barramundi,fish and meat,barramundi fillets; barramundi,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
grouper,fish and meat,grouper fillets; grouper,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
lingcod,fish and meat,lingcod fillets; lingcod,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
rockfish,fish and meat,rockfish fillets; rockfish,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
catfish,fish and meat,catfish fillets; catfish,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
carp,fish and meat,carp fillets; carp,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
whiting,fish and meat,whiting fillets; whiting,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
coley,fish and meat,coley fillets; coalfish,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
pouting,fish and meat,pouting fillets; pouting; pout; bib,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
gurnard,fish and meat,gurnard fillets; gurnard,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
john-dory,fish and meat,john dory fillets; john dory,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
skate,fish and meat,skate wings; skate; skate wing; ray wing; ray wings,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
kingfish,fish and meat,kingfish fillets; kingfish,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,70 8 0 0.2
mahi-mahi,fish and meat,mahi mahi fillets; mahi mahi; mahi-mahi; dorado,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
whitebait,fish and meat,whitebait,250 pack 4,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,74 8 0 0.4
smelt,fish and meat,smelts; smelt,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 3 0 0.3
sprats,fish and meat,fresh sprats; sprats,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,70 12 0 0.3
sild,fish and meat,fresh sild; sild,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,70 12 0 0.3
dover-sole,fish and meat,whole dover sole,100 loose 28,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
lemon-sole,fish and meat,lemon sole fillets,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
brill,fish and meat,brill fillets; brill,100 loose 26,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
megrim,fish and meat,megrim fillets; megrim; cornish sole,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,78 1.5 0 0.2
fresh-cod-roe,fish and meat,fresh cod roe; cod roe,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,70 8 0 0.4
albacore,fish and meat,albacore steaks; albacore; albacore tuna,100 loose 24,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,70 6 0 0.2
bonito,fish and meat,bonito fillets; bonito,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,70 6 0 0.2
spanish-mackerel,fish and meat,spanish mackerel fillets; spanish mackerel,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,70 8 0 0.2
milkfish,fish and meat,milkfish; bangus,300 pack 6,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,70 8 0 0.2
butterfish,fish and meat,butterfish fillets; butterfish; black cod; sablefish,100 loose 38,piece=150 y=1 y.cooked=0.85,cold 2,fish !raw !cold,68 15 0 0.2
salmon-roe,fish and meat,ikura; salmon caviar,100 jar 12,d=1.05 y=1,cold 7,fish !cold,55 14 2 3
tobiko,fish and meat,flying fish roe,100 jar 8,d=1.05 y=1,cold 7,fish soya !cold,70 5 6 4
smoked-sturgeon,fish and meat,smoked sturgeon,100 packet 4,d.flaked=0.6 y=1,cold 5,fish !cold,66 8 0 2.5
smoked-halibut,fish and meat,smoked halibut,100 packet 4,d.flaked=0.6 y=1,cold 5,fish !cold,62 12 0 2.5
smoked-cod-roe,fish and meat,smoked cod roe,100 packet 4,d.flaked=0.6 y=1,cold 5,fish !cold,62 8 0 3.5
gravlax,fish and meat,gravlax; gravadlax; cured salmon; dill-cured salmon,100 packet 4,d.flaked=0.6 y=1,cold 5,fish !cold,62 12 3 3
smoked-tuna,fish and meat,smoked tuna,100 packet 4,d.flaked=0.6 y=1,cold 5,fish !cold,68 3 0 2.5
rollmops,fish and meat,rollmop herrings; soused herring,300 jar 3,d.flaked=0.6 y=1,cold 21,fish !cold,62 10 6 2.5 acetic 1.2
matjes,fish and meat,matjes herring; matjes; soused matjes,200 pack 4,d.flaked=0.6 y=1,cold 5,fish !cold,60 17 2 4
surstromming,fish and meat,fermented herring,300 tin 9,d.flaked=0.6 y=1,cold 5,fish !cold,68 8 0 6
dried-anchovies,fish and meat,dried anchovies; ikan bilis; dried baby anchovies,100 packet 3,d=0.2 y=1,room 180,fish,18 6 0 10
dried-shrimps,fish and meat,dried shrimp / dried shrimp; dried shrimps; dried prawns; camarones secos,100 packet 4,d=0.35 y=1,cold 120,crustaceans,20 2 0 8
stockfish,fish and meat,stockfish; dried cod,500 pack 16,y=1 cooked=2.2,room 365,fish,15 2 0 2
cuttlefish,fish and meat,cuttlefish; cleaned cuttlefish; sepia,100 loose 16,y=1 y.cooked=0.8,cold 2,molluscs !raw !cold,80 1.5 1 0.7
baby-squid,fish and meat,chipirones; small squid,100 loose 16,y=1 y.cooked=0.8,cold 2,molluscs !raw !cold,80 1.5 1 0.7
baby-octopus,fish and meat,baby octopus; moscardini,100 loose 16,y=1 y.cooked=0.8,cold 2,molluscs !raw !cold,80 1.5 1 0.7
abalone,fish and meat,abalone,100 loose 60,y=1 y.cooked=0.8,cold 2,molluscs !raw !cold,80 1.5 1 0.7
periwinkles,fish and meat,periwinkles,100 loose 16,y=0.25,cold 2,molluscs !raw !cold,80 1.5 1 0.7
palourdes,fish and meat,surf clams; palourdes; carpet shell clams; vongole,100 loose 16,y=0.2,cold 2,molluscs !raw !cold,80 1.5 1 0.7
queen-scallops,fish and meat,queenies,100 loose 16,y=1 y.cooked=0.8,cold 2,molluscs !raw !cold,80 1.5 1 0.7
smoked-mussels,fish and meat,smoked mussels; tinned smoked mussels,85 tin 2,y=1 y.cooked=0.8,room 700,molluscs,66 10 3 1.5
smoked-oysters,fish and meat,smoked oysters; tinned smoked oysters,85 tin 2.5,y=1 y.cooked=0.8,room 700,molluscs,62 12 5 1.2
cooked-mussels,fish and meat,cooked mussels; cooked mussel meat,200 pack 4,y=1 y.cooked=0.8,cold 2,molluscs !cold,80 1.5 1 0.7
seafood-mix,fish and meat,seafood mix; seafood cocktail; frozen seafood mix,400 bag 6,y=1 y.cooked=0.8,cold 2,fish crustaceans molluscs !cold,80 1.5 1 0.7
rock-shrimp,fish and meat,rock shrimp; rock prawns,100 loose 24,y=1 y.cooked=0.8,cold 2,crustaceans !raw !cold,78 1.2 0 0.7
spot-prawns,fish and meat,red prawns; carabineros; gambas rojas,100 loose 40,y=1 y.cooked=0.8,cold 2,crustaceans !raw !cold,78 1.2 0 0.7
cooked-king-prawns,fish and meat,cooked tiger prawns; cooked king prawns,150 packet 4,y=1 y.cooked=0.8,cold 2,crustaceans !cold,78 1.2 0 0.7
king-crab,fish and meat,king crab legs; king crab,100 loose 60,y=0.5,cold 2,crustaceans !raw !cold,78 1.2 0 0.7
dressed-crab,fish and meat,dressed crab,pc 1 – 7,piece=180 y=0.9,cold 2,crustaceans !cold,78 1.2 0 0.7
soft-shell-crab,fish and meat,soft-shell crab; soft shell crab; soft-shell crabs,pc 2 pack 9,piece=90 y=1,cold 2,crustaceans !raw !cold,78 1.2 0 0.7
cooked-lobster,fish and meat,cooked lobster tail; cooked lobster meat,100 loose 24,y=1 y.cooked=0.8,cold 2,crustaceans !cold,78 1.2 0 0.7
cooked-crayfish,fish and meat,cooked crayfish tails,120 packet 3.5,y=1 y.cooked=0.8,cold 2,crustaceans !cold,78 1.2 0 0.7
chicken-wings,fish and meat,chicken wings; wings; chicken wing,1000 pack 3.8,piece=90 y=0.6 y.cooked=0.45,cold 2,meat !raw !cold,68 12 0 0.2
poussin,fish and meat,poussins; poussin; spring chicken; cornish hen; cornish game hen,pc 1 – 4.5,piece=450 y=0.65 y.cooked=0.5,cold 2,meat !raw !cold,72 6 0 0.2
chicken-skin,fish and meat,chicken skin,250 pack 1.5,y=1 y.cooked=0.35,cold 2,meat !raw !cold,50 35 0 0.2
chicken-hearts,fish and meat,chicken hearts,400 pack 2,y=1 y.cooked=0.72,cold 2,meat !raw !cold,72 6 0 0.2
turkey-breast,fish and meat,turkey escalopes,400 pack 4.5,y=1 y.cooked=0.72,cold 2,meat !raw !cold,74 2 0 0.2
pheasant,fish and meat,pheasant breasts; pheasant; pheasant breast,300 pack 6,y=1 y.cooked=0.72,cold 2,meat !raw !cold,72 4 0 0.1
partridge,fish and meat,partridge; partridges,pc 1 – 5,piece=350 y=0.6 y.cooked=0.48,cold 2,meat !raw !cold,72 6 0 0.2
pigeon,fish and meat,pigeon breasts; pigeon; wood pigeon; squab,250 pack 5,y=1 y.cooked=0.72,cold 2,meat !raw !cold,70 4 0 0.1
grouse,fish and meat,grouse,pc 1 – 9,piece=350 y=0.6 y.cooked=0.48,cold 2,meat !raw !cold,72 6 0 0.2
ostrich,fish and meat,ostrich steaks; ostrich; ostrich fillet,300 pack 8,y=1 y.cooked=0.72,cold 2,meat !raw !cold,74 2 0 0.1
veal,fish and meat,veal escalopes; veal; veal escalope; veal topside,300 pack 8,y=1 y.cooked=0.72,cold 2,meat !raw !cold,73 4 0 0.2
beef-fillet,fish and meat,beef fillet; fillet steak; beef tenderloin; filet mignon,100 loose 42,y=1 y.cooked=0.72,cold 2,meat !raw !cold,70 8 0 0.1
beef-sirloin,fish and meat,sirloin; strip steak; new york strip,100 loose 26,y=1 y.cooked=0.72,cold 2,meat !raw !cold,66 13 0 0.1
flank-steak,fish and meat,flank steak; bavette,100 loose 16,y=1 y.cooked=0.72,cold 2,meat !raw !cold,70 9 0 0.1
ribeye,fish and meat,ribeye steak; rib-eye; ribeye; rib eye steak,100 loose 28,y=1 y.cooked=0.72,cold 2,meat !raw !cold,62 20 0 0.1
beef-brisket,fish and meat,beef brisket; brisket,100 loose 11,y=1 y.cooked=0.72,cold 2,meat !raw !cold,62 20 0 0.2
beef-shin,fish and meat,beef shin; shin of beef,100 loose 11,y=1 y.cooked=0.72,cold 2,meat !raw !cold,70 8 0 0.2
oxtail,fish and meat,oxtail,100 loose 11,y=0.5,cold 2,meat !raw !cold,60 20 0 0.2
ox-tongue,fish and meat,cooked tongue; ox tongue; beef tongue,150 packet 3,y=1 y.cooked=0.72,cold 2,meat !raw !cold,60 16 0 1.5
carpaccio,fish and meat,beef carpaccio; carpaccio,100 packet 5,y=1 y.cooked=0.72,cold 2,meat !raw !cold,72 5 0 0.3
lamb-leg,fish and meat,leg of lamb; lamb leg; lamb leg joint; butterflied leg of lamb,100 loose 15,y=1 y.cooked=0.72,cold 2,meat !raw !cold,68 12 0 0.2
lamb-shoulder,fish and meat,lamb shoulder; shoulder of lamb,100 loose 12,y=1 y.cooked=0.72,cold 2,meat !raw !cold,62 18 0 0.2
lamb-chops,fish and meat,lamb chops; lamb cutlets,100 loose 20,piece=110 y=0.7,cold 2,meat !raw !cold,60 20 0 0.2
lamb-neck,fish and meat,lamb neck fillet; lamb neck,100 loose 14,y=1 y.cooked=0.72,cold 2,meat !raw !cold,64 16 0 0.2
mutton,fish and meat,mutton,100 loose 13,y=1 y.cooked=0.72,cold 2,meat !raw !cold,64 16 0 0.2
goat-meat,fish and meat,goat meat; goat; kid; diced goat; cabrito,100 loose 14,y=1 y.cooked=0.72,cold 2,meat !raw !cold,74 3 0 0.2
bison,fish and meat,bison steaks; bison; buffalo steak,100 loose 28,y=1 y.cooked=0.72,cold 2,meat !raw !cold,73 3 0 0.1
hare,fish and meat,hare; saddle of hare,100 loose 14,y=1 y.cooked=0.72,cold 2,meat !raw !cold,74 2.5 0 0.1
kangaroo,fish and meat,kangaroo steaks; kangaroo,300 pack 7,y=1 y.cooked=0.72,cold 2,meat !raw !cold,75 1.5 0 0.1
calf-liver,fish and meat,calf's liver; calves' liver; veal liver,200 pack 5,y=1 y.cooked=0.72,cold 2,meat !raw !cold,70 4 4 0.2
lamb-liver,fish and meat,lamb's liver; lambs' liver; lamb liver,300 pack 2,y=1 y.cooked=0.72,cold 2,meat !raw !cold,70 5 3 0.2
lamb-kidneys,fish and meat,lamb's kidneys; lambs' kidneys; kidneys,200 pack 2,y=1 y.cooked=0.72,cold 2,meat !raw !cold,78 3 0 0.4
duck-livers,fish and meat,duck livers; duck liver,250 pack 3,y=1 y.cooked=0.72,cold 2,meat !raw !cold,72 6 0 0.2
veal-mince,fish and meat,minced veal / ground veal; veal mince,400 pack 6,y=1 y.cooked=0.72,cold 2,meat !raw !cold,70 9 0 0.2
minced-venison,fish and meat,minced venison / ground venison; venison mince,400 pack 5,y=1 y.cooked=0.72,cold 2,meat !raw !cold,73 5 0 0.2
minced-duck,fish and meat,minced duck / ground duck; duck mince,400 pack 7,y=1 y.cooked=0.72,cold 2,meat !raw !cold,62 18 0 0.2
beef-burgers,fish and meat,beef burgers; burgers; beef patties; hamburgers,454 pack 4,piece=114 y=1 y.cooked=0.75,cold 2,meat !raw !cold,60 18 1 1
beef-meatballs,fish and meat,beef meatballs; meatballs,350 pack 3.5,y=1 y.cooked=0.72,cold 2,meat wheat !raw !cold,60 16 2 1.2
beef-jerky,fish and meat,beef jerky; biltong,50 packet 3,y=1,room 90,meat soya wheat,25 6 12 5
confit-duck,fish and meat,duck confit; confit duck,400 pack 9,piece=200 y=0.6,cold 30,meat !cold,55 22 0 1.2
foie-gras,fish and meat,foie gras; duck foie gras,100 jar 12,y=1 y.cooked=0.72,cold 14,meat !cold,38 45 2 1.2
chicken-liver-pate,fish and meat,chicken liver pâté; chicken liver parfait; liver pâté,170 tub 2,d=1 y=1,cold 3,meat milk !cold,55 28 2 1.4
roast-chicken,fish and meat,shredded roast chicken,450 pack 5,d.shredded=0.5 d.diced=0.6 y=0.95,cold 2,meat !cold,65 8 0 0.6
smoked-chicken,fish and meat,smoked chicken; smoked chicken breast,200 pack 4,d.sliced=0.5 y=1,cold 4,meat !cold,68 4 1 2
smoked-turkey,fish and meat,smoked turkey; smoked turkey breast,150 packet 3,y=1 y.cooked=0.72,cold 4,meat !cold,72 2 1 2
smoked-venison,fish and meat,smoked venison,100 packet 6,y=1 y.cooked=0.72,cold 10,meat !cold,60 4 0 3.5
doner-meat,fish and meat,doner meat,400 pack 5,y=1 y.cooked=0.72,cold 2,meat !raw !cold,58 18 2 1.6
pork-belly,fish and meat,pork belly; belly pork; pork belly slices,100 loose 9,y=1 y.cooked=0.75,cold 2,pork !raw !cold,50 35 0 0.2
pork-shoulder,fish and meat,pork shoulder; shoulder of pork,100 loose 7,y=1 y.cooked=0.75,cold 2,pork !raw !cold,64 16 0 0.2
pork-chops,fish and meat,pork chops; pork loin steaks; pork loin; pork chop,450 pack 5,piece=200 y=0.85,cold 2,pork !raw !cold,66 12 0 0.2
pork-ribs,fish and meat,pork ribs; spare ribs; baby back ribs,100 loose 8,y=0.5,cold 2,pork !raw !cold,66 12 0 0.2
pork-cheeks,fish and meat,pork cheeks; pig's cheeks,100 loose 9,y=1 y.cooked=0.75,cold 2,pork !raw !cold,66 12 0 0.2
wild-boar,fish and meat,wild boar; wild boar steaks; boar,300 pack 9,y=1 y.cooked=0.75,cold 2,pork !raw !cold,72 4 0 0.2
gammon,fish and meat,gammon steaks; gammon; gammon joint; ham steak,250 pack 3,y=1 y.cooked=0.75,cold 2,pork !raw !cold,66 9 0 3
sausage-meat,fish and meat,sausage meat / sausage meat; pork sausage meat; bulk sausage,300 pack 4,y=1 y.cooked=0.75,cold 2,pork wheat sulphites !raw !cold,55 22 2 1.6
italian-sausage,fish and meat,italian sausages / italian sausage; salsiccia; fennel sausages,300 pack 4,y=1 y.cooked=0.75,cold 2,pork sulphites !raw !cold,55 24 1 1.8
bratwurst,fish and meat,bratwurst; bratwursts,300 pack 4,y=1 y.cooked=0.75,cold 2,pork !raw !cold,55 25 1 1.8
toulouse-sausage,fish and meat,toulouse sausages; toulouse sausage,300 pack 4,y=1 y.cooked=0.75,cold 2,pork sulphites !raw !cold,55 24 1 1.8
lap-cheong,fish and meat,chinese sausage; lap cheong; lap xuong,300 pack 4,y=1 y.cooked=0.75,cold 30,pork soya !cold,28 40 15 4
cooking-chorizo,fish and meat,cooking chorizo; fresh chorizo; raw chorizo,300 pack 4,y=1 y.cooked=0.75,cold 2,pork !raw !cold,48 32 2 2.5
mexican-chorizo,fish and meat,mexican chorizo; chorizo verde,300 pack 4,y=1 y.cooked=0.75,cold 2,pork !raw !cold,52 28 2 2
andouille,fish and meat,andouille; andouille sausage,300 pack 4,y=1 y.cooked=0.75,cold 10,pork !cold,55 22 2 2
kielbasa,fish and meat,kielbasa; polish sausage,300 pack 4,y=1 y.cooked=0.75,cold 14,pork !cold,55 25 1 2.2
frankfurters,fish and meat,frankfurters; hot dogs; wieners; frankfurter,300 pack 4,piece=45 y=1,cold 14,pork !cold,58 24 1 2
saucisson,fish and meat,saucisson; saucisson sec; dry sausage; fuet,300 pack 4,slice=6 y=1,cold 30 room 30,pork !cold,30 35 1 4.5
coppa,fish and meat,coppa; capicola; capocollo,80 packet 2.8,slice=8 y=1,cold 14,pork !cold,45 25 0 4.5
speck,fish and meat,speck; juniper-smoked ham,80 packet 2.8,slice=10 y=1,cold 14,pork !cold,45 20 0 4.5
lardo,fish and meat,lardo,80 packet 3.5,y=1 y.cooked=0.75,cold 30,pork !cold,10 85 0 3
guanciale,fish and meat,guanciale; cured pork cheek,150 pack 4.5,y=1 y.cooked=0.75,cold 30,pork !raw !cold,22 65 0 4
iberico-ham,fish and meat,ibérico ham; jamón ibérico; iberico ham; iberian ham,80 packet 7,slice=10 y=1,cold 14,pork !cold,45 22 0 4
bayonne-ham,fish and meat,bayonne ham,80 packet 2.8,slice=12 y=1,cold 14,pork !cold,52 14 0 5
soppressata,fish and meat,soppressata,80 packet 2.8,slice=6 y=1,cold 14,pork !cold,38 32 1 4
pepperoni,fish and meat,pepperoni,70 packet 1.8,slice=3 y=1,cold 14,pork !cold,32 40 1 4
lonza,fish and meat,lonza; cured pork loin; lomo,80 packet 3.5,slice=8 y=1,cold 14,pork !cold,52 10 0 5
ham-hock,fish and meat,ham hock; cooked ham hock; shredded ham hock; ham hough,180 pack 3,y=1 y.cooked=0.75,cold 4,pork !cold,68 8 1 2.4
pork-scratchings,fish and meat,pork scratchings / pork rinds; pork rinds; chicharrón; chicharron; pork crackling,70 packet 1.5,y=1 y.cooked=0.75,room 60,pork,4 45 0 3
rillettes,fish and meat,pork rillettes; rillettes,180 jar 3.5,d=0.95 y=1,cold 5,pork !cold,40 45 1 1.6
pate,fish and meat,pork pâté; pâté de campagne; coarse pâté,170 pack 2.2,y=1 y.cooked=0.75,cold 4,pork egg milk !cold,52 28 2 1.7
haggis,fish and meat,haggis,454 pack 4,y=1 y.cooked=0.75,cold 7,meat oats !cold,52 20 2 1.6
veggie-haggis,fish and meat,vegetarian haggis,454 pack 3.5,y=1 y.cooked=0.75,cold 7,oats,58 10 3 1.4
red-leicester,dairy and eggs,red leicester; red leicester cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,38 32 0.5 1.7
double-gloucester,dairy and eggs,double gloucester,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,38 32 0.5 1.7
wensleydale,dairy and eggs,wensleydale; wensleydale cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,42 31 0.5 1.6
lancashire-cheese,dairy and eggs,lancashire cheese; creamy lancashire; crumbly lancashire,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,38 32 0.5 1.7
cheshire-cheese,dairy and eggs,cheshire cheese; cheshire,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,38 32 0.5 1.7
caerphilly,dairy and eggs,caerphilly; caerphilly cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,42 31 0.5 1.6
monterey-jack,dairy and eggs,monterey jack; jack cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,41 30 0.5 1.6
colby,dairy and eggs,colby; colby cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,38 32 0.5 1.7
grana-padano,dairy and eggs,grana padano,150 wedge 3,d.grated=0.35 d.shaved=0.3 y=0.94,cold 30,milk rennet,32 28 0 1.6
asiago,dairy and eggs,asiago; asiago cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet,34 31 0 1.9
fontina,dairy and eggs,fontina; fontina cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet,40 31 0.5 1.6
caciocavallo,dairy and eggs,caciocavallo,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet,42 28 0.5 1.8
idiazabal,dairy and eggs,idiazábal; idiazabal cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet,34 36 0.3 1.8
mahon,dairy and eggs,mahón; mahon cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet,36 34 0.3 2.2
raclette-cheese,dairy and eggs,raclette cheese; raclette,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet,42 29 0.3 1.8
appenzeller,dairy and eggs,appenzeller,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet,40 31 0.3 1.6
mimolette,dairy and eggs,mimolette,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet,34 32 0 2
maasdam,dairy and eggs,maasdam,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,40 28 0.3 1.2
kashkaval,dairy and eggs,kashkaval,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,38 30 0.3 2.4
manouri,dairy and eggs,manouri,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 10,milk,45 37 1 0.8
nabulsi-cheese,dairy and eggs,nabulsi cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,48 24 1 4
shanklish,dairy and eggs,shanklish; shanklish cheese,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,44 22 1 4
oaxaca-cheese,dairy and eggs,oaxaca cheese; queso oaxaca,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,46 24 1 1.5
queso-panela,dairy and eggs,panela cheese; queso panela,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 10,milk,56 20 2 1.2
muenster,dairy and eggs,muenster,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,42 30 0.5 1.6
port-salut,dairy and eggs,port salut,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet,46 26 0.5 1.5
epoisses,dairy and eggs,époisses; epoisses,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet !softcheese,46 27 0.3 2
reblochon,dairy and eggs,reblochon,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet !softcheese,46 27 0.3 1.5
coulommiers,dairy and eggs,coulommiers,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet !softcheese,48 30 0.5 1.5
chevre-log,dairy and eggs,goat's cheese log; chèvre log; chevre; bûche de chèvre; goat cheese log,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 10,milk,55 24 1 1.2
cambozola,dairy and eggs,cambozola,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk !softcheese,42 38 0.5 1.8
dolcelatte,dairy and eggs,dolcelatte; gorgonzola dolce,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet !softcheese,45 32 0.5 2
cabrales,dairy and eggs,cabrales,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet !softcheese,42 32 0.5 3
bleu-dauvergne,dairy and eggs,bleu d'auvergne,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk rennet !softcheese,44 30 0.5 2.6
shropshire-blue,dairy and eggs,shropshire blue,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk !softcheese,38 35 0.3 2
bocconcini,dairy and eggs,baby mozzarella balls; ciliegine,150 tub 1.8,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 7,milk,60 18 1 0.5
stracciatella,dairy and eggs,stracciatella cheese; stracciatella di bufala,150 tub 3.5,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 4,milk,62 20 2 0.6
petit-suisse,dairy and eggs,petit suisse; petits suisses,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 7,milk,75 9 3 0.1
garlic-and-herb-cheese,dairy and eggs,garlic and herb cheese; soft garlic cheese,150 wedge 3,d=1 y=1,cold 10,milk,52 38 3 1.4
processed-cheese,dairy and eggs,processed cheese slices; american cheese; cheese slices,150 wedge 3,slice=20 y=1,cold 30,milk,45 25 6 2.6
cheese-curds,dairy and eggs,cheese curds,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 7,milk,40 31 1 1.5
vintage-cheddar,dairy and eggs,vintage cheddar,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 21,milk,36 35 0.1 1.8
smoked-mozzarella,dairy and eggs,smoked mozzarella; smoked provola,150 wedge 3,d.grated=0.4 d.crumbled=0.5 y=0.95,cold 14,milk,50 23 1 1.5
kaymak,dairy and eggs,kajmak,200 tub 3,d=1 y=1,cold 7,milk !cold,35 58 3 0.1
mexican-crema,dairy and eggs,mexican crema; crema mexicana; crema agria; crema,ml 300 pot 1.2,d=1 y=1,cold 7,milk !cold,70 22 4 0.5
smetana,dairy and eggs,smetana; smetana sour cream,ml 300 pot 1.2,d=1 y=1,cold 7,milk !cold,70 22 3 0.1
filmjolk,dairy and eggs,filmjölk,ml 500 carton 1.4,d=1 y=1,cold 7,milk !cold,89 3 4 0.2
skyr-drink,dairy and eggs,drinking yoghurt; yoghurt drink,ml 500 bottle 1.5,d=1 y=1,cold 7,milk !cold,86 2 8 0.1
whole-milk,dairy and eggs,full-fat milk; full fat milk,ml 1000 bottle 1.2,d=1 y=1,cold 7,milk !cold,87 3.7 4.7 0.1
goats-milk,dairy and eggs,goat's milk; goat milk; goats' milk,ml 1000 carton 1.9,d=1 y=1,cold 7,milk !cold,87 4 4.4 0.1
evaporated-milk,dairy and eggs,evaporated milk,ml 410 tin 1.4,d=1.07 y=1,room 365 cold 4,milk,74 8 10 0.3
condensed-milk,dairy and eggs,condensed milk; sweetened condensed milk,397 tin 1.8,d=1.3 y=1,room 365 cold 14,milk,27 8 55 0.3
milk-powder,dairy and eggs,milk powder; dried milk; powdered milk,300 tub 2.4,d=0.5 y=1,room 365,milk,3 1 52 1
buttermilk-powder,dairy and eggs,buttermilk powder,300 tub 3.4,d=0.5 y=1,room 365,milk,3 6 49 1
whey,dairy and eggs,whey; acid whey; yoghurt whey,ml 500 bottle 1,d=1 y=1,cold 7,milk !cold,93 0.2 4.5 0.1
brown-butter,dairy and eggs,brown butter; beurre noisette; browned butter,200 tub 3,d=0.9 y=1,cold 30,milk,2 96 0.5 0.1
herb-butter,dairy and eggs,garlic butter,125 tub 2,d=0.91 y=1,cold 14,milk,18 78 0.5 1.5
cultured-butter,dairy and eggs,cultured butter; european butter,250 pack 3,d=0.91 y=1,cold 30,milk,16 82 0.5 0.1
plant-creme-fraiche,dairy and eggs,oat crème fraîche,200 tub 2,d=1 y=1,cold 7,oats,75 15 4 0.3
almond-yoghurt,dairy and eggs,almond yoghurt / almond yogurt,350 tub 2.4,d=1 y=1,cold 7,almond,88 5 3 0.1
cashew-cheese,dairy and eggs,cashew cheese; cashew cream cheese,150 tub 4,d=1 y=1,cold 7,cashew,52 30 4 1.2
hemp-milk,dairy and eggs,hemp milk; hemp drink,ml 1000 carton 2.2,d=1 y=1,cold 4 room 180,–,94 3 1.5 0.1
hazelnut-milk,dairy and eggs,hazelnut milk; hazelnut drink,ml 1000 carton 2.2,d=1 y=1,cold 4 room 180,hazelnut,91 1.6 3.5 0.1
pea-milk,dairy and eggs,pea milk; pea drink,ml 1000 carton 2,d=1 y=1,cold 4 room 180,–,93 2 1 0.2
fried-tofu,dairy and eggs,fried tofu puffs; tofu puffs; aburaage,150 pack 2,d.sliced=0.25 y=1,cold 7,soya !cold,45 30 1 0.3
marinated-tofu,dairy and eggs,marinated tofu,160 pack 2.5,d.cubed=0.6 y=1,cold 7,soya wheat !cold,62 14 2 1.2
egg-whites,dairy and eggs,liquid egg whites; carton egg white; pasteurised egg white,ml 500 carton 3.5,d=1.03 y=1,cold 3,egg !cold,88 0.1 0.7 0.4
cooked-eggs,dairy and eggs,ready-boiled eggs; ready-cooked eggs,pc 4 pack 2,piece=50 y=1,cold 2,egg !cold,76 10 0.5 0.4
pickled-eggs,dairy and eggs,pickled eggs,pc 6 jar 3,piece=45 y=1,cold 60,egg,76 9 1 1.2 acetic 1
century-eggs,dairy and eggs,century eggs; preserved duck eggs; pidan,pc 6 box 5,piece=60 y=1,room 60 cold 90,egg,70 12 1 1.5
salted-duck-eggs,dairy and eggs,salted duck eggs; salted eggs,pc 6 box 5,piece=60 y=1,room 30 cold 60,egg,62 14 1 5
beef-tomatoes,vegetables,beef tomatoes; beef tomato; beefsteak tomatoes,100 loose 4.5,piece=200 sizes=120-320 d.diced=0.62 d.sliced=0.6 y=0.92,room 4,–,94 0.2 2.6 0 citric 0.4
plum-tomatoes,vegetables,plum tomatoes; roma tomatoes; fresh plum tomatoes; san marzano tomatoes fresh; san marzano tomatoes; san marzanos; romas,100 loose 3.5,piece=80 sizes=60-110 d.diced=0.62 y=0.92,room 4,–,94 0.2 2.6 0 citric 0.4
kalettes,vegetables,kalettes; flower sprouts; kale sprouts,250 pack 2,d.sliced=0.5 y=0.88,cold 5,–,91 0.3 2.5 0
baby-carrots,vegetables,baby carrots; chantenay carrots,250 pack 2,piece=60 d.sliced=0.55 y=0.9,cold 21,–,89 0.3 5 0.1
black-radish,vegetables,black radish; spanish radish,250 pack 2,piece=250 d.grated=0.45 y=0.85,cold 6,–,91 0.3 2.5 0
watermelon-radish,vegetables,watermelon radish,250 pack 2,piece=60 d.sliced=0.5 y=0.9,cold 6,–,91 0.3 2.5 0
celtuce,vegetables,celtuce; stem lettuce,250 pack 2,y=0.7,cold 6,–,91 0.3 2.5 0
courgette-flowers,vegetables,courgette flowers / squash blossoms; squash blossoms; zucchini flowers; zucchini blossoms,pc 6 punnet 5,piece=20 y=0.9,cold 1,–,91 0.3 2.5 0
yellow-courgette,vegetables,yellow squash; summer squash,250 pack 2,piece=200 d.diced=0.55 d.sliced=0.5 y=0.95,cold 6,–,95 0.2 2 0
pattypan,vegetables,patty pan squash; pattypan squash; patty pans,250 pack 2,piece=60 y=0.95,cold 6,–,95 0.2 2 0
kabocha,vegetables,kabocha squash; kabocha; japanese pumpkin; buttercup squash,pc 1 – 3,piece=1200 d.cubed=0.55 y=0.78,cool 60,–,85 0.3 4 0
acorn-squash,vegetables,acorn squash,pc 1 – 2,piece=700 d.cubed=0.55 y=0.75,cool 60,–,87 0.1 3 0
delicata,vegetables,delicata squash,pc 1 – 2,piece=600 d.cubed=0.55 y=0.82,cool 60,–,87 0.1 3 0
bottle-gourd,vegetables,bottle gourd; lauki; calabash; opo squash; dudhi,pc 1 – 2,piece=700 y=0.8,cold 6,–,95 0 2.5 0
ridge-gourd,vegetables,ridge gourd; luffa; turai,250 pack 2,piece=300 y=0.75,cold 6,–,94 0.2 2 0
snake-beans,vegetables,snake beans; yard-long beans; yardlong beans; long beans,250 pack 2,y=0.93,cold 6,–,88 0.4 3 0
wax-beans,vegetables,yellow wax beans; wax beans; yellow beans,250 pack 2,y=0.93 d.chopped=0.5,cold 6,–,90 0.2 3 0
drumsticks,vegetables,moringa pods; drumstick vegetable,250 pack 2,y=0.5,cold 6,–,91 0.3 2.5 0
banana-blossom,vegetables,banana blossom; banana flower,400 tin 2,d.sliced=0.5 y=0.88,cold 6,–,90 0.4 3 0
palm-hearts-fresh,vegetables,fresh hearts of palm,250 pack 2,d.sliced=0.5 y=0.88,cold 6,–,70 0.2 17 0
mixed-sprouts,vegetables,mixed sprouted beans; crunchy sprouts,250 pack 2,d=0.35 handful=30 y=1,cold 2,!sprouts !cold,80 0.6 2 0
sprouted-chickpeas,vegetables,sprouted chickpeas,250 pack 2,d=0.6 y=1,cold 2,!sprouts !cold,65 1.5 3 0
king-oyster,vegetables,eryngii; king trumpet mushrooms,250 pack 2,piece=60 y=0.95,cold 6,–,89 0.4 2 0
maitake,vegetables,maitake; hen of the woods; maitake mushrooms,250 pack 2,y=0.92,cold 6,–,90 0.2 2 0
shimeji,vegetables,shimeji; beech mushrooms; buna shimeji; shimeji mushrooms,250 pack 2,y=0.88,cold 6,–,90 0.4 2 0
chanterelles,vegetables,chanterelles; chanterelle mushrooms; girolles; girolle mushrooms,100 punnet 6,y=0.85 d.sliced=0.3,cold 3,–,90 0.5 1 0
porcini,vegetables,fresh porcini; ceps; cep; penny bun; porcini mushrooms,100 punnet 7,y=0.85 d.sliced=0.35,cold 3,–,90 0.5 1 0
morels,vegetables,morels; morel mushrooms; fresh morels,100 punnet 12,y=0.9,cold 3,–,89 0.6 0.6 0
trompettes,vegetables,trompette mushrooms; trompettes de la mort; black trumpet mushrooms,100 punnet 8,y=0.88,cold 3,–,91 0.3 2.5 0
wood-ear,vegetables,wood ear mushrooms; cloud ear; black fungus,50 packet 2,cooked=5 y=1,room 365,–,12 1 3 0.1
truffle,vegetables,fresh truffle; black truffle; white truffle; summer truffle,20 pack 25,y=0.95,cold 4,–,76 0.5 0.5 0.1
burdock,vegetables,burdock root; gobo; burdock,250 pack 2,piece=150 y=0.75,cold 6,–,80 0.2 3 0
parsley-root,vegetables,parsley root; hamburg parsley,250 pack 2,piece=80 y=0.8,cold 6,–,83 0.4 5 0.1
oca,vegetables,oca,250 pack 2,y=0.95,cold 6,–,83 0.2 3 0
cassava-root,vegetables,cassava; yuca; manioc; yuca root,100 loose 3,piece=600 d.cubed=0.6 y=0.8,cool 4,–,60 0.3 1.7 0
sugar-cane,vegetables,sugar cane,250 pack 2,y=0.4,cold 6,–,70 0 15 0
vine-tomatoes,vegetables,vine-ripened tomatoes,100 loose 3.6,piece=110 sizes=80-150 d.diced=0.62 d.sliced=0.6 y=0.95,room 5,–,94 0.2 2.6 0 citric 0.4
baby-plum-tomatoes,vegetables,baby plum tomatoes,300 punnet 1.8,piece=12 d.halved=0.62 y=1,room 5,!choking,92 0.3 4 0 citric 0.4
padron-peppers,vegetables,padrón peppers; padron peppers; shishito peppers; shishitos,130 bag 2,piece=8 y=0.95,cold 6,–,92 0.3 3 0
romano-peppers,vegetables,ramiro peppers; corno peppers,250 pack 2,piece=110 d.sliced=0.45 y=0.85,cold 6,–,91 0.3 5 0
mini-peppers,vegetables,mini peppers; baby peppers; snack peppers,250 pack 2,piece=30 y=0.85,cold 6,–,91 0.3 5 0
poblano,vegetables,poblano chillies / poblano chiles; poblanos; poblano peppers; poblano,250 pack 2,piece=90 y=0.8,cold 6,!hands,92 0.3 3 0
scotch-bonnet,vegetables,scotch bonnet; scotch bonnet chilli; habanero; habaneros; habanero chile; scotch bonnets,50 bag 1,piece=10 y=0.85 scaling=startLow,cold 6,!hands !inoil,88 0.4 5 0
birds-eye-chilli,vegetables,bird's eye chilli / thai chile; bird's eye chillies; thai chillies; thai chilies; bird eye chilli,50 bag 1,piece=2 y=0.9 scaling=startLow,cold 6,!hands !inoil,88 0.4 5 0
serrano-chilli,vegetables,serrano chilli / serrano chile; serrano chillies; serrano peppers; serranos,50 bag 1,piece=8 y=0.85 scaling=startLow,cold 6,!hands !inoil,90 0.4 4 0
banana-shallot,vegetables,echalion shallots,300 bag 1.4,piece=60 d.diced=0.6 y=0.85,cool 30,–,80 0.1 6 0
baby-leeks,vegetables,baby leeks,250 pack 2,piece=25 y=0.9,cold 6,–,90 0.3 3 0
calcots,vegetables,calçots; calcots,250 pack 2,piece=40 y=0.85,cold 6,–,91 0.3 2.5 0
elephant-garlic,vegetables,elephant garlic,250 pack 2,clove=15 y=0.85,cool 30,!inoil,62 0.4 1 0
garlic-scapes,vegetables,garlic scapes,250 pack 2,d.chopped=0.4 y=0.95,cold 6,–,85 0.4 3 0
peeled-garlic,vegetables,peeled garlic cloves,200 tub 2,clove=5 d.crushed=0.9 y=1,cold 14,!inoil !cold,62 0.4 1 0
ginger-paste,vegetables,ginger paste,90 tube 1.6,d=1.05 y=1,cold 60,–,82 1 3 1
garlic-paste-in-a-tube,vegetables,garlic purée; garlic puree,90 tube 1.4,d=1.05 y=1,cold 60,–,65 5 5 3
lemongrass-paste,vegetables,lemongrass paste,90 tube 1.8,d=1.05 y=1,cold 60,–,75 6 5 3
frozen-spinach,vegetables,frozen spinach; frozen leaf spinach,900 bag 2,d=0.7 y=1,cold 1,–,90 0.5 0.5 0.1
frozen-broad-beans,vegetables,baby broad beans,750 bag 2,d=0.65 y=1,cold 1,–,78 0.6 1 0
frozen-mixed-veg,vegetables,frozen mixed vegetables; mixed vegetables,1000 bag 1.5,d=0.6 y=1,cold 1,–,82 0.5 4 0.1
frozen-artichokes,vegetables,frozen artichokes; frozen artichoke hearts,400 bag 3,d=0.55 y=1,cold 1,–,85 0.3 1 0.1
frozen-okra,vegetables,frozen okra,400 bag 2,d=0.5 y=1,cold 1,–,90 0.2 1.5 0
stir-fry-vegetables,vegetables,stir-fry vegetables; stir fry mix,300 bag 1.4,d=0.25 y=1,cold 2,–,91 0.3 2.5 0
courgetti,vegetables,courgetti; spiralised courgette; zoodles,250 pack 1.8,d=0.3 y=1,cold 3,–,91 0.3 2.5 0
cauliflower-rice,vegetables,cauliflower rice; riced cauliflower,300 pack 1.5,d=0.5 y=1,cold 3,–,91 0.3 2.5 0
crudites,vegetables,vegetable crudités,250 pack 1.5,d=0.4 y=1,cold 3,–,91 0.3 2.5 0
red-chard,salad and herbs,baby chard; ruby chard; red chard leaves; baby chard leaves,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
tatsoi,salad and herbs,tatsoi,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
komatsuna,salad and herbs,komatsuna; japanese mustard spinach,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
mibuna,salad and herbs,mibuna,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
purslane,salad and herbs,purslane; verdolagas,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
treviso,salad and herbs,treviso; tardivo; radicchio di treviso,pc 1 – 2,piece=250 head=250 d.shredded=0.15 y=0.85,cold 4,!wash,92 0.3 1 0.1
puntarelle,salad and herbs,puntarelle,pc 1 – 3,piece=600 head=600 y=0.6,cold 4,!wash,92 0.3 1 0.1
escarole,salad and herbs,escarole; batavian endive; broad-leaved endive,pc 1 – 1.6,piece=500 head=500 d.shredded=0.12 y=0.8,cold 4,!wash,92 0.3 1 0.1
curly-endive,salad and herbs,frisée endive,pc 1 – 1.6,piece=350 head=350 d.shredded=0.12 y=0.75,cold 4,!wash,92 0.3 1 0.1
red-gem,salad and herbs,red gem lettuce; baby gem; sucrine,pc 2 pack 1.2,head=100 piece=100 d.shredded=0.12 y=0.88,cold 4,!wash,92 0.3 1 0.1
living-lettuce,salad and herbs,living lettuce; salanova,pc 1 – 1.2,piece=180 head=180 d.shredded=0.1 y=0.85,cold 4,!wash,92 0.3 1 0.1
herb-salad,salad and herbs,herb salad,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
watercress-rocket-and-spinach,salad and herbs,watercress rocket and spinach salad; spinach and rocket,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
baby-beet-leaves,salad and herbs,beetroot salad leaves; bull's blood leaves,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
amaranth-leaves,salad and herbs,amaranth leaves; callaloo,200 bunch 1.6,bunch=200 d.chopped=0.15 y=0.75,cold 4,!wash,92 0.3 1 0.1
malabar-spinach,salad and herbs,malabar spinach; ceylon spinach,200 bunch 1.6,y=0.8,cold 4,!wash,92 0.3 1 0.1
chrysanthemum-greens,salad and herbs,chrysanthemum greens; shungiku; tong ho,150 bunch 1.8,y=0.85,cold 4,!wash,92 0.3 1 0.1
pumpkin-leaves,salad and herbs,pumpkin leaves,200 bunch 1.8,y=0.7,cold 4,!wash,92 0.3 1 0.1
nettles,salad and herbs,nettles; stinging nettles; young nettles,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
chickweed,salad and herbs,chickweed,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
salad-burnet,salad and herbs,salad burnet,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
nasturtium,salad and herbs,nasturtium leaves; nasturtiums,60 bag 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
lovage,salad and herbs,lovage; lovage leaves,25 bunch 1.6,leaf=1 d.chopped=0.15 y=0.8,cold 4,!wash,92 0.3 1 0.1
savory,salad and herbs,savory; summer savory,20 bunch 1.4,d.chopped=0.15 y=0.7,cold 4,!wash,92 0.3 1 0.1
hyssop,salad and herbs,hyssop,20 bunch 1.4,y=0.8,cold 4,!wash,92 0.3 1 0.1
lemon-verbena,salad and herbs,lemon verbena; verbena,20 bunch 1.6,leaf=0.3 y=0.8,cold 4,!wash,92 0.3 1 0.1
sweet-cicely,salad and herbs,sweet cicely,20 bunch 1.6,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
pandan,salad and herbs,pandan leaves; pandan; pandan leaf; screwpine leaves,50 packet 1.4,leaf=5 y=1,cold 4,!wash,92 0.3 1 0.1
epazote,salad and herbs,epazote,20 bunch 1.8,y=0.8,cold 4,!wash,92 0.3 1 0.1
culantro,salad and herbs,culantro; sawtooth coriander; sawtooth herb; recao,30 bunch 1.4,leaf=1 d.chopped=0.18 y=0.9,cold 4,!wash,92 0.3 1 0.1
vietnamese-mint,salad and herbs,vietnamese mint; vietnamese coriander; rau ram; laksa leaves,30 bunch 1.4,leaf=0.3 d.chopped=0.12 y=0.7,cold 4,!wash,92 0.3 1 0.1
rice-paddy-herb,salad and herbs,rice paddy herb; ngo om,30 bunch 1.4,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
mitsuba,salad and herbs,mitsuba; japanese parsley,30 bunch 1.8,handful=15 d=0.07 y=0.95,cold 4,!wash,92 0.3 1 0.1
fenugreek-leaves,salad and herbs,fresh fenugreek; fenugreek leaves; methi; fresh methi,80 bunch 1,d.chopped=0.15 y=0.7,cold 4,!wash,92 0.3 1 0.1
purple-basil,salad and herbs,purple basil,25 pack 1.2,leaf=0.5 bunch=30 d.chopped=0.1 d.leaves=0.05 y=0.75,cold 4,!wash !inoil,92 0.3 1 0.1
culinary-lavender,salad and herbs,culinary lavender,20 bunch 1.6,handful=15 d=0.07 y=0.95,cold 4,–,92 0.3 1 0.1
bay-leaves-fresh,salad and herbs,fresh bay leaves,15 pack 1,leaf=0.4 y=1,cold 14,–,92 0.3 1 0.1
chive-flowers,salad and herbs,chive flowers,15 punnet 3,handful=15 d=0.07 y=0.95,cold 2,!wash,92 0.3 1 0.1
sunflower-shoots,salad and herbs,sunflower shoots,50 punnet 2.4,handful=8 d=0.08 y=1,cold 3,!wash,92 0.3 1 0.1
pink-grapefruit,fruit,ruby grapefruit; red grapefruit,pc 1 – 0.7,piece=300 y=0.55 juice=110-160 zest=8,cool 14,–,90 0.1 7 0 citric 1.3
bitter-orange,fruit,seville oranges; seville orange; bitter orange; sour orange,pc 1 – 0.7,piece=150 y=0.6 juice=50-75 zest=8,cool 14,–,87 0.2 5 0 citric 3.5
meyer-lemon,fruit,meyer lemon; meyer lemons,pc 1 – 0.7,piece=120 y=0.65 juice=40-55 zest=5,cool 14,–,90 0.2 3.5 0 citric 3.5
key-lime,fruit,key limes; key lime,pc 10 bag 3,piece=20 y=0.5 juice=5-10 zest=1.5,cool 10,–,89 0.2 2 0 citric 6
finger-lime,fruit,finger limes; finger lime; citrus caviar,pc 3 punnet 6,piece=15 y=0.6,cool 10,–,86 0.3 3 0 citric 4
sudachi,fruit,sudachi,pc 3 punnet 5,piece=25 y=0.5 juice=7-10 zest=2,cool 10,–,90 0.2 2 0 citric 5
buddhas-hand,fruit,buddha's hand,pc 1 – 6,piece=350 y=0.9 zest=40,cool 14,–,86 0.2 4 0 citric 1
eating-apple,fruit,dessert apple; red apple,pc 1 – 0.45,piece=160 sizes=120-200 d.diced=0.5 d.sliced=0.45 y=0.88 y.peeled=0.78,cool 30,–,85 0.2 11 0 citric 0.4
granny-smith,fruit,granny smith apple; granny smith; granny smiths; green apple; green apples,pc 1 – 0.45,piece=160 sizes=120-200 d.diced=0.5 d.sliced=0.45 y=0.88 y.peeled=0.78,cool 30,–,86 0.2 9.5 0 citric 0.9
cooking-apple,fruit,cooking apple; bramley; bramley apple; bramleys; cooking apples,pc 1 – 0.6,piece=220 d.diced=0.5 y=0.85 y.peeled=0.75,cool 30,–,88 0.1 8 0 citric 1.2
crab-apple,fruit,crab apples; crab apple,250 punnet 2.5,piece=20 y=0.8,cold 4,–,79 0.3 10 0 citric 1.5
asian-pear,fruit,asian pear; nashi pear; nashi; korean pear,pc 1 – 1.1,piece=250 d.sliced=0.5 y=0.88,cool 21,–,88 0.2 7 0 citric 0.2
conference-pear,fruit,conference pears; conference pear,pc 1 – 0.5,piece=180 d.diced=0.55 d.sliced=0.5 y=0.9 ripens=4,cool 5 cold 10,–,84 0.1 10 0 citric 0.2
white-peach,fruit,white peach; white peaches,pc 1 – 0.6,piece=110 d.sliced=0.6 y=0.88 ripens=3 months=6-9,room 3 cold 5,!stone,88 0.2 9 0 citric 0.4
greengage,fruit,greengages; greengage,250 punnet 2.5,piece=35 y=0.88 months=8-9,cold 4,!stone,85 0.2 9 0 citric 1
sour-cherries,fruit,morello cherries; morello cherry; tart cherries,250 punnet 2.5,piece=6 d=0.6 y=0.85 months=6-7,cold 4,!choking,86 0.3 8.5 0 citric 1.5
pluot,fruit,pluots; pluot; plumcot,pc 1 – 0.7,piece=80 y=0.93,cold 4,!stone,86 0.3 11 0 citric 0.8
loquat,fruit,loquats; loquat; nispero,250 punnet 2.5,piece=30 y=0.65,cold 4,!stone,87 0.2 10 0 citric 0.9
tamarillo,fruit,tamarillo; tamarillos; tree tomato,pc 1 – 0.9,piece=70 y=0.75,cold 4,–,87 0.4 4 0 citric 1.5
feijoa,fruit,feijoa; feijoas; pineapple guava,pc 1 – 0.7,piece=50 y=0.6,cold 4,–,83 0.4 8 0 citric 1
soursop,fruit,soursop; guanabana,pc 1 – 4,piece=400 y=0.65,cold 4,–,80 0.4 13 0 citric 0.7
mangosteen,fruit,mangosteens; mangosteen,pc 5 bag 5,piece=80 y=0.35,cold 4,–,81 0.6 15 0 citric 0.5
rambutan,fruit,rambutans; rambutan,250 punnet 2.5,piece=25 y=0.5,cold 4,!choking,78 0.2 15 0 citric 0.4
durian,fruit,durian; frozen durian,400 pack 8,y=1,cold 4,–,65 5 20 0
sapodilla,fruit,sapodilla,pc 1 – 2,piece=170 y=0.75,cold 4,–,78 1 15 0
prickly-pear,fruit,prickly pears; prickly pear; cactus fruit; tuna fruit; cactus pear,pc 1 – 0.8,piece=100 y=0.6,cold 4,–,88 0.5 9 0 citric 0.2
kiwano,fruit,kiwano; horned melon,pc 1 – 2,piece=200 y=0.5,cold 4,–,89 1.2 7 0
golden-kiwi,fruit,golden kiwi; gold kiwi; kiwi berries; kiwiberries,pc 1 – 0.6,piece=90 d.sliced=0.6 y=0.88,cold 4,–,83 0.3 12 0 citric 1
cantaloupe,fruit,rockmelon; cantaloupe melon; charentais melon,pc 1 – 2.2,piece=1200 d.cubed=0.65 y=0.6,room 4 cold 5,–,90 0.2 8 0 citric 0.1
red-grapes,fruit,red grapes; seedless red grapes; black grapes; seedless black grapes; purple grapes,400 punnet 2.2,piece=6 bunch=400 d=0.63 y=0.95,cold 7,!choking,81 0.2 16 0 citric 0.6
white-grapes,fruit,green grapes; white grapes; seedless green grapes,400 punnet 2.2,piece=6 bunch=400 d=0.63 y=0.95,cold 7,!choking,81 0.2 16 0 citric 0.6
wild-strawberries,fruit,wild strawberries; alpine strawberries; fraises des bois,100 punnet 5,y=0.97,cold 1,–,85 0.3 10 0 citric 0.8
blackcurrants,fruit,blackcurrants; blackcurrant,250 punnet 2.5,d=0.6 y=0.97 months=7-8,cold 4,–,82 0.3 7 0 citric 3
loganberries,fruit,loganberries,250 punnet 2.5,d=0.55 y=0.97,cold 4,–,85 0.3 6 0 citric 2
lingonberries,fruit,lingonberries; lingonberry,250 punnet 2.5,d=0.6 y=0.97,cold 4,–,86 0.5 6 0 citric 2.2
bilberries,fruit,bilberries; wild blueberries,250 punnet 2.5,d=0.62 y=0.97,cold 4,–,85 0.4 9 0 citric 1
elderberry,fruit,elderberries; elderberry,250 punnet 2.5,d=0.6 y=0.85,cold 4,–,80 0.5 8 0 citric 1
sea-buckthorn,fruit,sea buckthorn berries; sea buckthorn,250 punnet 2.5,d=0.6 y=0.95,cold 4,–,82 5 4 0 citric 3
acai,fruit,açaí; acai; acai purée; acai puree; frozen acai,400 pack 6,d=1 y=1,cold 4,–,88 5 1 0
goji,fruit,goji berries; goji; wolfberries,150 bag 3,d=0.5 y=1,room 300,–,8 0.5 46 0.3
aronia,fruit,aronia berries; aronia; chokeberries,250 punnet 2.5,d=0.6 y=0.92,cold 4,–,80 0.3 9 0 citric 1
dried-sour-cherries,fruit,dried morello cherries,150 bag 3,d=0.65 y=1,room 240,–,18 0.7 60 0 citric 2
dried-pineapple,fruit,dried pineapple,150 bag 2,d.chopped=0.6 y=1,room 240,sulphites,18 0.5 65 0.1
dried-banana,fruit,banana chips; dried banana; dried bananas,150 bag 1.6,d=0.35 y=1,room 180,–,4 33 35 0
medjool-dates,fruit,fresh dates; barhi dates,250 box 4,piece=20 d.chopped=0.7 y=0.92,cool 60,–,22 0.2 64 0
stoned-dates,fruit,chopped dates; stoned dates,250 pack 1.4,piece=8 d.chopped=0.7 y=1,room 240,–,20 0.3 64 0
freeze-dried-raspberries,fruit,freeze-dried raspberries,15 packet 3,d=0.12 y=1,room 240,–,3 1 45 0 citric 8
candied-orange,fruit,candied orange; candied orange peel,150 tub 3,d.chopped=0.65 y=1,room 180,–,18 0.3 70 0.1
frozen-mango,fruit,frozen mango; frozen mango chunks; mango chunks,500 bag 2.6,d=0.62 y=1,cold 1,–,83 0.4 14 0 citric 0.4
frozen-raspberries,fruit,frozen raspberries,500 bag 2.8,d=0.55 y=1,cold 1,–,86 0.6 5 0 citric 1.6
frozen-cherries,fruit,frozen cherries; frozen pitted cherries,500 bag 2.8,d=0.6 y=1,cold 1,–,83 0.2 12 0 citric 0.6
frozen-cranberries,fruit,frozen cranberries,300 bag 2,d=0.45 y=1,cold 1,–,87 0.1 4 0 citric 2.5
frozen-avocado,fruit,frozen avocado; frozen avocado chunks,500 bag 4,d=0.62 y=1,cold 1,–,73 15 0.7 0
pomegranate-arils,fruit,pomegranate arils; arils,120 tub 2.2,d=0.6 handful=35 y=1,cold 3,–,78 1.2 13.7 0 citric 1
mixed-berries,fruit,summer berries,300 tub 2.8,d=0.6 y=0.92,cold 2,–,87 0.3 8 0 citric 0.8
prepared-mango,fruit,prepared mango; mango pieces,200 tub 2.2,d=0.63 y=1,cold 2,–,85 0.3 10 0 citric 0.8
bagels,bakery,bagels; bagel,pc 5 pack 1.6,piece=85 d.torn=0.3 y=1,room 3,wheat,36 3 3 1.1
english-muffins,bakery,english muffins / english muffins; muffins,pc 4 pack 1,piece=65 y=1,room 3,wheat,36 3 3 1.1
crumpets,bakery,crumpets; crumpet,pc 6 pack 1,piece=55 y=1,room 3,wheat,36 3 3 1.1
burger-buns,bakery,burger buns; buns; hamburger buns,pc 4 pack 1.6,piece=60 y=1,room 3,wheat milk egg,36 3 3 1.1
bread-rolls,bakery,bread rolls; dinner rolls; soft rolls; baps,pc 6 pack 1.4,piece=60 y=1,room 3,wheat,36 3 3 1.1
pumpernickel,bakery,pumpernickel; vollkornbrot; german rye bread,500 pack 2,slice=50 y=1,room 30,rye wheat,36 3 3 1.1
soda-bread,bakery,soda bread; irish soda bread,400 loaf 1.8,slice=50 y=1,room 3,wheat milk,36 3 3 1.1
cornbread,bakery,cornbread; corn bread,300 pack 2.6,d.cubed=0.35 y=1,room 3,wheat milk egg,36 3 3 1.1
challah,bakery,challah,400 loaf 1.8,slice=40 d.torn=0.2 y=0.98,room 3,wheat egg,36 3 3 1.1
ezekiel-bread,bakery,sprouted bread; sprouted grain bread; ezekiel bread,400 loaf 1.8,slice=40 d.torn=0.2 y=0.98,cold 7,wheat,36 3 3 1.1
spelt-bread,bakery,spelt bread; spelt loaf,400 loaf 1.8,slice=40 d.torn=0.2 y=0.98,room 3,wheat,36 3 3 1.1
malt-loaf,bakery,malt loaf,400 loaf 1.8,slice=40 d.torn=0.2 y=0.98,room 3,wheat barley,36 3 3 1.1
olive-bread,bakery,olive bread,400 loaf 1.8,slice=40 d.torn=0.2 y=0.98,room 3,wheat,36 3 3 1.1
lavash,bakery,lavash,250 packet 2,piece=60 d.torn=0.15 y=1,room 3,wheat,36 3 3 1.1
barbari,bakery,barbari bread,pc 1 – 2,piece=350 y=1,room 3,wheat sesame,36 3 3 1.1
piadina,bakery,piadina; piadine; folded flatbread,pc 3 pack 2,piece=75 y=1,room 3,wheat,36 3 3 1.1
chapati,bakery,chapatis / chapati; chapati; roti; rotis,pc 6 pack 1.4,piece=45 y=1,room 3,wheat,36 3 3 1.1
paratha,bakery,parathas / paratha; paratha,pc 5 pack 2.2,piece=80 y=1,room 3,wheat milk,30 15 2 1
dosa,bakery,dosas; dosa,pc 4 pack 2.5,piece=80 y=1,room 3,–,36 3 3 1.1
injera,bakery,injera; injera bread; teff injera,pc 5 pack 5,piece=150 y=1,room 3,–,36 3 3 1.1
arepas,bakery,arepas; arepa,pc 6 pack 2.4,piece=60 y=1,room 3,–,36 3 3 1.1
taco-shells,bakery,taco shells; hard taco shells,pc 12 box 1.6,piece=12 y=1,room 90,–,4 22 2 1
tortilla-bowls,bakery,tortilla bowls; salad bowls of tortilla,pc 4 pack 2,piece=60 y=1,room 3,wheat,36 3 3 1.1
wraps,bakery,sandwich wraps; wholemeal wraps,pc 6 pack 1.4,piece=60 y=1,room 3,wheat,36 3 3 1.1
wonton-wrappers,bakery,wonton wrappers,pc 30 packet 2.4,piece=9 y=1,cold 7,wheat egg,36 3 3 1.1
filo,bakery,filo pastry / phyllo; filo; phyllo dough; phyllo,270 pack 1.9,piece=30 y=1,cold 14,wheat,30 3 2 1
puff-pastry,bakery,puff pastry; ready-rolled puff pastry,320 pack 2,piece=320 y=1,cold 10,wheat,30 24 1 0.8
pizza-dough,bakery,pizza dough; bread dough,400 pack 2,y=1,cold 5,wheat,36 3 3 1.1
matzo,bakery,matzos; matzo; matzah; matzo crackers,300 box 1.8,piece=28 y=1,room 180,wheat,5 1.5 2 0
melba-toast,bakery,melba toast,100 packet 1.2,piece=4 y=1,room 90,wheat,4 5 4 1.5
grissini,bakery,sesame breadsticks,125 packet 1.2,piece=5 y=1,room 90,wheat sesame,5 9 3 2
seed-crackers,bakery,seed crackers; seeded crackers; flax crackers,150 packet 2.6,piece=7 y=1,room 90,sesame,4 35 2 1.5
poppadoms,bakery,poppadoms / papadums; poppadom; papadum; papadums; pappadam,pc 10 packet 1.2,piece=9 y=1,room 90,–,4 25 1 3.5
prawn-crackers,bakery,prawn crackers; shrimp chips,60 bag 1,d=0.05 y=1,room 60,crustaceans,3 32 6 2
potato-crisps,bakery,potato crisps / potato chips; potato chips; ready salted crisps,150 bag 1.6,d=0.08 handful=15 y=1,room 60,–,2 33 1 1.3
vegetable-crisps,bakery,vegetable crisps / vegetable chips; veggie chips,100 bag 2,d=0.08 handful=15 y=1,room 60,–,3 33 15 1
pretzels,bakery,pretzels; pretzel sticks,175 bag 1.6,d=0.2 handful=25 y=1,room 90,wheat,3 5 3 3.5
bombay-mix,bakery,bombay mix,200 bag 1.2,d=0.35 handful=30 y=1,room 120,wheat peanut mustard,4 32 3 2
wasabi-peas,bakery,wasabi peas,100 bag 1.6,d=0.5 handful=30 y=1,room 180,soya mustard,4 14 6 1.5
gluten-free-breadcrumbs,bakery,gluten-free breadcrumbs,150 pack 2,d=0.4 y=1,room 120,–,8 2 3 1
pita-bread-wholemeal,bakery,wholemeal pitta / whole wheat pita; wholemeal pittas; whole wheat pita,pc 6 pack 0.9,piece=60 d.torn=0.2 y=1,room 3,wheat,36 3 3 1.1
romesco,tins and jars,romesco; romesco sauce,200 jar 2.5,d=1.05 y=1,cold 7,almond hazelnut sulphites,60 28 4 1.2 acetic 0.6
salsa-verde-jar,tins and jars,tomatillo salsa; green salsa,200 jar 2.5,d=1.05 y=1,cold 7,–,88 1 3 1.4 citric 0.6
pico-de-gallo,tins and jars,pico de gallo; fresh salsa,200 tub 2,d=1.05 y=1,cold 3,–,92 0.3 3 0.8 citric 0.5
muhammara,tins and jars,muhammara,200 jar 2.5,d=1.05 y=1,cold 5,walnut wheat,55 25 8 1.4
skordalia,tins and jars,skordalia,200 jar 2.5,d=1.05 y=1,cold 4,almond,60 22 2 1
labneh-balls,tins and jars,labneh in oil; labneh balls in oil,200 jar 2.5,d=1.05 y=1,cold 14,milk,40 45 3 1.6
toum,tins and jars,toum; garlic sauce,200 jar 2.5,d=1.05 y=1,cold 4,!inoil !cold,30 62 1 1.2
amba,tins and jars,amba; mango pickle sauce,200 jar 2.5,d=1.05 y=1,cold 21 room 365,mustard,75 4 8 6
red-pepper-paste,tins and jars,biber salçası; biber salcasi; turkish pepper paste; red pepper paste,200 jar 2.5,d=1.05 y=1,cold 21 room 365,–,60 8 12 8
aji-amarillo,tins and jars,ají amarillo paste; aji amarillo paste; aji amarillo; ají amarillo,200 jar 2.5,d=1.05 y=1,cold 21 room 365,–,80 4 5 3
aji-panca,tins and jars,ají panca paste; aji panca,200 jar 2.5,d=1.05 y=1,cold 21 room 365,–,78 4 6 3
achiote,tins and jars,achiote paste; annatto paste; recado rojo,200 jar 2.5,d=1.05 y=1,cold 180,–,50 5 8 12
mole,tins and jars,mole paste; mole poblano,200 jar 2.5,d=1.05 y=1,cold 21 room 365,almond peanut sesame wheat,25 30 22 4
adjika,tins and jars,adjika; ajika,200 jar 2.5,d=1.05 y=1,cold 21 room 365,–,75 5 6 8
tkemali,tins and jars,tkemali; sour plum sauce,200 jar 2.5,d=1.05 y=1,cold 21 room 365,–,75 0.5 18 2 citric 1
pkhali,tins and jars,pkhali,200 jar 2.5,d=1.05 y=1,cold 3,walnut,60 25 3 1.2
bagna-cauda,tins and jars,bagna cauda,200 jar 2.5,d=1.05 y=1,cold 5,fish,20 65 1 6
anchovy-paste,tins and jars,anchovy paste,200 jar 2.5,d=1.05 y=1,cold 60,fish,45 20 0 12
crab-paste,tins and jars,crab paste,200 jar 2.5,d=1.05 y=1,cold 5,fish crustaceans,70 10 2 2
xo-sauce,tins and jars,xo sauce,200 jar 2.5,d=1.05 y=1,cold 21 room 365,crustaceans molluscs soya wheat,20 50 6 6
black-beans-fermented,tins and jars,fermented black beans; salted black beans; douchi,200 jar 2.5,d=1.05 y=1,room 365,soya,35 8 4 15
yellow-bean-sauce,tins and jars,yellow bean sauce,200 jar 2.5,d=1.05 y=1,cold 21 room 365,soya wheat,55 6 10 11
natto,tins and jars,natto,150 pack 2,d=1.05 y=1,cold 10,soya,58 10 5 0.1
umeboshi,tins and jars,umeboshi; umeboshi paste; pickled plums,150 jar 5,piece=10 d=1.1 y=0.8,cold 21 room 365,–,70 0.4 5 18 citric 4
nam-prik-pao,tins and jars,nam prik pao; thai chilli jam; roasted chilli paste,200 jar 2.5,d=1.05 y=1,cold 21 room 365,crustaceans fish,30 30 22 5
laksa-paste,tins and jars,laksa paste,200 jar 2.5,d=1.05 y=1,cold 21 room 365,crustaceans,50 20 8 8
tikka-paste,tins and jars,tikka paste,200 jar 2.5,d=1.05 y=1,cold 21 room 365,mustard,45 25 6 6
coriander-chutney,tins and jars,coriander chutney; green chutney,200 jar 2.5,d=1.05 y=1,cold 14,–,80 2 8 3 citric 0.8
piccalilli,tins and jars,piccalilli,200 jar 2.5,d=1.05 y=1,cold 21 room 365,mustard sulphites,68 0.5 24 2 acetic 1.2
onion-marmalade,tins and jars,onion marmalade; onion jam; caramelised onion chutney,200 jar 2.5,d=1.05 y=1,cold 21 room 365,–,42 1 45 1 acetic 0.8
membrillo,tins and jars,membrillo,150 pack 3,d=1.05 y=1,cold 90,–,32 0.1 58 0 citric 1
artichoke-dip,tins and jars,artichoke paste; artichoke dip,200 jar 2.5,d=1.05 y=1,cold 7,–,60 28 1 2.5
white-bean-dip,tins and jars,white bean dip,200 tub 1.8,d=1.05 y=1,cold 3,sesame,65 15 3 1
ranch-dressing,tins and jars,ranch dressing,250 bottle 2,d=1.05 y=1,cold 30 room 180,egg milk mustard,45 40 5 2 acetic 0.6
tartare-sauce,tins and jars,tartare sauce,200 jar 2.5,d=1.05 y=1,cold 30,egg mustard,45 42 6 1.6 acetic 0.6
hollandaise,tins and jars,hollandaise sauce,200 jar 2.5,d=1.05 y=1,cold 3,egg milk,35 55 2 1.4
marinated-artichokes,tins and jars,marinated artichokes; chargrilled artichokes; grilled artichokes in oil,280 jar 2.5,drained=0.6 d.sliced=0.6 y=1,cold 7,–,75 14 1 1.6 acetic 0.5
marinated-mushrooms,tins and jars,marinated mushrooms,280 jar 2.5,drained=0.6 y=1,cold 7,–,82 9 1 1.6 acetic 0.7
chargrilled-aubergines,tins and jars,chargrilled aubergines,280 jar 2.5,drained=0.65 y=1,cold 7,–,72 18 2 1.6 acetic 0.6
peppadew,tins and jars,peppadew peppers; peppadews; sweet piquanté peppers,400 jar 3,piece=8 drained=0.5 y=1,cold 21 room 365,–,78 0.3 18 1.6 acetic 1
pickled-red-cabbage,tins and jars,pickled red cabbage,340 jar 1.6,drained=0.65 y=1,cold 21 room 365,–,88 0.2 7 1 acetic 1.2
pickled-turnips,tins and jars,pickled turnips,600 jar 3,drained=0.6 y=1,cold 21 room 365,–,92 0.1 2 3 acetic 1
pickled-walnuts,tins and jars,pickled walnuts,390 jar 3.5,piece=12 drained=0.55 y=1,cold 21 room 365,walnut,80 2 10 1.5 acetic 1.2
pickled-garlic,tins and jars,pickled garlic,200 jar 3,drained=0.55 y=1,cold 21 room 365,–,78 0.4 5 3 acetic 1
dill-pickles,tins and jars,dill cucumbers; kosher dill pickles,670 jar 2,piece=40 d.diced=0.6 drained=0.55 y=1,cold 21 room 365,–,94 0.2 2 1.5 acetic 0.7
kalamata-olives,tins and jars,kalamata,200 tub 3,piece=5 d.chopped=0.6 drained=0.6 y=0.85,cold 21 room 365,!choking,73 18 0.5 3.5
tinned-cherry-tomatoes,tins and jars,tinned cherry tomatoes,400 tin 1,d=1.02 y=1,cold 3 room 700,–,94 0.2 3.5 0.2 citric 0.4
tinned-green-lentils,tins and jars,tinned puy lentils,400 tin 1,drained=0.6 d=0.75 y=1,cold 3 room 700,–,72 0.6 0.6 0.4
baked-beans,tins and jars,baked beans,400 tin 1,d=1.05 y=1,cold 3 room 700,–,74 0.5 5 0.6
tinned-peas,tins and jars,tinned peas,300 tin 0.7,drained=0.6 y=1,cold 3 room 700,–,82 0.5 2 0.4
tinned-mandarins,tins and jars,tinned mandarins,300 tin 0.8,drained=0.58 d=0.7 y=1,cold 3 room 700,–,86 0.1 11 0 citric 0.5
tinned-lychees,tins and jars,tinned lychees,565 tin 2,drained=0.5 y=1,cold 3 room 700,–,80 0.1 18 0 citric 0.3
tinned-clams,tins and jars,tinned clams,110 tin 3,drained=0.6 y=1,cold 2 room 700,molluscs,75 4 2 1.5
tinned-sprats,tins and jars,tinned sprats; sprats in oil; brisling,110 tin 2,drained=0.72 y=1,cold 2 room 700,fish,60 18 0 1.2
ventresca,tins and jars,ventresca tuna; tuna belly,110 tin 4,drained=0.7 d.flaked=0.6 y=1,cold 2 room 700,fish,62 12 0 1
grape-leaves-stuffed,tins and jars,dolmades; stuffed vine leaves; dolma,280 tin 2.5,piece=30 y=1,cold 3 room 700,–,66 10 3 1.2
moscatel-vinegar,oils and vinegars,moscatel vinegar; muscatel vinegar; muscat vinegar,ml 250 bottle 3,d=1 y=1,room 540,sulphites,85 0 8 0 acetic 6
rose-vinegar,oils and vinegars,rosé vinegar; rose wine vinegar; rosé wine vinegar,ml 250 bottle 3,d=1 y=1,room 540,sulphites,93 0 1 0 acetic 6
beer-vinegar,oils and vinegars,beer vinegar; ale vinegar,ml 250 bottle 3,d=1 y=1,room 540,barley,93 0 1 0 acetic 6
date-vinegar,oils and vinegars,date vinegar,ml 250 bottle 3,d=1 y=1,room 540,–,80 0 14 0 acetic 5
tarragon-vinegar,oils and vinegars,tarragon vinegar,ml 250 bottle 3,d=1 y=1,room 540,sulphites,93 0 1 0 acetic 6
cane-vinegar,oils and vinegars,cane vinegar,ml 250 bottle 3,d=1 y=1,room 540,–,93 0 1 0 acetic 6
ume-vinegar,oils and vinegars,ume vinegar; umeboshi vinegar; ume su; plum vinegar,ml 250 bottle 3,d=1 y=1,room 540,–,76 0 1 18 citric 4
shrub,oils and vinegars,shrub; drinking vinegar,ml 250 bottle 3,d=1 y=1,room 540,–,70 0 26 0 acetic 2
lemon-oil,oils and vinegars,lemon oil; lemon olive oil,ml 250 bottle 3,d=0.92 y=1,room 90,!inoil,0 100 0 0
smoked-oil,oils and vinegars,smoked oil; smoked rapeseed oil,ml 250 bottle 3,d=0.92 y=1,room 540,–,0 100 0 0
rice-bran-oil,oils and vinegars,rice bran oil,ml 500 bottle 3,d=0.92 y=1,room 540,–,0 100 0 0
argan-oil,oils and vinegars,argan oil,ml 250 bottle 8,d=0.92 y=1,room 540,–,0 100 0 0
spring-onion-oil,oils and vinegars,scallion oil; spring onion oil,ml 250 bottle 3,d=0.92 y=1,room 540,–,0 100 0 0
lime-juice-bottled,oils and vinegars,bottled lime juice,ml 250 bottle 3,d=1 y=1,cold 60 room 365,sulphites,90 0 2 0 citric 6
grapefruit-juice,oils and vinegars,grapefruit juice,ml 1000 carton 2,d=1 y=1,cold 5,–,89 0.1 9 0 citric 1.2
beetroot-juice,oils and vinegars,beetroot juice,ml 500 bottle 2.5,d=1 y=1,cold 5,–,90 0.1 8 0.2
grape-juice,oils and vinegars,grape juice; white grape juice,ml 1000 carton 2,d=1 y=1,cold 7 room 180,–,82 0 16 0 citric 0.6
mango-juice,oils and vinegars,mango juice,ml 1000 carton 2.4,d=1 y=1,cold 5 room 180,–,85 0.1 13 0 citric 0.6
kombucha,oils and vinegars,kombucha,ml 330 bottle 2,d=1 y=1,cold 30,–,96 0 3 0 acetic 0.6
brewed-tea,oils and vinegars,brewed tea,ml 500 carton 1,d=1 y=1,cold 2,–,99 0 0 0
beer,oils and vinegars,beer; lager; pale ale,ml 330 bottle 1.5,d=1 y=1,room 180,barley notvegan,93 0 3 0
cider,oils and vinegars,cider / hard cider; dry cider,ml 500 bottle 2,d=1 y=1,room 365,sulphites,92 0 3 0 citric 0.5
port,oils and vinegars,port,ml 750 bottle 10,d=1 y=1,room 180,sulphites,72 0 12 0
brandy,oils and vinegars,brandy; cognac,ml 350 bottle 12,d=1 y=1,room 900,–,65 0 0 0
rum,oils and vinegars,rum; dark rum; white rum,ml 350 bottle 10,d=1 y=1,room 900,–,65 0 0 0
vodka,oils and vinegars,vodka,ml 350 bottle 10,d=1 y=1,room 900,–,65 0 0 0
whisky,oils and vinegars,whisky / whiskey; whiskey; bourbon; scotch,ml 350 bottle 12,d=1 y=1,room 900,barley,65 0 0 0
pastis,oils and vinegars,pastis,ml 350 bottle 12,d=1 y=1,room 900,–,60 0 2 0
orange-liqueur,oils and vinegars,orange liqueur; triple sec,ml 350 bottle 12,d=1 y=1,room 900,–,45 0 30 0
prosecco,oils and vinegars,prosecco,ml 750 bottle 9,d=1 y=1,room 365,sulphites,87 0 1.5 0
dried-flageolet,grains and pulses,dried flageolet beans; flageolet beans,500 bag 2,d=0.8 cooked=2.3 y=1,room 365,!beans !coolfast,11 1.5 1.5 0
gigantes-beans,grains and pulses,gigantes beans; gigante beans,500 bag 2,d=0.8 cooked=2.3 y=1,room 365,!beans !coolfast,11 1.5 1.5 0
dried-soya-beans,grains and pulses,dried soya beans / dried soybeans; dried edamame,500 bag 2,d=0.8 cooked=2.3 y=1,room 365,soya !coolfast,9 20 7 0
tepary-beans,grains and pulses,tepary beans,500 bag 2,d=0.8 cooked=2.3 y=1,room 365,!beans !coolfast,11 1.5 1.5 0
pigeon-peas,grains and pulses,gandules,500 bag 2,d=0.8 cooked=2.3 y=1,room 365,!coolfast,11 1.5 1.5 0
marrowfat-peas,grains and pulses,marrowfat peas,500 bag 2,d=0.8 cooked=2.3 y=1,room 365,!coolfast,11 1.5 1.5 0
brown-masoor,grains and pulses,whole masoor; brown masoor,500 bag 2,d=0.8 cooked=2.3 y=1,room 365,!coolfast,11 1.5 1.5 0
cooked-puy-lentils,grains and pulses,ready-cooked puy lentils; cooked puy lentils,250 pouch 2,d=0.75 y=1,cold 2 room 300,–,65 1.5 1 0.6
cooked-quinoa,grains and pulses,ready-cooked quinoa; quinoa pouch,250 pouch 2,d=0.7 y=1,cold 2 room 300,!coolfast,62 3 1.5 0.6
jarred-white-beans,grains and pulses,jarred white beans,700 jar 3.5,drained=0.7 d=0.72 y=1,cold 3 room 700,–,72 0.6 0.6 0.6
einkorn,grains and pulses,einkorn,500 bag 2,d=0.8 cooked=2.3 y=1,room 365,wheat !coolfast,11 1.5 1.5 0
sorghum,grains and pulses,sorghum,500 bag 2,d=0.8 cooked=2.3 y=1,room 365,!coolfast,11 1.5 1.5 0
puffed-rice,grains and pulses,puffed rice; murmura,200 bag 1.6,d=0.12 handful=10 y=1,room 365,–,11 1.5 1.5 0
cornflakes,grains and pulses,cornflakes; corn flakes,500 box 2,d=0.12 y=1,room 365,barley,11 1.5 1.5 0
cornmeal,grains and pulses,maize meal,500 bag 1.6,d=0.65 y=1,room 365,–,11 1.5 1.5 0
somen,grains and pulses,somen,300 packet 1.6,cooked=2.1 y=1,room 365,wheat !coolfast,11 1.5 1.5 0
sweet-potato-noodles,grains and pulses,sweet potato noodles; dangmyeon,300 packet 2.4,cooked=2.6 y=1,room 365,!coolfast,11 1.5 1.5 0
fresh-noodles,grains and pulses,fresh egg noodles,300 packet 1.6,y=1,cold 5,wheat egg !coolfast,62 2 1 0.5
lasagne,grains and pulses,lasagne sheets / lasagna; lasagna sheets,500 packet 1.4,cooked=2.1 y=1,room 365,wheat !coolfast,11 1.5 1.5 0
red-lentil-pasta,grains and pulses,red lentil pasta,250 packet 2,cooked=2.1 y=1,room 365,!coolfast,11 1.5 1.5 0
paella-rice,grains and pulses,paella rice; bomba rice,500 box 2.2,d=0.85 cooked=2.8 y=1,room 365,!coolfast,11 1.5 1.5 0
brown-basmati,grains and pulses,brown basmati,500 bag 2,d=0.85 cooked=2.5 y=1,room 365,!coolfast,11 1.5 1.5 0
honey-roast-peanuts,nuts and seeds,honey-roast peanuts,150 bag 3,d.chopped=0.55 handful=30 y=1,room 180,peanut notvegan,3 45 18 0.8
tamari-almonds,nuts and seeds,tamari almonds,150 bag 3,d.chopped=0.55 handful=30 y=1,room 180,almond soya wheat,3 50 5 1.5
marcona,nuts and seeds,marcona almonds,150 bag 3,d.chopped=0.55 handful=30 y=1,room 180,almond,3 55 5 0
ground-hazelnuts,nuts and seeds,ground hazelnuts; hazelnut flour,150 bag 3,d=0.42 y=1,room 180,hazelnut,3 55 5 0
candlenuts,nuts and seeds,candlenuts,150 bag 3,d.chopped=0.55 handful=30 y=1,room 180,–,3 55 5 0
roasted-soya-beans,nuts and seeds,roasted soya beans; soy nuts,150 bag 3,d.chopped=0.55 handful=30 y=1,room 180,soya,3 55 5 0
melon-seeds,nuts and seeds,melon seeds,150 bag 3,d.chopped=0.55 handful=30 y=1,room 180,–,3 55 5 0
gomasio,nuts and seeds,gomasio; sesame salt,150 bag 3,d=0.55 y=1,room 180,sesame,3 55 5 0
peanut-brittle,nuts and seeds,peanut brittle,150 bag 3,d.chopped=0.55 handful=30 y=1,room 180,peanut,2 25 55 0.4
trail-mix,nuts and seeds,trail mix; fruit and nut mix,150 bag 3,d.chopped=0.55 handful=30 y=1,room 180,almond cashew hazelnut peanut,8 30 35 0.1
anardana,spices and seasoning,anardana; dried pomegranate seeds; pomegranate powder,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
amchur,spices and seasoning,amchur; amchoor; dried mango powder; mango powder,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
asafoetida,spices and seasoning,asafoetida; hing; asafetida,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,wheat,9 8 4 0.1
panch-phoron,spices and seasoning,panch phoron; panch phoran; tempering spices,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,mustard,9 8 4 0.1
grains-of-paradise,spices and seasoning,grains of paradise,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
mahleb,spices and seasoning,mahleb,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
advieh,spices and seasoning,advieh,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
hawaij,spices and seasoning,hawaij,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
khmeli-suneli,spices and seasoning,khmeli suneli,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 3 10
suya,spices and seasoning,suya spice,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,peanut,9 8 4 0.1
yuzu-kosho,spices and seasoning,yuzu kosho,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
seafood-seasoning,spices and seasoning,crab seasoning; seafood seasoning,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,celery mustard,5 5 3 35
chilli-lime-seasoning,spices and seasoning,chilli-lime seasoning,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,5 3 5 35
ranch-seasoning,spices and seasoning,ranch seasoning,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,milk,9 8 4 0.1
bbq-rub,spices and seasoning,barbecue rub; bbq rub,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,8 6 10 18
guajillo,spices and seasoning,guajillo chillies; guajillo chiles,40 jar 1.8,piece=5 y=0.85 scaling=startLow,room 540,–,9 8 4 0.1
kashmiri-chilli,spices and seasoning,kashmiri chilli powder,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
mixed-peppercorns,spices and seasoning,mixed peppercorns,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
pink-salt,spices and seasoning,pink salt; himalayan salt,250 box 1.6,d=1.1 y=1 scaling=startLow,room 540,–,0 0 0 99
monosodium-glutamate,spices and seasoning,msg; monosodium glutamate,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
rose-petals,spices and seasoning,dried rose petals; rose petals,40 jar 1.8,d=0.45 y=1 scaling=startLow,room 540,–,9 8 4 0.1
hijiki,spices and seasoning,hijiki,30 packet 3,d=0.1 cooked=6 y=1,room 540,–,10 2 1 6
seaweed-salad,spices and seasoning,seaweed salad,100 tub 3.5,d=0.5 y=1,cold 7,sesame soya,80 2 8 2
mushroom-ketchup,oils and vinegars,mushroom ketchup,ml 150 bottle 1.8,d=1.15 y=1,room 540,sulphites,68 0 3 18
colatura,oils and vinegars,colatura; colatura di alici; garum,ml 100 bottle 9,d=1.2 y=1,room 540,fish,68 0 1 24
hot-honey,baking and sweet,hot honey; chilli honey,250 jar 3,d=1.35 y=1,room 540,notvegan !honey,20 0 75 0
birch-syrup,baking and sweet,birch syrup,250 jar 3,d=1.35 y=1,room 540,–,20 0 75 0
simple-syrup,baking and sweet,simple syrup; sugar syrup,250 jar 3,d=1.35 y=1,room 540,–,20 0 75 0
dulce-de-leche,baking and sweet,dulce de leche,250 jar 3,d=1.35 y=1,room 540,milk,28 8 55 0.3
jaggery,baking and sweet,gur,500 bag 1.8,d=0.85 y=1,room 540,–,3 0 95 0
blackcurrant-jam,baking and sweet,blackcurrant jam,250 jar 3,d=1.35 y=1,cold 60 room 365,–,32 0 62 0 citric 0.8
crab-apple-jelly,baking and sweet,crab apple jelly,250 jar 3,d=1.35 y=1,cold 60 room 365,–,32 0 62 0 citric 0.8
chocolate-chips,baking and sweet,chocolate chips,200 bag 2,d=0.65 y=1,room 540,milk soya,1 32 50 0.1
tempura-flour,baking and sweet,tempura flour; tempura batter mix,500 bag 1.8,d=0.55 y=1,room 540,wheat,12 1.5 1 0
gelatine-leaves,baking and sweet,gelatin sheets,pc 10 packet 2,piece=2 y=1,room 540,meat,12 0 0 0.5
pectin,baking and sweet,pectin,100 tub 3,d=0.6 y=1,room 540,–,10 1 1 0.5
agretti,vegetables,agretti; monk's beard; barba di frate,200 bunch 2.5,d.chopped=0.2 y=0.85,cold 3,!wash,91 0.3 1.5 0.3
borage,vegetables,borage; borage leaves,200 bunch 2.5,d.chopped=0.2 y=0.85,cold 3,!wash,91 0.3 1.5 0.3
lampascioni,vegetables,lampascioni; hyacinth bulbs,300 jar 5,d.chopped=0.2 y=0.85,cold 3,–,91 0.3 1.5 0.3
garden-eggs,vegetables,garden eggs; thai aubergines; thai eggplant; pea aubergines; white aubergine,300 bag 2.5,piece=40 y=0.92,cool 5,–,92 0.2 3 0
rice-cakes-korean,grains and pulses,korean rice cakes; tteok; tteokbokki,500 pack 3,y=1,cold 14,–,50 0.5 1 0.8
rice-cakes,bakery,rice cakes; corn cakes; puffed rice cakes,130 packet 1.2,piece=8 y=1,room 120,–,5 3 1 0.5
poha,grains and pulses,poha; flattened rice; beaten rice,500 bag 1.5,d=0.2 y=1,room 240,–,11 1 1 0
akkawi,dairy and eggs,akkawi; akawi; akkawi cheese,250 block 3.5,d.cubed=0.6 y=1,cold 21,milk,48 24 1 4
egusi,nuts and seeds,egusi; egusi seeds; ground egusi,200 bag 3,d=0.5 y=1,room 180,–,5 48 2 0
castelluccio,grains and pulses,castelluccio lentils; umbrian lentils; pardina lentils,500 bag 3.5,d=0.8 cooked=2.4 y=1,room 540,!coolfast,11 1 1.5 0
wattleseed,spices and seasoning,wattleseed; wattle seed,40 jar 5,d=0.5 y=1,room 540,–,8 6 2 0
niter-kibbeh,dairy and eggs,niter kibbeh; spiced clarified butter,200 jar 4,d=0.91 y=1,cold 60,milk,1 98 0 0.2
mitmita,spices and seasoning,mitmita,45 jar 2,d=0.45 y=1 scaling=startLow,room 500,–,9 12 5 12
shiro,grains and pulses,shiro; shiro powder; shiro flour,400 bag 4,d=0.45 y=1,room 240,–,10 5 5 2
yeast-extract,tins and jars,yeast extract,125 jar 2,d=1.3 y=1,room 500,barley wheat celery,35 0 1 9
cervelas,fish and meat,cervelas; cervelat; knackwurst,400 pack 4,piece=100 y=1,cold 10,pork !cold,58 24 1 2
fish-cakes,fish and meat,fish cakes; fishcakes; korean fish cake; eomuk; fish balls,300 pack 3,y=1,cold 3,fish wheat !cold,65 8 3 1.4
`;
