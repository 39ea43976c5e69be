import { cueTable } from '../../language/index.js';
import { lineCuesTable } from './data/line-cues.js';
import { rowCuesTable } from './data/row-cues.js';
import { sayingsTable } from './data/sayings.js';

/** Words by which a row of a text is known: a heading, a greeting, a fact. */
export const rowCues = cueTable(rowCuesTable);

/** Ways in which a step speaks of other steps, of what is in hand, or of what it works in. */
export const sayings = cueTable(sayingsTable);

/** Words of a line that are neither its food nor its cut: the state it comes in, how little is meant. */
export const lineCues = cueTable(lineCuesTable);
