/** One measurement on a line of its own. */
export function row(name, value) {
  process.stdout.write(`${name.padEnd(58)} ${value}\n`);
}

export function median(values) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)];
}

/** Median milliseconds of some work. */
export function timed(work, rounds) {
  return median(
    Array.from({ length: rounds }, () => {
      const start = performance.now();
      work();
      return performance.now() - start;
    }),
  );
}
