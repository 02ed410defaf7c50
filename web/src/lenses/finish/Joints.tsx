import { glueRow, type JointShown, joinedBy, type RankedWay } from '@every-inch/core/finish';
import { DEFAULT_JOINT, type Joint, LIMITS, typedLimits } from '@every-inch/core/piece';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { VerdictMark } from '../../parts/VerdictLine.tsx';
import { useFigure, useTold } from '../../spine/hooks.ts';
import { edit, useAppDispatch, useOpenPiece } from '../../state/store.ts';

const NONE: readonly JointShown[] = [];
/** Ways that are shown before the others are asked for. */
const FIRST = 4;

/** How much a way bears, where that is enough: else it is among what speaks against it. */
const bearsSays = ({ bears, level }: RankedWay) =>
  bears === null || level !== 'good'
    ? ''
    : `bears ${bears < 10 ? bears.toFixed(1) : Math.round(bears)} times`;

interface JointProps {
  readonly shown: JointShown;
  readonly joint: Joint | undefined;
}

/** Ways of joining two things, what will do first. */
function Ways({ shown, joint }: JointProps) {
  const dispatch = useAppDispatch();
  const listed = shown.ways.filter(
    ({ level, way }, i) => level !== 'stop' || way === joint?.way || i < FIRST,
  );
  return (
    <ul aria-label={`Ways to join ${shown.part} to ${shown.on}`} className="mt-1">
      {listed.map((one) => (
        <li key={one.way} className="flex flex-wrap items-baseline gap-x-2 text-[13px]">
          <label className="flex min-h-7 items-center gap-1.5">
            <input
              type="radio"
              name={`joint ${shown.fit}`}
              checked={joint?.way === one.way}
              onChange={() =>
                dispatch(
                  edit(`${shown.part} joined with ${one.title}`, (piece) =>
                    joinedBy(piece, shown.fit, { way: one.way }),
                  ),
                )
              }
            />
            <VerdictMark verdict={{ level: one.level, wording: 'state', says: '', waysOut: [] }} />
            {one.title}
          </label>
          <span className="text-quiet">{[bearsSays(one), ...one.says].filter(Boolean).join('; ')}</span>
        </li>
      ))}
    </ul>
  );
}

function Told({ id }: { readonly id: string }) {
  const figures = [
    useFigure(null, `joint.will.${id}`),
    useFigure(null, `joint.bears.${id}`),
    useFigure(null, `joint.shears.${id}`),
    useFigure(null, `joint.peels.${id}`),
    useFigure(null, `joint.sets.${id}`),
    useFigure(null, `joint.full.${id}`),
    useFigure(null, `joint.glue.${id}`),
    useFigure(null, `joint.deep.${id}`),
  ];
  return (
    <div className="max-w-xl">
      {figures.map((figure) => figure && <FigureRow key={figure.id} figure={figure} />)}
    </div>
  );
}

function OneJoint({ shown, joint }: JointProps) {
  const dispatch = useAppDispatch();
  const { gapMm, areaMm2, comesApart, pins, pinMm } = joint ?? DEFAULT_JOINT;
  const set = (change: Partial<Joint>, what: string) =>
    dispatch(edit(`${what}, ${shown.part}`, (piece) => joinedBy(piece, shown.fit, change)));
  const path = ['joints', joint?.id ?? ''];
  return (
    <li className="border-b border-hair py-2">
      <h4 className="font-medium">
        {shown.part} on {shown.on}
        {joint?.way && <span className="ml-2 font-normal text-quiet">{glueRow(joint.way).title}</span>}
      </h4>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <NumberField
          {...typedLimits(LIMITS.joint.gapMm)}
          entry={[...path, 'gapMm']}
          label="Gap, put together dry"
          value={gapMm}
          placeholder="?"
          after="mm"
          className="w-14"
          onNumber={(mm) => set({ gapMm: mm }, 'gap')}
          onEmpty={() => set({ gapMm: null }, 'gap')}
        />
        <NumberField
          {...typedLimits(LIMITS.joint.areaMm2)}
          entry={[...path, 'areaMm2']}
          label="They touch on"
          value={areaMm2}
          placeholder="reckoned"
          after="mm²"
          className="w-20"
          onNumber={(mm2) => set({ areaMm2: mm2 }, 'area')}
          onEmpty={() => set({ areaMm2: null }, 'area')}
        />
        <NumberField
          {...typedLimits(LIMITS.joint.pins)}
          entry={[...path, 'pins']}
          label="Pins"
          value={pins}
          className="w-12"
          onNumber={(n) => set({ pins: n }, 'pins')}
        />
        {pins > 0 && (
          <NumberField
            {...typedLimits(LIMITS.joint.pinMm)}
            entry={[...path, 'pinMm']}
            label="Pin, across"
            value={pinMm}
            after="mm"
            className="w-14"
            onNumber={(mm) => set({ pinMm: mm }, 'pin')}
          />
        )}
        <label className="flex min-h-8 items-center gap-1.5">
          <input
            type="checkbox"
            checked={comesApart}
            onChange={() => set({ comesApart: !comesApart }, 'whether it comes apart')}
          />
          comes apart again
        </label>
      </div>
      <Ways shown={shown} joint={joint} />
      {joint?.way && <Told id={joint.id} />}
    </li>
  );
}

/** How things are joined that go together: ways ranked, what they bear, how long they are held. */
export function Joints() {
  const { joints } = useOpenPiece();
  const told = useTold('finish.joints', null) ?? NONE;
  if (told.length === 0)
    return (
      <p className="text-quiet">
        Nothing is joined yet: say at Size what sits on, goes into or is held by what.
      </p>
    );
  return (
    <ul>
      {told.map((shown) => (
        <OneJoint key={shown.fit} shown={shown} joint={joints.find(({ fit }) => fit === shown.fit)} />
      ))}
    </ul>
  );
}
