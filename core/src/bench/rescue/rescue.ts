import type { Given } from '../../context/index.ts';
import { routeOfPiece } from '../../route/index.ts';
import { type ClayState, TROUBLES, type Way } from './troubles.ts';

/** A cause as it stands for one part: whether a figure speaks for it, and what that says. */
export interface LikelyCause {
  readonly says: string;
  /** What the figure says of it; empty where nothing is recorded. */
  readonly because: string;
}

/** What is done about a trouble of a part. */
export interface Rescue {
  readonly state: ClayState;
  /** What a figure speaks for first. */
  readonly causes: readonly LikelyCause[];
  /** The quickest first. */
  readonly ways: readonly Way[];
  readonly feature: string;
  readonly normal: string;
}

/** Whether the clay of a part is cured: it was begun with so, or a full bake of it is ticked. */
function stateOf(given: Given, part: string): ClayState {
  const begun = given.context.piece.parts.find(({ id }) => id === part)?.state;
  if (begun === 'baked' || begun === 'painted') return 'cured';
  const { route } = given.piece(routeOfPiece);
  const isBaked = route.steps.some(
    ({ kind, way, done, parts }) =>
      kind === 'bake' &&
      way === 'full' &&
      done !== null &&
      (parts.length === 0 || parts.some((id) => id === part)),
  );
  return isBaked ? 'cured' : 'raw';
}

/**
 * What to do about a trouble: its likely causes by what is recorded of the part, and the ways out for its clay as it is now.
 * Null for a trouble that is not known.
 */
export function rescue(given: Given, part: string, trouble: string): Rescue | null {
  const found = TROUBLES.find(({ id }) => id === trouble);
  if (!found) return null;
  const state = stateOf(given, part);
  const causes = found.causes.map(({ says, figure }): LikelyCause => {
    const verdict = figure === null ? undefined : given.find(part, figure)?.verdict;
    return { says, because: verdict && verdict.level !== 'good' ? verdict.says : '' };
  });
  return {
    state,
    causes: [...causes].sort((a, b) => Number(b.because !== '') - Number(a.because !== '')),
    ways: found.ways.filter(({ on }) => on === 'both' || on === state).sort((a, b) => a.minutes - b.minutes),
    feature: found.feature,
    normal: found.normal,
  };
}
