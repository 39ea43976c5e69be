import { verbsSaid } from '../../language/index.js';

const saysWhen = /^(?:while|when|once|as soon as|after|before)\b/i;
const behindSubject = /\b(?:to|and|or|i|you|we|they|it|can|will|should)\s*$/i;

/** "When it's warm not hot put in the lime": the work behind what is said of its moment. */
export function withoutWhen(text: string): string {
  if (!saysWhen.test(text)) return text;
  const work = verbsSaid(text).find(
    ({ at, form }) => form === 'do' && !behindSubject.test(text.slice(0, at)),
  );
  return work ? text.slice(work.at) : text;
}
