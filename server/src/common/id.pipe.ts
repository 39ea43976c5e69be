import { Injectable, ParseUUIDPipe } from '@nestjs/common';
import { ProblemException } from './problem.js';

/** An id in an address. What is none has nothing behind it. */
@Injectable()
export class IdPipe extends ParseUUIDPipe {
  constructor() {
    super({ exceptionFactory: () => new ProblemException(404, 'There is nothing at this address.') });
  }
}
