import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { compress } from 'hono/compress';
import { secureHeaders } from 'hono/secure-headers';
import { instrumentRoutes } from './instruments/routes.ts';

function decoded(path: string): string | null {
  try {
    return decodeURIComponent(path);
  } catch {
    return null;
  }
}

/** Hosts that are this machine by any of its own names. */
const OWN_HOSTS = ['localhost', '127.0.0.1', '[::1]'];

function hostNameOf(host: string | undefined): string {
  try {
    return new URL(`http://${host}`).hostname;
  } catch {
    return '';
  }
}

/**
 * Serves the built application: hashed files for a year, the page itself never from a cache, every other address as the
 * page, so that a piece can be opened by its address.
 *
 * @param folder absolute path of the built application
 * @param hosts names it is reached by besides this machine’s own, such as behind a proxy; under any other name nothing is
 *   answered, or a foreign page could have its own name lead here and press the bench’s instruments
 */
export function makeApp(folder: string, hosts: readonly string[] = []): Hono {
  const app = new Hono();
  const answered = new Set([...OWN_HOSTS, ...hosts.map((host) => host.toLowerCase())]);
  app.use(async (c, next) => {
    const host = c.req.header('Host') ?? new URL(c.req.url).host;
    if (!answered.has(hostNameOf(host)))
      return c.text('this host is not served here; start with --host NAME', 421);
    return next();
  });
  app.use(compress());
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'self'"],
        // The heat kernel is WebAssembly; nothing else may be made into code.
        scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
        // Popovers and toasts place themselves with style attributes.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'blob:', 'data:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
      xContentTypeOptions: 'nosniff',
      referrerPolicy: 'no-referrer',
      xFrameOptions: 'DENY',
      // Whoever serves it by https says so himself; over http it means nothing.
      strictTransportSecurity: false,
    }),
  );
  app.route('/api/instruments', instrumentRoutes());
  app.get('/health', (c) => c.json({ ok: true }));
  app.use(async (c, next) => {
    if (decoded(new URL(c.req.url).pathname) === null) return c.text('this address cannot be read', 400);
    await next();
    return undefined;
  });
  app.get('*', async (c, next) => {
    await next();
    const isHashed = c.req.path.startsWith('/assets/') && c.res.ok;
    c.header('Cache-Control', isHashed ? 'public, max-age=31536000, immutable' : 'no-cache');
  });
  app.get('*', serveStatic({ root: folder }));
  app.get('*', async (c, next) =>
    // Addresses of the application have no dot; what has one is a file that is not there.
    new URL(c.req.url).pathname.includes('.') ? c.text('there is no such file', 404) : next(),
  );
  app.get('*', serveStatic({ root: folder, path: 'index.html' }));
  app.get('*', (c) => c.text('the application is not built: run npm run demo', 503));
  return app;
}
