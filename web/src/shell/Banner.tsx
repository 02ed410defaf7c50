import { useAppSelector, useOpenPiece } from '../state/store.ts';
import { exportFile, save } from '../storage/shelf.ts';
import { StorageSays } from './StorageSays.tsx';

/** Said once when the browser keeps nothing, its storage is full, or another tab has the piece. */
export function Banner({ onTakeOver }: { readonly onTakeOver: () => void }) {
  const piece = useOpenPiece();
  const keeping = useAppSelector((state) => state.session.keeping);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const exportIt = (
    <button type="button" className="press ml-auto" onClick={() => void exportFile(piece).then(save)}>
      Export the piece
    </button>
  );
  if (readOnly)
    return (
      <div role="status" className="flex items-center gap-3 border-b border-tight bg-paper px-3.5 py-1.5">
        <span>Another tab edits this piece. Here it can be read, and it follows along.</span>
        <button type="button" className="press ml-auto" onClick={onTakeOver}>
          Edit it here instead
        </button>
      </div>
    );
  if (keeping === 'kept') return null;
  if (keeping === 'slow' || keeping === 'failed')
    return <StorageSays keeping={keeping}>{exportIt}</StorageSays>;
  return (
    <div role="status" className="flex items-center gap-3 border-b border-wont bg-paper px-3.5 py-1.5">
      <span>
        {keeping === 'memory'
          ? 'This browser keeps nothing (a private window, or storage switched off). Work goes on in this tab; export before you close it.'
          : 'The browser’s storage is full: the last changes are in this tab only. Export the piece, then make room on the Shelf.'}
      </span>
      {exportIt}
    </div>
  );
}
