/** Writers of calendars, in a part of their own: it comes with the first press. */
export { writePlanCalendar, writeTripsCalendar } from '@fornax/core';
