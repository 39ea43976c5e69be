import type answer from './work.worker.js';

/**
 * What a thread begins with. The pool would load a module by require(), which ends the whole process where a
 * thread is ended in the middle of it; import() does not.
 */
let loaded: Promise<{ default: typeof answer }> | null = null;

module.exports = async (question: Parameters<typeof answer>[0]) => {
  loaded ??= import('./work.worker.js');
  return (await loaded).default(question);
};
