/** What things that are not of clay are made of, by generic name. */
export const STUFF_IDS = [
  'wire',
  'foil',
  'wood',
  'card',
  'cotton',
  'glass',
  'baked-clay',
  'silicone',
  'stone',
  'foam',
  'kit-plastic',
  'print',
  'acrylic-fibre',
  'hot-glue',
  'tape',
  'lamp',
  'cell',
  'magnet',
  'pva',
  'superglue',
  'solvent',
  'wash',
  'acrylic',
  'pastel',
  'powder',
  'glaze',
  'liquid-clay',
  'grit',
  'sealer',
  'varnish',
] as const;
export type StuffId = (typeof STUFF_IDS)[number];

/** How a stuff bears the oven. */
export interface StuffRow {
  readonly id: StuffId;
  readonly title: string;
  /** Whether it may go in at the heat of clay. */
  readonly bears: 'yes' | 'doubtful' | 'no';
  /** It gives way from here on, °C; null where that is not what is wrong, or nothing is. */
  readonly fromC: number | null;
  readonly says: string;
}

const stuff = (
  id: StuffId,
  title: string,
  bears: StuffRow['bears'],
  fromC: number | null,
  says: string,
): StuffRow => ({ id, title, bears, fromC, says });

/** Stuffs at the heat of an oven for clay (common practice and from memory). */
export const STUFFS: readonly StuffRow[] = [
  stuff('wire', 'wire, brass, hard solder', 'yes', null, 'bears it'),
  stuff('foil', 'foil', 'yes', null, 'bears it'),
  stuff('wood', 'wood', 'yes', null, 'bears it when it is dry'),
  stuff('card', 'card or paper', 'yes', null, 'bears it, inside the window'),
  stuff('cotton', 'cotton or wool', 'yes', null, 'bears it'),
  stuff('glass', 'glass', 'yes', null, 'bears it; let it cool slowly'),
  stuff('baked-clay', 'baked clay', 'yes', null, 'bears it, each bake a little browner'),
  stuff('silicone', 'silicone rubber', 'yes', null, 'bears it'),
  stuff('stone', 'stone or sand', 'yes', null, 'bears it when it is dry'),
  stuff('foam', 'foam', 'no', 75, 'softens and shrinks away'),
  stuff('kit-plastic', 'kit plastic', 'no', 80, 'softens and sags'),
  stuff('print', 'printed plastic', 'no', 60, 'softens and sags'),
  stuff('acrylic-fibre', 'acrylic fibre', 'no', 90, 'shrivels'),
  stuff('hot-glue', 'hot glue', 'no', 60, 'lets go'),
  stuff('tape', 'sticky tape', 'no', 60, 'lets go and leaves its glue'),
  stuff('lamp', 'lamp or circuit', 'no', 85, 'fails'),
  stuff('cell', 'battery', 'no', 60, 'leaks or bursts: never in the oven'),
  stuff('magnet', 'magnet', 'no', 80, 'loses its strength'),
  stuff('pva', 'white glue', 'no', 60, 'softens and browns'),
  stuff(
    'superglue',
    'superglue',
    'no',
    80,
    'gives off irritant fumes and lets go; some bake it all the same, with the room aired',
  ),
  stuff(
    'solvent',
    'wet with alcohol or solvent',
    'no',
    null,
    'fumes and may take fire: dry it through first',
  ),
  stuff('wash', 'thin wash of acrylic', 'yes', null, 'bears it when it is dry'),
  stuff('acrylic', 'acrylic paint', 'yes', null, 'bears it when it is dry'),
  stuff('pastel', 'pastel or dry pigment', 'yes', null, 'bears it'),
  stuff('powder', 'mica or pearl powder', 'yes', null, 'bears it'),
  stuff('glaze', 'glaze for clay', 'yes', null, 'bears it'),
  stuff('liquid-clay', 'liquid clay', 'yes', null, 'cures in it'),
  stuff('grit', 'sand or crumbs', 'yes', null, 'bears it'),
  stuff('sealer', 'water-based sealer', 'doubtful', null, 'may brown or go tacky in it'),
  stuff('varnish', 'varnish with solvent, or enamel paint', 'no', null, 'fumes, softens and browns'),
];

/** One stuff by its id. */
export function stuffRow(id: StuffId): StuffRow {
  const row = STUFFS.find((one) => one.id === id);
  if (!row) throw new RangeError(`no stuff “${id}”`);
  return row;
}
