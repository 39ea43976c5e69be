import { readFileSync } from 'node:fs';
import { Inject, Injectable } from '@nestjs/common';
import type { ClassDecisions, Person } from '@fornax/core';
import { Op, QueryTypes } from 'sequelize';
import { CONFIG, type ServerConfig } from '../config.js';
import { ClassKeyRow, ClassRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { type InstallationKey, keysIn, newKey, seal, unseal } from './sealing.js';

/** Who comes to a class, and what was noted about them: sealed where it is kept. */
export interface Personal {
  readonly roster: readonly Person[];
  readonly decisions: Partial<ClassDecisions>;
}

/** Columns of a class as they are written. */
export interface SealedColumns {
  readonly roster: string;
  readonly decisions: Partial<ClassDecisions>;
}

/** A class with its columns as text. */
interface SealedText {
  readonly id: string;
  readonly roster: string;
  readonly decisions: string;
}

/** A class in which nobody is named, and how a sealed one begins. */
export const nobodyNamed = '[]';
const version = 'v1:';
const ofPerson = 'person:';

/**
 * Seals names, needs and notes on people with a key of their class (AES-GCM), which is itself sealed with the
 * installation's. Erasing destroys the class's key, so that what remains of them elsewhere opens no more.
 */
@Injectable()
export class PeopleVault {
  readonly #keys: readonly InstallationKey[];

  constructor(@Inject(CONFIG) { keyFile }: ServerConfig) {
    this.#keys = keysOf(keyFile);
  }

  /** The installation's key that seals now. */
  get newest(): InstallationKey {
    return this.#keys[0]!;
  }
  get all(): readonly InstallationKey[] {
    return this.#keys;
  }

  /** What is kept of the people of some classes of a kitchen, by class. */
  async open(kitchenId: string, rows: readonly ClassRow[]): Promise<ReadonlyMap<string, Personal>> {
    const sealed = rows.filter(({ roster }) => roster.startsWith(version));
    const found =
      sealed.length === 0
        ? []
        : await new KitchenScope(ClassKeyRow, kitchenId).find({
            where: { classId: { [Op.in]: sealed.map(({ id }) => id as string) } },
          });
    const keys = new Map(found.map((row) => [row.classId, row.wrapped]));
    const opened = new Map<string, Personal>();
    for (const row of rows) {
      const id = row.id as string;
      try {
        opened.set(id, this.#openOne(row, keys.get(id)));
      } catch {
        // Somebody was erased between the reading of the row and of its key.
        opened.set(id, await this.#openAnew(kitchenId, id));
      }
    }
    return opened;
  }

  async openOne(row: ClassRow): Promise<Personal> {
    return (await this.open(row.kitchenId, [row])).get(row.id as string)!;
  }

  /** Row and key in one statement, so as they were written together. */
  async #openAnew(kitchenId: string, id: string): Promise<Personal> {
    const [found] = await ClassRow.sequelize!.query<SealedText & { wrapped: string | null }>(
      `SELECT classes.id, classes.roster, classes.decisions, class_keys.wrapped
        FROM classes LEFT JOIN class_keys ON class_keys.class_id = classes.id
        WHERE classes.id = :id AND classes.kitchen_id = :kitchenId`,
      { replacements: { id, kitchenId }, type: QueryTypes.SELECT },
    );
    if (!found) throw new Error(`Class ${id} is gone.`);
    const decisions = JSON.parse(found.decisions) as Partial<ClassDecisions>;
    return this.#openOne({ ...found, decisions }, found.wrapped ?? undefined);
  }

  #openOne(
    { id, roster, decisions }: Pick<ClassRow, 'id' | 'roster' | 'decisions'>,
    wrapped: string | undefined,
  ): Personal {
    // Of before there were keys: sealed when it is next written, or when the server starts.
    if (!roster.startsWith(version)) return { roster: JSON.parse(roster) as Person[], decisions };
    if (!wrapped) throw new Error(`The key of class ${id as string} is missing.`);
    const text = unseal(this.#unwrapped(wrapped, id as string), id as string, roster.slice(version.length));
    const kept = JSON.parse(text.toString()) as { roster: Person[]; noted: Record<string, string> };
    return { roster: kept.roster, decisions: { ...decisions, noted: { ...decisions.noted, ...kept.noted } } };
  }

  /**
   * The columns that keep the people of a class. With `isRenewed` its key is replaced, so that nothing that
   * was sealed before opens any more.
   */
  async seal(
    { id, kitchenId }: Pick<ClassRow, 'kitchenId'> & { id: string },
    { roster, decisions }: Personal,
    { isRenewed = false } = {},
  ): Promise<SealedColumns> {
    const scope = new KitchenScope(ClassKeyRow, kitchenId);
    const { onPeople, others } = parted(decisions);
    if (isRenewed || roster.length === 0) await scope.destroy({ classId: id });
    if (roster.length === 0) return { roster: nobodyNamed, decisions: others };
    const key = await this.#keyOf(scope, id);
    const text = JSON.stringify({ roster, noted: onPeople });
    return { roster: `${version}${seal(key, id, Buffer.from(text))}`, decisions: others };
  }

  async #keyOf(scope: KitchenScope<ClassKeyRow>, classId: string): Promise<Buffer> {
    const known = await scope.findOne({ where: { classId } });
    if (known) return this.#unwrapped(known.wrapped, classId);
    const key = newKey();
    await scope.create({ classId, wrapped: this.#wrapped(key, classId) });
    return key;
  }

  #wrapped(key: Buffer, classId: string): string {
    return `${this.newest.name}:${seal(this.newest.key, classId, key)}`;
  }

  #unwrapped(wrapped: string, classId: string): Buffer {
    const [name, sealed] = wrapped.split(':') as [string, string];
    const installation = this.#keys.find((each) => each.name === name);
    if (!installation)
      throw new Error(`The key ${name}, which sealed names and needs, is not in the key file.`);
    return unseal(installation.key, classId, sealed);
  }

  /** Seals every class's key with the newest of the installation's keys; returns how many were another's. */
  async rewrap(): Promise<number> {
    const old = (await ClassKeyRow.findAll()).filter(
      ({ wrapped }) => !wrapped.startsWith(`${this.newest.name}:`),
    );
    for (const { classId, kitchenId, wrapped } of old)
      await new KitchenScope(ClassKeyRow, kitchenId).createOrUpdate(
        { classId, wrapped: this.#wrapped(this.#unwrapped(wrapped, classId), classId) },
        ['wrapped'],
      );
    return old.length;
  }

  /** A sentence where names are kept that none of the keys opens; null where all is well. */
  async problem(): Promise<string | null> {
    const rows = await ClassKeyRow.findAll({ attributes: ['wrapped'] });
    const missing = rows.find(
      ({ wrapped }) => !this.#keys.some(({ name }) => wrapped.startsWith(`${name}:`)),
    );
    return missing
      ? 'Names and needs are kept here that the key in FORNAX_KEY_FILE does not open: put the key of the ' +
          'installation that they come from into that file, on a line of its own.'
      : null;
  }
}

/** Notes on people, and all others. */
function parted(decisions: Partial<ClassDecisions>) {
  const noted = Object.entries(decisions.noted ?? {});
  const isOnPeople = ([id]: readonly [string, string]) => id.startsWith(ofPerson);
  return {
    onPeople: Object.fromEntries(noted.filter(isOnPeople)),
    others:
      decisions.noted === undefined
        ? decisions
        : { ...decisions, noted: Object.fromEntries(noted.filter((each) => !isOnPeople(each))) },
  };
}

function keysOf(file: string): InstallationKey[] {
  if (!file)
    throw new Error(
      'FORNAX_KEY_FILE is not set: it names the file with the key that names and needs are sealed with.',
    );
  try {
    return keysIn(readFileSync(file, 'utf8'));
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT')
      throw new Error(`There is no key for names and needs in ${file}.`, { cause: error });
    throw error;
  }
}
