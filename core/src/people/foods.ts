import type { Ingredient } from '../larder/index.js';
import type { MetLine, Traits } from './types.js';

/** A line before its traits are known. */
type PlainLine = Pick<MetLine, 'line' | 'food' | 'isHeated' | 'said'>;

export function traitsOf(met: PlainLine): Traits {
  return {
    isAlcoholic: met.food !== null && alcohol.test(met.food.id),
    isHot: isHot(met),
    risk: riskOf(met),
    chokes: chokes(met),
  };
}

const alcohol =
  /^(?:white-wine|red-wine|dry-sherry|vermouth|mirin|rice-wine|sake)$|(?:^|-)(?:beer|brandy|rum|vodka|whisky|gin|port|marsala|prosecco|cider)$/;
const hot =
  /chill|cayenne|harissa|jalapeno|sriracha|gochu|sambal|pepper-sauce|hot-sauce|peri-peri|chipotle|berbere|jerk|hot-paprika|aleppo|urfa|wasabi|horseradish|kimchi|curry-paste|shichimi|english-mustard/;

export const isShellfish = ({ allergens }: Ingredient) =>
  allergens.includes('crustaceans') || allergens.includes('molluscs');

/** Meat and poultry: no vegetarian eats it, and it is no fish, shellfish or cheese. */
export function isMeat({ section, diet, allergens }: Ingredient): boolean {
  return (
    section === 'fish and meat' &&
    !diet.vegetarian &&
    !allergens.some((each) => each === 'fish' || each === 'crustaceans' || each === 'molluscs')
  );
}

/** Chilli in any form, and what burns like it. */
function isHot({ food, line }: PlainLine): boolean {
  return hot.test(food?.id ?? '') || /\bchill?i(?:es)?\b|\bhot sauce\b/i.test(line.name);
}

const risks: readonly (readonly [RegExp, string, boolean])[] = [
  [/^(?:egg|duck-eggs|quail-eggs)$/, 'raw egg', true],
  [/^(?:sprouts|alfalfa-sprouts|mung-sprouts|radish-sprouts)$/, 'raw sprouts', true],
  [/^(?:goats-cheese|blue-cheese|brie|camembert)$/, 'mould-ripened or unpasteurised cheese', true],
  [/^(?:smoked-(?:salmon|trout)|fish-roe|pickled-herring|oysters)$/, 'cold-smoked or raw fish', true],
  [/^(?:cured-ham|salami|chorizo|pancetta)$/, 'cured raw meat', true],
  [/^chicken-livers$/, 'liver', false],
];

const unpasteurised = /\bunpasteuri[sz]ed\b|\braw(?:-| )milk\b/i;

/**
 * What a line is to somebody at risk, by general advice; null where it is nothing. What is heated through is
 * no longer raw.
 */
function riskOf({ food, line, isHeated }: PlainLine): string | null {
  const isCooked = isHeated || line.preparation.includes('cooked') || /\bboil/i.test(line.note);
  const found = risks.find(([ids, , endsByHeat]) => ids.test(food?.id ?? '') && !(endsByHeat && isCooked));
  if (!found && !isCooked && unpasteurised.test(line.text)) return 'unpasteurised food';
  return found?.[1] ?? null;
}

const nuts =
  /^(?:walnuts|hazelnuts|almonds|smoked-almonds|pecans|cashews|salted-cashews|pistachios|peanuts|salted-peanuts|raw-peanuts|macadamias|brazil-nuts|mixed-nuts|candied-nuts|chestnuts)$/;
const round =
  /^(?:cherry-tomato|grapes|olives|green-olives|black-olives|stuffed-olives|mozzarella-pearls|blueberries|cherries)$/;
const hard = /^(?:carrot|apple|celery|kohlrabi|radish|fennel)$/;

const fine = /\b(?:grate|shred|shave|matchstick|thin|fine|mandoline|ribbon)/i;

/** Foods that choke small children as they are cut. ~ General advice. */
function chokes({ food, line, isHeated, said }: PlainLine): boolean {
  if (/\bpopcorn\b/i.test(line.name)) return true;
  if (!food) return false;
  const cut = (...ways: string[]) => line.preparation.some((form) => ways.includes(form));
  if (nuts.test(food.id)) return !cut('ground', 'minced', 'crushed');
  if (round.test(food.id)) return !cut('quartered', 'chopped', 'sliced', 'minced', 'mashed', 'diced');
  if (food.id === 'dates') return !cut('chopped', 'minced', 'mashed', 'sliced');
  const isFine = cut('grated', 'shredded', 'matchsticks', 'shaved', 'minced', 'cooked') || fine.test(said);
  return hard.test(food.id) && !isHeated && !isFine;
}
