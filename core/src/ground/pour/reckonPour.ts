import type { Given, PartContext } from '../../context/index.ts';
import { areaOf, extentOf, intersected, offset } from '../../form/index.ts';
import type { Piece, Pour, Tint } from '../../piece/index.ts';
import {
  figure,
  type Reckoning,
  shapedBy,
  sourced,
  type Term,
  termFrom,
  type Verdict,
} from '../../reckoning/index.ts';
import { ringLength } from '../../repeats/index.ts';
import { type Banked, levelOf, reachOf, volumeBetween } from '../banked.ts';
import { POURS } from '../figures.ts';
import { planArea } from '../plan/planArea.ts';
import { within } from '../plan/room.ts';
import { onPlan, type Placed } from '../plan/standing.ts';
import { displacedMm3 } from './displaced.ts';

/** Pours nearer than this run into one another, mm. */
const TOUCHES = 1;

/** What stands in a pour, and how much of it. */
export interface StandsIn {
  readonly part: string;
  readonly name: string;
  readonly count: number;
  /** All of them together. */
  readonly cm3: number;
}

function entry(pour: Pour, symbol: string, name: string, field: 'deepMm' | 'lowMm' | 'bankDeg'): Term {
  return {
    symbol,
    name,
    quantity: { value: pour[field], unit: field === 'bankDeg' ? '°' : 'mm' },
    origin: { kind: 'entry', path: ['pours', pour.id, field] },
  };
}

const shaped = shapedBy('its outline on the plan, and its banks');

/** Parts whose feet have their middle in a pour. */
export function standingIn(pour: Pour, placed: readonly Placed[]): readonly Placed[] {
  const { ring } = planArea(pour);
  return placed.filter(({ print, spot, liftMm }) => {
    if (liftMm > 0) return false;
    const [left, front, right, back] = extentOf([[print.feet]]);
    return within(onPlan(spot)([(left + right) / 2, (front + back) / 2]), ring);
  });
}

/** How much of each part stands in a pour that is so deep. */
export function takenUp(
  placed: readonly Placed[],
  contexts: ReadonlyMap<string, PartContext>,
  deepMm: number,
): readonly StandsIn[] {
  const counts = new Map<string, number>();
  for (const { print } of placed) counts.set(print.part, (counts.get(print.part) ?? 0) + 1);
  return [...counts].flatMap(([part, count]): StandsIn[] => {
    const context = contexts.get(part);
    if (!context) return [];
    return [{ part, name: context.part.name, count, cm3: (count * displacedMm3(context, deepMm)) / 1000 }];
  });
}

/** The way out of a level that lies under its bed. */
function noLevel(pour: Pour): Verdict {
  return {
    level: 'stop',
    wording: 'state',
    says: 'the level lies under the bed: there is nothing to fill',
    waysOut: [
      {
        says: 'fill it to 1 mm under the rim',
        change: { path: ['pours', pour.id, 'lowMm'], value: Math.min(1, pour.deepMm / 2) },
      },
    ],
  };
}

function noOutline({ name }: Pour, why: string): Verdict {
  return {
    level: 'stop',
    wording: 'state',
    says: `${name} is no outline: ${why}`,
    waysOut: [{ says: 'move one of its corners' }],
  };
}

function judge({ board }: Piece, pour: Pour, ring: Banked['ring'], deepMm: number): Verdict {
  const says = (level: Verdict['level'], text: string, waysOut: Verdict['waysOut']): Verdict => ({
    level,
    wording: 'state',
    says: text,
    waysOut,
  });
  if (pour.of === 'sealer' && deepMm > 2)
    return says('doubtful', 'sealer stays white when it is deeper than 2 mm in all', [
      { says: 'resin instead', change: { path: ['pours', pour.id, 'of'], value: 'resin' } },
      { says: 'gel instead', change: { path: ['pours', pour.id, 'of'], value: 'gel' } },
    ]);
  if (board && pour.deepMm > board.thicknessMm) {
    const lack = pour.deepMm - board.thicknessMm;
    return says(
      'doubtful',
      `${lack.toFixed(1)} mm deeper than the base is thick: it wants a floor, or ground round it`,
      [
        {
          says: `a base of ${Math.ceil(pour.deepMm + 2)} mm`,
          change: { path: ['board', 'thicknessMm'], value: Math.ceil(pour.deepMm + 2) },
        },
        {
          says: `only ${board.thicknessMm} mm deep`,
          change: { path: ['pours', pour.id, 'deepMm'], value: board.thicknessMm },
        },
      ],
    );
  }
  return ring.length > 0
    ? says('good', 'try it with water first: it must not leak', [])
    : says('stop', 'it has no edge', []);
}

/** A pour whose edge and level hold: its hollow, and how deep it is filled. */
interface Filled {
  readonly pour: Pour;
  readonly body: Banked;
  readonly deepMm: number;
  readonly figure: (kind: (typeof POURS)[keyof typeof POURS], what: string, rest: PourFigure) => Reckoning;
  readonly terms: readonly Term[];
}

type PourFigure = Omit<Parameters<typeof figure>[1], 'at' | 'part' | 'title'>;

/** Names of what stands in a pour and is of clay that water softens. */
function ofAirDry({ contexts, context }: Given, placed: readonly Placed[]): readonly string[] {
  const soft = new Set(context.piece.clays.flatMap(({ id, family }) => (family === 'air-dry' ? [id] : [])));
  const parts = [...new Set(placed.map(({ print }) => print.part))].flatMap(
    (id) => contexts.get(id)?.part ?? [],
  );
  return parts.filter(({ mix }) => mix.some(({ clay }) => soft.has(clay))).map(({ name }) => name);
}

function softens(names: readonly string[], { of, id }: Pour): Verdict {
  const isWet = of !== 'resin';
  return {
    level: 'doubtful',
    wording: 'state',
    says: `${names.join(', ')} of air-dry clay ${isWet ? 'softens in it' : 'soaks it up and darkens'}`,
    waysOut: [
      { says: 'seal it all round to above the level, two coats, before it is set in' },
      ...(isWet ? [{ says: 'resin instead', change: { path: ['pours', id, 'of'], value: 'resin' } }] : []),
    ],
  };
}

/** The hollow up to its level, less what stands in it. */
function volumes(given: Given, filled: Filled, placed: readonly Placed[]) {
  const { pour, body, deepMm, figure: make, terms } = filled;
  const bed = make(POURS.bed, 'hollow up to its level', {
    value: volumeBetween(body, pour.lowMm, pour.deepMm) / 1000,
    terms: [...terms],
  });
  const wet = standingIn(pour, placed);
  const inIt = takenUp(wet, given.contexts, deepMm);
  const soft = ofAirDry(given, wet);
  const sums = inIt.map(
    ({ name, count, cm3 }, i): Term => ({
      symbol: `D${i + 1}`,
      name: count === 1 ? name : `${count} × ${name}`,
      quantity: { value: cm3, unit: 'cm³' },
      origin: { kind: 'shape', says: `what of its solid lies under ${deepMm.toFixed(1)} mm` },
    }),
  );
  const displaced = make(POURS.displaced, 'taken up by what stands in it', {
    value: Math.min(
      bed.quantity.value,
      inIt.reduce((sum, { cm3 }) => sum + cm3, 0),
    ),
    formula: sums.length === 0 ? 'D = 0' : `D = ${sums.map(({ symbol }) => symbol).join(' + ')}`,
    terms: sums,
    ...(soft.length > 0 && { verdict: softens(soft, pour) }),
  });
  const volume = make(POURS.volume, 'volume', {
    value: bed.quantity.value - displaced.quantity.value,
    terms: [termFrom('B', bed), termFrom('D', displaced)],
    verdict: judge(given.context.piece, pour, body.ring, deepMm),
  });
  return { bed, displaced, volume };
}

/** What is mixed, in how many layers, until when. */
function mixing(given: Given, { pour, deepMm, figure: make, terms }: Filled, volume: Reckoning): Reckoning[] {
  const { own } = given.context;
  const row = (what: string) => sourced(`pour.${pour.of}-${what}`, own);
  const [rho, shrink, waste] = [row('density'), row('shrink'), sourced('pour.waste', own)];
  const [layer, hours] = [row('layer'), row('hours')];
  const mix = make(POURS.mix, 'to mix', {
    value: ((volume.quantity.value * rho.value) / (1 - shrink.value / 100)) * (1 + waste.value / 100),
    terms: [termFrom('V', volume), rho.term('ρ'), shrink.term('s'), waste.term('w')],
  });
  const count = Math.ceil(deepMm / (layer.value * (1 - shrink.value / 100)) - 1e-9);
  const layers = make(POURS.layers, 'layers', {
    value: count,
    terms: [...terms.slice(0, 2), layer.term('g'), shrink.term('s')],
    note: `Each ${(deepMm / count).toFixed(1)} mm when it is hard; the packet’s own depth goes before this.`,
  });
  const days = make(POURS.days, 'until the last layer is hard', {
    value: (count * hours.value) / 24,
    terms: [termFrom('n', layers), hours.term('t')],
  });
  const perCup = sourced('pour.cup', own);
  const cup = make(POURS.cup, 'cup for one layer', {
    value: (mix.quantity.value / rho.value / count) * perCup.value,
    terms: [termFrom('m', mix), rho.term('ρ'), termFrom('n', layers), perCup.term('k')],
    note: 'Each layer is mixed when it is poured, never all of it at once: a full cup heats itself.',
  });
  if (pour.of !== 'resin') return [mix, layers, cup, days];
  const ratio = sourced('pour.resin-ratio', own);
  const hardener = make(POURS.hardener, 'of that hardener', {
    value: mix.quantity.value / (ratio.value + 1),
    terms: [termFrom('m', mix), ratio.term('r')],
    note: `Resin ${(mix.quantity.value - mix.quantity.value / (ratio.value + 1)).toFixed(1)} g; weighed, not judged by eye, and the packet’s own ratio goes before this. Gloves, fresh air, nothing near food.`,
  });
  return [mix, hardener, layers, cup, days];
}

/**
 * Drops of colour, and what is seen of the bed through it. By Beer and Lambert the light that comes back falls by the same share
 * with every mm, there and back, and as fast as there is colour in it: drops in so much, times the depth, is the same wherever
 * the bed is gone.
 */
function tinting({ context }: Given, { pour, figure: make, terms }: Filled, volume: Reckoning): Reckoning[] {
  const { tint } = pour;
  if (!tint) return [];
  const gone = sourced('pour.gone', context.own);
  const told = (symbol: string, name: string, field: keyof Tint, unit: Term['quantity']['unit']): Term => ({
    symbol,
    name,
    quantity: { value: tint[field], unit },
    origin: { kind: 'entry', path: ['pours', pour.id, 'tint', field] },
  });
  const wanted = told('d', 'The bed is to be gone at', 'goneMm', 'mm');
  const [rim, low] = terms.slice(0, 2);
  if (!rim || !low) return [];
  const deepMm = rim.quantity.value - low.quantity.value;
  const seen = 100 * (gone.value / 100) ** (deepMm / tint.goneMm);
  return [
    make(POURS.drops, 'drops of colour', {
      value: ((volume.quantity.value / tint.testMl) * tint.testGoneMm) / tint.goneMm,
      terms: [
        termFrom('V', volume),
        told('v', 'One drop was stirred into', 'testMl', 'cm³'),
        told('e', 'A mark was gone in that at', 'testGoneMm', 'mm'),
        wanted,
      ],
      note: 'Into all that is mixed, at one go, so that every layer is alike; on the side of too few: a drop more can always go in.',
    }),
    make(POURS.seen, 'seen of its bed where it is deepest', {
      value: seen,
      terms: [gone.term('g'), { ...rim, symbol: 't' }, low, wanted],
      note: seen <= gone.value ? 'Its bed is gone there.' : undefined,
    }),
  ];
}

/** How long things can be set into it, how it creeps, and what it runs into. */
function atEdges(given: Given, { pour, body, figure: make }: Filled, inIt: readonly Placed[]): Reckoning[] {
  const { own, piece } = given.context;
  const [places, creep] = [sourced(`pour.${pour.of}-places`, own), sourced('pour.creep', own)];
  const edge = ringLength(body.ring);
  const feet = inIt.reduce((sum, { print }) => sum + ringLength(print.feet), 0);
  const others = piece.pours.filter(({ id }) => id !== pour.id);
  const near = offset([[body.ring]], TOUCHES);
  const met = others.filter((one) => {
    const { ring, why } = planArea(one);
    return why === null && areaOf(intersected(near, [[ring]])) > 0;
  });
  const names = met.map(({ name }) => name).join(', ');
  return [
    make(POURS.places, 'time to place things in it', {
      value: places.value,
      terms: [places.term('p')],
      note: 'From the mixing; what is set in later leaves a ring.',
    }),
    make(POURS.creep, 'creeps up its edges', {
      value: ((edge + feet) * creep.value) / 100,
      terms: [
        shaped('e', 'Its edge', edge, 'mm'),
        shaped('q', 'Round the feet of what stands in it', feet, 'mm'),
        creep.term('k'),
      ],
      note: 'Dulled with matt sealer when it is hard, or hidden under reed and grass.',
    }),
    ...(others.length === 0
      ? []
      : [
          make(POURS.meets, 'others it runs into', {
            value: met.length,
            terms: [shaped('m', 'Other pours', others.length, 'count')],
            verdict:
              met.length === 0
                ? { level: 'good', wording: 'state', says: 'it stands by itself', waysOut: [] }
                : {
                    level: 'good',
                    wording: 'state',
                    says: `runs into ${names}: poured within ${Math.round(places.value)} min they blend, later they keep an edge`,
                    waysOut: [],
                  },
          }),
        ]),
  ];
}

/** How it rises, and what is round it. */
function edges({ pour, body, figure: make }: Filled, displaced: Reckoning): Reckoning[] {
  const areaCm2 = areaOf(levelOf(body, pour.lowMm)) / 100;
  const surface = shaped('A', 'Surface', areaCm2, 'cm²');
  const rise = make(POURS.rise, 'rises if they are pushed in after', {
    value: areaCm2 > 0 ? (displaced.quantity.value / areaCm2) * 10 : 0,
    terms: [termFrom('D', displaced), surface],
  });
  const dam = make(POURS.dam, 'dam round it', {
    value: ringLength(body.ring),
    terms: [shaped('n', 'Corners of its edge', body.ring.length, 'count')],
  });
  return [...(displaced.quantity.value > 0 ? [rise] : []), dam];
}

/** Figures of a pour: its bed, what stands in it, what to mix, its layers and days. */
export function reckonPour(given: Given, pour: Pour, placed: readonly Placed[]): Reckoning[] {
  const make: Filled['figure'] = (kind, what, rest) =>
    figure(kind, { ...rest, at: pour.id, part: null, title: `${pour.name}, ${what}` });
  const { ring, why } = planArea(pour);
  const body: Banked = { ring, highMm: pour.deepMm, slopeDeg: pour.bankDeg };
  const reach = why === null ? reachOf(body) : pour.deepMm;
  const terms = [
    reach < pour.deepMm
      ? shaped('d', 'From its rim down to where its banks meet', reach, 'mm')
      : entry(pour, 'd', 'From its rim down to its bed', 'deepMm'),
    entry(pour, 'l', 'Filled to so far under its rim', 'lowMm'),
    entry(pour, 's', 'Slope of its banks', 'bankDeg'),
  ];
  const deepMm = why === null ? reach - pour.lowMm : 0;
  if (why !== null || deepMm <= 0)
    return [
      make(POURS.bed, 'hollow up to its level', {
        value: 0,
        terms,
        verdict: why === null ? noLevel(pour) : noOutline(pour, why),
      }),
    ];
  const filled: Filled = { pour, body, deepMm, figure: make, terms };
  const { bed, displaced, volume } = volumes(given, filled, placed);
  return [
    bed,
    displaced,
    volume,
    ...mixing(given, filled, volume),
    ...tinting(given, filled, volume),
    ...edges(filled, displaced),
    ...atEdges(given, filled, standingIn(pour, placed)),
  ];
}
