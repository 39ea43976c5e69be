import type { Portion } from '../../types.js';
import type { FoundLines } from './ingredient-rows.js';

/** The rows of a pasted recipe, each where it belongs. */
export interface SortedRows extends FoundLines {
  title: string;
  serves: number;
  /** Whether the text says for how many, or how much; else `serves` is what is usual. */
  isServesSaid: boolean;
  /** Whether it is said before any title, and so of every dish of the text. */
  isServesOfAll?: boolean;
  portion: Portion;
  story: string;
  source: string;
  credit: string;
  permission: string;
  notes: string;
  steps: string[];
  /** Those that their writer has numbered. */
  readonly numbered?: Set<string>;
}

/** What a text has said so far of how much it gives. */
export interface Serving {
  people: number | null;
  millilitres: number | null;
  /** For how many each list is that says "each person needs". */
  each?: number;
}

export function emptyRows(): SortedRows {
  return {
    title: '',
    serves: 4,
    isServesSaid: false,
    portion: 'side',
    story: '',
    source: '',
    credit: '',
    permission: '',
    notes: '',
    components: [],
    lines: [],
    steps: [],
    numbered: new Set(),
  };
}

/** Another row of a note or a story. */
export function joined(before: string, row: string): string {
  return before ? `${before}\n${row}` : row;
}
