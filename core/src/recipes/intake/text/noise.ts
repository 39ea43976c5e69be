import { verbsSaid } from '../../../language/index.js';
import { capital } from '../../../words/index.js';
import { rowCues } from '../row-cues.js';
import { isPeopleRow } from './servings.js';

/** Rows of a page or a message that are no part of a recipe. */
const isChatter = rowCues.is('chatter', { behind: String.raw`(?: \(\d+\))?` });
const isLabelled = rowCues.starts('labelled', String.raw`\s*:`);
const isCopyright = (row: string) => row.startsWith('©');
const rating =
  /[★☆⭐]|^\d(?:\.\d+)? ?(?:out of|\/) ?5\b|\(\d[\d,]* (?:ratings?|reviews?|votes?)\)|^\d[\d,]* (?:ratings?|reviews?|votes?)$/i;
/** "Px" signs a message. */
const initial = /^\p{Lu}x{1,3}$/u;
const wroteRow = /^(?:> ?)*on .{3,60} wrote:$/i;
/** "Standard recipe 114", "Recipe card no. 7". */
const numberOfCard = /^(?:standard |master |base )?recipe (?:card |sheet )?(?:no\.? |number |# ?)?\d{1,5}$/i;
const trail = /^(?:home|recipes)\s*[>›»/|]/i;
const nutrientsIn = rowCues.count('nutrient');
const amountOfNutrient = String.raw`\s{0,8}:?\s{0,8}[\d.,]+ ?(?:k?cal|kj|m?g|µg|%)?`;
const isNutrientRow = rowCues.is('nutrient row', { behind: amountOfNutrient });
const isNutritionHeading = rowCues.is('nutrition', { behind: String.raw`(?: \(?(?:per|each).{0,100})?` });
const saysAmount = /\d ?k?(?:g|cal)\b/i;
const isPer = /^per (?:serving|portion|100)/i;
const isGreeting = rowCues.starts('greeting', String.raw`\b[^.!?\d]{0,40}[,!:.]?$`);
const greeted = /^\p{Lu}\p{L}*(?: \p{L}+){0,3},$/u;
const isClosing = rowCues.is('closing', { behind: String.raw`[,.! ]{0,3}[a-z]{0,15}[,.! x]{0,6}` });
const sender = /^\[?\d{1,2}[:.]\d{2}[^\]:]{0,20}\]?\s*(?:-\s*)?[\p{L}][\p{L} .]{1,25}:\s+/u;
const isAddress = /^(?:https?:\/\/|www\.)\S+$/i;
const isEnergy = rowCues.starts('energy', String.raw`\s{0,8}:?\s{0,8}\d`);

const ofQuestion = /^Q\d{0,2}[:.]\s+/;
const ofAnswer = /^A\d{0,2}[:.]\s+/;
/** "Name of dish: smoked trout …". */
const nameLabel = /^(?:name of (?:the )?(?:dish|recipe)|dish|recipe(?: name| title)?|title)\s*:\s+(?=\S)/i;
const rowsOfHead = 4;

const speaker = /^(\p{Lu}\p{L}{1,19}):\s+/u;
/** A part of a dish opens fewer rows with its name. */
const fewestTurns = 3;

const fewestAsked = 2;
const isOnlyQuestion = (row: string) => /^[^.!?]{3,80}\?$/.test(row) && !/\d/.test(row);

/** A chat without times: most rows begin with who says them, and one of them speaks again and again. */
function withoutSpeakers(rows: readonly string[]): readonly string[] {
  // A question and its answer, as in a forum.
  if (rows.some((row) => ofQuestion.test(row)) && rows.some((row) => ofAnswer.test(row)))
    return rows.filter((row) => !ofQuestion.test(row)).map((row) => row.replace(ofAnswer, ''));
  const names = rows.flatMap((row) => speaker.exec(row)?.[1] ?? []);
  const isChat =
    names.length * 2 > rows.length &&
    names.some((name) => names.filter((each) => each === name).length >= fewestTurns);
  const sent = rows.filter((row) => sender.test(row));
  if (sent.length * 2 > rows.length) return answered(rows.map((row) => row.replace(sender, '')));
  return isChat ? answered(rows.map((row) => row.replace(speaker, ''))) : withoutAsked(rows);
}

/** An interview: what is asked is none of it, but for what it begins with. */
function withoutAsked(rows: readonly string[]): readonly string[] {
  const asked = rows.filter((row, index) => index > 0 && isOnlyQuestion(row));
  const isInterview = asked.length >= fewestAsked && rows.length >= 2 * asked.length;
  return isInterview ? rows.filter((row) => !asked.includes(row)) : rows;
}

const reactions = rowCues.every('reaction');
const asks = rowCues.starts('asks', String.raw`\b`);
/** "When it's warm put in the lime" asks nothing. */
const tellsWhen = (row: string) =>
  /^(?:when|where)\b/i.test(row) && verbsSaid(row).some(({ form, at }) => form === 'do' && at > 0);
const isQuestion = (row: string) => row.endsWith('?') || (asks(row) && !tellsWhen(row));
/** "No just a splash of water …": the answer, and then what is told. */
const answerFirst = /^(?:no|nope|yes|yep|yeah|sure|ok)\b[,.!]* (?:just |only |but |and )*(?=\S+ \S+ \S+)/i;
/** "On top, yes". */
const reactionBehind = /[ ,]+(?:yes|yep|pls|please|thx|thanks|x+)$/i;
const isReaction = (row: string) => row.replace(reactions, ' ').replace(/[^\p{L}\d]+/gu, '') === '';
const saysHowLong =
  /^(?:about |around |like )?\d[\d -]*(?:to \d+ )?(?:s|secs?|mins?|minutes?|hours?|hrs?)\b/i;
/** "Soak the leaves?" */
const foodAsked = /\b(?:the|those|these) (\p{L}[\p{L} ]{2,30})\?$/u;
const foodBefore = /^(?:\d[\d./]* ?(?:g|kg|ml)? )?([\p{L} ]{3,30}?)(?: \d.*)?$/u;

/** What is asked in a chat goes with its answer: "how long do they cook", "5 min then rinse". */
function answered(rows: readonly string[]): string[] {
  return rows.flatMap((row, index) => {
    if (isReaction(row)) return [];
    if (isQuestion(row) && index > 0) return [];
    const asked = rows[index - 1] ?? '';
    // "Not the same but ok": an answer that tells nothing to do or to buy.
    if (isQuestion(asked) && !/\d/.test(row) && verbsSaid(row)[0]?.at !== 0) return [];
    const answer = row.replace(answerFirst, '');
    const isHowLong = isQuestion(asked) && saysHowLong.test(answer);
    const verb = isHowLong ? verbsSaid(asked).at(-1)?.verb.verb : undefined;
    const before = rows[index - 2] ?? '';
    const isWork = verbsSaid(before)[0]?.at === 0;
    const food = foodAsked.exec(asked)?.[1] ?? (isWork ? undefined : foodBefore.exec(before)?.[1]);
    return verb === undefined
      ? [answer.replace(reactionBehind, '')]
      : [`${capital(verb)} ${food ? `the ${food}` : 'them'} ${answer}`];
  });
}

/**
 * Takes away what pages, messages and letters put around a recipe; what is left keeps its order. A row that
 * is whole stays as it is.
 */
export function withoutNoise(
  rows: readonly string[],
  isWhole: (row: string) => boolean = () => false,
): string[] {
  let isNutrition = false;
  let isSigned = false;
  return withoutSpeakers(withoutQuoted(rows)).flatMap((written, index) => {
    if (isWhole(written)) return [written];
    // In whatever language somebody is greeted.
    if (index === 0 && rows.length > 2 && greeted.test(written)) return [];
    const row = (index < rowsOfHead ? written.replace(nameLabel, '') : written)
      .replace(/^(?:> ?)+/, '')
      .replace(sender, '')
      .replace(/(?<=^|\s)w\/o (?=\p{L})/giu, 'without ')
      .replace(/(?<=^|\s)w(?:\/ ?| )(?=\p{L})/giu, 'with ')
      .replace(/(?<=[\s)])n (?=\p{Ll})/gu, 'and ')
      .trim();
    if (isNutritionHeading(row)) {
      isNutrition = true;
      return [];
    }
    if (isNutrition && isNutrients(row)) return [];
    isNutrition = false;
    // Under "Love," stands a name.
    const isName = isSigned && /^[\p{L}.]+(?: [\p{L}.]+)?$/u.test(row);
    isSigned = isClosing(row);
    if (isName) return [];
    // "T" signs a letter.
    if (row === '' || /^\p{L}$/u.test(row) || isNoise(row)) return [];
    return [row];
  });
}

/** Of a mail that answers another, what was quoted, unless the recipe is in that. */
function withoutQuoted(rows: readonly string[]): readonly string[] {
  const quoted = rows.filter((row) => row.startsWith('>'));
  const isAsked = quoted.length * 2 < rows.length && quoted.every((row) => !/^[> ]*[\d½¼¾]/.test(row));
  return isAsked ? rows.filter((row) => !row.startsWith('>')) : rows;
}

function isNutrients(row: string): boolean {
  return isNutrientRow(row) || nutrientsIn(row) > 1 || isPer.test(row);
}

function isNoise(row: string): boolean {
  return (
    isChatter(row) ||
    isLabelled(row) ||
    isCopyright(row) ||
    rating.test(row) ||
    trail.test(row) ||
    numberOfCard.test(row) ||
    wroteRow.test(row) ||
    initial.test(row) ||
    isGreeting(row) ||
    isClosing(row) ||
    isEnergy(row) ||
    isAddress.test(row) ||
    (nutrientsIn(row) > 2 && saysAmount.test(row) && !isPeopleRow(row))
  );
}
