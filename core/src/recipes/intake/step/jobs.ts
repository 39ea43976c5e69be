import { applianceNamed } from './appliances.js';
import { sayings } from '../sayings.js';
import { mayMake } from './refers.js';
import { readTimes } from './times.js';
import { isFriedByHand } from './tools.js';

/** A piece of work with one wait at most; it goes on where it was cut off the job before it. */
export interface Job {
  readonly text: string;
  readonly goesOn: boolean;
}

const workVerbs =
  'toss|dress|mash|blend|blitz|fold|stir in|stir through|mix|peel|cut|slice|chop|dice|top|scatter|squeeze|' +
  'drizzle|crumble|tear|halve|quarter|shred|flake|break|crush|whisk|serve|season|pour|spoon|spread|arrange|' +
  'layer|grate|beat|combine|add|strip|pick|shake';

/** Where one job can end and the next begin: "…, drain", "… then cool", "… and chill", "… and toss". */
const leavesIt =
  'drain|cool|cover|seal|chill|leave|soak|rest|marinate|refrigerate|freeze|thaw|defrost|cure|set aside|' +
  'let|spread';
const leftToItself = 'chill|leave|refrigerate|marinate|set aside|soak|thaw|defrost|cure|let';
const boundaries = [
  String.raw`(?<=[.;])\s+`,
  String.raw`,?\s+(?:and )?then\s+`,
  String.raw`,\s+(?=(?:and )?(?:${leavesIt}|${workVerbs})\b)`,
  String.raw`\s+and\s+(?=(?:${leftToItself}|${workVerbs})\b)`,
].join('|');

/** What only says how long something keeps, or how it is served, is no job of its own. */
const onlyKept = new RegExp(
  [
    '^(?:it |they |this |these |the [a-z]+ )?(?:keeps?|will keep|lasts?|' +
      'can be (?:kept|stored|made|prepared)|stays? (?:fresh|crisp|good)|store)',
    '^(?:(?:the|any|your) )?(?:[a-z]+ ){1,2}(?:keeps|will keep|can be kept|lasts|stays (?:fresh|crisp|good))',
    '^(?:(?:it|this) (?:is|tastes) )?(?:even )?better (?:on )?(?:the )?(?:next day|day after)',
    '^(?:eat|good|nice|lovely|best(?: eaten)?) (?:it )?(?:warm|cold|hot|chilled|at room|either)',
  ]
    .map((each) => `${each}\\b`)
    .join('|'),
  'i',
);
/** Whether a step only says how long something keeps, or how it is eaten. */
export function isOnlyKept(step: string): boolean {
  return onlyKept.test(step);
}

/** What it is that keeps: "the sauce keeps a week", "any leftover dressing will keep". */
const whatKeeps = /\b([a-z]+) (?:keeps?|will keep|can be (?:kept|stored)|lasts?|stays?)\b/i;

/** A wait in the cold or on the side from this length on is a job of its own. A starting estimate. */
const longLeft = 45;
const leadsIn = '^[\\s,;]*(?:and |then )*(?:gently |lightly |finally,? |just before serving,? )?';
const works = new RegExp(`${leadsIn}(?:${workVerbs})\\b`, 'i');
const worksSomewhere = new RegExp(
  `\\b(?:${workVerbs}|stir|rub|salt|toast|fry|whip|massage|knead|grind|pound|juice|zest)\\b`,
  'i',
);
/** Said on the way to what comes next: "cover and chill", "drain, cool and toss". */
const leadsOn = new RegExp(
  `${leadsIn}(?:cover|seal|drain|rinse|refresh|cool|let it cool|leave to cool)\\b`,
  'i',
);

interface Clause {
  readonly text: string;
  /** Minutes that it waits at least; 0 where it does not. */
  readonly wait: number;
  /** What it waits on: 'none' where it was taken off, null where nothing is said. */
  readonly appliance: string | null;
}

/**
 * The jobs that a step holds, each with one wait at most, which ends it: "boil 20 minutes, drain, cool and
 * chill overnight" is 20 minutes on the hob, then a night in the fridge; "simmer 20 minutes and dress them
 * warm" is a wait, then work. What is left for long is a job apart from the work before it. Waits on the
 * same appliance stay together.
 */
export function cutIntoJobs(text: string): string[] {
  const clauses = clausesOf(text);
  const jobs: Clause[][] = [[]];
  clauses.forEach((clause, index) => {
    const job = jobs[jobs.length - 1]!;
    if (isOver(job, clause, clauses.slice(index))) jobs.push([...leadingOn(job), clause]);
    else job.push(clause);
  });
  return jobs.length > 1 ? jobs.map((job) => sentenceOf(job.map((clause) => clause.text))) : [text];
}

/** Whether a job ends before a clause, with all that is still to come from it on. */
function isOver(job: readonly Clause[], clause: Clause, rest: readonly Clause[]): boolean {
  const last = job.findLast(({ wait }) => wait > 0);
  const next = rest.find(({ wait }) => wait > 0);
  if (last) return next ? next.appliance !== last.appliance : works.test(clause.text);
  // What was fried by hand is off the heat while it cools or steams; what is only left may be in the oil.
  if (clause.wait > 0 && isOffTheHeat(clause.text) && job.some(({ text }) => isFriedByHand(text)))
    return true;
  const isLeft = clause.wait >= longLeft && [null, 'none', 'fridge'].includes(clause.appliance);
  return isLeft && job.some((each) => worksSomewhere.test(each.text));
}

/** Takes off the end of a job what is said on the way to the next one. */
function leadingOn(job: Clause[]): Clause[] {
  const from = job.findLastIndex(({ text, wait }) => wait > 0 || !leadsOn.test(text)) + 1;
  return from > 0 ? job.splice(from) : [];
}

function clausesOf(text: string): Clause[] {
  const cuts = [...text.matchAll(new RegExp(boundaries, 'gi'))].map((match) => match.index);
  let appliance: string | null = null;
  return [0, ...cuts].map((from, index, all) => {
    const clause = text.slice(from, all[index + 1]);
    // What goes on in the pan is said once; what cools or rests has left it.
    appliance = applianceNamed(clause) ?? (startsOffHeat(clause) ? 'none' : appliance);
    const wait = Math.max(0, ...readTimes(clause).map(({ waits, low }) => (waits ? low : 0)));
    return { text: clause, wait, appliance };
  });
}

const isOffTheHeat = sayings.has('off the heat');
const offHeat = sayings.at('off heat');
/** Hardly anything is said before it: "let the beans cool". */
const beforeOffHeat = /^\W*(?:and |then )*(?:let |leave )?(?:[a-z]+ ){0,2}$/i;

/** Whether a clause begins with what is left or cools. */
function startsOffHeat(text: string): boolean {
  const place = offHeat(text);
  return place !== null && beforeOffHeat.test(text.slice(0, place[0]));
}

function sentenceOf(parts: readonly string[]): string {
  const words = parts
    .join('')
    .trim()
    .replace(/^(?:[,;.]\s*|and\s+|then\s+)+/i, '')
    .replace(/[,;]$/, '');
  const whole = words.charAt(0).toUpperCase() + words.slice(1);
  return /[.!?]$/.test(whole) ? whole : `${whole}.`;
}

/**
 * Steps with the jobs in them cut apart. What only says how long a result keeps is said with its step, and
 * heating the oven with the step that takes it.
 */
export function jobsOf(steps: readonly string[]): Job[] {
  return withOvenHeated(withMadeFirst(steps))
    .reduce<string[]>(
      (found, step) =>
        found.length > 0 && isOnlyKept(step)
          ? found.with(keptStep(found, step), `${ended(found[keptStep(found, step)]!)} ${step}`)
          : [...found, step],
      [],
    )
    .flatMap((step) => cutIntoJobs(step).map((text, index) => ({ text, goesOn: index > 0 })));
}

const ended = (step: string) => (/[.!?;]$/.test(step) ? step : `${step}.`);

const partMade =
  /^(?:for (?:the )?|to make (?:the )?)?(dressing|vinaigrette|sauce|marinade|pesto|salsa|dip):\s/i;

/** What is made of a part that steps before it take already: it stands before them. */
function withMadeFirst(steps: readonly string[]): readonly string[] {
  const at = steps.findIndex((step) => partMade.test(step));
  const part = at < 0 ? '' : partMade.exec(steps[at]!)![1]!;
  const user = steps.findIndex((step) =>
    new RegExp(`\\b(?:the|half|some) (?:the )?${part}\\b`, 'i').test(step),
  );
  if (at < 0 || user < 0 || user > at) return steps;
  return [...steps.slice(0, user), steps[at]!, ...steps.slice(user, at), ...steps.slice(at + 1)];
}

/** The step that made what keeps, where that is a thing by its name; else the one before. */
function keptStep(steps: readonly string[], kept: string): number {
  const thing = whatKeeps.exec(kept)?.[1]?.toLowerCase() ?? '';
  const named = steps.findLastIndex((step) => new RegExp(`\\b${thing}\\b`, 'i').test(step));
  const made = steps.findLastIndex((step) => mayMake(step, thing));
  return named >= 0 ? named : made >= 0 ? made : steps.length - 1;
}

const heatsOven =
  /^(?:(?:pre-?)?heat (?:the |your )?oven\b[^.;]*|(?:the )?oven (?:on )?(?:to |at )?\d{2,3}[^.;]*)[.;]?$/i;
const isOnTray = sayings.has('on a tray');

/** The clock heats the oven by itself, in time for what goes in. */
function withOvenHeated(steps: readonly string[]): readonly string[] {
  const heating = steps.findIndex((step) => heatsOven.test(step.trim()));
  const user = steps.findIndex(
    (step, index) =>
      index > heating &&
      (applianceNamed(step) === 'oven' || (isOnTray(step) && readTimes(step).some(({ waits }) => waits))),
  );
  if (heating < 0 || user < 0) return steps;
  const [heated, used] = [steps[heating]!, steps[user]!];
  const words = /[.;]$/.test(heated.trim()) ? `${heated.trim()} ${used}` : `${heated.trim()}. ${used}`;
  return steps.flatMap((step, index) => (index === heating ? [] : index === user ? [words] : [step]));
}
