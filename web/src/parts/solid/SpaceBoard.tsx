import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import type { SolidTriangles } from '../../workers/solidMessages.ts';
import type { SolidCopies, SolidLine, Standpoint } from './SolidScene.tsx';
import { hasWebGl, STANDPOINTS, useTurning } from './useTurning.ts';

const SolidScene = lazy(() => import('./SolidScene.tsx'));

interface SpaceBoardProps {
  readonly label: string;
  readonly skin: SolidTriangles;
  /** Name among the drawings’ colours. */
  readonly material: string;
  /** A colour for each owner of the skin; null for one colour. */
  readonly colours: readonly string[] | null;
  readonly lines?: readonly SolidLine[];
  readonly copies?: SolidCopies | null;
  /** Where it is looked at from to begin with. */
  readonly from?: Standpoint;
  /** Its height. */
  readonly className?: string;
}

/** Something in space beside the figures that tell of it, to be turned by drag and by the arrow keys. */
export function SpaceBoard({
  label,
  skin,
  material,
  colours,
  lines = [],
  copies = null,
  from,
  className = 'h-80',
}: SpaceBoardProps) {
  const { standpoint, setStandpoint, zoom, handlers } = useTurning(from);
  const canDraw = useMemo(hasWebGl, []);
  const [isLost, setIsLost] = useState(false);
  const onLost = useCallback(() => setIsLost(true), []);
  if (!canDraw || isLost)
    return <p className="text-quiet">This browser draws nothing in space; the figures beside it hold.</p>;
  return (
    <div>
      <div
        role="img"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the picture is turned with the arrow keys
        tabIndex={0}
        aria-label={`${label} in space, turned ${Math.round(standpoint.around)}°, from ${Math.round(standpoint.above)}° above; arrow keys turn it`}
        className={`w-full cursor-grab touch-none ${className}`}
        {...handlers}
      >
        <Suspense fallback={<p className="p-4 text-quiet">Opening the view in space …</p>}>
          <ErrorBoundary fallback={null} onError={onLost}>
            <SolidScene
              onLost={onLost}
              skin={skin}
              core={null}
              standpoint={standpoint}
              zoom={zoom}
              pxPerMm={null}
              isClear={false}
              cut={null}
              material={material}
              regionColours={colours}
              wires={[]}
              peel="skin"
              lines={lines}
              copies={copies}
            />
          </ErrorBoundary>
        </Suspense>
      </div>
      <div className="flex flex-wrap gap-x-3 text-[13px]">
        {STANDPOINTS.map(([name, to]) => (
          <button key={name} type="button" className="press-quiet" onClick={() => setStandpoint(to)}>
            {name}
          </button>
        ))}
      </div>
    </div>
  );
}
