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

/** Verbs of a step that are done to the foods named behind them. */
export const verbsOnFood: readonly (readonly [verb: RegExp, act: Act])[] = [
  [/^(?:dic|cub)(?:e|es|ing)$/, act('dice', 'diced')],
  [/^chop(?:s|ping)?$/, act('dice', 'chopped')],
  [/^(?:cut|cuts|halve|halves|quarter|quarters)$/, act('cut-in-pieces', 'cut')],
  [/^slic(?:e|es|ing)$/, act('slice', 'sliced')],
  [/^shred(?:s|ding)?$/, act('shred', 'shredded')],
  [/^shav(?:e|es|ing)$/, act('shave', 'shaved')],
  [/^(?:grate|grates|grating)$/, act('grate', 'grated')],
  [/^peel(?:s|ing)?$/, act('peel', 'peeled')],
  [/^seed(?:ing)?$/, act('seed', 'seeded')],
  [/^core$/, act('core-pepper', 'cored')],
  [/^(?:mince|crush|pound)$/, act('mince-garlic-ginger', 'crushed')],
  [/^(?:tear|crumble|flake|break)$/, act('tear-and-crumble', 'in pieces')],
  [/^(?:pick|strip)$/, act('strip-herbs', 'picked')],
  [/^(?:juice|squeeze)$/, act('juice-citrus', 'squeezed')],
  [/^zest$/, act('zest-before-juicing', 'zested')],
  [/^(?:fillet|segment)$/, act('fillet-citrus', 'in fillets')],
  [/^(?:wash|separate)$/, act('wash-and-dry-leaves', 'washed and dried')],
  [/^(?:drain|rinse)$/, act('drain-tins', 'drained')],
  [/^open$/, act('open-avocado', 'opened')],
  [/^mash$/, act('mash', 'mashed')],
  [/^(?:char|blister|blacken)$/, act('char-steam-peel', 'charred')],
];

/** Work on a batch as a whole. */
export const verbsOnBatch: readonly (readonly [verb: RegExp, act: Act])[] = [
  [/\bwhisk\b/i, act('whisk-dressing', 'to whisk')],
  [/\bshake\b/i, act('shake-dressing', 'to shake')],
  [/\b(?:blend|blitz|whizz?|process|purée|puree)\b/i, act('blend-dip', 'to blend')],
  [/\b(?:toss|dress)\b/i, act('toss', 'to toss')],
  [/\bfold\b/i, act('fold', 'to fold in')],
  [/\b(?:mix|stir|combine|beat)\b/i, act('mix', 'to mix')],
  [/\blayer\b/i, act('layer', 'to layer')],
  [/\b(?:arrange|lay|spread|plate|spoon|pile)\b/i, act('arrange', 'to lay out')],
  [/\b(?:scatter|top|drizzle|sprinkle|garnish|finish|strew)\b/i, act('garnish', 'to finish')],
  [/\b(?:taste|season|adjust)\b/i, act('taste-and-adjust', 'to taste and season')],
  [/(?:^|[.;,] |\b(?:and|then) )(?:soften|sweat)\b/i, act('soften-onion', 'to soften')],
  [/\btoast\b/i, act('toast-nuts-seeds', 'to toast')],
  [/\b(?:fry|sear|brown|griddle)\b/i, act('fry', 'to fry')],
];
