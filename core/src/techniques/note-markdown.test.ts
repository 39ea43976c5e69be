import { describe, expect, it } from 'vitest';
import { standardTechniques } from './data/notes.js';
import { readNoteMarkdown, writeNoteMarkdown } from './note-markdown.js';

describe('a note as Markdown', () => {
  it('every standard note comes back as it was', () => {
    for (const note of standardTechniques) {
      const { why, how, lookFor, goesWrong, caution, anotherWay } = note;
      expect(readNoteMarkdown(writeNoteMarkdown(note))).toEqual({
        why,
        how,
        lookFor,
        goesWrong,
        caution,
        anotherWay,
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
  it('there are at least 40 notes, each with its own id and title', () => {
    expect(standardTechniques.length).toBeGreaterThanOrEqual(40);
    for (const field of ['id', 'title'] as const)
      expect(new Set(standardTechniques.map((note) => note[field])).size).toBe(standardTechniques.length);
  });
});
