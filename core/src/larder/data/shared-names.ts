/**
 * Names that several foods go by. Which is meant is asked, never guessed; the likeliest stands first.
 * "name, name: id id id".
 */
const rows = `
oil, plain oil: olive-oil extra-virgin-olive-oil sunflower-oil rapeseed-oil vegetable-oil
neutral oil, mild oil, flavourless oil, frying oil, salad oil: rapeseed-oil sunflower-oil vegetable-oil grapeseed-oil
nut oil: walnut-oil hazelnut-oil almond-oil peanut-oil
vinegar: white-wine-vinegar red-wine-vinegar cider-vinegar white-vinegar
wine vinegar: red-wine-vinegar white-wine-vinegar
balsamic: balsamic-vinegar white-balsamic
mustard: dijon-mustard wholegrain-mustard english-mustard american-mustard
stock, broth, bouillon: vegetable-stock chicken-stock beef-stock fish-stock
stock cube, stock cubes, stock powder, bouillon powder, bouillon cube: vegetable-bouillon chicken-stock-cubes
cream: cream whipping-cream single-cream soured-cream
plant milk, plant-based milk, non-dairy milk, dairy-free milk, vegan milk: oat-milk soya-milk almond-milk coconut-drink
plant cream, dairy-free cream, vegan cream: oat-cream soya-cream coconut-cream
plant yoghurt, vegan yoghurt, vegan yogurt, dairy-free yoghurt, plant-based yogurt: soya-yoghurt coconut-yoghurt oat-yoghurt
cheese, grated cheese: cheddar parmesan feta goats-cheese gruyere
tofu: firm-tofu tofu smoked-tofu
chicken, cooked chicken pieces: chicken-breast chicken-thigh cooked-chicken
chickpeas, chickpea, garbanzo beans, garbanzos: tinned-chickpeas dried-chickpeas
white beans, cannellini beans, cannellini, haricot beans, navy beans: tinned-white-beans dried-white-beans
black beans, turtle beans: tinned-black-beans dried-black-beans
kidney beans, red kidney beans, red beans: tinned-kidney-beans dried-kidney-beans
borlotti beans, cranberry beans, borlotti: tinned-borlotti-beans dried-borlotti-beans
pinto beans: tinned-pinto-beans dried-pinto-beans
black-eyed beans, black-eyed peas, black eyed beans, black eyed peas: tinned-black-eyed-beans dried-black-eyed-beans
butter beans, lima beans, large white beans: tinned-butter-beans dried-butter-beans
beans, pulses, cooked beans, tinned beans, canned beans: tinned-white-beans tinned-mixed-beans tinned-kidney-beans tinned-black-beans
fava beans, broad beans: broad-beans fresh-broad-beans tinned-broad-beans dried-broad-beans
soya beans, soybeans, soy beans: edamame
dried beans: dried-white-beans dried-kidney-beans dried-black-beans dried-borlotti-beans
lentils, dried lentils, lentil: green-lentils red-lentils brown-lentils black-lentils tinned-lentils
green lentils: green-lentils tinned-lentils
peas: peas fresh-peas split-peas
sweetcorn, corn, corn kernels, sweet corn: sweetcorn frozen-sweetcorn corn-cob
tuna: tuna tuna-steak
crab: crab-meat tinned-crab
smoked fish: smoked-mackerel smoked-trout hot-smoked-salmon smoked-haddock
seafood, shellfish, mixed seafood: cooked-prawns mussels squid crab-meat
oregano: dried-oregano fresh-oregano
turmeric: turmeric fresh-turmeric
horseradish: fresh-horseradish horseradish creamed-horseradish
herbs, fresh herbs, soft herbs, mixed fresh herbs, chopped herbs: parsley mint dill coriander basil
dried herbs: dried-oregano dried-thyme mixed-herbs
mixed mushrooms: mushroom chestnut-mushroom wild-mushroom
artichoke heart pieces: artichoke-hearts tinned-artichokes
crudites, mixed crudites, raw vegetables, vegetable sticks, mixed vegetable sticks, vegetables to dip: carrot celery cucumber pepper radish
cabbage: cabbage pointed-cabbage red-cabbage savoy-cabbage
endive: chicory frisee
leaves, green leaves: mixed-leaves cos-lettuce rocket baby-spinach
greens, leafy greens: mixed-leaves kale baby-spinach swiss-chard
breadcrumbs, bread crumbs: breadcrumbs fresh-breadcrumbs panko
noodles: egg-noodles rice-noodles wheat-noodles
nuts, chopped nuts: walnuts hazelnuts almonds cashews
seeds: sunflower-seeds pumpkin-seeds sesame-seeds mixed-seeds
berries, mixed berries: raspberries blueberries strawberry blackberries
dried fruit: raisins dried-apricots dates dried-cranberries
citrus, citrus fruit: orange lemon lime grapefruit
coconut milk drink: coconut-drink coconut-milk
thai curry paste: thai-red-curry-paste thai-green-curry-paste
pickles, pickle: gherkins chutney lime-pickle pickled-onions
chilli pepper, chili pepper, chile pepper, hot pepper: chilli red-chilli green-chilli jalapeno dried-chillies
chilli sauce, chili sauce: hot-sauce pepper-sauce sriracha sweet-chilli-sauce
syrup: maple-syrup golden-syrup agave date-syrup
bacon bits, smoked bacon pieces: pancetta smoked-bacon
dark leaves: kale black-kale
sprouts: sprouts alfalfa-sprouts brussels-sprouts mung-sprouts
miso, miso paste: miso red-miso
white fish, firm white fish, white fish fillets, white fish fillet: cod haddock hake sea-bass
smoked white fish: smoked-haddock
lamb, minced meat, mince: lamb-steaks minced-lamb minced-beef minced-pork
pork: pork-fillet minced-pork pulled-pork
turkey: turkey cooked-turkey minced-turkey
octopus: octopus
sausage, sausages: sausages merguez chorizo
jam, preserves, fruit jam: apricot-jam raspberry-jam strawberry-jam fig-jam
curry paste, spice paste: curry-paste thai-red-curry-paste thai-green-curry-paste
chilli paste, chile paste, chili paste: harissa sambal gochujang chipotle-paste
seaweed, dried seaweed: nori wakame kombu dulse
tagliatelle, pappardelle: egg-pasta long-pasta
ramen, ramen noodles: egg-noodles wheat-noodles
small shrimps, tiny shrimp: prawns cooked-prawns brown-shrimps
grains, cooked grains: bulgur farro quinoa pearl-barley cooked-grains
`;

export const sharedNameRows: readonly (readonly [names: readonly string[], ids: readonly string[]])[] = rows
  .trim()
  .split('\n')
  .map((row) => {
    const [names, ids] = row.split(':') as [string, string];
    return [names.split(',').map((name) => name.trim()), ids.trim().split(' ')] as const;
  });
