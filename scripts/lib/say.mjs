/** A problem that a person can act on: printed as one sentence, without a stack. */
export class PlainError extends Error {}

/** Runs a command's work; a plain error ends it with its sentence and exit code 1. */
export async function runCommand(work) {
  try {
    await work();
  } catch (error) {
    if (error?.code === 'ENOSPC')
      process.stderr.write('The disk is full: free some space and start again; nothing was lost.\n');
    else
      process.stderr.write(error instanceof PlainError ? `${error.message}\n` : `${error?.stack ?? error}\n`);
    process.exitCode = 1;
  }
}
