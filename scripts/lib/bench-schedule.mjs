import { exactSpan } from './exact-schedule.mjs';
import { packedInstance, randomInstance } from './schedule-instances.mjs';

const seeds = Array.from({ length: 200 }, (_, at) => at + 1);
const stepsForSmall = 500;
/** Which of them the exact solver is asked about, and for how long each. */
const askedSeeds = seeds.filter((seed) => seed % 8 === 0);
const secondsEach = 10;

/** The scheduler: how much it decides, how near to the optimum it comes, how long it takes. */
export async function benchSchedule(core, row) {
  await benchQuality(core, row);
  benchGrowth(core, row);
  benchPin(core, row);
  benchRehearsal(core, row);
}

async function benchQuality(core, row) {
  const found = new Map();
  const times = [];
  const counts = { scheduled: 0, impossible: 0, undecided: 0 };
  for (const seed of seeds) {
    const begun = performance.now();
    const result = core.schedule(randomInstance(seed), {
      objective: 'shortest',
      seed: 1,
      budgetSteps: stepsForSmall,
    });
    times.push(performance.now() - begun);
    counts[result.status]++;
    if (result.status === 'scheduled') found.set(seed, result);
  }
  times.sort((a, b) => a - b);
  row(
    `${seeds.length} random problems of 8–30 tasks, ${stepsForSmall} steps`,
    `${counts.scheduled} scheduled, ${counts.impossible} impossible, ` +
      `${counts.undecided} undecided; median ${times[100].toFixed(0)} ms`,
  );
  const proven = [...found.values()].filter((result) => result.length === result.lowerBound).length;
  row('  of the scheduled, optimum proven by the scheduler itself', `${proven} of ${found.size}`);
  await benchAgainstExact(found, row);
}

async function benchAgainstExact(found, row) {
  let [asked, proven, ours, best] = [0, 0, 0, 0];
  for (const seed of askedSeeds.filter((each) => found.has(each))) {
    asked++;
    const { length } = found.get(seed);
    const exact = await exactSpan(randomInstance(seed), length, secondsEach);
    if (exact === null) continue;
    proven++;
    ours += length;
    best += exact;
  }
  row(
    `  against the exact solver, ${secondsEach} s each`,
    `${proven} of ${asked} proven; mean length ${((ours / best - 1) * 100).toFixed(2)} % over their optimum`,
  );
}

function benchGrowth(core, row) {
  for (let warm = 10; warm < 18; warm++)
    core.schedule(packedInstance(warm, 60).problem, { objective: 'shortest', seed: 1, budgetSteps: 10 });
  for (const [count, budgetSteps] of [
    [60, 20],
    [300, 20],
    [1000, 10],
  ]) {
    const { problem, length } = packedInstance(3, count);
    const begun = performance.now();
    let first = 0;
    const result = core.schedule(problem, {
      objective: 'shortest',
      seed: 1,
      budgetSteps,
      onImprove: () => {
        first ||= performance.now() - begun;
      },
    });
    row(
      `${problem.tasks.length} tasks around a known optimum`,
      `${(performance.now() - begun).toFixed(0)} ms, first plan after ${first.toFixed(0)} ` +
        `ms, ${((result.length / length - 1) * 100).toFixed(1)} % over the optimum`,
    );
  }
}

function benchPin(core, row) {
  const packed = packedInstance(5, 500).problem;
  const problem = { ...packed, tasks: packed.tasks.map((task) => ({ ...task, latest: 0 })) };
  const standing = core.schedule(problem, { objective: 'shortest', seed: 1, budgetSteps: 10 }).starts;
  const times = Array.from({ length: 20 }, (_, at) => {
    const { id } = problem.tasks[(at * 37) % problem.tasks.length];
    const begun = performance.now();
    core.schedule(problem, {
      objective: 'shortest',
      seed: 1,
      budgetSteps: 0,
      firstOnly: true,
      standing,
      pinned: { [id]: standing[id] - 5 },
    });
    return performance.now() - begun;
  }).sort((a, b) => a - b);
  row(
    `one pin moved in a plan of ${problem.tasks.length} tasks`,
    `${times[10].toFixed(0)} ms median, ${times[19].toFixed(0)} ms at most`,
  );
}

function benchRehearsal(core, row) {
  const steps = Array.from({ length: 40 }, (_, at) => ({
    id: `s${at}`,
    title: '',
    minutes: 5,
    least: 2,
    by: at % 8 === 0 ? 'all' : 'stations',
    pairs: 1,
    appliance: at % 5 === 0 ? 'hob' : null,
    after: at > 0 ? [`s${at - 1}`] : [],
  }));
  const begun = performance.now();
  core.rehearse(
    { stations: 12, pairsEach: 2, steps, places: { hob: 4 }, classMinutes: 240, spread: 0.25 },
    { runs: 2000, seed: 1 },
  );
  row('rehearsal, 2 000 runs of 12 stations × 40 steps', `${(performance.now() - begun).toFixed(0)} ms`);
}
