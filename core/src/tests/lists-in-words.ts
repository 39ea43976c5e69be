import type { ClassPlan } from '../plan/index.js';

/**
 * The lists of a plan, a line for each thing on them: what it is, and a digest of all its figures and
 * workings. A file of these shows in its history which things a change moved.
 */
export function listsInWords(plan: ClassPlan): string[] {
  const { portions, shopping, kit, timeline } = plan;
  const { rows, covered, trips } = shopping;
  return [
    line('stations', portions.stations.sizes.join('+'), portions.stations),
    ...portions.rotation.map((turn) => line('turn', String(turn.turn), turn)),
    ...portions.dishes.map((dish) => line('portion', dish.title, dish)),
    ...[...rows, ...covered].map((row) => line('shop', `${row.name}: ${row.buy}`, row)),
    ...trips.map((trip) => line('trip', trip.id, trip)),
    line('cost', '', { ...shopping, rows: [], covered: [], trips: [] }),
    ...Object.entries(kit).map(([list, of]) => line('kit', list, of)),
    ...[...timeline.daysBefore, ...timeline.clock].map((entry) =>
      line('clock', `${entry.localTime} ${entry.title}`, entry),
    ),
    line('budget', timeline.status, { ...timeline, daysBefore: [], clock: [] }),
    ...plan.outOfCold.map((batch) => line('out of the cold', '', batch)),
    ...plan.warnings.map((warning) => line(warning.level, warning.sentence, warning)),
    line('jobs', '', plan.jobs),
    line('allergens', plan.allergens.map(({ contains }) => contains.join(', ')).join(' | '), plan.allergens),
  ];
}

function line(list: string, words: string, value: unknown): string {
  return [list, words, `#${digestOf(JSON.stringify(value))}`].filter(Boolean).join(' ');
}

/** Thirty-two bits of a text, by the function of Fowler, Noll and Vo. */
function digestOf(text: string): string {
  let hash = 0x811c9dc5;
  for (const character of text) hash = Math.imul(hash ^ character.codePointAt(0)!, 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}
