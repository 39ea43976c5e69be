import { capital } from '../../../words/index.js';
import { findIngredient, standardLarder } from '../../../larder/index.js';
import type { DishKind, LineReading } from '../../types.js';
import type { LineOptions } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';
import { isIngredientsHeading, isMethodHeading, isPartNamed } from './headings.js';
import { listedFoods } from './prose.js';
import { rowCues } from '../row-cues.js';
import { bullet, withoutLead } from './ingredient-rows.js';
import { isPeopleRow, peopleAtEnd, peopleSaid, readServings } from './servings.js';

const isFactRow = rowCues.starts('fact', String.raw`\b.{0,60}$`);
/** "Hi both, two bits for Thursday" names nothing. */
const greets = rowCues.starts('greeting', String.raw`\b`);
const numberedRow = /^(?:step )?\d{1,2}[.):] /i;
const longestTitleWords = 14;
const fewestOfList = 3;

/** Where the title stands: the first row that is none of a list, a fact or a sentence; else the first. */
export function titleRow(rows: readonly string[], options: LineOptions): number {
  // A method that begins at once has no title.
  if (numberedRow.test(rows[0] ?? '')) return -1;
  const isMeasured = (row: string) =>
    parseIngredientLine(withoutLead(row.replace(bullet, '')), options).amount !== null;
  // "Eggs x6", "mayo 3 spoons": a list that begins at once.
  const isOfList = (row: string) => {
    const { amount, ingredient } = parseIngredientLine(withoutLead(row.replace(bullet, '')), options);
    return amount !== null && ingredient !== null && !isSentence(row) && !isPeopleRow(row) && !namesDish(row);
  };
  // Of the second row its work may stand apart.
  if (rows.length > fewestOfList && isOfList(rows[0]!) && rows.slice(1, 3).some(isOfList)) return -1;
  // No title stands under a heading or an ingredient. A first row that counts may be one: "Five of it".
  const ends = [
    rows.findIndex((row) => isIngredientsHeading(row) || isMethodHeading(row)),
    rows.findIndex((row) => isMeasured(factsOfTitle(row).title)),
  ].filter((at) => at > 0);
  const before = rows.slice(0, Math.min(6, rows.length, ...ends));
  const found = before.findIndex((row) => {
    const { title } = factsOfTitle(row);
    return (
      title.split(/\s+/).length <= longestTitleWords &&
      !/[.!?:;,]$/.test(title) &&
      readServings(title, options.system).people === null &&
      !isFactRow(title) &&
      !/^for (?:the|an?) /i.test(title) &&
      !(greets(row) && row.split(/\s+/).length > 2) &&
      !isMeasured(title)
    );
  });
  return found >= 0 ? found : isIngredientsHeading(rows[0] ?? '') ? -1 : 0;
}

const longestTitle = 120;

/** A title without marks, and never cut in the middle of a word. */
export function titleOf(row: string): string {
  const title = row
    .replace(/^#+ */, '')
    .replace(/^(?:subject|betreff|re|fwd?): */i, '')
    .replace(/[\s,:?/|·•–—-]+$/, '')
    .replace(/\s+/g, ' ')
    .trim();
  if (title.length <= longestTitle) return title;
  return title
    .slice(0, longestTitle + 1)
    .replace(/\s+\S*$/, '')
    .slice(0, longestTitle);
}

/** "Corn salsa (makes 3 cups, serves 8)", "Slaw - serves 6", "Dip for two?": the title, what is behind it. */
export function factsOfTitle(row: string): { readonly title: string; readonly facts: string } {
  // "Class of 16 - tabbouleh".
  const before = /^((?:class|group|party|table) of \d+)\s*[-–—:,]\s+(\S.*)$/i.exec(row);
  if (before) return { title: before[2]!, facts: before[1]! };
  const brackets = /\s*[([]([^)\]]*)[)\]]\s*$/.exec(row);
  if (brackets && (/\bmakes\b/i.test(brackets[1]!) || peopleSaid(brackets[1]!) !== null))
    return { title: row.slice(0, brackets.index), facts: brackets[1]! };
  // "Pickled cucumbers (6)".
  if (brackets && /^\d{1,2}$/.test(brackets[1]!) && Number(brackets[1]) > 1)
    return { title: row.slice(0, brackets.index), facts: `serves ${brackets[1]!}` };
  const behind = /\s*[-–—,:]\s+((?:serves|makes|feeds|for|enough for) (?:about |around )?\d.*?)\.?$/i.exec(
    row,
  );
  if (behind) return { title: row.slice(0, behind.index), facts: behind[1]! };
  // "Burnt leek dip — yield 20 covers, 40 g each".
  const dash = /^(\S[^–—|]{1,100}) [-–—|] ([^-–—|]{3,60})$/.exec(row);
  if (dash && isPeopleRow(dash[2]!) && peopleSaid(dash[2]!) !== null)
    return { title: dash[1]!, facts: dash[2]! };
  // "Fattoush, my mother's. Enough for 6."
  const next = /^((?:\S+ ){0,7}\S+)\.\s+((?:serves|makes|feeds|does|enough for) .{1,40})$/i.exec(row);
  if (next && peopleSaid(next[2]!) !== null) return { title: next[1]!, facts: next[2]! };
  const end = peopleAtEnd(row);
  return end && end.at > 0 ? { title: row.slice(0, end.at), facts: end.said } : { title: row, facts: '' };
}

/** Whether a row is told, not named: "Here is the beetroot thing from last night!" */
export function isSentence(row: string): boolean {
  return row.split(/\s+/).length > 6 && /[.!?]["”’)]?$/.test(row) && !/^#/.test(row);
}

const seasonings = new Set(['oils and vinegars', 'spices and seasoning', 'baking and sweet', 'other']);

/** The name of a recipe that has none, by its first two foods; empty where it has none of those either. */
export function titleOfFoods(
  readings: readonly LineReading[],
  { larder = standardLarder }: LineOptions,
): string {
  const foods = readings.filter(({ ingredient }) => {
    const section = findIngredient(larder, ingredient)?.section;
    return section !== undefined && !seasonings.has(section);
  });
  const names = [...new Set(foods.map(({ name }) => name.toLowerCase()))].slice(0, 2).join(' and ');
  return names.charAt(0).toUpperCase() + names.slice(1);
}

const saysDressing = rowCues.has('kind dressing');
const saysDip = rowCues.has('kind dip');
const saysDipAnywhere = rowCues.has('kind dip anywhere');
const saysSalad = rowCues.has('kind salad');
const saysOfDressing = rowCues.has('kind of dressing');
/** What comes with it, and of what it is. */
const withMore = /\b(?:with|and|in|of|on|&)\b.*$/i;

/** What a title says a dish is: a salad with a dressing is a salad. */
export function kindOf(title: string): DishKind {
  const main = title.replace(withMore, '');
  const named = saysSalad(main) && !saysOfDressing(main);
  if (saysDressing(main) && !named) return 'dressing';
  return (saysDip(main) || saysDipAnywhere(title)) && !named ? 'dip' : 'salad';
}

/** Whether words name a dish: "peach and mozzarella salad". */
function namesDish(text: string): boolean {
  return saysSalad(text) || saysDip(text) || saysDressing(text);
}

const saidOfDish = /\b(?:the|my|our|your|a|this|that|her|his) (?=((?:[\p{L}'’-]+ ?){1,5}))/giu;
/** "My mum's" is whose it is. */
const whose = /^[\p{L}-]+['’]s /u;
/** "For ezme you need …", "We do coronation chicken for 20": a name without a kind. */
const namedAtFirst =
  /^(?:for (?:my |the )?(\p{L}+(?: \p{L}+){0,3}) (?:you|we|i)\b|(?:we|i) (?:do|make|made|did) (?:the |a |an |my )?(\p{L}+(?: \p{L}+){0,3}) for\b)/iu;

/**
 * The dish that a sentence speaks of: "here is the carrot dip" is a carrot dip, "for ezme you need" an ezme;
 * null where it names none.
 */
export function dishTold(text: string): string | null {
  for (const [, said] of text.matchAll(saidOfDish)) {
    const words = said!.trim().replace(whose, '').split(' ');
    const end = words.findIndex(namesDish);
    if (end >= 0) return capital(words.slice(0, end + 1).join(' '));
  }
  const first = namedAtFirst.exec(text);
  const name = first?.[1] ?? first?.[2];
  return name ? capital(name) : null;
}

/** "Warm spinach salad for two: fry the bacon …" in one row is a title and its telling. */
export function withTitleApart(rows: readonly string[], options: LineOptions): readonly string[] {
  const [, title, telling] = rows.length === 1 ? (titleBeforeTelling.exec(rows[0]!) ?? []) : [];
  if (title && namesDish(title)) return [title, telling!];
  // "Carrot sambol!! 3 carrots, 1 red onion, 2 chillies": a title and its list.
  const [, name, list] = titleBeforeList.exec(rows[0] ?? '') ?? [];
  const isList =
    list !== undefined && !isPartNamed(name!) && listedFoods(list, options).length >= fewestOfList;
  return isList ? [name!, list, ...rows.slice(1)] : rows;
}

const titleBeforeList = /^([^:.;,\d!]{4,60}(?: for \d{1,3})?)(?:!+|:|\.| [-–—]) (\S.{10,})$/;

const titleBeforeTelling = /^([^:.;,\d]{4,60}): (\S.{60,})$/;
