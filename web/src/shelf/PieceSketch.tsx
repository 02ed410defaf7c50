import type { Drawing } from '@every-inch/core/drawing';
import { useEffect, useState } from 'react';
import { DrawingView } from '../parts/DrawingView.tsx';
import { spine } from '../spine/open.ts';
import { useAppSelector } from '../state/store.ts';
import { openKept } from '../storage/open.ts';
import type { PieceHead } from '../storage/pieceStore.ts';

/** Paper mm; the row shows it at whatever size it has. */
const [WIDTH, HEIGHT] = [64, 17];

/** The parts of a kept piece on their ground line; nothing for a piece that does not open or has none. */
export default function PieceSketch({ head }: { readonly head: PieceHead }) {
  const workshopOwn = useAppSelector((state) => state.workshop.own);
  const [drawing, setDrawing] = useState<Drawing | null>(null);
  useEffect(() => {
    let gone = false;
    const draw = async (): Promise<void> => {
      const opening = await openKept(head.id);
      if (gone || !opening.ok) return;
      const { piece } = opening;
      const size = { widthMm: WIDTH, heightMm: HEIGHT };
      const made = await spine.sketch({ piece, workshopOwn, now: head.keptAt, ...size });
      if (!gone) setDrawing(made);
    };
    // A row without its drawing is still a row.
    draw().catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [head, workshopOwn]);
  return (
    drawing && (
      <DrawingView drawing={drawing} label={`The parts of ${head.name}`} className="h-16 w-60 max-w-full" />
    )
  );
}
