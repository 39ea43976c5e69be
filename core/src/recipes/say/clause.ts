import { folded, verbsSaid } from '../../language/index.js';
import { capital } from '../../words/index.js';

const longestTitle = 46;
/** A title is not cut to less. */
const shortestPart = 18;

/** What stands before the work: when it is done, and what it is for. */
const leadIn =
  /^(?:(?:the )?(?:night|day|evening|morning) before|in the morning|meanwhile|next|then|now|finally|first|last|at the end|(?:while|when|once|as soon as|for the|to make|to serve|to finish) [^,.]+(?=,)),?\s+(?!are\b|is\b)/i;
/** The oven is heated by the clock, and a part is named by its column. */
const heating =
  /^(?:(?:pre-?)?heat (?:the |your )?oven\b|(?:the )?oven (?:on )?(?:to |at )?\d)[^.;]*[.;]\s+(?=\S)/i;
const label = /^[a-z][a-z' -]{2,20}:\s+(?=[a-z])/i;
/** How much of it: the amounts stand on the cards. */
const amount =
  /\b(?:\d+(?:[.,/]\d+)?|[½¼¾⅓⅔])\s*(?:(?:kg|g|ml|l|litres?|tbsp|tablespoons?|tsp|teaspoons?|cups?|tins?|cans?|jars?|bulbs?|bunch(?:es)?|heads?|cloves?)\b\s*(?:of\s+)?)/gi;
/** How long: the minutes stand beside the name. */
const span =
  /,?\s*\b(?:(?:for|about|around|another|a further|roughly|at least)\s+)*(?:\d+(?:\s*(?:[–-]|to|or)\s*\d+)?|two|three|four|five|six|eight|ten|twelve|a few|an|half an)[\s-]*(?:minutes?|mins?|hours?|hrs?|h)\b(?: (?:or so|at most|at least|more|longer|before(?! [a-z]+ing\b)|(?:a|each|per) side))?/gi;
/** What is done beside it. */
const beside = /,? (?:looking|checking|turning|stirring|shaking)\b.*$/i;
const clauseEnd =
  /[.;:(]| (?:un)?till? | so (?:that|the|it|they) | then | about the size | or (?:it|they) | (?:just|right) before (?=you |serving|eating)/;

const wordsOf = (list: string): ReadonlySet<string> => new Set(list.split(' '));
/** Words that lead on to what comes next, so that nothing ends with them. */
const joining = wordsOf('and with over for in to at of into on from as until through by or then');
const left = wordsOf('and with for a an the at of but as then or');
const dangling = new Set([...joining, ...wordsOf('a an the their its out it but if using')]);

/** The first clause of a step as a cook says it: without when, how much and how long; never cut in a word. */
export function shortTitle(text: string): string {
  const said = text === text.toUpperCase() ? text.toLowerCase() : text;
  const bareSaid = said.trim().replace(heating, '').replace(label, '');
  const work = capital(bareSaid.replace(leadIn, '').replace(leadIn, ''));
  const clause = work.split(clauseEnd)[0]!;
  const counted = clause
    .replace(span, '')
    .replace(amount, '')
    .replace(beside, '')
    .replace(/\s{2,}/g, ' ');
  return atBoundary(without(counted, left) || clause.trim() || work);
}

/** Cut between two words, and never after one that leads on. */
function atBoundary(clause: string): string {
  if (clause.length <= longestTitle) return clause;
  const end = Math.max(clause.slice(0, longestTitle + 1).lastIndexOf(' '), 1);
  const words = clause.slice(0, end);
  // In the midst of a part, the part goes.
  const isWhole = words.endsWith(',') || joining.has(lettersOf(clause.slice(end + 1).split(' ', 1)[0]!));
  const kept = isWhole ? words : withoutLastPart(words);
  return withoutVerb(without(kept, dangling));
}

function withoutLastPart(words: string): string {
  const joins = [...words.matchAll(/,? ([a-z]+)(?= |$)/gi)].filter(
    ({ index, 1: word }) => index >= shortestPart && joining.has(word!.toLowerCase()),
  );
  return words.slice(0, joins.at(-1)?.index);
}

const lettersOf = (word: string) => word.toLowerCase().replace(/[^a-z]/g, '');

/** Words without those at their end that such a list has, and without numbers and commas there. */
function without(words: string, ends: ReadonlySet<string>): string {
  const kept = words.trim().replace(/[,\s]+$/, '');
  // A single capital is a letter that something goes by: "bowl A" is not cut at an article.
  if (/ [A-Z]$/.test(kept)) return kept;
  const [last = ''] = /[^\s,(]+$/.exec(kept) ?? [];
  // "Massage it" is whole.
  if (last === 'it' && verbsSaid(kept).some(({ to }) => to === kept.length - ' it'.length)) return kept;
  const isNumber = ends === dangling && /^[\d½¼¾⅓⅔]+$/.test(last);
  if (last === kept || !(isNumber || ends.has(last.toLowerCase()))) return kept;
  return without(kept.slice(0, -last.length).replace(/[\s,(]+$/, ''), ends);
}

/** "Peel the eggs and halve" ends before a verb whose food is cut off; "oil them and grill" needs none. */
function withoutVerb(words: string): string {
  const last = verbsSaid(words).find(
    ({ verb, to, form }) =>
      to === words.length && form === 'do' && verb.kind !== 'heat' && verb.kind !== 'left',
  );
  const before = last && /(?:,| and)\s*$/i.exec(folded(words).slice(0, last.at));
  return before ? without(words.slice(0, before.index), dangling) : words;
}
