/** Longest text that is read at once, in characters; the rows of it, and the characters of one row. */
export const longestRecipeText = 60_000;
export const mostRecipeRows = 1000;
const longestRow = 4000;
/** Of one mark or blank after the other, so many count: more say nothing, and would be looked at in vain. */
export const longestRun = 8;

/** Why not all of a text is read, in a sentence; null where it is. */
export function recipeTextProblem(text: string): string | null {
  if (text.length > longestRecipeText)
    return (
      `This text has ${text.length.toLocaleString('en-GB')} characters; a recipe is read up to ` +
      `${longestRecipeText.toLocaleString('en-GB')}. Paste one recipe at a time.`
    );
  const rows = text.split('\n').length;
  return rows > mostRecipeRows
    ? `This text has ${rows.toLocaleString('en-GB')} rows; a recipe is read up to ` +
        `${mostRecipeRows.toLocaleString('en-GB')}. Paste one recipe at a time.`
    : null;
}

/**
 * A text in bounds that any recipe keeps: so long, so many rows, rows so long, and no mark without end. What
 * reads it may look at each place of a row several times and still be quick. A text whose marks are written
 * in a longer way, as with a backslash before each, says how many of one may follow each other.
 */
export function boundedText(text: string, run = longestRun): string {
  const rows = text.slice(0, longestRecipeText).split(/\r?\n/).slice(0, mostRecipeRows);
  return rows
    .map((row) => (row.length > longestRow ? cutAtBlank(row) : row))
    .map((row) => withoutLongRuns(row, run))
    .join('\n');
}

/** The row up to its last blank before the longest that is read. */
function cutAtBlank(row: string): string {
  const cut = row.slice(0, longestRow);
  const blank = cut.lastIndexOf(' ');
  return blank > longestRow / 2 ? cut.slice(0, blank) : cut;
}

function withoutLongRuns(row: string, longest: number): string {
  let kept = '';
  let run = 0;
  let before = '';
  for (const letter of row) {
    run = letter === before ? run + 1 : 1;
    before = letter;
    if (run <= longest || isOfWords(letter)) kept += letter;
  }
  return kept;
}

function isOfWords(letter: string): boolean {
  return /[\p{L}\p{N}]/u.test(letter);
}
