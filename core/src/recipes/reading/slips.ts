const numbers =
  'half|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty|an?';
const number = String.raw`(?:\d[\d.,/]*|(?:${numbers})(?![\p{L}-]))`;
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

/** A told row with what its teller took back taken away: the last word counts. */
export function withoutSlips(row: string): string {
  const plain = row.replace(hesitation, '').replace(emphasis, '').replace(ofNumber, '');
  const told = plain.replace(ofWord, '');
  return told.replace(atStart, (lead) => (isOnlyLead(told, lead) ? lead : '')).trim();
}

/** "Right" alone says something else than nothing. */
const isOnlyLead = (row: string, lead: string) => row.length - lead.length < 3;
