import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { gunzip, gzip } from 'node:zlib';
import { Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import type { SessionContext } from '../common/session-context.js';

/** Bytes that are kept at most. All of it can be worked out again. */
const mostBytes = 4 * 1024 * 1024;
const compress = promisify(gzip);
const expand = promisify(gunzip);

/**
 * The body of an answer, gzipped once however often it is sent, with its ETag and what else stands in its
 * head.
 */
export interface CachedResponse {
  readonly gzipped: Uint8Array;
  readonly headers: Readonly<Record<string, string>>;
  readonly stamp: string;
  /** When it ends by itself, on the clock that only goes on (performance.now). */
  readonly until: number;
}

/** The body as it was, for whoever cannot read it compressed. */
export function plainBody({ gzipped }: CachedResponse): Promise<Buffer> {
  return expand(gzipped);
}

export function etagOf(json: string | Uint8Array): string {
  return `"${createHash('sha256').update(json).digest('base64url').slice(0, 22)}"`;
}

/**
 * Answers of a kitchen, kept until anything in it changes: they are found by what was asked and told by the
 * stamp of the kitchen's changes, which comes with the session from the database. So a server knows at once
 * what another has written.
 */
@Injectable()
export class ResponseCache {
  readonly #kept = new LRUCache<string, CachedResponse>({
    maxSize: mostBytes,
    // And what is kept beside.
    sizeCalculation: ({ gzipped }) => gzipped.length + 500,
  });
  readonly #underWay = new Map<string, Promise<CachedResponse>>();

  get size(): number {
    return this.#kept.size;
  }
  get bytes(): number {
    return this.#kept.calculatedSize;
  }

  find(session: SessionContext, url: string): CachedResponse | null {
    const answer = this.#kept.get(keyOf(session, url));
    return answer && answer.stamp === session.stamp && answer.until > performance.now() ? answer : null;
  }

  /**
   * The answer to a question: known, under way for another who asked the same, or worked out now. Bytes are
   * JSON that is gzipped already.
   */
  async answer(
    session: SessionContext,
    url: string,
    work: () => Promise<Pick<CachedResponse, 'headers' | 'until'> & { json: string | Uint8Array }>,
  ): Promise<CachedResponse> {
    const known = this.find(session, url);
    if (known) return known;
    const key = keyOf(session, url);
    const turn = `${key} ${session.stamp}`;
    const before = this.#underWay.get(turn);
    if (before) return before;
    const found = work().then(async ({ json, headers, until }) => {
      const gzipped = typeof json === 'string' ? await compress(json) : json;
      const answer = { gzipped, headers, stamp: session.stamp, until };
      if (until > performance.now()) this.#kept.set(key, answer);
      return answer;
    });
    this.#underWay.set(turn, found);
    return found.finally(() => this.#underWay.delete(turn));
  }
}

/** People of one kitchen may be told different things. */
function keyOf({ kitchenId, accountId }: SessionContext, url: string): string {
  return `${kitchenId} ${accountId} ${url}`;
}
