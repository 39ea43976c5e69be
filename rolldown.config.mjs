import { copyFileSync } from 'node:fs';

/** Packages that are loaded as they are: with code for this machine, or with threads of their own. */
const loaded = ['@node-rs/argon2', 'mariadb', 'pino', 'pino-http', 'piscina', 'umzug'];
/** What packages ask for that Fornax does not have: each does without it. */
const missing =
  /^(@nestjs\/(microservices|websockets|platform-fastify)|@fastify\/|pg|mysql2|tedious|sqlite3|oracledb|snowflake-sdk|ibm_db|odbc)|^class-transformer\/storage$/;
const isLoaded = (id) => missing.test(id) || loaded.some((name) => id === name || id.startsWith(`${name}/`));

/**
 * The engine keeps the text of what it runs, and twice as long where one sign of it is not Latin: so such
 * signs are written by their numbers, and comments and blanks are left out. Names stay, as errors tell them.
 */
const short = {
  charset: 'ascii',
  comments: false,
  minify: { mangle: false, compress: false, codegen: { removeWhitespace: true } },
};
const shortRegularExpressions = {
  name: 'short-regular-expressions',
  renderChunk: (code) =>
    code.replace(/[^\0-\xff]/g, (sign) => `\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`),
};

/**
 * What Node.js runs is a few files instead of two thousand, each of which would be looked for, read and
 * compiled by itself whenever a server or one of its threads starts.
 */
export default [
  {
    input: { index: 'core/dist/index.js', plan: 'core/dist/plan/index.js' },
    platform: 'node',
    external: [/^[^./]/],
    output: { dir: 'core/dist/node', cleanDir: true, ...short },
    plugins: [shortRegularExpressions],
  },
  {
    input: {
      main: 'server/dist/main.js',
      prepare: 'server/dist/prepare.js',
      'work.worker': 'server/dist/planning/work.worker.js',
    },
    platform: 'node',
    external: isLoaded,
    output: { dir: 'server/dist/node', cleanDir: true, keepNames: true, ...short },
    plugins: [
      shortRegularExpressions,
      {
        name: 'thread',
        writeBundle: () => copyFileSync('server/dist/planning/thread.cjs', 'server/dist/node/thread.cjs'),
      },
    ],
  },
];
