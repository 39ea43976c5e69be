import { expect, it } from 'vitest';
import { foldedName } from './folded-name.js';

it.each([
  ['Zoe\u0308  Quandt', 'zoë quandt'],
  [' ZOË QUANDT ', 'zoë quandt'],
  ['Strauß', 'STRAUSS'],
  ['Ａｄａ', 'ada'],
  ['A\u0000da', 'ada'],
])('“%s” is the same name as “%s”', (a, b) => expect(foldedName(a)).toBe(foldedName(b)));
it('Zoë and Zoe are two', () => expect(foldedName('Zoë')).not.toBe(foldedName('Zoe')));
