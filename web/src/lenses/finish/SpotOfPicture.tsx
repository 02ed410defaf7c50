import type { Reference } from '@every-inch/core/piece';
import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { AddReference } from '../../parts/AddReference.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { usePicture } from '../../parts/usePicture.ts';
import { useOpenPiece } from '../../state/store.ts';

/** Longest side that a picture is shown at, px, and the half of a spot that is taken together: one dot alone is noise. */
const SHOWN_PX = 320;
const SPOT_PX = 3;

/** The mean colour round a place of what is drawn. */
function colourAt(context: CanvasRenderingContext2D, x: number, y: number): string {
  const side = 2 * SPOT_PX + 1;
  const { data } = context.getImageData(x - SPOT_PX, y - SPOT_PX, side, side);
  const sum = [0, 0, 0];
  let n = 0;
  for (let i = 0; i < data.length; i += 4) {
    if ((data[i + 3] ?? 0) === 0) continue;
    n += 1;
    for (let k = 0; k < 3; k += 1) sum[k] = (sum[k] ?? 0) + (data[i + k] ?? 0);
  }
  const two = (value: number) =>
    Math.round(value / Math.max(1, n))
      .toString(16)
      .padStart(2, '0');
  return `#${sum.map(two).join('')}`;
}

interface PictureProps {
  readonly id: string;
  readonly onColour: (colour: string) => void;
}

function Picture({ id, onColour }: PictureProps) {
  const address = usePicture(id);
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!address) return;
    const image = new Image();
    image.onload = () => {
      const { current } = canvas;
      const context = current?.getContext('2d', { willReadFrequently: true });
      if (!current || !context) return;
      const by = Math.min(1, SHOWN_PX / Math.max(image.width, image.height));
      current.width = Math.max(1, Math.round(image.width * by));
      current.height = Math.max(1, Math.round(image.height * by));
      context.drawImage(image, 0, 0, current.width, current.height);
    };
    image.src = address;
  }, [address]);
  const take = (event: PointerEvent<HTMLCanvasElement>) => {
    const context = event.currentTarget.getContext('2d', { willReadFrequently: true });
    const box = event.currentTarget.getBoundingClientRect();
    if (!context || box.width === 0) return;
    const by = event.currentTarget.width / box.width;
    onColour(
      colourAt(
        context,
        Math.round((event.clientX - box.left) * by),
        Math.round((event.clientY - box.top) * by),
      ),
    );
  };
  return (
    <canvas
      ref={canvas}
      aria-label="The picture: press where the colour is to be taken from"
      className="max-w-full cursor-crosshair border border-hair"
      onPointerDown={take}
    />
  );
}

/** A colour from a spot of a picture of the piece. */
export function SpotOfPicture({ onColour }: { readonly onColour: (colour: string) => void }) {
  const { references } = useOpenPiece();
  const [chosen, setChosen] = useState<string | null>(null);
  const shown: Reference | undefined = references.find(({ id }) => id === chosen) ?? references[0];
  return (
    <div className="flex flex-col items-start gap-1.5">
      <div className="flex items-end gap-3">
        {references.length > 1 && shown && (
          <Choice
            label="Picture"
            value={shown.id}
            options={references.map(({ id }, i) => ({ value: id, says: `picture ${i + 1}` }))}
            onChoose={setChosen}
          />
        )}
        <AddReference onAdded={setChosen} />
      </div>
      {shown && <Picture key={shown.id} id={shown.id} onColour={onColour} />}
    </div>
  );
}
