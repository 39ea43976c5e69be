/** Readers and writers of CSV, in a part of their own: it comes when a file is saved or given. */
export {
  readKitchenCsv,
  readRosterCsv,
  writeKitchenCsv,
  writeKitCsv,
  writePlanCsv,
  writeRosterCsv,
  writeShoppingCsv,
} from '@fornax/core';
