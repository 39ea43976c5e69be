import { doing, either, inOneAct, isDone, not, type RecipeStep, saying, textSays } from '../recipes/index.js';

/** What to take care of at the bench wherever a step is of its kind; it is no mistake of anybody's. */
interface BenchCaution {
  readonly id: string;
  readonly words: string;
  /** A technique note that says so already. */
  readonly said: (text: string) => boolean;
  readonly isOf: (step: RecipeStep) => boolean;
}

/** Whether a tool of the step goes by one of some names. */
const takes = (...names: string[]) => {
  const says = textSays(...names);
  return (step: RecipeStep) => step.tools.some(says);
};
const onHeat = ({ occupies }: RecipeStep) =>
  occupies?.appliance === 'hob' || occupies?.appliance === 'griddle';

const isCovered = either(doing('cover', 'steam'), saying('cover', 'steam'));
const isHot = either(doing('boil', 'steam'), saying('hot', 'steam'));
const drains = doing('drain');
const boils = either(doing('wet heat'), saying('hot'));

const saysHotSugar = textSays('hot sugar');

/** Kitchen cautions, the gravest first. The trade. */
export const benchCautions: readonly BenchCaution[] = [
  {
    id: 'hot-oil',
    words: 'Hot oil: only dry food goes in, a lid lies beside it, and never water on it.',
    said: textSays('hot oil', 'spits'),
    isOf: doing('fry'),
  },
  {
    id: 'hot-sugar',
    words:
      'Melted sugar is far hotter than boiling water: nobody touches or tastes it, cold water stands by.',
    said: textSays('hot sugar'),
    isOf: (step) => saysHotSugar(step.text) && onHeat(step),
  },
  {
    id: 'flame',
    words: 'Sleeves up, hair tied back; nobody leaves a flame.',
    said: textSays('flame', 'sleeves'),
    isOf: either(doing('char', 'blister', 'blacken', 'fry'), saying('flame')),
  },
  {
    id: 'blades',
    words: 'Switch it off at the wall before you reach in; blades are never left in a full sink.',
    said: textSays('blades'),
    isOf: either(takes('blender', 'stick blender'), doing('blend')),
  },
  {
    id: 'mandoline',
    words: 'Guard on; stop while the last piece is still thick.',
    said: textSays('guard'),
    isOf: either(takes('mandoline'), saying('mandoline')),
  },
  {
    id: 'hot-handles',
    words: 'Handles and trays from the oven stay hot: a dry cloth stays on them.',
    said: textSays('handles'),
    isOf: ({ occupies }) => occupies?.appliance === 'oven',
  },
  {
    id: 'steam',
    words: 'Lift lids and film away from you: steam burns.',
    said: textSays('steam'),
    isOf: (step) => isCovered(step) && (onHeat(step) || isHot(step)),
  },
  {
    id: 'boiling-water',
    words: 'Carry and drain boiling water with a clear way to the sink, and tip it away from you.',
    said: textSays('boiling water'),
    isOf: (step) => drains(step) && (onHeat(step) || boils(step)),
  },
  {
    id: 'knives',
    words: 'Fingertips curled; a knife is carried point down and washed by itself.',
    said: textSays('knife'),
    isOf: either(takes('knife'), inOneAct(isDone('cut'), not(isDone('grate', 'shave', 'snip')))),
  },
  {
    id: 'grater',
    words: 'Stop before your knuckles: the last bit is chopped.',
    said: textSays('knuckles'),
    isOf: either(takes('grater'), doing('grate')),
  },
  {
    id: 'mortar',
    words: 'The pestle is heavy: the mortar stands on a damp cloth, away from the edge.',
    said: textSays('mortar'),
    isOf: takes('mortar'),
  },
  {
    id: 'shaken-jar',
    words: 'Lid tight, a cloth round the jar; nothing hot is shaken.',
    said: textSays('tight lid'),
    isOf: doing('shake'),
  },
  {
    id: 'wet-floor',
    words: 'Wipe up what is spilt at once: a wet floor is slippery.',
    said: textSays('floor'),
    isOf: doing('wash', 'spin', 'drain', 'squeeze'),
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
  const open = found.filter((caution) => !caution.said(said)).slice(0, mostAtAStep);
  for (const { id } of found.filter((each) => open.includes(each) || each.said(said))) before.add(id);
  return open.map(({ words }) => words);
}
