import type { MouldChoice, Part } from '@every-inch/core/piece';
import { type CastRisks, type DraftSeen, PULL_OF, STANDINGS, type Standing } from '@every-inch/core/repeats';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useMemo } from 'react';
import { SpaceBoard } from '../../parts/solid/SpaceBoard.tsx';
import { useAsk } from '../../spine/hooks.ts';

/** A colour of the page and its words for each way a place comes off. */
const SHOWN: Readonly<Record<Standing, readonly [token: string, says: string]>> = {
  free: ['raw', 'comes off freely'],
  steep: ['tight', 'rubs: hardly any draft'],
  undercut: ['wont', 'locks: faces away from the pull'],
  blind: ['ink', 'locks: something stands before it'],
  back: ['foil', 'flat back'],
};
const AXES = ['across', 'upright', 'from back to front'] as const;
const mm = (value: number) => formatMiniMm(miniMm(value));

function coloursNow(): readonly string[] {
  const style = getComputedStyle(document.documentElement);
  return STANDINGS.map((standing) => style.getPropertyValue(`--${SHOWN[standing][0]}`).trim());
}

/** What of the cast may tear, and what the mould is caught in. */
function Risks({ risks }: { readonly risks: CastRisks }) {
  const { through, trapped, necks, leastMm } = risks;
  if (through === 0 && necks.length === 0) return null;
  return (
    <ul aria-label="What is in danger" className="mt-1 text-[13.5px]">
      {necks.map(({ axis, share, acrossMm }) => (
        <li key={axis}>
          <span className="text-tight">A thin neck:</span> <span className="figure">{mm(acrossMm)} mm</span>,
          at {Math.round(100 * share)} % of it {AXES[axis]}; under {mm(leastMm)} mm it tears: chill the cast
          before it is pulled, bake it in the mould, or put a wire in
        </li>
      ))}
      {trapped > 0 && (
        <li>
          <span className="text-wont">
            {trapped === 1 ? 'A hole goes through it' : `${trapped} holes go through it`} aslant of the pull:
          </span>{' '}
          the mould is caught in there: stop it up on the master and open it in the cast, or make that piece a
          part of its own
        </li>
      )}
      {through > trapped && (
        <li>
          {through - trapped === 1 ? 'One hole runs' : `${through - trapped} holes run`} with the pull: the
          mould stands up in there as a pin; thicker than {mm(leastMm)} mm it lasts
        </li>
      )}
    </ul>
  );
}

function Legend({ present }: { readonly present: ReadonlySet<Standing> }) {
  return (
    <ul aria-label="How its places come off" className="text-[13px]">
      {STANDINGS.filter((standing) => present.has(standing)).map((standing) => (
        <li key={standing} className="flex items-center gap-1.5">
          <span
            aria-hidden
            className="size-3 border border-hair"
            style={{ background: `var(--${SHOWN[standing][0]})` }}
          />
          {SHOWN[standing][1]}
        </li>
      ))}
    </ul>
  );
}

function Seen({ name, seen }: { readonly name: string; readonly seen: DraftSeen }) {
  const { map, partingMm, risks } = seen;
  const skin = useMemo(
    () => ({
      positions: map.positions,
      triangles: Uint32Array.from({ length: map.positions.length / 3 }, (_, i) => i),
      owners: map.owners,
      hasEdges: true,
    }),
    [map],
  );
  const colours = useMemo(coloursNow, []);
  const present = useMemo(
    () => new Set([...new Set(map.owners)].flatMap((owner) => STANDINGS[owner - 1] ?? [])),
    [map],
  );
  return (
    <div>
      <div className="grid grid-cols-[minmax(0,1fr)_15rem] gap-x-4 max-md:grid-cols-1">
        <SpaceBoard
          label={`How ${name} comes off its mould`}
          skin={skin}
          material="raw"
          colours={colours}
          lines={map.parting}
        />
        <div>
          <Legend present={present} />
          {map.parting.length > 0 && (
            <p className="mt-2">
              Parting line <span className="figure">{mm(partingMm)} mm</span>
              {map.parting.length > 1 && ` in ${map.parting.length} loops`}
            </p>
          )}
        </div>
      </div>
      <Risks risks={risks} />
    </div>
  );
}

/** The part by how each place of it comes off, with its parting line, and what of the cast is in danger. */
export function DraftView({ part, choice }: { readonly part: Part; readonly choice: MouldChoice }) {
  const seen = useAsk('repeats.draft', {
    part: part.id,
    direction: PULL_OF[choice.pull],
    pulls: choice.kind === 'halves' ? 'two' : 'one',
  });
  return seen ? <Seen name={part.name} seen={seen} /> : null;
}
