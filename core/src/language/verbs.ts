import { rememberByText } from '../identity/index.js';
import { verbsTable } from './data/verbs.js';
import { formsOf, type VerbForm } from './forms.js';
import { rowsOf } from './table.js';

/** What is done: food is heated, only warmed, left to itself, or worked at. */
type VerbKind = 'heat' | 'warm' | 'left' | 'work';

/** A verb of the kitchen, of `language/data/verbs.csv`. */
interface Verb {
  readonly verb: string;
  readonly kind: VerbKind;
  /** How the heat comes: in water or steam, in fat, dry, or either; empty where there is none. */
  readonly heat: 'wet' | 'fat' | 'dry' | 'any' | '';
  /** What it takes by itself; empty where that must be said. */
  readonly appliance: string;
  readonly vessel: string;
  /** Whether hands stay with it or are free meanwhile; empty where it is done at once. */
  readonly hands: 'stay' | 'free' | '';
  /** What its first form can be besides: "a roast", "crisp". */
  readonly also: 'noun' | 'adjective' | '';
}

/** A verb in a text, whose accents are folded; from one character of it to another. */
export interface SaidVerb {
  readonly verb: Verb;
  readonly form: VerbForm;
  readonly at: number;
  readonly to: number;
}

interface Form {
  readonly verb: Verb;
  readonly form: VerbForm;
}

const rows = rowsOf<keyof Verb | VerbForm>(verbsTable);

/** Every verb of the lexicon, as it is listed. */
export const verbNames: readonly string[] = rows.map(({ verb }) => verb);

const verbForms: ReadonlyMap<string, Form> = new Map(
  rows.flatMap((row) => {
    const verb = row as unknown as Verb;
    const said = (['do', 'doing', 'done'] as const).flatMap((form) =>
      row[form]
        .split(' ')
        .filter(Boolean)
        .map((word): [string, Form] => [word, { verb, form }]),
    );
    const regular = [...formsOf(verb.verb)].map(([word, form]): [string, Form] => [word, { verb, form }]);
    return [...regular, ...said];
  }),
);

/** A text without accents and capitals, each character in its place. */
export function folded(text: string): string {
  return [...text.normalize('NFC')]
    .map((each) => {
      const plain = each.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
      return plain.length === each.length ? plain : each;
    })
    .join('');
}

const word = /[a-z]+(?:-[a-z]+)*/g;

const mostTexts = 4000;

/** Each verb that a text says as something to be done, being done or done, in order. */
export const verbsSaid: (text: string) => readonly SaidVerb[] = rememberByText(mostTexts, (text) => {
  const plain = folded(text);
  const words = [...plain.matchAll(word)];
  const found: SaidVerb[] = [];
  for (let index = 0; index < words.length; index++) {
    const [one, two] = [words[index]!, words[index + 1]];
    const pair = two && /^[ -]$/.test(plain.slice(one.index + one[0].length, two.index)) ? two : undefined;
    const joined = pair && (verbForms.get(`${one[0]} ${pair[0]}`) ?? verbForms.get(`${one[0]}-${pair[0]}`));
    const known = joined ?? verbForms.get(one[0]) ?? verbForms.get(one[0].split('-').at(-1)!);
    if (!known) continue;
    const last = joined ? two! : one;
    const said = { ...known, at: one.index, to: last.index + last[0].length };
    if (joined) index += 1;
    if (!isThing(plain, said)) found.push(said);
  }
  return found;
});

const clauseStart =
  /(?:^|[.;:,!?(–—]|\b(?:and|then|or|now|to|gently|lightly|quickly|until they|let (?:it|them)))\s*$/;
const object =
  /^\s+(?:up|the|it|them|through|all|each|both|some|in (?:a|the)|on (?:a|the|both)|over|off|down|for)\b/;
/** "The roast", "on toast"; but "to the boil". */
const ofThing = /(?<!\bto )\b(?:the|with|on|of|some|over|a|an|this|that|more|under|until)\s+$/;
/** Brown rice is a food, and steam dries. */
const asFood = /^(?:\s+(?:rice|sugar|bread|lentils?|flour|basmati)\b|\s+(?:dry|off)\b)/;

/** Whether a word that can be a thing or a quality is one here: "the roast carrots", "serve warm". */
function isThing(plain: string, { verb, form, at, to }: SaidVerb): boolean {
  if (form !== 'do' || verb.also === '') return false;
  const [before, after] = [plain.slice(0, at), plain.slice(to)];
  if (asFood.test(after)) return true;
  if (verb.also === 'noun') return ofThing.test(before);
  return !clauseStart.test(before) && !object.test(after);
}
