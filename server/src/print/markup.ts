/** A piece of a page that is markup already; all else is text and is escaped as it is put in. */
export class Markup {
  constructor(readonly text: string) {}
}

type Part = Markup | string | number | false | null | readonly Part[];

const escapes: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** Writes markup: html`<p>${text}</p>`. What is put in is text, unless it was written so itself. */
export function html(parts: TemplateStringsArray, ...put: readonly Part[]): Markup {
  return new Markup(parts.reduce((sum, part, at) => sum + written(put[at - 1]!) + part));
}

function written(part: Part): string {
  if (part === null || part === false) return '';
  if (part instanceof Markup) return part.text;
  if (typeof part === 'object') return part.map(written).join('');
  return String(part).replace(/[&<>"']/g, (sign) => escapes[sign]!);
}
