import type { Part } from '@every-inch/core/piece';
import type { SetInSpace as Found } from '@every-inch/core/repeats';
import { useMemo } from 'react';
import type { Standpoint } from '../../parts/solid/SolidScene.tsx';
import { SpaceBoard } from '../../parts/solid/SpaceBoard.tsx';
import { useAsk } from '../../spine/hooks.ts';

const forScreen = ({ positions, triangles }: Found['host']) => ({
  positions: Float32Array.from(positions),
  triangles,
  owners: null,
  hasEdges: true,
});

const DEGREES = 180 / Math.PI;

/** From where most of a set faces, a little from above and aside. */
function facing(stands: Found['stands']): Standpoint {
  const sum = [0, 1, 2].map((k) => stands.reduce((all, { z }) => all + (z[k] ?? 0), 0));
  const [x = 0, y = 0, z = 0] = sum;
  const level = Math.hypot(x, z);
  // A set that goes all round faces nowhere.
  const isRound = Math.hypot(level, y) < 0.2 * stands.length * Math.hypot(...(stands[0]?.z ?? [1, 0, 0]));
  const above = isRound ? 25 : Math.atan2(y, level) * DEGREES;
  return {
    around: (isRound || level < 1e-6 ? 0 : Math.atan2(x, z) * DEGREES) + 25,
    above: Math.min(70, Math.max(15, above)),
  };
}

function Board({ part, found }: { readonly part: Part; readonly found: Found }) {
  const skin = useMemo(() => forScreen(found.host), [found]);
  const copies = useMemo(
    () => ({
      one: forScreen(found.one),
      stands: found.stands,
      material: part.mix.length > 0 ? 'cured' : 'wood',
    }),
    [found, part.mix.length],
  );
  const from = useMemo(() => facing(found.stands), [found]);
  return (
    <SpaceBoard
      label={`${part.name} in their place`}
      skin={skin}
      material="raw"
      colours={null}
      from={from}
      copies={copies}
      className="h-(--room) min-h-40"
    />
  );
}

/** A set on what it goes on, in space. */
export function SetInSpace({ part }: { readonly part: Part }) {
  const found = useAsk('repeats.space', { part: part.id });
  if (found === undefined) return <p className="text-quiet">Setting them out in space …</p>;
  return found ? (
    <Board part={part} found={found} />
  ) : (
    <p className="text-quiet">What they go on has no such line or face in space; the drawing above holds.</p>
  );
}
