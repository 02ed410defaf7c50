import type { Given } from '../../context/index.ts';
import type { Zone } from '../../piece/index.ts';
import { figure, type Reckoning, shapedBy, type Term } from '../../reckoning/index.ts';
import { FINISH } from '../figures.ts';
import { skinOfPart } from './skinOfPart.ts';
import { placeMm2 } from './zoneArea.ts';

const shaped = shapedBy('the solid of the part');
const planned = shapedBy('the plan');

const SIDE_SAYS = {
  front: 'front',
  back: 'back',
  left: 'left',
  right: 'right',
  top: 'top',
  under: 'underside',
};

/** Where a zone is, in words. */
export function placeSays({ regions, side, lowPct, highPct, spots }: Zone): string {
  const some = [
    ...(regions.length > 0 ? [regions.join(', ')] : []),
    ...(side ? [SIDE_SAYS[side]] : []),
    ...(lowPct > 0 || highPct < 100 ? [`from ${lowPct} to ${highPct} % of its height`] : []),
    ...(spots.length > 0 ? ['as it was painted on'] : []),
  ];
  return some.length > 0 ? some.join('; ') : 'all of it';
}

/** cm² of one of it: on the solid of a part, or on the plan. */
function placeOf(
  given: Given,
  zone: Zone,
): { readonly cm2: number; readonly count: number; readonly says: string; readonly term: typeof shaped } {
  const context = zone.part === null ? undefined : given.contexts.get(zone.part);
  const found = zone.part === null ? null : given.part(skinOfPart, zone.part);
  if (context && found)
    return {
      cm2: placeMm2(found.skin, zone) / context.shrink ** 2 / 100,
      count: context.part.count,
      says: placeSays(zone),
      term: shaped,
    };
  const key = zone.ground === 'board' ? 'ground.area' : `cover.area.${zone.ground}`;
  const ground = given.find(null, key) ?? given.find(null, `ground.rise-skin.${zone.ground}`);
  return { cm2: ground?.quantity.value ?? 0, count: 1, says: 'on the plan', term: planned };
}

/** Area of a zone, over all of its part. */
export function areaOfZone(given: Given, zone: Zone): Reckoning {
  const { cm2, count, says, term } = placeOf(given, zone);
  const number: Term = { ...term('n', 'How many', count, 'count') };
  const isOwn = zone.areaCm2 !== null;
  const value = isOwn ? (zone.areaCm2 ?? 0) * count : ((cm2 * zone.sharePct) / 100) * count;
  return figure(FINISH.area, {
    part: null,
    at: zone.id,
    title: `${zone.name}, surface`,
    value,
    formula: isOwn ? 'A = a × n' : 'A = S × p ÷ 100 × n',
    terms: isOwn
      ? [
          {
            symbol: 'a',
            name: 'Its surface, as you have it',
            quantity: { value: zone.areaCm2 ?? 0, unit: 'cm²' },
            origin: { kind: 'entry', path: ['zones', zone.id, 'areaCm2'] },
          },
          number,
        ]
      : [
          term('S', `Surface of one, ${says}`, cm2, 'cm²'),
          {
            symbol: 'p',
            name: 'Of it, taken',
            quantity: { value: zone.sharePct, unit: '%' },
            origin: { kind: 'entry', path: ['zones', zone.id, 'sharePct'] },
          },
          number,
        ],
    ...(value === 0 && {
      verdict: {
        level: 'doubtful',
        wording: 'state',
        says: `${zone.name} takes up nothing: ${says}`,
        waysOut: [
          {
            says: 'take all of the part',
            change: {
              path: ['zones', zone.id],
              value: { ...zone, regions: [], side: null, lowPct: 0, highPct: 100, spots: [] },
            },
          },
        ],
      } as const,
    }),
  });
}
