import fc from 'fast-check';

/**
 * The same cases in every run, so that a change is what makes a test fail; npm run torture looks further,
 * with a seed of its own each time, in FORNAX_SEED.
 *
 * A property is tried for 20 seconds at most, and what was tried by then counts: a busy machine tries fewer
 * cases, and fails none.
 */
fc.configureGlobal({
  seed: Number(process.env.FORNAX_SEED ?? 1),
  interruptAfterTimeLimit: 20_000,
  markInterruptAsFailure: false,
});
