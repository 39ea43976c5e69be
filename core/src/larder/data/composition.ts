/**
 * What 100 g hold: water, fat, sugars, salt, and acid as "kind share" (acetic, citric, lactic; malic and
 * tartaric counted as citric). Typical figures of food tables and labels, rounded: starting estimates, to be
 * replaced by a label or a measurement.
 */
export const composition = `
aubergine 92 0.2 3.5 0 | avocado 73 15 0.7 0 | beetroot 88 0.2 7 0.2 | broccoli 89 0.4 1.7 0.1 | cabbage 92 0.1 3.2 0 | red-cabbage 90 0.2 3.8 0.1
carrot 88 0.2 4.7 0.2 | cauliflower 92 0.3 1.9 0.1
celery 95 0.2 1.3 0.2 | celeriac 88 0.3 1.6 0.3 | courgette 95 0.3 2.5 0 | cucumber 95 0.1 1.7 0 | fennel 90 0.2 3.9 0.1 | garlic 59 0.5 1 0
ginger 79 0.8 1.7 0 | green-beans 90 0.2 3.3 0 | kohlrabi 91 0.1 2.6 0.1
leek 83 0.3 3.9 0.1 | mushroom 92 0.3 2 0 | onion 89 0.1 4.2 0 | red-onion 89 0.1 4.5 0 | parsnip 80 0.3 4.8 0 | pepper 92 0.3 4.2 0
potato 79 0.1 0.8 0 | radish 95 0.1 1.9 0.1 | shallot 80 0.1 7.9 0
spring-onion 90 0.2 2.3 0 | squash 88 0.1 2.8 0 | sweet-potato 77 0.1 4.2 0.1 | tomato 94.5 0.2 2.6 0 citric 0.4
cherry-tomato 93 0.3 3.9 0 citric 0.5 | chilli 88 0.4 5.3 0 | asparagus 93 0.1 1.9 0 | peas 79 0.4 5.7 0 | sugar-snap 89 0.2 4 0
cos-lettuce 95 0.3 1.2 0 | little-gem 95 0.2 1.3 0 | butterhead 96 0.2 0.9 0 | mixed-leaves 94 0.3 1 0.1 | rocket 92 0.7 2 0.1
baby-spinach 91 0.4 0.4 0.2 | kale 84 0.9 2.3 0.1 | watercress 95 0.1 0.2 0.1 | radicchio 93 0.3 0.6 0.1
chicory 95 0.1 0.7 0 | basil 92 0.6 0.3 0 | chives 91 0.7 1.9 0 | coriander 92 0.5 0.9 0.1 | dill 86 1.1 0 0.2 | mint 86 0.7 0 0.1
parsley 88 0.8 0.9 0.1 | rosemary 68 5.9 0 0.1 | sage 80 4 1 0 | tarragon 80 2 2 0.1 | thyme 65 1.7 0 0 | sprouts 90 0.2 4.1 0
lemon 92 0.3 2.2 0 citric 5.5 | lime 91 0.2 1.7 0 citric 6 | orange 87 0.1 9 0 citric 1 | grapefruit 90 0.1 7 0 citric 1.4
apple 86 0.2 10.4 0 citric 0.5 | pear 84 0.1 9.8 0 citric 0.2 | mango 83 0.4 13.7 0 citric 0.3 | pomegranate 78 1.2 13.7 0 citric 0.9
grapes 81 0.2 15.5 0 citric 0.6 | strawberry 91 0.3 4.9 0 citric 0.9 | fig 79 0.3 16.3 0
peach 89 0.3 8.4 0 citric 0.5 | watermelon 91 0.2 6.2 0 | melon 90 0.2 8 0
dates 21 0.4 63 0 | raisins 15 0.5 59 0 citric 1.5 | dried-cranberries 16 1.4 65 0 citric 1
flatbread 32 6 3 1.1 | sourdough 38 1.5 2 1.1 | rye-bread 42 1.7 3.9 1.2 | breadcrumbs 8 3 4 1.4
egg 76 9.5 0.4 0.35 | butter 16 81 0.6 0 | buttermilk 90 0.9 4.8 0.2 lactic 0.8 | milk 88 3.6 4.7 0.1 | cream 48 48 1.6 0.1
creme-fraiche 60 30 2.4 0.1 lactic 0.7 | soured-cream 74 18 3.8 0.1 lactic 0.7 | yoghurt 87 3.5 4.9 0.2 lactic 1
strained-yoghurt 77 10 3.8 0.1 lactic 1
cream-cheese 60 24 3.5 0.7 lactic 0.6 | feta 55 22 1 2.6 lactic 0.9 | parmesan 30 29 0 1.7 | goats-cheese 60 22 1 1 lactic 0.6
blue-cheese 42 29 0.5 2.4 | halloumi 50 25 2 2.6 | mozzarella 58 18 1 0.6 | tofu 76 6 0.5 0
smoked-bacon 60 23 0.5 3 | bacon-fat 0.5 99 0 0.3 | chickpea-liquid 94 0.2 0.5 0.6 | pickle-brine 92 0 2 4 acetic 1.2
cooking-liquid 97 0.1 0.3 0.6 | soaking-liquid 98 0.1 0.5 0.1 | pan-juices 92 3 1.5 0.8 | pan-fat 0.5 99 0 0.2
pan-oil 0.5 99 0 0.1 | tomato-oil 0.5 98 0.5 0.5
anchovy-oil 1 95 0 3 | prawns 80 0.6 0 0.7 | smoked-mackerel 50 30 0 1.9 | chicken-breast 75 1.6 0 0.2
tinned-chickpeas 69 2.6 0.4 0.5 | tinned-white-beans 72 0.5 0.7 0.5 | tinned-black-beans 72 0.5 0.3 0.6 | tinned-lentils 76 0.5 0.4 0.5
sweetcorn 80 1.2 6.5 0.4 | tuna 72 1 0 0.9 | tinned-tomatoes 93 0.2 3 0.2 citric 0.4 | anchovy 52 10 0 14 | olives 75 15 0.5 3.5 lactic 0.4
capers 86 0.6 0.3 6 acetic 0.8 | gherkins 92 0.2 3.5 1.6 acetic 0.9 | roasted-peppers 90 0.5 5 1 citric 0.3 | sun-dried-tomatoes 45 18 16 3 citric 1.2
dijon-mustard 66 11 2.5 6 acetic 1.8 | wholegrain-mustard 62 11 4 5 acetic 1.7 | mayonnaise 20 76 1.3 1.4 acetic 0.3
tahini 2 56 0.5 0.1 | peanut-butter 1 51 6 0.9 | harissa 72 8 6 3 citric 0.7 | miso 46 5 6 12 lactic 0.4 | horseradish 70 12 8 2 acetic 1.2
olive-oil 0 100 0 0 | extra-virgin-olive-oil 0 100 0 0 | rapeseed-oil 0 100 0 0 | walnut-oil 0 100 0 0 | hazelnut-oil 0 100 0 0 | sesame-oil 0 100 0 0
red-wine-vinegar 93 0 0.3 0 acetic 6 | white-wine-vinegar 93 0 0.3 0 acetic 6 | cider-vinegar 94 0 0.4 0 acetic 5 | sherry-vinegar 91 0 1.5 0 acetic 7
balsamic-vinegar 74 0 17 0.1 acetic 6 | rice-vinegar 94 0 0.5 0 acetic 4.3 | soy-sauce 66 0 1.5 15 lactic 0.8
fish-sauce 70 0 2 24 | pomegranate-molasses 30 0 62 0.1 citric 6 | hot-sauce 90 0.5 1 6 acetic 2.5 | vegetable-stock 97 0.3 0.5 0.8
dried-white-beans 11 1 2 0 | dried-chickpeas 10 6 3 0 | green-lentils 10 1.3 1 0 | farro 11 2.3 1 0 | pearl-barley 11 1.2 0.8 0 | bulgur 9 1.4 0.8 0
couscous 9 1 1 0 | quinoa 12 6 2 0 | white-rice 12 0.6 0.1 0 | short-pasta 11 1.5 2.5 0
walnuts 4 65 2.6 0 | hazelnuts 5 61 4.3 0 | almonds 4 50 4.4 0 | pecans 4 72 4 0 | cashews 5 44 5.9 0 | pistachios 4 45 7.7 0 | pine-nuts 2 68 3.6 0
peanuts 5 49 4.7 0 | pumpkin-seeds 5 49 1.4 0 | sunflower-seeds 5 51 2.6 0 | sesame-seeds 4 50 0.3 0
fine-salt 0 0 0 100 | coarse-salt 0 0 0 100 | flake-salt 0 0 0 100 | black-pepper 12 3.3 0.6 0 | cumin-seeds 8 22 2.3 0.4 | ground-cumin 8 22 2.3 0.4
coriander-seeds 9 18 0 0.1 | caraway-seeds 10 15 0.6 0 | fennel-seeds 9 15 0 0.2 | smoked-paprika 11 13 10 0.2 | paprika 11 13 10 0.2
chilli-flakes 9 15 10 0.1 | sumac 9 12 3 6 citric 10 | turmeric 13 3 3 0.1 | dried-oregano 10 4 4 0.1 | dried-mint 11 6 2 0.9
granulated-garlic 6 0.7 2.4 0.2 | bay-leaf 5 8 0 0.1
honey 17 0 80 0 | maple-syrup 32 0 65 0 | caster-sugar 0 0 100 0 | brown-sugar 2 0 97 0.1 | plain-flour 13 1 0.7 0 | cornflour 12 0.1 0 0
water 100 0 0 0 | ice 100 0 0 0
`;

/**
 * Months of season in the northern temperate zone; six months later in the southern. Typical, and shifting
 * with place and year.
 */
export const seasons = `
aubergine 7-9 | beetroot 6-2 | broccoli 6-11 | cauliflower 8-4 | celery 7-11 | celeriac 10-3
courgette 6-9 | cucumber 5-9 | fennel 6-10 | green-beans 6-9 | kohlrabi 6-11 | leek 9-3 | mushroom 1-12
parsnip 10-3 | pepper 7-10 | radish 4-10 | spring-onion 3-10 | squash 9-1 | sweet-potato 10-3 | tomato 6-10
cherry-tomato 6-10 | chilli 7-10 | asparagus 4-6 | sugar-snap 6-8
cos-lettuce 5-10 | little-gem 5-10 | butterhead 5-10 | mixed-leaves 4-10 | rocket 4-10 | baby-spinach 3-10 | kale 9-4 | watercress 4-10
radicchio 10-3 | chicory 11-4 | basil 6-9 | chives 4-9 | coriander 5-9 | dill 5-9 | mint 4-10 | parsley 4-11 | tarragon 5-9 | sage 4-11 | thyme 4-11
rosemary 1-12
lemon 1-12 | lime 1-12 | orange 11-4 | grapefruit 11-4 | apple 8-3 | pear 8-1 | mango 4-8 | pomegranate 9-1 | grapes 8-11 | strawberry 5-8 | fig 8-10
peach 6-9 | melon 7-9 | watermelon 6-9
`;

/** Grams of a small and of a large piece as purchased, beside the medium one. Estimates. */
export const pieceSizes = `
aubergine 220 420 | avocado 150 260 | beetroot 80 180 | broccoli 300 550 | cabbage 600 1300 | red-cabbage 600 1300 | carrot 50 120
cauliflower 500 1000 | courgette 140 300 | cucumber 250 420 | fennel 180 330 | onion 90 220 | red-onion 80 200 | pepper 120 210 | potato 100 250
shallot 20 45
squash 700 1500 | sweet-potato 150 400 | tomato 80 180 | chilli 8 25 | celeriac 500 1000 | leek 100 250 | parsnip 80 200 | kohlrabi 150 350
lemon 90 145 | lime 55 85 | orange 150 260 | grapefruit 300 460 | apple 120 220 | pear 140 230 | mango 250 450 | pomegranate 200 380 | fig 35 60
peach 110 190 | egg 48 68
`;

/**
 * Typical prices in pounds sterling of each pack in the order of the larder, loose goods by the kilogram:
 * starting estimates, not offers of any shop.
 */
export const pricesInPounds = `
aubergine 0.95 | avocado 0.95 | beetroot 1.4 | broccoli 0.85 | cabbage 0.9 | red-cabbage 1 | carrot 0.8 | cauliflower 1.1 | celery 0.85 | celeriac 1.4
courgette 0.6 | cucumber 0.9 | fennel 1.1 | garlic 0.35 | ginger 3.6 | green-beans 5 | kohlrabi 1 | leek 0.6 | mushroom 1.1 | onion 0.2
red-onion 0.25 | parsnip 1.5 | pepper 0.7 | potato 1 | radish 0.9 | shallot 0.2
spring-onion 0.65 | squash 1.9 | sweet-potato 1.3 | tomato 2.6 | cherry-tomato 1.2 | chilli 0.2 | asparagus 2.4 | peas 1.1 | sugar-snap 1.4
cos-lettuce 0.9 | little-gem 0.55 | butterhead 0.9 | mixed-leaves 1.3 2.2 | rocket 1.1 1.6 | baby-spinach 1.2 1.9 | kale 1.2 | watercress 1.4
radicchio 1.5 | chicory 0.9
basil 0.9 | chives 0.75 | coriander 0.65 1.3 | dill 0.75 | mint 0.75 | parsley 0.65 1.3 | rosemary 0.75 | sage 0.75 | tarragon 0.75 | thyme 0.75
sprouts 0.8 | lemon 0.35 | lime 0.3 | orange 0.45 | grapefruit 0.7 | apple 0.4 | pear 0.45 | mango 1.1 | pomegranate 1.2 | grapes 2.2 | strawberry 2
fig 0.6 | peach 0.6 | melon 2.2 | watermelon 1.6 | dates 2 | raisins 1 | dried-cranberries 1.6
flatbread 1.2 | sourdough 3 | rye-bread 1.8 | breadcrumbs 1.1 | egg 1.6 2.9 | butter 2.1 | buttermilk 0.7 1.1 | milk 0.7 0.95 | cream 0.95 1.4
creme-fraiche 1.1 1.5 | soured-cream 0.8 1.2 | yoghurt 0.6 1.3 | strained-yoghurt 1.2 2.4 | cream-cheese 1.4 | feta 1.9 | parmesan 3.6
goats-cheese 1.7 2.3 | blue-cheese 2.2 | halloumi 2.6 | mozzarella 1 | tofu 2
smoked-bacon 2.4 | prawns 3.2 5.8 | smoked-mackerel 2.8 | chicken-breast 8 | tinned-chickpeas 0.6 | tinned-white-beans 0.6 | tinned-black-beans 0.65
tinned-lentils 0.75 | sweetcorn 0.6 0.85 | tuna 1 | tinned-tomatoes 0.6 | anchovy 1.3 2.4 | olives 1.8 | capers 1.3 | gherkins 1.4
roasted-peppers 1.9 | sun-dried-tomatoes 2.1 | dijon-mustard 1 | wholegrain-mustard 1 | mayonnaise 1.6 | tahini 2.8 | peanut-butter 2 | harissa 1.8
miso 3.2 | horseradish 1.2
olive-oil 5.2 9.2 | extra-virgin-olive-oil 6.2 8.8 | rapeseed-oil 2.2 3.6 | walnut-oil 3.4 | hazelnut-oil 4.2 | sesame-oil 2 | red-wine-vinegar 1.3
white-wine-vinegar 1.2 | cider-vinegar 1.4 1.8 | sherry-vinegar 3 | balsamic-vinegar 2.2 | rice-vinegar 1.4 2.2 | soy-sauce 1.2 1.8 | fish-sauce 1.7
pomegranate-molasses 2.9 | hot-sauce 1.6 | vegetable-stock 1.6
dried-white-beans 1.5 | dried-chickpeas 1.3 | green-lentils 1.4 | farro 2.6 | pearl-barley 1 | bulgur 1.3 | couscous 1 | quinoa 2.2
white-rice 1.2 2.1 | short-pasta 0.9 | walnuts 1.6 2.8 | hazelnuts 1.7 3 | almonds 1.4 2.5 | pecans 2 | cashews 1.7 | pistachios 2.4 | pine-nuts 2.2 4
peanuts 1.1 | pumpkin-seeds 1.2 | sunflower-seeds 0.8 | sesame-seeds 1
fine-salt 0.6 | coarse-salt 1.3 | flake-salt 2 | black-pepper 1.4 | cumin-seeds 1 | ground-cumin 1 | coriander-seeds 1 | caraway-seeds 1.2
fennel-seeds 1 | smoked-paprika 1.1 | paprika 1 | chilli-flakes 1 | sumac 1.4 | turmeric 1 | dried-oregano 1 | dried-mint 1 | granulated-garlic 1
bay-leaf 1 | honey 2.2 | maple-syrup 3.6 | caster-sugar 1.1 | brown-sugar 1.4 | plain-flour 0.6 1.1 | cornflour 1.1 | ice 1
`;
