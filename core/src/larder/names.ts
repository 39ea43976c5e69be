/** Whether an ingredient's name speaks of several: "peas", but not "couscous" or "cress". */
export function isPlural(name: string): boolean {
  return /[^s]s$/.test(name) && !/couscous$/.test(name);
}
