import type { KeyboardEvent } from 'react';
import { walked, walkedWithButtons } from './one-stop.js';

/** Lets the arrow keys walk the figures and ticks of a table, past cells without any. */
export const walkFigures = walking(walked);
/** The same with the buttons of its cells. */
export const walkFiguresAndButtons = walking(walkedWithButtons);

function walking(selector: string): (event: KeyboardEvent<HTMLElement>) => void {
  return (event) => {
    const target = event.target as HTMLElement;
    const row = target.closest('tr');
    if (!row || !target.matches(selector)) return;
    const next = event.key.startsWith('Arrow') ? nextOf(event, target, row, selector) : null;
    if (!next) return;
    event.preventDefault();
    next.focus();
  };
}

function nextOf(
  { key, currentTarget }: KeyboardEvent<HTMLElement>,
  target: HTMLElement,
  row: HTMLTableRowElement,
  selector: string,
): HTMLElement | null {
  if (key === 'ArrowLeft' || key === 'ArrowRight') {
    const all = [...row.querySelectorAll<HTMLElement>(selector)];
    return all[all.indexOf(target) + (key === 'ArrowRight' ? 1 : -1)] ?? null;
  }
  const rows = [...currentTarget.querySelectorAll('tr')];
  const at = rows.indexOf(row);
  const further = key === 'ArrowDown' ? rows.slice(at + 1) : rows.slice(0, at).reverse();
  const column = target.closest<HTMLTableCellElement>('td, th')!.cellIndex;
  for (const { cells } of further) {
    // In a row with fewer cells, a heading, the last one stands for what would be further right.
    const found = cells[Math.min(column, cells.length - 1)]?.querySelector<HTMLElement>(selector);
    if (found) return found;
  }
  return null;
}
