import { coatRow, type FinishJob, glueRow } from '../finish/index.ts';
import type { StuffId } from '../handbook/index.ts';
import type { LayerKind, Part, PartId, Piece, RouteStep, StepKind } from '../piece/index.ts';
import { type ProposeGround, step, stepId } from './proposedSteps.ts';

/** What layers are as steps, where they are no coats. */
const STEP_OF: Readonly<Partial<Record<LayerKind, StepKind>>> = {
  prime: 'seal',
  seal: 'seal',
  wipe: 'other',
};

function asStep({ id, kind, title, parts, of, needs }: FinishJob): RouteStep {
  const leaves = of === null ? null : coatRow(of).oven;
  return step(id, parts.length === 0 ? 'other' : (STEP_OF[kind] ?? 'coat'), title, {
    parts: [...parts],
    needs: [...needs],
    leaves,
  });
}

/** Seal, paint and varnish by the way of colour, for parts of which no surface is told. */
function usual(parts: readonly Part[], { piece }: ProposeGround): RouteStep[] {
  const ids = parts.map(({ id }) => id);
  const coats = {
    painted: ['Base coats', 'Washes and dry brush', 'Painted details', 'Matt varnish'],
    coloured: ['Gloss on eyes and wet places'],
    pastel: ['Fix the pastel, glaze'],
  }[piece.brief.schools.colour];
  const seal =
    piece.brief.schools.colour === 'painted' ? [step('seal', 'seal', 'Seal everything', { parts: ids })] : [];
  let last = seal.map(({ id }) => id);
  const steps = coats.map((title, i) => {
    const coat = step(stepId('coat', i + 1), 'coat', title, { parts: ids, needs: last });
    last = [coat.id];
    return coat;
  });
  return ids.length > 0 ? [...seal, ...steps] : [];
}

/** All that is put on the surfaces of parts: their layers, and what is usual for the others. */
export function finish(parts: readonly Part[], ground: ProposeGround): RouteStep[] {
  const { finishJobs, piece } = ground;
  const told = new Set<PartId>(piece.zones.flatMap(({ part }) => part ?? []));
  return [
    ...usual(
      parts.filter(({ id }) => !told.has(id)),
      ground,
    ),
    ...finishJobs.map(asStep),
  ];
}

const glueOf = ({ joints }: Piece, fit: string) => {
  const way = joints.find((one) => one.fit === fit)?.way ?? null;
  return way === null ? null : glueRow(way);
};

/** When two things are joined: while both are raw, with a bake to follow, or once they are cured. */
export type JoinedWhen = 'raw' | 'oven' | 'cured';

/** When the joint of a fit is made, by what joins it. */
export function joinedWhen({ joints }: Piece, fit: string): JoinedWhen {
  const way = joints.find((one) => one.fit === fit)?.way ?? null;
  return way === 'press' ? 'raw' : way === 'liquid-clay' ? 'oven' : 'cured';
}

/** What a fit is joined with, in words. */
export function joinedWith(piece: Piece, fit: string): string {
  const glue = glueOf(piece, fit);
  return glue ? `with ${glue.title}` : 'cold';
}

/** What the joint of a fit leaves on its parts; null where that is not told, or nothing. */
export function joinedLeaves(piece: Piece, fit: string): StuffId | null {
  const coat = glueOf(piece, fit)?.coat ?? null;
  return coat === null ? null : coatRow(coat).oven;
}
