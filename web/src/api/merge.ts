import type { Unsent } from './outbox.js';

/** Whether two values are the same data. */
export function isSame(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

/** Adds a change to what is unsent; the base of a field is what it was when first touched. */
export function addChange<T extends P, P extends object>(
  unsent: Unsent<P> | null,
  patch: Partial<P>,
  shown: T,
  revision: number,
): Unsent<P> {
  const base: Partial<P> = { ...unsent?.base };
  for (const field of Object.keys(patch) as (keyof P)[]) if (!(field in base)) base[field] = shown[field];
  return { patch: { ...unsent?.patch, ...patch } as P, base, revision: unsent?.revision ?? revision };
}

/** The fields that somebody else changed too since ours were based on them. */
export function clashingFields<P extends object>(unsent: Unsent<P>, current: P): (keyof P)[] {
  return (Object.keys(unsent.patch) as (keyof P)[]).filter(
    (field) => !isSame(current[field], unsent.base[field]) && !isSame(current[field], unsent.patch[field]),
  );
}

/**
 * What is left to send after `sent` has become `saved`: fields typed into again since, based on what the
 * server has now.
 */
export function leftToSend<T extends P & { revision: number }, P extends object>(
  unsent: Unsent<P>,
  sent: P,
  saved: T,
): Unsent<P> | null {
  const left = (Object.keys(unsent.patch) as (keyof P)[]).filter(
    (field) => !isSame(unsent.patch[field], sent[field]),
  );
  if (left.length === 0) return null;
  return { patch: picked(unsent.patch, left), base: picked<P>(saved, left), revision: saved.revision };
}

/** Some fields of a row alone. */
export function picked<P extends object>(from: P, fields: readonly (keyof P)[]): P {
  return Object.fromEntries(fields.map((field) => [field, from[field]])) as P;
}

/**
 * What is unsent here with what another visit left: both arrive. Of a field that both changed, that of here
 * stands. Sent under the older revision, so that the server tells what has happened since.
 */
export function joined<P extends object>(here: Unsent<P> | null, left: Unsent<P>): Unsent<P> {
  if (!here) return left;
  return {
    patch: { ...left.patch, ...here.patch },
    base: { ...left.base, ...here.base },
    revision: Math.min(here.revision, left.revision),
  };
}

/** Of two answers the one of the higher revision; the later one where they are equal. */
export function newestOf<T extends { revision: number }>(
  known: T | undefined,
  arrived: T | undefined,
): T | undefined {
  if (!known || !arrived) return arrived ?? known;
  return arrived.revision >= known.revision ? arrived : known;
}

/** A change of some of its fields alone. */
export function onlyFields<P extends object>(of: Unsent<P>, fields: readonly (keyof P)[]): Unsent<P> {
  return { ...of, patch: picked(of.patch, fields), base: picked(of.base as P, fields) };
}

/** A change without some of its fields; null where none is left. */
export function withoutFields<P extends object>(
  of: Unsent<P> | null,
  fields: readonly (keyof P)[],
): Unsent<P> | null {
  const left = of ? fieldsOf(of.patch).filter((field) => !fields.includes(field)) : [];
  return of && left.length > 0 ? onlyFields(of, left) : null;
}

export function fieldsOf<P extends object>(patch: P): (keyof P)[] {
  return Object.keys(patch) as (keyof P)[];
}
