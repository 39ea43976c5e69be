import {
  type ClassFacts,
  isGrownUp,
  needsAnAdult,
  type Person,
  type PersonId,
  splitStations,
} from '../class/index.js';
import { listed } from '../words/index.js';

type Room = Pick<ClassFacts, 'people' | 'peoplePerStation' | 'roster'>;

/**
 * The roster with somebody at another station; of those at a full one the last changes places with them. Null
 * where there is no such station, or the one they leave would be empty.
 */
export function seatAt(room: Room, personId: PersonId, station: number): Person[] | null {
  const roster = room.roster ?? [];
  const person = roster.find(({ id }) => id === personId);
  const { sizes } = splitStations(room.people, room.peoplePerStation);
  if (!person || station < 1 || station > sizes.length || person.station === station) return null;
  const there = roster.filter((each) => each.station === station);
  const unnamed = room.people - roster.length;
  const isFull = there.length >= room.peoplePerStation;
  const leaves = person.station === null ? null : roster.filter((each) => each.station === person.station);
  const wouldBeEmpty = leaves !== null && leaves.length === 1 && unnamed === 0;
  const other = isFull || wouldBeEmpty ? (there[there.length - 1] ?? null) : null;
  if ((isFull || wouldBeEmpty) && !other) return null;
  return roster.map((each) =>
    each === person ? { ...each, station } : each === other ? { ...each, station: person.station } : each,
  );
}

/** Two people who change places. */
export function exchangeSeats(roster: readonly Person[], one: PersonId, other: PersonId): Person[] {
  const stationOf = (id: PersonId) => roster.find((each) => each.id === id)?.station ?? null;
  return roster.map((each) =>
    each.id === one
      ? { ...each, station: stationOf(other) }
      : each.id === other
        ? { ...each, station: stationOf(one) }
        : each,
  );
}

/** Everybody where they were; who stood at a station that is gone goes where most room is. */
export function keptSeats(room: Room): Person[] {
  const { sizes } = splitStations(room.people, room.peoplePerStation);
  const taken = sizes.map(
    (_, index) => (room.roster ?? []).filter(({ station }) => station === index + 1).length,
  );
  return (room.roster ?? []).map((person) => {
    if (person.station === null || person.station <= sizes.length) return person;
    const free = sizes.map((size, index) => size - taken[index]!);
    const at = free.indexOf(Math.max(...free));
    taken[at]! += 1;
    return { ...person, station: at + 1 };
  });
}

/** Where everybody stands well, and why. */
export interface Seating {
  readonly roster: readonly Person[];
  readonly why: readonly string[];
}

/** What each thing that is not as it should be counts. ~ */
const counts = { childAlone: 40, friendApart: 12, needSpread: 4, noneExperienced: 3, uneven: 2 } as const;
/** Passes over all pairs of seats; it settles in two or three. */
const mostPasses = 12;

type Seats = readonly (Person | null)[];

/**
 * Places everybody: children with a grown-up, friends together, needs that are alike at one station,
 * somebody experienced at each, and stations as even as can be. The same people are placed alike.
 */
export function placeWell(room: Room): Seating {
  const { sizes } = splitStations(room.people, room.peoplePerStation);
  const stationOfSeat = sizes.flatMap((size, index) => Array.from({ length: size }, () => index));
  const named = [...(room.roster ?? [])].sort((a, b) => order(a).localeCompare(order(b)));
  const seats: (Person | null)[] = stationOfSeat.map((_, seat) => named[seat] ?? null);
  const cost = (all: Seats) => costOf(all, stationOfSeat, sizes.length);
  let best = cost(seats);
  for (let pass = 0, isBetter = true; isBetter && best > 0 && pass < mostPasses; pass += 1) {
    isBetter = false;
    for (let one = 0; one < seats.length; one += 1)
      for (let other = one + 1; other < seats.length; other += 1) {
        if (stationOfSeat[one] === stationOfSeat[other] || seats[one] === seats[other]) continue;
        [seats[one], seats[other]] = [seats[other]!, seats[one]!];
        const next = cost(seats);
        if (next < best) {
          best = next;
          isBetter = true;
        } else [seats[one], seats[other]] = [seats[other]!, seats[one]!];
      }
  }
  const stationOf = new Map(seats.map((person, seat) => [person?.id, stationOfSeat[seat]! + 1]));
  const roster = (room.roster ?? []).map((person) => ({
    ...person,
    station: stationOf.get(person.id) ?? null,
  }));
  return { roster, why: whyOf(roster, sizes.length) };
}

const needsOf = ({ allergens, diets }: Person) => [...allergens.map(({ what }) => `no ${what}`), ...diets];
const order = (person: Person) => `${needsOf(person).sort().join(',') || '~'} ${person.id}`;

function costOf(seats: Seats, stationOfSeat: readonly number[], stations: number): number {
  const at: Person[][] = Array.from({ length: stations }, () => []);
  seats.forEach((person, seat) => person && at[stationOfSeat[seat]!]!.push(person));
  const stationOf = new Map(at.flatMap((people, index) => people.map(({ id }) => [id, index] as const)));
  const alone = at.filter((people) => people.some(needsAnAdult) && !people.some(isGrownUp)).length;
  const apart = at
    .flat()
    .flatMap(({ id, friends }) =>
      friends.filter((friend) => stationOf.has(friend) && stationOf.get(friend) !== stationOf.get(id)),
    ).length;
  const spread = new Map<string, Set<number>>();
  at.forEach((people, index) =>
    people.flatMap(needsOf).forEach((need) => spread.set(need, (spread.get(need) ?? new Set()).add(index))),
  );
  const stationsOfNeeds = [...spread.values()].reduce((sum, found) => sum + found.size - 1, 0);
  const experienced = at.flat().filter(({ experienced: is }) => is).length;
  const without = at.filter((people) => !people.some(({ experienced: is }) => is)).length;
  const couldHave = Math.max(0, stations - experienced);
  // Those who are only counted stand among the others, not by themselves.
  const named = at.map((people) => people.length);
  const uneven = Math.max(...named) - Math.min(...named);
  return (
    Math.max(0, uneven - 1) * counts.uneven +
    alone * counts.childAlone +
    apart * counts.friendApart +
    stationsOfNeeds * counts.needSpread +
    Math.max(0, without - couldHave) * counts.noneExperienced
  );
}

/** The one they know, where there is one. */
function grownUpFor(children: readonly Person[], grown: readonly Person[]): Person {
  const knows = (one: Person, other: Person) =>
    one.friends.includes(other.id) || other.friends.includes(one.id);
  return grown.find((adult) => children.some((child) => knows(adult, child))) ?? grown[0]!;
}

/** What was reached and what was not, station by station. */
function whyOf(roster: readonly Person[], stations: number): string[] {
  return Array.from({ length: stations }, (_, index) => index + 1).flatMap((station): string[] => {
    const people = roster.filter((person) => person.station === station);
    const needs = new Map<string, string[]>();
    for (const person of people)
      for (const need of needsOf(person)) needs.set(need, [...(needs.get(need) ?? []), person.name]);
    const friends = people.flatMap(({ id, name, friends: wanted }) =>
      people
        .filter((other) => other.id !== id && wanted.includes(other.id))
        .map((other) => `${name} asked to be with ${other.name}`),
    );
    const children = people.filter(needsAnAdult);
    const grown = people.filter(isGrownUp);
    const said = [
      ...[...needs].map(([need, names]) => `${need} for ${listed(names)}`),
      ...friends,
      children.length > 0
        ? grown.length > 0
          ? `${listed(children.map(({ name }) => name))} with ${grownUpFor(children, grown).name}`
          : `${listed(children.map(({ name }) => name))} without a grown-up: ask one to join`
        : '',
      people.some(({ experienced }) => experienced)
        ? `${people.find(({ experienced }) => experienced)!.name} has cooked much`
        : '',
    ].filter(Boolean);
    return said.length > 0 ? [`Station ${station}: ${said.join('; ')}.`] : [];
  });
}
