import { corpusOfRoles } from './reading-corpus.mjs';
import { judged, wholeTexts } from './judge-texts.mjs';
import { row } from './measure.mjs';

/**
 * How sentences of a method are told apart, by genre, with that genre left out of the training: how many are
 * right, how much work is taken for something else, and how much else for work.
 */
export async function benchReading() {
  const { trainRoles } = await import('../../core/dist/recipes/reading/train.js');
  const { roleOfSentence } = await import('../../core/dist/recipes/reading/roles.js');
  const all = await corpusOfRoles();
  const genres = [...new Set(all.map(({ genre }) => genre))];
  const counted = genres.map((genre) => {
    const weights = trainRoles(all.filter((each) => each.genre !== genre));
    const own = all.filter((each) => each.genre === genre);
    return countsOf(
      genre,
      own.map(({ role, text }) => ({ role, read: roleOfSentence(text, weights) })),
    );
  });
  for (const each of [...counted, summed(counted)]) row(`sentences, ${each.name}`, inWords(each));
  await benchTexts();
}

/** Whole texts: how many checks of each kind come out, and how many texts without a fault. */
async function benchTexts() {
  const { readRecipe } = await import('../../core/dist/index.js');
  const texts = wholeTexts().map((text) => judged(text, readRecipe));
  const checks = texts.flat();
  for (const kind of new Set(checks.map((each) => each.kind))) {
    const own = checks.filter((each) => each.kind === kind);
    row(`texts, ${kind}`, `${own.filter(({ ok }) => ok).length} of ${own.length}`);
  }
  const whole = texts.filter((all) => all.every(({ ok }) => ok)).length;
  row('texts without a fault', `${whole} of ${texts.length}`);
}

function countsOf(name, read) {
  const work = read.filter(({ role }) => role === 'step');
  const others = read.filter(({ role }) => role !== 'step');
  return {
    name,
    all: read.length,
    right: read.filter((each) => each.role === each.read).length,
    work: work.length,
    lost: work.filter((each) => each.read !== 'step').length,
    others: others.length,
    taken: others.filter((each) => each.read === 'step').length,
  };
}

function summed(counts) {
  const sum = (key) => counts.reduce((total, each) => total + each[key], 0);
  const keys = ['all', 'right', 'work', 'lost', 'others', 'taken'];
  return { name: 'every genre', ...Object.fromEntries(keys.map((key) => [key, sum(key)])) };
}

function inWords({ all, right, work, lost, others, taken }) {
  const steps = `${lost} of ${work} steps lost`;
  return `${right} of ${all} right; ${steps}; ${taken} of ${others} others taken for work`;
}
