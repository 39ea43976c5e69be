export * from './types.js';
export { standardTechniques } from './data/notes.js';
export { standardRates } from './data/rates.js';
export { standardShown } from './data/shown.js';
export { suggestions, techniquesSuggested } from './suggested.js';
export { writeNoteMarkdown, readNoteMarkdown } from './note-markdown.js';
