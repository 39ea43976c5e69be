import { applianceNamed } from './appliance-words.js';
import { readTimes } from './times.js';

/** Where one job can end and the next begin: "…, drain", "… then cool", "… and chill". */
const boundaries = [
  String.raw`(?<=[.;])\s+`,
  String.raw`,?\s+(?:and )?then\s+`,
  String.raw`,\s+(?=(?:drain|cool|chill|leave|soak|rest|marinate|refrigerate|freeze|set aside|let|spread)\b)`,
  String.raw`\s+and\s+(?=(?:chill|leave|refrigerate|marinate|set aside|soak|let)\b)`,
].join('|');

/** What only says how long something keeps, or how it is served, is no job of its own. */
const onlyKept =
  /^(?:it |they |this |these |the [a-z]+ )?(?:keeps?|will keep|lasts?|can be (?:kept|stored|made|prepared)|stays? (?:fresh|crisp|good)|store)\b/i;

interface Clause {
  readonly text: string;
  readonly waits: boolean;
  readonly appliance: string | null;
}

/**
 * The jobs that a step holds, each with one wait at most: "boil 20 minutes, drain, cool and chill overnight"
 * is 20 minutes on the hob, then a night in the fridge. Waits on the same appliance stay together.
 */
export function cutIntoJobs(text: string): string[] {
  const clauses = clausesOf(text);
  const jobs: Clause[][] = [[]];
  let last: Clause | null = null;
  clauses.forEach((clause, index) => {
    const next = clauses.slice(index).find(({ waits }) => waits);
    // The job is over where its wait is, and another wait of another kind is still to come.
    if (last && next && next.appliance !== last.appliance && jobs[jobs.length - 1]!.includes(last))
      jobs.push([]);
    jobs[jobs.length - 1]!.push(clause);
    if (clause.waits) last = clause;
  });
  return jobs.length > 1 ? jobs.map((job) => sentenceOf(job.map((clause) => clause.text))) : [text];
}

function clausesOf(text: string): Clause[] {
  const cuts = [...text.matchAll(new RegExp(boundaries, 'gi'))].map((match) => match.index);
  let appliance: string | null = null;
  return [0, ...cuts].map((from, index, all) => {
    const clause = text.slice(from, all[index + 1]);
    // What goes on in the pan is said once; what cools or rests has left it.
    appliance = applianceNamed(clause) ?? (offTheHeat.test(clause) ? null : appliance);
    return { text: clause, waits: readTimes(clause).some(({ waits }) => waits), appliance };
  });
}

const offTheHeat =
  /^\W*(?:and |then )*(?:let |leave )?(?:[a-z]+ ){0,2}(?:cool|drain|leave|rest|stand|set aside|soak|marinate|chill)\b/i;

function sentenceOf(parts: readonly string[]): string {
  const words = parts
    .join('')
    .trim()
    .replace(/^(?:[,;.]\s*|and\s+|then\s+)+/i, '')
    .replace(/[,;]$/, '');
  const whole = words.charAt(0).toUpperCase() + words.slice(1);
  return /[.!?]$/.test(whole) ? whole : `${whole}.`;
}

/** Steps with the jobs in them cut apart; what only says how long a result keeps is said with its step. */
export function jobsOf(steps: readonly string[]): string[] {
  return steps
    .reduce<string[]>(
      (found, step) =>
        found.length > 0 && onlyKept.test(step)
          ? [...found.slice(0, -1), `${found[found.length - 1]!} ${step}`]
          : [...found, step],
      [],
    )
    .flatMap(cutIntoJobs);
}
