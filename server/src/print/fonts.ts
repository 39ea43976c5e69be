import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';

const files = createRequire(import.meta.url);

/**
 * Style sheets of the shipped fonts, the house's own first. Each says which signs it has, and only those that
 * a page needs are read. Together they have every script that names and recipes are mostly written in.
 */
const sheets: readonly (readonly [name: string, style: string])[] = [
  ['@fontsource/atkinson-hyperlegible-next', '400.css'],
  ['@fontsource/atkinson-hyperlegible-next', '700.css'],
  ['@fontsource/bricolage-grotesque', '700.css'],
  ['@fontsource/noto-sans', '400.css'],
  ['@fontsource/noto-sans', '700.css'],
  // Of the Arabic ones this writes whole letters into the file, not letters and their dots apart.
  ['@fontsource/vazirmatn', '400.css'],
  ['@fontsource/vazirmatn', '700.css'],
  ...['hebrew', 'devanagari', 'thai', 'sc', 'jp', 'kr', 'symbols'].map(
    (script) => [`@fontsource-variable/noto-sans-${script}`, 'wght.css'] as const,
  ),
  ['@fontsource/noto-sans-symbols-2', '400.css'],
  ['@fontsource-variable/noto-emoji', 'wght.css'],
];

export const fontSheets: readonly string[] = sheets.map(
  ([name, style]) => pathToFileURL(join(dirname(files.resolve(`${name}/package.json`)), style)).href,
);

const fallbacks = [
  'Noto Sans',
  'Vazirmatn',
  ...['Hebrew', 'Devanagari', 'Thai', 'SC', 'JP', 'KR', 'Symbols'].map(
    (script) => `Noto Sans ${script} Variable`,
  ),
  'Noto Sans Symbols 2',
  'Noto Emoji Variable',
]
  .map((name) => `'${name}'`)
  .join(', ');

/** The fonts of text and of headings, with those of other scripts behind them. */
export const textFonts = `'Atkinson Hyperlegible Next', ${fallbacks}, sans-serif`;
export const headingFonts = `'Bricolage Grotesque', ${fallbacks}, sans-serif`;
