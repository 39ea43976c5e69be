import { larderOf, type Larder } from '@fornax/core';
import { useLarderRows, type LarderRows } from './useLarderRows.js';

export interface LarderEntries extends LarderRows {
  readonly larder: Larder;
}

/** The kitchen's own figures with the standard larder under them. */
export function useLarderEntries(): LarderEntries {
  const rows = useLarderRows();
  return { ...rows, larder: larderOf(rows.entries) };
}
