import type { LineOptions } from '../line/amount.js';
import { rowCues } from '../row-cues.js';
import { joined, type Serving, type SortedRows } from './sorted-rows.js';
import { isPeopleRow, peopleSaid, readServings } from './servings.js';

/** What the rows are in: unknown before the first heading. */
export type Part = 'unknown' | 'ingredients' | 'method' | 'notes';

const sourceLine =
  /^(source|from|credit|permission|notes?|(?:cook's |top )?tips?|safety|warnings?|cautions?|ccp|haccp|storage|shelf life|make ahead|variations?)\s*:\s*(\S.*)$/i;
/** A row of how long it takes. */
export const isTimeRow = rowCues.starts('time', String.raw`(?: time)?\s{0,8}:?\s{0,8}(?:about )?\d.{0,60}$`);
const saysAllergens = /^(?:allergens?|contains)\s*[:|]/i;
const placeOfPeople = rowCues.at('says people');
const startsWithMakes = rowCues.starts('makes or yields');
const byline =
  /^(?:recipe |by |contributed |sent in |submitted |given )+(?:by )?([\p{L}][\p{L} .'-]{2,40})$/iu;

/** Servings, times, source and the like, wherever they stand. */
export function takeFact(
  found: SortedRows,
  row: string,
  part: Part,
  servings: Serving,
  options: LineOptions,
): boolean {
  const isFact = found.steps.length === 0 && part !== 'notes';
  if (isFact && saysAllergens.test(row)) {
    found.notes = joined(found.notes, row);
    return true;
  }
  if (isFact && isTimeRow(row)) {
    found.notes = joined(found.notes, row);
    // "Prep 10 min | Serves: 8"
    const place = placeOfPeople(row);
    servings.people ??= place && peopleSaid(row.slice(place[0]));
    return true;
  }
  // "That feeds six" may be said at the end.
  const saysPeople = servings.people === null && part !== 'notes' && isPeopleRow(row);
  if ((isFact && isServings(row)) || saysPeople) {
    const read = readServings(row, options.system);
    servings.people ??= read.people;
    servings.millilitres ??= read.millilitres;
    found.portion = read.portion ?? found.portion;
    if (read.makes) found.story = joined(found.story, makesRow(row));
    return true;
  }
  const by = isFact && part === 'unknown' ? byline.exec(row) : null;
  if (by && /^(?:recipe |contributed |sent in |submitted |given )?by /i.test(row)) {
    found.credit = by[1]!;
    return true;
  }
  return takeSource(found, row, part);
}

/** "150ml" alone says what it is of. */
export function makesRow(makes: string): string {
  const plain = makes.replace(/["“”]/g, '').trim();
  return plain === '' || startsWithMakes(plain) ? plain : `Makes ${plain}`;
}

function isServings(row: string): boolean {
  return (
    isPeopleRow(row) || /^["“(]?[\d½¼¾⅓⅔.,/ -]+ ?(?:ml|cl|dl|l|cups?|lit(?:re|er)s?|pints?)["”)]?$/i.test(row)
  );
}

const alsoBehindWork =
  /^(?:source|credit|permission|(?:cook's |top )?tips?|safety|warnings?|cautions?|ccp|haccp|storage|shelf life|variations?)\s*:/i;

function takeSource(found: SortedRows, row: string, part: Part): boolean {
  const fact = sourceLine.exec(row);
  if (!fact || (part === 'method' && !alsoBehindWork.test(row))) return false;
  const field = fact[1]!.toLowerCase();
  if (field === 'credit' || field === 'permission') found[field] = fact[2]!;
  else if (field === 'source' || field === 'from') found.source = fact[2]!;
  else found.notes = joined(found.notes, /note|tip/.test(field) ? fact[2]! : row);
  return true;
}
