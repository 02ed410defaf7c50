import { formatISO, parseISO, subDays } from 'date-fns';
import {
  DEFAULT_ORDER,
  DEFAULT_STEP,
  type PartId,
  type Piece,
  type RouteStep,
  type StepKind,
} from '../piece/index.ts';
import { lowWaterFerry } from './ferry.ts';

/** Steps that are ticked, in the order of the proposal: of which part, what they are, and how many days ago; titles and needs come from the proposal. */
const TICKED: readonly (readonly [kind: StepKind, part: string, daysAgo: number])[] = [
  ['wire', 'ferrywoman', 3],
  ['bind', 'ferrywoman', 3],
  ['block', 'ferrywoman', 3],
  ['core', 'ferrywoman', 3],
  ['wire', 'goose', 3],
  ['bind', 'goose', 3],
  ['block', 'goose', 3],
  ['core', 'goose', 3],
  ['wire', 'post', 2],
  ['block', 'post', 2],
  ['core', 'post', 2],
  ['core', 'lantern', 2],
  ['wire', 'willow', 2],
  ['bind', 'willow', 1],
  ['core', 'quay', 1],
];

/** *Low Water Ferry* with three days of work behind it: wires, blocks and cores, ticked off its route. */
export function lowWaterFerryBegun(now: string): Piece {
  const piece = lowWaterFerry(now);
  const steps = TICKED.map(
    ([kind, part, daysAgo]): RouteStep => ({
      ...DEFAULT_STEP,
      id: `${kind}-${part}`,
      kind,
      title: `${piece.parts.find(({ id }) => id === part)?.name}: ${kind}`,
      parts: [part as PartId],
      own: false,
      done: formatISO(subDays(parseISO(now), daysAgo)),
    }),
  );
  const resin = {
    ...DEFAULT_ORDER,
    id: 'resin',
    name: 'clear casting resin',
    step: 'ground-pour-tide',
    daysOnWay: 5,
  };
  return {
    ...piece,
    brief: { ...piece.brief, hoursPerDay: 3 },
    route: { steps, relations: [], without: [] },
    bench: { ...piece.bench, orders: [resin] },
  };
}
