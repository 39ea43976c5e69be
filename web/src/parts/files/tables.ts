/** Writers of CSV, in a part of their own: it comes when a file is saved or given. */
export { writeKitchenCsv, writeKitCsv, writePlanCsv, writeRosterCsv, writeShoppingCsv } from '@fornax/core';
