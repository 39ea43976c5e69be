import type { KeyboardEvent } from 'react';
import { walked } from './one-stop.js';

/** Lets the arrow keys walk the figures and ticks of a table, past cells without any. */
export function walkFigures(event: KeyboardEvent<HTMLElement>): void {
  const step = ({ ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] } as const)[
    event.key
  ];
  const target = event.target as HTMLElement;
  const cell = target.closest<HTMLTableCellElement>('td, th');
  if (!step || !cell || !target.matches(walked)) return;
  const rows = [...event.currentTarget.querySelectorAll('tr')].filter((row) => row.querySelector(walked));
  let [row, column] = [rows.indexOf(cell.closest('tr')!), cell.cellIndex];
  let next: HTMLElement | null | undefined;
  while (!next) {
    row += step[0];
    column += step[1];
    const cells = rows[row]?.cells;
    // In a row with fewer cells, a heading, the last one stands for what would be further right.
    const other = cells?.[step[0] === 0 ? column : Math.min(column, cells.length - 1)];
    if (!other) return;
    next = other.querySelector<HTMLElement>(walked);
  }
  event.preventDefault();
  next.focus();
}
