/** A cell that a spreadsheet would take for a formula is marked as text. */
export function safeCell(cell: string | number): string | number {
  return typeof cell === 'string' && /^[=+\-@\t]/.test(cell) ? `'${cell}` : cell;
}
