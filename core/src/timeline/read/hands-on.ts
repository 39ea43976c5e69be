import type { WorkingStep } from '../../amounts/index.js';
import { stepKeyOf } from '../../identity/index.js';
import { counted } from '../../words/index.js';
import type { HandsOn, TimelineEntry } from '../types.js';
import { joined, type Spell, watchedSpells } from './attention.js';
import { percentOf } from './budget.js';

/**
 * How much of a class students cook, from its start until they eat: the share of these minutes in which the
 * stations have work in hand, the longest spell in which they only watch, and the longest that anything is
 * done after it was shown.
 */
export function handsOnOf(entries: readonly TimelineEntry[], eatMinute: number): HandsOn {
  const work = workOf(entries, eatMinute);
  const workMinutes = minutesOf(work);
  const percent = percentAtWork(entries, eatMinute);
  const watched = longestWatched(entries, work);
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
    shownLong: watched.shown,
    doneLate: delay?.title ?? '',
    workings: {
      title: 'Students’ hands',
      steps,
      result: `${percent} % of ${counted(eatMinute, 'minute')}`,
      estimated: true,
    },
  };
}

type Spells = readonly Pick<TimelineEntry, 'kind' | 'start' | 'end'>[];

/** Minutes of 100 from the start until eating in which the stations have work in hand, whole. */
export function percentAtWork(entries: Spells, eatMinute: number): number {
  return eatMinute > 0 ? percentOf(minutesOf(workOf(entries, eatMinute)), eatMinute) : 0;
}

function workOf(entries: Spells, eatMinute: number): Spell[] {
  return joined(
    entries
      .filter(({ kind }) => kind === 'students')
      .map(({ start, end }): Spell => [Math.max(0, start), Math.min(eatMinute, end)])
      .filter(([from, to]) => from < to),
  );
}

function minutesOf(spells: readonly Spell[]): number {
  return spells.reduce((sum, [from, to]) => sum + to - from, 0);
}

/** The longest spell in which stations only watch, and what is shown in it. */
function longestWatched(
  entries: readonly TimelineEntry[],
  work: readonly Spell[],
): { readonly minutes: number; readonly shown: readonly string[] } {
  const shown = entries.filter(({ kind }) => kind === 'demonstration');
  const spells = watchedSpells(
    shown.map(({ start, end }): Spell => [start, end]),
    work,
  );
  const [from, to] = spells.reduce<Spell>(
    (longest, spell) => (spell[1] - spell[0] > longest[1] - longest[0] ? spell : longest),
    [0, 0],
  );
  return {
    minutes: to - from,
    shown: shown.filter(({ start, end }) => start >= from && end <= to).map(({ title }) => title),
  };
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
