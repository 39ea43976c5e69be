import { describe, expect, it } from 'vitest';
import { lineCuesTable } from '../recipes/intake/data/line-cues.js';
import { rowCuesTable } from '../recipes/intake/data/row-cues.js';
import { sayingsTable } from '../recipes/intake/data/sayings.js';
import { roleCuesTable } from '../recipes/reading/data/role-cues.js';
import { cueTable } from './cues.js';
import { phrasePattern } from './phrase-pattern.js';
import { rowsOf } from './table.js';

const says = (cell: string, text: string) => phrasePattern(cell, '')!.test(text);

describe('phrases of a table', () => {
  it.each([
    ['a star for any letters', 'leek*', 'two leeks', true],
    ['a whole word without one', 'leek', 'two leeks', false],
    ['a number', '# ml', 'of 60 ml', true],
    ['a word that may be left out', 'the? lid', 'lid off', true],
    ['and may stand there', 'the? lid', 'the lid off', true],
    ['either of several words', 'in|through', 'stir through', true],
    ['a hyphen for a space', 'stir fry', 'stir-fry it', true],
    ['words without a comma', 'dice the . finely', 'dice the red onion finely', true],
    ['but not over one', 'dice the . finely', 'dice the onion, finely', false],
    ['words of the clause', 'cover .. oil', 'cover well, with the oil', true],
    ['but not of the next', 'cover .. oil', 'cover; oil', false],
    ['words of the sentence', 'whisk ... oil', 'whisk the yolks; then the oil', true],
    ['but not of the next sentence', 'whisk ... oil', 'whisk. add the oil', false],
    ['every form of a verb', '<slice>', 'slicing it', true],
    ['but not what was done', '<slice>', 'the sliced onion', false],
    ['any verb of a kind', '<blend*>', 'whizz it', true],
    ['the beginning of the text', '^ add', 'then add', false],
    ['the end of a clause', 'toss $', 'and toss, then serve', true],
    ['which is not in its midst', 'toss $', 'toss the leaves', false],
    ['of two that begin alike the longer', 'rest;rest of it', 'the rest of it', true],
  ])('%s: “%s” in “%s”', (_, cell, text, expected) => expect(says(cell, text)).toBe(expected));

  it('has no pattern for an empty cell, and none for a verb that nobody knows', () => {
    expect(phrasePattern('')).toBeNull();
    expect(() => phrasePattern('<frobnicate>')).toThrow('The lexicon has no “frobnicate”.');
  });
});

describe('a table of cues', () => {
  const cues = cueTable(`cue,words,not
cold,fridge;cold,cold water
heading,method;the method,
spoon,a spoon,
`);
  it('has its words, unless others say that something else is meant', () => {
    const isCold = cues.has('cold');
    expect([isCold('In the FRIDGE'), isCold('cold water in the fridge'), isCold('warm')]).toEqual([
      true,
      false,
      false,
    ]);
  });
  it('is nothing else but its words and marks', () => {
    const is = cues.is('heading');
    expect(['## Method:', 'The méthod', 'method of work'].map(is)).toEqual([true, true, false]);
    expect(cues.is('spoon', { before: '(?:only )?', behind: '(?:ful)?' })('only a spoonful')).toBe(false);
    expect(cues.is('spoon', { behind: ' of oil' })('a spoon of oil')).toBe(true);
  });
  it('begins and ends with them, and tells where they stand', () => {
    expect(cues.starts('cold', ' box')('fridge box')).toBe(true);
    expect(cues.starts('cold')('the fridge')).toBe(false);
    expect(cues.ends('cold')('from the fridge ')).toBe(true);
    expect(cues.at('cold')('in the fridge')).toEqual([7, 13]);
    expect(cues.at('cold')('warm')).toBeNull();
    expect(cues.atEnd('spoon')('add a spoon')).toBe(4);
    expect(cues.count('cold')('fridge, cold, fridge')).toBe(3);
    expect('a cold fridge'.replace(cues.every('cold'), '-')).toBe('a - -');
  });
  it('throws for a cue that it does not have', () =>
    expect(() => cues.has('hot')).toThrow('No cue “hot” stands in the table.'));
});

describe('the tables of cues', () => {
  // Expressions are made when they are first asked: a verb that nobody knows must not wait for that.
  it.each([
    ['of lines', lineCuesTable],
    ['of rows', rowCuesTable],
    ['of sayings', sayingsTable],
    ['of what a sentence is', roleCuesTable],
  ])('every cell %s makes an expression', (_, table) => {
    const rows = rowsOf<'cue' | 'words' | 'not'>(table);
    expect(rows.length).toBeGreaterThan(20);
    for (const { cue } of rows) expect(typeof cueTable(table).has(cue)('nothing of it')).toBe('boolean');
  });
});
