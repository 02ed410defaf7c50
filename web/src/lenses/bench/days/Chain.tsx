import {
  benchSays,
  longSays,
  momentSays,
  type PlannedStep,
  type ScheduleFacts,
} from '@every-inch/core/schedule';
import { useMemo } from 'react';
import { type ChainNode, chainGraph, NODE } from './chainGraph.ts';

const MARGIN = 6;

/** Why a step of the chain begins when it does. */
const HELD_BY: Readonly<Record<NonNullable<PlannedStep['heldBy']>, string>> = {
  now: 'now',
  order: 'after what is before it',
  hands: 'when hands are free',
  oven: 'when the oven is free',
  clamp: 'when a clamp is free',
};

interface ChainProps {
  readonly facts: ScheduleFacts;
  readonly selected: string | null;
  readonly onSelect: (id: string | null) => void;
}

function titleOf([first, ...more]: ChainNode['steps']): string {
  const last = more.at(-1);
  return last ? `${more.length + 1} steps at the bench: ${first.title} … ${last.title}` : first.title;
}

function takesOf(steps: ChainNode['steps']): string {
  const hands = steps.reduce((sum, { handsMin }) => sum + handsMin, 0);
  const waits = steps.reduce((sum, { waitFrom, done }) => sum + Math.max(0, done - waitFrom), 0);
  return [
    hands >= 1 ? `${benchSays(hands)} at the bench` : '',
    waits >= 1 ? `${longSays(waits)} waiting` : '',
  ]
    .filter((one) => one !== '')
    .join(', ');
}

interface NodeProps {
  readonly node: ChainNode;
  readonly now: number;
  readonly isSelected: boolean;
  readonly onSelect: ChainProps['onSelect'];
}

/** A box of the chain; a pale one leads into it. */
function Node({ node: { steps, x, y, isChain }, now, isSelected, onSelect }: NodeProps) {
  const [first] = steps;
  const edge = isSelected ? 'border-2 border-ink' : isChain ? 'border-fired' : 'border-hair';
  return (
    <foreignObject
      x={x - NODE.width / 2 + MARGIN}
      y={y - NODE.height / 2 + MARGIN}
      width={NODE.width}
      height={NODE.height}
    >
      <button
        type="button"
        aria-pressed={isSelected}
        title={steps.map(({ title }) => title).join('\n')}
        className={`block h-full w-full overflow-hidden border px-2 text-left leading-tight ${edge}`}
        onClick={() => onSelect(isSelected ? null : first.id)}
      >
        <span className={`block truncate text-[13px] ${isChain ? 'font-semibold' : ''}`}>
          {titleOf(steps)}
        </span>
        <span className="block truncate text-[12px] text-quiet">
          {momentSays(first.start, now)}: {takesOf(steps)}
        </span>
        <span className="block truncate text-[12px] text-quiet">
          {first.heldBy === null
            ? `${longSays(Math.max(0, first.latest - first.start))} to spare`
            : HELD_BY[first.heldBy]}
        </span>
      </button>
    </foreignObject>
  );
}

/** What it all hangs on, from above down, and what leads into it with little to spare. */
export function Chain({ facts, selected, onSelect }: ChainProps) {
  const graph = useMemo(() => chainGraph(facts.steps), [facts.steps]);
  return (
    <div className="overflow-x-auto">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing whose steps can be pressed is no field set */}
      <svg
        role="group"
        aria-label="What it all hangs on"
        width={graph.width + 2 * MARGIN}
        height={graph.height + 2 * MARGIN}
        className="block"
      >
        {graph.edges.map(({ from, to, points, isChain }) => (
          <polyline
            key={`${from} ${to}`}
            points={points.map(({ x, y }) => `${x + MARGIN},${y + MARGIN}`).join(' ')}
            fill="none"
            stroke={isChain ? 'var(--fired)' : 'var(--quiet)'}
            strokeWidth={isChain ? 2 : 1}
          />
        ))}
        {graph.nodes.map((node) => (
          <Node
            key={node.steps[0].id}
            node={node}
            now={facts.now}
            isSelected={node.steps.some(({ id }) => id === selected)}
            onSelect={onSelect}
          />
        ))}
      </svg>
    </div>
  );
}
