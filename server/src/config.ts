/** Where the server finds its database, its files and its manners. Read once from the environment. */
export interface ServerConfig {
  readonly port: number;
  /** The address that is listened on; loopback unless set. */
  readonly host: string;
  /**
   * The proxies in front whose word is taken for who asks and whether by TLS, as Express names them:
   * addresses, “loopback”, or how many. Nobody's where it is empty.
   */
  readonly trustProxy: string;
  /** Connections to the database at most. */
  readonly pool: number;
  readonly databaseUrl: string;
  /** Folder with the built web application; empty where none is served. */
  readonly webFolder: string;
  /** Demo mode adds the one-button sign-in. */
  readonly demo: boolean;
  readonly logLevel: string;
}

export function readConfig(environment: NodeJS.ProcessEnv): ServerConfig {
  const databaseUrl = environment.FORNAX_DATABASE;
  if (!databaseUrl)
    throw new Error('FORNAX_DATABASE is not set: start Fornax with npm run demo or npm start.');
  return {
    port: Number(environment.PORT ?? 4600),
    host: environment.HOST ?? '127.0.0.1',
    trustProxy: environment.TRUST_PROXY ?? '',
    pool: poolOf(environment.FORNAX_POOL),
    databaseUrl,
    webFolder: environment.FORNAX_WEB ?? '',
    demo: environment.FORNAX_DEMO === '1',
    logLevel: environment.FORNAX_LOG ?? 'warn',
  };
}

const usualPool = 8;

function poolOf(text: string | undefined): number {
  const size = Number(text ?? usualPool);
  if (!Number.isInteger(size) || size < 1 || size > 200)
    throw new Error(`FORNAX_POOL is “${text}”: give a whole number from 1 to 200.`);
  return size;
}

export const CONFIG = Symbol('config');
