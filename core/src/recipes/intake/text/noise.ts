/** Rows of a page or a message that are no part of a recipe. */
const wholeRows =
  /^(?:home|menu|search|recipes|recipe|log ?in|sign ?(?:in|up)|subscribe\b.*|newsletter|print(?: (?:this )?recipe)?|save(?: (?:this )?recipe)?|share(?: (?:this|on).*)?|pin(?: it| recipe)?|tweet|e-?mail|bookmark|jump to .*|skip to .*|comments?(?: \(\d+\))?|leave a (?:comment|reply|review).*|rate (?:this|the) recipe.*|reviews?(?: \(\d+\))?|advertisements?|ad|sponsored.*|(?:we use )?cookies?\b.*|accept(?: all)?.*|read (?:more|next).*|related (?:posts|recipes).*|you (?:may|might) also (?:like|enjoy).*|more recipes.*|follow (?:me|us).*|copyright\b.*|©.*|all rights reserved.*|photo(?:graph)?s?(?: by|:).*|download (?:our|the) app.*|get (?:our|the) .*(?:newsletter|app).*|buy (?:now|it).*|shop (?:now|this).*|affiliate.*|this post (?:may )?contains? .*|skip ad.*|watch (?:the )?video.*|loading.*|difficulty\s*:.*|cuisine\s*:.*|course\s*:.*|category\s*:.*|keywords?\s*:.*|(?:updated|published|posted)\s*(?:on|:).*|\d+ comments?)$/i;
const rating =
  /[★☆⭐]|^\d(?:\.\d+)? ?(?:out of|\/) ?5\b|\(\d[\d,]* (?:ratings?|reviews?|votes?)\)|^\d[\d,]* (?:ratings?|reviews?|votes?)$/i;
const trail = /^(?:home|recipes)\s*[>›»/|]/i;
const nutrient =
  /\b(?:calories|energy|kcal|kj|fat|saturates|saturated|carbohydrates?|carbs|sugars?|fib(?:re|er)|protein|salt|sodium|cholesterol|potassium|vitamin [a-z])\b/gi;
const nutrientRow =
  /^(?:calories|energy|kcal|kj|(?:total |saturated |trans )?fat|saturates|carbohydrates?|carbs|(?:of which )?sugars?|(?:dietary )?fib(?:re|er)|protein|salt|sodium|cholesterol|potassium|iron|calcium|vitamin [a-z])\s{0,8}:?\s{0,8}[\d.,]+ ?(?:k?cal|kj|m?g|µg|%)?$/i;
const nutritionHeading =
  /^(?:#+ *)?nutrition(?:al)?(?: facts| information| info| values?)?(?: (?:\(?per|each).{0,100})?\s{0,8}:?$/i;
const greeting =
  /^(?:hi|hello|hey|hiya|dear|hallo|good (?:morning|evening|afternoon))\b[^.!?\d]{0,40}[,!:.]?$/i;
const closing =
  /^(?:love|lots of love|cheers|best(?: wishes)?|thanks(?: again)?|thank you|(?:kind |warm )?regards|x{1,5}|see you .{0,30}|enjoy|yours|bon app[eé]tit|happy cooking)[,.! ]{0,3}[\p{L}]{0,15}[,.! x]{0,6}$/iu;
const sender = /^\[?\d{1,2}[:.]\d{2}[^\]:]{0,20}\]?\s*(?:-\s*)?[\p{L}][\p{L} .]{1,25}:\s+/u;

/** Takes away what pages, messages and letters put around a recipe; what is left keeps its order. */
export function withoutNoise(rows: readonly string[]): string[] {
  let isNutrition = false;
  let isSigned = false;
  return rows.flatMap((written) => {
    const row = written
      .replace(/^(?:> ?)+/, '')
      .replace(sender, '')
      .replace(/(?<=^|\s)w\/o (?=\p{L})/giu, 'without ')
      .replace(/(?<=^|\s)w\/ ?(?=\p{L})/giu, 'with ')
      .trim();
    if (nutritionHeading.test(row)) {
      isNutrition = true;
      return [];
    }
    if (isNutrition && isNutrients(row)) return [];
    isNutrition = false;
    // Under "Love," stands a name.
    const isName = isSigned && /^[\p{L}.]+(?: [\p{L}.]+)?$/u.test(row);
    isSigned = closing.test(row);
    if (isName) return [];
    return row === '' || isNoise(row) ? [] : [row];
  });
}

function isNutrients(row: string): boolean {
  return (
    nutrientRow.test(row) ||
    (row.match(nutrient) ?? []).length > 1 ||
    /^per (?:serving|portion|100)/i.test(row)
  );
}

function isNoise(row: string): boolean {
  return (
    wholeRows.test(row) ||
    rating.test(row) ||
    trail.test(row) ||
    greeting.test(row) ||
    closing.test(row) ||
    /^(?:calories|energy|kcal)\s{0,8}:?\s{0,8}\d/i.test(row) ||
    /^(?:https?:\/\/|www\.)\S+$/i.test(row) ||
    ((row.match(nutrient) ?? []).length > 2 && /\d ?(?:g|kcal)\b/i.test(row))
  );
}
