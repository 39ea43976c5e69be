import { type Workings } from '../amounts/index.js';
import { family, findIngredient, type Larder } from '../larder/index.js';
import { listed } from '../words/index.js';
import { writtenSpoons } from './bowl.js';
import { dressingKeeping } from './keeping.js';
import type { Balance, LineShare } from './types.js';

/** Another use for some of the same batch. */
export interface SecondUse {
  readonly use: 'marinade' | 'sauce for warm vegetables' | 'spread';
  /** "100 ml for 500 g of vegetables or tofu". */
  readonly amount: string;
  /** What is changed for it; empty where nothing is. */
  readonly changes: readonly string[];
  /** What is minded: set aside before raw food touches it, how long, not heated. */
  readonly cautions: readonly string[];
}

/** Per 500 g of what is marinated, and for 500 g of warm vegetables. ~ */
const marinadeEach = 100;
const sauceEach = 75;
const spreadEach = 60;
/** Sugar from here on burns where it is grilled. ~ */
const burnsFrom = 0.06;
/** Acid from here on cooks fish while it lies in it. ~ */
const sharpFrom = 1;

/**
 * What else a batch can be: a marinade, a sauce for warm vegetables, a spread; with what is changed for each.
 * It is set aside clean before raw food touches it. Empty where nothing is in the bowl.
 */
export function secondUses(bowl: Balance): SecondUse[] {
  if (bowl.grams <= 0) return [];
  return [...(bowl.thickness === 'pourable' ? [marinade(bowl)] : []), sauce(bowl), spread(bowl)];
}

function marinade({ sugar, acidity, school, lines, salt }: Balance): SecondUse {
  const sweet = lines.filter(({ role }) => role === 'sweet').map(({ name }) => name);
  return {
    use: 'marinade',
    amount: `${marinadeEach} ml for 500 g of vegetables, tofu, fish or poultry`,
    changes: [
      ...(sugar >= burnsFrom && sweet.length > 0
        ? [`Leave out the ${listed(sweet, 2)}: it burns on the grill. Brush it on at the end.`]
        : []),
      ...(school === 'oil-led' ? ['A little more acid for the same oil.'] : []),
      ...(salt < 0.015 ? ['Salt what is marinated as well.'] : []),
    ],
    cautions: [
      'Take it out of the batch before raw food touches it; what has is boiled or thrown away.',
      ...(acidity >= sharpFrom
        ? ['Fish and tender meat lie in it for 30 min at most, poultry about 4 h.']
        : []),
    ],
  };
}

function sauce({ thickness, holdMinutes, oil, school }: Balance): SecondUse {
  return {
    use: 'sauce for warm vegetables',
    amount: `${sauceEach} ml for 500 g of warm vegetables`,
    changes: [
      ...(thickness === 'pourable' ? [] : ['Thin it with warm water by the spoon until it runs.']),
      ...(oil >= 0.6 ? ['A squeeze of lemon: warm food wants it sharper.'] : []),
    ],
    cautions: [
      school === 'creamy'
        ? 'Spoon it on off the heat: yoghurt, egg and seeds split when they are boiled.'
        : 'Spoon it on off the heat.',
      ...(holdMinutes < 60 ? ['Shake it again just before.'] : []),
    ],
  };
}

function spread({ thickness, acidity }: Balance): SecondUse {
  const isThick = thickness !== 'pourable';
  return {
    use: 'spread',
    amount: isThick
      ? `${spreadEach} ml on a slice of bread for two`
      : `${spreadEach / 2} ml mashed with 1 avocado, or ${spreadEach} ml with 240 g of drained beans`,
    changes: [
      ...(isThick
        ? ['Chill it, so that it is firmer.']
        : ['Taste for salt: what it is mashed with brings none.']),
      ...(acidity < 0.8 && !isThick ? ['A squeeze of lemon keeps avocado green a little longer.'] : []),
    ],
    cautions: isThick ? [] : ['With avocado it browns: use it the same day.'],
  };
}

/** A milder and a hotter way for stations that ask. */
export interface HeatingAdvice {
  readonly milder: string;
  readonly hotter: string;
  readonly workings: Workings;
}

const sharpTastes = family('sharp in a dressing');
/** Chilli flakes by the teaspoon for a ml of what is made hotter: ¼ tsp for 120 ml. ~ */
const flakesEach = 0.25 / 120;

/** What is left out for those who ask for it milder, and what goes in for those who want it hotter. */
export function heatingAdvice({ lines, millilitres }: Balance): HeatingAdvice | null {
  if (millilitres <= 0) return null;
  const strong = lines.filter(({ ingredient }) => ingredient !== null && sharpTastes.has(ingredient));
  const teaspoons = Math.max(0.125, Math.round(millilitres * flakesEach * 8) / 8);
  return {
    milder:
      strong.length > 0
        ? `Half of the ${listed(strong.map(nameOf), 3)}, the other half at the table`
        : 'It is mild as it is',
    hotter: `${writtenSpoons(teaspoons)} chilli flakes, in the acid for 5 min first`,
    workings: {
      title: 'Hotter',
      estimated: true,
      result: writtenSpoons(teaspoons),
      steps: [
        { label: 'The bowl', value: `${Math.round(millilitres)} ml` },
        { label: '× ¼ tsp for 120 ml, to the nearest eighth', value: writtenSpoons(teaspoons) },
      ],
    },
  };
}

const nameOf = ({ name }: LineShare) => name;

/** "House dressing · keep cold · use by Wed 2 Dec · mustard, sulphites". */
export function dressingLabel(
  name: string,
  bowl: Balance,
  larder: Larder,
  useBy: (days: number) => string,
): string {
  const { days } = dressingKeeping(bowl, larder);
  const isKnown = bowl.missing.length === 0;
  const unknown = bowl.lines.filter(({ ingredient }) => !findIngredient(larder, ingredient)).map(nameOf);
  const allergens = bowl.allergens.length > 0 ? `contains ${bowl.allergens.join(', ')}` : '';
  const notKnown = isKnown && unknown.length === 0 ? '' : 'not all known: check the labels';
  return [
    name,
    'keep cold',
    `use by ${useBy(days)}`,
    ...[allergens, notKnown].filter(Boolean),
    ...(allergens || notKnown ? [] : ['no listed allergen']),
  ].join(' · ');
}
