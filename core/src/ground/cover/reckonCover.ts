import type { Given } from '../../context/index.ts';
import { areaOf, intersected, type Outline, type Ring, uniteAreas, without } from '../../form/index.ts';
import type { Cover } from '../../piece/index.ts';
import { figure, type Reckoning, shapedBy, sourced, termFrom } from '../../reckoning/index.ts';
import { COVER } from '../figures.ts';
import { edgeOf } from '../plan/boardRing.ts';
import { planArea } from '../plan/planArea.ts';
import { onPlan, type Placed } from '../plan/standing.ts';

/** What of a cover lies on the base, and what of that is taken by what stands there and by water; mm². */
function areasOf({ context }: Given, ring: Ring, placed: readonly Placed[]) {
  const { board, pours } = context.piece;
  const edge = edgeOf(board);
  const onBase: Outline = edge ? intersected([[ring]], [[edge]]) : [[ring]];
  const taken: Outline[] = [
    ...placed
      .filter(({ print, liftMm, on }) => print.feet.length > 2 && (liftMm === 0 || on !== null))
      .map(({ print, spot }): Outline => [[print.feet.map(onPlan(spot))]]),
    ...pours.flatMap((pour): Outline[] => {
      const water = planArea(pour);
      return water.why === null ? [[[water.ring]]] : [];
    }),
  ];
  const whole = areaOf(onBase);
  const free = taken.length === 0 ? whole : areaOf(without(onBase, uniteAreas(taken)));
  return { whole, taken: whole - free };
}

const shaped = shapedBy('the plan');

/** How much of each tone goes into a mix. */
function tonesOf({ id, name, tones }: Cover, grams: Reckoning): Reckoning[] {
  const all = tones.reduce((sum, { parts }) => sum + parts, 0);
  return tones.map((tone) =>
    figure(COVER.tone, {
      at: `${id}-${tone.id}`,
      part: null,
      title: `${name}, ${tone.name}`,
      value: (grams.quantity.value * tone.parts) / all,
      terms: [
        { ...termFrom('M', grams), name: name },
        {
          symbol: 'p',
          name: `Parts of ${tone.name}`,
          quantity: { value: tone.parts, unit: 'count' },
          origin: { kind: 'entry', path: ['covers', id, 'tones', tone.id, 'parts'] },
        },
        {
          symbol: 'P',
          name: 'Parts in all',
          quantity: { value: all, unit: 'count' },
          origin: { kind: 'shape', says: 'its mix' },
        },
      ],
      note: 'Strewn from the darkest to the lightest, or mixed before: a mix of one tone reads flat.',
    }),
  );
}

/** In how many goes it is glued, so that it is strewn while the glue is wet. */
function reckonGoes({ context: { own } }: Given, { id, name }: Cover, area: Reckoning): Reckoning {
  const [open, pace] = [sourced('cover.open', own), sourced('cover.pace', own)];
  const atOnce = open.value * pace.value;
  return figure(COVER.goes, {
    at: id,
    part: null,
    title: `${name}, in goes`,
    value: Math.ceil(area.quantity.value / atOnce - 1e-9),
    terms: [termFrom('A', area), open.term('o'), pace.term('v')],
    note: `No more than ${Math.round(atOnce)} cm² are glued at one go: it is strewn before the glue skins.`,
  });
}

/** What a cover of ground takes, and what seals it. */
export function reckonCover(given: Given, cover: Cover, placed: readonly Placed[]): Reckoning[] {
  const { own } = given.context;
  const { ring, why } = planArea(cover);
  const base = { at: cover.id, part: null } as const;
  const { whole, taken } = why === null ? areasOf(given, ring, placed) : { whole: 0, taken: 0 };
  const area = figure(COVER.area, {
    ...base,
    title: `${cover.name}, area`,
    value: (whole - taken) / 100,
    terms: [
      shaped('O', 'Its outline, on the base', whole / 100, 'cm²'),
      shaped('S', 'What stands there, and water', taken / 100, 'cm²'),
    ],
    ...(why !== null && {
      verdict: {
        level: 'stop',
        wording: 'state',
        says: `${cover.name} is no outline: ${why}`,
        waysOut: [{ says: 'move one of its corners' }],
      } as const,
    }),
  });
  if (why !== null) return [area];
  const density = sourced(`cover.${cover.of}`, own);
  const soak = sourced('cover.soak', own);
  const wet = sourced('cover.wet', own);
  const grams = figure(COVER.grams, {
    ...base,
    title: `${cover.name}, to take`,
    value: ((area.quantity.value * cover.deepMm) / 10) * density.value,
    terms: [
      termFrom('A', area),
      {
        symbol: 'd',
        name: 'Deep, or long',
        quantity: { value: cover.deepMm, unit: 'mm' },
        origin: { kind: 'entry', path: ['covers', cover.id, 'deepMm'] },
      },
      density.term('ρ'),
    ],
  });
  return [
    area,
    grams,
    ...tonesOf(cover, grams),
    reckonGoes(given, cover, area),
    figure(COVER.wet, {
      ...base,
      title: `${cover.name}, to wet it first`,
      value: area.quantity.value * wet.value,
      terms: [termFrom('A', area), wet.term('w')],
      note: 'Alcohol and water, half and half, misted until it shines: what seals it then runs in and does not bead.',
    }),
    figure(COVER.soak, {
      ...base,
      title: `${cover.name}, to seal it`,
      value: area.quantity.value * soak.value,
      terms: [termFrom('A', area), soak.term('s')],
      note: 'Medium and water: the first coat one to three, then one to two, the last one to one.',
    }),
  ];
}
