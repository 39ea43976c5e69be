import fc from 'fast-check';

/**
 * A property is tried for 20 seconds at most, and what was tried by then counts: a busy machine tries fewer
 * cases, and fails none.
 */
fc.configureGlobal({ interruptAfterTimeLimit: 20_000, markInterruptAsFailure: false });
