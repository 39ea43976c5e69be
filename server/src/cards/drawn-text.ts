/** A stretch of text in one font, raised or lowered where it is part of a fraction. */
export interface Run {
  readonly text: string;
  readonly font: string;
  readonly sup?: boolean;
  readonly sub?: boolean;
}

const spelled: Readonly<Record<string, readonly [string, string]>> = {
  '⅓': ['1', '3'],
  '⅔': ['2', '3'],
  '⅛': ['1', '8'],
  '⅜': ['3', '8'],
  '⅝': ['5', '8'],
  '⅞': ['7', '8'],
};
/** What the shipped fonts have no sign for, in signs that they have. */
const instead: Readonly<Record<string, string>> = {
  '→': '>',
  '≥': 'at least ',
  '≤': 'at most ',
  '☐': '',
  '✓': 'yes',
  '\u202f': ' ',
  '\u2009': ' ',
};

/**
 * Text as runs that the shipped fonts can set: thirds and eighths drawn from digits, letters of Latin
 * Extended from the file that has them, and a question mark in the place of what neither has, so that nothing
 * is dropped in silence.
 */
export function drawn(text: string, font: string): Run[] {
  const runs: Run[] = [];
  const push = (run: Run) => {
    const last = runs[runs.length - 1];
    if (last && last.font === run.font && !last.sup && !last.sub && !run.sup && !run.sub)
      runs[runs.length - 1] = { ...last, text: last.text + run.text };
    else runs.push(run);
  };
  for (const sign of text.normalize('NFC')) {
    const fraction = spelled[sign];
    if (fraction) {
      push({ text: fraction[0], font, sup: true });
      push({ text: '/', font });
      push({ text: fraction[1], font, sub: true });
    } else push({ text: instead[sign] ?? signOf(sign), font: isExtended(sign) ? `${font}Ext` : font });
  }
  return runs.length > 0 ? runs : [{ text: '', font }];
}

/**
 * Signs of the Latin file beyond Latin-1: dashes, quotes, bullets, ellipsis, the euro, primes and the trade
 * mark.
 */
const typographic =
  /[\u2013\u2014\u2018-\u201e\u2022\u2026\u20ac\u2122\u2212\u2215\u0152\u0153\u0131\u02c6\u02dc]/;

function signOf(sign: string): string {
  const code = sign.codePointAt(0)!;
  const known = code === 10 || (code >= 32 && code <= 255) || typographic.test(sign) || isExtended(sign);
  return known ? sign : '?';
}

function isExtended(sign: string): boolean {
  const code = sign.codePointAt(0)!;
  return code >= 0x100 && code <= 0x24f && !typographic.test(sign);
}
