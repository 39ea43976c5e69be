import { isAtRisk, type Person } from '../class/index.js';

/** What is to be known of somebody at the bench, in a few words each: "no nuts, nor traces", "sits". */
export function marksOf(person: Person): string[] {
  return [...freeOf(person), ...bodyMarks(person)];
}

/** What a station keeps free of for somebody, without who it is: fit for a card. */
function freeOf({ allergens, diets, sensitivities, heat }: Person): string[] {
  return [
    ...allergens.map(({ what, traces }) => `no ${what}${traces ? ', nor traces' : ''}`),
    ...diets,
    ...sensitivities.map((word) => `not ${word}`),
    ...(heat === 'none' ? ['no heat'] : heat === 'mild' ? ['mild'] : []),
  ];
}

const ageMarks: Partial<Record<Person['age'], string>> = {
  baby: 'baby',
  'small child': 'small child',
  child: 'child',
  teenager: 'teenager',
  older: 'at risk',
};

function bodyMarks({ age, pregnant, leftHanded, reach }: Person): string[] {
  const mark = ageMarks[age];
  return [
    ...(mark ? [mark] : []),
    ...(pregnant ? ['pregnant'] : []),
    ...(leftHanded ? ['left-handed'] : []),
    ...(reach.trim() ? [reach.trim()] : []),
  ];
}

/** What harms somebody by their age or state, without saying which. */
function riskFreeOf(person: Person): string[] {
  return [
    ...(person.age === 'baby' ? ['no honey'] : []),
    ...(isAtRisk(person) ? ['nothing raw or unpasteurised'] : []),
  ];
}

/** Whether somebody could come to harm by what is in a dish: by an allergy, their age, or pregnancy. */
export function couldComeToHarm(person: Person): boolean {
  return person.allergens.length > 0 || riskFreeOf(person).length > 0;
}

/** "Station 2: no sesame, vegan" for each of these stations that keeps free of something. */
export function needsOfStations(roster: readonly Person[], stations: readonly number[]): string[] {
  return stations.flatMap((station) => {
    const needs = needsAt(roster, station);
    return needs === '' ? [] : [`Station ${station}: ${needs}`];
  });
}

/** "no sesame; vegan": what one station keeps free of; empty where that is nothing. */
export function needsAt(roster: readonly Person[], station: number): string {
  const there = roster.filter((person) => person.station === station);
  return [...new Set(there.flatMap((person) => [...freeOf(person), ...riskFreeOf(person)]))]
    .sort()
    .join('; ');
}
