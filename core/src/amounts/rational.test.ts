import { describe, expect, it } from 'vitest';
import { add, divide, multiply, showNumber, showRational, toNumber, toRational } from './rational.js';
import type { Rational } from './types.js';

describe('exact arithmetic', () => {
  it('⅓ × 3 is 1', () => expect(multiply('1/3', '3')).toBe('1'));
  it('0.1 + 0.2 is 3/10, not 0.30000000000000004', () => expect(add('1/10', '2/10')).toBe('3/10'));
  it('2 ÷ ⅔ is 3', () => expect(divide('2', '2/3')).toBe('3'));
  it('a short decimal becomes its exact fraction: 0.85 = 17/20', () =>
    expect(toRational(0.85)).toBe('17/20'));
  it('dividing by zero throws', () => expect(() => divide('1', '0')).toThrow());
  it('nearest number of 7/8', () => expect(toNumber('7/8')).toBe(0.875));
});

describe('showing', () => {
  it.each([
    ['3/4', '¾'],
    ['5/3', '1⅔'],
    ['2', '2'],
    ['9/8', '1⅛'],
    ['0', '0'],
    ['1000', '1000'],
    ['17/20', '0.85'],
    ['-1/2', '-½'],
    ['-3/2', '-1½'],
    ['-5/4', '-1¼'],
    ['1/100', '0.01'],
  ])('%s reads %s', (value, shown) => expect(showRational(value as Rational)).toBe(shown));
  it.each([
    [1234.5, '1235'],
    [123.4, '123'],
    [12.34, '12.3'],
    [1.234, '1.23'],
    [2, '2'],
  ])('%d reads %s', (value, shown) => expect(showNumber(value)).toBe(shown));
});
