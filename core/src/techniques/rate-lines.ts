import { standardLarder } from '../larder/index.js';
import { type RateUnit, rateUnits, type TechniqueRate } from './types.js';

const anyFood = 'any food';

/**
 * Rates as they are written in a note, a line each: "onion: 2 min a piece", "any food: 0.8 min for 100 g".
 */
export function writeRates(rates: readonly TechniqueRate[]): string {
  return rates
    .map(({ food, minutes, per }) => {
      const name = food === '' ? anyFood : (standardLarder.ingredients.get(food)?.names.uk ?? food);
      return `- ${name}: ${minutes} min ${/^\d/.test(per) ? `for ${per}` : `a ${per}`}`;
    })
    .join('\n');
}

const rateLine =
  /^(?:[-*+] {1,8})?([^:\n]{1,200}): {0,8}(\d{1,6}(?:[.,]\d{1,6})?) {0,8}min(?:utes?)? {1,8}(?:an?|for|per) {1,8}(\S.*)$/i;

/** Reads rates back; what is no rate is left out. */
export function readRates(rows: readonly string[]): TechniqueRate[] {
  return rows.flatMap((row): TechniqueRate[] => {
    const [, name, minutes, unit] = rateLine.exec(row.trim()) ?? [];
    const per = rateUnits.find((each) => each === unit?.toLowerCase().replace(/^100 ?g$/, '100 g'));
    if (!name || !minutes || !per) return [];
    return [{ food: foodNamed(name), minutes: Number(minutes.replace(',', '.')), per: per as RateUnit }];
  });
}

function foodNamed(name: string): string {
  const plain = name.trim().toLowerCase();
  if (plain === anyFood) return '';
  const known = [...standardLarder.ingredients.values()].find(
    ({ id, names }) =>
      id === plain || [names.uk, names.us, ...names.also].some((each) => each.toLowerCase() === plain),
  );
  return known?.id ?? plain.replace(/[^a-z0-9]+/g, '-');
}
