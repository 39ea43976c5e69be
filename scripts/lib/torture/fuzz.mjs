import { randomUUID } from 'node:crypto';
import { chances, valueOf } from './values.mjs';
import { visitor } from './visitor.mjs';

/** Requests that are under way at once. */
const atOnce = 8;
/** What takes a thread of its own its time is asked for seldom; it has tests of its own. */
const heavy = /plan$|cards|needs$|accounts$/;
const heavyShare = 0.02;
/** A share of the requests is spoiled: something in them is missing, null or of another kind. */
const spoiledShare = 0.25;

/**
 * Requests made from the description of the API, most of which pass validation, by two kitchens that have
 * each other's ids. Returns how many were sent, by status, and what must not be: answers of 500 or none, and
 * answers that hold a word of the other kitchen.
 */
export async function fuzz(address, { kitchens, requests, seed = Date.now(), until = Infinity }) {
  const people = await Promise.all(kitchens.map(({ cookie }) => visitor(address, cookie)));
  const description = (await people[0].get('/openapi.json')).body;
  const chance = chances(seed);
  const routes = routesOf(description);
  const ids = await idsOf(people);
  const result = { requests: 0, statuses: {}, failed: [], foreign: [], seed };
  const one = async () => {
    const who = result.requests % people.length;
    result.requests += 1;
    const request = requestOf(pick(routes, chance), description, ids, chance);
    const { status, body } = await people[who].send(
      request.method,
      request.path,
      request.body,
      request.headers,
    );
    result.statuses[status] = (result.statuses[status] ?? 0) + 1;
    const told = JSON.stringify(body ?? '');
    if (status === 500 || status === 0) result.failed.push(request);
    if (told.includes(kitchens[1 - who].word)) result.foreign.push(request);
    if (status === 201 && typeof body?.id === 'string' && ids.length < 400) ids.push(body.id);
  };
  const worker = async () => {
    while (result.requests < requests && performance.now() < until) await one();
  };
  await Promise.all(Array.from({ length: atOnce }, worker));
  return result;
}

function routesOf({ paths }) {
  return Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods)
      .filter(([method]) => !(method === 'delete' && path === '/api/session'))
      .filter(
        ([, { requestBody }]) =>
          !requestBody?.content['application/json']?.schema.$ref?.endsWith('SignInDto'),
      )
      .map(([method, { requestBody, parameters = [] }]) => ({
        method: method.toUpperCase(),
        path: path.replace(/^\/api/, ''),
        schema: requestBody?.content['application/json']?.schema,
        query: parameters.filter((each) => each.in === 'query'),
      })),
  );
}

/** Ids that both have seen, so that each tries the other's. */
async function idsOf(people) {
  const found = [];
  for (const person of people)
    for (const path of ['/classes', '/recipes', '/stock', '/courses'])
      for (const { id } of (await person.get(path)).body) found.push(id);
  return found;
}

function pick(routes, chance) {
  for (;;) {
    const route = routes[Math.floor(chance() * routes.length)];
    if (!heavy.test(route.path) || chance() < heavyShare) return route;
  }
}

function requestOf({ method, path, schema, query }, description, ids, chance) {
  const known = () =>
    chance() < 0.8 && ids.length > 0 ? ids[Math.floor(chance() * ids.length)] : randomUUID();
  const value = schema && valueOf(schema, description, { chance, known });
  const body = value !== undefined && chance() < spoiledShare ? spoiled(value, chance) : value;
  const filled = path.replace(/\{(\w+)\}/g, (_, name) =>
    name === 'ingredient' ? ['feta', 'lemon', 'samphire'][Math.floor(chance() * 3)] : known(),
  );
  const asked = query
    .filter(() => chance() < 0.5)
    .map(
      ({ name, schema: of = {} }) =>
        `${name}=${encodeURIComponent(String(valueOf(of, description, { chance, known })))}`,
    );
  return {
    method,
    path: `${filled}${asked.length > 0 ? `?${asked.join('&')}` : ''}`,
    body: body ?? (schema ? {} : undefined),
    headers: { 'If-Match': `"r${Math.ceil(chance() * 4)}"` },
  };
}

/** One place in it, however deep, is something else. */
function spoiled(value, chance) {
  const copy = structuredClone(value);
  let place = copy;
  for (;;) {
    const keys = Object.keys(place ?? {});
    if (keys.length === 0) return copy;
    const key = keys[Math.floor(chance() * keys.length)];
    if (typeof place[key] === 'object' && place[key] !== null && chance() < 0.7) place = place[key];
    else {
      const others = [null, [], {}, '', 'x', -1, 1e21, true, ['x'], [null], { constructor: 1 }];
      place[key] = others[Math.floor(chance() * others.length)];
      return copy;
    }
  }
}
