import type { Given, IntakeAnswer, IntakeQuestion, Kind, Made } from './intakeMessages.ts';

/** A file is given up after so long, ms. */
const WITHIN = 60_000;

/** Code of an intake that was called off. */
export const CALLED_OFF = 'intake.called-off';

/**
 * A file that gives nothing: says what was expected, what was found and the way out.
 *
 * `code` is that of the reader’s own error, or `intake.too-long`, `intake.called-off`, `intake.broke-off`, `intake.unforeseen`.
 */
export class IntakeError extends Error {
  override readonly name = 'IntakeError';
  constructor(
    readonly code: string,
    says: string,
  ) {
    super(says);
  }
}

/** Buffers that are handed over, not copied. */
function buffersOf(given: object): ArrayBuffer[] {
  return Object.values(given).flatMap((value) =>
    value instanceof Uint8Array && value.byteLength === value.buffer.byteLength
      ? [value.buffer as ArrayBuffer]
      : [],
  );
}

/**
 * Reads a file in a worker of its own. Bytes are handed over: they are gone here afterwards.
 *
 * @param calledOff ends it early
 * @param within gives it up after so long, ms
 * @throws {IntakeError} for whatever comes of it but the thing itself
 */
export async function bringIn<K extends Kind>(
  kind: K,
  given: Given<K>,
  { calledOff, within = WITHIN }: { readonly calledOff?: AbortSignal; readonly within?: number } = {},
): Promise<Made<K>> {
  const worker = new Worker(new URL('./intake.worker.ts', import.meta.url), { type: 'module' });
  let timer: ReturnType<typeof setTimeout> | undefined;
  try {
    const answer = await new Promise<IntakeAnswer<K>>((settle, refuse) => {
      worker.onmessage = ({ data }: MessageEvent<IntakeAnswer<K>>) => settle(data);
      worker.onerror = ({ message }) =>
        refuse(new IntakeError('intake.broke-off', `Reading it broke off (${message}). Nothing was taken.`));
      worker.onmessageerror = () =>
        refuse(
          new IntakeError('intake.broke-off', 'What was read cannot be handed over. Nothing was taken.'),
        );
      const off = () => refuse(new IntakeError(CALLED_OFF, 'Called off. Nothing was taken.'));
      if (calledOff?.aborted) off();
      calledOff?.addEventListener('abort', off, { once: true });
      timer = setTimeout(
        () =>
          refuse(
            new IntakeError(
              'intake.too-long',
              `It was not read within ${Math.round(within / 1000)} seconds and was given up. Nothing was taken.`,
            ),
          ),
        within,
      );
      const question: IntakeQuestion<K> = { kind, given };
      worker.postMessage(question, buffersOf(given));
    });
    if (!answer.ok) throw new IntakeError(answer.code, answer.says);
    return answer.made;
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
}
