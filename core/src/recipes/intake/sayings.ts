import { cueTable } from '../../language/index.js';
import { sayingsTable } from './data/sayings.js';

/** Ways in which a step speaks of other steps, of what is in hand, or of what it works in. */
export const sayings = cueTable(sayingsTable);
