import { actsSaid, type SaidAct, untilSaid } from '../../language/index.js';
import { type Larder, standardLarder } from '../../larder/index.js';
import { LineMentions } from '../intake/step/mentions.js';
import { readTimes } from '../intake/step/times.js';
import {
  type Act,
  actLimits,
  type Appliance,
  appliances,
  type Recipe,
  type RecipeLine,
  type RecipeStep,
} from '../types.js';

const heatSetting =
  /\b\d{2,3} ?°(?: ?[CF]\b)?|\bgas(?: mark)? \d\b|\b(?:very )?(?:high|medium|moderate|low|gentle)(?:[- ]high|[- ]low)? heat\b/i;

/** What a text says is done, act by act; the foods among the lines that it names. */
export function readActs(text: string, mentions?: LineMentions): Act[] {
  const named = mentions?.everyIn(text) ?? [];
  return actsSaid(text)
    .slice(0, actLimits.acts)
    .map((said) => actOf(said, text, named));
}

/**
 * A recipe whose steps have their acts, read from their text unless a person has corrected them. Reading
 * again gives the same.
 */
export function withActs(recipe: Recipe, larder: Larder = standardLarder): Recipe {
  const mentions = new LineMentions(recipe.lines, larder);
  return { ...recipe, steps: recipe.steps.map((step) => stepWithActs(step, mentions)) };
}

/** A step whose acts are read anew from its text among so many lines. */
export function readAgain(step: RecipeStep, lines: readonly RecipeLine[], larder?: Larder): RecipeStep {
  return stepWithActs({ ...step, actsCorrected: false }, new LineMentions(lines, larder));
}

function stepWithActs(step: RecipeStep, mentions: LineMentions): RecipeStep {
  return step.actsCorrected ? step : { ...step, acts: readActs(step.text, mentions) };
}

const untilWord = 'until ';

function actOf(said: SaidAct, text: string, named: readonly { line: string; at: number }[]): Act {
  const [from, to] = said.words;
  const words = text.slice(from, to);
  const foods = [...new Set(named.flatMap(({ line, at }) => (at >= from && at < to ? [line] : [])))];
  const times = readTimes(words);
  const spent = times.find(({ kind }) => kind === 'wait' || kind === 'work' || kind === 'rest');
  const kept = times.find(({ kind }) => kind === 'keep');
  const heat = heatSetting.exec(words)?.[0];
  const appliance = toAppliance(said.appliance);
  const until = untilSaid(words).slice(untilWord.length);
  return {
    verb: said.verb,
    kind: said.kind,
    ...(said.way && { way: said.way }),
    ...some('foods', foods),
    ...some('things', said.things),
    ...some('vessels', said.vessels),
    ...some('states', said.states),
    ...some('places', said.places),
    ...(appliance && { appliance }),
    ...(heat && { heat: heat.slice(0, actLimits.heat) }),
    ...(spent && { minutes: { low: bounded(spent.low), high: bounded(spent.high) } }),
    ...(kept && { keeps: Math.min(kept.high, actLimits.keeps) }),
    ...(until && { until: until.slice(0, actLimits.until) }),
    words: [from, to],
  };
}

const bounded = (minutes: number) => Math.min(minutes, actLimits.minutes);

/** A list under its name, or nothing where it is empty. */
function some<Name extends string>(
  name: Name,
  list: readonly string[],
): { [Key in Name]?: readonly string[] } {
  const short = list.slice(0, actLimits.names);
  return (short.length > 0 ? { [name]: short } : {}) as unknown as { [Key in Name]?: readonly string[] };
}

export function toAppliance(name: string): Appliance | undefined {
  return appliances.find((each) => each === name);
}
