/**
 * Moments by the wall clock, which whoever looks after a machine may set: for what is kept over a restart or
 * shown. How long something takes is measured with performance.now(), which only goes on.
 */
export function momentIn(milliseconds: number): Date {
  return new Date(new Date().getTime() + milliseconds);
}

export function momentBefore(milliseconds: number): Date {
  return momentIn(-milliseconds);
}
