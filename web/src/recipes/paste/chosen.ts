import type { RowRead } from '@fornax/core';

/** What was chosen on either side: a row, a line or a step of the recipe that is shown. */
export type Chosen = { readonly row: number } | { readonly line: string } | { readonly step: string } | null;

/** Whether a row is the chosen one, or became the chosen line or step. */
export function isOfRow(row: RowRead, chosen: Chosen, shown: number): boolean {
  if (!chosen) return false;
  if ('row' in chosen) return row.row === chosen.row;
  if (row.recipe !== shown) return false;
  return 'line' in chosen ? row.lines.includes(chosen.line) : row.steps.includes(chosen.step);
}
