import { serve } from '@hono/node-server';

type Fetch = Parameters<typeof serve>[0]['fetch'];

/** Ports tried before giving up. */
const TRIES = 50;

/** This machine’s own addresses, of both kinds. */
const LOOPBACK = ['127.0.0.1', '::1'] as const;
/** What a machine says that has no addresses of a kind. */
const NO_SUCH_KIND = ['EADDRNOTAVAIL', 'EAFNOSUPPORT'];

type Tried = 'listens' | 'taken' | 'no such address';

function tryAddress(fetch: Fetch, hostname: string, port: number): Promise<[Tried, { close(): void }]> {
  return new Promise((settle, fail) => {
    const server = serve({ fetch, port, hostname }, () => settle(['listens', server]));
    server.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE') settle(['taken', server]);
      else if (NO_SUCH_KIND.includes(error.code ?? '')) settle(['no such address', server]);
      else fail(error);
    });
  });
}

/** Listens on a port of every loopback address that there is, or on none of them. */
async function tryPort(fetch: Fetch, port: number): Promise<boolean> {
  const open: { close(): void }[] = [];
  for (const hostname of LOOPBACK) {
    const [tried, server] = await tryAddress(fetch, hostname, port);
    if (tried === 'listens') open.push(server);
    if (tried !== 'taken') continue;
    for (const one of open) one.close();
    return false;
  }
  return true;
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
