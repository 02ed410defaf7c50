import { measureCsv, takeMade } from '@every-inch/core/size/csv';
import { useRef } from 'react';
import { toast } from 'sonner';
import { factsOnce } from '../../spine/hooks.ts';
import { edit, store, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { save } from '../../storage/shelf.ts';

/** Largest table that is read, bytes. */
const LARGEST = 5 * 1024 * 1024;

/** All measures of the piece out as CSV, and what was made back in. */
export default function MeasureFiles() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const picker = useRef<HTMLInputElement>(null);
  const saveAll = async (): Promise<void> => {
    const contexts = await factsOnce();
    const text = measureCsv(piece.parts.flatMap(({ id }) => contexts.get(id) ?? []));
    save(new File([text], `${piece.name}, measures.csv`, { type: 'text/csv' }));
  };
  const bringIn = async (file: File): Promise<void> => {
    if (file.size > LARGEST) {
      toast.error(`“${file.name}” is too large for a table of measures; nothing was read.`);
      return;
    }
    const [text, contexts] = await Promise.all([file.text(), factsOnce()]);
    const now = store.getState().document.piece;
    if (!now) return;
    const { taken, problems, piece: next } = takeMade(now, contexts, text, new Date().toISOString());
    if (taken > 0) dispatch(edit(`${taken} measures from a table`, () => next));
    toast(`${taken} ${taken === 1 ? 'measure' : 'measures'} taken into the log`);
    if (problems.length > 0) toast.error(problems.join('\n'), { duration: 20_000 });
  };
  return (
    <span className="flex flex-wrap">
      <button type="button" className="press-quiet text-fired" onClick={() => void saveAll()}>
        Measures as CSV
      </button>
      <button type="button" className="press-quiet text-fired" onClick={() => picker.current?.click()}>
        Bring made measures in
      </button>
      <input
        ref={picker}
        type="file"
        accept=".csv,text/csv"
        tabIndex={-1}
        aria-label="Table of measures to bring in"
        className="sr-only"
        onChange={(event) => {
          const [file] = event.currentTarget.files ?? [];
          event.currentTarget.value = '';
          if (file) void bringIn(file);
        }}
      />
    </span>
  );
}
