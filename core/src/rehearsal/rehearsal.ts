import { seeded } from '../scheduler/random.js';
import { PairsOfHands } from './pairs-of-hands.js';

/** One step of a class as it is rehearsed. */
export interface RehearsalStep {
  readonly id: string;
  readonly title: string;
  /** Minutes as planned, and the least they can take. */
  readonly minutes: number;
  readonly least: number;
  /** Every station for itself, all together with the instructor, or staff beside the class. */
  readonly by: 'stations' | 'all' | 'staff';
  /** Pairs of hands that it takes at each place; 0 where it takes only an appliance or time. */
  readonly pairs: number;
  /** What each station, or the one batch, takes a place of. */
  readonly appliance: string | null;
  readonly after: readonly string[];
}

export interface RehearsalProblem {
  readonly stations: number;
  /** Pairs of hands at each station, that may each do another thing. */
  readonly pairsEach: number;
  /** In the order of the plan. */
  readonly steps: readonly RehearsalStep[];
  /** Places by appliance. */
  readonly places: Readonly<Record<string, number>>;
  /** Minutes that the class has. */
  readonly classMinutes: number;
  /** How far apart groups are: 0.25 means that about two thirds take 25 % more or less than planned. */
  readonly spread: number;
}

export interface Rehearsal {
  readonly runs: number;
  /** Share of the runs that end on time, 0–1. */
  readonly onTime: number;
  /** End in minutes from class start: one run in ten ends before `early`, one in ten after `late`. */
  readonly early: number;
  readonly median: number;
  readonly late: number;
  /** Runs by end, in stretches of five minutes. */
  readonly ends: readonly { readonly from: number; readonly runs: number }[];
  /** Steps that put the end off most: mean minutes over the plan in those runs where the end hung on them. */
  readonly costly: readonly { readonly id: string; readonly title: string; readonly minutes: number }[];
}

/** Spread of one group's time from step to step, beside how fast the group is in all. A starting estimate. */
const stepSpread = 0.2;
const stretch = 5;
const mostCostly = 3;
const allOfThem = Infinity;

/**
 * Plays a class many times. Groups differ in skill and from step to step; they queue at shared appliances in
 * the order in which they get there; a demonstration waits for the slowest and for the instructor. The same
 * problem, runs and seed give the same figures.
 */
export function rehearse(
  problem: RehearsalProblem,
  { runs, seed }: { runs: number; seed: number },
): Rehearsal {
  const play = new Play(problem, normals(seeded(seed)));
  const ends = new Float64Array(runs);
  for (let run = 0; run < runs; run++) ends[run] = play.run();
  const sorted = ends.slice().sort();
  const endAt = (share: number) => Math.round(sorted[Math.min(runs - 1, Math.floor(share * runs))]!);
  const costly = problem.steps
    .map((step, index) => ({ id: step.id, title: step.title, minutes: play.delays[index]! / runs }))
    .filter(({ minutes }) => minutes > 0.05)
    .sort((a, b) => b.minutes - a.minutes);
  return {
    runs,
    onTime: ends.filter((end) => end <= problem.classMinutes).length / runs,
    early: endAt(0.1),
    median: endAt(0.5),
    late: endAt(0.9),
    ends: stretches(sorted),
    costly: costly.slice(0, mostCostly),
  };
}

function stretches(sorted: Float64Array): Rehearsal['ends'] {
  const counts = new Map<number, number>();
  for (const end of sorted) {
    const from = Math.floor(end / stretch) * stretch;
    counts.set(from, (counts.get(from) ?? 0) + 1);
  }
  return [...counts].map(([from, runs]) => ({ from, runs }));
}

/** Numbers around 0 that lie within ±1 two times out of three (Box–Muller, which makes two at a time). */
function normals(random: () => number): () => number {
  let spare = NaN;
  return () => {
    const kept = spare;
    spare = NaN;
    if (!Number.isNaN(kept)) return kept;
    const size = Math.sqrt(-2 * Math.log(1 - random()));
    const angle = 2 * Math.PI * random();
    spare = size * Math.sin(angle);
    return size * Math.cos(angle);
  };
}

/** Steps ended at a place, and what each hung on: a place of an earlier step, or nothing. */
class Play {
  readonly delays: Float64Array;
  readonly #count: number;
  readonly #ends: Float64Array;
  readonly #causes: Int32Array;
  readonly #over: Float64Array;
  readonly #after: readonly (readonly number[])[];
  readonly #skill: Float64Array;
  readonly #hands: readonly PairsOfHands[];
  /** The instructor's and the staff's. */
  readonly #staff = new PairsOfHands(1);
  readonly #queues: readonly (Queue | null)[];
  /** Stations in the order in which they can begin a step, with when and what they waited for. */
  readonly #order: Int32Array;
  readonly #starts: Float64Array;
  readonly #waitedFor: Int32Array;

  constructor(
    private readonly problem: RehearsalProblem,
    private readonly normal: () => number,
  ) {
    const { steps, stations } = problem;
    this.#count = stations;
    this.#ends = new Float64Array(steps.length * stations);
    this.#causes = new Int32Array(steps.length * stations);
    this.#over = new Float64Array(steps.length * stations);
    this.delays = new Float64Array(steps.length);
    const index = new Map(steps.map(({ id }, at) => [id, at]));
    this.#after = steps.map(({ after }) => after.flatMap((id) => index.get(id) ?? []));
    this.#skill = new Float64Array(stations);
    this.#hands = Array.from({ length: stations }, () => new PairsOfHands(problem.pairsEach));
    const queues = new Map(
      Object.entries(problem.places).map(([appliance, places]): [string, Queue] => [
        appliance,
        { free: new Float64Array(Math.max(1, places)), last: new Int32Array(Math.max(1, places)) },
      ]),
    );
    this.#queues = steps.map(({ appliance }) => (appliance ? (queues.get(appliance) ?? null) : null));
    this.#order = new Int32Array(stations);
    this.#starts = new Float64Array(stations);
    this.#waitedFor = new Int32Array(stations);
  }

  /** Plays the class once. Returns its end, and adds what put it off to `delays`. */
  run(): number {
    const { steps, spread } = this.problem;
    for (let station = 0; station < this.#count; station++)
      this.#skill[station] = Math.exp(spread * this.normal());
    for (const hands of this.#hands) hands.begin();
    this.#staff.begin();
    for (const queue of this.#queues) {
      queue?.free.fill(0);
      queue?.last.fill(-1);
    }
    for (let at = 0; at < steps.length; at++) {
      if (steps[at]!.by === 'stations') this.#atStations(steps[at]!, at);
      else this.#together(steps[at]!, at);
    }
    return this.#blame();
  }

  /** Each station for itself; those that can begin first are served first. */
  #atStations(step: RehearsalStep, turn: number): void {
    for (let station = 0; station < this.#count; station++) {
      this.#setReady(step, turn, station);
      let to = station;
      for (; to > 0 && this.#starts[this.#order[to - 1]!]! > this.#starts[station]!; to--)
        this.#order[to] = this.#order[to - 1]!;
      this.#order[to] = station;
    }
    for (const station of this.#order) {
      const place = this.#do(step, turn, station);
      if (step.pairs > 0) this.#hands[station]!.take(step.pairs, this.#ends[place]!, place);
    }
  }

  /** When a station can begin: what comes before is done, and its hands are free. */
  #setReady(step: RehearsalStep, at: number, station: number): void {
    const hands = this.#hands[station]!;
    let start = step.pairs > 0 ? hands.freeAt(step.pairs) : 0;
    let cause = step.pairs > 0 ? hands.busyWith(step.pairs) : -1;
    for (const before of this.#after[at]!) {
      const place = before * this.#count + station;
      if (this.#ends[place]! <= start) continue;
      start = this.#ends[place]!;
      cause = place;
    }
    this.#starts[station] = start;
    this.#waitedFor[station] = cause;
  }

  /** Does a step at a station, when its turn at the appliance comes. Returns its place. */
  #do(step: RehearsalStep, turn: number, station: number): number {
    const queue = this.#queues[turn] ?? null;
    const served = queue ? nextPlace(queue) : -1;
    const start = this.#starts[station]!;
    const waits = served >= 0 && queue!.free[served]! > start;
    const begins = waits ? queue!.free[served]! : start;
    const pace = step.by === 'stations' && step.pairs > 0 ? this.#skill[station]! : 1;
    const minutes =
      step.minutes === step.least
        ? step.minutes
        : Math.max(step.least, step.minutes * pace * Math.exp(stepSpread * this.normal()));
    const place = turn * this.#count + station;
    this.#ends[place] = begins + minutes;
    this.#causes[place] = waits ? queue!.last[served]! : this.#waitedFor[station]!;
    this.#over[place] = minutes - step.minutes;
    if (served >= 0) {
      queue!.free[served] = begins + minutes;
      queue!.last[served] = place;
    }
    return place;
  }

  /** For all at once: it waits for the slowest. Staff beside the class wait for nobody but themselves. */
  #together(step: RehearsalStep, turn: number): void {
    let start = 0;
    let cause = -1;
    const look = (moment: number, place: number) => {
      if (moment > start) {
        start = moment;
        cause = place;
      }
    };
    if (step.pairs > 0) look(this.#staff.freeAt(1), this.#staff.busyWith(1));
    for (let station = 0; station < this.#count; station++) {
      const hands = this.#hands[station]!;
      if (step.by === 'all') look(hands.freeAt(allOfThem), hands.busyWith(allOfThem));
      for (const before of this.#after[turn]!)
        look(this.#ends[before * this.#count + station]!, before * this.#count + station);
    }
    this.#starts[0] = start;
    this.#waitedFor[0] = cause;
    this.#do(step, turn, 0);
    const first = turn * this.#count;
    for (let station = 0; station < this.#count; station++) {
      this.#ends[first + station] = this.#ends[first]!;
      this.#causes[first + station] = this.#causes[first]!;
      this.#over[first + station] = this.#over[first]!;
      if (step.by === 'all') this.#hands[station]!.take(allOfThem, this.#ends[first]!, first);
    }
    if (step.pairs > 0) this.#staff.take(1, this.#ends[first]!, first);
  }

  /** The last end; every step on the way back from it has its minutes over the plan counted. */
  #blame(): number {
    let last = 0;
    for (let place = 1; place < this.#ends.length; place++)
      if (this.#ends[place]! > this.#ends[last]!) last = place;
    for (let place = last; place >= 0; place = this.#causes[place]!)
      this.delays[Math.floor(place / this.#count)]! += this.#over[place]!;
    return this.#ends[last] ?? 0;
  }
}

interface Queue {
  readonly free: Float64Array;
  readonly last: Int32Array;
}

function nextPlace({ free }: Queue): number {
  let best = 0;
  for (let place = 1; place < free.length; place++) if (free[place]! < free[best]!) best = place;
  return best;
}
