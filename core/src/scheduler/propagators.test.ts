import { describe, expect, it } from 'vitest';
import { Energy } from './energy.js';
import { engineWith, range } from '../tests/engines.js';
import { Engine } from './engine.js';
import { decideForced, Orders } from './orders.js';
import { Overlaps } from './overlaps.js';
import { Pairs } from './pairs.js';
import { Timetable } from './timetable.js';

const use = (task: number, minutes: number, units = 1) => ({ task, minutes, units });

describe('what must run at a minute', () => {
  it(
    'a task of 10 between 0 and 12 runs from 2 to 10: another of ' +
      '5 on the one ring begins at 10 at the earliest',
    () => {
      const engine = engineWith(
        [
          [0, 2],
          [0, 20],
        ],
        () => new Timetable([use(0, 10), use(1, 5)], 1),
      );
      expect(engine.propagate()).toBe(true);
      expect(engine.from(1)).toBe(10);
    },
  );
  it('seen from behind: it ends before, at −3 … 2 the latest start is 2 − 5 = −3', () => {
    const engine = engineWith(
      [
        [0, 2],
        [-20, 5],
      ],
      () => new Timetable([use(0, 10), use(1, 5)], 1),
    );
    engine.propagate();
    expect(range(engine, 1)).toEqual([-20, -3]);
  });
  it('two that must both run at 5 on one ring are a conflict, and the premises say no more than that', () => {
    const engine = engineWith(
      [
        [0, 5],
        [1, 5],
      ],
      () => new Timetable([use(0, 6), use(1, 6)], 1),
    );
    expect(engine.propagate()).toBe(false);
    expect(engine.conflict).toEqual([0, 0, 1, -5, 2, 0, 3, -5]);
  });
  it('with room for both nothing moves', () => {
    const engine = engineWith(
      [
        [0, 2],
        [0, 20],
      ],
      () => new Timetable([use(0, 10), use(1, 5)], 2),
    );
    engine.propagate();
    expect(range(engine, 1)).toEqual([0, 20]);
  });
});

describe('room in a window', () => {
  it('three tasks of 5 do not fit between 0 and 14 on one ring, though no minute is forced', () => {
    expect(
      engineWith(
        [
          [0, 9],
          [0, 9],
          [0, 9],
        ],
        () => new Energy([use(0, 5), use(1, 5), use(2, 5)], 1, null, true),
      ).propagate(),
    ).toBe(false);
    expect(
      engineWith(
        [
          [0, 10],
          [0, 10],
          [0, 10],
        ],
        () => new Energy([use(0, 5), use(1, 5), use(2, 5)], 1, null, true),
      ).propagate(),
    ).toBe(true);
  });
  it('work is minutes × pairs of hands: 2 × 5 × 2 = 20 do not go into 9 minutes of 2, 18', () => {
    const twice = (latest: number) =>
      engineWith(
        [
          [0, latest],
          [0, latest],
        ],
        () => new Energy([use(0, 5, 2), use(1, 5, 2)], 2, null, true),
      ).propagate();
    expect(twice(4)).toBe(false);
    expect(twice(5)).toBe(true);
  });
  it('closed minutes hold nothing: 15 minutes of work between 0 and 20, of which 6 are closed', () => {
    const uses = [use(0, 5), use(1, 5), use(2, 5)];
    expect(
      engineWith(
        [
          [0, 15],
          [0, 15],
          [0, 15],
        ],
        () =>
          new Energy(
            uses,
            1,
            [
              [0, 7],
              [13, 20],
            ],
            true,
          ),
      ).propagate(),
    ).toBe(false);
  });
});

describe('pairs', () => {
  it('what cannot come first comes second, with the minutes between two settings', () => {
    // 0 takes 10 and begins at 5 at the earliest: before 1, which begins at 12 at the latest, it cannot be.
    const engine = engineWith(
      [
        [5, 30],
        [0, 12],
      ],
      () => new Pairs([{ one: 0, other: 1, gap: 3 }], [10, 4]),
    );
    engine.propagate();
    expect(engine.from(0)).toBe(7);
  });
});

describe('orders as choices', () => {
  /** Starts 0 … 2, then one choice for each pair: 1 where the first is before the second. */
  const orders = [
    { choice: 3, earlier: 0, later: 1, ahead: 5, back: 5 },
    { choice: 4, earlier: 1, later: 2, ahead: 5, back: 5 },
    { choice: 5, earlier: 0, later: 2, ahead: 5, back: 5 },
  ];
  const free = (): Engine =>
    engineWith(
      [
        [-1000, 1000],
        [-1000, 1000],
        [-1000, 1000],
        [0, 1],
        [0, 1],
        [0, 1],
      ],
      (engine) => new Orders(orders, engine),
    );
  it('a choice made moves the later one', () => {
    const engine = free();
    engine.propagate();
    engine.post(0, 7);
    engine.post(6, 1);
    engine.propagate();
    expect(engine.from(1)).toBe(12);
  });
  it('a round of choices is a conflict whatever the hour, and rests on the choices alone', () => {
    const engine = free();
    engine.propagate();
    engine.decide(6, 1);
    expect(engine.propagate()).toBe(true);
    engine.decide(8, 1);
    expect(engine.propagate()).toBe(true);
    engine.decide(11, 0);
    expect(engine.propagate()).toBe(false);
    expect(engine.conflict.filter((_, at) => at % 2 === 0).sort((a, b) => a - b)).toEqual([6, 8, 11]);
  });
  it('times that leave one order only decide the choice', () => {
    const engine = free();
    engine.post(0, 10);
    engine.post(3, -12);
    engine.propagate();
    expect(engine.to(3)).toBe(0);
  });
});

describe('choices that links have made', () => {
  it('over two links 0 is 10 before 2: the choice is decided for good, and no other', () => {
    const engine = new Engine([
      [-1000, 1000],
      [-1000, 1000],
      [-1000, 1000],
      [0, 1],
      [0, 1],
    ]);
    engine.addDifference(0, 1, 5);
    engine.addDifference(1, 2, 5);
    decideForced(
      engine,
      [
        { choice: 3, earlier: 0, later: 2, ahead: 4, back: 4 },
        { choice: 4, earlier: 2, later: 1, ahead: 4, back: 4 },
      ],
      3,
    );
    expect([range(engine, 3), range(engine, 4)]).toEqual([
      [1, 1],
      [0, 0],
    ]);
  });
});

describe('what runs when another begins', () => {
  /** Choices by pair: begun 0, over 1 of a first task; begun 2, over 3 of a second. */
  const overlaps = [
    { units: 2, begun: [0, 1], over: [2, 1] },
    { units: 2, begun: [4, 1], over: [6, 1] },
  ] as const;
  const engine = () =>
    engineWith(
      [
        [0, 1],
        [0, 1],
        [0, 1],
        [0, 1],
      ],
      () => new Overlaps(overlaps, 3),
    );
  it('beside one that runs there is no room for the second: begun, it must be over', () => {
    const found = engine();
    found.post(0, 1);
    found.post(3, 0);
    found.post(4, 1);
    found.propagate();
    expect(found.from(3)).toBe(1);
  });
  it('not over, it cannot have begun', () => {
    const found = engine();
    found.post(0, 1);
    found.post(3, 0);
    found.post(7, 0);
    found.propagate();
    expect(found.to(2)).toBe(0);
  });
  it('both running is a conflict', () => {
    const found = engine();
    for (const [key, value] of [
      [0, 1],
      [3, 0],
      [4, 1],
      [7, 0],
    ] as const)
      found.post(key, value);
    expect(found.propagate()).toBe(false);
  });
});
