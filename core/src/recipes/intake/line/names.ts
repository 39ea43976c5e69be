import { standardLarder, type Larder } from '../../../larder/index.js';
import { splitDescription } from './words.js';

export interface NamedIngredient {
  readonly ingredient: string;
  /** True when the whole name was known, false when only its last words were. */
  readonly exact: boolean;
}

/**
 * Finds the larder's ingredient for a written name in either English, singular or plural. The whole name is
 * tried first, then without its leading adjectives, then its last words ("stale country bread" → bread).
 */
export function findByName(written: string, larder: Larder = standardLarder): NamedIngredient | null {
  const name = written
    .toLowerCase()
    .replace(/[^\p{L}\p{N}' -]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  if (!name) return null;
  const whole = lookUp(name, larder) ?? lookUp(splitDescription(name).rest, larder);
  if (whole) return { ingredient: whole, exact: true };
  const words = splitDescription(name).rest.split(' ');
  for (let from = 1; from < words.length; from++) {
    const found = lookUp(words.slice(from).join(' '), larder);
    if (found) return { ingredient: found, exact: false };
  }
  for (let to = words.length - 1; to > 0; to--) {
    const found = lookUp(words.slice(0, to).join(' '), larder);
    if (found) return { ingredient: found, exact: false };
  }
  return null;
}

/** Whether the whole name, as it stands, is one the larder has. */
export function isKnownName(name: string, larder: Larder = standardLarder): boolean {
  return idOfName(name, larder) !== null;
}

/** The larder id of a name as it stands, in either number; null where the larder has no such name. */
export function idOfName(name: string, larder: Larder = standardLarder): string | null {
  return lookUp(name.toLowerCase(), larder);
}

function lookUp(name: string, larder: Larder): string | null {
  for (const spelling of [name, ...singulars(name), `${name}s`]) {
    const id = larder.names.get(spelling);
    if (id) return id;
  }
  return null;
}

function singulars(name: string): string[] {
  const found: string[] = [];
  if (name.endsWith('ies')) found.push(`${name.slice(0, -3)}y`);
  if (name.endsWith('ves')) found.push(`${name.slice(0, -3)}f`);
  if (name.endsWith('es')) found.push(name.slice(0, -2));
  if (name.endsWith('s')) found.push(name.slice(0, -1));
  return found;
}
