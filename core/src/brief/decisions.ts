import type { ClosingStep, Decision, Piece, RouteStep, StepKind } from '../piece/index.ts';

/** Something done that leans on a decision. */
export interface Done {
  readonly part: string;
  readonly says: string;
  /** How many things that is. */
  readonly count: number;
}

/** The parts a decision makes; the whole piece when none is named. */
function partsOf(piece: Piece, decision: Decision): Piece['parts'] {
  return decision.parts.length === 0
    ? piece.parts
    : piece.parts.filter(({ id }) => decision.parts.includes(id));
}

function counted(count: number, one: string, many: string): string {
  return `${count} ${count === 1 ? one : many}`;
}

/**
 * What was done, by the log and the ticks, on the parts of a decision since it was settled: what would have to be looked at
 * again, or made again, when it changes.
 */
export function leaningOn(piece: Piece, decision: Decision): Done[] {
  const { settled } = decision;
  if (settled === null) return [];
  return partsOf(piece, decision).flatMap((part): Done[] => {
    const since = piece.log.filter((entry) => entry.part === part.id && entry.at >= settled);
    const bakes = since.filter(({ bake }) => bake !== null).length;
    const measures = since.filter(({ measure }) => measure !== null).length;
    const ticked = part.features.reduce((sum, { made }) => sum + made, 0);
    const says = [
      ...(bakes > 0 ? [counted(bakes, 'bake', 'bakes')] : []),
      ...(measures > 0 ? [counted(measures, 'measure', 'measures')] : []),
      ...(ticked > 0 && since.length > 0 ? [counted(ticked, 'feature made', 'features made')] : []),
    ];
    return says.length > 0
      ? [{ part: part.id, says: `${part.name}: ${says.join(', ')}`, count: bakes + measures }]
      : [];
  });
}

/** Kinds of steps that close a decision; none for what only the day it is due tells. */
const CLOSED_BY: Readonly<Record<ClosingStep, readonly StepKind[]>> = {
  wire: ['wire'],
  clay: ['skin'],
  'first-bake': ['bake'],
  'last-bake': ['bake'],
  paint: ['seal', 'coat'],
  glue: ['joint', 'fix', 'assemble'],
  'hand-over': [],
};

/** The step of a route that closes a decision: the first of its parts that leans on it; null where there is none. */
export function closingStep(steps: readonly RouteStep[], { before, parts }: Decision): RouteStep | null {
  const closes = (step: RouteStep) =>
    CLOSED_BY[before].includes(step.kind) &&
    !(step.kind === 'bake' && step.way === 'ahead') &&
    (parts.length === 0 || step.parts.length === 0 || step.parts.some((id) => parts.includes(id)));
  return (before === 'last-bake' ? steps.findLast(closes) : steps.find(closes)) ?? null;
}

/** Whether a step is behind its parts already, as far as ticks, the log and the calendar tell; what tells it, or null. */
export function reachedBy(piece: Piece, decision: Decision, now: string): string | null {
  const parts = partsOf(piece, decision);
  const entry = (isIt: (one: Piece['log'][number]) => boolean) =>
    piece.log.find((one) => isIt(one) && (one.part === null || parts.some(({ id }) => id === one.part)));
  const name = (id: string | null) => piece.parts.find((part) => part.id === id)?.name ?? 'the piece';
  const reach: Readonly<Record<ClosingStep, () => string | null>> = {
    wire: () => started(),
    clay: () => started(),
    'first-bake': () => baked(),
    // What comes last, and what is done after the bakes, stands in no log yet: only the day it is due tells.
    'last-bake': () => due(),
    paint: () => due(),
    glue: () => due(),
    'hand-over': () => due(),
  };
  function baked(): string | null {
    const found = entry(({ bake }) => bake !== null);
    return found ? `${name(found.part)} has been baked` : null;
  }
  function started(): string | null {
    const found = entry(({ kind }) => kind !== 'note');
    return found ? `${name(found.part)} is under way` : null;
  }
  function due(): string | null {
    return piece.brief.due !== null && piece.brief.due < now.slice(0, 10)
      ? 'the day it was due is past'
      : null;
  }
  const ticked = closingStep(piece.route?.steps ?? [], decision);
  return ticked?.done ? `“${ticked.title}” is done` : reach[decision.before]();
}
