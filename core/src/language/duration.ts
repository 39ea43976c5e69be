/** A stretch of time as it is written, in minutes, and where it stands in the text. */
export interface Duration {
  readonly low: number;
  readonly high: number;
  readonly at: number;
  readonly to: number;
}

const minutesIn = { s: 1 / 60, m: 1, h: 60, d: 1440, w: 10_080 } as const;
type Unit = keyof typeof minutesIn;

const ones = 'one two three four five six seven eight nine ten eleven twelve'.split(' ');
const teens = 'thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(' ');
const tens = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');

const words = new Map<string, number>([
  ...[...ones, ...teens].map((word, index): [string, number] => [word, index + 1]),
  ...tens.flatMap((ten, index): [string, number][] => [
    [ten, (index + 2) * 10],
    ...ones.slice(0, 9).map((one, more): [string, number] => [`${ten}-${one}`, (index + 2) * 10 + more + 1]),
  ]),
  ['half a', 1 / 2],
  ['half an', 1 / 2],
  ['a half', 1 / 2],
  ['quarter of an', 1 / 4],
  ['a quarter of an', 1 / 4],
  ['three quarters of an', 3 / 4],
  ['three-quarters of an', 3 / 4],
  ['a couple of', 2],
  ['couple of', 2],
  ['a few', 3],
  ['few', 3],
  ['several', 4],
  ['another', 1],
  ['an', 1],
  ['a', 1],
]);
/** "A good hour", "a full ten minutes". */
const stressed = '(?: (?:good|full|further|short|bare|whole))?';

const digits = String.raw`\d+ \d+/\d+|\d+/\d+|\d+[.,]\d+|\d+`;
const inWords = [...words.keys()].sort((one, other) => other.length - one.length).join('|');
/** "A good ten minutes". */
const countBehind = `(?: (?:${ones.join('|')}|${tens.join('|')})(?=[ -]))?`;
const number = String.raw`(?:${digits}|(?:${inWords})(?![\w-])${stressed}${countBehind})`;
const unitWords = 'seconds?|secs?|minutes?|mins?|hours?|hrs?|days?|weeks?|h';
const unit = String.raw`(?:${unitWords}|′|'(?!\w)|(?<=\d)m|(?<=\d)s)(?![a-z])`;
const share = (name: string) => String.raw`(?: and (?:a |one )?(?<${name}>half|quarter))?`;
/** "An hour and a half", "one and a half hours". */
const simple = String.raw`(?<count>${number})${share('share')}[ -]{0,2}(?<unit>${unit})${share('part')}`;
/** "1 hr 20 min", "an hour and ten minutes", "1h30". */
const inMinutes = '(?<moreUnit>minutes?|mins?|m|seconds?|secs?)(?![a-z])';
const withMore = String.raw`(?:[.,]? and |[.,]? )?(?<more>${number})[ -]?${inMinutes}`;
const extra = String.raw`(?<extra>${withMore}|(?<=h|hr)(?<bare>\d{2})(?!\d))?`;
const clock = String.raw`(?<hours>\d{1,2}):(?<minutes>\d{2})[ -]?(?:hours?|hrs?|h)(?![a-z])`;
const one = String.raw`(?:${clock}|${simple}${extra})`;
const joint = String.raw` ?(?:-|to|or|and) ?(?:up to |even |about |say )?`;

const duration = new RegExp(`(?<![\\w.,/])${one}`, 'iy');
const rangeOfNumbers = new RegExp(
  String.raw`(?<![\w.,/])(?:(between) )?(${number})${joint}(${number})[ -]{0,2}(${unit})`,
  'iy',
);
const orTwo = / or two\b/iy;
/** "An hour, better two". */
const betterWords = 'better(?: still)?|preferably|ideally|even';
const orBetter = new RegExp(
  String.raw`,? (?:or )?(?:${betterWords}) (\d+|${ones.join('|')})(?! ?(?:${unitWords})|\w)`,
  'iy',
);
const joins = new RegExp(joint, 'iy');
const startsNumber = new RegExp(String.raw`(?<![\w.,/])(?:between )?(?=${number})`, 'gi');

/**
 * Every stretch of time that a text in plain spelling names, in order: "45 minutes to an hour", "1h30", "an
 * hour and a half", "a couple of hours", "twenty-five minutes", "a day or two". Clock times and temperatures
 * are none.
 */
export function durationsIn(plain: string): Duration[] {
  const found: Duration[] = [];
  let end = 0;
  for (const { index } of plain.matchAll(startsNumber)) {
    if (index < end) continue;
    const read = rangeAt(plain, index) ?? durationAt(plain, index);
    if (!read) continue;
    found.push(read);
    end = read.to;
  }
  return found;
}

/** "15 to 20 minutes", "between 2 and 3 hours". */
function rangeAt(plain: string, at: number): Duration | null {
  rangeOfNumbers.lastIndex = at;
  const match = rangeOfNumbers.exec(plain);
  if (!match || (/ and /i.test(match[0]) && !match[1])) return null;
  const size = minutesIn[unitOf(match[4]!)];
  const [low, high] = [valueOf(match[2]!) * size, valueOf(match[3]!) * size];
  return { low: Math.min(low, high), high: Math.max(low, high), at, to: at + match[0].length };
}

function durationAt(plain: string, at: number): Duration | null {
  const first = oneAt(plain, at);
  if (!first) return null;
  orTwo.lastIndex = first.to;
  const twice = orTwo.exec(plain);
  if (twice) return { ...first, high: first.low * 2, to: first.to + twice[0].length };
  orBetter.lastIndex = first.to;
  const better = orBetter.exec(plain);
  const most = better ? valueOf(better[1]!) * first.size : 0;
  if (better && most > first.low) return { ...first, high: most, to: first.to + better[0].length };
  joins.lastIndex = first.to;
  const joined = joins.exec(plain);
  const second = joined && oneAt(plain, first.to + joined[0].length);
  // "For 10 minutes and 5 minutes" are two; a range says so, and goes up.
  if (!second || / and /i.test(joined[0]) || second.low <= first.low) return first;
  return { ...first, high: second.high, to: second.to };
}

/** With the minutes of its unit. */
type Sized = Duration & { readonly size: number };

function oneAt(plain: string, at: number): Sized | null {
  duration.lastIndex = at;
  const match = duration.exec(plain);
  if (!match) return null;
  const { hours, minutes, count, unit: name, share: half, part, extra: beside } = match.groups!;
  const to = at + match[0].length;
  if (hours) return spanOf(Number(hours) * 60 + Number(minutes), at, to, minutesIn.h);
  const size = minutesIn[unitOf(name!)];
  const value = (valueOf(count!) + shareOf(half) + shareOf(part)) * size;
  const rest = restOf(match.groups!);
  // "10 minutes and 5 minutes" are two; an hour and ten minutes are one.
  return rest < size ? spanOf(value + rest, at, to, size) : spanOf(value, at, to - beside!.length, size);
}

const spanOf = (value: number, at: number, to: number, size: number): Sized => ({
  low: value,
  high: value,
  at,
  to,
  size,
});

function restOf({ more, moreUnit, bare }: Readonly<Record<string, string>>): number {
  return more ? valueOf(more) * minutesIn[unitOf(moreUnit!)] : Number(bare ?? 0);
}

const shareOf = (word: string | undefined) => (word === undefined ? 0 : word === 'half' ? 1 / 2 : 1 / 4);

function unitOf(written: string): Unit {
  const first = written[0]!.toLowerCase();
  return first === '′' || first === "'" ? 'm' : (first as Unit);
}

function valueOf(written: string): number {
  const mixed = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(written);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  if (/^\d/.test(written)) return Number(written.replace(',', '.'));
  const plain = written.toLowerCase().replace(/ (?:good|full|further|short|bare|whole)\b/, '');
  // "A good ten minutes": the number behind it counts.
  return words.get(plain) ?? words.get(plain.split(' ').at(-1)!) ?? 1;
}
