/** What comes of the bench’s instruments, in every tab. */
export interface Heard {
  readonly kind: 'connected' | 'reading' | 'probe';
  /** A line of the stream; `yes` or `no` for the connection. */
  readonly data: string;
}

const NAME = 'every-inch-instruments';
/** A stream that the browser has given up is opened again after so long, ms; longer each time. */
const AGAIN = { first: 2000, most: 60_000 };

/** Opens the stream; returns how to close it. */
function openStream(address: string, hear: (heard: Heard) => void): () => void {
  let stream: EventSource | null = null;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let wait = AGAIN.first;
  const open = (): void => {
    stream = new EventSource(address);
    stream.addEventListener('open', () => {
      wait = AGAIN.first;
      hear({ kind: 'connected', data: 'yes' });
    });
    for (const kind of ['reading', 'probe'] as const)
      stream.addEventListener(kind, ({ data }: MessageEvent<string>) => hear({ kind, data }));
    stream.addEventListener('error', () => {
      hear({ kind: 'connected', data: 'no' });
      // While it is connecting the browser tries again by itself.
      if (stream?.readyState !== EventSource.CLOSED) return;
      timer = setTimeout(open, wait);
      wait = Math.min(AGAIN.most, wait * 2);
    });
  };
  open();
  return () => {
    stream?.close();
    if (timer !== null) clearTimeout(timer);
  };
}

/**
 * Listens to a stream of which there is one for all tabs: a browser lets only six lines to a server stay open, and with a stream in
 * each the seventh tab would never open. One tab has it and tells the others; when it is closed the next one takes it over.
 *
 * @returns stops listening
 */
export function listenAsOne(address: string, hear: (heard: Heard) => void): () => void {
  // Without locks there is no way to agree on one.
  if (!navigator.locks || typeof BroadcastChannel === 'undefined') return openStream(address, hear);
  const channel = new BroadcastChannel(NAME);
  const waiting = new AbortController();
  let isConnected = 'no';
  let isMine = false;
  let letGo: () => void = () => undefined;
  const tell = (heard: Heard): void => {
    if (heard.kind === 'connected') isConnected = heard.data;
    channel.postMessage(heard);
    hear(heard);
  };
  channel.onmessage = ({ data }: MessageEvent<Heard | 'who'>) => {
    if (data !== 'who') hear(data);
    else if (isMine) channel.postMessage({ kind: 'connected', data: isConnected } satisfies Heard);
  };
  navigator.locks
    .request(NAME, { signal: waiting.signal }, () => {
      isMine = true;
      const close = openStream(address, tell);
      return new Promise<void>((done) => {
        letGo = () => {
          close();
          done();
        };
      });
    })
    // This tab was closed before its turn came.
    .catch(() => undefined);
  channel.postMessage('who');
  return () => {
    waiting.abort();
    letGo();
    channel.close();
  };
}
