import type { ReactNode } from 'react';
import type { SessionState } from '../state/sessionSlice.ts';
import { useAppSelector } from '../state/store.ts';
import { goOnWithoutStorage } from '../storage/keeper.ts';

const SAYS = {
  kept: null,
  memory:
    'This browser keeps nothing (a private window, or storage switched off). Work goes on in this tab; export what you want to keep.',
  full: 'The browser’s storage is full: the last changes are in this tab only. Export what you want to keep, then make room.',
  failed:
    'The browser refused to keep the last change: it is in this tab only. Export what you want to keep.',
  slow: 'The browser’s storage does not answer.',
} as const satisfies Record<SessionState['keeping'], string | null>;

/** Whether the address is one that browsers trust with all they have. */
function missingWithout(): string | null {
  if (window.isSecureContext) return null;
  return 'At this address the browser gives no work without network, no screen that stays on, no notices and no second copies: serve it by https, or on this machine.';
}

interface StorageSaysProps {
  readonly keeping: SessionState['keeping'];
  readonly children?: ReactNode;
}

/** What there is to be said of the storage, one line each; nothing while all is well. */
export function StorageSays({ keeping, children }: StorageSaysProps) {
  const persisted = useAppSelector((state) => state.session.persisted);
  const roomLeftMb = useAppSelector((state) => state.session.roomLeftMb);
  const says = SAYS[keeping];
  const lines = [
    missingWithout(),
    roomLeftMb !== null && `Room is getting short: about ${roomLeftMb} MB left for this browser’s storage.`,
    persisted === false &&
      'The browser may clear what is kept here when it runs short of room: back up now and then.',
  ].filter((line) => typeof line === 'string');
  return (
    <>
      {says && (
        <div
          role="status"
          className="mb-2 flex flex-wrap items-center gap-3 border border-wont bg-paper px-3.5 py-1.5"
        >
          <span className="min-w-56 flex-1">{says}</span>
          {keeping === 'slow' && (
            <>
              <button type="button" className="press" onClick={() => window.location.reload()}>
                Try again
              </button>
              <button type="button" className="press" onClick={goOnWithoutStorage}>
                Go on without it
              </button>
            </>
          )}
          {children}
        </div>
      )}
      {lines.map((line) => (
        <p key={line} className="mb-2 text-[13px] text-quiet">
          {line}
        </p>
      ))}
    </>
  );
}
