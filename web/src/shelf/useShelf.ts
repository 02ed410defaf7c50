import { newPiece, type Piece, type PieceId } from '@every-inch/core/piece';
import { useCallback, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { broughtBack, pieceStore } from '../storage/keeper.ts';
import { nextMoment } from '../storage/moments.ts';
import { openKept } from '../storage/open.ts';
import type { PieceHead } from '../storage/pieceStore.ts';
import type { Remembered } from '../storage/remembered.ts';
import {
  backupFile,
  firstVisit,
  type Imported,
  importFile,
  missingPieces,
  save,
  saveKept,
} from '../storage/shelf.ts';
import { onShelfChanged } from '../storage/tabs.ts';
import { mergeInto } from '../storage/together.ts';

interface Kept {
  readonly heads: readonly PieceHead[] | null;
  readonly missing: readonly Remembered[];
  readonly load: () => Promise<void>;
}

export function useKept(): Kept {
  const [heads, setHeads] = useState<readonly PieceHead[] | null>(null);
  const [missing, setMissing] = useState<readonly Remembered[]>([]);
  const load = useCallback(async () => {
    await firstVisit();
    setHeads(await (await pieceStore()).heads());
    setMissing(await missingPieces());
    const back = broughtBack();
    if (back.length > 0)
      toast(`Missing in the browser’s storage and brought back from second copies: ${back.join(', ')}`, {
        duration: 60_000,
      });
  }, []);
  useEffect(() => {
    doing('The shelf', load)();
    // What another tab keeps is on this shelf as well.
    return onShelfChanged(doing('The shelf', load));
  }, [load]);
  return { heads, missing, load };
}

/** Does something of the storage; what goes wrong is said, and nothing is left without a word. */
export function doing(what: string, work: () => Promise<unknown>): () => void {
  return () => {
    work().catch((error: unknown) =>
      toast.error(`${what}: ${error instanceof Error ? error.message : String(error)}`, { duration: 20_000 }),
    );
  };
}

/** A file that is read for longer than this is told of, with a way to end it, ms. */
const TOLD_AFTER = 700;

/** Does something that can be called off once it takes long. */
async function withCancel<T>(name: string, work: (calledOff: AbortSignal) => Promise<T>): Promise<T> {
  const off = new AbortController();
  let shown: string | number | undefined;
  const timer = setTimeout(() => {
    shown = toast.loading(`Reading “${name}” …`, {
      action: { label: 'Cancel', onClick: () => off.abort() },
    });
  }, TOLD_AFTER);
  try {
    return await work(off.signal);
  } finally {
    clearTimeout(timer);
    if (shown !== undefined) toast.dismiss(shown);
  }
}

export function useShelfActions(load: () => Promise<void>) {
  const navigate = useNavigate();
  const opened = async (id: string) => {
    const opening = await openKept(id);
    if (!opening.ok) toast.error(opening.says);
    return opening.ok ? opening.piece : null;
  };
  const merge = async (one: Imported, into: { readonly id: string; readonly name: string }, at: string) => {
    const { taken, clashes } = await mergeInto(into.id, one.id, at);
    toast(mergeSays(into.name, taken, clashes), { duration: 30_000 });
    await load();
  };
  const tell = (one: Imported, at: string): void => {
    const { besideOf, name, notes } = one;
    const action = besideOf && {
      label: `Merge into “${besideOf.name}”`,
      onClick: doing(`“${besideOf.name}”`, () => merge(one, besideOf, at)),
    };
    toast(`“${name}” is on the shelf`, action ? { action, duration: 60_000 } : {});
    for (const note of notes) toast(note, { duration: 15_000 });
  };
  return {
    async make() {
      // A piece begins without a scale: two makers of three name none.
      const piece: Piece = { ...newPiece('New piece', new Date().toISOString()), scale: { kind: 'open' } };
      await (await pieceStore()).put(piece, nextMoment());
      navigate(`/piece/${piece.id}/size`);
    },
    async duplicate(head: PieceHead) {
      const piece = await opened(head.id);
      if (!piece) return;
      const copy = { ...piece, id: newPiece(piece.name, '').id as PieceId, name: `${piece.name}, copy` };
      await (await pieceStore()).put(copy, nextMoment());
      await load();
    },
    async remove(head: PieceHead) {
      const pieces = await pieceStore();
      const raw = await pieces.raw(head.id);
      await pieces.remove(head.id);
      await load();
      const bringBack = async () => {
        await pieces.putRaw(head, raw);
        await load();
      };
      toast(`“${head.name}” deleted`, {
        duration: 15_000,
        action: { label: 'Undo', onClick: doing(`“${head.name}”`, bringBack) },
      });
    },
    async exportOne(head: PieceHead) {
      const note = await saveKept(head);
      if (note) toast.error(note, { duration: 20_000 });
    },
    async backUp() {
      const { file, notes } = await backupFile();
      save(file);
      for (const note of notes) toast.error(note, { duration: 30_000 });
    },
    async bringIn(files: readonly File[]) {
      for (const file of files) {
        try {
          for (const one of await withCancel(file.name, (off) => importFile(file, off)))
            tell(one, new Date(file.lastModified).toISOString());
        } catch (error) {
          // Whatever it is, the others still come in.
          const says = error instanceof Error ? error.message : String(error);
          toast.error(`“${file.name}”: ${says}`, { duration: 20_000 });
        }
      }
      await load();
    },
  };
}

function mergeSays(name: string, taken: number, clashes: readonly string[]): string {
  const both =
    clashes.length > 0
      ? ` Changed in both, so that the later one stands: ${clashes.slice(0, 6).join(', ')}${clashes.length > 6 ? ` and ${clashes.length - 6} more` : ''}.`
      : '';
  return `“${name}” has ${taken} ${taken === 1 ? 'change' : 'changes'} more.${both} Both are among its older versions.`;
}

export type Actions = ReturnType<typeof useShelfActions>;
