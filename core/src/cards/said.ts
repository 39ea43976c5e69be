import { type ClassFacts, decisionsOf, type Person } from '../class/index.js';
import { couldComeToHarm, needsAt } from '../people/index.js';
import type { ClassPlan } from '../plan/index.js';
import type { StationCard } from './types.js';

/** Findings of harm that stand open, by their step: their words belong where the hands are. */
export function harmsOf({ warnings }: ClassPlan, facts: ClassFacts): ReadonlyMap<string, readonly string[]> {
  const { noted } = decisionsOf(facts);
  const harms = new Map<string, string[]>();
  for (const { id, level, step, remedy } of warnings)
    if (level === 'harm' && step !== undefined && noted[id] === undefined)
      harms.set(step, [...(harms.get(step) ?? []), remedy]);
  return harms;
}

/** What stands above the needs of a card. */
export function needsTitle({ place }: Pick<StationCard, 'place'>): string {
  return place.startsWith('Station') ? 'Needs at this station' : 'Needs at the stations';
}

/** Whether cards say what stations keep free of: where that was asked for, or somebody could come to harm. */
export function saysNeeds(facts: Pick<ClassFacts, 'roster' | 'decisions'>): boolean {
  const { needsOnCards, needsOffCards } = decisionsOf(facts);
  return needsOnCards || (!needsOffCards && (facts.roster ?? []).some(couldComeToHarm));
}

/** Whether the card of a station says what it keeps free of. Unasked, it does where that could harm. */
export function needsSaid(facts: ClassFacts): (station: number) => boolean {
  const { roster = [] } = facts;
  const { needsOnCards } = decisionsOf(facts);
  const isMeant = (person: Person) => needsOnCards || couldComeToHarm(person);
  return (station) =>
    saysNeeds(facts) &&
    needsAt(roster, station) !== '' &&
    roster.some((person) => person.station === station && isMeant(person));
}
