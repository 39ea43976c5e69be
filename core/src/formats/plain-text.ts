import { convert } from 'html-to-text';
import { Parser } from 'htmlparser2';

/** Some pages write "&amp;frac12;" for ½. */
const twiceEscaped = /&amp;(?=#?\w+;)/g;

/** Only the words: no marks of lists, no addresses, no capitals, no line broken for its length. */
const wordsOnly = {
  wordwrap: false as const,
  preserveNewlines: true,
  // Deeper than any page is, and more than any recipe: what lies beyond is left out, and not walked.
  limits: { maxDepth: 60, maxChildNodes: 5000, maxInputLength: 400_000 },
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
  if (isTooDeep(html)) return '';
  return convert(html.replace(twiceEscaped, '&'), wordsOnly)
    .split('\n')
    .map((line) => line.replace(/\s+/g, ' ').trim())
    .filter(Boolean)
    .join('\n');
}

/** Elements that nothing lies in, or that end by themselves where the next of their kind begins. */
const shallow = new Set(
  'area base br col embed hr img input link meta source track wbr p li dt dd tr td th option'.split(' '),
);
const deepestPage = 1500;

/** Whether elements of a page lie deeper in each other than those of any page: it is not walked at all. */
export function isTooDeep(html: string): boolean {
  let depth = 0;
  for (const [, end, name] of html.matchAll(/<(\/?)([a-z][a-z0-9-]*)/gi)) {
    if (shallow.has(name!.toLowerCase())) continue;
    depth = end ? Math.max(0, depth - 1) : depth + 1;
    if (depth > deepestPage) return true;
  }
  return false;
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
