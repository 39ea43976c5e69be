import { objective } from '../objective.js';
import { mostWatching, shortPause, type Spell } from '../read/attention.js';
import { welcomeMinutes } from '../tasks/frame-minutes.js';
import type { PlanTask } from '../tasks/types.js';
import type { Moves, Placement } from './placement.js';

const weightOfWatching = objective.watching.limits.minuteWeighs;
/** Shorter spells without work are no use to anybody. */
const leastSpell = 2;

/**
 * What the hands of the students have to do in a plan until they eat, and what would be better. It is asked
 * for hundreds of moves, so that the class is kept minute by minute.
 */
export class Hands {
  readonly #minutes: readonly number[];
  readonly #work: readonly number[];
  readonly #shown: readonly number[];
  readonly #isTheirs: readonly boolean[];
  /** 1 for each minute until eating in which a station works. */
  readonly #isWorked: Uint8Array;

  constructor(
    tasks: readonly PlanTask[],
    private readonly placement: Placement,
    private readonly eatMinute: number,
  ) {
    const numbers = tasks.map((_, number) => number);
    this.#minutes = tasks.map(({ minutes }) => minutes);
    this.#work = numbers.filter((each) => tasks[each]!.kind === 'students');
    this.#shown = numbers.filter((each) => tasks[each]!.kind === 'demonstration');
    this.#isTheirs = tasks.map(({ kind }) => kind === 'students' || kind === 'demonstration');
    this.#isWorked = new Uint8Array(Math.max(0, eatMinute));
  }

  /** Whether moves change what the students do or see. */
  isTouchedBy(moves: Moves): boolean {
    for (const task of moves.keys()) if (this.#isTheirs[task]) return true;
    return false;
  }

  /** Minutes of work, less what is watched for too long. */
  worth(moves: Moves = new Map()): number {
    const starts = [...this.placement.starts];
    for (const [task, start] of moves) starts[task] = start;
    return this.#markWork(starts) - weightOfWatching * this.#watchedTooLong(starts);
  }

  /** Later jobs at the start or the end of spells without work, and between two things that are shown. */
  *wishes(): Generator<readonly [task: number, to: number]> {
    const { starts } = this.placement;
    const later = [...this.#work, ...this.#shown].sort((a, b) => starts[a]! - starts[b]! || a - b);
    for (const [from, to] of this.#idle()) {
      const ends = this.#shown
        .map((each) => starts[each]! + this.#minutes[each]!)
        .filter((end) => end > from && end < to);
      for (const task of later) {
        if (starts[task]! <= from) continue;
        for (const at of new Set([from, ...ends, to - this.#minutes[task]!]))
          if (at >= from && at < starts[task]!) yield [task, at];
      }
    }
  }

  /** Spells until eating in which no station works. */
  #idle(): Spell[] {
    this.#markWork(this.placement.starts);
    const found: Spell[] = [];
    for (let from = welcomeMinutes; from < this.eatMinute; from++) {
      const first = from;
      while (from < this.eatMinute && !this.#isWorked[from]) from++;
      if (from - first >= leastSpell) found.push([first, from]);
    }
    return found;
  }

  /** Marks the minutes that are worked in, and counts them. */
  #markWork(starts: readonly number[]): number {
    let count = 0;
    this.#isWorked.fill(0);
    for (const task of this.#work) {
      const end = Math.min(this.eatMinute, starts[task]! + this.#minutes[task]!);
      for (let minute = Math.max(0, starts[task]!); minute < end; minute++) {
        count += 1 - this.#isWorked[minute]!;
        this.#isWorked[minute] = 1;
      }
    }
    return count;
  }

  /** Minutes by which spells of watching are too long. */
  #watchedTooLong(starts: readonly number[]): number {
    let tooLong = 0;
    let spell: Spell | null = null;
    for (const task of [...this.#shown].sort((a, b) => starts[a]! - starts[b]!)) {
      const from = Math.max(0, starts[task]!);
      const to = Math.min(this.eatMinute, starts[task]! + this.#minutes[task]!);
      if (from >= to) continue;
      const goesOn: boolean =
        spell !== null && from - spell[1] <= shortPause && !this.#isBroken(spell[1], from);
      if (!goesOn) tooLong += overTheMost(spell);
      spell = goesOn ? [spell![0], Math.max(spell![1], to)] : [from, to];
    }
    return tooLong + overTheMost(spell);
  }

  /** Whether there is work between the end of what was shown and the next, or past both where they touch. */
  #isBroken(end: number, next: number): boolean {
    const [from, to] = end < next ? [end, next] : [Math.max(0, next - 1), end + 1];
    let worked = 0;
    for (let minute = from; minute < to; minute++) worked += this.#isWorked[minute] ?? 0;
    return end < next ? worked > 0 : worked === to - from;
  }
}

function overTheMost(spell: Spell | null): number {
  return spell ? Math.max(0, spell[1] - spell[0] - mostWatching) : 0;
}
