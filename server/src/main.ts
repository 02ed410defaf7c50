import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { makeApp } from './app.ts';
import { listen } from './listen.ts';

const { values } = parseArgs({
  options: { port: { type: 'string', default: '4180' }, host: { type: 'string', multiple: true } },
});
const wanted = Number(values.port);
if (!Number.isInteger(wanted) || wanted < 1 || wanted > 65_535) {
  console.error(`--port wants a whole number from 1 to 65535, got ${values.port}`);
  process.exit(2);
}
const app = makeApp(fileURLToPath(new URL('../../web/dist', import.meta.url)), values.host);
const port = await listen(app.fetch, wanted, (taken) =>
  console.log(`Port ${taken} is taken; trying ${taken + 1}.`),
);
console.log(`Every Inch is at http://localhost:${port}`);
