import { phraseNamesOf, phrasesSaid, type SaidVerb, verbsSaid } from '../../../language/index.js';
import { sayings } from '../sayings.js';
import { applianceNamed } from './appliances.js';

/** Every tool that words name, in the order in which they are listed. */
const inOrder = phraseNamesOf('tool');

/** What is named first of several that are not wanted beside each other. */
const blenders = ['stick blender', 'food processor', 'jug blender'];

const says = (text: string, ...names: readonly string[]) =>
  phrasesSaid(text).some(({ kind, name }) => kind === 'tool' && names.includes(name));

function does(text: string, is: (said: SaidVerb) => boolean): boolean {
  return verbsSaid(text).some((said) => said.form !== 'done' && is(said));
}

const takes = (text: string, vessel: string) =>
  does(text, ({ verb }) => verb.vessel === vessel && verb.verb !== 'toast');

/** What a text has its work done with, each once: by its verbs, and what it names. */
export function toolsNamed(text: string): string[] {
  // What is left "before peeling" is not peeled here.
  const byVerbs = verbsSaid(text).flatMap(({ verb, form }) => (form === 'do' ? verb.tool.split(';') : []));
  const named = phrasesSaid(text).flatMap(({ kind, name }) => (kind === 'tool' ? [name] : []));
  const trays = takes(text, 'oven tray') ? ['oven tray'] : [];
  const others = [...byVerbs, ...named, ...trays].filter(
    (tool) => !pans.has(tool) && !blenders.includes(tool),
  );
  const all = new Set([...others, ...pansOf(text), ...blenderOf(text)]);
  return inOrder.filter((tool) => all.has(tool));
}

const pans = new Set(['frying pan', 'saucepan', 'large pot', 'any pan']);

/** Toast is made in a frying pan only where no oven or grill is named. */
function isToasted(text: string): boolean {
  return does(text, ({ verb, form }) => form === 'do' && verb.verb === 'toast');
}

/** Browned with hands at it. */
function isFried(text: string): boolean {
  return says(text, 'frying pan') || takes(text, 'frying pan');
}

/** A pan of potatoes is no frying pan. */
function pansOf(text: string): string[] {
  const isInOven = applianceNamed(text) === 'oven';
  const isBoiled = takes(text, 'saucepan') || says(text, 'saucepan', 'large pot');
  const boiled = isBoiled ? [says(text, 'large pot') ? 'large pot' : 'saucepan'] : [];
  const isInPan = isFried(text) || (!isInOven && isToasted(text)) || (!isBoiled && says(text, 'any pan'));
  return [...boiled, ...(isInPan ? ['frying pan'] : [])];
}

/** A stick blender is no jug blender, and neither is a food processor. */
function blenderOf(text: string): string[] {
  const named = blenders.find((each) => says(text, each));
  const isBlended = does(text, ({ verb }) => verb.appliance === 'blender');
  return named ? [named] : isBlended ? ['jug blender'] : [];
}

/** Whether hands stay at the pan: it takes a ring although nothing is waited for. */
export function isFriedByHand(text: string): boolean {
  return isFried(text) || (isToasted(text) && says(text, 'any pan')) || charsOverFlame(text);
}

const saysMinutes = sayings.has('for minutes');

/** On the ring itself, without a pan, and never left alone. */
function charsOverFlame(text: string): boolean {
  return phrasesSaid(text).some(
    ({ name, to }) => name === 'charred over a flame' && !saysMinutes(/^[^.;]*/.exec(text.slice(to))![0]),
  );
}
