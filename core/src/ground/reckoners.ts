import { bonesOfPart } from '../armature/index.ts';
import { type Given, pieceReckoner } from '../context/index.ts';
import type { PourStuff } from '../piece/index.ts';
import { reckonBackdrop } from './backdrop/reckonBackdrop.ts';
import { BACKDROP, MASONRY, TIMBER, WORK } from './builtFigures.ts';
import { reckonFoliage, type Tree } from './cover/foliage.ts';
import { reckonCover } from './cover/reckonCover.ts';
import { COVER, GROUND, HEAPS, POURS, SIGHT } from './figures.ts';
import { reckonHeap } from './heap/reckonHeap.ts';
import { reckonWork } from './jobs/jobs.ts';
import { type MasonryFacts, reckonMasonry } from './masonry/reckonMasonry.ts';
import { boardRing } from './plan/boardRing.ts';
import { type Footprint, footprintOf } from './plan/footprint.ts';
import { type PlanFacts, placedOn, reckonPlan } from './plan/reckonPlan.ts';
import { reckonPour, standingIn } from './pour/reckonPour.ts';
import { reckonSight, type SeenRow } from './sight/reckonSight.ts';
import { reckonTimber, type TimberFacts } from './timber/reckonTimber.ts';

/** Parts that stand on the ground by themselves: those that hang on no other, and those the maker put there. */
function footprintsOf({ context, contexts, part }: Given): readonly Footprint[] {
  const put = new Set<string>(context.piece.stood.map((one) => one.part));
  return [...contexts.values()].flatMap((one) =>
    one.part.parent === null || put.has(one.part.id)
      ? [footprintOf(context.piece, contexts, one, part(bonesOfPart, one.part.id))]
      : [],
  );
}

/** What can stand on the base, from above. */
export const footprintsOfPiece = pieceReckoner('ground.footprints', [], (given) => {
  const prints = footprintsOf(given);
  const counts = Object.fromEntries(
    prints.map(({ part }) => [part, given.contexts.get(part)?.part.count ?? 1]),
  );
  return { figures: [], prints, counts };
});

/** The base and what stands on it. */
export const planOfPiece = pieceReckoner(
  'ground.plan',
  Object.values(GROUND),
  (given) => {
    const { prints, counts } = given.piece(footprintsOfPiece);
    const { board } = given.context.piece;
    const edge = board && boardRing(board);
    const facts: PlanFacts = {
      ring: edge && !('says' in edge) ? edge : null,
      fault: edge && 'says' in edge ? edge.says : null,
      prints,
      counts,
    };
    return { figures: reckonPlan(given, prints), facts };
  },
  ({ facts }) => facts,
);

const placedIn = (given: Given) => placedOn(given.context.piece, given.piece(footprintsOfPiece).prints);

/** Rises of the ground. */
export const heapsOfPiece = pieceReckoner('ground.heaps', Object.values(HEAPS), ({ context }) => ({
  figures: context.piece.heaps.flatMap((heap) => reckonHeap(context, heap)),
}));

/** Pours with what stands in them. */
export const poursOfPiece = pieceReckoner('ground.pours', Object.values(POURS), (given) => {
  const { pours } = given.context.piece;
  if (pours.length === 0) return { figures: [] };
  const placed = placedIn(given);
  return { figures: pours.flatMap((pour) => reckonPour(given, pour, placed)) };
});

/** A part that stands in a pour, up to where. */
export interface StandsWet {
  readonly part: string;
  readonly pour: string;
  readonly name: string;
  readonly of: PourStuff;
  readonly deepMm: number;
}

/** What stands in which pour, for what its surface has to bear. */
export const wetOfPiece = pieceReckoner(
  'ground.wet',
  [],
  (given): { figures: []; wet: readonly StandsWet[] } => {
    const { pours } = given.context.piece;
    if (pours.length === 0) return { figures: [], wet: [] };
    const placed = placedIn(given);
    const wet = pours.flatMap((pour) =>
      [...new Set(standingIn(pour, placed).map(({ print }) => print.part))].map((part) => ({
        part,
        pour: pour.id,
        name: pour.name,
        of: pour.of,
        deepMm: pour.deepMm - pour.lowMm,
      })),
    );
    return { figures: [], wet };
  },
);

/** What is seen from every eye. */
export const sightOfPiece = pieceReckoner(
  'ground.sight',
  [SIGHT.hidden],
  (given) => {
    const { eyes } = given.context.piece;
    const placed = eyes.length === 0 ? [] : placedIn(given);
    const seen = eyes.map((eye) => ({ eye: eye.id, ...reckonSight(given, eye, placed) }));
    return {
      figures: seen.flatMap(({ figures }) => figures),
      rows: seen.map(({ eye, rows }): { readonly eye: string; readonly rows: readonly SeenRow[] } => ({
        eye,
        rows,
      })),
    };
  },
  ({ rows }) => rows,
);

const { hours: treeHours, all: allHours, ...COVERS } = COVER;

/** What covers the ground. */
export const coversOfPiece = pieceReckoner('ground.covers', Object.values(COVERS), (given) => {
  const { covers } = given.context.piece;
  if (covers.length === 0) return { figures: [] };
  const placed = placedIn(given);
  return { figures: covers.flatMap((cover) => reckonCover(given, cover, placed)) };
});

/** The trees on the plan with how they are filled, and what is seen of them. */
export const foliageOfPiece = pieceReckoner(
  'ground.foliage',
  [treeHours, allHours],
  (given) => {
    const { stood } = given.context.piece;
    const seen = given.piece(sightOfPiece).rows;
    const trees = placedIn(given).flatMap((placed): Tree[] => {
      if (given.contexts.get(placed.print.part)?.part.form.kind !== 'tree') return [];
      const shares = seen.flatMap(({ rows }) => rows.find(({ id }) => id === placed.id)?.seenPct ?? []);
      const tree = {
        id: placed.id,
        name: placed.print.name,
        heightMm: placed.print.heightMm,
        foliage: stood.find(({ id }) => id === placed.id)?.foliage ?? 'none',
        seenPct: shares.length === 0 ? 100 : Math.max(...shares),
      };
      return [tree];
    });
    return {
      figures: reckonFoliage(trees, given.context.own),
      trees,
    };
  },
  ({ trees }) => trees,
);

/** Bricks, planks and tiles. */
export const masonryOfPiece = pieceReckoner(
  'ground.masonry',
  Object.values(MASONRY),
  (given): { figures: ReturnType<typeof reckonMasonry>['figures']; lays: readonly MasonryFacts[] } => {
    const lays = given.context.piece.masonry.map((lay) => reckonMasonry(given, lay));
    return { figures: lays.flatMap(({ figures }) => figures), lays: lays.map(({ facts }) => facts) };
  },
);

/** The board behind it all. */
export const backdropOfPiece = pieceReckoner('ground.backdrop', Object.values(BACKDROP), (given) => ({
  figures: given.context.piece.backdrop ? reckonBackdrop(given.context, placedIn(given)) : [],
}));

/** Fences and steps. */
export const timberOfPiece = pieceReckoner(
  'ground.timber',
  Object.values(TIMBER),
  ({ context }): { figures: ReturnType<typeof reckonTimber>['figures']; built: readonly TimberFacts[] } => {
    const all = context.piece.timber.map((one) => reckonTimber(context, one));
    return { figures: all.flatMap(({ figures }) => figures), built: all.map(({ facts }) => facts) };
  },
  ({ built }) => built,
);

/** What is to be done for the ground, as the route takes it in. */
export const workOfPiece = pieceReckoner('ground.work', Object.values(WORK), reckonWork);

/** The footprints before what leans on them. */
export const GROUND_RECKONERS = [
  footprintsOfPiece,
  planOfPiece,
  heapsOfPiece,
  poursOfPiece,
  wetOfPiece,
  sightOfPiece,
  coversOfPiece,
  foliageOfPiece,
  masonryOfPiece,
  backdropOfPiece,
  timberOfPiece,
  workOfPiece,
] as const;
