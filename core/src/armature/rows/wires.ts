import { practice, published, type Row, remembered } from '../../sources/index.ts';

/** Metals that armature wire is made of. */
export const METALS = ['aluminium', 'copper', 'brass', 'steel'] as const;
export type Metal = (typeof METALS)[number];

/** Diameters wire is sold in by the metre, mm (common practice). */
export const METRIC_WIRES = [0.3, 0.4, 0.5, 0.6, 0.8, 1, 1.2, 1.5, 2, 2.5, 3, 4] as const;

/** British standard wire gauge, mm (BS 3737). */
export const SWG_MM: Readonly<Record<number, number>> = {
  10: 3.251,
  12: 2.642,
  14: 2.032,
  16: 1.626,
  18: 1.219,
  20: 0.914,
  22: 0.711,
  24: 0.559,
  26: 0.457,
  28: 0.376,
  30: 0.315,
};

/**
 * Diameter of an American wire gauge (ASTM B258), mm.
 *
 * @param gauge whole number from −3 (0000) to 40
 * @example awgMm(18).toFixed(3) // '1.024'
 */
export function awgMm(gauge: number): number {
  return 0.127 * 92 ** ((36 - gauge) / 39);
}

/** How wire is sold, or what there is of it. */
export const WIRE_SYSTEMS = ['metric', 'awg', 'swg', 'stock'] as const;
export type WireSystem = (typeof WIRE_SYSTEMS)[number];

const rounded = (mm: number) => Math.round(mm * 1000) / 1000;

/** American gauges that armature wire is sold in (common practice). */
const AWG_SOLD = [6, 8, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28] as const;

/** Diameters sold by a gauge or by the millimetre, thinnest first, mm to a thousandth. */
export function soldMm(system: Exclude<WireSystem, 'stock'>): number[] {
  switch (system) {
    case 'metric':
      return [...METRIC_WIRES];
    case 'awg':
      return AWG_SOLD.map((gauge) => rounded(awgMm(gauge))).reverse();
    case 'swg':
      return Object.values(SWG_MM).sort((a, b) => a - b);
  }
}

/** The gauge whose diameter a wire has, to a thousandth of a millimetre; null for any other. */
export function gaugeOf(mm: number): string | null {
  const awg = AWG_SOLD.find((gauge) => rounded(awgMm(gauge)) === rounded(mm));
  if (awg !== undefined) return `AWG ${awg}`;
  const swg = Object.entries(SWG_MM).find(([, diameter]) => diameter === rounded(mm));
  return swg ? `SWG ${swg[0]}` : null;
}

/** How far a wire may be from a gauge to be asked for by it. */
const NEAR_GAUGE = 0.05;

/** Gauges next to a diameter, for asking over a counter; empty when none is within a twentieth. */
export function gaugesNear(mm: number): string {
  const near = (named: readonly (readonly [string, number])[]) =>
    named
      .filter(([, diameter]) => Math.abs(diameter / mm - 1) <= NEAR_GAUGE)
      .sort((a, b) => Math.abs(a[1] - mm) - Math.abs(b[1] - mm))
      .slice(0, 1);
  return [
    ...near(AWG_SOLD.map((gauge) => [`AWG ${gauge}`, awgMm(gauge)] as const)),
    ...near(Object.entries(SWG_MM).map(([gauge, diameter]) => [`SWG ${gauge}`, diameter] as const)),
  ]
    .map(([name]) => name)
    .join(', ');
}

const ENGINEERING = 'engineering handbooks, room temperature';
const TITLES: Readonly<Record<Metal, string>> = {
  aluminium: 'Aluminium wire',
  copper: 'Copper wire',
  brass: 'Brass wire',
  steel: 'Steel wire',
};

function metal(id: Metal, density: number, modulus: number, yieldMPa: number): Row[] {
  const title = TITLES[id];
  return [
    published(`wire.${id}.density`, `${title}: density`, density, 'g/cm³', ENGINEERING),
    published(`wire.${id}.modulus`, `${title}: modulus of elasticity`, modulus, 'GPa', ENGINEERING),
    remembered(`wire.${id}.yield`, `${title}, soft: stays bent from`, yieldMPa, 'MPa'),
  ];
}

/** Wire, what it must be covered with and what it is pegged into. */
export const WIRE_RULES: readonly Row[] = [
  ...metal('aluminium', 2.7, 69, 35),
  ...metal('copper', 8.96, 117, 60),
  ...metal('brass', 8.5, 100, 150),
  ...metal('steel', 7.85, 200, 250),
  practice('wire.cover-dollhouse', 'Clay over a wire, dollhouse size', 2, 'mm'),
  practice('wire.cover-tabletop', 'Clay over a wire, tabletop size', 1, 'mm'),
  practice(
    'wire.least',
    'Thinnest wire, as a share of the thinnest limb: about a third, and no less than this',
    25,
    '%',
  ),
  practice('wire.sag', 'Sag that is seen, as a share of the limb', 2, '%'),
  practice('wire.push', 'A finger’s push', 2, 'N'),
  remembered('wire.play', 'A hand at play: what it may push with', 10, 'N'),
  remembered('clay.factor-display', 'Clay is reckoned with so much less strength, on display', 3, ''),
  remembered('clay.factor-handling', 'Clay is reckoned with so much less strength, handled', 6, ''),
  practice('wire.lay', 'Length of one turn of a twist, in widths of the bundle', 5, ''),
  practice('peg.depth', 'A peg goes in by its own width times', 3, ''),
  practice('peg.least', 'A peg goes in at the least', 6, 'mm'),
  practice('peg.hold', 'Peg under the sole, to hold the work by', 18, 'mm', { low: 15, high: 20 }),
  practice('cut.allowance', 'Lost at each cut, by snips and filing', 1, 'mm', { low: 0, high: 2 }),
  practice('cut.bar', 'Length that wire is bought in', 1000, 'mm'),
  practice('cut.keep', 'An offcut this long is worth keeping', 60, 'mm'),
];
