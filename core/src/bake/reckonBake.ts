import type { BulkFacts } from '../bulk/index.ts';
import type { PartFacts, PieceContext } from '../context/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom, type Verdict } from '../reckoning/index.ts';
import { BAKE } from './figures.ts';
import { holdMinutes, type MixWindow, mixWindow, windowTerm } from './time/index.ts';

/** Where the card’s figures stand: a part’s, or the whole piece’s. */
type Place = Pick<Reckoning, 'part' | 'lens'>;

function judgeMix({ underheated, coolest }: MixWindow): Verdict | undefined {
  if (underheated.length === 0) return undefined;
  const names = underheated.map(({ clay }) => clay.name).join(' and ');
  return {
    level: 'doubtful',
    wording: 'state',
    says: `${names} wants more heat than ${coolest.clay.name} bears: it stays weaker`,
    waysOut: [
      { says: 'bake them apart and join them cold' },
      { says: 'keep thin and handled places out of the weaker clay' },
    ],
  };
}

function reckonTemperature(context: PieceContext, place: Place, window: MixWindow): Reckoning {
  return figure(BAKE.temperature, {
    ...place,
    value: window.lowC,
    low: window.lowC,
    high: window.highC,
    formula: window.clays.length === 1 ? 'T = a' : 'T = a, the lowest of the clays in it',
    terms: [windowTerm('a', window.coolest, 'heat', context.own)],
    note: 'The packet comes first.',
    verdict: judgeMix(window),
  });
}

function reckonHold(context: PieceContext, place: Place, window: MixWindow, thickness: Term): Reckoning {
  const { own } = context;
  const [step, least] = [sourced('bake.per-thickness', own), sourced('bake.least', own)];
  const thick = thickness.quantity.value;
  const hold = (per: number) => holdMinutes(thick, per, step.value, least.value);
  return figure(BAKE.hold, {
    ...place,
    value: hold(window.lowMinutes),
    low: hold(window.lowMinutes),
    high: hold(window.highMinutes),
    terms: [least.term('b'), windowTerm('p', window.slowest, 'time', own), thickness, step.term('e')],
    note: 'Counted from when the oven is back at its heat; it does not know how heat soaks in. The minutes that are advised stand at the load.',
  });
}

/** What of a part’s bulk its bake leans on. */
export interface Baked {
  readonly thickest: Reckoning;
  readonly uses: readonly { readonly clay: { readonly id: string } }[];
}

/** The bake card of one part; empty when nothing in it is baked. */
export function reckonPartBake(context: PartFacts, bulk: BulkFacts): Reckoning[] {
  const { thickest, uses } = bulk;
  const ids = new Set(uses.map(({ clay }) => clay.id));
  const window = mixWindow(context.piece.clays.filter(({ id }) => ids.has(id)));
  if (!window) return [];
  const place: Place = { part: context.part.id, lens: 'bake' };
  const temperature = reckonTemperature(context, place, window);
  return [temperature, reckonHold(context, place, window, termFrom('t', thickest))];
}
