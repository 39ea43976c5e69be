import { type SaidVerb, verbsSaid } from '../../../language/index.js';

/** A row of more words without any stop is told in one breath. */
const longestName = 9;
const stop = /[.;:!?,|]/;
/** Before these, what reads like work is not the next thing to do: "to peel", "you can toast". */
const bound: ReadonlySet<string> = new Set(
  (
    'to and or then the a an of you i we they can could must should would might may will just dont do not ' +
    'never please till until before after if when while as once so gently finely thinly coarsely roughly ' +
    'well for with in on at it its them that which who how your my our some any each by from than ill youll'
  ).split(' '),
);
/** Behind these it may be a thing, unless it is said with what it is done to: "in small dice". */
const describing: ReadonlySet<string> = new Set(
  (
    'small large thin thick fine big little tiny rough even neat long short cold hot warm nice good quick ' +
    'slow'
  ).split(' '),
);
/** Behind a word that may be a name too, these make it work: "salt them", "toast the seeds". */
const object =
  /^ (?:(?:the|them|it|a|an|some|your|each|everything|all|half|one|two|three|four|five|six|eight|ten)\b|\d)/i;
/** "While they're boiling fry the bacon": what is said first goes with the work behind it. */
const saidFirst = /^(?:while|when|once|as soon as|after|before|until|if)\b[^,]*$/i;

/**
 * The pieces of work of a row that is told without any stop: "about a kilo of potatoes boil them in their
 * skins peel them while hot". A row with stops, or a short one, stays as it is.
 */
export function cutBreath(row: string): string[] {
  if (row.split(/\s+/).length <= longestName || stop.test(row.replace(/[.!]$/, ''))) return [row];
  const cuts = verbsSaid(row)
    .filter((verb) => beginsWork(row, verb))
    .map(({ at }) => at)
    .filter((at) => !saidFirst.test(row.slice(0, at).trim()));
  const starts = [0, ...cuts.filter((at) => at > 0)];
  return starts.map((from, index) => row.slice(from, starts[index + 1]).trim()).filter(Boolean);
}

function beginsWork(row: string, { verb, form, at, to }: SaidVerb): boolean {
  if (form !== 'do' || at === 0) return false;
  const before = /([\p{L}']+)\s*$/u.exec(row.slice(0, at))?.[1]?.toLowerCase().replaceAll("'", '') ?? '';
  if (before === '' || bound.has(before)) return false;
  if (object.test(row.slice(to))) return true;
  return verb.also === '' && !describing.has(before) && /^\s+(?!(?:and|or|of)\b)\S/.test(row.slice(to));
}
