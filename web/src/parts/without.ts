/** A record without one of its keys, or some. */
export function without<T>(record: Readonly<Record<string, T>>, ...keys: string[]): Record<string, T> {
  return Object.fromEntries(Object.entries(record).filter(([each]) => !keys.includes(each)));
}
