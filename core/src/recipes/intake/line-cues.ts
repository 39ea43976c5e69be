import { cueTable } from '../../language/index.js';
import { lineCuesTable } from './data/line-cues.js';

/** Words of a line that are neither its food nor its cut: the state it comes in, how little is meant. */
export const lineCues = cueTable(lineCuesTable);
