import { LRUCache } from 'lru-cache';
import { networkOf } from './address.js';
import { ProblemException } from './problem.js';

/** How often a route that wants no session is answered to one address in a minute, and what is said then. */
export interface AnonymousLimit {
  readonly perMinute: number;
  readonly sentence: string;
}

const minute = 60_000;
/** Addresses that are counted at once; of more the oldest begin anew. */
const mostCounted = 20_000;

/** Counts requests without a session by route and address. Each server counts for itself. */
export class AnonymousLimits {
  readonly #counts = new LRUCache<string, { count: number; readonly ends: number }>({ max: mostCounted });

  /** Throws a 429 where an address has asked a route too often within the minute that is under way. */
  check(
    route: string,
    address: string,
    { perMinute, sentence }: AnonymousLimit,
    now = performance.now(),
  ): void {
    const key = `${route} ${networkOf(address)}`;
    const known = this.#counts.get(key);
    const current = known && known.ends > now ? known : { count: 0, ends: now + minute };
    current.count += 1;
    this.#counts.set(key, current);
    if (current.count > perMinute) throw new ProblemException(429, sentence);
  }
}
