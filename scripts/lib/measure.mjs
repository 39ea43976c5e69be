import { readFileSync } from 'node:fs';

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

/** Memory of a process that is held in the machine's, in MB. */
export function residentMegabytes(pid) {
  return Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024);
}

/** Milliseconds: their median, 99th percentile, and how far that lies from it. */
export function spread(times) {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
  const [half, most] = [at(0.5), at(0.99)];
  return (
    `${half.toFixed(0)} ms median, ${most.toFixed(0)} ms at the 99th percentile ` +
    `(${(most / half).toFixed(1)} ×), ${times.length} of them`
  );
}
