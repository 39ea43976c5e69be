import { describe, expect, it } from 'vitest';
import { readParts } from './index.js';

describe('parts as people say them', () => {
  it.each([
    ['three parts acid to one part oil', 1, 3],
    ['3 parts oil to 1 part vinegar', 3, 1],
    ['two of olive oil to one of lemon juice', 2, 1],
    ['one part vinegar to three', 3, 1],
    ['oil to vinegar 3:1', 3, 1],
    ['vinegar and oil, 1 : 3', 3, 1],
    ['½ lemon to 1 oil', 1, 0.5],
    ['2,5 oil : 1 red wine vinegar', 2.5, 1],
    // The same whichever is meant.
    ['one to one', 1, 1],
    ['equal parts', 1, 1],
  ])('“%s” is %d oil to %d acid', (text, oil, acid) =>
    expect(readParts(text)).toEqual({ kind: 'known', oil, acid }),
  );
  it.each(['three to one', '3:1', '1 : 3', '3 parts to 1'])('“%s” is asked about', (text) =>
    expect(readParts(text)).toMatchObject({ kind: 'open', question: expect.stringContaining('both ways') }),
  );
  it.each(['', 'some oil', '3 oil : 1 oil', '0 oil : 1 vinegar', '1 part honey to 2 parts oil'])(
    '“%s” is no ratio of oil and acid',
    (text) => expect(readParts(text).kind).toBe('none'),
  );
});
