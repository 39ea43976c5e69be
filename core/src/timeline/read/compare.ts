import type { Timeline, TimelineEntry } from '../types.js';

/** A job that stands elsewhere in another plan. Minutes from class start. */
export interface MovedEntry {
  readonly id: string;
  readonly title: string;
  readonly before: number | null;
  readonly after: number | null;
  readonly beforeTime: string;
  readonly afterTime: string;
}

/** What moved from one plan to the next, what came and what went, the farthest first. */
export function movedBetween(before: Timeline, after: Timeline): MovedEntry[] {
  const old = byId(before);
  const now = byId(after);
  const ids = new Set([...old.keys(), ...now.keys()]);
  const moved = [...ids]
    .map((id) => ({ was: old.get(id), is: now.get(id), id }))
    .filter(({ was, is }) => was?.start !== is?.start);
  const farthest = ({ was, is }: { was?: TimelineEntry; is?: TimelineEntry }) =>
    was && is ? Math.abs(was.start - is.start) : Infinity;
  return moved
    .sort((a, b) => farthest(b) - farthest(a) || a.id.localeCompare(b.id))
    .map(({ id, was, is }) => ({
      id,
      title: (is ?? was)!.title,
      before: was?.start ?? null,
      after: is?.start ?? null,
      beforeTime: was?.localTime ?? '',
      afterTime: is?.localTime ?? '',
    }));
}

function byId(timeline: Timeline): Map<string, TimelineEntry> {
  return new Map([...timeline.daysBefore, ...timeline.clock].map((entry) => [entry.id, entry]));
}

/** Pairs of hands at work from a minute on, until the next. */
export interface HandsAt {
  readonly minute: number;
  readonly you: number;
  readonly assistant: number;
  readonly stations: number;
}

/**
 * Whose hands are at work through the day of the class, wherever that changes; of the stations, pairs of
 * hands at each.
 */
export function handsBusy(timeline: Timeline): HandsAt[] {
  const working = timeline.clock.filter((entry) => entry.hands && entry.end > entry.start);
  const moments = [...new Set(working.flatMap((entry) => [entry.start, entry.end]))].sort((a, b) => a - b);
  return moments.map((minute) => {
    const now = working.filter((entry) => entry.start <= minute && minute < entry.end);
    const pairsOf = (who: string) =>
      now.filter(({ hands }) => hands!.who === who).reduce((sum, { hands }) => sum + hands!.pairs, 0);
    const isWatched = now.some(({ kind }) => kind === 'demonstration' || kind === 'class');
    return {
      minute,
      you: pairsOf('you'),
      assistant: pairsOf('assistant'),
      stations: isWatched ? 0 : pairsOf('stations'),
    };
  });
}
