import { PlainError } from '../say.mjs';

/** Resolves once a process has ended well; rejects with what it said. `what` begins the sentence. */
export function endOf(child, what) {
  let said = '';
  child.stderr.on('data', (chunk) => {
    said += chunk;
  });
  return new Promise((resolve, reject) => {
    child.once('error', (error) => reject(new PlainError(`${what}: ${error.message}.`)));
    child.once('close', (status) =>
      status === 0 ? resolve() : reject(new PlainError(`${what}: ${said.trim() || 'it gave no reason'}.`)),
    );
  });
}
