// @vitest-environment happy-dom
import { tollFrogs } from '@every-inch/core/demo';
import { writePiece } from '@every-inch/core/piece/file';
import { mutatedText, seeded } from '@every-inch/core/testing';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { bringIn, IntakeError } from './intake.ts';
import { takeIn } from './intakeMessages.ts';

const NOW = '2026-05-01T09:00:00Z';
const text = writePiece(tollFrogs(NOW), {});

/** A worker that never answers, breaks off, or answers. */
function workerThat(
  does: (self: {
    onmessage: ((event: object) => void) | null;
    onerror: ((event: object) => void) | null;
  }) => void,
) {
  let isEnded = false;
  vi.stubGlobal(
    'Worker',
    class {
      onmessage = null;
      onerror = null;
      postMessage() {
        setTimeout(() => does(this), 0);
      }
      terminate() {
        isEnded = true;
      }
    },
  );
  return () => isEnded;
}
const read = (options = {}) =>
  bringIn('piece', { text, now: NOW }, options).then(
    ({ piece }) => piece.name,
    (error: unknown) => (error instanceof IntakeError ? error.code : expect.fail(String(error))),
  );
afterEach(() => void vi.unstubAllGlobals());

describe('a file on its way in', () => {
  it('is handed over when it is read, and the worker is let go', async () => {
    const isEnded = workerThat((self) =>
      self.onmessage?.({ data: takeIn({ kind: 'piece', given: { text, now: NOW } }) }),
    );
    expect(await read()).toBe('Toll Frogs');
    expect(isEnded()).toBe(true);
  });

  it('that is never read is given up, called off, or breaks off; each time with a word and no worker left', async () => {
    let isEnded = workerThat(() => undefined);
    expect(await read({ within: 20 })).toBe('intake.too-long');
    expect(isEnded()).toBe(true);
    isEnded = workerThat(() => undefined);
    const off = new AbortController();
    const reading = read({ calledOff: off.signal });
    off.abort();
    expect(await reading).toBe('intake.called-off');
    expect(isEnded()).toBe(true);
    expect(await read({ calledOff: off.signal })).toBe('intake.called-off');
    isEnded = workerThat((self) => self.onerror?.({ message: 'out of memory' }));
    expect(await read()).toBe('intake.broke-off');
    expect(isEnded()).toBe(true);
  });

  it('whatever it holds, it is read or refused with a code and a word: nothing is thrown past the port', () => {
    const kinds = ['piece', 'archive', 'backup', 'mesh', 'probe'] as const;
    const random = seeded(15);
    const solid =
      'solid x\nfacet normal 0 0 1\nouter loop\nvertex 0 0 0\nvertex 1 0 0\nvertex 0 1 0\nendloop\nendfacet\nendsolid';
    for (let i = 0; i < 400; i += 1) {
      const kind = kinds[i % kinds.length] ?? 'piece';
      const made = mutatedText(kind === 'mesh' ? solid : text.slice(0, 4000), 3, random);
      const bytes = new TextEncoder().encode(random() < 0.5 ? made : `PK\u0003\u0004${made}`);
      const given = {
        text: made,
        bytes,
        name: random() < 0.5 ? 'a.stl' : 'a.obj',
        now: NOW,
        unit: 'as-it-says',
      } as never;
      const answer = takeIn({ kind, given });
      if (answer.ok) continue;
      expect(answer.says.length, `${kind} ${i}`).toBeGreaterThan(10);
      expect(answer.code, `${kind} ${i}: ${answer.says}`).not.toBe('intake.unforeseen');
    }
  });
});
