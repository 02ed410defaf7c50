/**
 * More listeners than the bench lets in, and some that do not read.
 *
 *   npx tsx bench/attack/clients.ts [LISTENERS] [READINGS]
 *
 * On loopback only. All but 16 are turned away at once, presses go on being answered while listeners that never read are sent to,
 * and the server's memory stays.
 */

import { readFileSync } from 'node:fs';
import { type ClientRequest, get, type IncomingMessage } from 'node:http';
import { startServer } from './chromium.ts';

const [listeners = 500, presses = 3000] = process.argv.slice(2).map(Number);
const server = await startServer(4291);

/** Opens a stream and never reads it. */
function listen(): Promise<{ readonly request: ClientRequest; readonly answer: IncomingMessage }> {
  return new Promise((settle, refuse) => {
    const request = get(`${server.base}/api/instruments/events`, (answer) => settle({ request, answer }));
    request.on('error', refuse);
  });
}

function memoryMb(): number {
  const rss = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))?.[1];
  return Number(rss) / 1024;
}

async function press(): Promise<number> {
  const began = performance.now();
  const answer = await fetch(`${server.base}/api/instruments/caliper`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Origin: server.base },
    body: JSON.stringify({ press: true }),
  });
  await answer.arrayBuffer();
  if (!answer.ok) throw new Error(`a press was answered with ${answer.status}`);
  return performance.now() - began;
}

let faults = 0;
try {
  const began = performance.now();
  const all = await Promise.all(Array.from({ length: listeners }, listen));
  const ms = performance.now() - began;
  const letIn = all.filter(({ answer }) => answer.statusCode === 200).length;
  const away = all.filter(({ answer }) => answer.statusCode === 503).length;
  console.log(`${listeners} listeners in ${ms.toFixed(0)} ms: ${letIn} let in, ${away} turned away`);
  if (letIn > 16 || letIn + away !== listeners) faults += 1;
  const before = memoryMb();
  const times: number[] = [];
  for (let i = 0; i < presses; i += 1) times.push(await press());
  times.sort((a, b) => a - b);
  const after = memoryMb();
  console.log(
    `${presses} readings to listeners that do not read: median ${times[Math.floor(presses / 2)]?.toFixed(1)} ms, slowest ${times.at(-1)?.toFixed(0)} ms; memory ${before.toFixed(0)} → ${after.toFixed(0)} MB`,
  );
  if (after - before > 100 || (times.at(-1) ?? 0) > 1000) faults += 1;
  for (const { request } of all) request.destroy();
  // Who has left makes room.
  const later = await new Promise<number | undefined>((settle) =>
    setTimeout(
      () =>
        void listen().then(({ request, answer }) => {
          settle(answer.statusCode);
          request.destroy();
        }),
      500,
    ),
  );
  console.log(`after they left the next is answered with ${later}`);
  if (later !== 200) faults += 1;
} finally {
  await server.stop();
}
console.log(`faults: ${faults}`);
process.exitCode = faults > 0 ? 1 : 0;
