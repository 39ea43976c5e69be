import { randomUUID } from 'node:crypto';

const longestMilliseconds = 30_000;

/**
 * Somebody who is signed in to the demo kitchen, or who has the cookie of a kitchen of their own. Answers are
 * `{ status, body, headers }`; one that never came has the status 0.
 */
export async function visitor(address, cookie = null) {
  const own = cookie ?? (await signIn(address));
  const send = async (method, path, body, headers = {}, to = address) => {
    try {
      const answer = await fetch(`${to}/api${path}`, {
        method,
        headers: {
          cookie: own,
          Origin: to,
          ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
          ...headers,
        },
        body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
        signal: AbortSignal.timeout(longestMilliseconds),
      });
      return { status: answer.status, body: bodyOf(await answer.text()), headers: answer.headers };
    } catch {
      return { status: 0, body: null, headers: new Headers() };
    }
  };
  return {
    cookie: own,
    send,
    get: (path, to) => send('GET', path, undefined, {}, to),
    makeClass: (title, id = randomUUID()) =>
      send('POST', '/classes', { id, title, startsAt: `${new Date().getFullYear() + 2}-03-05T18:30` }),
    patch: (path, revision, body, to) => send('PATCH', path, body, { 'If-Match': `"r${revision}"` }, to),
  };
}

async function signIn(address) {
  const answer = await fetch(`${address}/api/session`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Origin: address },
    body: '{"demo":true}',
  });
  if (answer.status !== 204) throw new Error(`Signing in was answered with ${answer.status}.`);
  return answer.headers.get('set-cookie').split(';')[0];
}

function bodyOf(text) {
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}
