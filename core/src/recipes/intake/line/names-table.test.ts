import { describe, expect, it } from 'vitest';
import { findByName } from './names.js';

/**
 * Names in both Englishes, singular and plural, with the words people put before and after; then the larder's
 * id, or "none".
 */
const table = `
aubergine | aubergine
aubergines | aubergine
eggplants | aubergine
zucchini | courgette
courgettes | courgette
beet | beetroot
beetroots | beetroot
bell pepper | pepper
red bell peppers | red-pepper
mixed peppers | pepper
green peppers | green-pepper
capsicum | pepper
sweet pepper | pepper
romaine | cos-lettuce
cos | cos-lettuce
rocket leaves | rocket
baby arugula | rocket
scallion | spring-onion
salad onions | spring-onion
green onion | spring-onion
cilantro | coriander
fresh coriander | coriander
coriander seeds | coriander-seeds
cumin seed | cumin-seeds
cumin | ground-cumin
chile | chilli
red chili | red-chilli
chilli flakes | chilli-flakes
crushed red pepper | chilli-flakes
garbanzo beans | none
chickpea | none
canned garbanzo beans | tinned-chickpeas
dried garbanzo beans | dried-chickpeas
cannellini beans | none
canned cannellini beans | tinned-white-beans
canned corn | sweetcorn
shrimp | prawns
prawn | prawns
heavy cream | whipping-cream
cream | none
double cream | cream
sour cream | soured-cream
natural yoghurt | yoghurt
greek yogurt | strained-yoghurt
goat cheese | goats-cheese
superfine sugar | caster-sugar
granulated sugar | caster-sugar
all-purpose flour | plain-flour
cornstarch | cornflour
canola oil | rapeseed-oil
sunflower oil | sunflower-oil
extra-virgin olive oil | extra-virgin-olive-oil
apple cider vinegar | cider-vinegar
bay leaves | bay-leaf
potatoes | potato
new potatoes | new-potato
tomatoes | tomato
cherry tomato | cherry-tomato
small tomatoes | cherry-tomato
radishes | radish
anchovies | anchovy
strawberries | strawberry
peaches | peach
mangoes | mango
figs | fig
pepitas | pumpkin-seeds
sesame paste | tahini
dill pickles | gherkins
belgian endive | chicory
boston lettuce | butterhead
french beans | green-beans
root ginger | ginger
kosher salt | coarse-salt
sea salt flakes | flake-salt
table salt | fine-salt
large ripe avocado | avocado
good quality olive oil | olive-oil
top quality olive oil | olive-oil
top-quality olive oil | olive-oil
day-old white bread | white-bread
celery root | celeriac
Italian parsley | parsley
light soy sauce | soy-sauce
chives | chives
shallots | shallot
moon dust | none
quark | quark
`
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string]);

describe('names that people write', () => {
  it.each(table)('%s is %s', (name, id) => expect(findByName(name)?.ingredient ?? 'none').toBe(id));
  it('keeps apart what people mix up', () => {
    expect(findByName('chives')!.ingredient).not.toBe(findByName('scallions')!.ingredient);
    expect(findByName('scallops')!.ingredient).not.toBe(findByName('shallots')!.ingredient);
  });
});
