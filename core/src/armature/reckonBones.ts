import type { BulkFacts } from '../bulk/index.ts';
import type { PartContext } from '../context/index.ts';
import type { Reckoning, WayOut } from '../reckoning/index.ts';
import { type Advice, adviseWire } from './advise.ts';
import { type Bend, bendsOf } from './bends.ts';
import { type ArmatureFrame, type Cover, frameOf, leastCover, rawLimbs } from './checks.ts';
import { coverWanted } from './cover.ts';
import { type CutPiece, cutPieces } from './cutList.ts';
import type { Ask } from './figures/ask.ts';
import { bendFigures, branchFigures, crossingFigures, lengthFigure } from './figures/cutting.ts';
import { pegFigures, standFigures } from './figures/standing.ts';
import {
  betterWires,
  coverFigure,
  handledFigure,
  legFigure,
  sagFigure,
  wireFigure,
} from './figures/strength.ts';
import { type JointGap, jointGaps } from './joints.ts';
import type { Run } from './run.ts';
import { proposeRuns, runsOf } from './runs.ts';
import type { Wire } from './wire.ts';

/** What is known of a part’s armature, as plain data. */
export interface BonesFacts {
  /** As proposed, before the maker left any out or drew others. */
  readonly proposed: readonly Run[];
  readonly runs: readonly Run[];
  readonly wire: Wire;
  readonly advice: Advice | null;
  readonly pieces: readonly CutPiece[];
  /** Where clay is scarcest over the wire; every bend; how far each free limb sags raw, mm. */
  readonly cover: Cover | null;
  readonly bends: readonly Bend[];
  /** Every joint with the wire to leave bare where it is bent later. */
  readonly gaps: readonly JointGap[];
  readonly sags: ReadonlyMap<string, number>;
}

/** A part’s armature and what follows from it. */
export interface PartBones extends BonesFacts {
  readonly figures: readonly Reckoning[];
}

/** What the figures of an armature have in common. */
interface Common {
  readonly proposed: readonly Run[];
  readonly frame: ArmatureFrame;
  readonly advice: Advice | null;
}

/** What is taken where nothing can be advised. */
const PLAIN_WIRE: Wire = { metal: 'aluminium', diameterMm: 1, strands: 1 };

function commonOf(context: PartContext, contexts: ReadonlyMap<string, PartContext>): Common | null {
  const { part } = context;
  const runs = runsOf(context);
  const proposed = part.runs.length === 0 ? runs : proposeRuns(context);
  if (runs.length > 0) {
    const frame = frameOf(context, contexts, runs);
    return { proposed, frame, advice: adviseWire(frame, part.wire?.metal ?? PLAIN_WIRE.metal) };
  }
  return proposed.length === 0 ? null : { proposed, frame: frameOf(context, contexts, []), advice: null };
}

/** The armature of a part: its runs, the wire for them, and whether that hides, holds and stands; null without one. */
export function reckonBones(
  context: PartContext,
  contexts: ReadonlyMap<string, PartContext>,
  bulk?: BulkFacts,
): PartBones | null {
  const common = commonOf(context, contexts);
  if (!common) return null;
  const { frame, advice, proposed } = common;
  const { runs } = frame;
  const wire: Wire = context.part.wire ?? advice?.wire ?? PLAIN_WIRE;
  const pieces = cutPieces(context, runs, wire);
  let betterOnes: readonly WayOut[] | null = null;
  const better = () => {
    betterOnes ??= betterWires({ ...frame, context }, wire);
    return betterOnes;
  };
  const ask: Ask = { ...frame, context, wire, contexts, bulk, pieces, better };
  return {
    proposed,
    runs,
    wire,
    advice,
    pieces,
    cover: leastCover(frame, wire, coverWanted(context)),
    bends: runs.flatMap(({ path }) => bendsOf(path)),
    gaps: jointGaps(frame, wire),
    sags: new Map(rawLimbs(frame, wire).map(({ limb, sagMm }) => [limb.name, sagMm])),
    figures:
      runs.length === 0
        ? []
        : [
            wireFigure(ask, advice),
            ...branchFigures(ask),
            ...coverFigure(ask),
            ...sagFigure(ask),
            ...handledFigure(ask),
            ...legFigure(ask),
            ...standFigures(ask),
            ...crossingFigures(ask),
            ...bendFigures(ask),
            ...pegFigures(ask),
            lengthFigure(ask),
          ],
  };
}
