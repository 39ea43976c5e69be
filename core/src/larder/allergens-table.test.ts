import { describe, expect, it } from 'vitest';
import { standardLarder } from './larder.js';

/**
 * Ingredient | what it holds or usually holds | who does not eat it. Written from what such foods are made
 * of; labels decide.
 */
const table = `
celery | celery | –
celeriac | celery | –
vegetable-stock | celery | –
flatbread | wheat | –
sourdough | wheat | –
rye-bread | rye, wheat | –
breadcrumbs | wheat | –
farro | wheat | –
bulgur | wheat | –
couscous | wheat | –
short-pasta | wheat | –
plain-flour | wheat | –
pearl-barley | barley | –
egg | egg | vegans
butter | milk | vegans
buttermilk | milk | vegans
milk | milk | vegans
cream | milk | vegans
creme-fraiche | milk | vegans
soured-cream | milk | vegans
yoghurt | milk | vegans
strained-yoghurt | milk | vegans
cream-cheese | milk | vegans
feta | milk | vegans
parmesan | milk | vegetarians
goats-cheese | milk | vegans
blue-cheese | milk | vegans
halloumi | milk | vegans
mozzarella | milk | vegans
tofu | soya | –
prawns | crustaceans, sulphites | vegetarians
smoked-mackerel | fish | vegetarians
tuna | fish | vegetarians
anchovy | fish | vegetarians
fish-sauce | fish | vegetarians
smoked-bacon | – | vegetarians
bacon-fat | – | vegetarians
anchovy-oil | fish | vegetarians
chicken-breast | – | vegetarians
honey | – | vegans
dijon-mustard | mustard, sulphites | –
wholegrain-mustard | mustard, sulphites | –
mayonnaise | egg, mustard | vegans
tahini | sesame | –
sesame-oil | sesame | –
sesame-seeds | sesame | –
peanut-butter | peanut | –
peanuts | peanut | –
miso | soya, barley | –
soy-sauce | soya, wheat | –
horseradish | sulphites | –
sun-dried-tomatoes | sulphites | –
red-wine-vinegar | sulphites | –
white-wine-vinegar | sulphites | –
sherry-vinegar | sulphites | –
balsamic-vinegar | sulphites | –
cider-vinegar | sulphites | –
walnut-oil | walnut | –
hazelnut-oil | hazelnut | –
walnuts | walnut | –
hazelnuts | hazelnut | –
almonds | almond | –
pecans | pecan | –
cashews | cashew | –
pistachios | pistachio | –
pine-nuts | pine nut | –
salt-cod | fish | vegetarians
scallops | molluscs | vegetarians
squid | molluscs | vegetarians
mussels | molluscs | vegetarians
crab-meat | crustaceans | vegetarians
crab-sticks | fish, crustaceans, egg, wheat, soya | vegetarians
chorizo | milk | vegetarians
ham | – | vegetarians
sausages | wheat, sulphites | vegetarians
gelatine | – | vegetarians
marshmallow | – | vegetarians
salted-butter | milk | vegans
ghee | milk | vegans
paneer | milk | vegans
cottage-cheese | milk | vegans
labneh | milk | vegans
cheddar | milk | vegetarians
pecorino | milk | vegetarians
burrata | milk | vegetarians
oat-milk | oats | –
soya-milk | soya | –
almond-milk | almond | –
coconut-drink | – | –
firm-tofu | soya | –
tempeh | soya | –
seitan | wheat, soya | –
edamame | soya | –
peanut-oil | peanut | –
sunflower-oil | – | –
plain-sesame-oil | sesame | –
mustard-oil | mustard | –
almond-butter | almond | –
cashew-butter | cashew | –
sunflower-butter | – | –
brazil-nuts | brazil nut | –
macadamias | macadamia nut | –
dukkah | hazelnut, sesame | –
zaatar | sesame | –
celery-salt | celery | –
mustard-powder | mustard, wheat | –
curry-powder | mustard, celery | –
worcestershire | fish, barley, sulphites | vegetarians
oyster-sauce | molluscs, wheat, soya | vegetarians
hoisin | soya, wheat, sesame | –
tamari | soya | –
teriyaki | soya, wheat | –
chicken-stock | celery | vegetarians
fish-stock | fish, celery | vegetarians
kimchi | fish, crustaceans | vegetarians
pesto | milk, cashew, pine nut | vegetarians
tapenade | fish | vegetarians
creamed-horseradish | milk, mustard, egg, sulphites | vegans
gherkins | mustard, sulphites | –
tomato-oil | sulphites | –
malt-vinegar | barley | –
sultanas | sulphites | –
dried-apricots | sulphites | –
egg-noodles | wheat, egg | vegans
rice-noodles | – | –
cracked-wheat | wheat | –
freekeh | wheat | –
rye-flour | rye | –
lupin-flour | lupin | –
gram-flour | – | –
tortilla-chips | – | –
naan | wheat, milk | vegans
oatcakes | oats | –
`
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string, string]);

const avoided = (id: string) => {
  const { vegetarian, vegan } = standardLarder.ingredients.get(id)!.diet;
  return vegan ? '–' : vegetarian ? 'vegans' : 'vegetarians';
};

describe('what ingredients hold, and who does not eat them', () => {
  it.each(table)('%s: %s', (id, holds, who) => {
    expect([standardLarder.ingredients.get(id)!.allergens.join(', ') || '–', avoided(id)]).toEqual([
      holds,
      who,
    ]);
  });
  const animal = ['fish', 'crustaceans', 'molluscs'];
  it('nobody is told to eat what its allergens forbid', () =>
    expect(
      [...standardLarder.ingredients.values()]
        .filter(
          ({ allergens, diet }) =>
            (diet.vegan && allergens.some((each) => ['milk', 'egg', ...animal].includes(each))) ||
            (diet.vegetarian && allergens.some((each) => animal.includes(each))) ||
            (diet.vegan && !diet.vegetarian) ||
            (diet.pork && diet.vegetarian),
        )
        .map(({ id }) => id),
    ).toEqual([]));
  it('what names a nut, a grain, milk or egg in its name says so', () => {
    const named: readonly (readonly [RegExp, string])[] = [
      [/\bpeanut/, 'peanut'],
      [/\balmond/, 'almond'],
      [/\bcashew/, 'cashew'],
      [/\bhazelnut/, 'hazelnut'],
      [/\bpistachio/, 'pistachio'],
      [/\bsesame|tahini/, 'sesame'],
      [/\bcelery\b/, 'celery'],
      [/\bmustard/, 'mustard'],
      [/\b(?:soy|soya|tofu)\b/, 'soya'],
      [/\bbarley\b/, 'barley'],
      [/\brye\b/, 'rye'],
      [/\boats?\b/, 'oats'],
    ];
    const others = standardLarder.ingredients.values();
    expect(
      [...others].flatMap(({ id, names, allergens }) =>
        named
          .filter(([word, atom]) => word.test(names.uk.toLowerCase()) && !allergens.includes(atom as never))
          .map(([, atom]) => `${id}: ${atom}`),
      ),
    ).toEqual([]);
  });
});

/** Salt, acid and sugar as dressings count with them, in per cent of the weight. */
const contents = `
red-wine-vinegar | acetic 6 | salt 0 | sugar 0.3
cider-vinegar | acetic 5 | salt 0 | sugar 0.4
rice-vinegar | acetic 4.3 | salt 0 | sugar 0.5
balsamic-vinegar | acetic 6 | salt 0.1 | sugar 17
lemon | citric 5.5 | salt 0 | sugar 2.2
lime | citric 6 | salt 0 | sugar 1.7
orange | citric 1 | salt 0 | sugar 9
yoghurt | lactic 1 | salt 0.2 | sugar 4.9
soy-sauce | lactic 0.8 | salt 15 | sugar 1.5
feta | lactic 0.9 | salt 2.6 | sugar 1
capers | acetic 0.8 | salt 6 | sugar 0.3
anchovy | – | salt 14 | sugar 0
olives | lactic 0.4 | salt 3.5 | sugar 0.5
dijon-mustard | acetic 1.8 | salt 6 | sugar 2.5
honey | – | salt 0 | sugar 80
maple-syrup | – | salt 0 | sugar 65
fine-salt | – | salt 100 | sugar 0
olive-oil | – | salt 0 | sugar 0
`
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string, string, string]);

describe('what dressings are balanced by', () => {
  const percent = (share: number) => String(Math.round(share * 1000) / 10);
  it.each(contents)('%s: %s, %s, %s', (id, acid, salt, sugar) => {
    const { composition } = standardLarder.ingredients.get(id)!;
    const shown = composition!.acid
      ? `${composition!.acid.kind} ${percent(composition!.acid.share.value)}`
      : '–';
    expect([
      shown,
      `salt ${percent(composition!.salt.value)}`,
      `sugar ${percent(composition!.sugar.value)}`,
    ]).toEqual([acid, salt, sugar]);
  });
});

/** Months in season in the north, by what grows when. */
const months = `
asparagus | 4 5 6
strawberry | 5 6 7 8
tomato | 6 7 8 9 10
squash | 1 9 10 11 12
leek | 1 2 3 9 10 11 12
orange | 1 2 3 4 11 12
apple | 1 2 3 8 9 10 11 12
fresh-peas | 6 7 8
peas | 
onion | 
fig | 8 9 10
radish | 4 5 6 7 8 9 10
mushroom | 1 2 3 4 5 6 7 8 9 10 11 12
`
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string]);

describe('seasons', () => {
  it.each(months)('%s: %s', (id, expected) =>
    expect(standardLarder.ingredients.get(id)!.seasonMonths.join(' ')).toBe(expected),
  );
});
