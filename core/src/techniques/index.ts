export * from './types.js';
export { standardTechniques } from './data/notes.js';
export { standardRates } from './data/rates.js';
export { techniqueWords } from './words.js';
export { writeNoteMarkdown, readNoteMarkdown } from './note-markdown.js';
