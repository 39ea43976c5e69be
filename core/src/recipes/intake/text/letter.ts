import type { LineOptions } from '../line/amount.js';
import { rowCues } from '../row-cues.js';
import { addLine, addRow, type FoundLines, isPartWithFoods } from './ingredient-rows.js';
import { linesOfProse, listedFoods } from './prose.js';

const listsFoods = rowCues.starts('you need', String.raw`\b`);
const endOfNeed = rowCues.at('you need');

/** The foods that a sentence only lists: "You need 500 g spinach, 2 cloves garlic and salt". */
function foodsNeeded(sentence: string, options: LineOptions): string[] {
  if (!listsFoods(sentence)) return [];
  const foods = listedFoods(sentence.slice(endOfNeed(sentence)![1]).replace(/[.:]$/, ''), options);
  return foods.length > 1 ? foods : [];
}

/**
 * Lines of a recipe that has no list of them: of sentences that only list foods, each part in its own; else
 * of every amount in the method. A sentence that is lines now is no work.
 */
export function takeLinesOfSentences(
  found: FoundLines & { steps: string[] },
  usual: string,
  options: LineOptions,
): void {
  const isList = (sentence: string) =>
    foodsNeeded(sentence, options).length > 0 || isPartWithFoods(sentence, options);
  const lists = found.steps.filter(isList);
  for (const sentence of lists) {
    const foods = foodsNeeded(sentence, options);
    if (foods.length === 0) addRow(found, sentence.replace(/\.$/, ''), usual, options);
    for (const food of foods) addLine(found, food, usual, options);
  }
  if (lists.length === 0)
    for (const line of linesOfProse(found.steps, options)) addLine(found, line, usual, options);
  found.steps = found.steps.filter((sentence) => !lists.includes(sentence) && !listsFoods(sentence));
}
