import type { Ingredient, Section } from '../../../larder/index.js';

/** Two words that are one: without this, the "fat" and "free" of others would pass. */
const phrases = new RegExp(
  String.raw`\b(?:${[
    'free range|full fat|good quality|extra large|day old|skin on',
    'medium sized|room temperature|home made|shop bought|store bought|cold pressed',
    'flat leaf|pan fried|vine ripened|vine ripe|candy striped|just boiled',
    'left over|pin boned|de ribbed|whole milk|hard boiled|soft boiled',
    'medium boiled|part baked|thumb sized|bite sized|freshly ground|top quality',
    'low fat|half fat|reduced fat|lower fat|thick cut|thin cut',
    'extra mature|ready to eat|sun ripened|vacuum packed|vac packed',
  ].join('|')})\b`,
  'g',
);

/** The words of a plain name, of which some pairs are one. */
export function nameWords(plain: string): string[] {
  return plain
    .replace(phrases, (pair) => pair.replace(' ', '-'))
    .split(' ')
    .filter(Boolean);
}

/** Words of a name that change nothing about what the food is, wherever they stand. */
const anywhere = words(`
  large small medium big little tiny huge jumbo standard regular average extra
  extra-large medium-sized bite-sized thumb-sized size sized thick thin fat plump
  long short slim good best nice fine-quality quality good-quality top-quality
  decent perfectly just ready-to-eat loose prepared trimmed ordinary everyday
  great finest favourite favorite organic local seasonal british english irish scottish welsh
  already still too precooked pre-cooked ready-cooked pre-boiled parcooked par-cooked
  homemade home-made shop-bought store-bought bought leftover left-over remaining about approximately
  heaped heaping scant level rounded generous loosely tightly lightly finely thinly coarsely roughly
  very really quite proper super lovely well freshly a an the of
  your some few whole half halves quartered piece pieces chunk chunks cold
  chilled cooled cool warm lukewarm tepid room-temperature at diced dice minced chopped sliced slices
  slice shredded grated torn crushed shaved halved quarters wedges wedge cubed cubes cube crumbled
  fine scraped flaked pressed bruised smashed snipped
  slivered matchsticks julienned julienne batons strips strip ribbons
  rounds rings segments segmented florets floret zested juiced peeled unpeeled skinned trimmed topped
  tailed cored washed rinsed drained picked stripped separated packed broken mashed beaten whisked
  whipped melted softened toasted cooked uncooked boiled steamed blanched charred grilled fried pan-
  fried poached baked roast roasted braised sauteed wilted warmed cut up into in each and but yet
`);

/** Words that change nothing of foods in some sections, and might of others. */
const inSections: Readonly<Partial<Record<Section, ReadonlySet<string>>>> = {
  vegetables: words(`fresh raw ripe firm young tender crisp heirloom heritage unwaxed seeded deseeded pitted
    stoned     hulled shelled podded crunchy sweet sun-ripened
    stalk stalks stick sticks head heads bulb bulbs clove cloves flesh`),
  'salad and herbs':
    words(`fresh raw young tender crisp baby leaf leaves sprig sprigs head heads bunch de-ribbed
    deribbed`),
  fruit: words(
    `fresh raw ripe firm unwaxed untreated juicy sweet sharp crisp crunchy
    eating dessert sun-ripened seedless seeded deseeded pitted stoned hulled soft flesh`,
  ),
  bakery: words(`fresh stale day-old part-baked sliced crusty crunchy soft loaf`),
  'dairy and eggs': words(`fresh full-fat whole-milk creamy thick set
    natural plain mature extra-mature aged ripe strong mild style free-range soft firm salty cheese`),
  'fish and meat':
    words(`fresh raw frozen thawed defrosted skinless boneless skin-on pin-boned boned cleaned deveined
    shelled filleted fillet fillets free-range lean`),
  'tins and jars': words(`pitted stoned tinned canned jarred tin can jar smooth crunchy creamy runny
    natural full-fat half-fat reduced-fat lower-fat low-fat light thick`),
  'oils and vinegars': words(
    `fruity mild peppery unfiltered cold-pressed aged raw unpasteurised cloudy pure with mother`,
  ),
  'grains and pulses': words(`dried dry raw soaked split hulled polished`),
  'nuts and seeds':
    words(`raw fresh unsalted salted shelled plain natural unsweetened blanched skin-on kernels
    kernel`),
  'spices and seasoning': words(`ground dried cracked coarse coarsely mild unrefined pure freshly-ground`),
  'baking and sweet':
    words(`runny clear liquid pure raw unrefined dark acacia heather clover wildflower blossom
    thyme chestnut`),
};

/** Colours and breeds that the larder does not tell apart, by the food that they belong to. */
const ofFood: Readonly<Record<string, ReadonlySet<string>>> = {
  apple: words(`red green yellow eating dessert tart braeburn gala fuji cox coxs russet jazz pink lady
    jonagold honeycrisp empire discovery elstar mcintosh golden delicious orange pippin`),
  grapes: words('red green white black muscat concord sultana flame'),
  pear: words('red green yellow bosc anjou bartlett comice williams forelle'),
  mango: words('alphonso kent ataulfo honey keitt kesar'),
  avocado: words('hass fuerte'),
  fig: words('black green purple brown mission turkey'),
  plum: words('red yellow purple black'),
  cherries: words('red yellow dark black'),
  carrot: words('orange purple yellow white rainbow mixed baby'),
  beetroot: words('red golden yellow candy-striped mixed baby'),
  courgette: words('green yellow baby'),
  cauliflower: words('white purple baby'),
  kale: words('green purple red'),
  radish: words('red pink french breakfast mixed'),
  asparagus: words('green purple spear spears tip tips'),
  tomato: words('red yellow beef beefsteak plum roma vine vine-ripened vine-ripe mixed'),
  'cherry-tomato': words('red yellow orange mixed plum baby vine'),
  egg: words('brown white whites yolk yolks hens hen hard-boiled soft-boiled medium-boiled'),
  'quail-eggs': words('hard-boiled soft-boiled'),
  basil: words('green purple sweet italian genovese'),
  peach: words('yellow white'),
  nectarine: words('yellow white'),
  grapefruit: words('pink red white yellow ruby'),
  aubergine: words('purple black baby'),
  cucumber: words('green long hothouse english european'),
  'sweet-onion': words('vidalia walla'),
  potato: words('desiree roseval'),
  'floury-potato': words('idaho'),
  olives: words('mixed'),
  edamame: words('frozen beans'),
  yoghurt: words('bio live probiotic'),
  'creme-fraiche': words('half-fat reduced-fat low-fat'),
  'soured-cream': words('half-fat reduced-fat low-fat'),
  'balsamic-vinegar': words('modena of'),
  'green-beans': words('green'),
  'red-onion': words('purple'),
  'swiss-chard': words('red yellow white rainbow'),
  'sesame-seeds': words('white'),
  quinoa: words('white'),
  parsley: words('flat flat-leaf flatleaf italian'),
  mint: words('garden'),
  feta: words('greek barrel-aged barrel'),
  cheddar: words('vintage sharp white'),
  'olive-oil': words('light pure italian greek spanish'),
  'extra-virgin-olive-oil': words('greek italian spanish sicilian'),
  water: words('hot boiling iced ice filtered drinking tap still just-boiled'),
  'vegetable-stock': words('hot light'),
  'chicken-stock': words('hot light'),
  milk: words('hot'),
  'pumpkin-seeds': words('hulled green'),
  'sunflower-seeds': words('hulled'),
  ginger: words('root knob thumb'),
  'cottage-cheese': words('plain'),
  mozzarella: words('ball balls'),
  burrata: words('ball balls'),
  'soy-sauce': words('light'),
  nori: words('sheet sheets'),
};

const cheeses = words(
  'feta halloumi parmesan mozzarella goats-cheese pecorino manchego brie ricotta mascarpone burrata quark',
);

/** Words behind a name that are a part of it: bread of focaccia, nuts of cashew. */
const behind: Readonly<Partial<Record<Section, ReadonlySet<string>>>> = {
  vegetables: words('head heads bulb bulbs flesh stalk stalks stick sticks clove cloves'),
  'salad and herbs': words(
    'leaf leaves lettuce lettuces heart hearts head heads sprig sprigs stalks stems frond fronds',
  ),
  fruit: words('flesh'),
  bakery: words('bread breads loaf'),
  'fish and meat': words('fillet fillets meat'),
  'nuts and seeds': words('nuts kernels'),
  'spices and seasoning': words('seasoning'),
};

function words(text: string): ReadonlySet<string> {
  return new Set(text.split(/\s+/).filter(Boolean));
}

/** Whether a word before a food's name leaves it what it is. */
export function isNeutralBefore(word: string, food: Ingredient): boolean {
  if (word === 'dried' && /\bsalt$/.test(food.names.uk)) return false;
  return (
    anywhere.has(word) ||
    inSections[food.section]?.has(word) === true ||
    (Object.hasOwn(ofFood, food.id) && ofFood[food.id]!.has(word))
  );
}

/** Whether a word behind a food's name leaves it what it is. */
export function isNeutralBehind(word: string, food: Ingredient): boolean {
  return (
    anywhere.has(word) ||
    behind[food.section]?.has(word) === true ||
    (word === 'cheese' && cheeses.has(food.id)) ||
    (Object.hasOwn(ofFood, food.id) && ofFood[food.id]!.has(word))
  );
}
