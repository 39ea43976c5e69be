import type { RecipeStep } from '../recipes/index.js';

/** What to take care of at the bench wherever a step is of its kind; it is no mistake of anybody's. */
interface BenchCaution {
  readonly id: string;
  readonly words: string;
  /** A technique note that says so already. */
  readonly said: RegExp;
  readonly isOf: (step: RecipeStep) => boolean;
}

const says = (words: RegExp) => (step: RecipeStep) => words.test(step.text);
const takes = (tool: RegExp) => (step: RecipeStep) => step.tools.some((each) => tool.test(each));
const onHeat = ({ occupies }: RecipeStep) =>
  occupies?.appliance === 'hob' || occupies?.appliance === 'griddle';

/** Kitchen cautions, the gravest first. The trade. */
export const benchCautions: readonly BenchCaution[] = [
  {
    id: 'hot-oil',
    words: 'Hot oil: only dry food goes in, a lid lies beside it, and never water on it.',
    said: /\bhot oil|\boil spits/i,
    isOf: says(/\b(?:deep|shallow)?[- ]?fr(?:y|ied|ying)\b/i),
  },
  {
    id: 'flame',
    words: 'Sleeves up, hair tied back; nobody leaves a flame.',
    said: /\bflame|sleeves/i,
    isOf: (step) =>
      says(/\b(?:char|flame|gas ring)\b/i)(step) || (onHeat(step) && says(/\b(?:fry|sear|char)/i)(step)),
  },
  {
    id: 'blades',
    words: 'Switch it off at the wall before you reach in; blades are never left in a full sink.',
    said: /\bblade|unplug/i,
    isOf: (step) => takes(/blender|food processor/)(step) || says(/\b(?:blend|blitz|whizz|process)\b/i)(step),
  },
  {
    id: 'mandoline',
    words: 'Guard on; stop while the last piece is still thick.',
    said: /\bguard\b/i,
    isOf: (step) => takes(/mandoline/)(step) || says(/\bmandoline\b/i)(step),
  },
  {
    id: 'hot-handles',
    words: 'Handles and trays from the oven stay hot: a dry cloth stays on them.',
    said: /\bhandle|oven glove|dry cloth/i,
    isOf: ({ occupies }) => occupies?.appliance === 'oven',
  },
  {
    id: 'steam',
    words: 'Lift lids and film away from you: steam burns.',
    said: /\bsteam\b/i,
    isOf: (step) =>
      says(/\b(?:cover|film|lid|steam)\b/i)(step) && (onHeat(step) || says(/\b(?:hot|boil|steam)/i)(step)),
  },
  {
    id: 'boiling-water',
    words: 'Carry and drain boiling water with a clear way to the sink, and tip it away from you.',
    said: /\bboiling water|tip it away/i,
    isOf: (step) => says(/\bdrain\b/i)(step) && (onHeat(step) || says(/\bboil/i)(step)),
  },
  {
    id: 'knives',
    words: 'Fingertips curled; a knife is carried point down and washed by itself.',
    said: /\bknife|knives|fingertips|curl/i,
    isOf: (step) =>
      takes(/board and knife/)(step) || says(/\b(?:slice|chop|dice|cut|halve|quarter)\b/i)(step),
  },
  {
    id: 'grater',
    words: 'Stop before your knuckles: the last bit is chopped.',
    said: /\bknuckle/i,
    isOf: (step) => takes(/grater/)(step) || says(/\bgrate\b/i)(step),
  },
  {
    id: 'mortar',
    words: 'The pestle is heavy: the mortar stands on a damp cloth, away from the edge.',
    said: /\bmortar\b/i,
    isOf: takes(/mortar/),
  },
  {
    id: 'shaken-jar',
    words: 'Lid tight, a cloth round the jar; nothing hot is shaken.',
    said: /\blid (?:is )?tight|cloth round/i,
    isOf: says(/\bshake\b/i),
  },
  {
    id: 'wet-floor',
    words: 'Wipe up what is spilt at once: a wet floor throws people.',
    said: /\bfloor\b/i,
    isOf: says(/\b(?:rinse|wash|spin|drain|squeeze)\b/i),
  },
];

/** No step carries more than so many at once. */
const mostAtAStep = 2;

/**
 * Kitchen cautions for the steps of a card, each once, at the first step it belongs to; `said` is what a step
 * is told already, and `before` what the card has said.
 */
export function benchCautionsFor(step: RecipeStep, said: string, before: Set<string>): string[] {
  const found = benchCautions.filter((caution) => !before.has(caution.id) && caution.isOf(step));
  const open = found.filter((caution) => !caution.said.test(said)).slice(0, mostAtAStep);
  for (const { id } of found.filter((each) => open.includes(each) || each.said.test(said))) before.add(id);
  return open.map(({ words }) => words);
}
