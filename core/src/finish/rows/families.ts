import { practice, type Row, remembered } from '../../sources/index.ts';

/** Coats that are laid, dry and hide alike. */
export const FAMILY_IDS = [
  'powder',
  'paint',
  'thinned',
  'primer',
  'sealer',
  'varnish',
  'sprayed',
  'spirit',
  'oil',
  'alcohol',
  'liquid',
  'light',
  'resin',
  'wax',
  'paste',
  'heaped',
  'pva',
  'contact',
  'superglue',
  'epoxy',
  'hot',
] as const;
export type FamilyId = (typeof FAMILY_IDS)[number];

/** How a film comes to be dry: its water or spirit goes through it, it reacts, or something is done to it. */
export type Drying = 'diffusion' | 'reaction' | 'oven' | 'light' | 'cools' | 'none';

/** How coats of a family are laid and dry. */
export interface Family {
  readonly id: FamilyId;
  readonly dries: Drying;
  /** One coat as it is laid, wet, mm. */
  readonly film: Row;
  /** What is left of it dry, % of the volume. */
  readonly solids: Row;
  /** Such a coat may take the next, min. */
  readonly dry: Row;
  /** How one coat hides: (K + S)·X of Kubelka & Munk. */
  readonly hides: Row;
  /** The next coat goes on before this or after {@link lateMin}, min; null where any time will do. */
  readonly byMin: number | null;
  readonly lateMin: number | null;
}

interface Said {
  readonly says: string;
  readonly dries: Drying;
  readonly film: number;
  readonly solids: number;
  readonly dry: readonly [usual: number, low: number, high: number];
  readonly hides: number;
  readonly window?: readonly [byMin: number, lateMin: number];
}

function family(id: FamilyId, { says, dries, film, solids, dry, hides, window }: Said): Family {
  const [usual, low, high] = dry;
  return {
    id,
    dries,
    film: remembered(`film.${id}`, `A coat of ${says}, wet`, film, 'mm'),
    solids: remembered(`solids.${id}`, `Solids of ${says}, by volume`, solids, '%', {
      low: solids,
      high: solids,
    }),
    dry: practice(`dry.${id}`, `A usual coat of ${says} takes the next`, usual, 'min', { low, high }),
    hides: remembered(`hides.${id}`, `How a coat of ${says} hides, (K + S)·X`, hides, ''),
    byMin: window?.[0] ?? null,
    lateMin: window?.[1] ?? null,
  };
}

/** Families of coats, at 20 °C and 50 % humidity (common practice and from memory: the packet comes first). */
export const FAMILIES: readonly Family[] = [
  family('powder', {
    says: 'pastel or powder',
    dries: 'none',
    film: 0.01,
    solids: 100,
    dry: [0, 0, 0],
    hides: 0.8,
  }),
  family('paint', {
    says: 'acrylic paint',
    dries: 'diffusion',
    film: 0.1,
    solids: 40,
    dry: [45, 30, 60],
    hides: 3.5,
  }),
  family('thinned', {
    says: 'wash or glaze',
    dries: 'diffusion',
    film: 0.06,
    solids: 8,
    dry: [30, 15, 60],
    hides: 0.25,
  }),
  family('primer', {
    says: 'brushed primer',
    dries: 'diffusion',
    film: 0.1,
    solids: 40,
    dry: [60, 30, 120],
    hides: 4,
  }),
  family('sealer', {
    says: 'water-based sealer',
    dries: 'diffusion',
    film: 0.1,
    solids: 30,
    dry: [45, 30, 60],
    hides: 0,
  }),
  family('varnish', {
    says: 'water-based varnish',
    dries: 'diffusion',
    film: 0.06,
    solids: 35,
    dry: [60, 45, 120],
    hides: 0,
  }),
  family('sprayed', {
    says: 'spray with solvent',
    dries: 'diffusion',
    film: 0.04,
    solids: 25,
    dry: [20, 10, 30],
    hides: 2.5,
    window: [60, 1440],
  }),
  family('spirit', {
    says: 'enamel paint',
    dries: 'diffusion',
    film: 0.08,
    solids: 50,
    dry: [480, 360, 1440],
    hides: 3.5,
  }),
  family('oil', {
    says: 'oil paint',
    dries: 'reaction',
    film: 0.08,
    solids: 90,
    dry: [4320, 2880, 10080],
    hides: 2,
  }),
  family('alcohol', {
    says: 'shellac or dye in alcohol',
    dries: 'diffusion',
    film: 0.05,
    solids: 25,
    dry: [20, 10, 45],
    hides: 0.1,
  }),
  family('liquid', { says: 'liquid clay', dries: 'oven', film: 0.15, solids: 100, dry: [0, 0, 0], hides: 1 }),
  family('light', {
    says: 'resin cured by light',
    dries: 'light',
    film: 0.5,
    solids: 100,
    dry: [2, 1, 3],
    hides: 0,
  }),
  family('resin', {
    says: 'two-part resin',
    dries: 'reaction',
    film: 0.5,
    solids: 100,
    dry: [1440, 720, 2880],
    hides: 0,
  }),
  family('wax', { says: 'wax', dries: 'diffusion', film: 0.02, solids: 60, dry: [30, 15, 60], hides: 0 }),
  family('paste', {
    says: 'paste',
    dries: 'diffusion',
    film: 1,
    solids: 60,
    dry: [1440, 720, 4320],
    hides: 8,
  }),
  family('heaped', {
    says: 'dry snow',
    dries: 'none',
    film: 1,
    solids: 100,
    dry: [60, 30, 120],
    hides: 12,
  }),
  family('pva', {
    says: 'white glue',
    dries: 'diffusion',
    film: 0.1,
    solids: 45,
    dry: [60, 45, 120],
    hides: 0,
  }),
  family('contact', {
    says: 'contact glue',
    dries: 'diffusion',
    film: 0.1,
    solids: 30,
    dry: [15, 10, 30],
    hides: 0,
  }),
  family('superglue', {
    says: 'superglue',
    dries: 'reaction',
    film: 0.05,
    solids: 100,
    dry: [1, 0.2, 2],
    hides: 0,
  }),
  family('epoxy', {
    says: 'epoxy glue',
    dries: 'reaction',
    film: 0.1,
    solids: 100,
    dry: [60, 5, 1440],
    hides: 0,
  }),
  family('hot', { says: 'hot glue', dries: 'cools', film: 1, solids: 100, dry: [1, 0.5, 2], hides: 0 }),
];

const BY_ID = new Map(FAMILIES.map((one) => [one.id, one]));

export function familyRow(id: FamilyId): Family {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`no family of coats “${id}”`);
  return found;
}

/** Rows of every family, for the handbook. */
export const FAMILY_ROWS: readonly Row[] = FAMILIES.flatMap(({ film, solids, dry, hides }) => [
  film,
  solids,
  dry,
  hides,
]);
