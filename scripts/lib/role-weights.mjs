import { corpusOfRoles } from './reading-corpus.mjs';

/** The module of the weights as they are learned from the corpus now: the same corpus gives the same text. */
export async function roleWeightsModule() {
  const { trainRoles } = await import('../../core/dist/recipes/reading/train.js');
  const weights = Object.entries(trainRoles(await corpusOfRoles()));
  const rows = weights.map(([feature, row]) => `${feature}|${row.join(' ')}`);
  const head = '/** Written from corpus/roles.txt by npm run train. */\nexport const roleWeightsTable = `\n';
  return `${head}${rows.join('\n')}\n\`;\n`;
}
