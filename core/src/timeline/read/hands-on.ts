import type { WorkingStep } from '../../amounts/index.js';
import { stepKeyOf } from '../../identity/index.js';
import { counted } from '../../words/index.js';
import type { HandsOn, TimelineEntry } from '../types.js';
import { percentOf } from './budget.js';

/** From one minute of the class to another. */
type Spell = readonly [from: number, to: number];

/**
 * How much of a class students cook, from its start until they eat: the share of these minutes in which the
 * stations have work in hand, the longest spell in which they only watch, and the longest that anything is
 * done after it was shown.
 */
export function handsOnOf(entries: readonly TimelineEntry[], eatMinute: number): HandsOn {
  const work = joined(
    entries
      .filter(({ kind }) => kind === 'students')
      .map(({ start, end }): Spell => [Math.max(0, start), Math.min(eatMinute, end)])
      .filter(([from, to]) => from < to),
  );
  const workMinutes = work.reduce((sum, [from, to]) => sum + to - from, 0);
  const percent = eatMinute > 0 ? percentOf(workMinutes, eatMinute) : 0;
  const watched = longestWatched(entries, work, eatMinute);
  const delay = longestDelay(entries);
  const steps: WorkingStep[] = [
    { label: 'From the start until eating', value: `${eatMinute} min` },
    {
      label: 'Hands at work at the stations',
      value: `${workMinutes} min`,
      note: work.map(([from, to]) => `${from}–${to}`).join(', ') || undefined,
    },
    {
      label: 'Longest spell of watching',
      value: `${watched.minutes} min`,
      note: watched.shown.join('; ') || undefined,
    },
    ...(delay
      ? [
          {
            label: 'Longest from being shown to being done',
            value: `${delay.minutes} min`,
            note: delay.title,
          },
        ]
      : []),
  ];
  return {
    percent,
    watchMinutes: watched.minutes,
    delayMinutes: delay?.minutes ?? null,
    workings: {
      title: 'Students’ hands',
      steps,
      result: `${percent} % of ${counted(eatMinute, 'minute')}`,
      estimated: true,
    },
  };
}

/** Spells in order, those that touch or overlap as one. */
function joined(spells: readonly Spell[]): Spell[] {
  return [...spells]
    .sort((a, b) => a[0] - b[0])
    .reduce<Spell[]>((found, [from, to]) => {
      const last = found[found.length - 1];
      return last && from <= last[1]
        ? [...found.slice(0, -1), [last[0], Math.max(last[1], to)]]
        : [...found, [from, to]];
    }, []);
}

/** The longest spell without work at the stations in which something is shown, from end of work to work. */
function longestWatched(
  entries: readonly TimelineEntry[],
  work: readonly Spell[],
  eatMinute: number,
): { readonly minutes: number; readonly shown: readonly string[] } {
  const starts = [0, ...work.map(([, to]) => to)];
  const ends = [...work.map(([from]) => from), eatMinute];
  const spells = starts.map((from, index) => {
    const to = ends[index]!;
    const shown = entries.filter(
      ({ kind, start, end }) => kind === 'demonstration' && start < to && end > from,
    );
    // Before the first thing is shown and after the last, nobody watches.
    const first = Math.max(from, Math.min(...shown.map(({ start }) => start)));
    const last = Math.min(to, Math.max(...shown.map(({ end }) => end)));
    return { minutes: shown.length > 0 ? last - first : 0, shown: shown.map(({ title }) => title) };
  });
  return spells.reduce((longest, spell) => (spell.minutes > longest.minutes ? spell : longest), {
    minutes: 0,
    shown: [],
  });
}

/** The step that is done the longest after it was shown; null where nothing is shown. */
function longestDelay(
  entries: readonly TimelineEntry[],
): { readonly minutes: number; readonly title: string } | null {
  const done = new Map(
    entries
      .filter(({ kind, ref }) => kind === 'students' && ref.role === 'hands')
      .map((entry) => [stepKeyOf(entry.ref), entry]),
  );
  const delays = entries
    .filter(({ ref }) => ref.role === 'shown')
    .flatMap((shown) => {
      const entry = done.get(stepKeyOf(shown.ref));
      return entry ? [{ minutes: Math.max(0, entry.start - shown.end), title: entry.title }] : [];
    });
  return delays.reduce<(typeof delays)[number] | null>(
    (longest, each) => (longest && longest.minutes >= each.minutes ? longest : each),
    null,
  );
}
