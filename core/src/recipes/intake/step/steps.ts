import { untilSaid } from '../../../language/index.js';
import { type RecipeStep, stepLimits, type StepPlace } from '../../types.js';
import { acceptFinding } from './accepted.js';
import { findInSteps } from './findings.js';
import { type NetworkInput, networkOf } from './network.js';
import type { WorkPart } from '../../handwork/acts.js';
import { minutesOfWork, workOf } from '../../handwork/work.js';
import { sayings } from '../sayings.js';
import { isFriedByHand } from './tools.js';
import { usualHandsOnMinutes } from './usual.js';

/** Minutes of work to set something going that then waits. An estimate. */
const settingGoingMinutes = 2;
/** A wait of more than this cannot be bridged in a class. */
const longestWaitInClass = 90;

/**
 * Steps of pasted text, each after those that made what it uses, with everything that was found accepted. An
 * appliance is taken only where something waits on it or it does the work.
 */
export function readSteps(input: NetworkInput): RecipeStep[] {
  const { jobs, componentIds, lines, larder, components } = input;
  const texts = jobs.map(({ text }) => text);
  const findings = findInSteps(texts, lines, larder, components, input.toldFrom);
  const used = findings.map((own) => own.flatMap((each) => (each.kind === 'line' ? each.use.line : [])));
  const before = networkOf({ ...input, used });
  const steps = findings.map((own, index) => {
    const text = texts[index]!;
    const waits = own.some((finding) => finding.kind === 'wait');
    const plain = emptyStep(idAt(index), componentIds[index]!, text, before[index]!.map(idAt));
    const wanted = own.filter(
      (finding) =>
        finding.kind !== 'appliance' ||
        waits ||
        finding.appliance === 'blender' ||
        (finding.appliance === 'hob' && isFriedByHand(text)),
    );
    const read = wanted.reduce(
      acceptFinding,
      waits ? { ...plain, handsOnMinutes: settingGoingMinutes } : plain,
    );
    return { ...read, place: placeOf(text, read.waitMinutes) };
  });
  const work = workOf({ steps, lines, system: input.system, larder });
  return steps
    .map((step, index) => workedOut(step, work[index]!))
    .reduce<RecipeStep[]>((found, step) => [...found, withOpenPlace(step, found)], []);
}

function workedOut(step: RecipeStep, parts: readonly WorkPart[]): RecipeStep {
  const least = step.waitMinutes ? settingGoingMinutes : 1;
  return {
    ...step,
    handsOnMinutes: Math.min(stepLimits.hands, Math.max(least, minutesOfWork(parts))),
    isWorkedOut: true,
  };
}

/** An hour in the oven or the cold that no work in class comes before need not be an hour of the class. */
function withOpenPlace(step: RecipeStep, steps: readonly RecipeStep[]): RecipeStep {
  const isFirst = steps.every(({ id, place }) => place !== 'in class' || !step.after.includes(id));
  const isLong = (step.waitMinutes?.low ?? 0) >= longFirstWait;
  return isFirst && isLong && step.place === 'in class' ? { ...step, place: 'either' } : step;
}

/** A starting estimate. */
const longFirstWait = 45;

const idAt = (index: number) => `s${index + 1}`;

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
    until: untilSaid(text).slice(0, stepLimits.until),
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

const isDayBefore = sayings.has('day before');

function placeOf(text: string, wait: RecipeStep['waitMinutes']): StepPlace {
  if (isDayBefore(text) || (wait !== null && wait.low > longestWaitInClass)) return 'before';
  return 'in class';
}
