import {
  capital,
  money,
  type ShoppingList,
  type ShoppingRow,
  type ShoppingTrip,
  showDate,
} from '@fornax/core';

/** Rows of the list under one heading: a shop section, or a trip. */
export interface Group {
  readonly key: string;
  readonly title: string;
  readonly aside: string;
  readonly trip: ShoppingTrip | null;
  readonly rows: readonly ShoppingRow[];
}

/** The list by shop section. */
export function bySection(list: ShoppingList): Group[] {
  return list.sections.map(({ section, rows }) => ({
    key: section,
    title: capital(section),
    aside: '',
    trip: null,
    rows,
  }));
}

/** The list by trip, with its time and cost; what has no day stands last. */
export function byTrip(list: ShoppingList): Group[] {
  const groups = list.trips.map((trip): Group => ({
    key: trip.id,
    title: `${trip.supplier}, ${showDate(trip.date)}${trip.visit ? `, ${trip.visit.localTime}` : ''}`,
    aside: [trip.cost === null ? '' : `about ${money(trip.cost, list.cost.currency)}`, trip.remark]
      .filter(Boolean)
      .join(' · '),
    trip,
    rows: list.rows.filter((row) => row.trip === trip.id),
  }));
  const rest = list.rows.filter((row) => row.trip === null);
  return rest.length > 0
    ? [...groups, { key: 'undated', title: 'Any day', aside: '', trip: null, rows: rest }]
    : groups;
}
