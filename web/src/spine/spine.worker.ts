import { SUBJECTS } from '@every-inch/core/spine';
import { expose } from 'comlink';
import { openDesk } from './desk.ts';

/** A message to oneself comes after those that wait; a timer would wait four milliseconds each time. */
const { port1, port2 } = new MessageChannel();
const waiting: (() => void)[] = [];
port1.onmessage = () => waiting.shift()?.();

expose(
  openDesk(SUBJECTS, {
    tell: (told) => self.postMessage(told),
    pause: () =>
      new Promise((resolve) => {
        waiting.push(resolve);
        port2.postMessage(null);
      }),
    now: () => performance.now(),
  }),
);
