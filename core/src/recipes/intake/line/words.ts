import type { Rational, UnitId } from '../../../amounts/index.js';
import { lookUp } from '../../../identity/index.js';
import type { Form } from '../../../larder/index.js';
import { lineCues } from '../line-cues.js';

const unitWords: Readonly<Record<UnitId, readonly string[]>> = {
  g: ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes'],
  kg: ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'],
  oz: ['oz', 'ounce', 'ounces'],
  lb: ['lb', 'lbs', 'pound', 'pounds'],
  ml: ['ml', 'mls', 'mil', 'mils', 'millilitre', 'millilitres', 'milliliter', 'milliliters'],
  l: ['l', 'litre', 'litres', 'liter', 'liters'],
  tsp: ['tsp', 'tsps', 'teaspoon', 'teaspoons', 'teaspoonful', 'teaspoonfuls', 'tl', 'teelöffel'],
  dsp: ['dsp', 'dessertspoon', 'dessertspoons', 'dessertspoonful', 'dessertspoonfuls'],
  tbsp: [
    'tbsp',
    'tbsps',
    'tbs',
    'tablespoon',
    'tablespoons',
    'tablespoonful',
    'tablespoonfuls',
    'spoon',
    'spoons',
    'spoonful',
    'spoonfuls',
    'el',
    'esslöffel',
  ],
  cup: ['cup', 'cups', 'cupful', 'cupfuls', 'c'],
  floz: ['fl oz', 'fl. oz', 'floz', 'fluid ounce', 'fluid ounces'],
  pint: ['pint', 'pints', 'pt'],
  drop: ['drop', 'drops'],
  pinch: ['pinch', 'pinches', 'prise', 'prisen'],
  dash: ['dash', 'dashes', 'squirt', 'squirts'],
  squeeze: ['squeeze', 'squeezes'],
  splash: ['splash', 'splashes'],
  drizzle: ['drizzle', 'drizzles'],
  glug: ['glug', 'glugs'],
  palmful: ['palmful', 'palmfuls'],
  knob: ['knob', 'knobs'],
  handful: ['handful', 'handfuls', 'fistful', 'fistfuls'],
  clove: ['clove', 'cloves'],
  bunch: ['bunch', 'bunches', 'bundle', 'bundles'],
  sprig: ['sprig', 'sprigs'],
  stalk: ['stalk', 'stalks', 'stick', 'sticks', 'rib', 'ribs', 'spear', 'spears'],
  head: ['head', 'heads', 'heart', 'hearts', 'bulb', 'bulbs'],
  leaf: ['leaf', 'leaves'],
  slice: ['slice', 'slices', 'rasher', 'rashers'],
  tin: ['tin', 'tins', 'can', 'cans'],
  jar: ['jar', 'jars'],
  packet: [
    ...[
      'packet',
      'packets',
      'pack',
      'packs',
      'package',
      'packages',
      'pkg',
      'pkgs',
      'pkt',
      'pkts',
      'bag',
      'bags',
    ],
    ...['punnet', 'punnets', 'pouch', 'pouches', 'tub', 'tubs', 'carton', 'cartons', 'bottle', 'bottles'],
    ...['tube', 'tubes', 'block', 'blocks', 'box', 'boxes', 'pot', 'pots'],
  ],
  cm: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'],
  inch: ['inch', 'inches', '"'],
  piece: ['piece', 'pieces', 'pcs', 'pc', 'nos'],
};

const unitByWord = new Map(
  Object.entries(unitWords).flatMap(([unit, words]) => words.map((word) => [word, unit as UnitId])),
);

const canDo = /^can (?:be|eat|use|add|also|make|keep|serve|do|go|put|have|take|swap|sub)\b/i;

/** Reads a unit at the start of a text; "T" and "t" are told apart, everything else is read in any case. */
export function readUnit(text: string): { unit: UnitId; length: number; times?: Rational } | null {
  const spoon = /^([Tt])\.?(?= |$)/.exec(text);
  if (spoon) return { unit: spoon[1] === 'T' ? 'tbsp' : 'tsp', length: spoon[0].length };
  const match = /^(fl\.? ?oz|fluid ounces?|[a-zäöüß]+|")\.?(?![a-zäöüß])/i.exec(text);
  if (!match) return null;
  const word = match[1]!.toLowerCase();
  // "Can eat with rice" is no tin.
  if (word === 'can' && canDo.test(text)) return null;
  const unit = unitByWord.get(word) ?? unitByWord.get(word.replace(/^fl\.? ?oz$/, 'fl oz'));
  return unit ? { unit, length: match[0].length } : null;
}

const formWords: Readonly<Record<string, Form>> = {
  diced: 'diced',
  dice: 'diced',
  minced: 'minced',
  chopped: 'chopped',
  sliced: 'sliced',
  shredded: 'shredded',
  ribbons: 'shredded',
  grated: 'grated',
  torn: 'torn',
  crushed: 'crushed',
  pressed: 'crushed',
  shaved: 'shaved',
  halved: 'halved',
  quartered: 'quartered',
  wedges: 'wedges',
  juiced: 'juiced',
  juice: 'juiced',
  zested: 'zested',
  zest: 'zested',
  segmented: 'segmented',
  segments: 'segmented',
  fillets: 'segmented',
  toasted: 'toasted',
  cooked: 'cooked',
  boiled: 'cooked',
  steamed: 'cooked',
  roasted: 'roasted',
  roast: 'roasted',
  charred: 'charred',
  grilled: 'charred',
  drained: 'drained',
  rinsed: 'rinsed',
  peeled: 'peeled',
  skinned: 'peeled',
  seeded: 'seeded',
  deseeded: 'seeded',
  cored: 'cored',
  trimmed: 'trimmed',
  stripped: 'stripped',
  'de-ribbed': 'stripped',
  packed: 'packed',
  ground: 'ground',
  melted: 'melted',
  soaked: 'soaked',
  dried: 'dried',
  mashed: 'mashed',
  beaten: 'beaten',
  crumbled: 'crumbled',
  washed: 'washed',
  pitted: 'pitted',
  stoned: 'pitted',
  softened: 'softened',
  cubed: 'cubed',
  cubes: 'cubed',
  matchsticks: 'matchsticks',
  julienned: 'matchsticks',
  florets: 'florets',
  separated: 'separated',
  picked: 'leaves',
  whole: 'whole',
};

/**
 * Forms that take something away or name a state on their own; the rest are cuts, of which the last named is
 * the main one.
 */
const states = new Set<Form>([
  'washed',
  'rinsed',
  'drained',
  'peeled',
  'seeded',
  'cored',
  'trimmed',
  'stripped',
  'dried',
  'packed',
  'whole',
  'softened',
  'pitted',
  'leaves',
]);

const picksLeaves = lineCues.has('picked leaves');

/** Finds every cut and state named in a text, in order, and "leaves only" and the like. */
export function readForms(text: string): Form[] {
  const found: Form[] = [];
  for (const word of text.toLowerCase().match(/[a-z]+(?:-[a-z]+)?/g) ?? []) {
    const form =
      lookUp(formWords, word) ??
      lookUp(formWords, word.replace(/^(?:well|finely|thinly|un|hard|soft|medium)-/, ''));
    if (form && !found.includes(form)) found.push(form);
  }
  if (picksLeaves(text) && !found.includes('leaves')) found.push('leaves');
  return found;
}

/** The form that says most about size: the first cut, or else the first state. */
export function mainForm(forms: readonly Form[]): Form | null {
  return forms.find((form) => !states.has(form)) ?? forms[0] ?? null;
}

const describing = new Set([
  'large',
  'small',
  'medium',
  'medium-sized',
  'big',
  'fresh',
  'freshly',
  'already',
  'still',
  'ripe',
  'firm',
  'good',
  'heaped',
  'heaping',
  'scant',
  'level',
  'rounded',
  'generous',
  'finely',
  'thinly',
  'coarsely',
  'roughly',
  'lightly',
  'very',
  'plump',
  'fat',
  'thin',
  'thick',
  'cold',
  'hot',
  'warm',
  'unwaxed',
  'organic',
  'extra',
  'about',
  'well',
  'loosely',
  'tightly',
  'leftover',
  'cooled',
  'raw',
  'tender',
  'young',
  'crisp',
  'quality',
]);

/**
 * Splits leading describing words and forms from a name: "finely chopped flat parsley" → ["finely chopped",
 * "flat parsley"].
 */
export function splitDescription(name: string): { description: string; rest: string } {
  const words = name.split(' ');
  let position = 0;
  while (position < words.length - 1) {
    const word = words[position]!.toLowerCase().replace(/,$/, '');
    const joined = word === 'and' || word === '&';
    if (!joined && !describing.has(word) && !(word in formWords)) break;
    position++;
  }
  return { description: words.slice(0, position).join(' '), rest: words.slice(position).join(' ') };
}

const cutInto =
  /^ (?:\p{L}+ ){0,2}(?:rings|strips|chunks|slices|batons|cubes|halves|quarters|wedges|dice|ribbons|sticks)$/iu;

/** Nothing, or only cuts and states: "sliced", "finely chopped". */
export const isSaidOfFood = (rest: string) =>
  rest.trim() === '' ||
  /^ \([^()]{1,40}\)$/.test(rest) ||
  cutInto.test(rest) ||
  (/^ (?:\p{L}+ly )?\p{L}+$/u.test(rest) && !/\d/.test(rest) && readForms(rest).length > 0);
