import { withBoard } from '@every-inch/core/ground';
import {
  BOARD_OUTLINES,
  BOARD_STUFFS,
  type Board,
  type BoardOutline,
  type BoardStuff,
  LIMITS,
  typedLimits,
} from '@every-inch/core/piece';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { useTold } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { usePlan } from './useGround.ts';

const OUTLINE_SAYS: Readonly<Record<BoardOutline, string>> = {
  round: 'round or oval',
  square: 'square or rectangle',
  polygon: 'a polygon',
  drawn: 'as drawn',
};
const STUFF_SAYS: Readonly<Record<BoardStuff, string>> = {
  ply: 'plywood',
  fibreboard: 'fibreboard',
  'solid-wood': 'a wooden board',
  cork: 'cork',
  foam: 'hard foam',
  card: 'card',
  clay: 'baked clay',
};
const OUTLINES = BOARD_OUTLINES.map((value) => ({ value, says: OUTLINE_SAYS[value] }));
const STUFFS = BOARD_STUFFS.map((value) => ({ value, says: STUFF_SAYS[value] }));

interface LengthProps {
  readonly board: Board;
  readonly field: 'widthMm' | 'depthMm' | 'thicknessMm';
  readonly label: string;
}

function Length({ board, field, label }: LengthProps) {
  const dispatch = useAppDispatch();
  return (
    <LengthField
      label={label}
      entry={['board', field]}
      className="w-20"
      shown={formatMiniMm(miniMm(board[field]))}
      unit="mm"
      onLength={(mm) => dispatch(editAt(`${label} of the base`, ['board', field], mm))}
    />
  );
}

/** A drawn base as corners, one pair a line. */
function Corners({ board }: { readonly board: Board }) {
  const dispatch = useAppDispatch();
  const set = (points: Board['points']) =>
    dispatch(editAt('outline of the base', ['board', 'points'], points));
  const { points } = board;
  const at = (i: number, field: 'xMm' | 'yMm', mm: number) =>
    set(points.map((one, k) => (k === i ? { ...one, [field]: mm } : one)));
  return (
    <div className="mt-2">
      <p className="text-[13px] text-quiet">
        Corners, miniature mm to the right and to the back of the middle
      </p>
      <ol className="flex flex-wrap gap-x-4 gap-y-1">
        {points.map((point, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a corner is known by its place alone
          <li key={i} className="flex items-end gap-1">
            <span className="figure text-quiet">{i + 1}</span>
            {(['xMm', 'yMm'] as const).map((field) => (
              <NumberField
                key={field}
                hideLabel
                label={`corner ${i + 1}, ${field === 'xMm' ? 'right' : 'back'}`}
                value={point[field]}
                className="w-16"
                onNumber={(mm) => at(i, field, mm)}
              />
            ))}
            {points.length > 3 && (
              <button
                type="button"
                className="press-quiet text-quiet"
                aria-label={`take corner ${i + 1} out`}
                onClick={() => set(points.filter((_, k) => k !== i))}
              >
                ×
              </button>
            )}
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => {
          const [first, last] = [points[0], points.at(-1)];
          if (first && last)
            set([...points, { xMm: (first.xMm + last.xMm) / 2, yMm: (first.yMm + last.yMm) / 2 }]);
        }}
      >
        + corner between the last and the first
      </button>
    </div>
  );
}

/** What it all stands on. */
export function BaseFields() {
  const dispatch = useAppDispatch();
  const { board } = useOpenPiece();
  const isKnown = useTold('ground.plan', null) !== undefined;
  const plan = usePlan();
  if (!board)
    return (
      <p>
        <button
          type="button"
          className="press"
          disabled={!isKnown}
          onClick={() => dispatch(edit('base', (piece) => withBoard(piece, plan)))}
        >
          Put it on a base
        </button>
      </p>
    );
  const choose = (outline: BoardOutline) => {
    const [w, d] = [board.widthMm / 2, board.depthMm / 2];
    const points =
      outline === 'drawn' && board.points.length < 3
        ? [
            { xMm: -w, yMm: -d },
            { xMm: w, yMm: -d },
            { xMm: w, yMm: d },
            { xMm: -w, yMm: d },
          ]
        : board.points;
    dispatch(editAt('outline of the base', ['board'], { ...board, outline, points }));
  };
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <Choice label="Base" value={board.outline} options={OUTLINES} onChoose={choose} />
        {board.outline !== 'drawn' && <Length board={board} field="widthMm" label="Across" />}
        {board.outline !== 'drawn' && <Length board={board} field="depthMm" label="Front to back" />}
        {board.outline === 'polygon' && (
          <NumberField
            {...typedLimits(LIMITS.board.sides)}
            label="Sides"
            entry={['board', 'sides']}
            value={board.sides}
            className="w-14"
            onNumber={(sides) => dispatch(editAt('sides of the base', ['board', 'sides'], sides))}
          />
        )}
        <Choice
          label="Of"
          value={board.stuff}
          options={STUFFS}
          onChoose={(stuff) => dispatch(editAt('stuff of the base', ['board', 'stuff'], stuff))}
        />
        <Length board={board} field="thicknessMm" label="Thick" />
        <NumberField
          {...typedLimits(LIMITS.board.studs)}
          label="Studs under it"
          entry={['board', 'studs']}
          value={board.studs}
          className="w-14"
          onNumber={(studs) => dispatch(editAt('studs under the base', ['board', 'studs'], studs))}
        />
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => dispatch(editAt('no base', ['board'], null))}
        >
          no base
        </button>
      </div>
      {board.outline === 'drawn' && <Corners board={board} />}
      {plan.fault && (
        <p role="alert" className="mt-1 text-wont">
          {plan.fault}
        </p>
      )}
    </>
  );
}
