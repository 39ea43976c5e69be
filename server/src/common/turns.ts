import { ProblemException } from './problem.js';

/**
 * How soon work has its turn: somebody waits for it; who waits would be served better by more of it; long
 * work; work that nobody waits for, which is done while nothing else is.
 */
export type Urgency = 'now' | 'soon' | 'long' | 'spare';
const urgencies: readonly Urgency[] = ['now', 'soon', 'long', 'spare'];
const isLong = (urgency: Urgency) => urgency === 'long' || urgency === 'spare';

interface Waiting {
  readonly urgency: Urgency;
  readonly begin: () => void;
  readonly refuse: (error: Error) => void;
}

interface TurnOptions {
  /** What may be done at once. */
  readonly places: number;
  /** Of those, how many long work never takes, and how many it alone takes: 0 where all is alike. */
  readonly forShort?: number;
  readonly forLong?: number;
  /** What may wait for one key; more is refused with `busy`. */
  readonly mostWaiting: number;
  readonly busy: string;
}

/**
 * Lets few things be done at once, and whoever asks have their turn: of the keys that wait (a kitchen, an
 * address) each comes once before one comes twice, and what is urgent goes before what is less so.
 */
export class Turns {
  #running = 0;
  #runningLong = 0;
  readonly #waiting = new Map<string, Waiting[]>();

  constructor(private readonly options: TurnOptions) {}

  /** How much waits, of all keys. */
  get waiting(): number {
    return [...this.#waiting.values()].reduce((sum, { length }) => sum + length, 0);
  }

  /** Does the work when its turn comes; rejects with a 503 where too much of its key waits already. */
  async run<T>(key: string, work: () => Promise<T>, { urgency = 'now' as Urgency } = {}): Promise<T> {
    await this.#turn(key, urgency);
    try {
      return await work();
    } finally {
      this.#running -= 1;
      if (isLong(urgency)) this.#runningLong -= 1;
      this.#next();
    }
  }

  /** Refuses all that waits. */
  clear(error: Error): void {
    const waiting = [...this.#waiting.values()].flat();
    this.#waiting.clear();
    for (const each of waiting) each.refuse(error);
  }

  #turn(key: string, urgency: Urgency): Promise<void> {
    const own = this.#waiting.get(key) ?? [];
    if (own.length >= this.options.mostWaiting)
      return Promise.reject(new ProblemException(503, this.options.busy));
    return new Promise((resolve, reject) => {
      this.#waiting.set(key, [...own, { urgency, begin: resolve, refuse: reject }]);
      this.#next();
    });
  }

  #next(): void {
    while (this.#running < this.options.places) {
      const chosen = this.#choose();
      if (!chosen) return;
      const [key, waiting] = chosen;
      const rest = this.#waiting.get(key)!.filter((each) => each !== waiting);
      // Whoever has had a turn goes to the end of the row.
      this.#waiting.delete(key);
      if (rest.length > 0) this.#waiting.set(key, rest);
      this.#running += 1;
      if (isLong(waiting.urgency)) this.#runningLong += 1;
      waiting.begin();
    }
  }

  /** The next in turn: the most urgent of any key for which a place is free. */
  #choose(): [string, Waiting] | null {
    for (const urgency of urgencies) {
      if (!this.#hasPlace(urgency)) continue;
      for (const [key, own] of this.#waiting) {
        const found = own.find((each) => each.urgency === urgency);
        if (found) return [key, found];
      }
    }
    return null;
  }

  #hasPlace(urgency: Urgency): boolean {
    const { places, forShort = 0, forLong = 0 } = this.options;
    if (urgency === 'spare' && this.#running > 0) return false;
    return isLong(urgency)
      ? this.#runningLong < places - forShort
      : this.#running - this.#runningLong < places - forLong;
  }
}
