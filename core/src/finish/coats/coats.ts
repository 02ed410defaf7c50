import type { StuffId } from '../../handbook/index.ts';
import type { CoatId, Meets, Sheen } from '../record/choices.ts';
import type { FamilyId } from '../rows/families.ts';

/** What a coat is thinned with, and brings to what is under it: spirit is white spirit, strong what is in lacquers and cements. */
export const CARRIERS = ['water', 'alcohol', 'spirit', 'strong', 'none'] as const;
export type Carrier = (typeof CARRIERS)[number];

/** What a dry coat is: closed to what comes over it, open so that it soaks in, or loose so that it rubs off. */
export type Skin = 'closed' | 'open' | 'loose';

/** A generic stuff that surfaces are finished with. */
export interface Coat {
  readonly id: CoatId;
  readonly title: string;
  readonly family: FamilyId;
  readonly carrier: Carrier;
  /** What takes it up again once it is dry. */
  readonly lifts: readonly Carrier[];
  readonly skin: Skin;
  readonly sheen: Sheen | null;
  readonly give: 'brittle' | 'firm' | 'flexible';
  /** The stuff that it is in the oven; null for what never is there. */
  readonly oven: StuffId | null;
  /** What it bears in the end by itself. */
  readonly bears: readonly Meets[];
  /** It grips bare metal, plastic and glass. */
  readonly grips: boolean;
  /** Nothing grips on it. */
  readonly slips: boolean;
  /** Stands up as fibres. */
  readonly fibres: boolean;
}

interface Said extends Partial<Omit<Coat, 'id' | 'title' | 'family'>> {
  readonly carrier: Carrier;
}

function coat(id: CoatId, title: string, family: FamilyId, said: Said): Coat {
  return {
    id,
    title,
    family,
    lifts: [],
    skin: 'closed',
    sheen: null,
    give: 'firm',
    oven: null,
    bears: [],
    grips: false,
    slips: false,
    fibres: false,
    ...said,
  };
}

/** Stuffs by generic name (common practice: the packet comes first). */
export const COATS: readonly Coat[] = [
  coat('pastel', 'soft pastel', 'powder', { carrier: 'none', skin: 'loose', sheen: 'matt', oven: 'pastel' }),
  coat('mica', 'mica or pearl powder', 'powder', {
    carrier: 'none',
    skin: 'loose',
    sheen: 'satin',
    oven: 'powder',
    bears: ['sun'],
  }),
  coat('liquid-clay', 'liquid clay', 'liquid', {
    carrier: 'none',
    sheen: 'satin',
    give: 'flexible',
    oven: 'liquid-clay',
    bears: ['hands', 'water', 'sun'],
  }),
  coat('oven-glaze', 'glaze for clay', 'varnish', {
    carrier: 'water',
    sheen: 'gloss',
    oven: 'glaze',
    bears: ['hands', 'water'],
  }),
  coat('soap', 'soap and water', 'alcohol', { carrier: 'water', skin: 'open' }),
  coat('alcohol', 'alcohol', 'alcohol', { carrier: 'alcohol', skin: 'open', oven: 'solvent' }),
  coat('starch', 'starch or talc', 'powder', {
    carrier: 'none',
    skin: 'loose',
    sheen: 'matt',
    slips: true,
    oven: 'powder',
  }),
  coat('primer', 'brushed primer', 'primer', {
    carrier: 'water',
    sheen: 'matt',
    grips: true,
    bears: ['water'],
    oven: 'acrylic',
  }),
  coat('spray-primer', 'spray primer', 'sprayed', {
    carrier: 'strong',
    lifts: ['strong'],
    sheen: 'matt',
    grips: true,
    bears: ['water', 'hands'],
    oven: 'varnish',
  }),
  coat('sealer', 'water-based sealer', 'sealer', {
    carrier: 'water',
    lifts: ['alcohol'],
    sheen: 'satin',
    bears: ['hands', 'water'],
    oven: 'sealer',
  }),
  coat('shellac', 'shellac', 'alcohol', {
    carrier: 'alcohol',
    lifts: ['alcohol'],
    sheen: 'gloss',
    give: 'brittle',
    grips: true,
    bears: ['hands'],
    oven: 'varnish',
  }),
  coat('acrylic', 'acrylic paint', 'paint', {
    carrier: 'water',
    lifts: ['alcohol'],
    skin: 'open',
    sheen: 'matt',
    oven: 'acrylic',
    bears: ['sun'],
  }),
  coat('wash', 'thin wash of acrylic', 'thinned', {
    carrier: 'water',
    lifts: ['alcohol'],
    skin: 'open',
    sheen: 'matt',
    oven: 'wash',
    bears: ['sun'],
  }),
  coat('acrylic-glaze', 'acrylic glaze', 'thinned', {
    carrier: 'water',
    lifts: ['alcohol'],
    sheen: 'satin',
    oven: 'acrylic',
    bears: ['sun', 'water'],
  }),
  coat('gouache', 'gouache or watercolour', 'paint', {
    carrier: 'water',
    lifts: ['water', 'alcohol'],
    skin: 'open',
    sheen: 'matt',
    give: 'brittle',
    oven: 'acrylic',
  }),
  coat('alcohol-ink', 'dye in alcohol', 'alcohol', {
    carrier: 'alcohol',
    lifts: ['alcohol'],
    skin: 'open',
    oven: 'solvent',
  }),
  coat('stain', 'water stain', 'thinned', { carrier: 'water', skin: 'open', sheen: 'matt', oven: 'wash' }),
  coat('enamel', 'enamel paint', 'spirit', {
    carrier: 'spirit',
    lifts: ['spirit', 'strong'],
    sheen: 'satin',
    oven: 'varnish',
    bears: ['hands', 'water', 'sun', 'frost'],
    grips: true,
  }),
  coat('enamel-wash', 'wash of enamel', 'spirit', {
    carrier: 'spirit',
    lifts: ['spirit', 'strong'],
    skin: 'open',
    sheen: 'matt',
    oven: 'varnish',
    bears: ['water', 'sun'],
  }),
  coat('oil', 'oil paint', 'oil', {
    carrier: 'spirit',
    lifts: ['spirit', 'strong'],
    sheen: 'satin',
    give: 'flexible',
    oven: 'varnish',
    bears: ['water', 'sun'],
  }),
  coat('leaf', 'metal leaf', 'powder', { carrier: 'none', skin: 'loose', sheen: 'gloss', oven: 'foil' }),
  coat('decal', 'printed decal', 'thinned', {
    carrier: 'water',
    lifts: ['water', 'alcohol'],
    sheen: 'gloss',
  }),
  coat('matt-varnish', 'matt varnish', 'varnish', {
    carrier: 'water',
    lifts: ['alcohol'],
    sheen: 'matt',
    bears: ['hands', 'water', 'sun'],
    oven: 'sealer',
  }),
  coat('satin-varnish', 'satin varnish', 'varnish', {
    carrier: 'water',
    lifts: ['alcohol'],
    sheen: 'satin',
    bears: ['hands', 'water', 'sun'],
    oven: 'sealer',
  }),
  coat('gloss-varnish', 'gloss varnish', 'varnish', {
    carrier: 'water',
    lifts: ['alcohol'],
    sheen: 'gloss',
    bears: ['hands', 'water', 'sun'],
    oven: 'sealer',
  }),
  coat('matt-spray', 'matt spray varnish', 'sprayed', {
    carrier: 'strong',
    lifts: ['strong'],
    sheen: 'matt',
    bears: ['hands', 'water', 'sun', 'frost'],
    oven: 'varnish',
  }),
  coat('gloss-spray', 'gloss spray varnish', 'sprayed', {
    carrier: 'strong',
    lifts: ['strong'],
    sheen: 'gloss',
    bears: ['hands', 'water', 'sun', 'frost'],
    oven: 'varnish',
  }),
  coat('uv-resin', 'resin cured by light', 'light', {
    carrier: 'none',
    sheen: 'gloss',
    give: 'brittle',
    bears: ['hands', 'water', 'frost'],
    grips: true,
  }),
  coat('epoxy-resin', 'two-part resin', 'resin', {
    carrier: 'none',
    sheen: 'gloss',
    bears: ['hands', 'water', 'frost'],
    grips: true,
  }),
  coat('wax', 'wax polish', 'wax', {
    carrier: 'spirit',
    lifts: ['spirit'],
    sheen: 'satin',
    slips: true,
    bears: ['hands', 'water'],
  }),
  coat('texture-paste', 'texture paste', 'paste', {
    carrier: 'water',
    skin: 'open',
    sheen: 'matt',
    bears: ['hands'],
  }),
  coat('icing', 'icing: paste of chalk and glue', 'paste', {
    carrier: 'water',
    lifts: ['water'],
    skin: 'open',
    sheen: 'matt',
    give: 'brittle',
  }),
  coat('snow-paste', 'snow paste', 'paste', {
    carrier: 'water',
    lifts: ['water'],
    skin: 'open',
    sheen: 'matt',
    give: 'brittle',
  }),
  coat('pigment', 'dry pigment for dust and rust', 'powder', {
    carrier: 'none',
    skin: 'loose',
    sheen: 'matt',
    oven: 'pastel',
    bears: ['sun'],
  }),
  coat('flock', 'flock', 'pva', {
    carrier: 'water',
    skin: 'loose',
    sheen: 'matt',
    give: 'flexible',
    fibres: true,
    oven: 'acrylic-fibre',
  }),
  coat('fur', 'acrylic fibre or fur', 'pva', {
    carrier: 'water',
    skin: 'loose',
    sheen: 'satin',
    give: 'flexible',
    fibres: true,
    oven: 'acrylic-fibre',
    bears: ['hands'],
  }),
  coat('wool', 'wool fibre', 'pva', {
    carrier: 'water',
    skin: 'loose',
    sheen: 'matt',
    give: 'flexible',
    fibres: true,
    oven: 'cotton',
    bears: ['hands'],
  }),
  coat('grass', 'standing grass fibre', 'pva', {
    carrier: 'water',
    skin: 'loose',
    sheen: 'matt',
    give: 'flexible',
    fibres: true,
    oven: 'acrylic-fibre',
  }),
  coat('dry-snow', 'dry snow on glue', 'heaped', {
    carrier: 'water',
    skin: 'loose',
    sheen: 'matt',
    give: 'brittle',
    lifts: ['water'],
  }),
  coat('moss', 'moss: fine scatter on glue', 'pva', {
    carrier: 'water',
    skin: 'loose',
    sheen: 'matt',
    give: 'flexible',
    fibres: true,
    oven: 'acrylic-fibre',
  }),
  coat('pva', 'white glue', 'pva', {
    carrier: 'water',
    lifts: ['water'],
    sheen: 'satin',
    give: 'flexible',
    oven: 'pva',
  }),
  coat('superglue', 'superglue', 'superglue', {
    carrier: 'strong',
    lifts: ['strong'],
    sheen: 'gloss',
    give: 'brittle',
    oven: 'superglue',
    bears: ['hands', 'water'],
    grips: true,
  }),
  coat('contact-glue', 'contact glue', 'contact', {
    carrier: 'strong',
    lifts: ['strong', 'spirit'],
    give: 'flexible',
    oven: 'solvent',
    bears: ['hands', 'water', 'frost'],
    grips: true,
  }),
  coat('epoxy-glue', 'epoxy glue', 'epoxy', {
    carrier: 'none',
    sheen: 'gloss',
    bears: ['hands', 'water', 'frost'],
    grips: true,
    oven: 'superglue',
  }),
  coat('hot-glue', 'hot glue', 'hot', {
    carrier: 'none',
    give: 'flexible',
    oven: 'hot-glue',
    bears: ['hands', 'water'],
  }),
];

const BY_ID = new Map<string, Coat>(COATS.map((one) => [one.id, one]));

/** A stuff by its id. */
export function coatRow(id: CoatId): Coat {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`no coat “${id}”`);
  return found;
}
