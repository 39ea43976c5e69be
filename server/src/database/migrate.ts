import { QueryTypes, type Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { ProblemException } from '../common/problem.js';
import { underLease } from './lease.js';
import { migrations } from './migrations/index.js';

function umzugOf(sequelize: Sequelize) {
  return new Umzug({
    migrations: migrations.map(({ name, up }) => ({ name, up: () => up(sequelize) })),
    storage: new SequelizeStorage({ sequelize, tableName: 'schema_migrations' }),
    logger: undefined,
  });
}

/**
 * Brings the schema up to date and returns the names of what was run. Of several at once one does it, and the
 * others find it done.
 */
export async function migrate(sequelize: Sequelize): Promise<string[]> {
  const done = await underLease(sequelize, () => umzugOf(sequelize).up());
  return done.map(({ name }) => name);
}

/**
 * A plain sentence where the schema is older or newer than this server; null where they match. One query that
 * writes nothing: readiness asks it over and over.
 */
export async function schemaMismatch(sequelize: Sequelize): Promise<string | null> {
  const stored = await storedMigrations(sequelize);
  const pending = migrations.map(({ name }) => name).filter((name) => !stored.has(name));
  if (pending.length > 0)
    return `The database is older than this server: run npm run migrate first (${pending.join(', ')}).`;
  const known = new Set(migrations.map(({ name }) => name));
  const newer = [...stored].filter((name) => !known.has(name));
  return newer.length > 0
    ? `The database is newer than this server: update Fornax first (${newer.join(', ')}).`
    : null;
}

/**
 * Throws a 503 where the database has been brought up to date for a newer server while this one runs: what
 * it would write might be wrong there.
 */
export async function refuseOtherSchema(sequelize: Sequelize): Promise<void> {
  const [found] = await sequelize.query<{ newest: string | null }>(
    'SELECT MAX(name) AS newest FROM schema_migrations',
    { type: QueryTypes.SELECT },
  );
  if ((found?.newest ?? '') > migrations[migrations.length - 1]!.name)
    throw new ProblemException(
      503,
      'Fornax is being brought up to date; nothing was changed. Try again in a few minutes.',
    );
}

async function storedMigrations(sequelize: Sequelize): Promise<ReadonlySet<string>> {
  const rows = await sequelize
    .query<{ name: string }>('SELECT name FROM schema_migrations ORDER BY name', { type: QueryTypes.SELECT })
    .catch((error: unknown) => {
      const { code = '' } = (error as { original?: { code?: string } }).original ?? {};
      // Nothing has been set up yet.
      if (code === 'ER_NO_SUCH_TABLE') return [];
      throw error;
    });
  return new Set(rows.map(({ name }) => name));
}
