import { expect, it } from 'vitest';
import { cacheByText, cacheByOwner } from './remember.js';

it('what was made from the same is not made again, going to and fro between two', () => {
  const made: number[] = [];
  const remembered = cacheByOwner<object, number>();
  const owner = {};
  const ask = (from: number) =>
    remembered(owner, [from], () => {
      made.push(from);
      return from * 10;
    });
  expect([1, 2, 1, 2, 2, 1].map(ask)).toEqual([10, 20, 10, 20, 20, 10]);
  expect(made).toEqual([1, 2]);
  // The third lets the one go that was asked for longest ago, which is 2.
  expect([3, 1, 2].map(ask)).toEqual([30, 10, 20]);
  expect(made).toEqual([1, 2, 3, 2]);
});

it('what one owner has made is nothing to another, and every part of what it is made from counts', () => {
  const remembered = cacheByOwner<object, string>();
  const [one, other] = [{}, {}];
  expect(remembered(one, ['a', 1], () => 'first')).toBe('first');
  expect(remembered(other, ['a', 1], () => 'of the other')).toBe('of the other');
  expect(remembered(one, ['a', 2], () => 'second')).toBe('second');
  expect(remembered(one, ['a', 1], () => 'again')).toBe('first');
});

it('texts are remembered up to so many, then all are let go', () => {
  let made = 0;
  const lengthOf = cacheByText(2, (text) => {
    made++;
    return text.length;
  });
  expect(['a', 'bb', 'a', 'bb'].map(lengthOf)).toEqual([1, 2, 1, 2]);
  expect(made).toBe(2);
  expect(['ccc', 'a'].map(lengthOf)).toEqual([3, 1]);
  expect(made).toBe(4);
});
