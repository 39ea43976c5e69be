import { createServer } from 'node:http';
import { createProxyServer } from 'httpxy';

const lookEveryMilliseconds = 500;
const answersWithinMilliseconds = 2000;

/**
 * A small balancer: one request to this server, the next to that, among those that say they are ready. A
 * request that could not even be handed over goes to another; one that was cut off may have been done, so
 * whoever asked is told (502) and asks again.
 */
export async function startBalancer(port, addresses) {
  const proxy = createProxyServer({ xfwd: true });
  const ready = new Set(addresses);
  let turn = 0;
  const look = setInterval(() => {
    for (const address of addresses) void looked(address, ready);
  }, lookEveryMilliseconds);

  const pass = async (request, response, tried) => {
    const open = addresses.filter((each) => !tried.includes(each));
    const standing = open.filter((each) => ready.has(each));
    const choice = standing.length > 0 ? standing : open;
    if (choice.length === 0) return refuse(response, 503);
    const address = choice[turn++ % choice.length];
    try {
      await proxy.web(request, response, { target: address });
    } catch (error) {
      ready.delete(address);
      const wasHandedOver = error?.code !== 'ECONNREFUSED';
      if (wasHandedOver || response.headersSent) refuse(response, 502);
      else await pass(request, response, [...tried, address]);
    }
  };
  const server = createServer((request, response) => void pass(request, response, []));
  await new Promise((resolve, reject) => {
    server.once('error', reject).listen(port, '127.0.0.1', resolve);
  });
  return {
    async stop() {
      clearInterval(look);
      server.closeAllConnections();
      await new Promise((resolve) => {
        server.close(resolve);
      });
    },
  };
}

async function looked(address, ready) {
  const signal = AbortSignal.timeout(answersWithinMilliseconds);
  const isReady = await fetch(`${address}/api/ready`, { signal }).then(
    ({ ok }) => ok,
    () => false,
  );
  if (isReady) ready.add(address);
  else ready.delete(address);
}

function refuse(response, status) {
  if (response.headersSent) return response.destroy();
  response.writeHead(status, { 'Content-Type': 'text/plain' }).end('No server could answer; ask again.');
}
