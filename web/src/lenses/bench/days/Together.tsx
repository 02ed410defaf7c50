import { STEP_TITLES } from '@every-inch/core/route';
import {
  benchSays,
  daySays,
  longSays,
  momentSays,
  type Together as Plan,
  type SharedPiece,
} from '@every-inch/core/schedule';
import { useMemo } from 'react';
import { Section } from '../../../parts/Sections.tsx';
import { useSizeMm } from '../../../parts/useSize.ts';
import { useAsk } from '../../../spine/hooks.ts';
import { useAppDispatch, useAppSelector, useOpenPiece } from '../../../state/store.ts';
import { workshopChanged } from '../../../state/workshopSlice.ts';
import { DayHeads } from './DayHeads.tsx';
import { type DayScale, dayScale } from './dayScale.ts';
import { type OtherPieces, useOtherPieces } from './usePieces.ts';

const PX_PER_MM = 96 / 25.4;
/** Heights of the drawing, px. */
const HEAD = 18;
const ROW = 44;
const HANDS = 20;
const WAIT = 9;

/** One piece across the days: hands above, waiting below, and the day it is due. */
function Lane({
  piece,
  scale,
  top,
}: {
  readonly piece: SharedPiece;
  readonly scale: DayScale;
  readonly top: number;
}) {
  const isLate = (piece.lateMin ?? 0) > 0;
  return (
    <g>
      <line x1={0} x2={scale.width} y1={top + ROW - 3} y2={top + ROW - 3} stroke="var(--hair)" />
      {piece.steps.map((step) => (
        <g key={step.id}>
          <title>{`${piece.name}: ${step.title}`}</title>
          {step.handsEnd - step.start >= 1 && (
            <rect
              x={scale.x(step.start)}
              y={top}
              width={Math.max(1.5, scale.x(step.handsEnd) - scale.x(step.start))}
              height={HANDS}
              fill={isLate ? 'var(--fired)' : 'var(--raw)'}
              stroke="var(--bench)"
              strokeWidth={0.7}
            />
          )}
          {step.done - step.waitFrom >= 1 && (
            <rect
              x={scale.x(step.waitFrom)}
              y={top + HANDS + 4}
              width={Math.max(1.5, scale.x(step.done) - scale.x(step.waitFrom))}
              height={WAIT}
              fill="var(--foil)"
              fillOpacity={0.45}
            />
          )}
        </g>
      ))}
      <text
        x={2}
        y={top + HANDS + 13}
        className="pointer-events-none fill-ink text-[11px]"
        stroke="var(--bench)"
        strokeWidth={3}
        paintOrder="stroke"
      >
        {piece.name}
      </text>
      {piece.due !== null && (
        <line
          x1={scale.x(piece.due)}
          x2={scale.x(piece.due)}
          y1={top - 2}
          y2={top + ROW - 6}
          stroke="var(--ink)"
          strokeWidth={2}
        />
      )}
    </g>
  );
}

function Lanes({ plan }: { readonly plan: Plan }) {
  const [room, size] = useSizeMm<HTMLDivElement>();
  const width = (size?.widthMm ?? 200) * PX_PER_MM;
  const last = Math.max(plan.end, ...plan.pieces.flatMap(({ due }) => due ?? []));
  const scale = useMemo(() => dayScale(plan.now, last, plan.bench, width), [plan, last, width]);
  const height = HEAD + plan.pieces.length * ROW;
  return (
    <div ref={room} className="overflow-x-auto overflow-y-hidden">
      <svg
        width={scale.width}
        height={height}
        role="img"
        aria-label="All pieces across the days"
        className="block"
      >
        <DayHeads scale={scale} below={height} />
        {plan.pieces.map((piece, i) => (
          <Lane key={piece.id} piece={piece} scale={scale} top={HEAD + i * ROW + 2} />
        ))}
      </svg>
    </div>
  );
}

function sayLate({ lateMin, due }: SharedPiece): string {
  if (lateMin === null || due === null) return 'not due';
  return lateMin > 0
    ? `${benchSays(lateMin)} at the bench too late`
    : `${benchSays(lateMin)} at the bench to spare`;
}

function PieceRow({
  piece,
  now,
  place,
}: {
  readonly piece: SharedPiece;
  readonly now: number;
  readonly place: number;
}) {
  const isLate = (piece.lateMin ?? 0) > 0;
  const costs = piece.end - piece.alone;
  return (
    <tr>
      <td className="figure pr-3">{place}</td>
      <td className="max-w-48 truncate pr-3 font-semibold">{piece.name}</td>
      <td className={`pr-3 ${isLate ? 'text-wont' : piece.lateMin === null ? 'text-quiet' : 'text-fits'}`}>
        {sayLate(piece)}
      </td>
      <td className="pr-3">{piece.due === null ? '' : `due ${daySays(piece.due, now)}`}</td>
      <td className="pr-3">done {momentSays(piece.end, now)}</td>
      <td className="text-quiet">{costs < 1 ? 'as if alone' : `${longSays(costs)} later than alone`}</td>
    </tr>
  );
}

/** What is the same work in several pieces, and may be done in one go. */
function InOneGo({ plan }: { readonly plan: Plan }) {
  if (plan.oneGo.length === 0) return null;
  return (
    <p className="text-[13px]">
      <span className="text-quiet">The same work waits in more than one, so do it in one go: </span>
      {plan.oneGo
        .slice(0, 4)
        .map(
          ({ kind, pieces, steps, handsMin }) =>
            `${STEP_TITLES[kind]} (${steps} in ${pieces.join(' and ')}, ${benchSays(handsMin)})`,
        )
        .join('; ')}
      .
    </p>
  );
}

/** Which pieces are on the bench: all on the shelf but those that are put aside. */
function OnBench({ pieces }: { readonly pieces: OtherPieces }) {
  const dispatch = useAppDispatch();
  const aside = useAppSelector((state) => state.workshop.aside);
  const set = (id: string, isOn: boolean) =>
    dispatch(workshopChanged({ aside: isOn ? aside.filter((one) => one !== id) : [...aside, id] }));
  return (
    <fieldset className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <legend className="sr-only">On this bench besides</legend>
      <span className="text-quiet">On this bench besides:</span>
      {pieces.heads.map(({ id, name }) => (
        <label key={id} className="flex min-h-8 items-center gap-1.5">
          <input
            type="checkbox"
            checked={!aside.includes(id)}
            onChange={({ target }) => set(id, target.checked)}
          />
          <span className="max-w-64 truncate">{name}</span>
          {pieces.faults.has(id) && <span className="text-wont">{pieces.faults.get(id)}</span>}
          {pieces.found.get(id)?.says && <span className="text-tight">{pieces.found.get(id)?.says}</span>}
          {pieces.found.get(id)?.tasks.length === 0 && !pieces.found.get(id)?.says && (
            <span className="text-quiet">nothing left to do</span>
          )}
        </label>
      ))}
    </fieldset>
  );
}

function Laid({ pieces }: { readonly pieces: OtherPieces }) {
  const aside = useAppSelector((state) => state.workshop.aside);
  const others = useMemo(
    () => [...pieces.found].flatMap(([id, one]) => (aside.includes(id) ? [] : [one])),
    [pieces.found, aside],
  );
  const plan = useAsk('schedule.together', { others });
  if (!plan) return <p className="text-quiet">Laying all of them out …</p>;
  if (plan.says) return <p className="text-wont">{plan.says}.</p>;
  if (plan.pieces.length === 0)
    return <p className="text-quiet">Nothing is left to be done in any of them.</p>;
  return (
    <div className="space-y-3">
      <div className="overflow-x-auto">
        <table className="whitespace-nowrap text-[13px]" aria-label="All pieces">
          <tbody>
            {plan.pieces.map((piece, i) => (
              <PieceRow key={piece.id} piece={piece} now={plan.now} place={i + 1} />
            ))}
          </tbody>
        </table>
      </div>
      <Lanes plan={plan} />
      <InOneGo plan={plan} />
      <p className="text-[12.5px] text-quiet">
        The first goes first where two want your hands; what one waits for is filled with the others. By the
        hours, hands and ovens of this piece. The upright stroke is the day it is due.
      </p>
    </div>
  );
}

/** Every piece that is on the bench: they share hands, ovens and days. */
export function Together() {
  const { id } = useOpenPiece();
  const { pieces, look } = useOtherPieces(id);
  return (
    <Section id="together" title="All pieces on the bench" edits={['bench']}>
      {!pieces ? (
        <p className="flex flex-wrap items-baseline gap-x-3 py-2">
          <button type="button" className="press" onClick={look}>
            Lay all pieces out together
          </button>
          <span className="text-quiet">They share your hands, the oven and the days.</span>
        </p>
      ) : (
        <div className="space-y-3 py-2">
          {pieces.heads.length === 0 && <p className="text-quiet">There is no other piece on the Shelf.</p>}
          {pieces.heads.length > 0 && <OnBench pieces={pieces} />}
          {pieces.heads.length > 0 && pieces.found.size + pieces.faults.size === 0 ? (
            <p className="text-quiet">Working through the other pieces …</p>
          ) : (
            <Laid pieces={pieces} />
          )}
        </div>
      )}
    </Section>
  );
}
