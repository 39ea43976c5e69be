const numbers =
  'half|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty|an?';
const number = String.raw`(?:\d+(?:[.,/]\d+)?|(?:${numbers})(?![\p{L}-]))`;
const corrects = String.raw`(?:no|sorry|wait|oops|hang on|i mean|make (?:that|it)|actually|or rather|rather)`;
const breaks = String.raw`(?:\s*[,.…–—-]+\s*|\s+)`;
/** "Two, no, three", "two tablespoons - sorry, three". */
const ofNumber = new RegExp(
  String.raw`${number}(?: [\p{L}]+){0,2}?\s*[,.…–—-]+\s*(?:${corrects}${breaks})+(?=${number})`,
  'giu',
);
/** "Parsley, no, coriander": between commas only, as "no" says other things too. */
const ofWord = /(?<!\band )\b(?:the )?[\p{L}-]+, (?:no|sorry|i mean|or rather),? (?:the )?(?=\p{L})/giu;
const hesitation = /(?<=^|[\s,])(?:u+m+|u+h+|e+r+m*|hmm+|y'know|you know)(?:,\s*|\s+)/giu;
const atStart = /^(?:(?:ok(?:ay)?|so|right|well|yeah|yep|alright|anyway|basically)(?:,\s*|\s+))+(?=\S)/i;
const emphasis = /,? and i mean [\p{L} ]{2,20}(?=[,.;]|$)/giu;

const tens = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
const ones = 'one two three four five six seven eight nine'.split(' ');
const [oneOf, tenOf] = [ones.join('|'), tens.join('|')];
const onesOf = `(?:[ -](${oneOf}))?`;
const inHundred = `(a|${oneOf}) hundred(?: and (?:(${tenOf})${onesOf}|(${oneOf})))?`;
const hundreds = new RegExp(String.raw`\b(?:${inHundred}|(${tenOf})${onesOf})\b(?= [\p{L}])`, 'giu');

/** "Two hundred and fifty grams" in digits; what is less than twenty is read as it stands. */
function inDigits(text: string): string {
  return text.replace(hundreds, (...found) => {
    const [, hundred, tenBehind, oneBehind, lastOne, ten, one] = found as (string | undefined)[];
    const valueOf = (word: string | undefined) => (word ? ones.indexOf(word.toLowerCase()) + 1 : 0);
    const tensIn = (word: string | undefined) => (word ? (tens.indexOf(word.toLowerCase()) + 2) * 10 : 0);
    const above = hundred ? (hundred.toLowerCase() === 'a' ? 100 : valueOf(hundred) * 100) : 0;
    return String(above + tensIn(tenBehind ?? ten) + valueOf(oneBehind ?? lastOne ?? one));
  });
}

/** A told row with what its teller took back taken away: the last word counts. */
export function withoutSlips(row: string): string {
  const plain = inDigits(row).replace(hesitation, '').replace(emphasis, '').replace(ofNumber, '');
  const told = plain.replace(ofWord, '');
  return told.replace(atStart, (lead) => (isOnlyLead(told, lead) ? lead : '')).trim();
}

/** "Right" alone says something else than nothing. */
const isOnlyLead = (row: string, lead: string) => row.length - lead.length < 3;
