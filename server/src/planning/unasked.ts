import { setTimeout as wait } from 'node:timers/promises';

/** Each keeps what its class rests on until its turn: more than so many are not worth the memory. */
const mostWaiting = 20;

/** The class changed, or others came, while a better plan of it was to be looked for unasked. */
export class Superseded extends Error {}

interface Waiting<Asked, Answer> {
  readonly asked: Asked;
  readonly since: number;
  readonly answer: Promise<Answer>;
  readonly resolve: (answer: Answer) => void;
  readonly reject: (error: unknown) => void;
}

/**
 * What nobody waits for, done one after the other. A class that is being edited changes every few seconds:
 * only what has stood for a while is begun, and what is newer takes the place of what was before it.
 */
export class Unasked<Asked extends { readonly digest: string }, Answer> {
  afterMilliseconds = 2000;
  readonly #waiting = new Map<string, Waiting<Asked, Answer>>();
  #isAtWork = false;

  /** `work` asks `isWanted` between its parts whether it should go on. */
  constructor(private readonly work: (asked: Asked, isWanted: () => boolean) => Promise<Answer>) {}

  /** The answer once it is found; rejects with Superseded where the same key is asked for something else. */
  ask(key: string, asked: Asked): Promise<Answer> {
    const before = this.#waiting.get(key);
    if (before?.asked.digest === asked.digest) return before.answer;
    this.#drop(key);
    const [oldest] = this.#waiting.keys();
    if (oldest !== undefined && this.#waiting.size >= mostWaiting) this.#drop(oldest);
    let [resolve, reject]: [(answer: Answer) => void, (error: unknown) => void] = [() => {}, () => {}];
    const answer = new Promise<Answer>((resolved, rejected) => {
      [resolve, reject] = [resolved, rejected];
    });
    // Whoever asked may have gone.
    answer.catch(() => undefined);
    this.#waiting.set(key, { asked, since: performance.now(), answer, resolve, reject });
    if (!this.#isAtWork) void this.#begin();
    return answer;
  }

  #drop(key: string): void {
    this.#waiting.get(key)?.reject(new Superseded());
    this.#waiting.delete(key);
  }

  async #begin(): Promise<void> {
    this.#isAtWork = true;
    // A map that is gone through comes to what is put in meanwhile, too.
    for (const [key, each] of this.#waiting) {
      const isWanted = () => this.#waiting.get(key) === each;
      const rest = each.since + this.afterMilliseconds - performance.now();
      if (rest > 0) await wait(rest, null, { ref: false });
      if (!isWanted()) continue;
      await this.work(each.asked, isWanted).then(each.resolve, each.reject);
      if (isWanted()) this.#waiting.delete(key);
    }
    this.#isAtWork = false;
  }
}
