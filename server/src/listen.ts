import { serve } from '@hono/node-server';

type Fetch = Parameters<typeof serve>[0]['fetch'];

/** Ports tried before giving up. */
const TRIES = 50;

function tryPort(fetch: Fetch, port: number): Promise<boolean> {
  return new Promise((settle, fail) => {
    const server = serve({ fetch, port, hostname: '127.0.0.1' }, () => settle(true));
    server.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE') settle(false);
      else fail(error);
    });
  });
}

/**
 * Listens on loopback, on the wanted port or the next free one.
 *
 * @param onTaken told of each port that was taken
 * @returns the port listened on
 * @throws {RangeError} when fifty ports in a row are taken
 */
export async function listen(fetch: Fetch, wanted: number, onTaken: (port: number) => void): Promise<number> {
  for (let port = wanted; port < Math.min(65_536, wanted + TRIES); port += 1) {
    if (await tryPort(fetch, port)) return port;
    onTaken(port);
  }
  throw new RangeError(`no free port from ${wanted} on; name another with -- --port N`);
}
