import { extname } from 'node:path';
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

/**
 * Serves the built application: hashed files for a year, the page itself never from a cache, every other address as the
 * page, so that a piece can be opened by its address.
 *
 * @param folder absolute path of the built application
 */
export function makeApp(folder: string): Hono {
  const app = new Hono();
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
    extname(new URL(c.req.url).pathname) === '' ? next() : c.text('there is no such file', 404),
  );
  app.get('*', serveStatic({ root: folder, path: 'index.html' }));
  app.get('*', (c) => c.text('the application is not built: run npm run demo', 503));
  return app;
}
