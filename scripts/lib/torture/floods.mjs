import { startBystander } from './writers.mjs';

/** What anybody may ask without a session, and what they send. */
const anonymous = [
  [
    'POST',
    '/accounts',
    { kitchenName: 'K', name: 'N', email: 'n@example.org', password: 'four words of mine' },
  ],
  ['POST', '/session', { email: 'nobody@example.org', password: 'not this one' }],
  ['GET', '/session/options'],
  ['DELETE', '/session'],
  ['GET', '/health'],
  ['GET', '/ready'],
];

/**
 * A flood of requests without a session on each route that wants none. Returns how many were answered with
 * what, and how long somebody who is signed in waited at most (milliseconds).
 */
export async function flood(address, { atOnce = 100 } = {}) {
  const bystander = await startBystander(address);
  const statuses = {};
  for (const [method, path, body] of anonymous) {
    const answers = await Promise.all(Array.from({ length: atOnce }, () => ask(address, method, path, body)));
    for (const status of answers) statuses[status] = (statuses[status] ?? 0) + 1;
  }
  return { statuses, longest: await bystander.stop(), failed: (statuses[500] ?? 0) + (statuses[0] ?? 0) };
}

function ask(address, method, path, body) {
  return fetch(`${address}/api${path}`, {
    method,
    headers: { Origin: address, ...(body ? { 'Content-Type': 'application/json' } : {}) },
    ...(body ? { body: JSON.stringify(body) } : {}),
  }).then(
    async (answer) => {
      await answer.arrayBuffer();
      return answer.status;
    },
    () => 0,
  );
}
