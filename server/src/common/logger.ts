import type { LoggerService } from '@nestjs/common';
import { type Logger as Pino, pino } from 'pino';
import { pinoHttp } from 'pino-http';
import type { ServerConfig } from '../config.js';

/** What must never stand in a log. */
const redact = ['req.headers.cookie', 'req.headers.authorization', 'res.headers["set-cookie"]'];

/**
 * The server's log: a line of JSON each. A message may come with an object of facts before it, as pino takes
 * them, or with the name of its context behind it, as Nest gives it.
 */
export class Logger implements LoggerService {
  readonly pino: Pino;

  constructor({ logLevel }: Pick<ServerConfig, 'logLevel'>) {
    this.pino = pino({ level: logLevel, redact });
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

/** Writes a line for every request, where the log is as talkative as that. */
export function requestLog(logger: Logger, { logLevel }: Pick<ServerConfig, 'logLevel'>) {
  return pinoHttp({ logger: logger.pino, autoLogging: logLevel === 'info' });
}
