import { verbsSaid } from './verbs.js';

const sign = /\buntil [^.;,]+/i;
const goesOn = /\s+(?:and|then|and then)\s+$/i;

/**
 * The sign that ends what a text does, from "until" on: without the work that follows it in the same breath,
 * as in "until chewy and drain". Empty where it says none.
 */
export function untilSaid(text: string): string {
  const found = sign.exec(text);
  if (!found) return '';
  const end = found.index + found[0].length;
  const next = verbsSaid(text).find(
    ({ verb, form, at }) =>
      at > found.index &&
      at < end &&
      form === 'do' &&
      verb.heat === '' &&
      goesOn.test(text.slice(found.index, at)),
  );
  return text
    .slice(found.index, next?.at ?? end)
    .replace(goesOn, '')
    .trim();
}
