import { format, parseISO } from 'date-fns';
import { Dialog } from 'radix-ui';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { dialogOpened } from '../state/sessionSlice.ts';
import { edit, useAppDispatch, useAppSelector, useOpenPiece } from '../state/store.ts';
import { pieceStore } from '../storage/keeper.ts';
import type { Revision } from '../storage/pieceStore.ts';
import { exportFile, save } from '../storage/shelf.ts';

/** Brings a kept version through the reader, as any file, so that old ones are brought up to date. */
async function restored(revision: Revision) {
  const { readRaw } = await import('@every-inch/core/piece/file');
  return readRaw(revision.piece, revision.at).piece;
}

/** Older states of the piece, to bring back as one step that can be undone. */
export function VersionsDialog() {
  const dispatch = useAppDispatch();
  const isOpen = useAppSelector((state) => state.session.dialog === 'versions');
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const piece = useOpenPiece();
  const [revisions, setRevisions] = useState<readonly Revision[] | null>(null);
  useEffect(() => {
    if (!isOpen) return;
    void pieceStore()
      .then((pieces) => pieces.revisions(piece.id))
      .then(setRevisions);
  }, [isOpen, piece.id]);
  const bringBack = (revision: Revision): void => {
    void restored(revision).then((old) => {
      dispatch(edit(`bring back ${format(parseISO(revision.at), 'd MMM HH:mm')}`, () => old));
      dispatch(dialogOpened(null));
      toast('Brought back. Undo returns to where you were.');
    });
  };
  return (
    <Dialog.Root open={isOpen} onOpenChange={(open) => !open && dispatch(dialogOpened(null))}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content className="fixed left-1/2 top-1/2 z-50 max-h-[85vh] w-[min(34rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-ink bg-paper p-5">
          <Dialog.Title className="font-semibold">Older versions</Dialog.Title>
          <Dialog.Description className="mt-1 text-[13px] text-quiet">
            One every five minutes of work, thinned with age. What was put aside from a damaged file is kept
            below.
          </Dialog.Description>
          {revisions?.length === 0 && (
            <p className="mt-3">None yet: the first is kept with the first change.</p>
          )}
          <ul className="mt-2">
            {revisions?.map((revision) => (
              <li key={revision.at} className="flex items-baseline gap-3 border-b border-hair py-1.5">
                <span className="figure">{format(parseISO(revision.at), 'd MMM yyyy, HH:mm:ss')}</span>
                <span className="flex-1 text-quiet">{revision.piece.parts.length} parts</span>
                <button
                  type="button"
                  className="press"
                  disabled={readOnly}
                  onClick={() => bringBack(revision)}
                >
                  Bring back
                </button>
              </li>
            ))}
          </ul>
          {piece.quarantine.length > 0 && (
            <>
              <h3 className="heading mt-4">Put aside, as found</h3>
              <ul>
                {piece.quarantine.map((one) => (
                  <li key={`${one.where} ${one.problems.join()}`} className="border-b border-hair py-1.5">
                    <span className="figure">{one.where}</span>{' '}
                    <span className="text-quiet">{one.problems.join('; ')}</span>
                    <pre className="figure mt-1 max-h-24 overflow-auto bg-panel p-1 text-[11px]">
                      {JSON.stringify(one.raw, null, 1)}
                    </pre>
                  </li>
                ))}
              </ul>
              <button type="button" className="press mt-2" onClick={() => void exportFile(piece).then(save)}>
                Export with all of it
              </button>
            </>
          )}
          <Dialog.Close className="press-quiet mt-4 block">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
