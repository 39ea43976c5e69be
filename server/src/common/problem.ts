import { ArgumentsHost, Catch, HttpException, type ExceptionFilter } from '@nestjs/common';
import { fieldProblems, type Problem } from '@fornax/contract';
import type { ValidationError } from 'class-validator';
import type { Request, Response } from 'express';
import { BaseError, ConnectionError, ForeignKeyConstraintError, UniqueConstraintError } from 'sequelize';
import { isPassing } from '../database/faults.js';
import type { Logger } from './logger.js';

const titles: Readonly<Record<number, string>> = {
  400: 'Not understood',
  401: 'Not signed in',
  403: 'Not allowed',
  404: 'Not found',
  409: 'Changed meanwhile',
  410: 'Gone',
  413: 'Too large',
  421: 'Another server is meant',
  422: 'Please correct this',
  428: 'Revision missing',
  429: 'Too many tries',
  500: 'Something went wrong here',
  503: 'Not now',
  507: 'No room',
};

export const noRoom =
  'The disk that holds the data is full; nothing was changed. Once there is room again, try again.';

/** An error that is answered as problem details, with a plain sentence. */
export class ProblemException extends HttpException {
  constructor(status: number, detail: string, extra: Pick<Problem, 'errors' | 'current'> = {}) {
    super({ ...problem(status, detail), ...extra }, status);
    this.message = detail;
  }
}

function problem(status: number, detail: string): Problem {
  return { type: 'about:blank', title: titles[status] ?? 'Not done', status, detail };
}

/** Turns what class-validator found into sentences with the path of each field. */
export function validationProblem(errors: readonly ValidationError[]): ProblemException {
  const found = fieldProblems(errors);
  return new ProblemException(422, found[0]?.sentence ?? 'Something in it is not valid.', { errors: found });
}

/** Answers every error as problem details. What was not foreseen is logged and told without its insides. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  constructor(private readonly logger: Logger) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const request = host.switchToHttp().getRequest<Request>();
    const answer = this.#answer(error, request);
    if (response.headersSent) return;
    response.status(answer.status).type('application/problem+json').send(JSON.stringify(answer));
  }

  #answer(error: unknown, request: Request): Problem {
    if (error instanceof ProblemException) return error.getResponse() as Problem;
    const status = statusOf(error);
    if (status >= 500) this.logger.error({ err: error, path: request.path }, 'request failed');
    return problem(status, sentenceOf(status, error));
  }
}

function statusOf(error: unknown): number {
  if (error instanceof HttpException) return error.getStatus();
  if (error instanceof UniqueConstraintError || error instanceof ForeignKeyConstraintError) return 409;
  if (isDiskFull(error)) return 507;
  if (error instanceof ConnectionError || isConnectionLost(error) || isBusy(error)) return 503;
  if (error instanceof BaseError) return 500;
  const { status } = error as { status?: unknown };
  return typeof status === 'number' && status >= 400 && status < 500 ? status : 500;
}

/** What a database says that has no room left for what it was told to keep. */
const diskFull = new Set([
  'ER_DISK_FULL',
  'ER_RECORD_FILE_FULL',
  'ER_ERROR_ON_WRITE',
  'ER_TEMP_FILE_WRITE_FAILURE',
]);

function isDiskFull(error: unknown): boolean {
  return diskFull.has((error as { original?: { code?: string } }).original?.code ?? '');
}

/**
 * A lock that did not come, a deadlock that came again and again, a node that takes no part just now: nothing
 * was done, and it can be tried again.
 */
function isBusy(error: unknown): boolean {
  return isPassing((error as { original?: { code?: string } }).original?.code ?? '');
}

/** The driver marks what ended its connection as fatal: the database went away in the middle of a request. */
function isConnectionLost(error: unknown): boolean {
  return (error as { original?: { fatal?: boolean } }).original?.fatal === true;
}

function sentenceOf(status: number, error: unknown): string {
  switch (status) {
    case 400:
      return 'The request was not readable JSON; nothing was changed.';
    case 404:
      return 'There is nothing at this address.';
    case 409:
      return 'This clashes with what somebody else has just saved; load it again.';
    case 413:
      return 'That is more than 1 MB; send it in smaller parts.';
    case 503:
      return 'The database does not answer; nothing was lost, try again in a moment.';
    case 507:
      return noRoom;
    default:
      return status < 500 && error instanceof HttpException
        ? error.message
        : 'Something went wrong on the server; nothing was changed. Try again.';
  }
}
