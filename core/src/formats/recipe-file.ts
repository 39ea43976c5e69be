import { isFornaxRecipes, readFornaxRecipes } from './fornax-json.js';
import { readJsonLd, type ReadingOptions } from './json-ld.js';
import { readMarkdown } from './markdown.js';
import { largestFileBytes, refuse, type FileReading } from './types.js';

/**
 * Reads recipes from a file by what it holds, not by its name: Fornax's own JSON, schema.org JSON-LD, a saved
 * web page with it, or Markdown and plain text. Refuses what is too large, empty or no text, with the reason.
 * Never throws on a file's contents.
 */
export function readRecipeFile(text: string, options: ReadingOptions): FileReading {
  if (text.length > largestFileBytes)
    return refuse('This file is larger than 5 MB, more than any recipe: leave pictures out, or split it.');
  if (text.trim() === '') return refuse('This file is empty.');
  if (text.slice(0, 4000).includes('\u0000'))
    return refuse('This file is no text: choose a web page, a JSON or a Markdown file.');
  if (isFornaxRecipes(text)) return readFornaxRecipes(text);
  if (/^\s*[[{]/.test(text) || /<(?:!doctype|html|head|body|script)\b/i.test(text.slice(0, 20_000)))
    return readJsonLd(text, options);
  return readMarkdown(text, options);
}
