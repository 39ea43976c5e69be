/** Writers of files that few visits ask for, in a part of their own: it comes with the first press. */
export { writePlanCalendar, writePlanCsv, writeShoppingCsv, writeTripsCalendar } from '@fornax/core';
