import { cueTable, folded, rowsOf, verbsSaid } from '../../language/index.js';
import { readTimes } from '../intake/step/times.js';
import { roleCuesTable } from './data/role-cues.js';
import { roleWeightsTable } from './data/role-weights.js';

/**
 * What a sentence of a method is: work, how long the result keeps, another way to do it, what to do where it
 * goes wrong, what to eat it with, a remark on the work, or chatter.
 */
export const sentenceRoles = ['step', 'keeping', 'way', 'rescue', 'serving', 'aside', 'chatter'] as const;
export type SentenceRole = (typeof sentenceRoles)[number];

/** Weights of features by role, as training leaves them. */
export type RoleWeights = Readonly<Record<string, readonly number[]>>;

const roleWeights: RoleWeights = Object.fromEntries(
  roleWeightsTable
    .trim()
    .split('\n')
    .filter(Boolean)
    .map((row) => {
      const at = row.lastIndexOf('|');
      return [
        row.slice(0, at),
        row
          .slice(at + 1)
          .split(' ')
          .map(Number),
      ];
    }),
);

const cues = cueTable(roleCuesTable);
const cueNames = rowsOf<'cue' | 'words' | 'not'>(roleCuesTable).map(({ cue }) => cue);
const askCues = cueNames.map((name) => [name, cues.has(name)] as const);

const pronouns: ReadonlySet<string> = new Set(['i', 'it', 'this', 'they', 'that', 'we', 'you', 'my', 'your']);
/** Said before the work. */
const leadIn = /^(?:(?:and|so|now|then|next|first|finally|meanwhile|right|okay|\d{1,2}[.)])[, ]+)*/;
const shortest = 4;
const longest = 14;

const plainOf = (sentence: string) =>
  folded(sentence)
    .replaceAll('’', "'")
    .replace(/^[([]+/, '')
    .replace(leadIn, '');

/** What is seen of a sentence: its cues, how it begins, what is done in it, and its words. */
export function featuresOf(sentence: string): string[] {
  const plain = plainOf(sentence);
  const words = plain.match(/[a-z']+/g) ?? [];
  const said = verbsSaid(plain).filter(({ form }) => form === 'do');
  const [first] = said;
  return [
    'any',
    ...askCues.flatMap(([name, has]) => (has(plain) ? [`cue ${name}`] : [])),
    `begins ${first?.at === 0 ? 'with work' : pronouns.has(words[0] ?? '') ? words[0]! : 'otherwise'}`,
    ...(first?.at === 0 ? [`work ${first.verb.act}`] : []),
    `works ${Math.min(said.length, 3)}`,
    ...(words.length < shortest ? ['short'] : words.length > longest ? ['long'] : []),
    ...(/\d/.test(plain) ? ['number'] : []),
    ...(sentence.trim().endsWith('?') || /^[^.!]{3,40}\?/.test(sentence) ? ['asks'] : []),
    ...(sentence.includes('!') ? ['calls'] : []),
    ...words.map((word) => `word ${word}`),
    ...words.slice(1).map((word, index) => `pair ${words[index]} ${word}`),
    `first ${words[0] ?? ''}`,
  ];
}

/** The score of each role for a sentence. */
function scoresOf(sentence: string, weights: RoleWeights): number[] {
  const scores = sentenceRoles.map(() => 0);
  for (const feature of featuresOf(sentence))
    weights[feature]?.forEach((weight, index) => (scores[index]! += weight));
  return scores;
}

/**
 * How much surer than work another role must be: a lost step does more harm than a remark on the clock. Set
 * by what was lost of sentences that were left out of the training.
 */
const surer = 3;

/** What begins with what is done is hardly ever a remark: "Mash with a fork, never a machine." */
const surerOfWork = 6;

function measureOf(sentence: string): number {
  const [first] = verbsSaid(plainOf(sentence));
  const beginsWithWork = first?.at === 0 && first.form === 'do' && !startsOtherwise.has(first.verb.act);
  return beginsWithWork ? surerOfWork : surer;
}

/**
 * Whether a sentence is work whatever else it says: it begins with what is done, and says how long or does
 * more than one thing. "Salt them, leave half an hour, squeeze them out - don't skip this."
 */
function isSurelyWork(sentence: string): boolean {
  const plain = plainOf(sentence);
  const done = verbsSaid(plain).filter(({ form }) => form === 'do');
  // "Use within 48 hours", "hold below 5 °C for up to 3 days" say how long it is good.
  if (done[0]?.at !== 0 || startsOtherwise.has(done[0].verb.act) || saysKeeps(plain)) return false;
  return (
    done[0].verb.act === 'serve' ||
    done.length > 2 ||
    readTimes(sentence).some(({ kind }) => kind === 'wait' || kind === 'work')
  );
}

const saysKeeps = cues.has('keeps');

/** What is kept, and what is only served with, may be no work of this class. */
const startsOtherwise: ReadonlySet<string> = new Set(['keep', 'add']);

/** Of what has no cue at all nothing is known but that it stands in a method. */
function hasCue(sentence: string): boolean {
  const plain = plainOf(sentence);
  return askCues.some(([, has]) => has(plain));
}

/** What a sentence of a method is, by the weights that were learned. */
export function roleOfSentence(sentence: string, weights: RoleWeights = roleWeights): SentenceRole {
  if (isSurelyWork(sentence) || !hasCue(sentence)) return 'step';
  const scores = scoresOf(sentence, weights);
  const best = scores.indexOf(Math.max(...scores));
  return scores[best]! >= scores[0]! + measureOf(sentence) ? sentenceRoles[best]! : 'step';
}

/** A reading of a sentence that nearly was another: what it was taken for, and what it may be besides. */
export interface NearRole {
  readonly role: SentenceRole;
  readonly other: SentenceRole;
}

/** So much nearer than the measure by which another role wins over work, a role is as good as sure. */
const near = 1.5;

/** Between work and what is none, whether a sentence was a near thing; null where it is sure. */
export function nearRole(sentence: string): NearRole | null {
  if (isSurelyWork(sentence) || !hasCue(sentence)) return null;
  const scores = scoresOf(sentence, roleWeights);
  const others = scores.slice(1);
  const best = 1 + others.indexOf(Math.max(...others));
  const margin = scores[best]! - scores[0]! - measureOf(sentence);
  if (Math.abs(margin) > near) return null;
  const other = sentenceRoles[best]!;
  return margin >= 0 ? { role: other, other: 'step' } : { role: 'step', other };
}
