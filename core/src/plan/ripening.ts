import { classTaskRef, isOfStep } from '../identity/index.js';
import { findIngredient } from '../larder/index.js';
import type { Axis, TimelineEntry } from '../timeline/index.js';
import { isPlural, showDate, showSpan } from '../words/index.js';
import { entryAt } from './later-entries.js';
import type { TripsInput } from './trips-input.js';

/** What must ripen lies between the trip that brings it and the step that first wants it. */
export function ripening(
  { shopping, timeline, larder }: TripsInput,
  trips: readonly TimelineEntry[],
  firstUse: ReadonlyMap<string, number>,
  axis: Axis,
): TimelineEntry[] {
  return shopping.rows.flatMap((row) => {
    const days = findIngredient(larder, row.ingredient)?.ripeningDays ?? 0;
    const trip = trips.find(({ ref }) => ref.stepId === row.trip);
    const used = firstUse.get(row.key);
    if (days === 0 || !trip || used === undefined || used <= trip.end) return [];
    const user = [...timeline.daysBefore, ...timeline.clock].find(
      (entry) => entry.start === used && isOfStep(entry.ref),
    );
    const how = [
      { label: 'Wants to ripen', value: `${days} days` },
      { label: 'Bought', value: trip.localTime, note: showDate(trip.localDate) },
      { label: 'Wanted by', value: axis.local(used).time, note: user?.title ?? '' },
      { label: 'So it has', value: showSpan(used - trip.end) },
    ];
    return [
      {
        ...entryAt(axis, {
          ref: classTaskRef('ripening', row.key),
          title: `Ripen: ${row.name}`,
          start: trip.end,
          end: used,
          lane: 'resting',
          kind: 'wait',
          detail:
            `until the ${row.name} ` +
            `${isPlural(row.name) ? 'are' : 'is'} ripe, at room temperature; feel daily`,
          how,
        }),
        after: [trip.id],
      },
    ];
  });
}
