import type { KitchenFacts } from '@fornax/core';
import type { ClassRow } from '../database/models.js';

/** Days after a class until names and needs are erased, unless a kitchen says otherwise. */
const usualDays = 30;
const day = 24 * 60 * 60 * 1000;

/** Whether the time is over for which the people of a class are kept. */
export function isForgotten(
  { startsAt }: Pick<ClassRow, 'startsAt'>,
  { forgetPeopleAfterDays = usualDays }: Pick<KitchenFacts, 'forgetPeopleAfterDays'>,
  now = new Date().getTime(),
): boolean {
  return startsAt.slice(0, 10) < new Date(now - forgetPeopleAfterDays * day).toISOString().slice(0, 10);
}

/** Decisions without what was noted about people: a word why may name them. */
export function withoutNotesOnPeople<T extends { readonly noted?: Readonly<Record<string, string>> }>(
  decisions: T,
  of: (findingId: string) => boolean = () => true,
): T {
  const noted = Object.entries(decisions.noted ?? {}).filter(
    ([id]) => !(id.startsWith('person:') && of(id.slice('person:'.length))),
  );
  return { ...decisions, noted: Object.fromEntries(noted) };
}
