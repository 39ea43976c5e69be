import { verbNamed, verbNames } from '../../language/index.js';
import { type Act, type RecipeLine, type RecipeStep } from '../types.js';
import { actsOf } from './ask.js';
import { toAppliance } from './read.js';

/** Verbs that a person can say a step is done by, in the order of the alphabet. */
export const verbsToChoose: readonly string[] = [...verbNames].sort();

/** A step without one of its acts, as a person corrected it. */
export function withoutAct(step: RecipeStep, at: number): RecipeStep {
  return { ...step, acts: actsOf(step).filter((_, index) => index !== at), actsCorrected: true };
}

/** A step that does something more, as a person says. Throws where the lexicon has no such verb. */
export function withAct(step: RecipeStep, verb: string): RecipeStep {
  return { ...step, acts: [...actsOf(step), actByVerb(verb, step.text.length)], actsCorrected: true };
}

function actByVerb(name: string, at: number): Act {
  const verb = verbNamed(name);
  if (!verb) throw new Error(`The lexicon has no “${name}”.`);
  const appliance = toAppliance(verb.appliance);
  return {
    verb: name,
    kind: verb.act,
    ...(verb.kind === 'heat' && verb.heat && { way: verb.heat }),
    ...(appliance && { appliance }),
    // It stands nowhere in the text.
    words: [at, at],
  };
}

const waysInWords = { wet: 'in water or steam', fat: 'in fat', dry: 'by dry heat', any: 'heated' } as const;
const mostNamed = 2;

/** What an act is, in a few words: "fry onion, garlic in fat"; empty for one that only says a state. */
export function actInWords({ verb, way, foods = [] }: Act, lines: readonly RecipeLine[]): string {
  const names = foods.slice(0, mostNamed).flatMap((id) => lines.find((line) => line.id === id)?.name ?? []);
  return verb && [verb, names.join(', '), way ? waysInWords[way] : ''].filter(Boolean).join(' ');
}
