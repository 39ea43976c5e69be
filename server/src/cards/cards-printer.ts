import { fileURLToPath } from 'node:url';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import type { LabelSheet, MarkingSheet, StationCard, StorageLabel } from '@fornax/core';
import Tinypool from 'tinypool';
import type { Paper } from './cards-pdf.js';
import type { SetWork } from './cards.worker.js';

/** The thread goes after so long without cards, and the memory that setting them takes with it. */
const idleMilliseconds = 30_000;

/**
 * Sets cards as PDF, one class after the other on a thread that is started when somebody wants some: setting
 * forty cards takes a second, in which other requests are answered.
 */
@Injectable()
export class CardsPrinter implements OnModuleDestroy {
  #pool: Tinypool | null = null;

  pdf(cards: readonly StationCard[], paper: Paper, sheets: readonly MarkingSheet[] = []): Promise<Buffer> {
    return this.#set({ cards, paper, sheets });
  }

  labels(labels: readonly StorageLabel[], sheet: LabelSheet): Promise<Buffer> {
    return this.#set({ labels, sheet });
  }

  async #set(work: SetWork): Promise<Buffer> {
    this.#pool ??= new Tinypool({
      filename: workerFile,
      runtime: 'worker_threads',
      minThreads: 0,
      maxThreads: 1,
      idleTimeout: idleMilliseconds,
    });
    return Buffer.from((await this.#pool.run(work)) as Uint8Array);
  }

  async onModuleDestroy(): Promise<void> {
    await this.#pool?.destroy();
    this.#pool = null;
  }
}

/** The tests run the sources; a thread needs what is built of them. */
const workerFile = fileURLToPath(
  new URL(
    import.meta.url.endsWith('.ts') ? '../../dist/cards/cards.worker.js' : './cards.worker.js',
    import.meta.url,
  ),
);
