import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { Inject, Injectable } from '@nestjs/common';
import { parse } from 'cookie';
import type { FirstAccountDto, SessionView, SignInDto, SignInOptions } from '@fornax/contract';
import { Op, QueryTypes, UniqueConstraintError } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { v7 as uuid } from 'uuid';
import { CONFIG, type ServerConfig } from '../config.js';
import { ProblemException } from '../common/problem.js';
import type { SessionContext } from '../common/session-context.js';
import { AccountRow, FirstAccountRow, KitchenRow, SessionRow, SignInAttemptRow } from '../database/models.js';
import { inTransaction } from '../database/transaction.js';
import { createKitchen } from '../kitchens/create-kitchen.js';
import { isCommonPassword } from './common-passwords.js';

export const cookieName = 'fornax';
export const sessionDays = 30;
const attemptWindowMinutes = 15;
/** Tries in that time for one account from one address, and for all accounts from it. */
const mostForAccount = 5;
const mostFromAddress = 10;
/** A hash of nothing, so that an unknown address takes as long as a wrong password. */
const decoy = hash(randomBytes(16).toString('hex'));

const sessionQuery = `
  SELECT sessions.account_id AS accountId, accounts.name AS accountName, sessions.kitchen_id AS kitchenId,
    (SELECT COALESCE(SUM(changes), 0) FROM kitchen_changes
      WHERE kitchen_changes.kitchen_id = sessions.kitchen_id) AS stamp
  FROM sessions JOIN accounts ON accounts.id = sessions.account_id
  WHERE sessions.token_hash = ? AND sessions.expires_at > ?`;

/**
 * Sign-in, sign-out and the first account. All state is in the database, so that several servers can stand
 * side by side.
 */
@Injectable()
export class SessionsService {
  constructor(
    private readonly sequelize: Sequelize,
    @Inject(CONFIG) private readonly config: ServerConfig,
  ) {}

  async options(): Promise<SignInOptions> {
    const accounts = await AccountRow.count({ where: { email: { [Op.ne]: null } } });
    return { demo: this.config.demo, firstStart: !this.config.demo && accounts === 0 };
  }

  /** Signs in and returns the cookie's token. */
  async signIn(input: SignInDto, address: string, cookieHeader?: string): Promise<string> {
    const account = input.demo ? await this.#demoAccount() : await this.#checkPassword(input, address);
    // The session that this browser had ends: nobody would ever sign out of it.
    await this.signOut(cookieHeader);
    return this.#open(account);
  }

  async #demoAccount(): Promise<AccountRow> {
    const kitchen = this.config.demo ? await KitchenRow.findOne({ where: { demo: true } }) : null;
    const account = kitchen ? await AccountRow.findOne({ where: { kitchenId: kitchen.id } }) : null;
    if (!account) throw new ProblemException(403, 'This Fornax was started without demo data.');
    return account;
  }

  async #checkPassword(input: SignInDto, address: string): Promise<AccountRow> {
    const email = (input.email ?? '').toLowerCase();
    const tries = await this.#countTries(email, address);
    const account = email ? await AccountRow.findOne({ where: { email } }) : null;
    const right = await verify(account?.passwordHash ?? (await decoy), input.password ?? '');
    if (account && right) {
      await inTransaction(this.sequelize, () => SignInAttemptRow.destroy({ where: { id: tries } }));
      return account;
    }
    throw new ProblemException(401, 'E-mail address and password do not belong together.', {
      errors: [{ field: 'password', sentence: 'E-mail address and password do not belong together.' }],
    });
  }

  /**
   * Writes a try down before it is looked at, so that many at once count as many; throws where there have
   * been too many from the address, or for the account from there. Tries from elsewhere are not held against
   * whoever owns the account, nor are those that were not looked at.
   */
  async #countTries(email: string, address: string): Promise<string[]> {
    const since = new Date(Date.now() - attemptWindowMinutes * 60_000);
    const made: string[] = [];
    for (const [subject, most] of [
      [subjectOf(`from ${address}`), mostFromAddress],
      [subjectOf(`${email} from ${address}`), mostForAccount],
    ] as const) {
      const id = uuid();
      await inTransaction(this.sequelize, () => SignInAttemptRow.create({ id, subject, at: new Date() }));
      made.push(id);
      const count = await SignInAttemptRow.count({ where: { subject, at: { [Op.gt]: since } } });
      if (count > most)
        throw new ProblemException(
          429,
          `Too many tries; wait ${attemptWindowMinutes} minutes and try again.`,
        );
    }
    return made;
  }

  /** Makes the first kitchen and account; refused once there is one. */
  async createFirstAccount(input: FirstAccountDto): Promise<string> {
    if (await isCommonPassword(input.password)) throw tooCommon();
    const passwordHash = await hash(input.password);
    const account = await inTransaction(this.sequelize, async () => {
      if (this.config.demo || (await FirstAccountRow.findByPk(1))) throw accountExists();
      const kitchen = await createKitchen({ name: input.kitchenName });
      const made = await AccountRow.create({
        id: uuid(),
        kitchenId: kitchen.id,
        name: input.name,
        email: input.email.toLowerCase(),
        passwordHash,
      });
      await FirstAccountRow.create({ id: 1, accountId: made.id });
      return made;
    }).catch((error: unknown) => {
      throw error instanceof UniqueConstraintError ? accountExists() : error;
    });
    return this.#open(account);
  }

  async #open(account: AccountRow): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(Date.now() + sessionDays * 86_400_000);
    await inTransaction(this.sequelize, async () => {
      await SessionRow.destroy({ where: { expiresAt: { [Op.lt]: new Date() } } });
      await SessionRow.create({
        tokenHash: tokenHash(token),
        accountId: account.id,
        kitchenId: account.kitchenId,
        expiresAt,
      });
    });
    return token;
  }

  /** The session a cookie header opens, or null: one query, since every request asks it. */
  async find(cookieHeader: string | undefined): Promise<SessionContext | null> {
    const token = parse(cookieHeader ?? '')[cookieName];
    if (!token) return null;
    const found = await this.sequelize.query<SessionContext>(sessionQuery, {
      type: QueryTypes.SELECT,
      replacements: [tokenHash(token), new Date()],
    });
    const session = found[0];
    return session ? { ...session, stamp: String(session.stamp) } : null;
  }

  async view(session: SessionContext): Promise<SessionView> {
    const kitchen = await KitchenRow.findByPk(session.kitchenId, { rejectOnEmpty: true });
    return {
      person: { id: session.accountId, name: session.accountName },
      kitchen: { id: kitchen.id, name: kitchen.facts.name },
      demo: kitchen.demo,
    };
  }

  async signOut(cookieHeader: string | undefined): Promise<void> {
    const token = parse(cookieHeader ?? '')[cookieName];
    if (!token) return;
    const where = { tokenHash: tokenHash(token) };
    await inTransaction(this.sequelize, () => SessionRow.destroy({ where }));
  }
}

function tooCommon(): ProblemException {
  const sentence = 'This password is one of those that are tried first: choose another, such as four words.';
  return new ProblemException(422, sentence, { errors: [{ field: 'password', sentence }] });
}

function accountExists(): ProblemException {
  return new ProblemException(409, 'There is an account already: sign in with it.');
}

/** Whose tries they are, without saying it. */
function subjectOf(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}

function tokenHash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
