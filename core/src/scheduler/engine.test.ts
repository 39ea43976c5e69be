import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Engine } from './engine.js';
import { Learner } from './learn.js';
import { search, type Decide } from './search.js';

/** Key of "at least" and of "at most". */
const least = (variable: number) => 2 * variable;
const most = (variable: number) => 2 * variable + 1;
const engineOf = (variables: number, lowest = 0, highest = 20) =>
  new Engine(Array.from({ length: variables }, () => [lowest, highest] as const));
const range = (engine: Engine, variable: number) => [engine.from(variable), engine.to(variable)];

describe('differences', () => {
  it('b ≥ a + 5: b begins at 5, a ends at 15', () => {
    const engine = engineOf(2);
    engine.addDifference(0, 1, 5);
    engine.post(least(0), 0);
    engine.post(least(0), 1);
    engine.post(most(1), -18);
    expect(engine.propagate()).toBe(true);
    expect([range(engine, 0), range(engine, 1)]).toEqual([
      [1, 13],
      [6, 18],
    ]);
  });
  it('what a decision brought is taken back with it', () => {
    const engine = engineOf(2);
    engine.addDifference(0, 1, 5);
    engine.propagate();
    engine.decide(least(0), 10);
    engine.propagate();
    expect(engine.from(1)).toBe(15);
    engine.backtrack(0);
    expect([engine.from(0), engine.from(1), engine.level]).toEqual([0, 0, 0]);
  });
  it('a raised gap narrows at once and goes back with its mark', () => {
    const engine = engineOf(2);
    const arcs = engine.addDifference(0, 1, 5);
    engine.post(least(0), 2);
    engine.propagate();
    const mark = engine.mark();
    engine.raiseGap(0, 1, arcs, 9);
    engine.propagate();
    expect(engine.from(1)).toBe(11);
    engine.release(mark);
    engine.propagate();
    expect(engine.from(1)).toBe(7);
  });
  it('what had not been followed up when a mark was set is followed up after it is released', () => {
    const engine = engineOf(2);
    engine.addDifference(0, 1, 5);
    engine.post(least(0), 4);
    const mark = engine.mark();
    engine.propagate();
    engine.release(mark);
    engine.propagate();
    expect(engine.from(1)).toBe(9);
  });
  it('a contradiction from before a mark is still one after it', () => {
    const engine = engineOf(1);
    engine.post(least(0), 10);
    engine.post(most(0), -5);
    const mark = engine.mark();
    engine.propagate();
    engine.release(mark);
    expect(engine.propagate()).toBe(false);
  });
  it('more than there is room for is a contradiction at level 0', () => {
    const engine = engineOf(2);
    engine.addDifference(0, 1, 15);
    engine.addDifference(1, 0, 0);
    engine.post(least(0), 3);
    expect(engine.propagate()).toBe(false);
  });
});

describe('holes', () => {
  it('a bound in a hole moves to its far side: 6 to 10, and 8 down to 5', () => {
    const engine = engineOf(1);
    engine.allowOnly(0, [0, 5, 10, 20]);
    engine.post(least(0), 6);
    engine.propagate();
    expect(engine.from(0)).toBe(10);
    const other = engineOf(1);
    other.allowOnly(0, [0, 5, 10, 20]);
    other.post(most(0), -8);
    other.propagate();
    expect(other.to(0)).toBe(5);
  });
  it('past the last interval there is nothing', () => {
    const engine = engineOf(1);
    engine.allowOnly(0, [0, 5]);
    engine.post(least(0), 6);
    expect(engine.propagate()).toBe(false);
  });
  it('no interval at all is a contradiction', () => {
    const engine = engineOf(1);
    engine.allowOnly(0, []);
    expect(engine.isContradictory).toBe(true);
  });
});

describe('clauses', () => {
  it('the last bound that is not false holds: a ≥ 10 or b ≥ 10, with a at most 9', () => {
    const engine = engineOf(2);
    engine.addClause([least(0), 10, least(1), 10], false);
    engine.post(most(0), -9);
    engine.propagate();
    expect(engine.from(1)).toBe(10);
  });
  it('an empty clause is a contradiction', () => {
    const engine = engineOf(1);
    engine.addClause([], false);
    expect(engine.propagate()).toBe(false);
  });
  it('a clause goes with the mark it was added under', () => {
    const engine = engineOf(2);
    const mark = engine.mark();
    engine.addClause([least(0), 10, least(1), 10], false);
    engine.release(mark);
    engine.post(most(0), -9);
    engine.propagate();
    expect(engine.from(1)).toBe(0);
  });
});

describe('learning', () => {
  it('from a conflict of two decisions a clause that rules out the second, given the first', () => {
    // c ≥ a + 10 and d ≥ c + 5; d ≤ 20. a ≥ 6 leaves c ≥ 16, d ≥ 21: the only decision to blame is a ≥ 6,
    // that is, a ≤ 5 for good.
    const engine = engineOf(3);
    engine.addDifference(0, 1, 10);
    engine.addDifference(1, 2, 5);
    engine.propagate();
    engine.decide(least(0), 5);
    expect(engine.propagate()).toBe(true);
    engine.backtrack(0);
    // A clause that no difference sees: c may not be at 12 or later while d is at 17 or later.
    engine.addClause([most(1), -11, most(2), -16], false);
    engine.decide(least(0), 3);
    expect(engine.propagate()).toBe(false);
    const lesson = new Learner(3).learn(engine)!;
    expect(lesson.level).toBe(0);
    engine.backtrack(0);
    engine.addClause(lesson.bounds, true);
    engine.propagate();
    expect(engine.to(0)).toBeLessThan(3);
  });
});

describe('search over clauses and differences', () => {
  const inTurn: Decide = (engine) => {
    for (let variable = 0; variable < engine.variables; variable++)
      if (!engine.isFixed(variable)) return [most(variable), -engine.from(variable)];
    return null;
  };
  const problems = fc.record({
    differences: fc.array(fc.tuple(fc.nat(3), fc.nat(3), fc.integer({ min: -3, max: 3 })), { maxLength: 5 }),
    clauses: fc.array(
      fc.array(fc.tuple(fc.nat(7), fc.integer({ min: -4, max: 4 })), { minLength: 1, maxLength: 3 }),
      { maxLength: 6 },
    ),
  });
  it('finds values exactly where trying all of them finds some', () => {
    fc.assert(
      fc.property(problems, ({ differences, clauses }) => {
        const engine = engineOf(4, 0, 4);
        for (const [a, b, gap] of differences) if (a !== b) engine.addDifference(a, b, gap);
        // A clause names a key once: of two bounds on one key the weaker stands.
        const given = clauses.map((bounds) => [...new Map(bounds.map(([key, value]) => [key, value]))]);
        for (const bounds of given) engine.addClause(bounds.flat(), false);
        const holds = (values: readonly number[]) =>
          differences.every(([a, b, gap]) => a === b || values[b]! >= values[a]! + gap) &&
          given.every((bounds) =>
            bounds.some(([key, value]) => (key % 2 === 0 ? values[key >> 1]! : -values[key >> 1]!) >= value),
          );
        const all = Array.from({ length: 5 ** 4 }, (_, at) => [
          at % 5,
          Math.floor(at / 5) % 5,
          Math.floor(at / 25) % 5,
          Math.floor(at / 125),
        ]);
        const found = search(engine, () => inTurn, { left: 1000 });
        expect(found).toBe(all.some(holds) ? 'found' : 'none');
        if (found === 'found')
          expect(holds([0, 1, 2, 3].map((variable) => engine.from(variable)))).toBe(true);
      }),
      { numRuns: 400, seed: 5 },
    );
  });
});
