import { rowsOf } from '../language/index.js';
import type { IngredientId } from '../identity/index.js';
import { familiesTable } from './data/families.js';

/** A family's own members, and with "@" those of another: "@red-meat". */
const written: ReadonlyMap<string, readonly string[]> = new Map(
  rowsOf<'family' | 'members'>(familiesTable).map(({ family: name, members }) => [name, members.split(' ')]),
);
const byLink = new Map([...written.keys()].map((name) => [name.replaceAll(' ', '-'), name]));

/** Every family of the larder, by name. */
export const familyNames: readonly string[] = [...written.keys()];

/**
 * The foods that are of a family, or of one of several, as `larder/data/families.csv` has them: what every
 * question "is it a …?" asks. Throws where there is none of that name.
 */
export function family(...names: readonly string[]): ReadonlySet<IngredientId> {
  return new Set(names.flatMap((name) => membersOf(name)));
}

function membersOf(name: string): readonly IngredientId[] {
  const members = written.get(name);
  if (!members) throw new Error(`The larder has no family “${name}”.`);
  return members.flatMap((each) =>
    each.startsWith('@') ? membersOf(byLink.get(each.slice(1)) ?? each) : each,
  );
}
