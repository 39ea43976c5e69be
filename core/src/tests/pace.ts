/** Steps of work that is always the same; some 30 milliseconds where nothing else is at work. */
const steps = 20_000_000;
const tries = 5;

/**
 * Milliseconds that a fixed piece of work takes on this machine at this moment: what a limit is a multiple of
 * where a test asks whether something ends. Beside other work it is longer, as all else is.
 */
export function pace(): number {
  const taken = Array.from({ length: tries }, () => {
    const begun = performance.now();
    let value = 0;
    for (let step = 0; step < steps; step++) value = (value * 31 + step) | 0;
    // The value is looked at, so that the work is not left out.
    return performance.now() - begun + Math.min(0, Math.abs(value));
  });
  return Math.max(...taken);
}
