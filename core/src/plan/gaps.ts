import type { TimelineEntry } from '../timeline/index.js';

/** Gaps of hands on the clock. */

export type Hands = 'you' | 'assistant';
type Span = readonly [number, number];

/** Whose gap comes first from the first time on; where there is none, from the next. */
export function firstFound(
  hands: readonly Hands[],
  times: readonly number[],
  gap: (who: Hands, from: number) => number | null,
): { who: Hands; start: number } | null {
  for (const from of times) {
    const found = hands
      .map((who) => ({ who, start: gap(who, from) }))
      .filter((each): each is { who: Hands; start: number } => each.start !== null);
    if (found.length > 0) return found.reduce((first, each) => (each.start < first.start ? each : first));
  }
  return null;
}

export function busyOf(who: Hands, entries: readonly TimelineEntry[]): Span[] {
  return entries
    .filter((entry) => entry.hands?.who === who && entry.end > entry.start)
    .map(({ start, end }): Span => [start, end])
    .sort((a, b) => a[0] - b[0]);
}

export function firstGap(
  busy: readonly Span[],
  { from, until, minutes }: { from: number; until: number; minutes: number },
): number | null {
  let start = from;
  for (const [begin, end] of busy) {
    if (begin >= start + minutes) break;
    if (end > start) start = end;
  }
  return start + minutes <= until ? start : null;
}

export function isFreeAt(busy: readonly Span[], start: number, minutes: number): boolean {
  return busy.every(([begin, end]) => end <= start || start + minutes <= begin);
}
