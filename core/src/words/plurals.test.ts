import { describe, expect, it } from 'vitest';
import { isPlural } from './plurals.js';

describe('names that speak of several', () => {
  it.each([
    ['dried white beans', true],
    ['frozen peas', true],
    ['yoghurt', false],
    ['couscous', false],
    ['watercress', false],
    ['pear', false],
  ])('%s: %s', (name, plural) => expect(isPlural(name)).toBe(plural));
});
