import { getDayOfWeek, parseDate } from '@internationalized/date';
import type { Supplier } from '../class/index.js';
import { type LocalDate, cacheByText } from '../identity/index.js';
import type { Ingredient, Section } from '../larder/index.js';
import { counted, money, showDate } from '../words/index.js';
import type { ShoppingRow, ShoppingTrip } from './types.js';

/** Where everything is bought while a kitchen has named no shop. */
export const anyShop: Supplier = { name: 'Shop', sections: [], days: [0, 1, 2, 3, 4, 5, 6] };

/**
 * The supplier of a section: the first that sells it, else the first that sells everything, else any shop.
 */
export function supplierOf(section: Section, suppliers: readonly Supplier[]): Supplier {
  return (
    suppliers.find((supplier) => supplier.sections.includes(section)) ??
    suppliers.find((supplier) => supplier.sections.length === 0) ??
    anyShop
  );
}

export interface BuyingDays {
  readonly from: LocalDate;
  readonly until: LocalDate;
  readonly why: readonly { label: string; value: string; note?: string }[];
}

/** Looked ahead at most: what keeps for months is bought in the week before all the same. */
const earliestDays = 7;

/**
 * The first and last day to buy an ingredient. The last is the day before it is first used; the first is as
 * many days before it is last used as it keeps, a week at most. What must ripen is bought its ripening days
 * ahead, give or take one.
 */
export function buyingDays(
  ingredient: Ingredient | null,
  firstUse: LocalDate,
  lastUse: LocalDate,
): BuyingDays {
  const dayBefore = daysBefore(firstUse, 1);
  const ripening = ingredient?.ripeningDays ?? 0;
  if (ripening > 0) {
    const from = daysBefore(firstUse, ripening + 1);
    return {
      from,
      until: daysBefore(firstUse, Math.max(1, ripening - 1)),
      why: [
        {
          label: 'Wants to ripen',
          value: `${ripening} days`,
          note: `Bought ${ripening} days before ${showDate(firstUse)}, give or take one.`,
        },
      ],
    };
  }
  const keeps = ingredient ? longestKeeping(ingredient) : null;
  const days = Math.min(keeps ?? earliestDays, earliestDays);
  const from = daysBefore(lastUse, Math.max(days, 1));
  return {
    from: from < dayBefore ? from : dayBefore,
    until: dayBefore,
    why: [
      {
        label: 'Keeps',
        value: keeps === null ? 'not known' : `${keeps} days`,
        note:
          `Bought from ${showDate(from < dayBefore ? from : dayBefore)} until ` +
          `${showDate(dayBefore)}, the day before it is first used.`,
      },
    ],
  };
}

export function longestKeeping(ingredient: Ingredient): number | null {
  const days = Object.values(ingredient.keepingDays) as number[];
  return days.length > 0 ? Math.max(...days) : null;
}

type Planned = Pick<ShoppingRow, 'key' | 'name' | 'supplier' | 'buyFrom' | 'buyUntil' | 'cost'>;

/**
 * The fewest visits to each supplier that buy everything within its days: always the last open day of what
 * must be bought first, which then takes along all that may be bought on that day. Where the supplier is
 * closed on all days of a thing, the last open day before them is taken and said; where that is past, today.
 */
export function planTrips(
  rows: readonly Planned[],
  suppliers: readonly Supplier[],
  options: { readonly today: LocalDate | null; readonly currency: string },
): ShoppingTrip[] {
  const known = [...suppliers, anyShop];
  const names = [...new Set(rows.map((row) => row.supplier))];
  const trips = names.flatMap((name) =>
    tripsTo(
      known.find((each) => each.name === name) ?? anyShop,
      rows.filter((row) => row.supplier === name && row.buyUntil !== null),
      options,
    ),
  );
  return trips.sort((a, b) => a.date.localeCompare(b.date) || a.supplier.localeCompare(b.supplier));
}

interface Window {
  readonly row: Planned;
  readonly from: LocalDate;
  readonly day: LocalDate;
  readonly remark: string;
}

function tripsTo(
  supplier: Supplier,
  rows: readonly Planned[],
  options: { readonly today: LocalDate | null; readonly currency: string },
): ShoppingTrip[] {
  const open = rows
    .map((row) => windowOf(supplier, row, options.today))
    .sort((a, b) => a.day.localeCompare(b.day));
  const trips: ShoppingTrip[] = [];
  const waiting = [...open];
  while (waiting.length > 0) {
    const date = waiting[0]!.day;
    const taken = waiting.filter(
      (window) => (window.from <= date && date <= window.day) || window.day === date,
    );
    for (const window of taken) waiting.splice(waiting.indexOf(window), 1);
    trips.push(tripOf(supplier, date, taken, options.currency));
  }
  return trips;
}

/** The last day on which a row can be bought at its supplier, and why it is another than wanted. */
function windowOf(supplier: Supplier, row: Planned, today: LocalDate | null): Window {
  const wanted = lastOpen(supplier, row.buyUntil!, row.buyFrom!);
  const day = wanted ?? lastOpen(supplier, row.buyUntil!, daysBefore(row.buyUntil!, 14)) ?? row.buyUntil!;
  if (today !== null && day < today)
    return {
      row,
      from: today,
      day: today,
      remark: `${row.name}: better bought until ${showDate(row.buyUntil!)}`,
    };
  const from = today !== null && row.buyFrom! < today ? today : row.buyFrom!;
  return {
    row,
    from,
    day,
    remark: wanted
      ? ''
      : `${row.name}: ${supplier.name} is closed from ` +
        `${showDate(row.buyFrom!)} to ${showDate(row.buyUntil!)}`,
  };
}

/** The last day of a span on which a supplier is open; null where there is none. */
function lastOpen(supplier: Supplier, until: LocalDate, from: LocalDate): LocalDate | null {
  for (let day = parseDate(until); day.toString() >= from; day = day.subtract({ days: 1 })) {
    if (supplier.days.includes(getDayOfWeek(day, 'en-US'))) return day.toString() as LocalDate;
  }
  return null;
}

function tripOf(
  supplier: Supplier,
  date: LocalDate,
  taken: readonly Window[],
  currency: string,
): ShoppingTrip {
  const known = taken.every(({ row }) => row.cost !== null);
  const cost = taken.reduce((sum, { row }) => sum + (row.cost ?? 0), 0);
  const hurried = [...taken]
    .sort((a, b) => a.day.localeCompare(b.day))
    .filter((window) => window.day === date)
    .slice(0, 4);
  return {
    id: `${date}|${supplier.name}`,
    date,
    supplier: supplier.name,
    rows: taken.map(({ row }) => row.key),
    cost: known ? cost : null,
    remark: taken
      .map((window) => window.remark)
      .filter(Boolean)
      .join('; '),
    workings: {
      title: `${supplier.name}, ${showDate(date)}`,
      estimated: true,
      result: `${counted(taken.length, 'thing')}${known ? `, ${money(cost, currency)}` : ''}`,
      steps: [
        ...hurried.map(({ row }) => ({
          label: row.name,
          value: `until ${showDate(row.buyUntil!)}`,
          note: `It can be bought from ${showDate(row.buyFrom!)}.`,
        })),
        {
          label: 'The last open day for these takes along',
          value: `${taken.length - hurried.length} more`,
          note: 'Each visit is as late as it can be, so that there are as few as can be.',
        },
      ],
    },
  };
}

function daysBefore(date: LocalDate, days: number): LocalDate {
  return earlier(`${date} ${days}`);
}

const rememberedDates = 400;
const earlier = cacheByText(rememberedDates, (text) => {
  const [date, days] = text.split(' ') as [string, string];
  return parseDate(date)
    .subtract({ days: Number(days) })
    .toString() as LocalDate;
});
