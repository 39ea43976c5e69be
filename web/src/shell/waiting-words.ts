const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'long' });
const date = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' });
const dayMilliseconds = 86_400_000;

/** "2 changes from Tuesday wait on this device", by when the oldest was typed. */
export function waitingWords(times: readonly number[], now = Date.now()): string {
  const count = times.length === 1 ? '1 change' : `${times.length} changes`;
  const oldest = Math.min(...times);
  return `${count}${from(oldest, now)} ${times.length === 1 ? 'waits' : 'wait'} on this device`;
}

function from(time: number, now: number): string {
  if (time <= 0) return '';
  if (new Date(time).toDateString() === new Date(now).toDateString()) return ' from today';
  return now - time < 6 * dayMilliseconds ? ` from ${weekday.format(time)}` : ` from ${date.format(time)}`;
}
