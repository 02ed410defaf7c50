import {
  DEFAULT_ENTRY,
  type EntryId,
  type LogEntry,
  newId,
  type Piece,
  type Route,
  type StepTook,
} from '../../piece/index.ts';
import { changeStep } from '../../route/index.ts';

/** How a step was come away from. */
export interface Ended {
  readonly step: string;
  readonly outcome: StepTook['outcome'];
  /** Minutes at the bench by the clock; null where none was looked at. */
  readonly tookMin: number | null;
  /** As it was reckoned. */
  readonly reckonedMin: number;
  readonly note: string;
  /** ISO. */
  readonly now: string;
}

/** No clock is trusted with less than this, min. */
const LEAST_MIN = 0.2;

/**
 * A piece in which a step is done, or went wrong and is still to be done; what it took goes to the log by itself.
 *
 * @param route the route as it stands, the maker’s own or the proposed one
 */
export function stepEnded(piece: Piece, route: Route, ended: Ended): Piece {
  const step = route.steps.find(({ id }) => id === ended.step);
  if (!step) return piece;
  const took =
    ended.tookMin === null || ended.tookMin < LEAST_MIN
      ? null
      : {
          step: step.id,
          of: step.kind,
          tookMin: ended.tookMin,
          reckonedMin: ended.reckonedMin,
          outcome: ended.outcome,
        };
  const isSaid = ended.note !== '' || ended.outcome === 'wrong';
  const entry: LogEntry = {
    ...DEFAULT_ENTRY,
    id: newId<EntryId>('step'),
    at: ended.now,
    kind: 'step',
    part: step.parts.length === 1 ? (step.parts[0] ?? null) : null,
    step: took,
    note: [
      step.title,
      ...(ended.outcome === 'wrong' ? ['went wrong'] : []),
      ...(ended.note ? [ended.note] : []),
    ].join(': '),
  };
  return {
    ...piece,
    route: ended.outcome === 'done' ? changeStep(route, step.id, { done: ended.now }) : piece.route,
    log: took || isSaid ? [...piece.log, entry] : piece.log,
  };
}
