import { Injectable } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

/** Whether the server is about to end: then every answer is the last on its connection. */
@Injectable()
export class Stopping {
  #isStopping = false;

  begin(): void {
    this.#isStopping = true;
  }

  /**
   * Tells browsers and balancers with the answer that this connection ends with it, so that their next
   * request goes over another, and none is cut off.
   */
  tell() {
    return (_: Request, response: Response, next: NextFunction): void => {
      const { writeHead } = response;
      response.writeHead = ((...given: Parameters<typeof writeHead>) => {
        if (this.#isStopping) response.setHeader('Connection', 'close');
        return writeHead.apply(response, given);
      }) as typeof writeHead;
      next();
    };
  }
}
