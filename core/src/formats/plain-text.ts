import { convert } from 'html-to-text';
import { Parser } from 'htmlparser2';

/** Some pages write "&amp;frac12;" for ½. */
const twiceEscaped = /&amp;(?=#?\w+;)/g;

/** Only the words: no marks of lists, no addresses, no capitals, no line broken for its length. */
const wordsOnly = {
  wordwrap: false as const,
  preserveNewlines: true,
  selectors: [
    ...['script', 'style', 'noscript', 'template', 'img'].map((selector) => ({ selector, format: 'skip' })),
    ...['h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'li', 'tr', 'div', 'ul', 'ol', 'table'].map((selector) => ({
      selector,
      format: 'block',
    })),
    { selector: 'a', options: { ignoreHref: true } },
  ],
};

/**
 * The words of a piece of HTML, a line for each block; entities decoded, tags and scripts dropped. Nothing of
 * it is ever run.
 */
export function plainText(html: string): string {
  return convert(html.replace(twiceEscaped, '&'), wordsOnly)
    .split('\n')
    .map((line) => line.replace(/\s+/g, ' ').trim())
    .filter(Boolean)
    .join('\n');
}

/** The contents of every JSON-LD script in a saved web page. */
export function linkedDataIn(html: string): string[] {
  const found: string[] = [];
  let open = false;
  const parser = new Parser(
    {
      onopentag: (name, attributes) => {
        open = name === 'script' && /^application\/ld\+json\b/i.test(attributes.type?.trim() ?? '');
        if (open) found.push('');
      },
      ontext: (part) => {
        if (open) found[found.length - 1] += part;
      },
      onclosetag: () => {
        open = false;
      },
    },
    { decodeEntities: false },
  );
  parser.write(html);
  parser.end();
  return found;
}
