/** A record without one of its keys. */
export function without<T>(record: Readonly<Record<string, T>>, key: string): Record<string, T> {
  return Object.fromEntries(Object.entries(record).filter(([each]) => each !== key));
}
