import { QueryTypes, type Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
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
