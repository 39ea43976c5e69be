import type { ComponentRole, Recipe, RecipeStep } from '../../recipes/index.js';

/** What happens by itself while nobody's hands are at it. */
const waitingVerbs =
  'roast|bake|toast|grill|griddle|char|boil|simmer|steam|poach|cook|soak|marinate|chill|cool|freeze|thaw|' +
  'rest|stand|sit|leave|cure|drain|soften|melt|warm|reduce|infuse|steep|set|cover|pickle|salt|fry|brown|' +
  'refrigerate';
const anyVerb = new RegExp(`\\b(${waitingVerbs})\\b`, 'gi');
const span =
  /\b(?:\d{1,4}|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty|an?|half an)[\s–-]{0,8}(?:to |or )?\d{0,4}[\s-]{0,8}(?:minutes?|mins?|hours?|hrs?|h)\b|\bovernight\b/i;

/** Nouns that are where and with what, never what. */
const places =
  /^the (?:[a-z-]+ )?(?:ovens?|pans?|fridge|bowls?|heat|grill|trays?|dish(?:es)?|jars?|hob|boil|pot|top|rest|surface|freezer|side|sheet|board|strainer|sieve|soaking water|skins?|lid|flames?|plates?|platter|blender|processor|microwave|end|night before|day before)$/i;
const food =
  /(?:\b(in|on|with|at|under|from|by|off|of) )?\bthe ((?!(?:oven|heat|night|day|evening|morning)\b)[a-zé-]+(?: (?!(?:and|in|into|on|over|with|for|until|till|so|all|to|at|as|hard|gently|slowly|away|off|out|dry|by|then|from|or|under|while|is|are|well|thinly|roughly|finely|again|together|nine|ten|eight|overnight|hard|just|it|them|through|a|an|the)\b)[a-zé-]+){0,2})/gi;

export interface FoundVerb {
  readonly word: string;
  readonly index: number;
}

/**
 * What a step waits with: the verb nearest before its minutes, "pour over the onions and leave for 30
 * minutes"; without minutes the last of its first sentence.
 */
export function verbIn(text: string): FoundVerb | null {
  const verbs = [...text.matchAll(anyVerb)].filter((found) => !isNoun(text, found.index));
  if (verbs.length === 0) return null;
  const minutes = span.exec(text)?.index;
  const before = minutes === undefined ? [] : verbs.filter(({ index }) => index < minutes);
  const sentence = text.search(/[.;]\s/);
  const first = sentence < 0 ? verbs : verbs.filter(({ index }) => index < sentence);
  const found = before.at(-1) ?? (minutes === undefined ? first.at(-1) : undefined) ?? verbs[0]!;
  return { word: found[1]!.toLowerCase(), index: found.index };
}

/** "The roast", "a boil", "the salt", "to the boil" are no work. */
function isNoun(text: string, index: number): boolean {
  return /(?:\b(?:the|a|an|to the|with|of|some|sea|warm)|\d) $/i.test(
    text.slice(Math.max(0, index - 8), index),
  );
}

/** The food that a verb is about: after it in its clause, else the last one named before it. */
export function nearestFood(text: string, verb: FoundVerb): string | null {
  const clause = text.slice(verb.index).split(/[.;:]|, | [-–—] | and (?=[a-z]+ (?:the|it|them)\b)/)[0]!;
  const after = foodsIn(clause);
  if (after[0]) return after[0];
  // "Chill" or "leave them": of what was named before.
  return foodsIn(text.slice(0, verb.index)).at(-1) ?? null;
}

function foodsIn(text: string): string[] {
  if (/\beverything\b/i.test(text)) return [];
  return (
    // "So the flavours get to know each other" is why, not what.
    [...text.replace(/\bso (?:that |the |it |they )[^.;]*/gi, '').matchAll(food)]
      // What is poured over something is not what then waits.
      .filter(
        ({ index, 0: found, 1: preposition }) =>
          !preposition && !/^ over\b/.test(text.slice(index + found.length)),
      )
      .map(([, , noun]) => `the ${noun!.toLowerCase()}`)
      .filter((noun) => !places.test(noun))
  );
}

/** What takes up the rest: "grate the garlic into the yoghurt". */
const goesInto = /\b(?:into|over|onto|to) (the [a-zé-]+)\b/i;

const cutsFirst = /^(?:tear|chop|slice|cut|dice|halve|quarter|grate|shred|peel|crumble|break)\b/i;
const poured = /\b(?:oil|vinegar|salt|pepper|water|juice|sugar|sauce)\b/i;

/** The food that a step has first, where its words name none with "the": "tear bread", "chop tomatoes". */
export function firstFoodOf({ text, uses }: RecipeStep, { lines }: Recipe): string | null {
  if (!cutsFirst.test(text)) return null;
  const used = uses.map(({ line }) => lines.find(({ id }) => id === line));
  const first = used.find((line) => line?.amount && !poured.test(line.name));
  return first ? `the ${first.name.toLowerCase()}` : null;
}

/** What a step is about: a food that it names, its only line, what it goes on with, or the part it makes. */
export function mainFoodOf(step: RecipeStep, recipe: Recipe, depth = 0): string {
  const named = foodsIn(step.text);
  const lines = recipe.lines.filter(({ id }) => step.uses.some(({ line }) => line === id));
  const into = depth > 0 ? goesInto.exec(step.text)?.[1]?.toLowerCase() : undefined;
  if (into && !places.test(into)) return into;
  if (named[0]) return named[0];
  if (lines.length === 1) return `the ${lines[0]!.name.toLowerCase()}`;
  const before = recipe.steps.filter(({ id }) => step.after.includes(id));
  if (lines.length === 0 && before.length === 1 && depth < 4)
    return mainFoodOf(before[0]!, recipe, depth + 1);
  return partOf(step, recipe);
}

const partNames: Readonly<Record<ComponentRole, string>> = {
  base: 'salad',
  dressing: 'dressing',
  dip: 'dip',
  dippers: 'dippers',
  topping: 'topping',
  garnish: 'garnish',
};

/** Whether such words name no food, but the part of the dish that is made. */
export function isPart(words: string): boolean {
  return /^the (?:salad|dressing|dip|dippers|topping|garnish)$/.test(words);
}

function partOf({ componentId }: RecipeStep, { components, kind }: Recipe): string {
  const role = components.find(({ id }) => id === componentId)?.role ?? 'base';
  return `the ${role === 'base' ? kind : partNames[role]}`;
}
