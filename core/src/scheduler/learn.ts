import type { Engine } from './engine.js';
import { eachPremise } from './reasons.js';

/** What a conflict teaches: a clause whose first bound follows at `level`. */
export interface Lesson {
  readonly bounds: number[];
  readonly level: number;
}

/**
 * Works back from the engine's conflict to the first bound of the present level that alone, with older ones,
 * led to it. The activity of every variable met on the way is raised.
 */
export class Learner {
  readonly activity: Float64Array;
  readonly #need: Float64Array;
  readonly #entry: Int32Array;
  #touched: number[] = [];
  #present = 0;
  #bump = 1;

  constructor(variables: number) {
    this.activity = new Float64Array(variables);
    this.#need = new Float64Array(variables * 2).fill(-Infinity);
    this.#entry = new Int32Array(variables * 2).fill(-1);
  }

  /** Null where the conflict does not rest on any decision. */
  learn(engine: Engine): Lesson | null {
    this.#touched = [];
    engine.backtrack(levelOfConflict(engine));
    if (engine.level === 0) return null;
    const levelStart = engine.levels[engine.level - 1]!;
    const rootEnd = engine.levels[0]!;
    this.#present = 0;
    const add = (key: number, value: number) => this.#add(engine, key, value, levelStart, rootEnd);
    eachPremise(engine.conflict, add);
    let entry = engine.trailKeys.length - 1;
    for (; entry >= levelStart; entry--) {
      const key = engine.trailKeys[entry]!;
      if (this.#need[key] === -Infinity || this.#entry[key] !== entry) continue;
      if (this.#present === 1) break;
      const value = this.#need[key]!;
      this.#need[key] = -Infinity;
      this.#present--;
      engine.explain(entry, value, add);
    }
    const lesson = this.#lesson(engine, engine.trailKeys[entry]!);
    for (const key of this.#touched) this.#need[key] = -Infinity;
    this.#bump *= 1.05;
    if (this.#bump > 1e100) this.#rescale();
    return lesson;
  }

  #add(engine: Engine, key: number, value: number, levelStart: number, rootEnd: number): void {
    if (this.#need[key]! >= value) return;
    const entry = engine.entryOf(key, value);
    if (entry < rootEnd) return;
    if (this.#need[key] === -Infinity) this.#touched.push(key);
    else if (this.#entry[key]! >= levelStart) this.#present--;
    if (entry >= levelStart) this.#present++;
    this.#need[key] = value;
    this.#entry[key] = entry;
    this.activity[key >> 1]! += this.#bump;
  }

  #lesson(engine: Engine, first: number): Lesson {
    const bounds = [first ^ 1, 1 - this.#need[first]!];
    let latest = -1;
    for (const key of new Set(this.#touched)) {
      if (key === first || this.#need[key] === -Infinity) continue;
      bounds.push(key ^ 1, 1 - this.#need[key]!);
      if (this.#entry[key]! <= latest) continue;
      latest = this.#entry[key]!;
      const at = bounds.length - 2;
      [bounds[2], bounds[3], bounds[at], bounds[at + 1]] = [
        bounds[at]!,
        bounds[at + 1]!,
        bounds[2]!,
        bounds[3]!,
      ];
    }
    return { bounds, level: latest < 0 ? 0 : levelOfEntry(engine, latest) };
  }

  #rescale(): void {
    for (let variable = 0; variable < this.activity.length; variable++) this.activity[variable]! *= 1e-100;
    this.#bump *= 1e-100;
  }
}

function levelOfEntry(engine: Engine, entry: number): number {
  let level = engine.levels.length;
  while (level > 0 && engine.levels[level - 1]! > entry) level--;
  return level;
}

function levelOfConflict(engine: Engine): number {
  let latest = -1;
  eachPremise(engine.conflict, (key, value) => {
    latest = Math.max(latest, engine.entryOf(key, value));
  });
  return latest < 0 ? 0 : levelOfEntry(engine, latest);
}
