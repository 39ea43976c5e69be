import { createHash } from 'node:crypto';
import { QueryTypes, type Sequelize } from 'sequelize';
import { ProblemException } from '../common/problem.js';
import { inTransaction } from '../database/transaction.js';

const windowMinutes = 15;
/** Tries for one account from anywhere in that time that are looked at as they come. */
const mostBeforeSlowing = 20;
const longestSlowingSeconds = 60;

/** What tries are counted under, and how many are looked at; where it slows, it refuses none for good. */
interface Subject {
  readonly hash: string;
  readonly most: number;
  readonly slows: boolean;
}

interface Count {
  readonly tries: number;
  /** Seconds since the latest try. */
  readonly ago: number;
}

/** Under what the tries of somebody count who is not known on this device. */
export function subjectsOfStranger(email: string, network: string): Subject[] {
  return [
    { hash: hashOf(`from ${network}`), most: 10, slows: false },
    { hash: hashOf(`${email} from ${network}`), most: 5, slows: false },
    { hash: hashOf(`for ${email}`), most: mostBeforeSlowing, slows: true },
  ];
}

/** Those on a device on which the account has been signed in to: nobody else's tries count with them. */
export function subjectsOfDevice(deviceHash: string): Subject[] {
  return [{ hash: hashOf(`on ${deviceHash}`), most: 5, slows: false }];
}

/**
 * Counts a try before it is looked at, so that many at once count as many. Throws a 429 where there have been
 * too many, and counts none of those: what is refused is not written down. Times are the database's, so that
 * servers side by side agree.
 */
export async function countTry(sequelize: Sequelize, subjects: readonly Subject[]): Promise<void> {
  for (const subject of subjects) refuse(subject, await countOf(sequelize, subject.hash), false);
  await inTransaction(sequelize, async () => {
    for (const subject of subjects) refuse(subject, await countUp(sequelize, subject.hash), true);
  });
}

/** A try that was right counts for nothing. */
export async function takeBack(sequelize: Sequelize, subjects: readonly Subject[]): Promise<void> {
  await inTransaction(sequelize, () =>
    sequelize.query('UPDATE sign_in_tries SET tries = GREATEST(tries - 1, 0) WHERE subject IN (?)', {
      replacements: [subjects.map(({ hash }) => hash)],
    }),
  );
}

/** Forgets tries that are too old to count. */
export async function sweepTries(sequelize: Sequelize): Promise<void> {
  await sequelize.query(`DELETE FROM sign_in_tries WHERE NOT (${isCurrent})`);
}

/** A window that began in the future is one of a clock that was put back. */
const isCurrent = `since > UTC_TIMESTAMP(3) - INTERVAL ${windowMinutes} MINUTE AND since <= UTC_TIMESTAMP(3)`;

async function countOf(sequelize: Sequelize, hash: string): Promise<Count> {
  const [found] = await sequelize.query<Count>(
    `SELECT tries, TIMESTAMPDIFF(MICROSECOND, latest, UTC_TIMESTAMP(3)) / 1e6 AS ago
      FROM sign_in_tries WHERE subject = ? AND ${isCurrent}`,
    { type: QueryTypes.SELECT, replacements: [hash] },
  );
  return found ? { tries: found.tries, ago: Number(found.ago) } : { tries: 0, ago: Infinity };
}

async function countUp(sequelize: Sequelize, hash: string): Promise<Count> {
  await sequelize.query(
    `INSERT INTO sign_in_tries (subject, tries, since, latest)
      VALUES (?, 1, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))
      ON DUPLICATE KEY UPDATE tries = IF(${isCurrent}, tries + 1, 1),
        since = IF(${isCurrent}, since, VALUES(since)), latest = VALUES(latest)`,
    { replacements: [hash] },
  );
  return { ...(await countOf(sequelize, hash)), ago: Infinity };
}

/** `tries` have been counted, this one among them or not. */
function refuse({ most, slows }: Subject, { tries, ago }: Count, isCounted: boolean): void {
  const before = isCounted ? tries - 1 : tries;
  if (before < most) return;
  if (!slows) throw tooMany(`Too many tries; wait ${windowMinutes} minutes and try again.`);
  const wait = Math.min(longestSlowingSeconds, 2 ** (before - most));
  if (ago < wait)
    throw tooMany(
      `Somebody is trying many passwords for this account; wait ${wait} seconds and try again, ` +
        'or sign in on a device that you have used before.',
    );
}

function tooMany(sentence: string): ProblemException {
  return new ProblemException(429, sentence);
}

/** Whose tries they are, without saying it. */
function hashOf(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}
