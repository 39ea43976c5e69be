/** "Cabbage, trimmed .... 6.5 kg": dots lead the eye to a column of amounts. */
const leaders = /\s*(?:\.{3,}|…+|·{3,}|_{3,})\s*(?=[\d½¼¾⅓⅔])/g;

/** What is typed for a stop when a text is spoken to a telephone. */
const spokenBreak = /,?\s*\bnew (?:line|paragraph)\b[,.]?\s*/gi;
const spokenStop = / (?:full stop|period)\b[.]?/gi;
const spokenComma = / comma\b,?/gi;
/** One of them may be said of something else. */
const fewestBreaks = 2;

const clock = String.raw`\d{1,2}(?:[:.]\d{2})? ?(?:am|pm|a\.m\.|p\.m\.|o['’]clock|h(?=[:\s]))`;
/** "From 4 pm:", "7.30 pm -", "at 6 o'clock:" before what is done then. */
const atClock = new RegExp(
  String.raw`^(?:from|at|by|around|about|until)? ?${clock}(?: ?[-–] ?${clock})?\s*[:–—-]\s*(?=\S)`,
  'i',
);
const timeOfDay = /^(\d{1,2})[:.](\d{2})(?: ?[-–] ?\d{1,2}[:.]\d{2})?(?:[ :–—-]{1,4}|\t)(?=\p{L})/u;
/** Fewer rows with a time are no plan of an evening. */
const fewestTimes = 3;
const earliest = 6;

/**
 * Rows without what only lays them out: leaders between a name and its amount, stops that were spoken, the
 * times of a plan for the day.
 */
export function plainLayout(rows: readonly string[]): string[] {
  return withoutTimesOfDay(withSpokenStops(rows).map((row) => row.replace(leaders, ' ')));
}

function withSpokenStops(rows: readonly string[]): string[] {
  const breaks = rows.join('\n').match(spokenBreak)?.length ?? 0;
  if (breaks < fewestBreaks) return [...rows];
  return rows.flatMap((row) => row.replace(spokenStop, '.').replace(spokenComma, ',').split(spokenBreak));
}

/** A plan goes by whole five minutes; the times of a recording do not. */
function withoutTimesOfDay(rows: readonly string[]): string[] {
  const times = rows.flatMap((row) => {
    const [, hours, minutes] = timeOfDay.exec(row.trim()) ?? [];
    return hours === undefined ? [] : [{ hours: Number(hours), minutes: Number(minutes) }];
  });
  const isPlan =
    times.length >= fewestTimes &&
    times.every(({ hours, minutes }) => hours >= earliest && hours < 24 && minutes % 5 === 0);
  return rows.map((row) => {
    const bare = row.trim();
    return isPlan && timeOfDay.test(bare) ? bare.replace(timeOfDay, '') : row.replace(atClock, '');
  });
}
