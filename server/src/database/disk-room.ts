import { statfs } from 'node:fs/promises';
import { Inject, Injectable } from '@nestjs/common';
import { noRoom, ProblemException } from '../common/problem.js';
import { CONFIG, type ServerConfig } from '../config.js';

/**
 * Room that is left to the database: with none at all it could not even write down that it is to stop, and
 * ends.
 */
const leastFreeBytes = 48 * 1024 * 1024;
const lookAgainMilliseconds = 250;

/** Whether the disk that holds the data has room for another change. */
@Injectable()
export class DiskRoom {
  #until = 0;
  #looked = Promise.resolve(true);

  constructor(@Inject(CONFIG) private readonly config: ServerConfig) {}

  /** Throws a 507 where there is no room. */
  async check(): Promise<void> {
    if (!this.config.dataFolder) return;
    if (performance.now() >= this.#until) {
      this.#until = performance.now() + lookAgainMilliseconds;
      this.#looked = statfs(this.config.dataFolder).then(
        ({ bavail, bsize }) => bavail * bsize >= leastFreeBytes,
        // A disk that cannot be looked at is for the database to judge.
        () => true,
      );
    }
    if (!(await this.#looked)) throw new ProblemException(507, noRoom);
  }
}
