/** Which form of a verb a word is: what is done, doing it, or what has been done to a thing. */
export type VerbForm = 'do' | 'doing' | 'done';

/** Short and closed by one consonant, which is doubled: chop, chopping. */
const doubles = /^[^aeiou]*[aeiou][^aeiouwxy]$/;
const sibilant = /(?:s|x|z|ch|sh)$/;

/** The regular forms of an English verb; of one of several words ("set aside") the first changes. */
export function formsOf(verb: string): Map<string, VerbForm> {
  const [stem, ...rest] = verb.split(' ') as [string, ...string[]];
  return new Map(formsOfWord(stem).map(([form, kind]) => [[form, ...rest].join(' '), kind]));
}

function formsOfWord(stem: string): [string, VerbForm][] {
  if (/[^aeiou]y$/.test(stem)) {
    const cut = stem.slice(0, -1);
    return forms(stem, `${cut}ies`, `${stem}ing`, `${cut}ied`);
  }
  const open = stem.endsWith('e')
    ? stem.slice(0, -1)
    : doubles.test(stem.slice(stem.lastIndexOf('-') + 1))
      ? stem + stem.at(-1)!
      : stem;
  return forms(stem, `${stem}${sibilant.test(stem) ? 'es' : 's'}`, `${open}ing`, `${open}ed`);
}

const forms = (stem: string, does: string, doing: string, done: string): [string, VerbForm][] => [
  [stem, 'do'],
  [does, 'do'],
  [doing, 'doing'],
  [done, 'done'],
];
