import { lowWaterFerry } from '@every-inch/core/demo';
import type { Piece } from '@every-inch/core/piece';
import { SUBJECTS } from '@every-inch/core/spine';
import { cleanup, configure, fireEvent, render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expose } from 'comlink';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { afterAll, afterEach, beforeAll, vi } from 'vitest';
import { LENSES } from '../lenses/index.ts';
import { LensesContext } from '../parts/entries.ts';
import { openDesk } from '../spine/desk.ts';
import { followDocument } from '../spine/open.ts';
import { closed, opened } from '../state/documentSlice.ts';
import { dayBegan, dialogOpened, selected } from '../state/sessionSlice.ts';
import { store } from '../state/store.ts';
import { type IntakeQuestion, takeIn } from '../workers/intakeMessages.ts';

// What is waited for is looked for again and again; only what never comes takes so long.
configure({ asyncUtilTimeout: 200_000 });

/** The time of the tests, ISO. */
export const NOW = '2026-05-01T09:00:00Z';

/** The spine’s worker, with the same desk and the same messages but in this thread. */
class DeskHere {
  readonly #inside: MessagePort;
  readonly #outside: MessagePort;

  constructor() {
    const { port1, port2 } = new MessageChannel();
    this.#inside = port1;
    this.#outside = port2;
    const desk = openDesk(SUBJECTS, {
      tell: (told) => port1.postMessage(told),
      pause: () => new Promise((resolve) => setTimeout(resolve, 0)),
      now: () => performance.now(),
    });
    expose(desk, port1);
    port2.start();
  }

  addEventListener(kind: string, listener: (event: Event) => void): void {
    this.#outside.addEventListener(kind, listener);
  }

  removeEventListener(kind: string, listener: (event: Event) => void): void {
    this.#outside.removeEventListener(kind, listener);
  }

  postMessage(message: unknown, transfer: Transferable[] = []): void {
    this.#outside.postMessage(message, transfer);
  }

  terminate(): void {
    this.#inside.close();
    this.#outside.close();
  }
}

/** The worker that reads files, with the same readers but in this thread. */
class IntakeHere {
  onmessage: ((event: MessageEvent) => void) | null = null;

  postMessage(question: IntakeQuestion): void {
    const data = takeIn(structuredClone(question));
    setTimeout(() => this.onmessage?.(new MessageEvent('message', { data })), 0);
  }

  terminate(): void {
    this.onmessage = null;
  }
}

/** Workers in this thread, by the file that they are made from. */
export function WorkerHere(address: string | URL): object {
  return String(address).includes('intake') ? new IntakeHere() : new DeskHere();
}

/** The demo piece with a few of its parts: what is about one of them is drawn quicker. */
export function ferryOf(...ids: readonly string[]): Piece {
  const ferry = lowWaterFerry(NOW);
  const isKept = (id: string | null) => id !== null && ids.includes(id);
  return {
    ...ferry,
    parts: ferry.parts
      .filter(({ id }) => isKept(id))
      .map((part) => ({ ...part, parent: isKept(part.parent) ? part.parent : null })),
    fits: ferry.fits.filter(({ part, on }) => isKept(part) && isKept(on)),
    log: ferry.log.filter(({ part }) => part === null || isKept(part)),
    decisions: [],
  };
}

function Address() {
  const { pathname, state } = useLocation();
  return <output aria-label="address">{`${pathname} ${state?.entry ?? ''}`.trim()}</output>;
}

interface BenchOptions {
  readonly piece?: Piece;
  readonly part?: string;
  readonly readOnly?: boolean;
  /** Stage of the address, and the entry that was led to. */
  readonly stage?: string;
  readonly entry?: string;
}

/** Draws something as the open piece’s page would, on the demo piece unless another is given. */
export function atBench(children: ReactNode, options: BenchOptions = {}) {
  const { piece = lowWaterFerry(NOW), part = null, readOnly = false, stage = 'brief', entry } = options;
  store.dispatch(dayBegan(NOW));
  store.dispatch(opened({ piece, readOnly }));
  store.dispatch(selected(part));
  const user = userEvent.setup();
  const drawn = render(
    <Provider store={store}>
      <LensesContext value={LENSES}>
        <MemoryRouter initialEntries={[{ pathname: `/piece/${piece.id}/${stage}`, state: { entry } }]}>
          <Routes>
            <Route path="/piece/:id/:lens" element={children} />
          </Routes>
          <Address />
        </MemoryRouter>
      </LensesContext>
    </Provider>,
  );
  return { user, ...drawn };
}

/** Clears the bench after a test. */
export function clearBench(): void {
  cleanup();
  store.dispatch(closed());
  store.dispatch(dialogOpened(null));
  localStorage.clear();
}

/** The piece as it now is. */
export function pieceNow(): Piece {
  const { piece } = store.getState().document;
  if (!piece) throw new Error('no piece is open');
  return piece;
}

/** Has the figures follow the document for all tests of a file, reckoned in this thread, and clears the bench after each. */
export function withDesk(): void {
  let stop: () => void = () => undefined;
  beforeAll(() => {
    vi.stubGlobal('Worker', WorkerHere);
    stop = followDocument();
  });
  afterAll(() => {
    stop();
    vi.unstubAllGlobals();
  });
  afterEach(clearBench);
}

/** Types a text over what stands in a field and leaves it; quicker than key by key. */
export function fill(field: HTMLElement, text: string): void {
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

/** Chooses from a list by what it says. */
export function choose(list: HTMLElement, says: string | RegExp): void {
  const options = [...(list as HTMLSelectElement).options];
  const found = options.find(({ text }) => (typeof says === 'string' ? text === says : says.test(text)));
  if (!found) throw new Error(`no “${says}” among ${options.map(({ text }) => text).join(', ')}`);
  fireEvent.change(list, { target: { value: found.value } });
}

/** A button by its whole name; looking for a role goes through all of a long page. */
export function button(name: string, root: ParentNode = document): HTMLButtonElement {
  const found = [...root.querySelectorAll('button')].find(
    (one) => (one.getAttribute('aria-label') ?? one.textContent ?? '').trim() === name,
  );
  if (!found) throw new Error(`no button “${name}”`);
  return found;
}

/** Presses a button by its name. */
export function press(name: string, root?: ParentNode): void {
  fireEvent.click(button(name, root));
}
