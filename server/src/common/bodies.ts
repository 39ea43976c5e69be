import { bodyProblem } from '@fornax/contract';
import type { NextFunction, Request, Response } from 'express';
import { ProblemException } from './problem.js';

/** What is too deep, too large or named like the language itself goes no further. */
export function refuseHarmfulBodies(request: Request, _: Response, next: NextFunction): void {
  const sentence = bodyProblem(request.body);
  next(sentence ? new ProblemException(422, sentence) : undefined);
}
