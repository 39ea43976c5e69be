import type { RecipeStep } from '../../recipes/index.js';

const longestTitle = 46;

/** The first clause of a step, for a bar of the clock. */
export function shortTitle(text: string): string {
  const clause = text
    .split(/[.;:]| until | then /)[0]!
    .trim()
    .replace(/,$/, '');
  if (clause.length <= longestTitle) return clause;
  const cut = clause.slice(0, longestTitle);
  const end = cut.lastIndexOf(' ') > 20 ? cut.lastIndexOf(' ') : longestTitle;
  return `${cut.slice(0, end).replace(/[,\s]+$/, '')} …`;
}

/** What happens by itself while nobody's hands are at it. */
const waitingVerbs =
  'roast|bake|toast|grill|char|boil|simmer|steam|poach|soak|marinate|chill|cool|freeze|thaw|rest|stand|' +
  'leave|drain|soften|melt|warm|reduce|infuse|set';

const verbWithObject = new RegExp(
  `\\b(${waitingVerbs})\\b(?:\\s+(the [a-z -]+?)(?=[,.;:]| ` +
    `(?:and|in|into|on|over|with|for|until|to|at|as|hard|gently|slowly)\\b|$))?`,
  'i',
);

const firstObject =
  /\bthe [a-z -]+?(?=[,.;:]| (?:and|in|into|on|over|with|for|until|to|at|as|away|off|out|dry)\b|$)/i;

/**
 * What is waited for: "Cut the carrots, oil them and roast in one layer" is "Roast the carrots" while it
 * waits.
 */
export function waitingText(text: string): string {
  const found = verbWithObject.exec(text);
  if (!found || (found.index === 0 && !found[2])) return shortTitle(text);
  const verb = found[1]!.charAt(0).toUpperCase() + found[1]!.slice(1).toLowerCase();
  const object = found[2] ?? firstObject.exec(text)?.[0].toLowerCase();
  return object ? `${verb} ${object}` : verb;
}

/** A wait by its name, told apart from the work before it. */
export function nameOfWait(text: string): string {
  const waiting = waitingText(text);
  return shortTitle(text).startsWith(waiting) ? `${waiting}: waiting` : waiting;
}

export function waitTitle(step: RecipeStep): string {
  const setting = step.occupies?.setting.replace(/ °/g, '\u00a0°');
  return `${waitingText(step.text)}${setting ? `, ${setting}` : ''}`;
}
