import { type Row, remembered } from '../../sources/index.ts';

/** Generic kinds of clay; the packet in hand always wins over these. */
export type ClayFamily =
  | 'all-purpose'
  | 'beginner'
  | 'strong-flexible'
  | 'sculptors'
  | 'firm'
  | 'translucent'
  | 'stone-effect'
  | 'liquid'
  | 'air-dry'
  | 'epoxy-putty';

/** How a clay family bakes and weighs. */
export interface ClayRow {
  readonly id: ClayFamily;
  readonly title: string;
  readonly character: string;
  readonly density: Row;
  /** Stress in bending that breaks it, baked or set, MPa. */
  readonly strength: Row;
  /** Null where the clay is not baked. */
  readonly bake: {
    /** Oven temperature, low and high end of the window, °C. */
    readonly window: Row;
    /** Minutes for each 6 mm of thickness, low and high. */
    readonly minutes: Row;
  } | null;
}

function clay(
  id: ClayFamily,
  title: string,
  character: string,
  density: number,
  strength: number,
  bake: readonly [number, number, number, number] | null,
): ClayRow {
  const row = (name: string, says: string, low: number, high: number, unit: '°C' | 'min'): Row =>
    remembered(`clay.${id}.${name}`, `${title}: ${says}`, low, unit, { low, high, own: false });
  return {
    id,
    title,
    character,
    density: remembered(`clay.${id}.density`, `${title}: density`, density, 'g/cm³'),
    strength: remembered(`clay.${id}.strength`, `${title}: breaks in bending at`, strength, 'MPa'),
    bake: bake && {
      window: row('window', 'oven window', bake[0], bake[1], '°C'),
      minutes: row('minutes', 'minutes for each 6 mm', bake[2], bake[3], 'min'),
    },
  };
}

/** Clay families by generic name. */
export const CLAYS: readonly ClayRow[] = [
  clay('all-purpose', 'All-purpose soft clay', 'easy to work, weak when thin', 1.8, 12, [130, 135, 15, 20]),
  clay('beginner', 'Beginner soft clay', 'very soft, brittle after the bake', 1.8, 8, [130, 135, 15, 20]),
  clay(
    'strong-flexible',
    'Strong flexible clay',
    'handled pieces and thin parts',
    1.8,
    25,
    [130, 135, 20, 30],
  ),
  clay('sculptors', 'Sculptor’s clay', 'semi-translucent, blends well', 1.8, 15, [130, 135, 15, 20]),
  clay('firm', 'Firm clay', 'crisp detail, lower bake', 1.8, 18, [110, 120, 20, 30]),
  clay(
    'translucent',
    'Translucent clay',
    'lets light through, discolours early',
    1.8,
    15,
    [110, 120, 20, 30],
  ),
  clay(
    'stone-effect',
    'Stone-effect clay',
    'fibres in it, for masonry and ground',
    1.8,
    12,
    [130, 135, 15, 20],
  ),
  clay('liquid', 'Liquid clay', 'binds raw clay to baked clay', 1.1, 10, [130, 135, 15, 15]),
  clay('air-dry', 'Air-dry clay', 'no bake, shrinks 5 to 8 %', 1.7, 5, null),
  clay('epoxy-putty', 'Two-part epoxy putty', 'no bake, sets hard overnight', 1.9, 40, null),
];
