import { makeShapeStore } from '@every-inch/core/form';
import { sketch } from '@every-inch/core/size';
import { soundParts } from '@every-inch/core/whole';
import { useEffect, useState } from 'react';
import { DrawingView } from '../parts/DrawingView.tsx';
import { useAppSelector } from '../state/store.ts';
import { openKept } from '../storage/open.ts';
import type { PieceHead } from '../storage/pieceStore.ts';

const shapes = makeShapeStore();
/** Paper mm; the row shows it at whatever size it has. */
const [WIDTH, HEIGHT] = [64, 17];

/** The parts of a kept piece on their ground line; nothing for a piece that does not open or has none. */
export default function PieceSketch({ head }: { readonly head: PieceHead }) {
  const workshopOwn = useAppSelector((state) => state.workshop.own);
  const [drawing, setDrawing] = useState<ReturnType<typeof sketch> | null>(null);
  useEffect(() => {
    let gone = false;
    void openKept(head.id).then((opening) => {
      if (gone || !opening.ok) return;
      const parts = soundParts(opening.piece, { shapes, workshopOwn, now: head.keptAt });
      setDrawing(parts.length > 0 ? sketch(parts, WIDTH, HEIGHT) : null);
    });
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
