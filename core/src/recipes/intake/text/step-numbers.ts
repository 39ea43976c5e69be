import { verbsSaid } from '../../../language/index.js';

/**
 * "Step 2" alone in a row is the number of the row behind it; "1 Toss …", "2 Mix …" are numbered without a
 * sign.
 */
export function withStepNumbers(written: readonly string[]): string[] {
  const rows = withSigns(written);
  return rows.flatMap((row, index) => {
    const number = onlyNumber.exec(rows[index - 1] ?? '');
    if (onlyNumber.test(row) && index + 1 < rows.length) return [];
    return [number ? `${number[1] ?? number[2]!}. ${row}` : row];
  });
}

const bareNumber = /^(\d{1,2}) (?=\p{L})/u;

/** Rows that count up from one and begin with work get the sign that others write. */
function withSigns(rows: readonly string[]): readonly string[] {
  const isNumbered = (row: string) => {
    const number = bareNumber.exec(row);
    const [verb] = number ? verbsSaid(row.slice(number[0].length)) : [];
    return verb?.at === 0 && verb.form === 'do';
  };
  const numbers = rows.filter(isNumbered).map((row) => Number(bareNumber.exec(row)![1]));
  const countsUp = numbers.length > 1 && numbers.every((each, index) => each === index + 1);
  return countsUp ? rows.map((row) => (isNumbered(row) ? row.replace(bareNumber, '$1. ') : row)) : rows;
}

/** With its sign: "Step 2:", "Step two". */
const onlyNumber = /^(?:#+ *)?step (?:(\d{1,2})|([a-z]{3,6}))[.:)]?$/i;
