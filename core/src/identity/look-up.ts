/**
 * The value that a record has under a key of its own. Keys are what people and files name things:
 * “constructor” is then no other word than “salt”.
 */
export function lookUp<Value>(record: Readonly<Record<string, Value>>, key: string): Value | undefined {
  return Object.hasOwn(record, key) ? record[key] : undefined;
}
