import pluralize from 'pluralize';

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
  return pluralize(name, count);
}

/** A count with its thing: "1 class", "3 classes". */
export function counted(count: number, name: string): string {
  return `${count} ${pluralFor(name, count)}`;
}
