import {
  type BonesFound,
  type CutList,
  type PartBones,
  reckonBones,
  reckonCuts,
  wireLines,
} from '../armature/index.ts';
import {
  auditsOf,
  type BakeAudit,
  bakesByPart,
  peakOf,
  reckonAudit,
  reckonPartBake,
  reckonPieceBake,
} from '../bake/index.ts';
import { reckonAdditions, reckonBrief, reckonDecisions, reckonFeatures } from '../brief/index.ts';
import {
  type PartBulk,
  reckonClays,
  reckonInserts,
  reckonPanels,
  reckonPartBulk,
  reckonThin,
} from '../bulk/index.ts';
import { reckonFits } from '../fits/index.ts';
import { reckonLog } from '../log/index.ts';
import { reckonTakings } from '../picture/index.ts';
import type { Piece } from '../piece/index.ts';
import { makeBook, type Reckoning, type ReckoningBook, reckoningId } from '../reckoning/index.ts';
import { type BakeState, bakeStates, type RouteReckoned, reckonRoute } from '../route/index.ts';
import { reckonFound, reckonOven, reckonPairs, reckonSize } from '../size/index.ts';
import type { Fault, PartContext } from './context.ts';
import { groundOf, type ReckonOptions } from './ground.ts';
import { routeGround } from './routeGround.ts';

/** Everything that follows from a piece. */
export interface PieceReckoned {
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
  /** Parts no solid follows from. */
  readonly faults: readonly Fault[];
}

/** The wires of a part as lines; none for a part without an armature. */
function wiresOf(context: PartContext, bones: PartBones | undefined) {
  return bones ? wireLines(context, bones) : [];
}

/**
 * All figures of a piece: brief, sizes, core and clay, bake card, and the log held against them.
 *
 * @throws {ScaleError} for a scale that is none; a part that cannot be built is a fault in the result instead
 */
export function reckonPiece(piece: Piece, options: ReckonOptions): PieceReckoned {
  const { context, sound, faults } = groundOf(piece, options);
  const bulk = new Map(
    sound.flatMap((one) => {
      const figures = reckonPartBulk(one);
      return figures ? [[one.part.id as string, figures] as const] : [];
    }),
  );
  const all: Reckoning[] = [
    context.scaleFigure,
    ...reckonBrief(context),
    ...reckonAdditions(context),
    ...reckonDecisions(context),
    ...reckonFound(context),
    ...reckonTakings(context),
  ];
  for (const one of sound) {
    const partBulk = bulk.get(one.part.id);
    all.push(...reckonFeatures(one), ...reckonSize(one), ...reckonOven(one), ...reckonPairs(one));
    if (partBulk) all.push(...partBulk.figures, ...reckonPartBake(one, partBulk));
    all.push(...reckonPanels(one), ...reckonInserts(one));
  }
  const clayParts = sound.flatMap((one) => {
    const figures = bulk.get(one.part.id);
    if (!figures) return [];
    const { thickest, mass, uses } = figures;
    return [{ context: one, thickest, mass, uses }];
  });
  all.push(...reckonClays(context, clayParts), ...reckonPieceBake(context, clayParts));
  const contexts = new Map(sound.map((one) => [one.part.id as string, one]));
  all.push(...reckonFits(context, contexts));
  const armatures: BonesFound = new Map();
  const bones = new Map(
    sound.flatMap((one) => {
      const found = reckonBones(one, contexts, bulk.get(one.part.id), armatures);
      return found ? [[one.part.id as string, found] as const] : [];
    }),
  );
  for (const { figures } of bones.values()) all.push(...figures);
  for (const one of sound) {
    const own = bulk.get(one.part.id);
    if (own) all.push(...reckonThin(one, own, wiresOf(one, bones.get(one.part.id))));
  }
  const cuts = reckonCuts(context, bones);
  all.push(...cuts.figures);
  const byId = new Map(all.map((figure) => [figure.id, figure]));
  const find = (part: string | null, key: string) => byId.get(reckoningId(part, key));
  const route = reckonRoute(routeGround(context, bulk, bones, find));
  all.push(...route.figures);
  const bakes = bakeStates(route.route, [...bulk.keys()]);
  const audits = new Map<string, readonly BakeAudit[]>();
  const byPart = bakesByPart(bakes);
  for (const { context: one } of clayParts) {
    const { id } = one.part;
    const [own, heat] = [bulk.get(id), find(id, 'bake.temperature')];
    if (!own || !heat) continue;
    const standing = find(id, 'bones.stands')?.verdict?.level;
    const found = auditsOf(
      {
        context: one,
        bulk: own,
        route,
        peakC: peakOf(heat, one.own),
        stands: standing === undefined ? null : standing !== 'stop',
      },
      byPart.get(id) ?? [],
    );
    audits.set(id, found);
    all.push(...reckonAudit(one, heat, found));
  }
  all.push(...reckonLog(context, find));
  return {
    book: makeBook(all),
    contexts,
    bulk,
    bones,
    cuts,
    route,
    bakes,
    audits,
    faults,
  };
}
