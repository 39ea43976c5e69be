import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import * as firstTables from './migrations/0001-first-tables.js';
import * as choicesLarderStock from './migrations/0002-choices-larder-stock.js';
import * as recipeParts from './migrations/0004-recipe-parts.js';
import * as keysByLetter from './migrations/0005-keys-by-letter.js';
import * as makingDecisionsCounts from './migrations/0003-making-decisions-counts.js';

/** Forward only, in this order. A landed migration is never edited. */
const migrations = [
  { name: '0001-first-tables', up: firstTables.up },
  { name: '0002-choices-larder-stock', up: choicesLarderStock.up },
  { name: '0003-making-decisions-counts', up: makingDecisionsCounts.up },
  { name: '0004-recipe-parts', up: recipeParts.up },
  { name: '0005-keys-by-letter', up: keysByLetter.up },
];

function umzugOf(sequelize: Sequelize) {
  return new Umzug({
    migrations: migrations.map(({ name, up }) => ({ name, up: () => up(sequelize) })),
    storage: new SequelizeStorage({ sequelize, tableName: 'schema_migrations' }),
    logger: undefined,
  });
}

/** Brings the schema up to date and returns the names of what was run. */
export async function migrate(sequelize: Sequelize): Promise<string[]> {
  const done = await umzugOf(sequelize).up();
  return done.map(({ name }) => name);
}

/** A plain sentence where the schema is older or newer than this server; null where they match. */
export async function schemaMismatch(sequelize: Sequelize): Promise<string | null> {
  const umzug = umzugOf(sequelize);
  const pending = await umzug.pending();
  if (pending.length > 0)
    return (
      'The database is older than this server: run npm run migrate ' +
      `first (${pending.map(({ name }) => name).join(', ')}).`
    );
  const known = new Set(migrations.map(({ name }) => name));
  const stored = await new SequelizeStorage({ sequelize, tableName: 'schema_migrations' }).executed();
  const newer = stored.filter((name) => !known.has(name));
  return newer.length > 0
    ? `The database is newer than this server: update Fornax first (${newer.join(', ')}).`
    : null;
}
