import { folded, phrasePattern, rowsOf } from '../../../language/index.js';
import { rowCuesTable } from '../data/row-cues.js';

/** Words by which a row of a text is known: a heading, a greeting, a fact. */
const cues: ReadonlyMap<string, RegExp> = new Map(
  rowsOf<'cue' | 'words'>(rowCuesTable).map(({ cue, words }) => [cue, phrasePattern(words, '')!]),
);

function cueOf(name: string): RegExp {
  const found = cues.get(name);
  if (!found) throw new Error(`No cue “${name}” stands in the table.`);
  return found;
}

const asked = (pattern: RegExp) => (row: string) => pattern.test(folded(row));

/** Whether a row has words of a cue anywhere. Throws where the table has no such cue. */
export function hasCue(name: string): (row: string) => boolean {
  return asked(cueOf(name));
}

/** Whether a row is words of a cue and nothing else, but marks before and an ending behind them. */
export function isCue(name: string, ending = ''): (row: string) => boolean {
  return asked(new RegExp(String.raw`^(?:#+ *)?(?:${cueOf(name).source})${ending}[\s:.!,]*$`));
}

/** Whether a row is words of a cue with others before them. */
export function isCueBehind(name: string, before: string): (row: string) => boolean {
  return asked(new RegExp(`^${before}(?:${cueOf(name).source})$`));
}

/** Whether a row begins with words of a cue, and goes on with an ending. */
export function startsWithCue(name: string, ending = ''): (row: string) => boolean {
  return asked(new RegExp(String.raw`^(?:${cueOf(name).source})${ending}`));
}

/** How many times a row has words of a cue. */
export function countOfCue(name: string): (row: string) => number {
  const every = new RegExp(cueOf(name).source, 'g');
  return (row) => folded(row).match(every)?.length ?? 0;
}
