import { bodyProblem, normalBody } from '@fornax/contract';
import type { NextFunction, Request, Response } from 'express';
import { ProblemException } from './problem.js';

/**
 * What is too deep, too large or named like the language itself goes no further; texts come in the one form
 * in which they are kept.
 */
export function refuseHarmfulBodies(request: Request, _: Response, next: NextFunction): void {
  const sentence = bodyProblem(request.body);
  if (sentence) return next(new ProblemException(422, sentence));
  request.body = normalBody(request.body as unknown);
  next();
}
