import type { VesselKind } from '../../class/index.js';
import { lookUp } from '../../identity/index.js';
import { doing, either, type RecipeStep, saying } from '../../recipes/index.js';

/** The tools of steps that hold food. */
const kindOfTool: Readonly<Record<string, VesselKind>> = {
  'large bowl': 'bowl',
  'small bowl': 'bowl',
  'medium bowl': 'bowl',
  'jar with lid': 'jar',
  'jug blender': 'jug blender',
  'stick blender': 'stick blender cup',
  'food processor': 'food processor',
  saucepan: 'pot',
  'large pot': 'pot',
  'frying pan': 'pan',
  'griddle pan': 'pan',
  'oven tray': 'tray',
  'serving dish': 'serving dish',
  'storage box': 'storage box',
};

/**
 * How a vessel is used: the share of it that may be filled, or the depth of one layer. Figures of the trade,
 * starting estimates.
 */
export interface Manner {
  readonly words: string;
  readonly share: number;
  readonly depthCentimetres?: number;
  readonly least?: number;
  readonly note: string;
}

const tossing: Manner = { words: 'toss', share: 1 / 2, note: 'Tossing wants a bowl of twice the volume.' };
const hotBlending: Manner = {
  words: 'blend hot',
  share: 1 / 3,
  least: 200,
  note: 'Hot food fills a blender to a third, the lid vented under a cloth, started slowly.',
};
const mannerOfKind: Readonly<Record<VesselKind, Manner>> = {
  bowl: { words: 'mix', share: 0.8, note: 'A bowl to mix in is four fifths full at most.' },
  jar: { words: 'shake', share: 2 / 3, note: 'A jar to shake is two thirds full at most.' },
  'jug blender': {
    words: 'blend',
    share: 2 / 3,
    least: 200,
    note: 'A jug blender is two thirds full at most, and its blades are covered.',
  },
  'stick blender cup': {
    words: 'blend',
    share: 2 / 3,
    least: 100,
    note: 'A stick blender wants a tall narrow vessel, two thirds full at most.',
  },
  'food processor': {
    words: 'chop fine',
    share: 2 / 3,
    least: 150,
    note: 'A processor is two thirds full at most.',
  },
  pot: { words: 'boil', share: 0.4, note: 'Food takes two fifths of a pot, the water the rest.' },
  pan: {
    words: 'one layer',
    share: 1,
    depthCentimetres: 1.5,
    note: 'What must brown or sear lies in one layer, about 1.5 cm deep.',
  },
  tray: {
    words: 'one layer',
    share: 1,
    depthCentimetres: 2.5,
    note: 'What roasts lies in one layer, about 2.5 cm deep.',
  },
  'serving dish': { words: 'plate', share: 0.9, note: 'A serving dish is nine tenths full at most.' },
  'storage box': { words: 'keep', share: 0.9, note: 'A box with a lid is nine tenths full at most.' },
};

/** How full a vessel of a kind may be and must be, when nothing special is done in it. */
export function usualManner(kind: VesselKind): Manner {
  return mannerOfKind[kind];
}

const tosses = doing('toss', 'fold', 'massage');
const isHot = either(doing('simmer', 'warm'), saying('hot', 'warm'));

export function mannerOf(kind: VesselKind, step: RecipeStep): Manner {
  if (
    kind === 'bowl' &&
    (tosses(step) || step.techniques.some((technique) => technique === 'toss' || technique === 'fold'))
  )
    return tossing;
  return kind === 'jug blender' && isHot(step) ? hotBlending : mannerOfKind[kind];
}

/** The vessels that a step's food is in, one after the other: those of its tools that hold food. */
export function vesselKindsOf(step: RecipeStep): VesselKind[] {
  return [...new Set(step.tools.flatMap((tool) => lookUp(kindOfTool, tool) ?? []))];
}
