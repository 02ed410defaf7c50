import { heroicOf, type PartFacts } from '@every-inch/core/context';
import {
  type Handle,
  type JointAngles,
  poseBody,
  pulled,
  puppetOf,
  type View,
  viewTitle,
} from '@every-inch/core/form';
import type { Part } from '@every-inch/core/piece';
import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from 'react';
import { type BoardFrame, frameOf, type Point, pathOf } from './board.ts';
import { svgPoint } from './svgPoint.ts';
import { usePartEdit } from './usePartEdit.ts';

type Pose = Readonly<Record<string, JointAngles>>;

/** Size of a handle and of a press of an arrow, as shares of the body’s height. */
const GRIP = 0.017;
const PRESS = 0.02;

function seen(view: View, [x, y, z]: Handle['at']): Point {
  return view === 'front' ? [x, y] : [z, y];
}

interface BoardProps {
  readonly title: string;
  readonly view: View;
  readonly rings: readonly (readonly Point[])[];
  readonly handles: readonly Handle[];
  readonly groundMm: number;
  readonly onPull: (handle: Handle, view: View, to: Point) => void;
  readonly onLet: () => void;
}

/** One view of the body with its handles. */
function Board({ title, view, rings, handles, groundMm, onPull, onLet }: BoardProps) {
  const held = useRef<string | null>(null);
  // While a joint is held the view stands still under the hand.
  const still = useRef<BoardFrame | null>(null);
  const frame = still.current ?? frameOf(rings);
  const unit = frame.height;
  const toView = (event: PointerEvent<SVGElement>): Point | null => {
    const point = svgPoint(event);
    return point && [point.x, -point.y];
  };
  const onKey = (handle: Handle) => (event: KeyboardEvent) => {
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!step) return;
    event.preventDefault();
    const [x, y] = seen(view, handle.at);
    onPull(handle, view, [x + (step[0] ?? 0) * PRESS * unit, y + (step[1] ?? 0) * PRESS * unit]);
    onLet();
  };
  return (
    <figure className="flex min-w-0 flex-1 flex-col">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset */}
      <svg
        className="min-h-0 flex-1"
        viewBox={`${frame.left} ${-frame.top} ${frame.width} ${frame.height}`}
        role="group"
        aria-label={`Joints, ${title}`}
      >
        <line
          x1={frame.left}
          x2={frame.left + frame.width}
          y1={-groundMm}
          y2={-groundMm}
          className="draw-thin"
          vectorEffect="non-scaling-stroke"
        />
        <path d={pathOf(rings)} fill="var(--raw)" fillRule="nonzero" />
        {handles.map((handle) => {
          const [[x, y], [u, v]] = [seen(view, handle.at), seen(view, handle.from)];
          return (
            <line
              key={handle.name}
              x1={u}
              y1={-v}
              x2={x}
              y2={-y}
              className="draw-hair"
              vectorEffect="non-scaling-stroke"
            />
          );
        })}
        {handles.map((handle) => {
          const [x, y] = seen(view, handle.at);
          return (
            // biome-ignore lint/a11y/useSemanticElements: a handle on a drawing cannot be an HTML button
            <circle
              key={handle.name}
              cx={x}
              cy={-y}
              r={GRIP * unit}
              role="button"
              tabIndex={0}
              aria-label={`${handle.name}: pull it, or move it with the arrows; turns the ${handle.turns}`}
              className="cursor-grab touch-none fill-(--paper) stroke-(--fired) hover:fill-(--fired) focus-visible:fill-(--fired)"
              strokeWidth={1.5}
              vectorEffect="non-scaling-stroke"
              onKeyDown={onKey(handle)}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                held.current = handle.name;
                still.current = frame;
              }}
              onPointerMove={(event) => {
                const to = held.current === handle.name ? toView(event) : null;
                if (to) onPull(handle, view, to);
              }}
              onPointerUp={() => {
                held.current = null;
                still.current = null;
                onLet();
              }}
            >
              <title>{`${handle.name}, turns the ${handle.turns}`}</title>
            </circle>
          );
        })}
      </svg>
      <figcaption className="heading text-center">{title}</figcaption>
    </figure>
  );
}

interface PoseBoardProps {
  readonly context: PartFacts;
  readonly part: Part & { readonly form: Part['form'] & { readonly angles: Pose } };
}

/** The body from two sides; its joints are pulled, one turns at a time, within its limits. */
export default function PoseBoard({ context, part }: PoseBoardProps) {
  const set = usePartEdit(part);
  const { form } = part;
  const heroic = heroicOf(context.scale.heroic, context.own);
  const puppet = useMemo(
    () => puppetOf(form, { head: heroic.head, hands: heroic.hands }),
    [form, heroic.head, heroic.hands],
  );
  const [draft, setDraft] = useState<Pose | null>(null);
  const latest = useRef<Pose | null>(null);
  const [isSnapping, setIsSnapping] = useState(false);
  if (!puppet) return null;
  const pose = { ...puppet.pose, ...draft };
  const body = poseBody(puppet, pose);
  const onPull = (handle: Handle, view: View, to: Point): void => {
    const now = { ...puppet.pose, ...latest.current };
    const turned = pulled(puppet, now, handle, view, to);
    latest.current = { ...latest.current, [handle.turns]: isSnapping ? snappedAngles(turned) : turned };
    setDraft(latest.current);
  };
  const onLet = (): void => {
    if (latest.current) set('form.angles', { ...form.angles, ...rounded(latest.current) }, 'pose');
    latest.current = null;
    setDraft(null);
  };
  return (
    <div className="relative flex h-full gap-4">
      <label className="absolute bottom-0 left-0 flex items-center gap-1.5 text-[13px]">
        <input
          type="checkbox"
          checked={isSnapping}
          onChange={(event) => setIsSnapping(event.currentTarget.checked)}
        />
        snap to 15°
      </label>
      {(['front', 'side'] as const).map((view) => (
        <Board
          key={view}
          title={viewTitle(form, view)}
          view={view}
          rings={body.rings(view)}
          handles={body.handles}
          groundMm={body.groundMm}
          onPull={onPull}
          onLet={onLet}
        />
      ))}
    </div>
  );
}

/** Joints snap to these angles when they come so near, degrees. */
const SNAP = 15;
const SNAP_WITHIN = 4;

function snappedAngles({ flex, out, twist }: JointAngles): JointAngles {
  const near = (degrees: number) => {
    const round = Math.round(degrees / SNAP) * SNAP;
    return Math.abs(degrees - round) <= SNAP_WITHIN ? round : degrees;
  };
  return { flex: near(flex), out: near(out), twist: near(twist) };
}

/** Angles to half a degree: finer than any hand bends wire. */
function rounded(pose: Pose): Pose {
  const half = (degrees: number) => Math.round(degrees * 2) / 2;
  return Object.fromEntries(
    Object.entries(pose).map(([joint, { flex, out, twist }]) => [
      joint,
      { flex: half(flex), out: half(out), twist: half(twist) },
    ]),
  );
}
