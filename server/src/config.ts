/** Where the server finds its database, its files and its manners. Read once from the environment. */
export interface ServerConfig {
  readonly port: number;
  /** The address that is listened on; loopback unless set. */
  readonly host: string;
  /** Names that the server answers under, besides addresses and those of the machine itself. */
  readonly hosts: readonly string[];
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
  /** Port that the measurements are read from; none where it is 0. */
  readonly metricsPort: number;
  /** The address that they are read on: loopback unless set, whatever else is listened on. */
  readonly metricsHost: string;
  readonly logLevel: string;
  /** File that the log is written to; the console where it is empty. */
  readonly logFile: string;
  /** File with the key that names and needs are sealed with; it is no part of the data. */
  readonly keyFile: string;
  /** Folder whose disk must have room for what is written; empty where the data is elsewhere. */
  readonly dataFolder: string;
}

export function readConfig(environment: NodeJS.ProcessEnv): ServerConfig {
  const databaseUrl = environment.FORNAX_DATABASE;
  if (!databaseUrl)
    throw new Error('FORNAX_DATABASE is not set: start Fornax with npm run demo or npm start.');
  return {
    port: Number(environment.PORT ?? 4600),
    host: environment.HOST ?? '127.0.0.1',
    hosts: hostsOf(environment),
    trustProxy: environment.TRUST_PROXY ?? '',
    pool: poolOf(environment.FORNAX_POOL),
    databaseUrl,
    webFolder: environment.FORNAX_WEB ?? '',
    demo: environment.FORNAX_DEMO === '1',
    metricsPort: portOf(environment.FORNAX_METRICS_PORT),
    metricsHost: environment.FORNAX_METRICS_HOST ?? '127.0.0.1',
    logLevel: environment.FORNAX_LOG ?? 'warn',
    logFile: environment.FORNAX_LOG_FILE ?? '',
    keyFile: environment.FORNAX_KEY_FILE ?? '',
    dataFolder: environment.FORNAX_DATA_FOLDER ?? '',
  };
}

/** A name that is listened on is one that is answered under. */
function hostsOf({ FORNAX_HOSTS = '', HOST = '' }: NodeJS.ProcessEnv): string[] {
  return [...FORNAX_HOSTS.split(','), HOST].map((name) => name.trim()).filter(Boolean);
}

const usualPool = 8;

function poolOf(text: string | undefined): number {
  const size = Number(text ?? usualPool);
  if (!Number.isInteger(size) || size < 1 || size > 200)
    throw new Error(`FORNAX_POOL is “${text}”: give a whole number from 1 to 200.`);
  return size;
}

function portOf(text = '0'): number {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`FORNAX_METRICS_PORT is “${text}”: give a port from 1 to 65535.`);
  return port;
}

export const CONFIG = Symbol('config');
