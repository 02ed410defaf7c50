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
import { DrawnBase } from './DrawnBase.tsx';
import { Joins } from './Joins.tsx';
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

/** A slice sawn off a dowel: round, of solid wood, as thick as it is still sawn true by hand. */
const SLICE = { outline: 'round', stuff: 'solid-wood', thicknessMm: 10, studs: 0 } as const;

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
          onClick={() =>
            dispatch(editAt('a slice of a branch or a dowel', ['board'], { ...board, ...SLICE }))
          }
        >
          a slice of a dowel
        </button>
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => dispatch(editAt('no base', ['board'], null))}
        >
          no base
        </button>
      </div>
      {board.outline === 'drawn' && <DrawnBase board={board} />}
      <Joins board={board} />
      {plan.fault && (
        <p role="alert" className="mt-1 text-wont">
          {plan.fault}
        </p>
      )}
    </>
  );
}
