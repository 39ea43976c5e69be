import { createHash } from 'node:crypto';
import { spawn } from 'node:child_process';
import { userInfo } from 'node:os';
import { Transform } from 'node:stream';
import { finished } from 'node:stream/promises';
import { StringDecoder } from 'node:string_decoder';
import { environment } from '../database-process.mjs';
import { endOf } from './processes.mjs';

/** Where the record of changes stood, as MariaDB writes it into the head of a dump. */
const placeLine = /MASTER_LOG_FILE='([^']+)', MASTER_LOG_POS=(\d+)/;
const tableLine = /^(?:CREATE TABLE|INSERT INTO) `(\w+)`/;

/**
 * A schema as statements, all of it as it was at one moment: one transaction, so that nobody waits, and rows
 * in the order of their keys, so that the same content gives the same text. `counted` resolves, once all of
 * it has been read, with the place in the record of changes and what each table holds.
 */
export function dumpOf(socket, schema) {
  const dumping = spawn(
    'mariadb-dump',
    [
      '--no-defaults',
      `-u${userInfo().username}`,
      `--socket=${socket}`,
      '--single-transaction',
      '--master-data=2',
      '--hex-blob',
      '--order-by-primary',
      '--skip-extended-insert',
      '--no-autocommit',
      '--default-character-set=utf8mb4',
      schema,
    ],
    { env: environment, stdio: ['ignore', 'pipe', 'pipe'] },
  );
  const ended = endOf(dumping, 'The backup could not be taken');
  const count = new Count();
  dumping.stdout.pipe(count);
  const counted = Promise.all([finished(count), ended]).then(() => count.told());
  counted.catch((error) => count.destroy(error));
  return { stream: count, counted };
}

/** Passes statements on, and counts rows by table with a digest of them: a row is a line of its own. */
class Count extends Transform {
  #decoder = new StringDecoder('utf8');
  #begun = '';
  #tables = new Map();
  #place = null;

  _transform(chunk, _, done) {
    const lines = (this.#begun + this.#decoder.write(chunk)).split('\n');
    this.#begun = lines.pop();
    for (const line of lines) this.#take(line);
    done(null, chunk);
  }

  #take(line) {
    const [, log, position] = this.#place ? [] : (placeLine.exec(line) ?? []);
    if (log) this.#place = { log, position: Number(position) };
    const [, table] = tableLine.exec(line) ?? [];
    if (!table) return;
    const found = this.#tables.get(table) ?? { rows: 0, digest: createHash('sha256') };
    this.#tables.set(table, found);
    if (!line.startsWith('INSERT')) return;
    found.rows += 1;
    found.digest.update(line);
  }

  /** The place in the record of changes, and rows and digest of each table. */
  told() {
    const tables = [...this.#tables].map(([name, { rows, digest }]) => [
      name,
      { rows, digest: digest.digest('hex') },
    ]);
    return { place: this.#place, tables: Object.fromEntries(tables) };
  }
}
