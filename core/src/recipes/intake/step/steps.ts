import type { Larder } from '../../../larder/index.js';
import type { Appliance, RecipeLine, RecipeStep, StepPlace } from '../../types.js';
import { acceptFinding } from './accepted.js';
import { findInSteps } from './findings.js';
import { readTimes } from './times.js';
import { usualHandsOnMinutes } from './usual.js';

/** Minutes of work to set something going that then waits. An estimate. */
const settingGoingMinutes = 2;
/** A wait of more than this cannot be bridged in a class. */
const longestWaitInClass = 90;

/**
 * Steps of pasted text, in order, each after the one above, with everything that was found accepted. An
 * appliance is taken only where something waits on it or it does the work.
 */
export function readSteps(
  texts: readonly string[],
  componentIds: readonly string[],
  lines: readonly RecipeLine[],
  larder?: Larder,
): RecipeStep[] {
  const before = afterIds(texts);
  return findInSteps(texts, lines, larder).map((findings, index) => {
    const text = texts[index]!;
    const waits = findings.some((finding) => finding.kind === 'wait');
    const plain = emptyStep(`s${index + 1}`, componentIds[index]!, text, before[index]!);
    const isOnIt = waits && !isLeftOffTheHeat(text);
    const wanted = findings.filter(
      (finding) =>
        finding.kind !== 'appliance' ||
        finding.appliance === 'blender' ||
        (heating.has(finding.appliance) ? isOnIt : waits),
    );
    const read = wanted.reduce(
      acceptFinding,
      waits ? { ...plain, handsOnMinutes: settingGoingMinutes } : plain,
    );
    return { ...read, place: placeOf(text, read.waitMinutes) };
  });
}

const heating: ReadonlySet<Appliance> = new Set(['hob', 'oven', 'griddle', 'microwave']);
/** Left or soaked for a time, with nothing said on the way that goes on over the heat. */
const left =
  /\b(?:leave|set aside|steep|infuse|soak|marinate|macerate|let (?:it |them )?(?:stand|sit|rest))\b(?:(?!\b(?:simmer|boil|bubble|cook|roast|bake|fry|poach|char)\w*\b)[^.;])*?\b(?:\d+|an?|one|two|three) ?(?:minute|min|hour|hr|h)s?\b/i;

/** What is heated and poured over waits beside the flame: "boil the vinegar, pour over, leave 2 hours". */
function isLeftOffTheHeat(text: string): boolean {
  return left.test(text) && readTimes(text).filter((span) => span.waits).length === 1;
}

/** Each step comes after the one above; "meanwhile" runs beside it, and what follows waits for both. */
function afterIds(texts: readonly string[]): string[][] {
  let group: string[] = [];
  let before: string[] = [];
  return texts.map((text, index) => {
    const beside = index > 0 && /^(?:meanwhile|in the meantime|while (?:that|it|they))\b/i.test(text);
    if (!beside) {
      before = group;
      group = [];
    }
    group.push(`s${index + 1}`);
    return before;
  });
}

/** A step of which nothing is known but its words. */
export function emptyStep(
  id: string,
  componentId: string,
  text: string,
  after: readonly string[],
): RecipeStep {
  return {
    id,
    componentId,
    text,
    after,
    until: /\b(until [^.;,]+)/i.exec(text)?.[1] ?? '',
    handsOnMinutes: usualHandsOnMinutes,
    waitMinutes: null,
    place: 'in class',
    occupies: null,
    tools: [],
    uses: [],
    holdMinutes: null,
    techniques: [],
    techniqueNote: '',
    demonstrateMinutes: 0,
  };
}

function placeOf(text: string, wait: RecipeStep['waitMinutes']): StepPlace {
  if (
    /\b(the day before|a day ahead|the night before)\b/i.test(text) ||
    (wait !== null && wait.low > longestWaitInClass)
  )
    return 'before';
  return 'in class';
}
