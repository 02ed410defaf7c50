import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { makeApp } from './app.ts';
import { listen } from './listen.ts';

const folder = join(mkdtempSync(join(tmpdir(), 'inch-')), 'dist');
mkdirSync(join(folder, 'assets'), { recursive: true });
writeFileSync(join(folder, 'index.html'), '<!doctype html><title>Every Inch</title>');
writeFileSync(join(folder, 'assets', 'main-abc123.js'), `console.log('${'clay '.repeat(1000)}')`);
writeFileSync(join(folder, '..', 'secret.txt'), 'not for serving');
const app = makeApp(folder);
const get = (path: string, headers: Record<string, string> = {}) =>
  app.request(`http://localhost${path}`, { headers });

describe('the server', () => {
  it('serves the page for every address of the application, never from a cache', async () => {
    for (const path of ['/', '/piece/low-water-ferry/size', '/handbook']) {
      const answer = await get(path);
      expect(await answer.text()).toContain('<title>Every Inch</title>');
      expect(answer.headers.get('cache-control')).toBe('no-cache');
    }
  });

  it('keeps hashed files for a year and compresses them', async () => {
    const answer = await get('/assets/main-abc123.js', { 'Accept-Encoding': 'gzip' });
    expect(answer.headers.get('cache-control')).toContain('immutable');
    expect(answer.headers.get('content-encoding')).toBe('gzip');
    expect(answer.headers.get('content-type')).toContain('text/javascript');
  });

  it('sends strict headers: no inline script, no sniffing, no referrer, no framing', async () => {
    const { headers } = await get('/');
    const policy = headers.get('content-security-policy') ?? '';
    // WebAssembly for the heat kernel, and nothing else that is made into code.
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval';");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('referrer-policy')).toBe('no-referrer');
  });

  it.each(['/../secret.txt', '/%2e%2e/secret.txt', '/..%2fsecret.txt', '/assets/%2e%2e/%2e%2e/secret.txt'])(
    'does not leave its folder: %s',
    async (path) => {
      const answer = await get(path);
      expect(await answer.text()).not.toContain('not for serving');
    },
  );

  it('says what is missing or unreadable', async () => {
    for (const path of ['/assets/gone.js', '/.env', '/.git/config', '/piece/a.b/size'])
      expect((await get(path)).status, path).toBe(404);
    expect((await get('/%E0%A4%A')).status).toBe(400);
    expect((await makeApp(join(folder, 'nowhere')).request('http://localhost/')).status).toBe(503);
  });

  it('answers under its own names only, whatever the origin says', async () => {
    const ask = (host: string, own = app) =>
      own.request(`http://${host}/api/instruments/caliper`, {
        method: 'POST',
        headers: { Host: host, Origin: `http://${host}`, 'Content-Type': 'application/json' },
        body: '{"press":true}',
      });
    for (const host of ['localhost:4180', '127.0.0.1:4180', '[::1]:4180'])
      expect((await ask(host)).status, host).toBe(200);
    for (const host of ['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example:4180'])
      expect((await ask(host)).status, host).toBe(421);
    expect((await ask('clay.example', makeApp(folder, ['Clay.Example']))).status).toBe(200);
  });

  it('fields of the oven are its own, and not what every object has', async () => {
    for (const name of ['constructor', 'toString', '__proto__', 'hasOwnProperty']) {
      const answer = await app.request('http://localhost/api/instruments/oven', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: `{"${name}":1}`,
      });
      expect(answer.status).toBe(400);
      expect(await answer.text()).toContain('is not known here');
    }
  });

  it('promises nothing of https over http', async () => {
    expect((await get('/')).headers.get('strict-transport-security')).toBeNull();
  });

  it('takes the next port when one is taken', async () => {
    const blocker = createServer();
    const taken = await new Promise<number>((settle) => {
      blocker.listen(0, '127.0.0.1', () => {
        const address = blocker.address();
        settle(typeof address === 'object' && address ? address.port : 0);
      });
    });
    const told: number[] = [];
    const port = await listen(app.fetch, taken, (one) => told.push(one));
    expect(told[0]).toBe(taken);
    expect(port).toBeGreaterThan(taken);
    blocker.close();
  });
});
