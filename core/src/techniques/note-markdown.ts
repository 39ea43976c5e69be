import { readRates, writeRates } from './rate-lines.js';
import type { TechniqueNote } from './types.js';

type NoteText = Pick<
  TechniqueNote,
  'why' | 'how' | 'lookFor' | 'goesWrong' | 'caution' | 'anotherWay' | 'rates'
>;

const headings: Readonly<Record<string, keyof NoteText>> = {
  why: 'why',
  how: 'how',
  'look for': 'lookFor',
  'goes wrong': 'goesWrong',
  caution: 'caution',
  'another way': 'anotherWay',
  minutes: 'rates',
};
/** Between what goes wrong and how it is mended. */
const arrow = ' → ';

/** A note's texts as one Markdown document with a heading for each part. */
export function writeNoteMarkdown(note: NoteText): string {
  const parts: [string, string][] = [
    ['Why', note.why],
    ['How', note.how.map((step, index) => `${index + 1}. ${step}`).join('\n')],
    ['Look for', note.lookFor],
    ['Goes wrong', note.goesWrong.map(({ wrong, mend }) => `- ${wrong}${arrow}${mend}`).join('\n')],
    ['Caution', note.caution],
    ['Another way', note.anotherWay],
    ['Minutes', writeRates(note.rates ?? [])],
  ];
  return `${parts.map(([heading, text]) => `## ${heading}\n\n${text}`.trim()).join('\n\n')}\n`;
}

/**
 * Reads a note's texts back from Markdown. Text before the first heading, or under one that is not known, is
 * added to why.
 */
export function readNoteMarkdown(markdown: string): NoteText {
  const rows: Record<keyof NoteText, string[]> = {
    why: [],
    how: [],
    lookFor: [],
    goesWrong: [],
    caution: [],
    anotherWay: [],
    rates: [],
  };
  let part: keyof NoteText = 'why';
  for (const row of markdown.split(/\r?\n/)) {
    const heading = /^#{1,4} (.+)$/.exec(row);
    const known = heading && headings[heading[1]!.trim().toLowerCase()];
    if (known) part = known;
    else if (heading) {
      part = 'why';
      rows.why.push(heading[1]!);
    } else rows[part].push(row);
  }
  const text = (of: keyof NoteText) => rows[of].join('\n').trim();
  const rates = readRates(rows.rates);
  return {
    ...(rates.length > 0 ? { rates } : {}),
    why: text('why'),
    how: items(rows.how),
    lookFor: text('lookFor'),
    caution: text('caution'),
    anotherWay: text('anotherWay'),
    goesWrong: items(rows.goesWrong).map((item) => {
      const [wrong = '', ...mend] = item.split(/ *(?:→|->|=>) */);
      return { wrong, mend: mend.join(arrow) };
    }),
  };
}

/** The items of a list; a row without a mark goes on with the item above it. */
function items(rows: readonly string[]): string[] {
  return rows
    .map((row) => row.trim())
    .filter(Boolean)
    .reduce<string[]>((found, row) => {
      const marked = /^(?:\d{1,2}[.)]|[-*+]) (.*)$/.exec(row);
      if (marked) return [...found, marked[1]!.trim()];
      return found.length === 0 ? [row] : [...found.slice(0, -1), `${found[found.length - 1]!} ${row}`];
    }, []);
}
