import { Parser } from 'htmlparser2';

const blocks = new Set(['p', 'br', 'li', 'div', 'h1', 'h2', 'h3', 'h4', 'tr']);
const unseen = new Set(['script', 'style', 'noscript', 'template']);

/** Some pages write "&amp;frac12;" for ½. */
const twiceEscaped = /&amp;#?\w+;/;

/**
 * The words of a piece of HTML, a line for each block; entities decoded, tags and scripts dropped. Nothing of
 * it is ever run.
 */
export function plainText(html: string): string {
  let text = '';
  let hidden = 0;
  const parser = new Parser(
    {
      onopentag: (name) => {
        if (unseen.has(name)) hidden++;
        if (blocks.has(name)) text += '\n';
      },
      ontext: (part) => {
        if (hidden === 0) text += part;
      },
      onclosetag: (name) => {
        if (unseen.has(name)) hidden = Math.max(0, hidden - 1);
        if (blocks.has(name)) text += '\n';
      },
    },
    { decodeEntities: true },
  );
  parser.write(twiceEscaped.test(html) ? html.replace(/&amp;(?=#?\w+;)/g, '&') : html);
  parser.end();
  return text
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
