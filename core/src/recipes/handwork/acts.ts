import type { Verb } from '../../language/index.js';
import type { Form } from '../../larder/index.js';

/** What is done to food, by the technique whose rates count for it and the word that says it is done. */
export interface Act {
  readonly technique: string;
  readonly done: string;
}

const act = (technique: string, done: string): Act => ({ technique, done });

/** What hands do for a form that a line asks for; forms that heat or time gives are none. */
export const actOfForm: Readonly<Partial<Record<Form, Act>>> = {
  diced: act('dice', 'diced'),
  cubed: act('dice', 'diced'),
  matchsticks: act('dice', 'in matchsticks'),
  chopped: act('dice', 'chopped'),
  minced: act('mince-garlic-ginger', 'minced'),
  crushed: act('mince-garlic-ginger', 'crushed'),
  sliced: act('slice', 'sliced'),
  shredded: act('shred', 'shredded'),
  shaved: act('shave', 'shaved'),
  grated: act('grate', 'grated'),
  peeled: act('peel', 'peeled'),
  seeded: act('seed', 'seeded'),
  cored: act('core-pepper', 'cored'),
  halved: act('cut-in-pieces', 'halved'),
  quartered: act('cut-in-pieces', 'quartered'),
  wedges: act('cut-in-pieces', 'in wedges'),
  florets: act('cut-in-pieces', 'in florets'),
  torn: act('tear-and-crumble', 'torn'),
  crumbled: act('tear-and-crumble', 'crumbled'),
  stripped: act('strip-herbs', 'picked'),
  leaves: act('strip-herbs', 'picked'),
  juiced: act('juice-citrus', 'juiced'),
  zested: act('zest-before-juicing', 'zested'),
  segmented: act('fillet-citrus', 'in fillets'),
  washed: act('wash-and-dry-leaves', 'washed and dried'),
  drained: act('drain-tins', 'drained'),
  rinsed: act('drain-tins', 'drained'),
  mashed: act('mash', 'mashed'),
};

/** Work on a batch as a whole is named by what is still to do: "to toss". */
const isOnBatch = ({ named }: Verb) => named.startsWith('to ');

const actOf = ({ rate, named }: Verb): Act => act(rate, named);

/** What a verb does to the foods named behind it; null where it does nothing that is counted. */
export function actOnFood(verb: Verb): Act | null {
  return verb.rate && !isOnBatch(verb) ? actOf(verb) : null;
}

/** What a verb does to a batch as a whole; null where it is none such. */
export function actOnBatch(verb: Verb): Act | null {
  return verb.rate && isOnBatch(verb) ? actOf(verb) : null;
}

/** A piece of the work of a step, for the recipe as written, in minutes of practised hands. */
export interface WorkPart {
  /** "cucumbers, seeded"; "to whisk". */
  readonly what: string;
  /** How much of it, "3" or "500 g"; empty for what counts by the batch. */
  readonly amount: number | null;
  readonly unit: string;
  readonly minutes: number;
  /** Whether it grows with the amount; what counts by the batch does not. */
  readonly grows: boolean;
}
