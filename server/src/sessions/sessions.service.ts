import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { Inject, Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { parse } from 'cookie';
import type { FirstAccountDto, SessionView, SignInDto, SignInOptions } from '@fornax/contract';
import { Op, QueryTypes, UniqueConstraintError } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { v7 as uuid } from 'uuid';
import { CONFIG, type ServerConfig } from '../config.js';
import { networkOf } from '../common/address.js';
import { momentIn } from '../common/clock.js';
import { Logger } from '../common/logger.js';
import { ProblemException } from '../common/problem.js';
import type { SessionContext } from '../common/session-context.js';
import { Turns } from '../common/turns.js';
import { DiskRoom } from '../database/disk-room.js';
import { AccountRow, FirstAccountRow, KitchenRow, SessionRow } from '../database/models.js';
import { inTransaction } from '../database/transaction.js';
import { createKitchen } from '../kitchens/create-kitchen.js';
import { isCommonPassword } from './common-passwords.js';
import { deviceCookie, deviceHash, isKnownDevice, knowDevice, sweepDevices } from './devices.js';
import { countTry, subjectsOfDevice, subjectsOfStranger, sweepTries, takeBack } from './tries.js';

export const cookieName = 'fornax';
export const sessionDays = 30;
const sweepMilliseconds = 60 * 60 * 1000;
/**
 * Passwords are hashed a few at a time, in turn by whoever asks: each takes a thread of the process, which
 * files and names of hosts want as well.
 */
const hashing = new Turns({
  places: 2,
  mostWaiting: 10,
  busy: 'Many people are signing in from here just now; try again in a moment.',
});
/** A hash of nothing, so that an unknown address takes as long as a wrong password. */
const decoy = hash(randomBytes(16).toString('hex'));

/** What the cookies of a browser hold once it is signed in; a device only where a password opened it. */
export interface Opened {
  readonly session: string;
  readonly device: string | null;
}

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
export class SessionsService implements OnModuleInit, OnModuleDestroy {
  #timer: NodeJS.Timeout | null = null;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly disk: DiskRoom,
    private readonly logger: Logger,
    @Inject(CONFIG) private readonly config: ServerConfig,
  ) {}

  onModuleInit(): void {
    const sweep = () =>
      void this.sweep().catch((err: unknown) =>
        this.logger.error({ err }, 'Old sign-ins could not be swept.'),
      );
    sweep();
    this.#timer = setInterval(sweep, sweepMilliseconds).unref();
  }

  onModuleDestroy(): void {
    if (this.#timer) clearInterval(this.#timer);
  }

  async options(): Promise<SignInOptions> {
    const accounts = await AccountRow.count({ where: { email: { [Op.ne]: null } } });
    return { demo: this.config.demo, firstStart: !this.config.demo && accounts === 0 };
  }

  /** Signs in and returns what the browser's cookies hold. */
  async signIn(input: SignInDto, address: string, cookieHeader?: string): Promise<Opened> {
    await this.disk.check();
    const cookies = parse(cookieHeader ?? '');
    const account = input.demo
      ? await this.#demoAccount()
      : await this.#checkPassword(input, networkOf(address), cookies[deviceCookie]);
    // The session that this browser had ends: nobody would ever sign out of it.
    await this.signOut(cookieHeader);
    return this.#open(account, cookies[deviceCookie]);
  }

  async #demoAccount(): Promise<AccountRow> {
    const kitchen = this.config.demo ? await KitchenRow.findOne({ where: { demo: true } }) : null;
    const account = kitchen ? await AccountRow.findOne({ where: { kitchenId: kitchen.id } }) : null;
    if (!account) throw new ProblemException(403, 'This Fornax was started without demo data.');
    return account;
  }

  async #checkPassword(input: SignInDto, network: string, device?: string): Promise<AccountRow> {
    const email = (input.email ?? '').toLowerCase();
    const account = email ? await AccountRow.findOne({ where: { email } }) : null;
    const subjects = (await isKnownDevice(device, account?.id as string | undefined))
      ? subjectsOfDevice(deviceHash(device!))
      : subjectsOfStranger(email, network);
    await countTry(this.sequelize, subjects);
    const known = account?.passwordHash ?? (await decoy);
    const isRight = await hashing.run(network, () => verify(known, input.password ?? ''));
    if (account && isRight) {
      await takeBack(this.sequelize, subjects);
      return account;
    }
    throw new ProblemException(401, 'E-mail address and password do not belong together.', {
      errors: [{ field: 'password', sentence: 'E-mail address and password do not belong together.' }],
    });
  }

  /** Makes the first kitchen and account; refused once there is one. */
  async createFirstAccount(input: FirstAccountDto, address: string): Promise<Opened> {
    if (this.config.demo || (await FirstAccountRow.findByPk(1))) throw accountExists();
    await this.disk.check();
    if (await isCommonPassword(input.password)) throw tooCommon();
    const passwordHash = await hashing.run(networkOf(address), () => hash(input.password));
    const account = await inTransaction(this.sequelize, async () => {
      if (await FirstAccountRow.findByPk(1)) throw accountExists();
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

  async #open(account: AccountRow, knownToken?: string): Promise<Opened> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = momentIn(sessionDays * 86_400_000);
    return inTransaction(this.sequelize, async () => {
      await SessionRow.create({
        tokenHash: tokenHash(token),
        accountId: account.id,
        kitchenId: account.kitchenId,
        expiresAt,
      });
      // Only a password makes a device known: the demo has none.
      const device = account.passwordHash ? await knowDevice(account.id as string, knownToken) : null;
      return { session: token, device };
    });
  }

  /** Forgets sessions, tries and devices whose time is over. */
  async sweep(): Promise<void> {
    await SessionRow.destroy({ where: { expiresAt: { [Op.lt]: new Date() } } });
    await sweepTries(this.sequelize);
    await sweepDevices();
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

function tokenHash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
