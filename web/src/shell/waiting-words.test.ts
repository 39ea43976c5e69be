import { expect, it } from 'vitest';
import { waitingWords } from './waiting-words.js';

const at = (day: number, hour = 12) => new Date(2026, 10, day, hour).getTime();

// 26 November 2026 is a Thursday.
it.each([
  [[at(26, 9)], '1 change from today waits on this device'],
  [[at(26, 9), at(24)], '2 changes from Tuesday wait on this device'],
  [[at(3)], '1 change from 3 November waits on this device'],
  [[0], '1 change waits on this device'],
])('%j: %s', (times, words) => expect(waitingWords(times, at(26))).toBe(words));
