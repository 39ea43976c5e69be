import { phrasesSaid, verbsSaid } from '../../language/index.js';
import { isOnlyKept } from '../intake/step/jobs.js';
import { readTimes } from '../intake/step/times.js';
import { sentencesOf } from '../intake/text/sentences.js';
import type { RowRole } from './row-roles.js';
import { roleOfSentence, type SentenceRole } from './roles.js';

/** A sentence of a method that is no work, and the step that it stands behind. */
export interface Aside {
  readonly role: Exclude<SentenceRole, 'step'>;
  readonly text: string;
  /** Place among the steps that are left; -1 where it stands before the first. */
  readonly behind: number;
}

/** What is known of the recipe that the sentences are from. */
interface Known {
  readonly namesOwnFood: (text: string) => boolean;
  readonly isNumbered: (step: string) => boolean;
  /** What a person said that a row or sentence is. */
  readonly roleSaid?: (text: string) => RowRole | undefined;
}

const rolesToSay: Readonly<Partial<Record<RowRole, SentenceRole>>> = {
  step: 'step',
  note: 'aside',
  way: 'way',
  nothing: 'chatter',
};

/** Fewer words say too little to tell: "Taste.", "Serve now." */
const fewestWords = 3;

/**
 * The work of a method and what stands among it that is none. How long a result keeps stays with its step
 * where it says so in days or hours, and what is served with a food of the recipe is work. Nothing that is
 * written is dropped.
 */
export function withoutAsides(
  steps: readonly string[],
  { namesOwnFood, isNumbered, roleSaid = () => undefined }: Known,
): {
  readonly steps: readonly string[];
  readonly asides: readonly Aside[];
} {
  const work: string[] = [];
  const asides: Aside[] = [];
  for (const step of answered(steps)) {
    const said = roleSaid(step);
    const parts = said ? [step] : partsOf(step);
    const roles = parts.map((part): SentenceRole => {
      const saidOfPart = rolesToSay[said ?? roleSaid(part) ?? 'line'];
      const own = roleOf(part, namesOwnFood);
      // What its writer has numbered is one piece of work, with its remarks; how long it keeps is none.
      return saidOfPart ?? (isNumbered(step) && own !== 'keeping' ? 'step' : own);
    });
    const kept = parts.filter((part, index) => roles[index] === 'step' || isKeepingTime(part, roles[index]!));
    const isOnlyKeeping = kept.length > 0 && !roles.includes('step');
    // What says by itself that something keeps finds the step that made it.
    if (isOnlyKeeping && work.length > 0 && !isOnlyKept(step))
      work.push(`${ended(work.pop()!)} ${kept.join(' ')}`);
    else if (kept.length > 0) work.push(kept.length === parts.length ? step : kept.join(' '));
    parts.forEach((text, index) => {
      const role = roles[index]!;
      const isLeftOut = (said ?? roleSaid(text)) === 'nothing';
      if (role !== 'step' && !kept.includes(text) && !isLeftOut)
        asides.push({ role, text, behind: work.length - 1 });
    });
  }
  // A method without any work is read as it stands.
  return work.length > 0 ? { steps: work, asides } : { steps, asides: [] };
}

const ended = (step: string) => (/[.!?]$/.test(step) ? step : `${step}.`);

/** Steps, with a short question and its answer in one: they may have been cut apart. */
function answered(steps: readonly string[]): string[] {
  return steps.reduce<string[]>((all, step) => {
    const last = all.at(-1);
    return last !== undefined && isShortQuestion(last)
      ? [...all.slice(0, -1), `${last} ${step}`]
      : [...all, step];
  }, []);
}

const isShortQuestion = (text: string) => text.endsWith('?') && text.split(' ').length <= longestQuestion;

/** Sentences, a short question with its answer: "No yoghurt? Use silken tofu." */
function partsOf(step: string): string[] {
  return sentencesOf(step).reduce<string[]>((parts, part) => {
    const last = parts.at(-1);
    if (last !== undefined && isShortQuestion(last)) return [...parts.slice(0, -1), `${last} ${part}`];
    return [...parts, part];
  }, []);
}
const longestQuestion = 6;

function roleOf(sentence: string, namesOwnFood: (text: string) => boolean): SentenceRole {
  // "Taste." is work, and "Important!!" is none.
  if (
    sentence.split(/\s+/).length < fewestWords &&
    (verbsSaid(sentence).length > 0 || /[.\d]$/.test(sentence)) &&
    !/^(?:don['’]t|never)\b/i.test(sentence)
  )
    return 'step';
  if (saysNoWork(sentence) && !namesOwnFood(sentence)) return 'chatter';
  const role = roleOfSentence(sentence);
  return role === 'serving' && namesOwnFood(sentence) ? 'step' : role;
}

/** Fewer words may be work that is hardly said: "Straight in. Done." */
const fewestOfChatter = 5;

/** Nothing that is done, worked with or waited for: "Ours came early this year." */
function saysNoWork(sentence: string): boolean {
  return (
    sentence.split(/\s+/).length >= fewestOfChatter &&
    verbsSaid(sentence).length === 0 &&
    phrasesSaid(sentence).length === 0 &&
    readTimes(sentence).length === 0 &&
    !/\d|\b(?:repeat|same|again|rest|other|until|then)\b/i.test(sentence)
  );
}

function isKeepingTime(sentence: string, role: SentenceRole): boolean {
  return role === 'keeping' && readTimes(sentence).some(({ kind }) => kind === 'keep');
}
