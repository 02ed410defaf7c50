import type { Given } from '../../context/index.ts';
import { areaOf, intersected, type Outline } from '../../form/index.ts';
import { figure, type Reckoning, shapedBy, sourced, type Term, type Verdict } from '../../reckoning/index.ts';
import { GROUND } from '../figures.ts';
import { standingIn } from '../pour/reckonPour.ts';
import { planArea } from './planArea.ts';
import type { Laid, Placed } from './standing.ts';

/** A foot that reaches no farther onto a slope than this stands level, mm². */
const LEAST = 1;

/** What stands partly or wholly on the sides of a rise, and how steep they are. */
export interface OnSlope {
  readonly name: string;
  readonly rise: string;
  readonly slopeDeg: number;
}

/** Of what stands on the base, those whose feet are on the sides of a rise. */
export function onSlopes(
  { heaps }: Pick<Given['context']['piece'], 'heaps'>,
  all: readonly Laid[],
): readonly OnSlope[] {
  return heaps.flatMap((heap): OnSlope[] => {
    const { ring, why } = planArea(heap);
    if (why !== null) return [];
    const foot: Outline = [[ring]];
    return all
      .filter(({ on, feet }) => on === null && feet.length > 2 && areaOf(intersected([[feet]], foot)) > LEAST)
      .map(({ name }) => ({ name, rise: heap.name, slopeDeg: heap.slopeDeg }));
  });
}

const named = (names: readonly string[]) => [...new Set(names)].join(', ');

/** The steepest ground that something stands on without a level place for it. */
export function reckonSlope(given: Given, all: readonly Laid[]): Reckoning[] {
  const slopes = onSlopes(given.context.piece, all);
  const [first] = [...slopes].sort((a, b) => b.slopeDeg - a.slopeDeg);
  if (!first) return [];
  const heap = given.context.piece.heaps.find(({ name }) => name === first.rise);
  return [
    figure(GROUND.slope, {
      part: null,
      value: first.slopeDeg,
      terms: [
        {
          symbol: 's',
          name: `Sides of ${first.rise}`,
          quantity: { value: first.slopeDeg, unit: '°' },
          origin: { kind: 'entry', path: ['heaps', heap?.id ?? '', 'slopeDeg'] },
        },
      ],
      verdict: {
        level: 'doubtful',
        wording: 'state',
        says: `${named(slopes.map(({ name }) => name))} stands on the side of ${named(slopes.map(({ rise }) => rise))}`,
        waysOut: [
          { says: 'cut a level place for it, or peg it deep' },
          { says: 'move it onto the flat top, or off the rise' },
        ],
      },
    }),
  ];
}

/** How deep a peg of a width goes in at the least. */
const wantedMm = (own: Given['context']['own'], acrossMm: number) =>
  Math.max(sourced('peg.least', own).value, sourced('peg.depth', own).value * acrossMm);

/** Ground that is left under the peg that wants most of it; pegs that are longer are cut. */
export function reckonPegs(given: Given, placed: readonly Placed[]): Reckoning[] {
  const { own, piece } = given.context;
  const { board, pours } = piece;
  if (!board) return [];
  const wet = new Map(
    pours.flatMap((pour) => standingIn(pour, placed).map(({ id }) => [id, pour.deepMm] as const)),
  );
  const pegs = placed.flatMap(({ id, on, print: { name, drills } }) => {
    const across = Math.max(0, ...drills.map(({ acrossMm }) => acrossMm));
    if (across === 0 || on !== null) return [];
    const bedMm = wet.get(id) ?? 0;
    return [{ name, across, bedMm, left: board.thicknessMm - bedMm - wantedMm(own, across) }];
  });
  const [worst] = pegs.sort((a, b) => a.left - b.left);
  if (!worst) return [];
  const through = pegs.filter(({ left }) => left < 0);
  const names = named(through.map(({ name }) => name));
  const thick = Math.ceil(board.thicknessMm - worst.left);
  const say = (level: Verdict['level'], says: string, waysOut: Verdict['waysOut'] = []): Verdict => ({
    level,
    wording: 'state',
    says,
    waysOut,
  });
  const verdict =
    through.length === 0
      ? say('good', 'every peg finds its hold in the base')
      : board.studs > 1
        ? say('good', `pegs of ${names} come through between the studs: bent over they hold`)
        : say('doubtful', `the base is too thin for the pegs of ${names} to hold`, [
            { says: `a base of ${thick} mm`, change: { path: ['board', 'thicknessMm'], value: thick } },
            { says: 'a block glued under it there' },
          ]);
  const shaped = shapedBy('the plan and the wire');
  return [
    figure(GROUND.peg, {
      part: null,
      value: worst.left,
      terms: [
        {
          symbol: 't',
          name: 'Base, thick',
          quantity: { value: board.thicknessMm, unit: 'mm' },
          origin: { kind: 'entry', path: ['board', 'thicknessMm'] },
        },
        shaped('d', 'Hollow it stands in, deep', worst.bedMm, 'mm'),
        shaped('w', `Holes of ${worst.name}, across`, worst.across, 'mm'),
        sourced('peg.least', own).term('l'),
        sourced('peg.depth', own).term('k'),
      ],
      verdict,
      note: 'Pegs that are longer are cut to what goes in.',
    }),
  ];
}

/** Things on the plan, held to how many of each part there are. */
export function reckonStood(given: Given, placed: readonly Placed[]): Reckoning[] {
  if (placed.length === 0) return [];
  const parts = [...new Set(placed.map(({ print }) => print.part))];
  const over = parts.flatMap((id) => {
    const part = given.contexts.get(id)?.part;
    const stand = placed.filter(({ print }) => print.part === id).length;
    return part && stand > part.count ? [{ part, stand }] : [];
  });
  const [first] = over;
  return [
    figure(GROUND.stood, {
      part: null,
      value: placed.length,
      terms: parts.map(
        (id, i): Term => ({
          symbol: `n${i + 1}`,
          name: given.contexts.get(id)?.part.name ?? id,
          quantity: { value: placed.filter(({ print }) => print.part === id).length, unit: 'count' },
          origin: { kind: 'shape', says: 'the plan' },
        }),
      ),
      formula: `n = ${parts.map((_, i) => `n${i + 1}`).join(' + ')}`,
      verdict: first
        ? {
            level: 'doubtful',
            wording: 'state',
            says: `${over.map(({ part, stand }) => `${stand} of ${part.name} stand on the plan, and ${part.count} ${part.count === 1 ? 'is' : 'are'} made`).join('; ')}`,
            waysOut: [
              {
                says: `make ${first.stand} of ${first.part.name}`,
                change: { path: ['parts', first.part.id, 'count'], value: first.stand },
              },
              { says: 'take one off the plan' },
            ],
          }
        : { level: 'good', wording: 'state', says: 'no more of a part than are made', waysOut: [] },
    }),
  ];
}
