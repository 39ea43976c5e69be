/** Whether an ingredient's name speaks of several: "peas", but not "couscous" or "cress". */
export function isPlural(name: string): boolean {
  return /[^s]s$/.test(name) && !/couscous$/.test(name);
}

/** The name of so many of a thing: "bunches", "loaves", "tin". */
export function pluralFor(name: string, count: number): string {
  if (count === 1) return name;
  if (name === 'loaf') return 'loaves';
  return /(?:ch|x|s|sh)$/.test(name) ? `${name}es` : `${name}s`;
}

/** A count with its thing: "1 class", "3 classes". */
export function counted(count: number, name: string): string {
  return `${count} ${pluralFor(name, count)}`;
}
