import { actKinds, phraseNames, phrasesSaid, verbNamed, verbNames, verbsSaid } from '../../language/index.js';
import { cacheByText } from '../../identity/index.js';
import type { Act, RecipeLine, RecipeStep } from '../types.js';
import { readActs } from './read.js';

/** What is asked about: a step with its acts, or one whose text is read now. */
export type ActingStep = Pick<RecipeStep, 'text' | 'acts'>;

const knownVerbs = new Set(verbNames);
/** States that verbs leave, beside those of the tables. */
const leftStates = new Set(verbNames.flatMap((name) => [name, verbNamed(name)!.state]));

const mostTexts = 2000;
const actsByText = cacheByText(mostTexts, (text) => readActs(text));

/** What a step does, as it is stored with it, or where it is not, as its text says. */
export function actsOf({ text, acts }: ActingStep): readonly Act[] {
  return acts ?? actsByText(text);
}

type AskAct = (act: Act) => boolean;

/**
 * Whether an act is one of some verbs or kinds of work. Throws where the lexicon has no such word, so that a
 * question that nothing can answer is found when it is written.
 */
export function isDone(...verbsOrKinds: readonly string[]): AskAct {
  for (const each of verbsOrKinds)
    if (!knownVerbs.has(each) && !actKinds.includes(each)) throw new Error(`The lexicon has no “${each}”.`);
  const wanted = new Set(verbsOrKinds);
  return ({ verb, kind }) => wanted.has(verb) || wanted.has(kind);
}

/** Whether an act says some state, place, vessel or thing of the lexicon. Throws as isDone does. */
export function isSaid(...names: readonly string[]): AskAct {
  for (const each of names)
    if (!phraseNames.has(each) && !leftStates.has(each)) throw new Error(`The lexicon has no “${each}”.`);
  const wanted = new Set(names);
  return ({ states, places, vessels, things }) =>
    [states, places, vessels, things].some((list) => list?.some((each) => wanted.has(each)));
}

/** Whether some act of a step is one of some verbs or kinds of work. */
export function doing(...verbsOrKinds: readonly string[]): (step: ActingStep) => boolean {
  const is = isDone(...verbsOrKinds);
  return (step) => actsOf(step).some(is);
}

/** Whether some act of a step says one of some states, places, vessels or things. */
export function saying(...names: readonly string[]): (step: ActingStep) => boolean {
  const is = isSaid(...names);
  return (step) => actsOf(step).some(is);
}

/** Whether one act of a step is all of what is asked. */
export function inOneAct(...asked: readonly AskAct[]): (step: ActingStep) => boolean {
  return (step) => actsOf(step).some((act) => asked.every((is) => is(act)));
}

/** Whether a step is what one of several questions asks. */
export function either<Step>(...asked: readonly ((step: Step) => boolean)[]): (step: Step) => boolean {
  return (step) => asked.some((ask) => ask(step));
}

export function not<Asked>(ask: (asked: Asked) => boolean): (asked: Asked) => boolean {
  return (asked) => !ask(asked);
}

/** The hottest that a step is set to, in degrees as it says them; 0 where it says none. */
export function degreesOf(step: ActingStep & Pick<RecipeStep, 'occupies'>): number {
  const settings = [step.occupies?.setting ?? '', ...actsOf(step).map(({ heat }) => heat ?? '')];
  return Math.max(...settings.map((each) => Number(/(\d{2,3}) ?°/.exec(each)?.[1] ?? 0)));
}

/** Whether a step names a food by one of its longer words: "the chicken" for chicken thighs. */
export function namesFood({ text }: Pick<RecipeStep, 'text'>, name: string): boolean {
  const words = name.toLowerCase().match(/[a-zé]{4,}/g) ?? [];
  const said = text.toLowerCase();
  return words.some((word) => said.includes(word.replace(/s$/, '')));
}

/** The words of an act in the text of its step. */
export function wordsOfAct({ text }: ActingStep, { words: [from, to] }: Act): string {
  return text.slice(from, to);
}

/** Whether the name or the note of a line says that one of some things has been done to it. */
export function wasDone(
  ...verbsOrKinds: readonly string[]
): (line: Pick<RecipeLine, 'note' | 'name'>) => boolean {
  const is = isDone(...verbsOrKinds);
  return ({ note, name }) =>
    verbsSaid(`${name}, ${note}`).some(({ verb }) => is({ verb: verb.verb, kind: verb.act, words: [0, 0] }));
}

/** Whether a text beside the steps, as the written words of a line, says one of some names of the lexicon. */
export function textSays(...names: readonly string[]): (text: string) => boolean {
  const wanted = new Set(names);
  return (text) => phrasesSaid(text).some(({ name }) => wanted.has(name));
}
