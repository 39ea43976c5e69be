import { isSharedTool, type OwnSet, type Person } from '../class/index.js';
import { doing, either, inOneAct, isDone, isSaid } from '../recipes/index.js';
import { isPlural, listed, quotedList } from '../words/index.js';
import { placeOf, remedyFor } from './people-words.js';
import { holds, type Plate } from './plate.js';
import type { PeopleFinding } from './types.js';

/**
 * What crumbs and smears can bring to somebody for whom they count: it is handled in the room, and the
 * station has no set of its own.
 */
export function tracesFor(
  person: Person,
  plates: readonly Plate[],
  ownSets: readonly OwnSet[],
): PeopleFinding[] {
  return person.allergens
    .filter(({ traces, what }) => traces && !hasOwnSet(person, what, ownSets))
    .flatMap(({ what }): PeopleFinding[] => {
      const near = plates.filter((plate) => plate.handled().some((met) => holds(met, what)));
      if (near.length === 0) return [];
      const foods = [...new Set(near.flatMap((plate) => plate.handled()).filter((met) => holds(met, what)))];
      const about = {
        personId: person.id,
        person: person.name,
        station: person.station,
        dishId: null,
        dish: '',
        kind: 'traces' as const,
        level: 'harm' as const,
        meeting: 'near' as const,
        what,
        foods: [...new Set(foods.flatMap(({ food }) => food?.id || []))],
      };
      const names = listed([...new Set(foods.map(({ line }) => line.name))], 4);
      return [
        {
          id: `${person.id}::traces:${what}:near`,
          ...about,
          sentence:
            `${person.name}${placeOf(person.station)}: traces of ${what} matter, and ${names} ` +
            `${foods.length === 1 && !isPlural(foods[0]!.line.name) ? 'is' : 'are'} handled in ` +
            quotedList(
              near.map(({ dish }) => dish.decided.recipe.title),
              3,
            ) +
            sharedWords(near),
          remedy: remedyFor(about),
        },
      ];
    });
}

const fries = either(doing('deep-fry'), inOneAct(isDone('fry'), isSaid('hot oil', 'oil')));

/** What goes from one station to the next: "; jug blender and tasting spoons are shared". */
function sharedWords(near: readonly Plate[]): string {
  const steps = near.flatMap(({ dish }) => dish.decided.recipe.steps);
  const tools = new Set(steps.flatMap((step) => step.tools).filter(isSharedTool));
  const oil = steps.some(fries) ? ['frying oil'] : [];
  const things = [...tools, ...oil, 'tasting spoons'];
  return `; ${listed(things, 5)} are shared`;
}

/** Whether their station has a set of its own that is kept free of it. */
function hasOwnSet({ station }: Person, what: string, ownSets: readonly OwnSet[]): boolean {
  const plain = (text: string) => text.trim().toLowerCase().replace(/s$/, '');
  return ownSets.some((set) => set.station === station && plain(set.without) === plain(what));
}
