/** Where the server finds its database, its files and its manners. Read once from the environment. */
export interface ServerConfig {
  readonly port: number;
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
    databaseUrl,
    webFolder: environment.FORNAX_WEB ?? '',
    demo: environment.FORNAX_DEMO === '1',
    logLevel: environment.FORNAX_LOG ?? 'warn',
  };
}

export const CONFIG = Symbol('config');
