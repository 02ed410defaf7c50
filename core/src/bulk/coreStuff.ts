import type { PartFacts } from '../context/index.ts';
import { CORES, type CoreKind } from '../handbook/index.ts';
import { figure, type Reckoning, sourced, termFrom, type Verdict } from '../reckoning/index.ts';
import { BULK } from './figures.ts';
import { foilLengthMm, foilToTear } from './foil.ts';

/** Mass of a core for its volume, g/cm³. */
export function coreDensity({ part, own }: PartFacts, kind: CoreKind): number {
  const of = (row: string) => sourced(row, own).value;
  switch (kind) {
    case 'foil':
      return of('foil.metal-density') * of(`foil.${part.core.packed}`);
    case 'coil':
      return of('core.coil-density') * of('core.coil-share');
    case 'wood':
      return of('core.wood-density');
    case 'card':
      return of('core.card-density');
    case 'fibre':
      return of('core.fibre-density');
    case 'air-dry':
      return of('core.air-dry-dry');
  }
}

function heedOf(kind: CoreKind): string {
  return CORES.find(({ id }) => id === kind)?.heed ?? '';
}

/** Past some size a core is no ball of foil: something is put inside, and foil round it. */
function judgeFoil({ part, own }: PartFacts, volumeCm3: number): Verdict | undefined {
  const most = sourced('foil.most', own).value;
  if (volumeCm3 <= most) return undefined;
  const path = ['parts', part.id, 'core', 'kind'];
  return {
    level: 'doubtful',
    wording: 'state',
    says: `${volumeCm3.toFixed(0)} cm³ is much foil to ball: wood or card inside saves most of it`,
    margin: { value: most - volumeCm3, unit: 'cm³' },
    waysOut: [
      { says: 'take dry wood for the core', change: { path, value: 'wood' } },
      { says: 'build it of card', change: { path, value: 'card' } },
      { says: 'wrap a block of wood or card in foil, where the oven bears it' },
    ],
  };
}

/** What to take for one core of a kind: a length of foil or wire, an area of card, a mass of fibre or clay. */
export function reckonCoreStuff(context: PartFacts, kind: CoreKind, volume: Reckoning): Reckoning {
  const { part, own } = context;
  const K = termFrom('K', volume);
  const mm3 = volume.quantity.value * 1000;
  const row = (id: string) => sourced(id, own);
  switch (kind) {
    case 'foil': {
      const [packed, thick, width] = [
        row(`foil.${part.core.packed}`),
        row('foil.thickness'),
        row('foil.width'),
      ];
      const lengthMm = foilLengthMm(mm3, packed.value, thick.value, width.value);
      return figure(BULK.foil, {
        part: part.id,
        value: lengthMm / 1000,
        terms: [K, packed.term('φ'), thick.term('e'), width.term('w')],
        note: `Tear off ${foilToTear(lengthMm, width.value)} at once: foil added to a finished ball does not hold to it.`,
        verdict: judgeFoil(context, volume.quantity.value),
      });
    }
    case 'coil': {
      const [share, wire] = [row('core.coil-share'), row('core.coil-wire')];
      const value = (mm3 * share.value) / ((Math.PI / 4) * wire.value ** 2) / 1000;
      return figure(BULK.coil, {
        part: part.id,
        value,
        terms: [K, share.term('φ'), wire.term('d')],
        note: heedOf(kind),
      });
    }
    case 'wood':
      return figure(BULK.wood, {
        part: part.id,
        value: mm3 / 1000,
        terms: [K],
        note: heedOf(kind),
      });
    case 'card': {
      const thick = row('core.card-thickness');
      return figure(BULK.card, {
        part: part.id,
        value: mm3 / thick.value / 100,
        terms: [K, thick.term('e')],
        note: heedOf(kind),
      });
    }
    case 'fibre': {
      const density = row('core.fibre-density');
      return figure(BULK.fibre, {
        part: part.id,
        value: (mm3 / 1000) * density.value,
        terms: [K, density.term('ρ')],
        note: heedOf(kind),
      });
    }
    case 'air-dry': {
      const [density, shrink] = [row('core.air-dry-wet'), row('core.air-dry-shrink')];
      const value = ((mm3 / 1000) * density.value) / (1 - shrink.value / 100) ** 3;
      return figure(BULK.airDry, {
        part: part.id,
        value,
        terms: [K, density.term('ρ'), shrink.term('s')],
        note: heedOf(kind),
      });
    }
  }
}
