import { administer } from '../database-accounts.mjs';
import { environment } from '../database-process.mjs';
import { startDatabase } from '../database.mjs';

/** The titles of classes that begin with a word, as the database of a folder that was put back has them. */
export async function titlesIn(folder, word) {
  const database = await startDatabase(folder);
  const { stdout, stderr, status } = administer(
    database.socket,
    `SELECT title FROM fornax.classes WHERE title LIKE '${word}%' AND deleted_at IS NULL ORDER BY title;`,
    environment,
  );
  await database.stop();
  if (status !== 0) throw new Error(stderr);
  return stdout.trim().split('\n').slice(1);
}
