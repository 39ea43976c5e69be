import { featuresOf, type RoleWeights, type SentenceRole, sentenceRoles } from './roles.js';

/** A sentence with what a cook would call it, and the kind of text that it is from. */
export interface LabelledSentence {
  readonly genre: string;
  readonly role: SentenceRole;
  readonly text: string;
}

/** Rows "genre|role|sentence". Throws where a row has no known role. */
export function labelledSentences(rows: string): LabelledSentence[] {
  return rows
    .trim()
    .split('\n')
    .map((row) => {
      const [genre, role, text] = row.split('|') as [string, string, string];
      const known = sentenceRoles.find((each) => each === role);
      if (!known || !text) throw new Error(`“${row}” has no role.`);
      return { genre, role: known, text };
    });
}

const rounds = 12;
/** Words that only one sentence has say nothing of others. */
const fewest = 2;
const digits = 100;

/**
 * Weights by an averaged perceptron: the same sentences in the same order give the same weights. A step taken
 * for something else weighs twice.
 */
export function trainRoles(sentences: readonly LabelledSentence[]): RoleWeights {
  const seen = new Map<string, number>();
  const all = sentences.map(({ role, text }) => ({
    role: sentenceRoles.indexOf(role),
    features: [...new Set(featuresOf(text))],
  }));
  for (const { features } of all) for (const each of features) seen.set(each, (seen.get(each) ?? 0) + 1);
  const weights = new Map<string, number[]>();
  const sums = new Map<string, number[]>();
  let turn = 0;
  const add = (feature: string, role: number, by: number) => {
    const row = weights.get(feature) ?? sentenceRoles.map(() => 0);
    const sum = sums.get(feature) ?? sentenceRoles.map(() => 0);
    row[role]! += by;
    sum[role]! += by * turn;
    weights.set(feature, row);
    sums.set(feature, sum);
  };
  for (let round = 0; round < rounds; round++)
    for (let index = 0; index < all.length; index++) {
      // Another order each round, and the same one every time.
      const { role, features } = all[(index * 7 + round * 13) % all.length]!;
      const known = features.filter((each) => seen.get(each)! >= fewest);
      const scores = sentenceRoles.map((_, at) =>
        known.reduce((sum, each) => sum + (weights.get(each)?.[at] ?? 0), 0),
      );
      const guess = scores.indexOf(Math.max(...scores));
      turn += 1;
      if (guess === role) continue;
      const by = role === 0 ? 2 : 1;
      for (const each of known) {
        add(each, role, by);
        add(each, guess, -by);
      }
    }
  const rowsLeft = [...weights].map(([feature, row]) => {
    const sum = sums.get(feature)!;
    return [
      feature,
      row.map((weight, at) => Math.round((weight - sum[at]! / turn) * digits) / digits),
    ] as const;
  });
  return Object.fromEntries(
    rowsLeft.filter(([, row]) => row.some((weight) => weight !== 0)).sort(([a], [b]) => (a < b ? -1 : 1)),
  );
}
