import type { ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { undone } from '../state/documentSlice.ts';
import { useAppDispatch, useAppSelector, useOpenPiece } from '../state/store.ts';
import { exportFile, save } from '../storage/shelf.ts';

function Fallen({ error, resetErrorBoundary }: FallbackProps) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const last = useAppSelector((state) => state.document.past.at(-1));
  return (
    <main role="alert" className="max-w-prose p-4">
      <h2 className="font-semibold">This stage cannot be shown</h2>
      <p className="mt-2">
        The piece is kept, and the other stages work. Try again; if it was the last change, take it back.
      </p>
      <pre className="figure mt-3 max-w-full overflow-auto bg-panel p-2">
        {error instanceof Error ? error.message : String(error)}
      </pre>
      <div className="mt-4 flex flex-wrap gap-3">
        <button type="button" className="press" onClick={resetErrorBoundary}>
          Try again
        </button>
        {last && (
          <button type="button" className="press" onClick={() => dispatch(undone())}>
            Undo: {last.label}
          </button>
        )}
        <button type="button" className="press" onClick={() => void exportFile(piece).then(save)}>
          Export the piece
        </button>
      </div>
    </main>
  );
}

interface LensBoundaryProps {
  readonly lens: string;
  /** Called before it is tried again. */
  readonly onRetry: () => void;
  readonly children: ReactNode;
}

/** Keeps a fault of a stage within it: the head, the parts, the rule and undo stay. A change of the piece tries it again. */
export function LensBoundary({ lens, onRetry, children }: LensBoundaryProps) {
  const piece = useAppSelector((state) => state.document.piece);
  return (
    <ErrorBoundary FallbackComponent={Fallen} onReset={onRetry} resetKeys={[lens, piece]}>
      {children}
    </ErrorBoundary>
  );
}
