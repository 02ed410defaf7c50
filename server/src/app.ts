import { readFileSync, statSync } from 'node:fs';
import { extname, join, normalize, sep } from 'node:path';
import { Hono } from 'hono';
import { compress } from 'hono/compress';
import { secureHeaders } from 'hono/secure-headers';
import { instrumentRoutes } from './instruments/routes.ts';

const TYPES: Readonly<Record<string, string>> = {
  '.html': 'text/html; charset=utf-8',
  '.js': 'text/javascript; charset=utf-8',
  '.css': 'text/css; charset=utf-8',
  '.svg': 'image/svg+xml',
  '.woff2': 'font/woff2',
  '.woff': 'font/woff',
  '.json': 'application/json',
};

/** Reads a built file; null when there is none or the path leads out of the folder. */
function builtFile(folder: string, path: string): { body: Uint8Array<ArrayBuffer>; type: string } | null {
  const file = normalize(join(folder, path));
  if (!file.startsWith(folder + sep)) return null;
  try {
    if (!statSync(file).isFile()) return null;
    return {
      body: new Uint8Array(readFileSync(file)),
      type: TYPES[extname(file)] ?? 'application/octet-stream',
    };
  } catch {
    // Not there, or not readable: the caller answers for it.
    return null;
  }
}

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
  app.get('*', (c) => {
    const path = decoded(new URL(c.req.url).pathname);
    if (path === null) return c.text('this address cannot be read', 400);
    const file = builtFile(folder, path);
    if (file)
      return c.body(file.body, 200, {
        'Content-Type': file.type,
        'Cache-Control': path.startsWith('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache',
      });
    if (extname(path) !== '') return c.text('there is no such file', 404);
    const page = builtFile(folder, 'index.html');
    if (!page) return c.text('the application is not built: run npm run demo', 503);
    return c.body(page.body, 200, { 'Content-Type': page.type, 'Cache-Control': 'no-cache' });
  });
  return app;
}
