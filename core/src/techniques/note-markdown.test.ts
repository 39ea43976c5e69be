import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { standardTechniques } from './data/notes.js';
import { standardRates } from './data/rates.js';
import { readNoteMarkdown, writeNoteMarkdown } from './note-markdown.js';

describe('a note as Markdown', () => {
  it('every standard note comes back as it was', () => {
    for (const note of standardTechniques) {
      const { why, how, lookFor, goesWrong, caution, anotherWay, rates } = note;
      expect(readNoteMarkdown(writeNoteMarkdown(note))).toEqual({
        why,
        how,
        lookFor,
        goesWrong,
        caution,
        anotherWay,
        ...(rates ? { rates } : {}),
      });
    }
  });
  it('bullets, plain arrows, wrapped lines and missing parts are understood', () => {
    expect(
      readNoteMarkdown(
        'It is **crisp**.\n\n# HOW\n- Cut.\n- Salt it\n  and wait.\n## ' +
          'Goes wrong\n* Limp -> Ice water\n## Colour\nGreen',
      ),
    ).toEqual({
      why: 'It is **crisp**.\n\nColour\nGreen',
      how: ['Cut.', 'Salt it and wait.'],
      lookFor: '',
      goesWrong: [{ wrong: 'Limp', mend: 'Ice water' }],
      caution: '',
      anotherWay: '',
    });
  });
  it('minutes are lines of a food and a rate; what is none is left out', () =>
    expect(
      readNoteMarkdown(
        '## Minutes\n- spring onion: 0,5 min a piece\n- any food: 0.8 min for 100 g\n' +
          '- Own thing: 2 minutes a batch\n- slowly',
      ).rates,
    ).toEqual([
      { food: 'spring-onion', minutes: 0.5, per: 'piece' },
      { food: '', minutes: 0.8, per: '100 g' },
      { food: 'own-thing', minutes: 2, per: 'batch' },
    ]));
  it('rates are of foods that the larder knows', () => {
    const foods = Object.values(standardRates).flatMap((rates) => rates.map(({ food }) => food));
    expect(foods.filter((food) => food !== '' && !standardLarder.ingredients.has(food))).toEqual([]);
  });
  it('there are at least 40 notes, each with its own id and title', () => {
    expect(standardTechniques.length).toBeGreaterThanOrEqual(40);
    for (const field of ['id', 'title'] as const)
      expect(new Set(standardTechniques.map((note) => note[field])).size).toBe(standardTechniques.length);
  });
});
