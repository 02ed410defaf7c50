import { bonesOfPart, type CutList, cutsOfPiece, type PartBones } from '../armature/index.ts';
import { auditOfPart, type BakeAudit } from '../bake/audit/index.ts';
import { bakesOfRoute, type PlannedBake, planOfPiece } from '../bake/plan/index.ts';
import { bulkOfPart, type PartBulk } from '../bulk/index.ts';
import type { Fault, Given, PartContext } from '../context/index.ts';
import type { ShapeStore } from '../form/index.ts';
import { type Piece, pieceAtEnds } from '../piece/index.ts';
import { makeBook, type OwnValues, type Reckoning, type ReckoningBook } from '../reckoning/index.ts';
import { type BakeState, type RouteReckoned, routeOfPiece } from '../route/index.ts';
import type { Breakdown } from './breakdowns.ts';
import { widened } from './ends.ts';
import { makeSpine, type Spine } from './spine.ts';
import { SUBJECTS } from './subjects.ts';

/** What a reckoning needs besides the piece. */
export interface ReckonOptions {
  readonly shapes: ShapeStore;
  /** The workshop’s own values; the piece’s go before them. */
  readonly workshopOwn: OwnValues;
  /** ISO time the figures are for. */
  readonly now: string;
}

/** Everything that follows from a piece. */
export interface PieceReckoned {
  readonly given: Given;
  readonly book: ReckoningBook;
  /** What the figures of each sound part lean on. */
  readonly contexts: ReadonlyMap<string, PartContext>;
  /** Clay and core of each part that is of clay. */
  readonly bulk: ReadonlyMap<string, PartBulk>;
  /** Wires of each part that has an armature. */
  readonly bones: ReadonlyMap<string, PartBones>;
  /** What is cut of every wire. */
  readonly cuts: CutList;
  /** The steps of the piece, their times and their order. */
  readonly route: RouteReckoned;
  /** Every bake of the route with what goes in, and what was found before it for each part. */
  readonly bakes: readonly BakeState[];
  readonly audits: ReadonlyMap<string, readonly BakeAudit[]>;
  /** The same bakes with their loads, windows and minutes. */
  readonly plan: readonly PlannedBake[];
  /** What could not be reckoned, of parts that were built: the sums are without it. */
  readonly breakdowns: readonly Breakdown[];
  /** Parts no solid follows from. */
  readonly faults: readonly Fault[];
}

/** Every figure of a spine, by subject, the whole piece’s before its parts’. */
export function allFigures({ given }: Spine): Reckoning[] {
  return [...given.everyFigure()];
}

/**
 * All figures of a piece at once, without a spine to be kept: for a command line, a test, a sheet.
 *
 * @throws {ScaleError} for a scale that is none; a part that cannot be built is a fault in the result instead
 */
export function reckonPiece(piece: Piece, { shapes, workshopOwn, now }: ReckonOptions): PieceReckoned {
  const spine = makeSpine(SUBJECTS, shapes, { piece, workshopOwn, now });
  const { given } = spine;
  // A scale that is none is nobody’s fault but the scale’s: it is refused before anything breaks down on it.
  void given.context.scale;
  const audits = new Map([...given.parts(auditOfPart)].map(([id, { audits: found }]) => [id, found]));
  return {
    given,
    book: makeBook(
      widened(
        allFigures(spine),
        pieceAtEnds(piece).map((end) =>
          allFigures(makeSpine(SUBJECTS, shapes, { piece: end, workshopOwn, now })),
        ),
      ),
    ),
    contexts: given.contexts,
    bulk: given.parts(bulkOfPart),
    bones: given.parts(bonesOfPart),
    cuts: given.piece(cutsOfPiece),
    route: given.piece(routeOfPiece),
    bakes: given.piece(bakesOfRoute).states,
    audits,
    plan: given.piece(planOfPiece).bakes,
    breakdowns: spine.breakdowns(),
    faults: [...given.faults].map(([part, says]) => ({ part, says })),
  };
}
