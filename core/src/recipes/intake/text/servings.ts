import { toNumber, unitKind, unitSize, type MeasureSystem } from '../../../amounts/index.js';
import type { DishKind, Portion } from '../../types.js';
import { readAmount } from '../line/amount.js';
import { plainSpelling } from '../line/numbers.js';
import { rowCues } from '../row-cues.js';

/** What a recipe says of how much it gives: for how many, and how much, told apart. */
export interface Servings {
  readonly people: number | null;
  /** "Makes about 300 ml", as written; empty where no amount is said. */
  readonly makes: string;
  readonly millilitres: number | null;
  readonly portion: Portion | null;
}

const numbers = [
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
const inLetters: Readonly<Record<string, number>> = {
  ...Object.fromEntries(numbers.map((word, index) => [word, index + 1])),
  fifteen: 15,
  sixteen: 16,
  twenty: 20,
  'half a dozen': 6,
  'a dozen': 12,
  'two dozen': 24,
};
/** How many, in digits or letters. */
const anyCount = String.raw`(\d{1,3}|${Object.keys(inLetters).join('|')})`;
const count = String.raw`${anyCount}(?!(?!p\b|ish\b)\w|[.,/]\d| dozen)(?:-?ish\b)?`;
const toCount = String.raw`(?:\s*(?:-|–|to|or)\s*(?:\d{1,3}|${numbers.join('|')}))?`;
const about = String.raw`(?:about |around |approx\.? |up to |some |like |maybe |the |all )?`;
/** What is said before it: "serves", "table of", "how many:". */
const leads =
  'serves?|serving size|serving|servings?|feeds?|does|portions?|people|covers|pax|heads|enough for|' +
  'makes enough for|plenty for|sufficient for|how many|' +
  '(?:number|no\\.?) of (?:covers|people|portions|servings|guests|diners)|' +
  '(?:table|class|group|party|family|crowd) of|' +
  'table for|for|f(?:ü|ue)r|pour|para|per|voor';
/** No food comes by these; "2 heads", "3 plates" may be food. */
const onlyEaters =
  'servings?|serves|portions?|port\\.?(?=\\W*$)|helpings?|people|persons?|pers|guests|' +
  'eaters|diners|covers|pax|ppl|' +
  'children|kids|students|pupils|learners|participants|cooks|mouths|of (?:us|you)(?! )';
/** What is said behind it: "12 covers", "8 ppl". */
const eaters =
  `${onlyEaters}|p\\b|as an? (?:side|main|starter|snack|nibble|light|lunch)|adults|plates|` +
  'portionen|personen|personnes|personas|porciones|persone|porzioni';
const measures = String.raw`min|hours?|hrs?\b|h\b|days?|weeks?|months?|g\b|kg|ml\b|l\b|cm|cups?|tbsp|tsp|°|%`;
const noMeasure = String.raw`(?!\s*(?:${measures}))`;

const forPeople = new RegExp(
  String.raw`\b(?:${leads})\s{0,8}[:=-]?\s{0,8}${about}${count}${toCount}${noMeasure}`,
  'i',
);
const peopleAfter = new RegExp(
  String.raw`\b${count}${toCount}\s*(?:generous |small |large |hungry )?(?:${eaters})\b`,
  'i',
);
/** The end of a title that says for how many: "for two?", "x 8", "(12 covers)". */
const atEnd = new RegExp(
  String.raw`[\s,:–—-]+(` +
    String.raw`(?:serves|feeds|does|enough for|for(?: a table of)?) ${about}${count}` +
    String.raw`(?: (?:${eaters}))?(?: (?:please|pls|plz|of us|tonight))?[!?]*|` +
    String.raw`${count} (?:${onlyEaters})\.?|` +
    String.raw`[x×] ?(?:[4-9]|\d{2,3}))$`,
  'i',
);
/** A row that only says for how many. */
const onlyPeople = [
  String.raw`^\W*(?:serves|servings?|serving size|feeds|enough for|portions?|people|covers|pax|how many)\b`,
  String.raw`^\W*(?:number|no\.?) of (?:covers|people|guests|diners)\b`,
  String.raw`^\W*(?:this |the |it |that |which )?(?:recipe |quantity )?(?:makes|yields?|serves|feeds)\b`,
  String.raw`^\W*(?:this |the |it |that )?(?:recipe )?(?:will|should|can) (?:make|yield|serve|feed)\b`,
  String.raw`^\W*(?:this |it |that )?(?:is |are )?(?:enough|plenty|sufficient) (?:for|to feed|to serve)\b`,
  String.raw`^\W*(?:the )?(?:quantities|amounts|recipe|batch|cooking)(?: (?:is|are))? for ${about}${count}\b`,
  String.raw`^\W*batch(?: size)?\W+${count} (?:${onlyEaters})\b`,
  String.raw`^\W*for (?:a |the )?(?:class|group|party|family|crowd) of ${count}`,
  String.raw`[.;] (?:serves|feeds) ${about}${count}\W*$`,
  String.raw`^(?:sure\W+|yes\W+)?(?:this|it|that) (?:does|feeds|serves) ${about}${count}\b.{0,20}$`,
  String.raw`^\W*${count} as an? [a-z ]{3,30}$`,
  String.raw`^\W*(?:f(?:ü|ue)r|pour|para|per|voor) \d`,
  String.raw`^\W*for ${about}${count}${toCount}(?: (?:${eaters}))?(?:,? as an? [a-z ]{3,30})?\W*$`,
  String.raw`^\W*(?:a )?(?:table|dinner|lunch|supper|meal|party) (?:of|for) ${count}`,
  String.raw`^\W*${count}${toCount} (?:${onlyEaters})\b\s*(?:$|[,.;|)(!]|[-–] |as |or )`,
].map((each) => new RegExp(each, 'i'));

/** For how many a text says that it is, wherever it says so; null where it does not. */
export function peopleSaid(text: string): number | null {
  const plain = plainSpelling(text);
  return countOf(forPeople.exec(plain) ?? peopleAfter.exec(plain));
}

/** The same where it counts them: "24 people". */
export function peopleCounted(text: string): number | null {
  return countOf(peopleAfter.exec(plainSpelling(text)));
}

/** "For four people you'll need …", where nothing else says it; null where no row does. */
export function peopleToldOf(rows: readonly string[]): number | null {
  const first = firstFor.exec(plainSpelling(rows[0] ?? ''));
  const counted = countOf(first) ?? peopleCounted(rows[0] ?? '');
  if (counted !== null) return counted;
  const row = rows.find((each) => toldFor.test(plainSpelling(each)));
  return row === undefined ? null : countOf(toldFor.exec(plainSpelling(row)));
}
const toldFor = new RegExp(
  String.raw`(?:^|[.;] )for ${about}${count} (?:people|persons|of us|guests)\b|` +
    // "And it feeds six.", "that serves four with bread".
    String.raw`\b(?:feeds|serves|(?:enough|plenty) (?:for|to feed)) ${about}${count}${noMeasure}` +
    String.raw`(?! (?:it|them)\b)`,
  'i',
);
/** "My causa for eight.", "starter for 10: …", "green mango salad for four peel two …": at the very begin. */
const firstFor = new RegExp(
  String.raw`^[^.!?\d]{3,60}? for ${about}${count}${toCount}${noMeasure}(?! (?:of|or|and) )(?=[\s.,:;!)]|$)`,
  'i',
);

/** Where a title says at its end for how many it is, and what it says; null where it does not. */
export function peopleAtEnd(title: string): { readonly at: number; readonly said: string } | null {
  const found = atEnd.exec(title);
  return found && { at: found.index, said: found[1]!.replace(/^[x×]\s?/i, 'for ') };
}

/** "You will need for six:"; null where a heading says of nobody. */
export function peopleOfHeading(row: string): number | null {
  const end = peopleAtEnd(row.replace(/[:. ]+$/, ''));
  return end && peopleSaid(end.said);
}

/** Whether a row says for how many it is, and else only how much. */
export function isPeopleRow(row: string): boolean {
  return onlyPeople.some((each) => each.test(row));
}

function countOf(found: RegExpExecArray | null): number | null {
  const said = (found?.[1] ?? found?.[2])?.toLowerCase();
  return said === undefined ? null : Math.max(1, inLetters[said] ?? Number(said));
}

const makesAmount =
  /^\W{0,12}(?:makes|yields?|gives|quantity)?\s{0,8}:?\s{0,8}(?:about |around |approx(?:imately)?\.? |roughly |~ ?)?(?=[\d½¼¾⅓⅔])/i;

/** Reads "Serves 4", "Makes about 2 cups, enough for 8", "1 1/2 cups", "8 |", in any order. */
export function readServings(text: string, system: MeasureSystem): Servings {
  const plain = plainSpelling(text).replace(/[\s|·•*]+$/, '');
  const start = makesAmount.exec(plain);
  const amount = start ? readAmount(plain.slice(start[0].length), { system }) : null;
  const isAmount = amount?.unitWritten === true && ['mass', 'volume'].includes(unitKind(amount.amount.unit));
  const size = isAmount ? unitSize(amount.amount.unit, system) : null;
  return {
    people: peopleSaid(text) ?? (isAmount ? null : countOf(bareCount(plain))),
    makes: isAmount ? plain : '',
    millilitres: size ? toNumber(amount!.amount.high) * toNumber(size) : null,
    portion: portionOf(plain),
  };
}

function bareCount(text: string): RegExpExecArray | null {
  return /^\W{0,12}(?:makes|yields?)?\s{0,8}:?\s{0,8}(?:about |around )?(\d{1,3})(?!\d|[.,/]\d)/i.exec(text);
}

const portions = (['main', 'taste', 'side'] as const).map(
  (portion) => [portion, rowCues.has(`as ${portion}`)] as const,
);

/** "As a starter", "with bread": how large a portion is meant. */
function portionOf(text: string): Portion | null {
  return portions.find(([, is]) => is(text))?.[0] ?? null;
}

/** ~60 ml of a dip and ~15 ml of a dressing a head. */
const millilitresAHead: Readonly<Partial<Record<DishKind, number>>> = { dip: 60, dressing: 15 };

/** For how many an amount of a dip or a dressing is enough; null where that says nothing. */
export function peopleOfAmount(millilitres: number | null, kind: DishKind): number | null {
  const each = millilitresAHead[kind];
  return millilitres !== null && each ? Math.max(1, Math.round(millilitres / each)) : null;
}

const peopleBehind = /^(.{20,}[.!;]) ((?:that |it |this )?(?:serves|feeds) [^.!;]{1,30}[.!]?)$/i;

/** "Fold in the mayonnaise. Feeds five.": the work, and for how many. */
export function peopleApart(row: string): string[] {
  const [, work, people] = peopleBehind.exec(row) ?? [];
  return work && people && isPeopleRow(people) ? [work, people] : [row];
}
