import { type Family, family, type Ingredient } from '../larder/index.js';
import { textSays, wasDone } from '../recipes/index.js';
import type { MetLine, Traits } from './types.js';

/** A line before its traits are known. */
type PlainLine = Pick<MetLine, 'line' | 'food' | 'isHeated' | 'said' | 'size'>;

export function traitsOf(met: PlainLine): Traits {
  return {
    isAlcoholic: alcohol.has(met.food),
    isHot: isHot(met),
    risk: riskOf(met),
    chokes: chokes(met),
  };
}

const alcohol = family('alcohol');
const hot = family('burns the mouth');
const saysChilli = textSays('chilli');

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
  return hot.has(food) || saysChilli(line.name);
}

/** Its mercury is for small children and those who are pregnant to avoid. */
export const predatory = 'large predatory fish';

const risks: readonly (readonly [Family, string, boolean])[] = [
  [family('eggs'), 'raw egg', true],
  [family('sprouts'), 'raw sprouts', true],
  [family('mould-ripened cheese'), 'mould-ripened or unpasteurised cheese', true],
  [family('raw fish', 'cold-smoked and cured fish', 'raw molluscs'), 'cold-smoked or raw fish', true],
  [family('cured raw meat'), 'cured raw meat', true],
  [family('liver'), 'liver', false],
  [family('large predatory fish'), predatory, false],
];

const isPink = textSays('barely cooked');
const unpasteurised = textSays('unpasteurised');
const wasBoiled = wasDone('boil', 'hard-boil', 'soft-boil');

/**
 * What a line is to somebody at risk, by general advice; null where it is nothing. What is heated through is
 * no longer raw.
 */
function riskOf({ food, line, isHeated, said }: PlainLine): string | null {
  const isCooked = isHeated || line.preparation.includes('cooked') || wasBoiled(line);
  const found = risks.find(([ids, , endsByHeat]) => ids.has(food) && !(endsByHeat && isCooked));
  if (!found && !isCooked && unpasteurised(line.text)) return 'unpasteurised food';
  if (!found && food?.cautions.includes('raw-protein') && (!isCooked || isPink(said)))
    return isCooked ? 'meat or fish that is barely cooked' : 'raw meat or fish';
  return found?.[1] ?? null;
}

const nuts = family('hard nuts');
const round = family('chokes whole');
const hard = family('hard raw vegetables');

const fine = textSays('cut fine');
const isPopcorn = textSays('popcorn');

/** Foods that choke small children as they are cut. ~ General advice. */
function chokes({ food, line, isHeated, said, size }: PlainLine): boolean {
  if (isPopcorn(line.name)) return true;
  if (!food || size === 'paste') return false;
  const cut = (...ways: string[]) => line.preparation.some((form) => ways.includes(form));
  if (nuts.has(food)) return !cut('ground', 'minced', 'crushed');
  if (round.has(food))
    return size === 'whole' && !cut('quartered', 'chopped', 'sliced', 'minced', 'mashed', 'diced');
  if (food.id === 'dates') return size === 'whole' && !cut('chopped', 'minced', 'mashed', 'sliced');
  const isFine = cut('grated', 'shredded', 'matchsticks', 'shaved', 'minced', 'cooked') || fine(said);
  return hard.has(food) && !isHeated && !isFine;
}
