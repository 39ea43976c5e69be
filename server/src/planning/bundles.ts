import type { ClassBundle } from '@fornax/core';
import { LRUCache } from 'lru-cache';

/** Kitchens and dishes that a thread keeps. */
const mostKept = 32;
const kept = new LRUCache<string, object>({ max: mostKept });

/**
 * A bundle from its text, with the kitchen and the dishes that the thread had before where they are the same:
 * what core has made of those it need not make again.
 */
export function readBundle<Of extends Pick<ClassBundle, 'class' | 'kitchen'>>(text: string): Of {
  const read = JSON.parse(text) as Of;
  // What cannot be planned is told by core.
  if (!read.class) return read;
  return {
    ...read,
    kitchen: before(read.kitchen),
    class: { ...read.class, dishes: read.class.dishes.map(before) },
  };
}

function before<T extends object>(value: T): T {
  const text = JSON.stringify(value);
  const known = kept.get(text) as T | undefined;
  if (!known) kept.set(text, value);
  return known ?? value;
}
