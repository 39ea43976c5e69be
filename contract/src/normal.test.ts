import { describe, expect, it } from 'vitest';
import { normalBody, normalText } from './normal.js';

describe('the one form in which texts are kept', () => {
  it.each([
    ['Zoe\u0308', 'Zoë'],
    ['A\u0000da', 'Ada'],
    ['Bell\u007f\u009f', 'Bell'],
    ['two\nlines\tand a tab', 'two\nlines\tand a tab'],
    ['👩‍🍳 नमस्ते', '👩‍🍳 नमस्ते'],
  ])('of “%s” is “%s”', (text, normal) => expect(normalText(text)).toBe(normal));
  it('reaches every text of a body, and leaves the rest', () => {
    const body = { name: 'Zoe\u0308', needs: ['nu\u0000ts', 3, null, { why: 'e\u0301' }], is: true };
    expect(normalBody(body)).toEqual({ name: 'Zoë', needs: ['nuts', 3, null, { why: 'é' }], is: true });
  });
});
