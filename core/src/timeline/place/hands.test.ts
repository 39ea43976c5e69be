import { describe, expect, it } from 'vitest';
import type { ScheduleProblem } from '../../scheduler/index.js';
import type { PlanTask } from '../tasks/types.js';
import { Hands } from './hands.js';
import { Placement } from './placement.js';

type Kind = 'students' | 'demonstration' | 'prep';
type Job = readonly [kind: Kind, start: number, minutes: number];

const eatMinute = 60;

/** Jobs of a class that eats at minute 60, each with its start. */
function handsOf(jobs: readonly Job[]): Hands {
  const tasks = jobs.map(([kind, , minutes], number) => ({ id: `t${number}`, kind, minutes, demands: [] }));
  const problem = { tasks, links: [], resources: [] } as unknown as ScheduleProblem;
  const starts = Object.fromEntries(jobs.map(([, start], number) => [`t${number}`, start]));
  return new Hands(tasks as unknown as PlanTask[], new Placement(problem, starts, () => false), eatMinute);
}

describe('what a plan is worth to the hands of the students', () => {
  it.each<[string, number, readonly Job[]]>([
    // 10–20 and 15–30 are worked from 10 to 30; what staff prepare is no work of theirs.
    [
      'minutes that overlap count once',
      20,
      [
        ['students', 10, 10],
        ['students', 15, 15],
        ['prep', 40, 9],
      ],
    ],
    // Of 50–70 only what lies before eating counts.
    ['work past eating does not count', 10, [['students', 50, 20]]],
    // 5–13 and, 3 minutes later, 16–24 are one spell of 19: 7 over the 12 that people watch. 10 − 4 × 7.
    [
      'a short pause goes on with a spell',
      -18,
      [
        ['demonstration', 5, 8],
        ['demonstration', 16, 8],
        ['students', 40, 10],
      ],
    ],
    // Work in the pause from 13 to 16 ends the spell: two of 8, none too long.
    [
      'work in the pause ends a spell',
      3,
      [
        ['demonstration', 5, 8],
        ['students', 13, 3],
        ['demonstration', 16, 8],
      ],
    ],
    // They touch at 13, and somebody works from 12 to 14, past both.
    [
      'work past where two touch ends it',
      2,
      [
        ['demonstration', 5, 8],
        ['students', 12, 2],
        ['demonstration', 13, 8],
      ],
    ],
    // Work that ends where they touch does not: 5–21 is 16, 4 over. 1 − 4 × 4.
    [
      'work up to where two touch does not',
      -15,
      [
        ['demonstration', 5, 8],
        ['students', 12, 1],
        ['demonstration', 13, 8],
      ],
    ],
    // A pause of 5 is long enough to go back to work.
    [
      'a long pause ends a spell',
      0,
      [
        ['demonstration', 5, 8],
        ['demonstration', 18, 8],
      ],
    ],
  ])('%s: %i', (_, worth, jobs) => {
    expect(handsOf(jobs).worth()).toBe(worth);
  });

  it('is told for moves before they are taken', () => {
    const hands = handsOf([
      ['students', 10, 10],
      ['students', 12, 10],
    ]);
    // 10–22 is 12; with the second at 20, 10–30 is 20; and the plan itself is as it was.
    expect([hands.worth(), hands.worth(new Map([[1, 20]])), hands.worth()]).toEqual([12, 20, 12]);
  });

  it('wishes later jobs into spells without work, at both ends and after what is shown there', () => {
    // Nobody works from 5 to 40; 10–15 is shown there. The job at 40 is wished to the start of that spell, to
    // the end of what is shown, and to where it ends with the spell, 40 − 8; from 48 on nothing comes later.
    const hands = handsOf([
      ['demonstration', 10, 5],
      ['students', 40, 8],
    ]);
    expect([...hands.wishes()]).toEqual([
      [0, 5],
      [1, 5],
      [1, 15],
      [1, 32],
    ]);
  });
});
