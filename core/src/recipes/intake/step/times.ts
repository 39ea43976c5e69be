import { durationsIn, type SaidVerb, verbsSaid } from '../../../language/index.js';
import { sayings } from '../sayings.js';
import { plainSpelling } from '../line/numbers.js';
import { isOvenByDegrees } from './heat.js';

/**
 * What a stretch of time is to its step: hands at work, a wait, how long the result keeps, or a rest out of
 * the cold.
 */
type SpanKind = 'work' | 'wait' | 'keep' | 'rest';

/** A stretch of time that a step names, in whole minutes, and whether hands are free in it. */
export interface TimeSpan {
  readonly low: number;
  readonly high: number;
  readonly waits: boolean;
  readonly kind: SpanKind;
}

/** The words of its clause before and behind a time. */
interface TimeClause {
  readonly before: string;
  readonly after: string;
}

/** With the words that say what it is. */
interface SaidSpan extends TimeSpan {
  readonly clause: TimeClause;
}

const overnight = { low: 600, high: 720 };
/** A span without any telling verb is work up to this length, and waiting beyond. An estimate. */
const longestUnnamedWork = 5;

/** A wait that may be this many times as long, and is long then, is the shorter one: the rest is keeping. */
const keepsFromTimes = 4;
const keepsFromMinutes = 240;

/** "turn after 10 minutes", "every hour": a moment, not a stretch. */
const isMoment = sayings.ends('moment');

/** Every stretch of time that a text names, in order: "simmer 15–20 minutes", "for an hour", "overnight". */
export function readTimes(text: string): TimeSpan[] {
  return readSaid(text).map(({ low, high, waits, kind }) => ({ low, high, waits, kind }));
}

/** The clause of each wait that a text names. */
export function clausesOfWaits(text: string): TimeClause[] {
  return readSaid(text).flatMap(({ waits, clause }) => (waits ? [clause] : []));
}

function readSaid(text: string): SaidSpan[] {
  const plain = plainSpelling(text);
  const spans: SaidSpan[] = [];
  let end = 0;
  for (const said of durationsIn(plain)) {
    const { at, to } = said;
    const before = end;
    end = to;
    if (isMoment(plain.slice(0, at)) && !isUseWithin(plain.slice(0, at))) continue;
    // "Ten minutes before you eat, toss": when it is done, not how long.
    if (isBeforeEating(plain.slice(end).trimStart()) && isWhen(plain.slice(before, at))) continue;
    const high = wholeMinutes(said.high);
    const place = { from: before, at, to };
    const kind = kindOf(plain, place, high);
    spans.push({
      low: wholeMinutes(said.low),
      high,
      waits: kind === 'wait' || kind === 'rest',
      kind,
      clause: clauseAround(plain, place),
    });
  }
  return withKeeping(withCooling(withOvernight(spans, plain), plain));
}

interface Place {
  readonly from: number;
  readonly at: number;
  readonly to: number;
}

const saysKeeping = sayings.has('kept for');
const keepsOn = sayings.has('keeps on');
/** "An hour at least, a day is better": it may stand on, and need not. */
const isBetter = sayings.starts('is better');
const isBetterFor = sayings.ends('better for');
const isAhead = sayings.starts('ahead');
const isUpTo = sayings.ends('up to');
const isBeforeEating = sayings.starts('before eating');
/** Work, and no wait, stands before it: "mix it an hour before people come". */
function isWhen(before: string): boolean {
  if (isOutOfCold(before)) return false;
  if (startsClause.test(before)) return true;
  const last = verbsSaid(before.slice(before.lastIndexOf('.') + 1)).findLast(({ form }) => form === 'do');
  return last !== undefined && last.verb.kind === 'work';
}
/** Nothing of its clause stands before it. */
const startsClause = /(?:^|[.;,])\s*(?:about |around )?$/i;
const isUseWithin = sayings.ends('use within');
const isKeptFor = sayings.ends('keep for');
/** What stands behind a span, without a comma between them. */
const behind = (text: string) => text.replace(/^,? /, '');
const isOutOfCold = sayings.has('out of the cold');

/** What a span is, by the words of its clause and those that stand at it. */
function kindOf(plain: string, place: Place, minutes: number): SpanKind {
  const { from, at, to } = place;
  const around = clauseAround(plain, place);
  const clause = whole(around);
  const [before, next] = [plain.slice(from, at), behind(plain.slice(to))];
  if (isUseWithin(before)) return 'keep';
  if (isBetter(next) || isBetterFor(before)) return 'keep';
  if (isUpTo(plain.slice(0, at)) && !verbsSaid(clause).some(({ verb }) => verb.kind === 'heat'))
    return 'keep';
  if (isAhead(next) && !isOutOfCold(clause)) {
    if (saysKeeping(clause) || minutes >= keepsFromMinutes) return 'keep';
  }
  if (keepsOn(clause)) return 'keep';
  if (isKeptFor(before)) return minutes >= keepsFromMinutes ? 'keep' : 'wait';
  if (isOutOfCold(clause)) return 'rest';
  return isWaiting(around, minutes) ? 'wait' : 'work';
}

/** "30 minutes or up to 2 days", "an hour or overnight": a wait, and how long it keeps on from there. */
function withKeeping(spans: readonly SaidSpan[]): SaidSpan[] {
  return spans.flatMap((span, index): SaidSpan[] => {
    const before = spans[index - 1];
    if (span.kind === 'keep' && before?.kind === 'wait' && span.high > before.high)
      return [{ ...span, low: span.low - before.low, high: span.high - before.low }];
    const isWide =
      span.kind === 'wait' && span.high >= keepsFromMinutes && span.high >= keepsFromTimes * span.low;
    if (!isWide) return [span];
    const kept = span.high - span.low;
    return [
      { ...span, high: span.low },
      { ...span, low: kept, high: kept, waits: false, kind: 'keep' },
    ];
  });
}

/** Until hot food is cold through, spread out, ~; what is left deep takes longer. */
const coolingMinutes = { low: 30, high: 60 };
const isColdThrough = sayings.has('cold through');

/** "Leave to cool completely" is a wait that nobody counts. */
function withCooling(spans: readonly SaidSpan[], plain: string): SaidSpan[] {
  const isSaid = spans.some(({ kind }) => kind === 'wait' || kind === 'rest');
  return isColdThrough(plain) && !isSaid
    ? [...spans, { ...coolingMinutes, waits: true, kind: 'wait', clause: { before: 'cool', after: '' } }]
    : [...spans];
}

const isOrOvernight = sayings.has('or overnight');
const isOvernightOr = sayings.has('overnight or');
const isBetterOvernight = sayings.has('overnight is better');

/** "Overnight" is a span of its own; "overnight or for 2 hours" is one span that may be either. */
function withOvernight(spans: readonly SaidSpan[], plain: string): SaidSpan[] {
  const at = plain.toLowerCase().search('overnight');
  if (at < 0 || spans.some((span) => span.high >= overnight.low)) return [...spans];
  const clause = clauseAround(plain, { from: 0, at, to: at });
  const isAdvice = spans.some(({ kind }) => kind === 'wait') && isBetterOvernight(plain);
  if (isAdvice) return [...spans, { ...overnight, waits: false, kind: 'keep', clause }];
  const other = isOrOvernight(plain) ? spans.length - 1 : isOvernightOr(plain) ? 0 : -1;
  const either = spans[other];
  if (!either) return [...spans, { ...overnight, waits: true, kind: 'wait', clause }];
  return spans.map((span, index) =>
    index === other
      ? {
          low: Math.min(span.low, overnight.low),
          high: Math.max(span.high, overnight.high),
          waits: true,
          kind: 'wait' as const,
          clause,
        }
      : span,
  );
}

/** From the last break before a span to the next one behind it. */
function clauseAround(plain: string, { from, at, to }: Place): TimeClause {
  const before = plain.slice(from, at);
  const cut = Math.max(
    before.lastIndexOf('.'),
    before.lastIndexOf(';'),
    before.toLowerCase().lastIndexOf(' then '),
  );
  return {
    before: before.slice(cut + 1),
    after: /^[^.;,]*?(?= then |[.;,]|$)/i.exec(plain.slice(to))?.[0] ?? '',
  };
}

const whole = ({ before, after }: TimeClause): string => before + after;

const isInOvenOrCold = sayings.has('in oven or cold');

function isWaiting(clause: TimeClause, minutes: number): boolean {
  const { before, after } = clause;
  const text = whole(clause);
  // What toasts in the oven or stands in the cold needs no hands.
  if (isInOvenOrCold(text) || isOvenByDegrees(text)) return true;
  // What is cooked decides before what comes after it: "griddle them 3 minutes a side and set aside".
  const isCooked = verbsSaid(before).some(({ verb }) => verb.kind === 'heat');
  const last = handsIn(before).at(-1) ?? (isCooked ? undefined : handsIn(after)[0]);
  return last ? last.verb.hands === 'free' : minutes > longestUnnamedWork;
}

/** What is done, or where only that is said what was done: "soak the sliced onion", "left for an hour". */
function handsIn(text: string): SaidVerb[] {
  const said = verbsSaid(text).filter(({ verb }) => verb.hands !== '');
  const now = said.filter(({ form }) => form !== 'done');
  return now.length > 0 ? now : said;
}

function wholeMinutes(minutes: number): number {
  return Math.max(1, Math.round(minutes));
}
