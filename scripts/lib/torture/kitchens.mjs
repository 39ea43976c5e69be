import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { administer } from '../database-accounts.mjs';
import { environment } from '../database-process.mjs';
import { visitor } from './visitor.mjs';

/**
 * Two kitchens of one Fornax, each with a word in what it wrote that is nowhere else: the demo's, and another
 * that is put beside it in the database, with a class and a recipe of its own.
 */
export async function twoKitchens({ address, database }) {
  const first = await visitor(address);
  const token = randomBytes(32).toString('base64url');
  const other = { cookie: `fornax=${token}`, word: 'Kestrelford' };
  makeKitchen(database.socket, token);
  const kitchens = [{ cookie: first.cookie, word: 'Wrenhollow' }, other];
  for (const { cookie, word } of kitchens) {
    const person = await visitor(address, cookie);
    const made = await person.makeClass(`${word} class`);
    if (made.status !== 201) throw new Error(`A class was answered with ${made.status}.`);
    const kitchen = (await person.get('/kitchen')).body;
    await person.patch('/kitchen', kitchen.revision, { name: `${word} kitchen` });
  }
  return kitchens;
}

function makeKitchen(socket, token) {
  const [kitchen, account] = [randomUUID(), randomUUID()];
  const hash = createHash('sha256').update(token).digest('hex');
  const done = administer(
    socket,
    `USE fornax;
    INSERT INTO kitchens (id, facts, demo, revision) SELECT '${kitchen}', facts, 0, 1 FROM kitchens LIMIT 1;
    INSERT INTO accounts (id, kitchen_id, name) VALUES ('${account}', '${kitchen}', 'Somebody else');
    INSERT INTO sessions (token_hash, account_id, kitchen_id, expires_at)
      VALUES ('${hash}', '${account}', '${kitchen}', NOW() + INTERVAL 1 DAY);`,
    environment,
  );
  if (done.status !== 0) throw new Error(done.stderr);
}
