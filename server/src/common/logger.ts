import type { LoggerService } from '@nestjs/common';
import { type Logger as Pino, pino } from 'pino';
import { pinoHttp } from 'pino-http';
import type { ServerConfig } from '../config.js';

/**
 * What is logged of an error: its kind, its code and where it came from. Never its message: those of the
 * database quote statements with their values, and those of parsers what they could not read.
 */
function tellError(error: unknown): object {
  const {
    name,
    code,
    original,
    stack = '',
  } = error as Error & { code?: string; original?: { code?: string } };
  const places = stack.split('\n').filter((line) => line.startsWith('    at '));
  return { type: name, code: original?.code ?? code, stack: places.join('\n') };
}

/** A request without its headers and what was asked for by text; an answer by its status. */
const serializers = {
  err: tellError,
  req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({
    id,
    method,
    path: url.split('?')[0],
  }),
  res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
};

/**
 * The server's log: a line of JSON each. A message may come with an object of facts before it, as pino takes
 * them, or with the name of its context behind it, as Nest gives it.
 */
export class Logger implements LoggerService {
  readonly pino: Pino;

  /** Writes to `file`, or where there is none to the console. */
  constructor({ logLevel, logFile }: Pick<ServerConfig, 'logLevel' | 'logFile'>) {
    const options = { level: logLevel, serializers };
    this.pino = logFile ? pino(options, pino.destination({ dest: logFile, sync: true })) : pino(options);
  }

  log(message: unknown, ...rest: unknown[]): void {
    this.#write('info', message, rest);
  }
  fatal(message: unknown, ...rest: unknown[]): void {
    this.#write('fatal', message, rest);
  }
  error(message: unknown, ...rest: unknown[]): void {
    this.#write('error', message, rest);
  }
  warn(message: unknown, ...rest: unknown[]): void {
    this.#write('warn', message, rest);
  }
  debug(message: unknown, ...rest: unknown[]): void {
    this.#write('debug', message, rest);
  }
  verbose(message: unknown, ...rest: unknown[]): void {
    this.#write('trace', message, rest);
  }

  #write(level: 'fatal' | 'error' | 'warn' | 'info' | 'debug' | 'trace', message: unknown, rest: unknown[]) {
    const last = rest[rest.length - 1];
    if (typeof message === 'object' && message !== null)
      this.pino[level](message, typeof last === 'string' ? last : undefined);
    else this.pino[level](typeof last === 'string' ? { context: last } : {}, String(message));
  }
}

const isTalkative = new Set(['info', 'debug', 'trace']);

/** Writes a line for every request, where the log is as talkative as that. */
export function requestLog(logger: Logger, { logLevel }: Pick<ServerConfig, 'logLevel'>) {
  return pinoHttp({ logger: logger.pino, serializers, autoLogging: isTalkative.has(logLevel) });
}
