import { cueTable } from '../../language/index.js';
import { rowCuesTable } from './data/row-cues.js';

/** Words by which a row of a text is known: a heading, a greeting, a fact. */
export const rowCues = cueTable(rowCuesTable);
