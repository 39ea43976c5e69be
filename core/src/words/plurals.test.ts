import { describe, expect, it } from 'vitest';
import { counted, isPlural } from './plurals.js';

describe('names that speak of several', () => {
  it.each([
    ['dried white beans', true],
    ['frozen peas', true],
    ['yoghurt', false],
    ['couscous', false],
    ['watercress', false],
    ['pear', false],
    ['asparagus', false],
    ['pomegranate molasses', false],
    ['cooked octopus', false],
    ['bay leaves', true],
  ])('%s: %s', (name, plural) => expect(isPlural(name)).toBe(plural));
});

describe('counts with their things', () => {
  it.each([
    [1, 'class', '1 class'],
    [2, 'bunch', '2 bunches'],
    [3, 'loaf', '3 loaves'],
    [0, 'person', '0 people'],
    [4, 'leaf', '4 leaves'],
  ])('%i %s: %s', (count, name, wanted) => expect(counted(count, name)).toBe(wanted));
});
