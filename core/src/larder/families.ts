import type { IngredientId } from '../identity/index.js';
import { rowsOf } from '../language/index.js';
import { familiesTable } from './data/families.js';

/** A family's own members, and with "@" those of another: "@red-meat". */
const written: ReadonlyMap<string, readonly string[]> = new Map(
  rowsOf<'family' | 'members'>(familiesTable).map(({ family: name, members }) => [name, members.split(' ')]),
);
const byLink = new Map([...written.keys()].map((name) => [name.replaceAll(' ', '-'), name]));

/** Every family of the larder, by name. */
export const familyNames: readonly string[] = [...written.keys()];

/** A food as families know it: by its id, and by the families that a kitchen gave it. */
interface Kin {
  readonly id: IngredientId;
  readonly families?: readonly string[] | undefined;
}

/** The foods that are of a family, or of one of several. */
export interface Family {
  /** By id only foods of the standard larder are told; of a kitchen's own, the food itself is asked. */
  has(food: Kin | IngredientId | null | undefined): boolean;
  /** Ids of the standard larder's members. */
  readonly ids: ReadonlySet<IngredientId>;
}

/**
 * The foods that are of a family, or of one of several, as `larder/data/families.csv` has them and a kitchen
 * says of its own: what every question "is it a …?" asks. Throws where there is none of that name.
 */
export function family(...names: readonly string[]): Family {
  const within = new Set(names.flatMap(familiesIn));
  const ids = new Set(names.flatMap((name) => membersOf(name)));
  const has = (food: Kin | IngredientId | null | undefined): boolean => {
    if (typeof food === 'string') return ids.has(food);
    return food ? ids.has(food.id) || (food.families?.some((each) => within.has(each)) ?? false) : false;
  };
  return { has, ids };
}

/** A family and all that are within it: poultry is within meat. */
function familiesIn(name: string): readonly string[] {
  return [name, ...membersWritten(name).flatMap((each) => (isLink(each) ? familiesIn(linked(each)) : []))];
}

function membersOf(name: string): readonly IngredientId[] {
  return membersWritten(name).flatMap((each) => (isLink(each) ? membersOf(linked(each)) : each));
}

function membersWritten(name: string): readonly string[] {
  const members = written.get(name);
  if (!members) throw new Error(`The larder has no family “${name}”.`);
  return members;
}

const isLink = (member: string) => member.startsWith('@');
const linked = (member: string) => byLink.get(member.slice(1)) ?? member;
