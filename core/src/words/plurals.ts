import pluralize from 'pluralize';
import { cacheByText } from '../identity/index.js';

/** Foods that are called the same, however much there is of them. */
const uncountable = ['couscous', 'hummus', 'asparagus', 'cress', 'watercress', 'molasses'];
for (const name of uncountable) pluralize.addUncountableRule(name);

/** Whether an ingredient's name speaks of several: "peas", but not "couscous" or "cress". */
export function isPlural(name: string): boolean {
  const last = name.slice(name.lastIndexOf(' ') + 1);
  return pluralize.isPlural(last) && !pluralize.isSingular(last);
}

/** The name of so many of a thing: "bunches", "loaves", "tin". */
export function pluralFor(name: string, count: number): string {
  return count === 1 ? singular(name) : plural(name);
}

/** A list of rules is gone through for each word; a class has the same few hundred over and over. */
const rememberedWords = 1000;
const singular = cacheByText(rememberedWords, (name) => pluralize(name, 1));
const plural = cacheByText(rememberedWords, (name) => pluralize(name, 2));

/** A count with its thing: "1 class", "3 classes". */
export function counted(count: number, name: string): string {
  return `${count} ${pluralFor(name, count)}`;
}
