import { toFraction, toRational, type Rational } from '../../../amounts/index.js';

const glyphs: Readonly<Record<string, Rational>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const wordNumbers: Readonly<Record<string, Rational>> = {
  a: '1',
  an: '1',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  eleven: '11',
  twelve: '12',
  half: '1/2',
  quarter: '1/4',
  third: '1/3',
  couple: '2',
  few: '3',
  several: '4',
  dozen: '12',
};

/**
 * Brings every spelling of fractions, dashes and multiplication signs to one: "1½–2" → "1 1/2-2". Markup and
 * pictures are passed over.
 */
export function plainSpelling(text: string): string {
  return (
    text
      .replace(/<\/?[a-z][^<>]{0,60}>/gi, ' ')
      .replace(/\ufe0f|\u200d|[\u2600-\u27bf\u2b00-\u2bff]|[\ud83c-\ud83e][\udc00-\udfff]/g, ' ')
      .replace(
        /(\d)?([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/gu,
        (_, digit: string | undefined, glyph: string) => `${digit ? `${digit} ` : ''}${glyphs[glyph]}`,
      )
      .replace(/[⁰¹²³⁴-⁹₀-₉]/g, (digit) => digit.normalize('NFKC'))
      .replace(/⁄/g, '/')
      // What a scanner takes for a letter: "l/2", "I tbsp", "1 l/2".
      .replace(/(^|[\s(])[lI]\/(?=[2348]\b)/g, '$11/')
      .replace(/^[lI] (?=(?:tbsp|tsp|tablespoon|teaspoon|cup|lb|oz|kg)s?\b)/, '1 ')
      .replace(/(\d) (?:&|and) (?=\d+ ?\/ ?\d)/g, '$1 ')
      .replace(/[–—−]/g, '-')
      .replace(/×/g, 'x')
      .replace(/[\u00a0\u2009\u202f]/g, ' ')
      .replace(/[’‘]/g, "'")
      .replace(/\s+/g, ' ')
      .trim()
  );
}

const digits = String.raw`\d+-\d+\/\d+|\d+ \d+\/\d+|\d+ ?\/ ?\d+|\d{1,3}(?:,\d{3})+(?!\d)|\d+(?:[.,]\d+)?`;
const upToTen = 'one|two|three|four|five|six|seven|eight|nine|ten';
const words = [
  'half a dozen',
  `(?:(?:${upToTen}) and (?:a |one )?(?:half|quarter|third|three[- ]quarters|two[- ]thirds))`,
  'three[- ]quarters(?: of)?(?: an?)?',
  'two[- ]thirds(?: of)?(?: an?)?',
  'half(?: of)?(?: an?)?',
  '(?:a |one )(?:half|quarter|third)(?: of)?(?: an?)?',
  'a couple(?: of)?',
  'a few',
  'a dozen',
  'several',
  `${upToTen}|eleven|twelve`,
  'an?',
].join('|');
const numberPattern = `(?:${digits}|(?:${words})(?![\\w-]))`;
const rangePattern = new RegExp(
  `^(?:between )?(${numberPattern})(?: ?(?:-|to|or|and) ?(${numberPattern}))?`,
  'i',
);

export interface ReadNumber {
  readonly low: Rational;
  readonly high: Rational;
  /** Characters used up. */
  readonly length: number;
}

/**
 * Reads a number or a range at the start of a text in plain spelling: "1 1/2", "2-3", "between 2 and 3",
 * "one and a half". Returns null where there is none; a zero denominator is no number.
 */
export function readNumber(text: string): ReadNumber | null {
  const between = /^between /i.test(text);
  const match = rangePattern.exec(text);
  if (!match) return null;
  const low = numberValue(match[1]!);
  if (low === null) return null;
  const dozens = /^ dozen\b/i.exec(text.slice(match[0].length));
  if (dozens && !match[2] && /^\d|^(?:two|three|four|five|six)\b/i.test(match[1]!)) {
    const count = toRational(toFraction(low).mul(12));
    return { low: count, high: count, length: match[0].length + dozens[0].length };
  }
  const joined = match[2] !== undefined && isRange(match[0], between);
  const high = joined ? numberValue(match[2]!) : low;
  if (high === null || !joined) {
    const prefix = between ? 'between '.length : 0;
    return { low, high: low, length: prefix + match[1]!.length };
  }
  const ascending = toFraction(low).compare(toFraction(high)) <= 0;
  return { low: ascending ? low : high, high: ascending ? high : low, length: match[0].length };
}

/** "2 and 3" is a range only after "between"; "1 or a" is not one. */
function isRange(matched: string, between: boolean): boolean {
  if (/ and /.test(matched) && !between) return false;
  return !/ or an?$/i.test(matched);
}

function numberValue(written: string): Rational | null {
  const text = written.toLowerCase().trim();
  return /^\d/.test(text) ? digitValue(text) : wordValue(text);
}

function digitValue(text: string): Rational | null {
  const mixed = /^(\d+)[ -](\d+)\/(\d+)$/.exec(text);
  if (mixed) return fractionOf(mixed[2]!, mixed[3]!, mixed[1]!);
  const simple = /^(\d+) ?\/ ?(\d+)$/.exec(text);
  if (simple) return fractionOf(simple[1]!, simple[2]!);
  if (/^\d{1,3}(,\d{3})+$/.test(text)) return toRational(toFraction(text.replaceAll(',', '')));
  return toRational(toFraction(text.replace(',', '.')));
}

function fractionOf(top: string, bottom: string, whole = '0'): Rational | null {
  if (Number(bottom) === 0) return null;
  return toRational(toFraction(`${top}/${bottom}`).add(toFraction(whole)));
}

function wordValue(text: string): Rational | null {
  if (text === 'half a dozen') return '6';
  const plain = text
    .replace(/\b(of|an?)$/, '')
    .replace(/\bof\b/g, '')
    .trim();
  const sum = /^(\w+) and (?:a |one )?(.+)$/.exec(plain);
  if (sum) return toRational(toFraction(wordNumbers[sum[1]!]!).add(toFraction(partValue(sum[2]!))));
  if (plain === '') return '1';
  return partValue(plain.replace(/^(a|one) (?=\w)/, ''));
}

function partValue(text: string): Rational {
  if (/^three[- ]quarters/.test(text)) return '3/4';
  if (/^two[- ]thirds/.test(text)) return '2/3';
  return wordNumbers[text.split(' ')[0]!] ?? '1';
}
