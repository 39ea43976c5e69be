import { describe, expect, it } from 'vitest';
import { bodyProblem } from './body.js';

const nested = (levels: number): unknown => JSON.parse(`${'['.repeat(levels)}${']'.repeat(levels)}`);

describe('what is not looked into', () => {
  it('sixteen levels are, seventeen are not, and a million are no harm', () => {
    // The value itself is level 0: n brackets reach level n − 1.
    expect(bodyProblem(nested(17))).toBeNull();
    expect(bodyProblem(nested(18))).toBe('This is nested more than 16 levels deep.');
    expect(bodyProblem(nested(200_000))).toBe('This is nested more than 16 levels deep.');
  });
  it('60 000 values are, one more is not', () => {
    expect(bodyProblem(Array.from({ length: 60_000 }, () => 0))).toBeNull();
    expect(bodyProblem(Array.from({ length: 60_001 }, () => 0))).toBe(
      'This has too many parts: send it in smaller ones.',
    );
  });
  it.each(['__proto__', 'constructor', 'prototype'])('“%s” is no key, at any depth', (key) => {
    const body: unknown = JSON.parse(`{"decisions":{"packs":{"${key}":"1x250"}}}`);
    expect(bodyProblem(body)).toBe(`“${key}” cannot be a name here: choose another.`);
  });
  it.each([null, 'constructor', 7, {}, { name: 'constructor', list: ['__proto__'] }])('%j is', (body) =>
    expect(bodyProblem(body)).toBeNull(),
  );
});
