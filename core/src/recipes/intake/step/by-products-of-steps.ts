import {
  type Amount,
  multiply,
  type Rational,
  toNumber,
  toRational,
  unitKind,
} from '../../../amounts/index.js';
import { phrasePattern, rowsOf } from '../../../language/index.js';
import { findIngredient, type Larder, type LeftFrom, standardLarder } from '../../../larder/index.js';
import type { RecipeLine, StepByProduct } from '../../types.js';
import { lineCues } from '../line-cues.js';
import { leftOversTable } from '../data/left-overs.js';
import { readAmount } from '../line/amount.js';

type UsedLine = Pick<RecipeLine, 'ingredient' | 'amount' | 'unit' | 'preparation'>;

/** What a step may leave, by the words for it, with how much that is where nobody says: ~ millilitres. */
interface Product {
  readonly words: RegExp;
  readonly ingredient: string;
  readonly millilitres: number;
  /** What foods of the larder leave of this kind. */
  readonly of: readonly string[];
}

const products: readonly Product[] = rowsOf<'product' | 'ml' | 'of' | 'words'>(leftOversTable).map(
  ({ product, ml, of, words }) => ({
    words: new RegExp(`^(?:${phrasePattern(words)!.source})$`),
    ingredient: product,
    millilitres: Number(ml),
    of: of.split(';').filter(Boolean),
  }),
);

const keepWords = [
  'keep(?:ing)?',
  'reserv(?:e|ing)',
  'sav(?:e|ing)',
  'set(?:ting)? aside',
  'hold(?:ing)? (?:on to|back)',
  'collect(?:ing)?',
  'catch(?:ing)?',
  'retain(?:ing)?',
].join('|');
const kinds =
  'soaking|pasta|cooking|boiling|poaching|bean|blanching|starchy|pickling|pickle|bacon|rendered|pan|duck|' +
  'chicken|roasting|resting|tray|tomato|meat|frying|garlic|anchovy|shallot|chilli';
const noun = String.raw`((?:(?:${kinds}) ){0,2}(?:fat|drippings?|juices?|liquid|liquor|water|brine|oil))\b`;
const articles = '(?:(?:of |all |the |its |their |any |some |that |this )+)?';
const between = String.raw`((?:(?!\b(?:and|then|for|in|but|while)\b)[^.;,]){0,30}?)`;
const kept = new RegExp(String.raw`\b(?:${keepWords})(?: back| aside)? ${between}${articles}` + noun, 'gi');
/** "Drain, saving 2 tbsp": only the amount is said. */
const savedAmount = new RegExp(
  String.raw`\b(?:drain|strain)\w*\b[^.;]{0,30}?\b(?:${keepWords})(?: back| aside)? ([^.;]{1,30})(?=[.;]|$)`,
  'i',
);
const squeezed = String.raw`\bsqueez\w+ (?:out )?(?:the |any |what is left of the |all the )*`;
const membranes = new RegExp(
  String.raw`${squeezed}(?:juice (?:from|out of) the )?(?:membranes?|cores?|skeletons?)\b`,
  'i',
);

/** Millilitres of juice in what is left of an orange in fillets, ~. */
const juiceOfMembranes = 20;

/**
 * By-products that a step's words keep for another: "reserving 100 ml of the cooking water", "keep the fat",
 * "squeeze the membranes". Amounts that are not said are estimates for the recipe as written. `lines` are
 * those that the step uses, `all` those of the recipe.
 */
export function byProductsIn(
  text: string,
  lines: readonly UsedLine[],
  larder: Larder = standardLarder,
  all: readonly UsedLine[] = lines,
): StepByProduct[] {
  const named = [...text.matchAll(kept)].flatMap((match) => {
    const product = products.find(({ words }) => words.test(match[2]!.toLowerCase()));
    return product ? [byProductOf(product, match[1]!, match[2]!, lines, larder)] : [];
  });
  const saved = named.length === 0 ? savedAmount.exec(text)?.[1] : undefined;
  const measured = saved === undefined ? null : volumeOf(saved);
  const offeredByProducts = [
    ...named,
    ...(measured ? [{ text: 'cooking liquid', ingredient: 'cooking-liquid', amount: measured }] : []),
    ...(membranes.test(text) ? membraneJuice(all, larder) : []),
  ];
  return offeredByProducts.filter(
    (gift, index) => offeredByProducts.findIndex((each) => each.ingredient === gift.ingredient) === index,
  );
}

function byProductOf(
  product: Product,
  before: string,
  words: string,
  lines: readonly UsedLine[],
  larder: Larder,
): StepByProduct {
  const leaver = lines
    .map((line) => ({ line, left: leftOf(line, product, larder) }))
    .find(({ left }) => left !== undefined);
  const said = volumeOf(before.trim());
  const millilitres = leaver ? millilitresLeft(leaver.line, leaver.left!, larder) : null;
  return {
    text: words.toLowerCase(),
    ingredient: leaver?.left?.product ?? product.ingredient,
    amount: said ?? volume(toRational(Math.round(millilitres ?? product.millilitres))),
  };
}

/** What the larder says that a line leaves of this kind: fat of bacon, oil of anchovies, liquid of a tin. */
function leftOf(line: UsedLine, { of }: Product, larder: Larder) {
  return findIngredient(larder, line.ingredient)?.leaves?.find(({ product }) => of.includes(product));
}

/** What is left of a line, by its weight and the density of what it leaves; null where that is not known. */
function millilitresLeft(line: UsedLine, { product, share }: LeftFrom, larder: Larder): number | null {
  const food = findIngredient(larder, line.ingredient);
  if (!line.amount || !line.unit || !food) return null;
  const each = line.unit === 'g' ? 1 : line.unit === 'kg' ? 1000 : food.countGrams[line.unit]?.value;
  const density = findIngredient(larder, product)?.densities.plain?.value ?? 1;
  return each ? (toNumber(line.amount.low) * each * share.value) / density : null;
}

function membraneJuice(lines: readonly UsedLine[], larder: Larder): StepByProduct[] {
  const fruit = lines.find(
    (line) =>
      line.unit === 'piece' &&
      line.amount &&
      line.preparation.includes('segmented') &&
      findIngredient(larder, line.ingredient)?.byProducts?.juiceMillilitres !== undefined,
  );
  return fruit
    ? [
        {
          text: 'juice of the membranes',
          ingredient: fruit.ingredient!,
          amount: volume(multiply(fruit.amount!.low, toRational(juiceOfMembranes))),
        },
      ]
    : [];
}

/** Amounts that people say without a number, ~ millilitres. */
const spoken: readonly (readonly [(text: string) => boolean, Rational])[] = [
  [lineCues.is('a ladle'), '100'],
  [lineCues.is('a cupful'), '250'],
  [lineCues.is('a few spoons'), '45'],
  [lineCues.is('a little'), '30'],
];

/** "2 tbsp", "about 100 ml", "a ladleful"; null where no volume is said. */
function volumeOf(words: string): Amount | null {
  const plain = words
    .replace(/^(?:about|around|roughly|at least) /i, '')
    .replace(/ of$/i, '')
    .trim();
  const said = spoken.find(([is]) => is(plain))?.[1];
  if (said) return volume(said);
  const read = readAmount(plain, { system: 'metric' });
  return read?.unitWritten && unitKind(read.amount.unit) === 'volume' ? read.amount : null;
}

function volume(millilitres: Rational): Amount {
  return { low: millilitres, high: millilitres, unit: 'ml' };
}
