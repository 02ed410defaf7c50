import { laidOut } from '@every-inch/core/bench';
import { type Drawing, toSvg } from '@every-inch/core/drawing';
import { save } from '../storage/shelf.ts';
import { PrintButton } from './PrintButton.tsx';

interface PrintTrueProps {
  readonly drawing: Drawing;
  readonly name: string;
  readonly says: string;
}

/** Saves a drawing at true size, over as many pages as it takes, or as one SVG. */
export function PrintTrue({ drawing, name, says }: PrintTrueProps) {
  return (
    <>
      <PrintButton name={name} says={says} pagesOf={(ask, label) => laidOut([drawing], ask, label)} />
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => save(new File([toSvg(drawing)], `${name}.svg`, { type: 'image/svg+xml' }))}
      >
        as SVG
      </button>
    </>
  );
}
